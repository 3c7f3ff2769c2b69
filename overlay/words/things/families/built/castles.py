"""Castles: a keep behind walls with corner towers."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Skin, turned

_DARK = "#1f1d1c"


def castle(
    *, h: float = 20.0, wall: str = "#a39a8b", roof: str = "#4a5a6b", broken: bool = False
) -> list[Part]:
    """A keep behind walls with corner towers and a gate, or its ruin; `h` is the keep's turret."""
    b = Builder(wall, Skin.STONE)
    half = 0.62 * h
    if broken:
        return _ruin(b, half, h)
    for x in (-half, half):
        for z in (-half, half):
            _corner(b, x, z, h, roof)
    for x, z, turn in ((0.0, -half, 0), (0.0, half, 0), (-half, 0.0, 90), (half, 0.0, 90)):
        _curtain(b, x, z, turn, half, h)
    b.box((0, 0.12 * h, -half - 0.02 * h), (0.08 * h, 0.1 * h, 0.03 * h), "#2b211a", Skin.PLANKS)
    arch = (0.08 * h, 0.03 * h, 0.08 * h)
    b.cone((0, 0.22 * h, -half - 0.02 * h), arch, "#2b211a", Skin.PLANKS, turned(0, 90))
    _keep(b, h, roof)
    return b.parts


def _corner(b: Builder, x: float, z: float, h: float, roof: str) -> None:
    rows = [(0, 0.125 * h), (0.5 * h, 0.11 * h), (0.52 * h, 0.13 * h), (0.56 * h, 0.13 * h)]
    b.lathe(rows, at=(x, 0.0, z))
    b.cone((x, 0.66 * h, z), (0.15 * h, 0.1 * h, 0.0), roof, Skin.ROOF)
    b.box((x, 0.36 * h, z - 0.118 * h), (0.012 * h, 0.04 * h, 0.01 * h), _DARK, Skin.PLAIN)


def _curtain(b: Builder, x: float, z: float, turn: int, half: float, h: float) -> None:
    """A wall with battlements."""
    high, about = 0.34 * h, turned(turn)
    b.box((x, high / 2, z), (half, high / 2, 0.03 * h), turn=about)
    for k in np.linspace(-0.86, 0.86, 12):
        along = float(k) * half
        at = (x + (0 if turn else along), high + 0.015 * h, z + (along if turn else 0))
        b.box(at, (0.026 * h, 0.025 * h, 0.032 * h), turn=about)


def _keep(b: Builder, h: float, roof: str) -> None:
    b.box((0.1 * h, 0.36 * h, 0.1 * h), (0.24 * h, 0.36 * h, 0.22 * h))
    for k in np.linspace(-1, 1, 6):
        for z in (-0.12, 0.32):
            at = (0.1 * h + float(k) * 0.22 * h, 0.745 * h, z * h)
            b.box(at, (0.025 * h, 0.03 * h, 0.025 * h))
    for x in (-0.05, 0.1, 0.25):
        b.box((x * h, 0.55 * h, -0.125 * h), (0.016 * h, 0.045 * h, 0.01 * h), _DARK, Skin.GLASS)
    b.lathe([(0.6 * h, 0.1 * h), (0.9 * h, 0.095 * h)], at=(0.26 * h, 0, 0.22 * h))
    b.cone((0.26 * h, 1.0 * h, 0.22 * h), (0.125 * h, 0.11 * h, 0.0), roof, Skin.ROOF)


def _ruin(b: Builder, half: float, h: float) -> list[Part]:
    """Towers broken at different heights, walls with gaps, one side of the keep, rubble."""
    rng = np.random.default_rng(4)
    for x, z, left in ((-half, -half, 0.5), (half, -half, 0.24), (-half, half, 0.62), (half, half, 0.36)):
        b.lathe([(0, 0.125 * h), (left * h, 0.113 * h)], at=(x, 0.0, z))
        for k in range(7):
            a = 2 * np.pi * k / 7
            up = float(rng.uniform(0.01, 0.09)) * h
            at = (x + 0.09 * h * float(np.cos(a)), left * h + 0.5 * up, z + 0.09 * h * float(np.sin(a)))
            b.box(at, (0.032 * h, 0.6 * up, 0.03 * h), turn=turned(-float(np.degrees(a))))
        b.box((x, 0.16 * h, z - 0.118 * h), (0.012 * h, 0.04 * h, 0.01 * h), _DARK, Skin.PLAIN)
    for x, z, turn in ((0.0, -half, 0), (0.0, half, 0), (-half, 0.0, 90)):
        for k in range(13):
            along = (k / 6 - 1) * 0.88 * half
            gate = turn == 0 and z < 0 and k in (6, 7)
            up = (0.05 if gate else float(rng.uniform(0.12, 0.33))) * h
            at = (x + (0 if turn else along), up / 2, z + (along if turn else 0))
            b.box(at, (0.078 * half, up / 2, 0.03 * h), turn=turned(turn))
    for k, up in enumerate((0.66, 0.7, 0.52, 0.34, 0.2)):
        b.box(((0.02 + 0.08 * k) * h, up * h / 2, 0.1 * h), (0.041 * h, up * h / 2, 0.05 * h))
    for x, y in ((0.03, 0.45), (0.03, 0.24), (0.15, 0.3)):
        b.box((x * h, y * h, 0.045 * h), (0.016 * h, 0.045 * h, 0.012 * h), _DARK, Skin.PLAIN)
    for _ in range(14):
        x, z, size = float(rng.uniform(-0.8, 0.8)) * h, -half - float(rng.uniform(0.08, 0.3)) * h, float(rng.uniform(0.01, 0.03)) * h
        b.box((x, 0.6 * size, z), (size, 0.7 * size, 0.8 * size), turn=turned(float(rng.uniform(0, 90)), 9))
    return b.parts
