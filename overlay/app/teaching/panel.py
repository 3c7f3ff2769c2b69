"""A word is taught: what it is called, what kind of thing it is, how tall, and where it holds."""

from collections.abc import Sequence
from dataclasses import dataclass
from typing import get_args

from PySide6.QtCore import QPoint, Qt, Signal
from PySide6.QtGui import QImage, QPixmap
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QDoubleSpinBox,
    QFrame,
    QGridLayout,
    QHBoxLayout,
    QLineEdit,
    QPushButton,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import calm_wheel
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain
from overlay.app.parts.theme import dress
from overlay.document.taught import LONGEST, Belongs, TaughtKind

KINDS: dict[TaughtKind, tuple[str, str]] = {
    "subject": ("Thing", "It stands in drawn scenes wherever the word is said"),
    "area": ("Area", "The word picks whatever looks like it, beside what did not belong to it"),
    "surface": ("Surface", "The word picks what looks like it, and lends its colour to things"),
    "look": ("Look", "Whenever the word is said, these cues come in"),
}
_PLACES = {
    "ground": "on the ground", "water": "on calm water", "sea": "in the sea", "air": "in the air",
    "table": "on a table", "room": "in a room",
}  # fmt: skip
_WIDTH, _THUMB = 320, (132, 88)


@dataclass(frozen=True)
class Form:
    """What was filled in.

    Attributes
    ----------
    keep : whether pictures that the word has already stay. everywhere : for all projects.
    cues : names of those that a look brings in.
    """

    word: str
    kind: TaughtKind
    height: float
    belongs: Belongs
    keep: bool
    everywhere: bool
    cues: tuple[str, ...]


