"""What lies about a nursery, and what is shown: toys, a ship in a bottle, somebody on a tightrope."""

from dataclasses import replace

import numpy as np

from overlay.words.things.families.living.figures import figure
from overlay.words.things.families.living.quadrupeds import quadruped
from overlay.words.things.families.moving.ships import ship
from overlay.words.things.parts import Builder, Part, Skin, moved, turned

_BRIGHT = ("#c9382e", "#e0b32e", "#3f7fb0", "#4f9a52")
_BEAR: dict[str, float | str] = {
    "h": 0.3, "long": 1.3, "chest": 0.3, "waist": 0.29, "rump": 0.3, "leg": 0.085, "thigh": 0.13, "neck": 0.14,
    "up": 16.0, "throat": 0.9, "head": 0.19, "muzzle": 0.18, "snout": 0.5, "nod": 18.0, "ear": "round", "ears": 0.1,
    "tail": 0.05, "brush": 0.05, "dark": "#c9a066", "hoof": "#2b1d14", "pose": "sit",
}  # fmt: skip


def toys(*, h: float = 0.34, bear: str = "#b8864a", ball: str = "#c9382e") -> list[Part]:
    """A bear, a ball, blocks and a small engine that lie about."""
    b = Builder(ball, Skin.PLAIN)
    scale = h / 0.34
    b.ball((-0.04, 0.1, -0.46), 0.1)
    b.parts[-1] = replace(b.parts[-1], skin=Skin.STRIPES, second="#f3eee2")
    for k, (x, y, z, turn) in enumerate(((-0.42, 0.055, -0.14, 20), (-0.29, 0.055, -0.2, -12), (-0.35, 0.165, -0.17, 36), (-0.16, 0.055, -0.3, 50))):
        cube = Builder(_BRIGHT[(k + 1) % 4])
        cube.box((0, 0, 0), (0.055, 0.055, 0.055), rounded=0.006)
        b.parts += moved(cube.parts, turned(turn), (x, y, z))
    b.parts += moved(_engine(), turned(24), (0.2, 0.0, -0.28))
    teddy = quadruped(**_BEAR, coat=bear)  # type: ignore[arg-type]
    return moved([*moved(teddy, turned(48), (-0.08, 0.0, 0.04)), *b.parts], np.eye(3), (0.0, 0.0, 0.0), scale)


def _engine() -> list[Part]:
    """A small wooden engine."""
    b = Builder("#3f7fb0", Skin.PLAIN)
    b.box((0, 0.055, 0), (0.13, 0.018, 0.045))
    b.limb((-0.02, 0.105, 0), (0.12, 0.105, 0), (0.038, 0.038), "#c9382e")
    b.box((-0.085, 0.12, 0), (0.042, 0.055, 0.045), "#e0b32e")
    b.box((-0.085, 0.18, 0), (0.055, 0.01, 0.055), "#c9382e")
    b.cone((0.085, 0.165, 0), (0.014, 0.03, 0.022), "#2b2b30")
    for x in (-0.09, 0.0, 0.09):
        for z in (-0.05, 0.05):
            b.ball((x, 0.036, z), (0.036, 0.036, 0.012), "#2b2b30")
    return b.parts


