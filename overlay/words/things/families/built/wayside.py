"""What stands by the way: fences, bollards, crates, lamps, stalls, stones, wells, tents, bridges."""

from itertools import pairwise

import numpy as np

from overlay.words.things.parts import Builder, Part, Skin, moved, turned

_WOOD = "#8a6a48"


def rock(*, h: float = 0.9, stone: str = "#8b857b", seed: int = 0) -> list[Part]:
    """A boulder of a few melted lumps."""
    b = Builder(stone, Skin.PLASTER, 0.3 * h)
    chance = np.random.default_rng([seed, 81])
    b.ball((0, 0.42 * h, 0), (0.75 * h, 0.55 * h, 0.6 * h))
    for k in range(5):
        a, r = 1.9 * k, 0.5 * h
        size = float(chance.uniform(0.28, 0.45)) * h
        b.box(
            (r * np.cos(a), 0.3 * h + 0.06 * h * k, 0.8 * r * np.sin(a)),
            (size, 0.7 * size, size),
            turn=turned(40 * k, 20, 12 * k),
            rounded=0.3 * size,
        )
    return b.parts


def slab(*, h: float = 1.1, stone: str = "#9a958a", cross: bool = False, tilt: float = 5.0) -> list[Part]:
    """A standing stone: a gravestone, or a cross."""
    b = Builder(stone, Skin.PLASTER)
    turn = turned(90, 0, tilt)
    if cross:
        b.box((0, 0.5 * h, 0), (0.09 * h, 0.5 * h, 0.07 * h), turn=turn)
        b.box((0, 0.7 * h, 0), (0.3 * h, 0.08 * h, 0.07 * h), turn=turn)
    else:
        b.box((0, 0.36 * h, 0), (0.3 * h, 0.36 * h, 0.07 * h), turn=turn)
        b.cone((0, 0.72 * h, 0), (0.3 * h, 0.07 * h, 0.3 * h), turn=turn @ turned(0, 90))
    b.box((0, 0.04 * h, 0), (0.16 * h, 0.05 * h, 0.4 * h))
    return b.parts


def fence(*, h: float = 1.1, length: float = 4.5, wood: str = _WOOD, pickets: bool = False) -> list[Part]:
    """Posts with two rails, or pickets."""
    b = Builder(wood, Skin.PLANKS)
    for x in np.linspace(-length / 2, length / 2, 4):
        b.box((float(x), h / 2, 0), (0.055, h / 2, 0.055))
    for y in (0.42, 0.82):
        b.box((0, y * h, -0.06), (length / 2 + 0.1, 0.05, 0.025))
    for x in np.linspace(-length / 2, length / 2, 22) if pickets else ():
        b.box((float(x), 0.5 * h, -0.09), (0.04, 0.5 * h, 0.015))
    return b.parts


def post(*, h: float = 0.7, r: float = 0.16, colour: str = "#3b3f42", band: str = "#c9c0a8") -> list[Part]:
    """A bollard of a quay."""
    b = Builder(colour, Skin.PLAIN, 0.1 * h)
    b.lathe([(0, 1.2 * r), (0.1 * h, r), (0.6 * h, 0.82 * r), (0.72 * h, 1.15 * r), (0.9 * h, 1.25 * r), (h, 0.7 * r)])
    b.cone((0, 0.48 * h, 0), (0.9 * r, 0.05 * h, 0.88 * r), band, blend=0.0)
    return b.parts


def crate(*, h: float = 0.6, wood: str = "#a9814e") -> list[Part]:
    """A box of slats."""
    b = Builder(wood, Skin.PLANKS)
    half = h / 2
    b.box((0, half, 0), (0.94 * half, 0.94 * half, 0.94 * half), "#6b4c2e")
    for y in (0.14, 0.5, 0.86):
        for turn in (0, 90):
            b.box((0, y * h, 0), (half, 0.11 * h, half * 1.01), turn=turned(turn))
    for x in (1, -1):
        for z in (1, -1):
            b.box((x * half, half, z * half), (0.05 * h, half, 0.05 * h))
    return b.parts


