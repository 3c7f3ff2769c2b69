"""How a frame lies in a widget: fitted or zoomed, moved, and in one pane or several."""

from PySide6.QtCore import QPointF, QRectF, QSize
from PySide6.QtWidgets import QWidget

_MOST_ZOOM = 32.0
_ROUND = 8  # pixels that a fitted frame leaves free, both sides together


class FramedView(QWidget):
    """A widget in which a frame of a size is zoomed and moved; kinds paint what lies in it."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._frame = QSize(768, 512)
        self._zoom: float | None = None  # None fits the frame to the view
        self._centre = QPointF(0.5, 0.5)  # place of the frame at the middle of the view

    @property
    def zoom(self) -> float:
        """Screen pixels per pixel of the frame."""
        if self._zoom is not None:
            return self._zoom
        pane = self._panes()[0]
        across = (pane.width() - _ROUND) / self._frame.width()
        down = (pane.height() - _ROUND) / self._frame.height()
        return max(min(across, down), 0.01)

    def fit(self) -> None:
        """Show the whole frame."""
        self._zoom, self._centre = None, QPointF(0.5, 0.5)
        self.update()

    def actual_pixels(self) -> None:
        """One pixel of the frame for each of the screen."""
        self._zoom = 1.0
        self.update()

    def zoom_about(self, place: QPointF, factor: float) -> None:
        """Zoom so that what lies at `place` of the widget stays there."""
        before = self.place_at(place)
        self._zoom = min(max(self.zoom * factor, 0.05), _MOST_ZOOM)
        after = self.place_at(place)
        self._centre += before - after
        self.update()

    def frame_rect(self, pane: int = 0) -> QRectF:
        """Where the frame lies in the widget; side by side there are two panes."""
        middle = self._panes()[pane].center()
        width, height = self._frame.width() * self.zoom, self._frame.height() * self.zoom
        left = middle.x() - self._centre.x() * width
        top = middle.y() - self._centre.y() * height
        return QRectF(left, top, width, height)

    def place_at(self, place: QPointF) -> QPointF:
        """A place of this widget as shares of the frame; beyond 0 to 1 beside it."""
        panes = self._panes()
        rect = self.frame_rect(int(len(panes) > 1 and place.x() > panes[1].left()))
        return QPointF(
            (place.x() - rect.left()) / rect.width(), (place.y() - rect.top()) / rect.height()
        )

    def _panes(self) -> list[QRectF]:
        """The parts of the widget that show the frame each."""
        return [QRectF(self.rect())]
