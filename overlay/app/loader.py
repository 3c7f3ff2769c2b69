"""Reading, mapping and writing files off the GUI thread, each answer under its name."""

from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QObject, QRunnable, QThreadPool, Signal


class Loader(QObject):
    """Runs small pieces of work one after another.

    Work asked again under a name that still waits replaces what waited, so that a dragged slider
    never leaves a queue behind.
    """

    loaded = Signal(str, object)
    failed = Signal(str, object)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._pool = QThreadPool(self)
        self._pool.setMaxThreadCount(1)
        self._waiting: dict[str, Callable[[], Any]] = {}
        self._then: dict[str, Callable[[Any], object]] = {}
        self.loaded.connect(self._answer)

    def ask(self, name: str, work: Callable[[], Any], then: Callable[[Any], object]) -> None:
        """Have `work` done on another thread and `then` called with its answer on this one."""
        fresh = name not in self._waiting
        self._waiting[name] = work
        self._then[name] = then
        if fresh:
            self._pool.start(_Piece(self, name))

    @property
    def idle(self) -> bool:
        """Whether nothing waits or runs."""
        return not self._waiting and self._pool.activeThreadCount() == 0

    def close(self) -> None:
        """Drop what waits, and wait for the end of what runs."""
        self._waiting.clear()
        self._pool.waitForDone()

    def finish(self) -> None:
        """Do what waits and wait for its end."""
        self._pool.waitForDone()

    def take(self, name: str) -> Callable[[], Any] | None:
        """The newest work under a name; called by the worker."""
        return self._waiting.pop(name, None)

    def _answer(self, name: str, value: object) -> None:
        then = self._then.get(name)
        if then is not None and name not in self._waiting:
            then(value)


class _Piece(QRunnable):
    def __init__(self, loader: Loader, name: str) -> None:
        super().__init__()
        self._loader, self._name = loader, name

    def run(self) -> None:
        work = self._loader.take(self._name)
        if work is None:
            return
        try:
            value = work()
        except Exception as error:  # shown to the artist in place, never swallowed
            self._loader.failed.emit(self._name, error)
        else:
            self._loader.loaded.emit(self._name, value)