def street_lamp(*, h: float = 3.6, iron: str = "#2b3230") -> list[Part]:
    """An iron post with a lantern."""
    b = Builder(iron)
    b.lathe([(0, 0.16), (0.35, 0.13), (0.4, 0.07), (0.8 * h, 0.045), (0.82 * h, 0.08)])
    b.cone((0, 0.9 * h, 0), (0.12, 0.06 * h, 0.2), "#f0dca0", Skin.GLASS)
    b.lathe([(0.96 * h, 0.24), (0.99 * h, 0.12), (1.02 * h, 0.02)])
    b.limb((-0.25, 0.78 * h, 0), (0.25, 0.78 * h, 0), (0.025, 0.025))
    return b.parts


def stall(*, w: float = 2.6, cloth: str = "#c9432e", second: str = "#efe6d2", wood: str = _WOOD) -> list[Part]:
    """A market stall with a striped roof and its goods."""
    b = Builder(wood, Skin.PLANKS)
    for x in (-1, 1):
        for z in (-1, 1):
            b.box((x * w / 2, 1.15, z * 0.8), (0.045, 1.15, 0.045))
    b.box((0, 0.9, -0.3), (w / 2, 0.05, 0.55))
    b.box((0, 0.5, -0.8), (w / 2, 0.38, 0.03))
    for k in range(8):
        x0 = -w / 2 - 0.15 + k * (w + 0.3) / 8
        x1 = x0 + (w + 0.3) / 8
        b.sheet(
            [(x0, 2.05, -1.1), (x1, 2.05, -1.1), (x1, 2.6, 0.8), (x0, 2.6, 0.8)],
            0.02,
            cloth if k % 2 else second,
            Skin.PLAIN,
        )
    for k in range(10):
        colour = ("#c9432e", "#d99a2e", "#7a9a3a", "#b8622e")[k % 4]
        b.ball((-w / 2 + 0.25 + 0.23 * k, 1.02, -0.45 + 0.2 * (k % 2)), 0.13, colour, Skin.PLAIN)
    return b.parts


def haystack(*, h: float = 2.4, straw: str = "#c9a850") -> list[Part]:
    """A rick with a rounded top."""
    b = Builder(straw, Skin.FUR, 0.15 * h)
    b.lathe([(0, 0.5 * h), (0.3 * h, 0.56 * h), (0.6 * h, 0.46 * h), (0.85 * h, 0.22 * h), (h, 0.03 * h)])
    return b.parts


def ladder(*, h: float = 2.6, wood: str = "#a9814e") -> list[Part]:
    """Leaning against what is behind it."""
    b = Builder(wood)
    lean = 0.22 * h
    for x in (-0.22, 0.22):
        b.limb((x, 0, -lean), (x, h, 0), (0.03, 0.03))
    for y in np.linspace(0.12, 0.92, 8):
        z = -lean * (1 - float(y))
        b.limb((-0.22, float(y) * h, z), (0.22, float(y) * h, z), (0.02, 0.02))
    return b.parts


def well(*, wall: str = "#a39a8b", roof: str = "#8a4a34", wood: str = _WOOD) -> list[Part]:
    """A round well under a small roof, with its bucket."""
    b = Builder(wall, Skin.STONE)
    b.lathe([(0, 0.75), (0.8, 0.72)])
    b.cone((0, 0.79, 0), (0.55, 0.03, 0.55), "#20242a", Skin.PLAIN)
    for x in (-0.65, 0.65):
        b.box((x, 1.1, 0), (0.05, 1.1, 0.05), wood, Skin.PLANKS)
    b.limb((-0.65, 1.6, 0), (0.65, 1.6, 0), (0.07, 0.07), wood, Skin.PLAIN)
    b.gable((0, 2.4, 0), (0.75, 0.3, 0.95), roof, Skin.ROOF, turn=turned(90))
    b.limb((0.1, 1.6, 0), (0.1, 1.1, 0), (0.01, 0.01), "#c9b88a", Skin.PLAIN)
    b.cone((0.1, 1.0, 0), (0.1, 0.12, 0.14), wood, Skin.PLANKS)
    return b.parts


