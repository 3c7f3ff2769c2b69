"""The demo drawn, once, while the window is up; how far it is is said until it is there."""

from collections.abc import Callable
from functools import partial
from pathlib import Path

from PySide6.QtCore import QObject, QTimer, Signal

from overlay.app.floor.floor import Floor
from overlay.app.work.loader import Loader
from overlay.engine.control import CancelledError
from overlay.studio.demo.demo import drawn_folder, ensure_ride, prepare_demo

# Milliseconds: a demo that is there is open before; what is said fades, and compiling takes longer.
_SOON, _AGAIN = 400, 4000
_FIRST = "the windmill"


class DemoDrawing(QObject):
    """Draws the demo where it is not there yet.

    Signals
    -------
    drawing : how much of it is, 1 when it is there, and what comes now.
    """

    drawing = Signal(float, str)
    _came = Signal(float, str)  # the same from another thread

    def __init__(self, floor: Floor) -> None:
        super().__init__(floor)
        self.floor, self._stopped = floor, False
        self._share, self._now = 0.0, _FIRST
        self._loader = Loader(self)  # its own: files can be opened while it draws
        self._came.connect(self._say)
        self._saying = QTimer(self)
        self._saying.timeout.connect(lambda: self._say(self._share, self._now))

    def draw(self, then: Callable[[Path], object]) -> None:
        """Call `then` with the path of the demo's recipe when it can be opened; draw the rest."""
        self._share, self._now = 0.0, _FIRST
        self._saying.start(_SOON)

        def end(path: Path) -> None:
            self._over()
            then(path)
            ride = partial(ensure_ride, drawn_folder(), self._go_on)
            self._loader.ask(ride, lambda _: None, newest="ride")

        def fail(error: Exception) -> None:
            self._over()
            self.floor.could_not(error)

        def report(share: float, now: str) -> None:
            self._go_on(share, now)
            self._came.emit(share, now)

        self._loader.ask(
            lambda: prepare_demo(drawn_folder(), report), end, newest="demo", failed=fail
        )

    def close(self) -> None:
        """Draw no further than the picture in work; what is not whole is drawn again next time."""
        self._stopped = True
        self._saying.stop()
        self._loader.finish()

    def _go_on(self, _share: float, _now: str) -> None:
        if self._stopped:
            raise CancelledError

    def _over(self) -> None:
        self._saying.stop()
        self.drawing.emit(1.0, "")

    def _say(self, share: float, now: str) -> None:
        self._share, self._now = share, now
        self._saying.start(_AGAIN)
        self.drawing.emit(share, now)
        self.floor.say(f"Drawing the demo, once: {now}, {round(100 * share)} %")
