"""When something unforeseen happens: one line in the window, the trace in a log, and on it goes."""

import logging
import logging.handlers
import sys
import threading
from collections.abc import Callable
from contextlib import suppress
from pathlib import Path
from types import TracebackType

from PySide6.QtCore import QObject, Signal

from overlay.studio.inputs.folders import state_folder

_MOST_BYTES = 1 << 20  # of the log; one older file is kept beside it
_logger = logging.getLogger("overlay.window")


def log_path() -> Path:
    """Where traces are written."""
    return state_folder() / "overlay.log"


class LastResort(QObject):
    """Takes exceptions that nobody caught, from any thread, and says one line on the GUI thread."""

    happened = Signal(str)

    def __init__(self, say: Callable[[str], object], parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.happened.connect(say)
        self._before = sys.excepthook, threading.excepthook

    def install(self) -> None:
        """Be asked from now on."""
        with suppress(OSError):
            log_path().parent.mkdir(parents=True, exist_ok=True)
            _logger.addHandler(
                logging.handlers.RotatingFileHandler(
                    log_path(), maxBytes=_MOST_BYTES, backupCount=1, encoding="utf-8", delay=True
                )
            )
        _logger.propagate = False
        logging.raiseExceptions = False  # a log that cannot be written is no further trouble
        sys.excepthook = self.take
        threading.excepthook = lambda args: self.take(
            args.exc_type, args.exc_value, args.exc_traceback
        )

    def remove(self) -> None:
        """Be asked no longer."""
        sys.excepthook, threading.excepthook = self._before
        for handler in list(_logger.handlers):
            _logger.removeHandler(handler)
            handler.close()

    def take(
        self,
        kind: type[BaseException],
        error: BaseException | None,
        trace: TracebackType | None,
    ) -> None:
        """Log a trace and say a line; Ctrl+C goes its usual way."""
        if issubclass(kind, KeyboardInterrupt):
            self._before[0](kind, error or kind(), trace)
            return
        _logger.error("not foreseen", exc_info=(kind, error or kind(), trace))
        self.happened.emit(
            f"Something unforeseen went wrong ({kind.__name__}); your work is as it was. "
            f"{log_path()} says more."
        )
