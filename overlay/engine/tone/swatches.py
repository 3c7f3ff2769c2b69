"""Palette from swatches: every swatch gets its share of the picture, and is met there exactly.

Which swatch a colour goes to is semi-discrete optimal transport: the nearest under one bias a
swatch, solved so that areas are equal (Aurenhammer et al. 1998, doi:10.1007/PL00009187). It is
read from a picture smoothed within its contours, so that noise cannot flicker between swatches;
detail of lightness is laid on again, weaker.
"""

from dataclasses import dataclass

import numpy as np

from overlay.engine.shares import solve_bias
from overlay.imaging.colour import FloatImage
from overlay.imaging.rows import by_rows

_PASSAGE = 0.12  # squared distance over which one swatch passes into the next, in deviations
_DETAIL = 0.35  # how much of the lightness's detail stays
_NARROW = 0.02  # added to deviations, so that a grey picture has some


@dataclass(frozen=True)
class SwatchMap:
    """Where colours go.

    Attributes
    ----------
    swatches : (n, 3) float32, working space.
    anchors : (n, 3) float32, where they stand among the picture's own colours.
    spread : (3,) float32, deviations that distances are measured in.
    bias : (n,) float32, added to squared distances.
    """

    swatches: FloatImage
    anchors: FloatImage
    spread: FloatImage
    bias: FloatImage

    def towards(self, other: "SwatchMap", amount: np.float32) -> "SwatchMap":
        """A map so far on the way to another one of the same swatches, 0..1."""
        anchors, spread, bias = (
            own + amount * (its - own)
            for own, its in (
                (self.anchors, other.anchors), (self.spread, other.spread), (self.bias, other.bias)
            )
        )  # fmt: skip
        return SwatchMap(self.swatches, anchors, spread, bias)


def swatch_map(samples: FloatImage, swatches: FloatImage) -> SwatchMap:
    """The map under which each swatch is nearest to an equal part of the samples.

    Swatches are laid over the picture's colours with middle and range made equal, so that light
    goes to light and warm to warm even when the picture is dull.

    Parameters
    ----------
    samples, swatches : (m, 3) and (n, 3) float32, working space.
    """
    swatches = np.unique(swatches, axis=0)
    spread = samples.std(axis=0) + np.float32(_NARROW)
    placed = (swatches - swatches.mean(axis=0)) / (swatches.std(axis=0) + np.float32(_NARROW))
    anchors = samples.mean(axis=0) + placed * spread
    cost = (((samples - anchors[:, None]) / spread) ** 2).sum(axis=2)
    bias = solve_bias(cost, np.ones(cost.shape, np.float32))
    return SwatchMap(*(np.asarray(v, np.float32) for v in (swatches, anchors, spread, bias)))


@by_rows(error_model="numpy")
def _apply(from_row, to_row, image, smooth, swatches, anchors, scale, bias, passage, out):
    count = len(swatches)
    for y in range(from_row, to_row):
        apart = np.empty(count, np.float32)
        for x in range(image.shape[1]):
            nearest = np.float32(1e30)
            for k in range(count):
                d = bias[k]
                for c in range(3):
                    e = (smooth[y, x, c] - anchors[k, c]) * scale[c]
                    d += e * e
                apart[k] = d
                nearest = min(nearest, d)
            total = s0 = s1 = s2 = np.float32(0.0)
            for k in range(count):
                w = np.exp((nearest - apart[k]) / passage)
                total += w
                s0 += w * swatches[k, 0]
                s1 += w * swatches[k, 1]
                s2 += w * swatches[k, 2]
            detail = image[y, x, 0] - smooth[y, x, 0]
            out[y, x, 0] = s0 / total + np.float32(_DETAIL) * detail
            out[y, x, 1] = s1 / total
            out[y, x, 2] = s2 / total


def apply_swatches(image: FloatImage, smooth: FloatImage, where: SwatchMap) -> FloatImage:
    """A picture in the swatches' colours, with some of its detail of lightness.

    Parameters
    ----------
    image : (H, W, 3) float32, working space.
    smooth : the same from `smooth_within`, which decides where a swatch goes.

    Returns
    -------
    (H, W, 3) float32, working space, a new array.
    """
    image = np.ascontiguousarray(image)
    out = np.empty_like(image)
    scale = (1 / where.spread).astype(np.float32)
    passage = np.float32(_PASSAGE)
    _apply(
        image.shape[0],
        image,
        smooth,
        where.swatches,
        where.anchors,
        scale,
        where.bias,
        passage,
        out,
    )
    return out
