"""Small plants: flowers, reeds, grass, ferns, cactus, mushrooms, weeds of the sea."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Point, Skin, turned

_STEM = "#5f7d35"


def _on_ring(radius: float, angle: float, y: float) -> Point:
    return float(radius * np.cos(angle)), y, float(radius * np.sin(angle))


def flower(
    *,
    h: float = 0.45,
    kind: str = "daisy",
    petal: str = "#f2efe6",
    heart: str = "#d9a02e",
    petals: int = 10,
    bunch: int = 3,
    leaf: str = _STEM,
    seed: int = 0,
) -> list[Part]:
    """A few stems with flowers.

    Parameters
    ----------
    kind : daisy (a wheel of petals), cup (a tulip's), ball (a rose's), spike (lavender's), bell.
    """
    b = Builder(leaf)
    chance = np.random.default_rng([seed, 71])
    for k in range(bunch):
        lean = 0.0 if k == 0 else float(chance.uniform(0.12, 0.3)) * h
        angle = 2.4 * k + float(chance.uniform(-0.3, 0.3))
        tall = h * (1.0 if k == 0 else float(chance.uniform(0.7, 0.95)))
        top = _on_ring(lean, angle, tall)
        foot = _on_ring(0.25 * lean, angle, 0.0)
        middle = (0.4 * foot[0] + 0.5 * top[0], 0.5 * tall, 0.4 * foot[2] + 0.5 * top[2])
        b.chain([foot, middle, top], [0.012 * h, 0.011 * h, 0.009 * h], blend=0.01 * h)
        for side in (1, -1):
            tip = _on_ring(0.16 * h, angle + side * 1.3, 0.42 * tall)
            b.sheet([foot, (tip[0] * 0.6 + foot[0], 0.2 * tall, tip[2] * 0.6 + foot[2]), tip], 0.006 * h)
        _head(b, kind, top, h, petal, heart, petals)
    return b.parts


def _head(b: Builder, kind: str, top: Point, h: float, petal: str, heart: str, petals: int) -> None:
    x, y, z = top
    if kind == "cup":
        for k in range(6):
            a = k * np.pi / 3
            out = (x + 0.045 * h * np.cos(a), y + 0.06 * h, z + 0.045 * h * np.sin(a))
            b.ball(out, (0.05 * h, 0.1 * h, 0.05 * h), petal, blend=0.015 * h)
    elif kind == "ball":
        b.ball((x, y + 0.03 * h, z), (0.09 * h, 0.085 * h, 0.09 * h), petal)
        for k in range(7):
            a = k * 0.9
            b.ring((x, y + 0.04 * h + 0.006 * k * h, z), (0.085 - 0.01 * k) * h, 0.013 * h, petal, turned(40 * k, 14))
            b.ball((x + 0.06 * h * np.cos(a), y + 0.03 * h, z + 0.06 * h * np.sin(a)), 0.05 * h, petal, blend=0.02 * h)
    elif kind == "spike":
        for k in range(7):
            at = (x + 0.008 * h * (k % 2), y - 0.28 * h + 0.05 * h * k, z)
            b.ball(at, (0.032 * h - 0.002 * k * h, 0.034 * h, 0.032 * h), petal, blend=0.01 * h)
    elif kind == "bell":
        b.lathe([(y - 0.02 * h, 0.075 * h), (y + 0.05 * h, 0.05 * h), (y + 0.09 * h, 0.02 * h)], petal, at=(x, 0, z))
    else:
        tilt = turned(0, -34)
        for k in range(petals):
            a = 2 * np.pi * k / petals
            out = tilt @ np.array([0.085 * h * np.cos(a), 0.0, 0.085 * h * np.sin(a)])
            turn = tilt @ turned(float(-np.degrees(a)))
            b.ball(
                (x + out[0], y + out[1], z + out[2]), (0.062 * h, 0.012 * h, 0.085 * h * np.pi / petals), petal, turn=turn
            )
        b.ball((x, y, z), (0.045 * h, 0.035 * h, 0.045 * h), heart, turn=tilt)


def blades(
    *,
    h: float = 1.8,
    leaf: str = "#7d8a3f",
    head: str = "#6b4a2c",
    count: int = 13,
    wide: float = 0.45,
    arch: float = 0.16,
    broad: float = 0.014,
    seed: int = 0,
) -> list[Part]:
    """Blades that spring from one foot, with heads where `head` is a colour: reeds, grass, weeds."""
    b = Builder(leaf, Skin.PLAIN, 0.0)
    chance = np.random.default_rng([seed, 72])
    for k in range(count):
        angle, out = 2.4 * k, float(chance.uniform(0.05, wide)) * h * 0.5
        tall = h * float(chance.uniform(0.6, 1.0))
        foot = _on_ring(0.5 * out, angle, 0.0)
        middle = _on_ring(0.6 * out, angle, 0.55 * tall)
        top = _on_ring(out + arch * tall, angle, tall * (1 - 0.5 * arch))
        b.chain([foot, middle, top], [broad * h, broad * h * 0.8, 0.002 * h], blend=0.0)
        if head and k % 2 == 0:
            b.limb((top[0], top[1] - 0.06 * h, top[2]), (top[0], top[1] + 0.06 * h, top[2]), (0.022 * h, 0.018 * h), head)
    return b.parts


def fern(*, h: float = 0.7, leaf: str = "#4f7a35", seed: int = 0) -> list[Part]:
    """Fronds that arch outwards."""
    b = Builder(leaf)
    chance = np.random.default_rng([seed, 73])
    for k in range(7):
        angle = 2.4 * k
        reach, tall = h * float(chance.uniform(0.6, 0.9)), h * float(chance.uniform(0.6, 1.0))
        spine = [_on_ring(reach * s, angle, tall * (1.6 * s - 1.1 * s * s) * 1.7) for s in (0.0, 0.3, 0.6, 1.0)]
        b.chain(spine, [0.012 * h, 0.01 * h, 0.008 * h, 0.004 * h])
        for (x0, y0, z0), (x1, y1, z1), wide in zip(spine, spine[1:], (0.16, 0.14, 0.07), strict=False):
            for side in (1, -1):
                across = _on_ring(wide * h, angle + side * 1.45, 0.0)
                b.sheet(
                    [
                        (x0, y0, z0),
                        (x1, y1, z1),
                        ((x0 + x1) / 2 + across[0], (y0 + y1) / 2 - 0.04 * h, (z0 + z1) / 2 + across[2]),
                    ],
                    0.004 * h,
                )
    return b.parts


def cactus(*, h: float = 2.2, leaf: str = "#56793f") -> list[Part]:
    """A column with two arms."""
    b = Builder(leaf, Skin.STRIPES, 0.06 * h, "#3f5f30")
    b.limb((0, 0, 0), (0, 0.92 * h, 0), (0.09 * h, 0.085 * h))
    for side, y in ((1, 0.36), (-1, 0.5)):
        b.chain([(0, y * h, 0), (side * 0.22 * h, y * h, 0), (side * 0.25 * h, (y + 0.3) * h, 0)], [0.06 * h] * 3)
    return b.parts


def mushroom(*, h: float = 0.16, cap: str = "#b3402c", stalk: str = "#e8e0cf", spots: bool = True) -> list[Part]:
    """A cap on a stalk, a small one beside it."""
    b = Builder(stalk, Skin.PLAIN, 0.05 * h)
    for x, z, s in ((0.0, 0.0, 1.0), (0.42, 0.2, 0.55)):
        at = (x * h, 0.0, z * h)
        b.lathe([(0, 0.15 * h * s), (0.3 * h * s, 0.1 * h * s), (0.72 * h * s, 0.09 * h * s)], at=at)
        b.lathe(
            [
                (0.62 * h * s, 0.46 * h * s),
                (0.74 * h * s, 0.42 * h * s),
                (0.92 * h * s, 0.24 * h * s),
                (1.0 * h * s, 0.05 * h * s),
            ],
            cap,
            at=at,
        )
        for k in range(7 if spots else 0):
            a = 2.4 * k
            r = (0.14 + 0.04 * k) * h * s
            b.ball(
                (at[0] + r * np.cos(a), (0.97 - 0.045 * k) * h * s, at[2] + r * np.sin(a)),
                (0.05 * h * s, 0.03 * h * s, 0.05 * h * s),
                stalk,
                blend=0.0,
            )
    return b.parts


def lily_leaf(*, r: float = 0.45, leaf: str = "#4f8a3f", petal: str = "#f0e3ea") -> list[Part]:
    """A round leaf that floats, and a flower beside it."""
    b = Builder(leaf)
    b.lathe([(0, r), (0.04 * r, 1.02 * r), (0.07 * r, 0.98 * r)])
    b.lathe([(0, 0.6 * r), (0.04 * r, 0.58 * r)], at=(1.3 * r, 0, 0.6 * r))
    for k in range(8):
        a = 2 * np.pi * k / 8
        b.ball((-1.15 * r + 0.16 * r * np.cos(a), 0.17 * r, 0.5 * r + 0.16 * r * np.sin(a)), (0.09 * r, 0.17 * r, 0.09 * r), petal)
    return b.parts
