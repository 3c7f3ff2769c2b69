"""What patches are compared by: colours and guides in a byte a channel.

A candidate's cost is the cache lines it touches, and bytes touch a quarter of them. Half a step of
a byte is 0.0025 in the working space, below the noise of any step and below any picture's grain.
"""

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage
from overlay.imaging.rows import by_rows

Bytes = npt.NDArray[np.uint8]
PATCH = 8  # pixels of a patch's side
# Steps of a byte to a unit. The working space of sRGB lies within 0.62, channels of a guide within
# 1; what lies beyond is clipped. The middle is 128.
COLOUR_STEPS, GUIDE_STEPS = 255 / 1.28, 127.0


@by_rows()
def _to_bytes(from_row, to_row, values, steps, out):
    for y in range(from_row, to_row):
        for x in range(values.shape[1]):
            v = values[y, x] * steps + np.float32(128.5)
            out[y, x] = np.uint8(min(max(v, np.float32(0)), np.float32(255)))


def to_bytes(values: FloatImage, steps: float) -> Bytes:
    """Values about 0 as bytes about 128, rounded to the nearest: a new array of the same shape.

    Parameters
    ----------
    values : (h, w, channels) float32.
    steps : of a byte to a unit, `COLOUR_STEPS` or `GUIDE_STEPS`.
    """
    rows = np.ascontiguousarray(values, np.float32).reshape(len(values), -1)
    out = np.empty(rows.shape, np.uint8)
    _to_bytes(rows.shape[0], rows, np.float32(steps), out)
    return out.reshape(values.shape)


def from_bytes(values: Bytes, steps: float) -> FloatImage:
    """What `to_bytes` was given, to within half a step; a new float32 array."""
    return (values.astype(np.float32) - np.float32(128)) / np.float32(steps)
