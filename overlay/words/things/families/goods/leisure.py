"""What people play and rest with: toy balloons, maypoles, rocking horses, sledges, rods, hammocks."""

from itertools import pairwise

import numpy as np

from overlay.words.things.families.living.quadrupeds import quadruped
from overlay.words.things.parts import Builder, Part, Skin, moved

_BRIGHT = ("#c9382e", "#e0b32e", "#3f7fb0", "#4f9a52", "#c9629a")


def toy_balloons(*, n: int = 5, c: str = "", long: float = 1.3) -> list[Part]:
    """Toy balloons on strings that meet in a hand at the origin."""
    b = Builder(c or _BRIGHT[0], Skin.PLAIN)
    for k in range(n):
        a = 2.4 * k
        out = 0.0 if n == 1 else 0.17 * k**0.5
        x, z = out * float(np.cos(a)), 0.7 * out * float(np.sin(a))
        y = long - 0.1 * k % 0.3
        colour = c or _BRIGHT[k % len(_BRIGHT)]
        b.ball((x, y, z), (0.14, 0.175, 0.14), colour)
        b.cone((x, y - 0.18, z), (0.03, 0.02, 0.008), colour)
        b.limb((0, 0, 0), (x, y - 0.18, z), (0.005, 0.005), "#e9e4d6")
    return b.parts


def maypole(*, h: float = 5.0, wood: str = "#efe6d2") -> list[Part]:
    """A maypole with a wreath and ribbons that hang out from its top."""
    b = Builder(wood, Skin.PLAIN)
    b.limb((0, 0, 0), (0, h, 0), (0.02 * h, 0.014 * h))
    b.crown((0, 0.93 * h, 0), (0.09 * h, 0.035 * h, 0.09 * h), "#5f8a3c")
    b.ball((0, 1.01 * h, 0), 0.025 * h, "#d9a63a")
    for k in range(10):
        a = 2 * np.pi * k / 10
        x, z = float(np.cos(a)), float(np.sin(a))
        points = [(0.06 * h * x, 0.92 * h, 0.06 * h * z), (0.2 * h * x, 0.55 * h, 0.2 * h * z), (0.34 * h * x, 0.3 * h, 0.34 * h * z)]
        for p, q in pairwise(points):
            b.limb(p, q, (0.008 * h, 0.008 * h), _BRIGHT[k % len(_BRIGHT)])
    return b.parts


def rocking_horse(*, h: float = 0.85, coat: str = "#e6dcc8", wood: str = "#a3402f", mane: str = "#4a2f1c") -> list[Part]:
    """A wooden horse on rockers, with a saddle."""
    tall = 0.86 * h
    horse = quadruped(
        h=0.78 * tall, long=1.02, chest=0.2, waist=0.18, rump=0.2, leg=0.05, thigh=0.09, neck=0.42, up=56,
        throat=0.7, head=0.1, muzzle=0.2, snout=0.6, nod=34, ears=0.07, tail=0.5, brush=0.05, drop=60,
        coat=coat, dark=coat, mane=mane,
    )  # fmt: skip
    b = Builder(wood, Skin.PLAIN)
    arc = np.linspace(-0.9, 0.9, 9)
    for z in (-0.11 * h, 0.11 * h):
        bow = [(0.78 * h * float(np.sin(a)), 0.66 * h * (1 - float(np.cos(a))) + 0.02 * h, z) for a in arc]
        b.chain(bow, [0.028 * h] * 9)
    for x in (-0.34 * h, 0.34 * h):
        b.limb((x, 0.12 * h, -0.13 * h), (x, 0.12 * h, 0.13 * h), (0.024 * h, 0.024 * h))
    b.ball((-0.02 * h, 0.66 * h, 0), (0.13 * h, 0.05 * h, 0.12 * h), "#7a2f2a")
    return [*moved(horse, np.eye(3), (0.0, 0.08 * h, 0.0)), *b.parts]


