"""Scenes of the Mallow Canal, drawn with their depth and labels."""

from collections.abc import Callable
from typing import NamedTuple

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import ByteImage, FloatImage, encode_srgb
from overlay.scenery import march, terrain
from overlay.scenery import subjects as s
from overlay.scenery.solids import Solid, Vec, tabulate

FIRST_LABELS = ["sky", "ground", "water"]


class Drawn(NamedTuple):
    """A drawn picture and what is known of it."""

    picture: ByteImage  # (H, W, 3) uint8 sRGB
    depth: FloatImage  # (H, W) metres from the eye, `march.FAR` for the sky
    labels: npt.NDArray[np.int64]  # (H, W), an index into `names`
    names: list[str]


class Stage(NamedTuple):
    """All that is needed to draw a scene."""

    solids: list[Solid]
    eye: Vec
    look_at: Vec
    view: float  # degrees, vertical
    sun: Vec
    canal: tuple[float, float, float]  # middle, half width, end
    path: float
    hills: float
    cloud: float
    walled: bool


def _windmill() -> Stage:
    solids = (
        s.place(s.windmill(), (3.4, 0.1, 14.5), 14)
        + s.place(s.cottage(), (10.6, 0.05, 18), -16)
        + s.place(s.barge(), (-4.0, -0.35, 15.5))
        + s.place(s.tree(4.6), (-10.6, 0, 21))
        + s.place(s.tree(5.4, "#6f7f30"), (14.5, 0, 26))
        + s.place(s.poplar(8.5), (-12.5, 0, 37))
        + s.place(s.poplar(9.5), (-9.6, 0, 41))
        + s.place(s.poplar(8), (-6.9, 0, 45))
        + s.place(s.tree(5), (7.5, 0, 40))
        + s.place(s.bush(0.9), (-1.0, 0, 9.4))
        + s.place(s.bush(0.6, "#7d8a3c"), (5.6, 0, 10.6))
        + s.place(s.bush(1.2), (-8.6, 0, 12.0))
        + s.place(s.fence(7), (7.4, 0, 7.5), 8)
        + s.place(s.bollard(), (-1.1, 0, 12.4))
    )
    return Stage(
        solids, (-0.6, 2.7, -3.6), (0.4, 4.1, 14), 47, (-0.62, 0.52, -0.45),
        (-4.2, 2.5, 50.0), 1.0, 26.0, 2.0, False,
    )  # fmt: skip


def _lock() -> Stage:
    half = 2.3
    solids = (
        s.place(s.lock_chamber(half, 26), (0, 0, 1.5))
        + s.place(s.lock_gates(half), (0, 0, 10.5))
        + s.place(s.lock_gates(half, 8), (0, 0.15, 24.0))
        + s.place(s.cottage("#d7c3a2", "#5a6470"), (-9.0, 0.05, 17.5), 24)
        + s.place(s.tree(6.2), (9.8, 0, 19))
        + s.place(s.tree(5.0, "#6f7f30"), (-14.5, 0, 27))
        + s.place(s.poplar(8.5), (5.2, 0, 41))
        + s.place(s.poplar(9.5), (7.5, 0, 44))
        + s.place(s.bottle_kiln(), (13.5, 0.05, 33), -10)
        + s.place(s.barge("#2d5c46"), (0.1, -0.35, 33.0))
        + s.place(s.bush(0.8), (5.8, 0, 8.6))
        + s.place(s.bush(0.7, "#7d8a3c"), (-6.4, 0, 10.4))
        + s.place(s.fence(8), (6.4, 0, 10.5), -3)
        + s.place(s.bollard(), (3.5, 0.3, 5.6))
        + s.place(s.bollard(), (-3.6, 0.3, 7.4))
        + s.place(s.bollard(), (3.5, 0.3, 15.5))
    )
    return Stage(
        solids, (-0.9, 3.0, -1.6), (0.3, 1.2, 13), 46, (0.60, 0.50, -0.35),
        (0.0, half, 50.0), -4.6, 20.0, 7.0, True,
    )  # fmt: skip


