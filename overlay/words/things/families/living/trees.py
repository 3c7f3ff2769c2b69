"""Trees that branch, trees that stand like a blade or a cone, and bushes."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Point, Skin

Direction = tuple[float, float, float]


def tree(
    *,
    h: float = 8.0,
    trunk: float = 0.042,
    bare: float = 0.3,
    wide: float = 1.0,
    spread: float = 0.42,
    crown: float = 0.17,
    droop: float = 0.0,
    leaf: str = "#5d7d33",
    bark: str = "#5b4632",
    birch: bool = False,
    leafless: bool = False,
    fruit: str = "",
    seed: int = 0,
) -> list[Part]:
    """A tree that branches.

    Parameters
    ----------
    trunk : its radius, in shares of `h`. bare : height of the trunk under the first fork.
    wide, spread : how broad it grows, and how its branches stray. crown : radius of a clump of leaves.
    droop : how far twigs hang, as of a willow. fruit : its colour.
    """  # fmt: skip
    b = Builder(bark, Skin.BIRCH if birch else Skin.BARK, 0.0, "#2a2622")
    rng = np.random.default_rng(seed)
    tips: list[Point] = []

    def grow(at: Point, way: Direction, length: float, radius: float, left: int) -> None:
        end = (at[0] + way[0] * length, at[1] + way[1] * length, at[2] + way[2] * length)
        b.limb(at, end, (radius, 0.66 * radius), blend=0.9 * radius)
        if left == 0:
            tips.append(end)
            return
        first = float(rng.uniform(0, 2 * np.pi))
        count = 3 if leafless or left == 2 else 2
        for i in range(count):
            turn = first + 2 * np.pi * i / count + float(rng.normal(0, 0.3))
            lean = spread * wide * float(rng.uniform(0.8, 1.25))
            step = np.array(way) * 0.9 + np.array([np.cos(turn) * lean, 0.16, np.sin(turn) * lean])
            step /= np.linalg.norm(step)
            grow(end, (float(step[0]), float(step[1]), float(step[2])),
                 length * float(rng.uniform(0.62, 0.8)), 0.64 * radius, left - 1)  # fmt: skip

    grow(
        (0, 0, 0), (float(rng.normal(0, 0.03)), 1.0, float(rng.normal(0, 0.03))), bare * h, trunk * h, 3 if leafless else 2
    )
    if leafless:
        return b.parts
    for tip in tips:
        r = crown * h * float(rng.uniform(0.85, 1.15))
        b.crown((tip[0], tip[1] + 0.02 * h, tip[2]), (1.1 * r, (0.9 if not birch else 1.2) * r, 1.1 * r), leaf)
        if droop:
            _hang_twigs(b, tip, r, droop * h, leaf, rng)
    top = max(tip[1] for tip in tips)
    b.crown((0, 0.94 * top, 0), (1.2 * crown * h * wide**0.5, crown * h, 1.2 * crown * h * wide**0.5), leaf)
    for k, tip in enumerate(tips if fruit else ()):
        _hang_fruit(b, tip, crown * h, 0.026 * h, fruit, k)
    return b.parts


def _hang_fruit(b: Builder, tip: Point, r: float, size: float, c: str, first: int) -> None:
    """Fruit all about a clump of leaves, half out of them, larger than life so that it is seen."""
    for k in range(9):
        a, up = 2.4 * (9 * first + k), 0.8 - 0.17 * k
        out = 1.28 * r * float(np.sqrt(max(1.0 - up * up, 0.0)))
        at = (tip[0] + out * float(np.cos(a)), tip[1] + up * r, tip[2] + out * float(np.sin(a)))
        b.ball(at, size, c, Skin.PLAIN, 0.0)


def _hang_twigs(
    b: Builder, tip: Point, r: float, droop: float, leaf: str, rng: np.random.Generator
) -> None:
    """A curtain of twigs about a clump of leaves, long ones outside, nearly to the ground."""
    for turn in np.linspace(0, 2 * np.pi, 12)[:-1]:
        out = float(rng.uniform(0.7, 1.15)) * r
        x, z = tip[0] + float(np.cos(turn)) * out, tip[2] + float(np.sin(turn)) * out
        y = tip[1] + 0.1 * r
        low = max(y - droop * float(rng.uniform(1.2, 2.4)), 0.06 * y)
        sway = 0.06 * droop * float(rng.normal())
        bend = (x + 0.12 * (x - tip[0]) + sway, (y + low) / 2, z + 0.12 * (z - tip[2]))
        b.chain([(x, y, z), bend, (bend[0], low, bend[2])], [0.2 * r, 0.14 * r, 0.05 * r], leaf, Skin.LEAVES, 0.05 * r)


def blade_tree(
    *, h: float = 11.0, kind: str = "fir", wide: float = 0.22, leaf: str = "#2f5236", bark: str = "#5b4632",
    ragged: bool = True, seed: int = 0,
) -> list[Part]:  # fmt: skip
    """A fir in tiers, a poplar or cypress in one flame, or a palm.

    Parameters
    ----------
    ragged : whether a fir's branches have tips; far off, where none is seen, it has a seventh of the parts.
    """
    b = Builder(bark, Skin.BARK)
    rng = np.random.default_rng(seed)
    if kind == "palm":
        return _palm(b, h, leaf)
    b.limb((0, 0, 0), (0, 0.9 * h, 0), (0.028 * h, 0.008 * h))
    if kind == "flame":
        b.crown((0, 0.5 * h, 0), (wide * h, 0.4 * h, wide * h), leaf)
        b.crown((0, 0.74 * h, 0), (0.6 * wide * h, 0.27 * h, 0.6 * wide * h), leaf)
        return b.parts
    tiers = 7
    for i in range(tiers):
        share = i / tiers
        r = wide * h * (1 - share) ** 0.85 + 0.03 * h
        y = (0.13 + 0.8 * share) * h
        out = 0.86 if ragged else 0.98
        b.cone((0, y + 0.055 * h, 0), (out * r, 0.075 * h, 0.2 * r), leaf, Skin.LEAVES)
        if not ragged:
            continue
        for turn in np.linspace(0, 2 * np.pi, 7)[:-1] + rng.uniform(0, 1):  # ragged tips of branches
            end = (float(np.cos(turn)) * 1.04 * r, y - 0.035 * h, float(np.sin(turn)) * 1.04 * r)
            b.limb(
                (0.45 * end[0], y + 0.03 * h, 0.45 * end[2]),
                end,
                (0.05 * h * (1 - 0.6 * share), 0.008 * h),
                leaf,
                Skin.LEAVES,
                0.03 * h,
            )
    return b.parts


def _palm(b: Builder, h: float, leaf: str) -> list[Part]:
    points = [(0.13 * h * float(np.sin(1.3 * s)) * float(s), float(s) * 0.85 * h, 0.0) for s in np.linspace(0, 1, 6)]
    b.chain(points, [float(r) for r in np.linspace(0.034 * h, 0.02 * h, 6)])
    top = points[-1]
    for turn in np.linspace(0, 2 * np.pi, 11)[:-1]:
        c, s = float(np.cos(turn)), float(np.sin(turn))
        ridge = [
            (top[0] + c * x * h, top[1] + y * h, top[2] + s * x * h)
            for x, y in ((0, 0), (0.17, 0.08), (0.32, -0.01), (0.4, -0.16))
        ]
        wide = [0.01 * h, 0.055 * h, 0.05 * h, 0.0]
        for side in (1, -1):
            edge = [(p[0] - side * s * w, p[1] - 0.35 * w, p[2] + side * c * w) for p, w in zip(ridge, wide, strict=True)]
            for i in range(3):
                b.sheet([ridge[i], ridge[i + 1], edge[i + 1], edge[i]], 0.004 * h, leaf, Skin.PLAIN, 0.004 * h)
    return b.parts


def bush(*, h: float = 1.2, leaf: str = "#5d7a35", seed: int = 0) -> list[Part]:
    """Clumps close to the ground."""
    b, rng = Builder(leaf), np.random.default_rng(seed)
    for _ in range(5):
        r = h * float(rng.uniform(0.34, 0.48))
        b.crown((float(rng.uniform(-0.45, 0.45)) * h, 0.75 * r, float(rng.uniform(-0.3, 0.3)) * h), (r, r, r), leaf)
    return b.parts


def branch(*, h: float = 1.05, bark: str = "#5f4a36", leaf: str = "#5d7a35", leafless: bool = False, seed: int = 0) -> list[Part]:
    """A bough that reaches across, its trunk at the side of -x; `h` is its height over the ground."""
    b, rng = Builder(bark, Skin.BARK, 0.05 * h), np.random.default_rng([seed, 17])
    b.chain([(-1.5 * h, 0, 0), (-1.42 * h, 0.9 * h, 0), (-1.45 * h, 2.2 * h, 0)], [0.24 * h, 0.18 * h, 0.15 * h])
    bough = [(-1.42 * h, 0.8 * h, 0), (-0.8 * h, 0.96 * h, 0), (0.0, 0.94 * h, 0), (0.8 * h, 0.96 * h, 0), (1.25 * h, 1.08 * h, 0)]
    b.chain(bough, [0.11 * h, 0.08 * h, 0.065 * h, 0.045 * h, 0.02 * h])
    for k in range(8):
        x, side = (-0.9 + 0.27 * k) * h, (1, -1)[k % 2]
        tip = (x + 0.26 * h, (0.9 + side * float(rng.uniform(0.12, 0.26))) * h, float(rng.uniform(0.05, 0.2)) * h)
        b.limb((x, 0.95 * h, 0), tip, (0.026 * h, 0.01 * h))
        for _ in range(0 if leafless else 3):
            at = (tip[0] + float(rng.uniform(-0.08, 0.08)) * h, tip[1] + float(rng.uniform(-0.06, 0.06)) * h, tip[2] + 0.04 * h)
            b.crown(at, (0.09 * h, 0.06 * h, 0.08 * h), leaf)
    return b.parts


def nest(*, h: float = 0.16, straw: str = "#8a6f48", eggs: int = 3) -> list[Part]:
    """A bowl of twigs with eggs."""
    b, rng = Builder(straw, Skin.BARK, 0.02 * h), np.random.default_rng(18)
    b.hull((0, h, 0), (1.3 * h, h, 1.3 * h), straw, Skin.BARK)
    for k in range(60):
        a = 2 * np.pi * k / 30
        y = (0.4 + 0.65 * float(rng.random())) * h
        r = (1.3 * float(np.sqrt(max(1 - (1 - y / h) ** 2, 0.1))) + 0.06 * float(rng.random())) * h
        turn = a + float(rng.uniform(0.3, 0.6))
        b.limb((r * np.cos(a), y, r * np.sin(a)), (r * np.cos(turn), y + 0.12 * h, r * np.sin(turn)), (0.05 * h, 0.03 * h))
    for k in range(eggs):
        a = 2 * np.pi * k / max(eggs, 1)
        b.ball((0.45 * h * np.cos(a), 0.72 * h, 0.45 * h * np.sin(a)), (0.3 * h, 0.38 * h, 0.3 * h), "#b9cfd0", Skin.PLAIN, 0.0)
    return b.parts
