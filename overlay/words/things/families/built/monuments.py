"""What is built to be looked at, or to last: temples, pyramids, statues, fountains, domes, arches."""

from dataclasses import replace
from itertools import pairwise

import numpy as np

from overlay.words.things.families.living.figures import figure
from overlay.words.things.parts import Builder, Part, Skin, moved, turned


def temple(*, w: float = 14.0, wall: str = "#d9cdb0", roof: str = "#b8a888", broken: bool = False) -> list[Part]:
    """A temple with columns about it and a low gable that faces the eye; broken, a ruin of it."""
    b = Builder(wall, Skin.STONE)
    d, h = 0.62 * w, 0.4 * w
    for k in range(3):
        b.box((0, (0.02 + 0.035 * k) * w, 0), ((0.56 - 0.02 * k) * w, 0.018 * w, (0.56 - 0.02 * k) * d))
    if broken:
        return _fallen_temple(b, w, d, h)
    for x in np.linspace(-0.46, 0.46, 6):
        for z in (-0.46, 0.46):
            b.lathe([(0.1 * w, 0.042 * w), (0.1 * w + 0.9 * h, 0.034 * w), (0.1 * w + h, 0.05 * w)], skin=Skin.PLAIN, at=(float(x) * w, 0, z * d))
    for z in np.linspace(-0.2, 0.2, 2):
        for x in (-0.46, 0.46):
            b.lathe([(0.1 * w, 0.042 * w), (0.1 * w + h, 0.036 * w)], skin=Skin.PLAIN, at=(x * w, 0, float(z) * d))
    b.box((0, 0.1 * w + 0.5 * h, 0), (0.36 * w, 0.5 * h, 0.34 * d), "#a89878")
    b.box((0, 0.13 * w + h, 0), (0.53 * w, 0.03 * w, 0.53 * d), skin=Skin.PLAIN)
    b.gable((0, 0.16 * w + h + 0.06 * w, 0), (0.55 * w, 0.06 * w, 0.55 * d), roof, Skin.PLAIN)
    return b.parts


def _fallen_temple(b: Builder, w: float, d: float, h: float) -> list[Part]:
    """What is left of a temple: columns of many heights, two under a beam, drums in the grass."""
    left = (1.0, 1.0, 0.55, 0.2, 0.8, 0.35), (0.7, 0.3, 0.9, 1.0, 0.15, 0.6)
    for row, z in zip(left, (-0.46, 0.46), strict=True):
        for x, stands in zip(np.linspace(-0.46, 0.46, 6), row, strict=True):
            foot, top = 0.1 * w, 0.1 * w + stands * h
            b.lathe([(foot, 0.042 * w), (top, 0.036 * w)], skin=Skin.PLAIN, at=(float(x) * w, 0, z * d))
    b.box((-0.368 * w, 0.13 * w + h, -0.46 * d), (0.15 * w, 0.03 * w, 0.05 * d), skin=Skin.PLAIN)
    b.box((-0.1 * w, 0.1 * w + 0.22 * h, 0.3 * d), (0.22 * w, 0.22 * h, 0.04 * d), "#a89878")
    for x, z, turn in ((0.2, -0.78, 20), (0.42, -0.7, -50), (-0.62, -0.6, 70), (0.62, 0.1, 10)):
        b.limb((x * w, 0.035 * w, z * d), ((x + 0.09 * np.cos(np.radians(turn))) * w, 0.035 * w, (z + 0.09 * np.sin(np.radians(turn))) * d), (0.04 * w, 0.04 * w), skin=Skin.PLAIN)  # fmt: skip
    return b.parts


def pagoda(*, h: float = 16.0, wall: str = "#a83a2e", roof: str = "#3f5a54", floors: int = 5) -> list[Part]:
    """A tower of curved roofs, each smaller than the one below."""
    b = Builder(wall)
    step = 0.86 * h / floors
    for k in range(floors):
        half = 0.19 * h * (1 - 0.12 * k)
        y = k * step
        b.box((0, y + 0.36 * step, 0), (0.72 * half, 0.4 * step, 0.72 * half))
        b.box((0, y + 0.3 * step, -0.73 * half), (0.16 * half, 0.26 * step, 0.02 * half), "#2b211c")
        rows = [(0.66 * step, 1.35 * half), (0.74 * step, 0.98 * half), (1.0 * step, 0.6 * half)]
        for (y0, r0), (y1, r1) in pairwise(rows):
            for turn in range(4):
                a = np.pi / 4 + turn * np.pi / 2
                c, s, c2, s2 = np.cos(a), np.sin(a), np.cos(a + np.pi / 2), np.sin(a + np.pi / 2)
                b.sheet([(1.414 * r0 * c, y + y0, 1.414 * r0 * s), (1.414 * r0 * c2, y + y0, 1.414 * r0 * s2), (1.414 * r1 * c2, y + y1, 1.414 * r1 * s2), (1.414 * r1 * c, y + y1, 1.414 * r1 * s)], 0.012 * h, roof)  # fmt: skip
    b.limb((0, 0.86 * h, 0), (0, h, 0), (0.014 * h, 0.004 * h), "#c9a24a")
    return b.parts


