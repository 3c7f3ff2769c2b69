"""A monkey at the window: real mouse and keys over everything there is, from a seed.

    python -m tests.app.monkey [--minutes N] [--seed N] [--patience N]

It fails on any exception, any warning of Qt, any event that again and again holds the GUI thread
for more than 50 ms of its own time (times the patience), memory that grows by more than a fifth after warming up, and threads left.
"""

import argparse
import contextlib
import ctypes
import gc
import json
import os
import random
import sys
import tempfile
import threading
import time
import traceback
from collections import Counter
from collections.abc import Callable
from pathlib import Path
from unittest import mock

from tests.app.watching import Watch
from tests.timing import slower

MOST = 0.05  # seconds of the thread's own time, of one handler
_MOST_CUES = 16
_STUCK = 0.15  # seconds after which it is looked at where the window's thread is
_WARM, _WARM_SECONDS = 0.4, 40  # of the time and at least, before memory and threads are counted
_REST = 120  # seconds within which what is in work must have ended once it was asked to
_NEVER = ("Quit", "Open the demo", "Handbook")
_KEYS = "MSKBEFGITROPWXDCV01"


class Monkey:
    """Draws gestures and does them; `faults` says what should not have happened."""

    def __init__(
        self, window, folder: Path, rng: random.Random, application, patience: float = 1.0
    ) -> None:
        from PySide6.QtCore import QTimer, qInstallMessageHandler

        self._application, self._patience = application, patience
        self.window, self.folder, self.rng = window, folder, rng
        self.faults: list[str] = []
        self.did: Counter[str] = Counter()
        self.trail: list[str] = []
        self._watch = Watch(_STUCK)
        self.memory: list[int] = []  # MiB, every quarter of a minute
        self.slowest: dict[str, float] = {}
        self.excesses: Counter[str] = Counter()
        self._now = ""
        self._menus = 0  # that were opened and closed
        qInstallMessageHandler(self._said)
        sys.excepthook = self._raised
        threading.excepthook = lambda args: self._raised(
            args.exc_type, args.exc_value, args.exc_traceback
        )
        # Menus wait in loops of their own until something is chosen.
        self._popups = QTimer()
        self._popups.timeout.connect(self._end_popup)
        self._popups.start(15)

    # What should not happen -----------------------------------------------------------------

    def _note(self, fault: str) -> None:
        self.faults.append(f"{fault}\n    after {' | '.join(self.trail[-6:])}")

    def _said(self, kind, context, text: str) -> None:
        if "This plugin does not support" not in text:  # offscreen
            self._note(f"Qt says: {text}")

    def _raised(self, kind, error, trace) -> None:
        said = "".join(traceback.format_exception(kind, error, trace))
        print(said, file=sys.stderr, flush=True)  # should the end never come
        self._note(said)

    def _timed(self, do: Callable[[], object]) -> None:
        """Do a gesture, then let what it caused happen, each event within a handler's time."""
        from PySide6.QtWidgets import QApplication

        menus = self._menus
        for part, act in (("at once", do), ("after", QApplication.processEvents)):
            loaded = set(sys.modules)
            self._application.begin()
            before = time.thread_time()
            self._watch.begin()
            act()
            self._watch.end()
            whole = time.thread_time() - before, "called"  # where nothing was sent
            spent, what = self._application.longest() or whole
            name = f"{self._now}, {part}: {what}"
            self.slowest[name] = max(self.slowest.get(name, 0.0), spent)
            # What opens a menu stays in its loop until that is closed.
            if self._menus == menus and spent > MOST and spent > MOST * slower():
                self._slow(name, spent / (MOST * slower()), sorted(set(sys.modules) - loaded))

    def _slow(self, name: str, times: float, loaded: list[str]) -> None:
        """Twice may be the machine's or first showings; thrice, or far too long, is a fault."""
        self.excesses[name] += 1
        if times > self._patience and (self.excesses[name] > 2 or times > 3):
            with_ = f", loading {len(loaded)} modules: {', '.join(loaded[:3])}" if loaded else ""
            self._note(
                f"{name}: {times:.1f} times as long as a handler may take{with_}{self._seen_in()}"
            )

    def _seen_in(self) -> str:
        """Where the window's thread was, a while after what took so long had begun."""
        return ", in " + " < ".join(self._watch.seen[:4]) if self._watch.seen else ""

    def _end_popup(self) -> None:
        from PySide6.QtCore import Qt
        from PySide6.QtTest import QTest
        from PySide6.QtWidgets import QApplication, QMenu

        popup = QApplication.activePopupWidget()
        if popup is None:
            return
        self._menus += 1
        self._application.waited = self._menus
        if isinstance(popup, QMenu) and self.rng.random() < 0.6:
            actions = [a for a in popup.actions() if a.isEnabled() and not a.isSeparator()]
            actions = [a for a in actions if not a.text().startswith(_NEVER) and a.menu() is None]
            if actions:
                popup.setActiveAction(self.rng.choice(actions))
                QTest.keyClick(popup, Qt.Key.Key_Return)
                return
        popup.close()

    # Gestures -------------------------------------------------------------------------------

    def step(self) -> None:
        """One gesture of any kind."""
        from PySide6.QtCore import QCoreApplication, QEvent

        gestures = {
            self.click: 30, self.drag: 24, self.key: 14, self.type: 8, self.wheel: 6,
            self.choose: 14, self.drop: 4, self.resize: 2, self.pull: 3, self.history: 8,
            self.wait: 6, self.close_dialogs: 4,
        }  # fmt: skip
        gesture = self.rng.choices(list(gestures), list(gestures.values()))[0]
        self._now = gesture.__name__
        gesture()
        # A running event loop would do this by itself.
        QCoreApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete.value)
        self.did[gesture.__name__] += 1

    def _top(self):
        from PySide6.QtWidgets import QApplication

        modal = QApplication.activeModalWidget()
        if modal is not None:
            return modal
        others = [w for w in QApplication.topLevelWidgets() if w.isVisible() and w.parent()]
        return self.rng.choice([self.window, self.window, *others])

    def _widget(self):
        """Any widget that can be seen and used."""
        from PySide6.QtWidgets import QWidget

        found = [
            w for w in self._top().findChildren(QWidget)
            if w.isVisible() and w.isEnabled() and w.width() > 2 and w.height() > 2
        ]  # fmt: skip
        return self.rng.choice(found) if found else None

    def _say(self, what: str, widget) -> None:
        name = widget.accessibleName() or widget.objectName()
        self._now = f"{what} {type(widget).__name__} {name[:30]}".strip()
        self.trail.append(self._now)

    def _place(self, widget):
        from PySide6.QtCore import QPoint

        # What is dragged may shrink to nothing meanwhile.
        width, height = max(widget.width(), 1), max(widget.height(), 1)
        return QPoint(self.rng.randrange(width), self.rng.randrange(height))

    def _modifiers(self):
        from PySide6.QtCore import Qt

        kinds = Qt.KeyboardModifier
        return self.rng.choice(
            [kinds.NoModifier] * 4 + [kinds.ShiftModifier, kinds.ControlModifier]
        )

    def click(self) -> None:
        from PySide6.QtCore import Qt
        from PySide6.QtTest import QTest

        widget = self._widget()
        if widget is None:
            return
        self._say("click", widget)
        left, right = Qt.MouseButton.LeftButton, Qt.MouseButton.RightButton
        button = right if self.rng.random() < 0.1 else left
        place, keys = self._place(widget), self._modifiers()
        double = self.rng.random() < 0.12
        act = QTest.mouseDClick if double else QTest.mouseClick
        self._timed(lambda: act(widget, button, keys, place))

    def drag(self) -> None:
        from PySide6.QtCore import QEvent, QPointF, Qt
        from PySide6.QtGui import QMouseEvent
        from PySide6.QtTest import QTest
        from PySide6.QtWidgets import QApplication
        from shiboken6 import isValid

        widget = self._widget()
        if widget is None:
            return
        self._say("drag", widget)
        left, keys = Qt.MouseButton.LeftButton, self._modifiers()
        self._timed(lambda: QTest.mousePress(widget, left, keys, self._place(widget)))
        for _ in range(self.rng.randrange(1, 8)):
            if not isValid(widget):
                return
            place = QPointF(self._place(widget) * self.rng.choice((1, 1, 1.6, -0.4)))
            move = QMouseEvent(
                QEvent.Type.MouseMove, place, widget.mapToGlobal(place),
                Qt.MouseButton.NoButton, left, keys,
            )  # fmt: skip
            self._timed(lambda m=move: QApplication.sendEvent(widget, m))
            if self.rng.random() < 0.1:
                self.history()
        if isValid(widget):
            self._timed(lambda: QTest.mouseRelease(widget, left, keys, self._place(widget)))

    def key(self) -> None:
        from PySide6.QtCore import Qt
        from PySide6.QtTest import QTest

        names = ("Up", "Down", "Left", "Right", "Delete", "Escape", "Return", "Tab", "Home", "End",
                 "PageUp", "PageDown", "Space", "Comma", "Period", "F2", "Backspace")  # fmt: skip
        name = self.rng.choice((*names, *_KEYS))
        self._now = f"key {name}"
        self.trail.append(self._now)
        target = self.window.focusWidget() or self.window
        self._timed(
            lambda: QTest.keyClick(target, getattr(Qt.Key, f"Key_{name}"), self._modifiers())
        )

    def type(self) -> None:
        from PySide6.QtCore import Qt
        from PySide6.QtTest import QTest
        from PySide6.QtWidgets import QAbstractSpinBox, QComboBox, QLineEdit, QPlainTextEdit

        kinds = (QLineEdit, QAbstractSpinBox, QComboBox, QPlainTextEdit)
        fields = [w for k in kinds for w in self._top().findChildren(k) if w.isVisible()]
        if not fields:
            return
        field = self.rng.choice(fields)
        self._say("type", field)
        texts = (
            "40",
            "-1",
            "9" * 30,
            "²",
            "#c23f2d",
            "<img src=x>",
            "640 x 480",
            "",
            "mill",
            "0.5",
        )
        field.setFocus()
        if hasattr(field, "selectAll"):
            field.selectAll()
        self._timed(lambda: QTest.keyClicks(field, self.rng.choice(texts)))
        self._timed(
            lambda: QTest.keyClick(field, self.rng.choice((Qt.Key.Key_Return, Qt.Key.Key_Tab)))
        )

    def wheel(self) -> None:
        from PySide6.QtCore import QPoint, QPointF, Qt
        from PySide6.QtGui import QWheelEvent
        from PySide6.QtWidgets import QApplication

        widget = self._widget()
        if widget is None:
            return
        self._say("wheel", widget)
        place = QPointF(self._place(widget))
        event = QWheelEvent(
            place, widget.mapToGlobal(place), QPoint(), QPoint(0, self.rng.choice((-120, 120))),
            Qt.MouseButton.NoButton, self._modifiers(), Qt.ScrollPhase.NoScrollPhase, False,
        )  # fmt: skip
        self._timed(lambda: QApplication.sendEvent(widget, event))

    def choose(self) -> None:
        from PySide6.QtWidgets import QApplication

        if QApplication.activeModalWidget() is not None:
            return
        actions = [a for a in self.window.actions_by_name.values() if a.isEnabled()]
        many = len(self.window.bench.project.recipe.cues) > _MOST_CUES
        never = (*_NEVER, "Duplicate", "Add") if many else _NEVER
        actions = [a for a in actions if not a.text().startswith(never)]
        action = self.rng.choice(actions)
        self._now = f"menu {action.text().split(':')[0]}"
        self.trail.append(self._now)
        self._timed(action.trigger)

    def drop(self) -> None:
        from PySide6.QtCore import QMimeData, QPointF, Qt, QUrl
        from PySide6.QtGui import QDropEvent

        target = self.rng.choice(
            [self.window.house.tray, self.window.house.sheet, self.window.house.stage.view]
        )
        data = QMimeData()
        data.setUrls(
            [QUrl.fromLocalFile(str(self._file())) for _ in range(self.rng.randrange(1, 3))]
        )
        self._say("drop", target)
        event = QDropEvent(
            QPointF(20, 20), Qt.DropAction.CopyAction, data, Qt.MouseButton.LeftButton,
            Qt.KeyboardModifier.NoModifier,
        )  # fmt: skip
        self._timed(lambda: target.dropEvent(event))

    def resize(self) -> None:
        width, height = self.rng.choice(((1280, 800), (1024, 700), (1180, 760), (1600, 900)))
        self._now = f"resize {width}"
        self.trail.append(self._now)
        self._timed(lambda: self.window.resize(width, height))

    def pull(self) -> None:
        self._now = "pull"
        self.trail.append(self._now)
        self._timed(self.window.house.puller.pull)

    def history(self) -> None:
        act = self.rng.choice((self.window.undo, self.window.undo, self.window.redo))
        self._now = act.__name__
        self.trail.append(self._now)
        self._timed(act)

    def wait(self) -> None:
        end = time.monotonic() + self.rng.choice((0.02, 0.1, 0.4))
        self._now = "wait"
        while time.monotonic() < end:
            self._timed(lambda: time.sleep(0.005))

    def close_dialogs(self) -> None:
        from PySide6.QtCore import Qt
        from PySide6.QtWidgets import QApplication, QDialog
        from shiboken6 import isValid

        for top in QApplication.topLevelWidgets():
            # Closing one may delete others.
            if isValid(top) and isinstance(top, QDialog) and top.isVisible():
                top.close()
            elif (
                isValid(top) and top.windowType() == Qt.WindowType.Popup and self.rng.random() < 0.5
            ):
                top.hide()

    def _file(self) -> Path:
        return self.rng.choice(sorted(self.folder.iterdir()))

    # Answers that dialogs would give --------------------------------------------------------

    def answers(self):
        """Stand-ins for what waits for a person: files and colours chosen, questions answered."""
        from PySide6.QtGui import QColor

        rng, folder = self.rng, self.folder
        opened = lambda *_: (str(self._file()) if rng.random() < 0.8 else "", "")  # noqa: E731
        several = lambda *_: ([str(self._file())], "")  # noqa: E731
        saved = lambda *_: (  # noqa: E731
            (str(folder / rng.choice(("s.overlay", "s.json", "s.png", "s.gif"))), "Project (*.overlay)")
            if rng.random() < 0.7 else ("", "")
        )  # fmt: skip
        chosen = lambda _, __, ___, choices: rng.choice((*choices, None))  # noqa: E731
        files = "PySide6.QtWidgets.QFileDialog"
        stack = contextlib.ExitStack()
        # What is kept on purpose is kept small, so that what leaks is seen.
        stack.enter_context(mock.patch("overlay.studio.inputs.pictures._KEPT_BYTES", 48 << 20))
        for target, answer in (
            (f"{files}.getOpenFileName", opened), (f"{files}.getOpenFileNames", several),
            (f"{files}.getExistingDirectory", lambda *_: str(folder)),
            (f"{files}.getSaveFileName", saved), ("overlay.app.shell.project_files.ask_choice", chosen),
            ("overlay.app.floor.engines.ask_choice", chosen),
            ("overlay.app.teaching.desk.ask_choice", chosen),
            ("PySide6.QtWidgets.QColorDialog.getColor", lambda *_: QColor("#c23f2d")),
            ("overlay.app.tray.pictures.Pictures.startDrag", lambda *_: None),
            ("overlay.app.parts.offers._Handle._drag", lambda *_: None),
        ):  # fmt: skip
            stack.enter_context(mock.patch(target, answer))
        return stack


