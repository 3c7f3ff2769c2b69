"""The octave: a proof enlarged, its marks drawn again from the references' finer detail.

The faithfully enlarged proof U is sought in the finer references, from the matches of the run that
made it, carried up; what is found is laid over it, and its large forms are put back: V + soften(U -
V). Nothing is random and nothing looks further than some pixels, so it is done in bands.
"""

from collections.abc import Callable
from dataclasses import dataclass, replace
from functools import partial

import numpy as np

from overlay.engine.matching import search
from overlay.engine.matching.atlas import Atlas
from overlay.engine.matching.distance import page_table
from overlay.engine.matching.field import STRIDE, Field, Grid, make_grid, pad_canvas
from overlay.engine.matching.keys import PATCH
from overlay.engine.matching.vote import vote
from overlay.engine.octave.carrying import carried, page_field, ways_used
from overlay.engine.octave.finer import finer_atlas, fits, used_size
from overlay.engine.record import Trace
from overlay.engine.request import Request
from overlay.engine.shares import Labels
from overlay.enlarging.faithful import nobody
from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work, work_to_srgb
from overlay.imaging.resample import linear_rows, soften

# Grid and kind of keys at the two steps, and sweeps of each.
_GRIDS, _SOFT, _SWEEPS = ((1, 2), (3, 0)), (True, False), (2, 1)
_POWER, _DOUBT = 1.5, 0.004
# A match further off than this by pixel, and so many times the reference's own fine detail, is
# none (squares of the working space).
_UNLIKE, _LIKE_DETAIL = 0.014, 18.0
_GENTLE, _FULL = 1, 2  # times that U's large forms are softened before they are put back
_OVERLAP = 96  # rows on either side of a band, so that it comes out as within the whole
_BAND_PIXELS = 2_500_000  # of a band, where nothing else is said


@dataclass(frozen=True)
class Octave:
    """What stays the same in all bands.

    Attributes
    ----------
    field, label : of the first step's grid over the whole picture. worn : see `search.worn_places`.
    amount : 0..1, how much of the finer marks is laid on. gentle : 0..1, how far larger forms stay
        the proof's own as well.
    reach : (h, w) float32 in 0..1 at the size of the proof, where it may change; None everywhere.
    """

    atlas: Atlas
    field: Field
    label: Labels
    worn: np.ndarray
    amount: float
    gentle: float
    reach: FloatImage | None


