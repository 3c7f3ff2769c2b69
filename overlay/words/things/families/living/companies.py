"""Companies of people that one word stands for: an orchestra, a choir."""

import numpy as np

from overlay.words.things.families.goods.small import strings
from overlay.words.things.families.goods.trade import trumpet
from overlay.words.things.families.living.figures import HAND, figure
from overlay.words.things.parts import Builder, Part, Skin, moved, turned

_HAIR = ("#2a1c14", "#5a3a22", "#8a6236", "#c9a45a", "#6b665f", "#3a2619")


def orchestra(*, coat: str = "#24252b", players: int = 8) -> list[Part]:
    """Players on chairs in two arcs, fiddles before, brass behind, and who conducts them."""
    parts: list[Part] = []
    for k in range(players):
        back = k >= (players + 1) // 2
        row, n = (k - (players + 1) // 2, players // 2) if back else (k, (players + 1) // 2)
        a = np.radians(-62 + 124 * row / max(n - 1, 1))
        out = 2.9 if back else 1.75
        x, z, y = out * float(np.sin(a)), out * float(np.cos(a)), 0.34 if back else 0.0
        turn = turned(90 + float(np.degrees(a)))  # each looks at the conductor
        parts += moved(_player(coat, k, brass=back), turn, (x, y, z))
        if back:
            parts += _step(x, y, z)
    leads = figure(h=1.8, coat="#1c1c20", trousers="#1c1c20", pose="dance", hair="#c9c6c0")
    stands = moved(leads, turned(-90), (0.0, 0.26, -0.5))
    return [*parts, *_step(0.0, 0.26, -0.5), *stands]


def choir(*, coat: str = "#7a2430", singers: int = 9) -> list[Part]:
    """Singers in two rows, the second one step up, each with a sheet of music."""
    parts: list[Part] = []
    first = (singers + 1) // 2
    for k in range(singers):
        back = k >= first
        row, n = (k - first, singers - first) if back else (k, first)
        x, z, y = (row - (n - 1) / 2) * 0.68, 0.75 * back, 0.36 * back
        who = figure(
            h=1.66 + 0.1 * ((k * 7) % 3) / 2, coat=coat, skirt=True, long=k % 2 == 0,
            hair=_HAIR[k % len(_HAIR)], pose="hold",
        )  # fmt: skip
        parts += moved([*who, *_sheet()], turned(90), (x, y, z))
        if back:
            parts += _step(x, y, z)
    return parts


def _player(coat: str, number: int, *, brass: bool) -> list[Part]:
    """One who sits and plays."""
    h = 1.7
    who = figure(
        h=h, coat=coat, trousers="#1f1f23", hair=_HAIR[number % len(_HAIR)], long=number % 3 == 1, pose="sit",
    )  # fmt: skip
    at = (HAND[0] * h * 0.9, 0.66 * h * 0.78, 0.06 * h)
    played = trumpet() if brass else strings(h=0.6)
    small = moved(played, turned(0, 0, 0 if brass else -62), at, 0.9 if brass else 1.0)
    return [*who, *small, *_seat()]


def _seat() -> list[Part]:
    b = Builder("#5a3a24", Skin.PLAIN)
    b.box((0, 0.42, 0), (0.2, 0.02, 0.2))
    b.box((-0.2, 0.66, 0), (0.02, 0.24, 0.19))
    for x in (-0.18, 0.18):
        for z in (-0.18, 0.18):
            b.limb((x, 0, z), (x, 0.42, z), (0.02, 0.02))
    return b.parts


def _sheet() -> list[Part]:
    b = Builder("#f2ecdf", Skin.PLAIN)
    b.box((0.32, 1.12, 0.03), (0.012, 0.14, 0.19), turn=turned(0, 0, -28))
    return b.parts


def _step(x: float, y: float, z: float) -> list[Part]:
    b = Builder("#6b4a30", Skin.PLANKS)
    b.box((x, 0.5 * y, z), (0.5, 0.5 * y, 0.42))
    return b.parts
