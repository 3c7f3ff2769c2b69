"""How maps and masks are looked at: their histogram, against a proof, at a place."""

import numpy as np

from overlay.document.cues import GuideCue
from overlay.guides.edges import lightness_of
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.gradients import gradient_strength
from overlay.studio.advising.map_advice import kept_and_lost

_BINS = 64
_SIGMA = 1.2  # pixels; that of an edge map's own gradients, by default
_KEPT, _LOST = (0, 114, 178), (230, 120, 0)  # told apart by everyone (Okabe and Ito 2008)


def strength_histogram(picture: ByteImage) -> list[float]:
    """How often each strength of gradient is, 64 heights in 0..1, on a root scale.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    """
    strength = gradient_strength(lightness_of(picture[::2, ::2]), _SIGMA)
    counts = np.sqrt(np.histogram(strength, _BINS, (0, 1))[0].astype(float))
    return [float(c) for c in counts / max(counts.max(), 1.0)]


def map_against(lines: FloatImage, cue: GuideCue, proof: ByteImage) -> ByteImage:
    """A map's lines in two tints, kept by the proof and lost: (H, W, 3) uint8 sRGB on black."""
    kept, lost = kept_and_lost(lines, cue, proof)
    rgb = np.zeros((*lines.shape, 3), np.uint8)
    rgb[kept], rgb[lost] = _KEPT, _LOST
    return rgb


def smallest_at(masks: dict[str, FloatImage], x: float, y: float) -> str | None:
    """The smallest region that a place belongs to, by its share of the frame; None for none."""
    found = {}
    for name, mask in masks.items():
        if mask[int(y * mask.shape[0]), int(x * mask.shape[1])] >= 0.5:
            found[name] = float(mask.mean())
    return min(found, key=lambda name: found[name], default=None)
