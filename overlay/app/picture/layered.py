"""The picture with what lies over it: lines that come and go at its edge, panels in its middle."""

from PySide6.QtCore import QEvent, Qt
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QGridLayout, QVBoxLayout, QWidget

from overlay.app.picture.over import COVERED


class LayeredPicture(QWidget):
    """Lays widgets over a view without ever changing its size.

    Parameters
    ----------
    lines : across its lower edge. said : below them, in the corner.
    """

    def __init__(self, view: QWidget, *lines: QWidget, said: QWidget) -> None:
        super().__init__()
        self._notes = _Notes(view)
        column = QVBoxLayout(self._notes)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(0)
        for line in lines:
            column.addWidget(line)
        # No wider than what it says: the picture is seen beside it.
        column.addWidget(said, 0, Qt.AlignmentFlag.AlignLeft)
        self._column = column
        self._grid = QGridLayout(self)
        self._grid.setContentsMargins(0, 0, 0, 0)
        self._grid.addWidget(view, 0, 0)
        self._grid.addWidget(self._notes, 0, 0, Qt.AlignmentFlag.AlignBottom)

    def put(self, widget: QWidget, place: Qt.AlignmentFlag) -> None:
        """Lay another one over the picture; at its lower edge it stands above the lines."""
        if place == Qt.AlignmentFlag.AlignBottom:
            self._column.insertWidget(0, widget)
        else:
            self._grid.addWidget(widget, 0, 0, place)


class _Notes(QWidget):
    """Holds the lines over the picture's lower edge; what else lies there stays above them."""

    def __init__(self, view: QWidget) -> None:
        super().__init__()
        self._view = view

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._view.setProperty(COVERED, event.size().height())

    def event(self, event: QEvent) -> bool:
        """Beside its lines the hand reaches the picture."""
        done = super().event(event)
        if event.type() in (QEvent.Type.Resize, QEvent.Type.LayoutRequest):
            self.setMask(self.childrenRegion())
        return done
