"""Pictures moved along a flow.

They are read by Catmull-Rom splines (Catmull and Rom 1974), or sharper: what is moved from frame to
frame to frame must not lose a little each time, so that is read by a windowed sinc of eight pixels
(Duchon 1979). Weights are looked up in steps of 1/256 pixel.
"""

import numpy as np

from overlay.imaging.colour import FloatImage
from overlay.imaging.kernel import STEADY, compiled
from overlay.imaging.rows import by_rows

_STEPS = 256


def cubic_weights(slope: float = -0.5) -> FloatImage:
    """Cubic weights of four pixels for every step of a pixel, (257, 4) float32.

    Parameters
    ----------
    slope : at the next pixel (Keys 1981, doi:10.1109/TASSP.1981.1163711): -0.5 for Catmull-Rom's,
        -1 sharpens a little.
    """
    at, a = np.abs(_distances(4)), slope
    near = ((a + 2) * at - (a + 3)) * at * at + 1
    far = a * (((at - 5) * at + 8) * at - 4)
    return np.asarray(np.where(at < 1, near, np.where(at < 2, far, 0)), np.float32)


def _sinc_weights(taps: int = 8) -> FloatImage:
    """Windowed sinc weights of eight pixels for every step of a pixel, (257, 8) float32."""
    at = _distances(taps)
    weights = np.sinc(at) * np.sinc(at * 2 / taps)
    return np.asarray(weights / weights.sum(axis=1, keepdims=True), np.float32)


def _distances(taps: int) -> np.ndarray:
    """From a place between two pixels to the pixels about it, for every step."""
    rest = np.arange(_STEPS + 1)[:, None] / _STEPS
    return rest - (np.arange(taps) - taps // 2 + 1)


_CUBIC, _SINC = cubic_weights(), _sinc_weights()


@compiled(cache=True, fastmath=STEADY, forceinline=True, error_model="numpy")
def _read(rows, top, left, down, across, taps, out):
    """Three channels about a place, by weights down and across; `rows` are pixel after pixel."""
    height, width = rows.shape[0], rows.shape[1] // 3
    inside = left >= 0 and left + taps <= width
    s0 = s1 = s2 = np.float32(0)
    for a in range(taps):
        row = min(max(top + a, 0), height - 1)
        t0 = t1 = t2 = np.float32(0)
        if inside:
            for b in range(taps):
                at = 3 * (left + b)
                t0 += across[b] * rows[row, at]
                t1 += across[b] * rows[row, at + 1]
                t2 += across[b] * rows[row, at + 2]
        else:
            for b in range(taps):
                at = 3 * min(max(left + b, 0), width - 1)
                t0 += across[b] * rows[row, at]
                t1 += across[b] * rows[row, at + 1]
                t2 += across[b] * rows[row, at + 2]
        s0 += down[a] * t0
        s1 += down[a] * t1
        s2 += down[a] * t2
    out[0], out[1], out[2] = s0, s1, s2


@by_rows(error_model="numpy")
def _warp(from_row, to_row, rows, flow, weights, out):
    taps, steps = weights.shape[1], weights.shape[0] - 1
    for y in range(from_row, to_row):
        for x in range(out.shape[1]):
            at_x, at_y = np.float32(x) + flow[y, x, 0], np.float32(y) + flow[y, x, 1]
            left, top = int(np.floor(at_x)), int(np.floor(at_y))
            across = weights[int((at_x - np.float32(left)) * steps + np.float32(0.5))]
            down = weights[int((at_y - np.float32(top)) * steps + np.float32(0.5))]
            # Counts that are known when this is compiled make loops without a test.
            if taps == 4:
                _read(rows, top - 1, left - 1, down, across, 4, out[y, x])
            else:
                _read(rows, top - 3, left - 3, down, across, 8, out[y, x])


def warp(image: FloatImage, flow: FloatImage) -> FloatImage:
    """A picture read where a flow leads from each pixel; beyond its rim the rim goes on.

    Parameters
    ----------
    image : (H, W, C) float32 of up to three channels.
    flow : (H, W, 2) float32, how far to the right and down each pixel is read, in pixels.

    Returns
    -------
    (H, W, C) float32, a new array; it may go slightly beyond the range of the values.
    """
    return _moved(image, flow, _CUBIC)


def warp_sharp(image: FloatImage, flow: FloatImage) -> FloatImage:
    """As `warp`, sharper and three times as long; for what is moved again and again."""
    return _moved(image, flow, _SINC)


def _moved(image: FloatImage, flow: FloatImage, weights: FloatImage) -> FloatImage:
    height, width, channels = image.shape
    three = image
    if channels < 3:
        three = np.zeros((height, width, 3), np.float32)
        three[..., :channels] = image
    out = np.empty((*flow.shape[:2], 3), np.float32)
    rows = np.ascontiguousarray(three, np.float32).reshape(height, -1)
    _warp(out.shape[0], rows, np.ascontiguousarray(flow, np.float32), weights, out)
    return out if channels == 3 else np.ascontiguousarray(out[..., :channels])
