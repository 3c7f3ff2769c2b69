"""What holds, hangs or weighs: bird cages, curtains, scales, bellows, window sills, cushions, cannons."""

import numpy as np

from overlay.words.things.families.moving.vehicles import rolling_wheel
from overlay.words.things.parts import Builder, Part, Skin, turned

_BRASS = "#c9a045"


def birdcage(*, h: float = 0.5, metal: str = _BRASS, bird: str = "#e6c23a") -> list[Part]:
    """A domed cage with a small bird on its perch, empty without a colour for that."""
    b = Builder(metal)
    r, rim = 0.3 * h, 0.55 * h
    b.cone((0, 0.04 * h, 0), (1.06 * r, 0.04 * h, 1.06 * r), "#7a5c3a", Skin.PLANKS)
    for k in range(20):
        a = 2 * np.pi * k / 20
        x, z = float(np.cos(a)), float(np.sin(a))
        points = [(r * x, 0.07 * h, r * z), (r * x, rim, r * z), (0.8 * r * x, rim + 0.17 * h, 0.8 * r * z), (0.42 * r * x, rim + 0.27 * h, 0.42 * r * z), (0.0, rim + 0.31 * h, 0.0)]
        b.chain(points, [0.007 * h] * 5)
    for y in (0.08, 0.3, 0.55):
        b.ring((0, y * h, 0), r, 0.011 * h)
    b.ring((0, 0.93 * h, 0), 0.055 * h, 0.012 * h, turn=turned(0, 90))
    b.limb((-r, 0.26 * h, 0), (r, 0.26 * h, 0), (0.01 * h, 0.01 * h), "#7a5c3a")
    if bird:
        b.ball((0.02 * h, 0.35 * h, 0), (0.09 * h, 0.075 * h, 0.06 * h), bird, Skin.FEATHERS)
        b.ball((0.09 * h, 0.42 * h, 0), 0.05 * h, bird, Skin.FEATHERS)
        b.limb((0.13 * h, 0.42 * h, 0), (0.165 * h, 0.41 * h, 0), (0.016 * h, 0.004 * h), "#d97a2a")
        b.limb((-0.05 * h, 0.34 * h, 0), (-0.16 * h, 0.28 * h, 0), (0.03 * h, 0.02 * h), bird, Skin.FEATHERS)
    return b.parts


def curtains(*, w: float = 2.2, h: float = 2.4, cloth: str = "#8a2a34") -> list[Part]:
    """A pair of curtains on a rod, drawn to the sides and tied."""
    b = Builder(cloth, Skin.PLASTER, 0.02)
    b.limb((-0.55 * w, h, 0), (0.55 * w, h, 0), (0.03, 0.03), _BRASS, Skin.PLAIN, 0.0)
    for side in (1, -1):
        b.ball((0.57 * side * w, h, 0), 0.06, _BRASS, Skin.PLAIN, 0.0)
        for k in range(7):
            top, tied = 0.52 - 0.07 * k, 0.49 - 0.026 * k
            foot, z = 0.5 - 0.04 * k, 0.04 * (-1) ** k
            points = [(side * top * w, h - 0.05, z), (side * tied * w, 0.42 * h, z), (side * foot * w, 0.03, z)]
            b.chain(points, [0.036 * w, 0.024 * w, 0.03 * w])
        b.limb((side * 0.51 * w, 0.43 * h, -0.07), (side * 0.32 * w, 0.41 * h, -0.07), (0.035, 0.035), _BRASS, Skin.PLAIN, 0.0)
    return b.parts


def balance(*, h: float = 0.45, metal: str = _BRASS) -> list[Part]:
    """Scales: a beam on a column, two pans on chains."""
    b = Builder(metal)
    b.lathe([(0, 0.24 * h), (0.05 * h, 0.22 * h), (0.09 * h, 0.06 * h), (0.2 * h, 0.03 * h), (0.95 * h, 0.025 * h)])
    b.ball((0, 0.99 * h, 0), 0.045 * h)
    for side, y in ((1, 0.9), (-1, 0.96)):
        end = (0.46 * side * h, y * h, 0.0)
        b.limb((0, 0.93 * h, 0), end, (0.022 * h, 0.014 * h))
        for k in range(3):
            a = 2 * np.pi * k / 3 + 0.4
            rim = (end[0] + 0.19 * h * float(np.cos(a)), (y - 0.5) * h, 0.19 * h * float(np.sin(a)))
            b.limb(end, rim, (0.006 * h, 0.006 * h))
        b.hull((end[0], (y - 0.5) * h, 0), (0.2 * h, 0.09 * h, 0.2 * h))
    return b.parts


