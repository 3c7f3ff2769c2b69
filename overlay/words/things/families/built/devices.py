"""What people set up out of doors to work with: cranes, observatories, sundials, washing lines."""

from itertools import pairwise

import numpy as np

from overlay.words.things.parts import Builder, Part, Skin, turned

_SHEETS = ("#efe9dc", "#b8503f", "#efe9dc", "#4f7a9a", "#d9a84a")


def jib_crane(*, h: float = 22.0, iron: str = "#b8452e", cab: str = "#e0d6bc") -> list[Part]:
    """A crane of a quay: four legs, a cab, a lattice jib that leans out, a load on its rope."""
    b = Builder(iron, Skin.PLAIN)
    foot, deck = 0.16 * h, 0.34 * h
    for x in (-foot, foot):
        for z in (-foot, foot):
            b.limb((x, 0, z), (0.7 * x, deck, 0.7 * z), (0.018 * h, 0.014 * h))
        b.limb((x, 0.03 * h, -foot), (x, 0.03 * h, foot), (0.016 * h, 0.016 * h))
    b.box((0, deck, 0), (0.15 * h, 0.02 * h, 0.15 * h))
    b.box((-0.04 * h, deck + 0.09 * h, 0), (0.12 * h, 0.08 * h, 0.09 * h), cab)
    b.box((0.06 * h, deck + 0.11 * h, -0.092 * h), (0.02 * h, 0.03 * h, 0.004 * h), "#4f6b78")
    b.gable((-0.04 * h, deck + 0.185 * h, 0), (0.13 * h, 0.02 * h, 0.1 * h))
    tip, root = (0.56 * h, h, 0.0), (0.07 * h, deck + 0.04 * h, 0.0)
    _lattice(b, root, tip, 0.035 * h)
    b.limb((-0.1 * h, deck + 0.34 * h, 0), (-0.06 * h, deck + 0.16 * h, 0), (0.012 * h, 0.016 * h))
    for end in (tip, (-0.14 * h, deck + 0.16 * h, 0)):
        b.limb((-0.1 * h, deck + 0.34 * h, 0), end, (0.004 * h, 0.004 * h), "#3a3a3c")
    b.limb(tip, (tip[0], 0.5 * h, 0), (0.003 * h, 0.003 * h), "#3a3a3c")
    b.box((tip[0], 0.45 * h, 0), (0.06 * h, 0.04 * h, 0.05 * h), "#a9814e", Skin.PLANKS)
    return b.parts


def _lattice(b: Builder, root: tuple[float, float, float], tip: tuple[float, float, float], half: float) -> None:
    """Two booms that meet at the tip, with struts between them."""
    low, high = np.array(root), np.array(tip)
    across = np.array([-(high - low)[1], (high - low)[0], 0.0]) / np.linalg.norm(high - low)
    rungs = []
    for k, share in enumerate(np.linspace(0, 1, 9)):
        side = (1 if k % 2 else -1) * half * (1 - share)
        rungs.append(low + share * (high - low) + side * across)
    for side in (-1, 1):
        begin = low + side * half * across
        b.limb((begin[0], begin[1], 0.0), tip, (0.35 * half, 0.25 * half))
    for p, q in pairwise(rungs):
        b.limb((p[0], p[1], 0.0), (q[0], q[1], 0.0), (0.18 * half, 0.18 * half))


