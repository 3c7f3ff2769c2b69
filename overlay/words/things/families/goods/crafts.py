"""What people make things with, and what they write on: wheels, harps, letters, maps, newspapers."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Skin, turned


def potters_wheel(*, wood: str = "#7a5a3c", clay: str = "#a9694a") -> list[Part]:
    """A frame with a wheel below and a pot that turns on the disc above."""
    b = Builder(wood, Skin.PLANKS)
    b.cone((0, 0.16, 0), (0.42, 0.05, 0.42), "#8a8274", Skin.STONE)
    b.limb((0, 0.1, 0), (0, 0.74, 0), (0.035, 0.035), "#5a5e64", Skin.PLAIN)
    for x in (-0.5, 0.5):
        for z in (-0.32, 0.32):
            b.limb((x, 0, z), (x, 0.66, z), (0.04, 0.04))
    b.box((0, 0.66, 0.32), (0.54, 0.03, 0.05))
    b.box((0, 0.66, -0.32), (0.54, 0.03, 0.05))
    for x in (-0.5, 0.5):
        b.box((x, 0.66, 0), (0.05, 0.03, 0.34))
    b.cone((0, 0.76, 0), (0.24, 0.02, 0.24), "#9a9184", Skin.PLAIN)
    b.lathe([(0.78, 0.1), (0.84, 0.16), (0.94, 0.17), (1.02, 0.1), (1.08, 0.12)], clay, Skin.PLAIN)
    return b.parts


def spinning_wheel(*, h: float = 1.0, wood: str = "#8a5a34") -> list[Part]:
    """A spinning wheel on three legs, its distaff with flax."""
    b = Builder(wood, Skin.PLAIN)
    r, y = 0.34 * h, 0.58 * h
    b.ring((0.12 * h, y, 0), r, 0.03 * h, wood, turned(0, 90))
    for k in range(10):
        a = 2 * np.pi * k / 10
        b.limb((0.12 * h, y, 0), (0.12 * h + r * float(np.cos(a)), y + r * float(np.sin(a)), 0), (0.014 * h, 0.014 * h))
    b.limb((-0.5 * h, 0.3 * h, 0), (0.42 * h, 0.2 * h, 0), (0.045 * h, 0.045 * h))
    for x, z in ((-0.44, 0.0), (0.36, 0.16), (0.36, -0.16)):
        b.limb((x * h, 0.26 * h, 0), (1.15 * x * h, 0, z * h), (0.026 * h, 0.02 * h))
    for z in (-0.06, 0.06):
        b.limb((0.12 * h, 0.22 * h, z * h), (0.12 * h, y, z * h), (0.022 * h, 0.022 * h))
    b.limb((-0.4 * h, 0.3 * h, 0), (-0.4 * h, 0.95 * h, 0), (0.018 * h, 0.014 * h))
    b.ball((-0.4 * h, 0.92 * h, 0), (0.08 * h, 0.15 * h, 0.08 * h), "#e3d6b0", Skin.FUR)
    return b.parts


def harp(*, h: float = 1.7, wood: str = "#b8863a") -> list[Part]:
    """A harp: a straight pillar, a neck like a wave, a body that leans, strings."""
    b = Builder(wood, Skin.PLAIN, 0.02 * h)
    b.limb((0.3 * h, 0.06 * h, 0), (0.34 * h, 0.96 * h, 0), (0.03 * h, 0.026 * h))
    b.chain([(0.34 * h, 0.98 * h, 0), (0.2 * h, 0.9 * h, 0), (0.02 * h, 0.84 * h, 0), (-0.16 * h, 0.92 * h, 0), (-0.26 * h, 0.86 * h, 0)], [0.032 * h, 0.026 * h, 0.026 * h, 0.034 * h, 0.04 * h])
    b.limb((-0.26 * h, 0.86 * h, 0), (0.24 * h, 0.06 * h, 0), (0.045 * h, 0.085 * h))
    b.box((0.26 * h, 0.025 * h, 0), (0.14 * h, 0.025 * h, 0.1 * h), rounded=0.01 * h)
    for k in range(12):
        share = (k + 0.6) / 12.5
        top = 0.3 * h - share * 0.5 * h
        low = (0.22 * h - share * 0.48 * h, 0.14 * h + share * 0.74 * h)
        b.limb((top, 0.88 * h, 0), (min(low[0] + 0.02 * h, top), low[1], 0), (0.0035 * h, 0.0035 * h), "#efe6cf", Skin.PLAIN, 0.0)
    return b.parts


def paper(*, w: float = 0.3, sheet: str = "#f2ecdd", kind: str = "letter") -> list[Part]:
    """A sheet that lies flat.

    Parameters
    ----------
    kind : letter (with an envelope and a seal), newspaper (folded, in columns) or map (with coasts).
    """
    b = Builder(sheet, Skin.PLAIN)
    y = 0.008
    tall = {"letter": 0.68, "newspaper": 0.66, "map": 0.36}[kind] * w
    b.box((0, y, 0), (0.5 * w, 0.004, tall), rounded=0.002)
    ink, top = "#4a463f", y + 0.005
    if kind == "letter":
        for k in range(7):
            reach = 0.36 - 0.16 * (k % 3 == 2)
            b.limb((-0.36 * w, top, (0.48 - 0.14 * k) * w), (reach * w, top, (0.48 - 0.14 * k) * w), (0.006 * w, 0.006 * w), ink)
        b.box((0.52 * w, 0.006, -0.3 * w), (0.42 * w, 0.005, 0.26 * w), "#e6d8b8", turn=turned(14))
        b.ball((0.54 * w, 0.014, -0.3 * w), (0.06 * w, 0.01, 0.06 * w), "#a3282a")
    elif kind == "newspaper":
        b.box((0, y + 0.012, 0.02 * w), (0.49 * w, 0.004, tall * 0.98), "#ece6d6")
        top += 0.013
        b.box((0, top, 0.54 * w), (0.4 * w, 0.002, 0.05 * w), "#2f2c28")
        b.box((-0.22 * w, top, 0.22 * w), (0.2 * w, 0.002, 0.16 * w), "#8a857a")
        for column in range(3):
            for k in range(7):
                at = (0.4 - 0.14 * k) * w
                if column == 2 or at < 0.02 * w:
                    x = (-0.3 + 0.3 * column) * w
                    b.limb((x - 0.11 * w, top, at), (x + 0.11 * w, top, at), (0.007 * w, 0.007 * w), ink)
    else:
        for x, z, rx, rz, c in ((-0.2, 0.05, 0.2, 0.14, "#b8c08a"), (0.18, -0.08, 0.2, 0.18, "#c9b47a"), (0.1, 0.2, 0.12, 0.08, "#b8c08a")):
            b.ball((x * w, y, z * w), (rx * w, 0.0075, rz * w), c)
        route = [(-0.36, -0.22), (-0.16, -0.16), (-0.02, -0.02), (0.14, 0.02), (0.3, 0.18)]
        b.chain([(p * w, top + 0.002, q * w) for p, q in route], [0.008 * w] * 5, "#a3282a")
        for side in (-1, 1):
            b.limb((side * 0.5 * w, 0.02, -tall), (side * 0.5 * w, 0.02, tall), (0.024 * w, 0.024 * w), "#d9c79a")
    return b.parts


def inkwell(*, h: float = 0.09, glass: str = "#2f4a5a", feather: str = "#e9e4d6") -> list[Part]:
    """A glass of ink with a quill that stands in it."""
    b = Builder(glass, Skin.PLAIN)
    b.lathe([(0, 0.5 * h), (0.55 * h, 0.56 * h), (0.72 * h, 0.24 * h), (h, 0.28 * h)])
    b.cone((0, h, 0), (0.22 * h, 0.012 * h, 0.22 * h), "#14161c", blend=0.0)
    return [*b.parts, *_quill(h, feather)]


def _quill(h: float, feather: str) -> list[Part]:
    b = Builder(feather, Skin.FEATHERS)
    stem = [(0.0, 0.6 * h, 0.0), (0.35 * h, 1.7 * h, 0.0), (0.9 * h, 2.9 * h, 0.0)]
    b.chain(stem, [0.035 * h, 0.03 * h, 0.015 * h], "#d9cfb4", Skin.PLAIN)
    b.sheet([(0.3 * h, 1.5 * h, 0), (0.72 * h, 1.9 * h, 0), (1.2 * h, 2.9 * h, 0), (0.95 * h, 3.15 * h, 0), (0.5 * h, 2.6 * h, 0), (0.22 * h, 1.9 * h, 0)], 0.02 * h)
    return b.parts


def quill(*, long: float = 0.24, feather: str = "#e9e4d6") -> list[Part]:
    """A goose's feather, cut to write with, that lies on its side."""
    b = Builder(feather, Skin.FEATHERS)
    n = long
    b.chain([(-0.5 * n, 0.006 * n, -0.06 * n), (0.0, 0.035 * n, 0.0), (0.46 * n, 0.05 * n, 0.1 * n)], [0.006 * n, 0.012 * n, 0.006 * n], "#d9cfb4", Skin.PLAIN)
    for side, reach in ((1, 0.09), (-1, 0.06)):
        tip = (0.5 * n, 0.055 * n, 0.11 * n)
        b.sheet([(-0.16 * n, 0.03 * n, -0.02 * n), (-0.05 * n, 0.04 * n, side * reach * n), (0.3 * n, 0.06 * n, 0.06 * n + side * reach * n), tip, (0.1 * n, 0.04 * n, 0.02 * n)], 0.008 * n)
    return b.parts


