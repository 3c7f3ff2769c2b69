"""What stands in parlours and schoolrooms: pianos, gramophones, blackboards, prams, doors."""

from dataclasses import replace

import numpy as np

from overlay.words.things.parts import Builder, Part, Point, Skin, turned

_LID = 38.0  # degrees by which a piano's lid is open


def grand_piano(*, wood: str = "#231c19") -> list[Part]:
    """A grand piano seen from its curved side, the keys at its left, the lid propped open."""
    b = Builder(wood)
    plan = [(-0.75, 0.72), (-0.75, -0.72), (0.05, -0.7), (0.4, -0.42), (0.85, -0.2), (1.12, 0.12), (1.1, 0.52), (0.85, 0.72)]  # fmt: skip
    b.sheet([(x, 0.84, z) for x, z in plan], 0.14)
    lift, back = np.sin(np.radians(_LID)), np.cos(np.radians(_LID))
    lid: list[Point] = [(x, 1.0 + (0.72 - z) * lift, 0.72 - (0.72 - z) * back) for x, z in plan if x > -0.7]
    b.sheet([(-0.35, 1.0, 0.72), (-0.35, 1.0 + 1.42 * lift, 0.72 - 1.42 * back), *lid], 0.018)
    b.limb((0.3, 0.96, -0.3), (0.3, 1.0 + 1.0 * lift, 0.72 - 1.0 * back), (0.014, 0.014))
    b.sheet([(x, 0.972, z) for x, z in [(-0.3, 0.6), (-0.3, -0.58), (0.0, -0.58), (0.8, -0.08), (0.95, 0.3), (0.8, 0.6)]], 0.01, "#a5793a")
    b.box((-0.92, 0.76, 0), (0.18, 0.05, 0.7), rounded=0.02)
    b.box((-0.93, 0.82, 0), (0.14, 0.015, 0.62), "#f2ece0")
    for k in range(20):
        if k % 7 not in (2, 6):
            b.box((-0.86, 0.845, -0.55 + 0.058 * k), (0.07, 0.014, 0.016), "#191614")
    b.box((-0.68, 1.06, 0), (0.015, 0.1, 0.34), turn=turned(0, 0, 14))
    for x, z in ((-0.6, -0.6), (-0.6, 0.6), (0.85, 0.25)):
        b.limb((x, 0.7, z), (x, 0.03, z), (0.075, 0.045))
    b.limb((-0.55, 0.66, 0), (-0.62, 0.08, 0), (0.03, 0.03))
    b.box((-0.64, 0.06, 0), (0.05, 0.02, 0.09), "#b8923a")
    return b.parts


def throne(*, h: float = 1.9, wood: str = "#b8892e", cloth: str = "#8a2430") -> list[Part]:
    """A throne on two steps: a high back with gables and knobs, arms, red cloth."""
    b = Builder(wood, Skin.PLAIN)
    for k, wide in enumerate((0.95, 0.72)):
        b.box((0, 0.06 + 0.12 * k, -0.1 + 0.08 * k), (wide, 0.06, wide - 0.1), "#8a8274", Skin.STONE)
    seat = 0.7
    b.box((0, 0.24 + 0.5 * (seat - 0.24), 0.02), (0.38, 0.5 * (seat - 0.24), 0.34), rounded=0.02)
    b.box((0, seat + 0.03, -0.02), (0.34, 0.05, 0.32), cloth, rounded=0.04)
    b.box((0, 0.5 * (seat + h), 0.36), (0.4, 0.5 * (h - seat), 0.05), rounded=0.02)
    b.box((0, 0.5 * (seat + h), 0.3), (0.3, 0.42 * (h - seat), 0.03), cloth, rounded=0.03)
    b.sheet([(-0.4, h, 0.36), (0.4, h, 0.36), (0.0, h + 0.3, 0.36)], 0.045)
    b.ball((0, h + 0.34, 0.36), 0.06)
    for x in (-0.4, 0.4):
        b.limb((x, 0.3, 0.36), (x, h + 0.02, 0.36), (0.055, 0.05))
        b.ball((x, h + 0.1, 0.36), 0.075)
        b.limb((x, seat + 0.28, 0.32), (x, seat + 0.26, -0.3), (0.055, 0.06))
        b.limb((x, seat, -0.28), (x, seat + 0.26, -0.28), (0.05, 0.05))
        b.ball((x, seat + 0.27, -0.34), 0.075)
    return b.parts


