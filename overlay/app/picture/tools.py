"""What the hand does on the picture: picking a place, dragging a frame, painting strokes.

Places are shares of the frame. A view has one tool at a time, or none; then it pans.
"""

from PySide6.QtCore import QObject, QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QColor, QPainter, QPen

from overlay.regions.thinning import thin_stroke

Points = tuple[tuple[float, float], ...]


class PictureTool(QObject):
    """A tool that does nothing yet; kinds override what they heed."""

    changed = Signal()  # what it paints is no longer the same
    cursor = Qt.CursorShape.CrossCursor
    pressure: float | None = None  # of a pen, 0..1, while one is used
    shape = (4096, 4096)  # width and height in pixels of the picture it is used on

    def press(self, place: QPointF) -> None:
        """The button goes down."""

    def move(self, place: QPointF) -> None:
        """The pointer moves while the button is down."""

    def release(self, place: QPointF) -> None:
        """The button goes up."""

    def hover(self, place: QPointF) -> None:
        """The pointer moves while no button is down."""

    def paint(self, painter: QPainter, frame: QRectF) -> None:
        """Draw over the picture, which lies in `frame`."""


class PickTool(PictureTool):
    """Reads a place: `seen` while pointing, `picked` on a click."""

    seen = Signal(QPointF)
    picked = Signal(QPointF)

    def hover(self, place: QPointF) -> None:
        self.seen.emit(place)

    def press(self, place: QPointF) -> None:
        self.picked.emit(place)


class FrameTool(PictureTool):
    """Drags a frame: `framed` at the end of the gesture, or moves one that is there."""

    framed = Signal(QRectF)

    def __init__(self, aspect: float | None = None, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.aspect = aspect  # width over height, both as shares of the frame; None for any
        self.box: QRectF | None = None
        self._from: QPointF | None = None
        self._moving: QPointF | None = None

    def press(self, place: QPointF) -> None:
        inside = self.box is not None and self.box.contains(place)
        whole = self.box is not None and self.box.width() > 0.98 and self.box.height() > 0.98
        self._moving = place if inside and not whole else None
        self._from = None if self._moving else _within(place)

    def move(self, place: QPointF) -> None:
        if self._moving is not None and self.box is not None:
            by = place - self._moving
            x = min(max(self.box.x() + by.x(), 0.0), 1.0 - self.box.width())
            y = min(max(self.box.y() + by.y(), 0.0), 1.0 - self.box.height())
            self.box.moveTo(x, y)
            self._moving = place
        elif self._from is not None:
            self.box = self._dragged(self._from, _within(place))
        self.changed.emit()

    def release(self, place: QPointF) -> None:
        drawn = self._from is not None or self._moving is not None
        self._from = self._moving = None
        if drawn and self.box is not None and self.box.width() > 0.01 and self.box.height() > 0.01:
            self.framed.emit(self.box)

    def _dragged(self, begin: QPointF, end: QPointF) -> QRectF:
        if self.aspect is None:
            return QRectF(begin, end).normalized()
        right, down = end.x() >= begin.x(), end.y() >= begin.y()
        most_wide = 1 - begin.x() if right else begin.x()
        most_high = 1 - begin.y() if down else begin.y()
        wide = max(abs(end.x() - begin.x()), abs(end.y() - begin.y()) * self.aspect)
        wide = min(wide, most_wide, most_high * self.aspect)
        high = wide / self.aspect
        left = begin.x() if right else begin.x() - wide
        top = begin.y() if down else begin.y() - high
        return QRectF(left, top, wide, high)

    def paint(self, painter: QPainter, frame: QRectF) -> None:
        if self.box is None:
            return
        shown = placed_box(frame, self.box)
        veil = QColor(20, 20, 20, 120)
        for part in (
            QRectF(frame.topLeft(), QPointF(frame.right(), shown.top())),
            QRectF(QPointF(frame.left(), shown.bottom()), frame.bottomRight()),
            QRectF(QPointF(frame.left(), shown.top()), shown.bottomLeft()),
            QRectF(shown.topRight(), QPointF(frame.right(), shown.bottom())),
        ):
            painter.fillRect(part, veil)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for colour, width in ((QColor(0, 0, 0, 200), 3), (QColor("white"), 1)):
            painter.setPen(QPen(colour, width))
            painter.drawRect(shown)


class BrushTool(PictureTool):
    """Paints a stroke: `stroked` with its points at the end of the gesture."""

    stroked = Signal(tuple)

    def __init__(
        self, size: float = 0.03, colour: QColor | None = None, parent: QObject | None = None
    ) -> None:
        super().__init__(parent)
        self.size = size  # of the frame's longer side
        self.colour = QColor(0, 0, 0, 140) if colour is None else colour
        self.pressures: tuple[float, ...] = ()  # of the stroke that ended, where a pen told them
        self._points: list[tuple[float, float]] = []
        self._pressures: list[float | None] = []
        self._at: QPointF | None = None

    def press(self, place: QPointF) -> None:
        self._points, self._pressures = [_shares(place)], [self.pressure]
        self.changed.emit()

    def move(self, place: QPointF) -> None:
        self._at = place
        point = _shares(place)
        if self._points and point != self._points[-1]:
            self._points.append(point)
            self._pressures.append(self.pressure)
        self.changed.emit()

    def release(self, place: QPointF) -> None:
        points, self._points = tuple(self._points), []
        told = [round(p, 3) for p in self._pressures if p is not None]
        pressures = tuple(told) if len(told) == len(points) else ()
        if points:
            points, self.pressures = thin_stroke(points, pressures, self.size, *self.shape)
            self.stroked.emit(points)
        self.changed.emit()

    def hover(self, place: QPointF) -> None:
        self._at = place
        self.changed.emit()

    def paint(self, painter: QPainter, frame: QRectF) -> None:
        wide = self.size * max(frame.width(), frame.height())
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        if self._points:
            points = [placed(frame, *p) for p in self._points]
            pen = QPen(self.colour, wide)
            pen.setCapStyle(Qt.PenCapStyle.RoundCap)
            pen.setJoinStyle(Qt.PenJoinStyle.RoundJoin)
            painter.setPen(pen)
            painter.drawPolyline(points * 2 if len(points) == 1 else points)
        if self._at is not None:
            painter.setBrush(Qt.BrushStyle.NoBrush)
            middle = placed(frame, self._at.x(), self._at.y())
            for colour, width in ((QColor(0, 0, 0, 200), 3), (QColor("white"), 1)):
                painter.setPen(QPen(colour, width))
                painter.drawEllipse(middle, wide / 2, wide / 2)


def placed(frame: QRectF, x: float, y: float) -> QPointF:
    """A place given as shares of a frame."""
    return QPointF(frame.left() + x * frame.width(), frame.top() + y * frame.height())


def placed_box(frame: QRectF, box: QRectF) -> QRectF:
    """A box given as shares of a frame."""
    return QRectF(placed(frame, box.left(), box.top()), placed(frame, box.right(), box.bottom()))


def _within(place: QPointF) -> QPointF:
    return QPointF(min(max(place.x(), 0.0), 1.0), min(max(place.y(), 0.0), 1.0))


def _shares(place: QPointF) -> tuple[float, float]:
    inside = _within(place)
    return round(inside.x(), 4), round(inside.y(), 4)