def pen(*, long: float = 0.16, c: str = "#1f3a5a", metal: str = "#c9a045") -> list[Part]:
    """A pen that lies with its cap on."""
    b = Builder(c, Skin.PLAIN)
    r = 0.045 * long
    b.limb((-0.5 * long, 1.2 * r, 0), (0.3 * long, 1.2 * r, 0.06 * long), (r, 1.15 * r))
    b.limb((0.3 * long, 1.2 * r, 0.06 * long), (0.5 * long, 1.2 * r, 0.075 * long), (0.8 * r, 0.2 * r), metal, blend=0.0)
    b.limb((-0.08 * long, 1.2 * r, 0.03 * long), (-0.04 * long, 1.2 * r, 0.033 * long), (1.25 * r, 1.25 * r), metal, blend=0.0)
    b.limb((-0.46 * long, 2.6 * r, 0), (-0.14 * long, 2.6 * r, 0.024 * long), (0.3 * r, 0.3 * r), metal, blend=0.0)
    return b.parts


def drying_net(*, w: float = 4.0, twine: str = "#b8a47a", wood: str = "#7a5c3e") -> list[Part]:
    """A fishing net hung over a pole to dry, cork floats along its edge."""
    b = Builder(twine, Skin.PLAIN)
    h = 1.7
    for x in (-0.46 * w, 0.46 * w):
        b.limb((x, 0, 0), (x, h, 0), (0.06, 0.05), wood, Skin.BARK)
    b.limb((-0.54 * w, h, 0), (0.54 * w, h, 0), (0.05, 0.045), wood, Skin.BARK)
    columns = np.linspace(-0.42, 0.42, 15) * w
    for k, x in enumerate(columns):
        low = 0.25 + 0.35 * abs(float(np.sin(1.9 * k)))
        for side in (-1, 1):
            nearby = float(columns[min(max(k + side, 0), 14)])
            b.chain([(float(x), h, -0.05), (nearby, 0.5 * (h + low), -0.16), (float(x), low, -0.2)], [0.012] * 3)
        b.ball((float(x), low, -0.2), (0.06, 0.06, 0.06), "#c98a4a")
    return b.parts


