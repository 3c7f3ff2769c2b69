"""The rows of an edition: what each lays over the recipe, checked, and the recipe that makes."""

import difflib
from collections.abc import Mapping
from typing import Any

from overlay.document.editing import opened, recipe_data
from overlay.document.part import shown
from overlay.document.reading import make_recipe
from overlay.document.recipe import Recipe
from overlay.document.sets.editions import Edition
from overlay.document.sets.even import Even
from overlay.document.text.json_text import RecipeError
from overlay.studio.editions.naming import names_in
from overlay.studio.making.words_scene import strength_of
from overlay.studio.sheets.axes import check
from overlay.studio.sheets.cells import lay
from overlay.studio.sheets.settings import find_setting, settings_of
from overlay.words.language.writing import blanks_of, filled, phrases_of

_NEAR = 3  # keys that are offered for one that is not known


def blanks(recipe: Recipe) -> list[str]:
    """The names of a recipe's blanks, in its words and in what its regions pick."""
    texts = [recipe.prompt, recipe.avoid, *(r.pick or "" for r in recipe.regions.values())]
    return list(dict.fromkeys(name for text in texts for name in blanks_of(text)))


def blanks_in(edition: Edition) -> list[str]:
    """Blanks of the recipe, and of prompts that rows have of their own."""
    found = dict.fromkeys(blanks(edition.recipe))
    for axis in edition.cross:
        if axis.key in ("prompt", "avoid"):
            found |= {name: None for value in axis.values for name in blanks_of(str(value))}
    for row in edition.rows:
        for key in ("prompt", "avoid"):
            found |= dict.fromkeys(blanks_of(str(row.get(key, ""))))
    return list(found)


def column_key(recipe: Recipe, key: str) -> str:
    """A column as settings are called: a cue by its name, where it was given by its place."""
    setting = find_setting(recipe, key)
    return key if setting is None else setting.key


def check_edition(edition: Edition, where: str) -> None:
    """Refuse what no row could be made of: unknown columns, values out of range, empty blanks.

    Raises
    ------
    RecipeError
        In one line, begun with `where`, that names row and column.
    """
    if not edition.count:
        raise RecipeError(f"{where}: rows: must be at least one, got none")
    named = blanks_in(edition)
    settings = {key: find_setting(edition.recipe, key) for key in edition.columns}
    known = {key for key, setting in settings.items() if setting is not None}
    clash = next((name for name in named if find_setting(edition.recipe, name)), None)
    if clash is not None:
        raise RecipeError(f"{where}: recipe: a blank may not be called as a setting, got ${clash}")
    free = set(names_in(edition.name)) | set(named)
    for key in edition.columns:
        if key not in known and key not in free:
            raise RecipeError(f"{where}: {_unknown(key, edition, named)}")
    for axis in edition.cross:
        for value in axis.values:
            _check_value(axis.key, value, settings, f"{where}: cross")
    for number, row in enumerate(edition.rows, 1):
        _check_row(edition, row, settings, f"{where}: rows.{number}")


def _check_row(
    edition: Edition, row: Mapping[str, Any], settings: Mapping[str, Any], where: str
) -> None:
    if not row:
        raise RecipeError(f"{where}: must have a column, got none")
    for key, value in row.items():
        _check_value(key, value, settings, where)
    crossed = {axis.key for axis in edition.cross}
    for name in _wanted(edition, row):
        if name not in row and name not in crossed:
            raise RecipeError(f"{where}: ${name} must be given, got nothing")


def _wanted(edition: Edition, row: Mapping[str, Any]) -> list[str]:
    """The blanks that a row must fill."""
    if "prompt" in row or "avoid" in row:
        changed = {key: str(row[key]) for key in ("prompt", "avoid") if key in row}
        return blanks(edition.recipe.model_copy(update=changed))
    return blanks(edition.recipe)


def _check_value(key: str, value: Any, settings: Mapping[str, Any], where: str) -> None:
    setting = settings[key]
    if setting is not None:
        check(value, setting, where)
    elif not isinstance(value, str | int | float) or isinstance(value, bool):
        raise RecipeError(f"{where}: {key}: must be words, got {shown(value)}")
    elif len(phrases_of(str(value))) != 1 or "$" in str(value):
        raise RecipeError(f"{where}: {key}: must be one phrase, got {shown(value)}")


def _unknown(key: str, edition: Edition, named: list[str]) -> str:
    keys = [*named, *(setting.key for setting in settings_of(edition.recipe))]
    near = difflib.get_close_matches(key, keys, _NEAR, 0.4) or keys[:_NEAR]
    return (
        f"rows: a column must name a setting, a $blank of the recipe or one in name "
        f"({', '.join(near)}, …), got {shown(key)}"
    )


def row_recipe(edition: Edition, index: int) -> Recipe:
    """The recipe of one picture, with what it shares with its set.

    Raises
    ------
    RecipeError
        In one line, for values that do not go together.
    """
    recipe, where = edition.recipe, f"row {index + 1}"
    values = edition.values(index)
    settings = {k: v for k, v in values.items() if find_setting(recipe, k) is not None}
    data = recipe_data(recipe)
    for key, value in settings.items():
        lay(data, recipe, key, value)
    fillings = {k: str(v) for k, v in values.items() if k not in settings}
    _fill(data, recipe, fillings, where)
    made = make_recipe(data, where)
    return made.model_copy(update={"even": _even(edition, made)})


def _fill(data: dict[str, Any], recipe: Recipe, fillings: Mapping[str, str], where: str) -> None:
    """Words in place of blanks, in prompt, avoided words and picks alike."""
    try:
        for key in ("prompt", "avoid"):
            if blanks_of(str(data.get(key, ""))):
                data[key] = filled(data[key], fillings)
        for name, region in recipe.regions.items():
            if blanks_of(region.pick or ""):
                opened(data["regions"], name)["pick"] = filled(region.pick or "", fillings)
    except ValueError as error:
        raise RecipeError(f"{where}: {error}") from error


def _even(edition: Edition, made: Recipe) -> Even | None:
    """What a row shares with its set; nothing where the run starts from noise."""
    if edition.colours is None or not edition.even:
        return None
    if made.source is None and not strength_of(made):
        return None
    return Even(amount=edition.even, colours=edition.colours)