def tent(*, h: float = 2.0, cloth: str = "#9c8a5c", second: str = "#6f5a38") -> list[Part]:
    """A ridge tent, its open flaps half towards the eye."""
    b = Builder(cloth)
    half, deep = 0.75 * h, 0.95 * h
    for side in (1, -1):
        b.sheet([(-deep, h, 0), (deep, h, 0), (deep, 0, side * half), (-deep, 0, side * half)], 0.02)
    b.sheet([(deep, h, 0), (deep, 0, half), (deep, 0, -half)], 0.02, second)
    b.sheet([(-0.2 * deep, 0.96 * h, 0), (-0.2 * deep, 0, 0.9 * half), (-0.2 * deep, 0, -0.9 * half)], 0.02, "#2b2419")
    for side in (1, -1):
        b.sheet([(-deep, h, 0), (-deep, 0, side * half), (-1.1 * deep, 0, side * 0.55 * half)], 0.02, second)
        b.limb((-deep, 0.9 * h, 0), (-1.7 * deep, 0, side * 0.5 * half), (0.012, 0.012), "#4a4238")
    b.limb((-deep, 0, 0), (-deep, h + 0.1, 0), (0.03, 0.03), "#4a3a28")
    return moved(b.parts, turned(-55), (0.0, 0.0, 0.0))


def bridge(
    *, span: float = 11.0, h: float = 3.0, wall: str = "#a39a8b", made: str = "stone", arches: int = 1, hung: bool = False
) -> list[Part]:
    """A humped bridge of one arch, seen from its side, or a level one of several, or one that hangs from
    its towers."""
    skin = Skin.BRICK if made == "brick" else Skin.PLANKS if made == "planks" else Skin.STONE
    b = Builder(wall, skin)
    if hung:
        return _suspended(span, h, wall)
    if arches > 1:
        return _viaduct(b, span, h, arches)
    steps = np.linspace(-1, 1, 39)
    for s0, s1 in pairwise(steps):
        s = float(s0 + s1) / 2
        under = max(0.78 * h * np.sqrt(max(1 - (s / 0.62) ** 2, 0.0)), 0.0) if abs(s) < 0.62 else 0.0
        top = h * (1.0 - 0.5 * s * s) + 0.2
        b.box((s * span / 2, (under + top) / 2, 0), (span / 76 + 0.01, max((top - under) / 2, 0.05), 1.5))
        for z in (1.45, -1.45):
            b.box((s * span / 2, top + 0.35, z), (span / 76 + 0.01, 0.4, 0.16))
    return b.parts


def _suspended(span: float, h: float, paint: str) -> list[Part]:
    b = Builder(paint)
    tall, out, deck = 2.6 * h, 0.27 * span, 0.8 * h
    b.box((0, deck, 0), (span / 2, 0.05 * h, 1.6), "#6b655e")
    for z in (1.45, -1.45):
        for x in (-out, out):
            b.box((x, tall / 2, z), (0.013 * span, tall / 2, 0.28))
        b.box((0, deck + 0.12 * h, z), (span / 2, 0.02 * h, 0.06))
        steps = np.linspace(-1, 1, 17)
        cable = [(float(s) * out, deck + 0.16 * h + (tall - deck - 0.2 * h) * float(s * s), z) for s in steps]
        b.chain([(-span / 2, deck, z), *cable, (span / 2, deck, z)], [0.09] * 19)
        for x, y, _ in cable[1:-1]:
            b.limb((x, deck, z), (x, y, z), (0.035, 0.035))
        for side in (1, -1):
            for k in range(1, 5):
                x = out + (span / 2 - out) * k / 5
                b.limb((side * x, deck, z), (side * x, deck + (tall - deck) * (1 - k / 5), z), (0.035, 0.035))
    for x in (-out, out):
        for y in (0.93, 0.55):
            b.box((x, y * tall, 0), (0.012 * span, 0.03 * tall, 1.45))
        b.box((x, 0.05 * h, 0), (0.03 * span, 0.05 * h, 2.0), "#8d857a", Skin.STONE)
    return b.parts


def _viaduct(b: Builder, span: float, h: float, arches: int) -> list[Part]:
    wide, deck = span / arches, 0.09 * h
    pier = 0.12 * wide
    for k in range(arches + 1):
        b.box(((k - arches / 2) * wide, h / 2, 0), (pier, h / 2, 1.5))
    reach, steps = wide / 2 - pier, np.linspace(-1, 1, 13)
    for k in range(arches):
        middle = (k + 0.5 - arches / 2) * wide
        for s0, s1 in pairwise(steps):
            s = float(s0 + s1) / 2
            under = h - deck - reach * (1 - float(np.sqrt(1 - s * s)))
            b.box((middle + s * reach, (under + h) / 2, 0), (reach / 12 + 0.01, (h - under) / 2, 1.4))
    b.box((0, h + 0.06, 0), (span / 2 + pier, 0.12, 1.62), "#8d857a", Skin.PLASTER)
    for z in (1.5, -1.5):
        b.box((0, h + 0.45, z), (span / 2 + pier, 0.36, 0.13))
    return b.parts


