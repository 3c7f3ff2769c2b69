"""What the hand does on a region: brush, eraser, lasso, polygon, box and ellipse, ramp."""

import math
from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QObject, QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPen, QPolygonF

from overlay.app.picture.tools import BrushTool, PictureTool, placed

_CLOSE = 0.008  # of the frame, within which two places are one


class RegionBrush(BrushTool):
    """Paints into a region or out of it; the lasso fills what it goes around."""

    drawn = Signal(dict)

    def __init__(
        self, kind: str, size: float, soft: float = 0.0, parent: QObject | None = None
    ) -> None:
        colour = QColor(0, 0, 0, 120) if kind == "erase" else QColor(255, 255, 255, 120)
        super().__init__(0.004 if kind == "lasso" else size, colour, parent)
        self.kind, self.soft = kind, soft
        self.stroked.connect(self._finish)

    def _finish(self, points: tuple[tuple[float, float], ...]) -> None:
        stroke: dict[str, Any] = {
            "points": points, "size": self.size, "value": 0.0 if self.kind == "erase" else 1.0,
        }  # fmt: skip
        if self.kind == "lasso":
            if len(points) < 3:
                return
            stroke["fill"] = True
        else:
            stroke["soft"] = self.soft
            if self.pressures:
                stroke["pressures"] = self.pressures
        self.drawn.emit(stroke)


class PolygonTool(PictureTool):
    """Collects corners; one on the first or twice on one closes it, and its inside is added."""

    drawn = Signal(dict)

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self._corners: list[tuple[float, float]] = []
        self._at: tuple[float, float] | None = None

    def press(self, place: QPointF) -> None:
        corner = _inside(place)
        ends = self._corners[:1] + self._corners[-1:]
        if any(math.dist(corner, end) < _CLOSE for end in ends):
            self._close()
        else:
            self._corners.append(corner)
        self.changed.emit()

    def hover(self, place: QPointF) -> None:
        self._at = _inside(place)
        self.changed.emit()

    def _close(self) -> None:
        corners, self._corners = tuple(self._corners), []
        if len(corners) >= 3:
            self.drawn.emit({"points": corners, "fill": True, "value": 1.0})

    def paint(self, painter: QPainter, frame: QRectF) -> None:
        if not self._corners:
            return
        places = [*self._corners, *([] if self._at is None else [self._at])]
        shape = QPolygonF([placed(frame, *p) for p in places])
        for pen in _two_pens():
            painter.setPen(pen)
            painter.drawPolyline(shape)
            painter.drawEllipse(placed(frame, *self._corners[0]), 4, 4)


class RampTool(PictureTool):
    """Drags a transition from all to nothing, or with Shift one around the place."""

    drawn = Signal(dict)

    def __init__(
        self, keys: Callable[[], Qt.KeyboardModifier], parent: QObject | None = None
    ) -> None:
        super().__init__(parent)
        self._keys = keys
        self._ends: list[tuple[float, float]] = []

    def press(self, place: QPointF) -> None:
        self._ends = [_inside(place)] * 2

    def move(self, place: QPointF) -> None:
        if self._ends:
            self._ends[1] = _inside(place)
            self.changed.emit()

    def release(self, place: QPointF) -> None:
        ends, self._ends = tuple(self._ends), []
        if ends and math.dist(*ends) > _CLOSE:
            ramp = "radial" if self._around() else "linear"
            self.drawn.emit({"points": ends, "ramp": ramp, "value": 1.0})
        self.changed.emit()

    def _around(self) -> bool:
        return bool(self._keys() & Qt.KeyboardModifier.ShiftModifier)

    def paint(self, painter: QPainter, frame: QRectF) -> None:
        if not self._ends:
            return
        begin, end = (placed(frame, *p) for p in self._ends)
        reach = math.hypot(end.x() - begin.x(), end.y() - begin.y())
        for pen in _two_pens():
            painter.setPen(pen)
            painter.drawLine(begin, end)
            painter.drawEllipse(begin, 4, 4)
            if self._around():
                painter.drawEllipse(begin, reach, reach)


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
            for pen in _two_pens():
                painter.setPen(pen)
                painter.drawPolygon(shape)


def _inside(place: QPointF) -> tuple[float, float]:
    """A place within the frame, as a stroke holds it."""
    return round(min(max(place.x(), 0.0), 1.0), 4), round(min(max(place.y(), 0.0), 1.0), 4)


def _two_pens() -> tuple[QPen, QPen]:
    """White within black, to be seen on any picture."""
    return QPen(QColor(0, 0, 0, 200), 3), QPen(QColor("white"), 1)
