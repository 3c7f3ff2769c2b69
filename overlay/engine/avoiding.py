"""Avoiding: reference patches that resemble an avoided picture are made dearer.

Resemblance is found by the same search that finds patches for the canvas: here every patch of a
reference looks for its like in the avoided picture.
"""

import numpy as np
import scipy

from overlay.engine.control import Control
from overlay.engine.library import Library, work_at_most
from overlay.engine.matching import search
from overlay.engine.matching.atlas import Leaf, build_atlas
from overlay.engine.matching.field import (
    STRIDE,
    Grid,
    grid_samples,
    make_grid,
    pad_canvas,
    random_field,
)
from overlay.engine.matching.keys import PATCH
from overlay.engine.request import AvoidCue
from overlay.engine.steps.schedule import Step
from overlay.imaging.colour import FloatImage
from overlay.imaging.noise import step_key
from overlay.imaging.numbers.curves import exp
from overlay.imaging.resample import pyramid, resize

_AREA = 40_000  # pixels at which references and avoided pictures are compared
_SWEEPS = 10
# What a full likeness costs at weight 1: so many mean squared differences between patches.
_PRICE = 4.0
_PURPOSE = 20


class Avoidance:
    """The avoided pictures of a request against its references.

    Adds to the library's traits; `price` says what resemblance costs at a moment.
    """

    def __init__(
        self, cues: tuple[AvoidCue, ...], library: Library | None, levels: int, control: Control
    ) -> None:
        heard = [cue for cue in cues if cue.weight > 0 and _anywhere(cue)]
        self._cues = heard if library is not None else []
        self._regions = [
            None if cue.region is None else pyramid(cue.region, levels) for cue in self._cues
        ]
        self._unit = 0.0
        if library is None or not self._cues:
            return
        library.add_traits(
            [
                np.stack([resemblance(picture, cue, control) for cue in self._cues], axis=-1)
                for picture in library.pictures
            ]
        )
        self._unit = _PRICE * library.contrast()

    def price(self, step: Step, steps: int, level: int, grid: Grid) -> FloatImage:
        """What it costs each patch of the canvas to resemble each avoided picture.

        Returns
        -------
        (rows, columns, avoided pictures) float32.
        """
        out = np.zeros((grid.rows, grid.columns, len(self._cues)), np.float32)
        for k, (cue, region) in enumerate(zip(self._cues, self._regions, strict=True)):
            strength = cue.span.over(step.number / steps, (step.number + 1) / steps)
            out[..., k] = self._unit * cue.weight * strength
            if region is not None:
                out[..., k] *= grid_samples(region[level], grid)
        return out


def resemblance(picture: FloatImage, cue: AvoidCue, control: Control) -> FloatImage:
    """How much of what is avoided lies at each pixel of a reference.

    Parameters
    ----------
    picture : (h, w, 3) float32, working space.

    Returns
    -------
    (h, w) float32 in 0..1: exp(-d / d_half), d the mean squared difference to the most alike patch
    of the avoided picture, d_half a twelfth of the reference's own variance.
    """
    height, width = picture.shape[:2]
    scale = min(1.0, float(np.sqrt(_AREA / (height * width))))
    small = resize(picture, max(PATCH, round(height * scale)), max(PATCH, round(width * scale)))
    ours = _blurred(small, cue.blur * scale)
    theirs = _blurred(_shrunk(cue), cue.blur * scale)
    every_way = tuple((0, mirrored) for mirrored in (False, True))
    leaf = Leaf(theirs, every_way, None, np.zeros((*theirs.shape[:2], 0), np.float32))
    grid = make_grid(ours.shape[0], ours.shape[1], (0, 0))
    label = np.zeros((grid.rows, grid.columns), np.int16)
    padded = pad_canvas(ours)
    atlas = build_atlas((leaf,))
    atlas.dull[:] = 0  # here a dull patch is as good as any
    flat = np.zeros(label.shape, np.float32)
    query = search.Query(
        padded, np.zeros_like(padded), flat, flat, label, np.zeros((2, 3), np.float32),
        np.zeros((*label.shape, 0), np.float32),
    )  # fmt: skip
    key = step_key(0, 0, _PURPOSE)
    _, cost, _ = search.refine(
        query, atlas, grid, random_field(label, atlas, key), soft=False, sweeps=_SWEEPS,
        coherence=(1.0, 1.0), radius=max(theirs.shape[:2]), key=key, check=control.check,
    )  # fmt: skip
    half = ours.reshape(-1, 3).var(axis=0).sum() / 12 + 1e-5
    alike = exp(-cost / (PATCH * PATCH) / half)
    rows = (np.arange(ours.shape[0]) + grid.top - PATCH / 2 + 0.5) / STRIDE
    columns = (np.arange(ours.shape[1]) + grid.left - PATCH / 2 + 0.5) / STRIDE
    places = np.meshgrid(rows, columns, indexing="ij")
    spread = scipy.ndimage.map_coordinates(alike, places, order=1, mode="nearest")
    return resize(np.asarray(spread, np.float32), height, width).clip(0, 1)


def _shrunk(cue: AvoidCue) -> FloatImage:
    """The avoided picture at the size that references are compared at."""
    work = work_at_most(cue.picture, _AREA)
    height, width = work.shape[:2]
    scale = min(1.0, float(np.sqrt(_AREA / (height * width))))
    least = PATCH + 1
    return resize(work, max(least, round(height * scale)), max(least, round(width * scale)))


def _blurred(picture: FloatImage, sigma: float) -> FloatImage:
    out = scipy.ndimage.gaussian_filter(picture, (sigma, sigma, 0), mode="nearest")
    return np.ascontiguousarray(out, np.float32)


def _anywhere(cue: AvoidCue) -> bool:
    return cue.region is None or bool((cue.region > 0).any())
