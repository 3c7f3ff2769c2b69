"""Where the passes stand: what is asked for at the present size, and what was made so far."""

from dataclasses import dataclass, replace
from typing import TypeVar

import numpy as np

from overlay.engine.library import scale_for
from overlay.engine.record import Trace
from overlay.engine.request import AvoidCue, GuideCue, Render, Request, StyleCue
from overlay.engine.retracing import laid_over
from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import linear_rows, resize


@dataclass(frozen=True)
class Stand:
    """The request and the regions at the size of the picture, and the picture with its record.

    Attributes
    ----------
    masks : the regions by name, (H, W) float32 in 0..1. opens : see `open_borders`.
    growth : how many times as high and wide as the base the picture is.
    """

    request: Request
    done: Render
    masks: dict[str, FloatImage]
    opens: dict[str, FloatImage]
    growth: float = 1.0


def drawn_over(done: Render, later: Render) -> Render:
    """A picture that a later run drew over: its film and influence stay, its trace does not."""
    trace = done.trace
    if trace is not None and later.trace is not None:
        trace = laid_over(trace, later.trace)
    keys = done.seconds.keys() | later.seconds.keys()
    seconds = {k: done.seconds.get(k, 0.0) + later.seconds.get(k, 0.0) for k in sorted(keys)}
    return replace(done, picture=later.picture, trace=trace, seconds=seconds)


def grown(stand: Stand, done: Render) -> Stand:
    """The request and the regions at the size of a picture that was enlarged."""
    height, width = done.picture.shape[:2]
    request = stand.request
    if (height, width) == (request.height, request.width):
        return replace(stand, done=done)
    factor = height / request.height
    source = request.source
    if source is not None:
        source = np.clip(np.rint(resize(source.astype(np.float32), height, width)), 0, 255)
        source = source.astype(np.uint8)
    at_size = replace(
        request,
        width=width,
        height=height,
        source=source,
        styles=tuple(_region_to(cue, height, width) for cue in request.styles),
        guides=tuple(_guide_to(cue, height, width, factor) for cue in request.guides),
        avoided=tuple(_region_to(cue, height, width) for cue in request.avoided),
        within=None if request.within is None else _share_to(request.within, height, width),
    )
    masks = {name: _share_to(mask, height, width) for name, mask in stand.masks.items()}
    opens = {name: _share_to(mask, height, width) for name, mask in stand.opens.items()}
    return Stand(at_size, done, masks, opens, stand.growth * factor)


def with_marks_as_drawn(
    styles: tuple[StyleCue, ...], done: Render, area: int, finer: float = 1.0
) -> list[StyleCue]:
    """Cues whose references a run at another size uses at the size that the trace tells of.

    Parameters
    ----------
    finer : how many times smaller their marks shall be.
    """
    trace = done.trace
    if trace is None:
        return list(styles)
    return [_as_drawn(cue, trace, area, len(styles), finer) for cue in styles]


def _as_drawn(cue: StyleCue, trace: Trace, area: int, references: int, finer: float) -> StyleCue:
    if cue.name not in trace.names:
        return cue
    pixels = trace.scales[trace.names.index(cue.name)] * finer
    return replace(cue, scale=scale_for(cue, pixels, area, references))


def _share_to(values: FloatImage, height: int, width: int) -> FloatImage:
    """A map in 0..1 at a larger size; what is wholly in or out stays so."""
    return linear_rows(values, (height, width), (0, height))


Cue = TypeVar("Cue", StyleCue, AvoidCue)


def _region_to(cue: Cue, height: int, width: int) -> Cue:
    if cue.region is None:
        return cue
    return replace(cue, region=_share_to(cue.region, height, width))


def _guide_to(cue: GuideCue, height: int, width: int, factor: float) -> GuideCue:
    return replace(
        cue,
        strength=_share_to(cue.strength, height, width),
        lightness=resize(cue.lightness, height, width),
        sigma=cue.sigma * factor,
        region=None if cue.region is None else _share_to(cue.region, height, width),
        depth=None if cue.depth is None else _share_to(cue.depth, height, width),
    )
