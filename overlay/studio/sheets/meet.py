"""Meeting a target: the setting at which a measure comes to a value, found by a few trials.

Effects of settings are monotone (the engine's tests hold that), so the answer lies between two
trials of which one measures too much and the other too little. Where between is read from a
monotone curve through the trials (Fritsch and Carlson 1980, doi:10.1137/0717021), with the measure
as its axis: effects are steep at one end and flat at the other, where halving would crawl.
"""

import re
from collections.abc import Callable, Mapping
from dataclasses import dataclass, field

import numpy as np

from overlay.document.part import shown
from overlay.document.text.json_text import RecipeError
from overlay.studio.sheets.axes import say
from overlay.studio.sheets.figures import Figures, measure_title
from overlay.studio.sheets.settings import Setting

MOST = 7
NEAR = 3.0  # points within which a target counts as met
_CLOSE = 1.0  # points at which no more trials are worth it
_APART = 0.1  # points by which trials differ that tell something of the curve
_SLOW = 0.6  # share of a bracket that is left by a trial that told little
_STEP = 0.01  # of a setting's range, that can be told apart

_TOLD = ("style_match", "structure_kept", "share")  # what a sentence says besides

_TARGET = re.compile(r"(?P<key>[^=<>]+?)\s*(?P<sense>>=|<=|=)\s*(?P<value>-?\d+(?:\.\d+)?)\s*%?")
_SENSES = {"=": "exactly", ">=": "at least", "<=": "at most"}


@dataclass(frozen=True)
class Target:
    """What a measure should come to.

    Attributes
    ----------
    sense : `exactly`, or `at least` or `at most`, each with as little more as can be.
    """

    measure: str
    value: float
    sense: str = "exactly"

    @property
    def words(self) -> str:
        """As a person says it."""
        sense = "" if self.sense == "exactly" else f" {self.sense}"
        return f"{measure_title(self.measure).lower()}{sense} {self.value:g}"

    def holds(self, found: float) -> bool:
        """Whether a figure is on the allowed side."""
        if self.sense == "at least":
            return found >= self.value
        if self.sense == "at most":
            return found <= self.value
        return True


@dataclass(frozen=True)
class Trial:
    """One value that was tried, and all that it measured."""

    value: float
    figures: Figures


@dataclass
class Meeting:
    """What was found.

    Attributes
    ----------
    trials : in the order they were pulled. best : the one that comes nearest.
    """

    setting: Setting
    target: Target
    trials: list[Trial] = field(default_factory=list)

    @property
    def best(self) -> Trial:
        """The trial that comes nearest, on the allowed side where any is."""
        return min(self.trials, key=lambda t: (not self.target.holds(self._of(t)), self._gap(t)))

    @property
    def met(self) -> bool:
        """Whether the target is reached."""
        if self.target.sense == "exactly":
            return self._gap(self.best) <= NEAR
        return self.target.holds(self._of(self.best))

    @property
    def extremes(self) -> tuple[Trial, Trial]:
        """The trials that measure least and most."""
        return min(self.trials, key=self._of), max(self.trials, key=self._of)

    def sentences(self) -> str:
        """What was found and what it costs, in words."""
        best, name = self.best, self.setting.title
        at = f"{name} {say(best.value, self.setting)}"
        if self.met:
            told = f"{at} gives {self._figure(best)}."
        elif (around := self._around()) is not None:
            low, high = around
            told = (
                f"{name} passes over {self.target.words}: it gives {self._of(low):.0f} at "
                f"{say(low.value, self.setting)} and {self._of(high):.0f} at "
                f"{say(high.value, self.setting)}. Nearest is {say(best.value, self.setting)}."
            )
        else:
            least, most = self.extremes
            told = (
                f"{name} alone cannot reach {self.target.words}: it gives {self._of(least):.0f} at "
                f"{say(least.value, self.setting)} to {self._of(most):.0f} at "
                f"{say(most.value, self.setting)}. Nearest is {say(best.value, self.setting)}."
            )
        return f"{told} {self._costs()}".strip()

    def _costs(self) -> str:
        """What else moves from the setting as it is, if that was tried."""
        now = next((t for t in self.trials if t.value == self.setting.now), None)
        if now is None or now is self.best:
            return ""
        moved = [
            f"{measure_title(key).lower()} {now.figures[key]:.0f} → {self.best.figures[key]:.0f}"
            for key in self.best.figures
            if key != self.target.measure
            and key.partition(".")[0] in _TOLD
            and abs(self.best.figures[key] - now.figures.get(key, 1e9)) >= 1
            and key in now.figures
        ]
        return f"With it: {', '.join(moved)}." if moved else ""

    def _figure(self, trial: Trial) -> str:
        return f"{measure_title(self.target.measure).lower()} {self._of(trial):.1f}"

    def _of(self, trial: Trial) -> float:
        return trial.figures[self.target.measure]

    def _gap(self, trial: Trial) -> float:
        return abs(self._of(trial) - self.target.value)

    def _around(self) -> tuple[Trial, Trial] | None:
        """The nearest two trials that measure too little and too much, if there are both."""
        gaps = {t.value: self._of(t) - self.target.value for t in self.trials}
        held = _bracket(gaps)
        if held is None:
            return None
        by_value = {t.value: t for t in self.trials}
        return by_value[held[0]], by_value[held[1]]