def pyramid(*, h: float = 30.0, stone: str = "#d9bd86", step: bool = False) -> list[Part]:
    """A pyramid, smooth or in steps."""
    b = Builder(stone, Skin.STONE)
    if step:
        for k in range(7):
            half = 0.75 * h * (1 - k / 8)
            b.box((0, (k + 0.5) * h / 8, 0), (half, 0.5 * h / 8, half))
        b.box((0, 0.93 * h, 0), (0.12 * h, 0.06 * h, 0.12 * h))
        for k in range(7):
            b.box((0, (k + 0.5) * h / 8, -0.75 * h * (1 - k / 8)), (0.11 * h, 0.5 * h / 8, 0.05 * h))
        return b.parts
    corners = [(x * 0.78 * h, 0.0, z * 0.78 * h) for x, z in ((1, 1), (1, -1), (-1, -1), (-1, 1), (1, 1))]
    for p, q in pairwise(corners):
        b.sheet([(0, h, 0), p, q], 0.01 * h)
    b.box((0, 0.05 * h, 0), (0.6 * h, 0.05 * h, 0.6 * h))
    return b.parts


def statue(*, h: float = 3.4, stone: str = "#a8a59a", winged: bool = False) -> list[Part]:
    """A figure of stone on its pedestal."""
    b = Builder(stone, Skin.PLASTER)
    b.box((0, 0.04 * h, 0), (0.24 * h, 0.04 * h, 0.24 * h))
    b.box((0, 0.22 * h, 0), (0.17 * h, 0.16 * h, 0.17 * h))
    b.box((0, 0.39 * h, 0), (0.2 * h, 0.025 * h, 0.2 * h))
    carved = figure(h=0.6 * h, skirt=winged, cloak=stone)
    up = moved(carved, turned(), (0, 0.41 * h, 0))
    parts = [*b.parts, *(replace(p, colour=stone, second="", skin=Skin.PLASTER) for p in up)]
    if winged:
        w = Builder(stone, Skin.FEATHERS)
        for side in (1, -1):
            root = (-0.05 * h, 0.8 * h, side * 0.04 * h)
            w.sheet([root, (-0.12 * h, 1.04 * h, side * 0.14 * h), (-0.16 * h, 0.86 * h, side * 0.2 * h), (-0.17 * h, 0.58 * h, side * 0.12 * h)], 0.012 * h)
        parts += w.parts
    return parts


def plinth(*, w: float = 1.2, stone: str = "#a8a59a") -> list[Part]:
    """What a statue stands on: a block with a foot and a ledge."""
    b = Builder(stone, Skin.STONE)
    for y, tall, half in ((0.03, 0.03, 0.5), (0.28, 0.24, 0.42), (0.54, 0.03, 0.47)):
        b.box((0, y * w, 0), (half * w, tall * w, 0.75 * half * w))
    return b.parts


def fountain(*, w: float = 4.0, stone: str = "#b0aa9c", water: str = "#bcd8e2") -> list[Part]:
    """A basin with a bowl above it and falling water."""
    r = w / 2
    b = Builder(stone, Skin.PLASTER)
    b.lathe([(0, r), (0.22 * r, r), (0.26 * r, 1.04 * r), (0.3 * r, 1.0 * r)])
    b.lathe([(0.27 * r, 0.9 * r), (0.31 * r, 0.9 * r)], water, Skin.PLAIN)
    b.lathe([(0.2 * r, 0.2 * r), (0.4 * r, 0.1 * r), (0.8 * r, 0.12 * r), (0.92 * r, 0.46 * r), (0.98 * r, 0.46 * r)])
    b.lathe([(0.98 * r, 0.42 * r), (1.0 * r, 0.4 * r)], water, Skin.PLAIN)
    b.lathe([(0.96 * r, 0.06 * r), (1.3 * r, 0.05 * r), (1.36 * r, 0.12 * r)])
    for k in range(10):
        a = 2 * np.pi * k / 10
        x, z = np.cos(a), np.sin(a)
        b.chain([(0.05 * r * x, 1.4 * r, 0.05 * r * z), (0.22 * r * x, 1.5 * r, 0.22 * r * z), (0.4 * r * x, 1.28 * r, 0.4 * r * z), (0.46 * r * x, 1.0 * r, 0.46 * r * z)], [0.02 * r, 0.02 * r, 0.018 * r, 0.014 * r], water, Skin.PLAIN)  # fmt: skip
        b.limb((0.47 * r * x, 0.95 * r, 0.47 * r * z), (0.56 * r * x, 0.32 * r, 0.56 * r * z), (0.014 * r, 0.02 * r), water, Skin.PLAIN)
    return b.parts


