"""The rows as a table: what each has of its own, typed, chosen or dropped."""

from pathlib import Path
from typing import Any

from PySide6.QtCore import (
    QAbstractTableModel,
    QEvent,
    QModelIndex,
    QPersistentModelIndex,
    QPoint,
    Qt,
    Signal,
)
from PySide6.QtGui import (
    QDragEnterEvent,
    QDragMoveEvent,
    QDropEvent,
    QFont,
    QKeyEvent,
    QKeySequence,
)
from PySide6.QtWidgets import QAbstractItemView, QApplication, QHeaderView, QTableView

from overlay.app.editions.shown import ShownEdition, ShownRow, Stage
from overlay.app.parts.drops import dropped_pictures
from overlay.app.parts.language import tr
from overlay.app.parts.plain import plain
from overlay.app.parts.theme import tone
from overlay.app.parts.titles import setting_name
from overlay.document.keys import value_at
from overlay.document.text.json_text import RecipeError
from overlay.studio.editions.figures import value_said
from overlay.studio.sheets.settings import find_setting

Index = QModelIndex | QPersistentModelIndex
_ROLE = Qt.ItemDataRole
_STATE_WIDTH, _COLUMN_WIDTH, _ROW = 88, 108, 30  # pixels


class RowsModel(QAbstractTableModel):
    """An edition's pictures, one a line: how far it has come, then its columns.

    Signals
    -------
    edited : a picture's place, a column, and what was typed or chosen for it.
    """

    edited = Signal(int, str, object)

    def __init__(self) -> None:
        super().__init__()
        self._shown: ShownEdition | None = None

    @property
    def shown(self) -> ShownEdition | None:
        """The edition that is seen."""
        return self._shown

    def show_edition(self, shown: ShownEdition | None) -> None:
        """Show an edition, or none."""
        self.beginResetModel()
        self._shown = shown
        self.endResetModel()

    def key(self, column: int) -> str:
        """The key of a column; empty for the first, which says how far each has come."""
        return "" if self._shown is None or column < 1 else self._shown.columns[column - 1]

    # What Qt asks ---------------------------------------------------------------------------

    def rowCount(self, parent: Index = QModelIndex()) -> int:  # noqa: B008 (as Qt declares it)
        return 0 if self._shown is None or parent.isValid() else self._shown.count

    def columnCount(self, parent: Index = QModelIndex()) -> int:  # noqa: B008
        return 0 if self._shown is None or parent.isValid() else 1 + len(self._shown.columns)

    def flags(self, index: Index) -> Qt.ItemFlag:
        flags = Qt.ItemFlag.ItemIsEnabled | Qt.ItemFlag.ItemIsSelectable
        return flags | Qt.ItemFlag.ItemIsEditable if index.column() else flags

    def headerData(self, section: int, orientation: Qt.Orientation, role: int = 0) -> Any:
        if self._shown is None or role not in (_ROLE.DisplayRole, _ROLE.ToolTipRole):
            return None
        if orientation is Qt.Orientation.Vertical:
            return str(section + 1)
        key = self.key(section)
        if not key:
            return tr("Picture")
        setting = find_setting(self._shown.edition.recipe, key)
        title = f"${key}" if setting is None else setting_name(setting)
        if role == _ROLE.ToolTipRole:
            crossed = "Crossed: every value with every row. " if key in self._shown.crossed else ""
            return tr(f"{crossed}Click for what can be done with this column")
        return f"× {plain(title)}" if key in self._shown.crossed else plain(title)

    def data(self, index: Index, role: int = 0) -> Any:
        if self._shown is None or not index.isValid():
            return None
        place, key = index.row(), self.key(index.column())
        if not key:
            return _state(self._shown.row(place), role)
        values = self._shown.edition.values(place)
        if role in (_ROLE.DisplayRole, _ROLE.ToolTipRole):
            return plain(self._said(key, values))
        if role == _ROLE.EditRole:
            return values.get(key)
        if role == _ROLE.ForegroundRole and key not in values:
            missing = find_setting(self._shown.edition.recipe, key) is None
            return tone("alarm" if missing else "faint")
        if role == _ROLE.FontRole and key in values and self._is_own(key):
            font = QFont()
            font.setBold(True)
            return font
        return None

    def setData(self, index: Index, value: Any, role: int = 0) -> bool:
        if not index.isValid() or role != _ROLE.EditRole or not index.column():
            return False
        self.edited.emit(index.row(), self.key(index.column()), value)
        return True

    def _said(self, key: str, values: dict[str, Any]) -> str:
        assert self._shown is not None
        edition = self._shown.edition
        if key in values:
            return value_said(edition, key, values[key])
        if find_setting(edition.recipe, key) is None:
            return tr("needs words")
        try:
            return value_said(edition, key, value_at(edition.recipe, key))
        except RecipeError:
            return tr("as the recipe")

    def _is_own(self, key: str) -> bool:
        """Whether most rows keep the recipe's own, so that it stands out where one does not."""
        assert self._shown is not None
        rows = self._shown.edition.rows
        having = sum(key in row for row in rows[:200])
        return key not in self._shown.crossed and 2 * having <= min(len(rows), 200)


