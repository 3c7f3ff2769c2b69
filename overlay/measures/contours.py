"""Whether the contours of one picture are found again in another."""

from typing import NamedTuple

import numpy as np

from overlay.imaging.colour import FloatImage
from overlay.imaging.filters import gaussian
from overlay.imaging.resample import soften
from overlay.imaging.rows import by_rows

# Chosen for the best rank correlation with forty pairs ranked by eye (0.83; half of it 0.79).
_SIGMA = 0.8  # pixels, of the gradient
_CLEAR = 0.6  # strength of what counts as a contour, 1 is the clearest
_REACH = 2  # pixels within which a contour counts as found
_AROUND = 5  # halvings over which contrast is evened out
_FLOOR = 0.15  # share of a picture's clearest contours that is added to what is usual nearby
# Where contours are looked for to see how many are found by chance, shares of both sides.
_ELSEWHERE = np.array(
    [(0.31, 0.17), (0.17, 0.43), (0.53, 0.29), (0.41, 0.61), (0.71, 0.79), (0.83, 0.37)]
)


class Contours(NamedTuple):
    """Ridges of a picture's gradient."""

    strength: FloatImage  # (h, w) in 0..1, 0 off the ridges
    down: FloatImage  # (h, w), unit direction of the gradient
    across: FloatImage


def found_again(there: Contours, wanted: Contours) -> float | None:
    """Share of a picture's contours that a proof shows again, beyond chance.

    A contour is found where the proof has one within two pixels; it counts by the square of how
    well it runs the same way and of how clear it is beside the other. Each counts by its own
    strength. From this is taken what would be found if the proof lay elsewhere on the picture, by
    six shifts.

    Parameters
    ----------
    there, wanted : those of the proof, and of the structure picture, of the same size.

    Returns
    -------
    1 where all are found, 0 where as many as by chance; below where it is fewer. None where the
    structure picture has no contours.
    """
    ys, xs = np.nonzero(wanted.strength > _CLEAR)
    if not len(ys):
        return None
    shifts = np.concatenate([[(0, 0)], _ELSEWHERE * wanted.strength.shape]).astype(np.int64)
    found = np.empty((len(ys), len(shifts)), np.float32)
    _find(len(ys), wanted, there, ys, xs, shifts, found)
    weight = wanted.strength[ys, xs]
    score = (weight[:, None] * found).sum(axis=0) / weight.sum()
    chance = float(score[1:].mean())
    return (float(score[0]) - chance) / max(1 - chance, 1e-3)


def contours_of(picture: FloatImage) -> Contours:
    """The contours of a picture, (H, W, 3) float32, working space."""
    smooth = gaussian(picture[..., 0], _SIGMA)
    out = Contours(*(np.zeros_like(smooth) for _ in range(3)))
    slope = np.empty_like(smooth)
    _slopes(smooth.shape[0], smooth, out.down, out.across, slope)
    clearest = float(np.percentile(slope[::2, ::2], 99))
    if clearest < 1e-4:
        return out
    usual = soften(slope, _AROUND) + np.float32(_FLOOR * clearest)
    _ridges(slope.shape[0] - 2, slope, usual, out.down, out.across, out.strength)
    return out


@by_rows(error_model="numpy")
def _slopes(from_row, to_row, image, down, across, slope):
    """Central differences, as a unit direction and a length."""
    height, width = image.shape
    for y in range(from_row, to_row):
        for x in range(width):
            gy = image[min(y + 1, height - 1), x] - image[max(y - 1, 0), x]
            gx = image[y, min(x + 1, width - 1)] - image[y, max(x - 1, 0)]
            length = np.sqrt(gy * gy + gx * gx)
            slope[y, x] = length
            if length > 1e-9:
                down[y, x], across[y, x] = gy / length, gx / length


@by_rows(error_model="numpy")
def _ridges(from_row, to_row, slope, usual, down, across, strength):
    """Keep what is no weaker than its neighbours across the contour."""
    width = slope.shape[1]
    for y in range(from_row + 1, to_row + 1):
        for x in range(1, width - 1):
            dy, dx = int(np.rint(down[y, x])), int(np.rint(across[y, x]))
            here = slope[y, x]
            if here > slope[y - dy, x - dx] and here >= slope[y + dy, x + dx]:
                strength[y, x] = min(np.float32(0.9) * here / usual[y, x], np.float32(1))


@by_rows(error_model="numpy")
def _find(from_row, to_row, wanted, there, ys, xs, shifts, found):
    height, width = wanted.strength.shape
    for n in range(from_row, to_row):
        y, x = ys[n], xs[n]
        for s in range(shifts.shape[0]):
            best = np.float32(0)
            for dy in range(-_REACH, _REACH + 1):
                for dx in range(-_REACH, _REACH + 1):
                    py, px = y + dy + shifts[s, 0], x + dx + shifts[s, 1]
                    if s > 0:
                        py, px = py % height, px % width
                    if py < 0 or px < 0 or py >= height or px >= width:
                        continue
                    along = there.down[py, px] * wanted.down[y, x]
                    along += there.across[py, px] * wanted.across[y, x]
                    best = max(best, there.strength[py, px] * along * along)
            share = min(best / wanted.strength[y, x], np.float32(1))
            found[n, s] = share * share
