"""What stays the same in a run: source, ground, references, guides and what is avoided."""

from functools import partial

import numpy as np

from overlay.engine.avoiding import Avoidance
from overlay.engine.control import Control
from overlay.engine.ground import Ground
from overlay.engine.guidance import GuideField
from overlay.engine.kept import content_key, keep
from overlay.engine.library import Library
from overlay.engine.matching.character import Character
from overlay.engine.matching.field import Grid, sparse, sparse_samples
from overlay.engine.matching.nearness import Nearness
from overlay.engine.request import Request, StyleCue
from overlay.engine.steps.chance import Chance
from overlay.engine.steps.schedule import Step, count_levels
from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work
from overlay.imaging.filters import box_mean, maximum
from overlay.imaging.gradients import gradient_strength
from overlay.imaging.resample import double, pyramid

# How fast coherence gives way where the source's contours are stronger than usual in it, and what
# is usual at least: leaves and hair are full of faint contours that strokes may cross.
_FIRM, _PLAIN = 1.0, 0.06
_LARGE = 12_000_000  # values of a source whose contours are looked for at half its size


class Material:
    """All that a run works with, prepared once.

    Attributes
    ----------
    chance : where random numbers come from.
    styles : the cues that can change anything; `surfaced` are the places in it of those that give
        marks, in the order of the library's references.
    source : per level (h, w, 3) working space, or None.
    library : the references that give marks, or None when none does.
    free_mean : (references + 1, 3), how far the canvas keeps its own patch means per channel: all
        of them for a cue that gives only Surface; last, for patches from any reference.
    """

    def __init__(self, request: Request, styles: tuple[StyleCue, ...], control: Control) -> None:
        self.request, self.styles, self.chance = request, styles, Chance.of(request)
        self.levels = count_levels(request.width, request.height)
        self.surfaced = [i for i, cue in enumerate(styles) if cue.facets.surface > 0]
        self.guide = GuideField(request.guides, self.levels)
        control.check()
        surfaced = tuple(styles[i] for i in self.surfaced)
        area = request.width * request.height
        self.library: Library | None = None
        if surfaced:
            self.library = Library(surfaced, area, self.levels, self.guide.sigma)
        control.check()
        self.avoidance = Avoidance(request.avoided, self.library, self.levels, control)
        self.nearness = Nearness(request.guides, surfaced, self.library, self.levels)
        self.character = Character(request.marks, self.library)
        self.source: list[FloatImage] | None = None
        key = self._key = content_key(request.source)
        if request.source is not None:
            self.source = keep(
                ("source", key, self.levels), partial(_pyramid, request.source, self.levels)
            )
        control.check()
        self.ground = Ground(request, styles, self.source, self.levels, key)
        self._slack: tuple[int, FloatImage] | None = None
        self.within = None if request.within is None else pyramid(request.within, self.levels)
        free = [_free_mean(cue) for cue in surfaced] or [(0.0, 0.0, 0.0)]
        if self.source is None and not any(cue.facets.likeness > 0 for cue in styles):
            free = [(0.0, 0.0, 0.0)] * len(free)  # there are no other colours to keep
        self.free_mean = np.array([*free, np.mean(free, axis=0)], np.float32)
        if self.library is not None:
            self.library.free = bool(self.free_mean.any())
            self.library.by_tone = not self.library.free and request.blend == "share"

    def shape(self, level: int) -> tuple[int, int]:
        """Height and width of the canvas at a level."""
        height, width = self.request.height, self.request.width
        for _ in range(level):
            height, width = (height + 1) // 2, (width + 1) // 2
        return height, width

    def slack(self, level: int, grid: Grid) -> FloatImage:
        """How freely matches may continue their neighbours: less along the source's contours.

        Returns
        -------
        (rows, columns) float32 in 0..1.
        """
        if self.source is None:
            return np.ones((grid.rows, grid.columns), np.float32)
        if self._slack is None or self._slack[0] != level:
            source = self.source[level]
            if source.size > _LARGE and level < self.levels:  # a quarter of the memory
                small, shape = self.source[level + 1], sparse(source[..., 0]).shape
                found = double(_freedom(small), (shape[0], shape[1]))
            else:
                found = keep(("slack", self._key, level), lambda: _freedom(source))
            self._slack = level, found
        return sparse_samples(self._slack[1], grid)

    def charges(self, step: Step, level: int, grid: Grid) -> FloatImage:
        """What the traits of a match cost each patch at a moment: (rows, columns, traits)."""
        avoided = self.avoidance.price(step, self.request.steps, level, grid)
        near = self.nearness.price(step, level, grid)
        return np.concatenate([avoided, near, self.character.price(grid)], axis=2)

    def span(self, index: int, step: Step) -> float:
        """Mean strength of a cue's span over a step."""
        steps = self.request.steps
        return self.styles[index].span.over(step.number / steps, (step.number + 1) / steps)

    def surface_weight(self, index: int, step: Step, level: int) -> FloatImage:
        """Weight of a cue's Surface, (h, w), or one value for everywhere."""
        cue = self.styles[index]
        amount = cue.weight * cue.facets.surface * self.span(index, step)
        return np.float32(amount) * self.ground.region(index, level)

    def surface_total(self, step: Step, level: int) -> FloatImage:
        """Sum of all surface weights, (h, w)."""
        total = np.zeros(self.shape(level), np.float32)
        for i in self.surfaced:
            total += self.surface_weight(i, step, level)
        return total


def _pyramid(source: ByteImage, levels: int) -> list[FloatImage]:
    return pyramid(srgb_to_work(source), levels)


def _freedom(source: FloatImage) -> FloatImage:
    """Sparse, 1 where a source has no contour stronger than is usual in it, falling to 0."""
    near = box_mean(maximum(gradient_strength(source[..., 0], 1.2), 5), 5)
    usual = max(float(np.median(near[::2, ::2])), _PLAIN)
    return sparse(1 - np.clip(_FIRM * (near / usual - 1), 0, 1))


def speaking(request: Request) -> tuple[StyleCue, ...]:
    """The styles that can change anything at all in a run."""
    return tuple(cue for cue in request.styles if speaks(cue, request))


def speaks(cue: StyleCue, request: Request) -> bool:
    """Whether a cue can change anything at all in a run."""
    f = cue.facets
    if cue.weight <= 0 or max(f.palette, f.surface, f.light, f.layout, f.likeness) <= 0:
        return False
    if cue.region is not None and not (cue.region > 0).any():
        return False
    return cue.span.enter < cue.span.leave and cue.span.leave > 1 - request.departure


def _free_mean(cue: StyleCue) -> tuple[float, float, float]:
    f = cue.facets
    colour = 1 - min(f.palette / f.surface, 1.0)
    tone = 1 - min(max(f.light, f.palette) / f.surface, 1.0)
    return tone, colour, colour
