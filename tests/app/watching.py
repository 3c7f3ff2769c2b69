"""Where the window's thread is when it has been at one thing for a while."""

import sys
import threading
import time
from pathlib import Path

_LOOKS = 0.03  # seconds between looks
_ROOT = str(Path(__file__).parents[2] / "overlay")


class Watch:
    """Looks at the thread that made it from another one, which holds the interpreter meanwhile.

    The interpreter's own watchdog does not, and dies of frames that change while it reads them.
    """

    def __init__(self, seconds: float) -> None:
        self.seen: list[str] = []  # innermost first, of our own code
        self._seconds, self._watched = seconds, threading.get_ident()
        self._since: float | None = None
        threading.Thread(target=self._look, name="watch", daemon=True).start()

    def begin(self) -> None:
        """From now on it counts."""
        self.seen, self._since = [], time.monotonic()

    def end(self) -> None:
        """It is done."""
        self._since = None

    def _look(self) -> None:
        while True:
            time.sleep(_LOOKS)
            since = self._since
            if since is not None and not self.seen and time.monotonic() - since > self._seconds:
                self.seen = _own_calls(self._watched)


def _own_calls(thread: int) -> list[str]:
    """Calls of our own code that a thread is in, innermost first.

    Frames are let go of at once: what they hold, a painter, has to end in its own thread.
    """
    calls: list[tuple[str, int, str]] = []
    frame = sys._current_frames().get(thread)
    while frame is not None:
        calls.append((frame.f_code.co_filename, frame.f_lineno, frame.f_code.co_name))
        frame = frame.f_back
    return [f"{Path(file).name}:{line} {name}" for file, line, name in calls if _ROOT in file]
