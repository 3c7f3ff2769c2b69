"""From matches to a picture: every pixel is the weighted mean of the patches that cover it."""

import numpy as np
import numpy.typing as npt

from overlay.engine.matching.atlas import Atlas
from overlay.engine.matching.field import STRIDE, Field, Grid
from overlay.engine.matching.keys import PATCH
from overlay.imaging.colour import FloatImage
from overlay.imaging.kernel import STEADY, inner
from overlay.imaging.rows import by_rows


def vote_window(power: float) -> FloatImage:
    """Raised cosine to a power over the side of a patch, (8,) float32; higher is crisper."""
    x = (np.arange(PATCH) + 0.5) / PATCH
    return np.asarray((np.sin(np.pi * x) ** 2 + 1e-4) ** power, np.float32)


@inner()
def span(cell, first, length):
    """The pixels (from, to) of the canvas that a cell of the grid covers."""
    begin = STRIDE * cell - first
    return max(begin, 0), min(begin + STRIDE, length)


@inner(fastmath=STEADY)
def _add_patch(
    sharp, first, width, dy, dx, shift, ys, xs, query, window, doubt, total, count
):  # fmt: skip
    """Add what a patch says of a cell's pixels, by how well it agrees with the query.

    `first` is the patch's first value, (dy, dx) the cell's first pixel within the patch.
    """
    for y in range(ys[0], ys[1]):
        row = dy + y - ys[0]
        at = first + (row * width + dx) * 3
        for n in range(xs[1] - xs[0]):
            v0 = sharp[at + 3 * n] + shift[0]
            v1 = sharp[at + 3 * n + 1] + shift[1]
            v2 = sharp[at + 3 * n + 2] + shift[2]
            x = xs[0] + n
            e0, e1, e2 = v0 - query[y, x, 0], v1 - query[y, x, 1], v2 - query[y, x, 2]
            w = window[row] * window[dx + n] / (doubt + e0 * e0 + e1 * e1 + e2 * e2)
            k = (y - ys[0]) * STRIDE + n
            count[k] += w
            total[3 * k] += w * v0
            total[3 * k + 1] += w * v1
            total[3 * k + 2] += w * v2


@inner()
def write_cell(total, count, ys, xs, out):
    """The weighted means of a cell's pixels; where nobody spoke `out` stays."""
    for y in range(ys[0], ys[1]):
        for x in range(xs[0], xs[1]):
            k = (y - ys[0]) * STRIDE + x - xs[0]
            if count[k] > 0:
                for c in range(3):
                    out[y, x, c] = total[3 * k + c] / count[k]


@by_rows(fastmath=STEADY, error_model="numpy")
def _vote(
    from_row, to_row, sharp, means, start, width, field, label, mean, free, top, left, query,
    window, doubt, out,
):  # fmt: skip
    """By cells of the grid, whose pixels all lie under the same four patches."""
    for row in range(from_row, to_row):
        ys = span(row + 1, top, out.shape[0])
        total, count = np.empty(3 * STRIDE * STRIDE, np.float32), np.empty(16, np.float32)
        shift = np.zeros(3, np.float32)
        for j in range(1, label.shape[1]):
            xs = span(j, left, out.shape[1])
            total[:], count[:] = 0, 0
            for n in range(4):
                k, m = row + (n >> 1), j - 1 + (n & 1)
                r = label[k, m]
                if r < 0:
                    continue
                page = field[k, m, 0]
                first = (start[page] + field[k, m, 1] * width[page] + field[k, m, 2]) * 3
                if len(means):
                    for c in range(3):
                        shift[c] = free[r, c] * (mean[k, m, c] - means[first + c])
                dy, dx = ys[0] + top - STRIDE * k, xs[0] + left - STRIDE * m
                _add_patch(
                    sharp, first, width[page], dy, dx, shift, ys, xs, query, window, doubt,
                    total, count,
                )  # fmt: skip
            write_cell(total, count, ys, xs, out)


def vote(
    field: Field,
    label: npt.NDArray[np.int16],
    means_q: FloatImage,
    free_mean: FloatImage,
    atlas: Atlas,
    grid: Grid,
    query: FloatImage,
    *,
    power: float,
    doubt: float,
) -> FloatImage:
    """Lay the matched patches over each other.

    Parameters
    ----------
    means_q : (rows, columns, 3), from `search.refine`; kept where `free_mean` says so.
    query : (H, W, 3) float32, what the patches were sought for. Where patches disagree, those that
        agree with it at this very pixel count more, so that seams follow the picture's contours
        and not the grid; it also stays where no patch speaks.
    doubt : squared difference to the query below which all count alike.

    Returns
    -------
    (H, W, 3) float32, working space, a new array.
    """
    out = query.copy()
    _vote(
        label.shape[0] - 1, atlas.sharp, atlas.means, atlas.start, atlas.width, field, label,
        means_q, free_mean, grid.top, grid.left, query, vote_window(power), np.float32(doubt), out,
    )  # fmt: skip
    return out
