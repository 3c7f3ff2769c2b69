"""A run of its own over a proof: the proof is its source, and its own contours are held."""

from dataclasses import replace

from overlay.document.passes import Pass
from overlay.engine.request import Facets, GuideCue, Request, StyleCue
from overlay.engine.steps.schedule import Span
from overlay.guides.edges import EdgeOptions, contour_reach, lightness_of
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.studio.passes.stand import Stand, with_marks_as_drawn

_HOLD = 0.5  # weight of the proof's own contours


def marking(stand: Stand, wanted: Pass) -> list[StyleCue]:
    """The cues that give marks and take part in a pass."""
    return [
        cue
        for cue in stand.request.styles
        if max(cue.facets.surface, cue.facets.likeness) > 0 and wanted.hears(cue.name)
    ]


def once_more(
    stand: Stand,
    wanted: Pass,
    marked: list[StyleCue],
    picture: ByteImage,
    *,
    along: FloatImage | None = None,
    finer: float = 1.0,
    colours: bool = False,
) -> Request:
    """What is asked for when a picture is run again.

    Parameters
    ----------
    marked : from `marking`.
    picture : (H, W, 3) uint8 sRGB at the request's size, to be run again.
    along : (H, W) float32 in 0..1, how much of its contours is held; all of them without.
    finer : how many times smaller than they are drawn the marks shall be.
    colours : whether cues give their colours as well, so that borders stay as crisp as they were;
        without, both sides of a border can meet.
    """
    request = stand.request
    if stand.growth != 1:
        area = request.width * request.height
        marked = with_marks_as_drawn(tuple(marked), stand.done, area, finer)
    options = EdgeOptions()
    reach = contour_reach(picture, options)
    if along is not None:
        reach = reach * along
    seed = request.seed + 1 if wanted.seed is None else wanted.seed
    return replace(
        request,
        seed=seed,
        stray=request.stray and replace(request.stray, seed=request.stray.seed + 1),
        source=picture,
        marked=True,
        even=None,  # that is of the source's colours, not of a proof's
        departure=wanted.departure,  # type: ignore[attr-defined]
        styles=tuple(replace(c, span=Span()) if colours else _marks_alone(c) for c in marked),
        guides=(GuideCue("held", reach, lightness_of(picture), options.sigma, weight=_HOLD),),
    )


def _marks_alone(cue: StyleCue) -> StyleCue:
    """A cue that gives its marks once more; its colours are there."""
    facets = Facets(surface=max(cue.facets.surface, cue.facets.likeness))
    return replace(cue, facets=facets, span=Span())
