"""A row of the cue sheet: everything about one cue at a glance, on the axis of the run."""

from collections.abc import Callable

from PySide6.QtCore import QPoint, Qt, Signal
from PySide6.QtGui import QAction, QMouseEvent, QPainter, QPaintEvent
from PySide6.QtWidgets import (
    QHBoxLayout,
    QLineEdit,
    QMenu,
    QSpinBox,
    QToolButton,
    QWidget,
)

from overlay.app.parts.buttons import pop_up
from overlay.app.parts.drops import TakesPictures
from overlay.app.parts.fields import calm_wheel, show_quietly
from overlay.app.parts.icons import glyph
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain_tip
from overlay.app.parts.theme import ROW, cue_colour, tone
from overlay.app.sheet.axis import BAR, HEAD, TAIL, TimeAxis
from overlay.app.sheet.envelope import Envelope
from overlay.document.cues import Cue, GuideCue

_NAME, _REGION = 88, 62  # pixels
_SHIFT, _CONTROL = Qt.KeyboardModifier.ShiftModifier, Qt.KeyboardModifier.ControlModifier


class CueRow(TakesPictures, QWidget):
    """One cue: glyph, name, mute, region, weight, envelope, and what it came to in the proof.

    A picture dropped on a guide's row becomes what its map is made from.
    """

    dropped = Signal(list)

    chosen = Signal(int, str)  # its place; only, toggle or extend
    muted = Signal(int, bool)
    soloed = Signal(int)
    renamed = Signal(int, str)
    placed = Signal(int, object, bool)  # the region's name or None, and whether it is inverted
    region_asked = Signal(int)
    # While the row is dragged: its place, a height in the sheet, the place on the screen.
    dragged = Signal(int, int, QPoint)
    let_go = Signal(int, int, QPoint)
    weighed = Signal(int, float)
    shaped = Signal(int, str, object)

    def __init__(self, index: int, cue: Cue, axis: TimeAxis, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setFixedHeight(ROW)
        self.index, self.kind = index, cue.kind
        self._full_name = cue.name
        self.regions: Callable[[], list[str]] = list
        self._selected, self._first = False, False
        self._from = 0.0  # where in the row a drag began
        self._how = "only"
        self._moved = False
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(0)
        row.addWidget(self._head(cue))
        self.envelope = Envelope(cue, cue_colour(index), axis)
        self.envelope.changed.connect(
            lambda handle, shape: self.shaped.emit(self.index, handle, shape)
        )
        self.envelope.pressed.connect(self._envelope_pressed)
        row.addWidget(self.envelope, 1)
        self.share = PlainLabel()
        self.share.setFixedWidth(TAIL - BAR)
        self.share.setToolTip(
            tr("How much of the picture's area this cue decided in the last proof")
        )
        row.addWidget(self.share)
        self._row = row
        self._rename = QLineEdit(self)
        self._rename.hide()
        self._rename.setMaxLength(80)
        self._rename.editingFinished.connect(self._finish_renaming)
        # Only a guide takes what is dropped; elsewhere it falls through to the sheet.
        self.setAcceptDrops(isinstance(cue, GuideCue))
        self.move_to(index)
        self.set_cue(cue)

    def put_past(self, lane: QWidget) -> None:
        """Have a lane go on past the axis."""
        self._row.insertWidget(2, lane)

    def _head(self, cue: Cue) -> QWidget:
        head = QWidget()
        head.setFixedWidth(HEAD)
        row = QHBoxLayout(head)
        row.setContentsMargins(12, 0, 8, 0)
        row.setSpacing(6)
        self._glyph = PlainLabel()
        self._glyph.setCursor(Qt.CursorShape.SizeVerCursor)
        self._glyph.setToolTip(
            tr(
                "Drag up or down to put the cue elsewhere (Alt+Up, Alt+Down), or onto an area of "
                "the picture to tie it to the region there"
            )
        )
        self.name = PlainLabel()
        self.region = QToolButton()
        self.region.setProperty("chip", "true")
        self.region.setFixedWidth(_REGION)
        self.region.setToolTip(tr("Where the cue acts: choose a region, or the whole picture"))
        self.region.clicked.connect(self._offer_regions)
        self.mute = letter("M", "Mute: leave this cue out of the next proof (M)")
        self.mute.clicked.connect(lambda on: self.muted.emit(self.index, on))
        self.solo = letter("S", "Solo: hear this cue alone; once more, all of them (S)")
        self.solo.clicked.connect(lambda _: self.soloed.emit(self.index))
        self.weight = weight_box("Weight: how much this cue counts against the others")
        self.weight.valueChanged.connect(lambda v: self.weighed.emit(self.index, v / 100))
        row.addWidget(self._glyph)
        row.addWidget(self.name, 1)
        for part in (self.region, self.mute, self.solo, self.weight):
            row.addWidget(part)
        return head

    def move_to(self, index: int) -> None:
        """Stand at a place on the sheet, in that place's colour."""
        self.index = index
        self._glyph.setPixmap(glyph(self.kind, cue_colour(index).name(), 18))

    def set_cue(self, cue: Cue) -> None:
        """Show the cue's present state."""
        metrics = self.name.fontMetrics()
        self.name.setText(metrics.elidedText(cue.name, Qt.TextElideMode.ElideRight, _NAME))
        self.name.setToolTip(plain_tip(f"{cue.name}\n{tr('(double click or F2 to rename)')}"))
        if cue.name != self._full_name:
            self._rename.hide()  # the row shows another cue now than the one that was renamed
        self._full_name = cue.name
        self.setAccessibleName(tr(f"Cue {cue.name}"))
        for part, what in (
            (self.mute, f"Mute {cue.name}"), (self.solo, f"Solo {cue.name}"),
            (self.weight, f"Weight of {cue.name}"), (self.envelope, f"Envelope of {cue.name}"),
            (self.region, f"Region of {cue.name}"),
        ):  # fmt: skip
            part.setAccessibleName(tr(what))
        where = tr("whole") if cue.region is None else cue.region
        where = tr(f"not {where}") if cue.invert_region else where
        self.region.setText(metrics.elidedText(where, Qt.TextElideMode.ElideRight, _REGION - 6))
        self.mute.setChecked(cue.muted)
        show_quietly(self.weight, round(cue.weight * 100))
        self.envelope.set_cue(cue, cue_colour(self.index))

    def set_selected(self, selected: bool, *, first: bool) -> None:
        """Mark the row as selected; `first` is the one that the cue card shows."""
        self._selected, self._first = selected, first
        self.update()

    # Region and name ------------------------------------------------------------------------

    def region_menu(self) -> QMenu:
        """What the region chip offers."""
        menu = QMenu(self)

        def add(text: str, name: str | None, *, inverted: bool = False) -> None:
            action = QAction(tr(text), menu)
            action.triggered.connect(lambda: self.placed.emit(self.index, name, inverted))
            menu.addAction(action)

        add("Whole picture", None)
        for name in self.regions():
            add(name, name)
            add(f"All but {name}", name, inverted=True)
        menu.addSeparator()
        new = QAction(tr("New region from a mask picture…"), menu)
        new.triggered.connect(lambda: self.region_asked.emit(self.index))
        menu.addAction(new)
        return menu

    def _offer_regions(self) -> None:
        self.chosen.emit(self.index, "only")
        pop_up(self.region_menu(), self.region.mapToGlobal(QPoint(0, self.region.height())))

    def begin_renaming(self) -> None:
        """Let the name be typed in its place."""
        place = self.name.mapTo(self, QPoint(0, 0))
        self._rename.setGeometry(place.x() - 4, 3, _NAME + 8, ROW - 6)
        self._rename.setAccessibleName(tr(f"New name of {self._full_name}"))
        self._rename.setText(self._full_name)
        self._rename.show()
        self._rename.selectAll()
        self._rename.setFocus()

    def _finish_renaming(self) -> None:
        if self._rename.isHidden():
            return
        self._rename.hide()
        name = self._rename.text().strip()
        if name and name != self._full_name:
            self.renamed.emit(self.index, name)

    # Hand -----------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        if self._selected:
            painter = QPainter(self)
            painter.fillRect(0, 0, HEAD, self.height(), tone("well"))
            bar = tone("register" if self._first else "faint")
            painter.fillRect(0, 2, 3, self.height() - 4, bar)

    def _envelope_pressed(self, how: str) -> None:
        # A drag on one of several selected envelopes moves them all.
        if how != "only" or not self._selected:
            self.chosen.emit(self.index, how)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._how = choice_of(event)
        self._moved = False
        self._from = event.position().y()
        if self._how != "only" or not self._selected:
            self.chosen.emit(self.index, self._how)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if event.buttons() & Qt.MouseButton.LeftButton:
            self._moved = True
            where = self.y() + round(event.position().y())
            self.dragged.emit(self.index, where, event.globalPosition().toPoint())

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        screen = event.globalPosition().toPoint()
        if abs(event.position().y() - self._from) > ROW / 2:
            self.let_go.emit(self.index, self.y() + round(event.position().y()), screen)
            return
        self.let_go.emit(self.index, -1, screen)
        if self._how == "only" and not self._moved:
            self.chosen.emit(self.index, "only")

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        if self.name.geometry().contains(event.position().toPoint()):
            self.begin_renaming()


def choice_of(event: QMouseEvent) -> str:
    """What a click with its keys does to the selection."""
    if event.modifiers() & _SHIFT:
        return "extend"
    return "toggle" if event.modifiers() & _CONTROL else "only"


def letter(text: str, tip: str) -> QToolButton:
    """A button of one letter that stays down."""
    button = QToolButton()
    button.setText(tr(text))
    button.setCheckable(True)
    button.setFixedSize(24, 22)
    button.setToolTip(tr(tip))
    return button


def weight_box(tip: str) -> QSpinBox:
    """A field for a weight, in percent."""
    box = QSpinBox()
    box.setRange(0, 200)
    box.setSuffix(" %")
    box.setFixedWidth(60)
    box.setAlignment(Qt.AlignmentFlag.AlignRight)
    box.setToolTip(tr(tip))
    box.setKeyboardTracking(False)
    calm_wheel(box)
    return box
