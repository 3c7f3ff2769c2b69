"""A frame of a sequence, rendered with what is carried from the frame before.

Each step goes on from the matches of the same step of the frame before, where the motion is sure;
those are preferred by a discount, the canvas of that step is mixed into what is sought for, and the
grid of patches moves along. At the held end the result is blended with the moved one before.
"""

import numpy as np

from overlay.engine.control import Control
from overlay.engine.library import Library
from overlay.engine.marker import Correspondence, Marker
from overlay.engine.material import Material, speaking
from overlay.engine.request import Request
from overlay.engine.sampler import finish, takes_steps
from overlay.engine.sequence.film import Film, Hold, hold_of
from overlay.engine.sequence.held_marker import HeldMarker
from overlay.engine.steps.run import Run
from overlay.engine.steps.schedule import Step
from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work
from overlay.imaging.filters import gaussian
from overlay.imaging.numbers.curves import exp
from overlay.imaging.resample import soften
from overlay.motion.flow import Motion
from overlay.motion.warp import warp, warp_sharp

_MIX, _LAST = 0.5, 0.4  # of the frame before, in what is sought for and in the end, fully held
_MOST_GAIN = 1.25  # by which detail is made stronger again
_AGREE = 0.1  # difference from which the last blend lets go, OKLab


class HeldRun(Run):
    """A run of a frame, held to the one before."""

    def __init__(self, material: Material, control: Control, hold: Hold) -> None:
        self._hold = hold
        super().__init__(material, control, recorded=False)

    def _make_marker(self, library: Library, first: Step, known: Correspondence | None) -> Marker:
        marker = HeldMarker(self.material, library, first, self.control, known)
        return marker.begin(self._hold)

    def _held(self, step: Step, base: FloatImage, total: FloatImage) -> FloatImage:
        """The canvas that is sought for, that of the same step of the frame before in it."""
        sought = super()._held(step, base, total)
        before, moving = self._hold.before, self._hold.moving
        if before is None or moving is None or step.number not in before.canvases:
            return sought
        moved = warp(before.canvases[step.number], moving.flow[step.level])
        mix = (_MIX * self._hold.amount * moving.sure[step.level])[..., None]
        return np.asarray(sought + mix * (moved - sought), np.float32)

    def _settle_outside(self, step: Step) -> None:
        super()._settle_outside(step)
        self._hold.now.canvases[step.number] = self.canvas.copy()

    def finished(self) -> FloatImage:
        """The canvas as it is seen; after the last step blended with the moved one before."""
        canvas = super().finished()
        if self.taken < len(self.steps):
            return canvas
        before, moving = self._hold.before, self._hold.moving
        if before is not None and before.last is not None and moving is not None:
            moved = warp_sharp(before.last, moving.flow[0])
            gap = moved - canvas
            apart = gaussian((gap**2).sum(axis=2), 1.0)
            blend = _LAST * self._hold.amount * moving.sure[0] * exp(-apart / (2 * _AGREE**2))
            canvas = _as_crisp(np.asarray(canvas + blend[..., None] * gap, np.float32), canvas)
        self._hold.now.last = canvas
        return canvas


def _as_crisp(blended: FloatImage, before: FloatImage) -> FloatImage:
    """A blended canvas, its fine detail as strong as before: two of nearly equal make it weaker."""
    details = [picture - soften(picture) for picture in (blended, before)]
    weak, strong = (float(detail[..., 0].std()) for detail in details)
    gain = min(max(strong / max(weak, 1e-6), 1.0), _MOST_GAIN)
    return np.asarray(blended + np.float32(gain - 1) * details[0], np.float32)


def render_frame(
    request: Request,
    before: Film | None,
    motion: Motion | None,
    held: float,
    control: Control | None = None,
) -> tuple[ByteImage, Film]:
    """Render a frame of a sequence: a pure function of all that goes in, on any number of threads.

    Parameters
    ----------
    before : what the frame before left, None for the first one.
    motion : from this frame's source to that of the one before.
    held : 0 free, each frame on its own, up to 1.

    Returns
    -------
    The picture (height, width, 3) uint8 sRGB, and what it leaves to the next frame.

    Raises
    ------
    CancelledError
        If the control says so.
    ValueError
        If frames are of different sizes.
    """
    control = Control() if control is None else control
    if not takes_steps(request):
        assert request.source is not None
        number = 0 if before is None else before.number + 1
        return request.source.copy(), Film(number, last=srgb_to_work(request.source))
    control.step(0.0, "preparing")
    material = Material(request, speaking(request), control)
    shape = (request.height, request.width)
    hold = hold_of(shape, before, motion, held, material.levels)
    run = HeldRun(material, control, hold)
    while run.taken < len(run.steps):
        run.take()
    return finish(request, run), hold.now
