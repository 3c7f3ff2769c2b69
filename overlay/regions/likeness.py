"""Areas by likeness: what looks as samples do, by colour and by how rough it is.

Samples and picture are described on every pixel of a small copy by colour near and around it, and
by how much lightness varies there; samples are summed up by a few middles each (k-means, Lloyd
1982, doi:10.1109/TIT.1982.1056489), and a pixel belongs where it is nearer to one of theirs than to
what lay beside them, and not farther than samples themselves are.
"""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work
from overlay.imaging.numbers.curves import exp
from overlay.imaging.resample import resize
from overlay.regions.picks import PickStroke, from_seeds, small_copy

Numbers = npt.NDArray[np.float64]
_SIZES = (160, 80)  # rows that samples are seen at: how near they were is not known
_MIDDLES, _EACH = 8, 4000  # at most, and pixels they are made of
_WEIGHTS = np.array([0.5, 1.6, 1.6, 0.35, 0.8, 0.8, 2.0, 2.0])
_FLOOR = 0.02  # spread of a middle at least
_USUAL = 90  # percentile of samples' own distances that still counts as fully alike
_SURE, _NOT, _FOUND = 0.7, 0.3, 0.55  # likeness that is sure, that is none, and that must be met
_LEAST = 0.004  # share of the picture that must be alike, for anything to be found


@dataclass(frozen=True)
class Sample:
    """(H, W, 3) uint8 sRGB, and (H, W) bool: what of it is meant."""

    picture: ByteImage
    inside: npt.NDArray[np.bool_]


@dataclass(frozen=True)
class Likeness:
    """What samples have in common.

    Attributes
    ----------
    inside, outside : middles with their spreads, (n, 2, 8); none outside where all was meant.
    usual : how far samples themselves are from their middles, at least one spread.
    """

    inside: Numbers
    outside: Numbers
    usual: float


def learn_likeness(samples: Sequence[Sample]) -> Likeness:
    """What samples have in common; raises `ValueError` where nothing is meant."""
    within, beside = [], []
    for sample in samples:
        work = srgb_to_work(sample.picture)
        for rows in _SIZES:
            small = small_copy(work, rows)
            traits = _traits(small)
            cover = resize(sample.inside.astype(np.float32), *small.shape[:2])
            within.append(traits[cover > 0.9])
            beside.append(traits[cover < 0.1])
    inner, outer = np.concatenate(within), np.concatenate(beside)
    if len(inner) < 8:
        raise ValueError(f"samples must show the area on 8 pixels at least, got {len(inner)}")
    middles = _middles(inner)
    usual = max(float(np.percentile(_away(inner, middles), _USUAL)), 1.0)
    return Likeness(middles, _middles(outer), usual)


def find_alike(
    picture: ByteImage, likeness: Likeness, strokes: Sequence[PickStroke] = ()
) -> FloatImage:
    """Where a picture looks like samples: (H, W) float32 in 0..1, nothing where it does not.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    strokes : corrections, which spread along the picture's own edges.
    """
    work = srgb_to_work(picture)
    small = small_copy(work)
    alike = scipy.ndimage.gaussian_filter(_alike(_traits(small), likeness), 1.0)
    if float((alike > _FOUND).mean()) < _LEAST and not strokes:
        return np.zeros(picture.shape[:2], np.float32)
    seeds = np.where(alike > _SURE, 1.0, np.where(alike < _NOT, -1.0, 0.0))
    return from_seeds(work, small, seeds, strokes)


def _alike(traits: Numbers, likeness: Likeness) -> Numbers:
    """0..1 on every pixel of a small copy."""
    flat = traits.reshape(-1, traits.shape[-1])
    away = _away(flat, likeness.inside) / likeness.usual
    out = np.clip(2.0 - away, 0, 1)
    if len(likeness.outside):
        other = _away(flat, likeness.outside) / likeness.usual
        out *= 1 / (1 + exp(-3.0 * (other - away)))
    return np.asarray(out.reshape(traits.shape[:-1]))


def _traits(work: FloatImage) -> Numbers:
    """(h, w, 8): colour near and around, and how lightness varies, weighed against each other."""
    image = work.astype(np.float64)
    near = scipy.ndimage.gaussian_filter(image, (1, 1, 0))
    around = scipy.ndimage.gaussian_filter(image, (4, 4, 0))
    light = image[..., 0]
    rough = np.sqrt(
        np.maximum(scipy.ndimage.gaussian_filter((light - around[..., 0]) ** 2, 2.5), 0.0)
    )
    fine = scipy.ndimage.gaussian_filter(np.abs(light - near[..., 0]), 2.5)
    every = np.concatenate([near, around, rough[..., None], fine[..., None]], axis=2)
    return np.asarray(every * _WEIGHTS)


def _middles(traits: Numbers) -> Numbers:
    """(n, 2, 8): a few middles with their spreads."""
    # Not at the top: the window would wait for it when it starts.
    from scipy.cluster.vq import kmeans, vq

    if not len(traits):
        return np.empty((0, 2, traits.shape[-1]))
    chosen = traits[:: max(len(traits) // _EACH, 1)]
    count = int(np.clip(len(chosen) // 40, 1, _MIDDLES))
    means, _ = kmeans(chosen, count, iter=3, rng=np.random.default_rng(7))
    owners, _ = vq(chosen, means)
    kept = [k for k in range(len(means)) if (owners == k).any()]
    spreads = [np.maximum(chosen[owners == k].std(axis=0), _FLOOR) for k in kept]
    return np.stack([np.stack([means[k], s]) for k, s in zip(kept, spreads, strict=True)])


def _away(traits: Numbers, middles: Numbers) -> Numbers:
    """How far each is from the nearest middle, in its spreads."""
    apart = [np.sqrt((((traits - mean) / spread) ** 2).mean(axis=1)) for mean, spread in middles]
    return np.asarray(np.min(apart, axis=0))
