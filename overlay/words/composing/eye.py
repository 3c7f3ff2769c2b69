"""Where the eye stands: how large the chief thing is seen, how high, and where the horizon lies."""

from dataclasses import dataclass

import numpy as np

from overlay.words.composing.bearing import BUILDINGS, RESTS
from overlay.words.stage.drawing import Camera, aim, level
from overlay.words.things.families import LIVING, TREES
from overlay.words.wishing.fitting import MOUNTED
from overlay.words.wishing.wished import Wish, Wished

VIEW = 38.0  # degrees, upright
HALF = float(np.tan(np.radians(VIEW / 2)))
PLAIN_EYE, PLAIN_AWAY = 1.2, 6.0  # metres, where the lexicon's distances are meant from
_TOY = 0.4  # size below which a thing is not seen smaller still: a toy is looked at from near
SHARE, BUILDING, UPRIGHT = 0.42, 0.52, 0.5
_FURNITURE = 0.62
_TALLEST = 0.86  # of the half frame that the chief thing's top may reach
_BEARER = 2.2  # heights of the chief thing, of what bears it
_WHOLE = 0.84  # of the picture's height, for both
# A creature this small, in metres, on what is no lower and not much higher, is seen from its own
# height (a share of it above its feet), with little of what bears it.
_SMALL, _PERCH_MOST, _PERCHED, _PERCH = 0.7, 2.4, 0.15, 1.2
_LOW = 0.12  # of the distance, that the eye is high at least
# What is this much lower than wide, a plate, is looked down upon, by this much of the distance.
_FLAT, _STOOP = 0.2, 0.3
_KNEE, _STEP = 1.2, 2.0  # metres; from one height of the eye to the next
# Of a tree's height, what is seen of it over who is under it; how much farther the eye may go.
_CROWN, _FARTHER = 0.66, 2.2
_COASTS = {"sea", "rough sea", "beach", "rocky shore"}
_FAR_OFF, _OVER_SEA = 14.0, 0.09  # metres; of the distance, how high the eye is there
_HIGH_UP = 14.0  # metres before and over a place that is looked down upon
_IN_ROOM = 4.0  # metres from the middle of an empty room
_BUILT = BUILDINGS | {"jib_crane", "observatory", "hill_town"}


@dataclass(frozen=True)
class Eye:
    """An eye that looks along +z.

    Attributes
    ----------
    away : metres before the chief thing, which stands at z = 0. height : over the ground.
    horizon : where it lies in the picture, -1 at the bottom to 1. above : whether it looks down.
    aspect : width over height.
    """

    away: float
    height: float
    horizon: float
    aspect: float
    above: bool = False
    look_at: float = 0.0

    def camera(self) -> Camera:
        """As the drawing wants it."""
        if self.above:
            return aim((0, self.height, -self.away), (0, self.look_at, 0), VIEW)
        return level(self.height, self.away, self.horizon, VIEW)

    def half_width(self, z: float) -> float:
        """Metres from the middle to the picture's side at a distance behind the chief thing."""
        return (z + self.away) * HALF * self.aspect

    def seen_at(self, y: float, z: float) -> float:
        """Where a height at a distance is seen, -1 at the bottom to 1."""
        return self.horizon + (y - self.height) / (max(z + self.away, 0.05) * HALF)

    def distance_for(self, height: float, share: float) -> float:
        """z at which a height takes up a share of the picture's."""
        return height / (2 * HALF * share) - self.away


def share_of(chief: Wished, said: dict[str, str]) -> float:
    """Share of the picture's height that the chief thing is to take up."""
    family = chief.subject.family
    share = BUILDING if family in _BUILT else UPRIGHT if family == "figure" else SHARE
    share = float(said.get("share", share))
    if chief.count > 1:
        share *= 0.78
    share *= float(np.clip(chief.emphasis, 0.3, 1.9)) ** 0.9 * float(np.sqrt(max(chief.size, _TOY)))
    return float(min(share, 1.1))


