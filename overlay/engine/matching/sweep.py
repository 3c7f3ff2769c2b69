"""One sweep of the search: what neighbours suggest, then random places.

A sweep reads the old field and writes a new one (Jacobi), so that its result does not depend on
the number of threads.
"""

import numpy as np
import numpy.typing as npt

from overlay.engine.matching.distance import (
    CELLS,
    HIGH,
    LEAF,
    MIRRORED,
    SLACK,
    START,
    TURN,
    WEIGHT,
    WIDE,
    WIDTH,
    apart,
    charged,
    place_of,
)
from overlay.engine.matching.field import STRIDE, Field
from overlay.engine.matching.keys import PATCH
from overlay.imaging.kernel import STEADY, compiled, inner
from overlay.imaging.noise import hash32
from overlay.imaging.rows import by_rows

# A match that repeats what stands beside it must be better by so much.
REPEAT = 1.3
# And one from a place that is used too often by so much.
WORN = 1.15


@compiled(cache=True, error_model="numpy")
def _repeats(field, i, j, page, y, x):
    """Whether a patch up to three away shows this very place."""
    rows, columns = field.shape[:2]
    for ni in range(max(i - 3, 0), min(i + 4, rows)):
        reach = 3 - abs(ni - i)
        for nj in range(max(j - reach, 0), min(j + reach + 1, columns)):
            if field[ni, nj, 0] != page or (ni == i and nj == j):
                continue
            if abs(field[ni, nj, 1] - y) + abs(field[ni, nj, 2] - x) < STRIDE:
                return True
    return False


@compiled(cache=True)
def _mark_row(page, y, x, other_page, other_y, other_x, flags):
    """Of two rows side by side, as vector code."""
    for j in range(len(flags)):
        near = abs(other_y[j] - y[j]) + abs(other_x[j] - x[j]) < STRIDE
        flags[j] |= np.uint8((other_page[j] == page[j]) & near)


@by_rows()
def _mark_repeats(from_row, to_row, page, y, x, flags):
    rows, columns = flags.shape
    for i in range(from_row, to_row):
        for n in range(max(i - 3, 0), min(i + 4, rows)):
            reach = 3 - abs(n - i)
            for shift in range(-reach, reach + 1):
                if n == i and shift == 0:
                    continue
                a, b = max(-shift, 0), columns - max(shift, 0)
                c, d = a + shift, b + shift
                _mark_row(
                    page[i, a:b], y[i, a:b], x[i, a:b],
                    page[n, c:d], y[n, c:d], x[n, c:d], flags[i, a:b],
                )  # fmt: skip


def mark_repeats(field: Field) -> npt.NDArray[np.uint8]:
    """What `_repeats` says of every match, (rows, columns) uint8."""
    planes = np.ascontiguousarray(np.moveaxis(field, 2, 0))
    flags = np.zeros(field.shape[:2], np.uint8)
    _mark_repeats(len(field), planes[0], planes[1], planes[2], flags)
    return flags


@inner()
def _worn(uses, table, page, y, x):
    """How much dearer a place is for being used so often: 1 while it is not."""
    cell = table[page, CELLS] + (y >> 3) * ((table[page, WIDTH] + 7) >> 3) + (x >> 3)
    return np.float32(WORN) if uses[cell] else np.float32(1)


@inner()
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


@inner()
def _same(field, i, j, page, y, x):
    """Whether a field has this very match at a place."""
    return field[i, j, 0] == page and field[i, j, 1] == y and field[i, j, 2] == x


@inner()
def _staleness(uses, table, field, i, j, page, y, x):
    """How many times better a match must be whose place is worn or shows nearby."""
    dearer = _worn(uses, table, page, y, x)
    return dearer * np.float32(REPEAT) if _repeats(field, i, j, page, y, x) else dearer


