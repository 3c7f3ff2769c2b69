"""Outline: soft outlines of what is large, over several scales, without texture."""

from dataclasses import dataclass

import numpy as np
import scipy

from overlay.guides.edges import lightness_of
from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work
from overlay.imaging.gradients import gradient_strength
from overlay.imaging.numbers.curves import exp, log

_SIGMAS = (1.5, 3.0, 6.0)  # pixels on a picture of 512 rows
_ROWS = 512


@dataclass(frozen=True)
class OutlineOptions:
    """Settings of the extractor.

    Attributes
    ----------
    detail : 0..1, how much of what shows at fine scales only is kept.
    softness : 0..8 pixels, blur of the finished outline.
    """

    detail: float = 0.3
    softness: float = 1.5

    def __post_init__(self) -> None:
        if not 0 <= self.detail <= 1:
            raise ValueError(f"detail must be 0 to 1, got {self.detail}")
        if not 0 <= self.softness <= 8:
            raise ValueError(f"softness must be 0 to 8 pixels, got {self.softness}")


def extract_outline(picture: ByteImage, options: OutlineOptions) -> FloatImage:
    """The outline map.

    A contour of something large is seen at every scale, texture at the finest only; the weighted
    geometric mean over scales keeps the one and drops the other (Bergholm 1987,
    doi:10.1109/TPAMI.1987.4767980, follows contours through scales in the same spirit).

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.

    Returns
    -------
    (H, W) float32 in 0..1.
    """
    work = srgb_to_work(picture)
    scale = max(picture.shape[0] / _ROWS, 0.25)
    weights = (0.3 + 0.4 * options.detail, 1.0, 1.0 - 0.5 * options.detail)
    total = np.zeros(picture.shape[:2], np.float32)
    for sigma, weight in zip(_SIGMAS, weights, strict=True):
        total += weight * log(_contours(work, sigma * scale) + 0.02)
    strength: FloatImage = exp(total / sum(weights))
    strength = np.clip((strength - 0.22 + 0.2 * options.detail) * 1.8, 0, 1)
    if options.softness > 0:
        strength = scipy.ndimage.gaussian_filter(strength, options.softness) * 1.4
    return np.asarray(np.minimum(strength, 1.0), np.float32)


def outline_lightness(picture: ByteImage) -> FloatImage:
    """Lightness without texture, for the direction of outlines: (H, W) float32."""
    scale = max(picture.shape[0] / _ROWS, 0.25)
    return np.asarray(
        scipy.ndimage.gaussian_filter(lightness_of(picture), 1.5 * scale, mode="nearest"),
        np.float32,
    )


def _contours(work: FloatImage, sigma: float) -> FloatImage:
    """Gradient strength of lightness, and of colour as far as colour contrasts are as strong."""
    light = np.ascontiguousarray(work[..., 0])
    found = gradient_strength(light, sigma, floor=0.35)
    strongest = max(_strong(light, sigma), 1e-4)
    for channel in (1, 2):
        colour = np.ascontiguousarray(work[..., channel])
        share = min(_strong(colour, sigma) / strongest, 1.0)
        if share > 0.05:
            tinted = np.float32(share) * gradient_strength(colour, sigma, floor=0.35)
            found = np.maximum(found, tinted)
    return found


def _strong(values: FloatImage, sigma: float) -> float:
    """The 99th percentile of the gradient at a scale."""
    smooth = scipy.ndimage.gaussian_filter(values[::2, ::2], sigma / 2, mode="nearest")
    steep = np.hypot(scipy.ndimage.sobel(smooth, 0), scipy.ndimage.sobel(smooth, 1))
    return float(np.percentile(steep, 99))
