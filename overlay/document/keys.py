"""Settings by their keys: dotted paths into a recipe, as `--set` and proof sheets take them.

`departure`, `cues.0.weight`, `cues.tile.weight` by a cue's name, `regions.sky.grow`, and
`prompt.0`, `prompt.0.emphasis` for a phrase of the prompt.
"""

from typing import Any

from overlay.document.cues import BALANCES
from overlay.document.editing import part_data
from overlay.document.part import Part, shown
from overlay.document.text.json_text import RecipeError, parse_json
from overlay.words.language.phrases import LEAD, lay_phrase, phrase_at


def apply_setting(data: Any, setting: str) -> None:
    """Lay one `KEY=VALUE` over plain data, in place; VALUE is JSON."""
    key, equals, text = setting.partition("=")
    if not equals or not key:
        raise RecipeError(f"--set: must be KEY=VALUE, got {setting!r}")
    try:
        value = parse_json(text, "value")
    except RecipeError as error:
        raise RecipeError(
            f"--set {key}: the value must be JSON (text in double quotes), got {shown(text)}"
        ) from error
    lay_value(data, key, value, where=f"--set {key}")


def lay_value(data: Any, key: str, value: Any, *, where: str) -> None:
    """Lay a value over a recipe's data, in place.

    Parameters
    ----------
    data : plain data, or from `editing.recipe_data`, whose parts are opened where they are changed.
    where : what a refusal begins with.

    Raises
    ------
    RecipeError
        If the key leads nowhere.
    """
    if key.startswith(LEAD) and isinstance(data, dict):
        try:
            data["prompt"] = lay_phrase(str(data.get("prompt", "")), key, value, where)
        except ValueError as error:
            raise RecipeError(str(error)) from error
        return
    *path, last = key.split(".")
    place = data
    for part in path:
        place = _descend(place, part, where)
    if isinstance(place, list):
        place[_index(place, last, where)] = value
    elif isinstance(place, dict):
        place[last] = value
    else:
        raise RecipeError(f"{where}: {last!r} must lie in an object or list")


def value_at(part: Any, key: str) -> Any:
    """What a recipe has at a key, defaults included; raises `RecipeError` where it leads nowhere.

    Tuples and parts come as they are.
    """
    if key.startswith(LEAD) and isinstance(part, Part):
        try:
            return phrase_at(str(getattr(part, "prompt", "")), key)
        except ValueError as error:
            raise RecipeError(str(error)) from error
    place = part
    for name in key.split("."):
        if isinstance(place, Part) and name in (*type(place).model_fields, "active_facets"):
            place = getattr(place, "active_facets" if name == "facets" else name)
        elif isinstance(place, dict) and name in place:
            place = place[name]
        elif isinstance(place, tuple):
            place = place[_index(list(place), name, key)]
        elif place is None:
            return None
        else:
            raise RecipeError(f"{key}: {name!r} is nothing that this recipe has")
    return place


def _descend(place: Any, part: str, where: str) -> Any:
    key: Any = part
    if isinstance(place, list):
        key = _index(place, part, where)
    elif not isinstance(place, dict):
        raise RecipeError(f"{where}: {part!r} must lie in an object or list")
    elif place.get(part) is None:
        # What has defaults may be absent in the file.
        place[part] = _absent(place, part)
    # What was another's stays as it is.
    if isinstance(place[key], Part):
        place[key] = part_data(place[key])
    elif isinstance(place[key], dict):
        place[key] = dict(place[key])
    elif isinstance(place[key], tuple):
        place[key] = list(place[key])
    return place[key]


def _absent(place: dict[str, Any], part: str) -> dict[str, Any]:
    """What stands for a part that is not given, so that changing one key leaves its others."""
    if part == "facets":
        return part_data(BALANCES["manner"])
    if part == "stray":
        return {"seed": place.get("seed", 0) + 1, "amount": 0.0}
    return {}


def _index(place: list[Any], part: str, where: str) -> int:
    # Digits of ASCII alone: others, such as a raised two, count as digits but are no numbers.
    if part.isascii() and part.isdigit() and len(part) < 10 and int(part) < len(place):
        return int(part)
    names = [_name(item) for item in place]
    if part in names:
        return names.index(part)
    raise RecipeError(
        f"{where}: must name one of {', '.join(filter(None, names)) or 'nothing'} "
        f"or a number below {len(place)}, got {part!r}"
    )


def _name(item: Any) -> str:
    """What a list's element is called, or nothing."""
    name = item.get("name", "") if isinstance(item, dict) else getattr(item, "name", "")
    return str(name)