@inner(fastmath=STEADY)
def _try_neighbours(
    canvas, guide, at, step, asked, label, free, colours, guides, known, means, table,
    field, moved, uses, i, j, best, coherence, floor,
):  # fmt: skip
    """What continues the matches of patches at distances 1 and 3; the best comes back."""
    page, y, x, d, rank = best
    rows, columns = label.shape
    r = label[i, j]
    last_page, last_y, last_x = np.int32(-1), np.int32(0), np.int32(0)
    for n in range(8):
        reach = 1 if n < 4 else 3
        k = n & 3
        di = reach if k == 0 else -reach if k == 1 else 0
        dj = reach if k == 2 else -reach if k == 3 else 0
        ni, nj = i + di, j + dj
        if ni < 0 or nj < 0 or ni >= rows or nj >= columns or label[ni, nj] != r:
            continue
        if not moved[ni, nj]:  # it was tried in the sweep before, and has not changed
            continue
        other = field[ni, nj, 0]
        cy = np.int32(field[ni, nj, 1] - STRIDE * di)
        cx = np.int32(field[ni, nj, 2] - STRIDE * dj)
        if (other == page and cy == y and cx == x) or (
            other == last_page and cy == last_y and cx == last_x
        ):
            continue
        if cy < 0 or cx < 0 or cy > table[other, HIGH] or cx > table[other, WIDE]:
            continue
        last_page, last_y, last_x = other, cy, cx
        width = table[other, WIDTH]
        pixel = table[other, START] + cy * width + cx
        c = apart(
            canvas, guide, at, step, asked[i, j, WEIGHT], colours, guides, pixel * 3, width * 3,
            charged(asked, i, j, known, pixel, free, r, means), rank * coherence - floor,
        )  # fmt: skip
        score = (c + floor) / coherence
        if score < rank:
            score *= _staleness(uses, table, field, i, j, other, cy, cx)
        if score < rank:
            page, y, x, d, rank = other, cy, cx, c, score
    return page, y, x, d, rank


@inner()
def _elsewhere(table, page, y, x, other):
    """Where a patch of one page lies on another page of the same leaf.

    Pages are turned by quarters counterclockwise, then mirrored; `high` and `wide` are the last
    places of the unturned picture.
    """
    if table[page, MIRRORED]:
        x = table[page, WIDE] - x
    turn = table[page, TURN]
    odd = turn & 1
    high = table[page, WIDE] if odd else table[page, HIGH]
    wide = table[page, HIGH] if odd else table[page, WIDE]
    if turn == 1:
        y, x = x, wide - y
    elif turn == 2:
        y, x = high - y, wide - x
    elif turn == 3:
        y, x = high - x, y
    turn = table[other, TURN]
    if turn == 1:
        y, x = wide - x, y
    elif turn == 2:
        y, x = high - y, wide - x
    elif turn == 3:
        y, x = x, high - y
    if table[other, MIRRORED]:
        x = table[other, WIDE] - x
    return y, x


@inner()
def _onto(table, page, y, x, other):
    """Where a place of one page is looked for on another page of its group."""
    if table[other, LEAF] == table[page, LEAF]:
        return _elsewhere(table, page, y, x, other)
    high = table[other, HIGH] + PATCH, table[page, HIGH] + PATCH
    return y * high[0] // high[1], x * table[other, WIDTH] // table[page, WIDTH]


@inner()
def _another_page(first, count, page, h):
    """The same page, or once in four another one of its group; `h` are random bits."""
    if count < 2 or (h >> np.uint32(30)) != 0:
        return np.int32(page)
    further = 1 + np.int64((h >> np.uint32(15)) & np.uint32(0x7FFF)) % (count - 1)
    return np.int32(first + (page - first + further) % count)


@inner()
def _shifted(place, radius, h, last):
    """A place moved by up to `radius` either way, kept on its page."""
    shift = (np.int64(h & np.uint32(0x7FFF)) * (2 * radius + 1) >> 15) - radius
    return np.int32(min(max(place + shift, 0), last))


