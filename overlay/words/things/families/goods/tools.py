"""Tools and instruments: globes, telescopes, anchors, bells, lamps, swords and spades."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Skin, moved, turned

_BRASS, _IRON, _WOOD = "#c9a24a", "#4a4f54", "#8a6236"


def globe(*, h: float = 0.42, sea: str = "#4f86a8", land: str = "#c9b26a", stand: str = _WOOD) -> list[Part]:
    """A globe on its stand."""
    b = Builder(stand)
    b.lathe([(0, 0.26 * h), (0.05 * h, 0.24 * h), (0.08 * h, 0.06 * h), (0.2 * h, 0.05 * h)])
    b.second = land
    b.ball((0, 0.6 * h, 0), 0.34 * h, sea, Skin.SPOTS)
    b.ring((0, 0.6 * h, 0), 0.385 * h, 0.018 * h, _BRASS, turned(0, 90, 0))
    return b.parts


def telescope(*, h: float = 1.4, tube: str = _BRASS, wood: str = _WOOD) -> list[Part]:
    """A telescope on three legs."""
    b = Builder(tube)
    b.limb((-0.36 * h, 0.6 * h, 0), (0.1 * h, 0.84 * h, 0), (0.035 * h, 0.045 * h))
    b.limb((0.1 * h, 0.84 * h, 0), (0.4 * h, 1.0 * h, 0), (0.05 * h, 0.056 * h))
    b.limb((-0.38 * h, 0.59 * h, 0), (-0.44 * h, 0.56 * h, 0), (0.026 * h, 0.03 * h), "#2b2320")
    for a in (0.5, 2.6, 4.7):
        b.limb((0, 0.74 * h, 0), (0.34 * h * np.cos(a), 0, 0.34 * h * np.sin(a)), (0.022 * h, 0.015 * h), wood)
    return b.parts


def wheel(*, h: float = 1.1, wood: str = _WOOD, rim: str = "", spokes: int = 10, knobs: bool = False) -> list[Part]:
    """A cart wheel that leans, or with knobs a ship's wheel."""
    b = Builder(wood)
    r = h / 2
    back = turned(0, 96)
    b.ring((0, r, 0), 0.9 * r, 0.09 * r, rim or wood, back)
    b.limb((0, r, -0.12 * r), (0, r, 0.12 * r), (0.16 * r, 0.16 * r))
    for k in range(spokes):
        a = 2 * np.pi * k / spokes
        out = 1.22 if knobs else 0.9
        b.limb((0, r, 0), (out * r * np.cos(a), r + out * r * np.sin(a), 0.05 * r * np.sin(a)), (0.05 * r, 0.045 * r))
    return b.parts


def anchor(*, h: float = 1.2, iron: str = _IRON) -> list[Part]:
    """An anchor that leans on its arm."""
    b = Builder(iron, Skin.PLAIN, 0.03 * h)
    b.limb((0, 0.12 * h, 0), (0, 0.86 * h, 0), (0.045 * h, 0.036 * h))
    b.ring((0, 0.93 * h, 0), 0.075 * h, 0.022 * h, turn=turned(0, 90))
    b.limb((-0.24 * h, 0.76 * h, 0), (0.24 * h, 0.76 * h, 0), (0.026 * h, 0.026 * h))
    for side in (1, -1):
        b.chain([(0, 0.1 * h, 0), (side * 0.2 * h, 0.14 * h, 0), (side * 0.34 * h, 0.26 * h, 0), (side * 0.4 * h, 0.38 * h, 0)], [0.05 * h, 0.044 * h, 0.036 * h, 0.012 * h])
        b.sheet([(side * 0.4 * h, 0.42 * h, 0), (side * 0.26 * h, 0.3 * h, 0), (side * 0.42 * h, 0.24 * h, 0)], 0.02 * h)
    return b.parts


