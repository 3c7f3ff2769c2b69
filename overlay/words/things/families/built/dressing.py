"""What is added to a house: beams, ivy, a hanging sign; and what is left of it in a ruin."""

import numpy as np

from overlay.words.things.parts import Builder, Skin, turned

_BEAM, _IVY = "#4a3424", "#3f5f2f"
_GOODS = ("#c98a4a", "#e0b87a", "#a85a32", "#d9a05a")
_TALL = 0.09  # half of a beam's width, metres


def add_timbers(b: Builder, half: float, deep: float, high: float, storey: float) -> None:
    """Beams of oak on front and gable ends: sills, posts, braces in the outer fields."""
    front = deep + 0.02
    for y in np.unique([0.14, *np.arange(storey, high - 0.2, storey), high - 0.1]):
        b.box((0, float(y), -front), (half, _TALL, 0.05), _BEAM, Skin.PLANKS)
        for x in (-half, half):
            b.box((x, float(y), 0), (0.05, _TALL, deep), _BEAM, Skin.PLANKS)
    for x in np.linspace(-half + 0.1, half - 0.1, max(round(half * 1.7), 4)):
        b.box((float(x), high / 2, -front), (_TALL, high / 2, 0.05), _BEAM, Skin.PLANKS)
    for z in np.linspace(-deep + 0.1, deep - 0.1, 5):
        for x in (-half, half):
            b.box((x, high / 2, float(z)), (0.05, high / 2, _TALL), _BEAM, Skin.PLANKS)
    for low in np.arange(0.0, high - 0.2, storey):
        for side in (1, -1):
            at, leg = side * (half - 0.85), 0.44 * storey
            tilt = turned(0, 0, side * 32)
            b.box((at, float(low) + storey / 2, -front), (0.8 * _TALL, leg, 0.05), _BEAM, Skin.PLANKS, tilt)


def add_ivy(b: Builder, half: float, deep: float, high: float) -> None:
    """Ivy that climbs from the ground: dense below and at the corners, thin towards the roof."""
    rng = np.random.default_rng(7)
    for _ in range(int(9 * half)):
        up = float(rng.uniform(0, 1)) ** 1.5
        side = 1 if rng.random() < 0.6 else -1
        along = side * (1 - 0.75 * float(rng.random()) * (1 - 0.5 * up))
        size = float(rng.uniform(0.35, 0.8)) * (1 - 0.35 * up)
        b.crown((along * half, up * high, -deep - 0.04), (size, 0.8 * size, 0.16), _IVY)
    for _ in range(int(6 * deep)):
        up, z = float(rng.uniform(0, 1)) ** 1.3, float(rng.uniform(-1, 1)) * deep
        for x in (-half, half):
            b.crown((x, up * high, z), (0.16, 0.5 * (1 - 0.3 * up), 0.6), _IVY)


def add_sign(b: Builder, half: float, deep: float, storey: float) -> None:
    """A board that hangs from an iron arm at the house's corner."""
    y, x, z = 1.05 * storey, half, -deep + 0.05
    b.limb((x - 0.1, y, z), (x + 1.5, y, z), (0.05, 0.04), "#2b2a28", Skin.PLAIN)
    b.limb((x, y - 0.8, z), (x + 0.9, y, z), (0.035, 0.03), "#2b2a28", Skin.PLAIN)
    for at in (0.55, 1.35):
        b.limb((x + at, y, z), (x + at, y - 0.25, z), (0.02, 0.02), "#2b2a28", Skin.PLAIN)
    b.box((x + 0.95, y - 0.72, z), (0.58, 0.48, 0.05), "#6b4426", Skin.PLANKS)
    b.box((x + 0.95, y - 0.72, z - 0.04), (0.5, 0.4, 0.03), "#2f5a4a", Skin.PLAIN)
    b.ball((x + 0.95, y - 0.72, z - 0.07), (0.22, 0.24, 0.04), "#d9b45a", Skin.PLAIN)


