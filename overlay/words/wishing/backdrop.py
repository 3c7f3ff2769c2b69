"""A place said after another one: what it adds to the first (`a meadow by a river`)."""

from collections.abc import Sequence
from typing import Any

from overlay.words.language.reading import Piece
from overlay.words.subjects import subject_of
from overlay.words.things.families import TREES
from overlay.words.wishing.places import UNDER_WATER, furnishing_of, is_indoors, place_effects
from overlay.words.wishing.wished import Wished

# What of a place is seen from another one: its hills, its water, its road.
_HILLS = ("ridges", "rise", "ridge", "cap")
_WATER = ("near", "far", "slant", "waves", "deep")
_ADDS: dict[str, tuple[str, ...]] = {
    "mountains": _HILLS, "hills": _HILLS, "forest": ("ridge",), "desert": ("ridge",),
    "jungle": ("ridge",),
    "lake": _WATER, "pond": _WATER, "river": _WATER, "canal": _WATER, "sea": _WATER,
    "beach": _WATER, "road": ("path",), "railway": ("path", "track", "path_colour"),
}  # fmt: skip
_BEHIND = {  # whose things stand in the distance
    "mountains": "mountains", "hills": "hills", "forest": "forest", "village": "village",
    "city": "skyline", "street": "rooftop",
}  # fmt: skip
SUNKEN = "tower*3,temple*1,house*6,column*3"
_WATERS = {"lake", "pond", "river", "canal", "sea", "rough sea", "grand canal"}
_COLOURED = 0.6  # how far a colour that is said of a place takes the place's own over
_PLANTED = {"vineyard", "orchard"}  # whose rows are seen wherever they are said
_WOODED = {"forest", "jungle"}  # whose trees come down to the water
_STANDS, _CLOSE = 32, 14  # trees of a wood of one kind: in the depth, and near
_TUFTS = 170  # of tall grass
_SHORE = 9.0  # metres to a sea that is seen from the land


def drowned(place: str, first: str) -> bool:
    """Whether one of two places is a town and the other is under water."""
    towns = {"city", "street", "village", "skyline"}
    return bool({place, first} & UNDER_WATER and {place, first} & towns)


def coloured(place: str, colour: str) -> dict[str, Any]:
    """What a colour that is said of a place does to its walls, its water, its sky or its ground."""
    if is_indoors(place):
        keys: tuple[str, ...] = ("wall_colour",)
    elif place == "sky":
        keys = ("zenith", "horizon")
    else:
        keys = () if place in _WATERS else ("first", "second")
        keys += ("deep",) if "near=" in place_effects(place) else ()
    return {f"{key}~": (colour, _COLOURED) for key in keys}


def tall_grass(piece: Piece) -> tuple[tuple[str, str], ...]:
    """The zone that grass fills which is said to be high; or none."""
    entry = piece.head.entry if piece.head else None
    high = entry is not None and entry.word == "tall grass"
    return (("carpet", f"tall_grass*{_TUFTS}"),) if high else ()


def wood_of(piece: Piece, place: str) -> tuple[tuple[str, str], ...]:
    """The zones of a wood of one kind (`a birch forest`, `a forest of beeches`); or none."""
    entry = piece.head.entry if piece.head else None
    if entry is None or entry.shapes or subject_of(entry.word).family not in TREES:
        return ()
    named = any(w.kind == "place" and w.entry and w.entry.word == "forest" for w in piece.modifiers)
    of_them = place == "forest" and piece.link == "with" and piece.count > 1
    if not (named or of_them):
        return ()
    tree = entry.word.replace(" ", "_")
    return ("wood", f"{tree}*{_CLOSE}"), ("stand", f"{tree}*{_STANDS}")


def added(place: str, first: str) -> tuple[dict[str, Any], tuple[tuple[str, str], ...]]:
    """What a further place does to the setting of the first, and what it is furnished with.

    Nothing where one of the two has walls, or where the first has that already: the hills of a
    lake, the water of a river.
    """
    if place == first or is_indoors(place) or is_indoors(first):
        return {}, ()
    own = {key[:-1] for key in place_effects(first)}
    keys = _ADDS.get(place, ())
    if keys == _WATER and "near" in own:
        keys = ()
    effects = {k: v for k, v in place_effects(place).items() if k[:-1] in keys}
    if place == "sea" and "near=" in effects:
        effects["near="] = _SHORE
    fills: tuple[tuple[str, str], ...] = ()
    if place in _BEHIND:
        zones = [z.partition(":")[2] for z in furnishing_of(_BEHIND[place]).split() if ":" in z]
        fills = (("back", zones[0]),) if zones else ()
    if place in _PLANTED:
        effects = {k: v for k, v in place_effects(place).items() if k[:-1] in {"first", "second"}}
        fills = _zones(place, {"ranks", "rows"})
    if place in _WOODED and "near=" in place_effects(first):
        fills = _zones(place, {"wood", "stand"})
    return effects, fills


def _zones(place: str, names: set[str]) -> tuple[tuple[str, str], ...]:
    """What fills some zones of a place."""
    parted = (z.partition(":") for z in furnishing_of(place).split())
    return tuple((zone, what) for zone, _, what in parted if zone in names)


def lamps_of(things: Sequence[Wished], place: str) -> set[int]:
    """Which things line a place instead of standing in it: the lamps of a street."""
    found = enumerate(things if place else ())
    return {i for i, t in found if t.subject.word == "street lamp" and t.count > 2}
