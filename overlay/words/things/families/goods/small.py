"""Small things, of the sea and of the table: fish, shells, books, candles, umbrellas, instruments."""

from itertools import pairwise

import numpy as np

from overlay.words.things.parts import Builder, Part, Point, Skin, moved, turned

_ARCH, _LEAP = 0.55, 38.0  # of the back of what leaps, in lengths; degrees of its slant


def fish(
    *,
    length: float = 0.5,
    fat: float = 0.2,
    body: str = "#7d8f98",
    belly: str = "#cfd6d6",
    fin: str = "",
    fins: float = 0.16,
    upright: bool = True,
    rise: float = 0.4,
    beak: float = 0.0,
    pose: str = "",
) -> list[Part]:
    """A fish, or a whale with a lying tail, swimming along +x, or leaping out of the water.

    Parameters
    ----------
    fat : height of the body in shares of the length. upright : of the tail. rise : where it swims, in lengths.
    beak : of a dolphin, in lengths. pose : walk, as of all that run or leap.
    """
    n, leaps = length, pose == "walk"
    b = Builder(body, Skin.SCALES if upright else Skin.PLAIN, 0.12 * n)
    arch = _ARCH if leaps else 0.0

    def at(x: float, up: float = 0.0, aside: float = 0.0) -> Point:
        return x * n, (rise + arch * (0.2 - x * x) + up) * n, aside * n

    b.chain([at(x) for x in (0.46, 0.22, -0.1, -0.42)], [0.32 * fat * n, 0.5 * fat * n, 0.46 * fat * n, 0.1 * fat * n])
    b.ball(at(0.12, -0.2 * fat), (0.34 * n, 0.32 * fat * n, 0.3 * fat * n), belly)
    if beak:
        b.limb(at(0.46, -0.06 * fat), at(0.48 + beak, -0.12 * fat), (0.2 * fat * n, 0.11 * fat * n), blend=0.06 * n)
    tint = fin or body
    for side in (1, -1):
        tip = at(-0.56, side * fins) if upright else at(-0.56, 0, side * 1.3 * fins)
        b.sheet([at(-0.4), tip, at(-0.5)], 0.012 * n, tint, Skin.PLAIN)
        root, end = at(0.2, -0.1 * fat, side * 0.4 * fat), at(0.06, -0.1 * fat, side * 0.4 * fat)
        b.sheet([root, at(0.04, -0.3 * fins, side * (0.4 * fat + 0.8 * fins)), end], 0.01 * n, tint, Skin.PLAIN)
        b.ball(at(0.37, 0.14 * fat, side * 0.36 * fat), 0.025 * n, "#1b1c1e", Skin.PLAIN, blend=0.0)
    b.sheet([at(0.12, 0.4 * fat), at(-0.2, 0.3 * fat), at(-0.1, 0.5 * fat + fins)], 0.01 * n, tint, Skin.PLAIN)
    return _leapt(b.parts, n, rise) if leaps else b.parts


def _leapt(parts: list[Part], n: float, rise: float) -> list[Part]:
    """Up out of the water at a slant, its tail where that is, with the spray about it."""
    out = moved(parts, turned(roll=_LEAP), (0.05 * n, 0.34 * n - 0.6 * rise * n, 0.0))
    spray = Builder("#e9f1f4", Skin.FUR, 0.03 * n)
    chance = np.random.default_rng(5)
    for _ in range(16):
        x, z = chance.uniform(-0.42, -0.02), chance.uniform(-0.16, 0.16)
        high = 0.1 * (1 - abs(x + 0.22) / 0.22) + 0.02
        size = float(chance.uniform(0.015, 0.035)) * n
        spray.ball((float(x) * n, float(chance.uniform(0.25 * rise, 0.25 * rise + high)) * n, float(z) * n), size)
    return [*out, *spray.parts]


def shell(*, h: float = 0.12, colour: str = "#e0c4a8", second: str = "#b8805a") -> list[Part]:
    """A snail's shell: a spiral that grows, lying on its side."""
    b = Builder(colour, Skin.STRIPES, 0.06 * h, second)
    turns = np.linspace(0, 5 * np.pi, 34)
    grown = np.exp(0.11 * (turns - turns[-1]))
    for a, g in zip(turns, grown, strict=True):
        b.ball((0.42 * h * g * np.cos(a), 0.48 * h + 0.42 * h * g * np.sin(a), 0.5 * h * (g - 0.6)), 0.3 * h * g)
    return b.parts