@inner(fastmath=STEADY)
def _try_places(
    canvas, guide, at, step, asked, label, free, colours, guides, known, means, table,
    first, count, field, uses, i, j, best, floor, radius, key,
):  # fmt: skip
    """Random places ever nearer to the best so far, at times on another page of its group."""
    page, y, x, d, rank = best
    r = label[i, j]
    seed = np.uint32((i * label.shape[1] + j) * 32)
    while radius >= 1:
        h = hash32(np.uint32(key) ^ hash32(seed))
        g = hash32(h ^ np.uint32(0x68E31DA4))
        seed += np.uint32(1)
        other = _another_page(first[r], count[r], page, h)
        my, mx = np.int64(y), np.int64(x)
        if other != page:
            my, mx = _onto(table, page, my, mx, other)
        cy = _shifted(my, radius, h, table[other, HIGH])
        cx = _shifted(mx, radius, g, table[other, WIDE])
        width = table[other, WIDTH]
        pixel = table[other, START] + cy * width + cx
        c = apart(
            canvas, guide, at, step, asked[i, j, WEIGHT], colours, guides, pixel * 3, width * 3,
            charged(asked, i, j, known, pixel, free, r, means), rank - floor,
        )  # fmt: skip
        score = c + floor
        if score < rank:
            score *= _staleness(uses, table, field, i, j, other, cy, cx)
        if score < rank:
            page, y, x, d, rank = other, cy, cx, c, score
        radius //= 2
    return page, y, x, d, rank


@by_rows(fastmath=STEADY, error_model="numpy")
def sweep(
    from_row, to_row, q, p, field, cost, moved, uses, repeated, coherence, lonely, radius, key,
    carried, discount, new_field, new_cost, new_moved,
):  # fmt: skip
    """Improve every match, from `field`, `cost` and `moved` into the new ones.

    Parameters
    ----------
    q, p : `distance.Sought` and `distance.Pages`.
    moved : (rows, columns) bool, matches that changed in the sweep before.
    uses : (cells,) bool, places that are used too often, see `worn_places`.
    repeated : (rows, columns) uint8, 1 where a patch nearby shows the same place.
    coherence : how many times worse a continued match may be, float32.
    lonely : how many times worse a match may be that takes the place of one nobody continues.
    radius : pixels within which random places are tried, 0 for none.
    carried, discount : (rows, columns, 3) int32 and (rows, columns) float32, matches of the frame
        before and by what their rank is multiplied; none of either outside of sequences.
    """
    canvas, guide, step, top, left, asked, label, free, floors = q
    colours, guides, known, means, table, first, count = p
    held = len(discount) > 0
    for i in range(from_row, to_row):
        for j in range(label.shape[1]):
            page, y, x, d = field[i, j, 0], field[i, j, 1], field[i, j, 2], cost[i, j]
            r = label[i, j]
            if r >= 0:
                bound = np.float32(1.0) + (coherence - np.float32(1.0)) * asked[i, j, SLACK]
                floor = floors[r] * asked[i, j, SLACK]
                rank = d + floor
                if _coheres(field, i, j, page, y, x):
                    rank /= bound
                else:
                    rank *= lonely
                rank *= _worn(uses, table, page, y, x)
                if repeated[i, j]:
                    rank *= np.float32(REPEAT)
                if held and _same(carried, i, j, page, y, x):
                    rank *= discount[i, j]
                at = place_of(i, j, top, left, step)
                best = page, y, x, d, rank
                best = _try_neighbours(
                    canvas, guide, at, step, asked, label, free, colours, guides, known, means,
                    table, field, moved, uses, i, j, best, bound, floor,
                )  # fmt: skip
                page, y, x, d, _ = _try_places(
                    canvas, guide, at, step, asked, label, free, colours, guides, known, means,
                    table, first, count, field, uses, i, j, best, floor, radius, key,
                )  # fmt: skip
            new_field[i, j, 0], new_field[i, j, 1], new_field[i, j, 2] = page, y, x
            new_cost[i, j] = d
            new_moved[i, j] = not _same(field, i, j, page, y, x)
