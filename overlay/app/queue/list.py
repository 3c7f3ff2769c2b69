"""The list of what is to be pulled: how far each is, and what may be done with it."""

from collections.abc import Sequence
from dataclasses import dataclass

from PySide6.QtCore import QPoint, Qt, QTimer, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QProgressBar, QScrollArea, QVBoxLayout, QWidget

from overlay.app.parts.buttons import text_button
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain
from overlay.studio.runs.queue import Purpose, Run, RunQueue, Stage

_WIDTH, _MOST_HEIGHT = 380, 420  # pixels
_SHOWN = 16  # rows; more are counted
_AT_ONCE = 4  # rows that are made between two events: one takes 3 to 5 ms


@dataclass(frozen=True)
class Entry:
    """One row: a run, or all that are left of a sheet.

    Attributes
    ----------
    runs : of it, in the order they will run. running : the one in work, if it is among them.
    """

    name: str
    runs: tuple[Run, ...]
    running: Run | None

    @property
    def says(self) -> str:
        """How far it is."""
        left = "" if len(self.runs) == 1 else f"{len(self.runs)} left"
        if self.running is None:
            return left or "waits"
        seconds = self.running.seconds_left
        time = "" if seconds is None else f"{seconds:.1f} s"
        return ", ".join(part for part in (self.running.doing, time, left) if part) or "begins"


def entries(queue: RunQueue) -> list[Entry]:
    """What is in work and what waits, runs of one sheet together where its first stands."""
    running = queue.running
    every: list[Run] = [*([] if running is None else [running]), *queue.waiting]
    runs = [run for run in every if run.purpose is not Purpose.LOOK]
    groups: dict[object, list[Run]] = {}
    for run in runs:
        groups.setdefault(run.group or run, []).append(run)
    return [
        Entry(own[0].group or own[0].name, tuple(own), running if running in own else None)
        for own in groups.values()
    ]


class QueueList(QFrame):
    """A panel under the count; it goes when something else is clicked or Esc is pressed."""

    stop_asked = Signal(object)  # runs that are not wanted any more
    up_asked = Signal(object)  # runs that are to go before what stands above them
    empty_asked = Signal()

    def __init__(self, host: QWidget) -> None:
        super().__init__(host)
        self.setWindowFlags(Qt.WindowType.Popup)
        self.setProperty("panel", "true")
        self.setAccessibleName(tr("What is to be pulled"))
        self.setFixedWidth(_WIDTH)
        box = QVBoxLayout(self)
        box.setContentsMargins(12, 10, 12, 10)
        head = QHBoxLayout()
        self.title = PlainLabel(role="title")
        self.empty = text_button("Stop all", "Take out all that wait and stop the run (Shift+Esc)")
        self.empty.clicked.connect(self.empty_asked)
        head.addWidget(self.title, 1)
        head.addWidget(self.empty)
        box.addLayout(head)
        inside = QWidget()
        inside.setObjectName("inside")
        inside.setStyleSheet("#inside { background: transparent; }")
        self._column = QVBoxLayout(inside)
        self._column.setContentsMargins(0, 0, 0, 0)
        self._column.setSpacing(2)
        self._more = PlainLabel()
        self._column.addWidget(self._more)
        self._column.addStretch()
        area = QScrollArea()
        area.setWidgetResizable(True)
        area.viewport().setObjectName("viewport")
        area.viewport().setStyleSheet("#viewport { background: transparent; }")
        area.setWidget(inside)
        box.addWidget(area)
        self._made: list[EntryRow] = []  # kept, whether they have an entry or not
        self._entries: list[Entry] = []
        self._making = QTimer(self)
        self._making.setSingleShot(True)
        self._making.timeout.connect(self._fill)

    @property
    def rows(self) -> list["EntryRow"]:
        """Those that show an entry."""
        return self._made[: len(self._entries)]

    def show_queue(self, queue: RunQueue) -> None:
        """Show what there is now."""
        self._entries = entries(queue)
        found = len(self._entries)
        self.title.setText(tr("Nothing is to be pulled" if not found else "To be pulled"))
        self.empty.setEnabled(found > 0)
        self._more.setText(tr(f"and {found - _SHOWN} more"))
        self._more.setVisible(found > _SHOWN)
        self._fill()
        self.setFixedHeight(min(64 + 44 * max(min(found, _SHOWN), 1), _MOST_HEIGHT))

    def _fill(self) -> None:
        """Give every entry a row; rows that there never were are made a few at a time."""
        wanted = min(len(self._entries), _SHOWN)
        for _ in range(min(wanted - len(self._made), _AT_ONCE)):
            self._make_row()
        for row, entry in zip(self._made, self._entries, strict=False):
            row.show_entry(entry)
        for row in self._made:
            row.setVisible(row in self.rows)
        if len(self._made) < wanted:
            self._making.start(0)

    def _make_row(self) -> None:
        row = EntryRow(first=not self._made)
        row.stop.clicked.connect(lambda: self.stop_asked.emit(row.pressed))
        row.up.clicked.connect(lambda: self.up_asked.emit(row.pressed))
        self._column.insertWidget(len(self._made), row)
        self._made.append(row)

    def open_under(self, widget: QWidget) -> None:
        """Show the list with its right edge under a widget's."""
        place = widget.mapToGlobal(QPoint(widget.width() - _WIDTH, widget.height() + 4))
        self.move(max(place.x(), 0), place.y())
        self.show()
        self.setFocus()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape:
            self.hide()
        else:
            super().keyPressEvent(event)


