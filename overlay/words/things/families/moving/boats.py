"""Boats under oars, sail and steam, and the barges of the canal."""

from itertools import pairwise

import numpy as np

from overlay.words.things.parts import Builder, Part, Point, Skin


def rowing_boat(*, length: float = 4.0, hull: str = "#e8e0d0", inside: str = "#8a6a48") -> list[Part]:
    """A clinker boat with thwarts and two oars, afloat."""
    n = length
    b = Builder(hull, Skin.PLANKS)
    shell_of(b, n, 0.19 * n, 0.13 * n, 0.06 * n)
    for x in (-0.22, 0.12):
        b.box((x * n, 0.09 * n, 0), (0.03 * n, 0.008 * n, 0.16 * n), inside, Skin.PLANKS)
    for side in (1, -1):
        b.limb(
            (-0.05 * n, 0.16 * n, side * 0.17 * n),
            (0.12 * n, -0.02 * n, side * 0.5 * n),
            (0.008 * n, 0.009 * n),
            inside,
            Skin.PLAIN,
        )
        b.sheet(
            [
                (0.1 * n, 0.0, side * 0.46 * n),
                (0.16 * n, -0.05 * n, side * 0.56 * n),
                (0.1 * n, -0.05 * n, side * 0.58 * n),
            ],
            0.006 * n,
            inside,
            Skin.PLAIN,
        )
    return b.parts


def shell_of(b: Builder, length: float, half: float, high: float, sheer: float) -> None:
    """Sides, bottom and transom of an open boat that points along +x."""
    n = length
    stations = []
    for share in np.linspace(-1, 1, 9):
        x = float(share) * n / 2
        wide = half * float(np.clip(1 - max(share, 0) ** 2.4 * 1.0 - max(-share, 0) ** 2 * 0.35, 0.02, 1))
        top = high + sheer * float(share) ** 2
        stations.append((x, wide, top))
    for (x0, w0, t0), (x1, w1, t1) in pairwise(stations):
        for side in (1, -1):
            rim = [(x0, t0, side * w0), (x1, t1, side * w1)]
            bilge = [(x1, 0.25 * t1, side * 0.72 * w1), (x0, 0.25 * t0, side * 0.72 * w0)]
            b.sheet([*rim, *bilge], 0.012 * n)
            b.sheet([bilge[1], bilge[0], (x1, -0.1 * high, 0), (x0, -0.1 * high, 0)], 0.012 * n)
            b.limb(rim[0], rim[1], (0.014 * n, 0.014 * n), "#7d5a36", Skin.PLAIN)
    x, w, t = stations[0]
    b.sheet([(x, t, w), (x, t, -w), (x, 0, -0.6 * w), (x, 0, 0.6 * w)], 0.012 * n)


def sailing_boat(*, length: float = 6.0, hull: str = "#f0ece2", sail: str = "#f4ecd9", mast: str = "#8a6236") -> list[Part]:
    """A sloop under two sails that belly."""
    n = length
    b = Builder(hull)
    shell_of(b, n, 0.16 * n, 0.13 * n, 0.05 * n)
    deck = [
        (-0.46 * n, 0.12 * n, 0.1 * n),
        (0.3 * n, 0.12 * n, 0.1 * n),
        (0.46 * n, 0.15 * n, 0),
        (0.3 * n, 0.12 * n, -0.1 * n),
        (-0.46 * n, 0.12 * n, -0.1 * n),
    ]
    b.sheet(deck, 0.01 * n, "#a97d4c", Skin.PLANKS)
    b.box((0.08 * n, 0.17 * n, 0), (0.12 * n, 0.045 * n, 0.07 * n), hull, Skin.PLAIN, rounded=0.02 * n)
    b.limb((0.1 * n, 0.1 * n, 0), (0.08 * n, 1.32 * n, 0), (0.014 * n, 0.008 * n), mast, Skin.PLAIN)
    b.limb((0.1 * n, 0.24 * n, 0), (-0.44 * n, 0.25 * n, 0.03 * n), (0.011 * n, 0.009 * n), mast, Skin.PLAIN)
    _sail(b, (0.085 * n, 0.27 * n, 0), (0.08 * n, 1.28 * n, 0), (-0.43 * n, 0.28 * n, 0.03 * n), 0.09 * n, sail, n)
    _sail(b, (0.47 * n, 0.19 * n, 0), (0.09 * n, 1.05 * n, 0), (0.1 * n, 0.24 * n, 0.05 * n), 0.07 * n, sail, n)
    return b.parts


