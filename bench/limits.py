"""What more threads bring, and how far the search is from what memory allows."""

import time

import numpy as np

from overlay.engine.matching.field import make_grid
from overlay.engine.request import Request
from overlay.engine.steps.schedule import count_levels, plan

_LINE = 64  # bytes that come from memory at once
_TRIES = 8 + 5 / 2  # places tried for a patch in a sweep: neighbours, and random ones every other
_ROWS = 4 + 8 / 3  # rows of a patch that are read: four, and the others for one try in three or so


def with_threads(one: float, two: float, threads: int) -> float:
    """Seconds on more threads, by Amdahl's law from those on one and on two.

    What two threads do not halve counts as serial; memory that all share is left out, so this is
    the least it can take.
    """
    serial = min(max(2 * two - one, 0.0), one)
    return serial + (one - serial) / threads


def bytes_of_search(request: Request, sweeps: int = 2, entering: int = 4) -> float:
    """Bytes of cache lines that all tries of a run touch, canvas and page."""
    levels, total, before = count_levels(request.width, request.height), 0.0, -1
    for step in plan(request.steps, request.departure, levels):
        grid = make_grid(request.height >> step.level, request.width >> step.level, (0, 0))
        rounds = entering if step.level != before else sweeps
        before = step.level
        total += grid.rows * grid.columns * rounds * _TRIES * _ROWS * 2 * _LINE
    return total


def bandwidth() -> float:
    """Bytes a second that one thread copies within the second-level cache."""
    a = np.ones(1 << 17, np.float32)
    b = np.empty_like(a)
    np.copyto(b, a)
    best = 1e9
    for _ in range(200):
        began = time.perf_counter()
        np.copyto(b, a)
        best = min(best, time.perf_counter() - began)
    return 2 * a.nbytes / best
