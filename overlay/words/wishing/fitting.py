"""Two things made to fit where one is on, in, over or astride the other: rules, one a function.

Each rule takes what is said first, what is said second with its number, and the link; it returns
both as they are then, or none where it does not apply.
"""

from collections.abc import Callable
from dataclasses import replace

from overlay.words.subjects import flying, subject_of
from overlay.words.things.families import LIVING, TREES
from overlay.words.wishing.filling import GROWN, HOLDERS, at_least, laden
from overlay.words.wishing.wished import Pair, Wished

ABOVE = {"over", "above"}
MOUNTED = {"ride", "cycle"}  # how one sits astride
SEATS = {"chair", "bench", "padded", "bed", "swing", "sledge", "hammock", "throne"}
SMALL = 3.0  # metres, of what would be lost on a cliff's top, and stands in a room
_TALL = 5.0  # metres, of what no sandbank bears
_HOVERS = 12.0  # times its own height, of what a thing is seen close over
_SEAT = 0.6  # of its own height, of a rock that a creature is on
_HEIGHTS = {"cliff top": 2.2, "knoll": 1.4, "chimney stack": 3.0}  # likewise, of what is high
_PERCH, _SHADE = 0.6, 1.4  # likewise, of what is sat on and stood under
_ICE = "#dfeaf1"
_POST = 0.6  # of the width of the bird on it
_TREE = 5.5  # likewise, of a tree over a creature
_LAMP = 2.8  # likewise, of a lamp
_PLANTS = GROWN | {"cactus", "tree", "bush", "mushroom"}
_THICKET = GROWN | {"bush"}
_BRIDGED = 1.3  # of the height of who stands on it, of a bridge
_HEAP = 1.3  # of the width of who lies on it, of a heap of gold
_CLIFF = 0.75  # of its size, below which it is none
_AT_A_FLOWER = {"at", "on", "and", "beside", "near", "with"}
_BASKET = 0.8  # metres, up to which what is under a tree is small beside it
_CAGED = 1.8  # of the larger of a bird's height and width, of the cage it is in
_SWARMS = {"insect", "butterfly"}
_TRAINS = {"locomotive", "tram"}
_SIPPED = 3.2  # times its height, of a flower that a bird sips at
_ROLLS = 3.0  # metres, of what is as long as a cart
_MOUNT = 0.9  # metres, of what somebody is not on but rides
_HUNG_FROM = {"branch", "washing_line"}
_CLIMBS = 1.3  # metres, of what a branch bears


