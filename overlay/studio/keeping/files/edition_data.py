"""Editions and sequences as plain data, for the files that keep them."""

import json
from collections.abc import Callable, Iterable
from typing import Any

from overlay.document.project_file import make_kept_edition
from overlay.document.reading import recipe_json
from overlay.document.sets.editions import Edition
from overlay.document.sets.sequences import Sequence
from overlay.studio.inputs.paths import change_paths
from overlay.studio.keeping.unreadable import UNREADABLE


def plain_editions(editions: Iterable[Edition]) -> list[dict[str, Any]]:
    """Editions as JSON holds them."""
    plain = []
    for edition in editions:
        data = edition.model_dump(mode="json", exclude={"recipe"}, exclude_defaults=True)
        plain.append(data | {"recipe": json.loads(recipe_json(edition.recipe))})
    return plain


def plain_sequence(sequence: Sequence, change: Callable[[str], str]) -> dict[str, Any]:
    """A sequence as JSON holds it, the recipe's paths replaced; its frames stay where they lie."""
    moved = moved_sequence(sequence, change)
    data = moved.model_dump(mode="json", exclude={"recipe"}, exclude_defaults=True)
    return data | {"recipe": json.loads(recipe_json(moved.recipe))}


def moved_sequence(sequence: Sequence, change: Callable[[str], str]) -> Sequence:
    """A sequence whose recipe names other files."""
    return sequence.model_copy(update={"recipe": change_paths(sequence.recipe, change)})


def made_sequence(plain: Any) -> Sequence | None:
    """The sequence that `plain_sequence` wrote; a damaged one counts as none."""
    try:
        return None if plain is None else Sequence.model_validate(plain)
    except UNREADABLE:
        return None


def made_editions(plain: Any) -> tuple[Edition, ...]:
    """The editions that `plain_editions` wrote; one that is damaged counts as not there."""
    made = []
    for data in plain if isinstance(plain, list) else []:
        try:
            made.append(make_kept_edition(data, "edition"))
        except UNREADABLE:
            continue
    return tuple(made)