def dome(*, w: float = 4.0, wall: str = "#eef2f4", made: str = "stone", door: str = "#3a4148", tall: float = 0.9, peak: bool = False) -> list[Part]:
    """A round house under its own roof: an igloo, a yurt, a round hut, a circus tent.

    Parameters
    ----------
    tall : in shares of half the width. peak : whether it ends in a point.
    """
    r = w / 2
    skins = {"stone": Skin.STONE, "plain": Skin.PLAIN, "straw": Skin.FUR, "stripes": Skin.PLANKS}
    b = Builder(wall, skins[made])
    if peak:
        b.lathe([(0, r), (0.45 * tall * r, 0.98 * r)])
        b.lathe([(0.44 * tall * r, 1.08 * r), (0.7 * tall * r, 0.5 * r), (tall * r, 0.04 * r)], "#8a6f44" if made == "straw" else wall)
        b.limb((0, tall * r, 0), (0, 1.2 * tall * r, 0), (0.02 * r, 0.01 * r), "#6b4a30", Skin.PLAIN)
    else:
        b.lathe([(0, r), (0.3 * tall * r, 0.96 * r), (0.7 * tall * r, 0.7 * r), (0.92 * tall * r, 0.36 * r), (tall * r, 0.02 * r)])
    b.box((0, 0.22 * tall * r, -0.9 * r), (0.3 * r, 0.26 * tall * r, 0.28 * r))
    b.box((0, 0.18 * tall * r, -1.17 * r), (0.19 * r, 0.2 * tall * r, 0.03 * r), door, Skin.PLAIN)
    return b.parts


def striped_tent(*, w: float = 16.0, cloth: str = "#b8332e", second: str = "#efe6d2") -> list[Part]:
    """A circus tent in stripes, with a flag."""
    r, ribs = w / 2, 16
    b = Builder(cloth)
    for k in range(ribs):
        a, c = 2 * np.pi * k / ribs, 2 * np.pi * (k + 1) / ribs
        rows = [(0.0, 1.0), (0.42, 1.02), (0.7, 0.45), (1.05, 0.02)]
        for (y0, s0), (y1, s1) in pairwise(rows):
            b.sheet([(s0 * r * np.cos(a), y0 * r, s0 * r * np.sin(a)), (s0 * r * np.cos(c), y0 * r, s0 * r * np.sin(c)), (s1 * r * np.cos(c), y1 * r, s1 * r * np.sin(c)), (s1 * r * np.cos(a), y1 * r, s1 * r * np.sin(a))], 0.01 * r, second if k % 2 else cloth)  # fmt: skip
    b.box((0, 0.2 * r, -1.0 * r), (0.18 * r, 0.2 * r, 0.03 * r), "#3a2622")
    b.limb((0, r, 0), (0, 1.35 * r, 0), (0.015 * r, 0.012 * r), "#6b4a30")
    b.sheet([(0, 1.34 * r, 0), (0.26 * r, 1.27 * r, 0), (0, 1.2 * r, 0)], 0.01 * r, "#d9b24a")
    return b.parts


