"""How high a thing is that does not stand on the ground: in the air, in water, at its face."""

import numpy as np

from overlay.words.composing.eye import HALF, Eye
from overlay.words.composing.ground import Ground
from overlay.words.stage.setting import NOWHERE
from overlay.words.wishing.fitting import ABOVE
from overlay.words.wishing.wished import Wished

_HIGH, _HIGHEST = 0.45, 2.3  # of half the picture's height, and metres, of what hangs on a wall
_ROD = 2.65  # metres
_TOP = 0.94  # up to which what flies may reach in the picture


def swims(thing: Wished, ground: Ground) -> bool:
    """Whether a thing is in water; what is on something, or leaps, is not."""
    sunk = ground.under_water and thing.subject.belongs == "water"
    if sunk and thing.subject.family != "submarine":  # it lies on the ground there
        return False
    if thing.flies or (thing.link == "on" and thing.to is not None):
        return False
    watery = ground.setting.near < NOWHERE or ground.under_water
    return watery and thing.subject.belongs in {"water", "sea"}


def soars(thing: Wished) -> bool:
    """Whether a thing is in the air, of itself or as it was said."""
    return thing.subject.belongs == "air" or thing.flies or thing.placement.high


def afloat(thing: Wished, z: float, high: float, eye: Eye, ground: Ground) -> float:
    """Height in metres of what swims: at the water's face, or in the midst of it."""
    if ground.under_water:
        return in_air(thing, z, high, eye)
    return -0.3 * thing.tall if thing.subject.belongs == "sea" else 0.0


def in_air(thing: Wished, z: float, high: float, eye: Eye) -> float:
    """Height in metres of what is seen at a share of the picture's half height, its top within."""
    tall = thing.tall
    unit = max(z + eye.away, 0.05) * HALF
    middle = eye.height + (high - eye.horizon) * unit
    near = max(z - 0.5 * thing.subject.size[2] * thing.size + eye.away, 0.05) * HALF
    highest = eye.height + (_TOP - eye.horizon) * near - tall  # its wings are seen
    highest = np.inf if thing.link in ABOVE else highest
    return float(max(min(middle - tall / 2, highest), 0.2 * tall))


def on_wall(thing: Wished, wall: float, eye: Eye) -> tuple[float, float]:
    """Height and distance in metres of what hangs on a room's wall, where the eye sees it."""
    z = wall - 0.6 * thing.subject.size[2] * thing.size
    if thing.subject.family == "curtains":  # from their rod over the window
        return max(_ROD - thing.tall, 0.0), z
    high = min(in_air(thing, z, _HIGH, eye), _HIGHEST - thing.tall)
    return max(high, 0.0), z
