"""The run: from noise, or a noised source, to a proof, coarse to fine.

At every step each patch of the canvas finds a patch of a reference that resembles it; the matched
patches are laid over each other, blended with the recoloured source, and a little less noise is
added back. `docs/engine.md` describes the whole model.
"""

import time

import numpy as np

from overlay.engine.blending import draw_nearer, lay_on, restore_contrast
from overlay.engine.control import Control
from overlay.engine.influence import Recorder
from overlay.engine.marker import Marker
from overlay.engine.marks import Owners
from overlay.engine.matching.field import pad_canvas
from overlay.engine.material import Material, speaks
from overlay.engine.record import Trace
from overlay.engine.request import Facets, Frame, Render, Request, StyleCue
from overlay.engine.schedule import STAGES, Step, plan
from overlay.imaging.colour import ByteImage, FloatImage, work_to_srgb
from overlay.imaging.filters import box_mean
from overlay.imaging.gradients import gradient_strength
from overlay.imaging.noise import add_noise, step_key
from overlay.imaging.resample import double, halve, resize, soften

_FILM = 384  # longer side of a filmstrip frame, pixels
_HOLD = 0.4  # how much of the ground is mixed in before the search, at the start
_HOLD_NEAR = 0.5  # and how much more at departure 0
_HOLD_LIKE = 0.6  # and under a likeness of weight 1
_GRIP = 3.0  # and along the contours of a guide at full weight
_CONTOUR = 3.0  # how much such a guide restores of a contour's contrast
_MOST = 1.5
_CORRECT = 1.0  # how much of it is brought back into the marks themselves
_LIMIT = 0.07  # and by how much lightness that changes at most
_OWN_CONTOURS = 0.7  # how much of the source's contours is kept under marks alone
_FIRM = 1.0
_LIGHT_TOUCH = 0.2  # how much of the source shines through as departure becomes small
_RENOISE = 0.35  # share of the next noise level that is added back after a step
_NOISE, _START = 0, 2  # purposes of random numbers


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
    if request.source is None and not any(_shapes(cue.facets) for cue in styles):
        raise ValueError(
            "a run from noise needs a reference with the facet surface, layout or likeness, "
            "got none"
        )
    control.step(0.0, "preparing")
    run = _Run(Material(request, styles, control), control)
    prepared = time.perf_counter()
    for step in run.steps:
        run.take(step)
    picture = _finish(request, styles, run.finished())
    done = time.perf_counter()
    control.step(1.0, "done")
    seconds = {"prepare": prepared - began, "run": done - prepared, "total": done - began}
    return Render(picture, tuple(run.film), run.trace(), run.recorder.influence(), seconds)


