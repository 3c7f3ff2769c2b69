"""Running things from the command line: a bar on a terminal's standard error, Ctrl+C to stop."""

import signal
import sys
from collections.abc import Callable
from types import FrameType
from typing import TypeVar

from rich.console import Console
from rich.progress import BarColumn, TextColumn, TimeRemainingColumn
from rich.progress import Progress as Bar

from overlay.engine.control import CancelledError, Control
from overlay.studio.runs.queue import Answering, Run, RunQueue, Stage

T = TypeVar("T")


class Progress(Answering):
    """Watches a queue, which it works off on this thread."""

    def __init__(self, *, quiet: bool) -> None:
        self.queue = RunQueue(self)
        self._stopped = False
        self._bar = Bar(
            TextColumn("{task.description:>12}"), BarColumn(), TimeRemainingColumn(),
            console=Console(stderr=True), disable=quiet or not sys.stderr.isatty(), transient=True,
        )  # fmt: skip

    def __enter__(self) -> "Progress":
        self._bar.start()
        self._task = self._bar.add_task("preparing", total=1.0)
        self._old = signal.signal(signal.SIGINT, self._stop)
        return self

    def __exit__(self, *_: object) -> None:
        signal.signal(signal.SIGINT, self._old)
        self._bar.stop()

    def done(self, name: str, work: Callable[[Control], T]) -> T:
        """Run one piece of work to its end; what it raises is raised here."""
        run = self.queue.add(Run(name=name, work=work))
        if self._stopped:
            self.queue.stop_all()
        self.queue.work_off()
        if run.error is not None:
            raise run.error
        if run.stage is Stage.STOPPED:
            raise CancelledError("stopped")
        result: T = run.result
        return result

    def progressed(self, run: Run) -> None:
        """Move the bar."""
        self._bar.update(self._task, completed=run.fraction, description=run.doing or "preparing")

    def _stop(self, _number: int, _frame: FrameType | None) -> None:
        # No more than this: the thread that is interrupted may be the one that holds the queue.
        self._stopped = True
        self.queue.stop_running()
