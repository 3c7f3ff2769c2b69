"""From matches to a picture: every pixel is the weighted mean of the patches that cover it."""

import numpy as np
from numba import njit, prange

from overlay.engine.matching.atlas import PATCH, Atlas
from overlay.engine.matching.field import STRIDE, Field, Grid
from overlay.imaging.colour import FloatImage


def vote_window(power: float) -> FloatImage:
    """Raised cosine to a power over the side of a patch, (8,) float32; higher is crisper."""
    x = (np.arange(PATCH) + 0.5) / PATCH
    return (np.sin(np.pi * x) ** 2 + 1e-4).astype(np.float32) ** np.float32(power)


@njit(cache=True, parallel=True, nogil=True, fastmath=True)
def _vote(
    sharp, means, start, width, field, label, means_q, free, top, left, window, query, doubt, out
):
    for y in prange(out.shape[0]):
        for x in range(out.shape[1]):
            gi, gj = (y + top) // STRIDE, (x + left) // STRIDE
            total = s0 = s1 = s2 = np.float32(0.0)
            for i in range(gi - 1, gi + 1):
                dy = y + top - STRIDE * i
                for j in range(gj - 1, gj + 1):
                    r = label[i, j]
                    if r < 0:
                        continue
                    dx = x + left - STRIDE * j
                    page = field[i, j, 0]
                    first = (start[page] + field[i, j, 1] * width[page] + field[i, j, 2]) * 3
                    at = first + (dy * width[page] + dx) * 3
                    v0, v1, v2 = sharp[at], sharp[at + 1], sharp[at + 2]
                    if len(means):
                        v0 += free[r, 0] * (means_q[i, j, 0] - means[first])
                        v1 += free[r, 1] * (means_q[i, j, 1] - means[first + 1])
                        v2 += free[r, 2] * (means_q[i, j, 2] - means[first + 2])
                    e0, e1, e2 = v0 - query[y, x, 0], v1 - query[y, x, 1], v2 - query[y, x, 2]
                    w = window[dy] * window[dx] / (doubt + e0 * e0 + e1 * e1 + e2 * e2)
                    s0 += w * v0
                    s1 += w * v1
                    s2 += w * v2
                    total += w
            if total > 0:
                out[y, x, 0], out[y, x, 1], out[y, x, 2] = s0 / total, s1 / total, s2 / total


def vote(
    field: Field,
    label: np.ndarray,
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
        atlas.sharp, atlas.means, atlas.start, atlas.width, field, label, means_q, free_mean,
        grid.top, grid.left, vote_window(power), query, np.float32(doubt), out,
    )  # fmt: skip
    return out
