"""Structure kept: whether contours are where they were; and layout match: whether masses are."""

import numpy as np
from scipy import ndimage
from scipy.stats import rankdata

from overlay.imaging.colour import FloatImage
from overlay.imaging.gradients import gradient_strength
from overlay.imaging.resample import resize


def rank_correlation(a: FloatImage, b: FloatImage) -> float:
    """Spearman's correlation of two arrays: that of their ranks; equal values share a mean rank."""
    return correlation(*(np.asarray(rankdata(v), np.float32) for v in (a, b)))


def correlation(a: FloatImage, b: FloatImage) -> float:
    """Pearson correlation of two arrays, 0 when either is constant."""
    a, b = a.ravel() - a.mean(), b.ravel() - b.mean()
    scale = float(np.sqrt((a @ a) * (b @ b)))
    return float(a @ b) / scale if scale > 1e-12 else 0.0


def structure_kept(proof: FloatImage, structure: FloatImage) -> float:
    """100 times the correlation of locally normalised gradient strength, blurred by 1.5 pixels.

    Parameters
    ----------
    proof, structure : (H, W, 3) float32, working space, of the same size.
    """

    def contours(image: FloatImage) -> FloatImage:
        strength = gradient_strength(image[..., 0], 1.2, floor=0.1)
        return np.asarray(ndimage.gaussian_filter(strength, 1.5, truncate=3.0), np.float32)

    return 100.0 * correlation(contours(proof), contours(structure))


def layout_match(proof: FloatImage, structure: FloatImage) -> float:
    """100 times the rank correlation of lightness at 24 cells of height (Spearman 1904)."""
    height, width = proof.shape[:2]
    cells = (24, max(1, round(24 * width / height)))
    a, b = (
        resize(np.ascontiguousarray(image[..., 0]), *cells).ravel() for image in (proof, structure)
    )
    if a.std() < 1e-6 or b.std() < 1e-6:
        return 0.0
    return 100.0 * rank_correlation(a, b)
