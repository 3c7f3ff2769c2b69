"""What stays the same in a run: source, tints, regions, references and guides at every scale."""

import numpy as np
from scipy import ndimage

from overlay.engine.atlas import build_atlases, fit_reference
from overlay.engine.control import Control
from overlay.engine.guidance import GuideField
from overlay.engine.palette import PALETTE_LIGHT
from overlay.engine.request import Request, StyleCue
from overlay.engine.schedule import Step, count_levels
from overlay.engine.tints import Tint, blend_tints, make_tint
from overlay.imaging.colour import FloatImage, srgb_to_work
from overlay.imaging.gradients import normalised_gradient
from overlay.imaging.resample import pyramid

# How fast coherence gives way where the source has contours, and by how much at most.
_FIRM, _FIRMEST = 6.0, 1.0

_EVERYWHERE = np.ones((1, 1), np.float32)


class Material:
    """All that a run works with, prepared once.

    Attributes
    ----------
    styles : the cues that can change anything; `surfaced` are the places in it of those that give
        marks, in the order of the atlases' references.
    source : per level (h, w, 3) working space, or None.
    free_mean : (references, 3), how far the canvas keeps its own patch means per channel: all of
        them for a cue that gives only Surface.
    scales : for each reference, pixels of its picture per pixel as it is used.
    """

    def __init__(self, request: Request, styles: tuple[StyleCue, ...], control: Control) -> None:
        self.request, self.styles = request, styles
        self.levels = count_levels(request.width, request.height)
        self.surfaced = [i for i, cue in enumerate(styles) if cue.facets.surface > 0]
        area = request.width * request.height
        fitted = [fit_reference(styles[i], area) for i in self.surfaced]
        self.scales = tuple(scale for _, scale in fitted)
        control.check()
        self.guide = GuideField(request.guides, self.levels)
        pictures = [picture for picture, _ in fitted]
        self.atlases = build_atlases(pictures, self.levels, self.guide.sigma) if fitted else []
        control.check()
        self.source: list[FloatImage] | None = None
        self._tints: list[Tint] = []
        if request.source is not None:
            self._take_source(srgb_to_work(request.source), control)
        self._regions = [
            None if cue.region is None else pyramid(cue.region, self.levels) for cue in styles
        ]
        self._slack: dict[int, FloatImage] = {}
        self.within = None if request.within is None else pyramid(request.within, self.levels)
        self.free_mean = np.array([_free_mean(styles[i]) for i in self.surfaced], np.float32)

    def _take_source(self, work: FloatImage, control: Control) -> None:
        self.source = pyramid(work, self.levels)
        for cue in self.styles:
            control.check()
            self._tints.append(make_tint(work, cue, self.levels))

    def shape(self, level: int) -> tuple[int, int]:
        """Height and width of the canvas at a level."""
        height, width = self.request.height, self.request.width
        for _ in range(level):
            height, width = (height + 1) // 2, (width + 1) // 2
        return height, width

    def slack(self, level: int) -> FloatImage:
        """How freely matches may continue their neighbours: less along the source's contours."""
        if level not in self._slack:
            slack = np.ones(self.shape(level), np.float32)
            if self.source is not None:
                lightness = np.ascontiguousarray(self.source[level][..., 0])
                contours = normalised_gradient(lightness, 1.2).strength
                near = ndimage.uniform_filter(ndimage.maximum_filter(contours, 5), 5)
                slack -= np.minimum(_FIRM * near, _FIRMEST)
            self._slack[level] = slack
        return self._slack[level]

    def region(self, index: int, level: int) -> FloatImage:
        """Where a cue acts, (h, w), or one value for everywhere."""
        levels = self._regions[index]
        return _EVERYWHERE if levels is None else levels[level]

    def envelope(self, index: int, step: Step) -> float:
        """Mean strength of a cue's envelope over a step."""
        steps = self.request.steps
        return self.styles[index].envelope.over(step.number / steps, (step.number + 1) / steps)

    def surface_weight(self, index: int, step: Step, level: int) -> FloatImage:
        """Weight of a cue's Surface, (h, w), or one value for everywhere."""
        cue = self.styles[index]
        amount = cue.weight * cue.facets.surface * self.envelope(index, step)
        return np.float32(amount) * self.region(index, level)

    def surface_total(self, step: Step, level: int) -> FloatImage:
        """Sum of all surface weights, (h, w)."""
        total = np.zeros(self.shape(level), np.float32)
        for i in self.surfaced:
            total += self.surface_weight(i, step, level)
        return total

    def recoloured(
        self, level: int, amounts: list[float], members: list[FloatImage] | None = None
    ) -> FloatImage:
        """The source as Palette and Light make it.

        Parameters
        ----------
        amounts : for each style how far its tint has come, 0 up.
        members : for each reference its soft share of every pixel, where several share the
            picture; each area then takes the tint of the reference that decides it.
        """
        assert self.source is not None
        own = [np.float32(a) * self.region(i, level) for i, a in enumerate(amounts)]
        if members is not None:
            joint = sum((own[i] for i in self.surfaced), np.zeros((1, 1), np.float32))
            for place, i in enumerate(self.surfaced):
                own[i] = members[place] * joint
        palette = [np.float32(c.facets.palette) * o for c, o in zip(self.styles, own, strict=True)]
        light = [np.float32(c.facets.light) * o for c, o in zip(self.styles, own, strict=True)]
        return blend_tints(self.source[level], self._tints, level, palette, light)


def speaks(cue: StyleCue, request: Request) -> bool:
    """Whether a cue can change anything at all in a run."""
    f = cue.facets
    if cue.weight <= 0 or max(f.palette, f.surface, f.light) <= 0:
        return False
    if cue.region is not None and not (cue.region > 0).any():
        return False
    return cue.envelope.enter < cue.envelope.leave and cue.envelope.leave > 1 - request.departure


def _free_mean(cue: StyleCue) -> tuple[float, float, float]:
    f = cue.facets
    colour = 1 - min(f.palette / f.surface, 1.0)
    tone = 1 - min(max(f.light, PALETTE_LIGHT * f.palette) / f.surface, 1.0)
    return tone, colour, colour
