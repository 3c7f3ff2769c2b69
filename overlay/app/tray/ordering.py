"""Which pictures of the tray are seen, and in what order."""

from collections.abc import Mapping
from pathlib import Path
from typing import Literal

Order = Literal["added", "name", "use"]
ORDERS: tuple[tuple[str, Order], ...] = (
    ("As they were added", "added"), ("By name", "name"), ("By what uses them", "use"),
)  # fmt: skip


def ordered(
    paths: tuple[Path, ...], order: Order, uses: Mapping[Path, list[str]], sought: str = ""
) -> list[Path]:
    """The pictures that match what is sought, in an order.

    Parameters
    ----------
    uses : what uses each picture, the pictures in the order of their use; others come last.
    sought : words, all of which stand in a picture's name or in what uses it; any case.
    """
    words = sought.casefold().split()
    seen = [path for path in paths if _matches(path, uses.get(path, []), words)]
    if order == "name":
        return sorted(seen, key=lambda path: (path.stem.casefold(), str(path)))
    if order == "use":
        places = {path: place for place, path in enumerate(uses)}
        return sorted(seen, key=lambda path: places.get(path, len(places)))
    return seen


def _matches(path: Path, uses: list[str], words: list[str]) -> bool:
    text = " ".join([path.stem, *uses]).casefold()
    return all(word in text for word in words)
