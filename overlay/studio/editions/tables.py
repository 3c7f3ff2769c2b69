"""Rows of an edition from tables and folders."""

import csv
import re
from collections.abc import Iterator
from pathlib import Path
from typing import Any

from overlay.document.part import shown
from overlay.document.recipe import Recipe
from overlay.document.sets.editions import MOST_COLUMNS, MOST_ROWS
from overlay.document.text.json_text import RecipeError, decode_text
from overlay.imaging.files import WRITABLE
from overlay.imaging.intake import PictureError, read_regular
from overlay.studio.editions.rows import blanks, column_key
from overlay.studio.inputs.edition_paths import located
from overlay.studio.sheets.axes import typed_value
from overlay.studio.sheets.settings import find_setting, settings_of

MOST_BYTES = 16 << 20  # of an edition's file, and of a table
_DELIMITERS = ",;\t"

Row = dict[str, Any]


def read_rows(path: Path, recipe: Recipe) -> list[Row]:
    """Rows from a table (CSV with a head) or a folder, every picture of which becomes a source.

    Raises
    ------
    RecipeError, PictureError
        In one line that names the file, and the line of a table.
    """
    if path.is_dir():
        return [{"source": str(picture)} for picture in pictures_in(path)]
    text = decode_text(read_regular(path, MOST_BYTES), str(path))
    return list(_table(text, path, recipe))


def lines_as_rows(text: str, recipe: Recipe, first: str) -> list[Row]:
    """Rows from lines of text: a table where its first line names columns, else words of one.

    Parameters
    ----------
    first : the column that plain lines go to; empty where there is none.
    """
    lines = [line.strip() for line in text.splitlines() if line.strip()][: MOST_ROWS + 1]
    head = re.split(f"[{_DELIMITERS}]", lines[0]) if lines else []
    known = {name.strip().lstrip("$") for name in head}
    columns = {first, *blanks(recipe)} | {s.key for s in settings_of(recipe)}
    if known and known <= columns:
        return list(_table(text, Path("pasted table"), recipe))
    if not first:
        raise RecipeError("pasted rows: there is no column they could go to; choose one first")
    return [{first: _cell(recipe, first, line, Path())} for line in lines]


def pictures_in(folder: Path) -> list[Path]:
    """The pictures of a folder, by name; numbers in names count as numbers."""
    found = [
        p for p in folder.iterdir() if p.suffix.lower() in WRITABLE and not p.name.startswith(".")
    ]
    if not found:
        raise PictureError(f"{folder}: must hold pictures, got none")
    return sorted((p.absolute() for p in found), key=_by_number)


def _by_number(path: Path) -> list[tuple[int, str]]:
    parts = re.split(r"(\d+)", path.name.casefold())
    return [(int(part), "") if part.isdigit() and part.isascii() else (-1, part) for part in parts]


def _table(text: str, path: Path, recipe: Recipe) -> Iterator[Row]:
    """Lines of a table (RFC 4180) as rows; an empty cell says nothing."""
    first = text.partition("\n")[0]
    delimiter = max(_DELIMITERS, key=first.count)
    reader = csv.reader(text.splitlines(keepends=True), delimiter=delimiter, strict=True)
    try:
        head = [column_key(recipe, name.strip().lstrip("$")) for name in next(reader, [])]
        _check_head(head, path)
        for number, cells in enumerate(reader, 1):
            if not any(cell.strip() for cell in cells):
                continue
            if len(cells) != len(head):
                raise RecipeError(
                    f"{path}:{reader.line_num}: must have {len(head)} columns, got {len(cells)}"
                )
            if number > MOST_ROWS:
                raise RecipeError(f"{path}: rows: may have {MOST_ROWS} entries, got more")
            row = zip(head, cells, strict=True)
            yield {
                key: _cell(recipe, key, cell.strip(), path.parent)
                for key, cell in row
                if cell.strip()
            }
    except csv.Error as error:
        raise RecipeError(
            f"{path}:{reader.line_num}: must be CSV (RFC 4180), got {error}"
        ) from error


def _check_head(head: list[str], path: Path) -> None:
    if not head or not all(head):
        raise RecipeError(f"{path}:1: every column must be named, got {shown(head)}")
    if len(set(head)) < len(head):
        raise RecipeError(f"{path}:1: a column may stand once, got {shown(head)}")
    if len(head) > MOST_COLUMNS:
        raise RecipeError(f"{path}:1: may have {MOST_COLUMNS} columns, got {len(head)}")


def _cell(recipe: Recipe, key: str, text: str, folder: Path) -> Any:
    """A cell's value: words and files as they stand, others as they are typed."""
    setting = find_setting(recipe, key)
    if setting is None or setting.kind in ("words", "picture"):
        return located(key, text, folder)
    return typed_value(text)
