"""Guides as extra channels of the patches: the same measure of contours on canvas and reference.

(Hertzmann et al. 2001, doi:10.1145/383259.383295: channels that steer which patch is chosen.)
"""

from collections.abc import Sequence
from functools import partial
from typing import Any, NamedTuple

import numpy as np

from overlay.engine.blocks import BlockField
from overlay.engine.kept import content_key, keep
from overlay.engine.matching.field import PAD, pad_canvas, sparse
from overlay.engine.request import GuideCue
from overlay.imaging.colour import FloatImage
from overlay.imaging.filters import box_mean, maximum, reflected
from overlay.imaging.gradients import gradient_channels
from overlay.imaging.resample import halve, pyramid

# The channels of a guide of weight 1 count so much against the colours.
_FULL = 0.36
# How firmly a guide holds for little weight, a unit of it; at weight 1 it is 1.
_EAGER = 1.1
# Away from its contours a guide keeps this share of its weight: enough to avoid false contours,
# little enough to let the reference's texture live on flat areas.
_QUIET = 0.18


class GuideMoment(NamedTuple):
    """What the guides say at one scale and moment, all float32."""

    channels: FloatImage  # (h + 16, w + 16, 3), continued beyond the rim like a query's canvas
    weight: FloatImage  # sparse map of the channels' weight against the colours, 0 up
    near: FloatImage  # sparse, 0..1, how far a patch there has a contour to meet
    grip: FloatImage  # (h, w), 0 up, how firmly contours are held
    lightness: FloatImage  # (h, w), the guides' own, whose contours are held


class _Scaled(NamedTuple):
    """A guide at one scale."""

    channels: FloatImage  # (h + 16, w + 16, 3)
    reach: FloatImage  # sparse, 1 where a patch would show a contour
    lightness: FloatImage  # (h, w)
    region: FloatImage | None  # (h, w)


class GuideField:
    """All guides of a request, at the scale that is asked for.

    Attributes
    ----------
    sigma : smoothing of gradients in pixels for canvas and references, or None without guides.
    """

    def __init__(self, guides: tuple[GuideCue, ...], levels: int) -> None:
        spoken = [g for g in guides if g.weight > 0 and _anywhere(g.region)]
        self._guides = [g for g in spoken if g.masses is None]
        self.blocks = BlockField([g for g in spoken if g.masses is not None], levels)
        self.sigma = max(self._guides[0].sigma, 0.5) if self._guides else None
        self._keys = [content_key(g.lightness, g.strength, g.region) for g in self._guides]
        self._pyramids = [
            keep(("guide", key, levels), partial(_pyramids, guide, levels))
            for key, guide in zip(self._keys, self._guides, strict=True)
        ]
        self._level: tuple[int, list[_Scaled]] | None = None
        self._kept: tuple[tuple[object, ...], GuideMoment] | None = None

    def at(self, level: int, progress: float, shape: tuple[int, int]) -> GuideMoment:
        """Channels, weight and grip for a moment, kept while the guides say the same.

        Several guides are averaged by their weights; the weight is their sum.
        """
        key = level, self.amounts(progress)
        if self._kept is None or self._kept[0] != key:
            self._kept = None  # before the next is made, for memory
            self._kept = key, self._moment(level, key[1], shape)
        return self._kept[1]

    def amounts(self, progress: float) -> tuple[float, ...]:
        """How firmly each guide of contours holds at a moment, 0 up."""
        return tuple(firmness(g.weight * g.span.at(progress)) for g in self._guides)

    def _moment(
        self, level: int, amounts: tuple[float, ...], shape: tuple[int, int]
    ) -> GuideMoment:
        levels = zip(amounts, self._at_level(level), strict=True)
        spoken = [(amount, scaled) for amount, scaled in levels if amount > 0]
        grip, lightness = np.zeros(shape, np.float32), np.zeros(shape, np.float32)
        few = sparse(grip)
        total, near, meets = few.copy(), few.copy(), few.copy()
        for amount, scaled in spoken:
            region = np.float32(1) if scaled.region is None else scaled.region
            line = scaled.channels[PAD:-PAD, PAD:-PAD, 0]
            grip += amount * region * line
            lightness += amount * region * scaled.lightness
            where = np.float32(1) if scaled.region is None else sparse(scaled.region)
            total += amount * where
            np.maximum(near, np.float32(_QUIET) + np.float32(1 - _QUIET) * scaled.reach, out=near)
            np.maximum(meets, np.minimum(amount * where, 1) * scaled.reach, out=meets)
        weight = near * (np.float32(_FULL) * total) ** 2
        if len(spoken) == 1:
            lightness = spoken[0][1].lightness
        elif spoken:
            lightness /= np.maximum(_amounts(spoken, shape), np.float32(1e-6))
        return GuideMoment(_averaged(spoken, shape), weight, meets, grip, lightness)

    def _at_level(self, level: int) -> list[_Scaled]:
        if self._level is None or self._level[0] != level:
            self._level = None
            parts = zip(self._keys, self._guides, self._pyramids, strict=True)
            self._level = level, [
                keep(
                    ("scaled", key, guide.sigma, level),
                    partial(_scaled, *(part[level] for part in sizes), sigma=guide.sigma),
                )
                for key, guide, sizes in parts
            ]  # fmt: skip
        return self._level[1]


