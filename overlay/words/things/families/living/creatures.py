"""What creeps, hops, swims and has more legs, or fewer: reptiles, frogs, insects, crabs, apes, seals."""

from itertools import pairwise

import numpy as np

from overlay.words.things.parts import Builder, Part, Point, Skin, between

_EYE = "#17181a"


def reptile(
    *, length: float = 3.0, skin: str = "#5f6e3f", belly: str = "#b8b083", neck: float = 0.12, up: float = 12,
    jaw: float = 0.16, fat: float = 0.085, legs: float = 0.1, tail: float = 0.46, spikes: float = 0.0,
    wings: float = 0.0, wing: str = "", horns: float = 0.0,
) -> list[Part]:  # fmt: skip
    """A lizard, a crocodile, and with wings a dragon; lengths are shares of its own.

    Parameters
    ----------
    neck, up : its length and how steeply it rises, degrees. wings : span of one, 0 for none.
    """
    n = length
    b = Builder(skin, Skin.SCALES, 0.07 * n)
    y = (legs + 0.5 * fat) * n
    rump, breast = (-0.12 * n, y, 0.0), (0.2 * n, y + 0.01 * n, 0.0)
    b.chain([rump, (0.04 * n, y - 0.005 * n, 0), breast], [0.9 * fat * n, 1.1 * fat * n, 0.95 * fat * n])
    b.limb((-0.08 * n, y - 0.4 * fat * n, 0), (0.18 * n, y - 0.4 * fat * n, 0), (0.75 * fat * n, 0.8 * fat * n), belly)
    rise = np.radians(up)
    head = (0.2 * n + neck * n * np.cos(rise), y + neck * n * np.sin(rise), 0.0)
    bend = (0.2 * n + 0.7 * neck * n * np.cos(0.6 * rise), y + 0.45 * neck * n * np.sin(rise), 0.0)
    b.chain([breast, bend, head], [0.8 * fat * n, 0.55 * fat * n, 0.5 * fat * n])
    b.limb(head, (head[0] + jaw * n, head[1] - 0.02 * n, 0), (0.52 * fat * n, 0.24 * fat * n), blend=0.02 * n)
    b.limb((head[0], head[1] - 0.03 * n, 0), (head[0] + 0.85 * jaw * n, head[1] - 0.055 * n, 0), (0.36 * fat * n, 0.16 * fat * n), belly, blend=0.02 * n)  # fmt: skip
    tip = [(-0.12 * n - tail * n * t, y * (1 - t) ** 1.2 + 0.02 * n + 0.05 * n * t * t, 0.08 * n * np.sin(3.2 * t)) for t in (0.0, 0.25, 0.5, 0.75, 1.0)]  # fmt: skip
    b.chain(tip, [0.85 * fat * n, 0.6 * fat * n, 0.4 * fat * n, 0.22 * fat * n, 0.06 * fat * n])
    for x in (-0.1, 0.17):
        for side in (1, -1):
            knee = (x * n + 0.01 * n, 0.62 * y, side * (fat + 0.035) * n)
            b.chain([(x * n, y, side * 0.6 * fat * n), knee, (x * n + 0.03 * n * side * (1 if x > 0 else -1), 0.015 * n, side * (fat + 0.03) * n)], [0.5 * fat * n, 0.38 * fat * n, 0.24 * fat * n])  # fmt: skip
            b.limb((knee[0], 0.014 * n, knee[2]), (knee[0] + 0.05 * n, 0.012 * n, knee[2] * 1.08), (0.2 * fat * n, 0.14 * fat * n), blend=0.02 * n)  # fmt: skip
    for side in (1, -1):
        b.ball((head[0] + 0.02 * n, head[1] + 0.26 * fat * n, side * 0.34 * fat * n), 0.14 * fat * n, _EYE, Skin.PLAIN, 0.0)
        if horns:
            b.limb((head[0] - 0.01 * n, head[1] + 0.4 * fat * n, side * 0.25 * fat * n), (head[0] - horns * n, head[1] + (0.4 * fat + 0.5 * horns) * n, side * 0.4 * fat * n), (0.13 * fat * n, 0.03 * fat * n), "#d9cdb0", Skin.PLAIN, 0.0)  # fmt: skip
        if wings:
            _wing(b, n, y + 0.6 * fat * n, side, wings, wing or belly)
    for share in np.linspace(0.0, 1.0, 9) if spikes else ():
        x = 0.2 - 0.5 * float(share)
        ridge = y + (0.95 * fat * n if x > -0.14 else 0.6 * fat * n * (1 + (x + 0.14) / 0.4))
        b.sheet([(x * n + 0.02 * n, ridge, 0), (x * n - 0.025 * n, ridge, 0), (x * n - 0.02 * n, ridge + spikes * n, 0)], 0.005 * n, belly, Skin.PLAIN, 0.0)  # fmt: skip
    return b.parts