def column(*, h: float = 5.0, stone: str = "#c9bfa6", broken: bool = False, square: bool = False) -> list[Part]:
    """A column, whole or broken, or an obelisk."""
    b = Builder(stone, Skin.PLASTER)
    b.box((0, 0.03 * h, 0), (0.12 * h, 0.03 * h, 0.12 * h))
    if square:
        for p, q in pairwise([(1, 1), (1, -1), (-1, -1), (-1, 1), (1, 1)]):
            low, high = 0.075 * h, 0.045 * h
            b.sheet([(p[0] * low, 0.06 * h, p[1] * low), (q[0] * low, 0.06 * h, q[1] * low), (q[0] * high, 0.92 * h, q[1] * high), (p[0] * high, 0.92 * h, p[1] * high)], 0.012 * h)  # fmt: skip
            b.sheet([(p[0] * high, 0.92 * h, p[1] * high), (q[0] * high, 0.92 * h, q[1] * high), (0, h, 0)], 0.012 * h)
        return b.parts
    top = 0.62 * h if broken else 0.92 * h
    b.lathe([(0.06 * h, 0.1 * h), (0.1 * h, 0.075 * h), (top, 0.062 * h)])
    if broken:
        b.limb((0.2 * h, 0.07 * h, -0.16 * h), (0.5 * h, 0.07 * h, -0.2 * h), (0.07 * h, 0.066 * h))
    else:
        b.lathe([(top, 0.065 * h), (0.96 * h, 0.1 * h)])
        b.box((0, 0.98 * h, 0), (0.12 * h, 0.02 * h, 0.12 * h))
    return b.parts


def arch(*, h: float = 6.0, stone: str = "#b8ac94", wide: float = 0.5, made: str = "stone", beam: bool = False) -> list[Part]:
    """Two piers and what spans them: a gateway, or standing stones with a beam."""
    b = Builder(stone, {"stone": Skin.STONE, "plain": Skin.PLASTER, "brick": Skin.BRICK}[made])
    if beam:
        for x in (-1, 1):
            b.box((x * wide * 0.62 * h, 0.44 * h, 0), (0.13 * h, 0.45 * h, 0.1 * h), turn=turned(0, 0, 1.5 * x), rounded=0.04 * h)
        b.box((0, 0.95 * h, 0), (0.5 * h, 0.075 * h, 0.11 * h), rounded=0.03 * h)
        return b.parts
    r = 0.36 * wide * 2 * h / 2
    for x in (-1, 1):
        b.box((x * (r + 0.11 * h), 0.32 * h, 0), (0.11 * h, 0.32 * h, 0.16 * h))
    for k in range(9):
        a = np.pi * (k + 0.5) / 9
        b.box(((r + 0.09 * h) * np.cos(a), 0.62 * h + (r + 0.09 * h) * np.sin(a), 0), (0.1 * h, 0.07 * h, 0.16 * h), turn=turned(0, 0, np.degrees(a)))  # fmt: skip
    b.box((0, 0.62 * h + r + 0.21 * h, 0), (r + 0.24 * h, 0.05 * h, 0.18 * h))
    return b.parts


def sign(*, h: float = 2.6, wood: str = "#9a7648", arms: int = 3) -> list[Part]:
    """A signpost with arms that point apart."""
    b = Builder(wood, Skin.PLANKS)
    b.limb((0, 0, 0), (0, h, 0), (0.05, 0.045), skin=Skin.BARK)
    for k in range(arms):
        y, side, turn = (0.9 - 0.16 * k) * h, 1 if k % 2 == 0 else -1, turned(14 * (k - 1))
        tip = turn @ np.array([side * 0.95, 0.0, -0.06])
        for lift in (0.09, -0.09):
            near = turn @ np.array([side * -0.12, lift, -0.06])
            far = turn @ np.array([side * 0.75, lift, -0.06])
            b.sheet([(float(near[0]), y + lift, float(near[2])), (float(far[0]), y + lift, float(far[2])), (float(tip[0]), y, float(tip[2])), (float(near[0]), y, float(near[2]))], 0.02)  # fmt: skip
    return b.parts


def booth(*, h: float = 2.4, c: str = "#b02e2a", glass: str = "#b8ced2") -> list[Part]:
    """A telephone box, or a kiosk."""
    b = Builder(c)
    b.box((0, 0.03 * h, 0), (0.2 * h, 0.03 * h, 0.2 * h))
    b.box((0, 0.48 * h, 0), (0.17 * h, 0.45 * h, 0.17 * h), glass, Skin.LATTICE)
    for x in (-1, 1):
        for z in (-1, 1):
            b.box((x * 0.17 * h, 0.48 * h, z * 0.17 * h), (0.022 * h, 0.46 * h, 0.022 * h))
    b.box((0, 0.93 * h, 0), (0.2 * h, 0.045 * h, 0.2 * h))
    b.ball((0, 0.97 * h, 0), (0.17 * h, 0.06 * h, 0.17 * h))
    b.box((0, 0.1 * h, 0), (0.175 * h, 0.05 * h, 0.175 * h))
    return b.parts


