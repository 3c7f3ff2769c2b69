"""Sameness: whether one colour of the sources becomes one colour, all over a set."""

from collections.abc import Sequence
from typing import NamedTuple

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage
from overlay.imaging.numbers.products import dot

_PLAIN = np.array([1.0, 0.5, 0.5], np.float32)  # from the working space to OKLab
_BIN = 0.06  # side of a cell of source colours that count as one, OKLab
_FEWEST = 0.002  # share of a picture that a colour must have to be compared

Array = npt.NDArray[np.float64]


class Turned(NamedTuple):
    """What a picture's source colours have become.

    Attributes
    ----------
    cells : (n,) int64, cells of source colours. share : (n,) of the picture. into : (n, 3), mean
    OKLab of what they became.
    """

    cells: npt.NDArray[np.int64]
    share: Array
    into: Array


def turned(source: FloatImage, picture: FloatImage) -> Turned:
    """What each colour of a source became; both (h, w, 3) float32, working space, of one size."""
    before, after = ((p.reshape(-1, 3) * _PLAIN).astype(np.float64) for p in (source, picture))
    place = np.floor(before / _BIN).astype(np.int64) + 64
    cells, index, count = np.unique(
        dot(place, (1, 128, 16384)), return_inverse=True, return_counts=True
    )
    into = np.stack([np.bincount(index, after[:, c]) for c in range(3)], axis=1) / count[:, None]
    share = count / len(before)
    there = share >= _FEWEST
    return Turned(cells[there], share[there], into[there])


def sameness(set_turned: Sequence[Turned]) -> float | None:
    """How far one source colour becomes different ones over a set, OKLab; 0 is always the same.

    The deviation of what a colour became in the pictures that have it, in the mean over colours by
    their share; None where no two pictures have a colour in common.
    """
    if not set_turned:
        return None
    cells = np.concatenate([t.cells for t in set_turned])
    share = np.concatenate([t.share for t in set_turned])
    into = np.concatenate([t.into for t in set_turned])
    _, index, times = np.unique(cells, return_inverse=True, return_counts=True)
    mean = np.stack([np.bincount(index, into[:, c]) for c in range(3)], axis=1) / times[:, None]
    squared = np.bincount(index, ((into - mean[index]) ** 2).sum(axis=1)) / times
    weight = np.bincount(index, share) * (times > 1)
    if not weight.any():
        return None
    return float((weight * np.sqrt(squared)).sum() / weight.sum())