def _state(row: ShownRow, role: int) -> Any:
    """How far a picture has come."""
    if role == _ROLE.DisplayRole:
        if row.stage is Stage.RUNNING:
            return f"{100 * row.fraction:.0f} %"
        there = row.stage is Stage.THERE and row.number
        return tr(f"proof {row.number}" if there else row.stage.value)
    if role == _ROLE.ToolTipRole:
        return plain(tr(row.fault)) if row.fault else None
    if role == _ROLE.ForegroundRole:
        return tone("alarm" if row.stage is Stage.FAILED else "faint")
    return None


class RowsTable(QTableView):
    """The table; files and lines of text may be dropped or pasted into it.

    Signals
    -------
    dropped : paths, and the column they fell on; empty for none. pasted : lines of text.
    column_asked : a column and where its menu goes. remove_asked : Del.
    """

    dropped = Signal(list, str)
    pasted = Signal(str)
    column_asked = Signal(str, QPoint)
    remove_asked = Signal()

    def __init__(self, model: RowsModel) -> None:
        super().__init__()
        self._rows = model
        self.setModel(model)
        self.setAccessibleName(tr("Rows of the edition"))
        self.setSelectionBehavior(QAbstractItemView.SelectionBehavior.SelectRows)
        self.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.setHorizontalScrollMode(QAbstractItemView.ScrollMode.ScrollPerPixel)
        trigger = QAbstractItemView.EditTrigger
        self.setEditTriggers(trigger.DoubleClicked | trigger.EditKeyPressed | trigger.AnyKeyPressed)
        self.setDragDropMode(QAbstractItemView.DragDropMode.DropOnly)
        self.setShowGrid(False)
        self.setWordWrap(False)
        self.verticalHeader().setDefaultSectionSize(_ROW)
        self.verticalHeader().setFixedWidth(40)
        header = self.horizontalHeader()
        header.setSectionsClickable(True)
        header.setDefaultAlignment(Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter)
        header.setDefaultSectionSize(_COLUMN_WIDTH)
        header.setSectionResizeMode(QHeaderView.ResizeMode.Interactive)
        header.sectionClicked.connect(self._ask_column)
        model.modelReset.connect(self._fit_columns)

    def chosen(self) -> list[int]:
        """Places of the selected pictures, in their order."""
        model = self.selectionModel()
        return [] if model is None else sorted({i.row() for i in model.selectedIndexes()})

    def _fit_columns(self) -> None:
        if self._rows.columnCount():
            self.setColumnWidth(0, _STATE_WIDTH)

    def _ask_column(self, section: int) -> None:
        key = self._rows.key(section)
        if key:
            header = self.horizontalHeader()
            left = header.sectionViewportPosition(section)
            self.column_asked.emit(key, header.mapToGlobal(QPoint(left, header.height())))

    # Gestures -------------------------------------------------------------------------------

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if dropped_pictures(event.mimeData()):
            event.acceptProposedAction()

    def dragMoveEvent(self, event: QDragMoveEvent) -> None:
        event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        paths: list[Path] = dropped_pictures(event.mimeData())
        if paths:
            event.acceptProposedAction()
            column = self.columnAt(event.position().toPoint().x())
            self.dropped.emit(paths, self._rows.key(column))

    def event(self, event: QEvent) -> bool:
        # Here pasting means rows, whatever it means elsewhere in the window.
        override = event.type() == QEvent.Type.ShortcutOverride and isinstance(event, QKeyEvent)
        if override and event.matches(QKeySequence.StandardKey.Paste):  # type: ignore[attr-defined]
            event.accept()
            return True
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.matches(QKeySequence.StandardKey.Paste):
            self.pasted.emit(QApplication.clipboard().text())
        elif event.key() == Qt.Key.Key_Delete:
            self.remove_asked.emit()
        else:
            super().keyPressEvent(event)
