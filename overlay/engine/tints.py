"""The recoloured source: what Palette and Light make of it, at every scale and moment."""

from dataclasses import dataclass

import numpy as np

from overlay.engine.palette import (
    PALETTE_LIGHT,
    apply_cube,
    palette_cube,
    relight,
    sample_colours,
    swatch_colours,
    tone_curve,
)
from overlay.engine.request import StyleCue
from overlay.imaging.colour import FloatImage, srgb_to_work
from overlay.imaging.resample import pyramid, soften


@dataclass(frozen=True)
class Tint:
    """What one cue would make of the source's colours, per level.

    Attributes
    ----------
    colour : differences (h, w, 3) float32 that Palette adds to the source.
    light : differences (h, w) float32 of lightness that Light adds to that.
    """

    colour: list[FloatImage]
    light: list[FloatImage]


def make_tint(source: FloatImage, cue: StyleCue, levels: int) -> Tint:
    """Map the source's colours and tones to a cue's picture, at full strength.

    Parameters
    ----------
    source : (H, W, 3) float32, working space.
    """
    work = srgb_to_work(cue.picture)
    colours = swatch_colours(work) if cue.is_swatches else sample_colours(work)
    painted = source
    if cue.facets.palette > 0:
        cube = palette_cube(source, colours)
        painted = apply_cube(source, cube, light=1.0 if cue.is_swatches else PALETTE_LIGHT)
    lit = painted
    if cue.facets.light > 0:
        smooth = soften(np.ascontiguousarray(painted[..., 0]), 2)
        at, to = tone_curve(smooth.ravel()[::7], colours[:, 0])
        lit = relight(painted, smooth, at, to)
    light = np.ascontiguousarray(lit[..., 0] - painted[..., 0])
    return Tint(pyramid(painted - source, levels), pyramid(light, levels))


def blend_tints(
    source: FloatImage,
    tints: list[Tint],
    level: int,
    palette: list[FloatImage],
    light: list[FloatImage],
) -> FloatImage:
    """The source under several tints; amounts that sum to more than 1 are brought back to 1.

    Parameters
    ----------
    source : (h, w, 3) float32, working space, at `level`.
    palette, light : for each tint the amount per pixel, (h, w) float32, or (1, 1) for everywhere.
    """
    out = source.copy()
    for amounts, facet in ((palette, "colour"), (light, "light")):
        total = np.maximum(sum(amounts[1:], amounts[0]), 1.0) if amounts else 1.0
        for tint, amount in zip(tints, amounts, strict=True):
            if not amount.any():
                continue
            share = amount / total
            if facet == "colour":
                out += share[..., None] * tint.colour[level]
            else:
                out[..., 0] += share * tint.light[level]
    return out
