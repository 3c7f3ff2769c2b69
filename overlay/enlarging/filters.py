"""Filters that predict four pixels from 5x5, solved from a picture's own pair of scales.

Every class of pixels has four filters, one for each pixel that takes its place. They are what
predicts a picture best from its half (least squares), drawn towards what is known of more pixels
where a class has few: of all directions, of all pixels, and at last a Lanczos kernel.

Sums are taken in a fixed order and solved here rather than by a library, so that any number of
threads comes to the same filters. Whether another kind of processor does has not been tried.
"""

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt
from numba import njit

from overlay.enlarging.classes import ANGLES, CLASSES, KINDS, classify, turned_class
from overlay.imaging.colour import FloatImage
from overlay.imaging.rows import by_rows

SIDE = 5
RADIUS = SIDE // 2
_TAPS, _MIDDLE = SIDE * SIDE, SIDE * SIDE // 2
_SAMPLES = 20_000  # pixels that are learnt from at each scale
_GOLDEN = 0.6180339887498949
# How firmly a filter is drawn to that of more pixels: shares of the mean trace, and a constant.
_TO_ALL, _TO_KIND, _TO_LANCZOS, _FLOOR = 1e-2, 1e-3, 1e-3, 5000.0

Sums = npt.NDArray[np.float64]


@dataclass(frozen=True)
class Normal:
    """Normal equations of every class: what was seen, (kinds, angles, 24, 24) and (..., 24, 4)."""

    left: Sums
    right: Sums

    def __add__(self, other: "Normal") -> "Normal":
        return Normal(self.left + other.left, self.right + other.right)


def learn(small: FloatImage, large: FloatImage) -> Normal:
    """What a picture says of how it comes from its half.

    Parameters
    ----------
    small, large : (h, w, 3) and (2h, 2w, 3) float32, sRGB in 0..255.
    """
    height, width = small.shape[:2]
    count = min(_SAMPLES, height * width)
    # Evenly strewn, in no step with rows or columns.
    at = np.unique((np.arange(count) * _GOLDEN % 1 * (height * width)).astype(np.int64))
    classes = classify(small).ravel()[at]
    order = np.argsort(classes, kind="stable")
    bounds = np.searchsorted(classes[order], np.arange(CLASSES + 1))
    left = np.zeros((CLASSES, _TAPS, _TAPS))
    right = np.zeros((CLASSES, _TAPS, 4))
    _sum_up(len(bounds) - 1, _continued(small), large, at[order], bounds, width, left, right)
    return _symmetric(left, right)


def _continued(picture: FloatImage) -> FloatImage:
    return np.pad(picture, ((RADIUS, RADIUS), (RADIUS, RADIUS), (0, 0)), mode="symmetric")


@by_rows(fewest=2)
def _sum_up(from_row, to_row, small, large, at, bounds, width, left, right):
    for k in range(from_row, to_row):
        seen = np.empty(_TAPS, np.float64)
        wanted = np.empty(4, np.float64)
        for n in range(bounds[k], bounds[k + 1]):
            y, x = at[n] // width, at[n] % width
            for c in range(3):
                middle = small[y + RADIUS, x + RADIUS, c]
                for i in range(_TAPS):
                    seen[i] = small[y + i // SIDE, x + i % SIDE, c] - middle
                for q in range(4):
                    wanted[q] = large[2 * y + q // 2, 2 * x + q % 2, c] - middle
                for i in range(_TAPS):
                    for j in range(_TAPS):
                        left[k, i, j] += seen[i] * seen[j]
                    for q in range(4):
                        right[k, i, q] += seen[i] * wanted[q]


def _symmetric(left: Sums, right: Sums) -> Normal:
    """Every neighbourhood counts in all its eight turns and mirrors, without its middle."""
    shape = (KINDS, ANGLES, _TAPS)
    left, right = left.reshape(*shape, _TAPS), right.reshape(*shape, 4)
    all_left, all_right = np.zeros_like(left), np.zeros_like(right)
    angles = np.arange(ANGLES)
    for quarter in range(4):
        for mirrored in (False, True):
            taps = _turned(np.arange(_TAPS).reshape(SIDE, SIDE), quarter, mirrored=mirrored)
            four = _turned(np.arange(4).reshape(2, 2), quarter, mirrored=mirrored)
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


def solve(normal: Normal) -> FloatImage:
    """The filters of every class, (classes, 4, 25) float32, each summing to 1."""
    prior = np.delete(_lanczos(), _MIDDLE, axis=0)
    of_all = _drawn(normal.left.sum((0, 1)), normal.right.sum((0, 1)), prior, _TO_LANCZOS, 0.0)
    out = np.empty((KINDS, ANGLES, _TAPS - 1, 4))
    for kind in range(KINDS):
        left, right = normal.left[kind], normal.right[kind]
        of_kind = _drawn(left.sum(0), right.sum(0), of_all, _TO_ALL, _FLOOR)
        for angle in range(ANGLES):
            out[kind, angle] = _drawn(left[angle], right[angle], of_kind, _TO_KIND, _FLOOR)
    return _whole(out.reshape(CLASSES, _TAPS - 1, 4))


def lanczos_filters() -> FloatImage:
    """A Lanczos kernel of three lobes in the same form, as far as 5x5 reach."""
    kept = np.delete(_lanczos(), _MIDDLE, axis=0)
    return _whole(np.broadcast_to(kept, (CLASSES, _TAPS - 1, 4)))


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


@njit(cache=True, nogil=True)
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


def predict(picture: FloatImage, filters: FloatImage) -> FloatImage:
    """A picture of twice the size: (2h, 2w, 3) float32, a new array.

    Parameters
    ----------
    picture : (h, w, 3) float32, sRGB in 0..255.
    """
    height, width = picture.shape[:2]
    out = np.empty((2 * height, 2 * width, 3), np.float32)
    _predict(height, _continued(picture), classify(picture), filters, out)
    return out


@by_rows(fastmath=True)
def _predict(from_row, to_row, picture, classes, filters, out):
    for y in range(from_row, to_row):
        for x in range(classes.shape[1]):
            four = filters[classes[y, x]]
            for q in range(4):
                r = g = b = np.float32(0)
                for i in range(_TAPS):
                    weight = four[q, i]
                    pixel = picture[y + i // SIDE, x + i % SIDE]
                    r += weight * pixel[0]
                    g += weight * pixel[1]
                    b += weight * pixel[2]
                to = out[2 * y + q // 2, 2 * x + q % 2]
                to[0], to[1], to[2] = r, g, b
