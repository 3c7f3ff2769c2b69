"""What the hand does on a region: brush, eraser, lasso, box and ellipse."""

import math
from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QObject, QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPen, QPolygonF

from overlay.app.picture_tools import BrushTool, PictureTool, placed


class RegionBrush(BrushTool):
    """Paints into a region or out of it; the lasso fills what it goes around."""

    drawn = Signal(dict)

    def __init__(self, kind: str, size: float, parent: QObject | None = None) -> None:
        colour = QColor(0, 0, 0, 120) if kind == "erase" else QColor(255, 255, 255, 120)
        super().__init__(0.004 if kind == "lasso" else size, colour, parent)
        self.kind = kind
        self.stroked.connect(self._finish)

    def _finish(self, points: tuple[tuple[float, float], ...]) -> None:
        stroke: dict[str, Any] = {
            "points": points, "size": self.size, "value": 0.0 if self.kind == "erase" else 1.0,
        }  # fmt: skip
        if self.kind == "lasso":
            if len(points) < 3:
                return
            stroke["fill"] = True
        elif self.pressures:
            stroke["pressures"] = self.pressures
        self.drawn.emit(stroke)


class BoxTool(PictureTool):
    """Drags a box, or with Shift an ellipse, whose inside is added."""

    drawn = Signal(dict)

    def __init__(
        self, keys: Callable[[], Qt.KeyboardModifier], parent: QObject | None = None
    ) -> None:
        super().__init__(parent)
        self._keys = keys
        self._points: tuple[tuple[float, float], ...] = ()
        self._from: QPointF | None = None

    def press(self, place: QPointF) -> None:
        self._from = place

    def move(self, place: QPointF) -> None:
        if self._from is None:
            return
        box = QRectF(self._from, place).normalized().intersected(QRectF(0, 0, 1, 1))
        if self._keys() & Qt.KeyboardModifier.ShiftModifier:
            middle, turns = box.center(), [2 * math.pi * i / 48 for i in range(48)]
            self._points = tuple(
                (
                    round(middle.x() + box.width() / 2 * math.cos(t), 4),
                    round(middle.y() + box.height() / 2 * math.sin(t), 4),
                )
                for t in turns
            )
        else:
            corners = (box.topLeft(), box.topRight(), box.bottomRight(), box.bottomLeft())
            self._points = tuple((round(c.x(), 4), round(c.y(), 4)) for c in corners)
        self.changed.emit()

    def release(self, place: QPointF) -> None:
        points, self._points, self._from = self._points, (), None
        if points and QPolygonF([QPointF(*p) for p in points]).boundingRect().width() > 0.005:
            inside = tuple((min(max(x, 0.0), 1.0), min(max(y, 0.0), 1.0)) for x, y in points)
            self.drawn.emit({"points": inside, "fill": True, "value": 1.0})
        self.changed.emit()

    def paint(self, painter: QPainter, frame: QRectF) -> None:
        if self._points:
            shape = QPolygonF([placed(frame, *p) for p in self._points])
            painter.setBrush(QColor(255, 255, 255, 70))
            for colour, width in ((QColor(0, 0, 0, 200), 3), (QColor("white"), 1)):
                painter.setPen(QPen(colour, width))
                painter.drawPolygon(shape)
