"""Where things stand: thirds for the chief one, the rest by what is said and by forty tries."""

from dataclasses import replace

import numpy as np

from overlay.words.composing.aside import across
from overlay.words.composing.bearing import (
    BUILDINGS,
    TIED,
    bears,
    borne,
    carrier_of,
    fits_beside,
    held_in,
    in_hand,
    is_narrow,
    on_table,
    perch,
    seated,
    step_on_plate,
    sunk,
    topmost,
    turns_bearer,
)
from overlay.words.composing.chance import COPIES, THINGS, stream
from overlay.words.composing.copies import about, along, as_said, in_ring, in_vase
from overlay.words.composing.depth import Before, how_deep
from overlay.words.composing.eye import Eye
from overlay.words.composing.framing import LARGE
from overlay.words.composing.ground import Ground
from overlay.words.composing.heights import afloat, in_air, on_wall, soars, swims
from overlay.words.composing.posed import parts_of
from overlay.words.composing.spots import Box, Spot, around, is_near, overlap
from overlay.words.composing.turning import yaw_of
from overlay.words.things.parts import turned
from overlay.words.things.table import Placed
from overlay.words.wishing.filling import PLATES
from overlay.words.wishing.fitting import ABOVE, MOUNTED
from overlay.words.wishing.hanging import hangs
from overlay.words.wishing.relations import INVERSE
from overlay.words.wishing.wished import Wish, Wished

_TRIES = 40
TABLE_UNDER = 0.6  # of the chief thing's way from the middle, where a room's own table stands
_LOWEST = 0.98  # of half the picture's height, below which a thing is cut
_STRAYS = 0.3  # overlap that is worth half the picture's width
# How far two things that belong together may overlap in the picture.
_MEANT = {
    "behind": 0.4, "in front of": 0.4, "in": 0.4, "at": 0.4, "under": 0.4, "backs": 0.0,
    "shelters": 0.2, "below": 0.2,
}  # fmt: skip