class EntryRow(QWidget):
    """One entry with its two buttons.

    Attributes
    ----------
    entry : shown now; none until the first is.
    pressed : the runs whose button was pressed; a run that ends before it is let go may have given
        the row to another entry.
    """

    entry: Entry
    pressed: tuple[Run, ...] = ()

    def __init__(self, *, first: bool) -> None:
        super().__init__()
        self.setFixedHeight(42)
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        words = QVBoxLayout()
        words.setSpacing(0)
        self._name, self._says = PlainLabel(), PlainLabel()
        self._says.setProperty("role", "faint")
        self._bar = QProgressBar()
        self._bar.setRange(0, 1000)
        self._bar.setTextVisible(False)
        self._bar.setFixedHeight(3)
        words.addWidget(self._name)
        words.addWidget(self._says)
        words.addWidget(self._bar)
        row.addLayout(words, 1)
        self.up = text_button("Sooner", "Have it run before what stands above it")
        self.stop = text_button("Take out", "Do not pull it, or stop it where it is in work")
        self.up.setEnabled(not first)
        row.addWidget(self.up)
        row.addWidget(self.stop)
        for button in (self.up, self.stop):
            button.pressed.connect(self._press)

    def _press(self) -> None:
        self.pressed = self.entry.runs

    def show_entry(self, entry: Entry) -> None:
        """Show how far it is now."""
        self.entry = entry
        self._name.setText(plain(entry.name))
        self._says.setText(plain(entry.says))
        running = entry.running is not None and entry.running.stage is Stage.RUNNING
        self._bar.setVisible(running)
        if entry.running is not None:
            self._bar.setValue(round(1000 * entry.running.fraction))


def move_group_up(queue: RunQueue, runs: Sequence[Run]) -> None:
    """Have runs go before the entry that stands above them."""
    waiting = [run for run in queue.waiting if run in runs]
    if not waiting:
        return
    order = list(queue.waiting)
    at = order.index(waiting[0])
    above = next((e for e in entries(queue) if at > 0 and order[at - 1] in e.runs), None)
    steps = 0 if above is None else sum(run in above.runs for run in order[:at])
    for run in waiting:
        for _ in range(steps):
            queue.move_up(run)
