"""Rooms: what the window shows under its top, one at a time."""

from collections.abc import Iterator
from dataclasses import dataclass
from typing import Protocol

from PySide6.QtCore import QObject, Signal
from PySide6.QtWidgets import QStackedWidget, QWidget

from overlay.app.parts.status import StatusLine


class History(Protocol):
    """What undo and redo act on."""

    @property
    def undo_name(self) -> str | None:
        """Name of the edit that undo would take back, or None."""

    @property
    def redo_name(self) -> str | None:
        """Name of the edit that redo would make again, or None."""

    def undo(self) -> None:
        """Take the last edit back."""

    def redo(self) -> None:
        """Make the last undone edit again."""


@dataclass(frozen=True)
class Tab:
    """How a room is reached from the top of the window, or named there while one is in it.

    Attributes
    ----------
    keys : that lead to it, empty without any. stays : whether it is there from other rooms too.
    """

    text: str
    keys: str
    tip: str
    stays: bool = True


class Room:
    """One room; whoever makes another one overrides what is different there.

    Attributes
    ----------
    name : by which it is gone to.
    tab : None where it is entered by other ways alone.
    widget : what is shown. focus : what has the keys at first. line : where things are said.
    """

    name: str
    tab: Tab | None = None
    widget: QWidget
    focus: QWidget
    line: StatusLine

    @property
    def history(self) -> History | None:
        """What undo and redo act on, if there is anything."""
        return None

    def entered(self) -> None:
        """It is shown now."""

    @property
    def parts(self) -> tuple[QWidget, ...]:
        """What is put in the theme's style sheet, one after another: a whole room takes a while."""
        own: tuple[QWidget, ...] = getattr(self.widget, "parts", (self.widget,))
        return own

    def dress(self) -> None:
        """Put the theme on what no style sheet reaches, as plots."""

    def keep_typed(self) -> None:
        """Take what is being typed for said: something else is done, or the window closes."""

    def escape(self) -> bool:
        """Put down what is in hand, or leave; False when there is nothing to be put down."""
        return False

    def heed_key(self, key: int, *, pressed: bool) -> bool:
        """A key that no widget and no command took; whether it means something here."""
        return False

    def remove(self) -> None:
        """Take away what is selected (Del)."""

    def star(self) -> None:
        """Keep what is looked at in mind (K)."""

    def fit(self) -> None:
        """Show pictures whole (F)."""

    def wipe(self) -> None:
        """Compare two pictures along a line (W)."""


class Rooms(QObject):
    """All rooms in one place, of which one is seen."""

    changed = Signal(str)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.stack = QStackedWidget()
        self._rooms: dict[str, Room] = {}
        self._shown = ""

    def add(self, *rooms: Room) -> None:
        """Have these rooms; the first that ever comes is shown."""
        for room in rooms:
            self._rooms[room.name] = room
            self.stack.addWidget(room.widget)
            self._shown = self._shown or room.name

    def __iter__(self) -> Iterator[Room]:
        return iter(self._rooms.values())

    def __getitem__(self, name: str) -> Room:
        return self._rooms[name]

    @property
    def shown(self) -> Room:
        """The room that is seen."""
        return self._rooms[self._shown]

    def go_to(self, name: str) -> None:
        """Show a room."""
        room = self._rooms[name]
        self._shown = name
        self.stack.setCurrentWidget(room.widget)
        self.changed.emit(name)
        room.focus.setFocus()
        room.entered()
