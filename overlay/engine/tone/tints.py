"""Tints: what Palette and Light make of the source's colours, at every scale and moment."""

from collections.abc import Callable
from dataclasses import dataclass
from functools import partial
from typing import NamedTuple

import numpy as np
import numpy.typing as npt

from overlay.engine.kept import content_key, keep
from overlay.engine.library import usable, work_at_most
from overlay.engine.request import Even, StyleCue
from overlay.engine.tone.light import relight, tone_curve
from overlay.engine.tone.palette import Cube, apply_cube, palette_cube, sample_colours
from overlay.engine.tone.swatches import SwatchMap, apply_swatches, swatch_map
from overlay.imaging.colour import FloatImage, srgb_to_work
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


def make_tint(source: FloatImage, cue: StyleCue, *, parted: bool = True) -> Tint:
    """The maps from the source's colours and tones to those of a cue's picture.

    Parameters
    ----------
    source : (H, W, 3) float32, working space, at full size.
    parted : whether its detail is parted from its tones first; not in colours that lie in a row.
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
        painted = np.ascontiguousarray(Tint(palette, None).paint(source, source)[..., 0])
        tones = soften(painted, 2).ravel()[::7] if parted else painted.ravel()
        curve = tone_curve(tones, wanted)
    return Tint(palette, curve)


def even_tint(source: FloatImage, cue: StyleCue, even: Even | None) -> Tint:
    """A tint that is in part the set's: own + amount (shared - own), for its maps and its curve.

    The shared one is made from the colours of all sources of the set, so that a colour turns into
    nearly the same one in every picture.
    """
    own = make_tint(source, cue)
    if even is None or even.amount <= 0:
        return own
    colours = srgb_to_work(even.colours)
    shared = keep(
        ("shared tint", content_key(even.colours), cue_key(cue)),
        partial(make_tint, colours, cue, parted=False),
    )
    return _between(own, shared, np.float32(even.amount))


def cue_key(cue: StyleCue) -> tuple[bytes, bool, bool]:
    """All of a cue that its tint is made of."""
    return content_key(cue.picture, cue.allowed), cue.facets.palette > 0, cue.facets.light > 0


def _between(own: Tint, shared: Tint, amount: np.float32) -> Tint:
    palette, curve = own.palette, own.curve
    if isinstance(palette, SwatchMap) and isinstance(shared.palette, SwatchMap):
        palette = palette.towards(shared.palette, amount)
    elif isinstance(palette, np.ndarray) and isinstance(shared.palette, np.ndarray):
        palette = palette + amount * (shared.palette - palette)
    if curve is not None and shared.curve is not None:
        at, to = curve
        curve = at, to + float(amount) * (np.interp(at, *shared.curve) - to)
    return Tint(palette, curve)


class Change(NamedTuple):
    """What a tint at full strength adds to a picture, float32; None where it leaves it alone."""

    colour: FloatImage | None  # (h, w, 3)
    tone: FloatImage | None  # (h, w), of lightness


def change_of(tint: Tint, source: FloatImage, smooth: FloatImage, level: int) -> Change:
    """What a tint adds to a picture.

    Parameters
    ----------
    source : (h, w, 3) float32, working space.
    smooth : the same from `smooth_within`.
    level : its scale; what counts as detail of lightness shrinks with it.
    """
    if tint.palette is None and tint.curve is None:
        return Change(None, None)
    painted, tone = tint.paint(source, smooth), None
    if tint.curve is not None:
        own = np.ascontiguousarray(painted[..., 0])
        broad = soften(own, 2 - level) if level < 2 else own
        tone = relight(own, broad, *tint.curve)
        tone -= own
    if tint.palette is None:
        return Change(None, tone)
    painted -= source
    return Change(painted, tone)


Amounts = list[tuple[FloatImage, FloatImage]]


def blend_changes(
    source: FloatImage, change: Callable[[int], Change], amounts: Amounts
) -> FloatImage:
    """A picture under several tints; amounts that sum to more than 1 are brought back to 1.

    Parameters
    ----------
    source : (h, w, 3) float32, working space; a new array comes back.
    change : gives what the tint of a number adds; asked only for those that speak.
    amounts : for each tint its amounts of Palette and Light per pixel, (h, w) float32, or (1, 1)
        for everywhere.
    """
    coloured, lit = (
        np.maximum(sum(parts[1:], parts[0]), 1.0) for parts in zip(*amounts, strict=True)
    )
    out = source.copy()
    for i, (colour, tone) in enumerate(amounts):
        if not (colour.any() or tone.any()):
            continue
        added = change(i)
        if added.tone is not None and tone.any():
            out[..., 0] += tone / lit * added.tone
        if added.colour is not None and colour.any():
            out += (colour / coloured)[..., None] * added.colour
    return out