def eye_of(wish: Wish, chief: Wished | None, *, aspect: float, indoors: bool, base: float) -> Eye:
    """The eye for a wish; `base` is the height that the chief thing rests on."""
    said = wish.camera
    wanted = float(said["horizon"]) if "horizon" in said else -0.22
    if chief is None:
        if indoors:
            return Eye(_IN_ROOM, 1.5, -0.1, aspect)
        if said.get("eye") == "above":
            return Eye(_HIGH_UP, _HIGH_UP, 0.0, aspect, above=True, look_at=0.65 * _HIGH_UP)
        return Eye(9.0, 1.7, wanted, aspect)
    tall = chief.subject.size[1] * chief.size
    below = _bearer_seen(wish, chief, base)
    away = _distance(wish, chief, aspect=aspect, indoors=indoors, below=below)
    if said.get("eye") == "above":
        return Eye(
            0.8 * away,
            base + 0.75 * away + 0.3 * tall,
            0.0,
            aspect,
            above=True,
            look_at=base + 0.35 * tall,
        )
    height = _height(wish, chief, away, base, indoors=indoors)
    if (chief.subject.belongs == "air" or chief.flies) and chief.link not in RESTS:
        return Eye(away, max(1.6, 0.5 * tall), min(wanted, -0.4), aspect)
    unit = away * HALF
    held = [
        _reach(wish, t)
        for t in wish.things
        if t.link == "holds" or _beside(t, chief) or t.pose in MOUNTED
    ]
    top, foot = (base + max([tall, *held]) - height) / unit, (base - below - height) / unit
    horizon = wanted
    if indoors:
        horizon = -0.08 - (top + foot) / 2
    horizon = max(horizon, -0.86 - foot) if top - foot < 1.6 else -0.9 - foot
    return Eye(away, height, min(horizon, _TALLEST - top) if top - foot < 1.7 else horizon, aspect)


def _height(wish: Wish, chief: Wished, away: float, base: float, *, indoors: bool) -> float:
    """How high the eye is over the ground, metres."""
    tall = chief.tall
    if wish.camera.get("eye") == "below":
        return base + 0.05 * tall
    if indoors:
        height = base + (0.75 * tall + 0.1 * away if tall < 0.8 else min(0.62 * tall, 1.5))
        flat = tall < _FLAT * chief.wide or bool(dict(chief.details).get("full"))
        return height + (_STOOP * away if flat else 0.0)  # what lies or is filled is looked into
    if base and _stands_high(wish, chief):
        over = base + max(0.62 * tall, 0.3 * away)
        return min(0.35 * base + 1.7, over)  # looked up at, where it is as large as a man
    if _is_perched(wish, chief, base):
        return base + _PERCHED * tall  # against the sky
    if wish.place in _COASTS and chief.subject.belongs == "ground" and away > _FAR_OFF:
        return max(base + 1.7, _OVER_SEA * away)  # so that the sea behind it is seen
    # What is long and low, a boat, is looked at from where a taller one would be.
    return base + min(_in_steps(max(0.62 * tall, min(_LOW * away, _KNEE))), 1.7)


def _in_steps(metres: float) -> float:
    """The next step of a scale: a thing of about the same size leaves the eye where it is."""
    return float(_KNEE * _STEP ** np.round(np.log(max(metres, 1e-6) / _KNEE) / np.log(_STEP)))


def _beside(thing: Wished, chief: Wished) -> bool:
    """Whether two small things stand on one table."""
    return thing.subject.belongs == chief.subject.belongs == "table"


def _stands_high(wish: Wish, chief: Wished) -> bool:
    return chief.to is not None and wish.things[chief.to].subject.word in {"cliff top", "knoll"}


def _is_perched(wish: Wish, chief: Wished, base: float) -> bool:
    """Whether a small creature is on something in the open, a branch, a fence, a wall, or a thing
    hangs there."""
    if chief.link == "hangs":
        return chief.tall < _SMALL
    if chief.to is None or chief.link != "on" or chief.subject.family not in LIVING:
        return False
    in_the_open = wish.things[chief.to].subject.belongs == "ground"
    return in_the_open and chief.tall < _SMALL <= base < _PERCH_MOST