def firmness(weight: float) -> float:
    """How firmly a guide of a weight holds: somewhat faster at first, so that low weights count."""
    return weight * (_EAGER - (_EAGER - 1.0) * weight)


def _pyramids(guide: GuideCue, levels: int) -> tuple[Sequence[Any], ...]:
    """A guide's lightness, strength and region at every scale."""
    region = guide.region
    regions: Sequence[Any] = [None] * (levels + 1) if region is None else pyramid(region, levels)
    return pyramid(guide.lightness, levels), _line_pyramid(guide.strength, levels), regions


def _scaled(
    lightness: FloatImage, strength: FloatImage, region: FloatImage | None, *, sigma: float
) -> _Scaled:
    """Gradients of the picture at this scale, where the map shows a contour."""
    channels = gradient_channels(lightness, sigma)
    channels *= strength[..., None]
    reach = np.clip(2.5 * box_mean(maximum(channels[..., 0], 7), 5), 0, 1)
    few = sparse(np.asarray(reach, np.float32))
    return _Scaled(pad_canvas(channels), few, lightness, region)


def _amounts(spoken: list[tuple[float, _Scaled]], shape: tuple[int, int]) -> FloatImage:
    """How much the guides say together at each pixel."""
    total = np.zeros(shape, np.float32)
    for amount, scaled in spoken:
        total += amount if scaled.region is None else amount * scaled.region
    return total


def _averaged(spoken: list[tuple[float, _Scaled]], shape: tuple[int, int]) -> FloatImage:
    """The guides' channels, each counted by its weight."""
    if len(spoken) == 1 and spoken[0][1].region is None:
        return spoken[0][1].channels
    channels = np.zeros((shape[0] + 2 * PAD, shape[1] + 2 * PAD, 3), np.float32)
    total = np.zeros(channels.shape[:2], np.float32)
    for amount, scaled in spoken:
        weight = np.full((1, 1), amount, np.float32)
        if scaled.region is not None:
            weight = amount * reflected(scaled.region, PAD)
        channels += scaled.channels * weight[..., None]
        total += weight
    channels /= np.maximum(total, 1e-6)[..., None]
    return channels


def _anywhere(region: FloatImage | None) -> bool:
    return region is None or bool((region > 0).any())


def _line_pyramid(strength: FloatImage, levels: int) -> list[FloatImage]:
    """Halved again and again; a line one pixel wide must survive."""
    out = [strength]
    for _ in range(levels):
        out.append(np.minimum(2.0 * halve(out[-1]), 1.0))
    return out
