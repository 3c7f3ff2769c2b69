"""Correspondence: for every patch of the canvas, a patch of a reference that resembles it.

Randomised search with propagation (Barnes et al. 2009, doi:10.1145/1531326.1531330) in parallel
Jacobi sweeps: each reads the old field and writes a new one, so that the result does not depend
on the number of threads. A neighbour's match, shifted along, is preferred even when it is somewhat
worse (coherence, Ashikhmin 2001, doi:10.1145/364338.364405): this lets whole strokes survive.
"""

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt
from numba import njit, prange

from overlay.engine.atlas import PATCH, Atlas
from overlay.imaging.colour import FloatImage
from overlay.imaging.noise import hash32

STRIDE = 4
PAD = 8
_ROW = PATCH * 3
# A match that repeats what stands beside it must be better by so much.
_REPEAT = 1.3
# Share of the reference's fine detail within which matches count as equally good.
_FLAT = 0.3
# A smooth canvas is nearest to smooth patches, whatever the reference's texture. So patches with
# less contrast than usual are charged a part of what they lack, more when keys are soft.
_LIVELY, _LIVELY_SOFT = 0.5, 1.0

Field = npt.NDArray[np.int32]  # (rows, columns, 3): page, y, x


@dataclass(frozen=True)
class Grid:
    """Where patches lie on the canvas: patch (i, j) begins at pixel (4i - top, 4j - left)."""

    top: int  # 5..8 pixels above the canvas
    left: int
    rows: int
    columns: int


def make_grid(height: int, width: int, offset: tuple[int, int]) -> Grid:
    """A grid that covers every pixel four times; `offset` (0..3 each way) moves it."""
    oy, ox = offset
    rows = (PAD + height - 1 - oy) // STRIDE + 1
    columns = (PAD + width - 1 - ox) // STRIDE + 1
    return Grid(PAD - oy, PAD - ox, rows, columns)


def pad_canvas(canvas: FloatImage) -> FloatImage:
    """The canvas continued by reflection on all sides, `(H + 16, W + 16, C)`."""
    return np.pad(canvas, ((PAD, PAD), (PAD, PAD), (0, 0)), mode="symmetric")


@dataclass(frozen=True)
class Query:
    """What patches are sought for.

    Attributes
    ----------
    canvas : (H + 16, W + 16, 3) float32, padded, working space.
    guide : (H + 16, W + 16, 3) float32, padded channels of the guide.
    guide_weight : (rows, columns) float32, weight of the guide's channels for each patch, 0 up.
    label : (rows, columns) int16, the reference each patch takes from, -1 for none.
    free_mean : (references, 3) float32 in 0..1, how far the mean of a channel is left out.
    """

    canvas: FloatImage
    guide: FloatImage
    guide_weight: FloatImage
    label: npt.NDArray[np.int16]
    free_mean: FloatImage


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


@njit(cache=True, fastmath=True)
def _mean_gap(mean, means, at, free):
    """The part of a patch distance that is due to the means and is to be left out."""
    gap = np.float32(0.0)
    for c in range(3):
        d = mean[c] - means[at + c]
        gap += free[c] * d * d
    return np.float32(PATCH * PATCH) * gap


