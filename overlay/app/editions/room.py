"""The room of editions: rows at the left, the set in the middle, how even it is at the right."""

from collections.abc import Sequence

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import (
    QComboBox,
    QFrame,
    QHBoxLayout,
    QLineEdit,
    QMenu,
    QPushButton,
    QSplitter,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.editions.cells import CellEditor
from overlay.app.editions.contact import ContactView
from overlay.app.editions.evening import EvenPanel
from overlay.app.editions.table import RowsModel, RowsTable
from overlay.app.parts.buttons import adding_button, menu_button, text_button
from overlay.app.parts.fields import calm_wheel
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain
from overlay.studio.editions.edits import own_columns

_TABLE, _SIDE = 404, 264  # pixels of width
_EMPTY = (
    "An edition pulls one recipe for many rows: other sources, other references, other words in "
    "the place of a $blank, other settings.\n\n"
    "Drop pictures, a folder or a table (CSV) on the left, or add rows and columns there. In the "
    "bench's words, write $subject where each picture says something else."
)
_DEEDS = (
    ("use", "Put it on the bench", "Bring the picked picture's recipe to the bench (Return)"),
    ("reseed", "Another seed", "Give the picked pictures another seed, each its own"),
    ("own", "A value of their own…", "Give the picked pictures their own weight, departure, …"),
    ("plain", "As the others", "Take away what the picked pictures have of their own"),
    ("star", "Star", "Keep the picked pictures' proofs in mind (K)"),
)


class EditionRoom(QWidget):
    """Shows one edition at a time; what is to be done are signals.

    Signals
    -------
    recipe_asked : which way the recipe goes, `take` from the bench or `put` on it.
    """

    deed_asked = Signal(str)
    fill_asked = Signal()
    stop_asked = Signal()
    edition_chosen = Signal(int)  # its place in the project, -1 for a new one
    remove_asked = Signal()
    name_typed = Signal(str)
    title_typed = Signal(str)
    recipe_asked = Signal(str)

    def __init__(self) -> None:
        super().__init__()
        self.model = RowsModel()
        self.table, self.contact = RowsTable(self.model), ContactView(self.model)
        self.editor = CellEditor(self.model, self)
        self.table.setItemDelegate(self.editor)
        self.contact.empty = _EMPTY
        self.evening = EvenPanel()
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(1)
        head, left, side = self._head(), self._left(), self._side()
        self.parts = (head, left, self.table, self.contact, side)
        column.addWidget(head)
        middle = QSplitter(Qt.Orientation.Horizontal)
        middle.setHandleWidth(4)
        middle.setChildrenCollapsible(False)
        middle.addWidget(left)
        middle.addWidget(self.contact)
        middle.setStretchFactor(1, 1)
        middle.setSizes([_TABLE, 1000])
        row = QHBoxLayout()
        row.setSpacing(1)
        row.addWidget(middle, 1)
        row.addWidget(side)
        column.addLayout(row, 1)

    def _head(self) -> QFrame:
        head = QFrame()
        head.setProperty("panel", "true")
        head.setFixedHeight(44)
        row = QHBoxLayout(head)
        row.setContentsMargins(12, 0, 12, 0)
        row.setSpacing(8)
        self.editions = self._edition_box()
        self.remove = text_button("Remove", "Take this edition out of the project; its proofs stay")
        self.remove.clicked.connect(self.remove_asked)
        label = PlainLabel(tr("Files"), role="faint")
        self.name = QLineEdit()
        self.name.setFixedWidth(170)
        self.name.setAccessibleName(tr("Name pattern of files"))
        self.name.setToolTip(
            tr("How files are called: {n:02} is the number, {column} a row's value")
        )
        self.name.editingFinished.connect(self._name_typed)
        self.foretold = PlainLabel(role="faint")
        self.foretold.setAlignment(Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        self.fill = QPushButton(tr("Pull the edition"))
        self.fill.setProperty("primary", "true")
        self.fill.setFixedHeight(30)
        self.fill.setToolTip(tr("Pull every row that is not kept already (Ctrl+Return)"))
        self.fill.clicked.connect(self.fill_asked)
        self.stop = text_button("Stop", "Leave the rows that are still to come (Esc)")
        self.stop.clicked.connect(self.stop_asked)
        self.stop.setEnabled(False)
        row.addWidget(self.editions)
        row.addWidget(self.remove)
        row.addSpacing(6)
        row.addWidget(label)
        row.addWidget(self.name)
        row.addWidget(self.foretold, 1)
        row.addWidget(self.fill)
        row.addWidget(self.stop)
        return head

    def _edition_box(self) -> QComboBox:
        """The editions of the project, of which the one that is seen can be called otherwise."""
        box = QComboBox()
        box.setEditable(True)
        box.setInsertPolicy(QComboBox.InsertPolicy.NoInsert)
        box.setMinimumWidth(180)
        box.setAccessibleName(tr("Editions of this project"))
        box.setToolTip(tr("The editions of this project, and a new one; type to rename"))
        typed = box.lineEdit()
        assert typed is not None
        typed.editingFinished.connect(self._title_typed)
        calm_wheel(box)
        box.activated.connect(lambda _: self.edition_chosen.emit(box.currentData()))
        return box

    def _left(self) -> QFrame:
        """The rows, and whose recipe they have."""
        left = QFrame()
        left.setProperty("panel", "true")
        box = QVBoxLayout(left)
        box.setContentsMargins(0, 6, 0, 6)
        row = QHBoxLayout()
        row.setContentsMargins(8, 0, 8, 0)
        self.add_rows = adding_button("Rows", "Add rows: empty ones, pictures, a table, a folder")
        self.add_column = text_button("Column…", "Choose a setting that changes from row to row")
        self.rows_menu = QMenu(self.add_rows)
        self.add_rows.setMenu(self.rows_menu)
        self.drop_rows = text_button("Remove rows", "Take the picked rows away (Del)")
        row.addWidget(self.add_rows)
        row.addWidget(self.add_column)
        row.addStretch(1)
        row.addWidget(self.drop_rows)
        box.addLayout(row)
        box.addWidget(self.table, 1)
        box.addWidget(self._recipe_line())
        return left

    def _recipe_line(self) -> QWidget:
        line = QWidget()
        row = QHBoxLayout(line)
        row.setContentsMargins(8, 0, 8, 0)
        self.recipe_says = PlainLabel(role="faint")
        self.take = text_button("Take the bench's", "Pull the rows with the recipe on the bench")
        self.take.clicked.connect(lambda: self.recipe_asked.emit("take"))
        self.put = text_button("Put on the bench", "Change the edition's recipe on the bench")
        self.put.clicked.connect(lambda: self.recipe_asked.emit("put"))
        row.addWidget(self.recipe_says, 1)
        row.addWidget(self.take)
        row.addWidget(self.put)
        return line

    def _side(self) -> QWidget:
        side = QFrame()
        side.setProperty("panel", "true")
        side.setFixedWidth(_SIDE)
        box = QVBoxLayout(side)
        box.setContentsMargins(12, 4, 12, 10)
        box.addWidget(self.evening, 1)
        self.picked = PlainLabel(role="faint")
        self.picked.setContentsMargins(0, 0, 0, 0)
        self.picked.setWordWrap(True)
        box.addWidget(self.picked)
        self.deeds: dict[str, QToolButton] = {}
        for key, text, tip in _DEEDS:
            button = text_button(text, tip, stretched=True)
            button.clicked.connect(lambda _=False, k=key: self.deed_asked.emit(k))
            self.deeds[key] = button
            box.addWidget(button)
        self.export = menu_button("Export", "Write the set: a folder, a contact sheet, a ZIP")
        self.export_menu = QMenu(self.export)
        self.export.setMenu(self.export_menu)
        box.addWidget(self.export)
        return side

    # What is shown --------------------------------------------------------------------------

    def show_editions(self, titles: Sequence[str], chosen: int) -> None:
        """List the project's editions; -1 is a new one."""
        blocked = self.editions.blockSignals(True)
        self.editions.clear()
        self.editions.addItem(tr("New edition"), -1)
        for i, title in enumerate(titles):
            self.editions.addItem(plain(title), i)
        self.editions.setCurrentIndex(chosen + 1)
        self.editions.blockSignals(blocked)
        self.remove.setEnabled(chosen >= 0)

    def show_name(self, name: str) -> None:
        """Show how files are called."""
        if not self.name.hasFocus() or not self.name.isModified():
            self.name.setText(name)
            self.name.setCursorPosition(0)

    def chosen(self) -> list[int]:
        """Places of the picked pictures."""
        return self.table.chosen()

    def heed_chosen(self) -> None:
        """Others are picked: what can be done changes with it."""
        picked, shown = self.chosen(), self.model.shown
        own = bool(shown is not None and own_columns(shown.edition))
        there = shown is not None and any(shown.row(p).recipe_hash for p in picked)
        self.deeds["use"].setEnabled(len(picked) == 1)
        for key in ("reseed", "own"):
            self.deeds[key].setEnabled(bool(picked))
        self.deeds["plain"].setEnabled(bool(picked) and own)
        self.deeds["star"].setEnabled(there)
        self.drop_rows.setEnabled(bool(picked))
        self.picked.setText(tr(f"{len(picked)} picked" if len(picked) > 1 else self._facts(picked)))

    def _facts(self, picked: list[int]) -> str:
        shown = self.model.shown
        if shown is None or not picked:
            return ""
        row = shown.row(picked[0])
        said = f"Picture {picked[0] + 1}"
        if row.fault:
            return f"{said}: {plain(row.fault)}"
        return f"{said}: {row.name}" if row.name else said

    def _title_typed(self) -> None:
        typed = self.editions.lineEdit()
        if typed is not None and typed.isModified():
            typed.setModified(False)
            self.title_typed.emit(typed.text())

    def _name_typed(self) -> None:
        if self.name.isModified():
            self.name.setModified(False)
            self.name_typed.emit(self.name.text())