def gramophone(*, wood: str = "#6b4128", brass: str = "#c9a045") -> list[Part]:
    """A gramophone: a box with a record and a horn that opens towards the eye."""
    b = Builder(wood, Skin.PLANKS)
    b.box((0, 0.1, 0), (0.22, 0.09, 0.2), rounded=0.01)
    b.box((0, 0.02, 0), (0.25, 0.02, 0.23), rounded=0.01)
    b.cone((0, 0.2, -0.02), (0.17, 0.008, 0.17), "#1d1b1a", Skin.PLAIN)
    b.cone((0, 0.21, -0.02), (0.05, 0.004, 0.05), "#a3342a", Skin.PLAIN)
    b.limb((0.22, 0.1, 0), (0.3, 0.1, 0), (0.012, 0.012), brass, Skin.PLAIN)
    b.limb((0.3, 0.1, 0), (0.3, 0.04, 0), (0.012, 0.012), brass, Skin.PLAIN)
    b.chain([(0.04, 0.22, -0.05), (0.1, 0.26, 0.06), (0.08, 0.34, 0.14), (0.0, 0.42, 0.12)], [0.012, 0.014, 0.018, 0.026], brass, Skin.PLAIN)  # fmt: skip
    out = turned(62) @ np.array([0.0, 0.42, -0.9])
    steps, radii = (0.0, 0.1, 0.19, 0.26, 0.31), (0.03, 0.06, 0.11, 0.19, 0.3)
    points = [(float(out[0] * s), 0.42 + float(out[1] * s), 0.12 + float(out[2] * s)) for s in steps]
    lean = turned(62, -65)
    for k in range(4):
        p, q = points[k], points[k + 1]
        middle = ((p[0] + q[0]) / 2, (p[1] + q[1]) / 2, (p[2] + q[2]) / 2)
        b.cone(middle, (radii[k], 0.56 * (steps[k + 1] - steps[k]), radii[k + 1]), brass, Skin.PLAIN, lean, 0.0)
    b.ball(points[-1], (0.27, 0.012, 0.27), "#5a4018", Skin.PLAIN, 0.0, lean)
    b.ring(points[-1], 0.29, 0.016, brass, lean)
    return b.parts


def blackboard(*, w: float = 2.6, wood: str = "#8a5a34", slate: str = "#26352f") -> list[Part]:
    """A blackboard on two legs, with sums and a drawing in chalk."""
    b = Builder(wood, Skin.PLANKS)
    h, y = 0.46 * w, 1.5
    b.box((0, y, 0), (0.5 * w, 0.5 * h, 0.02), slate, Skin.PLAIN)
    for side in (-1, 1):
        b.box((side * 0.5 * w, y, 0), (0.035, 0.5 * h + 0.035, 0.035))
        b.limb((side * 0.42 * w, y - 0.4 * h, 0.02), (side * 0.42 * w, 0, 0.02), (0.04, 0.04))
        b.limb((side * 0.42 * w, 0.03, -0.3), (side * 0.42 * w, 0.03, 0.34), (0.04, 0.04))
        b.box((0, y + side * 0.5 * h, 0), (0.5 * w, 0.035, 0.035))
    b.box((0, y - 0.5 * h - 0.02, -0.07), (0.48 * w, 0.015, 0.06))
    chalk, z = "#e9e6da", -0.022
    for row, ends in enumerate(((0.06, 0.36), (0.06, 0.3), (0.06, 0.38), (0.06, 0.22))):
        high = y + (0.3 - 0.17 * row) * h
        marks = np.arange(ends[0], ends[1], 0.045)
        for k, at in enumerate(marks):
            up = 0.035 * h * (1 if (k + row) % 3 else -0.6)
            b.limb((at * w, high, z), ((at + 0.03) * w, high + up, z), (0.011, 0.011), chalk, Skin.PLAIN)
    house = [(-0.36, -0.3), (-0.36, 0.05), (-0.24, 0.24), (-0.12, 0.05), (-0.12, -0.3), (-0.36, -0.3)]
    b.chain([(p * w, y + q * h, z) for p, q in house], [0.012] * 6, chalk, Skin.PLAIN)
    b.chain([(p * w, y + q * h, z) for p, q in ((-0.36, 0.05), (-0.12, 0.05))], [0.012] * 2, chalk, Skin.PLAIN)
    b.box((0.3 * w, y - 0.5 * h + 0.005, -0.07), (0.09, 0.012, 0.02), "#d9d4c4", Skin.PLAIN)
    return b.parts