def _wing(b: Builder, n: float, y: float, side: int, span: float, colour: str) -> None:
    """A wing of skin between fingers, raised."""
    root: Point = (0.12 * n, y, side * 0.04 * n)
    wrist: Point = (0.16 * n, y + 0.62 * span * n, side * 0.45 * span * n)
    tips: list[Point] = [
        (0.1 * n - 0.2 * span * n, y + 1.05 * span * n, side * 0.85 * span * n),
        (-0.02 * n - 0.45 * span * n, y + 0.72 * span * n, side * 0.95 * span * n),
        (-0.1 * n - 0.4 * span * n, y + 0.3 * span * n, side * 0.7 * span * n),
        (-0.1 * n, y, side * 0.05 * n),
    ]
    b.limb(root, wrist, (0.016 * n, 0.012 * n), blend=0.02 * n)
    b.limb(wrist, (wrist[0] + 0.06 * n, wrist[1] + 0.03 * n, wrist[2]), (0.009 * n, 0.002 * n), "#d9ceb0", Skin.PLAIN, 0.0)
    rim: list[Point] = []
    for tip, after in pairwise(tips):
        # A finger bends outwards; between two of them the skin hangs slack.
        knuckle = between(wrist, tip, 0.55)
        knuckle = (knuckle[0] + 0.05 * span * n, knuckle[1] + 0.04 * span * n, knuckle[2])
        b.chain([wrist, knuckle, tip], [0.01 * n, 0.008 * n, 0.003 * n], blend=0.0)
        rim += [tip, *(between(between(tip, after, share), wrist, sag) for share, sag in ((0.22, 0.13), (0.5, 0.2), (0.78, 0.13)))]
    b.sheet([wrist, *rim, tips[-1], root], 0.004 * n, colour, Skin.PLAIN, 0.0)


def turtle(*, h: float = 0.35, shell: str = "#6b6a3a", skin: str = "#8a9460") -> list[Part]:
    """A turtle with a domed shell."""
    b = Builder(skin, Skin.SCALES, 0.1 * h)
    b.ball((0, 0.4 * h, 0), (0.95 * h, 0.18 * h, 0.72 * h), "#b8ac78", blend=0.0)
    b.ball((-0.04 * h, 0.46 * h, 0), (0.92 * h, 0.54 * h, 0.74 * h), shell, Skin.SCALES, 0.04 * h)
    b.chain([(0.8 * h, 0.42 * h, 0), (1.1 * h, 0.58 * h, 0), (1.34 * h, 0.62 * h, 0)], [0.17 * h, 0.15 * h, 0.16 * h])
    for side in (1, -1):
        b.ball((1.42 * h, 0.68 * h, side * 0.1 * h), 0.035 * h, _EYE, Skin.PLAIN, 0.0)
        for x in (0.6, -0.6):
            b.limb((x * h, 0.34 * h, side * 0.5 * h), (x * 1.25 * h, 0.1 * h, side * 0.82 * h), (0.2 * h, 0.13 * h))
    b.limb((-0.85 * h, 0.34 * h, 0), (-1.15 * h, 0.2 * h, 0), (0.1 * h, 0.02 * h))
    return b.parts


