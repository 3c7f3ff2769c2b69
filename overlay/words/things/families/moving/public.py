"""What runs for everybody: trams, buses of two decks, fire engines; a tractor with its trailer."""

from overlay.words.things.families.moving.vehicles import car, rolling_wheel
from overlay.words.things.parts import Builder, Part, Skin, moved, turned

_GLASS, _DARK = "#33434d", "#22242a"


def tram(*, c: str = "#2f6b5a", second: str = "#efe6d0", trim: str = "#c9a24a") -> list[Part]:
    """A tram on its rails: two colours, a row of windows, a pole that reaches for the wire."""
    b = Builder(c)
    b.box((0, 1.2, 0), (3.9, 0.55, 1.1), rounded=0.16)
    b.box((0, 2.2, 0), (3.86, 0.6, 1.06), second, rounded=0.14)
    b.box((0, 1.74, 0), (3.93, 0.06, 1.12), trim)
    b.box((0, 2.86, 0), (4.05, 0.11, 1.2), "#8a8f92", rounded=0.08)
    b.box((0, 3.04, 0), (2.9, 0.12, 0.55), "#a2a6a6")
    for side in (1, -1):
        for k in range(6):
            b.box((-2.2 + 1.02 * k, 2.26, side * 1.07), (0.4, 0.36, 0.03), _GLASS, Skin.GLASS)
        b.box((-3.35, 1.7, side * 1.1), (0.36, 0.92, 0.03), "#3a2f26", Skin.PLANKS)
        b.box((side * 3.88, 2.26, 0), (0.03, 0.36, 0.8), _GLASS, Skin.GLASS)
        b.ball((side * 3.92, 1.2, 0), 0.17, "#f6e8b8")
        b.box((0, 0.03, side * 0.75), (5.2, 0.05, 0.05), "#6b625a")
    b.box((3.92, 2.72, 0), (0.03, 0.12, 0.5), _DARK)
    b.box((0, 0.55, 0), (2.9, 0.2, 0.9), _DARK)
    for x in (-2.2, -1.3, 1.3, 2.2):
        for z in (0.8, -0.8):
            rolling_wheel(b, (x, 0.38, z), 0.38, "#6a6a68", 0, 0.08)
    b.limb((0.7, 3.15, 0), (-1.7, 4.4, 0), (0.05, 0.035), _DARK)
    b.limb((-1.9, 4.42, -0.4), (-1.9, 4.42, 0.4), (0.035, 0.035), _DARK)
    return b.parts


def omnibus(*, c: str = "#b03a2e", second: str = "#efe6d0") -> list[Part]:
    """A bus of two decks, driving along +x, its platform open at the back."""
    b = Builder(c)
    b.box((0, 1.4, 0), (4.0, 0.95, 1.15), rounded=0.16)
    b.box((0, 3.2, 0), (4.0, 0.95, 1.15), rounded=0.3)
    b.box((0, 2.32, 0), (3.99, 0.1, 1.16), second)
    for side in (1, -1):
        for k in range(6):
            x = -2.9 + 1.13 * k
            b.box((x, 3.35, side * 1.15), (0.46, 0.34, 0.03), _GLASS, Skin.GLASS)
            if k:
                b.box((x, 1.75, side * 1.15), (0.46, 0.34, 0.03), _GLASS, Skin.GLASS)
        b.box((-3.45, 1.35, side * 1.15), (0.36, 0.8, 0.03), "#2a2422")
        b.limb((-3.1, 0.5, side * 1.19), (-3.1, 2.2, side * 1.19), (0.035, 0.035), "#e6dcc0")
        b.ball((4.0, 0.85, side * 0.75), 0.14, "#f6e8b8")
    for y in (1.8, 3.35):
        b.box((3.99, y, 0), (0.03, 0.36, 0.85), _GLASS, Skin.GLASS)
    b.box((4.0, 2.62, 0), (0.04, 0.16, 0.7), _DARK)
    b.box((4.0, 1.0, 0), (0.04, 0.3, 0.4), _DARK)
    for x in (-2.3, 2.5):
        for z in (1.05, -1.05):
            rolling_wheel(b, (x, 0.5, z), 0.5, "#b8b4ac", 0, 0.15)
    return b.parts