def observatory(*, w: float = 9.0, wall: str = "#e6e0d2", cap: str = "#9fb0b8") -> list[Part]:
    """A round house under a dome with a slit, from which a telescope looks."""
    r = w / 2
    b = Builder(wall, Skin.PLASTER)
    b.lathe([(0, 1.04 * r), (0.1 * r, r), (0.8 * r, r), (0.84 * r, 1.06 * r), (0.92 * r, 1.06 * r)])
    arc = np.linspace(0, 0.5 * np.pi, 7)[:-1]
    rows = [(0.92 * r + 0.98 * r * float(np.sin(a)), 0.98 * r * float(np.cos(a))) for a in arc]
    b.lathe([*rows, (1.9 * r, 0.02 * r)], cap, Skin.PLAIN)
    look = turned(0, 0, 48) @ np.array([1.0, 0.0, 0.0])
    for share in np.linspace(0.25, 1.2, 8):
        x, y = 0.97 * r * float(np.cos(share)), 0.92 * r + 0.97 * r * float(np.sin(share))
        b.ball((x, y, -0.12 * r), (0.13 * r, 0.13 * r, 0.16 * r), "#26303a", Skin.PLAIN, blend=0.0)
    begin = np.array([0.5 * r, 1.3 * r, -0.14 * r])
    end = begin + 1.0 * r * look
    b.limb((begin[0], begin[1], begin[2]), (end[0], end[1], end[2]), (0.1 * r, 0.12 * r), "#c9a24a", Skin.PLAIN)
    b.box((0, 0.3 * r, -0.99 * r), (0.16 * r, 0.3 * r, 0.06 * r), "#6b4426", Skin.PLANKS)
    for x in (-0.55, 0.55):
        b.box((x * r, 0.5 * r, -0.84 * r), (0.1 * r, 0.13 * r, 0.06 * r), "#3a4a55", Skin.PLAIN)
    return b.parts


def sundial(*, h: float = 1.2, stone: str = "#b8b0a0", metal: str = "#8a6f3a") -> list[Part]:
    """A sundial on a turned foot, its hand aslant."""
    b = Builder(stone, Skin.PLASTER)
    b.box((0, 0.04 * h, 0), (0.26 * h, 0.04 * h, 0.26 * h))
    b.lathe([(0.08 * h, 0.19 * h), (0.16 * h, 0.13 * h), (0.45 * h, 0.15 * h), (0.62 * h, 0.1 * h), (0.7 * h, 0.17 * h)])
    b.cone((0, 0.74 * h, 0), (0.34 * h, 0.04 * h, 0.34 * h), blend=0.0)
    b.cone((0, 0.785 * h, 0), (0.27 * h, 0.01 * h, 0.27 * h), metal, Skin.PLAIN, blend=0.0)
    b.sheet([(-0.2 * h, 0.79 * h, 0), (0.18 * h, 0.79 * h, 0), (0.18 * h, h, 0)], 0.025 * h, metal, Skin.PLAIN)
    return b.parts


def washing_line(*, length: float = 5.0, h: float = 2.1, wood: str = "#8a6a48", rope: str = "#d9cfb8", hung: bool = True) -> list[Part]:
    """A rope between two posts that sags a little, with sheets and shirts on it, or a bare wire."""
    b = Builder(wood, Skin.PLANKS)
    half = length / 2
    for x in (-half, half):
        b.limb((x, 0, 0), (x, 1.04 * h, 0), (0.06, 0.05))
        b.limb((x, 0.98 * h, -0.25), (x, 0.98 * h, 0.25), (0.035, 0.035))

    def along(share: float) -> tuple[float, float, float]:
        return half * share, h * (0.98 - 0.07 * (1 - share * share)), 0.0

    steps = [float(v) for v in np.linspace(-1, 1, 9)]
    b.chain([along(v) for v in steps], [0.012] * len(steps), rope, Skin.PLAIN)
    for k, colour in enumerate(_SHEETS if hung else ()):
        at = -0.74 + 0.36 * k
        wide, tall = (0.3, 0.5 * h) if k % 2 == 0 else (0.2, 0.34 * h)
        left, right = along(at), along(at + wide)
        sway = 0.06 * h * (-1) ** k
        low = [(right[0], right[1] - tall, sway), (left[0], left[1] - tall, 0.6 * sway)]
        b.sheet([left, right, *low], 0.012, colour, Skin.PLAIN)
        if k % 2:  # sleeves
            for x, out in ((left[0], -0.2), (right[0], 0.2)):
                y = left[1] - 0.06
                b.sheet([(x, y, 0), (x + out, y - 0.3, 0), (x + 0.6 * out, y - 0.42, 0), (x, y - 0.22, 0)], 0.012, colour, Skin.PLAIN)
    return b.parts


