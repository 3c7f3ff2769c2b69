"""Things to own, to play with and to give: frames, crowns, cakes, bags, kites, drums, flags."""

import numpy as np

from overlay.words.things.parts import Builder, Part, Skin, turned

_BRASS, _WOOD = "#c9a24a", "#8a6236"


def frame(*, h: float = 0.7, wood: str = _BRASS, inside: str = "#a9b8bc", second: str = "#6f8a6a", wide: float = 0.8, round_: bool = False, stand: bool = False) -> list[Part]:
    """A picture in its frame, a mirror, or with legs an easel; it faces the eye."""
    b = Builder(wood)
    lift = 0.55 * h if stand else 0.0
    y = lift + 0.5 * h
    if round_:
        b.cone((0, y, 0), (0.42 * wide * h, 0.02 * h, 0.42 * wide * h), inside, turn=turned(0, 90))
        b.ring((0, y, 0), 0.44 * wide * h, 0.04 * h, turn=turned(0, 90))
        b.lathe([(0, 0.2 * h), (0.05 * h, 0.05 * h), (y - 0.4 * wide * h, 0.03 * h)])
        return b.parts
    half = wide * h / 2
    b.box((0, y, 0.01 * h), (half, 0.5 * h, 0.02 * h), inside)
    if second:
        b.box((0, lift + 0.22 * h, -0.005 * h), (0.9 * half, 0.16 * h, 0.02 * h), second)
    for side in (1, -1):
        b.box((side * half, y, 0), (0.05 * h, 0.55 * h, 0.04 * h), rounded=0.01 * h)
        b.box((0, y + side * 0.5 * h, 0), (half, 0.05 * h, 0.04 * h), rounded=0.01 * h)
        if stand:
            b.limb((side * 0.3 * half, 1.7 * h, 0.06 * h), (side * 1.1 * half, 0, -0.1 * h), (0.03 * h, 0.03 * h), _WOOD)
    if stand:
        b.limb((0, 1.65 * h, 0.06 * h), (0, 0, 0.6 * h), (0.03 * h, 0.03 * h), _WOOD)
        b.box((0, lift - 0.06 * h, -0.03 * h), (1.1 * half, 0.03 * h, 0.07 * h), _WOOD)
    return b.parts


def crown(*, h: float = 0.18, metal: str = "#d9b24a", jewel: str = "#a8322a") -> list[Part]:
    """A crown with points and jewels."""
    b = Builder(metal)
    r = 0.6 * h
    for k in range(8):
        a, c = 2 * np.pi * k / 8, 2 * np.pi * (k + 1) / 8
        m = (a + c) / 2
        p, q = (r * np.cos(a), r * np.sin(a)), (r * np.cos(c), r * np.sin(c))
        b.sheet([(p[0], 0.06 * h, p[1]), (q[0], 0.06 * h, q[1]), (q[0], 0.5 * h, q[1]), (p[0], 0.5 * h, p[1])], 0.02 * h)
        tip = (1.16 * r * np.cos(m), 0.94 * h, 1.16 * r * np.sin(m))
        b.sheet([(p[0], 0.48 * h, p[1]), (q[0], 0.48 * h, q[1]), tip], 0.02 * h)
        b.ball(tip, 0.06 * h, metal)
        b.ball((1.02 * r * np.cos(m), 0.28 * h, 1.02 * r * np.sin(m)), 0.06 * h, jewel)
    return b.parts


