"""The files that an edition names: in its recipe, and among the values of its rows."""

import os
from collections.abc import Callable, Iterable
from pathlib import Path
from typing import Any

from overlay.document.sets.editions import Edition
from overlay.studio.inputs.paths import change_path, change_paths, names_file


def located(key: str, value: Any, folder: Path) -> Any:
    """A row's value, with a picture's path made absolute from a folder."""
    return _changed(key, value, lambda path: os.path.normpath(folder.absolute() / path))


def _changed(key: str, value: Any, change: Callable[[str], str]) -> Any:
    return change_path(value, change) if isinstance(value, str) and names_file(key) else value


def change_edition_paths(edition: Edition, change: Callable[[str], str]) -> Edition:
    """An edition with every path of a file replaced, in its recipe and among its values."""
    rows = tuple({k: _changed(k, v, change) for k, v in row.items()} for row in edition.rows)
    cross = tuple(
        axis.model_copy(
            update={"values": tuple(_changed(axis.key, v, change) for v in axis.values)}
        )
        for axis in edition.cross
    )
    recipe = change_paths(edition.recipe, change)
    return edition.model_copy(update={"rows": rows, "cross": tuple(cross), "recipe": recipe})


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
