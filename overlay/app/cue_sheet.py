"""The cue sheet: all cues against the progress of the run, under the filmstrip."""

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QAction, QMouseEvent, QPainter, QPaintEvent
from PySide6.QtWidgets import (
    QComboBox,
    QFrame,
    QHBoxLayout,
    QLabel,
    QMenu,
    QScrollArea,
    QSpinBox,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app import axis
from overlay.app.drops import TakesPictures
from overlay.app.envelope import Envelope, Shape
from overlay.app.fields import calm_wheel, show_quietly
from overlay.app.filmstrip import Filmstrip, Scale
from overlay.app.icons import glyph, set_icon
from overlay.app.influence_chart import InfluenceChart
from overlay.app.theme import ROW, cue_colour, tone
from overlay.document.recipe import Cue
from overlay.studio.bench import Bench

_BAR = 8  # width of the scroll bar


class CueRow(QWidget):
    """One cue: glyph, name, mute, region, weight, envelope, and what it came to in the proof."""

    chosen = Signal(int)
    muted = Signal(int, bool)
    soloed = Signal(int)
    dragged = Signal(int, int)  # while the row is dragged: its place, and a height in the sheet
    let_go = Signal(int, int)
    weighed = Signal(int, float)
    shaped = Signal(int, str, object)

    def __init__(self, index: int, cue: Cue, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setFixedHeight(ROW)
        self.index = index
        self._selected = False
        self._from = 0.0  # where in the row a drag began
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(0)
        row.addWidget(self._head(cue))
        self.envelope = Envelope(cue, cue_colour(index))
        self.envelope.changed.connect(
            lambda handle, shape: self.shaped.emit(self.index, handle, shape)
        )
        self.envelope.pressed.connect(lambda: self.chosen.emit(self.index))
        row.addWidget(self.envelope, 1)
        self.share = QLabel()
        self.share.setFixedWidth(axis.TAIL - _BAR)
        self.share.setToolTip("How much of the picture's area this cue decided in the last proof")
        row.addWidget(self.share)
        self.set_cue(cue)

    def _head(self, cue: Cue) -> QWidget:
        head = QWidget()
        head.setFixedWidth(axis.HEAD)
        row = QHBoxLayout(head)
        row.setContentsMargins(12, 0, 8, 0)
        row.setSpacing(6)
        self._glyph = QLabel()
        self._glyph.setPixmap(glyph(cue.kind, cue_colour(self.index).name(), 18))
        self._name = QLabel()
        self._region = QLabel()
        self._region.setProperty("role", "faint")
        self._region.setToolTip("Where the cue acts")
        self.mute = QToolButton()
        self.mute.setText("M")
        self.mute.setCheckable(True)
        self.mute.setFixedSize(24, 22)
        self.mute.setToolTip("Mute: leave this cue out of the next proof (M)")
        self.mute.clicked.connect(lambda on: self.muted.emit(self.index, on))
        self.solo = QToolButton()
        self.solo.setText("S")
        self.solo.setCheckable(True)
        self.solo.setFixedSize(24, 22)
        self.solo.setToolTip("Solo: hear this cue alone; once more, all of them (S)")
        self.solo.clicked.connect(lambda _: self.soloed.emit(self.index))
        self.weight = QSpinBox()
        self.weight.setRange(0, 200)
        self.weight.setSuffix(" %")
        self.weight.setFixedWidth(60)
        self.weight.setAlignment(Qt.AlignmentFlag.AlignRight)
        self.weight.setToolTip("Weight: how much this cue counts against the others")
        self.weight.setKeyboardTracking(False)
        calm_wheel(self.weight)
        self.weight.valueChanged.connect(lambda v: self.weighed.emit(self.index, v / 100))
        row.addWidget(self._glyph)
        row.addWidget(self._name, 1)
        row.addWidget(self._region)
        row.addWidget(self.mute)
        row.addWidget(self.solo)
        row.addWidget(self.weight)
        self._glyph.setCursor(Qt.CursorShape.SizeVerCursor)
        self._glyph.setToolTip("Drag up or down to put the cue elsewhere (Alt+Up, Alt+Down)")
        return head

    def set_cue(self, cue: Cue) -> None:
        """Show the cue's present state."""
        metrics = self._name.fontMetrics()
        self._name.setText(metrics.elidedText(cue.name, Qt.TextElideMode.ElideRight, 78))
        self._name.setToolTip(cue.name)
        self.setAccessibleName(f"Cue {cue.name}")
        self.mute.setAccessibleName(f"Mute {cue.name}")
        self.solo.setAccessibleName(f"Solo {cue.name}")
        self.weight.setAccessibleName(f"Weight of {cue.name}")
        self.envelope.setAccessibleName(f"Envelope of {cue.name}")
        where = "whole" if cue.region is None else cue.region
        where = f"not {where}" if cue.invert_region else where
        self._region.setText(metrics.elidedText(where, Qt.TextElideMode.ElideRight, 48))
        self.mute.setChecked(cue.muted)
        show_quietly(self.weight, round(cue.weight * 100))
        self.envelope.set_cue(cue, cue_colour(self.index))

    def set_selected(self, selected: bool) -> None:
        """Mark the row as the one the cue card shows."""
        self._selected = selected
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        if self._selected:
            painter = QPainter(self)
            painter.fillRect(0, 0, axis.HEAD, self.height(), tone("well"))
            painter.fillRect(0, 2, 3, self.height() - 4, tone("register"))

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.chosen.emit(self.index)
        self._from = event.position().y()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if event.buttons() & Qt.MouseButton.LeftButton:
            self.dragged.emit(self.index, self.y() + round(event.position().y()))

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if abs(event.position().y() - self._from) > ROW / 2:
            self.let_go.emit(self.index, self.y() + round(event.position().y()))
        else:
            self.let_go.emit(self.index, -1)


class CueSheet(TakesPictures, QFrame):
    """Rows of cues on one axis with the scale and the filmstrip."""

    dropped = Signal(list)
    add_asked = Signal(str)  # reference, swatches, edges or avoided
    refused = Signal(str)

    def __init__(self, bench: Bench, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setProperty("panel", "true")
        self.setAcceptDrops(True)
        self.bench = bench
        self.rows: list[CueRow] = []
        self._kinds: list[str] = []
        self.filmstrip = Filmstrip()
        self.chart = InfluenceChart()
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 6, 0, 6)
        layout.setSpacing(2)
        layout.addLayout(_on_axis(self._title(), Scale()))
        layout.addLayout(_on_axis(_faint("filmstrip", 12), self.filmstrip))
        layout.addLayout(_on_axis(_faint("influence", 12), self.chart))
        layout.addWidget(self._row_area(), 1)

    def _title(self) -> QWidget:
        title = QWidget()
        row = QHBoxLayout(title)
        row.setContentsMargins(12, 0, 8, 0)
        label = QLabel("Cue sheet")
        label.setProperty("role", "title")
        self.add = QToolButton()
        set_icon(self.add, "add")
        self.add.setText("Cue")
        self.add.setProperty("wide", "true")
        self.add.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        self.add.setToolTip("Add a cue: a reference, swatches, an edge guide, a picture to avoid")
        self.add.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        menu = QMenu(self.add)
        kinds = (
            ("Reference picture…", "reference"),
            ("Swatches", "swatches"),
            ("Edges of the source", "edges"),
            ("Avoided picture…", "avoided"),
        )
        for text, kind in kinds:
            action = QAction(text, menu)
            action.triggered.connect(lambda _=False, k=kind: self.add_asked.emit(k))
            menu.addAction(action)
        self.add.setMenu(menu)
        self.blend = QComboBox()
        self.blend.addItems(["Share", "Mix"])
        self.blend.setToolTip(
            "How several references meet. Share: each mark comes from one of them, areas follow "
            "their weights. Mix: they are averaged and made crisp again."
        )
        self.blend.setAccessibleName("How references meet")
        calm_wheel(self.blend)
        self.blend.activated.connect(self._blend_chosen)
        row.addWidget(label)
        row.addStretch()
        row.addWidget(self.blend)
        row.addWidget(self.add)
        return title

    def _blend_chosen(self, place: int) -> None:
        text = self.blend.itemText(place)
        self.bench.change_recipe(text, blend=text.lower())

    def _row_area(self) -> QScrollArea:
        area = QScrollArea()
        area.setWidgetResizable(True)
        area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        bar = area.verticalScrollBar()
        bar.rangeChanged.connect(self._keep_axis)
        inside = QWidget()
        inside.setObjectName("rows")
        inside.setStyleSheet("#rows { background: transparent; }")
        self._rows_layout = QVBoxLayout(inside)
        self._rows_layout.setContentsMargins(0, 2, 0, 2)
        self._rows_layout.setSpacing(3)
        self._empty = _faint("Drop a picture here to make it a reference, or add a cue.", 12)
        self._rows_layout.addWidget(self._empty)
        self._rows_layout.addStretch()
        self._line = QFrame(inside)  # where a dragged row would go
        self._line.setProperty("gap", "true")
        self._line.hide()
        area.setWidget(inside)
        area.viewport().setObjectName("viewport")
        area.viewport().setStyleSheet("#viewport { background: transparent; }")
        self._keep_axis(0, 0)
        return area

    def _keep_axis(self, least: int, most: int) -> None:
        """Leave room for the scroll bar while it is hidden, so that rows and filmstrip agree."""
        self._rows_layout.setContentsMargins(0, 2, 0 if most > least else _BAR, 2)

    def refresh(self) -> None:
        """Show the cues of the present recipe; rows stay where they can."""
        cues = self.bench.project.recipe.cues
        if [cue.kind for cue in cues] != self._kinds:
            self._rebuild(cues)
        for row, cue in zip(self.rows, cues, strict=True):
            row.set_cue(cue)
            row.solo.setChecked(self.bench.is_solo(row.index))
        self._empty.setVisible(not cues)
        self.blend.setCurrentText(self.bench.project.recipe.blend.capitalize())
        self.blend.setEnabled(sum(cue.reference is not None for cue in cues) > 1)
        self.mark_selected()
        self.show_shares()

    def rebuild(self) -> None:
        """Make all rows anew, for another theme."""
        self._rebuild(self.bench.project.recipe.cues)
        self.refresh()

    def _rebuild(self, cues: tuple[Cue, ...]) -> None:
        for row in self.rows:
            self._rows_layout.removeWidget(row)
            row.hide()
            row.deleteLater()
        self._kinds = [cue.kind for cue in cues]
        self.rows = [CueRow(i, cue) for i, cue in enumerate(cues)]
        for i, row in enumerate(self.rows):
            row.chosen.connect(self.bench.select)
            row.muted.connect(lambda k, on: self._change(k, "Mute", muted=on))
            row.weighed.connect(lambda k, w: self._change(k, "Weight", weight=w))
            row.shaped.connect(self._shape)
            row.soloed.connect(self.bench.solo_cue)
            row.dragged.connect(self._show_gap)
            row.let_go.connect(self._drop_row)
            self._rows_layout.insertWidget(i, row)

    def _change(self, index: int, what: str, **changes: object) -> None:
        try:
            self.bench.change_cue(index, what, **changes)
        except ValueError as error:
            self.refused.emit(str(error))
            self.refresh()

    def _shape(self, index: int, handle: str, shape: Shape) -> None:
        what = handle.replace("_", " ").capitalize()
        self._change(
            index, what, enter=shape.enter, leave=shape.leave, fade_in=shape.fade_in,
            fade_out=shape.fade_out, weight=shape.weight,
        )  # fmt: skip

    def _gap(self, index: int, height: int) -> tuple[int, int]:
        """The place a row dragged to a height would take, and where its line is drawn."""
        before = sum(row.y() + ROW / 2 < height for row in self.rows)
        line = self.rows[before].y() - 2 if before < len(self.rows) else self.rows[-1].y() + ROW
        return before - (before > index), line

    def _show_gap(self, index: int, height: int) -> None:
        place, line = self._gap(index, height)
        self._line.setVisible(place != index)
        self._line.setGeometry(0, line, self.rows[0].width(), 2)
        self._line.raise_()

    def _drop_row(self, index: int, height: int) -> None:
        self._line.hide()
        if height >= 0:
            self.bench.move_cue(index, self._gap(index, height)[0])

    def mark_selected(self) -> None:
        """Mark the selected cue's row."""
        for row in self.rows:
            row.set_selected(row.index == self.bench.selected_index)

    def show_shares(self) -> None:
        """Show who decided what: the chart, and each cue's measured share behind its row."""
        proof = self.bench.proof
        names = [cue.name for cue in self.bench.project.recipe.cues]
        if proof is None:
            self.chart.set_influence(None, 16, names)
        else:
            self.chart.set_influence(proof.influence, proof.recipe.steps, names)
        shares = {} if proof is None else proof.measures.get("share", {})
        for row, cue in zip(self.rows, self.bench.project.recipe.cues, strict=False):
            known = cue.name in shares and not cue.muted
            row.share.setText(f"  share {shares[cue.name]:.0f} %" if known else "")

    def set_moment(self, start: float, playhead: float) -> None:
        """Where the run starts and which moment is looked at."""
        self.filmstrip.set_moment(start, playhead)
        self.chart.set_moment(start, playhead)
        for row in self.rows:
            row.envelope.set_moment(start, playhead)


def _on_axis(head: QWidget, middle: QWidget) -> QHBoxLayout:
    """A line of the sheet: head, axis, and the room for shares."""
    row = QHBoxLayout()
    row.setContentsMargins(0, 0, 0, 0)
    row.setSpacing(0)
    head.setFixedWidth(axis.HEAD)
    row.addWidget(head)
    row.addWidget(middle, 1)
    row.addSpacing(axis.TAIL)
    return row


def _faint(text: str, indent: int) -> QLabel:
    label = QLabel(text)
    label.setProperty("role", "faint")
    label.setContentsMargins(indent, 0, 0, 0)
    return label