def _riding(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    astride = a.subject.family == "figure" and b.subject.family == "quadruped"
    cycle = a.subject.family == "figure" and b.subject.family in {"bicycle", "motorcycle"}
    horse = astride and not a.pose and b.tall > _MOUNT
    mounted = link == "on" and (horse or cycle)
    if link != "riding" and not mounted:
        return None
    each = a.count if b.count > 1 else b.count  # `three kings on camels`
    ridden = replace(b, count=each)
    pose = "ride" if astride else "cycle" if b.subject.family == "bicycle" else "sit"
    return replace(a, pose=pose, to=second, link="on"), ridden


def _crossing(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    if link != "across":
        return None
    if b.subject.family != "bridge":
        return replace(a, to=second, link="beside"), b
    b = _viaduct(a, b)
    wide = 0.9 * a.wide / b.subject.size[0]
    return replace(a, to=second, link="on"), replace(b, size=max(b.size, wide))


def _viaduct(a: Wished, b: Wished) -> Wished:
    """A plain bridge that a train is on is level and has many arches."""
    train = a.subject.family in _TRAINS and b.subject.word == "bridge"
    return replace(b, subject=subject_of("viaduct")) if train else b


def _on_bridge(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """A bridge is long enough for what rolls over it."""
    if link != "on" or b.subject.family != "bridge":
        return None
    if a.wide < _ROLLS:  # small enough that who is on it is seen
        own = max(a.tall / b.subject.height, 1.6 * a.wide * a.count / b.subject.size[0])
        return replace(a, to=second, link=link), replace(b, size=min(b.size, _BRIDGED * own))
    b = _viaduct(a, b)
    return replace(a, to=second, link=link), at_least(b, 1.5 * a.wide / b.subject.size[0])


def _under_bridge(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """A bridge is high enough for a train under it, and seen over that."""
    if link != "under" or b.subject.family != "bridge" or a.wide < _ROLLS:
        return None
    own = max(1.9 * a.tall / b.subject.height, 1.1 * a.wide / b.subject.size[0])
    return replace(a, to=second, link=link), at_least(b, own)


def _hovering(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """Close over what is small; over anything else it is in the sky."""
    if link not in ABOVE or b.tall >= min(_HOVERS * a.tall, SMALL):
        return None
    return replace(aloft(a), to=second, link="hovers"), b


def _swarming(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """Insects about a thing are over it, near enough that both are seen."""
    rests = b.subject.family not in {"figure", *GROWN}
    if link != "beside" or a.subject.family not in _SWARMS or not rests or b.tall < 3 * a.tall:
        return None
    return replace(aloft(a), to=second, link="hovers"), b


def _sipping(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """A hummingbird at a flower is over it, and both are as large in the picture."""
    sips = link in _AT_A_FLOWER and a.subject.word == "hummingbird"
    if not sips or b.subject.family not in GROWN or b.count > 1:
        return None
    b = replace(b, size=min(b.size, _SIPPED * a.tall / b.subject.height))
    return replace(aloft(a), to=second, link="hovers"), b


def _on_plate(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """Several things on a plate are what it is full of, and it is as wide as they need."""
    several = link == "on" and a.count > 1 and a.subject.belongs == "table"
    if not several or b.subject.word != "plate":  # a tray is long, they lie side by side on it
        return None
    return replace(a, to=second, link="holds"), laden(b, a)


def _in_basket(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    if link != "in" or b.subject.word not in HOLDERS:
        return None
    if a.subject.family in _PLANTS:  # cut, or kept small, to fit it
        fits = 1.7 * b.tall / a.subject.height
        return replace(a, to=second, link="holds", size=min(a.size, fits)), b
    a = replace(a, pose=a.pose or "sit") if a.subject.family in LIVING else a
    wide = 1.1 * a.wide / b.subject.size[0]
    if b.subject.word == "fish bowl":  # they swim in it
        wide *= 1.1 + 0.7 * min(a.count, 4)
    return replace(a, to=second, link="holds"), replace(b, size=max(b.size, wide))


def _in_cage(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """A cage is as large as the bird in it needs, and has no other one."""
    if link != "in" or b.subject.family != "birdcage" or a.subject.family not in LIVING:
        return None
    size = _CAGED * max(a.tall, a.wide) / b.subject.height
    empty = replace(b, size=max(b.size, size), details=(*b.details, ("bird", "")))
    return replace(a, to=second, link="holds", pose=a.pose or "sit"), empty


def _on_height(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """A creature is on a ledge or a mound, near enough to be seen."""
    high = _HEIGHTS.get(b.subject.word)
    if link != "on" or high is None:
        return None
    if a.tall >= SMALL:  # a castle has room on its cliff
        hill = b.subject.family == "knoll"
        wide = (2.0 if hill else 1.4) * a.wide * a.count**0.5 / b.subject.size[0]
        size = max(wide, b.size if hill else _CLIFF * b.size)
        return replace(a, to=second, link=link), replace(b, size=size)
    size = max(high * a.tall * a.count**0.5 / b.subject.height, 0.7 * a.wide / b.subject.size[0])
    return replace(a, to=second, link=link), replace(b, size=min(b.size, size))


def _through_gate(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    if link != "in" or b.subject.family not in {"gate", "door"}:
        return None
    return replace(a, to=second, link="in front of"), b


def _on_post(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """A post is thick enough for the bird on it."""
    if link != "on" or b.subject.family != "post" or a.subject.family not in LIVING:
        return None
    return replace(a, to=second, link=link), at_least(b, _POST * a.wide / b.subject.size[0])


def _on_plinth(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """A plinth has room for its statue."""
    if link != "on" or b.subject.family != "plinth":
        return None
    wide = (1.05 if a.subject.family in LIVING else 1.7) * a.wide
    return replace(a, to=second, link=link), replace(b, size=wide / b.subject.size[0])


def _on_hoard(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    if link not in {"on", "in"} or b.subject.family != "hoard":
        return None
    return replace(a, to=second, link="on"), at_least(b, _HEAP * a.wide / b.subject.size[0])


def _on_small(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """What a creature sits on is not much smaller than itself: a raven on a skull."""
    own = a.wide
    toadstool = b.subject.family == "mushroom"
    toy = b.subject.belongs == "table" or b.subject.family == "plaything" or toadstool
    if link != "on" or a.subject.family not in {*LIVING, "figure"} or not toy:
        return None
    if toadstool:  # as in a tale: whoever sits on one is no higher than that
        high = at_least(b, max(0.8 * a.tall / b.subject.height, own / b.subject.size[0]))
        return replace(a, to=second, link=link, pose=a.pose or "sit"), high
    if a.subject.family == "figure":
        return None
    return replace(a, to=second, link=link), at_least(b, _PERCH * own / b.subject.size[0])


def _under_plant(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """What stands under a mushroom or a flower is lower than that."""
    if link == "under" and b.subject.word == "christmas tree":  # its branches reach the floor
        return replace(a, to=second, link="in front of"), b
    if link != "under" or b.subject.family not in _PLANTS:
        return None
    small = a.subject.family in LIVING or a.tall < _BASKET
    if b.subject.family in TREES and small:  # its crown is to be seen too
        low = max(_TREE * a.tall, 1.2 * SMALL) / b.subject.height  # higher than any room
        b = replace(b, size=min(b.size, low))
    return replace(a, to=second, link=link), at_least(b, _SHADE * a.tall / b.subject.height)


def _under_lamp(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """A lamp low enough that its light is seen with a small creature under it."""
    small = a.subject.family in LIVING and a.tall < SMALL
    if link != "under" or b.subject.family != "street_lamp" or not small:
        return None
    low = min(b.size, _LAMP * a.tall / b.subject.height)
    return replace(a, to=second, link=link), replace(b, size=low)


def _under_lanterns(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """Several lanterns over somebody hang on a line."""
    if link != "under" or b.subject.family not in {"lantern", "lantern_line"}:
        return None
    if b.subject.family == "lantern" and b.count < 2:
        return None
    line = subject_of("lantern line")
    size = max(1.0, 1.6 * a.tall / line.height, 1.3 * a.wide * a.count / line.size[0])
    return replace(a, to=second, link="in front of"), replace(b, subject=line, count=1, size=size)


def _on_rock(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    if link != "on" or b.subject.family != "rock" or a.tall >= SMALL:
        return None
    low = min(b.size, _SEAT * a.tall / b.subject.height)
    return replace(a, to=second, link=link), replace(b, size=low)


def _among_plants(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """Who is in plants higher than itself stands before them, where it is seen."""
    if link != "in" or a.subject.family not in LIVING or b.subject.family not in _THICKET:
        return None
    return replace(a, to=second, link="in front of"), b


def _on_gate(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """The gate that a small creature is on is one of a field, without pillars."""
    if link != "on" or b.subject.family != "gate" or a.subject.family not in LIVING:
        return None
    return replace(a, to=second, link=link), replace(b, subject=subject_of("fence"))


def _on_ice(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """An iceberg that creatures are on is round, so that there is room for them."""
    if link != "on" or b.subject.family != "iceberg" or a.subject.family not in LIVING:
        return None
    round_ = replace(b, subject=subject_of("knoll"), details=(*b.details, ("grass", _ICE)))
    return _on_height(a, round_, link, second)


def _in_tree(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """A small creature is on a branch of the tree, near enough to be seen."""
    climbs = a.subject.family in LIVING and a.tall < _CLIMBS
    if link not in {"in", "on"} or not climbs or b.subject.family not in TREES:
        return None
    b = replace(b, subject=subject_of("branch"), count=1, in_row=False)
    return replace(a, to=second, link="on"), b


def _hangs(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """What hangs from a tree is on a branch of it; from a house or a wall it is before that."""
    if link != "hangs":
        return None
    if b.subject.family in TREES and a.tall < _CLIMBS:
        b = replace(b, subject=subject_of("branch"), count=1, in_row=False)
    if b.subject.family not in _HUNG_FROM:
        link = "under" if b.subject.family in TREES else "in front of"
    return replace(a, to=second, link=link), b


def _on_isle(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    """An island, or a rock, that bears a castle is a cliff, and wide enough."""
    if link != "on" or b.subject.family not in {"isle", "rock"} or a.tall <= _TALL:
        return None
    island = subject_of("cliff top")
    size = max(1.0, 1.5 * a.wide / island.size[0])
    return replace(a, to=second, link=link), replace(b, subject=island, size=size)


def _seated(a: Wished, b: Wished, link: str, second: int) -> Pair | None:
    if link not in {"on", "in"} or a.subject.family != "figure" or b.subject.family not in SEATS:
        return None
    lies = a.pose == "lie" and b.subject.family in {"bed", "hammock"}
    pose = a.pose if lies or a.pose == "ride" else "sit"  # who sleeps, or holds something, sits
    few = replace(b, count=min(b.count, max(a.count, 2)))  # `a king and a queen on thrones`
    return replace(a, pose=pose, link="on", to=second), few


FITTING: tuple[Callable[[Wished, Wished, str, int], Pair | None], ...] = (
    _riding, _crossing, _through_gate, _on_post, _on_plinth, _on_bridge, _under_bridge, _hovering,
    _swarming, _sipping, _on_plate,
    _in_basket, _in_cage, _on_height, _under_lamp, _under_lanterns, _under_plant, _on_hoard,
    _on_small,
    _on_rock, _among_plants, _on_gate, _on_ice, _in_tree, _hangs, _on_isle, _seated,
)  # fmt: skip


def aloft(thing: Wished) -> Wished:
    """What has wings takes to them; anything else as it is."""
    own = dict(thing.subject.figures)
    winged = thing.subject.family in {"bird", "owl", "flying_bird"} or bool(own.get("wings"))
    return replace(thing, subject=flying(thing.subject), flies=thing.flies or winged)
