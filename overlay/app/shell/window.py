"""The main window: the rooms under their top, undo, theme, held keys, and the end."""

import time
from collections.abc import Callable, Iterator
from functools import partial
from pathlib import Path

from PySide6.QtCore import QEvent, QObject, Qt, QTimer
from PySide6.QtGui import QCloseEvent, QGuiApplication, QKeyEvent, QResizeEvent
from PySide6.QtWidgets import QApplication, QDialog, QMainWindow, QMenu, QVBoxLayout, QWidget
from shiboken6 import isValid

from overlay.app.floor.commands import Command, Entries
from overlay.app.parts.icons import retint
from overlay.app.parts.language import tr
from overlay.app.parts.theme import apply_theme, dress, is_dressed, wants_dark
from overlay.app.shell.compose import commands, compose
from overlay.app.shell.help.tour import Tour
from overlay.app.shell.menus import make_menus
from overlay.app.shell.side_tabs import WIDER, WIDTH
from overlay.studio.bench.bench import Bench
from overlay.studio.keeping.settings import Settings

_MOMENT = 0.004  # seconds in which parts are dressed between other events
_NARROW = 1180  # pixels of width, below which tray and card share one place


class MainWindow(QMainWindow):
    """Lays the house out and gives it menus."""

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        self.setWindowTitle(tr("Overlay"))
        self.resize(1280, 800)
        self.setMinimumSize(1024, 700)
        self.house = compose(self, bench)
        self.floor = self.house.floor
        self._dresser = QTimer(self)
        self._dresser.setSingleShot(True)
        self._dresser.timeout.connect(self._dress_next)
        self._redressing = False  # whether parts in sight still wear another theme
        self._finishing = self._steps_after()
        self._lay_out()
        groups = commands(self.house, self._commands())
        every = tuple(entry for group in groups for entry in group)
        self.house.helping.listed = self.house.finding.listed = lambda: every
        self.actions_by_name = make_menus(self, self.floor, groups)
        self.house.refresh.on(self.show_history)
        self.house.prepare_desk.history_changed.connect(self.show_history)
        self.house.region_desk.in_sight.connect(lambda _: self._dress_seen())
        self.floor.rooms.changed.connect(self._room_changed)
        self.floor.settings_changed.connect(self._settings_changed)
        QGuiApplication.styleHints().colorSchemeChanged.connect(self._desktop_changed)
        side, settings = self.house.side, self.floor.settings
        side.set_width(WIDER if settings.larger_text else WIDTH)
        side.widen(settings.tray_extra, settings.card_extra)
        side.widened.connect(self._keep_widths)
        self.floor.rooms.go_to("bench")
        self.house.refresh.everything()

    def _lay_out(self) -> None:
        h = self.house
        centre = QWidget()
        column = QVBoxLayout(centre)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(1)
        column.addWidget(h.top)
        column.addWidget(self.floor.rooms.stack, 1)
        column.addWidget(h.line)
        self.setCentralWidget(centre)
        self._parts = (
            self.menuBar(), h.top, h.tray, *h.stage.parts, *h.card.parts, h.pass_desk.card,
            h.side.bar, *h.sheet.parts, *h.regions.parts, h.line,
            *(p for room in h.floor.rooms if room is not h.bench_room for p in room.parts),
        )  # fmt: skip
        for part in self._parts:
            part.installEventFilter(self)

    def _commands(self) -> Entries:
        """What means something else in each room."""
        return (
            Command("Edit", "Undo", "Ctrl+Z", self.undo),
            Command("Edit", "Redo", "Ctrl+Shift+Z", self.redo),
            Command("Cue", "Remove cue", "Del", lambda: self.floor.rooms.shown.remove(),
                    "Remove what is selected"),
            Command("Proof", "Keep with a star", "K", lambda: self.floor.rooms.shown.star()),
            Command("Proof", "Stop", "Esc", self.escape,
                    "Put the tool down, leave the room, stop the run"),
            Command("View", "Full screen", "F11", self.toggle_full_screen),
        )  # fmt: skip

    def toggle_full_screen(self) -> None:
        """The whole screen, or a window again."""
        if self.isFullScreen():
            self.showNormal()
        else:
            self.showFullScreen()

    # Rooms ----------------------------------------------------------------------------------

    def _room_changed(self, name: str) -> None:
        line = self.house.line
        if name != "bench" and self.house.bench_room.bare:
            self.house.bench_room.set_bare(bare=False)
        self._dress_seen()
        self.house.top.show_room(name)
        line.setVisible(self.floor.rooms.shown.line is line)
        line.say("")
        self.show_history()

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        """A part that was hidden gets the theme when it is shown: a page of the card, a room."""
        if event.type() == QEvent.Type.Show and isinstance(watched, QWidget):
            self._dress_shown(watched)
        return super().eventFilter(watched, event)

    def _dress_shown(self, part: QWidget) -> None:
        """At once; while others wait for the theme as well, with them, before any is seen."""
        if not self._dresser.isActive():
            dress(part)
        elif not is_dressed(part):
            self._hold_back()

    def _hold_back(self) -> None:
        """Show nothing until all that is in sight wears the theme."""
        self._redressing, self._finishing = True, self._steps_after()
        self.setUpdatesEnabled(False)
        self._dresser.start()

    def resizeEvent(self, event: QResizeEvent) -> None:
        """A narrow window has tray and card under tabs."""
        super().resizeEvent(event)
        narrow, side = self.width() < _NARROW, self.house.side
        if narrow != side.narrow:
            side.set_narrow(narrow=narrow)
            self._dress_seen()

    def _keep_widths(self, tray: int, card: int) -> None:
        """Panels that a hand made wider are so the next time, too."""
        extra = {"tray_extra": tray, "card_extra": card}
        self.floor.change_settings(self.floor.settings.model_copy(update=extra))

    # History --------------------------------------------------------------------------------

    def show_history(self) -> None:
        """Name what undo and redo would do."""
        history = self.floor.rooms.shown.history
        for text, name in (
            ("Undo", history.undo_name if history else None),
            ("Redo", history.redo_name if history else None),
        ):
            action = self.actions_by_name[text]
            action.setText(tr(text) if name is None else f"{tr(text)}: {tr(name)}")
            action.setEnabled(name is not None)

    def undo(self) -> None:
        """Take the last step of the room back."""
        room = self.floor.rooms.shown
        room.keep_typed()
        if room.history is not None:
            room.history.undo()

    def redo(self) -> None:
        """Make the last undone step of the room again."""
        history = self.floor.rooms.shown.history
        if history is not None:
            history.redo()

    # Theme ----------------------------------------------------------------------------------

    def _settings_changed(self, before: Settings) -> None:
        now = self.floor.settings
        if (before.theme, before.larger_text) != (now.theme, now.larger_text):
            self.dress()

    def _desktop_changed(self) -> None:
        if self.floor.settings.theme == "desktop":
            self.dress()

    def dress(self) -> None:
        """Put the theme of the settings on, part by part; what is seen changes all at once.

        A style sheet takes milliseconds a panel: between them the window answers.
        """
        application = QApplication.instance()
        assert isinstance(application, QApplication)
        settings = self.floor.settings
        apply_theme(application, dark=wants_dark(settings.theme), larger=settings.larger_text)
        self.house.side.set_width(WIDER if settings.larger_text else WIDTH)
        self._hold_back()

    def _dress_next(self) -> None:
        """Put the theme on the next parts, for a moment; the window answers before the others."""
        end = time.monotonic() + _MOMENT
        while self._dress_one() and time.monotonic() < end:
            pass

    def _dress_one(self) -> bool:
        """Put the theme on the next part: on what is in sight first; whether more is to be done."""
        waiting = [p for p in (*self._parts, *self.house.sheet.rows) if not is_dressed(p)]
        seen = [part for part in waiting if part.isVisibleTo(self)]
        if self._redressing and not seen:
            self._finish_next()
        elif waiting:
            dress((seen or waiting)[0])
        more = bool(waiting) or self._redressing
        if more:
            self._dresser.start()
        return more

    def _finish_next(self) -> None:
        """All in sight wears the theme: the next step of what has to follow, then show it."""
        step = next(self._finishing, None)
        if step is not None:
            step()
            return
        self._redressing = False
        self.setUpdatesEnabled(True)

    def _steps_after(self) -> Iterator[Callable[[], object]]:
        """What follows the parts; each takes a handler's time."""
        # A dialog may be gone when its turn comes.
        yield from (partial(_dress_if_there, widget) for widget in self._beside())
        yield partial(retint, self)
        yield from (room.dress for room in self.floor.rooms)
        yield from self.house.refresh.one_by_one()

    def _dress_seen(self) -> None:
        """Put the theme on what is in sight; what is hidden gets it when it is shown."""
        for part in (*self._parts, *self.house.sheet.rows):
            if part.isVisibleTo(self):
                self._dress_shown(part)
        for child in self._beside():
            dress(child)

    def _beside(self) -> list[QWidget]:
        """Menus and dialogs of the window."""
        only = Qt.FindChildOption.FindDirectChildrenOnly
        return [w for kind in (QMenu, QDialog, Tour) for w in self.findChildren(kind, options=only)]

    # Keys that are held, and the end --------------------------------------------------------

    def escape(self) -> None:
        """Put the tool down, or leave the room, or stop the run."""
        if not self.floor.rooms.shown.escape():
            self.house.puller.stop()

    def focusNextPrevChild(self, onward: bool) -> bool:
        """What the keys went to is hidden or off: they go to the room, not to the next field.

        A button that vanishes when it is pressed would hand the next Return to whatever comes
        after it, where it would be an edit.
        """
        left, room = self.focusWidget(), self.floor.rooms.shown
        gone = left is not None and not (left.isVisible() and left.isEnabled())
        if gone and left is not room.focus and room.focus.isVisible() and room.focus.isEnabled():
            room.focus.setFocus()
            return True
        return super().focusNextPrevChild(onward)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if not self.floor.rooms.shown.heed_key(event.key(), pressed=True):
            super().keyPressEvent(event)

    def keyReleaseEvent(self, event: QKeyEvent) -> None:
        if event.isAutoRepeat() or not self.floor.rooms.shown.heed_key(event.key(), pressed=False):
            super().keyReleaseEvent(event)

    def open_path(self, path: Path) -> None:
        """Open a project or recipe; a refusal is said under the picture and changes nothing."""
        self.house.files.open_path(path)

    def closeEvent(self, event: QCloseEvent) -> None:
        # Out of sight at once, even if a kernel is still being compiled.
        self.hide()
        for room in self.floor.rooms:
            room.keep_typed()
        self.house.search.queue_desk.close()
        self.house.puller.close()
        self.house.keeping.close()
        self.house.files.close()
        self.bench.put_away()
        super().closeEvent(event)


def _dress_if_there(widget: QWidget) -> None:
    if isValid(widget):
        dress(widget)
