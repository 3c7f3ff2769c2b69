"""How far to a side a thing stands: by what was said of it alone, or of it and another one."""

import numpy as np

from overlay.words.composing.eye import Eye
from overlay.words.composing.spots import Spot
from overlay.words.wishing.wished import Wished

_ACROSS = {"left": (-0.72, -0.4), "right": (0.4, 0.72), "centre": (-0.1, 0.1)}  # of half the width
_BESIDE = {"beside", "near", "with", "at"}
_ALONG = {"on", "under", "above", "over", "backs", "below"}


def across(
    thing: Wished, to: Spot | None, z: float, eye: Eye, chance: np.random.Generator
) -> float:
    """Metres from the middle at a distance; `to` is where stands what it was said with."""
    half = eye.half_width(z)
    x = float(chance.uniform(-0.85, 0.85)) * half
    if thing.subject.family == "curtains":  # at the window
        return 0.0
    if thing.placement.across:
        return float(chance.uniform(*_ACROSS[thing.placement.across])) * half
    if to is None:
        return x
    if thing.link in _BESIDE:
        reach = (to.box[1] - to.box[0]) / 2 * eye.half_width(to.z) + 0.6 * thing.wide
        side = float(chance.choice([-1, 1]))
        return to.x + side * (reach + float(chance.uniform(0, 0.3)) * half * 0.5)
    if thing.link in _ALONG:
        return to.x + float(chance.uniform(-0.1, 0.1)) * half
    if thing.link == "shelters":
        arched = thing.subject.family in {"arch", "bridge"}
        aside = 0.0 if arched else min(0.28 * thing.wide, 0.6 * half)
        return to.x + float(chance.choice([-1, 1])) * aside
    return x