def bell(*, h: float = 0.3, metal: str = "#b8883a") -> list[Part]:
    """A bell with its handle."""
    b = Builder(metal, Skin.PLAIN, 0.02 * h)
    b.lathe([(0, 0.42 * h), (0.05 * h, 0.4 * h), (0.25 * h, 0.28 * h), (0.5 * h, 0.23 * h), (0.6 * h, 0.12 * h), (0.64 * h, 0.03 * h)])
    b.limb((0, 0.62 * h, 0), (0, 0.92 * h, 0), (0.045 * h, 0.06 * h), _WOOD)
    b.ball((0, 0.95 * h, 0), 0.07 * h, _WOOD)
    return b.parts


def hourglass(*, h: float = 0.3, wood: str = _WOOD, sand: str = "#d9b878", glass: str = "#c9dadc") -> list[Part]:
    """An hourglass half run."""
    b = Builder(wood)
    for y in (0.03, 0.97):
        b.cone((0, y * h, 0), (0.3 * h, 0.03 * h, 0.3 * h))
    for k in range(3):
        a = 2 * np.pi * k / 3 + 0.5
        b.limb((0.25 * h * np.cos(a), 0, 0.25 * h * np.sin(a)), (0.25 * h * np.cos(a), h, 0.25 * h * np.sin(a)), (0.025 * h, 0.025 * h))
    b.lathe([(0.06 * h, 0.2 * h), (0.25 * h, 0.18 * h), (0.5 * h, 0.02 * h)], sand)
    b.lathe([(0.5 * h, 0.02 * h), (0.75 * h, 0.18 * h), (0.94 * h, 0.2 * h)], glass, Skin.GLASS)
    return b.parts


def blade(*, h: float = 1.0, steel: str = "#b4bcc2", hilt: str = "#6b4426", kind: str = "sword", held: bool = False) -> list[Part]:
    """A sword, an axe, a hammer, a spade, a rake or a broom, upright, leaning a little; a sword that
    is held points upwards.
    """  # fmt: skip
    b = Builder(steel)
    lean = turned(0, 6, 5)

    def at(x: float, y: float, z: float = 0.0) -> tuple[float, float, float]:
        p = lean @ np.array([x * h, (1 - y if kind == "sword" and held else y) * h, z * h])
        return float(p[0]), float(p[1]), float(p[2])

    if kind == "sword":
        b.sheet([at(0, 0), at(0.035, 0.1), at(0.035, 0.74), at(-0.035, 0.74), at(-0.035, 0.1)], 0.008 * h)
        b.limb(at(-0.13, 0.75), at(0.13, 0.75), (0.02 * h, 0.02 * h), _BRASS)
        b.limb(at(0, 0.76), at(0, 0.94), (0.02 * h, 0.022 * h), hilt)
        b.ball(at(0, 0.97), 0.032 * h, _BRASS)
        return b.parts
    b.limb(at(0, 0.12 if kind in {"spade", "rake", "broom"} else 0.0), at(0, 1.0), (0.018 * h, 0.016 * h), hilt)
    if kind == "axe":
        b.sheet([at(-0.03, 0.98), at(0.19, 1.02), at(0.22, 0.9), at(0.19, 0.76), at(-0.03, 0.84)], 0.014 * h)
    elif kind == "hammer":
        b.box(at(0.02, 0.95), (0.14 * h, 0.05 * h, 0.05 * h), turn=lean, rounded=0.01 * h)
    elif kind == "spade":
        b.sheet([at(-0.09, 0.28), at(0.09, 0.28), at(0.09, 0.08), at(0, 0.0), at(-0.09, 0.08)], 0.01 * h)
        b.limb(at(-0.06, 1.0), at(0.06, 1.0), (0.016 * h, 0.016 * h), hilt)
    elif kind == "rake":
        b.limb(at(-0.16, 0.1), at(0.16, 0.1), (0.014 * h, 0.014 * h))
        for k in range(8):
            b.limb(at(-0.16 + 0.046 * k, 0.1), at(-0.16 + 0.046 * k, 0.02, -0.02), (0.008 * h, 0.005 * h))
    else:
        b.lathe([(0, 0.13 * h), (0.1 * h, 0.1 * h), (0.24 * h, 0.03 * h)], "#c9a050", Skin.FUR)
    return b.parts


