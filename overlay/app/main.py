"""Opening the window."""

import signal
import sys
from contextlib import suppress
from pathlib import Path

from PySide6.QtCore import QTimer
from PySide6.QtGui import QIcon
from PySide6.QtWidgets import QApplication

from overlay import __version__
from overlay.app.theme import apply_theme, wants_dark
from overlay.app.window import MainWindow
from overlay.document.project import Project
from overlay.imaging.whole_files import write_bytes
from overlay.studio.bench import Bench
from overlay.studio.folders import data_folder, state_folder
from overlay.studio.recovery import load_recovery, recovery_bytes
from overlay.studio.settings import load_settings


def make_application() -> QApplication:
    """The application, dressed."""
    application = QApplication.instance() or QApplication(sys.argv[:1])
    assert isinstance(application, QApplication)
    application.setApplicationName("Overlay")
    application.setApplicationVersion(__version__)
    application.setDesktopFileName("overlay")
    application.setWindowIcon(QIcon(str(Path(__file__).parent / "icons" / "overlay.svg")))
    apply_theme(application, dark=wants_dark(load_settings().theme))
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
    """Open what was asked for; unsaved work of last time comes back or is offered."""
    window.puller.warm()
    last = load_recovery(state_folder() / "recovery.json")
    status = window.stage.status
    if recipe is not None:
        window.open_path(recipe)
        if recipe.parent == data_folder() / "demo" and not window.settings.toured:
            window.dialogs.tour()
        if last is not None and last[1] and last[0].state != window.bench.project.state:
            project = last[0]
            _keep_earlier(project)
            status.say(
                "There is unsaved work from last time.",
                "Bring it back",
                lambda: window.bench.take_project(project),
            )
    elif last is not None:
        window.bench.take_project(last[0])
        if last[1]:
            status.say("Your unsaved work from last time is back.")


def _keep_earlier(project: Project) -> None:
    """Put unsaved work aside, for the recovery copy will follow what is open now."""
    data = recovery_bytes(project)
    with suppress(OSError):
        write_bytes(state_folder() / "recovery-earlier.json", data)
