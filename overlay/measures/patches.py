"""Style match: sliced Wasserstein distance between patch distributions.

(Rabin et al. 2011, doi:10.1007/978-3-642-24785-9_37; on patches: Elnekave and Weiss 2022,
arXiv:2203.11862.)
"""

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import pyramid

_SIDE = 7
_DIRECTIONS = 64
_COUNT = 3000
_SCALES = 3


def _sampled_patches(image: FloatImage, seed: int, *, centred: bool) -> npt.NDArray[np.float32]:
    """`_COUNT` patches of 7x7, one a row, at fixed pseudo-random places."""
    height, width = image.shape[:2]
    rng = np.random.default_rng(seed)
    y = rng.integers(0, height - _SIDE + 1, _COUNT)
    x = rng.integers(0, width - _SIDE + 1, _COUNT)
    dy, dx = np.mgrid[0:_SIDE, 0:_SIDE]
    patches = image[y[:, None, None] + dy, x[:, None, None] + dx]
    if centred:
        patches = patches - patches.mean(axis=(1, 2), keepdims=True)
    return np.asarray(patches.reshape(_COUNT, -1), np.float32)


def patch_distance(image: FloatImage, reference: FloatImage, *, centred: bool = False) -> float:
    """Sliced Wasserstein-1 distance between the 7x7 patches of two pictures at three scales.

    Parameters
    ----------
    image, reference : (H, W, 3) float32, working space; sizes may differ.
    centred : leave each patch's mean colour out, so that only texture counts.

    Returns
    -------
    Mean over 64 fixed directions and the scales, in working-space units, at least 0.
    """
    rng = np.random.default_rng(77)
    total, used = 0.0, 0
    levels = zip(pyramid(image, _SCALES - 1), pyramid(reference, _SCALES - 1), strict=True)
    for a, b in levels:
        if min(*a.shape[:2], *b.shape[:2]) < _SIDE:
            break
        directions = rng.standard_normal((_SIDE * _SIDE * 3, _DIRECTIONS)).astype(np.float32)
        directions /= np.linalg.norm(directions, axis=0)
        pa = np.sort(_sampled_patches(a, 1, centred=centred) @ directions, axis=0)
        pb = np.sort(_sampled_patches(b, 2, centred=centred) @ directions, axis=0)
        total += float(np.abs(pa - pb).mean())
        used += 1
    return total / max(used, 1)


def style_match(proof: FloatImage, source: FloatImage | None, reference: FloatImage) -> float:
    """100 (1 - d / d0): how far the proof has come from the source to the reference's patches.

    `d0` is the distance of the source, or of the proof with its pixels shuffled when there is no
    source. 100 is the reference itself, 0 no nearer than the source; may be negative.
    """
    if source is None:
        order = np.random.default_rng(3).permutation(proof.shape[0] * proof.shape[1])
        source = np.ascontiguousarray(proof.reshape(-1, 3)[order].reshape(proof.shape))
    start = patch_distance(source, reference)
    return 100.0 * (1.0 - patch_distance(proof, reference) / max(start, 1e-9))