def _kiln() -> Stage:
    solids = (
        s.place(s.bottle_kiln(), (-2.6, 0.05, 15), 12)
        + s.place(s.bottle_kiln(), (3.4, 0.05, 21), -8)
        + s.place(s.cottage("#c9a98a", "#6b4a3c"), (-10.5, 0.05, 20), 24)
        + s.place(s.barge("#5b3f63"), (6.4, -0.35, 13.5))
        + s.place(s.tree(5.2), (12.8, 0, 25))
        + s.place(s.poplar(8), (-13.5, 0, 36))
        + s.place(s.bush(0.9), (1.8, 0, 10.0))
        + s.place(s.fence(6), (-6.8, 0, 8), 10)
        + s.place(s.bollard(), (3.2, 0, 9.0))
    )
    return Stage(
        solids, (0.6, 2.6, -2.0), (0.2, 3.3, 14), 44, (0.66, 0.42, -0.5),
        (6.6, 2.4, 50.0), 0.8, 24.0, 11.0, False,
    )  # fmt: skip


SCENES: dict[str, Callable[[], Stage]] = {
    "windmill": _windmill,
    "lock": _lock,
    "bottle kiln": _kiln,
}


def draw_scene(name: str, width: int = 960, height: int = 640, *, smooth: bool = True) -> Drawn:
    """Draw a scene by name.

    Parameters
    ----------
    name : one of `SCENES`.
    width, height : pixels.
    smooth : trace the edges more finely; off for a quick sketch.
    """
    return draw_stage(stage_of(name), width, height, smooth=smooth)


def label_names(stage: Stage) -> list[str]:
    """What labels of a drawn stage stand for, by their number."""
    return FIRST_LABELS + sorted({solid.label for solid in stage.solids})


def stage_of(name: str) -> Stage:
    """The stage of one of `SCENES`; raises `ValueError` for another name."""
    if name not in SCENES:
        raise ValueError(f"a scene must be one of {', '.join(SCENES)}, got {name!r}")
    return SCENES[name]()


def draw_stage(stage: Stage, width: int, height: int, *, smooth: bool = True) -> Drawn:
    """Draw a stage, see `draw_scene`."""
    names = label_names(stage)
    colour = np.zeros((height, width, 3))
    depth = np.zeros((height, width), np.float32)
    labels = np.zeros((height, width), np.int64)
    relief = np.empty(terrain.RELIEF_SHAPE, np.float32)
    terrain.draw_relief(len(relief), stage.hills, relief)
    table, land = tabulate(stage.solids, names), _land(stage)
    camera = camera_of(stage)
    march.trace_picture(height, table, land, relief, camera, colour, depth, labels)
    if smooth:
        march.smooth_edges(height, table, land, relief, camera, _rough(colour), colour)
    return Drawn(_develop(colour), depth, labels, names)


def _land(stage: Stage) -> npt.NDArray[np.float64]:
    sun = np.asarray(stage.sun) / np.linalg.norm(stage.sun)
    middle, half, end = stage.canal
    values = [middle, half, -0.42, stage.hills, stage.path, *sun, stage.cloud, end, stage.walled]
    return np.array(values, np.float64)


def camera_of(stage: Stage) -> tuple[npt.NDArray[np.float64], ...]:
    """Eye, right, up (both scaled by the view) and forward."""
    eye = np.asarray(stage.eye, np.float64)
    forward = np.asarray(stage.look_at, np.float64) - eye
    forward /= np.linalg.norm(forward)
    right = np.cross([0.0, 1.0, 0.0], forward)
    right /= np.linalg.norm(right)
    scale = np.tan(np.radians(stage.view / 2))
    return eye, right * scale, np.cross(forward, right) * scale, forward


def _rough(light: npt.NDArray[np.float64]) -> npt.NDArray[np.bool_]:
    """Pixels that differ clearly from a neighbour."""
    tone = np.sqrt(light.mean(axis=2))
    spread = scipy.ndimage.maximum_filter(tone, 3) - scipy.ndimage.minimum_filter(tone, 3)
    return spread > 0.1


def _develop(light: npt.NDArray[np.float64]) -> ByteImage:
    """Linear light to sRGB with a soft shoulder, so that highlights do not burn out."""
    v = light * 1.0
    v = np.clip(v * (1 + v / 5.0) / (1 + 0.5 * v), 0, 1)
    return (encode_srgb(v) * 255 + 0.5).astype(np.uint8)
