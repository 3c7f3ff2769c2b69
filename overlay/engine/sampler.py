"""The run: from noise, or a noised source, to a proof, coarse to fine.

At every step each patch of the canvas finds a patch of a reference that resembles it; the matched
patches are laid over each other, blended with the recoloured source, and a little less noise is
added back. `docs/engine.md` describes the whole model.
"""

import time

import numpy as np
from scipy import ndimage

from overlay.engine import search
from overlay.engine.atlas import PATCH, Atlas
from overlay.engine.control import Control
from overlay.engine.marks import (
    COHERENCE,
    Marks,
    cast,
    make_query,
    next_marks,
    pixel_members,
    reach_of,
)
from overlay.engine.material import Material, speaks
from overlay.engine.request import Frame, Render, Request, StyleCue, Trace
from overlay.engine.schedule import STAGES, Step, plan
from overlay.engine.vote import vote
from overlay.imaging.colour import ByteImage, FloatImage, work_to_srgb
from overlay.imaging.noise import add_noise, step_key
from overlay.imaging.resample import double, resize, soften

_FILM = 384  # longer side of a filmstrip frame, pixels
_HOLD = 0.35  # how much of the recoloured source is mixed in before the search, at the start
_HOLD_NEAR = 0.3  # and how much more at departure 0
_GRIP = 1.6  # and along the contours of a guide at full weight
_CONTOUR = 2.4  # how much such a guide restores of a contour's contrast
_OWN_CONTOURS = 0.7  # how much of the source's contours is kept under marks alone
_LIGHT_TOUCH = 0.2  # how much of the source shines through as departure becomes small
_RENOISE = 0.35  # share of the next noise level that is added back after a step
_SWEEPS, _ENTERING_SWEEPS = 3, 5
_NEAR = 24  # pixels within which later steps search
_NOISE, _SEARCH, _START, _DETAIL = range(4)  # purposes of random numbers


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
    styles = tuple(cue for cue in request.styles if speaks(cue, request))
    if request.source is not None and (not styles or request.departure <= 0):
        return Render(picture=request.source.copy(), seconds={"total": 0.0})
    if request.source is None and not any(cue.facets.surface > 0 for cue in styles):
        raise ValueError("a run from noise needs a reference with the facet surface, got none")
    control.step(0.0, "preparing")
    run = _Run(Material(request, styles, control), control)
    prepared = time.perf_counter()
    for step in run.steps:
        run.take(step)
    picture = _finish(request, styles, run.canvas)
    done = time.perf_counter()
    control.step(1.0, "done")
    seconds = {"prepare": prepared - began, "run": done - prepared, "total": done - began}
    return Render(picture, tuple(run.film), run.trace(), run.influence, seconds)


def _finish(request: Request, styles: tuple[StyleCue, ...], canvas: FloatImage) -> ByteImage:
    """Bytes of the last canvas; where no cue reaches, the source's own."""
    picture = work_to_srgb(canvas)
    if request.source is None:
        return picture
    reached = np.zeros(picture.shape[:2], bool)
    for cue in styles:
        reached |= np.ones_like(reached) if cue.region is None else cue.region > 0
    if request.within is not None:
        reached &= request.within > 0
    picture[~reached] = request.source[~reached]
    return picture


