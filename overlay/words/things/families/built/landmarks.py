"""Pieces of land and sky that stand as things: mountains, cliffs, waterfalls, smoke, moons."""

import numpy as np

from overlay.words.things.families.moving.vehicles import locomotive
from overlay.words.things.parts import Builder, Matrix, Part, Point, Skin, moved, turned


def peak(*, h: float = 60.0, stone: str = "#7d7a78", cap: str = "#eef2f4", crater: bool = False, seed: int = 0) -> list[Part]:
    """A mountain with a white cap, or a volcano with its crater alight."""
    b = Builder(stone, Skin.PLASTER, 0.1 * h)
    chance = np.random.default_rng([seed, 91])
    if crater:
        b.lathe([(0, 0.95 * h), (0.3 * h, 0.55 * h), (0.7 * h, 0.26 * h), (0.92 * h, 0.16 * h), (0.96 * h, 0.13 * h)])
        b.ball((0, 0.94 * h, 0), (0.13 * h, 0.07 * h, 0.13 * h), "#f2a03a", Skin.GLASS, 0.0)
        for k in range(5):
            a = 2 * np.pi * k / 5 + 0.5
            b.chain([(0.13 * h * np.cos(a), 0.95 * h, 0.13 * h * np.sin(a)), (0.24 * h * np.cos(a), 0.74 * h, 0.24 * h * np.sin(a)), (0.42 * h * np.cos(a + 0.2), 0.46 * h, 0.42 * h * np.sin(a + 0.2))], [0.03 * h, 0.024 * h, 0.008 * h], "#e8622a", Skin.GLASS, 0.0)  # fmt: skip
        for k in range(13):  # its cloud, that leans with the wind and rolls outwards
            up, out, a = k / 12, 0.09 * h * (k % 3 > 0) * (0.4 + k / 12), 2.4 * k
            at = (0.32 * h * up**1.4 + out * np.cos(a), (1.04 + 0.62 * up) * h, out * np.sin(a))
            b.ball(at, (0.09 + 0.11 * up) * h, "#8a8682" if k % 2 else "#7c7875", Skin.FUR, 0.05 * h)
        return b.parts
    b.lathe([(0, 0.9 * h), (0.35 * h, 0.52 * h), (0.7 * h, 0.2 * h), (h, 0.01 * h)])
    b.lathe([(0.68 * h, 0.225 * h), (0.84 * h, 0.12 * h), (1.01 * h, 0.015 * h)], cap, blend=0.01 * h)
    for k in range(7):
        a = 2 * np.pi * k / 7 + float(chance.uniform(-0.3, 0.3))
        top, out = float(chance.uniform(0.5, 0.92)), float(chance.uniform(0.7, 1.05))
        b.limb((0.16 * h * (1 - top) * np.cos(a), top * h, 0.16 * h * (1 - top) * np.sin(a)), (out * h * np.cos(a), -0.05 * h, out * h * np.sin(a)), (0.03 * h, 0.16 * h))  # fmt: skip
    return b.parts


def iceberg(*, h: float = 9.0, ice: str = "#dbe9ef", shade: str = "#9fc3d4", flat: bool = False) -> list[Part]:
    """A berg of a few split blocks; flat is a floe."""
    b = Builder(ice, Skin.PLAIN, 0.05 * h)
    if flat:
        for x, z, r in ((0, 0, 1.0), (0.8, 0.3, 0.7), (-0.7, 0.4, 0.75)):
            b.lathe([(0, r * h), (0.18 * h, 0.97 * r * h), (0.22 * h, 0.9 * r * h)], at=(x * h, 0, z * h))
        return b.parts
    rows = (
        (0, 0.42, 0.36, 0.5, 12, 8), (0.42, 0.26, 0.3, 0.32, -14, 30), (-0.45, 0.3, 0.28, 0.36, 16, -22),
        (0.1, 0.7, 0.17, 0.34, 6, 40), (-0.2, 0.6, 0.16, 0.26, -10, 10),
    )  # fmt: skip
    for x, y, half, tall, roll, yaw in rows:
        b.box((x * h, y * h, 0.1 * x * h), (half * h, tall * h, 0.8 * half * h), turn=turned(yaw, 8, roll), rounded=0.02 * h)
    b.box((0, 0.02 * h, 0), (0.95 * h, 0.06 * h, 0.6 * h), shade, rounded=0.05 * h)
    return b.parts


