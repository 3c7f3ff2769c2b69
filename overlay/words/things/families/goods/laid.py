"""What lies on a table or hangs on a wall for others' sake: a cloth, a tray, a board, a rack."""

import numpy as np

from overlay.words.things.families.goods.small import loaf
from overlay.words.things.families.goods.vessels import vessel
from overlay.words.things.parts import Builder, Part, Skin, moved, turned


def laid_cloth(*, w: float = 0.9, cloth: str = "#e8e2d4", hem: str = "", checks: str = "") -> list[Part]:
    """A cloth laid flat, with a hem and a few folds, or woven in checks of a second colour."""
    b = Builder(cloth, Skin.PLAIN, 0.004)
    b.box((0, 0.004, 0), (0.5 * w, 0.004, 0.34 * w), rounded=0.003)
    for k in (-1, 1):
        b.limb((0.34 * k * w, 0.006, -0.33 * w), (0.3 * k * w, 0.006, 0.33 * w), (0.006, 0.006))
        b.box((0, 0.006, k * 0.32 * w), (0.5 * w, 0.006, 0.018 * w), checks or hem or cloth, blend=0.0)
    step = w / 12
    for k in range(48 if checks else 0):
        row, column = k // 6, 2 * (k % 6) + (k // 6) % 2
        b.box(((column - 5.5) * step, 0.006, (row - 3.5) * step), (0.5 * step, 0.0045, 0.5 * step), checks, blend=0.0)
    return b.parts


def tray(*, w: float = 0.5, wood: str = "#8a5a34") -> list[Part]:
    """A tray with a rim and two handles."""
    b = Builder(wood, Skin.PLANKS)
    deep = 0.62 * w
    b.box((0, 0.012, 0), (0.5 * w, 0.01, 0.5 * deep))
    for side in (-1, 1):
        b.box((0, 0.03, side * 0.5 * deep), (0.5 * w, 0.022, 0.01))
        b.box((side * 0.5 * w, 0.03, 0), (0.01, 0.022, 0.5 * deep))
        b.limb((side * 0.51 * w, 0.06, -0.16 * deep), (side * 0.51 * w, 0.06, 0.16 * deep), (0.012, 0.012))
    return b.parts


def chessboard(*, w: float = 0.4, wood: str = "#e2cda2", second: str = "#4a3020") -> list[Part]:
    """A board of eight by eight, light and dark."""
    b = Builder(second, Skin.PLAIN)
    step, y = w / 8, 0.02
    b.box((0, 0.008, 0), (0.55 * w, 0.008, 0.55 * w), "#6b4526", Skin.PLANKS)
    b.box((0, 0.5 * y, 0), (0.5 * w, 0.5 * y, 0.5 * w), wood)
    for k in range(32):
        row, column = k // 4, 2 * (k % 4) + (k // 4) % 2
        at = ((column - 3.5) * step, y, (row - 3.5) * step)
        b.box(at, (0.5 * step, 0.0012, 0.5 * step))
    return b.parts


