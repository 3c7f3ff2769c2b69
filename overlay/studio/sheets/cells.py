"""The cells of a sheet: one recipe each, which differs from the others in what is varied alone."""

from dataclasses import dataclass
from typing import Any

import numpy as np

from overlay.document.editing import opened, recipe_data
from overlay.document.guide_options import GUIDE_OPTIONS
from overlay.document.keys import lay_value, value_at
from overlay.document.reading import make_recipe
from overlay.document.recipe import SMALLEST_SIDE, Recipe
from overlay.document.sets.sheets import WITHOUT, Axis, ProofSheet
from overlay.document.text.json_text import RecipeError
from overlay.imaging.intake import PictureError
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.canvas import proof_size


@dataclass(frozen=True)
class Cell:
    """One place of a sheet.

    Attributes
    ----------
    row, column : from 0. recipe : at its size, or None where there can be none. fault : why not.
    """

    row: int
    column: int
    recipe: Recipe | None
    fault: str = ""


def make_cells(sheet: ProofSheet, store: PictureStore) -> list[Cell]:
    """All cells, row by row; reads pictures for their sizes. Work for a worker thread."""
    cells = []
    for row in range(sheet.rows):
        for column in range(sheet.columns):
            try:
                recipe = cell_recipe(sheet, row, column)
                cells.append(Cell(row, column, at_size(recipe, sheet.pixels, store)))
            except (RecipeError, PictureError) as error:
                cells.append(Cell(row, column, None, str(error)))
    return cells


def cell_recipe(sheet: ProofSheet, row: int, column: int) -> Recipe:
    """The recipe of one place, at the size that the sheet's recipe says."""
    return varied(sheet.recipe, chosen_values(sheet, row, column))


def chosen_values(sheet: ProofSheet, row: int, column: int) -> list[tuple[Axis, Any]]:
    """What is varied, with the values of one place."""
    chosen = [(sheet.across, sheet.across.values[column])]
    if sheet.down is not None:
        chosen.append((sheet.down, sheet.down.values[row]))
    return chosen


def varied(recipe: Recipe, chosen: list[tuple[Axis, Any]]) -> Recipe:
    """A recipe with values in place of its own; raises `RecipeError` where they do not go."""
    data = recipe_data(recipe)
    for axis, value in chosen:
        lay(data, recipe, axis.key, value)
    return make_recipe(data, "cell")


def lay(data: dict[str, Any], recipe: Recipe, key: str, value: Any) -> None:
    """Lay a value over data from `recipe_data`, and what goes with it, as a guide's options."""
    if key == WITHOUT:
        if value is not None:
            opened(data["cues"], _place(recipe, str(value)))["muted"] = True
        return
    if isinstance(value, tuple):
        value = list(value)
    lay_value(data, key, value, where=key)
    path, _, last = key.rpartition(".")
    if not path.startswith("cues."):
        return
    cue = opened(data["cues"], _place(recipe, path.split(".")[1]))
    if last == "guide":
        known = GUIDE_OPTIONS.get(str(value), GUIDE_OPTIONS["edges"]).model_fields
        cue["options"] = {k: v for k, v in cue.get("options", {}).items() if k in known}
    if last == "reference" and value != value_at(recipe, key):
        # What was left out of one picture says nothing of another.
        cue.pop("take", None)
        cue.pop("keep_out", None)


def _place(recipe: Recipe, name: str) -> int:
    """Where a cue stands, by its name or its place."""
    names = [cue.name for cue in recipe.cues]
    if name in names:
        return names.index(name)
    if name.isascii() and name.isdigit() and int(name) < len(names):
        return int(name)
    raise RecipeError(f"cues: must name one of {', '.join(names) or 'none'}, got {name!r}")


def at_size(recipe: Recipe, pixels: int | None, store: PictureStore) -> Recipe:
    """A recipe at no more than so many pixels, its proportions kept."""
    if pixels is None:
        return recipe
    source = None if recipe.source is None or recipe.size else store.picture(recipe.source)
    width, height = proof_size(recipe, source)
    if width * height <= pixels:
        return recipe
    scale = float(np.sqrt(pixels / (width * height)))
    sides = [max(SMALLEST_SIDE, round(side * scale / 8) * 8) for side in (width, height)]
    return make_recipe(recipe_data(recipe) | {"size": sides}, "cell")


def spread_order(rows: int, columns: int) -> list[tuple[int, int]]:
    """Places in an order in which each is as far as can be from those before it."""
    places = np.array([(r, c) for r in range(rows) for c in range(columns)], float)
    size = np.maximum([rows - 1, columns - 1], 1)
    places = places / size
    nearest = np.full(len(places), np.inf)
    order, index = [], 0
    for _ in range(len(places)):
        order.append(index)
        nearest = np.minimum(nearest, ((places - places[index]) ** 2).sum(axis=1))
        nearest[index] = -1
        index = int(np.argmax(nearest))
    return [divmod(i, columns) for i in order]
