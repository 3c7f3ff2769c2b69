"""What gardeners, mowers and sailors take in their hands: cans, scythes, coils of rope."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Skin, turned


def watering_can(*, h: float = 0.36, c: str = "#6b8a94") -> list[Part]:
    """A watering can, its rose towards +x."""
    b = Builder(c, Skin.PLAIN)
    b.cone((0, 0.36 * h, 0), (0.36 * h, 0.36 * h, 0.33 * h))
    b.ring((0, 0.02 * h, 0), 0.36 * h, 0.02 * h, c)
    b.limb((0.3 * h, 0.22 * h, 0), (0.95 * h, 0.9 * h, 0), (0.07 * h, 0.04 * h))
    b.cone((1.0 * h, 0.94 * h, 0), (0.04 * h, 0.06 * h, 0.13 * h), turn=turned(0, 0, -46))
    arc = np.linspace(0.1, 0.9, 7) * np.pi
    b.chain([(-0.02 * h + 0.34 * h * float(np.cos(a)), 0.7 * h + 0.34 * h * float(np.sin(a)), 0) for a in arc], [0.03 * h] * 7)
    b.chain([(-0.34 * h, 0.62 * h, 0), (-0.58 * h, 0.5 * h, 0), (-0.35 * h, 0.2 * h, 0)], [0.03 * h] * 3)
    return b.parts


def flower_pot(*, h: float = 0.46, pot: str = "#b8603c", leaf: str = "#5a8a3e", petals: str = "#d8433a") -> list[Part]:
    """A clay pot with a plant in blossom."""
    b = Builder(pot, Skin.PLAIN)
    b.lathe([(0, 0.17 * h), (0.36 * h, 0.24 * h), (0.37 * h, 0.28 * h), (0.45 * h, 0.28 * h), (0.46 * h, 0.22 * h)])
    b.crown((0, 0.62 * h, 0), (0.34 * h, 0.24 * h, 0.32 * h), leaf)
    for k in range(9):
        a, out = 2.4 * k, 0.09 + 0.032 * k
        at = (out * float(np.cos(a)) * h, (1.0 - 0.035 * k) * h, out * float(np.sin(a)) * h)
        b.limb((0.5 * at[0], 0.62 * h, 0.5 * at[2]), at, (0.012 * h, 0.01 * h), leaf)
        b.ball(at, (0.075 * h, 0.06 * h, 0.075 * h), petals)
    return b.parts


def scythe(*, h: float = 1.65, wood: str = "#9a7248", steel: str = "#aeb4b8") -> list[Part]:
    """A scythe held upright, its blade above, to the front."""
    b = Builder(wood, Skin.BARK)
    b.chain([(0.05 * h, 0, 0), (-0.02 * h, 0.45 * h, 0), (0.03 * h, 0.97 * h, 0)], [0.013 * h, 0.014 * h, 0.013 * h])
    for y in (0.42, 0.66):
        b.limb((0, y * h, 0), (0.07 * h, y * h, -0.02 * h), (0.01 * h, 0.012 * h))
    arc = [(0.03, 0.97), (0.2, 1.0), (0.36, 0.96), (0.5, 0.86)]
    widths = [0.045, 0.04, 0.028, 0.0]
    for (p, q), wide, (r, s), thin in zip(arc[:-1], widths[:-1], arc[1:], widths[1:], strict=True):
        b.sheet([(p * h, q * h, 0), (r * h, s * h, 0), (r * h, (s - thin) * h, 0), (p * h, (q - wide) * h, 0)], 0.004 * h, steel, Skin.PLAIN)  # fmt: skip
    return b.parts


def rope_coil(*, w: float = 0.6, rope: str = "#b89a66") -> list[Part]:
    """A coil of rope whose end lies beside it."""
    b = Builder(rope, Skin.FUR)
    thick = 0.034 * w
    for k in range(5):
        b.ring((0.012 * w * (k % 2), (0.9 + 1.7 * k) * thick, 0), (0.44 - 0.03 * (k % 2)) * w, thick, rope)
        b.ring((0, (0.9 + 1.7 * k) * thick, 0), (0.36 - 0.02 * (k % 2)) * w, thick, rope)
    b.chain([(0.42 * w, thick, -0.1 * w), (0.66 * w, thick, -0.3 * w), (0.9 * w, thick, -0.2 * w)], [thick] * 3)
    return b.parts


def trellis(*, h: float = 1.6, wood: str = "#7a5c3e", leaf: str = "#5f8a34", fruit: str = "#4a2f5a", bunches: int = 5) -> list[Part]:
    """A length of vines on posts and wires, with grapes."""
    b = Builder(wood, Skin.BARK)
    wide = 1.5 * h
    for k in range(3):
        x = (k - 1) * 0.48 * wide
        b.limb((x, 0, 0), (x, h, 0), (0.03 * h, 0.026 * h))
        b.chain([(x + 0.1 * h, 0, 0), (x + 0.16 * h, 0.35 * h, 0.02 * h), (x + 0.08 * h, 0.55 * h, 0)], [0.035 * h, 0.028 * h, 0.02 * h], "#5a4632")
    for y in (0.55, 0.9):
        b.limb((-0.5 * wide, y * h, 0), (0.5 * wide, y * h, 0), (0.006 * h, 0.006 * h), "#8a8a88", Skin.PLAIN)
    for k in range(6):
        x, y = (-0.42 + 0.168 * k) * wide, (0.7 + 0.09 * (k % 3)) * h
        b.crown((x, y, 0.02 * h * (-1) ** k), (0.2 * h, 0.18 * h, 0.15 * h), leaf)
    for k in range(bunches):
        x, y = (-0.36 + 0.18 * k) * wide, (0.5 + 0.05 * (k % 2)) * h
        for at, r in (((0, 0), 0.055), ((0.03, 0.05), 0.05), ((-0.03, 0.05), 0.05), ((0.0, 0.09), 0.05)):
            b.ball((x + at[0] * h, y + at[1] * h, -0.16 * h), r * h, fruit, Skin.PLAIN)
    return b.parts


def wheelbarrow(*, c: str = "#5f7a4a", wood: str = "#8a6236") -> list[Part]:
    """A wheelbarrow with one wheel before it and two handles behind."""
    b = Builder(c, Skin.PLAIN)
    b.box((0.08, 0.5, 0), (0.4, 0.03, 0.24))
    for z in (-0.27, 0.27):
        b.box((0.08, 0.63, z), (0.47, 0.14, 0.025), turn=turned(0, -12 if z < 0 else 12))
        b.limb((0.66, 0.24, 0.4 * z), (-0.95, 0.56, z), (0.026, 0.026), wood)
        b.limb((-0.28, 0.46, 0.8 * z), (-0.34, 0.0, 0.9 * z), (0.024, 0.022), wood)
    for x, lean in ((0.5, -22), (-0.36, 14)):
        b.box((x, 0.63, 0), (0.025, 0.15, 0.27), turn=turned(0, 0, lean))
    b.ring((0.68, 0.2, 0), 0.17, 0.03, "#2b2825", turned(0, 90))
    for k in range(6):
        a = 2 * np.pi * k / 6
        b.limb((0.68, 0.2, 0), (0.68 + 0.16 * float(np.cos(a)), 0.2 + 0.16 * float(np.sin(a)), 0), (0.012, 0.012), "#8a8a88")
    return b.parts