def skull(*, h: float = 0.2, bone: str = "#e6dcc4") -> list[Part]:
    """A skull that looks at the eye."""
    b = Builder(bone, Skin.PLAIN, 0.06 * h)
    b.ball((0, 0.62 * h, 0.06 * h), (0.38 * h, 0.38 * h, 0.44 * h))
    b.box((0, 0.2 * h, -0.16 * h), (0.2 * h, 0.18 * h, 0.16 * h), rounded=0.08 * h)
    for side in (1, -1):
        b.ball((side * 0.15 * h, 0.5 * h, -0.32 * h), (0.1 * h, 0.1 * h, 0.08 * h), "#2b2320", blend=0.0)
    b.sheet([(0, 0.42 * h, -0.4 * h), (0.05 * h, 0.3 * h, -0.36 * h), (-0.05 * h, 0.3 * h, -0.36 * h)], 0.02 * h, "#2b2320", blend=0.0)
    for k in range(5):
        b.box(((-0.12 + 0.06 * k) * h, 0.12 * h, -0.33 * h), (0.022 * h, 0.05 * h, 0.01 * h), "#efe6d0", blend=0.0)
    return b.parts


def cake(*, h: float = 0.2, sponge: str = "#d9a86a", icing: str = "#f2e6dc", tiers: int = 1, candles: int = 5, fruit: str = "#b0222e") -> list[Part]:
    """A cake in tiers, with candles or cherries."""
    b = Builder(icing, Skin.PLAIN, 0.03 * h)
    y = 0.0
    for k in range(tiers):
        r = (0.8 - 0.22 * k) * h
        b.lathe([(y, r), (y + 0.42 * h, r)], sponge, blend=0.0)
        b.lathe([(y + 0.3 * h, 1.03 * r), (y + 0.44 * h, 1.02 * r), (y + 0.5 * h, 0.94 * r)], icing)
        y += 0.5 * h
    r = (0.8 - 0.22 * (tiers - 1)) * h
    for k in range(candles):
        a = 2 * np.pi * k / max(candles, 1)
        x, z = 0.6 * r * np.cos(a), 0.6 * r * np.sin(a)
        b.limb((x, y, z), (x, y + 0.26 * h, z), (0.03 * h, 0.03 * h), "#6fa0b8", blend=0.0)
        b.ball((x, y + 0.33 * h, z), (0.03 * h, 0.06 * h, 0.03 * h), "#ffd98a", Skin.GLASS, 0.0)
    for k in range(0 if candles else 8):
        a = 2 * np.pi * k / 8
        b.ball((0.7 * r * np.cos(a), y + 0.04 * h, 0.7 * r * np.sin(a)), 0.08 * h, fruit, blend=0.0)
    return b.parts


def plaything(*, r: float = 0.12, c: str = "#b8382e", second: str = "#efe6d2", skin: str = "stripes") -> list[Part]:
    """A ball to play with."""
    b = Builder(c, {"stripes": Skin.STRIPES, "spots": Skin.SPOTS, "plain": Skin.PLAIN}[skin], 0.0, second)
    b.ball((0, r, 0), r)
    return b.parts


def bag(*, h: float = 0.5, leather: str = "#7a4a2c", metal: str = _BRASS, wide: float = 1.35, soft: bool = False) -> list[Part]:
    """A suitcase or a trunk; soft is a sack."""
    b = Builder(leather, Skin.PLAIN)
    if soft:
        b.blend = 0.1 * h
        b.lathe([(0, 0.4 * h), (0.2 * h, 0.5 * h), (0.6 * h, 0.4 * h), (0.8 * h, 0.14 * h)])
        b.lathe([(0.78 * h, 0.13 * h), (0.98 * h, 0.24 * h)])
        b.ring((0, 0.8 * h, 0), 0.15 * h, 0.03 * h, "#6b5236")
        return b.parts
    w = wide * h / 2
    b.box((0, 0.46 * h, 0), (w, 0.45 * h, 0.24 * h), rounded=0.05 * h)
    for x in (-0.6, 0.6):
        b.box((x * w, 0.46 * h, 0), (0.05 * h, 0.465 * h, 0.255 * h), "#4a2c1a", rounded=0.03 * h)
        b.box((x * w, 0.72 * h, -0.25 * h), (0.04 * h, 0.06 * h, 0.02 * h), metal)
    b.chain([(-0.16 * h, 0.9 * h, 0), (-0.13 * h, 1.0 * h, 0), (0.13 * h, 1.0 * h, 0), (0.16 * h, 0.9 * h, 0)], [0.025 * h] * 4, "#4a2c1a")
    return b.parts


