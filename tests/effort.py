"""How much something does, counted rather than timed: the same on any machine, busy or not."""

import sys
from collections.abc import Callable
from types import FrameType

from PySide6.QtCore import QEvent, QObject
from PySide6.QtWidgets import QApplication


def calls_of(do: Callable[[], object]) -> int:
    """Calls that this thread makes, of Python's functions and of those behind them."""
    count = 0

    def note(frame: FrameType, kind: str, what: object) -> None:
        nonlocal count
        count += kind in ("call", "c_call")

    sys.setprofile(note)
    try:
        do()
    finally:
        sys.setprofile(None)
    return count


class Paints(QObject):
    """Counts, while it is entered, how many widgets are painted and dressed."""

    def __enter__(self) -> "Paints":
        self.painted = self.dressed = 0
        QApplication.instance().installEventFilter(self)
        return self

    def __exit__(self, *error: object) -> None:
        QApplication.instance().removeEventFilter(self)

    def eventFilter(self, _watched: QObject, event: QEvent) -> bool:  # noqa: N802 (Qt's name)
        self.painted += event.type() == QEvent.Type.Paint
        self.dressed += event.type() in (QEvent.Type.Polish, QEvent.Type.StyleChange)
        return False
