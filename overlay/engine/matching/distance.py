"""How far apart a patch of the canvas and a patch of a reference are.

The sum of squared differences of their pixels and of their guides' channels, less what is free to
differ: the mean, where colours are not asked for, and charges for what a place does not want.
"""

from typing import NamedTuple

import numpy as np
import numpy.typing as npt
from numba import njit, prange

from overlay.engine.matching.atlas import PATCH, Ints
from overlay.engine.matching.field import PAD, STRIDE
from overlay.imaging.colour import FloatImage


@njit(cache=True, fastmath=True)
def _rows_apart(a, at, a_step, b, bt, b_step, row, limit):
    """Sum of squared differences of two patches; may stop early once above `limit`.

    `row`, the values in a patch's row, is passed in: unknown to the compiler, the loop over it
    becomes vector code; as a constant it would be unrolled into scalar code, four times slower.
    """
    total = np.float32(0.0)
    for _ in range(PATCH):
        p, q = a[at : at + row], b[bt : bt + row]
        line = np.float32(0.0)
        for k in range(row):
            d = p[k] - q[k]
            line += d * d
        total += line
        if total > limit:
            return total
        at += a_step
        bt += b_step
    return total


class Sought(NamedTuple):
    """A query as the kernels take it."""

    canvas: FloatImage  # flat
    guide: FloatImage  # flat
    step: int  # values from one row of the padded canvas to the next
    row: int  # values in a row of a patch, see `_rows_apart`
    top: int
    left: int
    weight: FloatImage
    slack: FloatImage
    label: npt.NDArray[np.int16]
    mean: FloatImage
    free: FloatImage
    floor: FloatImage  # per group
    charges: FloatImage


class Pages(NamedTuple):
    """An atlas as the kernels take it."""

    colours: FloatImage
    means: FloatImage
    guides: FloatImage
    dull: FloatImage
    traits: FloatImage
    start: Ints
    height: Ints
    width: Ints
    turn: Ints
    mirrored: Ints
    leaf: Ints
    first: Ints
    pages: Ints  # how many each group has


@njit(cache=True, fastmath=True)
def _mean_gap(mean, means, at, free):
    """The part of a patch distance that is due to the means and is to be left out."""
    gap = np.float32(0.0)
    for c in range(3):
        d = mean[c] - means[at + c]
        gap += free[c] * d * d
    return np.float32(PATCH * PATCH) * gap


@njit(cache=True, fastmath=True, forceinline=True)
def apart(q, p, i, j, page, y, x, limit):
    """Distance of the canvas's patch (i, j) to a place; may be cut short once above `limit`."""
    free = q.free[q.label[i, j]]
    at = (STRIDE * i + PAD - q.top) * q.step + (STRIDE * j + PAD - q.left) * 3
    pixel = p.start[page] + y * p.width[page] + x
    page_step = p.width[page] * 3
    gap = -p.dull[pixel]
    for k in range(q.charges.shape[2]):
        gap -= q.charges[i, j, k] * p.traits[pixel, k]
    if free[0] + free[1] + free[2] > 0:
        gap += _mean_gap(q.mean[i, j], p.means, pixel * 3, free)
    total = _rows_apart(
        q.canvas, at, q.step, p.colours, pixel * 3, page_step, q.row, limit + gap
    ) - gap  # fmt: skip
    weight = q.weight[i, j]
    if weight > 0 and total < limit:
        rest = (limit - total) / weight
        total += weight * _rows_apart(
            q.guide, at, q.step, p.guides, pixel * 3, page_step, q.row, rest
        )  # fmt: skip
    return total


@njit(cache=True, parallel=True, nogil=True)
def patch_means(canvas, top, left, out):
    """Mean colour of every patch of the padded canvas, into `out` (rows, columns, 3)."""
    for i in prange(out.shape[0]):
        for j in range(out.shape[1]):
            y, x = STRIDE * i + PAD - top, STRIDE * j + PAD - left
            for c in range(3):
                total = np.float32(0.0)
                for dy in range(PATCH):
                    for dx in range(PATCH):
                        total += canvas[y + dy, x + dx, c]
                out[i, j, c] = total / (PATCH * PATCH)


@njit(cache=True, parallel=True, nogil=True)
def measure_matches(q, p, field, cost):
    """Distances of the present matches, into `cost`."""
    for i in prange(field.shape[0]):
        for j in range(field.shape[1]):
            cost[i, j] = 0.0
            if q.label[i, j] >= 0:
                page, y, x = field[i, j]
                cost[i, j] = apart(q, p, i, j, page, y, x, np.float32(1e30))