def bottled_ship(*, long: float = 0.34, glass: str = "#9fc4b8", cork: str = "#b58a58", hull: str = "#6b4a30") -> list[Part]:
    """A ship in a bottle that lies on two cradles; the glass is behind it, so that it is seen."""
    n = long
    b = Builder(glass, Skin.PLAIN)
    foot, r = 0.06 * n, 0.25 * n
    middle = foot + r
    b.box((-0.1 * n, middle, 0.05 * n), (0.36 * n, r, 0.01 * n), rounded=0.008 * n)
    b.ball((0.26 * n, middle, 0.05 * n), (0.18 * n, 0.9 * r, 0.012 * n))
    b.box((0.46 * n, middle, 0.05 * n), (0.12 * n, 0.07 * n, 0.01 * n), rounded=0.008 * n)
    b.limb((0.57 * n, middle, 0.04 * n), (0.64 * n, middle, 0.04 * n), (0.066 * n, 0.07 * n), cork)
    for y in (middle - r, middle + r):
        b.limb((-0.46 * n, y, 0.02 * n), (0.22 * n, y, 0.02 * n), (0.012 * n, 0.012 * n), "#cfe6de")
    b.limb((-0.46 * n, middle - r, 0.02 * n), (-0.46 * n, middle + r, 0.02 * n), (0.014 * n, 0.014 * n), "#cfe6de")
    for side in (1, -1):
        b.chain(
            [(0.22 * n, middle + side * r, 0.02 * n), (0.36 * n, middle + side * 0.6 * r, 0.02 * n), (0.42 * n, middle + side * 0.28 * r, 0.02 * n), (0.57 * n, middle + side * 0.26 * r, 0.02 * n)],
            [0.011 * n] * 4, "#cfe6de",
        )  # fmt: skip
    b.limb((-0.36 * n, middle + 0.8 * r, -0.03 * n), (0.1 * n, middle + 0.8 * r, -0.03 * n), (0.008 * n, 0.004 * n), "#f2faf7")
    b.box((-0.1 * n, middle - 0.78 * r, 0.03 * n), (0.33 * n, 0.16 * r, 0.02 * n), "#3f7f95", rounded=0.01 * n)
    for x in (-0.3, 0.12):
        b.box((x * n, 0.04 * n, 0.02 * n), (0.03 * n, 0.04 * n, 0.1 * n), "#7a4f30", Skin.PLANKS, rounded=0.006 * n)
    model = ship(hull=hull)
    size = 0.4 * n / 26.0
    return [*b.parts, *moved(model, turned(0), (-0.1 * n, middle - 0.8 * r, 0.0), size)]


def rope_walker(*, h: float = 1.75, high: float = 3.2, wide: float = 8.0, coat: str = "#b8322e", wood: str = "#7a5a3a") -> list[Part]:
    """Somebody on a rope between two poles, with a long stick for balance."""
    b = Builder(wood, Skin.PLANKS)
    for side in (1, -1):
        x = side * wide / 2
        b.limb((x, 0, 0), (x, high + 0.06, 0), (0.09, 0.07))
        for z in (-0.9, 0.9):
            b.limb((x + 0.5 * side, 0, z), (x, 0.9 * high, 0), (0.05, 0.04))
        b.box((x + 0.1 * side, high + 0.02, 0), (0.45, 0.04, 0.35))
    at = -0.1 * wide
    b.limb((-wide / 2, high, 0), (at, high - 0.1, 0), (0.03, 0.03), "#e6dcc2", Skin.PLAIN)
    b.limb((at, high - 0.1, 0), (wide / 2, high, 0), (0.03, 0.03), "#e6dcc2", Skin.PLAIN)
    walker = figure(h=h, coat=coat, trousers="#e9e2d2", pose="walk")
    b.parts += moved(walker, np.eye(3), (at, high - 0.07, 0.0))
    grip = high - 0.07 + 0.56 * h
    b.limb((at + 0.95 * h, grip - 0.1 * h, -0.6), (at - 0.7 * h, grip + 0.1 * h, 0.5), (0.02, 0.02), "#d9b86a", Skin.PLAIN)
    return b.parts


def juggled_balls(*, n: int = 3, c: str = "", high: float = 0.95) -> list[Part]:
    """Balls over a hand at the origin, one still in it, the others on a bow."""
    b = Builder(c or _BRIGHT[0], Skin.PLAIN)
    b.ball((0, 0.055, 0), 0.055, c or _BRIGHT[0])
    for k in range(1, n):
        a = np.pi * k / n
        at = (0.16 - 0.34 * float(np.cos(a)), high * float(np.sin(a)), -0.14 + 0.1 * (k % 2))
        b.ball(at, 0.055, c or _BRIGHT[k % len(_BRIGHT)])
    return b.parts


def paper_boat(*, w: float = 0.22, paper: str = "#f3f0e6") -> list[Part]:
    """A boat folded of one sheet of paper: two sides, and the peak between them."""
    b = Builder(paper, Skin.PLAIN)
    high, deep = 0.34 * w, 0.13 * w
    for side in (1, -1):
        z = side * deep
        bow, stern = (0.5 * w, high, 0.0), (-0.5 * w, high, 0.0)
        b.sheet([bow, stern, (-0.26 * w, 0.0, 0.5 * z), (0.26 * w, 0.0, 0.5 * z)], 0.006 * w)
        b.sheet([bow, (0.12 * w, 0.62 * high, z), (-0.12 * w, 0.62 * high, z), stern], 0.006 * w)
        b.sheet([(0.0, 0.52 * w, 0.0), (0.2 * w, 0.12 * w, 0.4 * z), (-0.2 * w, 0.12 * w, 0.4 * z)], 0.006 * w)
    return b.parts