def accordion(*, w: float = 0.42, c: str = "#a3242c", bellows: str = "#26211f") -> list[Part]:
    """An accordion drawn out: bellows between keys and buttons."""
    b = Builder(bellows)
    for k in range(13):
        x = (-0.26 + 0.043 * k) * w
        tall = 0.33 if k % 2 else 0.38
        b.box((x, 0.42 * w, 0), (0.012 * w, tall * w, (tall - 0.16) * w))
    for side in (1, -1):
        b.box((0.38 * side * w, 0.42 * w, 0), (0.1 * w, 0.42 * w, 0.24 * w), c, rounded=0.03 * w)
        b.box((0.38 * side * w, 0.42 * w, -0.24 * w), (0.07 * w, 0.3 * w, 0.012 * w), "#d9b45a", Skin.LATTICE)
    for k in range(13):
        b.box((0.5 * w, (0.08 + 0.056 * k) * w, -0.06 * w), (0.03 * w, 0.025 * w, 0.15 * w), "#f4eee0")
    for k in range(21):
        b.ball((-0.49 * w, (0.16 + 0.08 * (k % 7)) * w, (-0.1 + 0.1 * (k // 7)) * w), 0.02 * w, "#f4eee0")
    return b.parts


def window_sill(
    *, w: float = 2.2, wood: str = "#e6dcc8", wall: str = "#c9bda6", moon: bool = False
) -> list[Part]:
    """A window with a broad sill that things stand on, the wall below it, and a moon outside."""
    b = Builder(wood, Skin.PLANKS)
    sill, top = 0.8, 2.2
    b.box((0, 0.4, 0.12), (0.5 * w, 0.4, 0.12), wall, Skin.PLASTER)
    b.box((0, sill, -0.12), (0.54 * w, 0.035, 0.36), "#d9ccb0")
    b.box((0, (sill + top) / 2, 0.2), (0.47 * w, (top - sill) / 2, 0.01), "#b9d3e4", Skin.PLAIN)
    for x in (-0.48, 0.0, 0.48):
        b.box((x * w, (sill + top) / 2, 0.17), (0.04, (top - sill) / 2, 0.05), skin=Skin.PLAIN)
    if moon:
        b.ball((0.24 * w, top - 0.36, 0.19), (0.17, 0.17, 0.004), "#fffbe6", Skin.GLASS)
    for y in (sill + 0.05, (sill + top) / 2 + 0.1, top):
        b.box((0, y, 0.17), (0.5 * w, 0.04, 0.05), skin=Skin.PLAIN)
    return b.parts


def cushion(*, w: float = 0.5, cloth: str = "#b8503a", cord: str = "#e0c27a") -> list[Part]:
    """A cushion with a cord at its seam and tassels."""
    b = Builder(cloth, Skin.PLASTER, 0.1 * w)
    b.ball((0, 0.17 * w, 0), (0.5 * w, 0.17 * w, 0.4 * w))
    corners = [(x * 0.46 * w, 0.15 * w, z * 0.36 * w) for x, z in ((-1, -1), (1, -1), (1, 1), (-1, 1))]
    for k, corner in enumerate(corners):
        b.ball(corner, (0.09 * w, 0.07 * w, 0.09 * w))
        after = corners[(k + 1) % 4]
        b.limb(corner, after, (0.015 * w, 0.015 * w), cord, Skin.PLAIN, 0.0)
        b.limb(corner, (1.16 * corner[0], 0.04 * w, 1.16 * corner[2]), (0.02 * w, 0.035 * w), cord, Skin.FUR, 0.0)
    return b.parts


def cannon(*, long: float = 2.6, iron: str = "#33373a", wood: str = "#6b4a2c") -> list[Part]:
    """A cannon on its carriage, pointed along +x, with a heap of balls."""
    b = Builder(iron)
    n, up = long, turned(0, 0, 7)
    for x, r, half in ((-0.18, 0.13, 0.2), (0.2, 0.105, 0.2), (0.55, 0.085, 0.18), (0.74, 0.105, 0.025), (-0.39, 0.145, 0.03)):
        p = up @ np.array([x * n, 0.0, 0.0])
        b.cone((float(p[0]), 0.36 * n + float(p[1]), 0), (r * n, half * n, 0.93 * r * n), turn=turned(0, 0, -83))
    p = up @ np.array([-0.47 * n, 0.0, 0.0])
    b.ball((float(p[0]), 0.36 * n + float(p[1]), 0), 0.055 * n)
    p = up @ np.array([0.765 * n, 0.0, 0.0])
    b.ball((float(p[0]), 0.36 * n + float(p[1]), 0), (0.012 * n, 0.05 * n, 0.05 * n), "#121314")
    for z in (0.17, -0.17):
        b.limb((0.1 * n, 0.3 * n, z * n), (-0.75 * n, 0.05 * n, 0.5 * z * n), (0.05 * n, 0.045 * n), wood, Skin.PLANKS)
        rolling_wheel(b, (0.02 * n, 0.27 * n, 1.35 * z * n), 0.27 * n, wood, 12, 0.03 * n)
    for k, (x, y, z) in enumerate(((0.75, 0, -0.3), (0.93, 0, -0.3), (1.11, 0, -0.3), (0.84, 1, -0.3), (1.02, 1, -0.3), (0.93, 2, -0.3))):
        b.ball((x * n, (0.085 + 0.15 * y) * n, z * n + 0.001 * k), 0.09 * n, "#26282a")
    return b.parts
