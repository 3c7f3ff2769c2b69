"""Faithful enlarging to any size up to four times, in bands."""

from collections.abc import Callable

import numpy as np

from overlay.enlarging.doubling import MARGIN, doubled, doubling_filters
from overlay.imaging.colour import ByteImage
from overlay.imaging.resample import resize_rows, rows_needed

MOST_FACTOR = 4.0
MOST_PIXELS = 67_108_864
_BAND_PIXELS = 4_194_304  # of the result, made at a time


def enlarge(
    picture: ByteImage,
    height: int,
    width: int,
    *,
    report: Callable[[float], object] | None = None,
    band: int | None = None,
) -> ByteImage:
    """A picture enlarged so that lines stay crisp; nothing is added to it.

    Parameters
    ----------
    picture : (h, w, 3) uint8 sRGB.
    height, width : one to four times the picture's own, at most 64 megapixels.
    report : called with the share that is done, 0..1; may raise to stop.
    band : rows made at a time, None for as many as memory has room for; the result does not
        depend on it.

    Returns
    -------
    (height, width, 3) uint8 sRGB; a new array.

    Raises
    ------
    ValueError
        If the size is out of range.
    """
    old_height, old_width = picture.shape[:2]
    for name, new, old in (("height", height, old_height), ("width", width, old_width)):
        if not old <= new <= MOST_FACTOR * old:
            raise ValueError(f"{name} must be {old} to {int(MOST_FACTOR * old)}, got {new}")
    if height * width > MOST_PIXELS:
        raise ValueError(f"at most 64 megapixels can be made, got {width}x{height}")
    report = report or nobody
    band = max(_BAND_PIXELS // width, 64) if band is None else band
    if (height, width) == (old_height, old_width):
        return picture.copy()
    if height > 2 * old_height or width > 2 * old_width:
        half = _step(picture, 2 * old_height, 2 * old_width, band, lambda s: report(s / 4))
        return _step(half, height, width, band, lambda s: report(0.25 + 0.75 * s))
    return _step(picture, height, width, band, report)


def nobody(_share: float) -> None:
    """Hears how far it is, where nobody asks."""


def _step(
    picture: ByteImage, height: int, width: int, band: int, report: Callable[[float], object]
) -> ByteImage:
    """At most twice the size: doubled, and reduced where less is wanted."""
    report(0.0)
    filters = doubling_filters(picture)
    twice = 2 * len(picture)
    out = np.empty((height, width, 3), np.uint8)
    for top in range(0, height, band):
        report(0.1 + 0.9 * top / height)
        bottom = min(top + band, height)
        first, last = rows_needed(twice, height, top, bottom)
        # Whole pixels of the small picture, and more of them on either side.
        begin, end = max(first // 2 - MARGIN, 0), min(-(-last // 2) + MARGIN, len(picture))
        part = doubled(picture[begin:end].astype(np.float32), filters)
        rows = resize_rows(part, 2 * begin, twice, (height, width), (top, bottom))
        out[top:bottom] = np.clip(np.rint(rows), 0, 255)
    report(1.0)
    return out