def gift(*, h: float = 0.3, paper: str = "#a8322a", ribbon: str = "#e0c060") -> list[Part]:
    """A wrapped box with a bow."""
    b = Builder(paper)
    b.box((0, 0.4 * h, 0), (0.5 * h, 0.4 * h, 0.5 * h))
    b.box((0, 0.4 * h, 0), (0.07 * h, 0.41 * h, 0.51 * h), ribbon)
    b.box((0, 0.4 * h, 0), (0.51 * h, 0.41 * h, 0.07 * h), ribbon)
    for side in (1, -1):
        b.ring((side * 0.17 * h, 0.9 * h, 0), 0.13 * h, 0.04 * h, ribbon, turned(0, 80, 20 * side))
    return b.parts


def kite(*, h: float = 1.2, c: str = "#c2452e", second: str = "#e0b83a") -> list[Part]:
    """A kite and its tail."""
    b = Builder(c)
    top, foot, left, right = (0.1 * h, h, 0.0), (-0.05 * h, 0.3 * h, 0.0), (-0.34 * h, 0.74 * h, 0.03 * h), (0.38 * h, 0.7 * h, 0.03 * h)
    b.sheet([top, left, (0.03 * h, 0.72 * h, -0.02 * h)], 0.006 * h)
    b.sheet([top, right, (0.03 * h, 0.72 * h, -0.02 * h)], 0.006 * h, second)
    b.sheet([foot, left, (0.03 * h, 0.72 * h, -0.02 * h)], 0.006 * h, second)
    b.sheet([foot, right, (0.03 * h, 0.72 * h, -0.02 * h)], 0.006 * h)
    b.limb(top, foot, (0.01 * h, 0.01 * h), _WOOD)
    tail = [foot, (0.02 * h, 0.2 * h, 0.0), (-0.12 * h, 0.1 * h, 0.0), (-0.02 * h, 0.0, 0.0)]
    b.chain(tail, [0.007 * h] * 4, "#5a4632")
    for x, y, _ in tail[1:]:
        b.sheet([(x - 0.06 * h, y + 0.03 * h, 0), (x + 0.06 * h, y - 0.03 * h, 0), (x + 0.06 * h, y + 0.03 * h, 0)], 0.006 * h, second)
    return b.parts


def drum(*, h: float = 0.4, c: str = "#a8322a", skin: str = "#efe3c8") -> list[Part]:
    """A drum with its cords and two sticks."""
    b = Builder(c)
    b.lathe([(0.03 * h, 0.55 * h), (0.8 * h, 0.55 * h)])
    for y in (0.06, 0.78):
        b.ring((0, y * h, 0), 0.56 * h, 0.045 * h, _WOOD)
    b.lathe([(0.8 * h, 0.52 * h), (0.84 * h, 0.5 * h)], skin)
    for k in range(12):
        a, c2 = 2 * np.pi * k / 12, 2 * np.pi * (k + 0.5 * (-1) ** k) / 12
        b.limb((0.57 * h * np.cos(a), 0.08 * h, 0.57 * h * np.sin(a)), (0.57 * h * np.cos(c2), 0.77 * h, 0.57 * h * np.sin(c2)), (0.012 * h, 0.012 * h), "#efe6d0")
    for z in (0.1, -0.15):
        b.limb((-0.3 * h, 0.88 * h, z * h), (0.42 * h, 0.95 * h, -z * h), (0.02 * h, 0.028 * h), _WOOD)
    return b.parts


