"""The correspondence of a run: cast at a coarse scale, then carried from step to step."""

from dataclasses import dataclass

import numpy as np

from overlay.engine import search
from overlay.engine.atlas import Atlas
from overlay.engine.control import Control
from overlay.engine.material import Material
from overlay.engine.schedule import Step
from overlay.engine.shares import Casting, Labels, assign, memberships, smooth_cost
from overlay.engine.vote import grid_samples
from overlay.imaging.colour import FloatImage
from overlay.imaging.noise import add_noise, step_key

COHERENCE = (1.6, 1.15)
_FIRST_SWEEPS = 8
_GRID, _CAST, _START = 10, 11, 12  # purposes of random numbers


@dataclass
class Marks:
    """Which reference, and which place in it, every patch of the canvas takes.

    Attributes
    ----------
    field : (rows, columns, 3) page, y, x; `label` the reference, -1 for none.
    """

    field: search.Field
    label: Labels
    grid: search.Grid
    level: int


def reach_of(atlas: Atlas) -> int:
    """The longest side of any page, in pixels."""
    return int(max(atlas.height.max(), atlas.width.max()))


def make_query(
    material: Material,
    canvas: FloatImage,
    grid: search.Grid,
    label: Labels,
    level: int,
    progress: float,
) -> search.Query:
    """What is sought for on a canvas at a moment, with the guides as they are then."""
    guide = material.guide.at(level, progress, material.shape(level))
    return search.Query(
        search.pad_canvas(canvas),
        search.pad_canvas(guide.channels),
        grid_samples(guide.weight, grid),
        grid_samples(material.slack(level), grid),
        label,
        material.free_mean,
    )


def cast(material: Material, first_level: int, control: Control) -> Casting:
    """Try every reference on the whole frame, under its own tint, at a coarse scale."""
    level = max(first_level, min(2, material.levels))
    shape = material.shape(level)
    grid = search.make_grid(*shape, (0, 0))
    seed, atlas = material.request.seed, material.atlases[level]
    known = material.source is not None
    fields, costs = [], []
    for r, i in enumerate(material.surfaced):
        canvas = np.zeros((*shape, 3), np.float32)
        if known:
            canvas = material.recoloured(
                level, [float(k == i) for k in range(len(material.styles))]
            )
        amount = np.full(shape, 0.04 if known else 0.2, np.float32)
        add_noise(canvas, amount, step_key(seed, 0, _CAST))
        label = np.full((grid.rows, grid.columns), r, np.int16)
        found = np.empty((grid.rows, grid.columns, 3), np.int32)
        key = step_key(seed, r, _START)
        search.random_field(label, atlas.start, atlas.height, atlas.width, key, found)
        control.check()
        found, cost, _ = search.refine(
            make_query(material, canvas, grid, label, level, 0.0), atlas, grid, found,
            soft=False, sweeps=_FIRST_SWEEPS, coherence=COHERENCE, radius=reach_of(atlas), key=key,
            check=control.check,
        )  # fmt: skip
        fields.append(found)
        costs.append(cost)
    cost = smooth_cost(np.stack(costs), step_key(seed, 1, _CAST))
    return Casting(cost, tuple(fields), grid, level)


def next_marks(material: Material, casting: Casting, marks: Marks | None, step: Step) -> Marks:
    """Move the correspondence to a step's grid and scale, and give out the areas anew.

    The grid lies elsewhere at every step, so that no seam stays in one place. Patches that change
    their reference begin with what it found when it was cast.
    """
    atlas = material.atlases[step.level]
    offset = step_key(material.request.seed, step.number, _GRID)
    grid = search.make_grid(*material.shape(step.level), (offset & 3, (offset >> 2) & 3))
    label = _labels(material, casting, step, grid)
    field = np.zeros((grid.rows, grid.columns, 3), np.int32)
    fresh = np.ones(label.shape, bool)
    if marks is not None:
        factor = 2.0 ** (marks.level - step.level)
        field = search.carry_field(marks.field, marks.grid, factor, grid, atlas)
        fresh = field[..., 0] // 2 != label
    for r, home in enumerate(casting.fields):
        needed = fresh & (label == r)
        if needed.any():
            factor = 2.0 ** (casting.level - step.level)
            field[needed] = search.carry_field(home, casting.grid, factor, grid, atlas)[needed]
    field[label < 0] = 0
    return Marks(field, label, grid, step.level)


def _labels(material: Material, casting: Casting, step: Step, grid: search.Grid) -> Labels:
    def weights(level: int, on: search.Grid) -> FloatImage:
        shape = material.shape(level)
        maps = (material.surface_weight(i, step, level) for i in material.surfaced)
        return np.stack([grid_samples(np.broadcast_to(m, shape), on) for m in maps])

    here = weights(step.level, grid)
    if len(here) == 1:
        return np.where(here[0] > 0, 0, -1).astype(np.int16)
    return assign(casting, weights(casting.level, casting.grid), here, grid, step.level)


def pixel_members(material: Material, marks: Marks | None, level: int) -> list[FloatImage] | None:
    """Soft share of every pixel in each reference; None while none or only one speaks."""
    count = len(material.surfaced)
    if marks is None or count < 2:
        return None
    height, width = material.shape(level)
    scale = 2.0 ** (level - marks.level)
    rows = ((np.arange(height) + 0.5) * scale - 4 + marks.grid.top) / search.STRIDE
    columns = ((np.arange(width) + 0.5) * scale - 4 + marks.grid.left) / search.STRIDE
    return [_bilinear(m, rows, columns) for m in memberships(marks.label, count)]


def _bilinear(grid: FloatImage, rows: np.ndarray, columns: np.ndarray) -> FloatImage:
    """Sample a small map at given rows and columns."""
    i = np.clip(rows, 0, grid.shape[0] - 1.001)
    j = np.clip(columns, 0, grid.shape[1] - 1.001)
    i0, j0 = i.astype(int), j.astype(int)
    fi = (i - i0).astype(np.float32)[:, None]
    fj = (j - j0).astype(np.float32)[None, :]
    top = grid[np.ix_(i0, j0)] * (1 - fj) + grid[np.ix_(i0, j0 + 1)] * fj
    bottom = grid[np.ix_(i0 + 1, j0)] * (1 - fj) + grid[np.ix_(i0 + 1, j0 + 1)] * fj
    return np.asarray(top * (1 - fi) + bottom * fi, np.float32)
