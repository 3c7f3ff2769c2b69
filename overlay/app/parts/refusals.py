"""Refusals of the core in the language that is spoken: `file: key: rule, got what was found`.

The core knows no languages. What it says has one grammar, so that files, keys and values stay as
they are, and only rules are translated; those are gathered from its code, without them.
"""

from collections.abc import Callable

GOT = ", got "
_FOUND = {"nothing", "none", "something else", "some", "more", "a damaged one", "none left"}


def translated(text: str, look_up: Callable[[str], str]) -> str:
    """A refusal translated; empty where it is none, or its rule is not known.

    Parameters
    ----------
    look_up : gives the translation of a rule, of `, got {0}`, or of a word for what was found;
        empty where there is none.
    """
    said, _, found = text.partition(GOT)
    parts = said.split(": ")
    for place in range(len(parts)):
        rest = ": ".join(parts[place:])
        # Rules are sentences: a word alone may be one of ours, and is somebody's name.
        if " " in rest and (rule := look_up(rest)):
            lead = "".join(f"{part}: " for part in parts[:place])
            return lead + rule + (_found(found, look_up) if found else "")
    return ""


def _found(found: str, look_up: Callable[[str], str]) -> str:
    """What was found, at the end."""
    known = look_up(found) if found in _FOUND else ""
    value, _, hint = (known or found).partition("; ")
    after = look_up(f"; {hint}") or f"; {hint}"
    return look_up(GOT + "{0}").replace("{0}", value) + (after if hint else "")
