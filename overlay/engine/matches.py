"""The correspondence of a run: cast at a coarse scale, then carried from step to step."""

from dataclasses import dataclass

import numpy as np

from overlay.engine.control import Control
from overlay.engine.library import Library
from overlay.engine.matching import search
from overlay.engine.matching.atlas import Atlas
from overlay.engine.matching.field import (
    STRIDE,
    Field,
    Grid,
    carry_field,
    grid_samples,
    make_grid,
    pad_canvas,
    random_field,
    sparse_samples,
)
from overlay.engine.material import Material
from overlay.engine.shares import Casting, Labels, assign, memberships, smooth_cost
from overlay.engine.steps.schedule import Step
from overlay.imaging.colour import FloatImage
from overlay.imaging.noise import add_noise

COHERENCE = (1.3, 1.0)
_FIRST_SWEEPS = 8
_GRID, _CAST, _START = 10, 11, 12  # purposes of random numbers


@dataclass
class Matches:
    """Which reference, and which place in it, every patch of the canvas takes.

    Attributes
    ----------
    field : (rows, columns, 3) page, y, x.
    label : (rows, columns) int16, the group of pages a patch may take from, -1 for none.
    owner : (rows, columns) int16, the reference it was taken from, -1 for none.
    group : what was sought in, None for all references that share the picture.
    """

    field: Field
    label: Labels
    owner: Labels
    grid: Grid
    level: int
    group: int | None = None


def reach_of(atlas: Atlas) -> int:
    """The longest side of any page, in pixels."""
    return int(max(atlas.height.max(), atlas.width.max()))


def make_query(
    material: Material, padded: FloatImage, grid: Grid, label: Labels, step: Step
) -> search.Query:
    """What is sought for on a padded canvas, with guides and charges as they are at a moment."""
    level = step.level
    guide = material.guide.at(level, step.progress, material.shape(level))
    return search.Query(
        padded,
        guide.channels,
        sparse_samples(guide.weight, grid),
        material.slack(level, grid) * (1 - sparse_samples(guide.near, grid)),
        label,
        material.free_mean,
        material.charges(step, level, grid),
    )


def cast(material: Material, library: Library, first: Step, control: Control) -> Casting:
    """Try every reference on the whole frame, under its own tint, at a coarse scale."""
    level = max(first.level, min(2, material.levels))
    shape = material.shape(level)
    grid = make_grid(*shape, (0, 0))
    chance, atlas = material.chance, library.at(level)
    amount = np.full(shape, 0.2 if material.source is None else 0.04, np.float32)
    start = Step(first.number, 0.0, level, 0.0, 0.0)
    fields, costs = [], []
    for r, i in enumerate(material.surfaced):
        own = [float(k == i) for k in range(len(material.styles))]
        blank = np.zeros((*shape, 3), np.float32)
        canvas = material.ground.at(level, own, canvas=blank)
        add_noise(canvas, amount, chance.first_key(0, _CAST))
        label = np.full((grid.rows, grid.columns), r, np.int16)
        key = chance.first_key(r, _START)
        control.check()
        found, cost, _ = search.refine(
            make_query(material, pad_canvas(canvas), grid, label, start), atlas, grid,
            random_field(label, atlas, key), soft=False, sweeps=_FIRST_SWEEPS,
            coherence=COHERENCE, radius=reach_of(atlas), key=key, check=control.check,
        )  # fmt: skip
        fields.append(found)
        costs.append(cost)
    cost = smooth_cost(np.stack(costs), chance.first_key(1, _CAST))
    return Casting(cost, tuple(fields), grid, level)


def next_matches(
    material: Material,
    atlas: Atlas,
    casting: Casting,
    matches: Matches | None,
    step: Step,
    *,
    group: int | None = None,
    shift: tuple[int, int] = (0, 0),
) -> Matches:
    """Move the correspondence to a step's grid and scale, and give out the areas anew.

    The grid lies elsewhere at every step, so that no seam stays in one place. Patches that change
    their reference begin with what it found when it was cast.

    Parameters
    ----------
    group : one reference, or the atlas's `all_group`, for all patches; None lets references share.
    shift : pixels down and to the right by which the grid lies elsewhere.
    """
    offset = material.chance.key(step, _GRID)
    lies = ((offset & 3) + shift[0]) & 3, ((offset >> 2 & 3) + shift[1]) & 3
    grid = make_grid(*material.shape(step.level), lies)
    label = _labels(material, casting, step, grid)
    homes = label
    if group is not None:
        if group < len(casting.fields):
            homes = np.full_like(label, group)
        label = np.where(label < 0, -1, group).astype(np.int16)
    field = np.zeros((grid.rows, grid.columns, 3), np.int32)
    fresh = np.ones(label.shape, bool)
    if matches is not None:
        factor = 2.0 ** (matches.level - step.level)
        field = carry_field(matches.field, matches.grid, factor, grid, atlas)
        if group is None:
            fresh = atlas.owner[field[..., 0]] != label
        else:
            fresh[:] = False
    for r, home in enumerate(casting.fields):
        needed = fresh & (homes == r)
        if needed.any():
            factor = 2.0 ** (casting.level - step.level)
            field[needed] = carry_field(home, casting.grid, factor, grid, atlas)[needed]
    field[label < 0] = 0
    return Matches(field, label, label, grid, step.level, group)


def _labels(material: Material, casting: Casting, step: Step, grid: Grid) -> Labels:
    def weights(level: int, on: Grid) -> FloatImage:
        shape = material.shape(level)
        maps = (material.surface_weight(i, step, level) for i in material.surfaced)
        return np.stack([grid_samples(np.broadcast_to(m, shape), on) for m in maps])

    here = weights(step.level, grid)
    if len(here) == 1:
        return np.where(here[0] > 0, 0, -1).astype(np.int16)
    return assign(casting, weights(casting.level, casting.grid), here, grid, step.level)


class Owners:
    """Which reference decides where, as soft shares of every pixel, made when they are asked for.

    Attributes
    ----------
    styles : the places of those that give marks.
    """

    def __init__(self, material: Material, owner: Labels, grid: Grid, level: int) -> None:
        self.styles = tuple(material.surfaced)
        self._material, self._grid, self._level = material, grid, level
        self._soft = memberships(owner, len(self.styles))

    def of(self, style: int, level: int) -> FloatImage:
        """A style's share at a scale: (h, w) float32 in 0..1."""
        height, width = self._material.shape(level)
        scale = 2.0 ** (level - self._level)
        rows = ((np.arange(height) + 0.5) * scale - 4 + self._grid.top) / STRIDE
        columns = ((np.arange(width) + 0.5) * scale - 4 + self._grid.left) / STRIDE
        return _bilinear(self._soft[self.styles.index(style)], rows, columns)


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
