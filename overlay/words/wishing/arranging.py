"""All things together: what lies on the table, what a word of two meanings is, whose young."""

from collections.abc import Sequence
from dataclasses import replace

import numpy as np

from overlay.words.subjects import subject_of
from overlay.words.things.families import LIVING
from overlay.words.wishing.filling import GROWN
from overlay.words.wishing.hanging import hung
from overlay.words.wishing.places import is_indoors
from overlay.words.wishing.relations import BUILT_UP, is_grown
from overlay.words.wishing.wished import Wished, linked

_PIECES = {
    "king": "chess king", "queen": "chess king", "knight": "chess knight", "rook": "chess rook",
    "bishop": "chess pawn", "pawn": "chess pawn",
}  # fmt: skip
_MACHINES = {"crane": "harbour crane"}  # where people build and load
_LOADING = {"harbour", "quay", "city", "skyline", "railway", "canyon"}  # a quarry is one, too
_LOADED = {"containers", "harbour crane", "warehouse", "freighter", "skyscraper", "apartment block"}
_YOUNG = {"cub", "cubs", "pup", "pups", "calf", "calves", "young", "babies"}
# Those that have names of their own and are drawn as what they will be.
_CHICKS = {
    "cygnet", "cygnets", "gosling", "goslings", "duckling", "ducklings", "fawn", "fawns", "foal",
    "foals", "piglet", "piglets", "fledgling", "fledglings", "colt", "colts", "owlet", "owlets",
}  # fmt: skip
_YOUNG_SIZE = 0.45  # of what it is the young of
_MACHINES_IN_AIR = {"aeroplane", "helicopter"}
_FEW = 2
_ISLANDS = {"volcano", "hill town"}  # by themselves, in the sea
_BESIDE = {"beside", "near", "in front of", "at", "with", "and", "behind"}
_WITH = {"with", "and", "beside", "near"}
_HIGH = {"cliff top", "knoll"}
_TABLES = {"table", "stove", "window_sill"}
_CAMELS = 6
_WALL_GOODS = {"mirror", "picture", "curtains", "wall clock"}
_LEANS = 1.8  # metres, of what a ladder leans against
_AT_WALLS = {"ladder", "flower pot"}
# Of the tallest thing: what flies, and what does not, of which the size is raised by no more.
_SEEN, _SEEN_LOW, _RAISED, _SHOAL = 0.035, 0.05, 2.2, 7.0
# What stands in the sea stands on a rock there.
_SEAS = {"sea", "rough sea"}
_ON_ROCKS = {"lighthouse", "tower", "castle", "temple"}
_ON_PEAKS = {*_ON_ROCKS, "house", "pagoda", "dome", "palace"}


def arranged(things: Sequence[Wished], place: str) -> list[Wished]:
    """Things as they are meant beside each other and in a place."""
    found = [_in_game(t, things) for t in things]
    found = [_as_meant(i, t, place, found) for i, t in enumerate(found)]
    found = [_on_a_line(t, place) for t in found]
    for i, thing in enumerate(found):
        if thing.link == "holds" and thing.to is not None:
            found[i] = _fitted(thing, found[thing.to])
        if "lamp" in thing.name and place in BUILT_UP:  # none of a table
            found[i] = replace(thing, subject=subject_of("street lamp"))
    _stand_in_sea(found, place)
    _carry(found, place)
    _set_up(found)
    _hang_up(found, place)
    _climb(found)
    _spread(found)
    _lay(found)
    _lean(found)
    _raise_small(found)
    _land(found)
    return found


def _raise_small(things: list[Wished]) -> None:
    """An animal near something many times its size is large enough to be seen."""
    tallest = max((t.tall for t in things), default=0.0)
    for i, thing in enumerate(things):
        if thing.subject.family not in LIVING:
            continue
        in_air = thing.subject.belongs == "air"
        least, most = (_SEEN * tallest, np.inf) if in_air else (_SEEN_LOW * tallest, _RAISED)
        if thing.subject.family == "fish":  # of a shoal none need be as large as it is
            most = _SHOAL
        if thing.tall < least:
            size = min(least / thing.subject.height, most * thing.size)
            things[i] = replace(thing, size=size)