def mask(*, h: float = 0.26, c: str = "#efe6d2", trim: str = "#c9a045") -> list[Part]:
    """A mask for a ball, propped up, with ribbons."""
    b = Builder(c, Skin.PLAIN)
    y = 0.5 * h
    b.ball((0, y, 0), (0.4 * h, 0.5 * h, 0.14 * h))
    b.limb((0, 0.62 * h, -0.12 * h), (0, 0.4 * h, -0.2 * h), (0.03 * h, 0.07 * h), blend=0.04 * h)
    for side in (-1, 1):
        b.ball((side * 0.16 * h, 0.64 * h, -0.12 * h), (0.1 * h, 0.05 * h, 0.04 * h), "#1d1a18", blend=0.0)
        b.ball((side * 0.16 * h, 0.76 * h, -0.1 * h), (0.13 * h, 0.02 * h, 0.03 * h), trim, blend=0.0)
        b.limb((side * 0.38 * h, 0.56 * h, 0), (side * 0.66 * h, 0.03 * h, -0.1 * h), (0.03 * h, 0.03 * h), trim, blend=0.0)
    b.ball((0, 0.24 * h, -0.13 * h), (0.12 * h, 0.035 * h, 0.03 * h), "#a3282a", blend=0.0)
    for k in range(5):
        x = (-0.24 + 0.12 * k) * h
        b.ball((x, 0.96 * h - 0.25 * abs(x), -0.02 * h), (0.05 * h, 0.09 * h, 0.03 * h), trim, blend=0.0)
    return b.parts


