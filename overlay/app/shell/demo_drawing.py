"""The demo drawn, once, while the window is up; how far it is is said until it is there."""

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject, QTimer, Signal

from overlay.app.floor.floor import Floor
from overlay.studio.demo.demo import drawn_folder, prepare_demo

_AGAIN = 4000  # milliseconds: what is said fades, and the first compiling takes longer


class DemoDrawing(QObject):
    """Draws the demo where it is not there yet."""

    _drawn = Signal(float)  # how much of it is, from another thread

    def __init__(self, floor: Floor) -> None:
        super().__init__(floor)
        self.floor, self._share = floor, 0.0
        self._drawn.connect(self._say)
        self._saying = QTimer(self, interval=_AGAIN)
        self._saying.timeout.connect(lambda: self._say(self._share))

    def draw(self, then: Callable[[Path], object]) -> None:
        """Call `then` with the path of the demo's recipe when all of it is there."""
        self._say(0.0)

        def end(path: Path) -> None:
            self._saying.stop()
            then(path)

        def fail(error: Exception) -> None:
            self._saying.stop()
            self.floor.could_not(error)

        def work() -> Path:
            return prepare_demo(drawn_folder(), lambda share, _: self._drawn.emit(share))

        self.floor.loader.ask(work, end, newest="demo", failed=fail, outlives=True)

    def _say(self, share: float) -> None:
        self._share = share
        self._saying.start()
        self.floor.say(f"Drawing the demo, once: {round(100 * share)} %")