def _climb(things: list[Wished]) -> None:
    """Whoever is with those on a height is there too: a flock on a hill with a shepherd."""
    for i, thing in enumerate(things):
        other = things[thing.to] if thing.to is not None and thing.link in _WITH else None
        if other is None or other.link != "on" or other.to is None:
            continue
        alive = thing.subject.family in {*LIVING, "figure"} and thing.subject.belongs == "ground"
        if alive and things[other.to].subject.word in _HIGH:
            things[i] = linked(thing, other.to, "on")


def _spread(things: list[Wished]) -> None:
    """A rug of which no more is said lies before the rest of the room."""
    others = [k for k, t in enumerate(things) if t.subject.belongs == "room" and not _is_rug(t)]
    for i, thing in enumerate(things):
        if _is_rug(thing) and thing.to is None and others:
            things[i] = linked(thing, others[0], "in front of")


def _is_rug(thing: Wished) -> bool:
    return thing.subject.word == "carpet"


def _land(things: list[Wished]) -> None:
    """A flying machine that somebody is beside stands on the ground."""
    for i, thing in enumerate(things):
        near = [t for t in things if t.to == i and t.link in _BESIDE]
        if thing.to is not None and thing.link in _BESIDE:
            near.append(things[thing.to])
        crewed = any(t.subject.family == "figure" for t in near)
        if crewed and thing.subject.family in _MACHINES_IN_AIR:
            things[i] = replace(thing, subject=replace(thing.subject, belongs="ground"))


def _lean(things: list[Wished]) -> None:
    """Ladders and flower pots of which no more is said are at what is built there."""
    high = [i for i, t in enumerate(things) if t.tall > _LEANS and t.subject.family not in LIVING]
    for i, thing in enumerate(things):
        alone = thing.to is None or thing.link in {"and", "with"}
        at = [k for k in high if k != i and things[k].subject.family != "figure"]
        if thing.subject.word in _AT_WALLS and alone and at:
            large = max(thing.size, 0.08 * things[at[0]].tall / thing.subject.height)
            things[i] = linked(replace(thing, size=large), at[0], "in front of")


def _lay(things: list[Wished]) -> None:
    """What belongs on a table lies on it, flowers in a vase."""
    for i, thing in enumerate(list(things)):
        on = things[thing.to] if thing.link == "on" and thing.to is not None else None
        if on is not None and is_grown(thing) and on.subject.belongs == "room":
            _put_in_vase(things, i, thing.to or 0)
    tables = [i for i, t in enumerate(things) if t.subject.family in _TABLES]
    for i, thing in enumerate(list(things) if tables else []):
        of_it = thing.to is None or thing.link == "and"
        of_it = of_it or (thing.link == "with" and thing.to == tables[0])
        if (thing.subject.belongs == "table" or thing.subject.family == "flower_pot") and of_it:
            if thing.name == "lamp":
                thing = replace(thing, subject=subject_of("table lamp"))
            things[i] = linked(thing, tables[0], "on")
        elif is_grown(thing) and (of_it or thing.to == tables[0]):
            _put_in_vase(things, i, tables[0])


def _put_in_vase(things: list[Wished], number: int, under: int) -> None:
    """Flowers stand in a vase on what they are said to be on."""
    thing = things[number]
    vase = Wished("vase", subject_of("vase"), thing.emphasis)
    things.append(linked(vase, under, "on"))
    things[number] = _fitted(linked(thing, len(things) - 1, "holds"), vase)


def water_meant(things: Sequence[Wished]) -> str:
    """The place of things of which none was said: under water for a submarine among jellyfish and
    for fish about a wreck, the sea for a lighthouse that nothing on land is with."""
    dives = any(t.subject.family == "submarine" for t in things)
    if dives and any(t.link == "among" and t.subject.belongs == "sea" for t in things):
        return "underwater"
    if {"wreck", "fish"} <= {t.subject.family for t in things}:
        return "underwater"
    lights = any(t.subject.family == "lighthouse" for t in things)
    ashore = [t for t in things if t.subject.belongs in {"ground", "room", "table"}]
    alone = all(t.subject.family == "lighthouse" for t in ashore)
    return "sea" if lights and alone else ""


