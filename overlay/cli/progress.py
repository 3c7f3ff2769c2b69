"""How far a command is, on a terminal's standard error; Ctrl+C asks it to stop."""

import signal
import sys
from types import FrameType
from typing import TYPE_CHECKING

if TYPE_CHECKING:
    from overlay.engine.control import Control


class Progress:
    """A progress bar on a terminal's standard error; asks the run to stop on Ctrl+C."""

    def __init__(self, *, quiet: bool) -> None:
        self._quiet = quiet or not sys.stderr.isatty()
        self._stopped = False

    def __enter__(self) -> "Progress":
        from rich.console import Console
        from rich.progress import BarColumn, Progress, TextColumn, TimeRemainingColumn

        self._bar = Progress(
            TextColumn("{task.description:>12}"), BarColumn(), TimeRemainingColumn(),
            console=Console(stderr=True), disable=self._quiet, transient=True,
        )  # fmt: skip
        self._bar.start()
        self._task = self._bar.add_task("preparing", total=1.0)
        self._old = signal.signal(signal.SIGINT, self._stop)
        return self

    def __exit__(self, *_: object) -> None:
        signal.signal(signal.SIGINT, self._old)
        self._bar.stop()

    def report(self, fraction: float, stage: str) -> None:
        """Move the bar."""
        self._bar.update(self._task, completed=fraction, description=stage)

    def control(self) -> "Control":
        """The engine's view of this bar."""
        from overlay.engine.control import Control

        return Control(report=self.report, cancelled=lambda: self._stopped)

    def _stop(self, number: int, frame: FrameType | None) -> None:
        self._stopped = True
