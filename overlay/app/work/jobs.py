"""Long work off the GUI thread: started with a snapshot, reported by queued signals, stoppable."""

import threading
import time
from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QObject, QRunnable, QThreadPool, Signal

from overlay.engine.control import CancelledError, Control
from overlay.imaging.colour import ByteImage

Work = Callable[[Control], Any]
_INTERVAL = 0.05  # seconds between reports, at least


class JobRunner(QObject):
    """Runs one kind of work, one job at a time.

    The first value of every signal is the job's number; answers to older jobs can be told apart.
    """

    progress = Signal(int, float, str)
    shown = Signal(int, int, float, object)  # job, step, progress, picture
    done = Signal(int, object)
    failed = Signal(int, object)
    stopped = Signal(int)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._pool = QThreadPool(self)
        self._pool.setMaxThreadCount(1)
        self._number = 0
        self._stop = threading.Event()
        self._running: set[int] = set()
        for signal in (self.done, self.failed, self.stopped):
            signal.connect(self._forget)

    @property
    def busy(self) -> bool:
        """Whether a job is running or waiting."""
        return bool(self._running)

    @property
    def newest(self) -> int:
        """Number of the job started last."""
        return self._number

    def start(self, work: Work) -> int:
        """Start a job; jobs before it are asked to stop."""
        self.stop()
        self._stop = threading.Event()
        self._number += 1
        self._running.add(self._number)
        self._pool.start(_Job(self, self._number, work, self._stop))
        return self._number

    def stop(self) -> None:
        """Ask the present job to stop."""
        self._stop.set()

    def close(self) -> None:
        """Stop, and wait for the end of what runs."""
        self.stop()
        self._pool.waitForDone()

    def _forget(self, number: int) -> None:
        self._running.discard(number)


class _Job(QRunnable):
    def __init__(self, runner: JobRunner, number: int, work: Work, stop: threading.Event) -> None:
        super().__init__()
        self._runner, self._number, self._work, self._stop = runner, number, work, stop
        self._reported = 0.0

    def run(self) -> None:
        control = Control(self._report, self._stop.is_set, self._show)
        try:
            control.check()
            result = self._work(control)
        except CancelledError:
            self._runner.stopped.emit(self._number)
        except Exception as error:  # shown to the artist in place, never swallowed
            self._runner.failed.emit(self._number, error)
        else:
            self._runner.done.emit(self._number, result)

    def _report(self, fraction: float, stage: str) -> None:
        now = time.monotonic()
        if now - self._reported >= _INTERVAL:
            self._reported = now
            self._runner.progress.emit(self._number, fraction, stage)

    def _show(self, step: int, progress: float, picture: ByteImage) -> None:
        self._runner.shown.emit(self._number, step, progress, picture)
