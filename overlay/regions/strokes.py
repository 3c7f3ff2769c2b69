"""Strokes: lines through points, drawn into a mask with smooth rims."""

from collections.abc import Iterable

import numpy as np

from overlay.imaging.colour import FloatImage

Points = tuple[tuple[float, float], ...]


def draw_strokes(
    strokes: Iterable[tuple[Points, float]], height: int, width: int, *, softness: float = 1.0
) -> FloatImage:
    """Draw strokes into an empty mask.

    Parameters
    ----------
    strokes : points as shares of width and height, and a thickness as share of the longer side.
    softness : pixels over which the rim falls from 1 to 0.

    Returns
    -------
    (height, width) float32 in 0..1.
    """
    mask = np.zeros((height, width), np.float32)
    for points, size in strokes:
        radius = max(size * max(height, width) / 2, 0.5)
        places = [(x * width, y * height) for x, y in points]
        for begin, end in zip(places, places[1:] or places, strict=False):
            _draw_segment(mask, begin, end, radius, softness)
    return mask


def _draw_segment(
    mask: FloatImage,
    begin: tuple[float, float],
    end: tuple[float, float],
    radius: float,
    softness: float,
) -> None:
    """Lay one thick segment with round ends over a mask, in place."""
    reach = radius + softness
    left, right = sorted((begin[0], end[0]))
    top, bottom = sorted((begin[1], end[1]))
    rows = slice(max(int(top - reach), 0), max(int(bottom + reach) + 2, 0))
    columns = slice(max(int(left - reach), 0), max(int(right + reach) + 2, 0))
    part = mask[rows, columns]
    if not part.size:
        return
    y, x = np.mgrid[0 : part.shape[0], 0 : part.shape[1]].astype(np.float32)
    x += columns.start + 0.5 - begin[0]
    y += rows.start + 0.5 - begin[1]
    dx, dy = end[0] - begin[0], end[1] - begin[1]
    along = ((x * dx + y * dy) / max(dx * dx + dy * dy, 1e-9)).clip(0, 1)
    distance = np.hypot(x - along * dx, y - along * dy)
    np.maximum(part, ((radius - distance) / softness + 0.5).clip(0, 1), out=part)
