"""Phrases of a prompt by their place, as settings: `prompt.0` and `prompt.0.emphasis`."""

from typing import Any

from overlay.words.language.grammar import read_prompt
from overlay.words.language.writing import joined, phrases_of, with_emphasis, without_emphasis

LEAD = "prompt."
_EMPHASIS = "emphasis"


def emphasis_of(phrase: str) -> float:
    """A phrase's emphasis, 0..2."""
    found = read_prompt(phrase).phrases
    return found[0].emphasis if found else 1.0


def phrase_at(prompt: str, key: str) -> str | float:
    """What a prompt has at `prompt.N` or `prompt.N.emphasis`; raises `ValueError` otherwise."""
    phrases = phrases_of(prompt)
    place, emphasis = _place(phrases, key, key)
    return emphasis_of(phrases[place]) if emphasis else phrases[place]


def lay_phrase(prompt: str, key: str, value: Any, where: str) -> str:
    """A prompt with another phrase, or another emphasis, at a key.

    Parameters
    ----------
    value : a phrase, which keeps the emphasis of the one before unless it says its own; None for
        none, which leaves the places of the others as they are; or the emphasis, 0..2.
    where : what a refusal begins with.

    Raises
    ------
    ValueError
        If the prompt has no such phrase, or the value is none for it.
    """
    phrases = phrases_of(prompt)
    place, emphasis = _place(phrases, key, where)
    old = phrases[place]
    if emphasis:
        if isinstance(value, bool) or not isinstance(value, int | float) or not 0 <= value <= 2:
            raise ValueError(f"{where}: must be 0 to 2, got {value!r}")
        phrases[place] = with_emphasis(old, float(value))
    elif value is None:
        phrases[place] = with_emphasis(old, 0.0)
    else:
        phrases[place] = _phrase(value, emphasis_of(old), where)
    return joined(phrases)


def _phrase(value: Any, emphasis: float, where: str) -> str:
    found = phrases_of(value) if isinstance(value, str) else []
    if len(found) != 1:
        raise ValueError(f"{where}: must be one phrase, got {value!r}")
    says_its_own = without_emphasis(found[0]) != found[0]
    return found[0] if says_its_own else with_emphasis(found[0], emphasis)


def _place(phrases: list[str], key: str, where: str) -> tuple[int, bool]:
    """The place of a key's phrase, and whether its emphasis is meant."""
    number, _, rest = key.removeprefix(LEAD).partition(".")
    known = number.isascii() and number.isdigit() and len(number) < 5 and int(number) < len(phrases)
    if not known or rest not in ("", _EMPHASIS):
        raise ValueError(
            f"{where}: must be {LEAD}N or {LEAD}N.{_EMPHASIS} with N below {len(phrases)}, "
            f"got {key!r}"
        )
    return int(number), bool(rest)
