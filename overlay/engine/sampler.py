"""The run: from noise, or a noised source, to a proof, coarse to fine.

At every step each patch of the canvas finds a patch of a reference that resembles it; the matched
patches are laid over each other, blended with the recoloured source, and a little less noise is
added back. `docs/engine.md` describes the whole model.
"""

import time
from collections.abc import Callable, Container

import numpy as np

from overlay.engine.control import Control
from overlay.engine.material import Material, speaking
from overlay.engine.request import Facets, Render, Request
from overlay.engine.steps.run import Run, State
from overlay.imaging.colour import ByteImage, FloatImage, work_to_srgb


def render(request: Request, control: Control | None = None) -> Render:
    """Render a proof: a pure function of the request, whatever the number of threads.

    Parameters
    ----------
    request : what to make.
    control : progress, previews and cancellation.

    Returns
    -------
    The picture (height, width, 3) uint8 sRGB with its filmstrip, trace and timings.

    Raises
    ------
    CancelledError
        If the control says so.
    ValueError
        If there is neither a source nor a reference with a surface to draw from.
    """
    return go_on(request, Control() if control is None else control)


def _keep_none(state: State) -> None:
    """Nobody goes on from here."""


def go_on(
    request: Request,
    control: Control,
    state: State | None = None,
    *,
    parts: Container[int] = (),
    part: Callable[[State], object] = _keep_none,
    until: int | None = None,
    recorded: bool = True,
) -> Render:
    """Render from where another run of the same beginning has come to, to the same bytes.

    Parameters
    ----------
    state : from a run whose steps so far were the same, see `parting.step_keys`; None begins.
    parts : numbers of steps after which `part` is called with the state.
    until : how many steps are taken, None for all; the picture is what is seen then.
    recorded : whether filmstrip and influence come with it.

    Raises
    ------
    As `render`.
    """
    began = time.perf_counter()
    styles = speaking(request)
    if not takes_steps(request):
        assert request.source is not None
        return Render(picture=request.source.copy(), seconds={"total": 0.0})
    if request.source is None and not any(_shapes(cue.facets) for cue in styles):
        raise ValueError(
            "a run from noise needs a reference with the facet surface, layout or likeness, "
            "got none"
        )
    control.step(0.0, "preparing")
    run = Run(Material(request, styles, control), control, state, recorded=recorded)
    prepared = time.perf_counter()
    last = len(run.steps) if until is None else min(until, len(run.steps))
    while run.taken < last:
        run.take()
        if run.taken in parts:
            part(run.state())
    picture = finish(request, run)
    done = time.perf_counter()
    control.step(1.0, "done")
    seconds = {"prepare": prepared - began, "run": done - prepared, "total": done - began}
    influence = run.recorder.influence() if recorded else None
    return Render(picture, tuple(run.film), run.trace(), influence, seconds)


def takes_steps(request: Request) -> bool:
    """Whether anything is run at all, rather than the source returned."""
    return request.source is None or (request.departure > 0 and bool(speaking(request)))


def _shapes(facets: Facets) -> bool:
    return max(facets.surface, facets.layout, facets.likeness) > 0


def finish(request: Request, run: Run) -> ByteImage:
    """Bytes of the last canvas; where no cue reaches, the source's own."""
    canvas: FloatImage = run.finished()
    picture = work_to_srgb(canvas)
    if request.source is None or picture.shape != request.source.shape:
        return picture
    reached = np.zeros(picture.shape[:2], bool)
    for cue in run.material.styles:
        reached |= np.ones_like(reached) if cue.region is None else cue.region > 0
    if request.within is not None:
        reached &= request.within > 0
    picture[~reached] = request.source[~reached]
    return picture
