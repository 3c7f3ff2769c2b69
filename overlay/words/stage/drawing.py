"""A scene drawn: a picture with exact depth, labels and normals."""

from collections.abc import Sequence
from concurrent.futures import ThreadPoolExecutor
from typing import NamedTuple

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import ByteImage, FloatImage, encode_srgb
from overlay.imaging.rows import thread_count
from overlay.words.stage.land import GROUND, HILLS, RAILS, ROAD, SKY, WALL, WATER, WINDOW
from overlay.words.stage.light import trace_rays
from overlay.words.stage.setting import Setting, Stage, as_stage
from overlay.words.things.table import Placed, Table, tabulate

Point = tuple[float, float, float]
Camera = npt.NDArray[np.float64]
LAND = {
    SKY: "sky",
    GROUND: "ground",
    WATER: "water",
    HILLS: "hills",
    WALL: "wall",
    WINDOW: "window",
    ROAD: "road",
    RAILS: "rails",
}


_LUMA, _DIM = np.array([0.2126, 0.7152, 0.0722]), 0.07  # of linear light, on average
_STRETCH = 2048  # rays a thread follows before it takes the next
# Where further rays pass through a pixel whose neighbours differ, from its middle.
_FINER = ((-0.35, -0.25), (0.0, 0.35), (0.35, -0.25))


class Drawn(NamedTuple):
    """What was drawn.

    Attributes
    ----------
    picture : (H, W, 3) uint8 sRGB. depth : (H, W) float32, metres. labels : (H, W) int64, an index
    into `names`. normals : (H, W, 3) float32, x right, y up, z away from the eye.
    names : of land and things; things of one name share a label.
    """

    picture: ByteImage
    depth: FloatImage
    labels: npt.NDArray[np.int64]
    normals: FloatImage
    names: tuple[str, ...]


def aim(eye: Point, look_at: Point, view: float) -> Camera:
    """Eye, right, up and forward, (4, 3); `view` is the vertical angle in degrees."""
    place = np.asarray(eye, np.float64)
    forward = np.asarray(look_at, np.float64) - place
    forward /= np.linalg.norm(forward)
    right = np.cross([0.0, 1.0, 0.0], forward)
    right /= np.linalg.norm(right)
    half = np.tan(np.radians(view / 2))
    return np.array([place, right * half, np.cross(forward, right) * half, forward])


def level(height: float, away: float, horizon: float, view: float) -> Camera:
    """An eye that looks straight along +z, its picture shifted so that what is upright stays so.

    `horizon` is where the horizon lies, -1 at the bottom to 1 at the top.
    """
    camera = aim((0.0, height, -away), (0.0, height, 0.0), view)
    camera[3] -= horizon * camera[2]
    return camera


def draw_scene(
    things: Sequence[Placed], setting: Setting, camera: Camera, size: tuple[int, int], seed: int = 1
) -> Drawn:
    """Draw things in a setting, `size` (width, height); the same bytes on any number of threads."""
    width, height = size
    things = sorted(things, key=lambda thing: _away(thing, camera))
    table, stage = tabulate(things), as_stage(setting, seed)
    y, x = np.mgrid[0:height, 0:width]
    whole = np.column_stack([x.ravel(), y.ravel()]) + 0.5
    colour, met, normals = _traced(table, stage, camera, whole, size)
    which = met[:, 1].astype(np.int64).reshape(height, width)
    rough = np.flatnonzero(_rough(colour.reshape(height, width, 3), which))
    for across, down in _FINER:
        more, _, _ = _traced(table, stage, camera, whole[rough] + (across, down), size)
        colour[rough] += more
    colour[rough] /= 1 + len(_FINER)
    names = (*LAND.values(), *dict.fromkeys(t.name for t in things))
    numbers = [names.index(n) for n in (*LAND.values(), *(t.name for t in things))]
    # Kinds of land are -1, -2, ...; a thing's number starts at 0.
    labels = np.asarray(numbers)[np.where(which < 0, -1 - which, which + len(LAND))]
    depth = met[:, 0].astype(np.float32).reshape(height, width)
    return Drawn(
        _developed(colour.reshape(height, width, 3)), depth, labels,
        normals.astype(np.float32).reshape(height, width, 3), names,
    )  # fmt: skip


def _away(thing: Placed, camera: Camera) -> float:
    """How far from the eye a thing stands: rays are done sooner that meet the near ones first."""
    return float(np.linalg.norm(np.asarray(thing.at) - camera[0]))


def _traced(
    table: Table, stage: Stage, camera: Camera, places: Camera, size: tuple[int, int]
) -> tuple[Camera, Camera, Camera]:
    """Colour, what was met and normals of rays through `places`, stretch by stretch in threads."""
    found = tuple(np.empty((len(places), n)) for n in (3, 2, 3))
    whole = np.array(size, np.float64)

    def follow(begin: int) -> None:
        part = slice(begin, begin + _STRETCH)
        colour, met, normals = (f[part] for f in found)
        trace_rays(table, stage, camera, places[part], whole, (colour, met, normals))

    with ThreadPoolExecutor(thread_count()) as threads:
        for _ in threads.map(follow, range(0, len(places), _STRETCH)):
            pass
    return found[0], found[1], found[2]


def _rough(light: npt.NDArray[np.float64], which: npt.NDArray[np.int64]) -> npt.NDArray[np.bool_]:
    """Pixels whose neighbours differ so much that one ray does not do."""
    tone = np.sqrt(light.mean(axis=2).clip(0, 1))
    rough = np.zeros(tone.shape, np.bool_)
    for axis in (0, 1):
        step = (np.abs(np.diff(tone, axis=axis)) > 0.14) | (np.diff(which, axis=axis) != 0)
        first = [slice(None), slice(None)]
        first[axis] = slice(None, -1)
        rough[tuple(first)] |= step
        first[axis] = slice(1, None)
        rough[tuple(first)] |= step
    return rough


def _developed(light: npt.NDArray[np.float64]) -> ByteImage:
    """sRGB bytes of linear light, its highlights held."""
    usual = max(float((light @ _LUMA).mean()), 1e-4)
    light = light * min(max(_DIM / usual, 1.0), 4.0) ** 0.5  # at night the eye opens
    held = light * (1 + light / 5.0) / (1 + 0.5 * light)
    return (np.asarray(encode_srgb(held.clip(0, 1))) * 255 + 0.5).astype(np.uint8)
