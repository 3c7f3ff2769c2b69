"""What a place brings along: trees at the far bank, reeds, houses at a street's sides."""

from collections.abc import Callable, Sequence
from dataclasses import dataclass

import numpy as np

from overlay.words.composing.bearing import topmost
from overlay.words.composing.chance import FURNISHING, stream
from overlay.words.composing.eye import HALF, PLAIN_EYE, Eye
from overlay.words.composing.ground import Ground
from overlay.words.composing.posed import parts_of
from overlay.words.composing.spots import Spot as Taken
from overlay.words.stage.setting import NOWHERE
from overlay.words.subjects import subject_of
from overlay.words.things.table import Placed
from overlay.words.wishing.burning import has_chimney, smoke_of
from overlay.words.wishing.wished import Wish, Wished

_WALLS = ("#b5795a", "#c9a98a", "#a39a8b", "#9a5a48", "#c0b49c", "#7d8288", "#d9cfc0", "#e3d6bd")
_KEPT = 0.46  # of the length of a glasshouse, how high its trees are
_LOST = 0.045  # likewise, below which what is far off is not made out
_BY_WINDOW = 1.2  # metres, from a window's middle to its side
_VINE = 0.1  # least share of the picture of the nearest
_RANKS = 8  # of vines, side by side
_GOLDEN = 0.618034
_FARTHEST = 76.0  # before the first line of hills
_HOUSES = {"townhouse", "house", "cottage", "warehouse", "shop"}
# A spot: x, z, degrees, scale.
Spot = tuple[float, float, float, float]


@dataclass(frozen=True)
class Zone:
    """One kind of thing in one zone of a place."""

    zone: str
    word: str
    count: int


@dataclass(frozen=True)
class Turn:
    """One of `count` things of a zone, by number `k`, with its own chance."""

    word: str
    k: int
    count: int
    chance: np.random.Generator


def read_furnishing(text: str) -> list[Zone]:
    """Zones from `far:poplar*6,tree*2 bank:reeds*6`, a `_` for a blank within a word."""
    zones = []
    zone = ""
    for part in text.split():
        if ":" in part:
            zone = part.partition(":")[0]
        for item in part.partition(":")[2 if ":" in part else 0].split(","):
            word, _, count = item.partition("*")
            zones.append(Zone(zone, word.replace("_", " "), int(count or 1)))
    return zones


