"""Where several of a kind stand: in a row, in a bowl, or about the first, none behind another."""

from collections.abc import Callable

import numpy as np

from overlay.words.composing.bearing import held_in
from overlay.words.composing.eye import Eye
from overlay.words.things.parts import turned
from overlay.words.things.table import Placed
from overlay.words.wishing.filling import PLATES
from overlay.words.wishing.hanging import hangs
from overlay.words.wishing.relations import is_grown
from overlay.words.wishing.wished import Wished

_FEW = 4  # so many on a plate lie side by side
_HEAP = 6  # up to so many lie about the first
_TURNS = 6  # tries around the circle
_STRAYS = 0.08  # overlap that is worth its own width from the first
_ASIDE = 0.25  # radians, so that nobody is hidden right behind it
_APART = 1.45  # widths, from one on a wall to the next
_IN_VASE = 0.22  # of a vase's width, from its middle to a further flower in it
_FLAT = 0.8  # of its width, how deep a ring is
Point = tuple[float, float, float]


def as_said(
    thing: Wished, other: Wished | None, first: Point, copy: int, chance: np.random.Generator
) -> Point | None:
    """Where the way that several are said to be puts one: in a ring, a row, a bowl; or none.

    `other` is what they were said with.
    """
    holder = other if thing.link == "holds" else None
    if holder is not None and holder.subject.word in PLATES and 1 < thing.count <= _FEW:
        return on_plate(thing, first, copy)
    if hangs(thing):
        return side_by_side(thing, first, copy)
    if copy == 0:
        return first
    if thing.link == "around" and other is not None:
        return in_turn(thing, other, first, copy)
    if thing.in_row:
        return in_row(thing, first, copy)
    return None if holder is None else in_holder(thing, holder, first, copy, chance)


def side_by_side(thing: Wished, first: Point, copy: int) -> Point:
    """Along a wall, about the middle of all."""
    return first[0] + (copy - (thing.count - 1) / 2) * _APART * thing.wide, first[1], first[2]


def in_row(thing: Wished, first: Point, copy: int) -> Point:
    """One behind the other, aslant."""
    wide, _, deep = (v * thing.size for v in thing.subject.size)
    step = 1.25 * max(wide, 0.6 * deep)
    lean = -np.sign(first[0]) if first[0] else 1.0
    return float(first[0] + lean * step * copy * 0.8), first[1], first[2] + 0.8 * step * copy


def in_ring(thing: Wished, middle: Wished, copy: int) -> tuple[float, float]:
    """Steps across and back from what they are about; nobody stands between that and the eye."""
    slots = thing.count + 1
    angle = 2 * np.pi * (copy + 1) / slots - np.pi / 2 + _ASIDE
    apart = max(0.55 * thing.tall, 0.2 * thing.wide * slots)
    out = 0.5 * max(middle.wide, middle.subject.size[2] * middle.size) + apart
    return float(out * np.cos(angle)), float(_FLAT * out * np.sin(angle))


def in_turn(thing: Wished, middle: Wished, first: Point, copy: int) -> Point:
    """In a ring, so many after the first."""
    (x, z), (to_x, to_z) = (in_ring(thing, middle, k) for k in (0, copy))
    return first[0] + to_x - x, first[1], first[2] + to_z - z


