"""How much less contrast patches of a reference have than its patches usually have."""

import numpy as np

from overlay.engine.matching.keys import PATCH
from overlay.imaging.colour import FloatImage
from overlay.imaging.rows import by_rows

_FAINTEST = 0.4  # of the usual contrast overall, below which a tone counts as ever plainer


@by_rows()
def _box_sums(from_row, to_row, rows, total, squares):
    """Sum per channel, and sum of all squares, of the patch whose top left pixel is here.

    Rows are pixel after pixel.
    """
    length = rows.shape[1]
    width = length // 3
    last = width - PATCH + 1
    for y in range(from_row, to_row):
        columns, energy = np.zeros(length, np.float32), np.zeros(width, np.float32)
        for dy in range(PATCH):
            row = rows[y + dy]
            for i in range(length):
                columns[i] += row[i]
            for x in range(width):
                r, g, b = row[3 * x], row[3 * x + 1], row[3 * x + 2]
                energy[x] += r * r
                energy[x] += g * g
                energy[x] += b * b
        out, out_energy = total[y], squares[y]
        for dx in range(PATCH):
            beside, more = columns[3 * dx :], energy[dx:]
            for i in range(3 * last):
                out[i] += beside[i]
            for x in range(last):
                out_energy[x] += more[x]


def patch_sums(picture: FloatImage) -> tuple[FloatImage, FloatImage]:
    """Of each patch, (h, w, 3) and (h, w), 0 beyond the last."""
    height = picture.shape[0]
    total, squares = np.zeros(picture.shape, np.float32), np.zeros(picture.shape[:2], np.float32)
    rows = np.ascontiguousarray(picture).reshape(height, -1)
    _box_sums(height - PATCH + 1, rows, total.reshape(height, -1), squares)
    return total, squares


def lack_of(total: FloatImage, squares: FloatImage, groups: int) -> FloatImage:
    """How much less contrast each patch has than patches as light usually have (h, w).

    In shares of that, times what is usual overall; 0 beyond the last patch. Where a tone is
    usually plain, as paper is, nothing is lacking; where tile and grout differ little, the grout
    is. Against all patches alike, the first would be strewn with ticks and the second left bald.

    Parameters
    ----------
    total, squares : from `patch_sums`.
    groups : of patches by lightness that have a usual contrast of their own.
    """
    inside = tuple(slice(0, side - PATCH + 1, 3) for side in squares.shape)
    sample = total[inside].reshape(-1, 3)
    known = squares[inside].ravel() - (sample**2).sum(axis=1) / np.float32(PATCH * PATCH)
    # Some of all tones alike, each with its usual contrast, and from tone to tone between.
    order = np.argsort(sample[:, 0], kind="stable") if groups > 1 else np.arange(len(sample))
    parts = [p for p in np.array_split(order, groups) if len(p)]
    tones = np.array([sample[part, 0].mean() for part in parts], np.float32)
    usual = np.array([np.median(known[part]) for part in parts], np.float32)
    lack = np.zeros_like(squares)
    overall = np.float32(max(float(np.median(known)), 1e-9))
    _fill_lack(len(lack) - PATCH + 1, total, squares, tones, usual, overall, lack)
    return lack


@by_rows(error_model="numpy")
def _fill_lack(from_row, to_row, total, squares, tones, usual, overall, out):
    faint = np.float32(_FAINTEST) * overall
    for y in range(from_row, to_row):
        for x in range(out.shape[1] - PATCH + 1):
            spread = squares[y, x]
            for c in range(3):
                spread -= total[y, x, c] * total[y, x, c] / np.float32(PATCH * PATCH)
            k, tone = 0, total[y, x, 0]
            while k < len(tones) - 2 and tone > tones[k + 1]:
                k += 1
            own = usual[k]
            if len(tones) > 1:
                share = (tone - tones[k]) / max(tones[k + 1] - tones[k], np.float32(1e-6))
                share = min(max(share, np.float32(0)), np.float32(1))
                own += share * (usual[k + 1] - usual[k])
            charge = overall * min(own / faint, np.float32(1))
            out[y, x] = max(charge * (1 - spread / max(own, faint)), np.float32(0))
