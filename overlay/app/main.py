"""Opening the window."""

import signal
import sys
from pathlib import Path

from PySide6.QtCore import QTimer
from PySide6.QtWidgets import QApplication

from overlay import __version__
from overlay.app.theme import apply_theme
from overlay.app.window import MainWindow
from overlay.studio.bench import Bench
from overlay.studio.folders import state_folder
from overlay.studio.recovery import load_recovery


def make_application() -> QApplication:
    """The application, dressed."""
    application = QApplication.instance() or QApplication(sys.argv[:1])
    assert isinstance(application, QApplication)
    application.setApplicationName("Overlay")
    application.setApplicationVersion(__version__)
    application.setDesktopFileName("overlay")
    apply_theme(application)
    return application


def run_window(recipe: Path | None) -> int:
    """Open the window on a recipe, or on what was open last, until it is closed."""
    application = make_application()
    window = MainWindow(Bench())
    window.show()
    QTimer.singleShot(0, lambda: _begin(window, recipe))
    # Ctrl+C in the terminal closes the window in the orderly way; the timer lets Python see it.
    signal.signal(signal.SIGINT, lambda *_: window.close())
    pulse = QTimer()
    pulse.start(200)
    pulse.timeout.connect(lambda: None)
    return int(application.exec())


def _begin(window: MainWindow, recipe: Path | None) -> None:
    window.puller.warm()
    if recipe is not None:
        window.open_path(recipe)
        return
    last = load_recovery(state_folder() / "recovery.json")
    if last is None:
        return
    project, modified = last
    window.bench.take_project(project)
    if modified:
        window.stage.status.say("Your unsaved work from last time is back.")
