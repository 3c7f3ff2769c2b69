"""Refining: the whole once more with little departure; artefacts go, marks come out."""

from dataclasses import replace

from overlay.document.passes import Refine
from overlay.engine.control import Control
from overlay.engine.request import Engine, Render
from overlay.studio.passes.once_more import marking, once_more
from overlay.studio.passes.stand import Stand, drawn_over


def refine(stand: Stand, wanted: Refine, render: Engine, control: Control) -> Render:
    """The proof run again from itself, its own contours held, under the same guides.

    Returns
    -------
    The refined picture, with the influence of the base run and the trace of what is seen.
    """
    marked = marking(stand, wanted)
    if not marked:
        return stand.done
    request = stand.request
    again = once_more(stand, wanted, marked, stand.done.picture, colours=True)
    heard = tuple(guide for guide in request.guides if wanted.hears(guide.name))
    again = replace(again, guides=(*again.guides, *heard), begun=stand.done.trace)
    return drawn_over(stand.done, render(again, control))