def _sail(b: Builder, tack: Point, head: Point, clew: Point, belly: float, colour: str, length: float) -> None:
    """A three-cornered sail that bellies towards +z."""
    rows = 5
    t, h, c = (np.array(p) for p in (tack, head, clew))

    def at(i: int, k: int) -> Point:
        up = i / rows
        along = k / rows
        place = t + (h - t) * up + (c - t) * (1 - up) * along
        out = belly * 4 * along * (1 - along) * (1 - up) * (0.4 + 0.6 * float(np.sin(np.pi * min(up + 0.25, 1))))
        return float(place[0]), float(place[1]), float(place[2] + out)

    for i in range(rows):
        for k in range(rows):
            b.sheet([at(i, k), at(i, k + 1), at(i + 1, k + 1), at(i + 1, k)], 0.004 * length, colour, Skin.PLAIN)


def barge(*, length: float = 12.0, hull: str = "#23536b", cabin: str = "#b9412f", roof: str = "#e7dcc3") -> list[Part]:
    """A narrow boat of the canal, long cabin and low bow."""
    n = length
    b = Builder(hull, Skin.PLAIN)
    b.box((-0.03 * n, 0.3, 0), (0.43 * n, 0.42, 0.95), rounded=0.08)
    for side in (1, -1):  # the bow's two cheeks
        b.sheet(
            [(0.38 * n, 0.72, side * 0.95), (0.52 * n, 0.95, 0.0), (0.5 * n, -0.1, 0.0), (0.38 * n, -0.1, side * 0.95)],
            0.05,
        )
        b.limb((-0.46 * n, 0.7, side * 0.95), (0.38 * n, 0.72, side * 0.95), (0.06, 0.06), "#1b3644")
        b.limb((0.38 * n, 0.74, side * 0.95), (0.52 * n, 0.96, 0.0), (0.06, 0.06), "#1b3644")
    b.sheet([(0.38 * n, 0.7, 0.9), (0.51 * n, 0.85, 0.0), (0.38 * n, 0.7, -0.9)], 0.03, "#8a6a48", Skin.PLANKS)
    b.box((-0.1 * n, 1.12, 0), (0.32 * n, 0.45, 0.76), cabin, Skin.PLAIN, rounded=0.04)
    b.box((-0.1 * n, 1.58, 0), (0.33 * n, 0.05, 0.84), roof, Skin.PLAIN)
    for x in np.linspace(-0.36 * n, 0.16 * n, 6):
        b.box((float(x), 1.2, -0.76), (0.28, 0.17, 0.03), "#e7dcc3", Skin.PLAIN, rounded=0.02)
        b.box((float(x), 1.2, -0.79), (0.22, 0.12, 0.03), "#26343f", Skin.PLAIN)
    b.limb((-0.2 * n, 1.6, 0.2), (-0.2 * n, 2.25, 0.2), (0.09, 0.1), "#2b2b2b")
    b.limb((-0.47 * n, 0.7, 0), (-0.52 * n, 1.35, 0), (0.05, 0.04), "#7d2b22")
    b.limb((-0.52 * n, 1.35, 0), (-0.42 * n, 1.5, 0), (0.04, 0.03), "#efe6d2")
    return b.parts


def steamer(*, length: float = 34.0, hull: str = "#23282e", house: str = "#efe9dc", funnel: str = "#c9532e") -> list[Part]:
    """A passenger steamer with two decks and two funnels."""
    n = length
    b = Builder(hull)
    shell_of(b, n, 0.1 * n, 0.1 * n, 0.03 * n)
    b.box((-0.02 * n, 0.1 * n, 0), (0.44 * n, 0.006 * n, 0.085 * n), "#a97d4c", Skin.PLANKS)
    b.box((-0.02 * n, 0.125 * n, 0), (0.33 * n, 0.025 * n, 0.07 * n), house, Skin.WINDOWS)
    b.box((0.02 * n, 0.17 * n, 0), (0.22 * n, 0.02 * n, 0.055 * n), house, Skin.WINDOWS)
    b.box((0.2 * n, 0.2 * n, 0), (0.04 * n, 0.02 * n, 0.05 * n), house, Skin.PLAIN)
    b.box((0.241 * n, 0.205 * n, 0), (0.003 * n, 0.01 * n, 0.045 * n), "#26343f", Skin.PLAIN)
    for x in (-0.08, 0.08):
        b.limb((x * n, 0.17 * n, 0), ((x - 0.015) * n, 0.3 * n, 0), (0.025 * n, 0.024 * n), funnel)
        b.limb(((x - 0.013) * n, 0.285 * n, 0), ((x - 0.015) * n, 0.305 * n, 0), (0.026 * n, 0.026 * n), "#1d1d1d")
    for x in (-0.36, 0.34):
        b.limb((x * n, 0.1 * n, 0), ((x - 0.01) * n, 0.36 * n, 0), (0.006 * n, 0.003 * n), "#6b4a30")
    return b.parts
