"""Two things made to fit where one is on, in, over or astride the other: rules, one a function.

Each rule takes what is said first, what is said second with its number, and the link; it returns
both as they are then, or none where it does not apply.
"""

from collections.abc import Callable
from dataclasses import replace

from overlay.words.composing.wished import Wished
from overlay.words.subjects import flying, subject_of
from overlay.words.things.families import LIVING

ABOVE = {"over", "above"}
SEATS = {"chair", "bench", "padded", "bed"}
SMALL = 3.0  # metres, of what would be lost on a cliff's top, and stands in a room
_TALL = 5.0  # metres, of what no sandbank bears
_HOVERS = 12.0  # times its own height, of what a thing is seen close over
_SEAT = 0.6  # of its own height, of a rock that a creature is on
_LEDGE = 2.2  # likewise, of a cliff
HOLDERS = {
    "basket", "bucket", "pot", "bowl", "barrel", "cup", "flower pot", "crate", "hat", "boot",
    "vase", "glass", "jug", "bottle",
}  # fmt: skip
GROWN = {"flower", "blades", "fern"}  # what a vase holds is cut to fit it
_PLANTS = GROWN | {"cactus", "tree", "bush", "mushroom"}
_TREES = {"tree", "blade_tree"}
_CLIMBS = 1.3  # metres, of what a branch bears
Pair = tuple[Wished, Wished]


def _height(thing: Wished) -> float:
    return thing.subject.height * thing.size


def _riding(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    if link != "riding":
        return None
    astride = a.subject.family == "figure" and b.subject.family == "quadruped"
    return replace(a, pose="ride" if astride else "sit", to=second, link="on"), b


def _crossing(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    if link != "across":
        return None
    if b.subject.family != "bridge":
        return replace(a, to=second, link="beside"), b
    wide = 0.9 * a.subject.size[0] * a.size / b.subject.size[0]
    return replace(a, to=second, link="on"), replace(b, size=max(b.size, wide))


def _hovering(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """Close over what is small; over anything else it is in the sky."""
    if link not in ABOVE or _height(b) >= min(_HOVERS * _height(a), SMALL):
        return None
    return replace(aloft(a), to=second, link="hovers"), b


def _in_basket(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    if link != "in" or b.subject.word not in HOLDERS:
        return None
    if a.subject.family in _PLANTS:  # cut, or kept small, to fit it
        fits = 1.7 * _height(b) / a.subject.height
        return replace(a, to=second, link="holds", size=min(a.size, fits)), b
    a = replace(a, pose=a.pose or "sit") if a.subject.family in LIVING else a
    wide = 1.1 * a.subject.size[0] * a.size / b.subject.size[0]
    return replace(a, to=second, link="holds"), replace(b, size=max(b.size, wide))


def _on_cliff(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """A creature is on a ledge, near enough to be seen."""
    if link != "on" or b.subject.word != "cliff top" or _height(a) >= SMALL:
        return None
    return replace(a, to=second, link=link), replace(b, size=_LEDGE * _height(a) / b.subject.height)


def _on_rock(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    if link != "on" or b.subject.family != "rock" or _height(a) >= SMALL:
        return None
    low = min(b.size, _SEAT * _height(a) / b.subject.height)
    return replace(a, to=second, link=link), replace(b, size=low)


def _in_tree(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """A small creature is on a branch of the tree, near enough to be seen."""
    climbs = a.subject.family in LIVING and _height(a) < _CLIMBS
    if link not in {"in", "on"} or not climbs or b.subject.family not in _TREES:
        return None
    b = replace(b, subject=subject_of("branch"), count=1, in_row=False)
    return replace(a, to=second, link="on"), b


def _on_isle(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """An island that bears a castle is of rock, and wide enough."""
    if link != "on" or b.subject.family != "isle" or _height(a) <= _TALL:
        return None
    island = subject_of("cliff top")
    size = max(1.0, 1.5 * a.subject.size[0] * a.size / island.size[0])
    return replace(a, to=second, link=link), replace(b, subject=island, size=size)


def _seated(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    if link not in {"on", "in"} or a.subject.family != "figure" or b.subject.family not in SEATS:
        return None
    return replace(a, pose=a.pose or "sit", link="on", to=second), b


FITTING: tuple[Callable[[Wished, Wished, str, int], Pair | None], ...] = (
    _riding, _crossing, _hovering, _in_basket, _on_cliff, _on_rock, _in_tree, _on_isle,
    _seated,
)  # fmt: skip


def aloft(thing: Wished) -> Wished:
    """What has wings takes to them; anything else as it is."""
    own = dict(thing.subject.figures)
    winged = thing.subject.family in {"bird", "owl", "flying_bird"} or bool(own.get("wings"))
    return replace(thing, subject=flying(thing.subject), flies=thing.flies or winged)


def laden(holder: Wished, load: Wished) -> Wished:
    """A plate or a tray, large enough for what is on it."""
    wide = 1.3 * load.subject.size[0] * load.size * load.count**0.5 / holder.subject.size[0]
    return replace(holder, size=max(holder.size, wide))
