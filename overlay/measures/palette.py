"""Palette distance: how far the colours of two pictures lie apart."""

import numpy as np

from overlay.imaging.colour import FloatImage
from overlay.imaging.numbers.products import product

_DIRECTIONS = 48


def palette_distance(image: FloatImage, reference: FloatImage) -> float:
    """Mean OKLab transport distance between colour distributions, times 100.

    Estimated by sliced transport: in three dimensions the mean length of a projection is half the
    length, so the mean over directions is doubled (Rabin et al. 2011,
    doi:10.1007/978-3-642-24785-9_37).

    Parameters
    ----------
    image, reference : (H, W, 3) float32, working space; converted to plain OKLab here.
    """
    return colours_apart(colour_profile(image), colour_profile(reference))


def colour_profile(image: FloatImage) -> FloatImage:
    """What `palette_distance` compares: sorted projections of sampled colours, (8000, 48)."""
    rng = np.random.default_rng(9)
    directions = rng.standard_normal((3, _DIRECTIONS)).astype(np.float32)
    directions /= np.linalg.norm(directions, axis=0)
    return np.asarray(np.sort(product(_colours(image), directions), axis=0), np.float32)


def colours_apart(a: FloatImage, b: FloatImage) -> float:
    """The palette distance from profiles, for whoever compares with several references."""
    return float(200.0 * np.abs(a - b).mean())


def _colours(image: FloatImage, count: int = 8000) -> FloatImage:
    flat = image.reshape(-1, 3)
    picks = np.floor((np.arange(count) + 0.5) * len(flat) / count).astype(np.int64)
    return flat[picks] * np.array([1.0, 0.5, 0.5], np.float32)
