"""Which reference decides where, so that areas meet the weights in coherent pieces.

Every reference is tried on the whole frame once, at a coarse scale. What each would cost there,
smoothed, is compared under one bias a reference; the biases are solved so that the areas come out
as the weights ask (the assignment form of semi-discrete transport: Aurenhammer et al. 1998,
doi:10.1007/PL00009187). As weights change during the run, only the biases are solved again.
"""

from dataclasses import dataclass, field

import numpy as np
import numpy.typing as npt
import scipy

from overlay.engine.matching.field import STRIDE, Field, Grid
from overlay.imaging.colour import FloatImage
from overlay.imaging.numbers.curves import log

Labels = npt.NDArray[np.int16]
# How readily a cue gives way where its own weight is small.
_LOCAL = 0.6
_ROUNDS = 25


@dataclass(frozen=True)
class Casting:
    """What each reference would cost in each place, at the scale of the trial.

    Attributes
    ----------
    cost : (references, rows, columns) float32, smoothed and brought to a common size.
    fields : for each reference the matches it found.
    level : the scale of the trial; `grid` is its grid.
    biases : those that were solved, by the weights they were solved for.
    """

    cost: FloatImage
    fields: tuple[Field, ...]
    grid: Grid
    level: int
    biases: dict[bytes, npt.NDArray[np.float64]] = field(default_factory=dict, compare=False)

    def bias(self, weight: FloatImage) -> npt.NDArray[np.float64]:
        """Biases for weights on the trial's own grid, which stay the same for most of a run."""
        key = weight.tobytes()
        if key not in self.biases:
            count = len(self.cost)
            self.biases[key] = solve_bias(self.cost.reshape(count, -1), weight.reshape(count, -1))
        return self.biases[key]


def smooth_cost(cost: FloatImage, seed: int) -> FloatImage:
    """Make trial costs comparable and coherent: smoothed, evened out, with a little soft chance."""
    soft = scipy.ndimage.gaussian_filter(cost, (0, 1.6, 1.6), mode="nearest")
    soft = soft / (np.median(soft, axis=(1, 2), keepdims=True) + 1e-6)
    chance = np.random.default_rng(seed).standard_normal(soft.shape)
    chance = scipy.ndimage.gaussian_filter(chance, (0, 3.0, 3.0), mode="nearest")
    spread = max(float(soft.std()), 0.05)
    out = soft / spread + 0.35 * chance / (chance.std() + 1e-9)
    return np.asarray(out, np.float32)


def solve_bias(
    cost: FloatImage,
    weight: FloatImage,
    start: npt.NDArray[np.float64] | None = None,
    *,
    rounds: int = _ROUNDS,
) -> npt.NDArray[np.float64]:
    """Biases under which each reference is cheapest on its share of the area.

    Parameters
    ----------
    cost : (references, n) float32.
    weight : (references, n) float32, 0 where a reference may not be used.
    start : biases to begin with, if some are known from a coarser scale.

    Returns
    -------
    (references,) float64, to be added to the costs.
    """
    score, total = _score(cost, weight)
    spoken = total > 0
    score, weight, total = score[:, spoken], weight[:, spoken], total[spoken]
    count = score.shape[0]
    bias = np.zeros(count) if start is None else start.copy()
    if count < 2 or score.shape[1] == 0:
        return bias
    wanted = (weight / total).sum(axis=1)
    for _ in range(rounds):
        for r in range(count):
            shifted = score + bias[:, None]
            others = np.delete(shifted, r, axis=0).min(axis=0)
            margin = np.sort(others - score[r])[::-1]
            k = int(np.clip(round(wanted[r]), 0, len(margin)))
            lower = margin[k] if k < len(margin) else margin[-1] - 1.0
            upper = margin[k - 1] if k > 0 else margin[0] + 1.0
            bias[r] = np.clip(0.5 * (lower + upper), -1e6, 1e6)
        bias -= bias.mean()
    return bias


def _score(cost: FloatImage, weight: FloatImage) -> tuple[FloatImage, FloatImage]:
    total = weight.sum(axis=0)
    part = weight / np.maximum(total, 1e-9)
    score = np.where(weight > 0, cost - _LOCAL * log(np.maximum(part, 1e-6)), np.float32(1e9))
    return score.astype(np.float32), total


def assign(
    casting: Casting, trial_weight: FloatImage, weight: FloatImage, grid: Grid, level: int
) -> Labels:
    """Label every patch of a grid with the reference that decides it.

    Parameters
    ----------
    trial_weight : (references, rows, columns) on the casting's grid.
    weight : (references, rows, columns) on `grid`.
    level : scale of `grid`.

    Returns
    -------
    (rows, columns) int16, -1 where no reference has any weight.
    """
    count = len(casting.cost)
    bias = casting.bias(trial_weight)
    factor = 2.0 ** (level - casting.level)
    rows = ((np.arange(grid.rows) * STRIDE - grid.top + 4) * factor - 4 + casting.grid.top) / STRIDE
    columns = (np.arange(grid.columns) * STRIDE - grid.left + 4) * factor - 4 + casting.grid.left
    places = np.meshgrid(rows, columns / STRIDE, indexing="ij")
    cost = np.stack(
        [scipy.ndimage.map_coordinates(c, places, order=1, mode="nearest") for c in casting.cost]
    )
    flat = cost.reshape(count, -1), weight.reshape(count, -1)
    bias = solve_bias(*flat, bias, rounds=3)
    score, total = _score(cost, weight)
    label = np.argmin(score + bias[:, None, None].astype(np.float32), axis=0).astype(np.int16)
    label[total <= 0] = -1
    return np.asarray(label, np.int16)


def memberships(label: Labels, count: int) -> FloatImage:
    """Soft membership of each patch in each reference, `(count, rows, columns)`, summing to 1."""
    hot = np.stack([label == r for r in range(count)]).astype(np.float32)
    soft = scipy.ndimage.gaussian_filter(hot, (0, 1.2, 1.2), mode="nearest")
    total = soft.sum(axis=0)
    return np.where(total > 1e-6, soft / np.maximum(total, 1e-6), 0).astype(np.float32)
