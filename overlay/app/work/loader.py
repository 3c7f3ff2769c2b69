"""Small work off the GUI thread: reading, mapping, writing, one piece after another."""

from collections import deque
from collections.abc import Callable
from dataclasses import dataclass
from typing import Any

from PySide6.QtCore import QMutex, QMutexLocker, QObject, QRunnable, QThreadPool, Signal


@dataclass(eq=False)
class _Ask:
    """One piece of work with those who wait for it; `dropped` once nobody does."""

    work: Callable[[], Any]
    then: Callable[[Any], object]
    failed: Callable[[Exception], object] | None
    newest: str | None
    outlives: bool
    patient: bool
    dropped: bool = False


class Loader(QObject):
    """Runs small pieces of work in the order they were asked for, the patient last, one at a time.

    An answer goes to the callback that came with its work, or to nobody; nothing of a piece is kept
    once it has ended. Errors that nobody else takes are emitted as `failed`.
    """

    failed = Signal(object)
    _ended = Signal(object, object, object)  # the ask, its value, its error

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._pool = QThreadPool(self)
        self._pool.setMaxThreadCount(1)
        self._lock = QMutex()
        self._waiting: deque[_Ask] = deque()
        self._asked: set[_Ask] = set()  # until answered, on the GUI thread
        self._ended.connect(self._answer)

    def ask(
        self,
        work: Callable[[], Any],
        then: Callable[[Any], object] = lambda _: None,
        *,
        newest: str | None = None,
        failed: Callable[[Exception], object] | None = None,
        outlives: bool = False,
        patient: bool = False,
    ) -> None:
        """Have `work` done on another thread and `then` called with its answer on this one.

        Parameters
        ----------
        newest : a name under which only what was asked last counts: a dragged slider never leaves
            a queue behind. Without one every piece is done and answered.
        failed : called instead of `then` with what was raised.
        outlives : whether it is done and answered though another project is opened meanwhile.
        patient : whether everything else that waits goes before it.
        """
        if newest is not None:
            self._drop(lambda ask: ask.newest == newest)
        ask = _Ask(work, then, failed, newest, outlives, patient)
        self._asked.add(ask)
        with QMutexLocker(self._lock):
            self._waiting.append(ask)
        self._pool.start(_Piece(self))

    def leave_project(self) -> None:
        """Answer nothing any more that belongs to the project that was open."""
        self._drop(lambda ask: not ask.outlives)

    @property
    def idle(self) -> bool:
        """Whether nothing waits, runs or is still to be answered."""
        return not self._asked and self._pool.activeThreadCount() == 0

    def finish(self) -> None:
        """Do what outlives its project, drop the rest, and wait for the end."""
        self.leave_project()
        self._pool.waitForDone()

    def take(self) -> _Ask | None:
        """What is to be done next; called by the worker."""
        with QMutexLocker(self._lock):
            while self._waiting:
                ask = min(self._waiting, key=lambda waiting: waiting.patient)  # the first of those
                self._waiting.remove(ask)
                if not ask.dropped:
                    return ask
        return None

    def end(self, ask: _Ask, value: object, error: Exception | None) -> None:
        """Hand over what came out; called by the worker."""
        self._ended.emit(ask, value, error)

    def _drop(self, which: Callable[[_Ask], bool]) -> None:
        gone = {ask for ask in self._asked if which(ask)}
        self._asked -= gone
        with QMutexLocker(self._lock):
            for ask in gone:
                ask.dropped = True

    def _answer(self, ask: _Ask, value: object, error: Exception | None) -> None:
        if ask not in self._asked:
            return
        self._asked.discard(ask)
        if error is None:
            ask.then(value)
        elif ask.failed is not None:
            ask.failed(error)
        else:
            self.failed.emit(error)


class _Piece(QRunnable):
    def __init__(self, loader: Loader) -> None:
        super().__init__()
        self._loader = loader

    def run(self) -> None:
        ask = self._loader.take()
        if ask is None:
            return
        try:
            value = ask.work()
        except Exception as error:  # shown to the artist in place, never swallowed
            self._loader.end(ask, None, error)
        else:
            self._loader.end(ask, value, None)