class Placing:
    """Places the things of a wish, the chief one first."""

    def __init__(self, wish: Wish, chief: int, eye: Eye, ground: Ground, seed: int) -> None:
        self.wish, self.chief, self.eye, self.ground, self.seed = wish, chief, eye, ground, seed
        self.spots: dict[int, Spot] = {}
        self.nominal: Box = (0.0, 0.0, 0.0, 0.0)
        self.placed: list[Placed] = []
        self.stood: list[Spot] = []  # each of several
        self.numbers: list[int] = []  # of what was wished for, of each that is placed
        self._of: dict[int, Placed] = {}
        self._all: dict[int, list[Placed]] = {}

    def place_all(self) -> list[Placed]:
        """All things, where they stand."""
        things = list(self.wish.things)
        for i, thing in enumerate(self.wish.things):
            to = thing.to
            if to is None or to == self.chief or to < i or thing.link not in INVERSE:
                continue
            if things[to].to is None and not bears(thing, things[to]):
                # The one that comes first stands already, the other is set by it.
                things[to] = replace(things[to], link=INVERSE[thing.link], to=i)
        waiting = [self.chief, *(i for i in range(len(things)) if i != self.chief)]
        while waiting:
            # What others rest on comes before them, but for the chief one, under which it is put.
            i = next((i for i in waiting if not self._waits(things[i], i, waiting)), waiting[0])
            waiting.remove(i)
            self._place(i, things[i])
        return self.placed

    def _waits(self, thing: Wished, i: int, waiting: list[int]) -> bool:
        return i != self.chief and thing.link in TIED and thing.to in waiting

    def _place(self, i: int, thing: Wished) -> None:
        chance = stream(self.seed, THINGS, i)
        spot = self._chief_spot(thing, chance) if i == self.chief else self._other(i, thing, chance)
        self.spots[i] = spot
        stood: list[tuple[float, float, float]] = []
        for copy in range(thing.count):
            draw = stream(self.seed, COPIES, i, copy)
            own = self._own_place(i, thing, copy)
            stood.append(own or self._copy_at(thing, spot, copy, stood, draw))
            self._set(i, thing, stood[-1], draw, copy)
        boxes = [self._box(*at, thing.wide, thing.tall) for at in stood]
        self.stood += [Spot(*at, box) for at, box in zip(stood, boxes, strict=True)]
        if thing.count > 1 and thing.subject.belongs == "table":  # none of them is stood before
            self.spots[i] = replace(spot, box=around(boxes))

    def _set(
        self,
        i: int,
        thing: Wished,
        at: tuple[float, float, float],
        chance: np.random.Generator,
        copy: int,
    ) -> None:
        scale = self._scale(i, thing) * (1.0 if copy == 0 else float(chance.uniform(0.82, 1.1)))
        seed = 7 * i + copy + self.seed % 1000
        like = self._like(i, thing, copy)
        put = Placed(
            thing.name,
            tuple(parts_of(thing, self.wish, seed)),
            at,
            yaw_of(thing, at[0], self.eye, self.wish, like=like, chance=chance),
            scale,
        )
        self._of.setdefault(i, put)
        self._all.setdefault(i, []).append(put)
        self.placed.append(put)
        self.numbers.append(i)

    def _like(self, i: int, thing: Wished, copy: int) -> float | None:
        """Degrees of what a thing faces with: who holds it, whom it rides, the middle of a ring."""
        if thing.link == "around" and thing.to is not None:
            x, z = in_ring(thing, self.wish.things[thing.to], copy)
            return float(np.degrees(np.arctan2(z, -x)))
        other = thing.to if thing.link in {"held", "rises"} or thing.pose in MOUNTED else None
        chief = self.wish.things[self.chief]
        if chief.to == i and turns_bearer(chief):
            other = self.chief
        if other is None or other not in self._of:
            return None
        each = self._all[other]
        return each[copy if thing.link == "held" and copy < len(each) else 0].yaw

    def _scale(self, i: int, thing: Wished) -> float:
        emphasis = 1.0 if i == self.chief else float(np.clip(thing.emphasis, 0.3, 2.0)) ** 0.6
        return thing.size * emphasis

    def _box(self, x: float, y: float, z: float, wide: float, tall: float) -> Box:
        half = self.eye.half_width(z)
        low, high = self.eye.seen_at(y, z), self.eye.seen_at(y + tall, z)
        return (x - wide / 2) / half, (x + wide / 2) / half, low, high

    def _spot(self, thing: Wished, i: int, x: float, y: float, z: float) -> Spot:
        scale = self._scale(i, thing)
        wide, tall, deep = (v * scale for v in thing.subject.size)
        broad = max(wide, 0.6 * deep) * (1 + 0.5 * (thing.count - 1) ** 0.5)
        return Spot(x, y, z, self._box(x, y, z, broad, tall))

    def _chief_spot(self, thing: Wished, chance: np.random.Generator) -> Spot:
        side = float(chance.choice([-1, 1]))
        z = {"far": 1.5 * self.eye.away, "near": -0.2 * self.eye.away}.get(
            thing.placement.away, 0.0
        )
        half = self.eye.half_width(z)
        across = thing.placement.across or self.wish.camera.get("side", "")
        alone = len(self.wish.things) == 1
        share = {"left": -0.42, "right": 0.42, "centre": 0.0}.get(across)
        # For the rest it takes up what any chief thing does, so that a word changed moves nothing.
        likely = side * 0.3 if share is None else share
        self.nominal = (likely - 0.28, likely + 0.28, -0.75, 0.3)
        if share is None:
            share = side * (0.14 if alone and thing.subject.belongs == "table" else 0.30)
            if thing.count > 1 or thing.subject.family in BUILDINGS:
                share *= 0.55
            under = carrier_of(self.wish, self.chief) or thing
            under = thing if under.subject.belongs == "room" else under  # a table may be cut
            wide = max(thing.wide, under.wide)
            wide = wide / 2 / half
            share *= float(np.clip((0.9 - wide) / 0.5, 0.0, 1.0))
        y = self.ground.base
        if soars(thing) and thing.link not in TIED:
            high = 0.5 if thing.link in ABOVE or thing.placement.high else 0.22
            y = in_air(thing, z, high, self.eye)
        if swims(thing, self.ground):
            y = afloat(thing, z, -0.05, self.eye, self.ground)
            share = self.ground.afloat(share * half, z, thing) / half
        if hangs(thing):
            y, z = on_wall(thing, self.ground.setting.wall, self.eye)
            share = 0.0 if thing.subject.family == "curtains" else share  # at the window
        return self._spot(thing, self.chief, share * half, y, z)

    def _other(self, i: int, thing: Wished, chance: np.random.Generator) -> Spot:
        chief = self.wish.things[self.chief]
        if chief.to == i and bears(chief, thing):
            turn = turned(self._of[self.chief].yaw if turns_bearer(chief) else 0.0)
            spot, (x, _, z) = self.spots[self.chief], turn @ np.array(borne(chief, thing))
            return self._spot(thing, i, spot.x - x, 0.0, spot.z - z)
        to = self.spots.get(thing.to) if thing.to is not None else None
        if chief.to == i and chief.link == "around":
            spot, (x, z) = self.spots[self.chief], in_ring(chief, thing, 0)
            return self._spot(thing, i, spot.x - x, self.ground.base, spot.z - z)
        if to is not None and thing.to is not None and thing.link == "around":
            x, z = in_ring(thing, self.wish.things[thing.to], 0)
            return self._spot(thing, i, to.x + x, to.y, to.z + z)
        if to is not None and thing.to is not None and thing.link in {"held", "rises"}:
            holder, held = self._of[thing.to], thing.link == "held"
            roof = dict(thing.subject.figures).get("beside", 0) > 0
            at = self._hand_of(holder, i, thing) if held else topmost(holder, roof=roof)
            return self._spot(thing, i, *at)
        if to is not None and thing.to is not None and bears(thing, self.wish.things[thing.to]):
            return self._resting(i, thing, thing.to, chance)
        tries = [self._try(i, thing, to, chance) for _ in range(_TRIES)]
        costs = [self._cost(spot, thing) for spot in tries]
        return tries[int(np.argmin(costs))]

    def _own_place(self, i: int, thing: Wished, copy: int) -> tuple[float, float, float] | None:
        """Where a further one of several is that has a hand, or a vase, of its own; or none."""
        others = self._all.get(thing.to or 0, []) if thing.link in {"held", "holds"} else []
        if thing.link == "held" and 0 < copy < len(others):
            return self._hand_of(others[copy], i, thing)
        if thing.link == "holds" and copy and len(others) > 1:
            return in_vase(thing, self.wish.things[thing.to or 0], others, copy)
        return None

    def _hand_of(self, holder: Placed, i: int, thing: Wished) -> tuple[float, float, float]:
        """Where a thing is held."""
        others = [t for t in self.wish.things[:i] if t.link == "held" and t.to == thing.to]
        sits = self.wish.things[thing.to or 0].pose == "sit"
        return in_hand(thing, holder, self._scale(i, thing), second=bool(others), sits=sits)

    def _resting(self, i: int, thing: Wished, to: int, chance: np.random.Generator) -> Spot:
        """On another thing, where it leaves the rest that lies there free; or in it."""
        on_plate = thing.count == 1 and self.wish.things[to].subject.word in PLATES
        if thing.link == "holds" and not on_plate:
            return self._spot(thing, i, *held_in(thing, self.wish.things[to], self._of[to]))
        under, scale = self._of[to], self._scale(i, thing)
        x, y, z = perch(thing, under)
        y = seated(thing, y, scale) - sunk(thing, self.wish.things[to]) * scale
        broad, wide = self.wish.things[to].subject.size[0] * under.scale, thing.wide
        if on_plate:
            there = [self.wish.things[k] for k in self.spots if self.wish.things[k].to == to]
            z += step_on_plate(thing, there) * broad
        room, half = max(0.4 * broad - 0.5 * wide, 0.0), self.eye.half_width(z)
        seen = max(0.92 * half - 0.5 * wide, 0.2 * half)
        asides = [0.0, *chance.uniform(-room, room, 16)]
        tries = [self._spot(thing, i, float(np.clip(x + a, -seen, seen)), y, z) for a in asides]
        others = [s for k, s in self.spots.items() if k != to]

        def cost(spot: Spot) -> float:  # near to the middle, not over others
            return sum(overlap(spot.box, o.box) for o in others) + _STRAYS * abs(spot.x - x) / half

        return min(tries, key=cost)

    def _level(self, thing: Wished) -> float:
        """Height of what a thing stands on: the table that the chief thing is on, or the ground."""
        chief = self.wish.things[self.chief]
        together = thing.subject.belongs == chief.subject.belongs == "table"
        near = thing.to is not None and thing.to in self.spots
        low = near and fits_beside(thing, self.wish.things[thing.to or 0])
        return self.ground.base if together or low else 0.0

    def _depth(self, thing: Wished, i: int, to: Spot | None, chance: np.random.Generator) -> float:
        chief = self.wish.things[self.chief]
        bridge = 0.5 * chief.subject.size[2] * chief.size * (chief.subject.family == "bridge")
        before = Before(self.eye, self.ground.base, chief.subject.height, bridge)
        said = (self.wish.things[thing.to], to) if to and thing.to is not None else None
        return how_deep(thing, self._scale(i, thing), before, chance, said)

    def _try(self, i: int, thing: Wished, to: Spot | None, chance: np.random.Generator) -> Spot:
        z = self.ground.within(self._depth(thing, i, to, chance), thing)
        x = across(thing, to, z, self.eye, chance)
        y = self._level(thing)
        if soars(thing) or thing.link in ABOVE:
            y = in_air(thing, z, float(chance.uniform(0.42, 0.72)), self.eye)
        elif swims(thing, self.ground):
            y = afloat(thing, z, float(chance.uniform(-0.3, 0.4)), self.eye, self.ground)
            x = self.ground.afloat(x, z, thing)
        elif hangs(thing):
            y, z = on_wall(thing, self.ground.setting.wall, self.eye)
        else:
            x, z = self.ground.ashore(x, z, thing)
        return self._spot(thing, i, self._within(thing, i, x, z), y, z)

    def _within(self, thing: Wished, i: int, x: float, z: float) -> float:
        """A place across where a thing that is no house is not cut by the picture's side."""
        scale = self._scale(i, thing)
        wide, tall, deep = (v * scale for v in thing.subject.size)
        room = 0.96 * self.eye.half_width(z - deep / 2) - 0.5 * max(wide, deep)
        if self._level(thing):
            x = on_table(x, TABLE_UNDER * self.spots[self.chief].x, wide)
        return x if tall > LARGE or room < 0 else float(np.clip(x, -room, room))

    def _cost(self, spot: Spot, thing: Wished) -> float:
        """How ill a spot suits: out of the picture, over another, off the thirds, on one side."""
        left, right, low, high = spot.box
        out = (-0.98 - left, right - 0.98, -_LOWEST - low, high - 0.98)
        cost = 3.0 * sum(max(beyond, 0.0) for beyond in out)
        boxes = [self._taken_by(i) for i in self.spots]
        meant = _MEANT.get(thing.link, 1.0)
        cost += 2.2 * meant * sum(overlap(spot.box, box) for box in boxes)
        middle = (left + right) / 2
        cost += 0.12 * min(abs(abs(middle) - 0.36), 0.5)
        return cost + 0.25 * float(np.sign(middle) == np.sign(self.nominal[0] + self.nominal[1]))

    def _taken_by(self, i: int) -> Box:
        """What a thing takes up; the chief one what any does there, so that the rest stays."""
        small = self.wish.things[i].subject.belongs == "table"  # among small things all counts
        return self.spots[i].box if i != self.chief or small else self.nominal

    def _copy_at(
        self,
        thing: Wished,
        spot: Spot,
        copy: int,
        stood: list[tuple[float, float, float]],
        chance: np.random.Generator,
    ) -> tuple[float, float, float]:
        first = (spot.x, spot.y, spot.z)
        mounts = self._all.get(thing.to or 0, []) if thing.pose in MOUNTED else []
        if 0 < copy < len(mounts):  # each on its own
            x, y, z = perch(thing, mounts[copy])
            return x, seated(thing, y, thing.size), z
        other = None if thing.to is None else self.wish.things[thing.to]
        said = as_said(thing, other, first, copy, chance)
        if said is not None:
            return said
        wide, tall, _ = (v * thing.size for v in thing.subject.size)

        def before(at: tuple[float, float, float]) -> float:
            box = self._box(*at, wide, tall)
            bearer = thing.to if thing.link == "on" and thing.to is not None else -1
            free = (spot, self.spots.get(bearer))
            others = [i for i, s in self.spots.items() if s not in free]
            room = {i: 0.6 * (wide + self.wish.things[i].wide) for i in others}
            near = sum(is_near(self.spots[i], at, room[i]) for i in others)  # none sits in a fire
            return sum(overlap(box, self._taken_by(i)) for i in others) + near

        if (
            thing.link == "on"
            and thing.to is not None
            and thing.to in self._of
            and is_narrow(thing, self.wish.things[thing.to])
        ):
            under = self._of[thing.to]
            broad = self.wish.things[thing.to].subject.size[0] * under.scale
            return along(thing, under, broad, stood, before=before)
        swum = swims(thing, self.ground)
        if swum and self.ground.is_narrow(thing):
            return self.ground.in_file(thing, first, copy)
        x, y, z = about(thing, stood, copy, eye=self.eye, chance=chance, before=before)
        return (self.ground.afloat(x, z, thing) if swum else x), y, z
