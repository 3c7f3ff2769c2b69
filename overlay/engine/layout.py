"""Layout: the big masses of light, dark and activity of a picture, loosely, its colours ignored."""

from dataclasses import dataclass

import numpy as np
import scipy

from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import resize

CELLS = 24  # of the frame's height
_LIVELIER = (0.6, 1.7)  # bounds of what activity may do to detail


def cells_of(height: int, width: int) -> tuple[int, int]:
    """Rows and columns of masses on a frame, never more than its pixels."""
    rows = min(CELLS, height)
    return rows, max(1, min(width, round(rows * width / height)))


def coarse(values: FloatImage) -> FloatImage:
    """A picture without anything finer than its masses, `(H, W[, C])` at its own size."""
    height, width = values.shape[:2]
    return resize(resize(values, *cells_of(height, width)), height, width)


@dataclass(frozen=True)
class Masses:
    """What is where, loosely, on the frame's cells.

    Attributes
    ----------
    rank : (rows, columns) float32 in 0..1, darkest to lightest.
    activity : (rows, columns) float32, contrast of detail against the picture's mean, about 1.
    covered : (rows, columns) float32 in 0..1.
    """

    rank: FloatImage
    activity: FloatImage
    covered: FloatImage


def find_masses(lightness: FloatImage, covered: FloatImage) -> Masses:
    """The masses of a picture that lies on the frame.

    Parameters
    ----------
    lightness, covered : (H, W) float32.
    """
    cells = cells_of(*lightness.shape)
    light = resize(lightness, *cells)
    order = np.empty(light.size, np.float32)
    # Equal tones share a rank, so that a flat sky is not given a slope.
    _, place, count = np.unique(np.round(light.ravel(), 3), return_inverse=True, return_counts=True)
    order[:] = (np.cumsum(count) - count / 2)[place] / light.size
    deviation = np.sqrt(np.maximum(resize((lightness - coarse(lightness)) ** 2, *cells), 0))
    activity = deviation / max(float(deviation.mean()), 1e-4)
    soft = np.asarray(scipy.ndimage.gaussian_filter(activity, 1.0, mode="nearest"), np.float32)
    return Masses(order.reshape(light.shape), soft, resize(covered, *cells).clip(0, 1))


def apply_masses(image: FloatImage, masses: Masses, amount: FloatImage, tones: FloatImage) -> None:
    """Draw a picture's masses towards others, in place.

    Parameters
    ----------
    image : (h, w, 3) float32, working space, at any scale of the frame.
    amount : (h, w) float32, or (1, 1) for everywhere, 0..1.
    tones : (n,) float32, the lightnesses that the masses may have, working space.
    """
    height, width = image.shape[:2]
    lightness = np.ascontiguousarray(image[..., 0])
    low = coarse(lightness)
    wanted = np.quantile(tones, masses.rank).astype(np.float32)
    strength = amount * resize(masses.covered, height, width).clip(0, 1)
    lively = resize(masses.activity, height, width).clip(*_LIVELIER)
    detail = (lightness - low) * (1 + strength * (lively - 1))
    image[..., 0] = low + strength * (resize(wanted, height, width) - low) + detail
