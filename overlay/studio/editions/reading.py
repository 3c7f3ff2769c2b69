"""Editions from files: EDITION.json with its recipe and rows beside it, tables, folders."""

from pathlib import Path
from typing import Any

from pydantic import ValidationError

from overlay.document.part import exactly_one, shown
from overlay.document.reading import first_fault, make_recipe, read_recipe, recipe_json
from overlay.document.recipe import Recipe
from overlay.document.sets.editions import MOST_ROWS, Edition
from overlay.document.text.json_text import RecipeError, json_text, parse_json, read_json
from overlay.studio.editions.naming import check_name
from overlay.studio.editions.rows import check_edition, column_key
from overlay.studio.editions.tables import MOST_BYTES, read_rows
from overlay.studio.inputs.edition_paths import edition_in, located
from overlay.studio.keeping.files.own_words import in_place

_KEYS = ("overlay", "title", "recipe", "rows", "cross", "even", "name", "colours")


def read_edition(path: Path) -> Edition:
    """An edition with absolute paths from a JSON file, its recipe and its rows' table beside it.

    Raises
    ------
    RecipeError, PictureError
        In one line that names the file and the key.
    """
    where, folder = str(path), path.absolute().parent
    data = read_json(path, MOST_BYTES)
    if not isinstance(data, dict):
        raise RecipeError(f"{where}: an edition must be a JSON object, got {shown(data)}")
    unknown = next((key for key in data if key not in _KEYS), None)
    if unknown is not None:
        raise RecipeError(f"{where}: {unknown}: unknown key; allowed are {', '.join(_KEYS)}")
    try:
        exactly_one(data.get("overlay"))
    except ValueError as error:
        raise RecipeError(f"{where}: overlay: {error}") from error
    recipe = _recipe(data.get("recipe"), folder, where)
    made = {key: data[key] for key in ("even", "name", "colours", "title") if key in data}
    made = {"title": path.stem[:80] or "edition"} | made
    made["rows"] = _rows(data.get("rows", []), recipe, folder, where)
    made["cross"] = [
        _axis(one, i, folder, recipe, where) for i, one in enumerate(_list(data, where))
    ]
    return make_edition(made | {"recipe": recipe}, where)


def make_edition(data: dict[str, Any], where: str) -> Edition:
    """An edition that can be pulled, of parts with absolute paths; else `RecipeError`."""
    try:
        edition = Edition.model_validate(data)
    except ValidationError as error:
        raise RecipeError(f"{where}: {first_fault(error)}") from error
    check_edition(edition, where)
    try:
        check_name(edition.name, edition.columns)
    except RecipeError as error:
        raise RecipeError(f"{where}: {error}") from error
    return edition


def edition_text(edition: Edition, folder: Path) -> str:
    """An edition as JSON for a file in a folder, which it names its pictures from."""
    moved = edition_in(edition, folder)
    data = moved.model_dump(mode="json", exclude={"recipe", "cross"}, exclude_defaults=True)
    data["recipe"] = parse_json(recipe_json(moved.recipe), "recipe")
    if moved.cross:
        data["cross"] = [[axis.key, *axis.values] for axis in moved.cross]
    return json_text({"overlay": 1} | {key: data[key] for key in _KEYS if key in data}) + "\n"


def _recipe(found: Any, folder: Path, where: str) -> Recipe:
    if isinstance(found, str) and found:
        path = folder / found
        return in_place(read_recipe(path), path.parent)
    if not isinstance(found, dict):
        raise RecipeError(f"{where}: recipe: must be an object or a file, got {shown(found)}")
    return in_place(make_recipe(found, f"{where}: recipe"), folder)


def _list(data: dict[str, Any], where: str) -> list[Any]:
    cross = data.get("cross", [])
    if not isinstance(cross, list):
        raise RecipeError(f"{where}: cross: must be a list of columns, got {shown(cross)}")
    return cross


def _axis(found: Any, place: int, folder: Path, recipe: Recipe, where: str) -> dict[str, Any]:
    """A crossed column, as `["source", "a.png", "b.png"]`."""
    if not isinstance(found, list) or len(found) < 2 or not isinstance(found[0], str):
        raise RecipeError(
            f"{where}: cross.{place}: must be a column and its values, got {shown(found)}"
        )
    key, *values = found
    key = column_key(recipe, key)
    return {"key": key, "values": [located(key, value, folder) for value in values]}


def _rows(found: Any, recipe: Recipe, folder: Path, where: str) -> list[dict[str, Any]]:
    if isinstance(found, str) and found:
        return read_rows(folder / found, recipe)
    if not isinstance(found, list):
        raise RecipeError(f"{where}: rows: must be a list, a table or a folder, got {shown(found)}")
    if len(found) > MOST_ROWS:
        raise RecipeError(f"{where}: rows: may have {MOST_ROWS} entries, got {len(found)}")
    made = []
    for number, row in enumerate(found, 1):
        if not isinstance(row, dict):
            raise RecipeError(f"{where}: rows.{number}: must be an object, got {shown(row)}")
        made.append({column_key(recipe, k): located(k, v, folder) for k, v in row.items()})
    return made
