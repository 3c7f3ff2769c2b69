"""Correspondence: for every patch of the canvas, a patch of a reference that resembles it.

Randomised search with propagation (Barnes et al. 2009, doi:10.1145/1531326.1531330) in parallel
Jacobi sweeps: each reads the old field and writes a new one, so that the result does not depend
on the number of threads. A neighbour's match, shifted along, is preferred even when it is somewhat
worse (coherence, Ashikhmin 2001, doi:10.1145/364338.364405): this lets whole strokes survive.
"""

from collections.abc import Callable
from dataclasses import dataclass

import numpy as np
import numpy.typing as npt
from numba import njit, prange

from overlay.engine.matching.atlas import PATCH, Atlas
from overlay.engine.matching.distance import Pages, Sought, apart, measure_matches, patch_means
from overlay.engine.matching.field import STRIDE, Field, Grid
from overlay.imaging.colour import FloatImage
from overlay.imaging.noise import hash32

_ROW = PATCH * 3
# A match that repeats what stands beside it must be better by so much.
_REPEAT = 1.3
# Share of the reference's fine detail within which matches count as equally good.
_FLAT = 0.3
# A smooth canvas is nearest to smooth patches, whatever the reference's texture. So patches with
# less contrast than usual are charged a part of what they lack, more when keys are soft.
_LIVELY, _LIVELY_SOFT = 0.5, 1.0


@dataclass(frozen=True)
class Query:
    """What patches are sought for.

    Attributes
    ----------
    canvas : (H + 16, W + 16, 3) float32, padded, working space.
    guide : (H + 16, W + 16, 3) float32, padded channels of the guide.
    guide_weight : (rows, columns) float32, weight of the guide's channels for each patch, 0 up.
    slack : (rows, columns) float32 in 0..1, how much of the coherence applies: 1 on flat places,
        less where contours have to be met.
    label : (rows, columns) int16, the group of pages each patch takes from (a reference, or the
        atlas's `all_group`), -1 for none.
    free_mean : (groups, 3) float32 in 0..1, how far the mean of a channel is left out.
    charges : (rows, columns, traits) float32, what a unit of each trait of a match costs there.
    """

    canvas: FloatImage
    guide: FloatImage
    guide_weight: FloatImage
    slack: FloatImage
    label: npt.NDArray[np.int16]
    free_mean: FloatImage
    charges: FloatImage


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


@njit(cache=True, fastmath=True, forceinline=True)
def _try_neighbours(q, p, field, i, j, page, y, x, d, rank, coherence):
    """What continues the matches of patches at distances 1 and 3; the best comes back."""
    rows, columns = q.label.shape
    floor = q.floor[q.label[i, j]] * q.slack[i, j]
    for n in range(8):
        reach = 1 if n < 4 else 3
        di = reach if n % 4 == 0 else -reach if n % 4 == 1 else 0
        dj = reach if n % 4 == 2 else -reach if n % 4 == 3 else 0
        ni, nj = i + di, j + dj
        if ni < 0 or nj < 0 or ni >= rows or nj >= columns or q.label[ni, nj] != q.label[i, j]:
            continue
        other = field[ni, nj, 0]
        cy, cx = field[ni, nj, 1] - STRIDE * di, field[ni, nj, 2] - STRIDE * dj
        if cy < 0 or cx < 0 or cy > p.height[other] - PATCH or cx > p.width[other] - PATCH:
            continue
        if other == page and cy == y and cx == x:
            continue
        c = apart(q, p, i, j, other, cy, cx, rank * coherence - floor)
        score = (c + floor) / coherence
        if score < rank and _repeats(field, i, j, other, cy, cx):
            score *= np.float32(_REPEAT)
        if score < rank:
            page, y, x, d, rank = other, cy, cx, c, score
    return page, y, x, d, rank


@njit(cache=True)
def _elsewhere(p, page, y, x, other):
    """Where a patch of one page lies on another page of the same reference.

    Pages are turned by quarters counterclockwise, then mirrored; `high` and `wide` are the last
    places of the unturned picture.
    """
    if p.mirrored[page]:
        x = p.width[page] - PATCH - x
    turn = p.turn[page]
    odd = turn % 2 == 1
    high = (p.width[page] if odd else p.height[page]) - PATCH
    wide = (p.height[page] if odd else p.width[page]) - PATCH
    if turn == 1:
        y, x = x, wide - y
    elif turn == 2:
        y, x = high - y, wide - x
    elif turn == 3:
        y, x = high - x, y
    turn = p.turn[other]
    if turn == 1:
        y, x = wide - x, y
    elif turn == 2:
        y, x = high - y, wide - x
    elif turn == 3:
        y, x = x, high - y
    if p.mirrored[other]:
        x = p.width[other] - PATCH - x
    return y, x