def trumpet(*, h: float = 0.4, brass: str = _BRASS) -> list[Part]:
    """A trumpet, propped up."""
    b = Builder(brass)
    b.limb((-0.9 * h, 0.3 * h, 0), (0.45 * h, 0.42 * h, 0), (0.035 * h, 0.045 * h))
    for k, r in enumerate((0.06, 0.1, 0.18, 0.28)):
        b.cone(((0.5 + 0.1 * k) * h, (0.42 + 0.01 * k) * h, 0), (r * h, 0.06 * h, (r + 0.07) * h), turn=turned(0, 0, -84))
    for z in (0.06, -0.06):
        b.chain([(-0.5 * h, 0.33 * h, 0), (-0.6 * h, 0.18 * h, z * h), (0.2 * h, 0.2 * h, z * h), (0.3 * h, 0.4 * h, 0)], [0.03 * h] * 4)
    for k in range(3):
        b.limb(((-0.26 + 0.14 * k) * h, 0.18 * h, 0), ((-0.26 + 0.14 * k) * h, 0.54 * h, 0), (0.04 * h, 0.036 * h))
    b.ball((-0.92 * h, 0.3 * h, 0), 0.055 * h)
    return b.parts


def flag(*, h: float = 4.0, cloth: str = "#b8332e", second: str = "#efe6d2", pole: str = _WOOD) -> list[Part]:
    """A flag that flies from its pole."""
    b = Builder(cloth)
    b.limb((0, 0, 0), (0, h, 0), (0.015 * h, 0.011 * h), pole)
    b.ball((0, 1.01 * h, 0), 0.022 * h, _BRASS)
    columns = 7
    for i in range(columns):
        for k in range(3):
            def corner(i: int, k: int) -> tuple[float, float, float]:
                t = i / columns
                return 0.5 * h * t, (0.98 - 0.1 * k) * h - 0.03 * h * t, 0.05 * h * float(np.sin(6 * t)) * t

            b.sheet([corner(i, k), corner(i + 1, k), corner(i + 1, k + 1), corner(i, k + 1)], 0.005 * h, second if k == 1 else cloth)  # fmt: skip
    return b.parts


def piece(*, h: float = 0.09, c: str = "#efe3c8", kind: str = "pawn") -> list[Part]:
    """A chessman: pawn, rook, king or knight."""
    b = Builder(c, Skin.PLAIN, 0.03 * h)
    b.lathe([(0, 0.3 * h), (0.08 * h, 0.28 * h), (0.16 * h, 0.18 * h), (0.5 * h, 0.1 * h), (0.56 * h, 0.18 * h), (0.6 * h, 0.1 * h)])
    if kind == "pawn":
        b.ball((0, 0.76 * h, 0), 0.17 * h)
    elif kind == "rook":
        b.lathe([(0.6 * h, 0.18 * h), (0.92 * h, 0.21 * h)])
        for k in range(6):
            a = np.pi * k / 3
            b.box((0.17 * h * np.cos(a), 0.96 * h, 0.17 * h * np.sin(a)), (0.05 * h, 0.05 * h, 0.05 * h), turn=turned(-np.degrees(a)))
    elif kind == "king":
        b.lathe([(0.6 * h, 0.1 * h), (0.84 * h, 0.2 * h), (0.9 * h, 0.08 * h)])
        b.box((0, 1.02 * h, 0), (0.03 * h, 0.1 * h, 0.03 * h))
        b.box((0, 1.04 * h, 0), (0.08 * h, 0.03 * h, 0.03 * h))
    else:
        b.chain([(-0.02 * h, 0.58 * h, 0), (-0.04 * h, 0.82 * h, 0), (0.06 * h, 0.98 * h, 0), (0.24 * h, 0.84 * h, 0)], [0.14 * h, 0.13 * h, 0.1 * h, 0.06 * h])
        b.limb((0.02 * h, 1.04 * h, 0), (0, 1.14 * h, 0), (0.04 * h, 0.01 * h))
    return b.parts