def anvil(*, h: float = 0.85, iron: str = "#3a3f44", wood: str = "#6b4a30") -> list[Part]:
    """An anvil with its horn, on a block of wood, a hammer across it."""
    b = Builder(iron, Skin.PLAIN)
    b.lathe([(0, 0.36 * h), (0.05 * h, 0.34 * h), (0.5 * h, 0.3 * h)], wood, Skin.BARK)
    b.box((0, 0.55 * h, 0), (0.24 * h, 0.05 * h, 0.17 * h), rounded=0.01 * h)
    b.box((0, 0.68 * h, 0), (0.13 * h, 0.12 * h, 0.1 * h), rounded=0.03 * h)
    b.box((0, 0.86 * h, 0), (0.3 * h, 0.09 * h, 0.13 * h), rounded=0.01 * h)
    b.limb((0.28 * h, 0.87 * h, 0), (0.66 * h, 0.93 * h, 0), (0.1 * h, 0.02 * h))
    b.limb((-0.34 * h, 0.99 * h, -0.1 * h), (0.12 * h, 0.97 * h, 0.04 * h), (0.025 * h, 0.025 * h), wood)
    b.box((0.14 * h, 1.0 * h, 0.05 * h), (0.07 * h, 0.05 * h, 0.1 * h), turn=turned(18))
    return b.parts


def containers(*, w: float = 6.0, rows: int = 2) -> list[Part]:
    """Freight boxes of iron, stacked, each in its own colour."""
    colours = ("#a8432e", "#2f5f7a", "#c9922e", "#4f6b4a", "#7a7f84")
    b = Builder(colours[0], Skin.PLANKS)
    tall, deep = 0.42 * w, 0.4 * w
    k = 0
    for row in range(rows):
        for col in range(rows + 1 - row):
            x = (col - 0.5 * (rows - row)) * 1.02 * w
            b.box((x, (row + 0.5) * tall, 0), (0.5 * w, 0.48 * tall, 0.5 * deep), colours[k % 5])
            for post in (-0.49, 0.0, 0.49):
                b.box((x + post * w, (row + 0.5) * tall, -0.505 * deep), (0.012 * w, 0.48 * tall, 0.01 * w), "#3a3a3c", Skin.PLAIN)
            k += 1
    return b.parts


def swing(*, h: float = 2.6, wood: str = "#8a6a48") -> list[Part]:
    """A swing: two pairs of legs, a beam, a seat on two ropes."""
    b = Builder(wood, Skin.PLANKS)
    half, spread = 0.5 * h, 0.32 * h
    for x in (-half, half):
        for z in (-spread, spread):
            b.limb((1.1 * x, 0, z), (x, h, 0), (0.028 * h, 0.022 * h))
        b.limb((1.06 * x, 0.4 * h, -0.6 * spread), (1.06 * x, 0.4 * h, 0.6 * spread), (0.016 * h, 0.016 * h))
    b.limb((-1.08 * half, 0.99 * h, 0), (1.08 * half, 0.99 * h, 0), (0.026 * h, 0.026 * h))
    for x in (-0.1 * h, 0.1 * h):
        b.limb((x, 0.98 * h, 0), (x, 0.2 * h, -0.06 * h), (0.006 * h, 0.006 * h), "#d9cfb8", Skin.PLAIN)
    b.box((0, 0.2 * h, -0.06 * h), (0.13 * h, 0.012 * h, 0.06 * h), "#b8503f")
    return b.parts


def trough(*, length: float = 1.8, wood: str = "#7a5a3a", water: str = "#5f8a98") -> list[Part]:
    """A trough of planks, full of water, on two blocks."""
    b = Builder(wood, Skin.PLANKS)
    h, half, deep = 0.3 * length, 0.5 * length, 0.16 * length
    for x in (-0.34 * length, 0.34 * length):
        b.box((x, 0.2 * h, 0), (0.06 * length, 0.2 * h, 0.9 * deep))
    b.box((0, 0.45 * h, 0), (half, 0.06 * h, deep))
    for side in (-1, 1):
        b.box((0, 0.72 * h, side * deep), (half, 0.3 * h, 0.02 * length))
        b.box((side * half, 0.72 * h, 0), (0.02 * length, 0.3 * h, deep))
    b.box((0, 0.88 * h, 0), (0.97 * half, 0.02 * h, 0.94 * deep), water, Skin.PLAIN)
    return b.parts
