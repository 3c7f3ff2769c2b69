"""Walls, gates, steps: what encloses a place and leads into it."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Point, Skin, turned

_MADE = {"brick": Skin.BRICK, "stone": Skin.STONE, "planks": Skin.PLANKS, "plaster": Skin.PLASTER}


def wall(*, h: float = 2.3, length: float = 8.0, wall: str = "#a35a44", made: str = "brick") -> list[Part]:
    """A garden wall with a coping, along x."""
    b = Builder(wall, _MADE.get(made, Skin.PLAIN))
    b.box((0, 0.48 * h, 0), (length / 2, 0.48 * h, 0.17))
    b.box((0, 0.98 * h, 0), (length / 2 + 0.05, 0.035 * h, 0.23), "#8d857a", Skin.PLASTER)
    for x in (-length / 2, length / 2):
        b.box((x, 0.52 * h, 0), (0.28, 0.52 * h, 0.28))
        b.box((x, 1.06 * h, 0), (0.34, 0.04 * h, 0.34), "#8d857a", Skin.PLASTER)
    return b.parts


def wall_gate(*, h: float = 2.2, iron: str = "#2d3331", stone: str = "#b1a592", wall: str = "#9a5f48") -> list[Part]:
    """A gate with a length of wall at each side of it."""
    b = Builder(wall, Skin.BRICK)
    for side in (1, -1):
        b.box((side * 2.0 * h, 0.45 * h, 0), (1.1 * h, 0.45 * h, 0.09 * h))
        b.box((side * 2.0 * h, 0.92 * h, 0), (1.12 * h, 0.03 * h, 0.12 * h), "#8d857a", Skin.PLASTER)
    return [*b.parts, *gate(h=h, iron=iron, stone=stone)]


def gate(*, h: float = 2.2, iron: str = "#2d3331", stone: str = "#b1a592") -> list[Part]:
    """Two iron wings between stone pillars."""
    b = Builder(stone, Skin.STONE)
    for side in (1, -1):
        b.box((side * 0.82 * h, 0.55 * h, 0), (0.15 * h, 0.55 * h, 0.15 * h))
        b.box((side * 0.82 * h, 1.12 * h, 0), (0.19 * h, 0.03 * h, 0.19 * h), "#8d857a", Skin.PLASTER)
        b.ball((side * 0.82 * h, 1.24 * h, 0), 0.1 * h, "#8d857a", Skin.PLASTER)
        for k in range(7):
            x = side * (0.03 + 0.1 * k) * h
            top = (0.95 - 0.02 * (6 - k)) * h
            b.limb((x, 0.06 * h, 0), (x, top, 0), (0.012 * h, 0.012 * h), iron, Skin.PLAIN, 0.0)
            b.cone((x, top + 0.03 * h, 0), (0.022 * h, 0.03 * h, 0.002 * h), iron, Skin.PLAIN, blend=0.0)
        for y in (0.12, 0.48, 0.8):
            b.limb((side * 0.02 * h, y * h, 0), (side * 0.66 * h, y * h, 0), (0.014 * h, 0.014 * h), iron, Skin.PLAIN, 0.0)
    return b.parts


def stairs(*, h: float = 2.4, stone: str = "#b5aa98", wide: float = 2.2, made: str = "stone") -> list[Part]:
    """A flight of steps that rises towards +x."""
    b = Builder(stone, _MADE.get(made, Skin.PLAIN))
    steps = 9
    for k in range(steps):
        rise = (k + 1) / steps * h
        at: Point = ((k - steps / 2 + 0.5) * 0.3, rise / 2, 0)
        b.box(at, (0.15, rise / 2, wide / 2), rounded=0.01)
        b.box((at[0] - 0.01, rise - 0.03, 0), (0.17, 0.03, wide / 2 + 0.03), "#9a8f7d", Skin.PLASTER)
    return b.parts


def spiral_stairs(*, h: float = 2.3, stone: str = "#b5aa98", iron: str = "#3a3f40") -> list[Part]:
    """Steps that wind once about a post, with a rail at their outer ends."""
    b = Builder(stone, Skin.PLASTER)
    count, r = 16, 0.42 * h
    b.limb((0, 0, 0), (0, 1.06 * h, 0), (0.045 * h, 0.045 * h))
    rail: list[Point] = []
    for k in range(count):
        a, y = np.radians(250 - 380 * k / count), (k + 1) / count * 0.94 * h
        x, z = float(np.cos(a)), float(np.sin(a))
        b.box((0.52 * r * x, y, 0.52 * r * z), (0.5 * r, 0.018 * h, 0.075 * h), turn=turned(-float(np.degrees(a))), rounded=0.005 * h)
        top = (r * x, y + 0.28 * h, r * z)
        b.limb((0.98 * r * x, y, 0.98 * r * z), top, (0.008 * h, 0.008 * h), iron, Skin.PLAIN, 0.0)
        rail.append(top)
    b.chain(rail, [0.014 * h] * count, iron, Skin.PLAIN, 0.0)
    return b.parts


def stone_ring(*, h: float = 3.6, stone: str = "#8f8c84") -> list[Part]:
    """Standing stones in a ring, some with a lintel across, one fallen."""
    b = Builder(stone, Skin.STONE)
    count, reach = 11, 1.7 * h
    places = [(reach * np.cos(2 * np.pi * k / count), reach * np.sin(2 * np.pi * k / count)) for k in range(count)]
    for k, (x, z) in enumerate(places):
        face = turned(90 - 360 * k / count)
        tall = h * (0.88 + 0.05 * (k % 3))
        if k == 4:
            b.box((0.8 * x, 0.14 * h, 0.8 * z), (0.46 * h, 0.14 * h, 0.2 * h), turn=turned(25), rounded=0.04 * h)
            continue
        b.box((x, tall / 2, z), (0.22 * h, tall / 2, 0.13 * h), turn=face, rounded=0.04 * h)
    for k in (0, 2, 6, 8):
        (x, z), (u, v) = places[k], places[k + 1]
        across = float(np.hypot(u - x, v - z))
        lintel = turned(90 - 360 * (k + 0.5) / count)
        b.box(((x + u) / 2, 1.03 * h, (z + v) / 2), (0.6 * across, 0.09 * h, 0.14 * h), turn=lintel, rounded=0.04 * h)
    return b.parts
