"""Evenness: how far the pictures of a set look made by one hand.

Compared are colour, tone, mark size and texture. Distances of colour are those between normal
distributions (Dowson and Landau 1982, doi:10.1016/0047-259X(82)90077-X), here with the roots of
covariances compared element by element, which is the same where they have the same axes.
"""

from collections.abc import Sequence
from dataclasses import dataclass
from itertools import pairwise
from typing import NamedTuple

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import pyramid

PARTS = ("colour", "tone", "mark size", "texture")
# A spread of each that halves nothing but is plainly seen; the study's constants, set on its sets.
_USUAL = np.array([0.12, 0.16, 0.30, 0.80])
_TONES = np.linspace(0.02, 0.98, 25)
_OCTAVES = 5  # of marks, from 1 pixel up
_PLAIN = np.array([1.0, 0.5, 0.5], np.float32)  # from the working space to OKLab
_OUT = 1.6  # times the others' usual distance from the set, from which a picture stands out

Array = npt.NDArray[np.float64]


class Traits(NamedTuple):
    """What is compared of a picture.

    Attributes
    ----------
    mean : (3,), OKLab. root : (3, 3), root of the colours' covariance. tones : (25,), quantiles of
    lightness from 0 to 1. mark_size : log2 of pixels. texture : natural log of contrast.
    """

    mean: Array
    root: Array
    tones: Array
    mark_size: float
    texture: float


def traits_of(picture: FloatImage) -> Traits:
    """A picture's traits; its working space (h, w, 3) float32."""
    colours = (picture.reshape(-1, 3) * _PLAIN).astype(np.float64)
    colours[:, 0] += 0.5  # lightness from black 0 to white 1
    values, axes = np.linalg.eigh(np.cov(colours.T))
    root = (axes * np.sqrt(np.maximum(values, 0))) @ axes.T
    bands = _bands(np.ascontiguousarray(picture[..., 0]))
    energy = bands**2
    size = float(energy @ np.arange(len(bands)) / max(energy.sum(), 1e-12))
    texture = float(np.log(np.sqrt(energy[:3].sum()) + 1e-4))
    return Traits(colours.mean(axis=0), root, np.quantile(colours[:, 0], _TONES), size, texture)


def _bands(lightness: FloatImage) -> Array:
    """Deviation of lightness in each octave, from the finest."""
    levels = pyramid(lightness[..., None], _OCTAVES)
    bands = []
    for fine, coarse in pairwise(levels):
        blown = np.repeat(np.repeat(coarse, 2, axis=0), 2, axis=1)[: fine.shape[0], : fine.shape[1]]
        bands.append(float(np.std(fine - blown)))
    return np.array(bands)


@dataclass(frozen=True)
class Evenness:
    """How even a set is.

    Attributes
    ----------
    value : 0..100. apart : (pictures, 4), each one's distance from the set in colour, tone, mark
    size and texture, in units that weigh alike. traits : of the pictures, in the same order.
    """

    value: float
    apart: Array
    traits: tuple[Traits, ...]

    @property
    def outlier(self) -> int | None:
        """The place of the picture that stands out; None where none does, or there are but two."""
        if len(self.apart) < 3:
            return None
        total = self.apart.sum(axis=1)
        place = int(total.argmax())
        return place if total[place] > _OUT * np.median(np.delete(total, place)) else None

    def says(self, place: int) -> str:
        """What sets a picture apart most, and to which side: `darker`, `larger marks`."""
        part = int(self.apart[place].argmax())
        own, others = self.traits[place], [t for i, t in enumerate(self.traits) if i != place]
        if part == 0:
            return _colour_said(own, others)
        if part == 1:
            return _tone_said(own, others)
        if part == 2:
            return _than(
                "larger marks", "smaller marks", own.mark_size, [t.mark_size for t in others]
            )
        return _than("more texture", "less texture", own.texture, [t.texture for t in others])


def evenness(traits: Sequence[Traits]) -> Evenness:
    """How even a set is: 100 exp(-(C/.12 + T/.16 + S/.30 + E/.8) / 2).

    C, T, S, E are the root mean square distances from the set's mean: of colour in OKLab, of
    tone, of mark size in octaves times log 2, and of texture in logarithms of its contrast.
    """
    if not traits:
        raise ValueError("traits must be those of at least one picture, got none")
    mean, root, tones = (
        np.array([getattr(t, k) for t in traits]) for k in ("mean", "root", "tones")
    )
    colour = ((mean - mean.mean(axis=0)) ** 2).sum(axis=1)
    colour += ((root - root.mean(axis=0)) ** 2).sum(axis=(1, 2))
    tone = ((tones - tones.mean(axis=0)) ** 2).mean(axis=1)
    size = np.log(2) ** 2 * _squares([t.mark_size for t in traits])
    texture = _squares([t.texture for t in traits])
    squared = np.stack([colour, tone, size, texture], axis=1)
    spread = np.sqrt(squared.mean(axis=0))
    value = 100.0 * float(np.exp(-0.5 * (spread / _USUAL).sum()))
    return Evenness(value, np.sqrt(squared) / _USUAL, tuple(traits))


def _squares(values: Sequence[float]) -> Array:
    array = np.array(values)
    return np.asarray((array - array.mean()) ** 2)


def _than(more: str, less: str, own: float, others: Sequence[float]) -> str:
    return more if own > float(np.mean(others)) else less


def _tone_said(own: Traits, others: Sequence[Traits]) -> str:
    gap = own.tones - np.mean([t.tones for t in others], axis=0)
    if abs(gap.mean()) > 0.5 * np.abs(gap).mean():
        return "lighter" if gap.mean() > 0 else "darker"
    return "more contrast" if gap[-3] > gap[2] else "less contrast"


def _colour_said(own: Traits, others: Sequence[Traits]) -> str:
    """The side on which its mean lies, or how far its colours spread, whichever is farther off."""
    gap = own.mean - np.mean([t.mean for t in others], axis=0)
    spread = np.trace(own.root) - float(np.mean([np.trace(t.root) for t in others]))
    if abs(spread) > np.linalg.norm(gap):
        return "more colourful" if spread > 0 else "less colourful"
    sides = (("lighter", "darker"), ("redder", "greener"), ("yellower", "bluer"))
    axis = int(np.abs(gap).argmax())
    return sides[axis][0 if gap[axis] > 0 else 1]
