"""What lies beneath the marks: the source or canvas under tints, with Layout and Likeness laid on.

Every cue without marks states its estimate here. What one has reached stays until the source draws
it back, so that a cue may leave early without taking its work along.
"""

from dataclasses import dataclass

import numpy as np

from overlay.engine.layout import Masses, apply_masses, cells_of, coarse, find_masses
from overlay.engine.library import usable, work_at_most
from overlay.engine.palette import sample_colours
from overlay.engine.placing import Placed, place
from overlay.engine.request import Request, StyleCue
from overlay.engine.tints import Tint, blend_tints, make_tint
from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import pyramid, resize
from overlay.imaging.smoothing import smooth_within

_EVERYWHERE = np.ones((1, 1), np.float32)
# Below this departure tints come in gradually, so that none returns the source.
_TINTED_FROM = 0.1
_KEPT = 12_000_000  # values of a smoothed source that are kept from step to step


@dataclass(frozen=True)
class _Picture:
    """A cue's picture on the frame, for Likeness, at every scale."""

    picture: list[FloatImage]
    covered: list[FloatImage]


class Ground:
    """The estimates of all cues that need no patches.

    Attributes
    ----------
    source : per level (h, w, 3) float32, working space, or None.
    tones : (n,) float32, the lightnesses of the references, for masses on a canvas of noise.
    """

    def __init__(
        self,
        request: Request,
        styles: tuple[StyleCue, ...],
        source: list[FloatImage] | None,
        levels: int,
    ) -> None:
        self.source, self._styles = source, styles
        self._regions = [
            None if cue.region is None else pyramid(cue.region, levels) for cue in styles
        ]
        self._shown = min(1.0, request.departure / _TINTED_FROM)
        # Without a source it is the references' own colours that are changed, at the end.
        coloured = _reference_colours(styles) if source is None else source[0]
        self._tints = [
            Tint(None, None) if source is None and cue.facets.surface > 0
            else make_tint(coloured, cue)
            for cue in styles
        ]  # fmt: skip
        self._smooth: tuple[int, FloatImage] | None = None
        self._masses: dict[int, Masses] = {}
        self._likeness: dict[int, _Picture] = {}
        self._shape = (request.height, request.width)
        for i, cue in enumerate(styles):
            if cue.facets.layout > 0 or cue.facets.likeness > 0:
                self._lay_down(i, cue, levels)
        self.tones = _tones(styles)

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
        owners: dict[int, FloatImage] | None = None,
        canvas: FloatImage | None = None,
    ) -> FloatImage:
        """The ground at a scale: (h, w, 3) float32, working space, a new array.

        Parameters
        ----------
        amounts : for each style how far it has come, 0 up.
        owners : by style, its soft share of every pixel, where several references share the
            picture; each area then takes the tint of the reference that decides it.
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
        owners: dict[int, FloatImage] | None,
    ) -> FloatImage:
        shown = [amount * self._shown for amount in amounts]
        own = [np.float32(a) * self.region(i, level) for i, a in enumerate(shown)]
        if owners is not None:
            joint = sum((own[i] for i in owners), np.zeros((1, 1), np.float32))
            for i, share in owners.items():
                own[i] = share * joint
        facets = [cue.facets for cue in self._styles]
        palette = [np.float32(f.palette) * o for f, o in zip(facets, own, strict=True)]
        light = [np.float32(f.light) * o for f, o in zip(facets, own, strict=True)]
        return blend_tints(
            picture, self._smoothed(picture, level), self._tints, level, palette, light
        )

    def _smoothed(self, picture: FloatImage, level: int) -> FloatImage:
        """The picture smoothed within its contours; the source's is kept while it is small."""
        if all(tint.palette is None for tint in self._tints):
            return picture
        if self.source is None or picture is not self.source[level]:
            return smooth_within(picture)
        if self._smooth is None or self._smooth[0] != level:
            self._smooth = level, smooth_within(picture)
        smooth = self._smooth[1]
        if smooth.size > _KEPT:
            self._smooth = None
        return smooth

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