class Furnisher:
    """Sets a place's own things where they leave room for those that were wished for."""

    def __init__(self, wish: Wish, eye: Eye, ground: Ground, seed: int) -> None:
        self.wish, self.eye, self.ground, self.seed = wish, eye, ground, seed

    def furnish(self, zones: list[Zone], taken: Sequence[Taken]) -> list[Placed]:
        """Things for zones; `taken` are spots that must not be stood before."""
        placed = []
        own = read_furnishing(" ".join(f"{zone}:{what}" for zone, what in self.wish.fills))
        full = {zone.zone for zone in own}
        for number, zone in enumerate([*own, *(z for z in zones if z.zone not in full)]):
            asked = {t.subject.word for t in self.wish.things}
            if zone.word in self.wish.unwanted or (zone.count < 3 and zone.word in asked):
                continue
            # `A field of tulips` is full however empty the place; a street's houses stay.
            stays = number < len(own) or zone.word in _HOUSES
            count = zone.count if stays else round(zone.count * self.wish.furnishing)
            for k in range(count):
                chance = stream(self.seed, FURNISHING, number, k)
                spot = _ZONES[zone.zone](self, Turn(zone.word, k, count, chance))
                if spot is not None and not self._hides(zone, spot, taken):
                    placed.append(self._placed(zone, spot, chance, 100 * number + k))
                    placed += self._smoke_of(placed[-1])
        return placed

    def _placed(self, zone: Zone, spot: Spot, chance: np.random.Generator, seed: int) -> Placed:
        x, z, yaw, scale = spot
        colour = str(chance.choice(_WALLS)) if zone.word in _HOUSES else ""
        plain = (("ragged", ""),) if zone.zone == "stand" else ()
        thing = Wished(zone.word, subject_of(zone.word), colour=colour, details=plain)
        # Few kinds of a thing do, and are made once.
        parts = tuple(parts_of(thing, self.wish, seed % 5 + self.seed % 100))
        return Placed(zone.word, parts, (x, 0.0, z), yaw, scale)

    def _smoke_of(self, placed: Placed) -> list[Placed]:
        """Smoke from the chimney of a place's house, if it was said that they smoke."""
        said = any(word == "chimney smoke" for word, _ in self.wish.weather)
        house = Wished(placed.name, subject_of(placed.name), size=placed.scale)
        if not said or not has_chimney(house):
            return []
        smoke = smoke_of(house, 0)
        return [Placed(smoke.name, tuple(smoke.subject.parts()), topmost(placed), 0.0, smoke.size)]

    def _hides(self, zone: Zone, at: Spot, taken: Sequence[Taken]) -> bool:
        """Whether it would stand before what was wished for."""
        x, z, _, scale = at
        wide, tall, _ = (v * scale for v in subject_of(zone.word).size)
        half = self.eye.half_width(z)
        left, right = (x - wide / 2) / half, (x + wide / 2) / half
        high = self.eye.seen_at(tall, z)
        return any(
            z < spot.z + 0.1
            and left < spot.box[1]
            and right > spot.box[0]
            and high > spot.box[2] + 0.1
            for spot in taken
        )

    def far(self, it: Turn) -> Spot | None:
        """Behind, by the share of the picture it takes up, on the far bank where there is water."""
        tall, away = subject_of(it.word).height, self.eye.away
        share = float(it.chance.uniform(0.13, 0.3)) * (1.25 if tall > 9 else 0.8 if tall < 3 else 1)
        beyond, turn = float(it.chance.uniform(0.05, 0.5)), float(it.chance.uniform(-25, 25))
        first = int(stream(self.seed, FURNISHING).integers(2))
        side = (1 if (it.k + first) % 2 else -1) * float(it.chance.uniform(0.25, 1.0))
        z = max(self.eye.distance_for(tall, share), 0.8 * away)
        if tall < _LOST * 2 * HALF * (z + away):  # houses below a mountain are before it
            z = self.eye.distance_for(tall, 0.5 * share)
        far = self.ground.setting.far
        if far < NOWHERE / 100 and (
            z < far or not self.ground.dry(side * self.eye.half_width(z), z)
        ):
            z = far + beyond * (far + away)
        if z > _FARTHEST:
            z = _FARTHEST
        size = share * 2 * HALF * (z + away) / tall
        x = side * self.eye.half_width(z)
        return (x, z, turn, float(np.clip(size, 0.4, 1.5))) if self.ground.dry(x, z) else None

    def back(self, it: Turn) -> Spot | None:
        """Behind, beside the place's own far things."""
        return self.far(it)

    def near(self, it: Turn) -> Spot | None:
        """At the sides, not far off."""
        tall = subject_of(it.word).height
        share = float(it.chance.uniform(0.11, 0.21))
        z = max(self.eye.distance_for(tall, share), -0.15 * self.eye.away)
        side = 1 if it.chance.random() < 0.5 else -1
        x = side * float(it.chance.uniform(0.55, 1.0)) * self.eye.half_width(z)
        return self._on_dry(x, z, it.chance)

    def edge(self, it: Turn) -> Spot | None:
        """Scattered at both sides, small beside a small world's things."""
        z = float(it.chance.uniform(-0.3, 1.4)) * self.eye.away
        x = (
            float(it.chance.choice([-1, 1]))
            * float(it.chance.uniform(0.35, 1.0))
            * self.eye.half_width(z)
        )
        scale = min(1.0, 0.12 * self.eye.away + 0.1)
        spot = self._on_dry(x, z, it.chance)
        return None if spot is None else (*spot[:3], scale)

    def wood(self, it: Turn) -> Spot | None:
        """Trees among which one stands, cut by the picture's top."""
        tall = subject_of(it.word).height
        share = float(it.chance.uniform(0.6, 2.0))
        z = max(self.eye.distance_for(tall, share), 0.5 * self.eye.away)
        x = (
            float(it.chance.choice([-1, 1]))
            * float(it.chance.uniform(0.16, 1.05))
            * self.eye.half_width(z)
        )
        return x, z, float(it.chance.uniform(0, 360)), float(it.chance.uniform(0.75, 1.2))

    def stand(self, it: Turn) -> Spot | None:
        """Trees in the depth of a wood, from side to side, the far ones closer in the picture."""
        tall, away = subject_of(it.word).height, self.eye.away
        across = 2 * (it.k * _GOLDEN % 1.0) - 1  # spread evenly, whatever their number
        near = max(self.eye.distance_for(tall, 0.75), 0.35 * away)
        z = near + (_FARTHEST - near) * (it.k / it.count) ** 1.6 * float(it.chance.uniform(0.6, 1))
        x = (across + float(it.chance.uniform(-0.06, 0.06))) * 1.08 * self.eye.half_width(z)
        turn, scale = float(it.chance.uniform(0, 360)), float(it.chance.uniform(0.8, 1.25))
        return (x, z, turn, scale) if self.ground.dry(x, z) else None

    def frame(self, it: Turn) -> Spot | None:
        """One at each side, close."""
        z = self.eye.distance_for(subject_of(it.word).height, 1.5)
        x = (-1 if it.k % 2 else 1) * float(it.chance.uniform(0.85, 1.0)) * self.eye.half_width(z)
        return x, z, float(it.chance.uniform(0, 360)), 1.0

    def bank(self, it: Turn) -> Spot | None:
        """Along the water's edge, the near one where the eye has room before it."""
        s, away = self.ground.setting, self.eye.away
        at_near = s.near > -0.3 * away
        edge = s.near if at_near else s.far
        if not -away < edge < NOWHERE / 100:
            return None
        x = float(it.chance.uniform(-1, 1)) * self.eye.half_width(edge)
        reach = 0.3 * (edge + away)
        turn, size = float(it.chance.uniform(0, 360)), float(it.chance.uniform(0.7, 1.1))
        for z in np.linspace(edge - reach, edge + reach, 40):
            if self.ground.dry(x, z) != at_near:
                # As large in the picture for every eye, and never a wall of it.
                most = 0.34 * 2 * HALF * (z + away) / subject_of(it.word).height
                scale = min(size * self.eye.height / PLAIN_EYE, most)
                return x, float(z) - (0.2 if at_near else -0.2), turn, scale
        return None

    def afloat(self, it: Turn) -> Spot | None:
        """On the water."""
        s = self.ground.setting
        z = s.near + float(it.chance.uniform(0.35, 0.75)) * (min(s.far, s.near + 60) - s.near)
        x = float(it.chance.uniform(-0.9, 0.9)) * self.eye.half_width(z)
        return x, z, float(it.chance.choice([20, 160])), 1.0

    def sides(self, it: Turn) -> Spot | None:
        """Houses at both sides of a street, their fronts to it."""
        wide, _, deep = subject_of(it.word).size
        side = -1 if it.k % 2 else 1
        begin = 0.4 * self.eye.away + 2.0
        z = (
            begin
            + (it.k // 2) * (wide + 0.4)
            + (it.count * 0.5 * wide if it.word == "house" else 0)
        )
        x = side * (max(3.2, 0.34 * self.eye.half_width(begin)) + deep / 2)
        return x, z, 90.0 * side, 1.0

    def wall(self, it: Turn) -> Spot | None:
        """Along the room's back wall."""
        wide, _, deep = subject_of(it.word).size
        z = self.ground.setting.wall - deep / 2 - 0.04
        room = min(self.eye.half_width(z), self.ground.setting.side) - wide / 2
        x = (it.k - (it.count - 1) / 2) * (wide + 0.04)
        if it.count == 1:
            x = (-0.55 if stream(self.seed, FURNISHING, 9).random() < 0.5 else 0.55) * room
        if any("window=" in effects for effects, _ in self.wish.effects):  # said: it stays free
            if it.count == 1:
                return None
            x += float(np.sign(x)) * _BY_WINDOW
        return (x, z, 0.0, 1.0) if abs(x) < room + wide else None

    def corner(self, it: Turn) -> Spot | None:
        """In a corner of the room."""
        wide, _, deep = subject_of(it.word).size
        z = self.ground.setting.wall - deep / 2 - 0.1 - 0.5 * it.k
        room = min(self.eye.half_width(z), self.ground.setting.side) - wide / 2 - 0.1
        side = 0.9 if stream(self.seed, FURNISHING, 9).random() < 0.5 else -0.9
        return side * room, z, 0.0, 1.0

    def bed(self, it: Turn) -> Spot | None:
        """Flowers all about, less before the chief thing."""
        z = float(it.chance.uniform(-0.35, 1.6)) * self.eye.away
        x = float(it.chance.uniform(-1, 1)) * self.eye.half_width(z)
        scale = min(1.2, 0.3 + 0.25 * self.eye.away)
        return x, z, float(it.chance.uniform(0, 360)), scale

    def carpet(self, it: Turn) -> Spot | None:
        """All over the ground, as densely in the picture near as far, and to be seen there."""
        tall, away = subject_of(it.word).height, self.eye.away
        far = 0.35 * (30.0 / 0.35) ** float(it.chance.random())  # of the distance to the chief one
        z = min((far - 1) * away, _FARTHEST)
        x = float(it.chance.uniform(-1, 1)) * self.eye.half_width(z)
        least = 0.07 * 2 * HALF * (z + away) / tall
        scale = float(np.clip(least, 0.8, 4.0)) * float(it.chance.uniform(0.85, 1.15))
        return (x, z, float(it.chance.uniform(0, 360)), scale) if self.ground.dry(x, z) else None

    def kerb(self, it: Turn) -> Spot | None:
        """Along both sides of a street, before its houses."""
        begin = 0.35 * self.eye.away + 1.0
        side = -1 if it.k % 2 else 1
        x = side * max(2.4, 0.26 * self.eye.half_width(begin))
        return x, begin + (it.k // 2) * 7.0, 0.0, 1.0

    def rows(self, it: Turn) -> Spot | None:
        """In rows that run away from the eye."""
        tall = subject_of(it.word).height
        near = max(self.eye.distance_for(tall, 0.5), 0.3 * self.eye.away)
        z = near + (it.k // 2) * 1.1 * tall
        side = -1 if it.k % 2 else 1
        x = side * (0.55 * self.eye.half_width(near) + 0.1 * float(it.chance.uniform(-1, 1)))
        return x, z, float(it.chance.uniform(0, 360)), float(it.chance.uniform(0.85, 1.1))

    def alley(self, it: Turn) -> Spot | None:
        """Trees along both sides of a room, no higher than it has room for."""
        wall, tall = self.ground.setting.wall, subject_of(it.word).height
        z = (0.12 + 0.17 * (it.k // 2)) * wall
        side = -1 if it.k % 2 else 1
        x = side * (0.62 + 0.08 * float(it.chance.uniform(-1, 1))) * self.ground.setting.side
        scale = min(_KEPT * wall / tall, 1.0) * float(it.chance.uniform(0.85, 1.1))
        return x, z, float(it.chance.uniform(0, 360)), scale

    def ranks(self, it: Turn) -> Spot | None:
        """In many rows side by side that run away from the eye, as vines do."""
        wide, tall, _ = subject_of(it.word).size
        near = max(self.eye.distance_for(tall, 0.34), -0.1 * self.eye.away)
        line, step = it.k % _RANKS, it.k // _RANKS
        # From far off they are as large in the picture as is needed to be seen.
        scale = max(_VINE * 2 * HALF * (near + self.eye.away) / tall, 1.0)
        x = (line - (_RANKS - 1) / 2) * 1.7 * tall * scale
        return x, near + (step + 0.5) * wide * scale, 90.0, scale

    def _on_dry(self, x: float, z: float, chance: np.random.Generator) -> Spot | None:
        if not self.ground.dry(x, z):
            z = self.ground.to_dry(x, z) - 0.2
            if z < -0.6 * self.eye.away:
                return None
        return x, z, float(chance.uniform(-25, 25)), float(chance.uniform(0.8, 1.15))


_ZONES: dict[str, Callable[..., Spot | None]] = {
    name: getattr(Furnisher, name)
    for name in (
        "far", "back", "near", "edge", "wood", "stand", "frame", "bank", "afloat", "sides", "wall",
        "corner", "bed", "carpet", "kerb", "rows", "ranks", "alley",
    )
}  # fmt: skip
