"""The trace of an earlier run taken up by another one, which goes on from its matches."""

import numpy as np

from overlay.engine.library import Library
from overlay.engine.matches import Matches
from overlay.engine.matching.field import Grid
from overlay.engine.matching.keys import PATCH
from overlay.engine.matching.ways import Way, on_page
from overlay.engine.material import Material
from overlay.engine.record import Trace


def taken_up(material: Material, library: Library, trace: Trace) -> Matches:
    """The matches that a trace tells of, on the pages of a run with the same references.

    Patches of references that this run has not, or uses turned otherwise, are nobody's.
    """
    atlas = library.at(0)
    field = np.zeros((*trace.cue.shape, 3), np.int32)
    owner = np.full(trace.cue.shape, -1, np.int16)
    for page in np.flatnonzero(atlas.reduced == 1):
        of = int(atlas.owner[page])
        name = material.styles[material.surfaced[of]].name
        if name not in trace.names:
            continue
        place = trace.names.index(name)
        way = Way(place, int(atlas.turn[page]), bool(atlas.mirrored[page]))
        here = (trace.cue == place) & (trace.turn == way.turn) & (trace.mirrored == way.mirrored)
        size = int(atlas.height[page]), int(atlas.width[page])
        size = size[::-1] if way.turn % 2 else size
        finer = trace.scales[place] / library.scales[of]  # pixels there, of one of the trace's
        y, x = (np.rint(v[here] * finer).astype(np.int32) for v in (trace.y, trace.x))
        y, x = y.clip(0, size[0] - PATCH), x.clip(0, size[1] - PATCH)
        field[here, 0], field[here, 1:] = page, on_page(y, x, size, way)
        owner[here] = of
    grid = Grid(-trace.top, -trace.left, *trace.cue.shape)
    return Matches(atlas.freed(field), owner, owner, grid, 0)