def shield(*, h: float = 0.7, c: str = "#a8322a", second: str = "#e0c060", round_: bool = False) -> list[Part]:
    """A shield that faces the eye."""
    b = Builder(c)
    if round_:
        b.ball((0, 0.5 * h, 0), (0.48 * h, 0.48 * h, 0.1 * h))
        b.ring((0, 0.5 * h, -0.01 * h), 0.47 * h, 0.03 * h, _IRON, turned(0, 90))
        b.ball((0, 0.5 * h, -0.09 * h), (0.12 * h, 0.12 * h, 0.06 * h), second)
        return b.parts
    b.sheet([(0, 0, 0), (0.3 * h, 0.3 * h, 0.02 * h), (0.4 * h, 0.95 * h, 0.03 * h), (-0.4 * h, 0.95 * h, 0.03 * h), (-0.3 * h, 0.3 * h, 0.02 * h)], 0.03 * h)
    b.box((0, 0.5 * h, -0.03 * h), (0.05 * h, 0.42 * h, 0.015 * h), second)
    b.box((0, 0.66 * h, -0.03 * h), (0.33 * h, 0.05 * h, 0.015 * h), second)
    return b.parts


def key(*, h: float = 0.12, metal: str = "#8a7a4a") -> list[Part]:
    """A key that stands on its teeth, for it must be seen."""
    b = Builder(metal)
    b.ring((0, 0.84 * h, 0), 0.13 * h, 0.035 * h, turn=turned(0, 90))
    b.limb((0, 0.72 * h, 0), (0, 0.04 * h, 0), (0.035 * h, 0.03 * h))
    for y in (0.08, 0.2):
        b.box((0.09 * h, y * h, 0), (0.08 * h, 0.04 * h, 0.02 * h))
    return b.parts


def watch(*, h: float = 0.1, metal: str = _BRASS, face: str = "#f2ecdc") -> list[Part]:
    """A pocket watch propped up, or a wall clock."""
    b = Builder(metal)
    b.cone((0, 0.42 * h, 0), (0.4 * h, 0.06 * h, 0.4 * h), turn=turned(0, 80))
    b.cone((0, 0.42 * h, -0.055 * h), (0.34 * h, 0.012 * h, 0.34 * h), face, turn=turned(0, 80))
    b.ball((0, 0.86 * h, 0.07 * h), 0.05 * h)
    b.ring((0, 0.94 * h, 0.08 * h), 0.07 * h, 0.018 * h, turn=turned(0, 80))
    for x, y in ((0.0, 0.2), (0.14, 0.08)):
        b.limb((0, 0.42 * h, -0.085 * h), (x * h, (0.42 + y) * h, -0.06 * h), (0.018 * h, 0.01 * h), "#191614")
    return b.parts


