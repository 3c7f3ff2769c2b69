"""Pixels sorted by what lies about them: the direction, strength and clearness of a contour.

From the structure tensor of the lightness (Bigün and Granlund 1987), as in filters learnt for
classes of neighbourhoods (Romano, Isidoro, Milanfar 2017, doi:10.1109/TCI.2016.2629284).
"""

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import FloatImage

ANGLES = 16  # over half a turn
KINDS = 4  # weak or strong, each unclear or clear
CLASSES = KINDS * ANGLES
REACH = 4  # pixels from which a pixel's class depends
_STRONG = 4.0  # contrast from which a contour is strong, sRGB in 0..255
_CLEAR = 0.5  # coherence from which it has one direction
_SIGMA, _TRUNCATE = 1.0, 2.5
_LUMA = np.array([0.299, 0.587, 0.114], np.float32)

Classes = npt.NDArray[np.int32]


def classify(picture: FloatImage) -> Classes:
    """The class of each pixel, (h, w) int32 in 0..`CLASSES`-1: kind by kind, angle by angle.

    Parameters
    ----------
    picture : (h, w, 3) float32, sRGB in 0..255.
    """
    luma = picture @ _LUMA
    down, across = _slope(luma, 0), _slope(luma, 1)
    xx, yy, xy = (_smooth(v) for v in (across * across, down * down, across * down))
    apart = np.sqrt((xx - yy) ** 2 + 4 * xy * xy)
    larger = np.sqrt((xx + yy + apart) / 2)
    smaller = np.sqrt(np.maximum((xx + yy - apart) / 2, 0))
    coherence = (larger - smaller) / (larger + smaller + np.float32(1e-3))
    turn = 0.5 * np.arctan2(2 * xy, xx - yy) % np.pi
    angle = np.minimum((turn / np.pi * ANGLES).astype(np.int32), ANGLES - 1)
    kind = 2 * (larger > _STRONG) + (coherence > _CLEAR)
    return np.asarray(kind * ANGLES + angle, np.int32)


def _slope(luma: FloatImage, axis: int) -> FloatImage:
    across = scipy.ndimage.correlate1d(luma, [0.25, 0.5, 0.25], 1 - axis, mode="nearest")
    return np.asarray(scipy.ndimage.correlate1d(across, [-0.5, 0, 0.5], axis, mode="nearest"))


def _smooth(values: FloatImage) -> FloatImage:
    return np.asarray(
        scipy.ndimage.gaussian_filter(values, _SIGMA, mode="nearest", truncate=_TRUNCATE),
        np.float32,
    )


def turned_class(angles: npt.NDArray[np.int64], quarter: int, *, mirrored: bool) -> Classes:
    """The angle class of a neighbourhood that is turned by quarters, then mirrored."""
    turned = (angles + ANGLES // 2 * quarter) % ANGLES
    return np.asarray(ANGLES - 1 - turned if mirrored else turned, np.int32)