def add_tables(b: Builder, half: float, deep: float) -> None:
    """Round tables with chairs before a house, parasols over some, an awning over the rest."""
    count = 10
    for k in range(count):
        x = (k + 0.5 - count / 2) * 1.6 * half / count
        colour = "#b8433a" if k % 2 else "#f0e8d8"
        b.box((x, 2.45, -deep - 0.62), (0.8 * half / count, 0.03, 0.7), colour, Skin.PLAIN, turned(0, -22))
    for k, x in enumerate((-0.95, -0.34, 0.3, 0.92)):
        z = -deep - (2.0 if k % 2 else 1.3)
        _add_table(b, x * half, z)
        if k % 2:
            b.limb((x * half, 0, z), (x * half, 2.5, z), (0.03, 0.03), "#d9d2c2", Skin.PLAIN)
            b.cone((x * half, 2.45, z), (1.25, 0.26, 0.04), "#b8433a" if k == 1 else "#3f6b66", Skin.PLAIN)


def add_wheel(b: Builder, half: float, deep: float, r: float) -> None:
    """A water wheel with its boards before a mill's front, the trough that feeds it."""
    x, y, z, wood = 0.3 * half, 0.86 * r, -deep - 0.62, "#5f4630"
    for side in (0.42, -0.42):
        b.ring((x, y, z + side), r - 0.12, 0.09, wood, turned(0, 90))
        for k in range(8):
            a = np.pi * k / 4
            tip = (x + (r - 0.1) * float(np.cos(a)), y + (r - 0.1) * float(np.sin(a)), z + side)
            b.limb((x, y, z + side), tip, (0.06, 0.05), wood, Skin.PLANKS)
    for k in range(16):
        a = np.pi * k / 8
        at = (x + r * float(np.cos(a)), y + r * float(np.sin(a)), z)
        b.box(at, (0.22, 0.03, 0.44), "#7a5c3e", Skin.PLANKS, turned(0, 0, float(np.degrees(a))))
    b.limb((x, y, z - 0.5), (x, y, -deep + 0.1), (0.12, 0.12), "#3a3632", Skin.PLAIN)
    b.box((x + 0.75 * r, y + 1.12 * r, z), (0.8 * r, 0.07, 0.4), "#7a5c3e", Skin.PLANKS)
    b.limb((x + 1.4 * r, 0, z), (x + 1.4 * r, y + 1.06 * r, z), (0.09, 0.09), wood, Skin.PLANKS)


def add_shop_front(b: Builder, half: float, deep: float, storey: float, door: str) -> None:
    """A door at the side, a wide window with goods on two shelves, a striped awning over both."""
    front, y, wide = -deep - 0.03, 0.5 * storey, 0.6 * half
    b.box((-0.25 * half, y - 0.05, front), (wide + 0.12, 0.36 * storey + 0.1, 0.05), door, Skin.PLANKS)
    b.box((-0.25 * half, y, front - 0.03), (wide, 0.33 * storey, 0.04), "#54473a", Skin.PLAIN)
    chance = np.random.default_rng(21)
    for shelf in (0.24, 0.5):
        low = shelf * storey
        b.box((-0.25 * half, low, front - 0.1), (wide, 0.025, 0.12), "#b58a58", Skin.PLANKS)
        for k in range(8):
            x = -0.25 * half + (2 * (k + 0.5) / 8 - 1) * 0.92 * wide
            size = float(chance.uniform(0.1, 0.17))
            b.ball((x, low + 0.7 * size, front - 0.12), (1.3 * size, 0.75 * size, 0.1), _GOODS[k % 4], Skin.PLAIN)
    b.box((0.72 * half, 1.02, front - 0.02), (0.46, 1.02, 0.05), door, Skin.PLANKS)
    b.box((0.72 * half, 1.4, front - 0.06), (0.32, 0.5, 0.03), "#33414d", Skin.GLASS)
    count = 9
    for k in range(count):
        x = (k + 0.5 - count / 2) * 1.9 * half / count
        colour = door if k % 2 else "#f0e8d8"
        b.box((x, 0.93 * storey, front - 0.5), (0.95 * half / count, 0.03, 0.62), colour, Skin.PLAIN, turned(0, -24))


