"""What goes through the air or above it without an engine: parachutes, carpets, gliders, satellites."""

import numpy as np

from overlay.words.things.families.living.figures import figure
from overlay.words.things.parts import Builder, Part, Point, Skin, moved, turned


def parachute(*, h: float = 7.0, cloth: str = "#c9432e", second: str = "#f0e6d2") -> list[Part]:
    """A parachute of stripes with somebody who hangs from it."""
    b = Builder(cloth, Skin.PLAIN)
    r, rim, hands = 0.46 * h, 0.62 * h, (0.0, 0.26 * h, 0.0)
    for k in range(12):
        a, wide = 2 * np.pi * k / 12, 0.34 * r
        at = (0.6 * r * float(np.cos(a)), rim + 0.07 * h, 0.6 * r * float(np.sin(a)))
        b.ball(at, (wide, 0.28 * r, wide), cloth if k % 2 else second)
        edge: Point = (0.9 * r * float(np.cos(a)), rim, 0.9 * r * float(np.sin(a)))
        b.limb(edge, hands, (0.012, 0.012), "#e9e4d6")
    b.ball((0, rim + 0.16 * h, 0), (0.62 * r, 0.36 * r, 0.62 * r), second)
    hangs = figure(h=1.75, coat="#4a5a3a", trousers="#3a3f34", hat="helmet", pose="dance")
    return [*b.parts, *moved(hangs, np.eye(3), (0.0, 0.26 * h - 1.72, 0.0))]


def flying_carpet(*, w: float = 2.6, cloth: str = "#9b2f2f", hem: str = "#d9a63a") -> list[Part]:
    """A carpet that flies in waves, tassels at its ends, with somebody on it."""
    b = Builder(cloth, Skin.PLAIN)
    xs = np.linspace(-0.5, 0.5, 9) * w
    ys = 0.5 + 0.1 * np.sin(np.linspace(0.3, 2.2, 9) * np.pi) + 0.12 * (xs / w)
    for k in range(8):
        for colour, half, rise in ((hem, 0.34 * w, 0.0), (cloth, 0.29 * w, 0.02)):
            b.sheet([(xs[k], ys[k] + rise, -half), (xs[k + 1], ys[k + 1] + rise, -half), (xs[k + 1], ys[k + 1] + rise, half), (xs[k], ys[k] + rise, half)], 0.018, colour)  # fmt: skip
    for k in (2, 4, 6):
        for z in (-0.14 * w, 0.14 * w):
            b.ball((xs[k], ys[k] + 0.035, z), (0.1, 0.02, 0.1), hem)
    for x, y in ((xs[0], ys[0]), (xs[-1], ys[-1])):
        out = np.sign(x) * 0.14
        for z in np.linspace(-0.3, 0.3, 9) * w:
            b.limb((x, y, float(z)), (x + float(out), y - 0.08, float(z)), (0.02, 0.012), hem, Skin.FUR)
    sits = figure(h=1.6, coat="#3a6b8a", trousers="#e6dcc4", hat="cap", pose="sit")
    top = float(ys[4]) + 0.03
    b.ball((-0.1, top + 0.2, 0), (0.26, 0.2, 0.26), hem)
    return [*b.parts, *moved(sits, np.eye(3), (-0.1, top, 0.0))]


def hang_glider(*, span: float = 9.0, cloth: str = "#d97f28", second: str = "#f0e2c0") -> list[Part]:
    """A wing of cloth with a bar below it, and somebody who hangs there."""
    b = Builder(cloth, Skin.PLAIN)
    nose, half = (0.26 * span, 2.4, 0.0), 0.5 * span
    for side, colour in ((1, cloth), (-1, second)):
        b.sheet([nose, (-0.2 * span, 2.15, side * half), (-0.16 * span, 2.3, 0.0)], 0.03, colour)
        b.limb(nose, (-0.2 * span, 2.15, side * half), (0.04, 0.03), "#5a5e64")
        b.limb((0.0, 2.3, 0.0), (0.25, 0.9, side * 0.6), (0.02, 0.02), "#5a5e64")
    b.limb(nose, (-0.18 * span, 2.3, 0.0), (0.04, 0.04), "#5a5e64")
    b.limb((0.25, 0.9, -0.6), (0.25, 0.9, 0.6), (0.022, 0.022), "#5a5e64")
    flat = moved(figure(h=1.7, coat="#2f4a6b", hat="helmet"), turned(0, 0, -82), (-0.7, 0.85, 0.0))
    return [*b.parts, *flat]


def broom_rider(
    *,
    h: float = 1.66,
    coat: str = "#2b2430",
    trousers: str = "#3b3530",
    hair: str = "#3a2619",
    skirt: bool = False,
    long: bool = False,
    hat: str = "",
    cloak: str = "",
    wood: str = "#7a5534",
    twigs: str = "#a8843f",
) -> list[Part]:
    """Somebody who flies on a broom, its twigs behind."""
    b = Builder(wood, Skin.BARK)
    y, reach = 0.3 * h, 1.1 * h
    b.limb((-0.4 * reach, y, 0), (0.75 * reach, y + 0.07 * h, 0), (0.02, 0.017))
    for k in range(9):
        a = 2 * np.pi * k / 9
        tip = (-0.85 * reach, y + 0.08 * h * float(np.sin(a)), 0.08 * h * float(np.cos(a)))
        b.limb((-0.36 * reach, y, 0), tip, (0.028, 0.02), twigs, Skin.FUR, 0.02)
    b.limb((-0.42 * reach, y, 0), (-0.36 * reach, y, 0), (0.05, 0.038), "#4a3624")
    rides = figure(
        h=h, coat=coat, trousers=trousers, hair=hair, skirt=skirt, long=long, hat=hat, cloak=cloak, pose="sit",
    )  # fmt: skip
    return [*b.parts, *moved(rides, turned(0, 0, -12), (0.0, 0.07 * h, 0.0))]


def satellite(*, c: str = "#c9a24a", second: str = "#2f4a86") -> list[Part]:
    """A satellite: a wrapped body, a wing of cells at each side, a dish."""
    b = Builder(c)
    b.box((0, 1.5, 0), (0.5, 0.6, 0.5), rounded=0.06)
    for side in (1, -1):
        b.limb((side * 0.5, 1.5, 0), (side * 0.9, 1.5, 0), (0.04, 0.04), "#b8bcbf")
        for k in range(3):
            b.box((side * (1.35 + 0.86 * k), 1.5, 0), (0.41, 0.52, 0.02), second, Skin.LATTICE)
    b.cone((0, 2.35, 0), (0.48, 0.1, 0.48), "#dfe2e4", Skin.PLAIN)
    b.limb((0, 2.05, 0), (0, 2.75, 0), (0.03, 0.02), "#b8bcbf")
    b.limb((0.2, 0.9, 0), (0.5, 0.3, -0.2), (0.03, 0.02), "#b8bcbf")
    return moved(b.parts, turned(18, 0, 16), (0.0, 0.6, 0.0))


def comet(*, r: float = 0.12, c: str = "#fff4d8", tail: str = "#cfe0ff") -> list[Part]:
    """A star that falls to +x, its long tail behind and above it; it shines at night."""
    b = Builder(c, Skin.GLASS, 0.3 * r)
    b.ball((0, r, 0), r)
    way = [(-r * s, r * (1 + 0.45 * s), 0.0) for s in (0.0, 6.0, 16.0, 36.0)]
    b.chain(way, [0.7 * r, 0.42 * r, 0.22 * r, 0.03 * r], tail)
    return b.parts
