"""A reference's picture on the cue card: its take area is dragged, its keep-outs are painted."""

from typing import Literal

from PySide6.QtCore import QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import QColor, QImage, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QSizePolicy, QWidget

from overlay.app.parts.language import tr
from overlay.app.parts.theme import tone
from overlay.document.cues import Cue, ReferenceCue
from overlay.document.strokes import Stroke
from overlay.regions.thinning import thin_stroke

Tool = Literal["none", "take", "keep_out"]
Box = tuple[float, float, float, float]

_WHOLE: Box = (0.0, 0.0, 1.0, 1.0)
_LEAST = 0.02  # a smaller frame is a slip of the hand
_STROKE = 0.08  # of the longer side


HIGH, LOW = 132, 96  # pixels, where there is room and where there is little


class ReferenceView(QWidget):
    """Shows the picture; with a tool, one drag is one `taken` or `kept_out`."""

    taken = Signal(tuple)  # left, top, right, bottom as shares
    kept_out = Signal(object)  # Stroke
    asked = Signal(QPointF)  # a click without a tool, in pixels of the picture

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setFixedHeight(HIGH)
        self.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("The reference's picture"))
        self._image: QImage | None = None
        self._take: Box = _WHOLE
        self._strokes: tuple[Stroke, ...] = ()
        self._tool: Tool = "none"
        self._points: list[tuple[float, float]] = []
        self._full = QSize(1, 1)
        self._box: QRectF | None = None

    def show_box(self, box: QRectF | None) -> None:
        """Light up a place, in pixels of the picture."""
        self._box = box
        self.update()

    def set_image(self, image: QImage | None, full: QSize | None = None) -> None:
        """The whole picture, or nothing; `full` is its true size when it is a reduced one."""
        self._image = image
        if image is not None:
            self._full = image.size() if full is None else full
        self.update()

    def set_cue(self, cue: Cue) -> None:
        """Its take area and keep-outs; all of the picture where the cue takes no part of it."""
        taken = cue if isinstance(cue, ReferenceCue) else None
        self._take = _WHOLE if taken is None else taken.take
        self._strokes = () if taken is None else taken.keep_out
        self.update()

    def set_tool(self, tool: Tool) -> None:
        """What a drag does."""
        self._tool, self._points = tool, []
        cursor = Qt.CursorShape.ArrowCursor if tool == "none" else Qt.CursorShape.CrossCursor
        self.setCursor(cursor)
        self.update()

    def picture_rect(self) -> QRectF:
        """Where the picture lies in the widget."""
        if self._image is None or self._image.isNull():
            return QRectF()
        scale = min(self.width() / self._image.width(), self.height() / self._image.height())
        width, height = self._image.width() * scale, self._image.height() * scale
        return QRectF((self.width() - width) / 2, (self.height() - height) / 2, width, height)

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        rect = self.picture_rect()
        if self._image is None or rect.isEmpty():
            return
        painter.setRenderHint(QPainter.RenderHint.Antialiasing)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.drawImage(rect, self._image)
        painter.setClipRect(rect)
        self._paint_strokes(painter, rect)
        take = self._dragged_box() or self._take
        if take != _WHOLE:
            self._paint_take(painter, rect, take)
        if self._box is not None:
            self._paint_box(painter, rect, self._box)

    def _paint_box(self, painter: QPainter, rect: QRectF, box: QRectF) -> None:
        """The lit place, never smaller than can be seen, light within dark."""
        across, down = rect.width() / self._full.width(), rect.height() / self._full.height()
        shown = QRectF(0, 0, max(box.width() * across, 8), max(box.height() * down, 8))
        middle = box.center()
        shown.moveCenter(QPointF(rect.left() + middle.x() * across, rect.top() + middle.y() * down))
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for colour, width in ((QColor(0, 0, 0, 220), 4.0), (QColor("white"), 2.0)):
            painter.setPen(QPen(colour, width))
            painter.drawRect(shown)

    def _paint_strokes(self, painter: QPainter, rect: QRectF) -> None:
        strokes = list(self._strokes)
        if self._tool == "keep_out" and self._points:
            strokes.append(Stroke(points=tuple(self._points), size=_STROKE))
        for stroke in strokes:
            # Dark under light dashes, so that it stands out from any picture.
            width = stroke.size * max(rect.width(), rect.height())
            points = [_placed(rect, *p) for p in stroke.points]
            points = points * 2 if len(points) == 1 else points
            pen = QPen(QColor(20, 20, 20, 190), width)
            pen.setCapStyle(Qt.PenCapStyle.RoundCap)
            pen.setJoinStyle(Qt.PenJoinStyle.RoundJoin)
            painter.setPen(pen)
            painter.drawPolyline(points)
            painter.setPen(QPen(QColor(255, 255, 255, 220), 1, Qt.PenStyle.DashLine))
            painter.drawPolyline(points)

    def _paint_take(self, painter: QPainter, rect: QRectF, take: Box) -> None:
        frame = QRectF(_placed(rect, *take[:2]), _placed(rect, *take[2:]))
        shade = QColor(tone("panel"))
        shade.setAlpha(190)
        for part in (
            QRectF(rect.topLeft(), QPointF(rect.right(), frame.top())),
            QRectF(QPointF(rect.left(), frame.bottom()), rect.bottomRight()),
            QRectF(QPointF(rect.left(), frame.top()), frame.bottomLeft()),
            QRectF(frame.topRight(), QPointF(rect.right(), frame.bottom())),
        ):
            painter.fillRect(part, shade)
        painter.setBrush(Qt.BrushStyle.NoBrush)
        painter.setPen(QPen(tone("register"), 1.5))
        painter.drawRect(frame)

    # Gestures -------------------------------------------------------------------------------

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() != Qt.MouseButton.LeftButton or self._image is None:
            return
        x, y = self._share(event.position())
        if self._tool == "none":
            self.asked.emit(QPointF(x * self._full.width(), y * self._full.height()))
            return
        self._points = [(x, y)]
        self.update()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._points:
            point = self._share(event.position())
            self._points = [*self._points[: 1 if self._tool == "take" else None], point]
            self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if not self._points:
            return
        box, points = self._dragged_box(), tuple(self._points)
        self._points = []
        if self._tool == "keep_out":
            size = self._full.width(), self._full.height()
            points, _ = thin_stroke(points, (), _STROKE, *size)
            self.kept_out.emit(Stroke(points=points, size=_STROKE))
        elif box is not None:
            self.taken.emit(box)
        self.update()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        """With the take tool, arrows move the frame and Shift with arrows sizes it."""
        moves = {
            Qt.Key.Key_Left: (-0.02, 0.0), Qt.Key.Key_Right: (0.02, 0.0),
            Qt.Key.Key_Up: (0.0, -0.02), Qt.Key.Key_Down: (0.0, 0.02),
        }  # fmt: skip
        if self._tool != "take" or event.key() not in moves:
            super().keyPressEvent(event)
            return
        dx, dy = moves[Qt.Key(event.key())]
        left, top, right, bottom = self._take
        if event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
            right = min(max(right + dx, left + _LEAST), 1.0)
            bottom = min(max(bottom + dy, top + _LEAST), 1.0)
        else:
            dx, dy = min(max(dx, -left), 1 - right), min(max(dy, -top), 1 - bottom)
            left, top, right, bottom = left + dx, top + dy, right + dx, bottom + dy
        self.taken.emit(tuple(round(v, 4) for v in (left, top, right, bottom)))

    def _share(self, place: QPointF) -> tuple[float, float]:
        rect = self.picture_rect()
        x = (place.x() - rect.left()) / max(rect.width(), 1)
        y = (place.y() - rect.top()) / max(rect.height(), 1)
        return round(min(max(x, 0.0), 1.0), 4), round(min(max(y, 0.0), 1.0), 4)

    def _dragged_box(self) -> Box | None:
        if self._tool != "take" or len(self._points) < 2:
            return None
        (x0, y0), (x1, y1) = self._points[0], self._points[-1]
        box = (min(x0, x1), min(y0, y1), max(x0, x1), max(y0, y1))
        return box if box[2] - box[0] >= _LEAST and box[3] - box[1] >= _LEAST else None


def _placed(rect: QRectF, x: float, y: float) -> QPointF:
    return QPointF(rect.left() + x * rect.width(), rect.top() + y * rect.height())