@njit(cache=True, fastmath=True)
def _apart(
    canvas,
    guide,
    at,
    step,
    colours,
    means,
    guides,
    dull,
    page_at,
    page_step,
    row,
    weight,
    mean,
    free,
    limit,
):
    gap = np.float32(0.0)
    if free[0] + free[1] + free[2] > 0:
        gap = _mean_gap(mean, means, page_at, free)
    gap -= dull[page_at // 3]
    total = _rows_apart(canvas, at, step, colours, page_at, page_step, row, limit + gap) - gap
    if weight > 0 and total < limit:
        rest = (limit - total) / weight
        total += weight * _rows_apart(guide, at, step, guides, page_at, page_step, row, rest)
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
def _measure(
    canvas,
    guide,
    step,
    row,
    top,
    left,
    weights,
    label,
    means_q,
    free,
    colours,
    means,
    guides,
    dull,
    start,
    width,
    field,
    cost,
):
    """Distances of the present matches, into `cost`."""
    for i in prange(field.shape[0]):
        for j in range(field.shape[1]):
            r = label[i, j]
            if r < 0:
                cost[i, j] = 0.0
                continue
            at = ((STRIDE * i + PAD - top) * step) + (STRIDE * j + PAD - left) * 3
            page, y, x = field[i, j, 0], field[i, j, 1], field[i, j, 2]
            page_at = (start[page] + y * width[page] + x) * 3
            cost[i, j] = _apart(
                canvas, guide, at, step, colours, means, guides, dull, page_at, width[page] * 3,
                row, weights[i, j], means_q[i, j], free[r], np.float32(1e30),
            )  # fmt: skip


@njit(cache=True)
def _repeats(field, i, j, page, y, x):
    """Whether a neighbour already shows this very place."""
    rows, columns = field.shape[:2]
    for n in range(4):
        ni = i + (1 if n == 0 else -1 if n == 1 else 0)
        nj = j + (1 if n == 2 else -1 if n == 3 else 0)
        if ni < 0 or nj < 0 or ni >= rows or nj >= columns or field[ni, nj, 0] != page:
            continue
        if abs(field[ni, nj, 1] - y) + abs(field[ni, nj, 2] - x) < STRIDE:
            return True
    return False


@njit(cache=True)
def _coheres(field, i, j, page, y, x):
    """Whether a match continues that of one of the four neighbours."""
    rows, columns = field.shape[:2]
    for n in range(4):
        di = 1 if n == 0 else -1 if n == 1 else 0
        dj = 1 if n == 2 else -1 if n == 3 else 0
        ni, nj = i + di, j + dj
        if ni < 0 or nj < 0 or ni >= rows or nj >= columns or field[ni, nj, 0] != page:
            continue
        if field[ni, nj, 1] - STRIDE * di == y and field[ni, nj, 2] - STRIDE * dj == x:
            return True
    return False


@njit(cache=True, parallel=True, nogil=True)
def _sweep(
    canvas,
    guide,
    step,
    row,
    top,
    left,
    weights,
    label,
    means_q,
    free,
    colours,
    means,
    guides,
    dull,
    start,
    height,
    width,
    field,
    cost,
    coherence,
    floor,
    radius,
    key,
    new_field,
    new_cost,
):
    """One Jacobi sweep: neighbours at distances 1 and 3, then random places ever nearer."""
    rows, columns = label.shape
    for i in prange(rows):
        for j in range(columns):
            r = label[i, j]
            new_field[i, j] = field[i, j]
            new_cost[i, j] = cost[i, j]
            if r < 0:
                continue
            at = ((STRIDE * i + PAD - top) * step) + (STRIDE * j + PAD - left) * 3
            page, y, x, d = field[i, j, 0], field[i, j, 1], field[i, j, 2], cost[i, j]
            rank = d + floor[r]
            if _coheres(field, i, j, page, y, x):
                rank /= coherence
            if _repeats(field, i, j, page, y, x):
                rank *= np.float32(_REPEAT)
            for n in range(8):
                reach = 1 if n < 4 else 3
                di = reach if n % 4 == 0 else -reach if n % 4 == 1 else 0
                dj = reach if n % 4 == 2 else -reach if n % 4 == 3 else 0
                ni, nj = i + di, j + dj
                if ni < 0 or nj < 0 or ni >= rows or nj >= columns or label[ni, nj] != r:
                    continue
                p = field[ni, nj, 0]
                cy, cx = field[ni, nj, 1] - STRIDE * di, field[ni, nj, 2] - STRIDE * dj
                if cy < 0 or cx < 0 or cy > height[p] - PATCH or cx > width[p] - PATCH:
                    continue
                if p == page and cy == y and cx == x:
                    continue
                page_at = (start[p] + cy * width[p] + cx) * 3
                c = _apart(
                    canvas, guide, at, step, colours, means, guides, dull, page_at, width[p] * 3,
                    row, weights[i, j], means_q[i, j], free[r], rank * coherence - floor[r],
                )  # fmt: skip
                score = (c + floor[r]) / coherence
                if score < rank and _repeats(field, i, j, p, cy, cx):
                    score *= np.float32(_REPEAT)
                if score < rank:
                    page, y, x, d, rank = p, cy, cx, c, score
            reach = radius
            turn = np.uint32(0)
            while reach >= 1:
                h = hash32(np.uint32(key) ^ hash32(np.uint32((i * columns + j) * 32) + turn))
                turn += np.uint32(1)
                p = 2 * r + (page - 2 * r + np.int32((h >> 30) == 0)) % 2
                g = hash32(h ^ np.uint32(0x68E31DA4))
                fy = np.int64(h & 0x7FFF) * (2 * reach + 1) // 0x8000 - reach
                fx = np.int64(g & 0x7FFF) * (2 * reach + 1) // 0x8000 - reach
                base_x = x if p == page else width[p] - PATCH - x
                cy = min(max(y + fy, 0), height[p] - PATCH)
                cx = min(max(base_x + fx, 0), width[p] - PATCH)
                page_at = (start[p] + cy * width[p] + cx) * 3
                c = _apart(
                    canvas, guide, at, step, colours, means, guides, dull, page_at, width[p] * 3,
                    row, weights[i, j], means_q[i, j], free[r], rank - floor[r],
                )  # fmt: skip
                score = c + floor[r]
                if score < rank and _repeats(field, i, j, p, cy, cx):
                    score *= np.float32(_REPEAT)
                if score < rank:
                    page, y, x, d, rank = p, np.int32(cy), np.int32(cx), c, score
                reach //= 2
            new_field[i, j, 0], new_field[i, j, 1], new_field[i, j, 2] = page, y, x
            new_cost[i, j] = d


@njit(cache=True, parallel=True, nogil=True)
def random_field(label, start, height, width, key, field):
    """A random place in its own reference for every patch, into `field`."""
    rows, columns = label.shape
    for i in prange(rows):
        for j in range(columns):
            r = max(label[i, j], 0)
            h = hash32(np.uint32(key) ^ hash32(np.uint32(i * columns + j)))
            g = hash32(h ^ np.uint32(0x2545F491))
            p = 2 * r + np.int32(h >> 31)
            field[i, j, 0] = p
            field[i, j, 1] = np.int64(h & 0xFFFF) * (height[p] - PATCH + 1) // 0x10000
            field[i, j, 2] = np.int64(g & 0xFFFF) * (width[p] - PATCH + 1) // 0x10000


@njit(cache=True, parallel=True, nogil=True)
def _carry(old, top, left, factor, new_top, new_left, height, width, field):
    for i in prange(field.shape[0]):
        for j in range(field.shape[1]):
            y, x = STRIDE * i - new_top, STRIDE * j - new_left
            oy, ox = y / factor + top, x / factor + left
            oi = min(max(int(np.floor(oy / STRIDE + 0.5)), 0), old.shape[0] - 1)
            oj = min(max(int(np.floor(ox / STRIDE + 0.5)), 0), old.shape[1] - 1)
            page = old[oi, oj, 0]
            ry = int(np.floor(factor * (old[oi, oj, 1] - STRIDE * oi + top) + 0.5)) + y
            rx = int(np.floor(factor * (old[oi, oj, 2] - STRIDE * oj + left) + 0.5)) + x
            field[i, j, 0] = page
            field[i, j, 1] = min(max(ry, 0), height[page] - PATCH)
            field[i, j, 2] = min(max(rx, 0), width[page] - PATCH)


def carry_field(old: Field, old_grid: Grid, factor: float, grid: Grid, atlas: Atlas) -> Field:
    """Bring a field to another grid, and to a scale `factor` times as fine.

    A patch between old ones takes the nearest one's match, shifted by what lies between.
    """
    field = np.empty((grid.rows, grid.columns, 3), np.int32)
    _carry(
        old, old_grid.top, old_grid.left, float(factor), grid.top, grid.left,
        atlas.height, atlas.width, field,
    )  # fmt: skip
    return field


def refine(
    query: Query,
    atlas: Atlas,
    grid: Grid,
    field: Field,
    *,
    soft: bool,
    sweeps: int,
    coherence: tuple[float, float],
    radius: int,
    key: int,
) -> tuple[Field, FloatImage, FloatImage]:
    """Improve a field by sweeps.

    Parameters
    ----------
    field : the matches to begin with; its memory is used up.
    soft : compare with the softened references (on entering a scale).
    coherence : how many times worse a continued match may be, from the first sweep to the last.
    radius : pixels within which the random search begins.
    key : from `noise.step_key`.

    Returns
    -------
    The new field, its costs (rows, columns) float32, and the patches' means (rows, columns, 3).
    """
    canvas, guide = query.canvas.reshape(-1), query.guide.reshape(-1)
    step = query.canvas.shape[1] * 3
    means_q = np.empty((grid.rows, grid.columns, 3), np.float32)
    patch_means(query.canvas, grid.top, grid.left, means_q)
    dull = np.float32(_LIVELY_SOFT) * atlas.soft_dull if soft else np.float32(_LIVELY) * atlas.dull
    common = (
        canvas, guide, step, _ROW, grid.top, grid.left, query.guide_weight, query.label, means_q,
        query.free_mean, atlas.soft if soft else atlas.sharp, atlas.means, atlas.guides,
        dull, atlas.start,
    )  # fmt: skip
    cost = np.empty((grid.rows, grid.columns), np.float32)
    _measure(*common, atlas.width, field, cost)
    # In flat places all matches are nearly perfect; what differs less than the reference's own
    # fine detail must not break a continued piece.
    floor = (np.float32(_FLAT * PATCH * PATCH * 3) * atlas.detail**2).astype(np.float32)
    new_field, new_cost = np.empty_like(field), np.empty_like(cost)
    for sweep in range(sweeps):
        share = sweep / max(sweeps - 1, 1)
        bound = np.float32(coherence[0] + share * (coherence[1] - coherence[0]))
        _sweep(
            *common, atlas.height, atlas.width, field, cost, bound, floor,
            0 if sweep % 2 else radius, key + sweep, new_field, new_cost,
        )  # fmt: skip
        field, new_field = new_field, field
        cost, new_cost = new_cost, cost
    return field, cost, means_q
