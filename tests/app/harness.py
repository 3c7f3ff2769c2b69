"""A real window on a small project, driven by mouse and keys."""

import os
import threading
import time
from collections.abc import Callable
from pathlib import Path
from unittest.mock import patch

from PySide6.QtCore import QEvent, QPoint, QPointF, Qt, qInstallMessageHandler
from PySide6.QtGui import QAction, QMouseEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QWidget

from overlay.app.main import make_application
from overlay.app.shell.window import MainWindow
from overlay.studio.bench.bench import Bench
from tests.workspace import WorkspaceTest

# Seconds to wait for what must come; a slow machine may still be compiling.
WAIT = float(os.environ.get("OVERLAY_TEST_WAIT", "300"))


class WindowTest(WorkspaceTest):
    """Gives each test `window` with the workspace's recipe open."""

    LIVE = False

    def setUp(self):
        super().setUp()
        self.application = make_application()
        small = patch("overlay.studio.inputs.manner_shelf._SIZE", (120, 90))
        small.start()
        self.addCleanup(small.stop)
        self.warned: list[str] = []
        self.raised: list[str] = []
        hook = patch("sys.excepthook", lambda kind, error, _: self.raised.append(repr(error)))
        hook.start()
        self.addCleanup(hook.stop)
        before = qInstallMessageHandler(self._warn)
        self.addCleanup(qInstallMessageHandler, before)
        self._threads = set(threading.enumerate())
        self.window = MainWindow(Bench())
        quiet = {"live_looks": self.LIVE}  # looks would run beside what most tests wait for
        self.window.floor.settings = self.window.floor.settings.model_copy(update=quiet)
        self.window.show()
        self.addCleanup(self.put_away)
        self.window.open_path(self.write_recipe())
        self.settle()

    def put_away(self) -> None:
        """Close the window and have Qt delete it before the next test."""
        self.window.close()
        self.window.deleteLater()
        QApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete.value)
        left = [w for w in QApplication.topLevelWidgets() if w.isVisible()]
        self.assertEqual(left, [], "a window was left")
        started = set(threading.enumerate()) - self._threads
        # Qt's own threads are known to Python only where something there asked who it was; those
        # of the kernels are the process's, and stay.
        own = (t for t in started if not isinstance(t, threading._DummyThread))
        for thread in (t for t in own if not t.name.startswith("rows")):
            thread.join(5)
            self.assertFalse(thread.is_alive(), f"{thread.name} was left")
        self.assertEqual(self.warned, [], "Qt warned")
        self.assertEqual(self.raised, [], "a slot raised")

    def _warn(self, kind, context, text: str) -> None:
        if "This plugin does not support" not in text:  # offscreen has no window manager
            self.warned.append(text)

    @property
    def bench(self) -> Bench:
        return self.window.bench

    @property
    def status(self) -> str:
        return self.window.house.stage.status.label.text()

    def wait(self, until: Callable[[], bool], seconds: float = WAIT) -> None:
        end = time.monotonic() + seconds
        while not until():
            if time.monotonic() > end:
                self.fail("waited too long")
            QApplication.processEvents()
            time.sleep(0.005)
        QApplication.processEvents()

    def settle(self) -> None:
        """Wait until nothing is read or rendered and all signals, and what they start, are through."""
        for _ in range(3):
            self.wait(lambda: self.window.house.idle and self.window.updatesEnabled())
            for _ in range(3):
                QApplication.processEvents()

    def pull(self) -> None:
        QTest.mouseClick(self.window.house.top.button, Qt.MouseButton.LeftButton)
        self.settle()

    def drag(self, widget: QWidget, start: QPointF, end: QPointF, *, free: bool = False) -> None:
        keys = Qt.KeyboardModifier.AltModifier if free else Qt.KeyboardModifier.NoModifier
        button = Qt.MouseButton.LeftButton
        QTest.mousePress(widget, button, keys, _point(start))
        QTest.mouseMove(widget, _point(start) + QPoint(1, 0))
        # QTest's moves carry neither buttons nor keys, so the one that matters is sent by hand.
        place = QPointF(_point(end))
        move = QMouseEvent(
            QEvent.Type.MouseMove,
            place,
            widget.mapToGlobal(place),
            Qt.MouseButton.NoButton,
            button,
            keys,
        )
        QApplication.sendEvent(widget, move)
        QTest.mouseRelease(widget, button, keys, _point(end))
        QApplication.processEvents()

    def choose(self, text: str) -> None:
        """Trigger a menu entry by its text."""
        for action in self.window.findChildren(QAction):
            if action.text().startswith(text):
                action.trigger()
                QApplication.processEvents()
                return
        self.fail(f"no menu entry {text!r}")

    def write_text(self, name: str, text: str) -> Path:
        path = self.folder / name
        path.write_text(text)
        return path


def _point(place: QPointF) -> QPoint:
    return QPoint(round(place.x()), round(place.y()))
