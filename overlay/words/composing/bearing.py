"""What bears what: the hand that holds, the back that is ridden, the chimney that smokes."""

from collections.abc import Sequence

import numpy as np

from overlay.words.composing.rest import resting_place
from overlay.words.subjects import subject_of
from overlay.words.things.families import LIVING
from overlay.words.things.families.living.figures import HAND, LOW_HAND, SEATED_HAND
from overlay.words.things.parts import extent, turned
from overlay.words.things.table import Placed
from overlay.words.wishing.filling import GROWN
from overlay.words.wishing.fitting import MOUNTED, SEATS
from overlay.words.wishing.wished import Wish, Wished

RESTS = {"on", "in", "hovers", "hangs"}  # on what is seen with it
BORNE = RESTS | {"holds"}
TIED = BORNE | {"held", "rises", "around"}  # these come after what they are tied to
BUILDINGS = {"house", "tower", "lighthouse", "windmill", "castle", "bottle_kiln", "bridge"}
_SHAFTED = {"scythe", "blade", "strings"}
_STAFF = 1.05  # metres
_HANGING = {"lantern", "bag", "vessel", "fish", "watering_can", "bell"}
_STANCE = 0.3  # of its width, how far apart the feet of an animal are
_LAP = (0.17, 0.455, 0.0)  # shares of a sitting figure's height, where its knees are
_SEAT = 0.27  # of a sitting figure's height
_SMALL, _ASIDE = 0.2, 0.26  # metres of what a bowl is full of; of a plate's width
_STEP = 0.6  # of its height, up to which it climbs to sit
_RIDGE = 0.55  # of a house's height, over which its roof's ridge is
_GAP = 0.35  # of its own height, between a thing that hovers and what it is over
_HUNG = 0.1  # metres from the top of what a thing hangs from to its own
Point = tuple[float, float, float]


_SADDLE = (-0.2, 0.93, 0.0)  # metres, of a bicycle


def leads_not(thing: Wished) -> bool:
    """Whether what bears a thing is seen first: who holds it, whom it rides, what it rises from."""
    return thing.link in {"held", "rises"} or thing.pose in MOUNTED


def turns_bearer(thing: Wished) -> bool:
    """Whether what bears a thing is turned as that is: a bicycle, the rock under a house."""
    return thing.pose in MOUNTED or (thing.subject.family in BUILDINGS and thing.link == "on")


def bears(thing: Wished, under: Wished) -> bool:
    """Whether a thing rests on, or in, another that is large enough."""
    if thing.link in {"holds", "hovers", "hangs"}:
        return True
    if thing.link not in BORNE or (thing.link == "in" and under.subject.family in BUILDINGS):
        return False
    wide = max(under.subject.size[0], under.subject.size[2]) * under.size
    return wide > 0.5 * thing.wide


def borne(thing: Wished, under: Wished) -> Point:
    """Where a thing rests on another that stands at the origin."""
    plain = Placed(under.name, tuple(under.subject.parts()), scale=under.size)
    swims = under.subject.family == "fish_bowl"
    if swims:
        x, y, z = _midst(plain, under, thing)
        return x, seated(thing, y, thing.size), z
    x, y, z = perch(thing, plain)
    return x, seated(thing, y, thing.size) - sunk(thing, under) * thing.size, z


def _midst(placed: Placed, holder: Wished, thing: Wished) -> Point:
    """Where a thing is in the middle of the water in a bowl as it stands, before its back."""
    x, y, z = placed.at
    low = lift_of(thing) * thing.size + 0.5 * (thing.tall - lift_of(thing) * thing.size)
    return x, y + 0.5 * holder.tall - low, z - 0.08 * holder.wide


def perch(thing: Wished, under: Placed) -> Point:
    """Where a thing rests on another as that stands: a saddle, or the widest level."""
    if thing.pose != "cycle":
        return resting_place(under, below=sits_below(thing))
    x, y, z = turned(under.yaw) @ (np.array(_SADDLE) * under.scale) + np.array(under.at)
    return float(x), float(y), float(z)


def sits_below(thing: Wished) -> float:
    """Height in metres up to which there may be what a thing sits on; no limit unless it sits."""
    sits = thing.subject.family == "figure" and thing.pose == "sit"
    return _STEP * thing.tall if sits else np.inf


def seated(thing: Wished, y: float, scale: float) -> float:
    """Height of a thing's foot where it rests on, or is over, something that is `y` high."""
    if thing.link == "hovers":
        return y + _GAP * thing.subject.height * scale
    if thing.link == "hangs":
        return max(y - _HUNG - thing.subject.height * scale, 0.0)
    if thing.subject.family == "figure" and thing.pose in {"sit", *MOUNTED}:
        return max(y - _SEAT * thing.subject.height * scale, 0.0)
    return y


def is_seated(thing: Wished, wish: Wish) -> bool:
    """Whether a thing is a figure that sits on furniture, and faces as that does."""
    if thing.pose != "sit" or thing.subject.family != "figure" or thing.to is None:
        return False
    return wish.things[thing.to].subject.family in SEATS


