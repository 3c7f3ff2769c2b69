"""What rolls and flies: carts, cars, engines, bicycles, balloons, aeroplanes."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Point, Skin, turned

_TYRE = "#23211f"


def rolling_wheel(b: Builder, at: Point, r: float, rim: str, spokes: int = 0, thick: float = 0.05) -> None:
    """A wheel that rolls along x."""
    b.ring(at, r - thick, thick, _TYRE if not spokes else rim, turned(0, 90))
    if not spokes:
        b.cone(at, (0.6 * r, 0.06, 0.6 * r), rim, Skin.PLAIN, turn=turned(0, 90))
    for k in range(spokes):
        a = 2 * np.pi * k / spokes
        b.limb(at, (at[0] + (r - thick) * np.cos(a), at[1] + (r - thick) * np.sin(a), at[2]), (0.02, 0.02), rim, Skin.PLAIN)


def cart(*, wood: str = "#8a6a48", load: str = "", cover: str = "") -> list[Part]:
    """A two-wheeled cart with shafts, loaded or covered."""
    b = Builder(wood, Skin.PLANKS)
    b.box((0, 0.85, 0), (1.0, 0.06, 0.6))
    for z in (0.6, -0.6):
        b.box((0, 1.12, z), (1.0, 0.22, 0.03))
        b.limb((0.9, 0.85, z * 0.8), (2.5, 0.9, z * 0.6), (0.045, 0.04))
        rolling_wheel(b, (-0.1, 0.62, z * 1.18), 0.62, wood, 10, 0.045)
    b.box((-1.0, 1.12, 0), (0.03, 0.22, 0.6))
    if load:
        b.ball((0, 1.35, 0), (0.95, 0.45, 0.6), load, Skin.FUR)
    if cover:
        for x in (-0.5, 0.0, 0.5):
            b.cone((x, 1.45, 0), (0.62, 0.28, 0.62), cover, Skin.PLAIN, turn=turned(0, 0, 90))
    return b.parts


def car(*, kind: str = "car", c: str = "#a3402f", glass: str = "#33434d") -> list[Part]:
    """A car, a bus, a van, a lorry or a tractor, driving along +x.

    Parameters
    ----------
    kind : car, bus, van, truck or tractor.
    """
    b = Builder(c, Skin.PLAIN, 0.06)
    if kind == "tractor":
        _tractor(b, glass)
        return b.parts
    wheels, r, aside = _BODIES[kind](b, glass)
    for x in wheels:
        for z in (aside, -aside):
            rolling_wheel(b, (x, r, z), r, "#b8b4ac", 0, 0.3 * r)
    return b.parts


Wheels = tuple[tuple[float, ...], float, float]  # where along x, radius, how far aside


def _bus(b: Builder, glass: str) -> Wheels:
    b.box((0, 1.5, 0), (3.9, 1.05, 1.15), rounded=0.22)
    b.box((0, 1.9, 0), (3.94, 0.36, 1.17), glass, Skin.WINDOWS, blend=0.0)
    return (-2.5, 2.5), 0.48, 1.05


def _van(b: Builder, glass: str) -> Wheels:
    b.box((-0.35, 1.2, 0), (1.65, 0.8, 0.92), rounded=0.16)
    b.box((1.55, 0.85, 0), (0.6, 0.42, 0.9), rounded=0.16)
    b.box((1.28, 1.5, 0), (0.3, 0.32, 0.84), glass, blend=0.0, turn=turned(0, 0, 24))
    b.box((-0.5, 1.45, -0.9), (0.95, 0.32, 0.06), glass, Skin.WINDOWS, blend=0.0)
    b.box((-0.35, 0.74, 0), (1.68, 0.1, 0.94), "#f6f2e8", blend=0.0)
    for z in (0.6, -0.6):
        b.ball((2.12, 0.85, z), 0.1, "#f2e6c0", blend=0.0)
    return (-1.35, 1.45), 0.36, 0.86


def _truck(b: Builder, glass: str) -> Wheels:
    b.box((2.2, 1.3, 0), (0.85, 0.85, 1.05), rounded=0.16)
    b.box((2.6, 1.72, 0), (0.5, 0.3, 1.07), glass, blend=0.0)
    b.box((-0.9, 1.65, 0), (2.2, 1.15, 1.15), "#c9bfa8", Skin.PLANKS, blend=0.0)
    return (-2.2, -1.1, 2.1), 0.5, 1.05


def _car(b: Builder, glass: str) -> Wheels:
    chrome = "#cfccc2"
    b.box((0, 0.62, 0), (2.05, 0.26, 0.74), rounded=0.18)
    b.box((1.2, 0.9, 0), (0.85, 0.16, 0.6), rounded=0.14)
    b.box((-1.45, 0.88, 0), (0.6, 0.15, 0.62), rounded=0.14)
    b.box((-0.3, 1.16, 0), (0.98, 0.34, 0.64), rounded=0.2)
    b.box((-0.3, 1.47, 0), (0.84, 0.09, 0.56), rounded=0.08)
    b.box((0.66, 1.2, 0), (0.03, 0.2, 0.52), glass, blend=0.0, turn=turned(0, 0, 24))
    b.box((-1.26, 1.2, 0), (0.03, 0.17, 0.5), glass, blend=0.0, turn=turned(0, 0, -24))
    for z in (1, -1):
        for x in (1.3, -1.3):  # wings over the wheels
            b.ball((x, 0.64, 0.68 * z), (0.58, 0.38, 0.22))
        for x, half in ((-0.78, 0.34), (0.08, 0.42)):
            b.box((x, 1.2, 0.645 * z), (half, 0.19, 0.02), glass, blend=0.0)
        b.box((0, 0.76, 0.745 * z), (1.9, 0.025, 0.012), chrome, blend=0.0)
        b.ball((2.0, 0.8, 0.5 * z), (0.09, 0.13, 0.13), "#f4ecd0", blend=0.0)
        b.ball((-2.02, 0.72, 0.52 * z), (0.05, 0.09, 0.09), "#8a1f1a", blend=0.0)
    b.box((2.05, 0.74, 0), (0.02, 0.14, 0.3), chrome, Skin.LATTICE, blend=0.0)
    for x in (2.14, -2.14):
        b.limb((x, 0.46, 0.72), (x, 0.46, -0.72), (0.055, 0.055), chrome, blend=0.0)
    return (-1.3, 1.3), 0.34, 0.8


_BODIES = {"car": _car, "bus": _bus, "van": _van, "truck": _truck}


def _tractor(b: Builder, glass: str) -> None:
    b.box((0.75, 1.15, 0), (0.9, 0.35, 0.34), rounded=0.08)
    b.box((-0.55, 1.25, 0), (0.55, 0.5, 0.5), rounded=0.1)
    b.box((-0.6, 2.2, 0), (0.6, 0.06, 0.6), rounded=0.03)
    b.box((-0.6, 1.85, 0), (0.45, 0.3, 0.46), glass, blend=0.0)
    b.limb((1.1, 1.4, 0), (1.1, 2.2, 0), (0.05, 0.05), "#2b2b2b", blend=0.0)
    for z in (0.75, -0.75):
        rolling_wheel(b, (-0.7, 0.82, z), 0.82, "#d9b03a", 0, 0.14)
        rolling_wheel(b, (1.25, 0.45, z * 0.75), 0.45, "#d9b03a", 0, 0.09)


def locomotive(*, c: str = "#2b4034", trim: str = "#b03a2e", wagons: int = 1) -> list[Part]:
    """A steam engine with its tender and a wagon, on rails."""
    b = Builder(c)
    b.cone((1.2, 2.0, 0), (0.85, 2.3, 0.85), turn=turned(0, 0, -90))
    b.cone((3.55, 2.0, 0), (0.9, 0.12, 0.9), "#1b1c1e", turn=turned(0, 0, -90))
    b.lathe([(2.7, 0.24), (3.4, 0.22), (3.5, 0.36), (3.75, 0.34)], "#1b1c1e", at=(3.0, 0, 0))
    b.ball((1.2, 2.85, 0), (0.35, 0.4, 0.35), "#c9a24a")
    b.box((-1.7, 2.3, 0), (0.95, 1.2, 1.1))
    b.box((-1.7, 2.75, 0), (0.55, 0.35, 1.12), "#20282b")
    b.box((-1.7, 3.55, 0), (1.15, 0.08, 1.25), "#1b1c1e")
    b.box((0.5, 1.05, 0), (3.2, 0.14, 1.0), trim)
    b.limb((3.6, 0.5, 0.8), (3.6, 0.5, -0.8), (0.12, 0.12), trim)
    for z in (0.9, -0.9):
        for x in (-1.6, 0.1, 1.7):
            rolling_wheel(b, (x, 0.75, z), 0.75, trim, 10, 0.08)
        rolling_wheel(b, (3.1, 0.42, z), 0.42, trim, 8, 0.06)
        b.limb((-1.6, 0.6, z * 1.08), (1.7, 0.6, z * 1.08), (0.05, 0.05), "#b8b4ac")
    x = -4.6
    for k in range(wagons + 1):
        tender = k == 0
        half = 1.5 if tender else 3.2
        b.box(
            (x, 1.75, 0),
            (half, 0.75 if tender else 1.2, 1.1),
            c if tender else trim,
            Skin.PLAIN if tender else Skin.WINDOWS,
        )
        if not tender:
            b.box((x, 3.05, 0), (half + 0.1, 0.12, 1.2), "#4a4644")
        for z in (0.9, -0.9):
            for dx in (-0.6, 0.6):
                rolling_wheel(b, (x + dx * half, 0.45, z), 0.45, "#33383a", 0, 0.1)
        x -= half + 3.5
    b.box((-4.0, 0.03, 0.8), (9.0, 0.05, 0.05), "#6b625a")
    b.box((-4.0, 0.03, -0.8), (9.0, 0.05, 0.05), "#6b625a")
    return b.parts


def bicycle(*, c: str = "#2e5a6b") -> list[Part]:
    """A bicycle that leans on nothing."""
    b = Builder(c)
    back, front, seat, bar, pedal = ((-0.52, 0.34, 0), (0.56, 0.34, 0), (-0.2, 0.82, 0), (0.42, 0.86, 0), (-0.05, 0.32, 0))
    for at in (back, front):
        rolling_wheel(b, at, 0.34, "#33302c", 12, 0.02)
    for a, e in ((back, seat), (back, pedal), (pedal, seat), (pedal, bar), (seat, bar), (front, bar)):
        b.limb(a, e, (0.017, 0.017))
    b.limb(bar, (0.36, 1.0, 0), (0.015, 0.015))
    b.chain([(0.26, 0.98, 0.24), (0.38, 1.0, 0.1), (0.38, 1.0, -0.1), (0.26, 0.98, -0.24)], [0.014] * 4, "#33302c")
    b.limb(seat, (-0.22, 0.92, 0), (0.015, 0.015))
    b.ball((-0.23, 0.94, 0), (0.13, 0.035, 0.07), "#5a3a24")
    return b.parts


def balloon(*, h: float = 14.0, c: str = "#c9432e", second: str = "#f0e2c0", basket: str = "#8a6236") -> list[Part]:
    """A hot-air balloon with its basket."""
    b = Builder(c, Skin.PLAIN, 0.0)
    r = 0.33 * h
    for k in range(10):
        a = 2 * np.pi * k / 10
        at = (0.32 * r * np.cos(a), 0.64 * h, 0.32 * r * np.sin(a))
        b.ball(at, (0.72 * r, 1.02 * r, 0.72 * r), c if k % 2 else second)
    b.cone((0, 0.3 * h, 0), (0.1 * r, 0.14 * h, 0.76 * r), c)
    b.box((0, 0.05 * h, 0), (0.05 * h, 0.045 * h, 0.05 * h), basket, Skin.PLANKS, rounded=0.01 * h)
    for x in (1, -1):
        for z in (1, -1):
            b.limb((x * 0.045 * h, 0.09 * h, z * 0.045 * h), (x * 0.03 * h, 0.18 * h, z * 0.03 * h), (0.03, 0.03), basket)
    return b.parts


def aeroplane(*, length: float = 8.0, c: str = "#d9dce0", trim: str = "#b03a2e", biplane: bool = False) -> list[Part]:
    """A propeller plane flying along +x, with one pair of wings or two."""
    n = length
    b = Builder(c, Skin.PLAIN, 0.02 * n)
    b.chain(
        [(-0.48 * n, 0.06 * n, 0), (0.0, 0.03 * n, 0), (0.4 * n, 0.02 * n, 0), (0.46 * n, 0.02 * n, 0)],
        [0.02 * n, 0.075 * n, 0.07 * n, 0.045 * n],
    )
    for y in (0.03, 0.19) if biplane else (0.0,):
        b.box((0.12 * n, y * n, 0), (0.09 * n, 0.01 * n, 0.56 * n), trim if biplane else None, rounded=0.008 * n)
    for z in (0.3, -0.3) if biplane else ():
        b.limb((0.12 * n, 0.03 * n, z * n), (0.12 * n, 0.19 * n, z * n), (0.008 * n, 0.008 * n))
    b.box((-0.44 * n, 0.07 * n, 0), (0.05 * n, 0.007 * n, 0.19 * n))
    b.sheet([(-0.5 * n, 0.07 * n, 0), (-0.36 * n, 0.07 * n, 0), (-0.5 * n, 0.22 * n, 0)], 0.01 * n, trim)
    b.ball((0.08 * n, 0.1 * n, 0), (0.09 * n, 0.045 * n, 0.045 * n), "#33434d", blend=0.0)
    b.box((0.48 * n, 0.02 * n, 0), (0.006 * n, 0.15 * n, 0.014 * n), "#6b4a2c", turn=turned(0, 32), blend=0.0)
    for z in (0.14, -0.14):
        b.limb((0.2 * n, 0, 0.4 * z * n), (0.22 * n, -0.11 * n, z * n), (0.008 * n, 0.008 * n), blend=0.0)
        rolling_wheel(b, (0.22 * n, -0.11 * n, z * n), 0.045 * n, "#8a8a88", 0, 0.014 * n)
    return b.parts
