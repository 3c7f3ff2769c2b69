"""A recipe as data that an edit changes, and that becomes a recipe again.

Cues, regions and passes stay what they are until one is opened: those that an edit leaves alone are
neither looked at again nor copied, so an edit costs as much as it changes, and the states that undo
keeps share all the rest.
"""

from collections.abc import Collection
from typing import Any

from overlay.document.part import Part, default_of
from overlay.document.recipe import Recipe

_LONGEST = 80  # characters of a name


def recipe_data(recipe: Recipe) -> dict[str, Any]:
    """What a recipe says, for `make_recipe`; its lists may be changed, its parts may not."""
    data = part_data(recipe)
    for key in ("cues", "passes"):
        data[key] = list(getattr(recipe, key))
    data["regions"] = dict(recipe.regions)
    return {"overlay": 1} | data


def opened(parts: Any, key: Any) -> dict[str, Any]:
    """One part of a list or dict as data that may be changed, in its place.

    What lies below (strokes, facets) is the recipe's own and must not be changed.
    """
    if isinstance(parts[key], Part):
        parts[key] = part_data(parts[key])
    found: dict[str, Any] = parts[key]
    return found


def part_data(part: Part) -> dict[str, Any]:
    """What a part says beside its defaults."""
    return {
        key: value
        for key in type(part).model_fields
        if (value := getattr(part, key)) != default_of(type(part), key)
    }


def plain_value(value: Any) -> Any:
    """Tuples as the lists that JSON has."""
    return list(value) if isinstance(value, tuple) else value


def numbered_name(name: str, taken: Collection[str]) -> str:
    """`name`, as long as names may be, or with a number behind it where it is taken."""
    number, candidate = 2, name[:_LONGEST].strip() or "cue"
    while candidate in taken:
        candidate = f"{name[: _LONGEST - 5].strip()} {number}"
        number += 1
    return candidate
