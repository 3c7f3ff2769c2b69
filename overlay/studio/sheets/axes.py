"""Axes of a sheet: values as people write them, checked against the setting they are for."""

import json
import os
import re
from pathlib import Path
from typing import Any

from pydantic import ValidationError

from overlay.document.cues import BLANK
from overlay.document.part import shown
from overlay.document.reading import first_fault
from overlay.document.recipe import Recipe
from overlay.document.sets.sheets import MOST_CELLS, Axis
from overlay.document.text.json_text import RecipeError, parse_json
from overlay.studio.making.words_scene import known_reading
from overlay.studio.sheets.settings import Setting, find_setting, settings_of
from overlay.words.language.phrases import LEAD
from overlay.words.language.writing import phrases_of

# Commas part values, but for those within brackets or quotes.
_VALUES = re.compile(r'(?:"(?:[^"\\]|\\.)*"|\[[^\]]*\]|[^,])+')
_RANGE = re.compile(r"([-+.\deE]+):([-+.\deE]+):(\d{1,6})")
_YES = {"yes": True, "no": False, "on": True, "off": False, "none": None}


def read_axis(text: str, recipe: Recipe, where: str, folder: Path | None = None) -> Axis:
    """An axis from `KEY=V,V,…` or `KEY=FROM:TO:COUNT`; values are JSON or words.

    Parameters
    ----------
    folder : where files that are named without one lie.

    Raises
    ------
    RecipeError
        In one line, begun with `where`.
    """
    key, equals, values = text.partition("=")
    if not equals or not key or not values.strip():
        raise RecipeError(f"{where}: must be KEY=VALUE,VALUE or KEY=FROM:TO:COUNT, got {text!r}")
    match = _RANGE.fullmatch(values.strip())
    if match is None:
        read = [typed_value(one.strip()) for one in _VALUES.findall(values)]
    else:
        read = spread(_number(match[1], where), _number(match[2], where), int(match[3]), where)
    setting = find_setting(recipe, key)
    if folder is not None and setting is not None and setting.kind == "picture":
        read = [_placed(one, folder) for one in read]
    return make_axis(key, read, recipe, where)


def _placed(value: Any, folder: Path) -> Any:
    """A file where it lies; `source` of a guide stays the word that it is."""
    if not isinstance(value, str) or value in ("source", BLANK):
        return value
    return os.path.normpath(folder.absolute() / value)


def spread(first: float, last: float, count: int, where: str) -> list[float]:
    """Evenly spaced values from one to another, rounded to what can be told apart."""
    if not 2 <= count <= MOST_CELLS:
        raise RecipeError(f"{where}: must be 2 to {MOST_CELLS} values, got {count}")
    step = (last - first) / (count - 1)
    return [round(first + i * step, 6) for i in range(count)]


def make_axis(key: str, values: list[Any], recipe: Recipe, where: str) -> Axis:
    """An axis whose setting the recipe has and whose values are allowed there; else `RecipeError`.

    A whole number is made of one that is meant as such.
    """
    setting = find_setting(recipe, key)
    if setting is None:
        known = ", ".join(s.key for s in settings_of(recipe)[:12])
        raise RecipeError(f"{where}: must name a setting ({known}, …), got {key!r}")
    try:
        axis = Axis(key=setting.key, values=tuple(check(v, setting, where) for v in values))
    except ValidationError as error:
        raise RecipeError(f"{where}: {first_fault(error)}") from error
    if setting.kind == "words" and recipe.unknown == "refuse":
        for value in axis.values:
            known_reading(recipe.model_copy(update={"prompt": value or ""}), "prompt")
    return axis


