"""Gradients of lightness, made comparable between bright and dull parts of a picture."""

from typing import NamedTuple

import numpy as np

from overlay.imaging.colour import FloatImage
from overlay.imaging.filters import gaussian
from overlay.imaging.kernel import compiled
from overlay.imaging.resample import soften
from overlay.imaging.rows import by_rows

# Radius over which contrast is evened out, in multiples of the smoothing sigma.
_LOCAL = 10.0
_GAIN = np.float32(0.9)


class Gradient(NamedTuple):
    """Normalised strength and orientation of a picture's gradient, all `(H, W)` float32."""

    strength: FloatImage  # 0..1, locally normalised
    cos2: FloatImage  # cosine of twice the angle, so that light-dark and dark-light agree
    sin2: FloatImage


def normalised_gradient(lightness: FloatImage, sigma: float, *, floor: float = 0.35) -> Gradient:
    """Gradient of a smoothed picture, divided by its local mean so that faint contours count.

    Parameters
    ----------
    lightness : (H, W) float32, any range.
    sigma : smoothing in pixels, above 0.
    floor : share of the picture's 99th percentile that is added to the local mean. Small values
        let the faintest texture count, large ones leave only what is strong in the whole picture.
    """
    out = np.zeros((*lightness.shape, 3), np.float32)
    out[..., 1] = 1
    _fill(lightness, sigma, floor, out, weighted=False)
    return Gradient(*np.moveaxis(out, 2, 0))


def gradient_channels(lightness: FloatImage, sigma: float, *, floor: float = 0.35) -> FloatImage:
    """Strength, and strength times cosine and sine of twice the angle: (H, W, 3) float32.

    Parameters as of `normalised_gradient`.
    """
    out = np.zeros((*lightness.shape, 3), np.float32)
    _fill(lightness, sigma, floor, out, weighted=True)
    return out


def gradient_strength(lightness: FloatImage, sigma: float, *, floor: float = 0.35) -> FloatImage:
    """The strength alone, (H, W) float32; parameters as of `normalised_gradient`."""
    out = np.zeros((*lightness.shape, 1), np.float32)
    _fill(lightness, sigma, floor, out, weighted=False)
    return out[..., 0]


def _fill(
    lightness: FloatImage, sigma: float, floor: float, out: FloatImage, *, weighted: bool
) -> None:
    """Write strength, and where there is room the angle, into `out` unless the picture is flat."""
    smooth = gaussian(lightness, sigma)
    magnitude = np.empty_like(smooth)
    _magnitude(smooth.shape[0], smooth, magnitude)
    strong = float(np.percentile(magnitude[::2, ::2], 99))
    if strong < 1e-6:
        return
    local = soften(magnitude, max(1, round(np.log2(_LOCAL * sigma))))
    _normalise(smooth.shape[0], smooth, local, np.float32(floor * strong), weighted, out)


@compiled(cache=True, error_model="numpy")
def _slope(image, y, x):
    """Sobel gradient (y, x) at a pixel, per pixel."""
    height, width = image.shape
    up, down = max(y - 1, 0), min(y + 1, height - 1)
    left, right = max(x - 1, 0), min(x + 1, width - 1)
    rise = image[down, right] - image[up, left]
    fall = image[down, left] - image[up, right]
    gy = (2 * (image[down, x] - image[up, x]) + rise + fall) / np.float32(8)
    gx = (2 * (image[y, right] - image[y, left]) + rise - fall) / np.float32(8)
    return gy, gx


@by_rows(error_model="numpy")
def _magnitude(from_row, to_row, image, out):
    for y in range(from_row, to_row):
        for x in range(image.shape[1]):
            gy, gx = _slope(image, y, x)
            out[y, x] = np.sqrt(gy * gy + gx * gx)


@by_rows(error_model="numpy")
def _normalise(from_row, to_row, image, local, floor, weighted, out):
    for y in range(from_row, to_row):
        for x in range(image.shape[1]):
            gy, gx = _slope(image, y, x)
            square = gy * gy + gx * gx
            strength = min(_GAIN * np.sqrt(square) / (local[y, x] + floor), np.float32(1.0))
            out[y, x, 0] = strength
            if out.shape[2] == 3:
                scale = (strength if weighted else np.float32(1.0)) / max(square, np.float32(1e-12))
                out[y, x, 1] = scale * (gx * gx - gy * gy)
                out[y, x, 2] = scale * 2 * gx * gy
