"""How things are turned: animals face the wider side, buildings the eye."""

import numpy as np

from overlay.words.composing.bearing import BUILDINGS, is_seated
from overlay.words.composing.eye import Eye
from overlay.words.wishing.hanging import hangs
from overlay.words.wishing.wished import Wish, Wished

# Degrees of what faces a way that was said: aside, towards the eye, from it.
_SAID = {"right": 12.0, "left": 168.0, "here": 80.0, "away": -80.0}
_TO_THE_EYE = BUILDINGS | {"hill_town"}
_ANIMALS = {"quadruped", "bird", "owl", "flying_bird", "figure"}


def yaw_of(
    thing: Wished,
    x: float,
    eye: Eye,
    wish: Wish,
    *,
    like: float | None,
    chance: np.random.Generator,
) -> float:
    """Degrees of a thing at `x`; `like` are those of another that it faces with."""
    family, turn = thing.subject.family, float(chance.uniform(-1, 1))
    if like is not None:
        return like
    if hangs(thing):
        return 0.0
    if thing.link == "backs":
        return 6 * turn
    if is_seated(thing, wish):
        return 78 + 16 * turn
    if thing.placement.faces and family not in BUILDINGS:
        return _SAID[thing.placement.faces] + 4 * turn
    to_left = x > 0.02 * eye.away if abs(x) > 0.02 * eye.away else turn < 0
    if family in _ANIMALS:
        base = 62.0 if family == "owl" else 24.0 if family == "quadruped" else 36.0
        base = float(wish.camera.get("yaw", base)) + 10 * turn
        return 180.0 - base if to_left else base
    if family == "cutout":  # flat, it shows its face or, mirrored, its back
        return (174.0 if to_left else -6.0) + 6 * turn
    if family in _TO_THE_EYE:
        return 18.0 * turn + (14.0 if x < 0 else -14.0)
    if thing.subject.belongs in {"water", "sea"}:
        base = 15.0 + 8 * turn
        return 180.0 - base if to_left else base
    return 22.0 * turn
