"""What stands by water and keeps it: mill wheels, water towers, drawbridges."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Skin, turned


def mill_wheel(*, h: float = 4.6, wood: str = "#6b4a30", wall: str = "#a89878") -> list[Part]:
    """A water wheel in its trough beside the wall of a mill."""
    b = Builder(wood, Skin.PLANKS)
    r = 0.46 * h
    y = 0.5 * h
    b.box((0, 0.56 * h, 0.34 * h), (0.5 * h, 0.56 * h, 0.1 * h), wall, Skin.STONE)
    b.box((0, 1.15 * h, 0.32 * h), (0.54 * h, 0.04 * h, 0.14 * h), "#7a5c48", Skin.ROOF)
    for z in (-0.13 * h, 0.13 * h):
        for radius in (r, 0.8 * r):
            b.ring((0, y, z), radius, 0.035 * r, wood, turned(0, 90))
        for k in range(8):
            a = 2 * np.pi * k / 8
            b.limb((0, y, z), (r * float(np.cos(a)), y + r * float(np.sin(a)), z), (0.03 * r, 0.026 * r))
    for k in range(16):
        a = 2 * np.pi * k / 16
        at = (0.92 * r * float(np.cos(a)), y + 0.92 * r * float(np.sin(a)), 0)
        b.box(at, (0.02 * h, 0.055 * h, 0.15 * h), turn=turned(0, 0, float(np.degrees(a)) - 62))
    b.limb((0, y, -0.2 * h), (0, y, 0.3 * h), (0.07 * r, 0.07 * r))
    b.box((-0.52 * h, 0.98 * h, 0), (0.52 * h, 0.025 * h, 0.12 * h))
    for z in (-0.12 * h, 0.12 * h):
        b.box((-0.52 * h, 1.02 * h, z), (0.52 * h, 0.04 * h, 0.012 * h))
        b.limb((-0.95 * h, 0, z), (-0.95 * h, 0.98 * h, z), (0.025 * h, 0.025 * h))
    b.box((-0.5 * h, 1.03 * h, 0), (0.5 * h, 0.02 * h, 0.1 * h), "#9fc0cc", Skin.PLAIN)
    b.limb((0.01 * h, 1.03 * h, 0), (0.09 * h, 0.93 * h, 0), (0.05 * h, 0.04 * h), "#c4dae0", Skin.PLAIN)
    return b.parts


def rope_bridge(*, w: float = 16.0, wood: str = "#8a6a44", rope: str = "#b89a66") -> list[Part]:
    """A bridge of planks that hangs from ropes between two pairs of posts."""
    b = Builder(wood, Skin.PLANKS)
    ends, deck, sag = 0.5 * w, 0.14 * w, 0.07 * w
    steps = np.linspace(-1, 1, 29)
    heights = deck - sag * (1 - steps**2)
    for share, y in zip(steps, heights, strict=True):
        b.box((0.98 * ends * float(share), float(y), 0), (0.026 * w, 0.02, 0.055 * w))
    for z in (-0.055 * w, 0.055 * w):
        for up, thick in ((0.0, 0.05), (0.07 * w, 0.06)):
            ropes = [(ends * float(s), float(y) + up, z) for s, y in zip(steps[::2], heights[::2], strict=True)]
            b.chain(ropes, [thick] * len(ropes), rope, Skin.PLAIN)
        for s, y in zip(steps[1::3], heights[1::3], strict=True):
            b.limb((ends * float(s), float(y), z), (ends * float(s), float(y) + 0.07 * w, z), (0.03, 0.03), rope, Skin.PLAIN)
        for x in (-ends, ends):
            b.limb((x, 0, z), (x, deck + 0.1 * w, z), (0.16, 0.13), wood, Skin.BARK)
    for x in (-ends, ends):
        b.lathe([(0, 0.13 * w), (0.6 * deck, 0.115 * w), (deck, 0.06 * w)], "#7d7668", Skin.STONE, at=(x * 1.12, 0, 0))
    return b.parts


def water_tower(*, h: float = 13.0, wood: str = "#8a6a48", iron: str = "#5a4636") -> list[Part]:
    """A tank of staves on a trestle, under a cone of a roof."""
    b = Builder(wood, Skin.PLANKS)
    r, deck = 0.2 * h, 0.58 * h
    b.cone((0, deck + 0.14 * h, 0), (r, 0.14 * h, 0.96 * r))
    b.cone((0, deck + 0.335 * h, 0), (1.14 * r, 0.055 * h, 0.02 * r), "#6b5a4a", Skin.ROOF)
    for share in (0.06, 0.2):
        b.ring((0, deck + share * h, 0), 1.0 * r, 0.008 * h, iron)
    b.box((0, deck - 0.012 * h, 0), (1.15 * r, 0.014 * h, 1.15 * r))
    foot = 1.25 * r
    for x in (-1, 1):
        for z in (-1, 1):
            b.limb((x * foot, 0, z * foot), (x * 0.8 * r, deck, z * 0.8 * r), (0.016 * h, 0.014 * h))
    for low, high in ((0.04, 0.3), (0.3, 0.56)):
        wide, narrow = foot - 0.45 * r * low / 0.58, foot - 0.45 * r * high / 0.58
        for z in (-1, 1):
            for side in (-1, 1):
                b.limb((side * wide, low * h, z * wide), (-side * narrow, high * h, z * narrow), (0.008 * h, 0.008 * h))
    b.limb((0.5 * r, deck, -0.9 * r), (1.3 * r, 0.36 * h, -1.1 * r), (0.014 * h, 0.014 * h), iron, Skin.PLAIN)
    return b.parts


def drawbridge(*, h: float = 9.0, wall: str = "#a39a8b", wood: str = "#7a5534") -> list[Part]:
    """A gatehouse with two round towers and its bridge let down on chains."""
    b = Builder(wall, Skin.STONE)
    r, aside = 0.19 * h, 0.44 * h
    b.box((0, 0.36 * h, 0.12 * h), (aside, 0.36 * h, 0.12 * h))
    for k in range(5):
        b.box(((k - 2) * 0.17 * h, 0.76 * h, 0.03 * h), (0.05 * h, 0.045 * h, 0.04 * h))
    for side in (-1, 1):
        b.cone((side * aside, 0.46 * h, 0.06 * h), (r, 0.46 * h, 0.96 * r))
        b.cone((side * aside, 0.95 * h, 0.06 * h), (1.1 * r, 0.04 * h, 1.1 * r))
        for k in range(8):
            a = 2 * np.pi * (k + 0.5) / 8
            b.box((side * aside + r * float(np.cos(a)), 1.03 * h, 0.06 * h + r * float(np.sin(a))), (0.045 * h, 0.04 * h, 0.045 * h))
        b.box((side * aside, 0.62 * h, 0.06 * h - r), (0.015 * h, 0.07 * h, 0.01 * h), "#26221e", Skin.PLAIN)
    wide, tall = 0.2 * h, 0.42 * h
    b.box((0, 0.5 * tall, -0.005 * h), (wide, 0.5 * tall, 0.012 * h), "#1f1b18", Skin.PLAIN)
    b.ball((0, tall, -0.005 * h), (wide, 0.6 * wide, 0.012 * h), "#1f1b18", Skin.PLAIN)
    for k in range(5):
        b.limb(((k - 2) * 0.08 * h, 0.22 * h, -0.02 * h), ((k - 2) * 0.08 * h, tall + 0.06 * h, -0.02 * h), (0.008 * h, 0.008 * h), "#4a4a4c", Skin.PLAIN)
    deck, reach = 0.03 * h, 0.62 * h
    b.box((0, deck, -0.5 * reach), (0.95 * wide, 0.018 * h, 0.5 * reach), wood, Skin.PLANKS)
    for side in (-1, 1):
        b.limb((side * 0.9 * wide, deck, -0.92 * reach), (side * wide, tall + 0.1 * h, 0), (0.01 * h, 0.01 * h), "#3a3a3c", Skin.PLAIN)
    return b.parts