class TeachPanel(QFrame):
    """Over the window; `filled` carries a `Form`."""

    filled = Signal(object)

    def __init__(self) -> None:
        super().__init__(None, Qt.WindowType.Popup)
        self.setProperty("panel", "true")
        self.setFixedWidth(_WIDTH)
        self.kind: TaughtKind = "subject"
        self._known: dict[str, str] = {}
        self.cue_boxes: dict[str, QCheckBox] = {}
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 12, 14, 12)
        column.setSpacing(8)
        self.title = PlainLabel(tr("Teach a word"), role="title")
        column.addWidget(self.title)
        self.word = QLineEdit()
        self.word.setMaxLength(LONGEST)
        self.word.setPlaceholderText(tr("What is it called? One to four words"))
        self.word.setAccessibleName(tr("Word"))
        self.word.setToolTip(tr("What the words line and picks will know it by"))
        self.word.textChanged.connect(lambda _: self._look())
        self.word.returnPressed.connect(self._teach)
        column.addWidget(self.word)
        self.thumb = PlainLabel()
        self.thumb.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.thumb.setAccessibleName(tr("What is taught"))
        column.addWidget(self.thumb)
        column.addLayout(self._kind_row())
        self._add_rest(column)

    def _add_rest(self, column: QVBoxLayout) -> None:
        """What is asked of each kind, and where the word is to hold."""
        self.says = PlainLabel(role="faint", wraps=True)
        column.addWidget(self.says)
        column.addWidget(self._thing_part())
        self.cues = QWidget()
        self._cue_column = QVBoxLayout(self.cues)
        self._cue_column.setContentsMargins(0, 0, 0, 0)
        column.addWidget(self.cues)
        self.keep = QCheckBox(tr("Keep its other pictures"))
        self.keep.setToolTip(tr("A thing may have several cut-outs; the seed chooses one of them"))
        self.everywhere = QCheckBox(tr("For all projects"))
        self.everywhere.setToolTip(
            tr("Other projects know the word too, as soon as it is said there")
        )
        column.addWidget(self.keep)
        column.addWidget(self.everywhere)
        self.teach = QPushButton(tr("Teach"))
        self.teach.setProperty("primary", "true")
        self.teach.setToolTip(tr("From now on the word is read, drawn and picked like any other"))
        self.teach.clicked.connect(self._teach)
        column.addWidget(self.teach, 0, Qt.AlignmentFlag.AlignRight)

    def _kind_row(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.setSpacing(4)
        self.kinds: dict[TaughtKind, QToolButton] = {}
        for kind, (text, tip) in KINDS.items():
            button = text_button(text, tip, checkable=True, stretched=True)
            button.clicked.connect(lambda _=False, k=kind: self._choose(k))
            self.kinds[kind] = button
            row.addWidget(button)
        return row

    def _thing_part(self) -> QWidget:
        self.thing = QWidget()
        grid = QGridLayout(self.thing)
        grid.setContentsMargins(0, 0, 0, 0)
        self.height_field = QDoubleSpinBox()
        self.height_field.setRange(0.01, 200)
        self.height_field.setDecimals(2)
        self.height_field.setSingleStep(0.1)
        self.height_field.setSuffix(" m")
        self.height_field.setAccessibleName(tr("Height in metres"))
        self.height_field.setToolTip(
            tr("How tall it is in truth; things are drawn at their true size")
        )
        self.belongs = QComboBox()
        self.belongs.setAccessibleName(tr("Where it belongs"))
        self.belongs.setToolTip(
            tr("Where it stands when no place is said, and what scene it asks for")
        )
        for key in get_args(Belongs):
            self.belongs.addItem(tr(_PLACES[key]), key)
        for field in (self.height_field, self.belongs):
            calm_wheel(field)
        grid.addWidget(PlainLabel(tr("Tall")), 0, 0)
        grid.addWidget(self.height_field, 0, 1)
        grid.addWidget(PlainLabel(tr("Belongs")), 1, 0)
        grid.addWidget(self.belongs, 1, 1)
        grid.setColumnStretch(1, 1)
        return self.thing

    # Showing --------------------------------------------------------------------------------

    def open_for(
        self,
        word: str,
        kinds: Sequence[TaughtKind],
        known: dict[str, str],
        *,
        image: QImage | None = None,
        cues: Sequence[str] = (),
    ) -> None:
        """Ask for what is missing.

        Parameters
        ----------
        word : what is offered as its name. kinds : what it may be, the likeliest first.
        known : kinds of words that were taught before. image : what is taught, small.
        cues : names that a look may bring in.
        """
        self._known = known
        self.word.setText(plain(word)[:LONGEST])
        self.height_field.setValue(1.0)
        self.belongs.setCurrentIndex(0)
        self.everywhere.setChecked(False)
        self.keep.setChecked(True)
        for kind, button in self.kinds.items():
            button.setVisible(kind in kinds and len(kinds) > 1)
        self.thumb.setVisible(image is not None)
        if image is not None:
            size = Qt.AspectRatioMode.KeepAspectRatio, Qt.TransformationMode.SmoothTransformation
            self.thumb.setPixmap(QPixmap.fromImage(image.scaled(*_THUMB, *size)))
        self._show_cues(cues)
        self._choose(kinds[0])
        dress(self)
        self.show()
        self.word.setFocus()
        self.word.selectAll()

    def put_at(self, place: QPoint) -> None:
        """Stand with its upper left corner at a place on the screen, within it."""
        room = self.screen().availableGeometry()
        x = min(max(place.x(), room.left()), room.right() - self.width())
        y = min(max(place.y(), room.top()), room.bottom() - self.height())
        self.move(x, y)

    def _show_cues(self, names: Sequence[str]) -> None:
        while (item := self._cue_column.takeAt(0)) is not None:
            if (widget := item.widget()) is not None:
                widget.deleteLater()
        self.cue_boxes = {}
        for name in names:
            box = QCheckBox(plain(name).replace("&", "&&"))
            box.setChecked(True)
            box.setToolTip(tr("Ticked cues come in whenever the look is said"))
            box.toggled.connect(lambda _: self._look())
            self.cue_boxes[name] = box
            self._cue_column.addWidget(box)

    def _choose(self, kind: TaughtKind) -> None:
        self.kind = kind
        for other, button in self.kinds.items():
            button.setChecked(other == kind)
        self.thing.setVisible(kind == "subject")
        self.cues.setVisible(kind == "look")
        self.says.setText(f"{tr(KINDS[kind][1])}.")
        self._look()

    def _look(self) -> None:
        """What is filled in differs."""
        word = " ".join(self.word.text().lower().split())
        again = self._known.get(word) == self.kind and self.kind != "look"
        self.keep.setVisible(again)
        ticked = any(box.isChecked() for box in self.cue_boxes.values())
        self.teach.setEnabled(len(word) > 1 and (self.kind != "look" or ticked))
        self.adjustSize()

    def _teach(self) -> None:
        if not self.teach.isEnabled():
            return
        form = Form(
            self.word.text(), self.kind, self.height_field.value(), self.belongs.currentData(),
            self.keep.isVisible() and self.keep.isChecked(), self.everywhere.isChecked(),
            tuple(name for name, box in self.cue_boxes.items() if box.isChecked()),
        )  # fmt: skip
        self.hide()
        self.filled.emit(form)
