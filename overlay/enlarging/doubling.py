"""A picture of twice the size that keeps lines crisp and adds nothing.

Filters solved from the picture's own scales (`filters`), guarded: those of the coarser pair are
tried on the finer one, and as far as they fail there a Lanczos kernel takes their place. What is
lost when the result is halved again is put back (Irani and Peleg 1991,
doi:10.1016/1049-9652(91)90045-L). Then the result is mended at its size, by filters for what such
doubling misses of the picture itself, and every pixel is kept within what lies about it.
"""

import operator
from dataclasses import dataclass
from functools import reduce

import numpy as np

from overlay.enlarging.classes import REACH, Classes, classify
from overlay.enlarging.filters import (
    RADIUS,
    SAMPLES,
    Normal,
    lanczos_filters,
    learn,
    leaving_filters,
    predict,
    solve,
)
from overlay.enlarging.halving import halved
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.resample import double
from overlay.imaging.rows import by_rows

_BACK = 2  # times that what was lost is put back, before and after mending
_BEYOND = np.float32(0.1)  # of the range about a pixel that it may go beyond
_STRIP = 64  # rows of half a picture in which filters are tried
_ENOUGH = 48_000  # pixels of it from which on a part of them is enough
# Rows on either side of a part, so that it comes out as within the whole.
MARGIN = 4 * ((2 * (REACH + RADIUS) + 8 * _BACK + 8) // 4 + 1)
_LEAST = 16  # pixels of a side, below which nothing can be learnt


@dataclass(frozen=True)
class Doubling:
    """Filters for one picture.

    Attributes
    ----------
    larger : (classes, 4, 25) float32, from a pixel to the four in its place.
    mending : (classes, 1, 25) float32, for a picture that `larger` made.
    """

    larger: FloatImage
    mending: FloatImage


def doubling_filters(picture: ByteImage) -> Doubling:
    """Filters for a picture (h, w, 3) uint8 sRGB, learnt from all of it."""
    plain, leaving = lanczos_filters(), leaving_filters()
    whole = picture[: len(picture) // 4 * 4, : picture.shape[1] // 4 * 4]
    if min(whole.shape[:2]) < _LEAST:
        return Doubling(plain, leaving)
    full = whole.astype(np.float32)
    half = halved(full)
    classes = classify(half)
    coarse = learn(halved(half), half)
    tried = solve(coarse, plain)
    trust = _trust(half, full, classes, tried, plain)
    missed = _missed(half, full, classes, _mixed(tried, plain, trust))
    own = solve(coarse + learn(half, full, classes), plain)
    mending = solve(missed, leaving)
    return Doubling(_mixed(own, plain, trust), _mixed(mending, leaving, trust))


def _mixed(own: FloatImage, plain: FloatImage, trust: np.float32) -> FloatImage:
    return np.ascontiguousarray(trust * own + (1 - trust) * plain, np.float32)


def _strips(half: FloatImage) -> list[tuple[slice, slice]]:
    """Rows of a half picture that filters are tried in, and the whole picture's: all, or enough."""
    every = max(half.shape[0] * half.shape[1] // _ENOUGH, 1)
    tops = range(0, len(half), every * _STRIP)
    return [(slice(top, top + _STRIP), slice(2 * top, 2 * (top + _STRIP))) for top in tops]


def _trust(
    half: FloatImage, full: FloatImage, classes: Classes, tried: FloatImage, plain: FloatImage
) -> np.float32:
    """How far the filters that were tried explain what Lanczos does not, 0..1."""
    gain, size = 0.0, 1e-6
    for small, large in _strips(half):
        by_plain = predict(half[small], plain, classes[small])
        more = predict(half[small], tried, classes[small]) - by_plain
        lacking = full[large] - by_plain
        gain += float((lacking * more).sum(dtype=np.float64))
        size += float((more * more).sum(dtype=np.float64))
    return np.float32(min(max(gain / size, 0.0), 1.0))


def _missed(half: FloatImage, full: FloatImage, classes: Classes, larger: FloatImage) -> Normal:
    """What a picture has that is not in its half when that is doubled."""
    strips = _strips(half)
    each = SAMPLES // len(strips)

    def learnt(small: slice, large: slice) -> Normal:
        made = predict(half[small], larger, classes[small])
        return learn(_restored(made, half[small]), full[large], most=each)

    return reduce(operator.add, (learnt(*strip) for strip in strips))


def doubled(picture: FloatImage, filters: Doubling) -> FloatImage:
    """Twice the size, (2h, 2w, 3) float32 in 0..255; a new array.

    Parameters
    ----------
    picture : (h, w, 3) float32, sRGB in 0..255; a part of a picture comes out as in the whole but
        for `MARGIN` rows at a cut.
    filters : from `doubling_filters` of the whole.
    """
    once = _restored(predict(picture, filters.larger), picture)
    return _restored(predict(once, filters.mending), picture)


def _restored(larger: FloatImage, picture: FloatImage) -> FloatImage:
    """With what is lost when it is halved put back; changes and returns `larger`."""
    for _ in range(_BACK):
        larger += double(picture - halved(larger), larger.shape[:2])
    rows = np.ascontiguousarray(picture).reshape(len(picture), -1)
    _keep_within(len(picture), rows, larger.reshape(len(larger), -1))
    return larger


@by_rows()
def _keep_within(from_row, to_row, small, out):
    """Every pixel within the range of the 3x3 that its own came from, a little widened.

    Rows are pixel after pixel; lowest and highest are found down and then across.
    """
    height, length = small.shape
    low, high = np.empty(length, np.float32), np.empty(length, np.float32)
    for y in range(from_row, to_row):
        above, here, below = small[max(y - 1, 0)], small[y], small[min(y + 1, height - 1)]
        for i in range(length):
            low[i] = min(above[i], here[i], below[i])
            high[i] = max(above[i], here[i], below[i])
        for i in range(length):
            left, right = i - 3 if i >= 3 else i, i + 3 if i + 3 < length else i
            least, most = min(low[left], low[i], low[right]), max(high[left], high[i], high[right])
            more = _BEYOND * (most - least)
            least, most = max(least - more, np.float32(0)), min(most + more, np.float32(255))
            at = 6 * (i // 3) + i % 3
            for row in range(2 * y, 2 * y + 2):
                out[row, at] = min(max(out[row, at], least), most)
                out[row, at + 3] = min(max(out[row, at + 3], least), most)
