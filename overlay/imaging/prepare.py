"""Preparing a picture: sharper, and with other ends of its tonal range."""

import numpy as np
import scipy

from overlay.imaging.colour import ByteImage, srgb_to_work, work_to_srgb

_SIGMA = 1.2  # pixels, of the blur that sharpening takes away


def prepare(
    picture: ByteImage, *, sharpen: float = 0.0, levels: tuple[float, float] = (0.0, 1.0)
) -> ByteImage:
    """Sharpen a picture and spread its tones.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    sharpen : how much of the fine detail of lightness is added once more, 0 up (unsharp masking).
    levels : the OKLab lightnesses, 0..1, that become black and white.

    Returns
    -------
    (H, W, 3) uint8 sRGB; the picture itself when there is nothing to do.

    Raises
    ------
    ValueError
        If the levels are not in rising order.
    """
    dark, light = levels
    if dark >= light:
        raise ValueError(f"levels must be dark, then light, got {levels}")
    if sharpen == 0 and levels == (0.0, 1.0):
        return picture
    work = srgb_to_work(picture)
    if sharpen > 0:
        own = work[..., 0]
        work[..., 0] += np.float32(sharpen) * (own - scipy.ndimage.gaussian_filter(own, _SIGMA))
    if levels != (0.0, 1.0):
        span = np.float32(light - dark)
        work[..., 0] = ((work[..., 0] + 0.5 - np.float32(dark)) / span).clip(0, 1) - 0.5
    return work_to_srgb(work)
