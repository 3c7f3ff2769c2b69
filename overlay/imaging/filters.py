"""Local means and maxima as parallel kernels, and working through large pictures in strips.

Beyond the rim the nearest pixel stands.
"""

from collections.abc import Callable
from typing import TypeVar

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage
from overlay.imaging.kernel import STEADY, compiled
from overlay.imaging.rows import by_rows

_PIXELS = 1 << 20  # of a strip
Kind = TypeVar("Kind", bound=np.generic)


@compiled(cache=True, fastmath=STEADY)
def _add(to, values, weight):
    """Rows of their own: known to begin at 0, the loop becomes vector code."""
    for x in range(len(to)):
        to[x] += weight * values[x]


@by_rows(fastmath=STEADY)
def _convolve(from_row, to_row, image, channels, weights, out):
    """Separable: each row is the weighted sum of its neighbours, then each pixel within it."""
    height, length = image.shape
    reach = len(weights) // 2
    rim = reach * channels
    for y in range(from_row, to_row):
        row = np.zeros(length + 2 * rim, np.float32)
        for k in range(2 * reach + 1):
            other = min(max(y + k - reach, 0), height - 1)
            _add(row[rim : rim + length], image[other], weights[k])
        for x in range(rim):
            row[x] = row[rim + x % channels]
            row[rim + length + x] = row[length + rim - channels + x % channels]
        out[y] = 0
        for k in range(2 * reach + 1):
            _add(out[y], row[k * channels : k * channels + length], weights[k])


@compiled(cache=True)
def _raise(to, values):
    for x in range(len(to)):
        to[x] = max(to[x], values[x])


@by_rows()
def _maximum(from_row, to_row, image, reach, out):
    height, width = image.shape
    for y in range(from_row, to_row):
        row = np.full(width + 2 * reach, -np.inf, np.float32)
        for other in range(max(y - reach, 0), min(y + reach + 1, height)):
            _raise(row[reach : reach + width], image[other])
        out[y] = -np.inf
        for k in range(2 * reach + 1):
            _raise(out[y], row[k : k + width])


def _weighed(image: FloatImage, weights: npt.NDArray[np.float32]) -> FloatImage:
    full = np.ascontiguousarray(image, np.float32)
    channels = 1 if full.ndim == 2 else full.shape[2]
    rows = full.reshape(len(full), -1)
    out = np.empty_like(rows)
    _convolve(rows.shape[0], rows, channels, weights, out)
    return out.reshape(full.shape)


def gaussian(image: FloatImage, sigma: float) -> FloatImage:
    """A picture under a Gaussian cut off at three deviations.

    Parameters
    ----------
    image : (H, W[, C]) float32. sigma : pixels, above 0.

    Returns
    -------
    The same shape, a new array.
    """
    reach = max(1, int(3 * sigma + 0.5))
    weights = np.exp(-0.5 * (np.arange(-reach, reach + 1) / sigma) ** 2)
    return _weighed(image, (weights / weights.sum()).astype(np.float32))


def box_mean(image: FloatImage, side: int) -> FloatImage:
    """Means over squares of an odd side about each pixel: the shape of `image`, a new array."""
    return _weighed(image, np.full(side, 1 / side, np.float32))


def maximum(image: FloatImage, side: int) -> FloatImage:
    """Maxima over squares of an odd side about each pixel: (H, W) float32, a new array."""
    out = np.empty(image.shape, np.float32)
    _maximum(
        image.shape[0],
        np.ascontiguousarray(image, np.float32),
        side // 2,
        out,
    )
    return out


def reflected(image: npt.NDArray[Kind], rim: int) -> npt.NDArray[Kind]:
    """A picture continued by its reflection on all sides, (H + 2 rim, W + 2 rim, ...), a new array.

    As `numpy.pad` does it, which takes three times as long for large ones.
    """
    height, width = image.shape[:2]
    if min(height, width) < rim:
        beside = ((rim, rim), (rim, rim), *((0, 0),) * (image.ndim - 2))
        return np.pad(image, beside, mode="symmetric")
    out = np.empty((height + 2 * rim, width + 2 * rim, *image.shape[2:]), image.dtype)
    rows = out[rim : rim + height]
    rows[:, rim : rim + width] = image
    rows[:, :rim] = image[:, :rim][:, ::-1]
    rows[:, rim + width :] = image[:, width - rim :][:, ::-1]
    out[:rim] = rows[:rim][::-1]
    out[rim + height :] = rows[height - rim :][::-1]
    return out


def in_strips(
    function: Callable[[FloatImage], FloatImage], image: FloatImage, margin: int
) -> FloatImage:
    """What a local operation gives for a picture, strip by strip.

    Parameters
    ----------
    function : keeps the height; must not look further than `margin` rows. Strips begin at even
        rows if the margin is even, so that what works at half size meets without a seam.
    image : (H, W, ...) float32.

    Returns
    -------
    float32 with the picture's height, exactly what `function` gives for the whole.
    """
    height, width = image.shape[:2]
    rows = max(_PIXELS // width, 4 * margin, 2) & ~1
    out: FloatImage | None = None
    for top in range(0, height, rows):
        above, below = min(margin, top), margin
        strip = function(image[top - above : top + rows + below])[above : above + rows]
        if out is None:
            out = np.empty((height, *strip.shape[1:]), np.float32)
        out[top : top + rows] = strip
    assert out is not None
    return out
