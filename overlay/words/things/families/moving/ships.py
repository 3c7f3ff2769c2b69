"""Ships with masts, and narrow boats under paddles: galleons, longships, canoes, gondolas, tugs."""

from itertools import pairwise

import numpy as np

from overlay.words.things.families.moving.boats import shell_of
from overlay.words.things.parts import Builder, Part, Skin, moved, turned


def ship(*, length: float = 26.0, hull: str = "#6b4a30", sail: str = "#e9dfc6", trim: str = "#c9a24a", masts: int = 3, castle: float = 0.1, flag: str = "#a8322a", bare: bool = False) -> list[Part]:
    """A tall ship under square sails.

    Parameters
    ----------
    castle : height of the stern over the deck, in lengths. bare : without sails.
    """
    n = length
    b = Builder(hull, Skin.PLANKS)
    shell_of(b, n, 0.13 * n, 0.13 * n, 0.05 * n)
    b.box((0, 0.11 * n, 0), (0.42 * n, 0.008 * n, 0.1 * n), "#a97d4c")
    b.box((-0.38 * n, 0.14 * n + castle * n / 2, 0), (0.12 * n, castle * n / 2 + 0.02 * n, 0.11 * n), rounded=0.01 * n)
    for z in (0.114 * n, -0.114 * n):
        b.limb((-0.5 * n, 0.15 * n + castle * n, z), (-0.26 * n, 0.15 * n + castle * n, z), (0.01 * n, 0.01 * n), trim, Skin.PLAIN)
        for x in (-0.45, -0.38, -0.31):
            b.box((x * n, 0.15 * n + 0.45 * castle * n, z), (0.018 * n, 0.022 * n, 0.006 * n), "#26343f", Skin.PLAIN)
    b.limb((0.42 * n, 0.16 * n, 0), (0.72 * n, 0.27 * n, 0), (0.014 * n, 0.006 * n), "#8a6236", Skin.PLAIN)
    places = np.linspace(-0.3, 0.28, masts) if masts > 1 else [0.0]
    for k, x in enumerate(float(v) * n for v in places):
        tall = (0.86 if k == masts // 2 else 0.72) * n
        b.limb((x, 0.1 * n, 0), (x, tall, 0), (0.015 * n, 0.006 * n), "#8a6236", Skin.PLAIN)
        for y0, y1, wide in () if bare else ((0.27, 0.47, 0.15), (0.5, 0.66, 0.12), (0.69, 0.8, 0.08)):
            low, high = y0 * tall + 0.04 * n, y1 * tall + 0.06 * n
            _square_sail(b, x, low, high, wide * n, sail, n)
        b.sheet([(x, tall, 0), (x - 0.12 * n, tall - 0.02 * n, 0), (x, tall - 0.045 * n, 0)], 0.003 * n, flag, Skin.PLAIN)
    if not bare:
        b.sheet([(0.7 * n, 0.27 * n, 0), (0.34 * n, 0.6 * n, 0.01 * n), (0.36 * n, 0.22 * n, 0.04 * n)], 0.004 * n, sail, Skin.PLAIN)
    return b.parts


def _square_sail(b: Builder, x: float, low: float, high: float, wide: float, colour: str, n: float) -> None:
    """A sail across the ship that bellies forward, seen a little from its side."""
    b.limb((x, high, -wide), (x, high, wide), (0.007 * n, 0.007 * n), "#8a6236", Skin.PLAIN)
    rows = 4
    for u, v in pairwise(np.linspace(0, 1, rows + 1)):
        for z0, z1 in pairwise(np.linspace(-1, 1, 5)):
            out = [(0.05 + 0.45 * wide * 4 * t * (1 - 0.55 * t) * (1 - 0.35 * z * z) * 0.5) for t, z in ((u, z0), (u, z1), (v, z1), (v, z0))]
            points = [(x + o, high - (high - low) * t, z * wide * (1 - 0.06 * (1 - t))) for o, (t, z) in zip(out, ((u, z0), (u, z1), (v, z1), (v, z0)), strict=True)]
            b.sheet([(float(p), float(q), float(r)) for p, q, r in points], 0.004 * n, colour, Skin.PLAIN)


def wreck(*, length: float = 20.0, hull: str = "#5a4636", heel: float = 24.0) -> list[Part]:
    """A ship run aground: heeled over, its masts bare, one broken, its side stove in."""
    whole = ship(length=length, hull=hull, masts=2, castle=0.1, trim="#6b5a44", flag="#7a6a58", bare=True)
    n = length
    b = Builder("#17120e", Skin.PLAIN)
    for x, y, r in ((0.12, 0.05, 0.05), (0.2, 0.07, 0.035), (-0.08, 0.06, 0.03)):
        b.ball((x * n, y * n, -0.12 * n), (r * n, 0.7 * r * n, 0.02 * n), blend=0.0)
    b.limb((0.3 * n, 0.18 * n, -0.05 * n), (0.02 * n, 0.4 * n, -0.2 * n), (0.012 * n, 0.006 * n), "#8a6236")
    return moved([*whole, *b.parts], turned(0, -heel, 5), (0.0, -0.02 * n, 0.0))


def longship(*, length: float = 18.0, hull: str = "#6b4426", sail: str = "#c2452e", second: str = "#efe6d2", shields: bool = True) -> list[Part]:
    """A longship with a striped sail, shields and a raised prow."""
    n = length
    b = Builder(hull, Skin.PLANKS)
    shell_of(b, n, 0.1 * n, 0.08 * n, 0.09 * n)
    for end in (1, -1):
        points = [(end * 0.47 * n, 0.15 * n, 0.0), (end * 0.56 * n, 0.3 * n, 0.0), (end * 0.54 * n, 0.42 * n, 0.0), (end * 0.6 * n, 0.45 * n, 0.0)]
        b.chain(points[: 4 if end > 0 else 3], [0.02 * n, 0.018 * n, 0.02 * n, 0.01 * n][: 4 if end > 0 else 3], skin=Skin.PLAIN)
    b.limb((0, 0.05 * n, 0), (0, 0.62 * n, 0), (0.013 * n, 0.008 * n), "#8a6236", Skin.PLAIN)
    b.limb((0, 0.58 * n, -0.22 * n), (0, 0.58 * n, 0.22 * n), (0.008 * n, 0.008 * n), "#8a6236", Skin.PLAIN)
    for k in range(7):
        z0, z1 = ((-0.22 + 0.0629 * j) * n for j in (k, k + 1))
        for (y0, o0), (y1, o1) in pairwise([(0.57, 0.01), (0.46, 0.09), (0.32, 0.12), (0.22, 0.08)]):
            b.sheet([(o0 * n, y0 * n, z0), (o0 * n, y0 * n, z1), (o1 * n, y1 * n, z1), (o1 * n, y1 * n, z0)], 0.004 * n, second if k % 2 else sail, Skin.PLAIN)
    for k in range(8) if shields else ():
        x = (-0.3 + 0.085 * k) * n
        for side in (1, -1):
            b.ball((x, 0.1 * n, side * 0.1 * n), (0.035 * n, 0.035 * n, 0.008 * n), ("#b8382e", "#d9b24a", "#2f5a6b")[k % 3], Skin.PLAIN)
    return b.parts


def canoe(*, length: float = 4.5, hull: str = "#a8622e", paddle: str = "#c9a878", high: float = 0.06, prow: float = 0.0) -> list[Part]:
    """A canoe with its paddle, a kayak, or with a raised prow a gondola."""
    n = length
    b = Builder(hull, Skin.PLANKS if not prow else Skin.PLAIN)
    shell_of(b, n, 0.09 * n, high * n, 0.05 * n)
    b.limb((-0.2 * n, 0.12 * n, -0.1 * n), (0.2 * n, 0.06 * n, -0.12 * n), (0.007 * n, 0.007 * n), paddle, Skin.PLAIN)
    b.ball((0.24 * n, 0.055 * n, -0.12 * n), (0.05 * n, 0.008 * n, 0.02 * n), paddle, Skin.PLAIN)
    if prow:
        b.chain([(0.47 * n, 0.12 * n, 0), (0.54 * n, 0.2 * n, 0), (0.54 * n, (0.2 + prow) * n, 0), (0.58 * n, (0.22 + prow) * n, 0)], [0.014 * n, 0.012 * n, 0.01 * n, 0.012 * n], "#b8bdc0", Skin.PLAIN)
        b.chain([(-0.47 * n, 0.12 * n, 0), (-0.54 * n, 0.19 * n, 0)], [0.014 * n, 0.008 * n], skin=Skin.PLAIN)
        b.box((0.05 * n, 0.085 * n, 0), (0.05 * n, 0.03 * n, 0.06 * n), "#a8322a", Skin.PLAIN, rounded=0.015 * n)
    return b.parts


def tug(*, length: float = 14.0, hull: str = "#2f3a44", house: str = "#e9dfc6", funnel: str = "#b8382e", nets: bool = False) -> list[Part]:
    """A tug, or a trawler with its gallows."""
    n = length
    b = Builder(hull)
    shell_of(b, n, 0.16 * n, 0.13 * n, 0.07 * n)
    b.box((0, 0.11 * n, 0), (0.42 * n, 0.01 * n, 0.13 * n), "#a97d4c", Skin.PLANKS)
    b.box((0.1 * n, 0.2 * n, 0), (0.12 * n, 0.09 * n, 0.09 * n), house, Skin.PLAIN)
    b.box((0.12 * n, 0.33 * n, 0), (0.08 * n, 0.05 * n, 0.075 * n), house, Skin.WINDOWS)
    b.box((0.12 * n, 0.39 * n, 0), (0.1 * n, 0.01 * n, 0.09 * n), hull)
    b.limb((-0.08 * n, 0.16 * n, 0), (-0.09 * n, 0.44 * n, 0), (0.055 * n, 0.05 * n), funnel)
    b.limb((-0.09 * n, 0.42 * n, 0), (-0.09 * n, 0.46 * n, 0), (0.053 * n, 0.053 * n), "#1d1d1d")
    b.limb((0.14 * n, 0.4 * n, 0), (0.14 * n, 0.66 * n, 0), (0.01 * n, 0.006 * n), "#6b4a30")
    if nets:
        for z in (0.08 * n, -0.08 * n):
            b.limb((-0.36 * n, 0.12 * n, z), (-0.36 * n, 0.4 * n, z), (0.012 * n, 0.012 * n), "#8a8f93")
        b.limb((-0.36 * n, 0.4 * n, 0.08 * n), (-0.36 * n, 0.4 * n, -0.08 * n), (0.012 * n, 0.012 * n), "#8a8f93")
        b.ball((-0.26 * n, 0.15 * n, 0), (0.08 * n, 0.04 * n, 0.08 * n), "#5f7a5a", Skin.FUR)
    for k in range(5):
        x = (-0.34 + 0.17 * k) * n
        b.ring((x, 0.1 * n, -0.155 * n), 0.026 * n, 0.012 * n, "#1b1c1e", None)
    return b.parts


def buoy(*, h: float = 1.8, c: str = "#b8382e", second: str = "#efe6d2") -> list[Part]:
    """A buoy that rides on the water."""
    b = Builder(c)
    b.lathe([(0, 0.3 * h), (0.12 * h, 0.34 * h), (0.26 * h, 0.3 * h)])
    b.lathe([(0.26 * h, 0.24 * h), (0.5 * h, 0.16 * h)], second)
    b.lathe([(0.5 * h, 0.16 * h), (0.76 * h, 0.07 * h)])
    b.ball((0, 0.86 * h, 0), 0.09 * h, second)
    return b.parts
