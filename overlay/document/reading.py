"""Recipes from files and text, refused in one line: file, key, what is allowed, what was found."""

from pathlib import Path
from typing import Any

from pydantic import BaseModel, ValidationError

from overlay.document.cues import CUE_TYPES, KINDS, Facets, Place
from overlay.document.keys import apply_setting
from overlay.document.part import shown
from overlay.document.passes import PASS_TYPES, PASSES
from overlay.document.recipe import Recipe, Stray
from overlay.document.regions import Region
from overlay.document.sets.editions import Edition
from overlay.document.sets.even import Even
from overlay.document.sets.sheets import Axis, ProofSheet
from overlay.document.strokes import MapStroke, Stroke
from overlay.document.taught import Taught
from overlay.document.text.bulk import refuse_bulk
from overlay.document.text.json_text import RecipeError, decode_text, json_text, parse_json
from overlay.document.words import PlacedThing, Words
from overlay.imaging.decode import MAX_TEXT_BYTES
from overlay.imaging.files import WRITABLE, read_recipe_text
from overlay.imaging.intake import PictureError, read_regular


def read_recipe(path: Path, changes: list[str] | None = None) -> Recipe:
    """Read a recipe from a JSON file, or from a PNG that carries one.

    Parameters
    ----------
    changes : `KEY=VALUE` settings that are laid over the file's, see `keys.apply_setting`.

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
        raise RecipeError(f"{where}: a recipe must be a JSON object, got {shown(data)}")
    if "overlay" not in data:
        raise RecipeError(f"{where}: overlay: must be 1, got nothing")
    refuse_bulk(data, where)
    try:
        return Recipe.model_validate(data)
    except ValidationError as error:
        raise RecipeError(f"{where}: {first_fault(error)}") from error


def recipe_json(recipe: Recipe) -> str:
    """The recipe as JSON text; what is at its default and says nothing is left out."""
    data = recipe.model_dump(mode="json", exclude_defaults=True)
    if "cues" in data:
        data["cues"] = [_kind_first(cue) for cue in data["cues"]]
    if "passes" in data:
        data["passes"] = [{"kind": later["kind"]} | later for later in data["passes"]]
    return json_text({"overlay": 1} | data)


def _kind_first(cue: dict[str, Any]) -> dict[str, Any]:
    """A cue as one reads it: its name, what it is, and then the rest."""
    kind = next(kind for kind in KINDS if kind in cue)
    return {"name": cue["name"], kind: cue[kind]} | cue


def first_fault(error: ValidationError) -> str:
    """A validation error's first fault as `key: what is allowed, got what was found`."""
    fault = error.errors()[0]
    loc = _without_kind(fault["loc"])
    key = ".".join(str(part) for part in loc)
    lead = f"{key}: " if key else ""
    if fault["type"] == "extra_forbidden":
        return f"{lead}unknown key; allowed are {', '.join(_allowed_keys(fault['loc']))}"
    if fault["type"].startswith("union_tag") and loc[0] == "passes":
        kind = fault["input"].get("kind") if isinstance(fault["input"], dict) else fault["input"]
        return f"{key}.kind: must be {', '.join(PASSES)}, got {shown(kind)}"
    if fault["type"] == "union_tag_not_found":
        return f"{lead}must be an object, got {shown(fault['input'])}"
    if fault["type"] == "missing":
        return f"{lead}must be given"
    if fault["type"] == "value_error":
        return lead + str(fault["ctx"]["error"])
    if fault["type"] == "too_long":
        limits = fault["ctx"]
        return f"{lead}may have {limits['max_length']} entries, got {len(fault['input'])}"
    message = fault["msg"].replace("Input should be", "must be")
    return f"{lead}{message[0].lower() + message[1:]}, got {shown(fault['input'])}"


def _without_kind(loc: tuple[int | str, ...]) -> tuple[int | str, ...]:
    """Where a fault lies in the file: a cue's kind stands in the path, but not in the file."""
    kinds = {"cues": KINDS, "passes": PASSES}
    if len(loc) > 2 and loc[2] in kinds.get(str(loc[0]), ()):
        return loc[:2] + loc[3:]
    return loc


def _read_text(path: Path) -> str:
    try:
        if path.suffix.lower() not in WRITABLE:
            return decode_text(read_regular(path, MAX_TEXT_BYTES), str(path))
        text = read_recipe_text(path)
    except PictureError as error:
        raise RecipeError(str(error)) from error
    if text is None:
        raise RecipeError(f"{path}: must carry a recipe (overlay:recipe), got none")
    return text


def _allowed_keys(loc: tuple[int | str, ...]) -> list[str]:
    """The keys of the part of a recipe that a fault lies in."""
    parents: dict[str, type[BaseModel]] = {
        **{kind.kind: kind for kind in CUE_TYPES},
        "regions": Region,
        **dict(zip(PASSES, PASS_TYPES, strict=True)),
        "words": Words,
        "placed": PlacedThing,
        "taught": Taught,
        "facets": Facets,
        "place": Place,
        "stray": Stray,
        "even": Even,
        "across": Axis,
        "down": Axis,
        "sheets": ProofSheet,
        "editions": Edition,
        "cross": Axis,
        "keep_out": Stroke,
        "strokes": MapStroke,
    }
    names = [str(part) for part in loc[:-1]]
    if ("sheets" in names or "editions" in names) and "recipe" in names:
        names = names[names.index("recipe") + 1 :]
    model: type[BaseModel] = next((parents[n] for n in reversed(names) if n in parents), Recipe)
    first = ["name", str(getattr(model, "kind", ""))]
    return sorted(model.model_fields, key=lambda key: key not in first)
