"""Which pictures of the tray are seen, and in what order."""

from collections.abc import Callable, Mapping
from pathlib import Path
from typing import Literal

Order = Literal["added", "name", "use"]
ORDERS: tuple[tuple[str, Order], ...] = (
    ("As they were added", "added"), ("By name", "name"), ("By what uses them", "use"),
)  # fmt: skip


def _stem(path: Path) -> str:
    return path.stem


def ordered(
    paths: tuple[Path, ...],
    order: Order,
    uses: Mapping[Path, list[str]],
    sought: str = "",
    name_of: Callable[[Path], str] = _stem,
) -> list[Path]:
    """The pictures that match what is sought, in an order.

    Parameters
    ----------
    uses : what uses each picture, the pictures in the order of their use; others come last.
    sought : words, all of which stand in a picture's name or in what uses it; any case.
    name_of : what a picture is called.
    """
    words = sought.casefold().split()
    seen = [p for p in paths if _matches([name_of(p), *uses.get(p, [])], words)]
    if order == "name":
        return sorted(seen, key=lambda path: (name_of(path).casefold(), str(path)))
    if order == "use":
        places = {path: place for place, path in enumerate(uses)}
        return sorted(seen, key=lambda path: places.get(path, len(places)))
    return seen


def _matches(said: list[str], words: list[str]) -> bool:
    text = " ".join(said).casefold()
    return all(word in text for word in words)
