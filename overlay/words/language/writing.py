"""Prompts taken apart into phrases and put together again, as the window edits them."""

import re
from collections.abc import Sequence

_PARTS = re.compile(r"[,;\n]")
_PERCENT = re.compile(r"\s*\d+\s*%")


def phrases_of(prompt: str) -> list[str]:
    """What stands between commas, without blanks about it; empty ones are left out."""
    return [p for p in (" ".join(part.split()) for part in _PARTS.split(prompt)) if p]


def joined(phrases: Sequence[str]) -> str:
    """Phrases as a prompt."""
    return ", ".join(phrases)


def without_emphasis(phrase: str) -> str:
    """A phrase without its percentage."""
    return _PERCENT.sub("", phrase).strip()


def with_emphasis(phrase: str, emphasis: float) -> str:
    """A phrase with another emphasis, 0..2; 1 is not written."""
    percent = round(100 * min(max(emphasis, 0.0), 2.0))
    plain = without_emphasis(phrase)
    return plain if percent == 100 else f"{plain} {percent}%"
