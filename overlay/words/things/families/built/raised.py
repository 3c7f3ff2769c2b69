"""What stands on posts or in branches: a jetty, a bandstand, lanterns on a line, a house in a tree."""

import numpy as np

from overlay.words.things.families.living.trees import tree
from overlay.words.things.parts import Builder, Part, Skin, turned


def roof_ridge(*, w: float = 5.0, roof: str = "#9a4f3a", wall: str = "#c9b79a", brick: str = "#9a5f48") -> list[Part]:
    """The upper part of a house: its roof along the picture, a ridge to walk on, a chimney."""
    b = Builder(roof, Skin.ROOF)
    tall, half = 1.7, 0.5 * w
    b.box((0, 0.2, 0), (half - 0.15, 0.2, 1.5), wall, Skin.PLASTER)
    b.gable((0, 0.4 + 0.5 * tall, 0), (1.75, 0.5 * tall, half), turn=turned(90))
    b.limb((-half, 0.4 + tall - 0.02, 0), (half, 0.4 + tall - 0.02, 0), (0.09, 0.09), brick, Skin.PLAIN)
    x = 0.36 * w
    b.box((x, 0.4 + tall + 0.1, 0.12), (0.3, 0.65, 0.3), brick, Skin.BRICK)
    b.box((x, 0.4 + tall + 0.78, 0.12), (0.36, 0.06, 0.36), "#8d857a", Skin.PLASTER)
    for z in (-0.02, 0.26):
        b.cone((x, 0.4 + tall + 0.97, z), (0.1, 0.13, 0.08), "#b8654a", Skin.PLAIN)
    return b.parts


def jetty(*, length: float = 9.0, wide: float = 1.7, wood: str = "#8a6f52") -> list[Part]:
    """A walk of boards on posts, along x, with a mooring post at each corner."""
    b = Builder(wood, Skin.PLANKS)
    deck, count = 0.75, round(length / 0.3)
    for k in range(count):
        x = (k + 0.5) * length / count - length / 2
        b.box((x, deck, 0), (0.46 * length / count, 0.03, wide / 2), blend=0.0)
    for side in (-1, 1):
        z = side * 0.44 * wide
        b.box((0, deck - 0.08, z), (length / 2, 0.05, 0.05), "#5f4a36")
        for k in range(5):
            x = (k / 4 - 0.5) * 0.94 * length
            top = deck + 0.45 if k in (0, 4) else deck
            b.limb((x, 0, z), (x, top, z), (0.08, 0.08), "#5f4a36", Skin.BARK, 0.0)
    return b.parts


def treehouse(*, h: float = 8.0, wall: str = "#8a6442", roof: str = "#6b4a34", leaf: str = "#5d7d33", leafless: bool = False, seed: int = 0) -> list[Part]:  # fmt: skip
    """A cabin with a deck between the branches of a tree, a ladder up to it."""
    parts = tree(h=h, trunk=0.055, bare=0.42, wide=1.15, leaf=leaf, leafless=leafless, seed=seed)
    b = Builder(wall, Skin.PLANKS)
    low, out = 0.42 * h, -0.16 * h  # before the trunk, where it is seen
    b.box((0, low, out), (0.2 * h, 0.012 * h, 0.14 * h), "#7a5a3c")
    b.box((0, low + 0.11 * h, out + 0.02 * h), (0.13 * h, 0.1 * h, 0.09 * h))
    b.gable((0, low + 0.21 * h, out + 0.02 * h), (0.16 * h, 0.075 * h, 0.11 * h), roof)
    b.box((-0.05 * h, low + 0.1 * h, out - 0.072 * h), (0.03 * h, 0.085 * h, 0.004 * h), "#4a3424")
    b.box((0.05 * h, low + 0.12 * h, out - 0.072 * h), (0.03 * h, 0.032 * h, 0.004 * h), "#f2d58a", Skin.PLAIN)
    for x in (-0.19 * h, 0.19 * h):
        b.limb((x, low - 0.01 * h, out - 0.1 * h), (0.15 * x, 0.26 * h, 0), (0.012 * h, 0.016 * h), "#5b4632")
        b.limb((x, low, out - 0.13 * h), (x, low + 0.07 * h, out - 0.13 * h), (0.008 * h, 0.008 * h), "#5b4632")
    b.limb((-0.19 * h, low + 0.07 * h, out - 0.13 * h), (0.19 * h, low + 0.07 * h, out - 0.13 * h), (0.007 * h, 0.007 * h), "#5b4632")  # fmt: skip
    for x in (0.1 * h, 0.15 * h):
        b.limb((x, 0, out - 0.2 * h), (x, low, out - 0.14 * h), (0.007 * h, 0.007 * h), "#a07a4e", Skin.PLAIN)
    for k in range(9):
        y = (k + 0.6) / 9.6
        z = out - 0.2 * h + 0.06 * h * y
        b.limb((0.1 * h, y * low, z), (0.15 * h, y * low, z), (0.006 * h, 0.006 * h), "#a07a4e", Skin.PLAIN)
    return [*parts, *b.parts]