def screen(*, h: float = 0.4, case: str = "#3a3d40", glow: str = "#a9c8d4", keys: bool = False, old: bool = False) -> list[Part]:
    """A television, a radio or, with keys, a typewriter or computer; it faces the eye."""
    b = Builder(case)
    if keys:
        b.box((0, 0.05 * h, -0.2 * h), (0.5 * h, 0.04 * h, 0.34 * h), rounded=0.02 * h)
        for r in range(4):
            for k in range(9):
                b.box(((-0.4 + 0.1 * k) * h, (0.1 + 0.015 * r) * h, (-0.44 + 0.1 * r) * h), (0.036 * h, 0.014 * h, 0.034 * h), "#e6dfd0", rounded=0.01 * h)
        b.box((0, 0.36 * h, 0.16 * h), (0.5 * h, 0.28 * h, 0.03 * h), rounded=0.02 * h)
        b.box((0, 0.37 * h, 0.125 * h), (0.44 * h, 0.23 * h, 0.01 * h), glow, Skin.GLASS)
        return b.parts
    b.box((0, 0.5 * h, 0), (0.66 * h, 0.44 * h, 0.3 * h), _WOOD if old else case, rounded=0.04 * h)
    b.box((-0.12 * h, 0.52 * h, -0.3 * h), (0.42 * h, 0.34 * h, 0.015 * h), glow, Skin.GLASS, rounded=0.08 * h)
    for y in (0.7, 0.52, 0.34):
        b.ball((0.5 * h, y * h, -0.31 * h), 0.05 * h, "#c9bfa6")
    for side in (1, -1):
        b.limb((0, 0.94 * h, 0), (side * 0.4 * h, 1.4 * h, 0.05 * h), (0.015 * h, 0.01 * h), "#8f959a")
        b.limb((side * 0.4 * h, 0.08 * h, 0), (side * 0.5 * h, 0.0, 0), (0.03 * h, 0.02 * h), _WOOD)
    return b.parts


def lamp(*, h: float = 0.42, shade: str = "#e8d8a8", base: str = "#8a5a3a", oil: bool = False) -> list[Part]:
    """A table lamp, or an oil lamp with its chimney."""
    b = Builder(base)
    if oil:
        b.lathe([(0, 0.24 * h), (0.05 * h, 0.2 * h), (0.12 * h, 0.08 * h), (0.24 * h, 0.24 * h), (0.36 * h, 0.22 * h), (0.42 * h, 0.09 * h), (0.48 * h, 0.1 * h)])
        b.lathe([(0.48 * h, 0.1 * h), (0.6 * h, 0.14 * h), (0.78 * h, 0.08 * h), (h, 0.07 * h)], "#f2e2b0", Skin.GLASS)
        return b.parts
    b.lathe([(0, 0.22 * h), (0.05 * h, 0.2 * h), (0.1 * h, 0.06 * h), (0.25 * h, 0.13 * h), (0.45 * h, 0.06 * h), (0.58 * h, 0.03 * h)])
    b.lathe([(0.52 * h, 0.36 * h), (0.98 * h, 0.2 * h)], shade, Skin.GLASS)
    return b.parts


def cutlery(*, h: float = 0.2, metal: str = "#b4bcc2", sticks: bool = False, only: str = "") -> list[Part]:
    """Knife, fork and spoon laid side by side, `h` metres long, or one of them; or chopsticks on a rest."""
    b = Builder(metal)
    r, y = 0.022 * h, 0.03 * h
    if sticks:
        b.limb((0, 0.06 * h, -0.28 * h), (0, 0.06 * h, -0.12 * h), (0.05 * h, 0.05 * h), "#e8e2d4")
        for x in (-0.06, 0.06):
            b.limb((x * h, y, 0.5 * h), (0.5 * x * h, 0.13 * h, -0.5 * h), (0.026 * h, 0.014 * h))
        return b.parts
    for k, (name, x) in enumerate((("knife", -0.26), ("fork", 0.0), ("spoon", 0.26))):
        if only:
            x = 0.0
        if only not in {"", name}:
            continue
        b.limb((x * h, y, 0.5 * h), (x * h, y, -0.12 * h), (0.034 * h, r))
        if k == 0:
            b.box((x * h + 0.02 * h, y, -0.31 * h), (0.05 * h, 0.008 * h, 0.2 * h), rounded=0.008 * h)
        elif k == 1:
            for j in range(4):
                b.limb((x * h, y, -0.14 * h), ((x - 0.06 + 0.04 * j) * h, y, -0.5 * h), (0.016 * h, 0.012 * h))
        else:
            b.ball((x * h, y, -0.32 * h), (0.09 * h, 0.025 * h, 0.16 * h))
    # One by itself lies across, where its shape is seen.
    return moved(b.parts, turned(66), (0.0, 0.0, 0.0)) if only else b.parts
