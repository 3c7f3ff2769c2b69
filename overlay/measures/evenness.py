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
from overlay.imaging.numbers.products import dot, length, product, turned_by
from overlay.imaging.resample import double, pyramid

PARTS = ("colour", "tone", "mark size", "texture")
# A spread of each that halves nothing but is plainly seen; the study's constants, set on its sets.
_USUAL = np.array([0.12, 0.16, 0.30, 0.80])
_TONES = np.linspace(0.02, 0.98, 25)
_OCTAVES, _PLACE = 4, 32  # of marks, from 1 pixel up; and pixels of a place they are looked at in
_PLAIN = np.array([1.0, 0.5, 0.5], np.float32)  # from the working space to OKLab
_BLANK = 1e-6  # squared contrast of lightness below which a place has no marks
_CELL, _BY_AREA, _RARE = 0.05, 0.4 - 1, 0.0005  # OKLab; power of a colour's area; share
_LEAST = 0.45  # distance below which none does, however even the others are
_OUT = 1.6  # times the others' usual distance from the set, from which a picture stands out

Array = npt.NDArray[np.float64]


class Traits(NamedTuple):
    """What is compared of a picture.

    Attributes
    ----------
    mean : (3,), OKLab. root : (3, 3), root of the colours' covariance. tones : (25,), quantiles of
    lightness from 0 to 1. mark_size : in octaves from
    the finest. texture : natural logarithm of its contrast.
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
    weight = _weights(colours)
    mean = product(weight[None], colours)[0]
    apart = colours - mean
    root = _root(product((apart * weight[:, None]).T, apart))
    order = np.argsort(colours[:, 0], kind="stable")
    tones = np.interp(_TONES, np.cumsum(weight[order]), colours[order, 0])
    size, texture = _marks(np.ascontiguousarray(picture[..., 0]))
    return Traits(mean, root, tones, size, texture)


def _root(spread: Array) -> Array:
    """The square root of a symmetric matrix (3, 3), to a billionth: there processors differ."""
    values, axes = np.linalg.eigh(spread)
    return np.asarray(np.round(turned_by(axes * np.sqrt(np.maximum(values, 0)), axes.T), 9))


def _weights(colours: Array) -> Array:
    """How much each pixel's colour counts: a colour by a power of its area, so that the same
    palette counts as such whether there is much sky in a picture or little."""
    cell = np.floor(colours / _CELL).astype(np.int64) + 64
    cell = dot(cell, (1, 256, 65536))
    _, index, count = np.unique(cell, return_inverse=True, return_counts=True)
    crowd = count[index]
    weight = np.where(crowd >= _RARE * len(colours), crowd**_BY_AREA, 0.0)
    return np.asarray(weight / max(weight.sum(), 1e-12))


def _marks(lightness: FloatImage) -> tuple[float, float]:
    """Size of marks in octaves, and the logarithm of their contrast.

    Places count by their contrast up to the usual one: contours of things, which are few and
    strong, say no more than marks do, and blank paper says little.
    """
    levels = pyramid(lightness[..., None], _OCTAVES)
    rows, columns = (max(side // _PLACE, 1) for side in lightness.shape)
    energy = np.zeros((_OCTAVES, rows, columns))
    for octave, (fine, coarse) in enumerate(pairwise(levels)):
        gap = (fine - double(coarse, (fine.shape[0], fine.shape[1])))[..., 0]
        energy[octave] = _box_means(gap**2, rows, columns)
    total = energy.sum(axis=0) + _BLANK
    size = dot(np.moveaxis(energy, 0, -1), np.arange(_OCTAVES)) / total
    counts = np.minimum(total, np.median(total))
    return float((size * counts).sum() / counts.sum()), float(np.median(0.5 * np.log(total)))


def _box_means(values: FloatImage, rows: int, columns: int) -> Array:
    """Means over so many equal boxes, as far as they go into a picture: (rows, columns)."""
    tall, wide = values.shape[0] // rows, values.shape[1] // columns
    cut = values[: rows * tall, : columns * wide].astype(np.float64)
    return np.asarray(cut.reshape(rows, tall, columns, wide).mean(axis=(1, 3)))


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
        usual = float(np.median(np.delete(total, place)))
        return place if total[place] > max(_OUT * usual, _LEAST) else None

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
    if abs(spread) > length(gap):
        return "more colourful" if spread > 0 else "less colourful"
    sides = (("lighter", "darker"), ("redder", "greener"), ("yellower", "bluer"))
    axis = int(np.abs(gap).argmax())
    return sides[axis][0 if gap[axis] > 0 else 1]