def read_target(text: str, where: str) -> Target:
    """A target from `MEASURE=VALUE`, `MEASURE>=VALUE` or `MEASURE<=VALUE`."""
    match = _TARGET.fullmatch(text.strip())
    if match is None:
        raise RecipeError(f"{where}: must be MEASURE=VALUE, >=VALUE or <=VALUE, got {shown(text)}")
    return Target(match["key"].strip(), float(match["value"]), _SENSES[match["sense"]])


def check_target_measure(target: Target, figures: Mapping[str, float], where: str) -> None:
    """Refuse a measure that the proof does not have, with a line that lists those it has."""
    if target.measure not in figures:
        known = ", ".join(figures)
        raise RecipeError(f"{where}: must be one of {known}, got {target.measure!r}")


def meet(
    setting: Setting,
    target: Target,
    pull: Callable[[float], Figures],
    tried: Callable[[Meeting], object] = lambda _: None,
) -> Meeting:
    """Find the value of a setting at which a measure comes to a target.

    Parameters
    ----------
    setting : a number. pull : what a value measures, by a trial proof.
    tried : called after every trial.
    """
    meeting = Meeting(setting, target)

    def measure(value: float) -> float:
        trial = Trial(value, pull(value))
        check_target_measure(target, trial.figures, "target")
        meeting.trials.append(trial)
        tried(meeting)
        return trial.figures[target.measure] - target.value

    _close_in(meeting, measure)
    return meeting


def _close_in(meeting: Meeting, measure: Callable[[float], float]) -> None:
    """Trials at the present value and the ends, then between the two that hold the target."""
    low, high = _range(meeting.setting)
    gaps: dict[float, float] = {}
    now = meeting.setting.now
    starts = [low, high]
    if isinstance(now, int | float) and low <= now <= high:
        ends = sorted((v for v in starts if v != now), key=lambda v: -abs(v - now))
        starts = [float(now), *ends]
    for value in starts:
        gaps[value] = measure(value)
        if _done(meeting) or _bracket(gaps) is not None:
            break
    width = np.inf
    while len(meeting.trials) < MOST and not _done(meeting):
        held = _bracket(gaps)
        if held is None:
            return
        # Where the curve led along a flat stretch, the middle tells more.
        slow, width = held[1] - held[0] > _SLOW * width, held[1] - held[0]
        middle = _between(*held, None if slow else gaps, meeting.setting)
        if middle is None:
            return
        gaps[middle] = measure(middle)


def _range(setting: Setting) -> tuple[float, float]:
    """The values that are tried: of endless settings the useful ones."""
    if setting.key.endswith(".enter"):
        return 0.0, 0.95
    if setting.key.endswith(".leave"):
        return 0.05, 1.0
    return setting.low, setting.high


def _done(meeting: Meeting) -> bool:
    best = meeting.best
    gap = abs(best.figures[meeting.target.measure] - meeting.target.value)
    return gap <= _CLOSE and meeting.target.holds(best.figures[meeting.target.measure])


def _bracket(gaps: dict[float, float]) -> tuple[float, float] | None:
    """The nearest two values of which one gives too little and the other too much."""
    pairs = zip(sorted(gaps), sorted(gaps)[1:], strict=False)
    return next(((a, b) for a, b in pairs if (gaps[a] < 0) != (gaps[b] < 0)), None)


def _between(a: float, b: float, gaps: dict[float, float] | None, setting: Setting) -> float | None:
    """Where a curve through the trials meets the target, or their middle where there are none.

    None where no value is left between.
    """
    step = 1.0 if setting.whole else _STEP * (setting.high - setting.low)
    if b - a <= step * 1.01:
        return None
    value = (a + b) / 2
    if gaps is not None:
        # Not at the top: the window would wait for it when it starts.
        from scipy.interpolate import PchipInterpolator

        values = _monotone(sorted(gaps), a, gaps)
        order = sorted(values, key=gaps.__getitem__)
        value = float(PchipInterpolator([gaps[v] for v in order], order)(0.0))
    # Not too near to either end, so that a crooked effect is closed in as well.
    value = min(max(value, a + 0.1 * (b - a)), b - 0.1 * (b - a))
    rounded = round(value / step) * step
    return round(min(max(rounded, a + step), b - step), 6)


def _monotone(values: list[float], a: float, gaps: dict[float, float]) -> list[float]:
    """The trials on both sides of a bracket beginning at `a` that go on the way it goes."""
    at = values.index(a)
    sign = 1 if gaps[values[at + 1]] > gaps[a] else -1
    kept = [a, values[at + 1]]
    for value in reversed(values[:at]):
        if sign * (gaps[kept[0]] - gaps[value]) > _APART:
            kept.insert(0, value)
    for value in values[at + 2 :]:
        if sign * (gaps[value] - gaps[kept[-1]]) > _APART:
            kept.append(value)
    return kept