def typewriter(*, c: str = "#2f3a34", paper: str = "#f2ecdf") -> list[Part]:
    """A typewriter, its keys towards the eye in four rows, a sheet on its roller."""
    b = Builder(c, Skin.PLAIN, 0.01)
    b.box((0, 0.045, 0.04), (0.17, 0.04, 0.13), rounded=0.015)
    b.box((0, 0.12, 0.1), (0.165, 0.06, 0.075), rounded=0.03)
    b.box((0, 0.15, 0.03), (0.07, 0.025, 0.04), "#4a4f4c", rounded=0.01)
    for row in range(4):
        y, z = 0.07 + 0.017 * row, -0.13 + 0.034 * row
        for k in range(9):
            x = 0.033 * (k - 4) + 0.008 * (row % 2)
            b.limb((x, 0.05, z + 0.02), (x, y, z), (0.004, 0.004), "#8d9294", Skin.PLAIN, 0.0)
            b.cone((x, y, z), (0.0135, 0.004, 0.0135), "#e6e0d2", Skin.PLAIN, turned(0, 14), 0.0)
    b.box((0, 0.055, -0.15), (0.08, 0.006, 0.012), "#1f2422", Skin.PLAIN, turned(0, 14), 0.0)
    b.limb((-0.19, 0.2, 0.1), (0.19, 0.2, 0.1), (0.024, 0.024), "#23282a", Skin.PLAIN, 0.0)
    for side in (1, -1):
        b.limb((side * 0.19, 0.2, 0.1), (side * 0.225, 0.2, 0.1), (0.017, 0.017), "#6d7374", Skin.PLAIN, 0.0)
    b.limb((-0.21, 0.21, 0.08), (-0.25, 0.25, 0.02), (0.006, 0.005), "#b8bcbb", Skin.PLAIN, 0.0)
    b.sheet([(-0.105, 0.2, 0.12), (0.105, 0.2, 0.12), (0.105, 0.4, 0.17), (-0.105, 0.4, 0.17)], 0.002, paper, Skin.PLAIN, 0.0)
    for k in range(3):
        b.box((-0.01, 0.37 - 0.028 * k, 0.161 - 0.007 * k), (0.075 - 0.012 * (k % 2), 0.0035, 0.002), "#6b6b6b", Skin.PLAIN, turned(0, -14), 0.0)
    return b.parts