def fishing_rod(*, long: float = 2.6, wood: str = "#8a6236") -> list[Part]:
    """A rod held aslant by its lower end, its line and float before it."""
    b = Builder(wood, Skin.PLAIN)
    tip = (0.78 * long, 0.52 * long, 0.0)
    b.chain([(-0.1 * long, -0.06 * long, 0), (0.36 * long, 0.27 * long, 0), tip], [0.016, 0.011, 0.006])
    b.ball((-0.02 * long, -0.03 * long, -0.03), 0.035, "#5a5e64")
    b.limb(tip, (0.8 * long, -0.42 * long, 0), (0.004, 0.004), "#e9e4d6")
    b.ball((0.8 * long, -0.42 * long, 0), (0.03, 0.05, 0.03), "#c9382e")
    return b.parts


def sledge(*, long: float = 1.2, wood: str = "#a8763f") -> list[Part]:
    """A sledge of slats on two runners that curl up in front."""
    b = Builder(wood, Skin.PLANKS)
    for z in (-0.22, 0.22):
        b.chain([(-0.5 * long, 0.03, z), (0.34 * long, 0.03, z), (0.48 * long, 0.12, z), (0.46 * long, 0.26, z), (0.36 * long, 0.28, z)], [0.022] * 5, skin=Skin.PLAIN)
        for x in (-0.34 * long, 0.2 * long):
            b.limb((x, 0.03, z), (x, 0.24, z), (0.02, 0.02), skin=Skin.PLAIN)
    for k in range(5):
        b.box((-0.06 * long, 0.26, -0.2 + 0.1 * k), (0.44 * long, 0.013, 0.042))
    b.chain([(0.44 * long, 0.27, -0.2), (0.8 * long, 0.1, 0), (0.44 * long, 0.27, 0.2)], [0.01] * 3, "#c9b48a", Skin.PLAIN)
    return b.parts


def hammock(*, w: float = 3.2, cloth: str = "#c9a45a", second: str = "#b8503f") -> list[Part]:
    """A hammock of striped cloth between two posts."""
    b = Builder(cloth, Skin.PLAIN)
    xs = np.linspace(-0.5, 0.5, 13)
    ys = 0.55 + 1.9 * xs**2
    for k in range(12):
        p, q = (float(xs[k]) * 0.8 * w, float(ys[k])), (float(xs[k + 1]) * 0.8 * w, float(ys[k + 1]))
        half = 0.42 * (1 - 0.75 * abs(2 * float(xs[k] + xs[k + 1]) / 2) ** 2)
        b.sheet([(p[0], p[1], -half), (q[0], q[1], -half), (q[0], q[1], half), (p[0], p[1], half)], 0.016, second if k % 3 == 1 else cloth)
    for side in (-1, 1):
        b.limb((side * 0.4 * w, 1.02, 0), (side * 0.5 * w, 1.45, 0), (0.015, 0.015), "#d9cba6")
        b.limb((side * 0.5 * w, 0, 0), (side * 0.51 * w, 1.7, 0), (0.07, 0.06), "#6b4c2e", Skin.BARK)
    return b.parts


def skis(*, h: float = 1.7, wood: str = "#c9772e") -> list[Part]:
    """A pair of skis stood in the snow, their tips bent forward, with two poles."""
    b = Builder(wood, Skin.PLANKS)
    for x in (-0.07, 0.07):
        b.chain(
            [(x * h, 0, 0), (x * h, 0.55 * h, 0.02 * h), (x * h, 0.9 * h, 0.03 * h), (x * h, h, -0.05 * h)],
            [0.028 * h, 0.03 * h, 0.026 * h, 0.01 * h], blend=0.0,
        )  # fmt: skip
        b.box((x * h, 0.45 * h, -0.03 * h), (0.03 * h, 0.05 * h, 0.02 * h), "#3a3632", Skin.PLAIN)
        b.limb((2.6 * x * h, 0, 0), (2.1 * x * h, 0.72 * h, 0), (0.009 * h, 0.012 * h), "#8a949c", Skin.PLAIN)
        b.ring((2.55 * x * h, 0.07 * h, 0), 0.035 * h, 0.006 * h, "#3a3632")
    return b.parts