def memory() -> int:
    """Bytes of memory in use, without what the allocator keeps for later."""
    gc.collect()
    ctypes.CDLL(None).malloc_trim(0)
    return int(Path("/proc/self/statm").read_text().split()[1]) * os.sysconf("SC_PAGE_SIZE")


def kept(window) -> int:
    """Bytes that caches keep, each up to its limit: no growth of what is in use."""
    from overlay.engine import kept as engine

    store = window.house.floor.bench.store
    return int(sum(c.currsize for c in (engine._kept, store._kept, store.stages._kept)))


def threads() -> int:
    """Threads of this process."""
    return len(list(Path("/proc/self/task").iterdir()))


def make_folder(folder: Path) -> Path:
    """Pictures, good and bad, and a recipe; returns the recipe."""
    from overlay.imaging.files import write_picture
    from tests.pictures import manner, scene, stripes

    write_picture(folder / "mill.png", scene())
    write_picture(folder / "paint.png", manner("gouache"))
    write_picture(folder / "stripes.png", stripes())
    (folder / "broken.png").write_bytes(b"\x89PNG\r\n\x1a\nbroken")
    (folder / "a.gpl").write_text("GIMP Palette\n1 2 3\n200 100 0\n")
    os.mkfifo(folder / "pipe.png")
    cues = [{"name": "paint", "reference": "paint.png"}, {"name": "contours", "guide": "edges"}]
    recipe = folder / "recipe.json"
    recipe.write_text(json.dumps({
        "overlay": 1, "size": [96, 64], "steps": 6, "source": "mill.png", "cues": cues}))  # fmt: skip
    return recipe