def check(value: Any, setting: Setting, where: str) -> Any:
    """A value as the setting takes it; raises `RecipeError` that says what is allowed."""
    lead = f"{where}: {setting.key}"
    if setting.kind == "number":
        return _checked_number(value, setting, lead)
    if setting.kind == "choice" and value not in setting.choices:
        allowed = ", ".join(say(c, setting) for c in setting.choices)
        raise RecipeError(f"{lead}: must be one of {allowed}, got {shown(value)}")
    if setting.kind == "size":
        return _checked_size(value, lead)
    if setting.kind == "words":
        return _checked_words(value, setting, lead)
    if setting.kind == "picture" and not (isinstance(value, str) and value) and value is not None:
        raise RecipeError(f"{lead}: must be a picture's file, got {shown(value)}")
    return value


def _checked_number(value: Any, setting: Setting, lead: str) -> int | float:
    low, high = setting.low, setting.high
    if isinstance(value, bool) or not isinstance(value, int | float) or not low <= value <= high:
        raise RecipeError(f"{lead}: must be {low:.15g} to {high:.15g}, got {shown(value)}")
    if not setting.whole:
        return float(value)
    if value != round(value):
        raise RecipeError(f"{lead}: must be a whole number, got {shown(value)}")
    return round(value)


def _checked_words(value: Any, setting: Setting, lead: str) -> str | None:
    if value is None and setting.key.startswith(LEAD):
        return None  # the phrase is left out
    if not isinstance(value, str):
        raise RecipeError(f"{lead}: must be words, got {shown(value)}")
    if setting.key.startswith(LEAD) and len(phrases_of(value)) != 1:
        raise RecipeError(f"{lead}: must be one phrase, got {shown(value)}")
    return value


def _checked_size(value: Any, lead: str) -> tuple[int, int]:
    match = re.fullmatch(r"([0-9]{1,5})[x×]([0-9]{1,5})", value) if isinstance(value, str) else None
    sides = value if match is None else [int(match[1]), int(match[2])]
    if isinstance(sides, list | tuple) and len(sides) == 2 and all(type(v) is int for v in sides):
        return int(sides[0]), int(sides[1])
    raise RecipeError(f"{lead}: must be WIDTHxHEIGHT, got {shown(value)}")


def say(value: Any, setting: Setting) -> str:
    """A value as people say it: shares in percent, files by their name."""
    if value is None:
        if setting.kind == "words":
            return "left out"
        none = {"without": "nothing", "source": "noise", "within": "whole"}
        return none.get(setting.key, "whole" if setting.key.endswith(".region") else "none")
    if isinstance(value, bool):
        return "yes" if value else "no"
    if isinstance(value, list | tuple):
        return "x".join(map(str, value))
    if isinstance(value, int | float):
        return f"{100 * value:.4g} %" if setting.percent else f"{value:.6g}"
    return re.split(r"[/\\]", str(value))[-1] if setting.kind == "picture" else str(value)


def axis_title(recipe: Recipe, key: str) -> str:
    """What a setting is called, by its key; the key itself where the recipe has it no more."""
    setting = find_setting(recipe, key)
    return key if setting is None else setting.title


def typed_values(text: str, setting: Setting) -> list[Any]:
    """Values as they are typed in a field: `30 50 90`, shares in percent."""
    if setting.kind != "number":
        return [typed_value(one.strip()) for one in _VALUES.findall(text) if one.strip()]
    words = [w for w in re.split(r"[\s,;%]+", text) if w]
    numbers = [_number(word, setting.title) for word in words]
    return [round(n / 100, 6) for n in numbers] if setting.percent else list(numbers)


def _number(text: str, where: str) -> float:
    try:
        return float(text)
    except ValueError as error:
        raise RecipeError(f"{where}: must be a number, got {shown(text)}") from error


def typed_value(text: str) -> Any:
    """A value as it is typed: JSON, or a plain word; yes, no and none are what they say."""
    try:
        return parse_json(text, "value")
    except RecipeError:
        return _YES.get(text.lower(), text)


def axis_text(axis: Axis) -> str:
    """An axis as the command line takes it."""
    return f"{axis.key}=" + ",".join(json.dumps(v, ensure_ascii=False) for v in axis.values)
