"""What there is only in tales: mushroom houses, islands that float, hoards of gold, a web's mistress."""

import numpy as np

from overlay.words.things.families.built.buildings import house
from overlay.words.things.families.living.creatures import spider
from overlay.words.things.families.living.plants import mushroom
from overlay.words.things.families.living.trees import tree
from overlay.words.things.parts import Builder, Part, Point, Skin, moved, turned


def mushroom_house(*, h: float = 4.2, cap: str = "#b3402c", wall: str = "#e8dcc0", door: str = "#7a4a2a") -> list[Part]:
    """A house in a mushroom: a round door, lit windows, a chimney through its cap."""
    b = Builder(wall, Skin.PLASTER)
    b.lathe([(0, 0.34 * h), (0.12 * h, 0.3 * h), (0.4 * h, 0.25 * h), (0.62 * h, 0.24 * h)])
    parts = [p for p in mushroom(h=h, cap=cap) if p.a[0] < 0.1 * h and p.colour != "#e8e0cf"]
    z = -0.27 * h
    b.box((0, 0.13 * h, z), (0.075 * h, 0.13 * h, 0.03 * h), door, Skin.PLANKS)
    b.ball((0, 0.26 * h, z), (0.075 * h, 0.07 * h, 0.03 * h), door, Skin.PLANKS)
    b.ball((0.045 * h, 0.15 * h, z - 0.032 * h), 0.012 * h, "#c9a045", Skin.PLAIN)
    for x in (-0.16 * h, 0.16 * h):
        b.ball((x, 0.34 * h, -0.2 * h), (0.05 * h, 0.05 * h, 0.03 * h), "#f0d48a", Skin.PLAIN)
        b.limb((x - 0.05 * h, 0.34 * h, -0.232 * h), (x + 0.05 * h, 0.34 * h, -0.232 * h), (0.006 * h, 0.006 * h), door, Skin.PLAIN)
    b.box((0.17 * h, 0.92 * h, 0.02 * h), (0.035 * h, 0.13 * h, 0.035 * h), "#9a5f48", Skin.BRICK)
    b.box((0, 0.015 * h, z - 0.05 * h), (0.1 * h, 0.015 * h, 0.05 * h), "#a89f90", Skin.STONE)
    return [*parts, *b.parts]


def floating_island(*, w: float = 12.0, stone: str = "#8a7a68", grass: str = "#6f8f3f") -> list[Part]:
    """An island that floats: a meadow with a tree and a house over hanging rock."""
    b = Builder(stone, Skin.STONE, 0.06 * w)
    top = 0.5 * w
    drops: tuple[tuple[Point, float, float], ...] = (
        ((0, 0, 0), 0.34, 0.46), ((-0.24, 0, 0.05), 0.2, 0.26), ((0.25, 0, -0.03), 0.19, 0.3), ((0.06, 0, -0.16), 0.2, 0.24),
    )  # fmt: skip
    for (x, _, z), wide, deep in drops:
        b.lathe([(top - deep * w, 0.02 * w), (top - 0.5 * deep * w, 0.55 * wide * w), (top, wide * w)], at=(x * w, 0, z * w))
    b.ball((0, top, 0), (0.5 * w, 0.075 * w, 0.3 * w), grass, Skin.FUR, 0.0)
    b.ball((0.22 * w, top + 0.02 * w, 0.06 * w), (0.26 * w, 0.1 * w, 0.2 * w), grass, Skin.FUR, 0.05 * w)
    high = top + 0.06 * w
    home = moved(house(w=4.2, d=3.2, storey=2.0, pitch=1.8), turned(16), (-0.12 * w, high - 0.1, 0.0), 0.62)
    grown = moved(tree(h=5.0), np.eye(3), (0.24 * w, top + 0.1 * w, 0.04 * w), 0.62)
    return [*b.parts, *home, *grown]


