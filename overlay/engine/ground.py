"""What lies beneath the marks: the source or canvas under tints, with Layout and Likeness laid on.

Every cue without marks states its estimate here. What one has reached stays until the source draws
it back, so that a cue may leave early without taking its work along.
"""

from collections.abc import Callable
from dataclasses import dataclass
from functools import cached_property, partial
from typing import Protocol

import numpy as np

from overlay.engine.kept import content_key, keep
from overlay.engine.layout import Masses, apply_masses, cells_of, coarse, find_masses
from overlay.engine.library import usable, work_at_most
from overlay.engine.placing import Placed, place
from overlay.engine.request import Request, StyleCue
from overlay.engine.tone.palette import sample_colours
from overlay.engine.tone.tints import (
    Amounts,
    Change,
    Tint,
    blend_changes,
    change_of,
    cue_key,
    even_tint,
)
from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import pyramid, resize
from overlay.imaging.smoothing import smooth_within

_EVERYWHERE = np.ones((1, 1), np.float32)
# Below this departure tints come in gradually, so that none returns the source.
_TINTED_FROM = 0.1
_KEPT = 12_000_000  # values of a picture under all tints, up to which it goes in one piece
_STRIP, _SPARE = 512, 32  # rows of a strip of a larger one, and beyond it; multiples of 4


class SharesOut(Protocol):
    """Which reference decides where, see `matches.Owners`."""

    styles: tuple[int, ...]

    def of(self, style: int, level: int) -> FloatImage:
        """A style's share at a scale, (h, w) float32 in 0..1."""
        ...


@dataclass(frozen=True)
class _Picture:
    """A cue's picture on the frame, for Likeness, at every scale."""

    picture: list[FloatImage]
    covered: list[FloatImage]