@njit(cache=True, fastmath=True, forceinline=True)
def _try_places(q, p, field, i, j, page, y, x, d, rank, radius, key):
    """Random places ever nearer to the best so far, at times on another page of its group."""
    r = q.label[i, j]
    first, count = p.first[r], p.pages[r]
    floor = q.floor[r] * q.slack[i, j]
    seed = np.uint32((i * q.label.shape[1] + j) * 32)
    while radius >= 1:
        h = hash32(np.uint32(key) ^ hash32(seed))
        g = hash32(h ^ np.uint32(0x68E31DA4))
        seed += np.uint32(1)
        other = page
        if count > 1 and (h >> 30) == 0:
            further = 1 + np.int64((h >> 15) & 0x7FFF) % (count - 1)
            other = np.int32(first + (page - first + further) % count)
        shift_y = np.int64(h & 0x7FFF) * (2 * radius + 1) // 0x8000 - radius
        shift_x = np.int64(g & 0x7FFF) * (2 * radius + 1) // 0x8000 - radius
        my, mx = y, x
        if other != page:
            if p.leaf[other] == p.leaf[page]:
                my, mx = _elsewhere(p, page, y, x, other)
            else:
                my, mx = y * p.height[other] // p.height[page], x * p.width[other] // p.width[page]
        cy = np.int32(min(max(my + shift_y, 0), p.height[other] - PATCH))
        cx = np.int32(min(max(mx + shift_x, 0), p.width[other] - PATCH))
        c = apart(q, p, i, j, other, cy, cx, rank - floor)
        score = c + floor
        if score < rank and _repeats(field, i, j, other, cy, cx):
            score *= np.float32(_REPEAT)
        if score < rank:
            page, y, x, d, rank = np.int32(other), cy, cx, c, score
        radius //= 2
    return page, y, x, d, rank


@njit(cache=True, parallel=True, nogil=True)
def _sweep(q, p, field, cost, coherence, radius, key, new_field, new_cost):
    """One Jacobi sweep: what neighbours suggest, then random places."""
    rows, columns = q.label.shape
    for i in prange(rows):
        for j in range(columns):
            page, y, x = field[i, j]
            d = cost[i, j]
            r = q.label[i, j]
            if r >= 0:
                bound = np.float32(1.0) + (coherence - np.float32(1.0)) * q.slack[i, j]
                rank = d + q.floor[r] * q.slack[i, j]
                if _coheres(field, i, j, page, y, x):
                    rank /= bound
                if _repeats(field, i, j, page, y, x):
                    rank *= np.float32(_REPEAT)
                page, y, x, d, rank = _try_neighbours(q, p, field, i, j, page, y, x, d, rank, bound)
                page, y, x, d, rank = _try_places(
                    q, p, field, i, j, page, y, x, d, rank, radius, key
                )
            new_field[i, j, 0], new_field[i, j, 1], new_field[i, j, 2] = page, y, x
            new_cost[i, j] = d


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
    check: Callable[[], None],
) -> tuple[Field, FloatImage, FloatImage]:
    """Improve a field by sweeps.

    Parameters
    ----------
    field : the matches to begin with; its memory is used up.
    soft : compare with the softened references (on entering a scale).
    coherence : how many times worse a continued match may be, from the first sweep to the last.
    radius : pixels within which the random search begins.
    key : from `noise.step_key`.
    check : called before every sweep; may raise to end the work.

    Returns
    -------
    The new field, its costs (rows, columns) float32, and the patches' means (rows, columns, 3).
    """
    means = np.empty((grid.rows, grid.columns, 3), np.float32)
    patch_means(query.canvas, grid.top, grid.left, means)
    sought = Sought(
        query.canvas.reshape(-1), query.guide.reshape(-1), query.canvas.shape[1] * 3, _ROW,
        grid.top, grid.left, query.guide_weight, query.slack, query.label, means, query.free_mean,
        # In flat places all matches are nearly perfect; what differs less than the reference's
        # own fine detail must not break a continued piece.
        np.float32(_FLAT * PATCH * PATCH * 3) * atlas.detail**2, query.charges,
    )  # fmt: skip
    colours, dull = atlas.soft_keys() if soft else (atlas.sharp, atlas.dull)
    pages = Pages(
        colours, atlas.means, atlas.guides, np.float32(_LIVELY_SOFT if soft else _LIVELY) * dull,
        atlas.traits, atlas.start, atlas.height, atlas.width, atlas.turn, atlas.mirrored,
        atlas.leaf, atlas.first, atlas.count,
    )  # fmt: skip
    cost = np.empty((grid.rows, grid.columns), np.float32)
    measure_matches(sought, pages, field, cost)
    new_field, new_cost = np.empty_like(field), np.empty_like(cost)
    for sweep in range(sweeps):
        check()
        share = sweep / max(sweeps - 1, 1)
        bound = np.float32(coherence[0] + share * (coherence[1] - coherence[0]))
        # Random places in every other sweep are enough; between, good finds spread.
        reach = 0 if sweep % 2 else radius
        _sweep(sought, pages, field, cost, bound, reach, key + sweep, new_field, new_cost)
        field, new_field = new_field, field
        cost, new_cost = new_cost, cost
    return field, cost, means
