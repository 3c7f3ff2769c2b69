"""Recipes from files and text, refused in one line: file, key, what is allowed, what was found."""

import json
from pathlib import Path
from typing import Any

from pydantic import BaseModel, ValidationError

from overlay.document.recipe import Cue, Facets, MapStroke, Pass, Place, Recipe, Region, Stroke
from overlay.imaging.decode import MAX_TEXT_BYTES
from overlay.imaging.files import read_recipe_text
from overlay.imaging.intake import PictureError, reason


class RecipeError(ValueError):
    """A recipe that cannot be used, in one line."""


def read_recipe(path: Path, changes: list[str] | None = None) -> Recipe:
    """Read a recipe from a JSON file, or from a PNG that carries one.

    Parameters
    ----------
    changes : `KEY=VALUE` settings that are laid over the file's, see `apply_setting`.

    Raises
    ------
    RecipeError
        In one line that names the file and the key.
    """
    data = parse_json(_read_text(path), str(path))
    for change in changes or []:
        apply_setting(data, change)
    return make_recipe(data, str(path))


def make_recipe(data: Any, where: str) -> Recipe:
    """Validate plain data as a recipe that can be rendered today."""
    if not isinstance(data, dict):
        raise RecipeError(f"{where}: a recipe must be a JSON object, got {_shown(data)}")
    if "overlay" not in data:
        raise RecipeError(f"{where}: overlay: must be 1, got nothing")
    try:
        recipe = Recipe.model_validate(data)
    except ValidationError as error:
        raise RecipeError(f"{where}: {first_fault(error)}") from error
    refuse_unavailable(recipe, where)
    return recipe


def parse_json(text: str, where: str) -> Any:
    """JSON by RFC 8259, without NaN and without repeated keys."""

    def once(pairs: list[tuple[str, Any]]) -> dict[str, Any]:
        keys = [key for key, _ in pairs]
        for key in keys:
            if keys.count(key) > 1:
                raise RecipeError(f"{where}: {key}: a key may stand once, got it twice")
        return dict(pairs)

    def refuse(constant: str) -> Any:
        raise RecipeError(f"{where}: numbers must be finite, got {constant}")

    try:
        return json.loads(text, object_pairs_hook=once, parse_constant=refuse)
    except RecursionError as error:
        raise RecipeError(f"{where}: the JSON is nested too deeply") from error
    except json.JSONDecodeError as error:
        raise RecipeError(
            f"{where}: must be JSON, got a fault in line {error.lineno}: {error.msg}"
        ) from error


def recipe_json(recipe: Recipe) -> str:
    """The recipe as JSON text; what is at its default and says nothing is left out."""
    data = recipe.model_dump(mode="json", exclude_defaults=True)
    return json.dumps({"overlay": 1} | data, indent=2, ensure_ascii=False)


def apply_setting(data: Any, setting: str) -> None:
    """Lay one `KEY=VALUE` over plain data, in place.

    KEY is a dotted path; a list's element is named by number, a cue also by its name. VALUE is
    JSON.
    """
    key, equals, text = setting.partition("=")
    if not equals or not key:
        raise RecipeError(f"--set: must be KEY=VALUE, got {setting!r}")
    try:
        value = json.loads(text)
    except (json.JSONDecodeError, RecursionError) as error:
        raise RecipeError(
            f"--set {key}: the value must be JSON (text in double quotes), got {text!r}"
        ) from error
    *path, last = key.split(".")
    place = data
    for part in path:
        place = _descend(place, part, key)
    if isinstance(place, list):
        place[_index(place, last, key)] = value
    elif isinstance(place, dict):
        place[last] = value
    else:
        raise RecipeError(f"--set {key}: {last!r} must lie in an object or list")


def first_fault(error: ValidationError) -> str:
    """A validation error's first fault as `key: what is allowed, got what was found`."""
    fault = error.errors()[0]
    key = ".".join(str(part) for part in fault["loc"])
    lead = f"{key}: " if key else ""
    if fault["type"] == "extra_forbidden":
        return f"{lead}unknown key; allowed are {', '.join(_allowed_keys(fault['loc']))}"
    if fault["type"] == "missing":
        return f"{lead}must be given"
    if fault["type"] == "value_error":
        return lead + str(fault["ctx"]["error"])
    message = fault["msg"].replace("Input should be", "must be")
    return f"{lead}{message[0].lower() + message[1:]}, got {_shown(fault['input'])}"


def refuse_unavailable(recipe: Recipe, where: str) -> None:
    """Refuse by name what the engine cannot honour yet; nothing is ever ignored."""
    for key in ("prompt", "avoid"):
        if getattr(recipe, key):
            raise RecipeError(
                f"{where}: {key}: words are not available yet, must be empty, "
                f"got {getattr(recipe, key)!r}"
            )


def _read_text(path: Path) -> str:
    try:
        if not path.is_file():
            what = "a folder or device" if path.exists() else "no such file"
            raise RecipeError(f"{path}: must be a recipe file, got {what}")
        if path.suffix.lower() == ".png":
            text = read_recipe_text(path)
            if text is None:
                raise RecipeError(f"{path}: must carry a recipe (overlay:recipe), got none")
            return text
        if path.stat().st_size > MAX_TEXT_BYTES:
            raise RecipeError(f"{path}: recipes may have 4 MiB, got {path.stat().st_size} bytes")
        return path.read_text("utf-8-sig")
    except UnicodeDecodeError as error:
        raise RecipeError(f"{path}: must be UTF-8 text, got other bytes") from error
    except PictureError as error:
        raise RecipeError(str(error)) from error
    except OSError as error:
        raise RecipeError(f"{path}: cannot be read: {reason(error)}") from error


def _descend(place: Any, part: str, key: str) -> Any:
    if isinstance(place, list):
        return place[_index(place, part, key)]
    if isinstance(place, dict):
        # What has defaults may be absent in the file.
        return place.setdefault(part, {})
    raise RecipeError(f"--set {key}: {part!r} must lie in an object or list")


def _index(place: list[Any], part: str, key: str) -> int:
    if part.isdigit() and int(part) < len(place):
        return int(part)
    for i, item in enumerate(place):
        if isinstance(item, dict) and item.get("name") == part:
            return i
    names = [item.get("name", "") for item in place if isinstance(item, dict)]
    raise RecipeError(
        f"--set {key}: must name one of {', '.join(map(str, names)) or 'nothing'} "
        f"or a number below {len(place)}, got {part!r}"
    )


def _allowed_keys(loc: tuple[int | str, ...]) -> list[str]:
    """The keys of the part of a recipe that a fault lies in."""
    parents: dict[str, type[BaseModel]] = {
        "cues": Cue,
        "regions": Region,
        "passes": Pass,
        "facets": Facets,
        "place": Place,
        "keep_out": Stroke,
        "strokes": MapStroke,
    }
    names = [str(part) for part in loc[:-1]]
    model: type[BaseModel] = next((parents[n] for n in reversed(names) if n in parents), Recipe)
    return list(model.model_fields)


def _shown(value: Any) -> str:
    text = json.dumps(value, default=str, ensure_ascii=False)
    return text if len(text) <= 60 else text[:57] + "..."
