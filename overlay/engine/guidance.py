"""Guides as extra channels of the patches: the same measure of contours on canvas and reference.

(Hertzmann et al. 2001, doi:10.1145/383259.383295: channels that steer which patch is chosen.)
"""

from typing import NamedTuple

import numpy as np
from scipy import ndimage

from overlay.engine.request import GuideCue
from overlay.imaging.colour import FloatImage
from overlay.imaging.gradients import normalised_gradient
from overlay.imaging.resample import halve, pyramid

# The channels of a guide of weight 1 count so much against the colours.
_FULL = 0.6
# Away from its contours a guide keeps this share of its weight: enough to avoid false contours,
# little enough to let the reference's texture live on flat areas.
_QUIET = 0.06


class GuideMoment(NamedTuple):
    """What the guides say at one scale and moment, all float32."""

    channels: FloatImage  # (h, w, 3)
    weight: FloatImage  # (h, w), of the channels against the colours, 0 up
    grip: FloatImage  # (h, w) in 0..1, how firmly contours of the source are held


class GuideField:
    """All guides of a request, per scale.

    Attributes
    ----------
    sigma : smoothing of gradients in pixels for canvas and references, or None without guides.
    """

    def __init__(self, guides: tuple[GuideCue, ...], levels: int) -> None:
        self._guides = [g for g in guides if g.weight > 0 and _anywhere(g.region)]
        self._kept: tuple[tuple[int, float], GuideMoment] | None = None
        self.sigma = max(self._guides[0].sigma, 0.5) if self._guides else None
        self._channels = [_channel_pyramid(g, levels) for g in self._guides]
        self._reach = [[_near_contours(c) for c in channels] for channels in self._channels]
        self._regions = [
            None if g.region is None else pyramid(g.region, levels) for g in self._guides
        ]

    def at(self, level: int, progress: float, shape: tuple[int, int]) -> GuideMoment:
        """Channels, weight and grip for a moment, kept until another is asked for.

        Several guides are averaged by their weights; the weight is their sum.
        """
        key = (level, progress)
        if self._kept is None or self._kept[0] != key:
            self._kept = key, self._moment(level, progress, shape)
        return self._kept[1]

    def _moment(self, level: int, progress: float, shape: tuple[int, int]) -> GuideMoment:
        channels = np.zeros((*shape, 3), np.float32)
        total, near, line = (np.zeros(shape, np.float32) for _ in range(3))
        parts = zip(self._guides, self._channels, self._reach, self._regions, strict=True)
        for guide, levels, reach, region in parts:
            amount = np.float32(guide.weight * guide.envelope.at(progress))
            if amount <= 0:
                continue
            weight = amount if region is None else amount * region[level]
            drawn = np.float32(_QUIET) + np.float32(1 - _QUIET) * reach[level]
            channels += levels[level] * np.broadcast_to(weight, shape)[..., None]
            total += weight
            near = np.maximum(near, drawn)
            line = np.maximum(line, levels[level][..., 0])
        channels /= np.maximum(total, 1e-6)[..., None]
        return GuideMoment(channels, near * (np.float32(_FULL) * total) ** 2, line * total)


def _anywhere(region: FloatImage | None) -> bool:
    return region is None or bool((region > 0).any())


def _near_contours(channels: FloatImage) -> FloatImage:
    """1 where a patch would show a contour of the map, 0 where it would show none."""
    widest = ndimage.maximum_filter(channels[..., 0], 7)
    return np.asarray(np.clip(2.5 * ndimage.uniform_filter(widest, 5), 0, 1), np.float32)


def _channel_pyramid(guide: GuideCue, levels: int) -> list[FloatImage]:
    """Channels at every scale: gradients of the smaller picture, where the map shows a contour."""
    out = []
    lightness, strength = guide.lightness, guide.strength
    for level in range(levels + 1):
        if level:
            lightness = halve(lightness)
            # A line one pixel wide must survive halving.
            strength = np.minimum(2.0 * halve(strength), 1.0)
        g = normalised_gradient(lightness, guide.sigma)
        amount = g.strength * strength
        out.append(np.stack([amount, amount * g.cos2, amount * g.sin2], -1).astype(np.float32))
    return out