def run(minutes: float, seed: int, folder: Path, patience: float) -> tuple[Monkey, float, int]:
    """Let a monkey at a window; returns it, the growth of memory and threads left."""
    from PySide6.QtWidgets import QApplication

    from overlay.app.main import make_application
    from overlay.app.shell.window import MainWindow
    from overlay.studio.bench.bench import Bench
    from overlay.studio.making.warming import warm_kernels
    from tests.app.event_times import TimedApplication

    warm_kernels()
    application = TimedApplication(["overlay"])
    make_application()
    recipe = make_folder(folder)
    window = MainWindow(Bench())
    window.show()
    window.open_path(recipe)
    monkey = Monkey(window, folder, random.Random(seed), application, patience)
    begin = time.monotonic()
    warm: tuple[int, int] | None = None
    with monkey.answers():
        while (spent := time.monotonic() - begin) < 60 * minutes:
            if not window.isVisible():
                window.show()
            monkey.step()
            if spent > 15 * len(monkey.memory):
                monkey.memory.append((memory() - kept(window)) >> 20)
            if warm is None and spent > max(60 * minutes * _WARM, _WARM_SECONDS):
                warm = memory() - kept(window), threads()
        monkey.close_dialogs()
        window.floor.runner.queue.stop_all()  # sets of a hundred may wait
        end = time.monotonic() + _REST
        while not window.house.idle and time.monotonic() < end:
            QApplication.processEvents()
            time.sleep(0.005)
        if not window.house.idle:
            monkey._note("it never came to rest")
        used = memory() - kept(window)
        warm = warm or (used, threads())  # where the time was too short for a warm-up
        grown, left = used / warm[0] - 1, threads() - warm[1]
    monkey._popups.stop()
    window.close()
    application.processEvents()
    from PySide6.QtCore import qInstallMessageHandler

    qInstallMessageHandler(None)
    return monkey, grown, left