def fits_beside(thing: Wished, other: Wished) -> bool:
    """Whether a thing may stand on a table beside what it is said with: a mouse beside a cheese."""
    tall = thing.tall
    return other.subject.belongs == "table" and tall < 2.5 * other.tall


def lift_of(thing: Wished) -> float:
    """How high a thing is over its own foot, metres: a fish on a plate does not swim."""
    return float(extent(thing.subject.parts())[0][1]) if thing.subject.belongs == "sea" else 0.0


def sunk(thing: Wished, under: Wished) -> float:
    """How much lower a thing stands than the top of what bears it, in its own metres.

    A fish does not swim over its plate; a castle's corners reach the sides of a round hill.
    """
    if under.subject.family != "knoll":
        return lift_of(thing)
    feet = thing.wide if thing.subject.family in BUILDINGS else _STANCE * thing.wide
    out = min(feet / under.wide, 0.9)
    return under.tall * (1.0 - float(np.sqrt(1.0 - out * out))) / thing.size


def on_table(x: float, middle: float, wide: float) -> float:
    """A place across that is on a room's own table, not beside it in the air."""
    half = max(0.46 * subject_of("table").size[0] - 0.5 * wide, 0.0)
    return float(np.clip(x, middle - half, middle + half))


def is_narrow(thing: Wished, under: Wished) -> bool:
    """Whether a thing rests on what has no room for a second one behind it: a tray, a wall."""
    deep = under.subject.size[2] * under.size
    return under.subject.belongs == "table" or deep < 2.5 * thing.subject.size[2] * thing.size


def held_in(thing: Wished, holder: Wished, placed: Placed) -> Point:
    """Where a thing is in a bowl or a vase; what is small lies on more of its kind, to the rim."""
    x, y, z = resting_place(placed, inside=True)
    rim = holder.subject.height * placed.scale + placed.at[1]
    tall = thing.tall
    if holder.subject.family == "fish_bowl":  # in the midst of the water, before its back
        return _midst(placed, holder, thing)
    if holder.subject.family == "birdcage":  # on its perch
        return x, placed.at[1] + 0.26 * holder.tall, z
    if thing.subject.family in GROWN or thing.subject.family in LIVING:
        grown = thing.subject.family in GROWN
        full = y if y > 0.6 * rim and not grown else rim  # a basket's handles are higher
        return x, full - (0.25 if grown else 0.22) * tall, z
    return x, max(y, rim - 0.85 * tall) if tall < _SMALL else y, z


def step_on_plate(thing: Wished, there: Sequence[Wished]) -> float:
    """How far behind a plate's middle a thing lies, in widths of it: what is small lies before."""
    if not there:
        return 0.0
    widest = max(other.wide for other in there)
    return -_ASIDE if thing.wide <= widest else _ASIDE


def in_hand(
    thing: Wished, holder: Placed, tall: float, *, second: bool, sits: bool = False
) -> Point:
    """Where a thing is held: by its foot, or, what hangs, by its top; `second` in the low hand."""
    own = extent(holder.parts)[1][1] * holder.scale
    hand = LOW_HAND if second else SEATED_HAND if sits else HAND
    hand = _LAP if thing.pose == "lap" else hand
    x, y, z = turned(holder.yaw) @ (np.array(hand) * own) + np.array(holder.at)
    size = thing.subject.height * tall
    if size > _STAFF and thing.subject.family in _SHAFTED:  # it stands on the ground
        return float(x), float(max(holder.at[1], y - 0.75 * size)), float(z)
    if thing.pose == "lap":
        return float(x), float(y), float(z)
    down = 0.95 if thing.subject.family in _HANGING else 0.12
    return float(x), float(y - down * size), float(z)


def topmost(thing: Placed, *, roof: bool = False) -> Point:
    """The middle of what reaches highest in a thing: a chimney, a funnel; or of its ridge."""
    boxes = [extent([part]) for part in thing.in_world()]
    if roof:
        top = max(float(high[1]) for _, high in boxes)
        boxes = [box for box in boxes if float(box[1][1]) > _RIDGE * top]
        low, high = max(boxes, key=lambda box: float(np.prod((box[1] - box[0])[[0, 2]])))
        return float(low[0] + high[0]) / 2, float(high[1]) - 0.2, float(low[2] + high[2]) / 2
    low, high = max(boxes, key=lambda box: float(box[1][1]))
    x, z = (low[0] + high[0]) / 2, (low[2] + high[2]) / 2
    return float(x), float(high[1]), float(z)


def carrier_of(wish: Wish, chief: int) -> Wished | None:
    """What the chief thing is borne by, itself if it is not; none without things."""
    if chief < 0:
        return None
    thing = wish.things[chief]
    carried = thing.to is not None and bears(thing, wish.things[thing.to])
    return wish.things[thing.to] if carried and thing.to is not None else thing


def borne_at(wish: Wish, chief: int) -> float:
    """Height of what the chief thing rests on, 0 for the ground."""
    thing = wish.things[chief] if chief >= 0 else None
    if thing is None or thing.to is None or not bears(thing, wish.things[thing.to]):
        return 0.0
    return borne(thing, wish.things[thing.to])[1]
