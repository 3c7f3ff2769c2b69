"""A run's trace carried up: every patch takes its place in the reference at a finer size."""

import numpy as np
import numpy.typing as npt

from overlay.engine.matching.atlas import Atlas
from overlay.engine.matching.field import STRIDE, Field, Grid, carry_field
from overlay.engine.matching.ways import Way, on_page
from overlay.engine.record import Trace
from overlay.engine.shares import Labels


def ways_used(trace: Trace, cues: frozenset[str]) -> list[Way]:
    """Those that any patch of some cues took, in order."""
    named = [i for i, name in enumerate(trace.names) if name in cues]
    heard = np.isin(trace.cue, named)
    codes = trace.cue * 8 + trace.turn * 2 + trace.mirrored
    found = np.unique(codes[heard])
    return [Way(int(c) // 8, int(c) // 2 % 4, bool(c % 2)) for c in found]


def page_field(
    trace: Trace, ways: list[Way], sizes: dict[int, tuple[int, int]]
) -> tuple[Field, Labels, Grid]:
    """The trace as matches on pages at the size of its own run.

    Parameters
    ----------
    sizes : (height, width) of each reference as it was used, by its place in the trace.

    Returns
    -------
    Page, y, x of every patch (rows, columns, 3) int32; which reference decides (rows, columns)
    int16, counted as in `ways`, -1 for none; and the grid they lie on.
    """
    field = np.zeros((*trace.cue.shape, 3), np.int32)
    label = np.full(trace.cue.shape, -1, np.int16)
    order = list(dict.fromkeys(way.cue for way in ways))
    for page, way in enumerate(ways):
        here = (trace.cue == way.cue) & (trace.turn == way.turn) & (trace.mirrored == way.mirrored)
        field[here, 0] = page
        field[here, 1:] = on_page(trace.y[here], trace.x[here], sizes[way.cue], way)
        label[here] = order.index(way.cue)
    return field, label, Grid(-trace.top, -trace.left, *trace.cue.shape)


def carried(
    field: Field, label: Labels, old: Grid, factor: float, grid: Grid, atlas: Atlas
) -> tuple[Field, Labels]:
    """Matches and labels on a grid that is `factor` times as fine."""
    rows = _nearest(grid.rows, grid.top, old.top, len(label), factor)
    columns = _nearest(grid.columns, grid.left, old.left, label.shape[1], factor)
    finer = carry_field(field, old, factor, grid, atlas)
    return finer, np.ascontiguousarray(label[np.ix_(rows, columns)])


def _nearest(
    count: int, top: int, old_top: int, old_count: int, factor: float
) -> npt.NDArray[np.int64]:
    """The patch of the old grid that `field.carry_field` takes for each of the new one."""
    at = ((STRIDE * np.arange(count) - top) / factor + old_top) / STRIDE
    return np.floor(at + 0.5).astype(np.int64).clip(0, old_count - 1)