def isle(*, w: float = 12.0, sand: str = "#dcc690", leaf: str = "#4f8a3a", palms: int = 2) -> list[Part]:
    """A small island with palms."""
    b = Builder(sand, Skin.PLAIN, 0.05 * w)
    b.ball((0, -0.02 * w, 0), (0.5 * w, 0.09 * w, 0.36 * w))
    b.ball((0.05 * w, 0.02 * w, 0.02 * w), (0.3 * w, 0.09 * w, 0.22 * w), "#8aa04a", Skin.FUR)
    for k in range(palms):
        side, x = (1, -1)[k % 2], (-0.06 + 0.12 * k) * w
        top = (x + side * 0.12 * w, (0.56 - 0.1 * k) * w, 0.0)
        b.chain([(x, 0.06 * w, 0), (x + side * 0.03 * w, 0.3 * w, 0), top], [0.024 * w, 0.018 * w, 0.015 * w], "#8a7352", Skin.BARK, 0.01 * w)
        for j in range(8):
            a = 2 * np.pi * j / 8 + 0.3
            c, s = np.cos(a), np.sin(a)
            mid = (top[0] + 0.13 * w * c, top[1] + 0.05 * w, 0.13 * w * s)
            end = (top[0] + 0.24 * w * c, top[1] - 0.07 * w, 0.24 * w * s)
            for out in (0.03, -0.03):
                b.sheet([top, (mid[0] - out * w * s, mid[1] - 0.015 * w, mid[2] + out * w * c), end], 0.004 * w, leaf, Skin.PLAIN, 0.0)
                b.sheet([top, mid, (mid[0] - out * w * s, mid[1] - 0.02 * w, mid[2] + out * w * c), end], 0.004 * w, leaf, Skin.PLAIN, 0.0)
    return b.parts


def falls(*, h: float = 14.0, stone: str = "#6f6a62", water: str = "#dfeaf0") -> list[Part]:
    """A waterfall between cliffs, facing the eye."""
    b = Builder(stone, Skin.PLASTER, 0.06 * h)
    for side in (1, -1):
        for k in range(4):
            b.box((side * (0.36 + 0.16 * k) * h, (0.5 - 0.09 * k) * h, (0.1 + 0.04 * (k % 2)) * h), (0.2 * h, (0.52 - 0.09 * k) * h, 0.24 * h), turn=turned(12 * side * k, 0, 3 * side), rounded=0.05 * h)  # fmt: skip
    b.box((0, 0.46 * h, 0.22 * h), (0.3 * h, 0.46 * h, 0.14 * h), "#5a564f")
    for k in range(9):
        x = (-0.18 + 0.045 * k) * h
        out = 0.03 * h * ((k * 7) % 3)
        b.chain([(x, 0.93 * h, 0.12 * h), (x, 0.86 * h, -0.02 * h - out), (x * 1.1, 0.4 * h, -0.06 * h - out), (x * 1.3, 0.0, -0.1 * h - out)], [0.03 * h, 0.032 * h, 0.036 * h, 0.05 * h], water, Skin.PLAIN)  # fmt: skip
    for k in range(7):
        b.ball(((-0.3 + 0.1 * k) * h, 0.04 * h, -0.16 * h), (0.09 * h, 0.06 * h, 0.07 * h), "#eef4f6", Skin.FUR)
    return b.parts


def knoll(*, h: float = 6.0, grass: str = "#7d9a50") -> list[Part]:
    """A round green hill."""
    b = Builder(grass, Skin.FUR, 0.2 * h)
    b.ball((0, 0, 0), (3.2 * h, h, 3.2 * h), blend=0.0)
    return b.parts


def cloud(*, w: float = 14.0, c: str = "#cdd6de", seed: int = 0) -> list[Part]:
    """A heap of cloud as it is seen from above the rest, flat below."""
    b = Builder(c, Skin.PLAIN, 0.12 * w)
    chance = np.random.default_rng([seed, 93])
    for k in range(9):
        x, z = float(chance.uniform(-0.42, 0.42)) * w, float(chance.uniform(-0.14, 0.14)) * w
        size = float(chance.uniform(0.1, 0.19)) * w * (1 - 1.2 * abs(x) / w)
        b.ball((x, 0.5 * size + 0.12 * w * (k % 3) * (1 - 2 * abs(x) / w), z), (1.25 * size, size, size))
    return b.parts


