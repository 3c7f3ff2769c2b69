"""Families of things: functions of a few proportions; a new subject is a line of the lexicon."""

from collections.abc import Callable

from overlay.words.things.families import (
    birds,
    boats,
    buildings,
    castles,
    figures,
    fruits,
    furniture,
    plants,
    quadrupeds,
    small,
    trees,
    vehicles,
    vessels,
    wayside,
)
from overlay.words.things.parts import Part

# A family, and which of its figures a colour said before a thing paints.
_COLOURED: dict[Callable[..., list[Part]], tuple[str, ...]] = {
    quadrupeds.quadruped: ("coat",), birds.bird: ("body", "wing"), birds.owl: ("body",),
    birds.flying_bird: ("body",), figures.figure: ("coat",), trees.tree: ("leaf",),
    trees.blade_tree: ("leaf",), trees.bush: ("leaf",), buildings.house: ("wall",),
    buildings.tower: ("wall",), buildings.lighthouse: ("wall",), buildings.windmill: ("wall",), castles.castle: ("wall",),
    boats.rowing_boat: ("hull",), boats.sailing_boat: ("hull",), boats.barge: ("hull",),
    boats.steamer: ("hull",), vessels.vessel: ("glaze",), fruits.fruit: ("peel",),
    plants.flower: ("petal",), plants.blades: ("leaf",), plants.fern: ("leaf",),
    plants.cactus: ("leaf",), plants.mushroom: ("cap",), wayside.rock: ("stone",),
    wayside.slab: ("stone",), wayside.fence: ("wood",), wayside.post: ("colour",),
    wayside.crate: ("wood",), wayside.street_lamp: ("iron",), wayside.stall: ("cloth",),
    wayside.haystack: ("straw",), wayside.ladder: ("wood",), wayside.well: ("wall",),
    wayside.tent: ("cloth",), wayside.bridge: ("wall",), wayside.lock_gate: ("wood",),
    wayside.bottle_kiln: ("wall",), furniture.table: ("wood",), furniture.chair: ("wood",),
    furniture.padded: ("cloth",), furniture.bed: ("cloth",), furniture.bench: ("wood",),
    furniture.cupboard: ("wood",), furniture.stove: ("iron",), furniture.floor_lamp: ("shade",),
    furniture.piano: ("wood",), vehicles.cart: ("wood",), vehicles.car: ("c",),
    vehicles.locomotive: ("c",), vehicles.bicycle: ("c",), vehicles.balloon: ("c",),
    vehicles.aeroplane: ("c",), small.fish: ("body",), small.shell: ("colour",),
    small.butterfly: ("wing",), small.book: ("cover",), small.candle: ("wax",),
    small.lantern: ("iron",), small.umbrella: ("cloth",), small.hat: ("felt",),
    small.boot: ("leather",), small.clock: ("wood",), small.strings: ("wood",),
    small.loaf: ("crust",), small.snowman: ("snow",),
}  # fmt: skip

FAMILIES = {made.__name__: made for made in _COLOURED}
COLOURED = {made.__name__: keys for made, keys in _COLOURED.items()}
# Animals keep half of their own colour, people and things do not.
LIVING = {"quadruped", "bird", "owl", "flying_bird", "fish"}
