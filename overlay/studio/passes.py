"""Passes after the base pass: settling, so that rims of regions disappear."""

from dataclasses import replace

import numpy as np
from scipy import ndimage

from overlay.document.recipe import Pass
from overlay.engine.control import Control
from overlay.engine.request import Facets, GuideCue, Render, Request, StyleCue
from overlay.engine.schedule import Envelope
from overlay.guides.edges import EdgeOptions, contour_reach, lightness_of
from overlay.imaging.colour import FloatImage
from overlay.regions.shaping import rim_band
from overlay.studio.engines import Engine

_BAND = 0.035  # of the longer side, half the width of the band around a rim
_SOFTER = 0.012  # of the longer side, by which regions reach into each other
_HOLD = 0.5  # weight of the proof's own contours
_AWAY = 0.35  # and their strength along the rim that is to disappear


def settle(
    request: Request,
    done: Render,
    wanted: Pass,
    masks: dict[str, FloatImage],
    render: Engine,
    control: Control,
) -> Render:
    """The whole once more at a small departure, or the band around a region's border alone.

    The proof itself is the source and its own contours are held, but for those along the rims;
    regions reach into each other, so that both sides grow marks that belong to both.

    Returns
    -------
    The settled picture, with the trace and the influence of the base pass.
    """
    marked = [c for c in request.styles if max(c.facets.surface, c.facets.likeness) > 0]
    if not marked or wanted.departure <= 0:
        return done
    side = max(request.width, request.height)
    rims = [masks[wanted.rim_of]] if wanted.rim_of is not None else list(masks.values())
    near = np.zeros((request.height, request.width), np.float32)
    for mask in rims:
        near = np.maximum(near, rim_band(mask, _BAND * side))
    options = EdgeOptions()
    reach = contour_reach(done.picture, options) * (1 - (1 - _AWAY) * near)
    guide = GuideCue("held", reach, lightness_of(done.picture), options.sigma, weight=_HOLD)
    again = replace(
        request,
        seed=request.seed + 1,
        source=done.picture,
        departure=wanted.departure,
        styles=tuple(_settling(cue, _SOFTER * side) for cue in marked),
        guides=(guide,),
        within=near if wanted.rim_of is not None else request.within,
    )
    settled = render(again, control)
    film = tuple(replace(f, progress=1.0) for f in settled.filmstrip[-1:])
    seconds = {k: done.seconds.get(k, 0) + settled.seconds.get(k, 0) for k in settled.seconds}
    film = done.filmstrip[:-1] + film
    return replace(done, picture=settled.picture, filmstrip=film, seconds=seconds)


def _settling(cue: StyleCue, sigma: float) -> StyleCue:
    """A cue that gives its marks once more, reaching beyond its region; its colours are there."""
    facets = Facets(surface=max(cue.facets.surface, cue.facets.likeness))
    cue = replace(cue, facets=facets, envelope=Envelope())
    if cue.region is None:
        return cue
    region = ndimage.gaussian_filter(cue.region, sigma, mode="nearest")
    return replace(cue, region=np.asarray(region, np.float32))
