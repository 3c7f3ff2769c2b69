"""Places that are seen from outside as one thing: a town on its hill."""

import numpy as np

from overlay.words.things.families.built.buildings import house
from overlay.words.things.parts import Builder, Part, Skin, moved, turned

_WALLS = ("#e3d6bd", "#d9b58a", "#c9cdd0", "#dfc2a8")
_ROOFS = ("#9a4a33", "#7d3f30", "#8a5a3a")
_ROWS = ((0.86, 4, 56.0), (0.62, 3, 44.0), (0.4, 2, 34.0))  # how far out, how many, degrees aside


def hill_town(*, h: float = 11.0, grass: str = "#7d9a50", wall: str = "") -> list[Part]:
    """A round hill with rows of houses up to the church on its top, as one looks up at it."""
    b = Builder(grass, Skin.FUR, 0.1 * h)
    wide = 2.1 * h
    b.ball((0, 0, 0), (wide, h, wide), blend=0.0)  # half of it in the ground
    parts, number = list(b.parts), 0
    for out, count, aside in _ROWS:
        for k in range(count):
            a = np.radians(-aside + 2 * aside * k / max(count - 1, 1) + 5.0 * (k % 2))
            x, z = out * wide * float(np.sin(a)), -out * wide * float(np.cos(a))
            parts += _house_at(x, z, h * float(np.sqrt(1.0 - out * out)), number, wall)
            number += 1
    church = house(
        w=7.5, d=4.6, storey=3.6, pitch=2.8, wall=wall or "#c9bda8", made="stone", roof="#5a6470",
        tower=9.0, spire=6.0, chimney=False,
    )  # fmt: skip
    return [*parts, *moved(church, turned(), (0.8, 0.97 * h, -1.0))]


def _house_at(x: float, z: float, y: float, number: int, wall: str) -> list[Part]:
    """One house that looks down the hill, its cellar in the slope."""
    walls = wall or _WALLS[number % len(_WALLS)]
    home = house(
        w=5.4 + 0.8 * (number % 3), d=4.0, floors=1 + number % 2, storey=2.5, pitch=1.9, wall=walls,
        roof=_ROOFS[number % len(_ROOFS)], chimney=number % 3 == 0,
    )  # fmt: skip
    cellar = Builder(walls, Skin.STONE)
    cellar.box((0, -1.6, 0), (2.6, 1.6, 1.95))
    yaw = -0.45 * float(np.degrees(np.arctan2(x, -z)))
    return moved([*home, *cellar.parts], turned(yaw), (x, y - 0.2, z))