def _shapes(facets: Facets) -> bool:
    return max(facets.surface, facets.layout, facets.likeness) > 0


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
        self.recorder = Recorder(material)
        self._now = [0.0] * len(material.styles)  # what each cue asks for at this step
        self._reached = [0.0] * len(material.styles)  # and what it has reached so far
        self._owners: Owners | None = None
        self._ground: tuple[tuple[object, ...], FloatImage] | None = None
        first = self.steps[0]
        self._update_amounts(first)
        self._marker: Marker | None = None
        if material.library is not None:
            self._marker = Marker(material, material.library, first, control)
        self._level = first.level
        self.canvas = self._start(first)
        # Where a surface has spoken so far, 0 to 1: there the canvas stands, elsewhere the ground.
        self._presence = np.zeros(self.canvas.shape[:2], np.float32)

    def _start(self, first: Step) -> FloatImage:
        """The noised source at the first step's scale, or nothing but noise."""
        material, shape = self.material, self.material.shape(first.level)
        if material.source is not None:
            canvas = material.ground.at(first.level, self._reached)
            strength = np.minimum(material.surface_total(first, first.level), 1.0)
            noisy = np.float32(first.noise) * strength
        else:
            mean = np.zeros(3) if material.library is None else material.library.mean()
            canvas = np.ascontiguousarray(np.broadcast_to(mean, (*shape, 3)), np.float32)
            spoken = material.library is not None
            noisy = np.full(shape, first.noise if spoken else 0.0, np.float32)
        add_noise(canvas, noisy, step_key(self.request.seed, first.number, _START))
        return canvas

    def take(self, step: Step) -> None:
        """Make one step: the ground, search, lay patches, blend, add noise, show."""
        done = self.steps.index(step) / len(self.steps)
        self.control.step(done, STAGES[min(int(step.progress * 4), 3)])
        self._enter(step.level)
        self._update_amounts(step)
        base = self._base(step)
        total = self.material.surface_total(step, step.level)
        voted = base
        speaks = self._marker is not None and total.any()
        padded = pad_canvas(self._held(step, base, total)) if speaks else None
        low = self._low(base)
        if self._marker is not None and padded is not None:
            voted = self._marker.lay(step, padded)
            self._owners = self._marker.owners()
        counted = self._blend(step, base, voted, total, low)
        self._settle_outside(step)
        self.recorder.note(step, counted, self._owners, self._reached)
        noisy = np.float32(_RENOISE * step.next_noise) * np.minimum(total, 1.0)
        add_noise(self.canvas, noisy, step_key(self.request.seed, step.number, _NOISE))
        self._show(step)

    def _enter(self, level: int) -> None:
        """Bring the canvas to a finer scale."""
        while self._level > level:
            self._level -= 1
            shape = self.material.shape(self._level)
            self.canvas = double(self.canvas, shape)
            self._presence = double(self._presence, shape)

    def _update_amounts(self, step: Step) -> None:
        """What a cue has reached stays until the source draws it back."""
        keep = 1.0 - 0.15 * (1.0 - self.request.departure)
        for i, cue in enumerate(self.material.styles):
            self._now[i] = cue.weight * self.material.envelope(i, step)
            self._reached[i] = max(self._now[i], self._reached[i] * keep)

    def _base(self, step: Step) -> FloatImage:
        """The ground at this moment, kept while nothing that makes it changes; not to be written.

        It changes with what cues have reached, with how firmly guides hold, and, from noise or with
        blocks or where references share the picture, at every step.
        """
        material = self.material
        fresh = material.source is None or self._owners is not None or material.guide.blocks
        key = (
            step.number if fresh else None,
            step.level,
            tuple(self._reached),
            material.guide.amounts(step.progress),
        )
        if self._ground is None or self._ground[0] != key:
            self._ground = None  # before the next is made, for memory
            self._ground = key, self._make_base(step)
        return self._ground[1]

    def _make_base(self, step: Step) -> FloatImage:
        """The ground, a guide's contours clear in it and its blocks met."""
        material, level = self.material, step.level
        if material.source is None:
            canvas = self.canvas
            if (self._presence < 1).any():  # where no surface has spoken, noise fades
                quiet = np.float32(1) - self._presence[..., None]
                canvas = canvas + quiet * (soften(canvas, 2) - canvas)
            base = material.ground.at(level, self._reached, canvas=canvas)
        else:
            base = material.ground.at(level, self._reached, owners=self._owners)
        base = material.guide.blocks.draw(base, level, step.progress)
        guide = material.guide.at(level, step.progress, material.shape(level))
        grip = guide.grip
        if not grip.any():
            return base
        lost = guide.lightness - base[..., 0]
        lost -= soften(lost, 3)
        base[..., 0] += np.minimum(_CONTOUR * box_mean(grip, 5), _MOST) * lost
        return base

    def _held(self, step: Step, base: FloatImage, total: FloatImage) -> FloatImage:
        """The canvas drawn towards the ground, more along a guide's contours."""
        material = self.material
        if material.source is None:
            return base
        out = draw_nearer(
            self.canvas, base, total, self._grip(step),
            np.float32(_HOLD_LIKE) * material.ground.likeness(step.level, self._now),
            hold=(_HOLD + _HOLD_NEAR * (1 - self.request.departure)) * (1 - step.progress),
            firm=_GRIP,
        )  # fmt: skip
        return material.guide.blocks.draw(out, step.level, step.progress)

    def _low(self, base: FloatImage) -> FloatImage:
        """How the canvas's larger forms differ from the ground, at half size; the canvas is gone.

        Nothing else of it is needed once patches are sought, and large ones take much memory.
        """
        if self.material.source is None:
            return np.zeros((1, 1, 3), np.float32)
        self.canvas -= base
        low = halve(self.canvas)
        self.canvas = np.zeros((0, 0, 3), np.float32)
        return low

    def _grip(self, step: Step) -> FloatImage:
        """How firmly contours are held, (h, w) float32, 0 up."""
        material = self.material
        return material.guide.at(step.level, step.progress, material.shape(step.level)).grip

    def _blend(
        self, step: Step, base: FloatImage, voted: FloatImage, total: FloatImage, low: FloatImage
    ) -> FloatImage:
        """Weighted mean of what the references say and what stays.

        Where no surface has spoken the ground stands; where one has, the canvas keeps its larger
        forms and takes the ground's detail.

        Returns
        -------
        (h, w) float32 in 0..1, what the references counted.
        """
        strength = np.minimum(total, 1.0)
        self._presence = np.maximum(self._presence, strength)
        pull = np.float32(0)
        if self.material.source is not None:
            pull = np.float32(_LIGHT_TOUCH * (1 - self.request.departure) / self.request.departure)
            if self.material.free_mean.any() and not self.request.marked:
                voted = voted + self._own_contours(base)
            if voted is not base:
                self._correct(step, base, voted)
        against = pull + self.material.ground.likeness(step.level, self._now)
        weight = np.asarray(strength / (1 + against / np.maximum(total, 0.25)), np.float32)
        if voted is base:
            voted, weight = base.copy(), np.zeros_like(weight)
        lay_on(voted, base, low, self._presence, weight)
        self.canvas = voted
        return weight

    def _correct(self, step: Step, base: FloatImage, voted: FloatImage) -> None:
        """Bring contrasts along a guide's contours nearer to the ground's, in place."""
        grip = self._grip(step)
        if not grip.any():
            return
        gap = base[..., 0] - voted[..., 0]
        restore_contrast(voted, gap, soften(gap, 2), grip, share=_CORRECT, limit=_LIMIT)

    def _own_contours(self, base: FloatImage) -> FloatImage:
        """The source's contours, for cues that give marks only and so cannot bring contours."""
        free = self.material.free_mean[:-1]
        detail = base - soften(base, 2)
        # Its contours, not its texture: that is what the marks are to replace.
        firm = np.minimum(_FIRM * gradient_strength(base[..., 0], 1.2), 1.0)[..., None]
        return np.asarray(np.float32(_OWN_CONTOURS) * free.mean(axis=0) * firm * detail, np.float32)

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

    def finished(self) -> FloatImage:
        """The canvas as it is seen: in the colours of cues that give colours only."""
        return self.material.ground.recoloured(self.canvas, self._level, self._reached)

    def _show(self, step: Step) -> None:
        work = self.finished()
        end = (step.number + 1) / self.request.steps
        self.film.append(Frame(step.number, end, _film_frame(work)))
        if self.control.watched:
            self.control.show(step.number, end, work_to_srgb(work))

    def trace(self) -> Trace | None:
        """Where each patch of the last step came from."""
        return None if self._marker is None else self._marker.trace()


def _film_frame(work: FloatImage) -> ByteImage:
    """The state of a run, small: (h, w, 3) uint8 sRGB, the longer side 384 pixels at most."""
    while max(work.shape[:2]) >= 2 * _FILM:
        work = halve(work)
    longer = max(work.shape[:2])
    if longer > _FILM:
        height, width = (max(1, round(side * _FILM / longer)) for side in work.shape[:2])
        work = resize(work, height, width)
    return work_to_srgb(work)