def butterfly(*, span: float = 0.12, wing: str = "#d9822e", second: str = "#2b211c") -> list[Part]:
    """A butterfly with raised wings, seen from its side and a little above."""
    b = Builder(second)
    s = span
    b.limb((-0.22 * s, 0.5 * s, 0), (0.22 * s, 0.55 * s, 0), (0.02 * s, 0.03 * s))
    for side in (1, -1):
        out, up = side * 0.34 * s, 0.42 * s
        upper = [
            (0.1 * s, 0.54 * s, 0),
            (0.42 * s, 0.54 * s + up, out),
            (0.18 * s, 0.56 * s + 1.15 * up, out * 1.1),
            (-0.06 * s, 0.54 * s + 0.8 * up, out * 0.9),
            (-0.04 * s, 0.54 * s, 0),
        ]
        lower = [
            (0.02 * s, 0.52 * s, 0),
            (-0.1 * s, 0.52 * s + 0.72 * up, out * 0.85),
            (-0.32 * s, 0.52 * s + 0.5 * up, out * 0.75),
            (-0.36 * s, 0.5 * s + 0.2 * up, out * 0.5),
            (-0.16 * s, 0.5 * s, 0),
        ]
        for corners in (upper, lower):
            b.sheet(corners, 0.008 * s, wing)
            for p, q in pairwise(corners[1:]):
                b.limb(p, q, (0.014 * s, 0.014 * s), second)
            b.ball(tuple(np.mean(corners, axis=0)), (0.05 * s, 0.05 * s, 0.02 * s), "#f0e2c0")
        b.chain([(0.22 * s, 0.57 * s, 0), (0.36 * s, 0.72 * s, side * 0.06 * s)], [0.006 * s, 0.008 * s])
    return b.parts


def book(
    *, h: float = 0.24, cover: str = "#7a2f2a", page: str = "#efe6d0", open_: bool = False, count: int = 3
) -> list[Part]:
    """Books in a pile, or one lying open."""
    b = Builder(cover)
    if open_:
        for side in (1, -1):
            b.box(
                (side * 0.34 * h, 0.05 * h, 0),
                (0.34 * h, 0.03 * h, 0.48 * h),
                page,
                turn=turned(0, 0, side * 6),
                rounded=0.02 * h,
            )
            b.box((side * 0.35 * h, 0.015 * h, 0), (0.36 * h, 0.012 * h, 0.5 * h), turn=turned(0, 0, side * 4))
        return b.parts
    colours = (cover, "#2f4a6b", "#c9a24a", "#3f6b4a")
    for k in range(count):
        y, turn = (0.09 + 0.17 * k) * h, turned(-10 + 14 * k)
        b.box((0, y, 0), (0.5 * h, 0.075 * h, 0.36 * h), colours[k % 4], turn=turn, rounded=0.01 * h)
        b.box((0.01 * h, y, -0.01 * h), (0.49 * h, 0.055 * h, 0.362 * h), page, turn=turn)
    return b.parts


def candle(*, h: float = 0.26, wax: str = "#efe4c8", stick: str = "#c0a050") -> list[Part]:
    """A candle that burns on its stick."""
    b = Builder(stick)
    b.lathe(
        [
            (0, 0.24 * h),
            (0.05 * h, 0.22 * h),
            (0.08 * h, 0.05 * h),
            (0.3 * h, 0.045 * h),
            (0.34 * h, 0.1 * h),
            (0.38 * h, 0.09 * h),
        ]
    )
    b.lathe([(0.36 * h, 0.06 * h), (0.84 * h, 0.056 * h)], wax)
    b.limb((0, 0.84 * h, 0), (0, 0.88 * h, 0), (0.006 * h, 0.006 * h), "#2b211c")
    b.lathe(
        [(0.86 * h, 0.012 * h), (0.9 * h, 0.03 * h), (0.96 * h, 0.02 * h), (1.02 * h, 0.002 * h)], "#ffd98a", Skin.GLASS
    )
    return b.parts


def lantern(*, h: float = 0.4, iron: str = "#33383a", light: str = "#ffd98a") -> list[Part]:
    """A lantern with four posts about its light."""
    b = Builder(iron)
    b.lathe([(0, 0.26 * h), (0.08 * h, 0.24 * h)])
    b.cone((0, 0.36 * h, 0), (0.17 * h, 0.27 * h, 0.17 * h), light, Skin.GLASS)
    for k in range(4):
        a = np.pi / 4 + k * np.pi / 2
        x, z = 0.2 * h * np.cos(a), 0.2 * h * np.sin(a)
        b.limb((x, 0.06 * h, z), (x, 0.66 * h, z), (0.018 * h, 0.018 * h))
    b.lathe([(0.64 * h, 0.26 * h), (0.72 * h, 0.2 * h), (0.84 * h, 0.07 * h)])
    b.ring((0, 0.92 * h, 0), 0.09 * h, 0.014 * h, turn=turned(0, 90))
    return b.parts


