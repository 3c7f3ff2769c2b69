"""The ground that things stand on: where it is dry, how far it goes, on what they rest."""

from dataclasses import dataclass

import numpy as np

from overlay.words.stage.land import over_water
from overlay.words.stage.setting import NOWHERE, Setting, Stage, as_stage
from overlay.words.wishing.places import UNDER_WATER
from overlay.words.wishing.wished import Wished


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

    def within(self, z: float, thing: Wished) -> float:
        """A distance that lies before the wall, and on water for what floats."""
        s = self.setting
        deep = thing.subject.size[2] * thing.size
        if s.wall < NOWHERE:
            z = min(z, s.wall - 0.55 * deep - 0.05)
        if thing.subject.belongs in {"water", "sea"} and s.near < NOWHERE:
            low = s.near + 0.8 * deep
            high = max(s.far - 0.6 * deep, low)
            z = float(np.clip(z, low, high))
        return z


def ground_of(setting: Setting, seed: int, base: float, place: str) -> Ground:
    """The ground of a setting."""
    return Ground(setting, as_stage(setting, seed), base, place in UNDER_WATER)
