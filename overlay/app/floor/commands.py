"""Commands as data: what they are called, their key, what they do, and in which menu they stand."""

from collections.abc import Callable
from dataclasses import dataclass

Deed = Callable[[], object]


@dataclass(frozen=True)
class Command:
    """One entry of a menu.

    Attributes
    ----------
    keys : as Qt writes them, or nothing.
    says : what the list of keys calls it, where that is not its text.
    """

    menu: str
    text: str
    keys: str
    do: Deed
    says: str = ""


@dataclass(frozen=True)
class Submenu:
    """A menu within a menu that is filled whenever it is opened.

    Attributes
    ----------
    nothing : what it says while there is nothing in it.
    """

    menu: str
    text: str
    nothing: str
    entries: Callable[[], list[tuple[str, Deed]]]


# A desk's entries; None parts them by a line.
Entries = tuple[Command | Submenu | None, ...]
