"""Settling: a pass with little freedom, so that rims of regions disappear."""

from dataclasses import replace

import numpy as np
import scipy

from overlay.document.passes import Settle
from overlay.engine.control import Control
from overlay.engine.request import Engine, Render, Request, StyleCue
from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work, work_to_srgb
from overlay.regions.rims import meet_tints, rim_band
from overlay.studio.passes.once_more import marking, once_more
from overlay.studio.passes.stand import Stand, drawn_over

_BAND = 0.035  # of the longer side, half the width of the band around a rim
_MEET = (0.02, 0.07)  # of the longer side, over which tints meet; more by so much a departure
_ALL = 0.3  # departure at which they meet half way
_SOFTER = 0.012  # of the longer side, by which regions reach into each other
_AWAY = 0.35  # and their strength along the rim that is to disappear
_ELSEWHERE = 0.25  # departure away from the rims, as a share


def settle(stand: Stand, wanted: Settle, render: Engine, control: Control) -> Render:
    """The whole once more at a small departure, or the band around a region's border alone.

    The proof itself is the source and its own contours are held, but for those along the rims.
    There both sides' tints meet half way, and regions reach into each other, so that marks grow
    that belong to both. Borders along the source's own contours stay as they are.

    Returns
    -------
    The settled picture, with the influence of the base run and the trace of what is seen.
    """
    request, done = stand.request, stand.done
    marked = marking(stand, wanted)
    if not marked or wanted.departure <= 0:
        return done
    side = max(request.width, request.height)
    names = list(stand.masks) if wanted.rim_of is None else [wanted.rim_of]
    rims = [(stand.masks[name], stand.opens.get(name)) for name in names]
    # Where the run was confined, a pass over the whole stays as well.
    allowed = request.within if wanted.rim_of is None else None
    near, picture = _met(request, done, rims, allowed, wanted.departure)
    again = once_more(stand, wanted, marked, picture, along=1 - (1 - _AWAY) * near)
    again = replace(
        again,
        styles=tuple(_reaching(cue, _SOFTER * side) for cue in again.styles),
        within=_confined(request, near, wanted),
        begun=done.trace,
    )
    return drawn_over(done, render(again, control))


def _met(
    request: Request,
    done: Render,
    rims: list[tuple[FloatImage, FloatImage | None]],
    allowed: FloatImage | None,
    departure: float,
) -> tuple[FloatImage, ByteImage]:
    """How near a rim each pixel lies, and the proof with tints that meet there."""
    side = max(request.width, request.height)
    width = (_MEET[0] + _MEET[1] * departure) * side
    near = np.zeros((request.height, request.width), np.float32)
    source = None if request.source is None else srgb_to_work(request.source)
    picture = work = srgb_to_work(done.picture)
    for mask, open_ in rims:
        band = rim_band(mask, _BAND * side)
        if open_ is not None:
            band *= open_
        if allowed is not None:
            band *= allowed
        # A border that two regions share has met already.
        amount = min(departure / _ALL, 1.0) * np.minimum(2 * band, 1) * (1 - near)
        picture = picture + amount[..., None] * (meet_tints(picture, source, mask, width) - picture)
        near = np.maximum(near, band)
    if picture is work:
        return near, done.picture
    return near, np.where(near[..., None] > 0, work_to_srgb(picture), done.picture)


def _confined(request: Request, near: FloatImage, wanted: Settle) -> FloatImage | None:
    """Where a pass acts and how far: along one rim, or everywhere and most along all rims."""
    if wanted.rim_of is not None:
        return near
    if not near.any():
        return request.within
    everywhere = np.float32(_ELSEWHERE) + np.float32(1 - _ELSEWHERE) * near
    return everywhere if request.within is None else np.minimum(everywhere, request.within)


def _reaching(cue: StyleCue, sigma: float) -> StyleCue:
    """A cue that reaches beyond its region."""
    if cue.region is None:
        return cue
    region = scipy.ndimage.gaussian_filter(cue.region, sigma, mode="nearest")
    return replace(cue, region=np.asarray(region, np.float32))
