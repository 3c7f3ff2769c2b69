"""Gradients of lightness, made comparable between bright and dull parts of a picture."""

from typing import NamedTuple

import numpy as np
from scipy import ndimage

from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import soften

# Radius over which contrast is evened out, in multiples of the smoothing sigma.
_LOCAL = 10.0
_GAIN = 0.9


class Gradient(NamedTuple):
    """Normalised strength and orientation of a picture's gradient, all `(H, W)` float32."""

    strength: FloatImage  # 0..1, locally normalised
    cos2: FloatImage  # cosine of twice the angle, so that light-dark and dark-light agree
    sin2: FloatImage


def normalised_gradient(lightness: FloatImage, sigma: float, *, floor: float = 0.35) -> Gradient:
    """Gradient of a smoothed picture, divided by its local mean so that faint contours count.

    Parameters
    ----------
    lightness : (H, W) float32, any range.
    sigma : smoothing in pixels, above 0.
    floor : share of the picture's 99th percentile that is added to the local mean. Small values
        let the faintest texture count, large ones leave only what is strong in the whole picture.
    """
    smooth = ndimage.gaussian_filter(lightness, sigma, mode="nearest")
    gy = ndimage.sobel(smooth, axis=0, mode="nearest") / 8
    gx = ndimage.sobel(smooth, axis=1, mode="nearest") / 8
    magnitude = np.hypot(gx, gy)
    strong = float(np.percentile(magnitude[::2, ::2], 99))
    if strong < 1e-6:
        zero = np.zeros_like(lightness, np.float32)
        return Gradient(zero, np.ones_like(zero), zero.copy())
    local = soften(np.asarray(magnitude, np.float32), max(1, round(np.log2(_LOCAL * sigma))))
    strength = np.minimum(_GAIN * magnitude / (local + floor * strong), 1.0)
    norm = np.maximum(magnitude**2, 1e-12)
    cos2 = (gx**2 - gy**2) / norm
    sin2 = 2 * gx * gy / norm
    return Gradient(strength.astype(np.float32), cos2.astype(np.float32), sin2.astype(np.float32))
