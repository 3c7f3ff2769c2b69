"""What is found for a whole edition: the colours of all its sources."""

from collections.abc import Iterator

import numpy as np

from overlay.document.recipe import Recipe
from overlay.document.sets.editions import Edition
from overlay.document.text.json_text import RecipeError
from overlay.document.text.packed import pack_colours
from overlay.engine.control import Control
from overlay.imaging.colour import ByteImage
from overlay.imaging.intake import PictureError
from overlay.studio.editions.rows import row_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.laying import lay_canvas
from overlay.studio.sheets.cells import at_size

_COLOURS = 2048  # of the set; tints differ by less than a level from those of eight times as many
_LOOKED_AT = 64  # sources at most, spread over the rows
_PIXELS = 65_536  # that each is looked at with


def find_colours(edition: Edition, store: PictureStore, control: Control) -> str | None:
    """The colours of an edition's sources in equal parts, packed; None where no row has one.

    A source that many rows have counts once. Rows that cannot be are passed over: they will say
    why when they are pulled. Reads pictures and draws words; for a worker thread.
    """
    recipes = _of_different_sources(edition)
    if len(recipes) > _LOOKED_AT:
        places = np.linspace(0, len(recipes) - 1, _LOOKED_AT).round().astype(int)
        recipes = [recipes[i] for i in places]
    pictures = []
    for i, recipe in enumerate(recipes):
        control.step(i / len(recipes), "finding the colours of the set")
        try:
            picture = lay_canvas(at_size(recipe, _PIXELS, store), store).picture
        except (RecipeError, PictureError):
            continue
        if picture is not None:
            pictures.append(picture)
    return pack_colours(_in_equal_parts(pictures)) if pictures else None


def _of_different_sources(edition: Edition) -> list[Recipe]:
    found: dict[tuple[object, ...], Recipe] = {}
    for recipe in _recipes(edition):
        drawn = (recipe.prompt, recipe.avoid, recipe.guidance, recipe.words)
        key = (recipe.source, recipe.size, *drawn, recipe.seed if recipe.prompt else 0)
        found.setdefault(key, recipe)
    return list(found.values())


def _recipes(edition: Edition) -> Iterator[Recipe]:
    plain = edition.model_copy(update={"colours": None})
    for index in range(edition.count):
        try:
            yield row_recipe(plain, index)
        except RecipeError:
            continue


def _in_equal_parts(pictures: list[ByteImage]) -> ByteImage:
    """Colours from all over each picture, (n, 3) uint8, in an order of their own."""
    each = max(_COLOURS // len(pictures), 16)
    picks = []
    for picture in pictures:
        flat = picture.reshape(-1, 3)
        places = np.floor((np.arange(each) + 0.5) * len(flat) / each).astype(np.int64)
        # A prime step keeps the picks from lining up in columns, as in `palette.sample_colours`.
        picks.append(flat[(places * 7919) % len(flat)])
    colours = np.concatenate(picks)
    return np.ascontiguousarray(colours[np.lexsort(colours.T)])
