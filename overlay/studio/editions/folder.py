"""An edition's pictures in a folder: what is there already, and what is written."""

from pathlib import Path

from overlay.document.reading import read_recipe, recipe_json
from overlay.document.recipe import Recipe
from overlay.document.sets.editions import Edition
from overlay.document.text.json_text import RecipeError
from overlay.imaging.files import read_picture, read_text_chunk, write_picture
from overlay.imaging.intake import PictureError
from overlay.imaging.whole_files import write_bytes
from overlay.studio.editions.figures import row_traits
from overlay.studio.editions.job import Row
from overlay.studio.editions.reading import edition_text, read_edition
from overlay.studio.editions.tasks import Pulled
from overlay.studio.inputs.paths import absolute_recipe, relative_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.engines import engine_mark
from overlay.studio.making.hashing import hash_recipe
from overlay.studio.making.laying import lay_canvas

EDITION = "edition.json"


class EditionFolder:
    """A folder that an edition's rows are written to, each whole, with its recipe inside."""

    def __init__(self, folder: Path, store: PictureStore) -> None:
        self.folder, self._store = folder, store

    def file(self, row: Row) -> Path:
        """Where a row's picture lies."""
        return self.folder / f"{row.name}.png"

    def known_colours(self) -> str | None:
        """The colours of the set that were found for what lies here, if anything does."""
        path = self.folder / EDITION
        if not path.is_file():
            return None
        try:
            return read_edition(path).colours
        except (RecipeError, PictureError):
            return None

    def find(self, row: Row) -> Pulled | None:
        """A row that lies here as its recipe says; None where it must be pulled.

        Only a picture that carries the very recipe counts, so that a changed one is pulled anew.
        """
        path = self.file(row)
        if row.recipe is None or not path.is_file():
            return None
        try:
            there = absolute_recipe(read_recipe(path), self.folder)
            wanted = hash_recipe(row.recipe)
            if hash_recipe(there) != wanted or not _of_this_engine(path, row.recipe):
                return None
            picture = read_picture(path)
            traits = row_traits(picture, lay_canvas(row.recipe, self._store).picture)
        except (ValueError, OSError):
            return None
        return Pulled(row.index, picture, wanted, traits=traits)

    def write(self, row: Row, done: Pulled) -> None:
        """Write a row's picture; raises `PictureError`."""
        assert row.recipe is not None and done.picture is not None
        self.folder.mkdir(parents=True, exist_ok=True)
        text = recipe_json(relative_recipe(row.recipe, self.folder))
        write_picture(self.file(row), done.picture, recipe=text, engine=done.engine or None)

    def write_edition(self, edition: Edition) -> None:
        """Write the edition itself, with the colours that were found, beside its pictures."""
        self.folder.mkdir(parents=True, exist_ok=True)
        write_bytes(self.folder / EDITION, edition_text(edition, self.folder).encode())


def _of_this_engine(path: Path, recipe: Recipe) -> bool:
    return read_text_chunk(path, "overlay:engine") == engine_mark(recipe.engine)