def _bearer_seen(wish: Wish, chief: Wished, base: float) -> float:
    """Metres below the chief thing in which what bears it is to be seen too."""
    if chief.to is None or chief.link not in RESTS or _stands_high(wish, chief):
        return 0.0
    if wish.things[chief.to].subject.belongs == "room":  # a table leads down out of the picture
        return 0.0
    return min(base, (_PERCH if _is_perched(wish, chief, base) else _BEARER) * chief.tall)


def _distance(wish: Wish, chief: Wished, *, aspect: float, indoors: bool, below: float) -> float:
    """How far the eye stands from the chief thing, so that it takes its share of the picture."""
    wide, tall, deep = (v * chief.size for v in chief.subject.size)
    share = share_of(chief, wish.camera)
    riders = [t for t in wish.things if t.pose in MOUNTED and t.to is not None]
    tall = max([tall, *(_reach(wish, t) for t in riders if wish.things[t.to or 0] is chief)])
    if indoors and tall > 1.5 and "share" not in wish.camera:
        share = max(share, _FURNITURE)  # a room is not much higher
    away = float(max(tall / (2 * HALF * share), (tall + below) / (2 * HALF * _WHOLE)))
    held = [_reach(wish, t) for t in wish.things if _is_held(wish, t, chief)]
    away = max([away, *((reach + below) / (2 * HALF * _WHOLE) for reach in held)])
    broad = wide * (1 + 0.5 * (chief.count - 1) ** 0.6)
    if (
        chief.link in {"on", "in"} and chief.to is not None
    ):  # the eye stands outside of what it stands on
        host = wish.things[chief.to]
        # Of what is long and narrow, a wall, it need not see both ends.
        reach = float(np.sqrt(host.subject.size[0] * host.subject.size[2]))
        if host.subject.family == "bridge":  # its arch is
            reach = 1.6 * host.subject.size[0]
        elif host.subject.family == "roof_ridge":  # it goes on at both sides
            reach *= 0.3
        away = max(away, 0.62 * host.size * reach + deep)
    away = float(max(away, broad / (2 * HALF * aspect * min(1.5 * share, 0.92)) + deep / 2))
    if chief.link == "under" and chief.to is not None and _is_tree(wish.things[chief.to]):
        crown = _CROWN * wish.things[chief.to].tall / (2 * HALF)
        away = max(away, min(crown, _FARTHER * away))
    laid = _laid_beside(wish, chief)
    if len(laid) > 1:  # all that lies on the table
        spread = 1.15 if chief.link != "on" else 1.5  # on what bears them they keep apart
        room = spread * sum(t.wide * t.count**0.75 for t in laid)
        away = max(away, room / (2 * HALF * aspect * 0.9))
    if not indoors:
        return away
    # What stands beside it cannot stand far back.
    belongs = chief.subject.belongs
    like = [t for t in wish.things if t.subject.belongs == belongs or t.link == "holds"]
    return float(max(away, max(_reach(wish, t) for t in like) / (2 * HALF * 0.78)))


def _is_held(wish: Wish, thing: Wished, chief: Wished) -> bool:
    return thing.link == "holds" and thing.to is not None and wish.things[thing.to] is chief


def _is_tree(thing: Wished) -> bool:
    return thing.subject.family in TREES


def _laid_beside(wish: Wish, chief: Wished) -> list[Wished]:
    """What lies on the table with the chief thing, and that itself; nothing without a table."""
    bearer = wish.things[chief.to] if chief.link == "on" and chief.to is not None else None
    on_table = bearer is not None and bearer.subject.family == "table"
    if chief.subject.belongs != "table" and not on_table:
        return []
    under = {t.to for t in wish.things if t.link == "on"}
    return [
        t
        for i, t in enumerate(wish.things)
        if (t.subject.belongs == "table" or (on_table and t.to == chief.to))
        and t.link != "holds"
        and i not in under
    ]


def _reach(wish: Wish, thing: Wished) -> float:
    """How high a thing reaches over what all stand on, metres."""
    tall = thing.tall
    if thing.pose in MOUNTED and thing.to is not None:
        return 0.9 * wish.things[thing.to].tall + 0.72 * tall
    if thing.link == "holds" and thing.to is not None:
        tall = 0.9 * wish.things[thing.to].tall + (0.75 * tall if tall > 0.2 else 0.0)
    return tall
