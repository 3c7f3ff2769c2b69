"""The parts that scenes are built of, as plain data: what, where, how large, how it looks.

World units are metres, y points up, the camera usually looks along +z.
"""

from dataclasses import dataclass, field
from enum import IntEnum
from typing import NamedTuple

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import decode_srgb

Vec = tuple[float, float, float]


class Kind(IntEnum):
    """Shapes. `size` means: box half-sides; cone bottom radius, half height, top radius;
    ball radii; gable half-sides (ridge along z)."""

    BOX = 0
    CONE = 1
    BALL = 2
    GABLE = 3
    CROWN = 4  # a ball with leaves


class Texture(IntEnum):
    """What a surface is made of."""

    PLAIN = 0
    BRICK = 1
    PLANKS = 2
    ROOF = 3
    LEAVES = 4
    STONE = 5
    PLASTER = 6
    GLASS = 9  # 7 and 8 are the ground's: grass, path
    LATTICE = 10


@dataclass(frozen=True)
class Solid:
    """One part of a scene."""

    kind: Kind
    at: Vec
    size: Vec
    colour: str
    texture: Texture = Texture.PLAIN
    label: str = "thing"
    turn: npt.NDArray[np.float64] = field(default_factory=lambda: np.eye(3))  # local to world

    def moved(self, turn: npt.NDArray[np.float64], by: Vec) -> "Solid":
        """The same solid, turned about the origin and then shifted."""
        at = turn @ np.asarray(self.at) + np.asarray(by)
        return Solid(
            self.kind,
            (float(at[0]), float(at[1]), float(at[2])),
            self.size,
            self.colour,
            self.texture,
            self.label,
            turn @ self.turn,
        )


class SolidTable(NamedTuple):
    """Solids as arrays for the kernels, one row each."""

    kind: npt.NDArray[np.int64]
    at: npt.NDArray[np.float64]
    to_local: npt.NDArray[np.float64]
    size: npt.NDArray[np.float64]
    reach: npt.NDArray[np.float64]  # radius of the ball around the centre that holds it
    colour: npt.NDArray[np.float64]  # linear light
    texture: npt.NDArray[np.int64]
    label: npt.NDArray[np.int64]


def yaw(degrees: float) -> npt.NDArray[np.float64]:
    """Turn about the vertical."""
    c, s = np.cos(np.radians(degrees)), np.sin(np.radians(degrees))
    return np.array([[c, 0, s], [0, 1, 0], [-s, 0, c]])


def roll(degrees: float) -> npt.NDArray[np.float64]:
    """Turn about the line of sight, z."""
    c, s = np.cos(np.radians(degrees)), np.sin(np.radians(degrees))
    return np.array([[c, -s, 0], [s, c, 0], [0, 0, 1]])


def pitch(degrees: float) -> npt.NDArray[np.float64]:
    """Turn about x."""
    c, s = np.cos(np.radians(degrees)), np.sin(np.radians(degrees))
    return np.array([[1, 0, 0], [0, c, -s], [0, s, c]])


def linear_light(colour: str) -> npt.NDArray[np.float64]:
    """`#rrggbb` as linear light in 0..1."""
    v = np.array([int(colour[i : i + 2], 16) for i in (1, 3, 5)]) / 255
    return decode_srgb(v)


def tabulate(solids: list[Solid], labels: list[str]) -> SolidTable:
    """Arrays for the kernels; `labels` gives each label its number."""
    sizes = np.array([s.size for s in solids], np.float64)
    return SolidTable(
        kind=np.array([int(s.kind) for s in solids]),
        at=np.array([s.at for s in solids], np.float64),
        to_local=np.ascontiguousarray([s.turn.T for s in solids], np.float64),
        size=sizes,
        reach=np.linalg.norm(sizes, axis=1) + 0.3,
        colour=np.array([linear_light(s.colour) for s in solids]),
        texture=np.array([int(s.texture) for s in solids]),
        label=np.array([labels.index(s.label) for s in solids]),
    )
