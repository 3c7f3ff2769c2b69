"""A scene composed: things, setting and eye, ready to be drawn."""

from dataclasses import dataclass, replace

import numpy as np

from overlay.words.composing.banks import opened, spanned
from overlay.words.composing.bearing import RESTS, borne_at, carrier_of, leads_not
from overlay.words.composing.eye import HALF, Eye, eye_of
from overlay.words.composing.framing import stepped_back
from overlay.words.composing.furnishing import Furnisher, read_furnishing
from overlay.words.composing.ground import ground_of
from overlay.words.composing.placing import TABLE_UNDER, Placing
from overlay.words.composing.settle import (
    TABLES,
    fitted,
    place_of,
    setting_of,
)
from overlay.words.stage.setting import Setting
from overlay.words.subjects import subject_of
from overlay.words.things.families import LIVING
from overlay.words.things.table import Placed
from overlay.words.wishing.filling import GROWN
from overlay.words.wishing.hanging import hangs
from overlay.words.wishing.places import furnishing_of, is_indoors
from overlay.words.wishing.wished import Wish, Wished

_RESTING = {
    "on",
    "in",
    "under",
    "behind",
    "at",
    "against",
    "over",
    "above",
    "in front of",
    "hovers",
    "hangs",
}


# From which height, in metres and in a thing's own, what bears it leads the picture.
_LARGE, _TOWERS = 4.5, 3.0
# Of half the picture's height from its middle, how high a moon stands; the least slope towards it.
_MOON, _LOW_MOON = 0.78, 0.06
_TURN = 6.0  # degrees, of a table
_RINGED = 1.5  # likewise, what others stand in a ring about


@dataclass(frozen=True)
class Scene:
    """What is to be drawn.

    Attributes
    ----------
    things : all of them, those that were wished for first. wished : how many of them were.
    chief : the name of the chief one, empty without things.
    """

    things: tuple[Placed, ...]
    wished: int
    setting: Setting
    eye: Eye
    place: str
    chief: str = ""


def chief_of(things: tuple[Wished, ...]) -> int:
    """The heaviest phrase's thing; of equals the first, and what rests, not what bears it.

    What stands on something large and many times its size is seen with all of that.
    """
    behind = {t.to for i, t in enumerate(things) if t.link in _RESTING and (t.to or 0) > i}
    behind |= {
        i for i, t in enumerate(things) if t.subject.family == "table" and _bears_any(things, i)
    }
    behind |= {i for i, t in enumerate(things) if t.link == "holds" or hangs(t)}
    if any(t.subject.family in LIVING for t in things):  # a heron leads, not its reeds
        behind |= {i for i, t in enumerate(things) if t.subject.family in GROWN}
    weights = [
        t.emphasis * (1 - 0.04 * i) * (0.8 if i in behind else 1.0) for i, t in enumerate(things)
    ]
    first = int(np.argmax(weights))
    while things[first].to is not None and leads_not(things[first]):
        first = int(things[first].to or 0)
    chief = things[first]
    several = chief.count**0.5  # for which a hill is larger, too
    tall = {"on": several * max(_TOWERS * chief.tall, _LARGE), "around": _RINGED * chief.tall}
    under = chief.to if chief.link in tall else None
    return under if under is not None and things[under].tall > tall[chief.link] else first


def _bears_any(things: tuple[Wished, ...], number: int) -> bool:
    return any(t.to == number and t.link in _RESTING for t in things)


