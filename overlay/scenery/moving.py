"""Frames of a scene in which the eye, or a thing, moves; with the motion as it truly is."""

from collections.abc import Iterator
from dataclasses import replace
from typing import NamedTuple

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import ByteImage, FloatImage
from overlay.scenery.march import FAR
from overlay.scenery.scenes import Drawn, Stage, camera_of, draw_stage, stage_of
from overlay.scenery.solids import Vec

_SEEN = 0.02  # share of the distance within which a point is the one that was seen before
_THING = "barge"


class Moved(NamedTuple):
    """One frame.

    Attributes
    ----------
    flow : (H, W, 2) float32, to the right and down, where each pixel was in the frame before.
    true : (H, W) bool, where it was seen there at all; both None for the first frame.
    """

    picture: ByteImage
    flow: FloatImage | None = None
    true: npt.NDArray[np.bool_] | None = None


def ride(
    name: str, count: int, width: int, height: int, step: Vec = (0.06, 0.0, 0.05)
) -> Iterator[Moved]:
    """Frames of a scene past which the eye moves by `step` metres a frame."""
    stage, before = stage_of(name), None
    for number in range(count):
        eye, look = (_shifted(at, step, number) for at in (stage.eye, stage.look_at))
        moved = stage._replace(eye=eye, look_at=look)
        drawn = draw_stage(moved, width, height)
        still = np.zeros((height, width, 3))
        yield _frame(drawn, moved, before, still)
        before = drawn, moved


def crossing(
    name: str, count: int, width: int, height: int, step: Vec = (0.05, 0.0, -0.12)
) -> Iterator[Moved]:
    """Frames of a scene through which its barge moves by `step` metres a frame."""
    stage, before = stage_of(name), None
    for number in range(count):
        solids = [
            replace(s, at=_shifted(s.at, step, number)) if s.label == _THING else s
            for s in stage.solids
        ]
        moved = stage._replace(solids=solids)
        drawn = draw_stage(moved, width, height)
        way = np.zeros((height, width, 3))
        way[drawn.labels == drawn.names.index(_THING)] = step
        yield _frame(drawn, moved, before, way)
        before = drawn, moved


def _shifted(at: Vec, step: Vec, times: int) -> Vec:
    return at[0] + times * step[0], at[1] + times * step[1], at[2] + times * step[2]


def pan(picture: ByteImage, count: int, width: int, height: int, step: int) -> Iterator[Moved]:
    """Cut-outs of a larger picture, each `step` pixels farther right."""
    for number in range(count):
        left = number * step
        cut = np.ascontiguousarray(picture[:height, left : left + width])
        if not number:
            yield Moved(cut)
            continue
        flow = np.zeros((height, width, 2), np.float32)
        flow[..., 0] = step
        true = np.ones((height, width), bool)
        true[:, width - step :] = False
        yield Moved(cut, flow, true)


def halved(frames: Iterator[Moved]) -> Iterator[Moved]:
    """Frames at half their size, their motion as well."""
    for frame in frames:
        picture = _means(frame.picture.astype(np.float32))
        small = np.clip(np.rint(picture), 0, 255).astype(np.uint8)
        if frame.flow is None or frame.true is None:
            yield Moved(small)
        else:
            flow = np.asarray(_means(frame.flow) / 2, np.float32)
            yield Moved(small, flow, _means(frame.true.astype(np.float32)) == 1)


def _means(values: FloatImage) -> FloatImage:
    """Means of two by two."""
    total = values[::2, ::2] + values[1::2, ::2] + values[::2, 1::2] + values[1::2, 1::2]
    return np.asarray(total / 4, np.float32)


def _frame(
    drawn: Drawn,
    stage: Stage,
    before: tuple[Drawn, Stage] | None,
    way: npt.NDArray[np.float64],
) -> Moved:
    """A frame with its motion: every point it shows, where it was, and whether it was seen."""
    if before is None:
        return Moved(drawn.picture)
    height, width = drawn.depth.shape
    points = _points(drawn, stage) - way
    across, down, far = _projected(points, before[1], width, height)
    y, x = np.mgrid[:height, :width]
    flow = np.stack([across - x, down - y], axis=-1).astype(np.float32)
    row, column = (np.rint(v).astype(int) for v in (down, across))
    true = (row >= 0) & (row < height) & (column >= 0) & (column < width)
    seen = before[0].depth[row.clip(0, height - 1), column.clip(0, width - 1)]
    true &= np.abs(seen - far) < _SEEN * far
    return Moved(drawn.picture, flow, true)


def _points(drawn: Drawn, stage: Stage) -> npt.NDArray[np.float64]:
    """The points that are seen, (H, W, 3) metres; of the sky very far ones."""
    height, width = drawn.depth.shape
    eye, right, up, forward = camera_of(stage)
    y, x = np.mgrid[:height, :width]
    u, v = (2 * (x + 0.5) / width - 1) * width / height, 1 - 2 * (y + 0.5) / height
    rays = forward + u[..., None] * right + v[..., None] * up
    rays /= np.linalg.norm(rays, axis=-1, keepdims=True)
    return np.asarray(eye + rays * drawn.depth[..., None])


def _projected(
    points: npt.NDArray[np.float64], stage: Stage, width: int, height: int
) -> tuple[npt.NDArray[np.float64], ...]:
    """Pixels across and down at which points are seen, and how far they are."""
    eye, right, up, forward = camera_of(stage)
    rays = points - eye
    deep = np.maximum(rays @ forward, 1e-6)
    u, v = (rays @ axis / (axis @ axis) / deep for axis in (right, up))
    across = (u * height / width + 1) * width / 2 - 0.5
    down = (1 - v) * height / 2 - 0.5
    return across, down, np.minimum(np.linalg.norm(rays, axis=-1), FAR)
