"""The run: from noise, or a noised source, to a proof, coarse to fine.

At every step each patch of the canvas finds a patch of a reference that resembles it; the matched
patches are laid over each other, blended with the recoloured source, and a little less noise is
added back. See `docs/engine.md` for the whole model.
"""

import time
from dataclasses import dataclass, field

import numpy as np
from scipy import ndimage

from overlay.engine import search
from overlay.engine.atlas import Atlas, build_atlases, fit_reference
from overlay.engine.control import CancelledError, Control
from overlay.engine.guidance import GuideField
from overlay.engine.request import Frame, Render, Request, StyleCue, Trace
from overlay.engine.schedule import STAGES, Step, count_levels, plan
from overlay.engine.shares import Casting, assign, memberships, smooth_cost
from overlay.engine.tints import Tint, blend_tints, make_tint
from overlay.engine.vote import grid_samples, vote
from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work, work_to_srgb
from overlay.imaging.noise import add_noise, step_key
from overlay.imaging.resample import double, pyramid, resize, soften

_FILM = 384  # longer side of a filmstrip frame, pixels
_GRIP = 1.6  # and along the contours of a guide at full weight
_HOLD = 0.35  # how much of the recoloured source is mixed in before the search, at the start
_CONTOUR = 2.4  # how much a guide of weight 0.8 restores of a contour's contrast
_CONTOURS_KEPT = 0.7
_RENOISE = 0.35  # share of the next noise level that is added back after a step
_COHERENCE = (1.6, 1.15)
_FIRST_SWEEPS, _SWEEPS = 8, 3
_GRID, _NOISE, _SEARCH, _START, _CAST = range(5)  # purposes of random numbers


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
    control = Control() if control is None else control
    began = time.perf_counter()
    styles = tuple(cue for cue in request.styles if _speaks(cue, request))
    if request.source is not None and (not styles or request.departure <= 0):
        return Render(picture=request.source.copy(), seconds={"total": 0.0})
    if request.source is None and not any(cue.facets.surface > 0 for cue in styles):
        raise ValueError("a run from noise needs a reference with the facet surface, got none")
    control.step(0.0, "preparing")
    run = _Run(request, styles, control)
    prepared = time.perf_counter()
    for step in run.steps:
        run.take(step)
    picture = _finish(request, styles, run)
    done = time.perf_counter()
    control.step(1.0, "done")
    seconds = {"prepare": prepared - began, "run": done - prepared, "total": done - began}
    return Render(picture, tuple(run.film), run.trace(), run.influence, seconds)


def _speaks(cue: StyleCue, request: Request) -> bool:
    """Whether a cue can change anything at all."""
    f = cue.facets
    if cue.weight <= 0 or max(f.palette, f.surface, f.light) <= 0:
        return False
    if cue.region is not None and not (cue.region > 0).any():
        return False
    return cue.envelope.leave > cue.envelope.enter and cue.envelope.leave > 1 - request.departure


def _finish(request: Request, styles: tuple[StyleCue, ...], run: "_Run") -> ByteImage:
    """Bytes of the last canvas; where no cue reaches, the source's own."""
    picture = work_to_srgb(run.canvas)
    if request.source is None:
        return picture
    untouched = np.zeros(picture.shape[:2], bool)
    if all(cue.region is not None for cue in styles):
        untouched = np.all([cue.region <= 0 for cue in styles], axis=0)  # type: ignore[operator]
    if request.within is not None:
        untouched |= request.within <= 0
    picture[untouched] = request.source[untouched]
    return picture


@dataclass
class _Level:
    """What stays the same while a scale is worked on."""

    source: FloatImage | None
    atlas: Atlas
    guide: FloatImage
    regions: list[FloatImage | None]  # per style
    within: FloatImage | None
    shape: tuple[int, int]


@dataclass
class _Marks:
    """The correspondence carried from step to step."""

    field: search.Field
    label: np.ndarray
    grid: search.Grid
    level: int
    extra: dict[str, FloatImage] = field(default_factory=dict)


