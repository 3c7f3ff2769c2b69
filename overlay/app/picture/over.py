"""A panel that lies over the lower edge of the picture, so that nothing else moves for it."""

from PySide6.QtCore import QEvent, QObject
from PySide6.QtWidgets import QFrame, QWidget

_EDGE = 10  # pixels around it
COVERED = "covered"  # property of a view: pixels of its lower edge under lines that come and go


class OverPicture(QFrame):
    """Is laid out anew whenever the picture's place changes."""

    def __init__(self, view: QWidget, *, most: int) -> None:
        super().__init__(view)
        self.setProperty("panel", "true")
        self._view, self._most = view, most
        view.installEventFilter(self)
        self.hide()

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        moved = event.type() in (QEvent.Type.Resize, QEvent.Type.DynamicPropertyChange)
        if moved and self.isVisible():
            self.lay()
        return False

    def lay(self) -> None:
        """Take the room there is at the lower edge."""
        width = min(self._view.width() - 2 * _EDGE, self._most)
        height = self.sizeHint().height()
        left = (self._view.width() - width) // 2
        covered = int(self._view.property(COVERED) or 0)
        self.setGeometry(left, self._view.height() - covered - height - _EDGE, width, height)

    def appear(self) -> None:
        """Show it."""
        self.show()
        self.lay()
        self.raise_()
