"""The room of sequences: what is carried and what changes at the left, the frames in the middle."""

from collections.abc import Sequence as Listed

from PySide6.QtCore import Signal
from PySide6.QtWidgets import (
    QAbstractItemView,
    QFrame,
    QHBoxLayout,
    QHeaderView,
    QPushButton,
    QTableWidget,
    QTableWidgetItem,
    QVBoxLayout,
    QWidget,
)

from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import SliderField
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain
from overlay.app.sequence.player import Player

_LEFT = 300  # pixels of width
_EMPTY = (
    "A sequence renders frames one after another with the bench's recipe, each held to the one "
    "before along what moves in it, so that marks do not flicker.\n\n"
    "Choose a folder of numbered pictures, an animation (GIF, APNG, WebP) or a video."
)


class SequenceRoom(QWidget):
    """Shows the project's sequence; what is to be done are signals.

    Signals
    -------
    held_chosen : 0 to 1. key_edited : a row of the table of key frames, and what was typed.
    """

    folder_asked = Signal()
    file_asked = Signal()
    held_chosen = Signal(float)
    key_asked = Signal()
    key_removed = Signal(int)
    key_edited = Signal(int, str)
    fill_asked = Signal()
    stop_asked = Signal()
    write_asked = Signal()
    left_asked = Signal()

    def __init__(self) -> None:
        super().__init__()
        self.player = Player()
        self.player.view.empty = _EMPTY
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(1)
        self.left = self._left()
        row.addWidget(self.left)
        row.addWidget(self.player, 1)

    def _left(self) -> QFrame:
        left = QFrame()
        left.setProperty("panel", "true")
        left.setMinimumWidth(_LEFT)
        policy = left.sizePolicy().Policy
        left.setSizePolicy(policy.Fixed, policy.Preferred)
        box = QVBoxLayout(left)
        box.setContentsMargins(12, 10, 12, 10)
        box.setSpacing(8)
        box.addLayout(self._choosing())
        self.says = PlainLabel(tr("No frames yet"), wraps=True)
        box.addWidget(self.says)
        tip = "How much of each frame is carried from the one before: 0 free, 100 held"
        self.held = SliderField("Held", tip, 0, 100, 1)
        self.held.settled.connect(lambda value: self.held_chosen.emit(value / 100))
        box.addWidget(self.held)
        box.addLayout(self._key_head())
        self.keys = QTableWidget(0, 3)
        self.keys.setAccessibleName(tr("Key frames"))
        self.keys.setHorizontalHeaderLabels([tr(name) for name in ("Frame", "Setting", "Value")])
        self.keys.verticalHeader().hide()
        self.keys.setShowGrid(False)
        self.keys.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.keys.horizontalHeader().setSectionResizeMode(1, QHeaderView.ResizeMode.Stretch)
        self.keys.setColumnWidth(0, 52)
        self.keys.setColumnWidth(2, 70)
        self.keys.itemChanged.connect(self._edited)
        box.addWidget(self.keys, 1)
        self.figures = PlainLabel(wraps=True)
        box.addWidget(self.figures)
        box.addLayout(self._pulling())
        return left

    def _choosing(self) -> QHBoxLayout:
        row = QHBoxLayout()
        label = PlainLabel(tr("Frames"), role="title")
        row.addWidget(label)
        self.folder = text_button("Folder…", "Frames from a folder of numbered pictures")
        self.folder.clicked.connect(self.folder_asked)
        self.file = text_button("File…", "Frames from a GIF, APNG, WebP or a video")
        self.file.clicked.connect(self.file_asked)
        self.back = text_button("Bench", "Go back to the bench (Esc)")
        self.back.clicked.connect(self.left_asked)
        row.addWidget(self.folder)
        row.addWidget(self.file)
        row.addStretch(1)
        row.addWidget(self.back)
        return row

    def _key_head(self) -> QHBoxLayout:
        row = QHBoxLayout()
        title = PlainLabel(tr("Key frames"), role="title")
        self.add_key = text_button(
            "Add…", "Have a setting its value at this frame; it changes evenly to the next one"
        )
        self.add_key.clicked.connect(self.key_asked)
        self.drop_key = text_button("Remove", "Take the picked key frame away (Del)")
        self.drop_key.clicked.connect(self.remove_picked)
        row.addWidget(title, 1)
        row.addWidget(self.add_key)
        row.addWidget(self.drop_key)
        return row

    def _pulling(self) -> QVBoxLayout:
        box = QVBoxLayout()
        self.fill = QPushButton(tr("Pull the sequence"))
        self.fill.setProperty("primary", "true")
        self.fill.setFixedHeight(30)
        self.fill.setToolTip(tr("Render all frames, one after another (Ctrl+Return)"))
        self.fill.clicked.connect(self.fill_asked)
        row = QHBoxLayout()
        self.stop = text_button("Stop", "Leave the frames that are still to come (Esc)")
        self.stop.clicked.connect(self.stop_asked)
        self.write = text_button("Write…", "Frames, an animation or a video", stretched=True)
        self.write.clicked.connect(self.write_asked)
        row.addWidget(self.stop)
        row.addWidget(self.write, 1)
        box.addWidget(self.fill)
        box.addLayout(row)
        return box

    # What is shown --------------------------------------------------------------------------

    def show_keys(self, rows: Listed[tuple[int, str, str]]) -> None:
        """List key frames: frame, what the setting is called, its value."""
        blocked = self.keys.blockSignals(True)
        self.keys.setRowCount(len(rows))
        for place, (frame, title, value) in enumerate(rows):
            for column, text in enumerate((str(frame), plain(title), plain(value))):
                item = QTableWidgetItem(text)
                if column < 2:
                    item.setFlags(item.flags() & ~item.flags().ItemIsEditable)
                self.keys.setItem(place, column, item)
        self.keys.blockSignals(blocked)

    def remove_picked(self) -> None:
        """Take the picked key frame away."""
        if self.keys.currentRow() >= 0:
            self.key_removed.emit(self.keys.currentRow())

    def _edited(self, item: QTableWidgetItem) -> None:
        if item.column() == 2:
            self.key_edited.emit(item.row(), item.text())