def pram(*, c: str = "#2f4468", hood: str = "#24344f") -> list[Part]:
    """A baby carriage with a folding hood."""
    b = Builder(c, Skin.PLAIN, 0.02)
    b.hull((0, 0.86, 0), (0.52, 0.36, 0.28))
    b.box((0, 0.87, 0), (0.44, 0.03, 0.24), "#efe9dc", rounded=0.03, blend=0.0)
    b.ball((-0.22, 0.92, 0), (0.34, 0.4, 0.285), hood, blend=0.0)
    for a in (60.0, 88.0, 116.0):  # ribs of the hood
        tip = (-0.22 + 0.34 * float(np.cos(np.radians(a))), 0.92 + 0.4 * float(np.sin(np.radians(a))), 0.0)
        b.limb((tip[0], tip[1], -0.1), (tip[0], tip[1], 0.1), (0.02, 0.02), c, blend=0.03)
    b.ball((0.16, 0.93, 0), (0.2, 0.07, 0.17), "#f4efe4", blend=0.0)
    for z in (-0.26, 0.26):
        b.chain([(0.5, 0.82, z), (0.72, 1.0, z), (0.84, 1.02, z)], [0.016] * 3, "#8b9098")
        b.limb((-0.3, 0.28, z), (0.3, 0.62, z), (0.018, 0.018), "#8b9098")
        b.limb((0.3, 0.28, z), (-0.3, 0.62, z), (0.018, 0.018), "#8b9098")
        for x in (-0.36, 0.36):
            b.ring((x, 0.27, z), 0.25, 0.02, "#26262a", turned(0, 90))
            for k in range(8):
                a = 2 * np.pi * k / 8
                b.limb((x, 0.27, z), (x + 0.24 * float(np.cos(a)), 0.27 + 0.24 * float(np.sin(a)), z), (0.009, 0.009), "#b4b8be", blend=0.0)
    b.limb((0.84, 1.02, -0.26), (0.84, 1.02, 0.26), (0.024, 0.024), "#3a2a20")
    return b.parts


def doorway(*, h: float = 3.4, wall: str = "#c9b79a", door: str = "#3f6b52", stone: str = "#a89f90") -> list[Part]:
    """A piece of a house's front: a panelled door in its frame, two steps, a lamp beside it."""
    b = Builder(wall, Skin.PLASTER)
    half = 0.72 * h
    b.box((0, 0.5 * h, 0.16), (half, 0.5 * h, 0.12))
    b.box((0, h + 0.05, 0.14), (half + 0.06, 0.06, 0.18), stone, Skin.STONE)
    b.box((0, 0.2, 0.1), (half, 0.2, 0.08), stone, Skin.STONE)
    for k, deep in enumerate((0.55, 0.3)):
        b.box((0, 0.09 + 0.18 * k, 0.05 - deep / 2), (0.72 - 0.1 * k, 0.09, deep), stone, Skin.STONE)
    foot, tall = 0.36, 2.05
    b.box((0, foot + 0.5 * tall, 0.05), (0.56, 0.5 * tall + 0.08, 0.03), "#e6dcc8", Skin.PLAIN)
    b.box((0, foot + 0.5 * tall - 0.02, 0.01), (0.46, 0.5 * tall, 0.03), door, Skin.PLAIN)
    for x in (-0.22, 0.22):
        for low, high in ((0.12, 0.75), (0.92, 1.55)):
            b.box((x, foot + (low + high) / 2, -0.022), (0.16, (high - low) / 2, 0.008), door, Skin.PLAIN, rounded=0.006)
    b.box((0, foot + 1.82, -0.02), (0.38, 0.14, 0.008), "#7f9aa6", Skin.PLAIN)
    b.ball((0.36, foot + 0.92, -0.05), 0.035, "#c9a045", Skin.PLAIN)
    b.limb((0.86, 1.95, 0.05), (0.86, 1.95, -0.14), (0.014, 0.014), "#26262a", Skin.PLAIN)
    b.cone((0.86, 1.84, -0.16), (0.05, 0.1, 0.08), "#f0d48a", Skin.PLAIN)
    b.cone((0.86, 1.97, -0.16), (0.1, 0.04, 0.02), "#26262a", Skin.PLAIN)
    return b.parts