def umbrella(*, h: float = 1.1, cloth: str = "#b03a2e", second: str = "", stick: str = "#6b4a2c") -> list[Part]:
    """An open umbrella that stands on its stick."""
    b = Builder(cloth)
    r, ribs = 0.52 * h, 8
    for k in range(ribs):
        a, c = 2 * np.pi * k / ribs, 2 * np.pi * (k + 1) / ribs
        colour = second if second and k % 2 else cloth
        rows = [(1.0, 0.02), (0.95, 0.5), (0.84, 0.85), (0.7, 1.0)]
        for (y0, s0), (y1, s1) in pairwise(rows):
            b.sheet(
                [
                    (s0 * r * np.cos(a), y0 * h, s0 * r * np.sin(a)),
                    (s0 * r * np.cos(c), y0 * h, s0 * r * np.sin(c)),
                    (s1 * r * np.cos(c), y1 * h, s1 * r * np.sin(c)),
                    (s1 * r * np.cos(a), y1 * h, s1 * r * np.sin(a)),
                ],
                0.006 * h,
                colour,
            )
    b.limb((0, 0.05 * h, 0), (0, 1.06 * h, 0), (0.013 * h, 0.012 * h), stick)
    b.chain(
        [(0, 0.06 * h, 0), (0.03 * h, 0.0, 0), (0.08 * h, 0.02 * h, 0), (0.09 * h, 0.08 * h, 0)], [0.014 * h] * 4, stick
    )
    return b.parts


def hat(*, h: float = 0.16, felt: str = "#5a4a3a", band: str = "#2b2320", tall: float = 0.8) -> list[Part]:
    """A hat with a brim and a band."""
    b = Builder(felt, Skin.PLAIN, 0.06 * h)
    b.lathe([(0, 1.1 * h), (0.06 * h, 1.08 * h), (0.1 * h, 0.6 * h), (tall * h, 0.52 * h), ((tall + 0.14) * h, 0.3 * h)])
    b.cone((0, 0.24 * h, 0), (0.605 * h, 0.09 * h, 0.59 * h), band, blend=0.0)
    return b.parts


def boot(*, h: float = 0.3, leather: str = "#5a3a24", sole: str = "#2b211c") -> list[Part]:
    """A pair of boots."""
    b = Builder(leather, Skin.PLAIN, 0.1 * h)
    for z, dx in ((0.26 * h, 0.0), (-0.26 * h, 0.12 * h)):
        b.limb((dx, 0.25 * h, z), (dx, 0.92 * h, z), (0.2 * h, 0.21 * h))
        b.limb((dx, 0.17 * h, z), (dx + 0.45 * h, 0.12 * h, z), (0.19 * h, 0.15 * h))
        b.box((dx + 0.2 * h, 0.025 * h, z), (0.42 * h, 0.03 * h, 0.17 * h), sole, rounded=0.02 * h, blend=0.0)
        b.cone((dx, 0.96 * h, z), (0.18 * h, 0.05 * h, 0.18 * h), "#1b1614", blend=0.0)
    return b.parts


def clock(*, h: float = 0.36, wood: str = "#6b4428", face: str = "#f2ecdc") -> list[Part]:
    """A mantel clock that faces the eye."""
    b = Builder(wood)
    b.box((0, 0.06 * h, 0), (0.46 * h, 0.06 * h, 0.2 * h))
    b.box((0, 0.4 * h, 0), (0.36 * h, 0.34 * h, 0.16 * h))
    b.cone((0, 0.72 * h, 0), (0.36 * h, 0.16 * h, 0.36 * h), turn=turned(0, 90))
    b.cone((0, 0.56 * h, -0.16 * h), (0.26 * h, 0.02 * h, 0.26 * h), face, turn=turned(0, 90))
    for a, long in ((0.6, 0.2), (2.4, 0.14)):
        b.limb(
            (0, 0.56 * h, -0.19 * h),
            (long * h * np.cos(a), 0.56 * h + long * h * np.sin(a), -0.19 * h),
            (0.014 * h, 0.01 * h),
            "#191614",
        )
    return b.parts


