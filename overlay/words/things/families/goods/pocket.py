"""What is carried about, worn or played with: spectacles, pipes, scissors, jewels, cards, cameras."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Point, Skin, turned

_GOLD, _DARK = "#c9a045", "#2b2623"


def spectacles(*, w: float = 0.14, metal: str = _GOLD) -> list[Part]:
    """Spectacles that stand on a table, their arms folded out behind."""
    b = Builder(metal)
    r, y = 0.19 * w, 0.21 * w
    for side in (1, -1):
        b.ring((0.27 * side * w, y, 0), r, 0.022 * w, turn=turned(0, 84))
        b.cone((0.27 * side * w, y, 0), (r, 0.006 * w, r), "#b9cdd2", Skin.GLASS, turned(0, 84))
        b.chain([(0.46 * side * w, y + 0.05 * w, 0), (0.48 * side * w, y + 0.05 * w, 0.5 * w), (0.44 * side * w, 0.03 * w, 0.78 * w)], [0.017 * w] * 3)
    b.chain([(-0.09 * w, y + 0.05 * w, 0), (0, y + 0.1 * w, 0), (0.09 * w, y + 0.05 * w, 0)], [0.02 * w] * 3)
    return b.parts


def smoking_pipe(*, long: float = 0.15, wood: str = "#5a3220") -> list[Part]:
    """A tobacco pipe that lies on its side of the bowl."""
    b = Builder(wood, blend=0.02 * long)
    n = long
    b.lathe([(0, 0.09 * n), (0.06 * n, 0.13 * n), (0.26 * n, 0.15 * n), (0.34 * n, 0.14 * n)], at=(-0.4 * n, 0, 0))
    b.cone((-0.4 * n, 0.34 * n, 0), (0.1 * n, 0.006 * n, 0.1 * n), "#171412", blend=0.0)
    b.chain([(-0.36 * n, 0.08 * n, 0), (-0.1 * n, 0.1 * n, 0), (0.1 * n, 0.17 * n, 0)], [0.06 * n, 0.045 * n, 0.04 * n])
    b.chain([(0.1 * n, 0.17 * n, 0), (0.34 * n, 0.22 * n, 0), (0.56 * n, 0.2 * n, 0)], [0.035 * n, 0.028 * n, 0.03 * n], "#1d1a18", blend=0.0)
    b.limb((0.09 * n, 0.166 * n, 0), (0.13 * n, 0.176 * n, 0), (0.047 * n, 0.045 * n), _GOLD, blend=0.0)
    return b.parts


def scissors(*, long: float = 0.2, steel: str = "#a9b0b5", grip: str = "#2f2b2a") -> list[Part]:
    """Scissors that lie a little open."""
    b = Builder(steel)
    n = long
    for side in (1, -1):
        tip, pivot, eye = (0.5 * n, 0.02 * n, 0.1 * side * n), (0.0, 0.02 * n, 0.0), (-0.36 * n, 0.02 * n, -0.13 * side * n)
        b.sheet([pivot, tip, (0.03 * n, 0.02 * n, 0.06 * side * n)], 0.012 * n)
        b.limb(pivot, (-0.22 * n, 0.02 * n, -0.09 * side * n), (0.022 * n, 0.02 * n))
        b.ring(eye, 0.1 * n, 0.024 * n, grip)
    b.ball((0, 0.035 * n, 0), 0.022 * n, _GOLD)
    return b.parts


def jewel(*, h: float = 0.03, metal: str = _GOLD, gem: str = "#b8243a", chain: bool = False) -> list[Part]:
    """A ring with a stone, or a necklace laid in a loop with one."""
    b = Builder(metal)
    if not chain:
        b.ring((0, 0.42 * h, 0), 0.34 * h, 0.07 * h, turn=turned(24, 86))
        b.ball((0, 0.9 * h, 0), (0.17 * h, 0.15 * h, 0.17 * h), gem, Skin.GLASS)
        b.cone((0, 0.78 * h, 0), (0.07 * h, 0.05 * h, 0.15 * h))
        return b.parts
    for k in range(40):
        a = 2 * np.pi * (k + 0.5) / 40
        b.ball((2.4 * h * float(np.cos(a)), 0.16 * h, 1.7 * h * float(np.sin(a))), 0.17 * h)
    b.ball((0, 0.3 * h, -2.0 * h), (0.42 * h, 0.26 * h, 0.5 * h), gem, Skin.GLASS)
    b.ring((0, 0.2 * h, -2.0 * h), 0.46 * h, 0.1 * h)
    return b.parts


def cards(*, w: float = 0.064, n: int = 5) -> list[Part]:
    """Playing cards laid out as a fan, faces up."""
    b = Builder("#f6f1e4")
    for k in range(n):
        turn = turned(14 * ((n - 1) / 2 - k))
        lift = 0.0015 + 0.0022 * k

        def at(x: float, z: float, up: float = 0.0, turn: np.ndarray = turn, lift: float = lift) -> Point:
            p = turn @ np.array([x * w, 0.0, z * w])
            return float(p[0]), lift + up, float(p[2]) - 0.9 * w

        b.box(at(0, 1.55), (0.5 * w, 0.001, 0.72 * w), turn=turn, rounded=0.0008)
        red = k % 2 == 0
        pips = [(0.0, 1.55)] if k == 2 else [(-0.22, 1.9), (0.22, 1.9), (-0.22, 1.2), (0.22, 1.2)]
        for x, z in [*pips, (-0.38, 2.12)]:
            small = 0.5 if z > 2 else 1.3 if k == 2 else 1.0
            b.ball(at(x, z, 0.001), (0.09 * small * w, 0.0012, 0.11 * small * w), "#b8242a" if red else _DARK, turn=turn)
    return b.parts


def dice(*, h: float = 0.03, c: str = "#f2ecdc", pip: str = "#26211f") -> list[Part]:
    """Two dice."""
    b = Builder(c)
    for x, z, yaw, up in ((-0.75, 0.1, 24, 5), (0.7, -0.2, -16, 3)):
        turn = turned(yaw)
        b.box((x * h, 0.5 * h, z * h), (0.5 * h, 0.5 * h, 0.5 * h), turn=turn, rounded=0.1 * h)
        faces = {5: ((-1, -1), (1, -1), (0, 0), (-1, 1), (1, 1)), 3: ((-1, -1), (0, 0), (1, 1))}
        for p, q in faces[up]:
            d = turn @ np.array([0.27 * p * h, 0.5 * h, 0.27 * q * h])
            b.ball((x * h + float(d[0]), 0.5 * h + float(d[1]), z * h + float(d[2])), (0.09 * h, 0.025 * h, 0.09 * h), pip)
        for p, q in ((-1, -1), (1, 1)) if up == 5 else ((0, 0), (-1, 1), (1, -1), (1, 1), (-1, -1)):
            d = turn @ np.array([0.27 * p * h, 0.27 * q * h, -0.5 * h])
            b.ball((x * h + float(d[0]), 0.5 * h + float(d[1]), z * h + float(d[2])), (0.09 * h, 0.09 * h, 0.025 * h), pip)
    return b.parts


def camera(*, w: float = 0.14, c: str = "#2b2826", metal: str = "#b4b4b0") -> list[Part]:
    """A camera of the old kind: a leather body, a lens, a finder, a winding knob."""
    b = Builder(c)
    b.box((0, 0.3 * w, 0), (0.5 * w, 0.24 * w, 0.13 * w), skin=Skin.SCALES, rounded=0.03 * w)
    b.box((0, 0.56 * w, 0), (0.49 * w, 0.05 * w, 0.125 * w), metal, rounded=0.02 * w)
    b.box((0, 0.65 * w, 0), (0.13 * w, 0.07 * w, 0.11 * w), metal, rounded=0.02 * w)
    b.box((0, 0.65 * w, -0.11 * w), (0.08 * w, 0.04 * w, 0.01 * w), "#33434d", Skin.GLASS)
    for r, z, colour in ((0.19, -0.17, metal), (0.165, -0.24, _DARK), (0.12, -0.29, "#3f5a78")):
        b.cone((0, 0.3 * w, z * w), (r * w, 0.05 * w, r * w), colour, turn=turned(0, 90))
    for x in (-0.34, 0.34):
        b.cone((x * w, 0.64 * w, 0), (0.07 * w, 0.03 * w, 0.07 * w), metal)
    b.box((0, 0.03 * w, 0), (0.49 * w, 0.03 * w, 0.125 * w), metal, rounded=0.01 * w)
    return b.parts


def telephone(*, w: float = 0.24, c: str = "#2a2725") -> list[Part]:
    """A telephone with a dial, its receiver on the cradle."""
    b = Builder(c, blend=0.02 * w)
    b.lathe([(0, 0.46 * w), (0.08 * w, 0.44 * w), (0.3 * w, 0.26 * w), (0.36 * w, 0.24 * w)])
    b.cone((0, 0.24 * w, -0.3 * w), (0.19 * w, 0.02 * w, 0.19 * w), "#e6dcc4", turn=turned(0, -52), blend=0.0)
    for k in range(10):
        a = 0.5 + 2 * np.pi * k / 12
        p = turned(0, -52) @ np.array([0.13 * w * np.cos(a), 0.025 * w, 0.13 * w * np.sin(a)])
        b.ball((float(p[0]), 0.24 * w + float(p[1]), -0.3 * w + float(p[2])), 0.027 * w, _DARK, blend=0.0)
    for side in (1, -1):
        b.limb((0.2 * side * w, 0.34 * w, 0.02 * w), (0.24 * side * w, 0.5 * w, 0.02 * w), (0.05 * w, 0.04 * w))
        b.ball((0.43 * side * w, 0.47 * w, -0.02 * w), (0.1 * w, 0.1 * w, 0.11 * w), blend=0.0)
    b.chain([(-0.43 * w, 0.54 * w, 0), (-0.2 * w, 0.62 * w, 0.02 * w), (0.2 * w, 0.62 * w, 0.02 * w), (0.43 * w, 0.54 * w, 0)], [0.06 * w, 0.055 * w, 0.055 * w, 0.06 * w])
    return b.parts


def yarn(*, h: float = 0.1, wool: str = "#b8404a", needles: bool = True) -> list[Part]:
    """A ball of wool with two needles in it and a loose end."""
    b = Builder(wool, Skin.FUR)
    r = 0.5 * h
    b.ball((0, r, 0), 0.94 * r)
    for k in range(9):
        b.ring((0, r, 0), 0.93 * r, 0.09 * r, turn=turned(37 * k, 52 * k, 29 * k))
    b.chain([(0.8 * r, 0.2 * r, -0.5 * r), (1.6 * r, 0.08 * r, -0.9 * r), (2.4 * r, 0.08 * r, -0.4 * r), (3.0 * r, 0.08 * r, -0.8 * r)], [0.07 * r] * 4)
    for lean in (0.5, -0.3) if needles else ():
        b.limb((-lean * r, 0.5 * r, 0.2 * r), (2.0 * lean * r, 3.0 * r, -0.3 * r), (0.05 * r, 0.05 * r), "#d9c79a", Skin.PLAIN)
        b.ball((2.0 * lean * r, 3.02 * r, -0.3 * r), 0.13 * r, "#8a6a44", Skin.PLAIN)
    return b.parts
