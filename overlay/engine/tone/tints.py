"""Tints: what Palette and Light make of the source's colours, at every scale and moment."""

from collections.abc import Callable
from dataclasses import dataclass

import numpy as np
import numpy.typing as npt

from overlay.engine.library import usable, work_at_most
from overlay.engine.request import StyleCue
from overlay.engine.tone.light import relight, tone_curve
from overlay.engine.tone.palette import Cube, apply_cube, palette_cube, sample_colours
from overlay.engine.tone.swatches import SwatchMap, apply_swatches, swatch_map
from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import soften

Curve = tuple[npt.NDArray[np.float64], npt.NDArray[np.float64]]
_SAMPLED = 800_000  # pixels of a reference that its colours are taken from


@dataclass(frozen=True)
class Tint:
    """What one cue makes of the source's colours and tones at full strength.

    Attributes
    ----------
    palette : a cube of displacements, a map to swatches, or None.
    curve : knots of the tone curve, or None.
    """

    palette: Cube | SwatchMap | None
    curve: Curve | None

    def paint(self, source: FloatImage, smooth: FloatImage) -> FloatImage:
        """The source in the cue's colours: (h, w, 3) float32, working space, a new array.

        Parameters
        ----------
        smooth : the source from `smooth_within`.
        """
        if self.palette is None:
            return source.copy()
        if isinstance(self.palette, SwatchMap):
            return apply_swatches(source, smooth, self.palette)
        return apply_cube(source, smooth, self.palette)


def make_tint(source: FloatImage, cue: StyleCue) -> Tint:
    """The maps from the source's colours and tones to those of a cue's picture.

    Parameters
    ----------
    source : (H, W, 3) float32, working space, at full size.
    """
    colours = usable(cue, work_at_most(cue.picture, _SAMPLED))
    palette: Cube | SwatchMap | None = None
    if cue.facets.palette > 0:
        samples = sample_colours(source)
        if cue.is_swatches:
            palette = swatch_map(samples, colours)
        else:
            palette = palette_cube(source, sample_colours(colours))
    curve = None
    if cue.facets.light > 0:
        wanted = colours[:, 0] if cue.is_swatches else sample_colours(colours)[:, 0]
        painted = Tint(palette, None).paint(source, source)[..., 0]
        curve = tone_curve(soften(np.ascontiguousarray(painted), 2).ravel()[::7], wanted)
    return Tint(palette, curve)


def blend_tints(
    source: FloatImage,
    smooth: FloatImage,
    tints: list[Tint],
    level: int,
    amounts: Callable[[int], tuple[FloatImage, FloatImage]],
) -> FloatImage:
    """The source under several tints; amounts that sum to more than 1 are brought back to 1.

    Parameters
    ----------
    source : (h, w, 3) float32, working space.
    smooth : the same from `smooth_within`.
    level : its scale; what counts as detail of lightness shrinks with it.
    amounts : gives for a tint its amounts of Palette and Light per pixel, (h, w) float32, or (1, 1)
        for everywhere; asked twice rather than kept, for memory.
    """
    coloured = lit = np.zeros((1, 1), np.float32)
    for i in range(len(tints)):
        colour, tone = amounts(i)
        coloured, lit = coloured + colour, lit + tone
    coloured, lit = np.maximum(coloured, 1.0), np.maximum(lit, 1.0)
    out = source.copy()
    for i, tint in enumerate(tints):
        colour, tone = amounts(i)
        spoken = colour.any() and tint.palette is not None
        shone = tone.any() and tint.curve is not None
        if spoken or shone:
            colour, tone = colour / coloured, tone / lit
            _add_tint(out, source, smooth, tint, level=level, colour=colour, tone=tone)
    return out


def _add_tint(
    out: FloatImage,
    source: FloatImage,
    smooth: FloatImage,
    tint: Tint,
    *,
    level: int,
    colour: FloatImage,
    tone: FloatImage,
) -> None:
    """Add what one tint changes, in place; `colour` and `tone` are its shares per pixel."""
    painted = tint.paint(source, smooth)
    if tint.curve is not None and tone.any():
        own = np.ascontiguousarray(painted[..., 0])
        broad = soften(own, 2 - level) if level < 2 else own
        gap = relight(own, broad, *tint.curve)
        gap -= own
        gap *= tone
        out[..., 0] += gap
    if tint.palette is not None and colour.any():
        painted -= source
        painted *= colour[..., None]
        out += painted
