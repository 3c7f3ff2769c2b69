"""Machines, of this world and of later ones: robots, rockets, submarines, wheels of a fair."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Skin, moved, turned


def robot(*, h: float = 1.8, shell: str = "#9aa6ad", joint: str = "#4a5258", light: str = "#ffd070", pose: str = "") -> list[Part]:
    """A robot of boxes and joints that faces the eye a little; pose hold raises a hand."""
    b = Builder(shell)
    b.box((0, 0.6 * h, 0), (0.11 * h, 0.15 * h, 0.16 * h), rounded=0.02 * h)
    b.box((0, 0.42 * h, 0), (0.08 * h, 0.05 * h, 0.11 * h), joint, rounded=0.01 * h)
    b.box((0.01 * h, 0.87 * h, 0), (0.09 * h, 0.09 * h, 0.11 * h), rounded=0.02 * h)
    b.limb((0, 0.74 * h, 0), (0, 0.8 * h, 0), (0.04 * h, 0.04 * h), joint)
    b.limb((0, 0.96 * h, 0), (0, 1.04 * h, 0), (0.008 * h, 0.006 * h), joint)
    b.ball((0, 1.05 * h, 0), 0.018 * h, light)
    b.box((0.112 * h, 0.62 * h, 0), (0.005 * h, 0.06 * h, 0.09 * h), joint)
    for side in (1, -1):
        b.ball((0.1 * h, 0.89 * h, side * 0.045 * h), 0.024 * h, light, Skin.GLASS)
        b.ball((0, 0.7 * h, side * 0.19 * h), 0.045 * h, joint)
        raised = pose == "hold" and side > 0
        hand = (0.17 * h, 0.65 * h, 0.16 * h) if raised else (0.11 * h, 0.39 * h, side * 0.22 * h)
        b.chain([(0, 0.7 * h, side * 0.2 * h), (-0.02 * h, 0.54 * h, side * 0.23 * h), (hand[0] - 0.03 * h, hand[1] + (0.0 if raised else 0.03 * h), hand[2])], [0.03 * h, 0.034 * h, 0.03 * h])  # fmt: skip
        b.ball((-0.02 * h, 0.54 * h, side * 0.23 * h), 0.04 * h, joint)
        b.box(hand, (0.03 * h, 0.035 * h, 0.025 * h), joint)
        b.limb((0, 0.4 * h, side * 0.08 * h), (0.01 * h, 0.06 * h, side * 0.09 * h), (0.045 * h, 0.04 * h))
        b.ball((0.01 * h, 0.22 * h, side * 0.085 * h), 0.05 * h, joint)
        b.box((0.04 * h, 0.03 * h, side * 0.09 * h), (0.09 * h, 0.03 * h, 0.05 * h), joint, rounded=0.015 * h)
    return b.parts


def rocket(
    *, h: float = 20.0, c: str = "#e6e3da", fins: str = "#b8382e", fire: bool = False
) -> list[Part]:
    """A rocket on its fins, or above the fire and the smoke of its start."""
    b = Builder(c)
    b.lathe([(0.08 * h, 0.07 * h), (0.2 * h, 0.1 * h), (0.5 * h, 0.11 * h), (0.75 * h, 0.085 * h), (0.92 * h, 0.035 * h), (h, 0.002 * h)])
    b.lathe([(0.82 * h, 0.068 * h), (0.92 * h, 0.037 * h), (1.002 * h, 0.003 * h)], fins)
    b.lathe([(0.02 * h, 0.06 * h), (0.08 * h, 0.045 * h)], "#3a3d40")
    for k in range(4):
        a = np.radians(20 + 90 * k)
        x, z = np.cos(a), np.sin(a)
        b.sheet([(0.09 * h * x, 0.34 * h, 0.09 * h * z), (0.2 * h * x, 0.14 * h, 0.2 * h * z), (0.2 * h * x, 0, 0.2 * h * z), (0.07 * h * x, 0.1 * h, 0.07 * h * z)], 0.008 * h, fins)  # fmt: skip
    for y in (0.6, 0.7):
        b.cone((0, y * h, -0.098 * h), (0.028 * h, 0.008 * h, 0.028 * h), "#26343f", turn=turned(0, 90))
    return _starting(b.parts, h) if fire else b.parts


def _starting(parts: list[Part], h: float) -> list[Part]:
    b, up = Builder("#d9d4cc", Skin.PLASTER, 0.05 * h), 0.5 * h
    for k in range(14):
        a, out = 2.4 * k, (0.08 + 0.032 * k) * h
        b.ball((out * float(np.cos(a)), 0.05 * h, out * float(np.sin(a))), (0.12 - 0.004 * k) * h)
    for y, r, colour in ((0.3, 0.075, "#e2562e"), (0.36, 0.055, "#f2a03a"), (0.42, 0.035, "#fff0b0")):
        b.ball((0, y * h, 0), (r * h, 0.24 * h, r * h), colour, Skin.GLASS, 0.0)
    return [*b.parts, *moved(parts, np.eye(3), (0.0, up, 0.0))]


def saucer(*, w: float = 9.0, c: str = "#a9b2b8", dome: str = "#9fd0d8", light: str = "#ffe08a") -> list[Part]:
    """A flying disc with a dome and lamps."""
    r = w / 2
    b = Builder(c)
    b.lathe([(0, 0.3 * r), (0.1 * r, 0.62 * r), (0.2 * r, r), (0.26 * r, r), (0.36 * r, 0.6 * r), (0.42 * r, 0.34 * r)])
    b.ball((0, 0.4 * r, 0), (0.36 * r, 0.32 * r, 0.36 * r), dome, Skin.GLASS)
    for k in range(12):
        a = 2 * np.pi * k / 12
        b.ball((0.86 * r * np.cos(a), 0.17 * r, 0.86 * r * np.sin(a)), 0.05 * r, light, Skin.GLASS)
    return b.parts


def submarine(*, length: float = 12.0, c: str = "#c9a23a") -> list[Part]:
    """A submarine with a tower, portholes and a screw."""
    n = length
    b = Builder(c, Skin.PLAIN, 0.02 * n)
    y = 0.14 * n
    b.chain([(-0.46 * n, y, 0), (-0.2 * n, y, 0), (0.28 * n, y, 0), (0.42 * n, y, 0)], [0.03 * n, 0.12 * n, 0.13 * n, 0.08 * n])
    b.box((0.06 * n, y + 0.16 * n, 0), (0.09 * n, 0.07 * n, 0.04 * n), rounded=0.03 * n)
    b.chain([(0.1 * n, y + 0.2 * n, 0), (0.1 * n, y + 0.34 * n, 0), (0.15 * n, y + 0.34 * n, 0)], [0.01 * n] * 3, "#3a3d40")
    for side in (1, -1):
        b.sheet([(-0.36 * n, y, 0), (-0.47 * n, y + side * 0.13 * n, 0), (-0.5 * n, y + side * 0.12 * n, 0), (-0.46 * n, y, 0)], 0.008 * n)  # fmt: skip
        for x in (-0.1, 0.06, 0.22):
            b.cone((x * n, y + 0.02 * n, side * 0.125 * n), (0.028 * n, 0.01 * n, 0.028 * n), "#26343f", turn=turned(0, 90), blend=0.0)
    for k in range(4):
        b.box((-0.5 * n, y, 0), (0.006 * n, 0.09 * n, 0.02 * n), "#8a6a2e", turn=turned(0, 45 * k), blend=0.0)
    return b.parts


def airship(*, length: float = 40.0, c: str = "#c9b68a", fins: str = "#8a3a2a") -> list[Part]:
    """An airship with a gondola beneath."""
    n = length
    b = Builder(c, Skin.PLAIN, 0.02 * n)
    y = 0.2 * n
    b.chain([(-0.48 * n, y, 0), (-0.25 * n, y, 0), (0.2 * n, y, 0), (0.46 * n, y, 0)], [0.02 * n, 0.11 * n, 0.13 * n, 0.03 * n])
    b.box((0.04 * n, 0.045 * n, 0), (0.11 * n, 0.025 * n, 0.035 * n), "#5a4632", Skin.WINDOWS, rounded=0.01 * n)
    for k in range(4):
        turn = np.radians(45 + 90 * k)
        u, v = np.cos(turn), np.sin(turn)
        b.sheet([(-0.3 * n, y + 0.08 * n * u, 0.08 * n * v), (-0.44 * n, y + 0.15 * n * u, 0.15 * n * v), (-0.5 * n, y + 0.14 * n * u, 0.14 * n * v), (-0.46 * n, y, 0)], 0.004 * n, fins, blend=0.0)  # fmt: skip
    for x in (-0.05, 0.13):
        b.limb((x * n, 0.06 * n, 0), (x * n, 0.1 * n, 0), (0.006 * n, 0.006 * n), "#3a3028", blend=0.0)
    return b.parts


def helicopter(*, length: float = 9.0, c: str = "#c2452e") -> list[Part]:
    """A helicopter on its skids."""
    n = length
    b = Builder(c, Skin.PLAIN, 0.03 * n)
    b.ball((0.12 * n, 0.2 * n, 0), (0.2 * n, 0.12 * n, 0.11 * n))
    b.ball((0.2 * n, 0.21 * n, 0), (0.13 * n, 0.09 * n, 0.095 * n), "#2b3c48", Skin.GLASS, 0.0)
    b.limb((-0.02 * n, 0.24 * n, 0), (-0.46 * n, 0.28 * n, 0), (0.06 * n, 0.02 * n))
    b.sheet([(-0.4 * n, 0.28 * n, 0), (-0.52 * n, 0.4 * n, 0), (-0.48 * n, 0.27 * n, 0)], 0.008 * n, blend=0.0)
    b.limb((0.1 * n, 0.3 * n, 0), (0.1 * n, 0.38 * n, 0), (0.015 * n, 0.015 * n), "#3a3d40", blend=0.0)
    for a in (10, 100):
        b.box((0.1 * n, 0.385 * n, 0), (0.5 * n, 0.004 * n, 0.014 * n), "#3a3d40", turn=turned(a), blend=0.0)
    b.box((-0.5 * n, 0.3 * n, -0.02 * n), (0.008 * n, 0.08 * n, 0.004 * n), "#3a3d40", blend=0.0)
    for side in (1, -1):
        b.limb((-0.06 * n, 0.015 * n, side * 0.1 * n), (0.3 * n, 0.015 * n, side * 0.1 * n), (0.01 * n, 0.01 * n), "#3a3d40", blend=0.0)
        for x in (0.04, 0.2):
            b.limb((x * n, 0.1 * n, side * 0.06 * n), (x * n, 0.015 * n, side * 0.1 * n), (0.008 * n, 0.008 * n), "#3a3d40", blend=0.0)
    return b.parts


def motorcycle(*, length: float = 2.1, c: str = "#2f4a6b") -> list[Part]:
    """A motorcycle in profile."""
    n = length
    b = Builder(c, Skin.PLAIN, 0.01 * n)
    for x in (-0.33, 0.34):
        b.ring((x * n, 0.16 * n, 0), 0.125 * n, 0.035 * n, "#1d1e20", turned(0, 90))
        b.cone((x * n, 0.16 * n, 0), (0.09 * n, 0.012 * n, 0.09 * n), "#8f959a", turn=turned(0, 90))
    b.ball((0.04 * n, 0.38 * n, 0), (0.15 * n, 0.07 * n, 0.06 * n))
    b.limb((-0.1 * n, 0.36 * n, 0), (-0.34 * n, 0.36 * n, 0), (0.05 * n, 0.045 * n), "#2b211c")
    b.box((0.0, 0.22 * n, 0), (0.11 * n, 0.09 * n, 0.07 * n), "#7d8488", rounded=0.02 * n)
    b.limb((0.2 * n, 0.44 * n, 0), (0.34 * n, 0.16 * n, 0), (0.022 * n, 0.02 * n), "#8f959a")
    b.limb((-0.1 * n, 0.3 * n, 0), (-0.33 * n, 0.16 * n, 0), (0.022 * n, 0.02 * n), "#8f959a")
    b.limb((-0.05 * n, 0.13 * n, -0.07 * n), (-0.46 * n, 0.14 * n, -0.07 * n), (0.02 * n, 0.028 * n), "#b8bdc0")
    b.limb((0.19 * n, 0.48 * n, -0.14 * n), (0.19 * n, 0.48 * n, 0.14 * n), (0.012 * n, 0.012 * n), "#2b2b2d")
    b.ball((0.26 * n, 0.43 * n, 0), 0.045 * n, "#efe8c8", Skin.GLASS)
    return b.parts


def fair_wheel(*, h: float = 24.0, iron: str = "#b8473a", cabin: str = "#e0b83a") -> list[Part]:
    """A great wheel of a fair, with cabins."""
    b = Builder(iron)
    y, r = 0.54 * h, 0.42 * h
    for z in (0.03 * h, -0.03 * h):
        b.ring((0, y, z), r, 0.008 * h, turn=turned(0, 90))
        b.ring((0, y, z), 0.5 * r, 0.005 * h, turn=turned(0, 90))
        for x in (-0.24, 0.24):
            b.limb((0, y, 2 * z), (x * h, 0, 3 * z), (0.014 * h, 0.016 * h))
    for k in range(12):
        a = 2 * np.pi * k / 12
        x, up = r * np.cos(a), y + r * np.sin(a)
        b.limb((0, y, 0), (x, up, 0), (0.004 * h, 0.004 * h))
        b.box((x, up - 0.035 * h, 0), (0.024 * h, 0.022 * h, 0.022 * h), (cabin, "#5a8fa8", "#efe6d2")[k % 3], rounded=0.008 * h)
    return b.parts


def carousel(*, h: float = 7.0, cloth: str = "#c2452e", second: str = "#efe6d2") -> list[Part]:
    """A roundabout with its striped roof and poles."""
    b = Builder(cloth)
    r, ribs = 0.55 * h, 12
    for k in range(ribs):
        a, c = 2 * np.pi * k / ribs, 2 * np.pi * (k + 1) / ribs
        rim = [(r * np.cos(t), 0.66 * h, r * np.sin(t)) for t in (a, c)]
        b.sheet([(0, h, 0), *rim], 0.01 * h, second if k % 2 else cloth)
        b.sheet([*rim, (rim[1][0], 0.58 * h, rim[1][2]), (rim[0][0], 0.58 * h, rim[0][2])], 0.01 * h, cloth if k % 2 else second)
        x, z = 0.78 * r * np.cos(a), 0.78 * r * np.sin(a)
        b.limb((x, 0.06 * h, z), (x, 0.64 * h, z), (0.007 * h, 0.007 * h), "#d9b24a")
        lift = (0.22 + 0.06 * (k % 3)) * h
        b.limb((x - 0.07 * h * np.sin(a), lift, z + 0.07 * h * np.cos(a)), (x + 0.05 * h * np.sin(a), lift, z - 0.05 * h * np.cos(a)), (0.03 * h, 0.034 * h), "#efe9df")  # fmt: skip
        b.limb((x + 0.06 * h * np.sin(a), lift, z - 0.06 * h * np.cos(a)), (x + 0.1 * h * np.sin(a), lift + 0.07 * h, z - 0.1 * h * np.cos(a)), (0.022 * h, 0.016 * h), "#efe9df")  # fmt: skip
    b.lathe([(0, 1.02 * r), (0.06 * h, 1.0 * r)], "#8a6236", Skin.PLANKS)
    b.lathe([(0.06 * h, 0.2 * r), (0.7 * h, 0.18 * r)], second)
    b.ball((0, 1.02 * h, 0), 0.03 * h, "#d9b24a")
    return b.parts
