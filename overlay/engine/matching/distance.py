"""How far apart a patch of the canvas and a patch of a reference are.

The sum of squared differences of their pixels and of their guides' channels, less what is free to
differ: the mean, where colours are not asked for, and charges for what a place does not want.

Everything is inlined into the kernels that call it, and takes arrays, not tables of them: each
reading of an array from a table counts a reference, and that costs more than the arithmetic.
"""

from typing import NamedTuple

import numpy as np
import numpy.typing as npt

from overlay.engine.matching.atlas import Atlas, Ints
from overlay.engine.matching.field import PAD, STRIDE
from overlay.engine.matching.keys import COLOUR_STEPS, GUIDE_STEPS, PATCH, Bytes
from overlay.engine.matching.wide import even_rows_apart, odd_rows_apart
from overlay.imaging.colour import FloatImage
from overlay.imaging.kernel import STEADY, inner
from overlay.imaging.rows import by_rows

# Columns of `Pages.table`: first pixel, last place downwards and across, width, how the page was
# made, and its first cell of 8x8 places.
START, HIGH, WIDE, WIDTH, TURN, MIRRORED, LEAF, CELLS = range(8)
# And of `Sought.asked`.
WEIGHT, SLACK, MEAN, CHARGES = 0, 1, 2, 5
_COLOUR = np.float32(1 / COLOUR_STEPS**2)
_GUIDE = np.float32(2 / GUIDE_STEPS**2)  # every second row of a guide stands for two
_FAR = np.float32(1e30)


class Sought(NamedTuple):
    """A query as the kernels take it."""

    canvas: Bytes  # flat
    guide: Bytes  # flat
    step: int  # values from one row of the padded canvas to the next
    top: int
    left: int
    asked: FloatImage  # (rows, columns, 5 + traits): weight of the guide, slack, mean, charges
    label: npt.NDArray[np.int16]
    free: FloatImage  # (groups, 3)
    floor: FloatImage  # (groups,)


class Pages(NamedTuple):
    """An atlas as the kernels take it."""

    colours: Bytes
    guides: Bytes
    known: FloatImage  # (pixels, 1 + traits): dull, traits
    means: FloatImage
    table: Ints  # (pages, 8)
    first: Ints  # page of each group
    counts: Ints  # how many each group has


def page_table(atlas: Atlas) -> Ints:
    """What the kernels need to know of each page, (pages, 8) int64."""
    last = atlas.height - PATCH, atlas.width - PATCH
    cells = ((atlas.height + 7) // 8) * ((atlas.width + 7) // 8)
    made = atlas.turn, atlas.mirrored, atlas.leaf
    return np.stack([atlas.start, *last, atlas.width, *made, np.cumsum(cells) - cells], axis=1)


@inner(fastmath=STEADY)
def charged(asked, i, j, known, pixel, free, r, means):
    """What is added to a match's distance, less what of its mean is free to differ."""
    charge = known[pixel, 0]
    for k in range(known.shape[1] - 1):
        charge += asked[i, j, CHARGES + k] * known[pixel, 1 + k]
    f0, f1, f2 = free[r, 0], free[r, 1], free[r, 2]
    if f0 + f1 + f2 > 0:
        d0 = asked[i, j, MEAN] - means[pixel * 3]
        d1 = asked[i, j, MEAN + 1] - means[pixel * 3 + 1]
        d2 = asked[i, j, MEAN + 2] - means[pixel * 3 + 2]
        charge -= np.float32(PATCH * PATCH) * (f0 * d0 * d0 + f1 * d1 * d1 + f2 * d2 * d2)
    return charge


@inner(fastmath=STEADY)
def apart(canvas, guide, at, step, weight, colours, guides, bt, b_step, charge, limit):
    """Distance of two patches, `charge` added; far more once it is above `limit`.

    Half of the rows are a fair sample of a patch: most candidates fall there.
    """
    total = charge + _COLOUR * even_rows_apart(canvas, at, step, colours, bt, b_step)
    if total > limit:
        return _FAR
    total += _COLOUR * odd_rows_apart(canvas, at, step, colours, bt, b_step)
    if weight > 0 and total < limit:
        total += weight * _GUIDE * even_rows_apart(guide, at, step, guides, bt, b_step)
    return total


@inner()
def place_of(i, j, top, left, step):
    """Where the canvas's patch (i, j) begins among its values."""
    return (STRIDE * i + PAD - top) * step + (STRIDE * j + PAD - left) * 3


@by_rows(error_model="numpy")
def patch_means(from_row, to_row, canvas, top, left, out):
    """Mean colour of every patch of the padded canvas, into `out` (rows, columns, 3)."""
    for i in range(from_row, to_row):
        for j in range(out.shape[1]):
            y, x = STRIDE * i + PAD - top, STRIDE * j + PAD - left
            for c in range(3):
                total = np.float32(0.0)
                for dy in range(PATCH):
                    for dx in range(PATCH):
                        total += canvas[y + dy, x + dx, c]
                out[i, j, c] = total / (PATCH * PATCH)


@by_rows(fastmath=STEADY, error_model="numpy")
def measure_matches(from_row, to_row, q, p, field, cost):
    """Distances of the present matches, into `cost`."""
    canvas, guide, step, top, left, asked, label, free, _ = q
    colours, guides, known, means, table, _, _ = p
    for i in range(from_row, to_row):
        for j in range(field.shape[1]):
            cost[i, j] = 0.0
            r = label[i, j]
            if r >= 0:
                page = field[i, j, 0]
                width = table[page, WIDTH]
                pixel = table[page, START] + field[i, j, 1] * width + field[i, j, 2]
                cost[i, j] = apart(
                    canvas, guide, place_of(i, j, top, left, step), step, asked[i, j, WEIGHT],
                    colours, guides, pixel * 3, width * 3,
                    charged(asked, i, j, known, pixel, free, r, means), np.float32(1e29),
                )  # fmt: skip
