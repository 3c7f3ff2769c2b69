"""Style match: sliced Wasserstein distance between patch distributions.

(Rabin et al. 2011, doi:10.1007/978-3-642-24785-9_37; on patches: Elnekave and Weiss 2022,
arXiv:2203.11862.)
"""

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage
from overlay.imaging.numbers.products import product
from overlay.imaging.resample import pyramid

_SIDE = 7
_DIRECTIONS = 64
_COUNT = 3000
_SCALES = 3

# For each scale, sorted projections of sampled patches on fixed directions: (patches, directions).
Profile = list[npt.NDArray[np.float32]]


def patch_profile(image: FloatImage, *, centred: bool = False) -> Profile:
    """What `profile_distance` compares: a picture's 7x7 patches at three scales, projected.

    Parameters
    ----------
    image : (H, W, 3) float32, working space.
    centred : leave each patch's mean colour out, so that only texture counts.
    """
    rng = np.random.default_rng(77)
    profile = []
    for picture in pyramid(image, _SCALES - 1):
        if min(picture.shape[:2]) < _SIDE:
            break
        directions = rng.standard_normal((_SIDE * _SIDE * 3, _DIRECTIONS)).astype(np.float32)
        directions /= np.linalg.norm(directions, axis=0)
        patches = _sampled_patches(picture, centred=centred)
        profile.append(np.sort(product(patches, directions), axis=0))
    return profile


def profile_distance(a: Profile, b: Profile) -> float:
    """Sliced Wasserstein-1 distance: mean over directions and the scales both have, at least 0."""
    gaps = [float(np.abs(x - y).mean()) for x, y in zip(a, b, strict=False)]
    return sum(gaps) / max(len(gaps), 1)


def _sampled_patches(image: FloatImage, *, centred: bool) -> npt.NDArray[np.float32]:
    """`_COUNT` patches of 7x7, one a row, at fixed pseudo-random places."""
    height, width = image.shape[:2]
    rng = np.random.default_rng(1)
    y = rng.integers(0, height - _SIDE + 1, _COUNT)
    x = rng.integers(0, width - _SIDE + 1, _COUNT)
    windows = np.lib.stride_tricks.sliding_window_view(image, (_SIDE, _SIDE), axis=(0, 1))
    patches = np.ascontiguousarray(windows[y, x].transpose(0, 2, 3, 1), np.float32)
    if centred:
        patches -= patches.mean(axis=(1, 2), keepdims=True)
    return patches.reshape(_COUNT, -1)


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
    ours, theirs = (patch_profile(p, centred=centred) for p in (image, reference))
    return profile_distance(ours, theirs)


def shuffled(image: FloatImage) -> FloatImage:
    """A picture with its pixels in disorder, which stands for the source where there is none."""
    order = np.random.default_rng(3).permutation(image.shape[0] * image.shape[1])
    return np.ascontiguousarray(image.reshape(-1, 3)[order].reshape(image.shape))


def style_match(proof: FloatImage, source: FloatImage | None, reference: FloatImage) -> float:
    """100 (1 - d / d0): how far the proof has come from the source to the reference's patches.

    `d0` is the distance of the source, or of the proof with its pixels shuffled when there is no
    source. 100 is the reference itself, 0 no nearer than the source; may be negative.
    """
    start = shuffled(proof) if source is None else source
    return match_of(*(patch_profile(p) for p in (proof, start, reference)))


def match_of(proof: Profile, start: Profile, reference: Profile) -> float:
    """The style match from profiles, for whoever compares with several references."""
    apart = profile_distance(start, reference)
    return 100.0 * (1.0 - profile_distance(proof, reference) / max(apart, 1e-9))