def add_platform(b: Builder, half: float, deep: float, storey: float) -> None:
    """A station's platform with a roof on posts, benches, and a clock that hangs from it."""
    edge, y = -deep - 4.2, 0.9 * storey
    b.box((0, 0.25, 0.5 * (edge - deep)), (1.25 * half, 0.25, -0.5 * (edge + deep)), "#a39a8c", Skin.STONE)
    b.box((0, 0.52, edge + 0.25), (1.25 * half, 0.02, 0.2), "#e0d9c6", Skin.PLAIN)
    b.box((0, y, -deep - 1.7), (1.1 * half, 0.07, 1.9), "#4a5a56", Skin.PLANKS, turned(0, -5))
    for x in np.linspace(-1.0, 1.0, 6):
        b.limb((float(x) * half, 0.5, -deep - 3.2), (float(x) * half, y, -deep - 3.2), (0.09, 0.07), "#2f4a44", Skin.PLAIN)
        b.limb((float(x) * half, y - 0.6, -deep - 3.2), (float(x) * half, y, -deep - 2.4), (0.05, 0.05), "#2f4a44", Skin.PLAIN)
    for x in (-0.55, 0.5):
        b.box((x * half, 0.95, -deep - 1.0), (0.9, 0.04, 0.25), "#7a5a3a", Skin.PLANKS)
        b.box((x * half, 1.3, -deep - 0.78), (0.9, 0.25, 0.03), "#7a5a3a", Skin.PLANKS)
        for leg in (-0.75, 0.75):
            b.limb((x * half + leg, 0.5, -deep - 1.0), (x * half + leg, 0.95, -deep - 1.0), (0.05, 0.05), "#2f2f2c", Skin.PLAIN)
    b.cone((0, y - 0.55, -deep - 3.3), (0.5, 0.07, 0.5), "#2b2520", Skin.PLAIN, turned(0, 90))
    b.cone((0, y - 0.55, -deep - 3.36), (0.43, 0.05, 0.43), "#f2ecdc", Skin.PLAIN, turned(0, 90))
    for x, up in ((-0.18, 0.12), (0.26, 0.18)):
        b.limb((0, y - 0.55, -deep - 3.43), (x, y - 0.55 + up, -deep - 3.43), (0.035, 0.025), "#2b2520", Skin.PLAIN)


def add_pumps(b: Builder, half: float, deep: float) -> None:
    """A flat roof on two posts over pumps."""
    z, y = -deep - 3.4, 3.6
    b.box((0, y, z), (1.15 * half, 0.22, 2.4), "#efe9dc", Skin.PLAIN)
    b.box((0, y, z - 2.42), (1.15 * half, 0.2, 0.03), "#b8402e", Skin.PLAIN)
    for x in (-0.8, 0.8):
        b.limb((x * half, 0, z), (x * half, y, z), (0.13, 0.13), "#c9c2b2", Skin.PLAIN)
    b.box((0, 0.08, z), (0.75 * half, 0.08, 0.6), "#a39a8c", Skin.STONE)
    for x in (-0.45, 0.0, 0.45):
        b.box((x * half, 0.95, z), (0.32, 0.8, 0.24), "#b8402e", Skin.PLAIN, rounded=0.05)
        b.box((x * half, 1.35, z - 0.25), (0.22, 0.2, 0.02), "#e9e4d6", Skin.PLAIN)
        b.ball((x * half, 1.95, z), (0.26, 0.26, 0.16), "#f2ecdc", Skin.PLAIN)
        b.chain([(x * half + 0.34, 1.3, z), (x * half + 0.6, 0.7, z - 0.1), (x * half + 0.36, 1.1, z - 0.2)], [0.035] * 3, "#26241f", Skin.PLAIN)


def _add_table(b: Builder, x: float, z: float) -> None:
    b.cone((x, 0.74, z), (0.42, 0.02, 0.42), "#e9e2d2", Skin.PLAIN)
    b.limb((x, 0, z), (x, 0.74, z), (0.05, 0.04), "#2f3a36", Skin.PLAIN)
    for side in (1, -1):
        at = x + side * 0.68
        b.box((at, 0.44, z), (0.2, 0.025, 0.2), "#8a5a34", Skin.PLANKS)
        b.box((at + side * 0.19, 0.7, z), (0.02, 0.24, 0.2), "#8a5a34", Skin.PLANKS)
        for leg in (-0.15, 0.15):
            b.limb((at + leg, 0, z), (at + leg, 0.44, z), (0.025, 0.02), "#2f3a36", Skin.PLAIN)


