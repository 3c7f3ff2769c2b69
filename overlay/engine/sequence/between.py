"""Patches that lie between the pixels of their reference, laid over each other.

As `matching.vote`, but a reference is read by cubic splines where a match has a rest: sharper ones
than Catmull-Rom's, since frame after frame is read so.
"""

import numpy as np
import numpy.typing as npt

from overlay.engine.matching.atlas import Atlas
from overlay.engine.matching.field import STRIDE, Field, Grid
from overlay.engine.matching.keys import PATCH
from overlay.engine.matching.vote import span, vote_window, write_cell
from overlay.imaging.colour import FloatImage
from overlay.imaging.kernel import STEADY, compiled
from overlay.imaging.rows import by_rows
from overlay.motion.warp import cubic_weights

_CUBIC = cubic_weights(-1.05)
_WHOLE, _NONE = 0.1, 0.25  # contrast lost half way between pixels: all is used, none is used


@compiled(cache=True, fastmath=STEADY, forceinline=True, error_model="numpy")
def _resampled(sharp, place, rest, tall, across, weights, lines, out):
    """A reference's colours at the pixels of a cell, each a rest beside its place.

    `place` is where its page begins, the page's height and width, y and x; `lines` are rows that
    were read across; there and in `out` a row is pixel after pixel.
    """
    start, high, wide, y, x = place
    first_y, first_x = -2 if rest[0] < 0 else -1, -2 if rest[1] < 0 else -1
    steps = weights.shape[0] - 1
    down = weights[int((rest[0] + (rest[0] < 0)) * steps + np.float32(0.5))]
    along = weights[int((rest[1] + (rest[1] < 0)) * steps + np.float32(0.5))]
    left = x + first_x
    inside = left >= 0 and left + across + 3 <= wide
    for a in range(tall + 3):
        row = start + min(max(y + first_y + a, 0), high - 1) * wide
        if inside:
            at = (row + left) * 3
            read = sharp[at : at + 3 * across + 9]
            for m in range(3 * across):
                lines[a, m] = (
                    along[0] * read[m] + along[1] * read[m + 3]
                    + along[2] * read[m + 6] + along[3] * read[m + 9]
                )  # fmt: skip
            continue
        for n in range(across):
            for c in range(3):
                lines[a, 3 * n + c] = 0
            for b in range(4):
                at = (row + min(max(left + n + b, 0), wide - 1)) * 3
                for c in range(3):
                    lines[a, 3 * n + c] += along[b] * sharp[at + c]
    for k in range(tall):
        for m in range(3 * across):
            out[k, m] = (
                down[0] * lines[k, m] + down[1] * lines[k + 1, m]
                + down[2] * lines[k + 2, m] + down[3] * lines[k + 3, m]
            )  # fmt: skip


@compiled(cache=True, fastmath=STEADY, forceinline=True, error_model="numpy")
def _add(values, said, tall, across, query, window, doubt, total, count):
    """Add what a patch says of a cell's pixels, by how well it agrees with the query."""
    shift, dy, dx, ys, xs = said
    for k in range(tall):
        for n in range(across):
            r, g, b = (
                values[k, 3 * n] + shift[0], values[k, 3 * n + 1] + shift[1],
                values[k, 3 * n + 2] + shift[2],
            )  # fmt: skip
            own = query[ys[0] + k, xs[0] + n]
            apart = (r - own[0]) ** 2 + (g - own[1]) ** 2 + (b - own[2]) ** 2
            w = window[dy + k] * window[dx + n] / (doubt + apart)
            at = k * STRIDE + n
            count[at] += w
            total[3 * at] += w * r
            total[3 * at + 1] += w * g
            total[3 * at + 2] += w * b


@by_rows(error_model="numpy")
def _vote(
    from_row, to_row, sharp, means, start, high, wide, field, rest, label, mean, free, top, left,
    query, window, doubt, weights, out,
):  # fmt: skip
    """By cells of the grid, whose pixels all lie under the same four patches."""
    for row in range(from_row, to_row):
        ys = span(row + 1, top, out.shape[0])
        total, count = np.empty(3 * STRIDE * STRIDE, np.float32), np.empty(16, np.float32)
        shift = np.zeros(3, np.float32)
        lines = np.empty((STRIDE + 3, 3 * STRIDE), np.float32)
        values = np.empty((STRIDE, 3 * STRIDE), np.float32)
        for j in range(1, label.shape[1]):
            xs = span(j, left, out.shape[1])
            total[:], count[:] = 0, 0
            for n in range(4):
                k, m = row + (n >> 1), j - 1 + (n & 1)
                r = label[k, m]
                if r < 0:
                    continue
                page, y, x = field[k, m, 0], field[k, m, 1], field[k, m, 2]
                if len(means):
                    first = (start[page] + y * wide[page] + x) * 3
                    for c in range(3):
                        shift[c] = free[r, c] * (mean[k, m, c] - means[first + c])
                dy, dx = ys[0] + top - STRIDE * k, xs[0] + left - STRIDE * m
                at, beside = (start[page], high[page], wide[page], y + dy, x + dx), rest[k, m]
                said = (shift, dy, dx, ys, xs)
                tall, across = ys[1] - ys[0], xs[1] - xs[0]
                if tall == STRIDE and across == STRIDE:
                    # Counts that are known when this is compiled make loops without tests.
                    _resampled(sharp, at, beside, STRIDE, STRIDE, weights, lines, values)
                    _add(values, said, STRIDE, STRIDE, query, window, doubt, total, count)
                else:
                    _resampled(sharp, at, beside, tall, across, weights, lines, values)
                    _add(values, said, tall, across, query, window, doubt, total, count)
            write_cell(total, count, ys, xs, out)


def vote_between(
    field: Field,
    rest: FloatImage,
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
    """Lay matched patches over each other, each read where its match and its rest say.

    Parameters
    ----------
    rest : (rows, columns, 2) float32, down and to the right, in pixels of the reference.
    others : see `matching.vote.vote`.

    Returns
    -------
    (H, W, 3) float32, working space, a new array.
    """
    out = query.copy()
    _vote(
        label.shape[0] - 1, atlas.sharp, atlas.means, atlas.start, atlas.height, atlas.width, field,
        rest, label, means_q, free_mean, grid.top, grid.left, np.ascontiguousarray(query),
        vote_window(power), np.float32(doubt), _CUBIC, out,
    )  # fmt: skip
    return out


def usable_rest(atlas: Atlas) -> FloatImage:
    """How much of its rest a match may use, for each page: (pages,) float32 in 0..1.

    A reference as fine as its pixels loses contrast between them, and would pulse as it moves.
    """
    shares = np.ones(len(atlas.start), np.float32)
    for page, (first, high, wide) in enumerate(
        zip(atlas.start, atlas.height, atlas.width, strict=True)
    ):
        values = atlas.sharp[first * 3 : (first + high * wide) * 3].reshape(high, wide, 3)[..., 0]
        shares[page] = np.clip((_NONE - _lost(values)) / (_NONE - _WHOLE), 0, 1)
    return shares


def _lost(lightness: FloatImage) -> float:
    """Share of fine contrast that a shift of half a pixel costs."""
    if min(lightness.shape) < PATCH:
        return 0.0
    own = np.diff(lightness, axis=1)
    middle, width = _CUBIC[len(_CUBIC) // 2], lightness.shape[1] - 3
    half = sum(weight * lightness[:, k : k + width] for k, weight in enumerate(middle))
    there = float(np.abs(np.diff(half, axis=1)).mean())
    return 1 - there / max(float(np.abs(own).mean()), 1e-6)
