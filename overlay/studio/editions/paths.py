"""The files that an edition names: in its recipe, and among the values of its rows."""

import os
from collections.abc import Callable, Iterable
from pathlib import Path
from typing import Any

from overlay.document.editions import Edition
from overlay.document.recipe import Recipe
from overlay.studio.inputs.paths import change_path, change_paths
from overlay.studio.sheets.axes import placed
from overlay.studio.sheets.settings import find_setting


def located(recipe: Recipe, key: str, value: Any, folder: Path) -> Any:
    """A row's value, with a picture's path made absolute."""
    return placed(value, folder) if names_file(recipe, key) else value


def names_file(recipe: Recipe, key: str) -> bool:
    """Whether the values of a column are files."""
    setting = find_setting(recipe, key)
    return setting is not None and setting.kind == "picture"


def change_edition_paths(edition: Edition, change: Callable[[str], str]) -> Edition:
    """An edition with every path of a file replaced, in its recipe and among its values."""
    files = {key for key in edition.columns if names_file(edition.recipe, key)}

    def other(key: str, value: Any) -> Any:
        return change_path(value, change) if key in files and isinstance(value, str) else value

    rows = tuple({k: other(k, v) for k, v in row.items()} for row in edition.rows)
    cross = tuple(
        axis.model_copy(update={"values": tuple(other(axis.key, v) for v in axis.values)})
        for axis in edition.cross
    )
    recipe = change_paths(edition.recipe, change)
    return edition.model_copy(update={"rows": rows, "cross": cross, "recipe": recipe})


def edition_in(edition: Edition, folder: Path) -> Edition:
    """An edition whose paths lead from a folder, for a file there."""
    return change_edition_paths(edition, lambda path: os.path.relpath(path, folder.absolute()))


def edition_paths(editions: Iterable[Edition]) -> list[str]:
    """Every file that editions name, each once."""
    found: dict[str, None] = {}

    def note(path: str) -> str:
        found[path] = None
        return path

    for edition in editions:
        change_edition_paths(edition, note)
    return list(found)
