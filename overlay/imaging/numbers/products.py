"""Products of matrices that come out alike on every processor.

Libraries of linear algebra choose their code by the processor, and that adds in another order or
rounds at other places; one bit is enough for another patch to be found, and for another picture in
the end. So what a proof is made of, and what is measured of it, multiplies here.
"""

from typing import Any

import numpy as np
import numpy.typing as npt

from overlay.imaging.rows import by_rows

Array = npt.NDArray[Any]


def dot(values: Array, weights: npt.ArrayLike) -> Array:
    """Sum of products over the last axis, from its first value to its last.

    Parameters
    ----------
    values : (..., n), a few values each. weights : (n,).

    Returns
    -------
    (...), of the type that NumPy gives the product of both.
    """
    first, *others = (values[..., k] * weight for k, weight in enumerate(np.asarray(weights)))
    return np.asarray(sum(others, first))


def length(vector: npt.ArrayLike) -> float:
    """Euclidean length of a vector (n,)."""
    v = np.asarray(vector, np.float64)
    return float(np.sqrt(dot(v, v)))


def turned_by(turn: Array, what: npt.ArrayLike) -> Array:
    """A matrix (m, n) times a vector (n,) or another matrix (n, k), both small."""
    what = np.asarray(what)
    if what.ndim == 1:
        return dot(turn, what)
    return np.stack([dot(turn, column) for column in what.T], axis=1)


def product(a: Array, b: Array) -> Array:
    """The product of large matrices (m, n) and (n, k) of one kind of float: (m, k) of that kind."""
    made = np.zeros((a.shape[0], b.shape[1]), a.dtype)
    _multiply(a.shape[0], np.ascontiguousarray(a), np.ascontiguousarray(b), made)
    return made


@by_rows(fewest=200)
def _multiply(from_row: int, to_row: int, a: Array, b: Array, made: Array) -> None:
    """Rows of a product: every value is a sum from its first part to its last."""
    for row in range(from_row, to_row):
        into = made[row]
        for k in range(a.shape[1]):
            weight, line = a[row, k], b[k]
            for column in range(b.shape[1]):
                into[column] += weight * line[column]
