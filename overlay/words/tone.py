"""The tone plan: things parted in lightness from what lies behind, so that no manner loses them."""

from collections.abc import Sequence

import numpy as np
import scipy

from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work, work_to_srgb

CONTRAST = 0.26  # of lightness in OKLab, between a thing and what lies behind
_ON_THING, _BEHIND = 0.62, 0.38
_RING, _HALO = 0.035, 0.06  # of the picture's height: what lies behind, and how far it is changed


def part_tones(picture: ByteImage, masks: Sequence[FloatImage], amount: float = 1.0) -> ByteImage:
    """A picture whose things have contrast to what lies behind them.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    masks : (H, W) float32, 0 or 1, one for each thing that is to be seen.
    amount : 0 changes nothing, 1 reaches `CONTRAST`.
    """
    if amount <= 0 or not masks:
        return picture
    work = srgb_to_work(picture)
    things = np.max(masks, axis=0) > 0
    shift = np.zeros(work.shape[:2], np.float32)
    for mask in masks:
        shift += _shift(work[..., 0], mask > 0, things, amount)
    work = work.copy()
    work[..., 0] = (work[..., 0] + shift).clip(-0.5, 0.5)
    return work_to_srgb(work)


def _shift(light: FloatImage, mask: np.ndarray, things: np.ndarray, amount: float) -> FloatImage:
    """What one thing adds to lightness, on it and around it."""
    height = light.shape[0]
    reach = max(int(_RING * height), 2)
    ring = scipy.ndimage.binary_dilation(mask, iterations=reach) & ~things
    if mask.sum() < 12 or ring.sum() < 12:
        return np.zeros_like(light)
    own, behind = float(light[mask].mean()), float(light[ring].mean())
    lacks = max(CONTRAST - abs(own - behind), 0.0) * amount
    # Of two that are alike, the darker becomes darker; at the rim of lightness the other way.
    lighter = own > behind + 0.02 or (abs(own - behind) <= 0.02 and behind < -0.15)
    sign = 1.0 if lighter else -1.0
    halo = scipy.ndimage.gaussian_filter(mask.astype(np.float32), _HALO * height) * 2.6
    edge = scipy.ndimage.gaussian_filter(mask.astype(np.float32), 0.7)
    on = sign * _ON_THING * lacks * edge
    around = -sign * _BEHIND * lacks * np.minimum(halo, 1) * (1 - edge)
    return np.asarray(on + around, np.float32)