def tunnel(*, h: float = 7.5, stone: str = "#8d8272", grass: str = "#6f8a45", train: bool = False) -> list[Part]:
    """The mouth of a tunnel in a green slope, open towards +x, with or without a train that leaves it."""
    b = Builder(stone, Skin.STONE)
    wide, deep = 0.62 * h, 0.16 * h
    b.box((0, 0.5 * h, 0), (deep, 0.5 * h, 1.3 * wide))
    b.box((0, 1.02 * h, 0), (1.2 * deep, 0.04 * h, 1.36 * wide), "#a39a8a", Skin.PLASTER)
    b.box((0.9 * deep, 0.36 * h, 0), (0.2 * deep, 0.36 * h, 0.56 * wide), "#15130f", Skin.PLAIN)
    b.cone((0.9 * deep, 0.6 * h, 0), (0.56 * wide, 0.2 * deep, 0.56 * wide), "#15130f", Skin.PLAIN, turned(0, 0, 90))
    for k in range(9):
        a = np.radians(180 / 8 * k)
        at = (1.12 * deep, 0.6 * h + 0.62 * wide * float(np.sin(a)), 0.62 * wide * float(np.cos(a)))
        b.box(at, (0.12 * deep, 0.05 * h, 0.05 * h), "#b5ab98", Skin.PLAIN, turned(0, float(np.degrees(a)), 0))
    hill = Builder(grass, Skin.FUR, 0.3 * h)
    hill.ball((-1.35 * h, 0, 0.5 * h), (1.3 * h, 1.5 * h, 1.7 * h))
    hill.ball((-0.9 * h, 0, -0.9 * h), (0.72 * h, 0.75 * h, 0.7 * h))
    leaves = moved(locomotive(wagons=0), np.eye(3), (7.2, 0.0, 0.0)) if train else []
    return moved([*hill.parts, *b.parts, *leaves], turned(62), (0.0, 0.0, 0.0))


def crag(*, h: float = 9.0, stone: str = "#8a7d6b", grass: str = "#6f8a45", seed: int = 0) -> list[Part]:
    """A cliff that falls off steeply on the side of +x, grass on its flat top."""
    b = Builder(stone, Skin.PLASTER, 0.05 * h)
    chance = np.random.default_rng([seed, 92])
    for k in range(11):
        x, z = (-1.1 + 0.22 * k) * h, float(chance.uniform(-0.1, 0.1)) * h
        tall = (0.5 if k < 9 else 0.34 - 0.12 * (k - 9)) * h
        b.box((x, tall, z), (0.2 * h, tall, float(chance.uniform(0.52, 0.64)) * h), turn=turned(float(chance.uniform(-16, 16)), 0, float(chance.uniform(-3, 3))), rounded=0.05 * h)  # fmt: skip
    for _ in range(9):
        at = (float(chance.uniform(-1.1, 1.3)) * h, 0.04 * h, -0.66 * h)
        b.ball(at, (0.2 * h, float(chance.uniform(0.1, 0.26)) * h, 0.16 * h))
    b.ball((-0.25 * h, 0.96 * h, 0), (1.15 * h, 0.07 * h, 0.66 * h), grass, Skin.FUR, 0.02 * h)
    return b.parts


def plume(*, h: float = 4.0, c: str = "#c9c7c3", lean: float = 0.35, seed: int = 0) -> list[Part]:
    """Smoke that rises and drifts towards -x, thinner where it begins."""
    b = Builder(c, Skin.PLAIN, 0.05 * h)
    chance = np.random.default_rng([seed, 93])
    for k in range(12):
        s = k / 11
        x, y, r = -lean * h * s**1.5, s * 0.88 * h, (0.025 + 0.085 * s**0.8) * h
        for j in range(3):
            a, out = 2.1 * j + 1.3 * k, 0.75 * r * float(chance.uniform(0.5, 1.2))
            own = r * float(chance.uniform(0.6, 0.95))
            b.ball((x + out * np.cos(a), y + r + 0.5 * out * np.sin(2 * a), out * np.sin(a)), own)
    return b.parts


def bolt(*, h: float = 30.0, c: str = "#fdfbff", seed: int = 0) -> list[Part]:
    """Lightning: a jagged stroke with two branches, from its foot up."""
    b = Builder(c, Skin.GLASS)
    chance = np.random.default_rng([seed, 94])
    points: list[Point] = [(0.0, 0.0, 0.0)]
    for k in range(1, 11):
        side = 1 if k % 2 else -1
        points.append((points[-1][0] + side * float(chance.uniform(0.02, 0.07)) * h + 0.012 * h, 0.1 * k * h, 0.0))
    b.chain(points, [0.004 * h + 0.0007 * h * k for k in range(11)])
    for start, turn in ((7, 1), (5, -1)):
        at, branch = points[start], [points[start]]
        for _ in range(3):
            at = (at[0] + turn * float(chance.uniform(0.03, 0.08)) * h, at[1] - float(chance.uniform(0.05, 0.09)) * h, 0.0)
            branch.append(at)
        b.chain(branch, [0.005 * h, 0.004 * h, 0.003 * h, 0.002 * h])
    return b.parts


