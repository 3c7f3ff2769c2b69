"""A real window on a small project, driven by mouse and keys."""

import os
import threading
import time
from collections.abc import Callable
from pathlib import Path
from typing import ClassVar
from unittest.mock import patch

from PySide6.QtCore import QEvent, QPoint, QPointF, QSize, Qt, qInstallMessageHandler
from PySide6.QtGui import QAction, QMouseEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QWidget

from overlay.app.main import make_application
from overlay.app.shell.window import MainWindow
from overlay.app.work.rubbish import Rubbish
from overlay.studio.bench.bench import Bench
from tests.workspace import WorkspaceTest

# Seconds to wait for what must come; a slow machine may still be compiling.
WAIT = float(os.environ.get("OVERLAY_TEST_WAIT", "300"))
_SIZE = QSize(1280, 800)
_USUAL = {
    "theme": "light", "larger_text": False, "tray_extra": 0, "card_extra": 0, "engines": (),
    "cluster": "",
}  # fmt: skip


class WindowTest(WorkspaceTest):
    """Gives each test `window` with the workspace's recipe open.

    The tests of a class share one: they open their own project in it, and begin at the bench, in
    the usual theme and size.

    Attributes
    ----------
    FRESH : whether each has a new one all the same: it changes what stays from project to project.
    LIVE : whether looks run beside; most tests wait for something else.
    """

    FRESH = False
    LIVE = False
    _shared: ClassVar[MainWindow | None] = None
    _rubbish: ClassVar[Rubbish]
    _threads: ClassVar[set[threading.Thread]] = set()

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
        self._take_window()
        self.addCleanup(self._after)
        self.window.open_path(self.write_recipe())
        self.settle()

    def _take_window(self) -> None:
        """Take the class's window as it was at first, or a new one."""
        kind = type(self)
        if kind._shared is None:
            kind._threads = set(threading.enumerate())
            kind._shared = MainWindow(Bench())
            kind._rubbish = Rubbish()  # as `run_window` has it
            kind._shared.show()
        self.window = kind._shared
        self._make_usual()

    def _make_usual(self) -> None:
        """Give the window the usual settings and size, no comparison, and the keys typed."""
        window = self.window
        known = window.floor.settings.model_copy(update={"live_looks": self.LIVE})
        usual = known.model_copy(update=_USUAL)
        if usual == known:
            window.floor.settings = usual
        else:
            window.floor.change_settings(usual)
            self.settle()
        if window.isFullScreen() or window.isMaximized():
            window.showNormal()
        window.resize(_SIZE)
        for button in window.house.stage.compare.ways.values():
            button.setChecked(False)
        window.activateWindow()
        window.centralWidget().setFocus()

    def _after(self) -> None:
        """Leave nothing for the next test; close the window where that one needs another."""
        for left in QApplication.topLevelWidgets():
            if left.isVisible() and left is not self.window:
                left.close()
        # Outside an event loop nothing is deleted later, unless one says so.
        QApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete.value)
        if self.FRESH or not self.window.isVisible():
            self.put_away()
        else:
            self.window.house.puller.stop_all()
            self.settle()
        self.assertEqual(self.warned, [], "Qt warned")
        self.assertEqual(self.raised, [], "a slot raised")

    @classmethod
    def tearDownClass(cls):
        if cls._shared is not None:
            cls.put_away()
        super().tearDownClass()

    @classmethod
    def put_away(cls) -> None:
        """Close the window and have Qt delete it; what it began has ended."""
        window, cls._shared = cls._shared, None
        cls._rubbish.stop()
        window.close()
        window.deleteLater()
        QApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete.value)
        left = [w for w in QApplication.topLevelWidgets() if w.isVisible()]
        assert left == [], f"a window was left: {left}"
        started = set(threading.enumerate()) - cls._threads
        # Qt's own threads are known to Python only where something there asked who it was; those
        # of the kernels are the process's, and stay.
        own = (t for t in started if not isinstance(t, threading._DummyThread))
        for thread in (t for t in own if not t.name.startswith("rows")):
            thread.join(5)
            assert not thread.is_alive(), f"{thread.name} was left"

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
        """Trigger a menu entry by its text; menus of the bar go before those of single parts."""
        bar = [a.menu() for a in self.window.menuBar().actions()]
        listed = [a for menu in bar for a in menu.actions()]
        for action in listed + self.window.findChildren(QAction):
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