def add_broken_walls(
    b: Builder, half: float, deep: float, high: float, pitch: float, tower: float
) -> None:
    """Walls without a roof, broken at different heights, a gable that stands, empty windows."""
    rng = np.random.default_rng(11)
    count = max(round(half * 2), 6)
    step = 2 * half / count
    for z in (-deep, deep):
        for k in range(count):
            fallen = 0.35 + 0.65 * abs(k / (count - 1) - 0.42) ** 0.6 + float(rng.uniform(-0.12, 0.1))
            y = high * min(max(fallen, 0.18), 1.0)
            b.box((-half + (k + 0.5) * step, y / 2, z), (step / 2, y / 2, 0.3))
    for x in (-half, half):
        y = high if x < 0 else 0.55 * high
        b.box((x, y / 2, 0), (0.3, y / 2, deep))
    b.gable((-half, high + pitch / 2 - 0.02, 0), (deep, pitch / 2, 0.3), turn=turned(90))
    for k in range(max(count // 3, 2)):
        x = -half + (k + 0.6) * 2 * half / max(count // 3, 2)
        b.box((x, 0.42 * high, -deep - 0.25), (0.42, 0.26 * high, 0.12), "#191a1a", Skin.PLAIN)
        b.ball((x, 0.68 * high, -deep - 0.25), (0.42, 0.5, 0.12), "#191a1a", Skin.PLAIN)
    if tower:
        b.box((-half - 0.4, 0.36 * tower, 0), (1.5, 0.36 * tower, 1.5))
        for x, z, up in ((-1.1, -1.1, 0.1), (1.0, -1.2, 0.05), (-1.0, 1.1, 0.16)):
            b.box((-half - 0.4 + x, (0.72 + up / 2) * tower, z), (0.45, up / 2 * tower, 0.4))
        b.box((-half - 0.4, 0.5 * tower, -1.5), (0.36, 0.6, 0.06), "#191a1a", Skin.PLAIN)
    for _ in range(9):
        x, z = float(rng.uniform(-1.15, 1.15)) * half, -deep - float(rng.uniform(0.6, 2.2))
        size = float(rng.uniform(0.16, 0.4))
        b.box((x, 0.6 * size, z), (size, 0.6 * size, 0.8 * size), turn=turned(float(rng.uniform(0, 90)), 8))


def add_broken_tower(b: Builder, h: float, r: float) -> None:
    """The lower part of a round tower, higher at one side, with stones about it."""
    rng = np.random.default_rng(9)
    b.cone((0, 0.25 * h, 0), (r, 0.25 * h, 0.95 * r))
    for k in range(12):
        a = 2 * np.pi * k / 12
        up = (0.02 + 0.2 * (0.5 + 0.5 * float(np.cos(a - 2.2))) ** 2 + float(rng.uniform(0, 0.03))) * h
        at = (0.86 * r * float(np.cos(a)), 0.5 * h + up / 2 - 0.1, 0.86 * r * float(np.sin(a)))
        b.box(at, (0.15 * r, up / 2, 0.27 * r), turn=turned(-float(np.degrees(a))))
    for y in (0.2, 0.36):
        b.box((0.1, y * h, -0.96 * r), (0.28, 0.6, 0.14), "#191a1a", Skin.PLAIN)
    b.box((0, 1.1, -r), (0.6, 1.1, 0.14), "#191a1a", Skin.PLAIN)
    for _ in range(9):
        x, z = float(rng.uniform(-1.8, 1.8)) * r, -float(rng.uniform(1.15, 1.8)) * r
        size = float(rng.uniform(0.16, 0.42))
        b.box((x, 0.6 * size, z), (size, 0.7 * size, 0.8 * size), turn=turned(float(rng.uniform(0, 90)), 8))
