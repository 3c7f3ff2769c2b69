"""A layout that sets widgets like words: one after the other, in as many lines as are needed."""

from PySide6.QtCore import QRect, QSize, Qt
from PySide6.QtWidgets import QLayout, QLayoutItem, QWidget


class Flow(QLayout):
    """Lines of equal height; the last widget takes what is left of its line."""

    def __init__(self, parent: QWidget, spacing: int) -> None:
        super().__init__(parent)
        self.setContentsMargins(0, 0, 0, 0)
        self.setSpacing(spacing)
        self._items: list[QLayoutItem] = []

    def insert(self, place: int, widget: QWidget) -> None:
        """Set a widget before the one that stands at a place."""
        self.addWidget(widget)
        self._items.insert(place, self._items.pop())
        self.invalidate()

    # What a layout has to answer --------------------------------------------------------------

    def addItem(self, item: QLayoutItem) -> None:
        """Set an item after all others."""
        self._items.append(item)

    def count(self) -> int:
        """How many items there are."""
        return len(self._items)

    def itemAt(self, index: int) -> QLayoutItem | None:
        """The item at a place, if there is one."""
        return self._items[index] if 0 <= index < len(self._items) else None

    def takeAt(self, index: int) -> QLayoutItem | None:
        """Let go of the item at a place."""
        return self._items.pop(index) if 0 <= index < len(self._items) else None

    def expandingDirections(self) -> Qt.Orientation:
        """It wants no more than it needs."""
        return Qt.Orientation(0)

    def hasHeightForWidth(self) -> bool:
        """The narrower, the more lines."""
        return True

    def heightForWidth(self, width: int) -> int:
        """Pixels that all lines take in a width."""
        return max((place.bottom() + 1 for place in self._places(QRect(0, 0, width, 0))), default=0)

    def minimumSize(self) -> QSize:
        """As wide as the widest widget."""
        size = QSize()
        for item in self._items:
            size = size.expandedTo(item.minimumSize())
        return size

    def sizeHint(self) -> QSize:
        """As wide as the widest widget; the height follows the width."""
        return self.minimumSize()

    def setGeometry(self, rect: QRect) -> None:
        """Put every widget in its place."""
        super().setGeometry(rect)
        for item, place in zip(self._items, self._places(rect), strict=True):
            item.setGeometry(place)

    def _places(self, rect: QRect) -> list[QRect]:
        sizes = [item.minimumSize().expandedTo(self._wish(item)) for item in self._items]
        high = max((size.height() for size in sizes), default=0)
        x, y, places = rect.left(), rect.top(), []
        for size in sizes:
            if x > rect.left() and x + size.width() > rect.left() + rect.width():
                x, y = rect.left(), y + high + self.spacing()
            places.append(QRect(x, y, min(size.width(), rect.width()), high))
            x += size.width() + self.spacing()
        if places:
            places[-1].setRight(max(places[-1].right(), rect.left() + rect.width() - 1))
        return places

    def _wish(self, item: QLayoutItem) -> QSize:
        """The last one takes what is left, so that it asks for its least width alone."""
        hint = item.sizeHint()
        return QSize(0, hint.height()) if item is self._items[-1] else hint
