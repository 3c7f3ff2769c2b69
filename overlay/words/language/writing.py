"""Prompts taken apart into phrases and put together again, as the window edits them."""

import re
from collections.abc import Mapping, Sequence

_PARTS = re.compile(r"[,;\n]")
_BLANK = re.compile(r"\$([^\W_]+)")
_PERCENT = re.compile(r"\s*\d+\s*%")


def phrases_of(prompt: str) -> list[str]:
    """What stands between commas, without blanks about it; empty ones are left out."""
    return [p for p in (" ".join(part.split()) for part in _PARTS.split(prompt)) if p]


def joined(phrases: Sequence[str]) -> str:
    """Phrases as a prompt."""
    return ", ".join(phrases)


def blanks_of(text: str) -> list[str]:
    """The names of the blanks in a text, each once, in their order."""
    return list(dict.fromkeys(_BLANK.findall(text)))


def filled(prompt: str, fillings: Mapping[str, str]) -> str:
    """A prompt with words in place of its blanks: `$subject at left` with `heron`.

    Raises
    ------
    ValueError
        For a blank that nothing is given for, or words that would be more than one phrase.
    """

    def words_for(match: re.Match[str]) -> str:
        name = match[1]
        if name not in fillings:
            given = ", ".join(sorted(fillings)) or "nothing"
            raise ValueError(f"blank ${name} must be filled, got {given}")
        words = phrases_of(fillings[name])
        if len(words) != 1 or "$" in words[0]:
            raise ValueError(f"blank ${name} must be filled by one phrase, got {fillings[name]!r}")
        return words[0]

    return _BLANK.sub(words_for, prompt)


def without_emphasis(phrase: str) -> str:
    """A phrase without its percentage."""
    return _PERCENT.sub("", phrase).strip()


def with_emphasis(phrase: str, emphasis: float) -> str:
    """A phrase with another emphasis, 0..2; 1 is not written."""
    percent = round(100 * min(max(emphasis, 0.0), 2.0))
    plain = without_emphasis(phrase)
    return plain if percent == 100 else f"{plain} {percent}%"