class _Run:
    """State of one run; `take` makes one step of it."""

    def __init__(self, material: Material, control: Control) -> None:
        request = material.request
        self.material, self.request, self.control = material, request, control
        self.steps = plan(request.steps, request.departure, material.levels)
        self.film: list[Frame] = []
        self.influence: dict[str, tuple[float, ...]] = {cue.name: () for cue in material.styles}
        self._peaks = [0.0] * len(material.styles)
        self._marks: Marks | None = None
        first = self.steps[0]
        self._update_peaks(first)
        self._casting = cast(material, first.level, control) if material.surfaced else None
        self._level = first.level
        self.canvas = self._start(first)
        # Where a surface has spoken so far, 0 to 1: there the canvas stands, elsewhere the source.
        alone = np.ones if material.source is None else np.zeros
        self._presence = alone(self.canvas.shape[:2], np.float32)

    def _start(self, first: Step) -> FloatImage:
        """The noised source at the first step's scale, or nothing but noise."""
        material, shape = self.material, self.material.shape(first.level)
        if material.source is not None:
            canvas = material.recoloured(first.level, self._peaks)
            strength = np.minimum(material.surface_total(first, first.level), 1.0)
            noisy = np.float32(first.noise) * strength
        else:
            mean = material.atlases[-1].sharp.reshape(-1, 3).mean(axis=0)
            canvas = np.ascontiguousarray(np.broadcast_to(mean, (*shape, 3)), np.float32)
            noisy = np.full(shape, first.noise, np.float32)
        add_noise(canvas, noisy, step_key(self.request.seed, first.number, _START))
        return canvas

    def take(self, step: Step) -> None:
        """Make one step: recolour, search, lay patches, blend, add noise, show."""
        done = self.steps.index(step) / len(self.steps)
        self.control.step(done, STAGES[min(int(step.progress * 4), 3)])
        self._enter(step.level)
        self._update_peaks(step)
        base = self._base(step)
        total = self.material.surface_total(step, step.level)
        voted = self._lay(step, base) if total.any() else self.canvas
        self._blend(step, base, voted, total)
        self._settle_outside(step)
        noisy = np.float32(_RENOISE * step.next_noise) * np.minimum(total, 1.0)
        add_noise(self.canvas, noisy, step_key(self.request.seed, step.number, _NOISE))
        self._record(step, total)

    def _enter(self, level: int) -> None:
        """Bring the canvas to a finer scale."""
        while self._level > level:
            self._level -= 1
            shape = self.material.shape(self._level)
            self.canvas = double(self.canvas, shape)
            self._presence = double(self._presence, shape)

    def _update_peaks(self, step: Step) -> None:
        """What a tint has reached stays until the source draws it back."""
        keep = 1.0 - 0.15 * (1.0 - self.request.departure)
        for i, cue in enumerate(self.material.styles):
            self._peaks[i] = max(
                cue.weight * self.material.envelope(i, step), self._peaks[i] * keep
            )

    def _base(self, step: Step) -> FloatImage:
        """The recoloured source at this moment, its contours kept clear where a guide asks."""
        material, level = self.material, step.level
        if material.source is None:
            return self.canvas
        members = pixel_members(material, self._marks, level)
        base = material.recoloured(level, self._peaks, members)
        grip = material.guide.at(level, step.progress, material.shape(level)).grip
        if not grip.any():
            return base
        lost = material.source[level][..., 0] - base[..., 0]
        lost -= soften(lost, 3)
        base[..., 0] += np.minimum(_CONTOUR * ndimage.uniform_filter(grip, 5), 1.5) * lost
        return base

    def _lay(self, step: Step, base: FloatImage) -> FloatImage:
        """Search and vote: the references' opinion of the finished picture."""
        material, casting = self.material, self._casting
        assert casting is not None
        entering = self._marks is None or self._marks.level != step.level
        marks = next_marks(material, casting, self._marks, step)
        atlas = material.atlases[step.level]
        canvas = self._held(step, base)
        sought = self._raise_detail(canvas, atlas, step)
        query = make_query(material, sought, marks.grid, marks.label, step.level, step.progress)
        self.control.check()
        marks.field, _, means = search.refine(
            query, atlas, marks.grid, marks.field, soft=entering,
            sweeps=_ENTERING_SWEEPS if entering else _SWEEPS, coherence=COHERENCE,
            radius=reach_of(atlas) if entering else _NEAR,
            key=step_key(self.request.seed, step.number, _SEARCH), check=self.control.check,
        )  # fmt: skip
        self._marks = marks
        self.control.check()
        return vote(
            marks.field, marks.label, means, material.free_mean, atlas, marks.grid, canvas,
            power=1.5, doubt=0.002 + 0.5 * step.noise**2,
        )  # fmt: skip

    def _held(self, step: Step, base: FloatImage) -> FloatImage:
        """The canvas drawn towards the recoloured source, more along a guide's contours."""
        if self.material.source is None:
            return self.canvas
        grip = self.material.guide.at(step.level, step.progress, base.shape[:2]).grip
        hold = (_HOLD + _HOLD_NEAR * (1 - self.request.departure)) * (1 - step.progress)
        amount = np.minimum(np.float32(hold) + np.float32(_GRIP) * grip, 1.0)[..., None]
        return np.asarray(self.canvas + amount * (base - self.canvas), np.float32)

    def _raise_detail(self, canvas: FloatImage, atlas: Atlas, step: Step) -> FloatImage:
        """Where colours stay the canvas's own, bring its detail up to the reference's.

        A smooth canvas would otherwise find only the smooth places of the reference.
        """
        free = float(self.material.free_mean[:, 0].max())
        if free <= 0:
            return canvas
        low = soften(canvas)
        detail = canvas - low
        wanted = float(atlas.detail.mean())
        gain = min(wanted / (float(detail.std()) + 1e-4), 3.0)
        out = low + np.float32(1 + free * max(gain - 1, 0)) * detail
        amount = np.full(canvas.shape[:2], 0.5 * free * wanted, np.float32)
        add_noise(out, amount, step_key(self.request.seed, step.number, _DETAIL))
        return out

    def _blend(self, step: Step, base: FloatImage, voted: FloatImage, total: FloatImage) -> None:
        """Weighted mean of what the references say and what stays."""
        strength = np.minimum(total, 1.0)
        self._presence = np.maximum(self._presence, strength)
        if self.material.source is None:
            self.canvas = self.canvas + strength[..., None] * (voted - self.canvas)
            return
        # Where no surface has spoken the recoloured source stands; where one has, the canvas keeps
        # its larger forms and takes the source's detail.
        rest = base + self._presence[..., None] * soften(self.canvas - base)
        pull = _LIGHT_TOUCH * (1 - self.request.departure) / self.request.departure
        weight = strength / (1 + np.float32(pull) / np.maximum(total, 0.25))
        voted = voted + self._own_contours(base)
        self.canvas = np.asarray(rest + weight[..., None] * (voted - rest), np.float32)

    def _own_contours(self, base: FloatImage) -> FloatImage:
        """The source's contours, for cues that give marks only and so cannot bring contours."""
        free = self.material.free_mean
        if not free.any():
            return np.zeros((1, 1, 1), np.float32)
        detail = base - soften(base, 2)
        return np.asarray(np.float32(_OWN_CONTOURS) * free.mean(axis=0) * detail, np.float32)

    def _settle_outside(self, step: Step) -> None:
        """Keep the source where the run is confined; soft parts come in later."""
        within, source = self.material.within, self.material.source
        if within is None or source is None:
            return
        end = (step.number + 1) / self.request.steps
        late = 1 - self.request.departure * within[step.level]
        ramp = min(0.15, self.request.departure)
        ready = np.clip((end - late) / ramp, 0, 1)[..., None].astype(np.float32)
        self.canvas = source[step.level] + ready * (self.canvas - source[step.level])

    def _record(self, step: Step, total: FloatImage) -> None:
        picture = work_to_srgb(self.canvas)
        end = (step.number + 1) / self.request.steps
        self.film.append(Frame(step.number, end, _film_frame(picture)))
        scale = max(float(total.mean()), 1.0)
        for i, cue in enumerate(self.material.styles):
            part = float(self.material.surface_weight(i, step, step.level).mean()) / scale
            self.influence[cue.name] += (part,)
        self.control.show(step.number, end, picture)

    def trace(self) -> Trace | None:
        """Where each patch of the last step came from."""
        marks, material = self._marks, self.material
        if marks is None:
            return None
        places = [self.request.styles.index(material.styles[i]) for i in material.surfaced]
        cue = np.array([*places, -1], np.int16)[marks.label]
        scales = [1.0] * len(self.request.styles)
        for place, scale in zip(places, material.scales, strict=True):
            scales[place] = scale
        page, y, x = np.moveaxis(marks.field, 2, 0)
        return Trace(
            cue, y.copy(), x.copy(), page % 2 == 1, -marks.grid.top, -marks.grid.left,
            search.STRIDE, PATCH, tuple(scales),
        )  # fmt: skip


def _film_frame(picture: ByteImage) -> ByteImage:
    longer = max(picture.shape[:2])
    if longer <= _FILM:
        return picture
    height, width = (max(1, round(side * _FILM / longer)) for side in picture.shape[:2])
    small = resize(picture.astype(np.float32), height, width)
    return (small.clip(0, 255) + 0.5).astype(np.uint8)