def snail(*, h: float = 0.05, shell: str = "#b8905a", second: str = "#7a5230", skin: str = "#c9b48a") -> list[Part]:
    """A snail that creeps with its horns out, under its shell's spiral."""
    b = Builder(skin, Skin.PLAIN, 0.08 * h)
    b.chain(
        [(-1.25 * h, 0.05 * h, 0), (-0.7 * h, 0.13 * h, 0), (0.6 * h, 0.15 * h, 0), (0.98 * h, 0.3 * h, 0), (1.18 * h, 0.56 * h, 0)],
        [0.05 * h, 0.16 * h, 0.19 * h, 0.17 * h, 0.15 * h],
    )
    for side in (1, -1):
        tip = (1.42 * h, 1.0 * h, side * 0.2 * h)
        b.limb((1.2 * h, 0.6 * h, side * 0.06 * h), tip, (0.04 * h, 0.025 * h))
        b.ball(tip, 0.05 * h, _EYE, blend=0.0)
        b.limb((1.26 * h, 0.5 * h, side * 0.07 * h), (1.48 * h, 0.46 * h, side * 0.14 * h), (0.035 * h, 0.02 * h))
    turns = np.linspace(0, 5 * np.pi, 34)
    grown = np.exp(0.11 * (turns - turns[-1]))
    for a, g in zip(turns, grown, strict=True):
        at = (-0.15 * h + 0.42 * h * g * np.cos(a), 0.62 * h + 0.4 * h * g * np.sin(a), 0.42 * h * (g - 0.8))
        b.ball(at, 0.3 * h * g, shell if int(a / 0.7) % 2 else second, blend=0.03 * h)
    return b.parts


def frog(*, h: float = 0.1, skin: str = "#5f8a3a", belly: str = "#d9d6a0") -> list[Part]:
    """A frog that sits, ready to leap."""
    b = Builder(skin, Skin.PLAIN, 0.12 * h)
    b.limb((-0.45 * h, 0.3 * h, 0), (0.35 * h, 0.58 * h, 0), (0.34 * h, 0.4 * h))
    b.limb((-0.2 * h, 0.22 * h, 0), (0.4 * h, 0.42 * h, 0), (0.3 * h, 0.34 * h), belly)
    b.ball((0.66 * h, 0.7 * h, 0), (0.36 * h, 0.24 * h, 0.34 * h))
    for side in (1, -1):
        b.ball((0.6 * h, 0.92 * h, side * 0.22 * h), 0.13 * h)
        b.ball((0.66 * h, 0.95 * h, side * 0.27 * h), 0.075 * h, _EYE, blend=0.0)
        b.chain([(-0.4 * h, 0.34 * h, side * 0.3 * h), (0.12 * h, 0.42 * h, side * 0.62 * h), (-0.45 * h, 0.08 * h, side * 0.6 * h), (0.08 * h, 0.05 * h, side * 0.72 * h)], [0.24 * h, 0.17 * h, 0.09 * h, 0.07 * h])  # fmt: skip
        b.chain([(0.36 * h, 0.4 * h, side * 0.32 * h), (0.5 * h, 0.2 * h, side * 0.46 * h), (0.66 * h, 0.05 * h, side * 0.42 * h)], [0.12 * h, 0.09 * h, 0.07 * h])  # fmt: skip
    return b.parts


