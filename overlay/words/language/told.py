"""What single words say of a thing: its colour, what it is made of, its size, pose and figures."""

from collections.abc import Iterable
from typing import Any

from overlay.words.language.reading import Word

# What a word does to a thing of any family; all else is a figure that only some have.
_COMMON = {"skin", "colour", "size", "light", "tone", "mute", "pose", "fly"}
_OF_PICTURES = {"warmth", "contrast", "waves", "furnish", "haze", "marks"}


def told_of(words: Iterable[Word]) -> dict[str, Any]:
    """What modifiers say of a thing."""
    said: dict[str, Any] = {"size": 1.0, "light": 1.0, "mute": 0.0, "details": ()}
    for word in words:
        entry = word.entry
        if entry is None:
            continue
        if word.kind == "colour":
            said["colour"] = entry.value
        elif word.kind == "material":
            pairs = pairs_of(entry.value)
            said["made"] = pairs.get("skin", said.get("made", ""))
            said["colour"] = said.get("colour") or pairs.get("colour", "")
        elif word.kind == "quality":
            pairs = pairs_of(entry.value)
            said["size"] *= float(pairs.get("size", 1))
            said["light"] *= float(pairs.get("light", pairs.get("tone", 1)))
            said["mute"] += float(pairs.get("mute", 0))
            said["pose"] = pairs.get("pose", said.get("pose", ""))
            said["flies"] = said.get("flies", False) or "fly" in pairs
        if word.kind in {"material", "quality"}:
            own = pairs_of(entry.value).items()
            said["details"] += tuple(p for p in own if p[0] not in _COMMON | _OF_PICTURES)
    return said


def pairs_of(value: str) -> dict[str, str]:
    """`key=value` and `key*value` of a table's cell."""
    plain = (pair.replace("*", "=") for pair in value.split())
    return dict(pair.split("=", 1) for pair in plain if "=" in pair)
