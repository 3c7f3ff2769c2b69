"""Shaping a mask: grown or shrunk by pixels, its rim softened, turned inside out."""

import numpy as np
import scipy

from overlay.imaging.colour import FloatImage


def shape_mask(mask: FloatImage, *, grow: float, feather: float, invert: bool) -> FloatImage:
    """Grow, feather and invert a mask, in this order.

    Parameters
    ----------
    mask : (H, W) float32 in 0..1.
    grow : pixels by which the half-strength contour moves outward; negative shrinks.
    feather : width of the soft rim in pixels, 0 leaves the mask as it is.

    Returns
    -------
    (H, W) float32 in 0..1, a new array. Exactly 0 beyond the feather and exactly 1 well inside.
    """
    out = mask.astype(np.float32).clip(0, 1)
    if grow or feather:
        inside = out >= 0.5
        if inside.all() or not inside.any():
            return 1 - out if invert else out
        # Signed distance to the contour, positive inside.
        distance = scipy.ndimage.distance_transform_edt(
            inside
        ) - scipy.ndimage.distance_transform_edt(~inside)
        distance += np.where(inside, -0.5, 0.5) + grow
        if feather:
            ramp = np.clip(0.5 + distance / (2.0 * feather), 0, 1)
            out = (ramp * ramp * (3 - 2 * ramp)).astype(np.float32)
        else:
            out = (distance > 0).astype(np.float32)
    return 1 - out if invert else out
