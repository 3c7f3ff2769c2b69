"""A picture of twice the size that keeps lines crisp and adds nothing.

Filters solved from the picture's own scales (`filters`), guarded: those of the coarser pair are
tried on the finer one, and as far as they fail there a Lanczos kernel takes their place. Then what
is lost when the result is halved again is put back (Irani and Peleg 1991,
doi:10.1016/1049-9652(91)90045-L), and every pixel is kept within what lies about it.
"""

import numpy as np

from overlay.enlarging.classes import REACH
from overlay.enlarging.filters import RADIUS, lanczos_filters, learn, predict, solve
from overlay.enlarging.halving import halved
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.resample import double
from overlay.imaging.rows import by_rows

_BACK = 4  # times that what was lost is put back
_BEYOND = np.float32(0.1)  # of the range about a pixel that it may go beyond
_STRIP = 256  # rows in which filters are tried
# Rows on either side of a part, so that it comes out as within the whole.
MARGIN = 4 * ((REACH + RADIUS + 4 * _BACK + 8) // 4 + 1)
_LEAST = 16  # pixels of a side, below which nothing can be learnt


def doubling_filters(picture: ByteImage) -> FloatImage:
    """Filters for a picture (h, w, 3) uint8 sRGB, learnt from all of it: (classes, 4, 25)."""
    plain = lanczos_filters()
    whole = picture[: len(picture) // 4 * 4, : picture.shape[1] // 4 * 4]
    if min(whole.shape[:2]) < _LEAST:
        return plain
    full = whole.astype(np.float32)
    half = halved(full)
    coarse = learn(halved(half), half)
    trust = _trust(half, full, solve(coarse), plain)
    own = solve(coarse + learn(half, full))
    return np.ascontiguousarray(trust * own + (1 - trust) * plain, np.float32)


def _trust(half: FloatImage, full: FloatImage, tried: FloatImage, plain: FloatImage) -> np.float32:
    """How far the filters that were tried explain what Lanczos does not, 0..1."""
    gain, size = 0.0, 1e-6
    for top in range(0, len(half), _STRIP):
        first, last = max(top - MARGIN, 0), min(top + _STRIP, len(half))
        strip = half[first : min(last + MARGIN, len(half))]
        rows = slice(2 * (top - first), 2 * (last - first))
        by_plain = predict(strip, plain)[rows]
        more = predict(strip, tried)[rows] - by_plain
        lacking = full[2 * top : 2 * last] - by_plain
        gain += float((lacking * more).sum(dtype=np.float64))
        size += float((more * more).sum(dtype=np.float64))
    return np.float32(min(max(gain / size, 0.0), 1.0))


def doubled(picture: FloatImage, filters: FloatImage) -> FloatImage:
    """Twice the size, (2h, 2w, 3) float32 in 0..255; a new array.

    Parameters
    ----------
    picture : (h, w, 3) float32, sRGB in 0..255; a part of a picture comes out as in the whole but
        for `MARGIN` rows at a cut.
    filters : from `doubling_filters` of the whole.
    """
    height, width = picture.shape[:2]
    out = predict(picture, filters)
    for _ in range(_BACK):
        lost = picture - halved(out)
        out += double(lost, (2 * height, 2 * width))
    _keep_within(out.shape[0] // 2, np.pad(picture, ((1, 1), (1, 1), (0, 0)), mode="edge"), out)
    return out


@by_rows()
def _keep_within(from_row, to_row, small, out):
    """Every pixel within the range of the 3x3 that its own came from, a little widened."""
    for y in range(from_row, to_row):
        for x in range(out.shape[1] // 2):
            for c in range(3):
                low = high = small[y, x, c]
                for i in range(1, 9):
                    v = small[y + i // 3, x + i % 3, c]
                    low, high = min(low, v), max(high, v)
                more = _BEYOND * (high - low)
                low, high = max(low - more, np.float32(0)), min(high + more, np.float32(255))
                for q in range(4):
                    v = out[2 * y + q // 2, 2 * x + q % 2, c]
                    out[2 * y + q // 2, 2 * x + q % 2, c] = min(max(v, low), high)