def compose(wish: Wish, *, seed: int, aspect: float) -> Scene:
    """Set a wish on its stage; every part of it by a chance of its own, from `seed`."""
    place = place_of(wish)
    number = chief_of(wish.things) if wish.things else -1
    chief = wish.things[number] if wish.things else None
    table = _table(wish, place, chief)
    base = table.subject.height if table else borne_at(wish, number)
    eye = eye_of(wish, chief, aspect=aspect, indoors=is_indoors(place), base=base)
    stage = _stood(wish, number, eye, place, base=base, seed=seed)
    eye = stage.eye
    things, taken = stage.placed, [*stage.spots.values(), *stage.stood]
    wished = len(things)
    if table is not None and chief is not None:
        x, _, z = things[0].at
        under = tuple(table.subject.parts())
        things.append(Placed(table.name, under, (x * TABLE_UNDER, 0.0, z), _TURN))
    zones = read_furnishing(furnishing_of(place))
    things += Furnisher(wish, eye, stage.ground, seed).furnish(zones, taken)
    setting, name = _moon_in_sight(stage.ground.setting, eye), chief.name if chief else ""
    return Scene(tuple(things), wished, setting, eye, place, name)


def _stood(wish: Wish, number: int, eye: Eye, place: str, *, base: float, seed: int) -> Placing:
    """The things where they stand: from farther off where they would be cut, and over water where
    there are bridges; `number` is the chief thing's."""
    plain = setting_of(wish, place)

    def stand(eye: Eye, setting: Setting) -> Placing:
        placing = Placing(wish, number, eye, ground_of(setting, seed, base, place), seed)
        if wish.things:
            placing.place_all()
        return placing

    def fit(eye: Eye) -> Setting:
        return opened(fitted(plain, place, eye, carrier_of(wish, number)), wish, number, eye)

    def put(stage: Placing) -> list[tuple[int, Placed]]:
        return list(zip(stage.numbers, stage.placed, strict=True))

    stage = stand(eye, fit(eye))
    farther = stepped_back(eye, wish, put(stage), number)
    if farther is not None:
        stage = stand(farther, fit(farther))
    own = stage.ground.setting
    bridged = spanned(own, wish, put(stage), stage.eye)
    return stage if bridged is own else stand(stage.eye, bridged)


def _moon_in_sight(setting: Setting, eye: Eye) -> Setting:
    """A moon that stands no higher than the picture shows."""
    x, y, z = setting.moon
    highest = max((_MOON - eye.horizon) * HALF, _LOW_MOON) * z
    return replace(setting, moon=(x, min(y, highest), z))


def _table(wish: Wish, place: str, chief: Wished | None) -> Wished | None:
    """A table for small things in a room, unless they were put on something."""
    if (
        chief is None
        or place in TABLES
        or not is_indoors(place)
        or chief.subject.belongs != "table"
    ):
        return None
    if hangs(chief) or (chief.to is not None and chief.link in RESTS):
        return None
    if chief.to is not None and wish.things[chief.to].subject.belongs == "ground":
        return None  # gifts lie before their tree
    if any(t.subject.word in {"table", "desk", "workbench"} for t in wish.things):
        return None
    return Wished("table", subject_of("table"))


def moved_to(scene: Scene, name: str, at: tuple[float, float], size: float, turn: float) -> Scene:
    """A scene with a thing set elsewhere by hand.

    `at` is where its foot's middle lies in the picture, 0..1 from its left and its top; `size` its
    height as a share of the picture's; `turn` degrees added.
    """
    moved = (_moved(t, scene.eye, at, size, turn) if t.name == name else t for t in scene.things)
    return replace(scene, things=tuple(moved))


def _moved(thing: Placed, eye: Eye, at: tuple[float, float], size: float, turn: float) -> Placed:
    z = thing.at[2]
    tall = subject_height(thing)
    scale = 2 * size * (z + eye.away) * HALF / max(tall, 1e-6)
    x = (2 * at[0] - 1) * eye.half_width(z)
    y = eye.height + (1 - 2 * at[1] - eye.horizon) * (z + eye.away) * HALF
    return replace(thing, at=(x, max(y, 0.0), z), scale=scale, yaw=thing.yaw + turn)


def subject_height(thing: Placed) -> float:
    """Height of a thing at its own scale, metres."""
    return max(2 * part.b[1] if part.cutout else part.a[1] for part in thing.parts)