class _Run:
    """State of one run; `take` makes one step of it."""

    def __init__(self, request: Request, styles: tuple[StyleCue, ...], control: Control) -> None:
        self.request, self.styles, self.control = request, styles, control
        self.levels = count_levels(request.width, request.height)
        self.steps = plan(request.steps, request.departure, self.levels)
        self.film: list[Frame] = []
        self.influence: dict[str, tuple[float, ...]] = {cue.name: () for cue in styles}
        self._peak = np.zeros(len(styles))
        self._marks: _Marks | None = None
        self._prepare()
        self.canvas = self._start()

    # Preparation ---------------------------------------------------------------------------

    def _prepare(self) -> None:
        request, levels = self.request, self.levels
        self.surfaced = [i for i, cue in enumerate(self.styles) if cue.facets.surface > 0]
        fitted = [fit_reference(self.styles[i], request.width * request.height) for i in self.surfaced]
        self.scales = tuple(scale for _, scale in fitted)
        self.control.check()
        self.guide = GuideField(request.guides, levels)
        self.atlases = (
            build_atlases([p for p, _ in fitted], levels, self.guide.sigma) if fitted else []
        )
        self.control.check()
        self.source = None
        self.tints: list[Tint] = []
        if request.source is not None:
            work = srgb_to_work(request.source)
            self.source = pyramid(work, levels)
            for cue in self.styles:
                self.control.check()
                self.tints.append(make_tint(work, cue, levels))
        self.regions = [
            None if cue.region is None else pyramid(cue.region, levels) for cue in self.styles
        ]
        self.within = None if request.within is None else pyramid(request.within, levels)
        self.free_mean = np.array([_free_mean(self.styles[i]) for i in self.surfaced], np.float32)
        self.casting = self._cast() if self.surfaced else None

    def _shape(self, level: int) -> tuple[int, int]:
        h, w = self.request.height, self.request.width
        for _ in range(level):
            h, w = (h + 1) // 2, (w + 1) // 2
        return h, w

    def _cast(self) -> Casting:
        """Try every reference on the whole frame at a coarse scale."""
        level = max(self.steps[0].level, min(2, self.levels))
        shape = self._shape(level)
        grid = search.make_grid(*shape, (0, 0))
        fields, costs = [], []
        for r, i in enumerate(self.surfaced):
            canvas = np.zeros((*shape, 3), np.float32)
            if self.source is not None:
                one = [np.full((1, 1), float(k == i), np.float32) for k in range(len(self.styles))]
                canvas = blend_tints(self.source[level], self.tints, level, one, one)
            amount = np.full(shape, 0.04 if self.source is not None else 0.2, np.float32)
            add_noise(canvas, amount, step_key(self.request.seed, 0, _CAST))
            label = np.full((grid.rows, grid.columns), r, np.int16)
            found = np.empty((grid.rows, grid.columns, 3), np.int32)
            atlas, key = self.atlases[level], step_key(self.request.seed, r, _START)
            search.random_field(label, atlas.start, atlas.height, atlas.width, key, found)
            query = self._query(canvas, grid, label, level, 0.0)
            self.control.check()
            found, cost, _ = search.refine(
                query, atlas, grid, found, soft=False, sweeps=_FIRST_SWEEPS,
                coherence=_COHERENCE, radius=_reach(atlas), key=key,
            )  # fmt: skip
            fields.append(found)
            costs.append(cost)
        return Casting(
            smooth_cost(np.stack(costs), step_key(self.request.seed, 1, _CAST)),
            tuple(fields),
            grid,
            level,
        )

    def _start(self) -> FloatImage:
        """The noised source at the first step's scale, or nothing but noise."""
        first = self.steps[0]
        if self.source is not None:
            base = self._base(first, first.level)
            self._presence = np.zeros(base.shape[:2], np.float32)
            noisy = first.noise * np.minimum(self._strength(first, first.level), 1.0)
        else:
            mean = np.mean([a.sharp.reshape(-1, 3).mean(axis=0) for a in self.atlases[-1:]], axis=0)
            base = np.broadcast_to(mean, (*self._shape(first.level), 3)).astype(np.float32)
            self._presence = np.ones(base.shape[:2], np.float32)
            noisy = np.full(base.shape[:2], first.noise, np.float32)
        canvas = np.ascontiguousarray(base).copy()
        add_noise(canvas, noisy, step_key(self.request.seed, first.number, _START))
        return canvas

    # Weights -------------------------------------------------------------------------------

    def _envelope(self, i: int, step: Step) -> float:
        end = (step.number + 1) / self.request.steps
        return self.styles[i].envelope.over(step.number / self.request.steps, end)

    def _region(self, i: int, level: int) -> FloatImage:
        levels = self.regions[i]
        return np.ones((1, 1), np.float32) if levels is None else levels[level]

    def _surface_weight(self, i: int, step: Step, level: int) -> FloatImage:
        """Weight of a cue's Surface per pixel, or one value for everywhere."""
        cue = self.styles[i]
        amount = cue.weight * cue.facets.surface * self._envelope(i, step)
        return np.float32(amount) * self._region(i, level)

    def _strength(self, step: Step, level: int) -> FloatImage:
        total = np.zeros(self._shape(level), np.float32)
        for i in self.surfaced:
            total += self._surface_weight(i, step, level)
        return total

    def _base(self, step: Step, level: int) -> FloatImage:
        """The recoloured source at this moment: what Palette and Light have made of it so far."""
        assert self.source is not None
        amounts = [self._peak[i] * self._region(i, level) for i in range(len(self.styles))]
        members = self._members(level)
        palette, light = [], []
        both = [i for i in self.surfaced if len(self.surfaced) > 1 and members is not None]
        for i, cue in enumerate(self.styles):
            p, q = np.float32(cue.facets.palette), np.float32(cue.facets.light)
            own = amounts[i].astype(np.float32)
            if i in both and members is not None:
                share = members[self.surfaced.index(i)]
                own = share * sum(amounts[k] for k in both)
            palette.append(np.asarray(own * p, np.float32))
            light.append(np.asarray(own * q, np.float32))
        base = blend_tints(self.source[level], self.tints, level, palette, light)
        return self._keep_contours(base, step, level)

    def _keep_contours(self, base: FloatImage, step: Step, level: int) -> FloatImage:
        """Give the recoloured source back the contrast its contours had, where a guide asks."""
        assert self.source is not None
        grip = self.guide.at(level, step.progress, self._shape(level)).grip
        if not grip.any():
            return base
        lost = self.source[level][..., 0] - base[..., 0]
        lost -= ndimage.gaussian_filter(lost, 6.0, mode="nearest")
        out = base.copy()
        out[..., 0] += np.minimum(_CONTOUR * ndimage.uniform_filter(grip, 5), 1.5) * lost
        return out

    def _members(self, level: int) -> list[FloatImage] | None:
        """Soft membership of pixels in the references that share the picture."""
        marks = self._marks
        if marks is None or len(self.surfaced) < 2:
            return None
        soft = memberships(marks.label, len(self.surfaced))
        height, width = self._shape(level)
        scale = 2.0 ** (level - marks.level)
        rows = ((np.arange(height) + 0.5) * scale - 4 + marks.grid.top) / search.STRIDE
        columns = ((np.arange(width) + 0.5) * scale - 4 + marks.grid.left) / search.STRIDE
        return [_bilinear(m, rows, columns) for m in soft]

    # A step --------------------------------------------------------------------------------

    def take(self, step: Step) -> None:
        """Make one step: recolour, search, lay patches, blend, add noise, show."""
        done = self.steps.index(step) / len(self.steps)
        self.control.step(done, STAGES[min(int(step.progress * 4), 3)])
        entering = self._marks is None or self._marks.level != step.level
        shape = self._shape(step.level)
        if self.canvas.shape[:2] != shape:
            self.canvas = double(self.canvas, shape)
            self._presence = double(self._presence, shape)
        self._update_peaks(step)
        base = self._base(step, step.level) if self.source is not None else self.canvas
        total = self._strength(step, step.level)
        if total.any():
            self._update_marks(step, entering)
            voted = self._lay(step, base, entering)
        else:
            voted = self.canvas
        self._blend(step, base, voted, total)
        self._settle_outside(step)
        noisy = np.float32(_RENOISE * step.next_noise) * np.minimum(total, 1.0)
        add_noise(self.canvas, noisy, step_key(self.request.seed, step.number, _NOISE))
        self._record(step, total)

    def _update_peaks(self, step: Step) -> None:
        """What a tint has reached stays until the source draws it back."""
        keep = 1.0 - 0.15 * (1.0 - self.request.departure)
        for i, cue in enumerate(self.styles):
            self._peak[i] = max(cue.weight * self._envelope(i, step), self._peak[i] * keep)

    def _update_marks(self, step: Step, entering: bool) -> None:
        """Move the correspondence to this step's grid and scale, and give out the areas anew."""
        assert self.casting is not None
        atlas = self.atlases[step.level]
        offset = step_key(self.request.seed, step.number, _GRID)
        grid = search.make_grid(*self._shape(step.level), (offset & 3, (offset >> 2) & 3))
        label = self._labels(step, grid)
        marks, casting = self._marks, self.casting
        field_ = np.empty((grid.rows, grid.columns, 3), np.int32)
        fresh = np.ones(label.shape, bool)
        if marks is not None:
            factor = 2.0 ** (marks.level - step.level)
            field_ = search.carry_field(marks.field, marks.grid, factor, grid, atlas)
            fresh = field_[..., 0] // 2 != label
        for r in range(len(self.surfaced)):
            needed = fresh & (label == r)
            if needed.any():
                factor = 2.0 ** (casting.level - step.level)
                home = search.carry_field(casting.fields[r], casting.grid, factor, grid, atlas)
                field_[needed] = home[needed]
        field_[label < 0] = 0
        self._marks = _Marks(field_, label, grid, step.level)

    def _labels(self, step: Step, grid: search.Grid) -> np.ndarray:
        casting = self.casting
        assert casting is not None
        if len(self.surfaced) == 1:
            weight = self._surface_weight(self.surfaced[0], step, step.level)
            inside = np.broadcast_to(weight, self._shape(step.level))
            return np.where(grid_samples(inside, grid) > 0, 0, -1).astype(np.int16)

        def weights(level: int, on: search.Grid) -> FloatImage:
            maps = [self._surface_weight(i, step, level) for i in self.surfaced]
            return np.stack([grid_samples(np.broadcast_to(m, self._shape(level)), on) for m in maps])

        trial = weights(casting.level, casting.grid)
        return assign(casting, trial, weights(step.level, grid), grid, step.level)

    def _query(
        self, canvas: FloatImage, grid: search.Grid, label: np.ndarray, level: int, progress: float
    ) -> search.Query:
        guide = self.guide.at(level, progress, self._shape(level))
        return search.Query(
            search.pad_canvas(canvas),
            search.pad_canvas(guide.channels),
            grid_samples(guide.weight, grid),
            label,
            self.free_mean,
        )

    def _lay(self, step: Step, base: FloatImage, entering: bool) -> FloatImage:
        """Search and vote: the references' opinion of the finished picture."""
        marks = self._marks
        assert marks is not None
        atlas = self.atlases[step.level]
        canvas = self.canvas
        if self.source is not None:
            grip = self.guide.at(step.level, step.progress, base.shape[:2]).grip
            hold = np.float32((_HOLD + 0.3 * (1 - self.request.departure)) * (1 - step.progress))
            hold = np.minimum(hold + np.float32(_GRIP) * grip, 1.0)[..., None]
            canvas = canvas + hold * (base - canvas)
        raised = self._raise_detail(canvas, atlas, step)
        query = self._query(raised, marks.grid, marks.label, step.level, step.progress)
        self.control.check()
        marks.field, _, means = search.refine(
            query, atlas, marks.grid, marks.field, soft=entering,
            sweeps=_SWEEPS + (2 if entering else 0), coherence=_COHERENCE,
            radius=_reach(atlas) if entering else 24,
            key=step_key(self.request.seed, step.number, _SEARCH),
        )  # fmt: skip
        self.control.check()
        return vote(
            marks.field, marks.label, means, self.free_mean, atlas, marks.grid, canvas,
            power=1.5, doubt=0.002 + 0.5 * step.noise**2,
        )  # fmt: skip

    def _raise_detail(self, canvas: FloatImage, atlas: Atlas, step: Step) -> FloatImage:
        """Where colours stay the canvas's own, bring its detail up to the reference's.

        A smooth canvas would otherwise find only the smooth places of the reference.
        """
        free = float(self.free_mean[:, 0].max())
        if free <= 0:
            return canvas
        low = soften(canvas)
        detail = canvas - low
        wanted = float(atlas.detail.mean())
        gain = min(wanted / (float(detail.std()) + 1e-4), 3.0)
        out = low + np.float32(1 + free * max(gain - 1, 0)) * detail
        amount = np.full(canvas.shape[:2], 0.5 * free * wanted, np.float32)
        add_noise(out, amount, step_key(self.request.seed, step.number, _CAST))
        return out

    def _blend(self, step: Step, base: FloatImage, voted: FloatImage, total: FloatImage) -> None:
        """Weighted mean of what the references say and what stays."""
        strength = np.minimum(total, 1.0)
        self._presence = np.maximum(self._presence, strength)
        if self.source is None:
            self.canvas = self.canvas + strength[..., None] * (voted - self.canvas)
            return
        # Where no surface has spoken the recoloured source stands; where one has, the canvas keeps
        # its larger forms and takes the source's detail.
        low = soften(self.canvas - base)
        rest = base + self._presence[..., None] * low
        pull = (1 - self.request.departure) * (1 - step.progress)
        weight = strength / (1 + pull / np.maximum(total, 0.25))
        voted = voted + self._own_contours(base)
        self.canvas = rest + weight[..., None] * (voted - rest)

    def _own_contours(self, base: FloatImage) -> FloatImage | float:
        """The source's contours, for cues that give marks only and so cannot bring contours."""
        free = self.free_mean.mean(axis=0) if len(self.free_mean) else np.zeros(3)
        if not free.any():
            return 0.0
        detail = base - ndimage.gaussian_filter(base, (2.5, 2.5, 0), mode="nearest")
        return np.asarray(_CONTOURS_KEPT * free.astype(np.float32) * detail, np.float32)

    def _settle_outside(self, step: Step) -> None:
        """Keep the source where the run is confined; soft parts come in later."""
        if self.within is None or self.source is None:
            return
        end = (step.number + 1) / self.request.steps
        late = 1 - self.request.departure * self.within[step.level]
        ramp = min(0.15, self.request.departure)
        open_ = np.clip((end - late) / ramp, 0, 1)[..., None].astype(np.float32)
        source = self.source[step.level]
        self.canvas = source + open_ * (self.canvas - source)

    def _record(self, step: Step, total: FloatImage) -> None:
        picture = work_to_srgb(self.canvas)
        end = (step.number + 1) / self.request.steps
        self.film.append(Frame(step.number, end, _film_frame(picture)))
        scale = max(float(total.mean()), 1.0)
        for i, cue in enumerate(self.styles):
            part = float(self._surface_weight(i, step, step.level).mean()) / scale
            self.influence[cue.name] += (part,)
        self.control.show(step.number, end, picture)

    def trace(self) -> Trace | None:
        """Where each patch of the last step came from."""
        marks = self._marks
        if marks is None:
            return None
        names = np.array([self.request.styles.index(self.styles[i]) for i in self.surfaced], np.int16)
        cue = np.where(marks.label >= 0, names[np.maximum(marks.label, 0)], -1).astype(np.int16)
        page = marks.field[..., 0]
        scales = [1.0] * len(self.request.styles)
        for index, scale in zip(names, self.scales, strict=True):
            scales[index] = scale
        return Trace(
            cue, marks.field[..., 1].copy(), marks.field[..., 2].copy(), page % 2 == 1,
            -marks.grid.top, -marks.grid.left, search.STRIDE, 8, tuple(scales),
        )  # fmt: skip


