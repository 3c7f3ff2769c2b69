"""Typing and choosing in the table: fields for words and numbers, lists for all else."""

from collections.abc import Callable
from pathlib import Path
from typing import Any

from PySide6.QtCore import QAbstractItemModel, QModelIndex, QPersistentModelIndex, Qt
from PySide6.QtWidgets import (
    QComboBox,
    QLineEdit,
    QStyledItemDelegate,
    QStyleOptionViewItem,
    QWidget,
)

from overlay.app.editions.table import RowsModel
from overlay.app.parts.language import tr
from overlay.app.parts.titles import setting_name, setting_value
from overlay.studio.sheets.settings import Setting, find_setting

Index = QModelIndex | QPersistentModelIndex


class CellEditor(QStyledItemDelegate):
    """Gives each cell the field that fits its setting.

    Attributes
    ----------
    pictures : gives those of the tray.
    """

    def __init__(self, rows: RowsModel, parent: QWidget) -> None:
        super().__init__(parent)
        self._rows = rows
        self.pictures: Callable[[], tuple[Path, ...]] = tuple

    def createEditor(self, parent: QWidget, option: QStyleOptionViewItem, index: Index) -> QWidget:
        setting = self._setting(index)
        if setting is not None and setting.kind in ("picture", "choice"):
            box = QComboBox(parent)
            box.setAccessibleName(tr(f"{setting_name(setting)} of row {index.row() + 1}"))
            for value in self._choices(setting):
                box.addItem(setting_value(value, setting), value)
            box.activated.connect(lambda _: self._commit(box))
            return box
        field = QLineEdit(parent)
        field.setFrame(False)
        name = self._rows.key(index.column()) if setting is None else setting_name(setting)
        field.setAccessibleName(tr(f"{name} of row {index.row() + 1}"))
        return field

    def setEditorData(self, editor: QWidget, index: Index) -> None:
        value, setting = index.data(Qt.ItemDataRole.EditRole), self._setting(index)
        if isinstance(editor, QComboBox):
            place = editor.findData(value)
            if place < 0 and value is not None and setting is not None:
                editor.insertItem(0, setting_value(value, setting), value)
                place = 0
            editor.setCurrentIndex(max(place, 0))
        elif isinstance(editor, QLineEdit) and not editor.isModified():
            said = (
                ""
                if value is None
                else str(value)
                if setting is None
                else setting_value(value, setting)
            )
            editor.setText(said)
            editor.selectAll()

    def setModelData(self, editor: QWidget, model: QAbstractItemModel, index: Index) -> None:
        value: Any = None
        if isinstance(editor, QComboBox):
            value = editor.currentData()
        elif isinstance(editor, QLineEdit):
            if not editor.isModified():
                return
            value = editor.text()
        model.setData(index, value, Qt.ItemDataRole.EditRole)

    def _commit(self, box: QComboBox) -> None:
        self.commitData.emit(box)
        self.closeEditor.emit(box)

    def _setting(self, index: Index) -> Setting | None:
        shown = self._rows.shown
        return None if shown is None else find_setting(shown.edition.recipe, self._key(index))

    def _key(self, index: Index) -> str:
        return self._rows.key(index.column())

    def _choices(self, setting: Setting) -> list[Any]:
        if setting.kind == "choice":
            return list(setting.choices)
        none = [None] if setting.key == "source" else []
        return [*none, *map(str, self.pictures())]
