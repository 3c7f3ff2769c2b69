"""The trace of a picture that was enlarged, or that a later run drew over."""

from dataclasses import replace

import numpy as np
import numpy.typing as npt

from overlay.engine.matching.field import STRIDE, make_grid
from overlay.engine.record import Trace

Indices = npt.NDArray[np.int64]
Offsets = npt.NDArray[np.float64]


def enlarged_trace(trace: Trace, height: int, width: int, factor: float) -> Trace:
    """The trace of a picture that was enlarged to (height, width), as of larger references."""
    grid = make_grid(height, width, (0, 0))
    return _on_grid(trace, factor, -grid.top, -grid.left, (grid.rows, grid.columns))


def laid_over(below: Trace, above: Trace) -> Trace:
    """Where each patch came from once another run has drawn over a picture.

    Parameters
    ----------
    below : of the picture.
    above : of the run that drew over it, at the same size; where it says nothing `below` counts.
        Its cues must be among those of `below`.

    Returns
    -------
    A trace on the grid of `above` with the names of `below`.
    """
    unknown = [name for name in above.names if name not in below.names]
    if unknown:
        raise ValueError(f"cues must be among {list(below.names)}, got {unknown[0]!r}")
    places = np.array([*(below.names.index(name) for name in above.names), -1], np.int16)
    spoken = above.cue >= 0
    under = _on_grid(below, 1.0, above.top, above.left, above.cue.shape)
    ratios = [a / below.scales[p] for a, p in zip(above.scales, places[:-1], strict=True)]
    ratio = np.array([*ratios, 1.0])[above.cue]
    return replace(
        under,
        cue=np.where(spoken, places[above.cue], under.cue).astype(np.int16),
        y=np.where(spoken, np.rint(above.y * ratio), under.y).astype(np.int32),
        x=np.where(spoken, np.rint(above.x * ratio), under.x).astype(np.int32),
        turn=np.where(spoken, above.turn, under.turn).astype(np.uint8),
        mirrored=np.where(spoken, above.mirrored, under.mirrored),
    )


def _on_grid(trace: Trace, factor: float, top: int, left: int, shape: tuple[int, ...]) -> Trace:
    """What a trace says on another grid: each nearest patch, shifted by what lies between."""
    rows, down = _nearest(top, shape[0], trace.top, trace.cue.shape[0], factor)
    columns, right = _nearest(left, shape[1], trace.left, trace.cue.shape[1], factor)
    at = np.ix_(rows, columns)
    turn, mirrored = trace.turn[at], trace.mirrored[at]
    dy, dx = np.broadcast_arrays(down[:, None], right[None, :])
    dx = np.where(mirrored, -dx, dx)
    # From the page to the reference: a page is turned counterclockwise, then mirrored.
    y = factor * trace.y[at] + np.choose(turn, [dy, dx, -dy, -dx])
    x = factor * trace.x[at] + np.choose(turn, [dx, -dy, -dx, dy])
    return replace(
        trace, cue=trace.cue[at], turn=turn, mirrored=mirrored, top=top, left=left,
        y=np.maximum(np.rint(y), 0).astype(np.int32),
        x=np.maximum(np.rint(x), 0).astype(np.int32),
        scales=tuple(scale / factor for scale in trace.scales),
    )  # fmt: skip


def _nearest(
    top: int, count: int, old_top: int, old_count: int, factor: float
) -> tuple[Indices, Offsets]:
    """Rows of the old grid, and how many pixels beyond them those of the new one begin."""
    at = top + STRIDE * np.arange(count)
    nearest = np.floor((at / factor - old_top) / STRIDE + 0.5).astype(np.int64)
    nearest = nearest.clip(0, old_count - 1)
    return nearest, at - factor * (old_top + STRIDE * nearest)
