"""Finding the sky of a picture."""

import numpy as np
import numpy.typing as npt
from scipy import ndimage

from overlay.imaging.colour import FloatImage


def find_sky(work: FloatImage) -> npt.NDArray[np.bool_]:
    """What is smooth, bright or blue, and joined to the top: (h, w) bool.

    Parameters
    ----------
    work : (h, w, 3) float32, working space.
    """
    light = work[..., 0]
    rough = ndimage.gaussian_filter(np.hypot(ndimage.sobel(light, 0), ndimage.sobel(light, 1)), 1.5)
    blue = (work[..., 2] < -0.03) & (light > np.quantile(light, 0.2))
    bright = light > max(float(np.quantile(light, 0.6)), 0.1)
    seen = (rough < 0.2) & (blue | bright)
    seen = ndimage.binary_opening(seen, np.ones((3, 3), bool))
    labels, _ = ndimage.label(seen)
    top = np.unique(labels[: max(2, light.shape[0] // 40)])
    sky = np.isin(labels, top[top > 0])
    sky = ndimage.binary_closing(np.pad(sky, 4, mode="edge"), iterations=3)[4:-4, 4:-4]
    if sky.mean() < 0.02:
        return np.zeros_like(sky)
    return np.asarray(sky)
