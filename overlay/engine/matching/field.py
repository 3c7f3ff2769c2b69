"""The field of matches: where patches lie on the canvas, and which patch of a page each takes."""

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from overlay.engine.matching.atlas import Atlas
from overlay.engine.matching.keys import PATCH
from overlay.imaging.colour import FloatImage
from overlay.imaging.filters import reflected
from overlay.imaging.noise import hash32
from overlay.imaging.rows import by_rows

STRIDE = 4
PAD = 8

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
    return reflected(canvas, PAD)


@by_rows()
def _random_field(from_row, to_row, label, first, count, height, width, key, field):
    columns = label.shape[1]
    for i in range(from_row, to_row):
        for j in range(columns):
            r = max(label[i, j], 0)
            h = hash32(np.uint32(key) ^ hash32(np.uint32(i * columns + j)))
            g = hash32(h ^ np.uint32(0x2545F491))
            p = first[r] + np.int64(h >> 16) * count[r] // 0x10000
            field[i, j, 0] = p
            field[i, j, 1] = np.int64(h & 0xFFFF) * (height[p] - PATCH + 1) // 0x10000
            field[i, j, 2] = np.int64(g & 0xFFFF) * (width[p] - PATCH + 1) // 0x10000


def random_field(label: npt.NDArray[np.int16], atlas: Atlas, key: int) -> Field:
    """A random place in its own group for every patch."""
    field = np.empty((*label.shape, 3), np.int32)
    _random_field(
        label.shape[0], label, atlas.first, atlas.count, atlas.height, atlas.width, key, field
    )
    return atlas.freed(field)


@by_rows()
def _carry(from_row, to_row, old, top, left, factor, new_top, new_left, height, width, field):
    for i in range(from_row, to_row):
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
        field.shape[0], old, old_grid.top, old_grid.left, float(factor), grid.top, grid.left,
        atlas.height, atlas.width, field,
    )  # fmt: skip
    return atlas.freed(field)


def grid_samples(image: FloatImage, grid: Grid) -> FloatImage:
    """A picture's values at the middles of the patches, `(rows, columns[, C])`."""
    ys = (np.arange(grid.rows) * STRIDE - grid.top + PATCH // 2).clip(0, image.shape[0] - 1)
    xs = (np.arange(grid.columns) * STRIDE - grid.left + PATCH // 2).clip(0, image.shape[1] - 1)
    return np.ascontiguousarray(image[np.ix_(ys, xs)])


def sparse(values: FloatImage) -> FloatImage:
    """Every fourth value each way of a smooth map, for `sparse_samples`; a new array."""
    return values[STRIDE // 2 :: STRIDE, STRIDE // 2 :: STRIDE].copy()


def sparse_samples(values: FloatImage, grid: Grid) -> FloatImage:
    """What `grid_samples` gives, but for two pixels, from what `sparse` left of a map."""
    ys = ((np.arange(grid.rows) * STRIDE - grid.top + PATCH // 2) // STRIDE).clip(
        0, len(values) - 1
    )
    xs = (np.arange(grid.columns) * STRIDE - grid.left + PATCH // 2) // STRIDE
    return np.ascontiguousarray(values[np.ix_(ys, xs.clip(0, values.shape[1] - 1))])
