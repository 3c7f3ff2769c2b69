"""Cleaning a mask: holes filled, specks dropped, contours smoothed."""

import numpy as np
import scipy

from overlay.imaging.colour import FloatImage


def fill_holes(mask: FloatImage) -> FloatImage:
    """What a mask surrounds belongs to it: (H, W) float32 in 0..1."""
    inside = scipy.ndimage.binary_fill_holes(mask >= 0.5)
    return np.where(inside & (mask < 0.5), np.float32(1), mask).astype(np.float32)


def drop_specks(mask: FloatImage, least: int) -> FloatImage:
    """Islands of fewer pixels than `least` go, with their soft rims."""
    if least <= 0:
        return mask.copy()
    labels, count = scipy.ndimage.label(mask > 0.02, np.ones((3, 3), int))
    sizes = np.bincount(labels.ravel(), mask.ravel(), count + 1)
    keep = sizes >= least
    keep[0] = False
    return np.where(keep[labels], mask, np.float32(0)).astype(np.float32)


def smooth_contour(mask: FloatImage, radius: float) -> FloatImage:
    """Contours without wiggles smaller than `radius` pixels; the rim stays about one pixel wide."""
    if radius <= 0:
        return mask.copy()
    blurred = scipy.ndimage.gaussian_filter(mask, radius, mode="nearest")
    steep = max(radius, 0.5) * 2.0
    return np.asarray(np.clip(0.5 + (blurred - 0.5) * steep, 0, 1), np.float32)
