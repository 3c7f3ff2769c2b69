"""The ground that things stand on: where it is dry, how far it goes, on what they rest."""

from dataclasses import dataclass

import numpy as np

from overlay.words.stage.land import over_water
from overlay.words.stage.setting import NOWHERE, Setting, Stage, as_stage
from overlay.words.wishing.places import UNDER_WATER
from overlay.words.wishing.wished import Wished

_AWAY = 45.0  # degrees across, from which water runs away
_ABREAST, _APART = 2.6, 1.3  # widths of two beside each other, and from one to the next in file
_BANK = 0.4  # metres from the water's edge


@dataclass(frozen=True)
class Ground:
    """The ground of a setting.

    Attributes
    ----------
    base : height of what things are set on. stage : as the drawing sees it.
    under_water : whether all of it lies there.
    """

    setting: Setting
    stage: Stage
    base: float = 0.0
    under_water: bool = False

    def dry(self, x: float, z: float) -> bool:
        """Whether there is no water at a place."""
        return not over_water(self.stage, x, z)

    def to_dry(self, x: float, z: float) -> float:
        """z of the nearest dry place before it, or behind if the water begins before the eye."""
        for step in np.linspace(0.3, 30, 60):
            if self.dry(x, z - step) and self.setting.near > -1:
                return float(z - step)
            if self.dry(x, z + step) and self.setting.far < NOWHERE / 100:
                return float(z + step)
        return z

    @property
    def runs_away(self) -> bool:
        """Whether water runs away from the eye, with banks at both sides, not across before it."""
        return self.setting.near < NOWHERE and self.setting.slant > _AWAY

    def stream(self, z: float) -> tuple[float, float]:
        """From where to where across the water lies that runs away from the eye."""
        slant = np.radians(self.setting.slant)
        near, far = (
            (edge - np.cos(slant) * z) / np.sin(slant)
            for edge in (self.setting.near, self.setting.far)
        )
        return float(near), float(far)

    def ashore(self, x: float, z: float, thing: Wished) -> tuple[float, float]:
        """The nearest dry place for a thing; what spans water stays where it is."""
        if self.dry(x, z) or thing.subject.family == "bridge":
            return x, z
        if not self.runs_away:
            return x, self.to_dry(x, z)
        left, right = self.stream(z)
        aside = _BANK + 0.5 * thing.wide
        return (left - aside if x < (left + right) / 2 else right + aside), z

    def afloat(self, x: float, z: float, thing: Wished) -> float:
        """A place across at which a thing floats; on water that runs away x is folded between its
        banks, so that several do not lie in a heap at one of them."""
        if not self.runs_away:
            return x
        left, right = self.stream(z)
        aside = min(0.5 * thing.wide, 0.5 * (right - left))
        room = max(right - left - 2 * aside, 1e-6)
        turns = (x - left - aside) / room % 2
        return float(left + aside + room * min(turns, 2 - turns))

    def is_narrow(self, thing: Wished) -> bool:
        """Whether two of a kind have no room beside each other on water that runs away."""
        left, right = self.stream(0.0) if self.runs_away else (0.0, np.inf)
        return right - left < _ABREAST * thing.wide

    def in_file(
        self, thing: Wished, first: tuple[float, float, float], copy: int
    ) -> tuple[float, float, float]:
        """Where one of several floats there: the second nearer than the first, the third behind."""
        x, y, z = first
        step = _APART * thing.wide * ((copy + 1) // 2) * (-1) ** copy
        moved = self.stream(z + step)[0] - self.stream(z)[0]
        return x + moved, y, z + step

    def within(self, z: float, thing: Wished) -> float:
        """A distance that lies before the wall, and on water for what floats."""
        s = self.setting
        deep = thing.subject.size[2] * thing.size
        if s.wall < NOWHERE:
            z = min(z, s.wall - 0.55 * deep - 0.05)
        floats = thing.subject.belongs in {"water", "sea"} and s.near < NOWHERE
        if floats and not self.runs_away:
            low = s.near + 0.8 * deep
            high = max(s.far - 0.6 * deep, low)
            z = float(np.clip(z, low, high))
        return z


def ground_of(setting: Setting, seed: int, base: float, place: str) -> Ground:
    """The ground of a setting."""
    return Ground(setting, as_stage(setting, seed), base, place in UNDER_WATER)
