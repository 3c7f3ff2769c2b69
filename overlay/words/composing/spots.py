"""Spots in the picture: where a thing stands and what it takes up."""

from collections.abc import Sequence
from dataclasses import dataclass

import numpy as np

Box = tuple[float, float, float, float]


@dataclass(frozen=True)
class Spot:
    """Where one thing stands and what it takes up of the picture.

    Attributes
    ----------
    x, y, z : metres. box : left, right, bottom, top in the picture, -1..1.
    """

    x: float
    y: float
    z: float
    box: Box


def around(boxes: Sequence[Box]) -> Box:
    """The box about several."""
    left, right, low, high = zip(*boxes, strict=True)
    return min(left), max(right), min(low), max(high)


def overlap(a: Box, b: Box) -> float:
    """What two boxes share, as a share of the smaller one."""
    across = max(min(a[1], b[1]) - max(a[0], b[0]), 0.0)
    upward = max(min(a[3], b[3]) - max(a[2], b[2]), 0.0)
    smaller = min((q[1] - q[0]) * (q[3] - q[2]) for q in (a, b))
    return across * upward / max(smaller, 1e-6)


def is_near(spot: Spot, at: tuple[float, float, float], room: float) -> bool:
    """Whether a place on the ground is within so many metres of a spot."""
    return bool(np.hypot(at[0] - spot.x, at[2] - spot.z) < room)