def fire_engine(*, c: str = "#b8281f", steel: str = "#d9d4c6") -> list[Part]:
    """A fire engine, driving along +x: lockers, a reel, a ladder on its roof, blue lights."""
    b = Builder(c)
    b.box((2.3, 1.4, 0), (1.05, 0.95, 1.1), rounded=0.16)
    b.box((2.45, 1.88, 0), (0.62, 0.3, 1.12), _GLASS, Skin.GLASS)
    b.box((3.34, 1.82, 0), (0.03, 0.36, 0.88), _GLASS, Skin.GLASS)
    b.box((-0.95, 1.35, 0), (2.25, 0.85, 1.1), rounded=0.06)
    b.box((0, 0.78, 0), (3.34, 0.09, 1.12), "#f3efe2")
    for side in (1, -1):
        for x in (-2.35, -0.95, 0.45):
            b.box((x, 1.5, side * 1.1), (0.56, 0.5, 0.03), "#c9c6bd", Skin.PLANKS)
        b.limb((-3.3, 2.36, side * 0.34), (3.2, 2.78, side * 0.34), (0.06, 0.05), steel)
        b.ball((2.1, 2.42, side * 0.7), (0.2, 0.13, 0.13), "#3f7fc9")
        b.ball((3.36, 1.0, side * 0.75), 0.14, "#f6e8b8")
    for k in range(15):
        x = -3.1 + 0.43 * k
        y = 2.36 + 0.42 * (x + 3.3) / 6.5
        b.limb((x, y, -0.34), (x, y, 0.34), (0.035, 0.035), steel)
    b.ring((-3.25, 1.5, 0), 0.42, 0.14, "#d9b45a", turned(90, 90))
    b.ball((3.0, 2.5, 0), 0.15, "#c9a24a")
    for x in (-2.0, 2.25):
        for z in (1.0, -1.0):
            rolling_wheel(b, (x, 0.52, z), 0.52, "#b8b4ac", 0, 0.16)
    return b.parts


def tractor_trailer(
    *, c: str = "#3f6b3a", wood: str = "#8a6a48", load: str = "#d9b45a"
) -> list[Part]:
    """A tractor that pulls a trailer with a load of hay."""
    b = Builder(wood, Skin.PLANKS)
    b.box((-2.7, 0.95, 0), (1.9, 0.08, 1.0))
    b.limb((-0.9, 0.85, 0), (1.9, 0.8, 0), (0.07, 0.06), _DARK, Skin.PLAIN)
    for z in (1.0, -1.0):
        b.box((-2.7, 1.22, z), (1.9, 0.2, 0.03))
        for x in (-3.9, -1.5):
            rolling_wheel(b, (x, 0.46, 0.95 * z), 0.46, "#d9b03a", 0, 0.12)
    b.box((-4.58, 1.5, 0), (0.04, 0.55, 1.0))
    b.blend = 0.25
    for x, y, wide in ((-3.5, 1.6, 0.95), (-2.0, 1.55, 0.95), (-2.7, 1.95, 1.3)):
        b.ball((x, y, 0), (wide, 0.62, 0.98), load, Skin.FUR)
    return [*b.parts, *moved(car(kind="tractor", c=c), turned(), (2.7, 0.0, 0.0))]


def cable_car(*, c: str = "#c0392b", second: str = "#efe6d0", rope: str = "#3a3d40") -> list[Part]:
    """A cabin that hangs from its rope, which rises along +x."""
    b = Builder(c)
    b.box((0, 0.55, 0), (1.6, 0.5, 0.95), rounded=0.18)
    b.box((0, 1.5, 0), (1.58, 0.6, 0.93), second, rounded=0.16)
    b.box((0, 2.15, 0), (1.7, 0.1, 1.02), "#8a8f92", rounded=0.06)
    for side in (1, -1):
        for k in range(4):
            b.box((-1.14 + 0.76 * k, 1.5, side * 0.94), (0.3, 0.38, 0.03), _GLASS, Skin.GLASS)
        b.box((side * 1.6, 1.5, 0), (0.03, 0.38, 0.7), _GLASS, Skin.GLASS)
        b.limb((side * 0.5, 2.2, 0), (0, 3.6, 0), (0.06, 0.05), rope)
        b.cone((side * 0.55, 3.62 + side * 0.07, 0), (0.16, 0.06, 0.16), rope, turn=turned(0, 90))
    b.limb((-9.0, 2.55, 0), (9.0, 4.75, 0), (0.045, 0.045), rope)
    return b.parts
