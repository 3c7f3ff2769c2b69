"""How the files of an edition are called: `{n:02}-{subject}` with a row's own values."""

import re
import unicodedata
from collections.abc import Iterator, Mapping
from typing import Any

from overlay.document.text.json_text import RecipeError
from overlay.imaging.one_line import one_line

_SLOT = re.compile(r"\{([^{}:]*)(?::([^{}]*))?\}")
_DIGITS = re.compile(r"0?([1-9])")
_NUMBER = "n"
_MOST = 120  # bytes of a name; room is left for an ending and for a number behind it


def names_in(pattern: str) -> list[str]:
    """The columns that a pattern names, `n` aside."""
    return [name for name in _slots(pattern) if name != _NUMBER]


def _slots(pattern: str) -> list[str]:
    return [match[1] for match in _SLOT.finditer(pattern)]


def check_name(pattern: str, columns: tuple[str, ...]) -> None:
    """Refuse a pattern that names what no row has; raises `RecipeError` in one line."""
    rest = _SLOT.sub("", pattern)
    if "{" in rest or "}" in rest:
        raise RecipeError(f"name: brackets must be {{n:02}} or {{column}}, got {pattern!r}")
    for match in _SLOT.finditer(pattern):
        name, width = match[1], match[2]
        if name == _NUMBER:
            if width is not None and _DIGITS.fullmatch(width) is None:
                raise RecipeError(f"name: digits of n must be 1 to 9, as {{n:02}}, got {width!r}")
        elif name not in columns:
            known = ", ".join([_NUMBER, *columns])
            raise RecipeError(f"name: must name one of {known}, got {name!r}")
        elif width is not None:
            raise RecipeError(f"name: only n has digits, got {match[0]!r}")


def file_names(pattern: str, rows: Iterator[Mapping[str, Any]]) -> Iterator[str]:
    """A name for every row, without ending, each once: equal ones get a number.

    Parameters
    ----------
    pattern : checked by `check_name`. rows : their values by column.
    """
    used: set[str] = set()
    for number, row in enumerate(rows, 1):
        name = plain_name(_filled(pattern, number, row)) or f"{number:02}"
        free, times = name, 1
        while free.casefold() in used:
            times += 1
            free = f"{name}-{times}"
        used.add(free.casefold())
        yield free


def _filled(pattern: str, number: int, row: Mapping[str, Any]) -> str:
    def value(match: re.Match[str]) -> str:
        if match[1] == _NUMBER:
            return f"{number:0{(match[2] or '1').lstrip('0')}}"
        found = row.get(match[1])
        return "none" if found is None else plain_value(found)

    return _SLOT.sub(value, pattern)


def plain_value(value: Any) -> str:
    """A value in a name: of a file's path its name without folder and ending."""
    if isinstance(value, tuple | list):
        return "x".join(map(plain_value, value))
    if isinstance(value, float):
        return f"{value:g}"
    text = str(value)
    if "/" in text or "\\" in text:
        return re.split(r"[/\\]", text)[-1].rpartition(".")[0] or text
    return text


def plain_name(text: str) -> str:
    """Text as a file's name that any system takes: no separators, signs or dots at its ends."""
    plain = re.sub(r"[^\w. +-]", "-", unicodedata.normalize("NFC", one_line(text)))
    plain = re.sub(r"\s+", " ", plain).encode()[:_MOST].decode(errors="ignore")
    return plain.strip(" .-")