def in_holder(
    thing: Wished, holder: Wished, first: Point, copy: int, chance: np.random.Generator
) -> Point:
    """In what holds it: plants about the first, all else heaped, highest in the middle."""
    wide, tall, _ = (v * thing.size for v in thing.subject.size)
    angle = _angle(copy, chance)
    room = max(0.34 * holder.wide - 0.5 * wide, 0.0)
    if thing.subject.family == "quadruped":  # side by side
        x, y, z = first
        return x + (0.6 * wide if copy % 2 else -0.6 * wide) * ((copy + 1) // 2), y, z
    out = 1.0 if thing.count <= _HEAP or is_grown(thing) else (copy / thing.count) ** 0.5
    if holder.subject.family == "fish_bowl":  # above and below each other
        x, y, z = first
        return (
            x + 0.5 * room * (-1) ** copy,
            y + 0.2 * holder.tall * (-1) ** copy * ((copy + 1) // 2),
            z,
        )
    layer = 0.0 if is_grown(thing) else tall * max(0.3 * (copy % 2), 1.2 * (1.0 - out))
    x, y, z = first
    return x + out * room * np.cos(angle), y + layer, z + out * room * np.sin(angle)


def in_vase(thing: Wished, vase: Wished, vases: list[Placed], copy: int) -> Point:
    """In the vase that a flower's turn comes to, beside those before it."""
    turn, which = divmod(copy, len(vases))
    x, y, z = held_in(thing, vase, vases[which])
    aside = _IN_VASE * vase.wide
    return x + aside * (0, 1, -1)[turn % 3], y, z + aside * (turn % 3 > 0)


def on_plate(thing: Wished, middle: Point, copy: int) -> Point:
    """A few in a ring about a plate's middle, none hidden behind another."""
    apart = 0.56 * thing.wide / float(np.sin(np.pi / thing.count))
    angle = 2 * np.pi * copy / thing.count + (np.pi / 6 if thing.count > 2 else 0.0)
    x, y, z = middle
    return float(x + apart * np.cos(angle)), y, float(z + apart * np.sin(angle))


def along(
    thing: Wished,
    under: Placed,
    wide: float,
    taken: list[Point],
    *,
    before: Callable[[Point], float],
) -> Point:
    """Side by side on something narrow, a branch, a tray, that is `wide` metres broad.

    `taken` are those of the kind that stand already, `before` tells how much of other things one
    would hide.
    """
    own = thing.wide
    room = max(0.5 * (0.94 * wide - own), 0.0)
    x, y, z = taken[0]
    turn = turned(under.yaw)
    tries = [turn @ np.array([step, 0.0, 0.0]) for step in np.linspace(-room, room, 25)]
    spots = [(under.at[0] + float(t[0]), y, z + float(t[2])) for t in tries]

    def crowded(at: Point) -> float:
        gaps = (abs(at[0] - other[0]) / own for other in taken)
        return (
            sum(max(1.15 - gap, 0.0) for gap in gaps) * 3
            + before(at)
            + _STRAYS * abs(at[0] - x) / own
        )

    return min(spots, key=crowded)


def about(
    thing: Wished,
    taken: list[Point],
    copy: int,
    *,
    eye: Eye,
    chance: np.random.Generator,
    before: Callable[[Point], float],
) -> Point:
    """About the first, where the eye sees most of it.

    `taken` are those that stand already, `before` tells how much of other things one would hide.
    """
    wide, tall, deep = (v * thing.size for v in thing.subject.size)
    x, y, z = taken[0]
    reach = max(wide, deep) * 0.8 * thing.count**0.6
    out = reach * (copy / thing.count) ** 0.5 + 0.55 * max(wide, deep)
    start = _angle(copy, chance)
    if thing.subject.belongs == "air" or thing.flies:
        y += float(chance.uniform(-0.8, 1.2)) * tall
    tries = []
    for turn in range(_TURNS):
        angle = start + 2 * np.pi * turn / _TURNS
        at = float(x + out * np.cos(angle)), y, float(z + out * np.sin(angle) * 0.8)
        tries.append((at[0], y, max(at[2], z - 0.3 * eye.away)))
    return min(tries, key=lambda at: _hidden(at, taken, wide, eye) + before(at))


def _angle(copy: int, chance: np.random.Generator) -> float:
    return 2.4 * copy + float(chance.uniform(-0.4, 0.4))  # golden turns leave no gaps


def _hidden(at: Point, taken: list[Point], wide: float, eye: Eye) -> float:
    """How much a thing would overlap those that stand, in the picture, and leave its sides."""
    half = eye.half_width(at[2])
    own, reach = at[0] / half, 0.5 * wide / half
    cost = 3.0 * max(abs(own) + reach - 1.0, 0.0)
    for other in taken:
        there = other[0] / eye.half_width(other[2])
        room = reach + 0.5 * wide / eye.half_width(other[2])
        high = abs(at[1] - other[1]) / max(wide, 1e-6)
        cost += max(room - abs(own - there), 0.0) / max(reach, 1e-6) * max(1.0 - high, 0.0)
    return cost