def crystal(*, h: float = 0.6, c: str = "#9a7fc9", count: int = 7) -> list[Part]:
    """A cluster of pointed crystals."""
    b = Builder(c, Skin.PLAIN)
    for k in range(count):
        a, lean = 2.4 * k, (0.0 if k == 0 else 12 + 7 * (k % 3))
        tall = h * (0.9 if k == 0 else 0.4 + 0.12 * (k % 4))
        turn = turned(np.degrees(a), 0, lean)
        at = np.array([0.16 * h * np.cos(a), 0.0, 0.16 * h * np.sin(a)]) * (k > 0)
        for j in range(6):
            p, q = np.pi * j / 3, np.pi * (j + 1) / 3
            rows = ((0.0, 0.1), (0.78, 0.11), (1.0, 0.0))
            ring = [_corner(turn, at, s * h, y * tall, t) for y, s in rows for t in (p, q)]
            b.sheet([ring[0], ring[1], ring[3], ring[2]], 0.004 * h)
            b.sheet([ring[2], ring[3], ring[4]], 0.004 * h)
    return b.parts


def _corner(turn: Matrix, at: Matrix, r: float, y: float, angle: float) -> Point:
    """A corner of a crystal, leaning with it."""
    x, up, z = turn @ np.array([r * np.cos(angle), y, r * np.sin(angle)]) + at
    return float(x), float(up), float(z)


def orb(*, r: float = 3.0, c: str = "#c9a878", second: str = "#8a6a4a", ring: bool = False, skin: str = "stripes") -> list[Part]:
    """A planet or a moon, with or without its ring."""
    b = Builder(c, {"stripes": Skin.STRIPES, "spots": Skin.SPOTS, "plain": Skin.PLAIN, "glass": Skin.GLASS}[skin], 0.0, second)
    b.ball((0, r, 0), r)
    if ring:
        for k, shade in enumerate(("#d9c8a0", "#a8926a", "#cbb488")):
            b.ring((0, r, 0), (1.4 + 0.17 * k) * r, 0.07 * r, shade, turned(20, 16, 12))
    return b.parts


def stump(*, h: float = 0.5, bark: str = "#6b5236", wood: str = "#d9b98a", lying: bool = False) -> list[Part]:
    """A tree stump, or a log that lies."""
    b = Builder(bark, Skin.BARK, 0.06 * h)
    if lying:
        b.limb((-1.6 * h, 0.42 * h, 0), (1.5 * h, 0.4 * h, 0), (0.4 * h, 0.36 * h))
        b.cone((1.86 * h, 0.4 * h, 0), (0.3 * h, 0.02 * h, 0.3 * h), wood, Skin.PLAIN, turned(0, 0, 90), 0.0)
        b.limb((-0.3 * h, 0.6 * h, 0), (-0.6 * h, 1.1 * h, 0.1 * h), (0.13 * h, 0.06 * h))
        return b.parts
    b.lathe([(0, 0.72 * h), (0.3 * h, 0.5 * h), (0.95 * h, 0.46 * h)])
    b.lathe([(0.95 * h, 0.43 * h), (h, 0.42 * h)], wood, Skin.PLAIN, blend=0.0)
    for k in range(5):
        a = 2 * np.pi * k / 5
        b.limb((0.4 * h * np.cos(a), 0.2 * h, 0.4 * h * np.sin(a)), (0.95 * h * np.cos(a), 0.03 * h, 0.95 * h * np.sin(a)), (0.16 * h, 0.06 * h))
    return b.parts


def fireworks(*, r: float = 5.0, c: str = "#ffd98a") -> list[Part]:
    """Three bursts of sparks at different heights, whose ends fall a little; they shine at night."""
    b = Builder(c, Skin.GLASS)
    for x, y, size, rays in ((0.0, 2.1, 1.0, 18), (-1.9, 1.3, 0.66, 13), (1.7, 1.1, 0.54, 11)):
        middle = (x * r, y * r, 0.0)
        for k in range(rays):
            a, tilt = 2 * np.pi * k / rays, 0.5 * float(np.sin(2.4 * k))
            out = size * r * (0.82 + 0.18 * float(np.cos(3.1 * k)))
            ways = [(share, 0.16 * out * share * share) for share in (0.28, 0.66, 1.0)]
            at = [
                (middle[0] + out * s * float(np.cos(a) * np.cos(tilt)), middle[1] + out * s * float(np.sin(a)) - fall, out * s * tilt)
                for s, fall in ways
            ]  # fmt: skip
            b.chain(at, [0.02 * r * size, 0.016 * r * size, 0.03 * r * size])
    return b.parts