def fish_bowl(*, h: float = 0.3, water: str = "#8fc4d4") -> list[Part]:
    """A round glass of water, open towards the eye, so that what swims in it is seen."""
    b = Builder(water, Skin.PLAIN)
    r = 0.5 * h
    b.parts += [_opened(part) for part in _half_ball(water, r)]
    for y, wide in ((0.87 * h, 0.72), (0.02 * h, 0.6)):
        b.ring((0, y, 0), wide * r, 0.035 * r, "#dcebf0")
    arc = np.linspace(-0.5, 1.15, 12) * np.pi / 2
    b.chain([(r * float(np.cos(a)), 0.5 * h + r * float(np.sin(a)), -0.02 * r) for a in arc], [0.028 * r] * 12, "#cfe4ea")
    b.chain([(-r * float(np.cos(a)), 0.5 * h + r * float(np.sin(a)), -0.02 * r) for a in arc], [0.028 * r] * 12, "#cfe4ea")
    for k, at in enumerate(((-0.5, 0.05), (-0.2, -0.08), (0.1, 0.03), (0.4, -0.04))):
        b.ball((at[0] * r, 0.1 * h, at[1] * r), (0.2 * r, 0.09 * r, 0.2 * r), ("#c9b88a", "#a8946b")[k % 2])
    return b.parts


def _half_ball(colour: str, r: float) -> list[Part]:
    b = Builder(colour)
    b.hull((0, 0, 0), (r, r, r))
    return b.parts


def _opened(part: Part) -> Part:
    """A hollow half of a ball laid on its side: it opens towards the eye."""
    return replace(part, a=(0.0, part.b[0], 0.0), turn=turned(0, -90))


def bathtub(*, w: float = 1.65, c: str = "#f2efe8", feet: str = "#b8923a") -> list[Part]:
    """A bathtub on four feet with foam in it and a tap."""
    b = Builder(c, Skin.PLAIN)
    h = 0.36 * w
    b.hull((0, h, 0), (0.5 * w, 0.8 * h, 0.24 * w))
    for k in range(28):
        a, nxt = 2 * np.pi * k / 28, 2 * np.pi * (k + 1) / 28
        p = (0.5 * w * float(np.cos(a)), h, 0.24 * w * float(np.sin(a)))
        q = (0.5 * w * float(np.cos(nxt)), h, 0.24 * w * float(np.sin(nxt)))
        b.limb(p, q, (0.018 * w, 0.018 * w))
    for x in (-0.3 * w, 0.3 * w):
        for z in (-0.12 * w, 0.12 * w):
            b.limb((x, 0.5 * h, z), (1.1 * x, 0.02 * h, 1.25 * z), (0.04 * w, 0.022 * w), feet)
            b.ball((1.1 * x, 0.05 * h, 1.25 * z), 0.024 * w, feet)
    rng = np.random.default_rng(3)
    for _ in range(22):
        x, z = float(rng.uniform(-0.4, 0.36)) * w, float(rng.uniform(-0.16, 0.16)) * w
        b.ball((x, 0.96 * h, z), float(rng.uniform(0.025, 0.05)) * w, "#f8fbfc")
    b.chain([(0.5 * w, 1.05 * h, 0), (0.5 * w, 1.3 * h, 0), (0.42 * w, 1.32 * h, 0), (0.4 * w, 1.22 * h, 0)], [0.016 * w] * 4, feet)
    return b.parts


def potted_plant(*, h: float = 1.1, leaf: str = "#4f7a3a", pot: str = "#b8654a") -> list[Part]:
    """A plant with broad leaves in a pot."""
    b = Builder(pot, Skin.PLAIN)
    b.lathe([(0, 0.13 * h), (0.22 * h, 0.18 * h), (0.23 * h, 0.2 * h), (0.28 * h, 0.2 * h)])
    b.cone((0, 0.28 * h, 0), (0.18 * h, 0.008 * h, 0.18 * h), "#4a3524", blend=0.0)
    for k in range(11):
        a, out = 2.4 * k, 0.16 + 0.03 * (k % 4)
        x, z = float(np.cos(a)), float(np.sin(a))
        top = (0.62 + 0.04 * k) * h if k < 8 else (1.14 - 0.02 * k) * h
        mid = (0.4 * out * x * h, 0.5 * top + 0.14 * h, 0.4 * out * z * h)
        b.chain([(0, 0.27 * h, 0), mid], [0.014 * h, 0.01 * h], leaf)
        tip = (1.9 * out * x * h, top - 0.06 * h, 1.9 * out * z * h)
        side = (-z * 0.075 * h, 0.0, x * 0.075 * h)
        wide = (out * x * h, top, out * z * h)
        b.sheet([mid, (wide[0] + side[0], wide[1], wide[2] + side[2]), tip, (wide[0] - side[0], wide[1], wide[2] - side[2])], 0.006 * h, leaf)
    return b.parts
