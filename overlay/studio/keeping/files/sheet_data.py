"""Proof sheets as plain data, for the files that keep them, and the files that they name."""

import json
from collections.abc import Callable, Iterable
from typing import Any

from overlay.document.project_file import make_sheet
from overlay.document.reading import recipe_json
from overlay.document.sets.sheets import ProofSheet
from overlay.studio.inputs.paths import change_path, change_paths, names_file
from overlay.studio.keeping.unreadable import UNREADABLE


def plain_sheets(sheets: Iterable[ProofSheet]) -> list[dict[str, Any]]:
    """Sheets as JSON holds them."""
    plain = []
    for sheet in sheets:
        data = sheet.model_dump(mode="json", exclude={"recipe"}, exclude_defaults=True)
        plain.append(data | {"recipe": json.loads(recipe_json(sheet.recipe))})
    return plain


def made_sheets(plain: Any) -> tuple[ProofSheet, ...]:
    """The sheets that `plain_sheets` wrote; one that is damaged counts as not there."""
    made = []
    for data in plain if isinstance(plain, list) else []:
        try:
            made.append(make_sheet(data, "sheet"))
        except UNREADABLE:
            continue
    return tuple(made)


def change_sheet_paths(sheet: ProofSheet, change: Callable[[str], str]) -> ProofSheet:
    """A sheet with every path of a file replaced, in its recipe and among its values."""
    axes = {}
    for name in ("across", "down"):
        axis = getattr(sheet, name)
        if axis is not None and names_file(axis.key):
            values = tuple(
                change_path(value, change) if isinstance(value, str) else value
                for value in axis.values
            )
            axes[name] = axis.model_copy(update={"values": values})
    return sheet.model_copy(update=axes | {"recipe": change_paths(sheet.recipe, change)})


def sheet_paths(sheets: Iterable[ProofSheet]) -> list[str]:
    """Every file that sheets name, each once."""
    found: dict[str, None] = {}

    def note(path: str) -> str:
        found[path] = None
        return path

    for sheet in sheets:
        change_sheet_paths(sheet, note)
    return list(found)
