"""Pixels sorted by what lies about them: the direction, strength and clearness of a contour.

From the structure tensor of the lightness (Bigün and Granlund 1987), as in filters learnt for
classes of neighbourhoods (Romano, Isidoro, Milanfar 2017, doi:10.1109/TCI.2016.2629284).
"""

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage
from overlay.imaging.kernel import inner
from overlay.imaging.numbers.products import dot
from overlay.imaging.rows import by_rows

ANGLES = 16  # over half a turn
KINDS = 4  # weak or strong, each unclear or clear
CLASSES = KINDS * ANGLES
REACH = 4  # pixels from which a pixel's class depends
_STRONG = np.float32(8)  # contrast from which a contour is strong, sRGB in 0..255
_CLEAR = np.float32(0.5)  # coherence from which it has one direction
_LUMA = np.array([0.299, 0.587, 0.114], np.float32)
_RADIUS = REACH - 1
_BELL = np.exp(-0.5 * np.arange(-_RADIUS, _RADIUS + 1) ** 2)
_GAUSS = (_BELL / _BELL.sum()).astype(np.float32)  # of sigma 1
_ZERO, _TWO, _HALF, _QUARTER = np.float32(0), np.float32(2), np.float32(0.5), np.float32(0.25)
_TAN = np.float32(np.tan(np.pi / 8))  # of one part of a turn
_LEAST = np.float32(1e-3)

Classes = npt.NDArray[np.int32]


def classify(picture: FloatImage) -> Classes:
    """The class of each pixel, (h, w) int32 in 0..`CLASSES`-1: kind by kind, angle by angle.

    Parameters
    ----------
    picture : (h, w, 3) float32, sRGB in 0..255; continued by its edges.
    """
    luma = dot(picture, _LUMA)
    height, width = luma.shape
    products = np.empty((height, 3, width), np.float32)
    _slope_products(height, luma, products)
    out = np.empty((height, width), np.int32)
    _sort(height, products, _GAUSS, out)
    return out


@by_rows()
def _slope_products(from_row, to_row, luma, out):
    """Squares of the slopes across and down, and their product, each smoothed across its way."""
    height, width = luma.shape
    for y in range(from_row, to_row):
        above, here, below = luma[max(y - 1, 0)], luma[y], luma[min(y + 1, height - 1)]
        for x in range(width):
            a, b = max(x - 1, 0), min(x + 1, width - 1)
            left = _QUARTER * (above[a] + _TWO * here[a] + below[a])
            right = _QUARTER * (above[b] + _TWO * here[b] + below[b])
            high = _QUARTER * (above[a] + _TWO * above[x] + above[b])
            low = _QUARTER * (below[a] + _TWO * below[x] + below[b])
            across, down = _HALF * (right - left), _HALF * (low - high)
            out[y, 0, x], out[y, 1, x], out[y, 2, x] = across * across, down * down, across * down


@by_rows()
def _sort(from_row, to_row, products, gauss, out):
    height, width = out.shape
    tensor = np.empty((3, width), np.float32)
    wide = np.empty((3, width + 2 * _RADIUS), np.float32)
    for y in range(from_row, to_row):
        for i in range(3):
            row = wide[i]
            row[:] = 0
            for k in range(2 * _RADIUS + 1):
                source = products[min(max(y + k - _RADIUS, 0), height - 1), i]
                for x in range(width):
                    row[x + _RADIUS] += gauss[k] * source[x]
            for x in range(_RADIUS):
                row[x], row[width + _RADIUS + x] = row[_RADIUS], row[width + _RADIUS - 1]
            smooth = tensor[i]
            smooth[:] = 0
            for k in range(2 * _RADIUS + 1):
                for x in range(width):
                    smooth[x] += gauss[k] * row[x + k]
        for x in range(width):
            xx, yy = tensor[0, x], tensor[1, x]
            along, aslant = xx - yy, _TWO * tensor[2, x]
            apart = np.sqrt(along * along + aslant * aslant)
            larger = np.sqrt(_HALF * (xx + yy + apart))
            smaller = np.sqrt(max(_HALF * (xx + yy - apart), _ZERO))
            clear = larger - smaller > _CLEAR * (larger + smaller + _LEAST)
            kind = 2 * int(larger > _STRONG) + int(clear)
            out[y, x] = kind * ANGLES + _sector(along, aslant)


@inner()
def _sector(x, y):
    """Which of the `ANGLES` parts of a turn a direction lies in, counted from the x axis on."""
    u, v = abs(x), abs(y)
    if (x > 0) == (y >= 0):
        part = int(v >= u * _TAN) + int(v >= u) + int(v * _TAN >= u)
        return part if x > 0 else 8 + part
    back = int(v > 0) + int(v > u * _TAN) + int(v > u) + int(v * _TAN > u)
    return (16 if y < 0 else 8) - back


def turned_class(angles: npt.NDArray[np.int64], quarter: int, *, mirrored: bool) -> Classes:
    """The angle class of a neighbourhood that is turned by quarters, then mirrored."""
    turned = (angles + ANGLES // 2 * quarter) % ANGLES
    return np.asarray(ANGLES - 1 - turned if mirrored else turned, np.int32)
