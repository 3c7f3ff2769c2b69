"""One run, step by step, and its state between two steps, from which another may go on."""

from dataclasses import dataclass

import numpy as np

from overlay.engine.blending import draw_nearer, lay_on, restore_contrast
from overlay.engine.control import Control
from overlay.engine.library import Library
from overlay.engine.marker import Correspondence, Marker
from overlay.engine.matches import Owners
from overlay.engine.matching.field import pad_canvas
from overlay.engine.material import Material
from overlay.engine.record import Trace
from overlay.engine.request import Frame
from overlay.engine.steps.influence import Noted, Recorder
from overlay.engine.steps.schedule import STAGES, Step
from overlay.imaging.colour import ByteImage, FloatImage, work_to_srgb
from overlay.imaging.filters import box_mean
from overlay.imaging.gradients import gradient_strength
from overlay.imaging.noise import add_noise
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


@dataclass(frozen=True)
class State:
    """A run between two steps: all that the next step builds on. It must not be written to.

    Attributes
    ----------
    taken : how many steps lie behind. reached : what each style has reached.
    canvas : (h, w, 3) float32, working space, at the scale of `level`.
    presence : (h, w) float32 in 0..1, where a surface has spoken so far.
    noted : what was recorded of who decided. film : the frames so far.
    """

    taken: int
    level: int
    canvas: FloatImage
    presence: FloatImage
    reached: tuple[float, ...]
    correspondence: Correspondence | None
    noted: Noted
    film: tuple[Frame, ...]


class Run:
    """A run in work; `take` makes one step of it.

    Parameters
    ----------
    state : where another run of the same beginning has come to; this one goes on from there.
    recorded : whether film and influence are kept; both runs must be alike in that.
    """

    def __init__(
        self,
        material: Material,
        control: Control,
        state: State | None = None,
        *,
        recorded: bool = True,
    ) -> None:
        request = material.request
        self.material, self.request, self.control = material, request, control
        self.steps = request.planned(material.levels)
        self.recorder = Recorder(material, None if state is None else state.noted)
        self._recorded = recorded
        self._now = [0.0] * len(material.styles)  # what each cue asks for at this step
        self._reached = [0.0] * len(material.styles)  # and what it has reached so far
        self._owners: Owners | None = None
        self._ground: tuple[tuple[object, ...], FloatImage] | None = None
        self._marker: Marker | None = None
        if state is None:
            self._begin()
        else:
            self._go_on(state)

    def _begin(self) -> None:
        material, first = self.material, self.steps[0]
        self.taken = 0
        self.film: list[Frame] = []
        self._update_amounts(first)
        if material.library is not None:
            self._marker = self._make_marker(material.library, first, None)
        self._level = first.level
        self.canvas = self._start(first)
        # Where a surface has spoken so far, 0 to 1: there the canvas stands, elsewhere the ground.
        self._presence = np.zeros(self.canvas.shape[:2], np.float32)

    def _go_on(self, state: State) -> None:
        material = self.material
        self.taken, self.film, self._level = state.taken, list(state.film), state.level
        self._reached = list(state.reached)
        # Copied, for a step takes its canvas apart in place.
        self.canvas, self._presence = state.canvas.copy(), state.presence
        if material.library is not None:
            self._marker = self._make_marker(material.library, self.steps[0], state.correspondence)
            self._owners = self._marker.owners()

    def _make_marker(self, library: Library, first: Step, known: Correspondence | None) -> Marker:
        """What lays marks in this run."""
        return Marker(self.material, library, first, self.control, known)

    def state(self) -> State:
        """Where the run is, for others to go on from."""
        return State(
            self.taken,
            self._level,
            self.canvas.copy(),
            self._presence,
            tuple(self._reached),
            None if self._marker is None else self._marker.known(),
            self.recorder.noted(),
            tuple(self.film),
        )

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
        add_noise(canvas, noisy, material.chance.first_key(first.number, _START))
        return canvas

    def take(self) -> None:
        """Make one step: the ground, search, lay patches, blend, add noise, show."""
        step = self.steps[self.taken]
        self.control.step(self.taken / len(self.steps), STAGES[min(int(step.progress * 4), 3)])
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
        if self._recorded:
            self.recorder.note(step, counted, self._owners, self._reached)
        noisy = np.float32(_RENOISE * step.next_noise) * np.minimum(total, 1.0)
        add_noise(self.canvas, noisy, self.material.chance.key(step, _NOISE))
        self.taken += 1
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
            self._now[i] = cue.weight * self.material.span(i, step)
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
            pull = self._light_touch()
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

    def _light_touch(self) -> np.float32:
        """How much of the source shines through; of marks that are gone on from, none need."""
        departure = self.request.departure
        return np.float32(0 if self.request.begun else _LIGHT_TOUCH * (1 - departure) / departure)

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
        if not self._recorded and not self.control.watched:
            return
        work = self.finished()
        end = (step.number + 1) / self.request.steps
        if self._recorded:
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