def snake(*, h: float = 0.4, skin: str = "#7a7a34", second: str = "#3f3f22") -> list[Part]:
    """A snake in coils with its head raised."""
    b = Builder(skin, Skin.STRIPES, 0.03 * h, second)
    turns = np.linspace(0, 4.2 * np.pi, 40)
    coils = [(float(0.75 * h * (1 - 0.045 * t) * np.cos(t)), float(0.1 * h + 0.028 * h * t), float(0.6 * h * (1 - 0.045 * t) * np.sin(t))) for t in turns]  # fmt: skip
    b.chain(coils, [0.04 * h + 0.08 * h * min(1.0, k / 12) for k in range(40)])
    x, y, z = coils[-1]
    b.chain([(x, y, z), (x + 0.08 * h, y + 0.25 * h, z), (x + 0.06 * h, y + 0.45 * h, z), (x + 0.26 * h, y + 0.56 * h, z)], [0.12 * h, 0.1 * h, 0.09 * h, 0.1 * h])  # fmt: skip
    b.limb((x + 0.26 * h, y + 0.56 * h, z), (x + 0.42 * h, y + 0.53 * h, z), (0.1 * h, 0.05 * h))
    for side in (1, -1):
        b.ball((x + 0.32 * h, y + 0.61 * h, z + side * 0.06 * h), 0.018 * h, _EYE, Skin.PLAIN, 0.0)
    return b.parts


def insect(
    *, span: float = 0.1, body: str = "#d9a22e", second: str = "#231c16", wing: str = "#dfe6e8", fat: float = 0.16,
    long: float = 0.42, kind: str = "broad", shell: str = "",
) -> list[Part]:  # fmt: skip
    """A bee, a fly, a beetle or, with long wings, a dragonfly, held as in flight.

    Parameters
    ----------
    kind : of its wings: broad, long (two pairs), none. shell : colour of wing covers.
    """
    s = span
    b = Builder(body, Skin.STRIPES if second else Skin.PLAIN, 0.05 * s, second)
    y = 0.45 * s
    b.limb((0.02 * s, y, 0), (-long * s, y - 0.05 * s, 0), (fat * s, 0.4 * fat * s if kind == "long" else 0.55 * fat * s))
    b.ball((0.12 * s, y + 0.02 * s, 0), (0.16 * s, 0.9 * fat * s + 0.02 * s, 0.9 * fat * s + 0.02 * s), second or body, Skin.FUR)
    b.ball((0.3 * s, y, 0), 0.7 * fat * s + 0.03 * s, second or body, Skin.PLAIN)
    for side in (1, -1):
        b.ball((0.35 * s, y + 0.04 * s, side * 0.6 * fat * s), 0.4 * fat * s, "#5a2a22", Skin.PLAIN, 0.0)
        b.limb((0.36 * s, y + 0.05 * s, side * 0.04 * s), (0.5 * s, y + 0.16 * s, side * 0.1 * s), (0.01 * s, 0.008 * s), second or body, Skin.PLAIN, 0.0)  # fmt: skip
        for x in (0.2, 0.1, 0.0):
            b.chain([(x * s, y - 0.06 * s, side * 0.08 * s), (x * s + 0.02 * s, y - 0.16 * s, side * 0.24 * s), (x * s - 0.03 * s, y - (0.42 if kind == "none" else 0.34) * s, side * 0.3 * s)], [0.016 * s, 0.013 * s, 0.008 * s], second or body, Skin.PLAIN)  # fmt: skip
        if shell:
            b.ball((-0.16 * s, y + 0.05 * s, side * 0.08 * s), (0.3 * s, 0.16 * s, 0.15 * s), shell, Skin.PLAIN, 0.0)
        pairs = {"broad": ((0.1, -0.3, 0.42), (0.0, -0.42, 0.26)), "long": ((0.16, 0.1, 0.62), (0.02, -0.14, 0.58))}
        for x, back, out in pairs.get(kind, ()):
            root, up = (x * s, y + 0.1 * s, side * 0.06 * s), 0.16 * s if kind == "long" else 0.34 * s
            wide = 0.06 if kind == "long" else 0.12
            b.sheet([root, ((back + wide) * s, y + 0.1 * s + up, side * out * s), (back * s, y + 0.1 * s + 1.05 * up, side * (out + 0.03) * s), ((back - wide) * s, y + 0.08 * s + 0.9 * up, side * 0.94 * out * s)], 0.004 * s, wing, Skin.PLAIN, 0.0)  # fmt: skip
    return b.parts


