"""Text of files and people on one line: control characters shown, not obeyed, and an end to it."""

import unicodedata

MOST = 300  # characters of a refusal
_OBEYED = ("Cc", "Cf", "Cs", "Zl", "Zp")  # controls, marks of direction, surrogates, line ends


def one_line(text: str, most: int = MOST) -> str:
    """A text on one line of at most `most` characters; of a longer one both ends are shown."""
    if len(text) > 4 * most:
        text = text[: 2 * most] + text[-2 * most :]
    shown = "".join(_shown(c) for c in text)
    if len(shown) <= most:
        return shown
    begin = (most - 1) * 2 // 3
    return f"{shown[:begin]}…{shown[len(shown) - (most - 1 - begin) :]}"


def _shown(character: str) -> str:
    if character.isprintable() and unicodedata.category(character) not in _OBEYED:
        return character
    return character.encode("unicode_escape").decode("ascii")
