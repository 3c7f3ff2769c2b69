"""The edge between a panel and the picture, taken by the hand to make the panel wider."""

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QMouseEvent
from PySide6.QtWidgets import QWidget

from overlay.app.parts.language import tr

WIDE = 8  # pixels in which the hand finds it


class Seam(QWidget):
    """Lies over an edge and is not seen; double-clicked, the panel is as wide as it was."""

    taken = Signal()
    moved = Signal(int)  # pixels to the right, from where it was taken
    let_go = Signal()
    put_back = Signal()

    def __init__(self, name: str, parent: QWidget) -> None:
        super().__init__(parent)
        self._from: float | None = None
        self.setCursor(Qt.CursorShape.SplitHCursor)
        self.setAccessibleName(tr(name))
        self.setToolTip(tr("Drag to widen; double click: as it was"))

    def lie_over(self, x: int, height: int) -> None:
        """Lie over an edge at `x` of its parent."""
        self.setGeometry(x - WIDE // 2, 0, WIDE, height)
        self.raise_()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() == Qt.MouseButton.LeftButton:
            self._from = event.globalPosition().x()
            self.taken.emit()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._from is not None:
            self.moved.emit(round(event.globalPosition().x() - self._from))

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._from is not None:
            self._from = None
            self.let_go.emit()

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        self._from = None
        self.put_back.emit()
