"""Refusing masses: more of anything than a recipe can have, before each piece is looked at."""

from collections.abc import Iterable
from typing import Any

from overlay.document.recipe import MOST_POINTS
from overlay.document.text.json_text import RecipeError
from overlay.regions.thinning import MOST_POINTS as MOST_IN_STROKE

MOST_KEYS = 1024  # of one object, in whatever place
_COUNTED = (".points", ".pressures")  # many and small: not entered


def refuse_bulk(data: dict[str, Any], where: str) -> None:
    """Refuse plain data of a recipe that is too much; raises `RecipeError` by name."""
    points = 0
    waiting: list[tuple[str, Any]] = [("", data)]
    while waiting:
        key, value = waiting.pop()
        most = MOST_KEYS if isinstance(value, dict) else MOST_IN_STROKE
        if len(value) > most:
            raise RecipeError(
                f"{where}: {key or 'recipe'}: may have {most} entries, got {len(value)}"
            )
        points += len(value) if key.endswith(".points") else 0
        if points > MOST_POINTS:
            raise RecipeError(
                f"{where}: {key}: all strokes together may have {MOST_POINTS} points, got more"
            )
        if not key.endswith(_COUNTED):
            waiting += _containers(key, value)


def _containers(key: str, value: dict[str, Any] | list[Any]) -> Iterable[tuple[str, Any]]:
    """What is inside that has an inside of its own, with its dotted path."""
    pairs = value.items() if isinstance(value, dict) else enumerate(value)
    lead = f"{key}." if key else ""
    return [(f"{lead}{str(k)[:80]}", v) for k, v in pairs if isinstance(v, dict | list)]