class Ground:
    """The estimates of all cues that need no patches.

    Attributes
    ----------
    source : per level (h, w, 3) float32, working space, or None. key : of the source's content.
    """

    def __init__(
        self,
        request: Request,
        styles: tuple[StyleCue, ...],
        source: list[FloatImage] | None,
        levels: int,
        key: bytes,
    ) -> None:
        self.source, self._styles = source, styles
        self._regions = [
            None if cue.region is None else pyramid(cue.region, levels) for cue in styles
        ]
        self._shown = min(1.0, request.departure / _TINTED_FROM)
        # Without a source it is the references' own colours that are changed, at the end.
        coloured = _reference_colours(styles) if source is None else source[0]
        own = key if source is not None else content_key(coloured)
        even = request.even if source is not None else None
        shared = (0.0, b"") if even is None else (even.amount, content_key(even.colours))
        self._keys = [("tint", own, *cue_key(cue), *shared) for cue in styles]
        self._tints = [
            Tint(None, None) if source is None and cue.facets.surface > 0
            else keep(tint_key, partial(even_tint, coloured, cue, even))
            for tint_key, cue in zip(self._keys, styles, strict=True)
        ]  # fmt: skip
        self._smooth: tuple[int, FloatImage] | None = None
        self._kept: tuple[int, dict[int, Change]] | None = None
        self._masses: dict[int, Masses] = {}
        self._likeness: dict[int, _Picture] = {}
        self._shape = (request.height, request.width)
        for i, cue in enumerate(styles):
            if cue.facets.layout > 0 or cue.facets.likeness > 0:
                self._lay_down(i, cue, levels)

    @cached_property
    def tones(self) -> FloatImage:
        """The lightnesses of the references, for masses on a canvas of noise: (n,) float32."""
        return _tones(self._styles)

    def _lay_down(self, index: int, cue: StyleCue, levels: int) -> None:
        area = self._shape[0] * self._shape[1]
        placed: Placed = place(work_at_most(cue.picture, area), *self._shape, cue.placement)
        if cue.facets.layout > 0:
            lightness = np.ascontiguousarray(placed.picture[..., 0])
            self._masses[index] = find_masses(lightness, placed.covered)
        if cue.facets.likeness > 0:
            self._likeness[index] = _Picture(
                pyramid(placed.picture, levels), pyramid(placed.covered, levels)
            )

    def region(self, index: int, level: int) -> FloatImage:
        """Where a cue acts, (h, w), or one value for everywhere."""
        levels = self._regions[index]
        return _EVERYWHERE if levels is None else levels[level]

    def at(
        self,
        level: int,
        amounts: list[float],
        *,
        owners: SharesOut | None = None,
        canvas: FloatImage | None = None,
    ) -> FloatImage:
        """The ground at a scale: (h, w, 3) float32, working space, a new array.

        Parameters
        ----------
        amounts : for each style how far it has come, 0 up.
        owners : which reference decides where, if several share the picture; each area then takes
            the tint of its own.
        canvas : what to lay masses and likenesses on when there is no source.
        """
        if self.source is not None:
            out = self._tinted(self.source[level], level, amounts, owners)
        else:
            assert canvas is not None
            out = canvas.copy()
        self._lay_masses(out, level, amounts)
        self._lay_likenesses(out, level, amounts)
        return out

    def likeness(self, level: int, amounts: list[float]) -> FloatImage:
        """How much the likenesses together ask for, (h, w) or (1, 1), 0 up."""
        total = np.zeros((1, 1), np.float32)
        for i, laid in self._likeness.items():
            total = total + self.amount(i, level, amounts, "likeness") * laid.covered[level]
        return total

    def amount(self, index: int, level: int, amounts: list[float], facet: str) -> FloatImage:
        """What a cue asks for under a facet, (h, w), or (1, 1) for everywhere, 0 up."""
        amount = amounts[index] * getattr(self._styles[index].facets, facet)
        return np.float32(amount) * self.region(index, level)

    def recoloured(self, canvas: FloatImage, level: int, amounts: list[float]) -> FloatImage:
        """A canvas that grew from noise, in the colours of cues that give colours only."""
        speaking = any(t.palette is not None or t.curve is not None for t in self._tints)
        if self.source is not None or not speaking:
            return canvas
        return self._tinted(canvas, level, amounts, None)

    def _tinted(
        self,
        picture: FloatImage,
        level: int,
        amounts: list[float],
        owners: SharesOut | None,
    ) -> FloatImage:
        def own(i: int) -> FloatImage:
            if owners is None or i not in owners.styles:
                return np.float32(self._shown * amounts[i]) * self.region(i, level)
            joint = np.zeros((1, 1), np.float32)
            for k in owners.styles:
                joint = joint + np.float32(self._shown * amounts[k]) * self.region(k, level)
            return np.asarray(owners.of(i, level) * joint, np.float32)

        owns = [own(i) for i in range(len(amounts))]
        if picture.size * len(self._tints) <= _KEPT:
            return blend_changes(picture, self._changes(picture, level), self._amounts(owns))
        # Large pictures go strip by strip, each with rows to spare for what looks around itself.
        out = np.empty_like(picture)
        for top in range(0, len(picture), _STRIP):
            begin = max(top - _SPARE, 0)
            rows = slice(begin, top + _STRIP + _SPARE)
            strip = picture[rows]
            parts = [o if o.shape == (1, 1) else o[rows] for o in owns]
            changes = partial(self._change, strip, smooth_within(strip), level)
            blended = blend_changes(strip, changes, self._amounts(parts))
            out[top : top + _STRIP] = blended[top - begin : top - begin + _STRIP]
        return out

    def _amounts(self, owns: list[FloatImage]) -> Amounts:
        """How much of each tint's colours and of its tones is laid on."""
        facets = [cue.facets for cue in self._styles]
        return [
            (np.float32(f.palette) * own, np.float32(f.light) * own)
            for f, own in zip(facets, owns, strict=True)
        ]

    def _change(self, picture: FloatImage, smooth: FloatImage, level: int, index: int) -> Change:
        return change_of(self._tints[index], picture, smooth, level)

    def _changes(self, picture: FloatImage, level: int) -> Callable[[int], Change]:
        """What each tint changes; kept from step to step where it is the source that is tinted."""
        if self.source is None or picture is not self.source[level]:
            return partial(self._change, picture, self._smoothed(picture, level), level)
        if self._kept is None or self._kept[0] != level:
            kept: dict[int, Change] = {}
            self._kept = level, kept
        kept = self._kept[1]

        def make(index: int) -> Change:
            return self._change(picture, self._smoothed(picture, level), level, index)

        def change(index: int) -> Change:
            if index not in kept:
                key = ("change", level, self._keys[index])
                kept[index] = keep(key, partial(make, index))
            return kept[index]

        return change

    def _smoothed(self, picture: FloatImage, level: int) -> FloatImage:
        """The picture smoothed within its contours; the source's is kept from step to step."""
        if all(tint.palette is None for tint in self._tints):
            return picture
        if self.source is None or picture is not self.source[level]:
            return smooth_within(picture)
        if self._smooth is None or self._smooth[0] != level:
            self._smooth = level, smooth_within(picture)
        return self._smooth[1]

    def _lay_masses(self, out: FloatImage, level: int, amounts: list[float]) -> None:
        for i, masses in self._masses.items():
            amount = np.minimum(self.amount(i, level, amounts, "layout"), 1.0)
            if amount.any():
                lightness = np.ascontiguousarray(out[..., 0])
                own = resize(lightness, *cells_of(*lightness.shape)).ravel()
                apply_masses(out, masses, amount, own if self.source is not None else self.tones)

    def _lay_likenesses(self, out: FloatImage, level: int, amounts: list[float]) -> None:
        total = np.maximum(self.likeness(level, amounts), 1.0)
        for i, laid in self._likeness.items():
            amount = self.amount(i, level, amounts, "likeness") * laid.covered[level] / total
            if not amount.any():
                continue
            gap = laid.picture[level] - out
            if self.source is not None:
                gap -= coarse(gap)  # masses belong to the source, and to Layout
            out += amount[..., None] * gap


def _reference_colours(styles: tuple[StyleCue, ...]) -> FloatImage:
    """Colours of all pictures that give marks, else of all, as one picture of a row."""
    heard = [cue for cue in styles if cue.facets.surface > 0] or list(styles)
    parts = [sample_colours(usable(c, work_at_most(c.picture, 200_000))) for c in heard]
    return np.ascontiguousarray(np.concatenate(parts)[None])


def _tones(styles: tuple[StyleCue, ...]) -> FloatImage:
    """Lightnesses of the pictures that give marks, else of all, from dark to light."""
    heard = [cue for cue in styles if cue.facets.surface > 0] or list(styles)
    parts = [usable(cue, work_at_most(cue.picture, 20_000))[:, 0] for cue in heard]
    grid = np.linspace(0.02, 0.98, 97)
    return np.asarray(np.mean([np.quantile(p, grid) for p in parts], axis=0), np.float32)
