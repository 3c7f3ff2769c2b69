"""How far behind the chief thing another one stands: by what was said of the two, by its size."""

from dataclasses import dataclass

import numpy as np

from overlay.words.composing.eye import HALF, Eye
from overlay.words.composing.spots import Spot
from overlay.words.wishing.wished import Wished

# Metres of what is large, and times a thing's height that it towers over it; how much nearer to
# the eye, in shares of the distance, the small one comes.
_LARGE, _TOWERS, _NEARER = 4.0, 4.0, 0.66
_CLOSE = {"beside", "near", "with", "at", "among"}
_BEYOND = {"behind", "against", "in", "over", "above"}
_FILLS = 1.1  # of the picture's height, of what is before another
_SEEN = 0.11  # likewise, of what is small and yet to be made out
_FOOT, _LOW = 0.9, 0.2  # how low in the picture a foot is at most; least of that below the horizon
_UNDER = 0.66  # of a bridge's height, of what would be hidden behind it
_TOP = 0.95  # up to which what is near may reach in the picture


@dataclass(frozen=True)
class Before:
    """Before what a thing is set: the eye, the height of what all stand on, the chief thing's, and
    half the depth of that where it is a bridge, in which one would be hidden."""

    eye: Eye
    base: float
    chief: float
    bridge: float = 0.0


def how_deep(
    thing: Wished,
    scale: float,
    before: Before,
    chance: np.random.Generator,
    said: tuple[Wished, Spot] | None = None,
) -> float:
    """Metres behind the chief thing; what is tall stands back until it fits the picture, and what
    is on the ground until its foot is seen.

    `said` is what the thing was said with, and where that stands.
    """
    eye = before.eye
    wanted = _wanted(thing, scale, before, chance, said)
    if eye.above or before.base or thing.subject.belongs != "ground":
        return wanted
    foot = eye.height / (max(_FOOT + eye.horizon, _LOW) * HALF) - eye.away
    return max(wanted, min(foot, 0.0))


def _wanted(
    thing: Wished,
    scale: float,
    before: Before,
    chance: np.random.Generator,
    said: tuple[Wished, Spot] | None,
) -> float:
    eye, away = before.eye, before.eye.away
    wide, tall, deep = (v * scale for v in thing.subject.size)
    room, spread = float(chance.uniform(0.42, 0.6)), float(chance.uniform(0.36, 0.5))
    broad = max(wide, deep) * 0.9 / (2 * HALF * eye.aspect * spread) + deep / 2 - away
    fits = max(eye.distance_for(tall, room), broad)
    beside = float(chance.uniform(-0.22, 0.14)) * away
    if thing.placement.away == "far":
        return 1.2 * away + max(2.2 * tall, fits)
    if thing.placement.away == "near":
        return max(-0.22 * away, min(fits, 0.0))
    if said is not None:
        extent = max(said[0].subject.height, 0.7 * said[0].subject.size[0]) * said[0].size
        small = _TOWERS * tall < extent > _LARGE
        seen = eye.distance_for(tall, _SEEN)
        linked = _by_link(thing.link, said, deep, (fits, away, beside, seen), small=small)
        if linked is not None and thing.link == "in front of":  # no tree is all one sees
            return max(linked, eye.distance_for(tall, _FILLS))
        if linked is not None:
            return linked
    low = before.bridge and tall < _UNDER * before.chief
    if max(tall, wide) > 0.6 * before.chief and not low:
        return max(fits, deep / 2 + 0.25 * away)
    # Not so near that its top leaves the picture.
    seen = (before.base + tall - eye.height) / ((_TOP - eye.horizon) * HALF) - away
    if low:
        beside = -before.bridge - 0.6 * deep - abs(beside)
    return max(beside, seen)


def _by_link(
    link: str,
    said: tuple[Wished, Spot],
    deep: float,
    far: tuple[float, float, float, float],
    *,
    small: bool,
) -> float | None:
    """As the link to another thing has it; none for links that do not tell.

    `far` is where it fits the picture, how far away the eye is, a step beside, and where it is
    just large enough to be made out.
    """
    (other, to), (fits, away, beside, seen) = said, far
    if small and link in {*_CLOSE, "and"}:  # before what is many times as tall, where it is seen
        return min(to.z - _NEARER * away, seen)
    if link in _CLOSE:
        return max(to.z + beside, fits * 0.6 if fits > 0 else -away)
    if link in {"backs", "shelters"}:
        near = 0.5 * other.subject.size[2] * other.size + 0.15
        return to.z + near + (0.5 if link == "backs" else 0.1) * deep
    if link == "in front of":
        return to.z - max(0.25 * away, 0.6 * deep)
    return to.z + max(0.5 * away, fits) if link in _BEYOND else None
