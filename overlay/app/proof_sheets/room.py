"""The room of proof sheets: wells along the rim, cells in the middle, figures at the right."""

from collections.abc import Sequence

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import (
    QComboBox,
    QFrame,
    QHBoxLayout,
    QPushButton,
    QStackedWidget,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import calm_wheel, keep_narrow
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain
from overlay.app.proof_sheets.grid import SheetGrid
from overlay.app.proof_sheets.pair import PairView
from overlay.app.proof_sheets.plot import TradeOffPlot
from overlay.app.proof_sheets.wells import Well
from overlay.document.sets.sheets import TRIAL_PIXELS

_DOWN, _FACTS = 216, 292  # pixels of width
_SIZES = (("Trial size", TRIAL_PIXELS), ("Small trial", TRIAL_PIXELS // 3), ("Whole size", None))
_EMPTY = (
    "A proof sheet pulls the same picture many times with one setting varied across and, if you "
    "like, another one down, so that you can choose by eye and by figures.\n\n"
    "Drop a setting into the well above: hold Ctrl and drag a weight, a facet or a slider from the "
    "bench onto the tab Proof sheet. Or choose one from the well's list."
)
_READY = (
    "Pull the sheet, and its cells appear here, coarse ones first.\n\n"
    "A second setting may go down at the left. Values are parted by blanks."
)
_DEEDS = (
    ("use", "Use these settings", "Bring the picked cell's values to the bench (Return)"),
    ("large", "Now at full size", "Pull the picked cells again at the recipe's own size"),
    ("compare", "Compare", "See the picked cell large; with two, Space flips and W wipes"),
    ("star", "Star", "Keep the picked cells' proofs in mind (K)"),
)


class SheetRoom(QWidget):
    """Shows one sheet at a time; what is to be done are signals."""

    deed_asked = Signal(str)
    fill_asked = Signal()
    stop_asked = Signal()
    export_asked = Signal()
    sheet_chosen = Signal(int)  # its place in the project, -1 for a new one
    remove_asked = Signal()

    def __init__(self) -> None:
        super().__init__()
        self.across, self.down = Well("Across", upright=False), Well("Down", upright=True)
        self.grid, self.pair, self.plot = SheetGrid(), PairView(), TradeOffPlot()
        self.grid.empty = _EMPTY
        self.middle = QStackedWidget()
        self.middle.addWidget(self.grid)
        self.middle.addWidget(self.pair)
        self.pair.closed.connect(self.show_grid)
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(1)
        head, left, side = self._head(), self._left(), self._side()
        self.parts = (head, self.across, left, self.middle, side)
        column.addWidget(head)
        column.addWidget(self.across)
        row = QHBoxLayout()
        row.setSpacing(1)
        row.addWidget(left)
        row.addWidget(self.middle, 1)
        row.addWidget(side)
        column.addLayout(row, 1)

    def _head(self) -> QFrame:
        head = QFrame()
        head.setProperty("panel", "true")
        head.setFixedHeight(44)
        row = QHBoxLayout(head)
        row.setContentsMargins(12, 0, 12, 0)
        row.setSpacing(8)
        self.sheets = QComboBox()
        self.sheets.setMinimumWidth(220)
        self.sheets.setAccessibleName(tr("Sheets of this project"))
        self.sheets.setToolTip(tr("The sheets of this project, and a new one"))
        calm_wheel(self.sheets)
        self.sheets.activated.connect(lambda _: self.sheet_chosen.emit(self.sheets.currentData()))
        self.remove = text_button("Remove", "Take this sheet out of the project; its proofs stay")
        self.remove.clicked.connect(self.remove_asked)
        self.cell_size = QComboBox()
        for text, pixels in _SIZES:
            self.cell_size.addItem(tr(text), pixels)
        self.cell_size.setAccessibleName(tr("Size of cells"))
        self.cell_size.setToolTip(
            tr("Small proofs tell most of it; chosen ones are pulled large later")
        )
        calm_wheel(self.cell_size)
        self.foretold = PlainLabel(role="faint")
        self.foretold.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        self.fill = QPushButton(tr("Pull the sheet"))
        self.fill.setProperty("primary", "true")
        self.fill.setFixedHeight(30)
        self.fill.setToolTip(tr("Pull every cell that is not kept already (Ctrl+Return)"))
        self.fill.clicked.connect(self.fill_asked)
        self.stop = text_button("Stop", "Leave the cells that are still to come (Esc)")
        self.stop.clicked.connect(self.stop_asked)
        row.addWidget(self.sheets)
        row.addWidget(self.remove)
        row.addWidget(self.foretold, 1)
        row.addWidget(self.cell_size)
        row.addWidget(self.fill)
        row.addWidget(self.stop)
        return head

    def _left(self) -> QWidget:
        """The well that goes down, and what is known of the picked cells."""
        left = QFrame()
        left.setProperty("panel", "true")
        left.setFixedWidth(_DOWN)
        box = QVBoxLayout(left)
        box.setContentsMargins(0, 0, 0, 8)
        self.facts = PlainLabel()
        self.facts.setContentsMargins(10, 0, 6, 0)
        self.facts.setWordWrap(True)
        self.facts.setAccessibleName(tr("Picked cells' figures"))
        self.facts.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
        box.addWidget(self.down, 1)
        box.addWidget(self.facts)
        return left

    def _side(self) -> QWidget:
        side = QFrame()
        side.setProperty("panel", "true")
        side.setFixedWidth(_FACTS)
        box = QVBoxLayout(side)
        box.setContentsMargins(12, 8, 12, 10)
        row = QHBoxLayout()
        row.setContentsMargins(0, 0, 0, 0)
        self.measure = QComboBox()
        keep_narrow(self.measure)
        self.measure.setAccessibleName(tr("Measure under the cells"))
        self.measure.setToolTip(tr("Which measure stands under the cells and tints them by rank"))
        label = PlainLabel(tr("Under cells"), role="faint")
        row.addWidget(label)
        row.addWidget(self.measure, 1)
        box.addLayout(row)
        box.addWidget(self.plot, 1)
        self.deeds: dict[str, QToolButton] = {}
        for key, text, tip in _DEEDS:
            button = text_button(text, tip, stretched=True)
            button.clicked.connect(lambda _=False, k=key: self.deed_asked.emit(k))
            self.deeds[key] = button
            box.addWidget(button)
        self.export = text_button(
            "Export…", "Write the sheet as PNG or PDF, a table beside it", stretched=True
        )
        self.export.clicked.connect(self.export_asked)
        box.addWidget(self.export)
        return side

    # What is shown --------------------------------------------------------------------------

    def show_sheets(self, names: Sequence[str], chosen: int) -> None:
        """List the project's sheets; -1 is a new one."""
        blocked = self.sheets.blockSignals(True)
        self.sheets.clear()
        self.sheets.addItem(tr("New sheet"), -1)
        for i, name in enumerate(names):
            self.sheets.addItem(plain(name), i)
        self.sheets.setCurrentIndex(chosen + 1)
        self.sheets.blockSignals(blocked)
        self.remove.setEnabled(chosen >= 0)

    def show_pixels(self, pixels: int | None) -> None:
        """Show how large cells are."""
        index = next((i for i, (_, p) in enumerate(_SIZES) if p == pixels), 0)
        self.cell_size.setCurrentIndex(index)

    def tell_next(self, *, ready: bool) -> None:
        """Say where no cells are yet what to do next."""
        self.grid.empty = _READY if ready else _EMPTY
        self.grid.viewport().update()

    def show_grid(self) -> None:
        """Put the cells in sight again."""
        self.middle.setCurrentWidget(self.grid)
        if self.isVisible():  # another project shows its cells while one is elsewhere
            self.grid.setFocus()

    @property
    def comparing(self) -> bool:
        """Whether cells are seen large."""
        return self.middle.currentWidget() is self.pair

    def heed_cells(self) -> None:
        """What is picked or there has changed: what can be done changes with it."""
        picked = self.grid.cells_picked
        proofs = [cell for cell in picked if cell.recipe_hash]
        self.deeds["use"].setEnabled(len(self.grid.places) == 1)
        self.deeds["large"].setEnabled(bool(proofs))
        self.deeds["compare"].setEnabled(any(cell.image is not None for cell in picked))
        self.deeds["star"].setEnabled(bool(proofs))
        shown = self.grid.shown
        self.stop.setEnabled(shown is not None and self.stop.isEnabled())
        self.export.setEnabled(shown is not None and bool(shown.figures))