def chess_table(*, h: float = 0.74, wood: str = "#7a5534") -> list[Part]:
    """A small table with a game of chess on it and a stool at each side."""
    b = Builder(wood, Skin.PLANKS)
    b.box((0, h - 0.02, 0), (0.42, 0.025, 0.42))
    b.limb((0, h - 0.04, 0), (0, 0.1, 0), (0.05, 0.06), skin=Skin.PLAIN)
    for side in (1, -1):
        b.limb((0, 0.1, 0), (0.28 * side, 0.03, 0.16 * side), (0.045, 0.035), skin=Skin.PLAIN)
        b.limb((0, 0.1, 0), (0.28 * side, 0.03, -0.16 * side), (0.045, 0.035), skin=Skin.PLAIN)
        b.cone((0.8 * side, 0.44, 0), (0.18, 0.025, 0.18))
        for x, z in ((0.1, 0.1), (-0.1, 0.1), (0.1, -0.1), (-0.1, -0.1)):
            b.limb((0.8 * side + x, 0.43, z), (0.8 * side + 1.4 * x, 0, 1.4 * z), (0.022, 0.018), skin=Skin.PLAIN)
    men = Builder("#f0e6d2", Skin.PLAIN)
    for k in range(11):
        x, z = -0.24 + 0.16 * (k % 4), -0.21 + 0.14 * (k // 4)
        tall = 0.05 + 0.03 * (k % 3 == 0)
        c = "#2b2420" if x > 0 else "#f0e6d2"
        men.cone((x, h + 0.03 + tall / 2, z), (0.026, tall / 2, 0.014), c)
        men.ball((x, h + 0.035 + tall, z), 0.02, c)
    board = moved(chessboard(w=0.66), turned(), (0.0, h, 0.0))
    return [*b.parts, *board, *men.parts]


def cheese(*, h: float = 0.11, rind: str = "#e0a93a", paste: str = "#f3dc8c") -> list[Part]:
    """A round of cheese with a wedge cut from it, which lies beside."""
    b = Builder(rind)
    b.cone((0, 0.5 * h, 0), (1.05 * h, 0.5 * h, 1.05 * h), blend=0.0)
    b.cone((0, h, 0), (0.98 * h, 0.015 * h, 0.98 * h), paste, blend=0.0)
    tip, reach = 1.15 * h, 1.05 * h
    b.sheet([(tip, 0.42 * h, -0.5 * h), (tip + reach, 0.42 * h, -0.85 * h), (tip + reach, 0.42 * h, -0.05 * h)], 0.4 * h, paste)  # fmt: skip
    for at, r in (((0.5, 0.62, -0.62), 0.1), ((0.75, 0.3, -0.68), 0.07), ((0.35, 0.3, -0.6), 0.08)):
        b.ball((tip + at[0] * reach, at[1] * h, at[2] * h - 0.1 * h), r * h, "#c9a24a", blend=0.0)
    return b.parts


def picnic(*, w: float = 2.2, cloth: str = "#c9453a", hem: str = "#f2e6d2") -> list[Part]:
    """A cloth on the grass with a basket, a loaf, apples, a bottle and plates."""
    b = Builder(cloth, Skin.PLAIN)
    for k in range(36):
        row, column = k // 6, k % 6
        at = ((column - 2.5) * w / 6, 0.012, (row - 2.5) * w / 6)
        b.box(at, (w / 12, 0.012, w / 12), cloth if (row + column) % 2 else hem)
    lain = (
        (vessel(kind="basket", h=0.34, glaze="#a87a42", made="planks"), -0.28, 0.2),
        (loaf(), 0.12, 0.16), (vessel(kind="bottle", h=0.32, glaze="#3f6b3a"), 0.3, 0.26),
        (vessel(kind="plate", h=0.03, glaze="#f2efe6"), 0.22, -0.2),
        (vessel(kind="cup", h=0.09, glaze="#f2efe6"), 0.02, -0.12),
    )  # fmt: skip
    for parts, x, z in lain:
        b.parts += moved(parts, np.eye(3), (x * w, 0.024, z * w))
    for x, z in ((-0.12, -0.1), (-0.18, -0.16), (-0.08, -0.18)):
        b.ball((x * w, 0.07, z * w), 0.05, "#b8322a")
    return b.parts


def croissant(*, w: float = 0.16, crust: str = "#c98a3e") -> list[Part]:
    """A crescent of folded pastry."""
    b = Builder(crust, Skin.PLAIN, 0.012 * w)
    for k in range(7):
        a = np.radians(-66 + 22 * k)
        thick = (0.1, 0.15, 0.2, 0.23, 0.2, 0.15, 0.1)[k] * w
        at = (0.44 * w * float(np.sin(a)), 0.9 * thick, 0.3 * w - 0.44 * w * float(np.cos(a)))
        b.ball(at, (0.11 * w, thick, 1.05 * thick), crust if k % 2 else "#d9a050", turn=turned(float(np.degrees(a))))
    return b.parts


def tool_rack(*, w: float = 1.7, h: float = 2.1, wood: str = "#9a7248", iron: str = "#5a6068") -> list[Part]:
    """A board on legs with a saw, hammers, chisels and tongs hung on it."""
    b = Builder(wood, Skin.PLANKS)
    b.box((0, 0.68 * h, 0.04), (0.5 * w, 0.3 * h, 0.02))
    b.box((0, 0.36 * h, -0.08), (0.5 * w, 0.02, 0.12))
    for side in (-1, 1):
        b.box((side * 0.46 * w, 0.5 * h, 0.05), (0.03, 0.5 * h, 0.03))
    top = 0.88 * h
    for k in range(5):  # hammers and chisels, in turn
        x = (-0.38 + 0.12 * k) * w
        b.limb((x, top - 0.36, -0.02), (x, top, -0.02), (0.016, 0.014), "#c9a06a", Skin.PLAIN)
        if k % 2:
            b.box((x, top - 0.42, -0.02), (0.02, 0.1, 0.01), iron, Skin.PLAIN)
        else:
            b.box((x, top, -0.02), (0.075, 0.03, 0.03), iron, Skin.PLAIN)
    at, low = 0.3 * w, 0.8 * h
    b.sheet([(at - 0.24, low + 0.1, -0.02), (at + 0.2, low + 0.04, -0.02), (at + 0.2, low - 0.04, -0.02), (at - 0.24, low - 0.06, -0.02)], 0.006, iron, Skin.PLAIN)  # fmt: skip
    b.ring((at - 0.3, low + 0.01, -0.02), 0.07, 0.022, "#8a5a34", turn=turned(pitch=90))
    for lean in (-0.05, 0.05):
        b.limb((at + lean, 0.47 * h, -0.02), (at - lean, 0.66 * h, -0.02), (0.014, 0.02), iron, Skin.PLAIN)
    return b.parts


def meal(*, w: float = 0.62, plate: str = "#f0ece2", glass: str = "#b8d0d6") -> list[Part]:
    """A laid place: a plate with what is eaten, fork and knife beside it, a glass."""
    b = Builder(plate, Skin.PLAIN)
    b.parts += moved(vessel(kind="plate", h=0.05 * w, glaze=plate), turned(), (0.0, 0.0, 0.0))
    for x, z, size, colour in (
        (-0.05, 0.02, 0.075, "#a8622e"), (0.07, 0.05, 0.05, "#7a9a3a"), (0.08, -0.05, 0.05, "#d9a03a"),
        (0.01, -0.07, 0.045, "#c9432e"), (-0.09, -0.05, 0.04, "#e6d6a8"),
    ):  # fmt: skip
        b.ball((x * w, 0.055 * w, z * w), (size * w, 0.55 * size * w, size * w), colour, blend=0.01 * w)
    steel = "#b4bcc2"
    for side in (1, -1):
        x = 0.34 * side * w
        b.limb((x, 0.012 * w, -0.2 * w), (x, 0.012 * w, 0.08 * w), (0.012 * w, 0.01 * w), steel)
        b.box((x, 0.012 * w, 0.15 * w), (0.022 * w, 0.008 * w, 0.08 * w), steel, rounded=0.006 * w)
    b.lathe([(0, 0.07 * w), (0.22 * w, 0.09 * w), (0.23 * w, 0.08 * w)], glass, at=(0.34 * w, 0, 0.34 * w))
    return b.parts
