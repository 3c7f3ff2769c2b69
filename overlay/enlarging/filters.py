"""Filters that predict pixels from 5x5, solved from a picture's own pair of scales.

Every class of pixels has a filter for each pixel that takes its place: four where the picture is
doubled, one where it is mended at its size. They are what predicts a picture best (least squares),
drawn towards what is known of more pixels where a class has few: of all directions, of all pixels,
and at last a plain filter, which is a Lanczos kernel where the picture is doubled.

Sums are taken in a fixed order and solved here rather than by a library, so that any number of
threads comes to the same filters. Whether another kind of processor does has not been tried.
"""

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from overlay.enlarging.classes import ANGLES, CLASSES, KINDS, Classes, classify, turned_class
from overlay.imaging.colour import FloatImage
from overlay.imaging.filters import reflected
from overlay.imaging.kernel import STEADY, compiled
from overlay.imaging.rows import by_rows

SIDE = 5
RADIUS = SIDE // 2
_TAPS, _MIDDLE = SIDE * SIDE, SIDE * SIDE // 2
SAMPLES = 20_000  # pixels that are learnt from at each scale
_GOLDEN = 0.6180339887498949
# How firmly a filter is drawn to that of more pixels: shares of the mean trace, and a constant.
_TO_ALL, _TO_KIND, _TO_PLAIN, _FLOOR = 1e-2, 1e-3, 1e-3, 20_000.0

Sums = npt.NDArray[np.float64]


@dataclass(frozen=True)
class Normal:
    """Normal equations of every class: what was seen, (kinds, angles, 24, 24) and (..., 24, n).

    With n the pixels that take a pixel's place, 1 or 4.
    """

    left: Sums
    right: Sums

    def __add__(self, other: "Normal") -> "Normal":
        return Normal(self.left + other.left, self.right + other.right)


def learn(
    small: FloatImage, large: FloatImage, classes: Classes | None = None, most: int = SAMPLES
) -> Normal:
    """What a picture says of how it comes from another, of its own or of half its size.

    Parameters
    ----------
    small, large : (h, w, 3) and (t h, t w, 3) float32, sRGB in 0..255; t is 1 or 2.
    classes : of the pixels of `small`, where they are known.
    most : pixels that are learnt from.
    """
    height, width = small.shape[:2]
    times = len(large) // height
    count = min(most, height * width)
    # Evenly strewn, in no step with rows or columns.
    at = np.unique((np.arange(count) * _GOLDEN % 1 * (height * width)).astype(np.int64))
    sort = (classify(small) if classes is None else classes).ravel()[at]
    order = np.argsort(sort, kind="stable")
    bounds = np.searchsorted(sort[order], np.arange(CLASSES + 1))
    left = np.zeros((CLASSES, _TAPS, _TAPS))
    right = np.zeros((CLASSES, _TAPS, times * times))
    _sum_up(
        CLASSES, reflected(small, RADIUS), large, at[order], bounds, (width, times), left, right
    )
    return _symmetric(left, right, times)


