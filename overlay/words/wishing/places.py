"""Places as the lexicon has them: what they do to a setting, what furnishes them, their walls."""

from functools import cache
from typing import Any

from overlay.words.language.entries import Entry, known_words
from overlay.words.stage.setting import read_effects

UNDER_WATER = {"underwater", "coral reef"}


@cache
def is_indoors(place: str) -> bool:
    """Whether a place has walls around it."""
    return "wall=" in _entry(place).value


def place_effects(place: str) -> dict[str, Any]:
    """What a place does to a clear morning's setting."""
    return read_effects(_entry(place).value)


def furnishing_of(place: str) -> str:
    """What furnishes a place, as the lexicon says it."""
    return _entry(place).notes


def _entry(place: str) -> Entry:
    return next(e for e in known_words()[place] if e.kind == "place")
