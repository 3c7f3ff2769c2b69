"""Matches of the frame before, moved along the motion to where they are now.

A place in a reference rarely moves by whole pixels. What is left is kept with the match and carried
on, so that marks keep up with what they lie on; whole places would drift away from it.
"""

from typing import NamedTuple

import numpy as np
import numpy.typing as npt

from overlay.engine.matching.atlas import Atlas
from overlay.engine.matching.field import STRIDE, Field, Grid
from overlay.engine.matching.keys import PATCH
from overlay.imaging.colour import FloatImage
from overlay.imaging.rows import by_rows


class Kept(NamedTuple):
    """The matches of one step of a frame.

    Attributes
    ----------
    field : (rows, columns, 3) page, y, x. rest : (rows, columns, 2) float32, what is left of whole
    places, down and to the right, within half a pixel. owner : (rows, columns) int16.
    """

    field: Field
    rest: FloatImage
    owner: npt.NDArray[np.int16]
    grid: Grid


class Carried(NamedTuple):
    """Matches moved to another frame's grid; sure : (rows, columns) float32 in 0..1."""

    field: Field
    rest: FloatImage
    owner: npt.NDArray[np.int16]
    sure: FloatImage


@by_rows(error_model="numpy")
def _carry(
    from_row, to_row, old, old_rest, old_owner, old_top, old_left, top, left, flow, sure, height,
    width, field, rest, owner, trust,
):  # fmt: skip
    half = PATCH // 2
    for i in range(from_row, to_row):
        for j in range(field.shape[1]):
            y, x = STRIDE * i - top, STRIDE * j - left
            cy = min(max(y + half, 0), flow.shape[0] - 1)
            cx = min(max(x + half, 0), flow.shape[1] - 1)
            was_y, was_x = np.float32(y) + flow[cy, cx, 1], np.float32(x) + flow[cy, cx, 0]
            oi = int(np.floor((was_y + np.float32(old_top)) / STRIDE + np.float32(0.5)))
            oj = int(np.floor((was_x + np.float32(old_left)) / STRIDE + np.float32(0.5)))
            oi = min(max(oi, 0), old.shape[0] - 1)
            oj = min(max(oj, 0), old.shape[1] - 1)
            page = old[oi, oj, 0]
            at_y = old[oi, oj, 1] + old_rest[oi, oj, 0] + was_y - (STRIDE * oi - old_top)
            at_x = old[oi, oj, 2] + old_rest[oi, oj, 1] + was_x - (STRIDE * oj - old_left)
            iy, ix = int(np.floor(at_y + 0.5)), int(np.floor(at_x + 0.5))
            field[i, j, 0] = page
            field[i, j, 1] = min(max(iy, 0), height[page] - PATCH)
            field[i, j, 2] = min(max(ix, 0), width[page] - PATCH)
            rest[i, j, 0] = at_y - iy if field[i, j, 1] == iy else 0
            rest[i, j, 1] = at_x - ix if field[i, j, 2] == ix else 0
            owner[i, j] = old_owner[oi, oj]
            trust[i, j] = sure[cy, cx] if old_owner[oi, oj] >= 0 else 0


def carry_along(old: Kept, grid: Grid, flow: FloatImage, sure: FloatImage, atlas: Atlas) -> Carried:
    """Bring the matches of a step of the frame before to where they are now.

    Parameters
    ----------
    grid : of the same step of this frame, at the same scale.
    flow, sure : from `motion.flow.Motion`, at that scale, in its pixels.
    """
    shape = (grid.rows, grid.columns)
    field, rest = np.empty((*shape, 3), np.int32), np.empty((*shape, 2), np.float32)
    owner, trust = np.empty(shape, np.int16), np.empty(shape, np.float32)
    _carry(
        field.shape[0], old.field, old.rest, old.owner, old.grid.top, old.grid.left, grid.top,
        grid.left, flow, sure, atlas.height, atlas.width, field, rest, owner, trust,
    )  # fmt: skip
    freed = atlas.freed(field)
    rest[(freed != field).any(axis=2)] = 0
    return Carried(freed, rest, owner, trust)