@by_rows(fewest=2)
def _sum_up(from_row, to_row, small, large, at, bounds, sizes, left, right):
    width, times = sizes
    four = times * times
    for k in range(from_row, to_row):
        seen = np.empty(_TAPS, np.float64)
        wanted = np.empty(four, np.float64)
        for n in range(bounds[k], bounds[k + 1]):
            y, x = at[n] // width, at[n] % width
            for c in range(3):
                middle = small[y + RADIUS, x + RADIUS, c]
                for i in range(_TAPS):
                    seen[i] = small[y + i // SIDE, x + i % SIDE, c] - middle
                for q in range(four):
                    wanted[q] = large[times * y + q // times, times * x + q % times, c] - middle
                for i in range(_TAPS):
                    for j in range(i + 1):
                        left[k, i, j] += seen[i] * seen[j]
                    for q in range(four):
                        right[k, i, q] += seen[i] * wanted[q]


def _symmetric(left: Sums, right: Sums, times: int) -> Normal:
    """Every neighbourhood counts in all its eight turns and mirrors, without its middle."""
    shape = (KINDS, ANGLES, _TAPS)
    left = left + np.tril(left, -1).transpose(0, 2, 1)  # sums are taken of one half
    left, right = left.reshape(*shape, _TAPS), right.reshape(*shape, times * times)
    all_left, all_right = np.zeros_like(left), np.zeros_like(right)
    angles = np.arange(ANGLES)
    for quarter in range(4):
        for mirrored in (False, True):
            taps = _turned(np.arange(_TAPS).reshape(SIDE, SIDE), quarter, mirrored=mirrored)
            four = _turned(
                np.arange(times * times).reshape(times, times), quarter, mirrored=mirrored
            )
            to = turned_class(angles, quarter, mirrored=mirrored)
            all_left[:, to] += left[:, :, taps][:, :, :, taps]
            all_right[:, to] += right[:, :, taps][:, :, :, four]
    kept = np.delete(np.arange(_TAPS), _MIDDLE)
    return Normal(all_left[:, :, kept][:, :, :, kept], all_right[:, :, kept])


def _turned(
    places: npt.NDArray[np.int64], quarter: int, *, mirrored: bool
) -> npt.NDArray[np.int64]:
    out = np.rot90(places, quarter)
    return (out[:, ::-1] if mirrored else out).ravel()


def solve(normal: Normal, plain: FloatImage) -> FloatImage:
    """The filters of every class, (classes, n, 25) float32, each summing to 1.

    Parameters
    ----------
    plain : filters of the same shape; what a class of which nothing was seen keeps to.
    """
    prior = np.delete(plain[0].T.astype(np.float64), _MIDDLE, axis=0)
    of_all = _drawn(normal.left.sum((0, 1)), normal.right.sum((0, 1)), prior, _TO_PLAIN, 0.0)
    out = np.empty((KINDS, ANGLES, *prior.shape))
    for kind in range(KINDS):
        left, right = normal.left[kind], normal.right[kind]
        of_kind = _drawn(left.sum(0), right.sum(0), of_all, _TO_ALL, _FLOOR)
        for angle in range(ANGLES):
            out[kind, angle] = _drawn(left[angle], right[angle], of_kind, _TO_KIND, _FLOOR)
    return _whole(out.reshape(CLASSES, *prior.shape))


def lanczos_filters() -> FloatImage:
    """A Lanczos kernel of three lobes in the same form, as far as 5x5 reach."""
    kept = np.delete(_lanczos(), _MIDDLE, axis=0)
    return _whole(np.broadcast_to(kept, (CLASSES, _TAPS - 1, 4)))


def leaving_filters() -> FloatImage:
    """Filters that leave a picture as it is: (classes, 1, 25)."""
    return _whole(np.zeros((CLASSES, _TAPS - 1, 1)))


def _whole(taps: Sums) -> FloatImage:
    """With the tap in the middle, so that an even tone stays as it is."""
    full = np.insert(taps, _MIDDLE, 1 - taps.sum(axis=1), axis=1)
    return np.ascontiguousarray(full.transpose(0, 2, 1), np.float32)


def _lanczos() -> Sums:
    """(25, 4): for the pixels a quarter to either side of the middle."""
    at = np.arange(-RADIUS, RADIUS + 1)
    rows = []
    for shift in (-0.25, 0.25):
        x = at - shift
        weights = np.where(np.abs(x) < 3, np.sinc(x) * np.sinc(x / 3), 0)
        rows.append(weights / weights.sum())
    return np.stack([np.outer(a, b).ravel() for a in rows for b in rows], axis=1)


def _drawn(left: Sums, right: Sums, to: Sums, share: float, floor: float) -> Sums:
    """The least squares of one class, drawn to other filters (ridge)."""
    firm = share * np.trace(left) / len(left) + floor + 1e-6
    return np.asarray(_solved(left + firm * np.eye(len(left)), right + firm * to))


@compiled(cache=True, nogil=True)
def _solved(left, right):
    """Cholesky's, for matrices that are symmetric and positive."""
    size, columns = right.shape
    root = np.zeros_like(left)
    for i in range(size):
        for j in range(i + 1):
            rest = left[i, j]
            for k in range(j):
                rest -= root[i, k] * root[j, k]
            root[i, j] = np.sqrt(rest) if i == j else rest / root[j, j]
    out = right.copy()
    for c in range(columns):
        for i in range(size):
            for k in range(i):
                out[i, c] -= root[i, k] * out[k, c]
            out[i, c] /= root[i, i]
        for i in range(size - 1, -1, -1):
            for k in range(i + 1, size):
                out[i, c] -= root[k, i] * out[k, c]
            out[i, c] /= root[i, i]
    return out


def predict(picture: FloatImage, filters: FloatImage, classes: Classes | None = None) -> FloatImage:
    """A picture of as many times the size as there are filters: (t h, t w, 3) float32, a new array.

    Parameters
    ----------
    picture : (h, w, 3) float32, sRGB in 0..255.
    filters : (classes, t t, 25) float32.
    classes : of the pixels, where they are known.
    """
    height, width = picture.shape[:2]
    times = 2 if filters.shape[1] == 4 else 1
    out = np.empty((times * height, times * width, 3), np.float32)
    classes = classify(picture) if classes is None else classes
    rows = reflected(picture, RADIUS).reshape(height + 2 * RADIUS, -1)
    _predict(height, rows, classes, filters, times, out)
    return out


@compiled(cache=True, fastmath=STEADY, forceinline=True)
def _predict_one(rows, own, y, x, times, out):
    for q in range(times * times):
        r = g = b = np.float32(0)
        for j in range(SIDE):
            for i in range(SIDE):
                weight, at = own[q, SIDE * j + i], 3 * (x + i)
                r += weight * rows[y + j, at]
                g += weight * rows[y + j, at + 1]
                b += weight * rows[y + j, at + 2]
        to = out[times * y + q // times, times * x + q % times]
        to[0], to[1], to[2] = r, g, b


@by_rows(fastmath=STEADY)
def _predict(from_row, to_row, rows, classes, filters, times, out):
    for y in range(from_row, to_row):
        for x in range(classes.shape[1]):
            own = filters[classes[y, x]]
            # Counts that are known when this is compiled save a third of the time.
            if times == 2:
                _predict_one(rows, own, y, x, 2, out)
            else:
                _predict_one(rows, own, y, x, 1, out)
