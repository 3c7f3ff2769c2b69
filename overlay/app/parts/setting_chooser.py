"""The list of all settings, searched by what is typed, grouped by whose they are."""

from collections.abc import Sequence

from PySide6.QtCore import QPoint, Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import QFrame, QLineEdit, QTreeWidget, QTreeWidgetItem, QVBoxLayout, QWidget

from overlay.app.parts.language import tr
from overlay.app.parts.plain import plain
from overlay.app.parts.theme import dress
from overlay.app.parts.titles import setting_value
from overlay.studio.sheets.settings import RUN, Setting

_KEY = Qt.ItemDataRole.UserRole
_SIZE = (340, 380)
# What artists vary most comes first where nothing is typed.
_FIRST = ("departure", "seed", "stray.amount", "without", "blend", "source")


class SettingChooser(QFrame):
    """A panel that lists settings; Return or a click takes one."""

    chosen = Signal(str)

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowFlags(Qt.WindowType.Popup)
        self.setProperty("panel", "true")
        self.setFixedSize(*_SIZE)
        box = QVBoxLayout(self)
        box.setContentsMargins(8, 8, 8, 8)
        self.search = QLineEdit()
        self.search.setPlaceholderText(tr("Which setting? Type a part of its name"))
        self.search.setAccessibleName(tr("Search settings"))
        self.search.textChanged.connect(self._filter)
        self.search.returnPressed.connect(self._take)
        self.tree = QTreeWidget()
        self.tree.setColumnCount(2)
        self.tree.setHeaderHidden(True)
        self.tree.setRootIsDecorated(False)
        self.tree.setIndentation(12)
        self.tree.setAccessibleName(tr("Settings"))
        self.tree.itemClicked.connect(self._clicked)
        box.addWidget(self.search)
        box.addWidget(self.tree, 1)

    def show_settings(self, settings: Sequence[Setting]) -> None:
        """List these."""
        self.tree.clear()
        groups: dict[str, QTreeWidgetItem] = {}
        for setting in sorted(settings, key=_order):
            if setting.group not in groups:
                head = QTreeWidgetItem(self.tree, [plain(tr(setting.group))])
                head.setFlags(Qt.ItemFlag.ItemIsEnabled)
                head.setExpanded(True)
                groups[setting.group] = head
            item = QTreeWidgetItem(
                groups[setting.group],
                [plain(tr(setting.name)), setting_value(setting.now, setting)],
            )
            item.setData(0, _KEY, setting.key)
            item.setTextAlignment(1, Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
        self.tree.setColumnWidth(0, 200)
        self._filter(self.search.text())

    def open_under(self, widget: QWidget) -> None:
        """Show the list at a widget's lower edge."""
        dress(self)
        self.move(widget.mapToGlobal(QPoint(0, widget.height() + 2)))
        self.search.clear()
        self.show()
        self.search.setFocus()

    def _items(self) -> list[QTreeWidgetItem]:
        heads = [self.tree.topLevelItem(i) for i in range(self.tree.topLevelItemCount())]
        items = [h.child(k) for h in heads if h is not None for k in range(h.childCount())]
        return [item for item in items if item is not None]

    def _filter(self, text: str) -> None:
        words = text.lower().split()
        first = None
        for item in self._items():
            head = item.parent()
            said = f"{'' if head is None else head.text(0)} {item.text(0)}".lower()
            item.setHidden(not all(word in said for word in words))
            first = first or (None if item.isHidden() else item)
        seen = {id(item.parent()) for item in self._items() if not item.isHidden()}
        for i in range(self.tree.topLevelItemCount()):
            head = self.tree.topLevelItem(i)
            if head is not None:
                head.setHidden(id(head) not in seen)
        if first is not None:
            self.tree.setCurrentItem(first)

    def _clicked(self, item: QTreeWidgetItem, _: int) -> None:
        self._emit(item)

    def _take(self) -> None:
        item = self.tree.currentItem()
        if item is not None:
            self._emit(item)

    def _emit(self, item: QTreeWidgetItem) -> None:
        key = item.data(0, _KEY)
        if key:
            self.hide()
            self.chosen.emit(str(key))

    def keyPressEvent(self, event: QKeyEvent) -> None:
        steps = {Qt.Key.Key_Down: 1, Qt.Key.Key_Up: -1}
        if event.key() == Qt.Key.Key_Escape:
            self.hide()
        elif event.key() in steps:
            seen = [item for item in self._items() if not item.isHidden()]
            now = self.tree.currentItem()
            if seen:
                at = seen.index(now) if now in seen else -1
                self.tree.setCurrentItem(seen[(at + steps[Qt.Key(event.key())]) % len(seen)])
        else:
            super().keyPressEvent(event)


def _order(setting: Setting) -> tuple[int, int]:
    """The run's own settings first, those that are varied most at their top."""
    if setting.group != RUN:
        return 1, 0
    return 0, _FIRST.index(setting.key) if setting.key in _FIRST else len(_FIRST)
