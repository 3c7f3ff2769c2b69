"""Light: the tonal range of one picture, and how its tones are distributed, for another."""

import numpy as np
import numpy.typing as npt
from scipy import ndimage

from overlay.imaging.colour import FloatImage

_KNOTS = 13


def tone_curve(
    source: FloatImage, target: FloatImage
) -> tuple[npt.NDArray[np.float64], npt.NDArray[np.float64]]:
    """Knots of a rising curve that gives `source`'s lightness the tonal range of `target`.

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
    to = ndimage.gaussian_filter1d(to, 1.0, mode="nearest")
    return np.asarray(at, np.float64), np.asarray(to, np.float64)


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
    curve = np.interp(smooth, np.asarray(at), np.asarray(to)).astype(np.float32)
    return np.asarray(lightness + curve - smooth)