def _free_mean(cue: StyleCue) -> tuple[float, float, float]:
    """How far the canvas keeps its own patch means: all of them when a cue gives only Surface."""
    f = cue.facets
    colour = 1 - min(f.palette / f.surface, 1.0)
    tone = 1 - min(max(f.light, PALETTE_LIGHT_SHARE * f.palette) / f.surface, 1.0)
    return tone, colour, colour


PALETTE_LIGHT_SHARE = 0.6


def _reach(atlas: Atlas) -> int:
    return int(max(atlas.height.max(), atlas.width.max()))


def _bilinear(grid: FloatImage, rows: np.ndarray, columns: np.ndarray) -> FloatImage:
    """Sample a small map at given rows and columns."""
    i = np.clip(rows, 0, grid.shape[0] - 1.001)
    j = np.clip(columns, 0, grid.shape[1] - 1.001)
    i0, j0 = i.astype(int), j.astype(int)
    fi, fj = (i - i0).astype(np.float32)[:, None], (j - j0).astype(np.float32)[None, :]
    top = grid[np.ix_(i0, j0)] * (1 - fj) + grid[np.ix_(i0, j0 + 1)] * fj
    bottom = grid[np.ix_(i0 + 1, j0)] * (1 - fj) + grid[np.ix_(i0 + 1, j0 + 1)] * fj
    return top * (1 - fi) + bottom * fi


def _film_frame(picture: ByteImage) -> ByteImage:
    longer = max(picture.shape[:2])
    if longer <= _FILM:
        return picture
    step = longer / _FILM
    height, width = (max(1, round(side / step)) for side in picture.shape[:2])
    small = resize(picture.astype(np.float32), height, width)
    return (small.clip(0, 255) + 0.5).astype(np.uint8)


__all__ = ["CancelledError", "render"]
