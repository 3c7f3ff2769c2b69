"""Pictures of the tray to choose from, several at once."""

from collections.abc import Callable, Sequence
from pathlib import Path

from PySide6.QtCore import QPoint, Qt
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import (
    QAbstractItemView,
    QFrame,
    QListWidget,
    QListWidgetItem,
    QPushButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain, plain_tip
from overlay.app.parts.theme import dress

_PATH = Qt.ItemDataRole.UserRole
_SIZE = (300, 340)


class PicturePicker(QFrame):
    """A panel with the tray's pictures; the button, or Return, takes those that are selected."""

    def __init__(self, parent: QWidget) -> None:
        super().__init__(parent)
        self.setWindowFlags(Qt.WindowType.Popup)
        self.setProperty("panel", "true")
        self.setFixedSize(*_SIZE)
        box = QVBoxLayout(self)
        box.setContentsMargins(8, 8, 8, 8)
        self.title = PlainLabel()
        self.list = QListWidget()
        self.list.setSelectionMode(QAbstractItemView.SelectionMode.ExtendedSelection)
        self.list.setAccessibleName(tr("Pictures of the tray"))
        self.list.itemSelectionChanged.connect(self._heed)
        self.take = QPushButton(tr("Add"))
        self.take.setProperty("primary", "true")
        self.take.clicked.connect(self._taken)
        box.addWidget(self.title)
        box.addWidget(self.list, 1)
        box.addWidget(self.take)
        self._then: Callable[[list[Path]], object] = lambda _: None

    def open(
        self, title: str, pictures: Sequence[Path], place: QPoint,
        then: Callable[[list[Path]], object],
    ) -> None:  # fmt: skip
        """Offer pictures; `then` is called with those that were taken."""
        dress(self)
        self._then = then
        self.title.setText(tr(title))
        self.list.clear()
        for picture in pictures:
            item = QListWidgetItem(plain(picture.stem))
            item.setToolTip(plain_tip(str(picture)))
            item.setData(_PATH, str(picture))
            self.list.addItem(item)
        self.list.selectAll()
        self._heed()
        self.move(place)
        self.show()
        self.list.setFocus()

    def _heed(self) -> None:
        count = len(self.list.selectedItems())
        self.take.setText(tr(f"Add {count} picture{'s' * (count != 1)}"))
        self.take.setEnabled(bool(count))

    def _taken(self) -> None:
        chosen = sorted(self.list.selectedItems(), key=self.list.row)
        self.hide()
        if chosen:
            self._then([Path(str(item.data(_PATH))) for item in chosen])

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self._taken()
        elif event.key() == Qt.Key.Key_Escape:
            self.hide()
        else:
            super().keyPressEvent(event)