def main() -> int:
    parser = argparse.ArgumentParser(prog="tests.app.monkey")
    parser.add_argument("--minutes", type=float, default=20.0)
    parser.add_argument("--seed", type=int, default=1)
    parser.add_argument("--patience", type=float, default=1.0, help="of a handler's time")
    options = parser.parse_args()
    os.environ.setdefault("QT_QPA_PLATFORM", "offscreen")
    hooks = sys.excepthook, threading.excepthook
    with tempfile.TemporaryDirectory(prefix="overlay-monkey-") as home:
        for name in ("DATA", "STATE", "CACHE", "CONFIG"):
            os.environ[f"XDG_{name}_HOME"] = str(Path(home) / name.lower())
        folder = Path(home) / "work"
        folder.mkdir()
        try:
            monkey, grown, left = run(options.minutes, options.seed, folder, options.patience)
        finally:
            sys.excepthook, threading.excepthook = hooks
    for fault in dict.fromkeys(monkey.faults):
        print(fault, flush=True)
    slow = sorted(monkey.slowest.items(), key=lambda item: -item[1])[:12]
    print("slowest:", *(f"  {1000 * s:6.1f} ms  {name}" for name, s in slow), sep="\n")
    print("memory beside caches, MiB:", *monkey.memory)
    print(f"seed {options.seed}: {sum(monkey.did.values())} gestures, {len(monkey.faults)} faults, "
          f"memory grew by {100 * grown:.0f} %, {left} more threads")  # fmt: skip
    # A minute is too short to tell a leak from a larger picture.
    leaks = options.minutes >= 5 and grown > 0.2
    return 1 if monkey.faults or leaks or left > 0 else 0


if __name__ == "__main__":
    sys.exit(main())
