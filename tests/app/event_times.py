"""How long each event holds the window's thread, with all that it calls in its turn."""

import gc
import time

from PySide6.QtCore import QEvent, QObject, QThread
from PySide6.QtWidgets import QApplication

Taken = tuple[float, str]  # seconds of the thread's own time, what was handled


class TimedApplication(QApplication):
    """An application that knows the longest event since it was last asked.

    Events that are sent while another is handled are part of that one; those in which all objects
    were collected, or a menu waited for somebody, do not count.
    """

    def __init__(self, arguments: list[str]) -> None:
        super().__init__(arguments)
        self.waited = 0  # menus that were opened and closed, as their owner counts them
        self._inside = False
        self._longest: Taken | None = None

    def begin(self) -> None:
        """Forget what was."""
        self._longest = None

    def longest(self) -> Taken | None:
        """The longest event since then."""
        return self._longest

    def notify(self, receiver: QObject, event: QEvent) -> bool:
        if self._inside or QThread.currentThread() is not self.thread():
            return super().notify(receiver, event)
        # What is asked after the event may be gone by then.
        what = f"{type(receiver).__name__} {event.type().name}"
        collected, waited = gc.get_stats()[2]["collections"], self.waited
        self._inside, before = True, time.thread_time()
        try:
            return super().notify(receiver, event)
        finally:
            spent, self._inside = time.thread_time() - before, False
            same = collected == gc.get_stats()[2]["collections"] and waited == self.waited
            if same and (self._longest is None or spent > self._longest[0]):
                self._longest = spent, what
