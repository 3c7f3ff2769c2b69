"""What frames of a sequence leave to the next ones, and how one is held to another."""

from dataclasses import dataclass, field

import numpy as np

from overlay.engine.sequence.carrying import Kept
from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import halve
from overlay.motion.flow import Motion

StepKey = tuple[int, int | None]  # of a step's number, and the group that was sought in


@dataclass
class Film:
    """What a frame leaves to the next one.

    Attributes
    ----------
    number : of the frame, from 0. matches : by step. canvases : what stood after each step, before
    noise. last : the finished canvas. way : how far the frames moved in all, pixels across, down.
    """

    number: int
    matches: dict[StepKey, Kept] = field(default_factory=dict)
    canvases: dict[int, FloatImage] = field(default_factory=dict)
    last: FloatImage | None = None
    way: tuple[float, float] = (0.0, 0.0)


class Moving:
    """A motion at every scale.

    Attributes
    ----------
    flow, sure : by level, in its pixels.
    """

    def __init__(self, motion: Motion, levels: int) -> None:
        self.flow, self.sure = [motion.flow], [motion.sure]
        for _ in range(levels):
            self.flow.append(halve(self.flow[-1]) * np.float32(0.5))
            self.sure.append(halve(self.sure[-1]))


@dataclass(frozen=True)
class Hold:
    """How a frame is held to the one before.

    Attributes
    ----------
    amount : 0 free, 1 held. before : what that one left. moving : from this frame to it.
    now : what this one leaves.
    """

    amount: float
    before: Film | None
    moving: Moving | None
    now: Film


def hold_of(
    shape: tuple[int, int], before: Film | None, motion: Motion | None, amount: float, levels: int
) -> Hold:
    """How a frame is held: to the one before, unless it is another scene.

    Parameters
    ----------
    shape : height and width of the frame; `ValueError` where they are not those of the one before.
    amount : 0 free, 1 held. levels : scales below the first.
    """
    number = 0 if before is None else before.number + 1
    if before is None or motion is None or motion.is_cut or amount <= 0:
        return Hold(amount, None, None, Film(number))
    was = shape if before.last is None else before.last.shape[:2]
    if tuple(was) != shape:
        raise ValueError(f"frames must be of one size, got {shape} after {tuple(was)}")
    across, down = motion.median
    way = (before.way[0] + across, before.way[1] + down)
    return Hold(amount, before, Moving(motion, levels), Film(number, way=way))
