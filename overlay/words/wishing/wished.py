"""What is wished for, as plain data: things with what is said of them, place, light, tone."""

from dataclasses import dataclass, field, replace
from typing import Any

from overlay.words.language.reading import Placement
from overlay.words.subjects import Subject


@dataclass(frozen=True)
class Wished:
    """A thing, or several of one kind.

    Attributes
    ----------
    name : what it is called, of its mask too. size : factor on its true size.
    tone, mute : of its colours.
    details : figures of its own with their colours (`a red roof`).
    link : how it stands to the thing numbered `to`.
    """

    name: str
    subject: Subject
    emphasis: float = 1.0
    count: int = 1
    in_row: bool = False
    size: float = 1.0
    colour: str = ""
    made: str = ""
    pose: str = ""
    flies: bool = False
    light: float = 1.0
    mute: float = 0.0
    placement: Placement = field(default_factory=Placement)
    details: tuple[tuple[str, str], ...] = ()
    link: str = ""
    to: int | None = None

    @property
    def tall(self) -> float:
        """Metres."""
        return self.subject.height * self.size

    @property
    def wide(self) -> float:
        """Metres."""
        return self.subject.size[0] * self.size


@dataclass(frozen=True)
class Wish:
    """A scene as wished for.

    Attributes
    ----------
    place : its word, empty if none was said. furnishing : factor on what a place brings along.
    effects : on the setting, in their order, with how far each goes. weather : words of it.
    camera : share, eye, horizon, side, yaw as said. tints : colours of the picture, with amounts
    -1..1. unwanted : subjects that must not be there. marks : what they should be like, -1..1.
    fills : zones of the place, each with what fills it (`a field of tulips`).
    """

    things: tuple[Wished, ...] = ()
    place: str = ""
    furnishing: float = 1.0
    effects: tuple[tuple[dict[str, Any], float], ...] = ()
    weather: tuple[tuple[str, float], ...] = ()
    season: str = ""
    camera: dict[str, str] = field(default_factory=dict)
    tints: tuple[tuple[str, float], ...] = ()
    light: float = 1.0
    contrast: float = 1.0
    mute: float = 0.0
    warmth: float = 0.0
    unwanted: frozenset[str] = frozenset()
    marks: tuple[tuple[str, float], ...] = ()
    fills: tuple[tuple[str, str], ...] = ()


Pair = tuple[Wished, Wished]


def linked(thing: Wished, to: int | None, link: str) -> Wished:
    """A thing as it stands to the one numbered `to`; loose where that is none."""
    return replace(thing, to=to, link=link if to is not None else "")