def bandstand(*, w: float = 7.0, wood: str = "#efe9dc", roof: str = "#3f6f6a", stone: str = "#b1a592") -> list[Part]:
    """A bandstand: a round floor with steps, railings, slender columns and a roof like a bell."""
    b = Builder(wood, Skin.PLAIN)
    r, floor, eaves = 0.44 * w, 0.9, 4.1
    b.cone((0, floor / 2, 0), (0.5 * w, floor / 2, 0.5 * w), stone, Skin.STONE)
    for k in range(3):
        b.box((0, 0.15 * (3 - k), -0.5 * w - 0.3 * k), (1.1, 0.15 * (3 - k), 0.35), stone, Skin.STONE)
    for k in range(10):
        a = 2 * np.pi * (k + 0.5) / 10
        x, z = r * float(np.cos(a)), r * float(np.sin(a))
        b.limb((x, floor, z), (x, eaves, z), (0.1, 0.09))
        b.ball((x, eaves - 0.3, z), 0.17)
    b.ring((0, floor + 0.95, 0), r, 0.05)
    for k in range(44):
        a = 2 * np.pi * k / 44
        if abs(a - 1.5 * np.pi) > 0.3:  # open where the steps are
            x, z = r * float(np.cos(a)), r * float(np.sin(a))
            b.limb((x, floor, z), (x, floor + 0.95, z), (0.03, 0.03))
    b.cone((0, eaves + 0.05, 0), (0.53 * w, 0.16, 0.53 * w))
    b.lathe([(eaves + 0.2, 0.55 * w), (eaves + 0.7, 0.4 * w), (eaves + 1.5, 0.22 * w), (eaves + 2.3, 0.08 * w), (eaves + 2.6, 0.02 * w)], roof, Skin.ROOF)
    b.ball((0, eaves + 2.7, 0), 0.18, "#c9a24a")
    return b.parts


def lantern_line(*, w: float = 5.0, h: float = 3.4, paper: str = "#e2562e", second: str = "#f0c95a", wood: str = "#5f4a36") -> list[Part]:  # fmt: skip
    """Paper lanterns that glow on a line between two poles."""
    b = Builder(wood, Skin.BARK)
    for side in (1, -1):
        b.limb((side * 0.5 * w, 0, 0), (side * 0.5 * w, h, 0), (0.06, 0.045))
    xs = np.linspace(-0.5, 0.5, 15)
    line = [(float(x) * w, h - 0.1 - 0.16 * h * float(1 - 4 * x * x), 0.0) for x in xs]
    b.chain(line, [0.014] * 15, "#3a332c", Skin.PLAIN)
    for k, (x, y, _) in enumerate(line[1::2]):
        b.limb((x, y, 0), (x, y - 0.12, 0), (0.01, 0.01), "#3a332c", Skin.PLAIN)
        b.ball((x, y - 0.34, 0), (0.19, 0.23, 0.19), second if k % 2 else paper, Skin.GLASS)
        for end in (-0.12, -0.56):
            b.cone((x, y + end, 0), (0.08, 0.025, 0.08), "#3a332c", Skin.PLAIN)
    return b.parts
