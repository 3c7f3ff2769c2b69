"""Softness: how fine the finest detail of a picture is."""

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import FloatImage

SOFT = 0.35  # below this a picture counts as soft
_TILE = 256
_SHARE = 0.95
_LEAST = 1e-9  # mean energy below which a picture counts as empty


def softness(image: FloatImage) -> float:
    """The spatial frequency that holds 95 % of the whitened spectrum's energy, over Nyquist.

    Natural pictures have amplitudes that fall as 1/f (Field 1987, doi:10.1364/JOSAA.4.002379);
    multiplied by f a sharp one's spectrum is flat, and a soft one's ends early. The energy is the
    mean over up to nine windowed tiles, so that large pictures cost no more than small ones.

    Parameters
    ----------
    image : (H, W, 3) float32, working space; lightness counts.

    Returns
    -------
    0 (nothing but flat areas) to 1 (detail down to single pixels); under `SOFT` is soft.
    """
    side = min(_TILE, *image.shape[:2])
    if side < 8:
        return 1.0
    window = np.hanning(side + 2)[1:-1]
    window = np.outer(window, window)
    fy, fx = np.fft.fftfreq(side), np.fft.rfftfreq(side)
    radius = np.hypot(fy[:, None], fx[None, :])
    energy = np.zeros(radius.shape)
    for tile in _tiles(image[..., 0], side):
        spectrum = np.fft.rfft2((tile - tile.mean()) * window)
        energy += np.abs(spectrum) ** 2 * radius**2
    inside = radius <= 0.5
    bins = np.minimum((radius[inside] * 2 * side / 2).astype(int), side // 2)
    rings = np.bincount(bins, energy[inside], minlength=side // 2 + 1)
    if rings.sum() < _LEAST * side * side:
        return 0.0
    cumulative = np.cumsum(rings) / rings.sum()
    return float(min(np.searchsorted(cumulative, _SHARE) / (side / 2), 1.0))


def _tiles(lightness: FloatImage, side: int) -> list[npt.NDArray[np.float32]]:
    height, width = lightness.shape
    rows = sorted({0, (height - side) // 2, height - side})
    columns = sorted({0, (width - side) // 2, width - side})
    return [lightness[y : y + side, x : x + side] for y in rows for x in columns]
