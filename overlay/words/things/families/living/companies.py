"""Companies that one word stands for: an orchestra, a choir, a beast before its cart."""

from typing import Any

import numpy as np

from overlay.words.things.families.goods.small import strings
from overlay.words.things.families.goods.trade import trumpet
from overlay.words.things.families.living.figures import HAND, figure
from overlay.words.things.families.living.quadrupeds import quadruped
from overlay.words.things.families.moving.vehicles import cart
from overlay.words.things.parts import Builder, Part, Skin, moved, turned

# Beasts that pull, as the lexicon has them.
_BEASTS: dict[str, dict[str, Any]] = {
    "horse": {
        "h": 1.6, "long": 1.02, "chest": 0.2, "waist": 0.17, "rump": 0.19, "leg": 0.036, "thigh": 0.09, "neck": 0.44,
        "up": 50, "throat": 0.68, "head": 0.088, "muzzle": 0.21, "snout": 0.6, "nod": 38, "ears": 0.07, "tail": 0.55,
        "brush": 0.042, "drop": 72, "coat": "#6e4529", "dark": "#3c2519", "mane": "#1f1612",
    },
    "donkey": {
        "h": 1.2, "long": 1.05, "chest": 0.22, "waist": 0.21, "rump": 0.2, "leg": 0.037, "thigh": 0.09, "neck": 0.34,
        "up": 40, "throat": 0.64, "head": 0.115, "muzzle": 0.2, "snout": 0.62, "nod": 38, "ear": "long", "ears": 0.13,
        "tail": 0.45, "brush": 0.02, "drop": 78, "coat": "#8b8178", "belly": "#c9c1b3", "mane": "#3a332d",
    },
    "ox": {
        "h": 1.55, "long": 1.3, "chest": 0.31, "waist": 0.28, "rump": 0.25, "leg": 0.052, "thigh": 0.1, "neck": 0.22,
        "up": 20, "throat": 0.9, "head": 0.125, "muzzle": 0.19, "snout": 0.76, "nod": 36, "ear": "flop", "ears": 0.08,
        "tail": 0.6, "brush": 0.02, "drop": 82, "coat": "#8a5a3a", "horn": "curve", "horns": 0.34,
    },
}  # fmt: skip
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


def team(*, beast: str = "horse", pulls: str = "cart", coat: str = "") -> list[Part]:
    """A beast in the shafts of what it pulls, to +x: a cart, a carriage, a load of hay, a sleigh.

    Before a plough there are two of them, and who holds its handles.
    """
    own = _BEASTS[beast] | ({"coat": coat} if coat else {})
    before = moved(quadruped(**own), turned(), (1.75 + 0.3 * own["h"], 0.0, 0.0))
    b = Builder("#2f2119", Skin.PLAIN)  # its collar
    b.ring((2.15 + 0.38 * own["h"], 0.78 * own["h"], 0), 0.24 * own["h"], 0.04, "#2f2119", turned(0, 0, 62))
    if pulls == "plough":
        one, other = (moved([*before, *b.parts], turned(), (0.6, 0.0, z)) for z in (-0.45, 0.45))
        return moved([*one, *other, *_ploughed()], turned(), (-1.1, 0.0, 0.0))
    behind = _sleigh() if pulls == "sleigh" else cart(**_LOADS[pulls])
    return moved([*behind, *before, *b.parts], turned(), (-1.1, 0.0, 0.0))


_LOADS: dict[str, dict[str, Any]] = {
    "cart": {}, "hay": {"load": "#c9a85a"}, "carriage": {"wood": "#4a3226", "cover": "#3a2a2e"},
    "caravan": {"cover": "#3f7a5a"},
}  # fmt: skip


def _ploughed(wood: str = "#7a5636", iron: str = "#4a4e52") -> list[Part]:
    """A plough on its wheel, and a man in a hat who walks behind it, its handles in his hands."""
    b = Builder(wood, Skin.PLAIN)
    b.limb((-0.6, 0.35, 0), (2.9, 0.62, 0), (0.06, 0.05))  # its beam, up to the traces
    for z in (0.22, -0.22):
        b.limb((-0.1, 0.3, 0.4 * z), (-1.25, 0.98, z), (0.05, 0.035))
        b.limb((2.9, 0.62, 0), (3.3, 1.15, 3.0 * z), (0.02, 0.02), "#2f2119")
    b.limb((0.1, 0.5, 0), (-0.05, 0.03, 0), (0.06, 0.05), iron)
    b.sheet([(0.55, 0.02, 0.05), (-0.5, 0.02, 0.3), (-0.6, 0.42, 0.34), (0.1, 0.38, 0.03)], 0.03, iron)
    b.ring((1.3, 0.26, 0), 0.24, 0.035, iron, turned(0, 90))
    b.limb((1.3, 0.26, 0), (1.3, 0.5, 0), (0.03, 0.03), iron)
    who = figure(
        h=1.72, coat="#7a6a52", trousers="#4a4238", hat="straw", pose="hold", holds=True
    )  # fmt: skip
    return [*b.parts, *moved(who, turned(), (-1.75, 0.0, 0.0))]


def _sleigh(paint: str = "#a3352c", wood: str = "#5a3f28") -> list[Part]:
    """A sleigh for two with a high back, on runners that curl up, with shafts."""
    b = Builder(paint, Skin.PLAIN, 0.04)
    b.box((0, 0.62, 0), (0.85, 0.05, 0.5))
    b.box((-0.8, 1.05, 0), (0.05, 0.45, 0.5), turn=turned(0, 0, 14))
    b.box((0.72, 0.92, 0), (0.05, 0.34, 0.5), turn=turned(0, 0, -24))
    b.box((-0.45, 0.82, 0), (0.3, 0.07, 0.46), "#c9b48a")
    for z in (0.5, -0.5):
        b.box((-0.2, 0.8, z), (0.66, 0.2, 0.03))
        curl = [(-1.1, 0.08), (0.9, 0.08), (1.25, 0.22), (1.36, 0.5), (1.2, 0.72)]
        b.chain([(x, y, 0.9 * z) for x, y in curl], [0.05] * 5, wood)
        for x in (-0.6, 0.5):
            b.limb((x, 0.1, 0.9 * z), (x, 0.6, 0.9 * z), (0.03, 0.03), wood)
        b.limb((0.85, 0.6, 0.8 * z), (2.5, 0.9, 0.6 * z), (0.04, 0.035), wood)
    return b.parts


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