def _stand_in_sea(things: list[Wished], place: str) -> None:
    """What was said of the open sea and is built stands on a rock in it, or on a peak that comes up
    through the clouds."""
    built = _ON_PEAKS if place == "cloud tops" else _ON_ROCKS if place in _SEAS else set()
    for i, thing in enumerate(list(things)):
        alone = thing.to is None or thing.link in {"and", "with"}
        if place in _SEAS and thing.subject.word in _ISLANDS:
            things[i] = replace(thing, subject=replace(thing.subject, belongs="water"))
        if thing.subject.family in built and thing.count == 1 and alone:
            rock = subject_of("cliff top")
            size = max(0.6, 1.5 * thing.wide / rock.size[0])
            things.append(Wished("rock", rock, thing.emphasis, size=size))
            things[i] = linked(thing, len(things) - 1, "on")


def _fitted(thing: Wished, holder: Wished) -> Wished:
    """Flowers cut to fit the vase that holds them."""
    if thing.subject.family not in GROWN:
        return thing
    fits = 1.7 * holder.subject.height / thing.subject.height
    return replace(thing, size=min(thing.size, fits))


def _in_game(thing: Wished, things: Sequence[Wished]) -> Wished:
    """A king, a knight or a rook with a chessboard is a piece of the game."""
    piece = _PIECES.get(thing.subject.word.removeprefix("chess "))
    if piece and any(t.subject.word == "chessboard" for t in things):
        return replace(thing, subject=subject_of(piece))
    return thing


def _set_up(things: list[Wished]) -> None:
    """Pieces of a game stand on its board."""
    boards = [i for i, t in enumerate(things) if t.subject.word == "chessboard"]
    for i, thing in enumerate(things):
        if boards and thing.subject.family == "piece":
            things[i] = linked(thing, boards[0], "on")


def _hang_up(things: list[Wished], place: str) -> None:
    """Mirrors and pictures of a room hang on its wall, and curtains at its window."""
    indoors = is_indoors(place) if place else _in_room(things)
    for i, thing in enumerate(things):
        loose = thing.to is None or thing.link in {"and", "with", "near", "behind"}
        if thing.subject.word in _WALL_GOODS and loose and indoors:
            things[i] = hung(linked(thing, None, ""))


def _in_room(things: Sequence[Wished]) -> bool:
    return any(t.subject.belongs == "room" for t in things)


def _carry(things: list[Wished], place: str) -> None:
    """Umbrellas of a street are carried by people."""
    for i, thing in enumerate(list(things) if place in BUILT_UP else ()):
        if thing.subject.word == "umbrella" and thing.count > _FEW and thing.to is None:
            who = Wished("people", subject_of("man"), thing.emphasis, thing.count, pose="hold")
            things.append(who)
            things[i] = linked(thing, len(things) - 1, "held")


def _on_a_line(thing: Wished, place: str) -> Wished:
    """Lanterns of a street hang in a row over it."""
    several = "lantern" in thing.name and thing.count > _FEW and thing.to is None
    if not several or place not in BUILT_UP:
        return thing
    return replace(thing, subject=subject_of("lantern line"), count=1)


def _as_meant(number: int, thing: Wished, place: str, things: Sequence[Wished]) -> Wished:
    """A word of two meanings read by what is about it: a crane in a harbour is none that flies."""
    others = [t for i, t in enumerate(things) if i != number]
    machine = _MACHINES.get(thing.subject.word)
    if machine and (place in _LOADING or any(t.subject.word in _LOADED for t in others)):
        return replace(thing, subject=subject_of(machine))
    if thing.name == "caravan" and place == "desert":
        return replace(thing, subject=subject_of("camel"), count=_CAMELS, in_row=True)
    if thing.name in _YOUNG:
        parent = next((t for t in others if t.subject.family == "quadruped"), None)
        if parent is not None:
            return replace(thing, subject=parent.subject, size=_YOUNG_SIZE * thing.size)
    if thing.name in _CHICKS and thing.name.rstrip("s") != thing.subject.word:
        return replace(thing, size=_YOUNG_SIZE * thing.size)
    if thing.subject.word == "campfire" and any(t.subject.belongs == "room" for t in others):
        return replace(thing, subject=subject_of("fireplace"))
    if thing.subject.word == "cartwheel" and any(t.subject.word == "potter" for t in others):
        return replace(thing, subject=subject_of("potter's wheel"))
    if thing.name in {"plant", "plants"} and (is_indoors(place) if place else _in_room(others)):
        return replace(thing, subject=subject_of("potted plant"))
    in_bowl = any(t.to == number and t.subject.family == "fish" for t in others)
    if thing.subject.word == "bowl" and in_bowl:
        return replace(thing, subject=subject_of("fish bowl"))
    return thing
