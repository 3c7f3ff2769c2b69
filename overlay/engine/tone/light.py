"""Light: the tonal range of one picture, and how its tones are distributed, for another."""

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import FloatImage
from overlay.imaging.kernel import compiled
from overlay.imaging.rows import by_rows

_KNOTS = 13
# By how much differences of tones may grow: of those that much of the picture has, and more where
# few pixels lie between two tones, by the width of a twelfth of the pixels. It comes after Palette,
# so both grow together; chosen with `palette._STEEPEST`.
_STEEPEST, _STEEPER = 1.2, 8.0


def tone_curve(
    source: FloatImage, target: FloatImage
) -> tuple[npt.NDArray[np.float64], npt.NDArray[np.float64]]:
    """Knots of a rising curve that gives `source`'s lightness the tonal range of `target`.

    Where many pixels have like tones, equal quantiles would draw these out over a large part of the
    range, and calm areas become blotches. So the curve is steep only where few pixels lie; what it
    lacks of the range is made up where it is less steep, as far as it goes. The mean is the
    target's.

    Parameters
    ----------
    source, target : (n,) float32 lightness samples, working space.

    Returns
    -------
    Positions and values for `np.interp`, working space.
    """
    quantiles = np.linspace(0.01, 0.99, _KNOTS)
    at = np.quantile(source, quantiles)
    to = np.quantile(target, quantiles)
    at = np.maximum.accumulate(at + np.arange(_KNOTS) * 1e-5)
    to = scipy.ndimage.gaussian_filter1d(to, 1.0, mode="nearest")
    wide = np.diff(at)
    rises = _bounded(np.diff(to), (_STEEPEST + _STEEPER * wide) * wide)
    eased = np.concatenate([[0.0], np.cumsum(rises)])
    return np.asarray(at, np.float64), np.asarray(eased + to.mean() - eased.mean(), np.float64)


def _bounded(
    rises: npt.NDArray[np.floating], most: npt.NDArray[np.floating]
) -> npt.NDArray[np.float64]:
    """Rises in proportion to those asked for, none above its bound, with their sum if it can be."""
    low, high = 1.0, 64.0
    for _ in range(40):
        factor = (low + high) / 2
        if np.minimum(factor * rises, most).sum() < rises.sum():
            low = factor
        else:
            high = factor
    return np.asarray(np.minimum(low * rises, most), np.float64)


@compiled(cache=True, nogil=True)
def _below(sorted_values, value):
    """How many are less than a value; as `np.searchsorted`, which takes long to compile."""
    low, high = 0, len(sorted_values)
    while low < high:
        middle = (low + high) // 2
        if sorted_values[middle] < value:
            low = middle + 1
        else:
            high = middle
    return low


@by_rows(error_model="numpy")
def _relight(from_row, to_row, lightness, smooth, at, to, out):
    last = len(at) - 1
    for y in range(from_row, to_row):
        for x in range(lightness.shape[1]):
            v = smooth[y, x]
            k = min(max(_below(at, v) - 1, 0), last - 1)
            share = min(max((v - at[k]) / (at[k + 1] - at[k]), np.float32(0)), np.float32(1))
            out[y, x] = lightness[y, x] + to[k] + share * (to[k + 1] - to[k]) - v


def relight(
    lightness: FloatImage, smooth: FloatImage, at: npt.ArrayLike, to: npt.ArrayLike
) -> FloatImage:
    """Shift lightness by what the curve does to its smooth part, so that detail keeps its contrast.

    Parameters
    ----------
    lightness, smooth : (H, W) float32, working space, `smooth` without detail.
    at, to : from `tone_curve`.

    Returns
    -------
    (H, W) float32, a new array.
    """
    out = np.empty_like(lightness)
    knots = np.asarray(at, np.float32), np.asarray(to, np.float32)
    _relight(lightness.shape[0], lightness, smooth, *knots, out)
    return out
