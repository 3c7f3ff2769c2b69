"""Figures of what the eye objects to in a proof, and pictures in which it would be seen."""

from functools import cache

import numpy as np
from scipy import ndimage

from overlay.imaging.colour import work_to_srgb


def calm_gain(after: np.ndarray, before: np.ndarray) -> float:
    """Local contrast of lightness after over before, where it was below 0.02; working space."""
    contrast = [_contrast(p[..., 0]) for p in (after, before)]
    calm = contrast[1] < 0.02
    return float(contrast[0][calm].sum() / contrast[1][calm].sum())


def _contrast(lightness: np.ndarray) -> np.ndarray:
    mean = ndimage.gaussian_filter(lightness, 5)
    return np.sqrt(np.maximum(ndimage.gaussian_filter(lightness**2, 5) - mean**2, 1e-8))


def hue_spread(after: np.ndarray, before: np.ndarray, things: np.ndarray) -> float:
    """Spread of both colour axes within things, after over before; the mean over things by area."""
    spreads = np.array([
        [picture[things == k][:, 1:].std(axis=0).sum() * (things == k).sum()
         for k in np.unique(things)]
        for picture in (after, before)
    ])  # fmt: skip
    return float(spreads[0].sum() / spreads[1].sum())


def least_distance(after: np.ndarray, before: np.ndarray, things: np.ndarray) -> float:
    """The least distance of the things' mean colours, after over before."""
    least = []
    for picture in (after, before):
        means = np.array([picture[things == k].mean(axis=0) for k in np.unique(things)])
        gaps = np.sqrt(((means[:, None] - means) ** 2).sum(axis=2)) + 9 * np.eye(len(means))
        least.append(gaps.min())
    return float(least[0] / least[1])


def continued(trace) -> float:
    """Share of patches whose match goes on in that of the right or the lower neighbour, 0..1."""
    found = np.zeros(trace.cue.shape, bool)
    same = (trace.turn == 0) & ~trace.mirrored
    for axis, (dy, dx) in ((0, (4, 0)), (1, (0, 4))):
        a = tuple(slice(None, -1) if k == axis else slice(None) for k in (0, 1))
        b = tuple(slice(1, None) if k == axis else slice(None) for k in (0, 1))
        step_x = np.where(trace.mirrored[a], -dx, dx)
        on = (trace.cue[a] == trace.cue[b]) & (trace.mirrored[a] == trace.mirrored[b])
        on &= (trace.y[b] - trace.y[a] == dy) & (trace.x[b] - trace.x[a] == step_x)
        found[a] |= on
        found[b] |= on
    return float(found[same | trace.mirrored].mean())


@cache
def evening(width: int = 240, height: int = 160) -> tuple[np.ndarray, np.ndarray]:
    """A lamp before a dark ground with leaves hardly lighter: uint8 sRGB, and which thing is where.

    Things: the ground 0, leaves 1, a bowl lit from the left 2, the lamp 3.
    """
    y, x = np.mgrid[0:height, 0:width] / height
    rng = np.random.default_rng(4)
    clouds = ndimage.gaussian_filter(rng.standard_normal((height, width)), 14)
    things = np.zeros((height, width), int)
    for cy, cx, ry, rx in ((0.3, 0.25, 0.22, 0.12), (0.75, 0.45, 0.15, 0.2), (0.2, 1.3, 0.2, 0.1)):
        things[((y - cy) / ry) ** 2 + ((x - cx) / rx) ** 2 < 1] = 1
    things[((y - 0.78) / 0.18) ** 2 + ((x - 1.1) / 0.3) ** 2 < 1] = 2
    things[(y - 0.4) ** 2 + (x - 0.8) ** 2 < 0.03] = 3
    colours = np.array(
        [[-0.32, -0.03, -0.04], [-0.24, -0.08, 0.02], [-0.1, 0.24, 0.14], [0.35, 0.02, 0.2]]
    )
    work = colours[things].astype(np.float32)
    work[..., 0] += (0.025 * clouds / clouds.std() * (things == 0)).astype(np.float32)
    shade = np.clip((x - 0.9) / 0.5, 0, 1) * (things == 2)
    work *= (1 - 0.45 * shade)[..., None]
    work[..., 0] -= 0.12 * shade
    soft = ndimage.gaussian_filter(work, (0.8, 0.8, 0))
    return work_to_srgb(soft.astype(np.float32)), things
