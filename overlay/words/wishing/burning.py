"""What smokes and what burns: plumes and flames that rise from things, or stand in a place."""

from collections.abc import Iterable, Sequence
from dataclasses import replace

import numpy as np

from overlay.words.language.reading import Piece, Word
from overlay.words.subjects import subject_of
from overlay.words.wishing.wished import Wished

_BURNING = {"burning", "blazing", "flaming"}
_SMOKING = {
    "house",
    "tower",
    "locomotive",
    "steamer",
    "tug",
    "bottle_kiln",
    "campfire",
    "dome",
    "peak",
}
_BURNS = {
    "house", "tower", "castle", "windmill", "tree", "blade_tree", "sailing_boat", "ship",
    "longship", "barge", "steamer", "car", "bridge", "stall", "tent", "haystack", "cart",
    "temple", "pagoda",
}  # fmt: skip
_FROM_ABOVE = {"house", "tower", "windmill", "tree", "blade_tree", "haystack", "tent"}
GLOW = (
    "horizon=#d9764a zenith=#5a4650 fade=#a8664a haze*1.5 sunlight=2.0;1.2;.7 skylight=.38;.3;.28"
)
_FLAMES = 0.55  # of the height of what burns
_ROOF = 0.42  # likewise, of each of the fires along a roof
_IN_STREETS = 5.0  # metres of a fire in a burning town


def may_smoke(thing: Wished) -> bool:
    """Whether smoke rises from things of its kind."""
    return thing.subject.family in _SMOKING


def smoke_of(thing: Wished, number: int) -> Wished:
    """The smoke that rises from a thing."""
    plume = subject_of("plume of smoke")
    size = 0.8 * thing.tall / plume.height
    return Wished("smoke", plume, thing.emphasis, size=size, link="rises", to=number)


def from_chimneys(things: Sequence[Wished], weather: Sequence[str]) -> list[Wished]:
    """The smoke of houses, where it was said that their chimneys smoke."""
    if "chimney smoke" not in weather:
        return []
    return [smoke_of(t, i) for i, t in enumerate(things) if has_chimney(t)]


def has_chimney(thing: Wished) -> bool:
    """Whether a thing is a house with a chimney: neither a barn nor of glass."""
    own = dict(thing.subject.figures)
    return thing.subject.family == "house" and own.get("chimney", True) and not own.get("glass")


def fires_of(thing: Wished, number: int, told: Iterable[Word]) -> list[Wished]:
    """Flames and smoke of a thing that is said to burn; none of a candle, which has its own."""
    if not any(word.text in _BURNING for word in told) or thing.subject.family not in _BURNS:
        return []
    return set_alight(thing, number)


def set_alight(thing: Wished, number: int) -> list[Wished]:
    """Flames and smoke of a thing."""
    flames = subject_of("flames")
    size = _FLAMES * thing.tall / flames.height
    if thing.subject.family == "house":  # all along its roof
        size = _ROOF * thing.tall / flames.height
        beside = 2 * int(np.clip(0.3 * thing.wide / (0.62 * flames.height * size), 1, 3))
        flames = replace(flames, figures=(*flames.figures, ("beside", beside)))
    link = "rises" if thing.subject.family in _FROM_ABOVE else "on"  # a ship burns on its deck
    fire = Wished("fire", flames, thing.emphasis, size=size, link=link, to=number)
    return [fire, smoke_of(thing, number)]


def is_on_fire(thing: Wished, piece: Piece) -> bool:
    """Whether a piece says so (`a house on fire`)."""
    said = piece.head is not None and piece.head.text in {"fire", "flames"}
    return said and piece.link in {"on", "in"} and thing.subject.family in _BURNS


def fires_at(words: Iterable[Word]) -> list[Wished]:
    """Fires in a place that is said to burn."""
    if not any(word.text in _BURNING for word in words):
        return []
    flames = subject_of("flames")
    return [Wished("fire", flames, count=3, size=_IN_STREETS / flames.height)]