def spider(*, h: float = 0.05, body: str = "#3a3029", second: str = "#8a6a48", legs: int = 8) -> list[Part]:
    """A spider on its high knees."""
    b = Builder(body, Skin.SPOTS, 0.1 * h, second)
    b.ball((-0.5 * h, 0.55 * h, 0), (0.55 * h, 0.42 * h, 0.42 * h))
    b.ball((0.2 * h, 0.5 * h, 0), (0.28 * h, 0.2 * h, 0.24 * h))
    for side in (1, -1):
        for k in range(legs // 2):
            a = np.radians(35 + 110 * k / (legs // 2 - 1))
            x, z = np.cos(a), side * np.sin(a)
            b.chain([(0.15 * h + 0.2 * h * x, 0.5 * h, 0.2 * h * z), (0.15 * h + 0.9 * h * x, 1.05 * h, 0.8 * h * z), (0.15 * h + 1.5 * h * x, 0.02 * h, 1.35 * h * z)], [0.07 * h, 0.06 * h, 0.03 * h], blend=0.03 * h)  # fmt: skip
    return b.parts


def crab(*, h: float = 0.12, shell: str = "#b8492e", second: str = "#8a2f22") -> list[Part]:
    """A crab that lifts its claws; it looks at the eye."""
    b = Builder(shell, Skin.SPOTS, 0.08 * h, second)
    b.ball((0, 0.55 * h, 0), (0.95 * h, 0.36 * h, 0.62 * h))
    for side in (1, -1):
        b.limb((side * 0.2 * h, 0.8 * h, -0.45 * h), (side * 0.24 * h, 1.05 * h, -0.5 * h), (0.05 * h, 0.06 * h))
        b.ball((side * 0.24 * h, 1.1 * h, -0.52 * h), 0.075 * h, _EYE, Skin.PLAIN, 0.0)
        b.chain([(side * 0.75 * h, 0.55 * h, -0.3 * h), (side * 1.25 * h, 0.75 * h, -0.55 * h), (side * 1.05 * h, 1.1 * h, -0.75 * h)], [0.15 * h, 0.14 * h, 0.16 * h])  # fmt: skip
        for out, up in ((0.05, 0.42), (-0.3, 0.36)):
            b.limb((side * 1.05 * h, 1.15 * h, -0.75 * h), (side * (1.05 + out) * h, (1.15 + up) * h, -0.8 * h), (0.17 * h, 0.05 * h), blend=0.03 * h)  # fmt: skip
        for k in range(3):
            b.chain([(side * 0.7 * h, 0.5 * h, (0.05 + 0.2 * k) * h), (side * 1.3 * h, 0.72 * h, (0.1 + 0.3 * k) * h), (side * 1.6 * h, 0.02 * h, (0.1 + 0.4 * k) * h)], [0.09 * h, 0.08 * h, 0.03 * h], blend=0.03 * h)  # fmt: skip
    return b.parts


def jellyfish(*, h: float = 0.6, bell: str = "#d98fb0", arms: str = "#e8c0d0") -> list[Part]:
    """A jellyfish: a bell and its trailing arms."""
    b = Builder(bell, Skin.PLAIN, 0.05 * h)
    b.lathe([(0.6 * h, 0.34 * h), (0.66 * h, 0.37 * h), (0.8 * h, 0.31 * h), (0.92 * h, 0.18 * h), (0.98 * h, 0.02 * h)])
    for k in range(10):
        a = 2 * np.pi * k / 10
        x, z = 0.3 * h * np.cos(a), 0.3 * h * np.sin(a)
        b.chain([(x, 0.62 * h, z), (0.85 * x + 0.05 * h, 0.42 * h, 0.85 * z), (0.9 * x - 0.05 * h, 0.22 * h, 0.9 * z), (0.7 * x + 0.03 * h, 0.02 * h * (k % 3), 0.7 * z)], [0.016 * h, 0.013 * h, 0.01 * h, 0.005 * h], arms)  # fmt: skip
    for k in range(4):
        x = (-0.1 + 0.066 * k) * h
        b.chain([(x, 0.66 * h, 0), (x + 0.04 * h, 0.46 * h, 0.03 * h), (x - 0.03 * h, 0.28 * h, 0)], [0.05 * h, 0.04 * h, 0.015 * h], arms)
    return b.parts


def octopus(*, h: float = 0.6, skin: str = "#b0563f", second: str = "#d98a68") -> list[Part]:
    """An octopus with eight curling arms."""
    b = Builder(skin, Skin.SPOTS, 0.12 * h, second)
    b.limb((0, 0.42 * h, 0), (-0.1 * h, 0.82 * h, 0), (0.19 * h, 0.25 * h))
    for k in range(8):
        a = 2 * np.pi * (k + 0.3) / 8
        x, z = float(np.cos(a)), float(np.sin(a))
        b.chain([(0.1 * h * x, 0.36 * h, 0.1 * h * z), (0.4 * h * x, 0.16 * h, 0.4 * h * z), (0.68 * h * x, 0.05 * h, 0.68 * h * z), (0.9 * h * x, 0.12 * h, 0.86 * h * z), (0.86 * h * x, 0.24 * h, 0.8 * h * z)], [0.1 * h, 0.085 * h, 0.06 * h, 0.04 * h, 0.015 * h])  # fmt: skip
    for side in (1, -1):
        b.ball((0.12 * h, 0.5 * h, side * 0.14 * h), 0.05 * h, "#efe3c0", Skin.PLAIN, 0.0)
        b.ball((0.155 * h, 0.5 * h, side * 0.15 * h), 0.026 * h, _EYE, Skin.PLAIN, 0.0)
    return b.parts


def starfish(*, h: float = 0.16, skin: str = "#d9783a", second: str = "#e8b080") -> list[Part]:
    """A starfish that leans towards the eye."""
    b = Builder(skin, Skin.SPOTS, 0.1 * h, second)
    for k in range(5):
        a = np.pi / 2 + 2 * np.pi * k / 5
        tip = (0.62 * h * np.cos(a), 0.52 * h + 0.52 * h * np.sin(a), 0.1 * h * np.sin(a))
        b.limb((0, 0.52 * h, 0), tip, (0.17 * h, 0.05 * h))
    return b.parts


def seal(*, length: float = 1.8, coat: str = "#5a5f63", belly: str = "#9aa0a0", tusks: bool = False) -> list[Part]:
    """A seal with its head up, or a walrus."""
    n = length
    b = Builder(coat, Skin.PLAIN, 0.1 * n)
    b.chain([(-0.46 * n, 0.06 * n, 0), (-0.2 * n, 0.13 * n, 0), (0.1 * n, 0.17 * n, 0), (0.26 * n, 0.27 * n, 0), (0.33 * n, 0.4 * n, 0)], [0.05 * n, 0.13 * n, 0.16 * n, 0.12 * n, 0.085 * n])  # fmt: skip
    b.limb((-0.1 * n, 0.1 * n, 0), (0.24 * n, 0.2 * n, 0), (0.1 * n, 0.1 * n), belly)
    b.limb((0.34 * n, 0.41 * n, 0), (0.42 * n, 0.39 * n, 0), (0.07 * n, 0.05 * n), blend=0.03 * n)
    for side in (1, -1):
        b.ball((0.38 * n, 0.44 * n, side * 0.05 * n), 0.013 * n, _EYE, blend=0.0)
        b.limb((0.16 * n, 0.14 * n, side * 0.12 * n), (0.06 * n, 0.015 * n, side * 0.26 * n), (0.06 * n, 0.02 * n), blend=0.04 * n)
        b.limb((-0.45 * n, 0.05 * n, 0), (-0.6 * n, 0.03 * n, side * 0.08 * n), (0.045 * n, 0.02 * n), blend=0.04 * n)
        if tusks:
            b.limb((0.43 * n, 0.36 * n, side * 0.025 * n), (0.44 * n, 0.22 * n, side * 0.03 * n), (0.013 * n, 0.006 * n), "#efe8d4", blend=0.0)
    return b.parts


def ape(*, h: float = 1.0, coat: str = "#3a2f29", face: str = "#7a5a48", tail: float = 0.0, broad: float = 1.0) -> list[Part]:
    """An ape or, with a tail, a monkey, that sits."""
    b = Builder(coat, Skin.FUR, 0.08 * h)
    w = broad
    b.limb((-0.08 * h, 0.24 * h, 0), (0.02 * h, 0.6 * h, 0), (0.2 * h * w, 0.19 * h * w))
    b.ball((0.1 * h, 0.85 * h, 0), (0.14 * h, 0.15 * h, 0.13 * h))
    b.ball((0.2 * h, 0.83 * h, 0), (0.08 * h, 0.1 * h, 0.1 * h), face, Skin.PLAIN, 0.02 * h)
    b.ball((0.25 * h, 0.79 * h, 0), (0.06 * h, 0.05 * h, 0.07 * h), face, Skin.PLAIN, 0.02 * h)
    for side in (1, -1):
        b.ball((0.1 * h, 0.87 * h, side * 0.14 * h), (0.02 * h, 0.05 * h, 0.045 * h), face, Skin.PLAIN, 0.01 * h)
        b.ball((0.265 * h, 0.86 * h, side * 0.04 * h), 0.014 * h, _EYE, Skin.PLAIN, 0.0)
        b.chain([(0.02 * h, 0.68 * h, side * 0.2 * h * w), (0.08 * h, 0.4 * h, side * 0.3 * h * w), (0.3 * h, 0.2 * h, side * 0.24 * h * w)], [0.1 * h * w, 0.075 * h * w, 0.05 * h])  # fmt: skip
        b.ball((0.33 * h, 0.17 * h, side * 0.23 * h * w), 0.05 * h, face, Skin.PLAIN, 0.02 * h)
        b.chain([(-0.06 * h, 0.18 * h, side * 0.14 * h), (0.2 * h, 0.36 * h, side * 0.2 * h), (0.2 * h, 0.05 * h, side * 0.2 * h), (0.32 * h, 0.035 * h, side * 0.2 * h)], [0.11 * h, 0.08 * h, 0.05 * h, 0.04 * h])  # fmt: skip
    if tail:
        b.chain([(-0.26 * h, 0.1 * h, 0), (-0.45 * h, 0.08 * h, 0), (-0.6 * h, 0.2 * h, 0), (-0.55 * h, 0.4 * h, 0), (-0.44 * h, 0.42 * h, 0)], [0.035 * h] * 4 + [0.025 * h])
    return b.parts


def kangaroo(*, h: float = 1.5, coat: str = "#a3784f", belly: str = "#d9c2a0") -> list[Part]:
    """A kangaroo that stands on its tail."""
    b = Builder(coat, Skin.FUR, 0.09 * h)
    b.limb((-0.12 * h, 0.32 * h, 0), (0.06 * h, 0.66 * h, 0), (0.19 * h, 0.1 * h))
    b.limb((-0.02 * h, 0.32 * h, 0), (0.11 * h, 0.6 * h, 0), (0.14 * h, 0.07 * h), belly)
    b.chain([(0.06 * h, 0.68 * h, 0), (0.12 * h, 0.84 * h, 0), (0.24 * h, 0.86 * h, 0), (0.31 * h, 0.82 * h, 0)], [0.075 * h, 0.065 * h, 0.055 * h, 0.03 * h])
    b.chain([(-0.24 * h, 0.26 * h, 0), (-0.48 * h, 0.1 * h, 0), (-0.8 * h, 0.03 * h, 0)], [0.1 * h, 0.055 * h, 0.02 * h])
    for side in (1, -1):
        b.limb((0.11 * h, 0.89 * h, side * 0.03 * h), (0.08 * h, 1.05 * h, side * 0.06 * h), (0.028 * h, 0.01 * h), blend=0.02 * h)
        b.ball((0.23 * h, 0.885 * h, side * 0.045 * h), 0.012 * h, _EYE, Skin.PLAIN, 0.0)
        b.chain([(0.1 * h, 0.62 * h, side * 0.09 * h), (0.18 * h, 0.5 * h, side * 0.11 * h), (0.28 * h, 0.5 * h, side * 0.09 * h)], [0.04 * h, 0.028 * h, 0.02 * h], blend=0.03 * h)
        b.chain([(-0.1 * h, 0.3 * h, side * 0.12 * h), (0.1 * h, 0.26 * h, side * 0.16 * h), (-0.06 * h, 0.07 * h, side * 0.14 * h), (0.22 * h, 0.025 * h, side * 0.14 * h)], [0.13 * h, 0.08 * h, 0.04 * h, 0.026 * h])
    return b.parts


def hedgehog(*, h: float = 0.15, coat: str = "#5a4632", tip: str = "#d9c6a0", face: str = "#c9a67c") -> list[Part]:
    """A hedgehog: a dome of spines with pale tips over a small pointed face."""
    b = Builder(coat, Skin.FUR, 0.1 * h)
    b.ball((0, 0.5 * h, 0), (0.72 * h, 0.5 * h, 0.56 * h))
    b.ball((0.5 * h, 0.34 * h, 0), (0.34 * h, 0.28 * h, 0.3 * h), face)
    b.limb((0.66 * h, 0.32 * h, 0), (1.0 * h, 0.26 * h, 0), (0.17 * h, 0.05 * h), face)
    b.ball((1.02 * h, 0.27 * h, 0), 0.055 * h, "#1b1816", Skin.PLAIN, 0.0)
    for side in (1, -1):
        b.ball((0.74 * h, 0.42 * h, side * 0.16 * h), 0.036 * h, "#141210", Skin.PLAIN, 0.0)
        b.ball((0.52 * h, 0.55 * h, side * 0.24 * h), (0.05 * h, 0.09 * h, 0.09 * h), face, Skin.FUR, 0.02 * h)
        for x in (0.42 * h, -0.4 * h):
            b.limb((x, 0.2 * h, side * 0.26 * h), (x + 0.05 * h, 0.04 * h, side * 0.28 * h), (0.08 * h, 0.055 * h), face)
    count = 130
    for k in range(count):  # evenly over the dome, leaning back
        up, turn = 1 - 1.05 * (k + 0.5) / count, 2.39996 * k
        flat = float(np.sqrt(1 - up * up)) if abs(up) < 1 else 0.0
        out = np.array([flat * np.cos(turn), up, flat * np.sin(turn)])
        if out[0] > 0.72 and up < 0.45:
            continue  # the face
        root = h * np.add(np.multiply(out, (0.7, 0.48, 0.54)), (0, 0.5, 0))
        end = root + 0.22 * h * np.add(out, (-0.55, 0.12, 0))
        b.limb(tuple(root.tolist()), tuple(end.tolist()), (0.022 * h, 0.006 * h), tip if k % 2 else coat, Skin.PLAIN, 0.0)
    return b.parts
