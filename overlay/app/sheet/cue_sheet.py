"""The cue sheet: all cues against the progress of the run, under the filmstrip."""

from collections import Counter
from collections.abc import Callable, Iterable

from PySide6.QtCore import QPoint, Qt, QTimer, Signal
from PySide6.QtWidgets import (
    QFrame,
    QHBoxLayout,
    QScrollArea,
    QVBoxLayout,
    QWidget,
)

from overlay.app.parts.drops import TakesPictures
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.theme import PANEL, ROW, dress
from overlay.app.sheet.axis import BAR, HEAD, TAIL, TimeAxis
from overlay.app.sheet.cue_row import CueRow
from overlay.app.sheet.envelope import Envelope, Shape
from overlay.app.sheet.filmstrip import Filmstrip, Scale
from overlay.app.sheet.influence_chart import InfluenceChart
from overlay.app.sheet.proof_facts import ProofFacts
from overlay.app.sheet.title import SheetTitle
from overlay.document.cues import Cue, ReferenceCue, cues_of
from overlay.studio.bench.bench import Bench

_ABOVE, _BELOW = 86, 8  # pixels of the sheet over its rows, and under them
_SPARE = 8  # rows that are kept when they are not needed; making one takes milliseconds


class CueSheet(TakesPictures, QFrame):
    """Rows of cues on one axis with the scale and the filmstrip; edits are wishes, as signals."""

    rows_changed = Signal(int)  # the height that they need, pixels
    chosen = Signal(int, str)  # a cue's place, and how: only, toggle, extend
    changed = Signal(list, str, dict)  # rows, what it is called, keys of their cues
    shaped = Signal(list, str, dict)  # rows, what it is called, by how much their envelopes move
    soloed = Signal(int)
    moved = Signal(list, int)  # rows, and before which place
    blend_chosen = Signal(str)

    dropped = Signal(list)
    add_asked = Signal(str)  # reference, swatches, edges or avoided
    region_asked = Signal()
    carried = Signal(list, QPoint)  # rows that are dragged, over a place on the screen
    put_on = Signal(list, QPoint)  # and let go outside the sheet
    map_dropped = Signal(int, list)  # a guide's place, and what its map is to be made from

    def __init__(self, bench: Bench, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setBackgroundRole(PANEL)
        self.setAutoFillBackground(True)
        self.setAcceptDrops(True)
        self.told_of_rows: list[Callable[[CueRow], object]] = []  # and of all that come
        self.bench = bench
        self.rows: list[CueRow] = []
        self._spare: list[CueRow] = []  # hidden, to be used again
        self.getting_ready = False  # rows are made for a project that comes
        self.axis = TimeAxis(self)
        self.scale = Scale(self.axis)
        self.filmstrip = Filmstrip(self.axis)
        self.chart = InfluenceChart(self.axis)
        head = QWidget()
        self._head = QVBoxLayout(head)
        self._head.setContentsMargins(0, 0, 0, 0)
        self._head.setSpacing(2)
        title = SheetTitle()
        title.add_asked.connect(self.add_asked)
        title.blend_chosen.connect(self.blend_chosen)
        self.add, self.blend, self.facts = title.add, title.blend, ProofFacts()
        self._lines = [
            _on_axis(title, self.scale),
            _on_axis(self.facts, self.filmstrip),
            _on_axis(_faint("influence", 12), self.chart),
        ]
        for line in self._lines:
            self._head.addLayout(line)
        area = self._row_area()
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 4, 0, 4)
        layout.setSpacing(2)
        layout.addWidget(head)
        layout.addWidget(area, 1)
        # What wears the theme beside the rows: one sheet for all takes long where there are many.
        self.parts = (head, area.verticalScrollBar(), self._empty, self._line)
        self._spanned: list[tuple[QWidget, Envelope]] = []  # of rows that are no cues

    def put_past(self, *lanes: QWidget) -> None:
        """Have lanes go on past the axis: beside the scale, the filmstrip and the influence."""
        for line, lane in zip(self._lines, lanes, strict=False):
            line.insertWidget(2, lane)

    def put_first(self, row: QWidget, envelope: Envelope) -> None:
        """Have a row that is no cue stand above all of them, on the same axis."""
        self._head.addWidget(row)
        self._spanned.append((row, envelope))

    def _row_area(self) -> QScrollArea:
        area = QScrollArea()
        area.setMinimumHeight(1)  # the head is never pressed for its sake
        area.setFrameShape(QFrame.Shape.NoFrame)
        area.setWidgetResizable(True)
        area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        bar = area.verticalScrollBar()
        bar.rangeChanged.connect(self._keep_axis)
        inside = self._inside = QWidget()
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
        self._rows_layout.setContentsMargins(0, 2, 0 if most > least else BAR, 2)

    def refresh(self, rows: Iterable[int] | None = None) -> None:
        """Show the cues of the present recipe.

        Parameters
        ----------
        rows : those that differ, where cues are at the places they were; None for all.
        """
        cues = self.bench.project.recipe.cues
        if rows is None:
            self._fit_rows(cues)
        for index in range(len(cues)) if rows is None else rows:
            self.rows[index].set_cue(cues[index])
            self._show_share(index)
        heard = [row.index for row, cue in zip(self.rows, cues, strict=True) if not cue.muted]
        for row in self.rows:
            row.solo.setChecked(len(cues) > 1 and heard == [row.index])
        if rows is None:
            self._show_all(cues)

    def _show_all(self, cues: tuple[Cue, ...]) -> None:
        """What depends on which cues there are."""
        self._empty.setVisible(not cues)
        self.tell_height()
        self.show_blend()
        self.blend.setEnabled(len(cues_of(cues, ReferenceCue, heard=False)) > 1)
        self.mark_selected()
        self.show_shares()

    def tell_height(self) -> None:
        """Say how much room all rows need."""
        spanned = sum(not row.isHidden() for row, _ in self._spanned)
        count = max(len(self.rows), 1) + spanned
        self.rows_changed.emit(_ABOVE + count * (ROW + 3) + _BELOW)

    def show_blend(self) -> None:
        """Show how references meet."""
        blend = self.bench.project.recipe.blend.capitalize()
        self.blend.setCurrentIndex(self.blend.findData(blend))

    def _fit_rows(self, cues: tuple[Cue, ...]) -> None:
        """Have a row for every cue; one stays where its cue is of the same kind."""
        for i, cue in enumerate(cues):
            while i < len(self.rows) > len(cues) and self.rows[i].kind != cue.kind:
                self._remove_row(i)
            if i < len(self.rows) and self.rows[i].kind == cue.kind:
                if self.rows[i].index != i:
                    self.rows[i].move_to(i)
                continue
            if i < len(self.rows):
                self._remove_row(i)
            self.rows.insert(i, self._spare_row(i, cue) or self._made_row(i, cue))
            self._rows_layout.insertWidget(i, self.rows[i])
            dress(self.rows[i])
            self.rows[i].show()
        while len(self.rows) > len(cues):
            self._remove_row(len(self.rows) - 1)

    def make_ready(self, cues: tuple[Cue, ...], then: Callable[[], object]) -> None:
        """Make rows that so many cues will want, one between other events; then go on."""
        have = Counter(row.kind for row in (*self.rows, *self._spare))
        wanted = Counter(cue.kind for cue in cues) - have
        lacking = next((cue for cue in cues if wanted[cue.kind]), None)
        self.getting_ready = lacking is not None
        if lacking is None:
            then()
            return
        row = self._made_row(0, lacking)
        row.setParent(self._inside)
        dress(row)
        for widget in (row, *row.findChildren(QWidget)):
            widget.ensurePolished()
        self._spare.append(row)
        QTimer.singleShot(0, self, lambda: self.make_ready(cues, then))

    def _remove_row(self, index: int) -> None:
        row = self.rows.pop(index)
        self._rows_layout.removeWidget(row)
        # What was being typed in it is of a cue that is gone, and must not reach another one.
        row.blockSignals(True)
        row.hide()
        row.blockSignals(False)
        if len(self._spare) < _SPARE:
            self._spare.append(row)
        else:
            row.deleteLater()

    def _spare_row(self, index: int, cue: Cue) -> CueRow | None:
        """A row that was taken away, for undo and redo come and go."""
        row = next((r for r in self._spare if r.kind == cue.kind), None)
        if row is not None:
            self._spare.remove(row)
            row.move_to(index)
        return row

    def _made_row(self, index: int, cue: Cue) -> CueRow:
        row = CueRow(index, cue, self.axis)
        row.chosen.connect(self.chosen)
        row.muted.connect(lambda k, on: self._change(k, "Mute", muted=on))
        row.weighed.connect(lambda k, w: self._change(k, "Weight", weight=w))
        row.renamed.connect(lambda k, name: self._change(k, "Name", alone=True, name=name))
        row.placed.connect(
            lambda k, name, inverted: self._change(k, "Region", region=name, invert_region=inverted)
        )
        row.region_asked.connect(self._ask_region)
        row.regions = lambda: list(self.bench.project.recipe.regions)
        row.shaped.connect(self._shape)
        row.soloed.connect(self.soloed)
        row.dropped.connect(lambda paths: self.map_dropped.emit(row.index, paths))
        row.dragged.connect(self._show_gap)
        row.let_go.connect(self._drop_row)
        for told in self.told_of_rows:
            told(row)
        return row

    def _rows_with(self, index: int) -> list[int]:
        """The rows that an edit of one of them is for: all that are selected with it."""
        rows = self.bench.selected_rows
        return rows if index in rows else [index][: len(self.rows)]

    def _ask_region(self, index: int) -> None:
        self.chosen.emit(index, "only")
        self.region_asked.emit()

    def _change(self, index: int, what: str, *, alone: bool = False, **changes: object) -> None:
        rows = [index] if alone else self._rows_with(index)
        self.changed.emit(rows, what, changes)

    def _shape(self, index: int, handle: str, shape: Shape) -> None:
        """One gesture on an envelope; rows that are selected with it move by the same amounts."""
        what = handle.replace("_", " ").capitalize()
        cues = self.bench.project.recipe.cues
        if index >= len(cues):
            return  # the row went while its envelope was held
        old = Shape.of(cues[index])
        by = {key: getattr(shape, key) - getattr(old, key) for key in vars(shape)}
        self.shaped.emit(self._rows_with(index), what, by)

    def _gap(self, height: int) -> tuple[int, int]:
        """The row before which a row dragged to a height would go, and where its line is drawn."""
        before = sum(row.y() + ROW / 2 < height for row in self.rows)
        line = self.rows[before].y() - 2 if before < len(self.rows) else self.rows[-1].y() + ROW
        return before, line

    def _show_gap(self, index: int, height: int, screen: QPoint) -> None:
        self._line.hide()
        self.carried.emit(self._rows_with(index), screen)
        if self._is_outside(screen) or index >= len(self.rows):
            return  # the second: its row went while it was held
        before, line = self._gap(height)
        rows = self._rows_with(index)
        together = rows == list(range(rows[0], rows[-1] + 1))
        self._line.setVisible(not (together and rows[0] <= before <= rows[-1] + 1))
        self._line.setGeometry(0, line, self.rows[0].width(), 2)
        self._line.raise_()

    def _is_outside(self, screen: QPoint) -> bool:
        return not self.rect().contains(self.mapFromGlobal(screen))

    def _drop_row(self, index: int, height: int, screen: QPoint) -> None:
        self._line.hide()
        if self._is_outside(screen):
            self.put_on.emit(self._rows_with(index), screen)
        elif height >= 0 and index < len(self.rows):
            before = self._gap(height)[0]
            self.moved.emit(self._rows_with(index), before)

    def mark_selected(self) -> None:
        """Mark the selected cue's row."""
        for row in self.rows:
            row.set_selected(
                row.index in self.bench.selected_rows, first=row.index == self.bench.selected_index
            )

    def show_shares(self) -> None:
        """Show who decided what: the chart, and each cue's measured share behind its row."""
        proof = self.bench.proof
        names = [cue.name for cue in self.bench.project.recipe.cues]
        if proof is None:
            self.chart.set_influence(None, 16, names)
        else:
            self.chart.set_influence(proof.influence, proof.recipe.steps, names)
        self.facts.show_measures({} if proof is None else proof.measures)
        for row in self.rows:
            self._show_share(row.index)

    def _show_share(self, index: int) -> None:
        """A cue's measured share of the proof that hangs, behind its row."""
        proof, cue = self.bench.proof, self.bench.project.recipe.cues[index]
        share = None if proof is None else proof.measures.get("share", {}).get(cue.name)
        known = share is not None and not cue.muted
        label, said = self.rows[index].share, f"  share {share:.0f} %" if known else ""
        if label.fontMetrics().horizontalAdvance(said) > label.width():
            said = f"  {share:.0f} %"
        label.setText(tr(said))

    def set_moment(self, start: float, playhead: float, film_start: float) -> None:
        """Where the next run starts, which moment is looked at, where the film's run started."""
        self.filmstrip.set_moment(film_start, playhead, start)
        self.chart.set_moment(film_start, playhead, start)
        spanned = (envelope for _, envelope in self._spanned)
        for envelope in (*spanned, *(row.envelope for row in self.rows)):
            envelope.set_moment(start, playhead)


def _on_axis(head: QWidget, middle: QWidget) -> QHBoxLayout:
    """A line of the sheet: head, axis, and the room for shares."""
    row = QHBoxLayout()
    row.setContentsMargins(0, 0, 0, 0)
    row.setSpacing(0)
    head.setFixedWidth(HEAD)
    row.addWidget(head)
    row.addWidget(middle, 1)
    row.addSpacing(TAIL)
    return row


def _faint(text: str, indent: int) -> PlainLabel:
    label = PlainLabel(tr(text), role="faint")
    label.setContentsMargins(indent, 0, 0, 0)
    return label
