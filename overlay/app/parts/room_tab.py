"""A room's tab in the top bar."""

from PySide6.QtCore import QSize, Signal
from PySide6.QtGui import QDragEnterEvent, QFontMetrics
from PySide6.QtWidgets import QToolButton

from overlay.app.parts.offers import dragged_setting


class RoomTab(QToolButton):
    """A room's tab; a setting that is carried onto it has it opened."""

    carried = Signal()

    def sizeHint(self) -> QSize:
        """As wide as its text where it is the chosen one: nothing moves when it becomes it."""
        font = self.font()
        font.setBold(True)
        wide = QFontMetrics(font).horizontalAdvance(self.text()) + 16
        return super().sizeHint().expandedTo(QSize(wide, 0))

    def minimumSizeHint(self) -> QSize:
        return self.sizeHint()

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if dragged_setting(event.mimeData()) is not None:
            event.acceptProposedAction()
            self.carried.emit()