def add_octave(
    enlarged: ByteImage,
    trace: Trace,
    request: Request,
    factor: float,
    strength: float,
    *,
    cues: frozenset[str] | None = None,
    report: Callable[[float], object] | None = None,
    band: int | None = None,
) -> tuple[ByteImage, Trace | None]:
    """Draw the marks of an enlarged proof anew, from the references at a finer size.

    Parameters
    ----------
    enlarged : (H, W, 3) uint8 sRGB, the proof, faithfully enlarged.
    trace : of the run that made the proof, at its own size.
    request : of that run.
    factor : by which the proof was enlarged, above 1, at most 2.
    strength : 0..1; at 1 the marks are wholly drawn anew, at 0.5 their larger forms stay.
    cues : whose marks take part, None for all; elsewhere the enlarged proof stays.
    report : called with the share that is done, 0..1; may raise to stop.
    band : rows made at a time, a multiple of 4; None for as many as memory has room for. The result
        does not depend on it.

    Returns
    -------
    The picture (H, W, 3) uint8 sRGB, a new array, and the trace of the marks that were drawn. Where
    no cue takes part, or there is no room for the references, the picture as it was, and None.
    """
    chosen = frozenset(trace.names) if cues is None else cues
    ways = ways_used(trace, chosen)
    places = dict.fromkeys(way.cue for way in ways)
    sizes = {place: used_size(request.styles[place], trace, place) for place in places}
    if not ways or strength <= 0 or not fits(ways, sizes, factor):
        return enlarged.copy(), None
    height, width = enlarged.shape[:2]
    band = max(_BAND_PIXELS // width // 4 * 4, 64) if band is None else band
    report = report or nobody
    report(0.0)
    atlas = finer_atlas(request.styles, ways, sizes, factor)
    old, owner, old_grid = page_field(trace, ways, sizes)
    grid = make_grid(height, width, _GRIDS[0])
    field, label = carried(old, owner, old_grid, factor, grid, atlas)
    made = Octave(
        atlas, field, label, search.worn_places(field, page_table(atlas)),
        min(2 * strength, 1.0), min(2 - 2 * strength, 1.0), _reach(request),
    )  # fmt: skip
    out, last = np.empty_like(enlarged), make_grid(height, width, _GRIDS[1])
    found = np.zeros((last.rows, last.columns, 3), np.int32)
    found_label = np.full((last.rows, last.columns), -1, np.int16)
    for top in range(0, height, band):
        check = partial(report, 0.1 + 0.9 * top / height)
        bottom = min(top + band, height)
        rows, matches, owners, first = _band(made, enlarged, top, bottom, check)
        out[top:bottom] = rows
        # The rows of the grid that begin in this band; the last one has the rest.
        begin = (top + last.top) // STRIDE if top else 0
        end = last.rows if bottom == height else (bottom + last.top) // STRIDE
        found[begin:end] = matches[begin - first : end - first]
        found_label[begin:end] = owners[begin - first : end - first]
    report(1.0)
    return out, _trace_of(trace, atlas, found, found_label, list(places), last, factor)


def _reach(request: Request) -> FloatImage | None:
    """Where a proof may differ from its source, None for everywhere."""
    regions = [cue.region for cue in request.styles if cue.region is not None]
    reach = request.within
    if regions and len(regions) == len(request.styles):
        most = np.minimum(np.sum(regions, axis=0), 1).astype(np.float32)
        reach = most if reach is None else reach * most
    return reach


def _band(
    made: Octave, enlarged: ByteImage, top: int, bottom: int, check: Callable[[], object]
) -> tuple[ByteImage, Field, Labels, int]:
    """Some rows of the picture; the matches of a wider band, and the row of the grid it begins."""
    height, width = enlarged.shape[:2]
    begin, end = max(top - _OVERLAP, 0), min(bottom + _OVERLAP, height)
    u = canvas = srgb_to_work(enlarged[begin:end])
    first = begin // STRIDE
    grid = make_grid(end - begin, width, _GRIDS[0])
    field = made.field[first : first + grid.rows].copy()
    label = made.label[first : first + grid.rows].copy()
    for step in range(len(_GRIDS)):
        if step:
            before, grid = grid, make_grid(end - begin, width, _GRIDS[step])
            field, label = carried(field, label, before, 1.0, grid, made.atlas)
        field, canvas = _lay(made, canvas, grid, field, label, step, check)
        lost = u - canvas
        canvas = canvas + soften(lost, _FULL)
        if made.gentle > 0:
            canvas += np.float32(made.gentle) * soften(u - canvas, _GENTLE)
    rows = slice(top - begin, bottom - begin)
    amount: FloatImage = np.full(1, made.amount, np.float32)
    if made.reach is not None:
        reach = linear_rows(made.reach, (height, width), (top, bottom))
        amount = amount * reach[..., None]
    mixed = u[rows] + amount * (canvas[rows] - u[rows])
    picture = work_to_srgb(np.ascontiguousarray(mixed))
    if made.reach is not None:
        picture = np.where(amount > 0, picture, enlarged[top:bottom])
    return picture, field, label, first


def _lay(
    made: Octave, canvas: FloatImage, grid: Grid, field: Field, label: Labels, step: int,
    check: Callable[[], object],
) -> tuple[Field, FloatImage]:  # fmt: skip
    """One step: matches improved by their neighbours' alone, and laid over each other."""
    shape, groups = (grid.rows, grid.columns), len(made.atlas.first)
    none, free = np.zeros(shape, np.float32), np.ones((groups, 3), np.float32)
    query = search.Query(
        pad_canvas(canvas), np.zeros((1, 1, 3), np.float32), none, none, label, free,
        np.zeros((*shape, 0), np.float32),
    )  # fmt: skip
    field, cost, means = search.refine(
        query, made.atlas, grid, field, soft=_SOFT[step], sweeps=_SWEEPS[step],
        coherence=(1.0, 1.0), radius=0, key=0, check=check, worn=made.worn,
    )  # fmt: skip
    check()
    # Where the picture is another than the traced run drew, its matches say nothing.
    limit = PATCH * PATCH * (_UNLIKE + _LIKE_DETAIL * made.atlas.detail[:-1] ** 2)
    believed = np.where(cost > limit[label], np.int16(-1), label)
    voted = vote(field, believed, means, free, made.atlas, grid, canvas, power=_POWER, doubt=_DOUBT)
    return field, voted


def _trace_of(
    trace: Trace, atlas: Atlas, field: Field, label: Labels, places: list[int], grid: Grid,
    factor: float,
) -> Trace:  # fmt: skip
    page = field[..., 0]
    y, x = atlas.unturned(field)
    return replace(
        trace, cue=np.array([*places, -1], np.int16)[label], y=y, x=x,
        mirrored=atlas.mirrored[page] > 0, turn=atlas.turn[page].astype(np.uint8),
        top=-grid.top, left=-grid.left, scales=tuple(s / factor for s in trace.scales),
    )  # fmt: skip
