"""Pictures of one sheet zoomed and moved together."""

from PySide6.QtCore import QPointF, QRectF
from PySide6.QtWidgets import QWidget

_MOST_ZOOM = 16.0


class LinkedZoom:
    """For a widget that paints many pictures of the same frame; `viewport` is painted again."""

    _zoom = 1.0
    _centre = QPointF(0.5, 0.5)  # of what is seen, shares of a picture

    def viewport(self) -> QWidget:
        """What is painted on."""
        raise NotImplementedError

    @property
    def zoom(self) -> float:
        """How many times larger than whole the pictures are seen."""
        return self._zoom

    def fit(self) -> None:
        """Show all pictures whole."""
        self._zoom, self._centre = 1.0, QPointF(0.5, 0.5)
        self.viewport().update()

    def zoom_about(self, place: QPointF, factor: float) -> None:
        """Zoom all pictures alike; what lies at `place` (shares of a cell) stays there."""
        before = self._zoom
        self._zoom = min(max(before * factor, 1.0), _MOST_ZOOM)
        off = place - QPointF(0.5, 0.5)
        self._centre = self._centre + off / before - off / self._zoom
        self._keep_inside()

    def pan(self, step: QPointF) -> None:
        """Move what is seen by shares of a cell."""
        self._centre = self._centre - step / self._zoom
        self._keep_inside()

    def part_of(self, width: int, height: int) -> QRectF:
        """The part of a picture of a size that is seen."""
        side = 1 / self._zoom
        left, top = self._centre.x() - side / 2, self._centre.y() - side / 2
        return QRectF(left * width, top * height, side * width, side * height)

    def _keep_inside(self) -> None:
        half = 0.5 / self._zoom
        self._centre = QPointF(
            min(max(self._centre.x(), half), 1 - half), min(max(self._centre.y(), half), 1 - half)
        )
        self.viewport().update()