def flames(*, h: float = 3.0, c: str = "#f0852e", core: str = "#ffd98a", beside: int = 0) -> list[Part]:
    """Tongues of fire; `beside` more such fires, in turn at both sides and lower."""
    b = Builder(c, Skin.PLAIN)
    for k in range(beside):
        own = flames(h=h * (0.8 - 0.06 * (k % 3)), c=c, core=core)
        b.parts += moved(own, turned(), (0.62 * h * (k // 2 + 1) * (-1) ** k, 0.0, 0.08 * h * (-1) ** (k // 2)))
    tongues = ((0, 0.02, 1.0), (0.16, 0.04, 0.72), (-0.17, 0.03, 0.8), (0.3, 0.0, 0.45), (-0.3, 0.02, 0.5))
    for k, (x, z, tall) in enumerate(tongues):
        top = tall * h
        rows = [(0, 0.1 * h), (0.28 * top, 0.14 * h), (0.62 * top, 0.07 * h), (0.9 * top, 0.012 * h)]
        b.lathe(rows, ("#f2a83a", c)[k % 2], at=(x * h, 0, z * h))
    for x, tall in ((0.02, 0.6), (-0.14, 0.4), (0.15, 0.38)):
        b.lathe([(0, 0.07 * h), (0.3 * tall * h, 0.085 * h), (0.9 * tall * h, 0.01 * h)], core, at=(x * h, 0, -0.1 * h))
    return b.parts


def campfire(*, h: float = 0.7, wood: str = "#4a3424") -> list[Part]:
    """Logs that burn."""
    b = Builder(wood, Skin.BARK)
    for k in range(6):
        a = np.pi * k / 3
        b.limb((0.5 * h * np.cos(a), 0.06 * h, 0.5 * h * np.sin(a)), (0.04 * h * np.cos(a), 0.3 * h, 0.04 * h * np.sin(a)), (0.07 * h, 0.05 * h))
    for k, (x, tall, c) in enumerate(((0, 1.0, "#f2a83a"), (0.14, 0.7, "#f0852e"), (-0.13, 0.76, "#f0852e"), (0.03, 0.6, "#ffd98a"))):
        b.lathe([(0.1 * h, 0.1 * h), (0.1 * h + 0.3 * tall * h, 0.15 * h), (0.1 * h + 0.65 * tall * h, 0.07 * h), (0.1 * h + 0.9 * tall * h, 0.01 * h)], c, Skin.GLASS, at=(x * h, 0, (-0.1 if k == 3 else 0.05) * h))  # fmt: skip
    return b.parts


def tornado(*, h: float = 30.0, c: str = "#6d7177", dust: str = "#8a7a64") -> list[Part]:
    """A funnel that winds from the clouds to the ground, dust about its foot."""
    b = Builder(c, Skin.FUR, 0.05 * h)
    rows = np.linspace(0, 1, 19)
    xs = (0.1 * np.sin(4.2 * rows) + 0.16 * rows) * h
    wide = (0.012 + 0.13 * rows**1.3) * h
    spine: list[Point] = [(float(x), float(y) * h, 0.0) for x, y in zip(xs, rows, strict=True)]
    b.chain(spine, wide.tolist())
    for k in range(2, 18, 2):  # folds that turn about it
        half = (1.1 * float(wide[k]), 0.012 * h, 1.1 * float(wide[k]))
        b.ball(spine[k], half, "#767a80" if k % 4 else "#62666c", turn=turned(0, 8, 14), blend=0.03 * h)
    rng = np.random.default_rng(3)
    for k in range(13):  # the cloud it hangs from
        out = (k - 6) / 6
        at = (0.12 * h + 0.75 * out * h, (1.03 + 0.05 * float(rng.random()) + 0.05 * out * out) * h, 0.1 * (k % 3 - 1) * h)
        b.ball(at, (0.2 * h, 0.07 * h, 0.2 * h), "#b4b8bd", blend=0.12 * h)
    for _ in range(16):
        a, out = float(rng.uniform(0, 2 * np.pi)), float(rng.uniform(0.02, 0.12)) * h
        size = float(rng.uniform(0.015, 0.035)) * h
        b.ball((out * float(np.cos(a)), 0.6 * size, out * float(np.sin(a))), (1.5 * size, size, size), dust)
    return b.parts
