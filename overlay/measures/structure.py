"""Structure kept: whether contours are where they were; and layout match: whether masses are."""

import numpy as np

from overlay.imaging.colour import FloatImage
from overlay.imaging.filters import gaussian
from overlay.imaging.gradients import gradient_strength
from overlay.imaging.resample import halve, resize
from overlay.measures.contours import Contours, contours_of, found_again

_LOOKED_AT = 256  # pixels of the longer side, at least, at which contours are compared
_BROAD = 0.25  # how much those at half size count


def rank_correlation(a: FloatImage, b: FloatImage) -> float:
    """Spearman's correlation of two arrays: that of their ranks; equal values share a mean rank."""
    return correlation(_ranks(a), _ranks(b))


def _ranks(values: FloatImage) -> FloatImage:
    _, which, counts = np.unique(values, return_inverse=True, return_counts=True)
    last = np.cumsum(counts)
    return np.asarray((last - (counts - 1) / 2)[which.ravel()], np.float32)


def correlation(a: FloatImage, b: FloatImage) -> float:
    """Pearson correlation of two arrays, 0 when either is constant."""
    a, b = a.ravel() - a.mean(), b.ravel() - b.mean()
    scale = float(np.sqrt((a * a).sum() * (b * b).sum()))
    return float((a * b).sum()) / scale if scale > 1e-12 else 0.0


def wanted_contours(structure: FloatImage) -> tuple[Contours, Contours]:
    """What `structure_kept` looks for of a picture (H, W, 3), fine and broad."""
    while max(structure.shape[:2]) >= 2 * _LOOKED_AT:
        structure = halve(structure)
    return contours_of(structure), contours_of(halve(structure))


def structure_kept(
    proof: FloatImage, structure: FloatImage, wanted: tuple[Contours, Contours] | None = None
) -> float:
    """How many of the structure picture's contours are found again in the proof, 0 to 100.

    0 is chance, 100 is all. What the proof has besides, its marks, does not count against it, but
    for making chance finds likelier. Taken at a common size, so that a trial and a proof can be
    compared, and at half of it, which counts a quarter. See `contours.found_again`.

    Parameters
    ----------
    proof, structure : (H, W, 3) float32, working space, of the same size.
    wanted : `wanted_contours` of the structure picture, for whoever asks about it many times.
    """
    wanted = wanted_contours(structure) if wanted is None else wanted
    shares = map(found_again, wanted_contours(proof), wanted)
    known = [(s, w) for s, w in zip(shares, (1 - _BROAD, _BROAD), strict=True) if s is not None]
    if not known:
        return 0.0
    share = sum(s * w for s, w in known) / sum(w for _, w in known)
    return float(np.clip(100 * share, 0, 100))


def contour_correlation(proof: FloatImage, structure: FloatImage) -> float:
    """100 times the correlation of locally normalised gradient strength, blurred by 1.5 pixels.

    What "structure kept" was up to version 0.6: every mark counts against the proof.

    Parameters
    ----------
    proof, structure : (H, W, 3) float32, working space, of the same size.
    """

    def contours(image: FloatImage) -> FloatImage:
        return gaussian(gradient_strength(image[..., 0], 1.2, floor=0.1), 1.5)

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