def lock_gate(*, wood: str = "#33383a", beam: str = "#e9e4d6", wall: str = "#9a9384") -> list[Part]:
    """A pair of lock gates between their walls, with balance beams."""
    b = Builder(wood, Skin.PLANKS)
    for side in (1, -1):
        b.box((side * 3.4, 0.75, 0), (1.0, 0.95, 2.2), wall, Skin.STONE)
        turn = turned(side * 16)
        b.box((side * 1.22, 0.9, 0.35), (1.25, 1.0, 0.1), turn=turn)
        b.limb((side * 0.4, 2.05, 0.6), (side * 4.6, 2.0, -0.55), (0.13, 0.17), beam, Skin.PLAIN)
        for y in (0.3, 0.9, 1.5):
            b.box((side * 1.22, y, 0.24), (1.25, 0.07, 0.06), "#4a5053", turn=turn)
    return b.parts


def bottle_kiln(*, h: float = 13.0, wall: str = "#a3583e", made: str = "brick") -> list[Part]:
    """A kiln in the shape of a bottle, a shed at its foot."""
    b = Builder(wall, Skin.STONE if made == "stone" else Skin.BRICK)
    rows = [(0, 0.3), (0.1, 0.315), (0.3, 0.3), (0.5, 0.235), (0.66, 0.155), (0.8, 0.1), (0.95, 0.082), (1.0, 0.1)]
    b.lathe([(y * h, r * h) for y, r in rows], blend=0.12)
    b.cone((0, 0.995 * h, 0), (0.07 * h, 0.01 * h, 0.07 * h), "#2b2320", Skin.PLAIN)
    for y in (0.22, 0.42):
        b.cone(
            (0, y * h, 0),
            ((0.318 - 0.12 * (y > 0.3)) * h, 0.008 * h, (0.316 - 0.12 * (y > 0.3)) * h),
            "#4a4644",
            Skin.PLAIN,
        )
    b.box((0, 0.09 * h, -0.3 * h), (0.07 * h, 0.09 * h, 0.03 * h), "#2b2320", Skin.PLAIN)
    b.box((0.38 * h, 0.1 * h, 0.02 * h), (0.18 * h, 0.1 * h, 0.16 * h))
    b.gable((0.38 * h, 0.255 * h, 0.02 * h), (0.18 * h, 0.055 * h, 0.2 * h), "#5a4a44", Skin.ROOF, turn=turned(90))
    return b.parts


def bus_shelter(*, c: str = "#3f6b5a", glass: str = "#9fb8be") -> list[Part]:
    """A shelter with a bench, open to the front, and the sign of the stop beside it."""
    b = Builder(c, Skin.PLAIN)
    b.box((0, 2.42, -0.05), (1.85, 0.08, 0.85), rounded=0.06)
    b.box((0, 0.06, 0), (1.8, 0.06, 0.75), "#8f8b84", Skin.STONE)
    for x in (-1.7, -0.57, 0.57, 1.7):
        b.limb((x, 0.1, 0.65), (x, 2.36, 0.65), (0.045, 0.045))
    for x in (-1.7, 1.7):
        b.limb((x, 0.1, -0.6), (x, 2.36, -0.6), (0.045, 0.045))
        b.box((x, 1.3, 0.05), (0.02, 0.85, 0.52), glass, Skin.GLASS)
    for x in (-1.13, 0.0, 1.13):
        b.box((x, 1.35, 0.66), (0.5, 0.8, 0.02), glass, Skin.GLASS)
    b.box((0, 0.55, 0.38), (1.3, 0.04, 0.2), _WOOD, Skin.PLANKS)
    for x in (-1.1, 1.1):
        b.box((x, 0.3, 0.38), (0.05, 0.25, 0.16))
    b.limb((2.3, 0, -0.5), (2.3, 2.75, -0.5), (0.04, 0.04), "#4a4f52")
    b.cone((2.3, 2.65, -0.5), (0.32, 0.03, 0.32), "#e6c23a", turn=turned(0, 90))
    b.box((2.3, 2.65, -0.54), (0.2, 0.07, 0.03), c)
    b.box((2.3, 1.5, -0.52), (0.16, 0.26, 0.02), "#efe9dc")
    return b.parts