def minaret(*, h: float = 24.0, wall: str = "#e6dcc6", cap: str = "#5f968f") -> list[Part]:
    """A slender tower with two balconies, a cap like a bud and a spike."""
    b = Builder(wall, Skin.STONE)
    r = 0.065 * h
    b.box((0, 0.08 * h, 0), (1.35 * r, 0.08 * h, 1.35 * r))
    b.cone((0, 0.36 * h, 0), (r, 0.24 * h, 0.86 * r))
    for y, wide in ((0.6, 1.5), (0.8, 1.25)):
        b.lathe([(y * h, 0.8 * r), (y * h + 0.5 * r, wide * r), (y * h + 0.65 * r, wide * r)], skin=Skin.PLASTER)
        b.ring((0, y * h + 1.15 * r, 0), 0.94 * wide * r, 0.05 * r)
        for k in range(18):
            a = 2 * np.pi * k / 18
            x, z = 0.94 * wide * r * float(np.cos(a)), 0.94 * wide * r * float(np.sin(a))
            b.limb((x, y * h + 0.6 * r, z), (x, y * h + 1.15 * r, z), (0.035 * r, 0.035 * r), skin=Skin.PLAIN)
    b.cone((0, 0.72 * h, 0), (0.72 * r, 0.12 * h, 0.66 * r))
    b.cone((0, 0.87 * h, 0), (0.55 * r, 0.05 * h, 0.52 * r))
    bud = ((0.9, 0.6), (0.92, 0.78), (0.945, 0.7), (0.97, 0.35), (0.99, 0.08))
    b.lathe([(y * h, wide * r) for y, wide in bud], cap, Skin.PLAIN)
    b.limb((0, 0.98 * h, 0), (0, 1.05 * h, 0), (0.06 * r, 0.03 * r), "#c9a24a", Skin.PLAIN)
    b.ball((0, 1.015 * h, 0), 0.13 * r, "#c9a24a", Skin.PLAIN)
    for y in (0.3, 0.48, 0.71):
        b.box((0, y * h, -0.9 * r), (0.13 * r, 0.3 * r, 0.12 * r), "#221e1b", Skin.PLAIN)
    b.box((0, 0.045 * h, -1.36 * r), (0.4 * r, 0.045 * h, 0.04 * r), "#3a2a1c", Skin.PLANKS)
    return b.parts


def mosque(*, w: float = 18.0, wall: str = "#e6dcc6", cap: str = "#5f968f") -> list[Part]:
    """A hall under a dome with smaller ones about it, its front arched, a minaret at each side."""
    b = Builder(wall, Skin.STONE)
    high, deep = 0.3 * w, 0.3 * w
    b.box((0, high / 2, 0), (0.38 * w, high / 2, deep))
    b.box((0, 1.02 * high, 0), (0.395 * w, 0.05 * high, 1.04 * deep), skin=Skin.PLASTER)
    b.cone((0, 1.18 * high, 0), (0.24 * w, 0.16 * high, 0.24 * w))
    swell = ((0.0, 0.24), (0.05, 0.26), (0.12, 0.25), (0.19, 0.19), (0.24, 0.1), (0.27, 0.03), (0.29, 0.008))
    b.lathe([(1.32 * high + y * w, r * w) for y, r in swell], cap, Skin.PLAIN)
    b.limb((0, 1.32 * high + 0.28 * w, 0), (0, 1.32 * high + 0.36 * w, 0), (0.006 * w, 0.003 * w), "#c9a24a", Skin.PLAIN)
    for x in (-0.29, 0.29):
        b.lathe([(1.06 * high + 0.36 * y * w, 0.36 * r * w) for y, r in swell], cap, Skin.PLAIN, at=(x * w, 0, -0.55 * deep))
    b.box((0, 0.58 * high, -deep - 0.02 * w), (0.12 * w, 0.58 * high, 0.03 * w), skin=Skin.PLASTER)
    for x, half in ((0.0, 0.075), (-0.22, 0.045), (0.22, 0.045), (-0.32, 0.03), (0.32, 0.03)):
        tall, front = (0.62 if x == 0 else 0.42) * high, -deep - (0.052 if x == 0 else 0.002) * w
        b.box((x * w, tall / 2, front), (half * w, tall / 2, 0.01 * w), "#2f2a26", Skin.PLAIN)
        b.ball((x * w, tall, front), (half * w, 1.2 * half * w, 0.01 * w), "#2f2a26", Skin.PLAIN)
    for side in (1, -1):
        b.parts.extend(moved(minaret(h=1.25 * w, wall=wall, cap=cap), turned(0), (side * 0.5 * w, 0, 0.1 * w)))
    return b.parts
