"""JSON from outside (RFC 8259): UTF-8, no key twice, finite numbers, of a depth that ends."""

import json
import re
from collections import Counter
from pathlib import Path
from typing import Any

import numpy as np

from overlay.imaging.intake import PictureError, read_regular

MOST_DEPTH = 40
_MOST_DIGITS = 40
_LONG_NUMBER = re.compile(rb"(?<![.\d])\d{%d,}" % (_MOST_DIGITS + 1))
# Text in quotes holds no line break, so that nothing within it is ever taken for a list.
_NUMBERS = re.compile(r"\[\n\s+((?:-?[\d.e+-]+,\n\s+)*-?[\d.e+-]+)\n\s+\]")
_LONE_SURROGATE = re.compile(r"[\ud800-\udfff]")


class RecipeError(ValueError):
    """A recipe, or another file of ours, that cannot be used, in one line."""


def read_json(path: Path, most_bytes: int) -> Any:
    """The JSON in a file; raises `RecipeError` in one line that names it."""
    try:
        data = read_regular(path, most_bytes)
    except PictureError as error:
        raise RecipeError(str(error)) from error
    return parse_json(decode_text(data, str(path)), str(path))


def decode_text(data: bytes, where: str) -> str:
    """UTF-8 with or without a mark at its beginning; raises `RecipeError`."""
    try:
        return data.decode("utf-8-sig")
    except UnicodeDecodeError as error:
        raise RecipeError(f"{where}: must be UTF-8 text, got other bytes") from error


def parse_json(text: str, where: str) -> Any:
    """Plain data from JSON text; raises `RecipeError` in one line."""

    def once(pairs: list[tuple[str, Any]]) -> dict[str, Any]:
        made = dict(pairs)
        if len(made) < len(pairs):
            key, times = Counter(key for key, _ in pairs).most_common(1)[0]
            raise RecipeError(f"{where}: {key}: a key may stand once, got it {times} times")
        return made

    def refuse(constant: str) -> Any:
        raise RecipeError(f"{where}: numbers must be finite, got {constant}")

    _refuse_extremes(text, where)
    try:
        data = json.loads(text, object_pairs_hook=once, parse_constant=refuse)
    except json.JSONDecodeError as error:
        raise RecipeError(
            f"{where}: must be JSON, got a fault in line {error.lineno}: {error.msg}"
        ) from error
    if "\\u" in text and _LONE_SURROGATE.search(json.dumps(data, ensure_ascii=False)):
        raise RecipeError(f"{where}: must be text that UTF-8 can hold, got half a surrogate pair")
    return data


def json_text(data: Any) -> str:
    """Plain data as JSON for people: indented, lists of numbers on one line."""
    text = json.dumps(data, indent=2, ensure_ascii=False)
    return _NUMBERS.sub(lambda match: "[" + " ".join(match[1].split()) + "]", text)


def _refuse_extremes(text: str, where: str) -> None:
    """Refuse endless numbers and nesting before the parser meets them."""
    codes = _outside_strings(np.frombuffer(text.encode("utf-8", "replace"), np.uint8))
    long = _LONG_NUMBER.search(codes.tobytes())
    if long is not None:
        raise RecipeError(
            f"{where}: numbers may have {_MOST_DIGITS} digits, got one of {len(long[0])}"
        )
    opened = (codes == ord("[")) | (codes == ord("{"))
    closed = (codes == ord("]")) | (codes == ord("}"))
    depth = int(np.cumsum(opened.astype(np.int32) - closed).max(initial=0))
    if depth > MOST_DEPTH:
        raise RecipeError(f"{where}: JSON may be nested {MOST_DEPTH} deep, got {depth}")


def _outside_strings(codes: np.ndarray) -> np.ndarray:
    """The bytes that stand in no string; one that never ends goes up to the end of the text."""
    quote = codes == ord('"')
    backslash = codes == ord("\\")
    if backslash.any():
        # An odd number of them in a row before a quote escapes it.
        index = np.arange(codes.size)
        row = index - np.maximum.accumulate(np.where(backslash, -1, index))
        quote[1:] &= row[:-1] % 2 == 0
    return np.asarray(codes[~quote & (np.cumsum(quote) % 2 == 0)])
