"""Exponentials and their like that come out alike on every processor.

NumPy has code of its own for each kind of processor, which in single precision differs in the last
bit. In double precision it differs too, but far below what single precision keeps.
"""

import numpy as np
import numpy.typing as npt

FloatImage = npt.NDArray[np.float32]
Values = npt.NDArray[np.floating]


def exp(values: Values) -> FloatImage:
    """e to the power of values; float32, of the same shape."""
    return np.exp(values, dtype=np.float64).astype(np.float32)


def log(values: Values) -> FloatImage:
    """Natural logarithm of values above 0; float32, of the same shape."""
    return np.log(values, dtype=np.float64).astype(np.float32)


def tanh(values: Values) -> FloatImage:
    """Hyperbolic tangent of values; float32, of the same shape."""
    return np.tanh(values, dtype=np.float64).astype(np.float32)
