"""What things rest on: the seat of a chair, the top of a table, the inside of a bowl."""

from collections.abc import Sequence

import numpy as np

from overlay.words.things.distance import one_thing, parts_on_way
from overlay.words.things.parts import extent
from overlay.words.things.table import Placed, Table, tabulate

_SIDE = 7  # rays along each side of what is rested on


def _height_at(table: Table, x: float, z: float, top: float) -> float:
    """Height of the first surface below `top`, 0 if there is none."""
    chosen, ways = np.empty(len(table.owners), np.int64), np.empty((len(table.owners), 2))
    count = parts_on_way(table, x, top, z, 0.0, -1.0, 0.0, top, 0.0, 0.0, chosen, ways)
    y = top
    for _ in range(200):
        d = one_thing(table, chosen, ways, 0, count, top - y, x, y, z)
        if d < 0.002:
            return y
        y -= max(d, 0.002)
        if y < 0:
            break
    return 0.0


def resting_place(
    thing: Placed, *, inside: bool = False, below: float = np.inf
) -> tuple[float, float, float]:
    """Where something may rest on a thing: the widest level of its top, or its middle's depth.

    A level that is not `below` so many metres counts only where there is no other: who sits on a
    swing is not on its beam.
    """
    parts = thing.in_world()
    low, high = extent(parts)
    table = tabulate([thing])
    reach = 0.25 if inside else 0.82
    middle, half = (low + high) / 2, (high - low) / 2 * reach
    steps = np.linspace(-1, 1, 3 if inside else _SIDE)
    spots = [(middle[0] + u * half[0], middle[2] + v * half[2]) for u in steps for v in steps]
    heights = np.array([_height_at(table, x, z, float(high[1]) + 0.02) for x, z in spots])
    if inside:
        return float(middle[0]), float(np.median(heights)), float(middle[2])
    if _is_domed(heights):
        return float(middle[0]), float(heights.max()), float(middle[2])
    low_enough = (heights < below) & (heights > 0.05 * float(high[1] - low[1]))
    if low_enough.any():
        heights = np.where(low_enough, heights, 0.0)
    return _widest_level(spots, heights, float(high[1] - low[1]))


def _is_domed(heights: np.ndarray) -> bool:
    """Whether what was met is highest in its middle and falls off gently: a hill."""
    grid = heights.reshape(_SIDE, _SIDE)
    core = grid[_SIDE // 2 - 1 : _SIDE // 2 + 2, _SIDE // 2 - 1 : _SIDE // 2 + 2]
    rim = np.concatenate([grid[0], grid[-1], grid[:, 0], grid[:, -1]])
    top = float(heights.max())
    return bool(grid[_SIDE // 2, _SIDE // 2] >= top and core.min() > 0.8 * top > rim.max())


def _widest_level(
    spots: Sequence[tuple[float, float]], heights: np.ndarray, tall: float
) -> tuple[float, float, float]:
    """Of the levels that are met, the one most rays met, the higher the better."""
    met = heights > 0.05 * tall
    if not met.any():
        return spots[len(spots) // 2][0], float(heights.max()), spots[len(spots) // 2][1]
    near = np.abs(heights[:, None] - heights[None]) < 0.04 * tall + 0.01
    worth = (near & met[None]).sum(1) * met * (0.5 + heights / max(heights.max(), 1e-6))
    best = near[int(worth.argmax())] & met
    level, y = np.array(spots)[best], float(np.median(heights[best]))
    x, z = level.mean(axis=0)
    middle = int(((np.array(spots) - (x, z)) ** 2).sum(axis=1).argmin())
    if not best[middle]:  # something stands up in the middle: before it, where it is seen
        front = level[level[:, 1] <= level[:, 1].min() + 1e-9]
        x, z = front[int(np.abs(front[:, 0] - x).argmin())]
    return float(x), y, float(z)
