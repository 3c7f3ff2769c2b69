"""Where a picture lies on the frame, for the facets that say what is where."""

from typing import NamedTuple

import numpy as np

from overlay.engine.request import Placement
from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import resize

FITS = ("fill", "inside", "stretch")


class Placed(NamedTuple):
    """A picture on the frame."""

    picture: FloatImage  # (H, W, ...), continued beyond its rim
    covered: FloatImage  # (H, W) float32, 1 where the picture lies and 0 elsewhere


def place(picture: FloatImage, height: int, width: int, placement: Placement) -> Placed:
    """Lay a picture on a frame.

    Parameters
    ----------
    picture : (h, w[, C]) float32.
    height, width : of the frame, pixels.

    Raises
    ------
    ValueError
        If the fit is unknown or the scale is not above 0.
    """
    if placement.fit not in FITS or placement.scale <= 0:
        raise ValueError(
            f"fit must be one of {', '.join(FITS)} and scale above 0, "
            f"got {placement.fit!r} and {placement.scale}"
        )
    rows = _span(picture.shape[:2], (height, width), placement, 0)
    columns = _span(picture.shape[:2], (height, width), placement, 1)
    covered = np.zeros((height, width), np.float32)
    out = np.empty((height, width, *picture.shape[2:]), np.float32)
    if rows is None or columns is None:
        out[...] = picture.mean(axis=(0, 1))
        return Placed(out, covered)
    (top, bottom, y0, y1), (left, right, x0, x1) = rows, columns
    cut = np.ascontiguousarray(picture[y0:y1, x0:x1])
    laid = resize(cut, bottom - top, right - left)
    rest = ((top, height - bottom), (left, width - right), *((0, 0),) * (picture.ndim - 2))
    covered[top:bottom, left:right] = 1
    return Placed(np.pad(laid, rest, mode="edge"), covered)


def _span(
    shape: tuple[int, ...], frame: tuple[int, int], placement: Placement, axis: int
) -> tuple[int, int, int, int] | None:
    """First and last pixel of the frame that the picture covers, and of the picture there."""
    ratios = [f / s for f, s in zip(frame, shape, strict=True)]
    ratio = {"fill": max(ratios), "inside": min(ratios), "stretch": ratios[axis]}[placement.fit]
    length = shape[axis] * ratio * placement.scale
    middle = frame[axis] * (0.5 + placement.shift[1 - axis])
    begin = middle - length / 2
    first, last = round(max(begin, 0)), round(min(begin + length, frame[axis]))
    if last - first < 1:
        return None
    per_pixel = shape[axis] / length
    start = int(np.clip(round((first - begin) * per_pixel), 0, shape[axis] - 1))
    stop = int(np.clip(round((last - begin) * per_pixel), start + 1, shape[axis]))
    return first, last, start, stop
