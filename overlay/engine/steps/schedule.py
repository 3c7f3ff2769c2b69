"""When what happens: progress, scales, noise and hold, and the spans of cues.

Progress runs from 0 (noise) to 1 (the finished picture). A run with a source starts at
1 - departure, so that little departure leaves only the fine stages to work (in the manner of
Song et al. 2020, arXiv:2010.02502, and Karras et al. 2022, arXiv:2206.00364).
"""

from dataclasses import dataclass, replace
from math import ceil, log2

STAGES = ("masses", "forms", "marks", "grain")
# The shorter side of the coarsest scale keeps at least so many pixels.
_SMALLEST = 24
_BASE_PIXELS = 1_500_000
# Halvings at which every run begins that has the steps for it, and steps at full size after them.
_COARSE, _FULL = 2, 2


@dataclass(frozen=True)
class Step:
    """One step of a run."""

    number: int
    progress: float  # at its beginning, 0..1
    level: int  # the picture is worked on at 1 / 2**level of its size
    noise: float  # standard deviation of what is still unknown, working-space units
    next_noise: float


def noise_at(progress: float) -> float:
    """Noise level, 0.3 of the lightness range at the start, falling to 0."""
    return float(0.3 * max(1.0 - progress, 0.0) ** 1.5)


def count_levels(width: int, height: int) -> int:
    """How many halvings the run begins with: 3 up to 1.5 megapixels, fewer for small pictures."""
    extra = max(0, ceil(log2(width * height / _BASE_PIXELS) / 2)) if width * height else 0
    levels = 3 + extra
    while levels > 0 and min(width, height) >> levels < _SMALLEST:
        levels -= 1
    return levels


def plan(steps: int, departure: float, levels: int, *, begun: bool = False) -> list[Step]:
    """The steps that are actually taken.

    Parameters
    ----------
    steps : of a whole run from noise, at least 1.
    departure : 0..1; the run starts at progress 1 - departure, and is empty for 0.
    levels : from `count_levels`.
    begun : whether it goes on from another run's marks, which are as large as they shall be.
    """
    planned = []
    for i in range(steps):
        progress = i / steps
        # A step is taken if its end lies clearly beyond the start of the run.
        if (i + 1) / steps <= 1.0 - departure + 1e-9:
            continue
        progress = max(progress, 1.0 - departure)
        stage = min(int(progress * (levels + 1) + 1e-9), levels)
        if i == steps - 1:
            stage = levels  # the last step is at full size, however few there are
        planned.append(
            Step(i, progress, levels - stage, noise_at(progress), noise_at((i + 1) / steps))
        )
    return planned if begun else _begun_coarsely(planned, levels)


def _begun_coarsely(planned: list[Step], levels: int) -> list[Step]:
    """The first steps at a quarter of the size, then at half, however small the departure.

    Marks would be smaller than the reference's otherwise, where little is left of the run. Two
    steps at full size always follow, or large marks would be left faint and smeared: so three steps
    begin at half, and fewer at full size.
    """
    spare = min(len(planned) - _FULL, _COARSE, levels)
    for k in range(spare):
        planned[k] = replace(planned[k], level=max(planned[k].level, spare - k))
    return planned


@dataclass(frozen=True)
class Span:
    """A cue's span within the run: enter, leave and fades, all as progress in 0..1."""

    enter: float = 0.0
    leave: float = 1.0
    fade_in: float = 0.0
    fade_out: float = 0.0

    def at(self, progress: float) -> float:
        """Strength in 0..1 at a moment.

        The span holds from `enter` up to but not including `leave`; a leave of 1 holds to the end.
        Fades lie within the span.
        """
        if progress < self.enter or (progress >= self.leave and self.leave < 1.0):
            return 0.0
        strength = 1.0
        if self.fade_in > 0:
            strength = min(strength, (progress - self.enter) / self.fade_in)
        if self.fade_out > 0:
            strength = min(strength, (self.leave - progress) / self.fade_out)
        return max(strength, 0.0)

    def over(self, begin: float, end: float) -> float:
        """Mean strength over a step that lasts from `begin` to `end`, by five moments in it."""
        width = end - begin
        return sum(self.at(begin + width * (k + 0.5) / 5) for k in range(5)) / 5
