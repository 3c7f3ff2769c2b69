"""The list of keys under Help: every command that has one, and what hands do besides."""

from itertools import groupby

from PySide6.QtCore import Qt
from PySide6.QtGui import QKeySequence
from PySide6.QtWidgets import QDialog, QGridLayout, QHBoxLayout, QVBoxLayout, QWidget

from overlay.app.floor.commands import Command, Entries
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.theme import dress

# What is no command: keys that are held, the mouse, and keys of single widgets.
GESTURES = (
    ("hold V", "Flip to the comparison"),
    ("Wheel, Space-drag", "Zoom, pan the picture"),
    ("Ctrl+click, Shift+click", "Select several cues"),
    ("+, -", "Zoom the run on its scale"),
    ("Tab, arrows", "Choose and move an envelope's handles"),
    ("B, E", "Paint, retouch or erase (preparing, regions)"),
    ("comma, period", "Smaller, larger brush"),
)
_COLUMNS = 3
_KEYS = 150  # pixels of width


def key_rows(entries: Entries) -> list[tuple[str, list[tuple[str, str]]]]:
    """For each menu its keys with what they do; last the gestures."""
    keyed = [e for e in entries if isinstance(e, Command) and e.keys]
    menus = sorted({e.menu: None for e in keyed}, key=[e.menu for e in keyed].index)
    keyed.sort(key=lambda e: menus.index(e.menu))
    rows = [
        (menu, [(_native(e.keys), e.says or e.text.rstrip("…")) for e in group])
        for menu, group in groupby(keyed, key=lambda e: e.menu)
    ]
    return [*rows, ("By hand", list(GESTURES))]


def _native(keys: str) -> str:
    return QKeySequence(keys).toString(QKeySequence.SequenceFormat.NativeText)


class ShortcutsDialog(QDialog):
    """The list, in columns of about the same height."""

    def __init__(self, entries: Entries, parent: QWidget) -> None:
        super().__init__(parent)
        dress(self)
        self.setWindowTitle(tr("Shortcuts"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        row = QHBoxLayout(self)
        row.setContentsMargins(22, 18, 22, 18)
        row.setSpacing(30)
        columns = [QVBoxLayout() for _ in range(_COLUMNS)]
        heights = [0] * _COLUMNS
        for menu, keys in sorted(key_rows(entries), key=lambda group: -len(group[1])):
            least = heights.index(min(heights))
            columns[least].addLayout(_group(menu, keys))
            heights[least] += len(keys) + 2
        for column in columns:
            column.addStretch()
            row.addLayout(column)


def _group(menu: str, keys: list[tuple[str, str]]) -> QGridLayout:
    grid = QGridLayout()
    grid.setHorizontalSpacing(14)
    grid.setVerticalSpacing(2)
    grid.setContentsMargins(0, 0, 0, 12)
    grid.setColumnMinimumWidth(0, _KEYS)
    grid.setColumnStretch(1, 1)
    title = PlainLabel(tr(menu), role="title")
    grid.addWidget(title, 0, 0, 1, 2)
    # Two labels of many lines: a label a line takes fifty milliseconds to show.
    names, deeds = (
        PlainLabel("\n".join(tr(k) for k, _ in keys)),
        PlainLabel("\n".join(tr(d) for _, d in keys)),
    )
    names.setProperty("role", "faint")
    grid.addWidget(names, 1, 0)
    grid.addWidget(deeds, 1, 1)
    return grid
