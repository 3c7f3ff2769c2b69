"""Smoothing within contours."""

import numpy as np
from scipy import ndimage

from overlay.imaging.colour import FloatImage
from overlay.imaging.strips import in_strips

_RADIUS = 10  # pixels of the window
_CONTRAST = 0.03  # standard deviation that counts as a contour, working space


def smooth_within(image: FloatImage) -> FloatImage:
    """A picture smoothed where its own contrast is small, each channel by itself.

    The guided filter with the picture as its own guide (He et al. 2013,
    doi:10.1109/TPAMI.2012.213), but for one thing: the variance is squared where it is weighed
    against contrast, so that noise is all but gone and contours stay firm.

    Parameters
    ----------
    image : (H, W, C) float32, working space.

    Returns
    -------
    (H, W, C) float32, a new array.
    """

    def smooth(strip: FloatImage) -> FloatImage:
        size = (2 * _RADIUS + 1, 2 * _RADIUS + 1, 0)
        mean = ndimage.uniform_filter(strip, size, mode="nearest")
        energy = (ndimage.uniform_filter(strip**2, size, mode="nearest") - mean**2) ** 2
        slope = energy / (energy + np.float32(_CONTRAST**4))
        base = ndimage.uniform_filter(mean * (1 - slope), size, mode="nearest")
        return np.asarray(ndimage.uniform_filter(slope, size, mode="nearest") * strip + base)

    return in_strips(smooth, image, 2 * _RADIUS)
