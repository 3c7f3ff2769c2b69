"""Editions as plain data, for the files that keep them."""

import json
from collections.abc import Iterable
from typing import Any

from overlay.document.project_file import make_kept_edition
from overlay.document.reading import recipe_json
from overlay.document.sets.editions import Edition
from overlay.studio.keeping.unreadable import UNREADABLE


def plain_editions(editions: Iterable[Edition]) -> list[dict[str, Any]]:
    """Editions as JSON holds them."""
    plain = []
    for edition in editions:
        data = edition.model_dump(mode="json", exclude={"recipe"}, exclude_defaults=True)
        plain.append(data | {"recipe": json.loads(recipe_json(edition.recipe))})
    return plain


def made_editions(plain: Any) -> tuple[Edition, ...]:
    """The editions that `plain_editions` wrote; one that is damaged counts as not there."""
    made = []
    for data in plain if isinstance(plain, list) else []:
        try:
            made.append(make_kept_edition(data, "edition"))
        except UNREADABLE:
            continue
    return tuple(made)
