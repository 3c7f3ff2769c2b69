"""Furniture: what is sat at, lain on, put into."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Point, Skin, turned

_WOOD = "#8a5a34"


def table(
    *, h: float = 0.77, w: float = 1.5, d: float = 0.9, wood: str = _WOOD, round_top: bool = False, drawers: bool = False
) -> list[Part]:
    """A table on four legs, or a round one on a pillar; with drawers, a desk."""
    b = Builder(wood, Skin.PLANKS)
    if round_top:
        b.cone((0, h - 0.025, 0), (w / 2, 0.025, w / 2))
        b.lathe([(0, 0.3), (0.06, 0.1), (0.4 * h, 0.05), (h - 0.05, 0.09)], skin=Skin.PLAIN)
        return b.parts
    b.box((0, h - 0.025, 0), (w / 2, 0.025, d / 2), rounded=0.008)
    b.box((0, h - 0.11, 0), (w / 2 - 0.08, 0.06, d / 2 - 0.08))
    for x in (1, -1):
        for z in (1, -1):
            b.box((x * (w / 2 - 0.07), h / 2, z * (d / 2 - 0.07)), (0.035, h / 2, 0.035))
        if drawers:
            b.box((x * (w / 2 - 0.25), h / 2, 0), (0.2, h / 2 - 0.06, d / 2 - 0.05))
            for y in (0.3, 0.55, 0.8):
                b.ball((x * (w / 2 - 0.25), y * h, -d / 2 + 0.03), 0.02, "#c9a050")
    return b.parts


def chair(*, h: float = 0.95, wood: str = _WOOD, seat: str = "", back: bool = True) -> list[Part]:
    """A wooden chair that faces +x, or a stool."""
    b = Builder(wood)
    high = 0.46
    b.box((0, high, 0), (0.22, 0.02, 0.21), seat or wood, Skin.PLANKS if not seat else Skin.PLAIN, rounded=0.01)
    for x in (0.19, -0.19):
        for z in (0.18, -0.18):
            top = h if back and x < 0 else high
            b.limb((x * 1.12, 0, z * 1.08), (x * (1.25 if top > high else 1), top, z), (0.02, 0.018))
    for y in (0.62, 0.76, 0.9) if back else ():
        b.box((-0.225, y * h, 0), (0.012, 0.03, 0.19), turn=turned(0, 0, 3))
    b.limb((0.2, 0.16, -0.19), (-0.2, 0.16, -0.19), (0.012, 0.012))
    b.limb((0.2, 0.16, 0.19), (-0.2, 0.16, 0.19), (0.012, 0.012))
    return b.parts


def padded(*, w: float = 0.9, cloth: str = "#3f6b66", wood: str = "#4a3020") -> list[Part]:
    """An armchair that faces the eye; a broad one is a sofa."""
    b = Builder(cloth, Skin.PLAIN, 0.03)
    half = w / 2
    b.box((0, 0.24, 0), (half, 0.14, 0.4), rounded=0.06)
    seats = max(1, round(w / 0.75))
    for k in range(seats):
        x = (k - (seats - 1) / 2) * (2 * half - 0.24) / seats
        b.box((x, 0.43, -0.04), ((half - 0.14) / seats, 0.08, 0.36), rounded=0.07, blend=0.0)
        b.box((x, 0.7, 0.3), ((half - 0.14) / seats, 0.27, 0.1), rounded=0.09, turn=turned(0, 10), blend=0.0)
    for side in (1, -1):
        b.box((side * (half - 0.08), 0.42, 0), (0.1, 0.22, 0.4), rounded=0.09)
        for z in (0.33, -0.33):
            b.limb((side * (half - 0.1), 0, z), (side * (half - 0.1), 0.1, z), (0.03, 0.035), wood, blend=0.0)
    return b.parts


def bed(*, w: float = 1.4, wood: str = _WOOD, cloth: str = "#b8c4c9") -> list[Part]:
    """A bed, its head at the left."""
    b = Builder(wood, Skin.PLANKS)
    b.box((-1.0, 0.55, 0), (0.04, 0.55, w / 2))
    b.box((1.0, 0.36, 0), (0.04, 0.36, w / 2))
    b.box((0, 0.3, 0), (1.0, 0.12, w / 2 - 0.03))
    b.box((0, 0.48, 0), (0.96, 0.1, w / 2 - 0.02), "#efe9dc", Skin.PLAIN, rounded=0.08)
    b.box((0.25, 0.53, 0), (0.72, 0.08, w / 2 + 0.01), cloth, Skin.PLAIN, rounded=0.07)
    for z in (0.3, -0.3):
        b.ball((-0.72, 0.63, z), (0.2, 0.09, 0.27), "#f4efe6", Skin.PLAIN)
    return b.parts


def bench(*, w: float = 1.6, wood: str = _WOOD, iron: str = "#33383a") -> list[Part]:
    """A garden bench that faces the eye."""
    b = Builder(wood, Skin.PLANKS)
    for z in (-0.2, -0.05, 0.1):
        b.box((0, 0.45, z), (w / 2, 0.02, 0.06))
    for y in (0.62, 0.78):
        b.box((0, y, 0.22), (w / 2, 0.05, 0.015), turn=turned(0, 8))
    for x in (-0.42, 0.42):
        b.limb((x * w, 0, -0.2), (x * w, 0.45, -0.2), (0.03, 0.03), iron, Skin.PLAIN)
        b.limb((x * w, 0, 0.26), (x * w, 0.86, 0.24), (0.03, 0.025), iron, Skin.PLAIN)
    return b.parts


def cupboard(
    *, w: float = 1.1, h: float = 1.9, d: float = 0.5, wood: str = _WOOD, shelves: bool = False, goods: str = "cups"
) -> list[Part]:
    """A cupboard with doors; with shelves, a dresser, or a bookcase.

    Parameters
    ----------
    goods : cups, books, loaves or jars, what its shelves hold.
    """
    b = Builder(wood, Skin.PLANKS)
    if not shelves:
        b.box((0, h / 2, 0), (w / 2, h / 2, d / 2))
        b.box((0, h + 0.03, 0), (w / 2 + 0.05, 0.04, d / 2 + 0.04))
        for x in (-1, 1):
            b.box((x * w / 4, 0.55 * h, -d / 2), (w / 4 - 0.05, 0.38 * h, 0.02), "#9a6a3e")
            b.ball((x * 0.06, 0.55 * h, -d / 2 - 0.03), 0.025, "#c9a050", Skin.PLAIN)
        return b.parts
    for x in (-1, 1):
        b.box((x * (w / 2 - 0.02), h / 2, 0), (0.025, h / 2, d / 2))
    b.box((0, h / 2, d / 2 - 0.02), (w / 2, h / 2, 0.015), "#5e3f26")
    rows = np.linspace(0.06, 0.98, 6)
    for y in rows:
        b.box((0, float(y) * h, 0), (w / 2, 0.018, d / 2))
    for r, y in enumerate(rows[:-1]):
        _fill_shelf(b, (w, float(y) * h, d), r, goods)
    return b.parts


_SPINES = ("#8a2f2a", "#2f4a6b", "#c9a24a", "#3f6b4a", "#7a4a2c", "#d8ccb4", "#4a3a5a")


def _fill_shelf(b: Builder, shelf: tuple[float, float, float], row: int, goods: str) -> None:
    """What stands along a shelf of a width, at a height, of a depth."""
    w, y, d = shelf
    x, k = -w / 2 + 0.05, 0
    while x < w / 2 - 0.1:
        x += _GOODS[goods](b, (x, y + 0.018, d), row, k)
        k += 1


def _book_on(b: Builder, at: Point, row: int, k: int) -> float:
    """A book; like those below, it returns the width it takes, `at` has the depth last."""
    half, tall = 0.022 + 0.012 * ((3 * k + row) % 3), 0.1 + 0.018 * ((5 * k + 2 * row) % 4)
    b.box((at[0] + half, at[1] + tall, -0.02), (half, tall, 0.4 * at[2]), _SPINES[(2 * k + 3 * row) % 7], Skin.PLAIN)
    return 2 * half + 0.006


def _cup_on(b: Builder, at: Point, row: int, k: int) -> float:
    b.cone((at[0] + 0.1, at[1] + 0.07, 0.0), (0.05, 0.07, 0.075), _SPINES[(k + row) % 7], Skin.PLAIN)
    return 0.24


def _loaf_on(b: Builder, at: Point, row: int, k: int) -> float:
    crust = ("#c98a42", "#b8743a", "#d9a35a")[(k + row) % 3]
    round_ = (k + row) % 3 == 1
    half = 0.11 if round_ else 0.16
    b.ball((at[0] + half, at[1] + 0.075, -0.04), (half, 0.085, 0.11), crust, Skin.PLASTER)
    for step in (-0.4, 0.0, 0.4):
        x = at[0] + half * (1 + step)
        b.limb((x - 0.02, at[1] + 0.145, -0.07), (x + 0.02, at[1] + 0.15, -0.02), (0.012, 0.012), "#e6c486", Skin.PLAIN)
    return 2 * half + 0.03


def _jar_on(b: Builder, at: Point, row: int, k: int) -> float:
    full = ("#8a2f3a", "#c98a2e", "#5a7a3a", "#7a4a6b", "#d9b45a", "#3f6b8a")[(2 * k + 3 * row) % 6]
    b.cone((at[0] + 0.08, at[1] + 0.09, -0.03), (0.07, 0.09, 0.06), full, Skin.PLAIN)
    b.cone((at[0] + 0.08, at[1] + 0.19, -0.03), (0.06, 0.018, 0.06), "#e6dcc4", Skin.PLAIN)
    return 0.18


_GOODS = {"books": _book_on, "cups": _cup_on, "loaves": _loaf_on, "jars": _jar_on}


def stove(*, h: float = 1.0, iron: str = "#2f3336") -> list[Part]:
    """An iron stove with its pipe and a pot."""
    b = Builder(iron)
    b.box((0, 0.5 * h, 0), (0.42, 0.42 * h, 0.32), rounded=0.04)
    b.box((0, 0.95 * h, 0), (0.46, 0.03, 0.36))
    b.box((0, 0.5 * h, -0.33), (0.2, 0.18 * h, 0.02), "#c9642e", Skin.GLASS)
    for x in (-0.34, 0.34):
        b.limb((x, 0, 0.2), (x, 0.15, 0.2), (0.04, 0.05))
    b.limb((0.2, h, 0.15), (0.2, 2.6, 0.15), (0.075, 0.075))
    b.lathe([(0.98 * h, 0.13), (1.16 * h, 0.14)], "#8a5a3a", at=(-0.18, 0, 0))
    return b.parts


def floor_lamp(*, h: float = 1.6, shade: str = "#e3cfa0", stem: str = "#4a3a2c") -> list[Part]:
    """A standing lamp with its shade."""
    b = Builder(stem)
    b.lathe([(0, 0.16), (0.03, 0.15), (0.05, 0.02), (0.75 * h, 0.018)])
    b.cone((0, 0.86 * h, 0), (0.24, 0.13 * h, 0.13), shade, Skin.GLASS)
    return b.parts


def piano(*, wood: str = "#2b211c") -> list[Part]:
    """An upright piano that faces the eye."""
    b = Builder(wood)
    b.box((0, 0.6, 0.12), (0.74, 0.6, 0.16), rounded=0.02)
    b.box((0, 0.66, -0.14), (0.74, 0.05, 0.18))
    b.box((0, 0.725, -0.2), (0.66, 0.012, 0.1), "#f2ece0")
    for k in range(24):
        if k % 7 not in (2, 6):
            b.box((-0.62 + 0.054 * k, 0.75, -0.17), (0.014, 0.012, 0.06), "#191614")
    for x in (-0.66, 0.66):
        b.limb((x, 0, -0.24), (x, 0.62, -0.24), (0.04, 0.05))
    return b.parts


def fireplace(*, w: float = 1.6, stone: str = "#a89f90", mantel: str = _WOOD) -> list[Part]:
    """A hearth with its mantel and a fire, facing the eye."""
    b = Builder(stone, Skin.STONE)
    h = 0.78 * w
    for side in (1, -1):
        b.box((side * 0.4 * w, 0.5 * h, 0), (0.1 * w, 0.5 * h, 0.16 * w))
    b.box((0, 0.86 * h, 0), (0.5 * w, 0.14 * h, 0.16 * w))
    b.box((0, 1.03 * h, -0.02 * w), (0.56 * w, 0.035 * h, 0.2 * w), mantel, Skin.PLANKS)
    b.box((0, 0.4 * h, 0.12 * w), (0.3 * w, 0.4 * h, 0.02 * w), "#2b2522", Skin.PLAIN)
    b.box((0, 1.5 * h, 0.1 * w), (0.4 * w, 0.46 * h, 0.06 * w), skin=Skin.PLASTER)
    for k in range(3):
        b.limb(((-0.18 + 0.12 * k) * w, 0.05 * h, 0.02 * w), ((0.06 + 0.06 * k) * w, 0.09 * h, -0.04 * w), (0.035 * w, 0.03 * w), "#4a3424", Skin.BARK)
    for x, tall in ((-0.1, 0.3), (0.02, 0.42), (0.12, 0.28)):
        b.lathe([(0.08 * h, 0.06 * w), ((0.08 + 0.4 * tall) * h, 0.07 * w), ((0.08 + tall) * h, 0.005 * w)], "#f2a03a", Skin.GLASS, at=(x * w, 0, 0))
    return b.parts


def tall_clock(*, h: float = 2.1, wood: str = "#5f3b22", face: str = "#f2ecdc", brass: str = "#c9a14a") -> list[Part]:
    """A clock as high as a man, its pendulum behind glass; it faces the eye."""
    b = Builder(wood, Skin.PLANKS)
    b.box((0, 0.07 * h, 0), (0.13 * h, 0.07 * h, 0.09 * h))
    b.box((0, 0.42 * h, 0), (0.095 * h, 0.3 * h, 0.07 * h))
    b.box((0, 0.83 * h, 0), (0.125 * h, 0.12 * h, 0.085 * h))
    b.cone((0, 0.95 * h, 0), (0.125 * h, 0.085 * h, 0.09 * h), turn=turned(0, 90))
    b.box((0, 0.44 * h, -0.066 * h), (0.055 * h, 0.2 * h, 0.008 * h), "#2a211c", Skin.PLAIN)
    b.limb((0, 0.62 * h, -0.078 * h), (0.012 * h, 0.36 * h, -0.078 * h), (0.006 * h, 0.006 * h), brass, Skin.PLAIN)
    b.ball((0.013 * h, 0.34 * h, -0.08 * h), (0.034 * h, 0.034 * h, 0.01 * h), brass, Skin.PLAIN)
    b.cone((0, 0.84 * h, -0.085 * h), (0.09 * h, 0.008 * h, 0.09 * h), face, Skin.PLAIN, turned(0, 90))
    for a, long in ((0.5, 0.066), (2.2, 0.046)):
        tip = (long * h * float(np.cos(a)), 0.84 * h + long * h * float(np.sin(a)), -0.096 * h)
        b.limb((0, 0.84 * h, -0.096 * h), tip, (0.006 * h, 0.004 * h), "#191614", Skin.PLAIN)
    return b.parts
