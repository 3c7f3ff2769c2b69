"""Correspondence: for every patch of the canvas, a patch of a reference that resembles it.

Randomised search with propagation (Barnes et al. 2009, doi:10.1145/1531326.1531330) in parallel
sweeps. A neighbour's match, shifted along, is preferred even when it is somewhat worse (coherence,
Ashikhmin 2001, doi:10.1145/364338.364405): this lets whole strokes survive.
"""

from collections.abc import Callable
from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from overlay.engine.matching.atlas import Atlas, Ints
from overlay.engine.matching.distance import (
    CELLS,
    CHARGES,
    HIGH,
    MEAN,
    SLACK,
    WEIGHT,
    WIDTH,
    Pages,
    Sought,
    measure_matches,
    page_table,
    patch_means,
)
from overlay.engine.matching.field import Field, Grid
from overlay.engine.matching.keys import COLOUR_STEPS, GUIDE_STEPS, PATCH, to_bytes
from overlay.engine.matching.sweep import mark_repeats, sweep
from overlay.imaging.colour import FloatImage

# Share of the reference's fine detail within which matches count as equally good.
_FLAT = 0.3
# A smooth canvas is nearest to smooth patches, whatever the reference's texture. So patches with
# less contrast than usual are charged a part of what they lack, more when keys are soft.
_LIVELY, _LIVELY_SOFT = 0.5, 1.0

# A place may be used so many times, and so many times as often as the mean, before it is worn.
_ALWAYS, _OFTEN = 6, 4
# How many times worse a match may be that takes the place of one nobody continues, at the end.
_LONELY = 1.5
_NOTHING_HELD = np.zeros((0, 0, 3), np.int32), np.zeros((0, 0), np.float32)


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
    check: Callable[[], object],
    tidy: bool = False,
    worn: npt.NDArray[np.bool_] | None = None,
    held: tuple[Field, FloatImage] | None = None,
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
    tidy : end with a sweep in which matches that no neighbour continues give way to ones that do,
        even somewhat worse, so that no specks are left.
    worn : from `worn_places` of a larger field that this one is a part of; None looks at this one.
    held : the matches of the frame before, moved along, and by what their ranks are multiplied,
        (rows, columns) float32 up to 1; None outside of sequences.

    Returns
    -------
    The new field, its costs (rows, columns) float32, and the patches' means (rows, columns, 3),
    0 where none is free.
    """
    sought = _sought(query, atlas, grid)
    pages = _pages(atlas, soft=soft)
    cost = np.empty((grid.rows, grid.columns), np.float32)
    measure_matches(field.shape[0], sought, pages, field, cost)
    new_field, new_cost = np.empty_like(field), np.empty_like(cost)
    carried, discount = _NOTHING_HELD if held is None else held
    moved, new_moved = np.ones(cost.shape, np.bool_), np.ones(cost.shape, np.bool_)
    for number in range(sweeps + tidy):
        check()
        share = number / max(sweeps - 1, 1)
        bound = coherence[0] + min(share, 1) * (coherence[1] - coherence[0])
        # Random places in every other sweep are enough; between, good finds spread.
        reach = 0 if number % 2 or number == sweeps else radius
        uses = worn_places(field, pages.table) if worn is None else worn
        lonely = _LONELY if number == sweeps else 1.0
        moved |= number == sweeps
        sweep(
            field.shape[0], sought, pages, field, cost, moved,
            uses, mark_repeats(field), np.float32(bound), np.float32(lonely), reach, key + number,
            carried, discount, new_field, new_cost, new_moved,
        )  # fmt: skip
        field, new_field = new_field, field
        cost, new_cost = new_cost, cost
        moved, new_moved = new_moved, moved
    return field, cost, np.ascontiguousarray(sought.asked[..., MEAN:CHARGES])


def worn_places(field: Field, table: Ints) -> npt.NDArray[np.bool_]:
    """Cells of 8x8 places, page after page, that are used far more often than most.

    More than `_OFTEN` times what would be if all were used alike, and `_ALWAYS` times more.
    """
    page, y, x = field[..., 0], field[..., 1], field[..., 2]
    across = (table[:, WIDTH] + 7) // 8
    down = (table[:, HIGH] + PATCH + 7) // 8
    cell = table[page, CELLS] + (y >> 3) * across[page] + (x >> 3)
    uses = np.bincount(cell.ravel(), minlength=int((across * down).sum()))
    return np.asarray(uses > _ALWAYS + _OFTEN * field.shape[0] * field.shape[1] / len(uses))


def _sought(query: Query, atlas: Atlas, grid: Grid) -> Sought:
    asked = np.empty((grid.rows, grid.columns, CHARGES + query.charges.shape[2]), np.float32)
    asked[..., WEIGHT], asked[..., SLACK] = query.guide_weight, query.slack
    asked[..., CHARGES:] = query.charges
    asked[..., MEAN:CHARGES] = 0
    if query.free_mean.any():
        patch_means(
            asked.shape[0],
            query.canvas,
            grid.top,
            grid.left,
            asked[..., MEAN:CHARGES],
        )
    return Sought(
        to_bytes(query.canvas, COLOUR_STEPS).reshape(-1),
        to_bytes(query.guide, GUIDE_STEPS).reshape(-1),
        query.canvas.shape[1] * 3, grid.top, grid.left, asked, query.label, query.free_mean,
        # In flat places all matches are nearly perfect; what differs less than the reference's
        # own fine detail must not break a continued piece.
        np.float32(_FLAT * PATCH * PATCH * 3) * atlas.detail**2,
    )  # fmt: skip


def _pages(atlas: Atlas, *, soft: bool) -> Pages:
    colours, dull = atlas.soft_keys if soft else (atlas.colours, atlas.dull)
    lively = np.float32(_LIVELY_SOFT if soft else _LIVELY) * dull
    charges = lively[:, None]
    if atlas.traits.shape[1]:
        charges = np.concatenate([charges, atlas.traits], axis=1)
    return Pages(
        colours, atlas.guides, charges,
        atlas.means, page_table(atlas), atlas.first, atlas.count,
    )  # fmt: skip
