"""Finding the sky of a picture."""

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import FloatImage

_WARM = 0.07  # b of what is too brown for a sky, unless it glows
_GLOWING = 0.25  # lightness, working space
_LEAST, _WIDEST_GAP = 0.05, 0.3  # share of the picture, and of its top row, that a sky covers
_DARK, _UNEVEN = -0.02, 0.035  # lightness of an evening's sky, and how far it is from a plain fade


def find_sky(work: FloatImage) -> npt.NDArray[np.bool_]:
    """What is smooth, bright or blue, and joined to the top: (h, w) bool, nothing if there is none.

    A sky spans a good part of the top; a dark one fades evenly, which dark leaves and walls do not.

    Parameters
    ----------
    work : (h, w, 3) float32, working space.
    """
    light, warm = work[..., 0], work[..., 2]
    rough = scipy.ndimage.gaussian_filter(
        np.hypot(scipy.ndimage.sobel(light, 0), scipy.ndimage.sobel(light, 1)), 1.5
    )
    blue = (warm < -0.03) & (light > np.quantile(light, 0.2))
    bright = light > max(float(np.quantile(light, 0.6)), 0.1)
    fair = (rough < 0.2) & (blue | bright) & ((warm < _WARM) | (light > _GLOWING))
    for seen in (fair, (rough < 0.1) & (warm < -0.02)):
        sky = _from_the_top(seen)
        if _is_sky(sky, light):
            return sky
    return np.zeros(light.shape, bool)


def _from_the_top(seen: npt.NDArray[np.bool_]) -> npt.NDArray[np.bool_]:
    """What of it hangs together with the top rows, small gaps closed."""
    labels, _ = scipy.ndimage.label(scipy.ndimage.binary_opening(seen, np.ones((3, 3), bool)))
    top = np.unique(labels[: max(2, seen.shape[0] // 40)])
    sky = np.isin(labels, top[top > 0])
    return np.asarray(
        scipy.ndimage.binary_closing(np.pad(sky, 4, mode="edge"), iterations=3)[4:-4, 4:-4]
    )


def _is_sky(sky: npt.NDArray[np.bool_], light: FloatImage) -> bool:
    if sky.mean() < _LEAST or sky[: max(2, len(sky) // 40)].any(axis=0).mean() < _WIDEST_GAP:
        return False
    if float(np.median(light[sky])) >= _DARK:
        return True
    y, x = (v[sky] / max(sky.shape) for v in np.mgrid[: sky.shape[0], : sky.shape[1]])
    terms = np.stack([np.ones_like(y), y, x, y * y, x * x, x * y], axis=1)
    fade = terms @ np.linalg.lstsq(terms, light[sky], rcond=None)[0]
    return bool(np.std(light[sky] - fade) < _UNEVEN)
