"""Opening the window."""

import signal
import sys
from pathlib import Path

from PySide6.QtCore import QTimer
from PySide6.QtGui import QIcon
from PySide6.QtWidgets import QApplication

from overlay.app.parts.language import speak
from overlay.app.parts.theme import apply_theme, wants_dark
from overlay.app.shell.last_resort import LastResort
from overlay.app.shell.window import MainWindow
from overlay.app.work.rubbish import Rubbish
from overlay.studio.bench.bench import Bench
from overlay.studio.keeping.recovery import Left, Snapshot
from overlay.studio.keeping.settings import load_settings
from overlay.version import __version__

_SETTLED = 3000  # milliseconds, after which a window stands


def make_application() -> QApplication:
    """The application, dressed."""
    application = QApplication.instance() or QApplication(sys.argv[:1])
    assert isinstance(application, QApplication)
    application.setApplicationName("Overlay")
    application.setApplicationVersion(__version__)
    application.setDesktopFileName("overlay")
    application.setWindowIcon(QIcon(str(Path(__file__).parent / "icons" / "overlay.svg")))
    settings = load_settings()
    larger = settings.larger_text
    speak(application, settings.language)
    apply_theme(application, dark=wants_dark(settings.theme), larger=larger)
    return application


def run_window(recipe: Path | None, *, demo: bool = False) -> int:
    """Open the window on a recipe, the demo, or what was open last, until it is closed."""
    application = make_application()
    window = MainWindow(Bench())
    last_resort = LastResort(window.floor.refuse)
    last_resort.install()
    rubbish = Rubbish(window)
    window.show()
    QTimer.singleShot(0, lambda: _begin(window, recipe, demo=demo))
    QTimer.singleShot(_SETTLED, rubbish.spare_what_is_there)
    # Ctrl+C in the terminal closes the window in the orderly way; the timer lets Python see it.
    signal.signal(signal.SIGINT, lambda *_: window.close())
    pulse = QTimer()
    pulse.start(200)
    pulse.timeout.connect(lambda: None)
    return int(application.exec())


def _begin(window: MainWindow, file: Path | None, *, demo: bool = False) -> None:
    """Open what was asked for; unsaved work of last time comes back or is offered."""
    window.house.puller.warm()
    recoveries = window.house.keeping.recoveries
    asked = demo or file is not None

    def look() -> tuple[Left | None, Snapshot | None]:
        recoveries.tidy()
        left = [one for one in recoveries.left() if not one.put_away]
        for one in left[1:]:
            if not one.modified:
                recoveries.forget(one.key)
        last = left[0] if left else None
        return last, None if last is None or asked else recoveries.load(last.key)

    def go_on(found: tuple[Left | None, Snapshot | None]) -> None:
        last, snapshot = found
        if snapshot is not None:
            _go_on_with(window, snapshot)
        elif asked and last is not None and last.modified:
            window.floor.say(
                f"There is unsaved work from last time: {last.name}.",
                "Bring it back",
                lambda: window.house.files.bring_back(last),
            )

    if file is not None:
        window.open_path(file)
    if demo:
        window.house.files.open_demo()
    window.floor.loader.ask(look, go_on, outlives=True)
    window.house.keeping.tidy()


def _go_on_with(window: MainWindow, last: Snapshot) -> None:
    """Put what was in place last time in place again, as its file is now if nothing was unsaved."""
    if not last.modified and last.path is not None and last.path.exists():
        window.house.keeping.recoveries.forget(last.key)
        window.open_path(last.path)
        return
    window.bench.take_project(last.project())
    if last.modified:
        window.floor.say("Your unsaved work from last time is back.")