def hoard(*, w: float = 2.4, gold: str = "#d9a92e", wood: str = "#6b4526") -> list[Part]:
    """A heap of gold coins with a cup, a crown's glint and an open chest in it."""
    b = Builder(gold, Skin.SCALES, 0.08 * w)
    b.lathe([(0, 0.5 * w), (0.07 * w, 0.42 * w), (0.15 * w, 0.26 * w), (0.2 * w, 0.05 * w)])
    b.lathe([(0, 0.27 * w), (0.06 * w, 0.22 * w), (0.13 * w, 0.05 * w)], at=(0.24 * w, 0, -0.16 * w))
    b.lathe([(0, 0.25 * w), (0.06 * w, 0.2 * w), (0.12 * w, 0.05 * w)], at=(-0.26 * w, 0, -0.12 * w))
    rng = np.random.default_rng(5)
    for _ in range(26):
        a, out = float(rng.uniform(0, 2 * np.pi)), float(rng.uniform(0.35, 0.62))
        x, z = out * w * float(np.cos(a)), 0.75 * out * w * float(np.sin(a))
        tilt = turned(0, float(rng.uniform(-25, 25)), float(rng.uniform(-25, 25)))
        b.cone((x, 0.012 * w, z), (0.03 * w, 0.005 * w, 0.03 * w), gold, Skin.PLAIN, tilt, 0.0)
    b.box((0.1 * w, 0.22 * w, 0.06 * w), (0.15 * w, 0.07 * w, 0.1 * w), wood, Skin.PLANKS, turned(-14, 0, 8), blend=0.0)
    b.box((0.1 * w, 0.36 * w, 0.17 * w), (0.15 * w, 0.012 * w, 0.08 * w), wood, Skin.PLANKS, turned(-14, -62, 8), blend=0.0)
    b.ball((0.1 * w, 0.29 * w, 0.05 * w), (0.13 * w, 0.05 * w, 0.09 * w), gold)
    b.lathe([(0.17 * w, 0.05 * w), (0.18 * w, 0.012 * w), (0.25 * w, 0.014 * w), (0.29 * w, 0.055 * w), (0.35 * w, 0.06 * w)], "#e6c25a", Skin.PLAIN, at=(-0.2 * w, 0, -0.12 * w), blend=0.0)
    for x, z, c in ((-0.34, -0.2, "#a3282a"), (0.36, -0.24, "#2f6b8a"), (0.02, -0.34, "#3f8a52")):
        b.ball((x * w, 0.09 * w, z * w), 0.028 * w, c, Skin.GLASS, 0.0)
    return b.parts


def spider_in_web(*, w: float = 0.5, thread: str = "#e9edf0", body: str = "#3a3029", wood: str = "#5a4632") -> list[Part]:
    """A spider in the middle of her web, which hangs between two twigs."""
    b = Builder(thread, Skin.PLAIN)
    y, thin = 0.56 * w, 0.0035 * w
    reach = [0.46 + 0.04 * (k * 5 % 3) for k in range(12)]
    rays = [(float(np.cos(a)), float(np.sin(a))) for a in np.linspace(0, 2 * np.pi, 12, endpoint=False) + 0.1]
    for (x, up), r in zip(rays, reach, strict=True):
        b.limb((0, y, 0), (r * x * w, y + r * up * w, 0), (thin, thin))
    for ring in range(1, 7):
        for k in range(12):
            (x, up), (nx, nup) = rays[k], rays[(k + 1) % 12]
            r, n = 0.07 * ring, 0.07 * ring
            b.limb((r * x * w, y + r * up * w, 0), (n * nx * w, y + n * nup * w, 0), (0.8 * thin, 0.8 * thin))
    for side in (-1, 1):
        b.chain([(side * 0.56 * w, 0, 0), (side * 0.52 * w, 0.6 * w, 0.01 * w), (side * 0.42 * w, 1.14 * w, 0)], [0.03 * w, 0.022 * w, 0.012 * w], wood, Skin.BARK)
    b.limb((-0.46 * w, 1.05 * w, 0), (0.46 * w, 1.08 * w, 0), (0.016 * w, 0.014 * w), wood, Skin.BARK)
    for x, up in ((-0.5, 0.75), (0.5, 0.85), (0.3, 1.09)):
        b.ball((x * w, up * w, -0.02 * w), (0.06 * w, 0.03 * w, 0.02 * w), "#6b8a3c", Skin.PLAIN)
    hangs = moved(spider(h=0.1 * w, body=body), turned(0, 0, -90) @ turned(0, 90), (0.0, y, -0.03 * w))
    return [*b.parts, *hangs]
