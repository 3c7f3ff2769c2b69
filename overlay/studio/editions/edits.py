"""What a hand does to an edition: values, rows, columns, crossing. Each gives a new edition.

Places are those of its pictures, from 0. Where columns are crossed a picture has no row of its own;
an edit of one writes the crossing out first.
"""

import random
from collections.abc import Collection, Sequence
from typing import Any

from pydantic import ValidationError

from overlay.document.part import tuples
from overlay.document.reading import first_fault
from overlay.document.sets.editions import Edition
from overlay.document.sets.sheets import Axis
from overlay.document.text.json_text import RecipeError
from overlay.studio.editions.rows import blanks, column_key
from overlay.studio.sheets.axes import check
from overlay.studio.sheets.settings import find_setting

Values = dict[str, Any]


def all_columns(edition: Edition) -> list[str]:
    """The columns there are, and blanks of the recipe that no row fills yet."""
    return list(dict.fromkeys([*blanks(edition.recipe), *edition.columns]))


def own_columns(edition: Edition) -> list[str]:
    """Columns that most rows lack: what some have of their own."""
    rows = edition.rows
    having = {key: sum(key in row for row in rows) for key in edition.columns}
    crossed_keys = {axis.key for axis in edition.cross}
    return [k for k, n in having.items() if 2 * n <= len(rows) and k not in crossed_keys]


def with_value(edition: Edition, place: int, key: str, value: Any) -> Edition:
    """A picture with another value, or with the recipe's own for None where that is no value.

    Raises `RecipeError` for a value that is none of its setting.
    """
    key = column_key(edition.recipe, key)
    setting = find_setting(edition.recipe, key)
    if setting is not None:
        value = check(value, setting, f"row {place + 1}")
    elif not str(value).strip():
        raise RecipeError(f"row {place + 1}: {key}: must be words, got nothing")
    rows = [dict(row) for row in edition.written_out().rows]
    rows[place][key] = value
    return _made(edition, rows=rows, cross=())


def without_value(edition: Edition, places: Collection[int], key: str) -> Edition:
    """Pictures with the recipe's own value again; one that says nothing else stays as it was."""
    rows = [dict(row) for row in edition.written_out().rows]
    for place in places:
        if len(rows[place]) > 1:
            rows[place].pop(key, None)
    return _made(edition, rows=rows, cross=())


def as_the_others(edition: Edition, places: Collection[int]) -> Edition:
    """Pictures without what they have of their own beside the others."""
    for key in own_columns(edition):
        edition = without_value(edition, places, key)
    return edition


def with_rows(edition: Edition, rows: Sequence[Values]) -> Edition:
    """More rows, after those there are."""
    return _made(edition, rows=[*map(dict, edition.rows), *rows])


def without_pictures(edition: Edition, places: Collection[int]) -> Edition:
    """Without some of its pictures."""
    rows = [dict(r) for i, r in enumerate(edition.written_out().rows) if i not in places]
    return _made(edition, rows=rows, cross=())


def with_column(edition: Edition, key: str, values: Sequence[Any]) -> Edition:
    """A column's values laid to the rows one after another; more values make more rows."""
    key = column_key(edition.recipe, key)
    rows = [dict(row) for row in edition.written_out().rows]
    empty = [row for row in rows if key not in row]
    for row, value in zip(empty, values, strict=False):
        row[key] = value
    rows += [{key: value} for value in values[len(empty) :]]
    return _made(edition, rows=rows, cross=())


def without_column(edition: Edition, key: str) -> Edition:
    """Without a column; rows that say nothing else go."""
    rows = [{k: v for k, v in row.items() if k != key} for row in edition.rows]
    cross = tuple(axis for axis in edition.cross if axis.key != key)
    return _made(edition, rows=[row for row in rows if row], cross=cross)


def crossed(edition: Edition, key: str) -> Edition:
    """Every value of a column with every row: rows that differ in nothing else become one."""
    values = list(dict.fromkeys(row[key] for row in edition.rows if key in row))
    if len(values) < 2:
        raise RecipeError(f"{key}: must have two values at least to be crossed, got {len(values)}")
    rows: list[Values] = []
    for row in edition.rows:
        rest = {k: v for k, v in row.items() if k != key}
        if rest and rest not in rows:
            rows.append(rest)
    axis = Axis(key=key, values=tuple(values))
    return _made(edition, rows=rows, cross=(*edition.cross, axis))


def reseeded(edition: Edition, places: Collection[int]) -> Edition:
    """Some pictures with another seed of their own each."""
    rows = [dict(row) for row in edition.written_out().rows]
    for place in places:
        rows[place]["seed"] = random.randrange(1, 100_000)
    return _made(edition, rows=rows, cross=())


def _made(edition: Edition, **changes: Any) -> Edition:
    """The edition with changes, validated; raises `RecipeError`."""
    data = {key: getattr(edition, key) for key in Edition.model_fields} | changes
    data["rows"] = tuple(tuples(list(data["rows"])))
    try:
        return Edition.model_validate(data)
    except ValidationError as error:
        raise RecipeError(first_fault(error)) from error
