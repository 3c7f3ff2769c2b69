"""Fruit: round ones, pears, bunches, long ones, ribbed ones."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Skin

_STALK, _LEAF = "#4a3624", "#5a7d34"


def fruit(*, kind: str = "apple", h: float = 0.09, peel: str = "#b02a22", blush: str = "", leaf: bool = True) -> list[Part]:
    """One fruit, or a bunch.

    Parameters
    ----------
    kind : apple (with stalk and leaf), ball, pear, egg, ribbed (a pumpkin), bunch (grapes, cherries),
    long (a banana), root (a carrot), pine (a pineapple). blush : a second colour at its side.
    """
    b = Builder(peel, blend=0.12 * h)
    _KINDS[kind](b, h)
    if blush:
        b.ball((0.12 * h, 0.5 * h, -0.2 * h), (0.42 * h, 0.42 * h, 0.36 * h), blush)
    if kind == "apple":
        b.limb((0, 0.86 * h, 0), (0.08 * h, 1.18 * h, 0), (0.035 * h, 0.028 * h), _STALK, blend=0.0)
        if leaf:
            near, tip = (0.05 * h, 1.02 * h, 0.0), (0.46 * h, 1.1 * h, 0.0)
            sides = (0.24 * h, 1.16 * h, -0.1 * h), (0.24 * h, 1.04 * h, 0.1 * h)
            b.sheet([near, sides[0], tip, sides[1]], 0.012 * h, _LEAF, blend=0.0)
    return b.parts


def _apple(b: Builder, h: float) -> None:
    for k in range(5):
        a = 2 * np.pi * k / 5
        b.ball((0.1 * h * np.cos(a), 0.48 * h, 0.1 * h * np.sin(a)), (0.42 * h, 0.47 * h, 0.42 * h))


def _ball(b: Builder, h: float) -> None:
    b.ball((0, 0.48 * h, 0), (0.5 * h, 0.48 * h, 0.5 * h))
    b.ball((0, 0.95 * h, 0), (0.07 * h, 0.03 * h, 0.07 * h), _LEAF, blend=0.02 * h)


def _pear(b: Builder, h: float) -> None:
    outline = ((0, 0.08), (0.06, 0.24), (0.18, 0.345), (0.32, 0.37), (0.5, 0.29), (0.66, 0.17), (0.8, 0.13), (0.9, 0.07))
    b.lathe([(y * h, r * h) for y, r in outline], blend=0.0)
    b.limb((0.03 * h, 0.86 * h, 0), (0.08 * h, 1.05 * h, 0), (0.025 * h, 0.02 * h), _STALK, blend=0.0)


def _egg(b: Builder, h: float) -> None:
    rows = ((0, 0.06), (0.08, 0.25), (0.25, 0.38), (0.42, 0.41), (0.62, 0.36), (0.82, 0.22), (0.95, 0.09), (1, 0.04))
    b.lathe([(y * h, r * h) for y, r in rows], blend=0.0)


def _ribbed(b: Builder, h: float) -> None:
    for turn in np.linspace(0, 2 * np.pi, 11)[:-1]:
        at = (0.4 * h * float(np.cos(turn)), 0.46 * h, 0.4 * h * float(np.sin(turn)))
        b.ball(at, (0.34 * h, 0.46 * h, 0.34 * h), blend=0.03 * h)
    b.limb((0, 0.86 * h, 0), (0.1 * h, 1.12 * h, 0.02 * h), (0.1 * h, 0.06 * h), "#5a6a34", blend=0.03 * h)


def _bunch(b: Builder, h: float) -> None:
    r, rows = 0.13 * h, 5
    for row in range(rows):
        for k in range(row + 1 if row < 4 else 3):
            a = 2.4 * k + row
            out = 0.0 if k == 0 else 0.06 * h * row
            b.ball(
                (
                    0.1 * h * (row - 2) + out * np.cos(a),
                    r + 0.12 * h * row * (row < 3) + 0.1 * h * (row >= 3),
                    out * np.sin(a),
                ),
                r,
                blend=0.0,
            )
    b.limb((0.2 * h, 0.4 * h, 0), (0.45 * h, 0.8 * h, 0), (0.025 * h, 0.02 * h), _STALK, blend=0.0)


def _long(b: Builder, h: float) -> None:
    for z in (-0.5, 0.0, 0.5):
        turns = np.linspace(0.35, 2.5, 7)
        points = [(1.5 * h * float(np.cos(t)), 1.6 * h - 1.35 * h * float(np.sin(t)), z * h * 0.8) for t in turns]
        b.chain(points, [0.1 * h, 0.22 * h, 0.26 * h, 0.27 * h, 0.26 * h, 0.2 * h, 0.07 * h], blend=0.05 * h)


def _root(b: Builder, h: float) -> None:
    for z in (-0.55, 0.0, 0.55):
        b.limb((-1.4 * h, 0.08 * h, z * h), (1.2 * h, 0.42 * h, 0.7 * z * h), (0.06 * h, 0.4 * h), blend=0.0)
        for k in range(3):
            b.limb(
                (1.4 * h, 0.5 * h, 0.7 * z * h),
                (2.3 * h, (0.5 + 0.25 * k) * h, (0.7 * z + 0.2 * (k - 1)) * h),
                (0.06 * h, 0.04 * h),
                _LEAF,
                blend=0.0,
            )


def _pine(b: Builder, h: float) -> None:
    rows = ((0, 0.16), (0.05, 0.23), (0.2, 0.28), (0.4, 0.27), (0.55, 0.21), (0.63, 0.1))
    b.lathe([(y * h, r * h) for y, r in rows], skin=Skin.SCALES, blend=0.0)
    for k in range(19):
        a, out = 2.4 * k, 0.035 + 0.0125 * k
        x, z = float(np.cos(a)), float(np.sin(a))
        tip = (1.7 * out * x * h, (1.05 - 0.018 * k) * h, 1.7 * out * z * h)
        side = (0.035 * z * h, 0.0, -0.035 * x * h)
        foot = (0.09 * x * h, 0.6 * h, 0.09 * z * h)
        low, high = ((foot[0] - side[0], foot[1], foot[2] - side[2]), (foot[0] + side[0], foot[1], foot[2] + side[2]))
        b.sheet([low, high, tip], 0.008 * h, _LEAF, blend=0.0)


_KINDS = {
    "apple": _apple, "ball": _ball, "pear": _pear, "egg": _egg, "ribbed": _ribbed, "bunch": _bunch,
    "long": _long, "root": _root, "pine": _pine,
}  # fmt: skip