def wall_clock(*, h: float = 0.4, wood: str = "#5f3f28", face: str = "#f2ecdc") -> list[Part]:
    """A round clock that hangs with its back to a wall, at ten past ten."""
    b = Builder(wood)
    y, r = 0.5 * h, 0.46 * h
    b.cone((0, y, 0.02 * h), (r, 0.04 * h, r), turn=turned(0, 90))
    b.ring((0, y, -0.02 * h), r, 0.045 * h, turn=turned(0, 90))
    b.cone((0, y, -0.025 * h), (0.94 * r, 0.01 * h, 0.94 * r), face, turn=turned(0, 90))
    for k in range(12):
        a = np.pi * k / 6
        at = (0.78 * r * float(np.cos(a)), y + 0.78 * r * float(np.sin(a)), -0.04 * h)
        b.ball(at, (0.02 if k % 3 else 0.03) * h, "#191614")
    for x, up in ((-0.3, 0.18), (0.5, 0.3)):
        b.limb((0, y, -0.045 * h), (x * r, y + up * r, -0.045 * h), (0.018 * h, 0.012 * h), "#191614")
    return b.parts


def strings(*, h: float = 1.0, wood: str = "#a3602e", neck: str = "#4a2f1c", waist: float = 0.62) -> list[Part]:
    """A guitar, or smaller a violin, leaning back and facing the eye."""
    b = Builder(wood, Skin.PLAIN, 0.02 * h)
    back = turned(0, 14)
    for y, r in ((0.17, 0.165), (0.3, 0.165 * waist), (0.42, 0.125)):
        at = back @ np.array([0.0, y * h, 0.0])
        b.cone((float(at[0]), float(at[1]), float(at[2])), (r * h, 0.045 * h, r * h), turn=back @ turned(0, 90))
    hole, foot, top = (
        back @ np.array(p) for p in ((0, 0.32 * h, -0.05 * h), (0, 0.4 * h, -0.045 * h), (0, 1.0 * h, -0.03 * h))
    )
    b.cone(tuple(hole), (0.05 * h, 0.004 * h, 0.05 * h), "#1f1712", turn=back @ turned(0, 90), blend=0.0)
    b.limb(tuple(foot), tuple(top), (0.024 * h, 0.02 * h), neck, blend=0.0)
    b.box(tuple(top), (0.035 * h, 0.06 * h, 0.012 * h), neck, turn=back, blend=0.0)
    bridge = back @ np.array([0, 0.15 * h, -0.05 * h])
    b.box(tuple(bridge), (0.06 * h, 0.012 * h, 0.012 * h), neck, turn=back, blend=0.0)
    return b.parts


def loaf(*, length: float = 0.28, crust: str = "#b8793a", cut: str = "") -> list[Part]:
    """A loaf with cuts across, or a round cheese."""
    n = length
    b = Builder(crust, Skin.PLAIN, 0.06 * n)
    b.limb((-0.32 * n, 0.2 * n, 0), (0.32 * n, 0.2 * n, 0), (0.2 * n, 0.2 * n))
    for x in (-0.25, 0.0, 0.25):
        b.limb(
            (x * n - 0.05 * n, 0.385 * n, -0.1 * n),
            (x * n + 0.05 * n, 0.385 * n, 0.1 * n),
            (0.025 * n, 0.025 * n),
            cut or "#e0b878",
            blend=0.02 * n,
        )
    return b.parts


def snowman(*, h: float = 1.8, snow: str = "#eef2f4", hat_: str = "#2b2b2e") -> list[Part]:
    """Three balls, a hat, arms of twigs."""
    b = Builder(snow, Skin.PLAIN, 0.04 * h)
    for y, r in ((0.2, 0.24), (0.54, 0.17), (0.79, 0.115)):
        b.ball((0, y * h, 0), r * h)
    b.lathe([(0.86 * h, 0.14 * h), (0.875 * h, 0.14 * h), (0.88 * h, 0.085 * h), (1.0 * h, 0.08 * h)], hat_, blend=0.0)
    b.limb((0, 0.79 * h, -0.1 * h), (0.02 * h, 0.78 * h, -0.22 * h), (0.022 * h, 0.004 * h), "#d97a2a", blend=0.0)
    for side in (1, -1):
        b.chain(
            [(side * 0.14 * h, 0.58 * h, 0), (side * 0.32 * h, 0.68 * h, 0), (side * 0.38 * h, 0.76 * h, 0)],
            [0.012 * h, 0.009 * h, 0.006 * h],
            "#5a3f2a",
            blend=0.0,
        )
        b.ball((side * 0.04 * h, 0.82 * h, -0.1 * h), 0.014 * h, "#1b1c1e", blend=0.0)
    for y in (0.5, 0.57, 0.64):
        b.ball((0, y * h, -0.165 * h + 0.02 * h * (y > 0.6)), 0.016 * h, "#1b1c1e", blend=0.0)
    return b.parts
