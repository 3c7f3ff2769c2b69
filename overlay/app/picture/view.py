"""The picture: zoom about the pointer, pan, fit, and a wipe between two states."""

from PySide6.QtCore import QEvent, QPoint, QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import (
    QColor,
    QEnterEvent,
    QImage,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QTabletEvent,
    QWheelEvent,
)
from PySide6.QtWidgets import QWidget

from overlay.app.parts.drops import TakesPictures
from overlay.app.parts.language import tr
from overlay.app.parts.theme import tone
from overlay.app.picture.comparing import ComparedView
from overlay.app.picture.marks import paint_box, paint_legend
from overlay.app.picture.tools import PictureTool


class PictureView(TakesPictures, ComparedView):
    """Shows a picture in a frame, and a second one right of a draggable line.

    Both are drawn into the same frame whatever their own sizes, so that a coarse state of a run
    lies exactly where the finished picture will be.
    """

    dropped = Signal(list)
    wiped = Signal(float)
    hovered = Signal(QPointF)  # shares of the frame, while no button is down
    clicked = Signal(QPointF)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setAcceptDrops(True)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setMinimumSize(240, 180)
        self.setAccessibleName(tr("Picture"))
        self.setToolTip(
            tr("Wheel zooms, dragging with Space or the middle button pans, double click fits")
        )
        self._over: QImage | None = None
        self._over_strength = 0.0
        self._hint = ""
        self._boxes: list[QRectF] = []
        self._legend: list[tuple[QColor, str]] = []
        self._pressed: QPointF | None = None
        self._drag: tuple[str, QPointF] | None = None
        self._space = False
        self._tool: PictureTool | None = None

    # What is shown --------------------------------------------------------------------------

    def show_image(self, image: QImage | None, frame: QSize | None = None) -> None:
        """Show a picture; `frame` is its finished size when it is a coarse state."""
        self._image = image
        if frame is not None:
            self._frame = frame
        elif image is not None:
            self._frame = image.size()
        self.update()

    def show_over(self, image: QImage | None, strength: float = 1.0) -> None:
        """Lay a map over the picture."""
        self._over, self._over_strength = image, strength
        self.update()

    def show_boxes(self, boxes: list[QRectF]) -> None:
        """Outline places of the frame, given as shares of it."""
        self._boxes = boxes
        self.update()

    def show_legend(self, entries: list[tuple[QColor, str]]) -> None:
        """Say in the corner what colours mean."""
        self._legend = entries
        self.update()

    def set_tool(self, tool: PictureTool | None) -> None:
        """Give the hand a tool, or take it away."""
        if self._tool is not None:
            self._tool.changed.disconnect(self.update)
        self._tool = tool
        if tool is not None:
            tool.changed.connect(self.update)
        self.setCursor(Qt.CursorShape.ArrowCursor if tool is None else tool.cursor)
        self.update()

    @property
    def tool(self) -> PictureTool | None:
        """The hand's tool, None when it pans."""
        return self._tool

    def show_hint(self, text: str) -> None:
        """What to do when there is nothing to show."""
        self._hint = text
        self.update()

    @property
    def image(self) -> QImage | None:
        """The picture that is shown."""
        return self._image

    # Painting -------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.fillRect(self.rect(), tone("surround"))
        if self._image is None:
            self._paint_hint(painter)
            return
        rect = self.frame_rect()
        if self._other is not None and self._compare == "beside":
            self._paint_beside(painter)
        elif self._other is not None and self._compare == "difference":
            self._paint_difference(painter, rect)
        else:
            self._paint_layers(painter, rect)
        for box in self._boxes:
            paint_box(painter, rect, box)
        paint_legend(painter, rect, self._legend)
        if self._tool is not None:
            self._tool.paint(painter, rect)

    def _paint_layers(self, painter: QPainter, rect: QRectF) -> None:
        """The picture, what lies over it, and the other one right of the line."""
        assert self._image is not None
        self._paint_image(painter, self._image, rect)
        if self._over is not None:
            painter.setOpacity(self._over_strength)
            self._paint_image(painter, self._over, rect)
            painter.setOpacity(1.0)
        if self._other is not None:
            self._paint_wipe(painter, rect)

    def _paint_hint(self, painter: QPainter) -> None:
        painter.setPen(QColor("#161615"))
        painter.drawText(self.rect(), Qt.AlignmentFlag.AlignCenter, tr(self._hint))

    # Hand and keys --------------------------------------------------------------------------

    def wheelEvent(self, event: QWheelEvent) -> None:
        self.zoom_about(event.position(), 1.0015 ** event.angleDelta().y())
        event.accept()

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        if self._tool is not None:
            self.mousePressEvent(event)
        else:
            self.fit()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._pressed = event.position()
        if self._uses_tool(event):
            assert self._tool is not None
            self._drag = ("tool", event.position())
            self._tool.shape = (self._frame.width(), self._frame.height())
            self._tool.press(self.place_at(event.position()))
            return
        pans = event.button() == Qt.MouseButton.MiddleButton or self._space
        if self._takes_wipe(event.position()) and not pans:
            self._drag = ("wipe", event.position())
        elif pans or event.button() == Qt.MouseButton.LeftButton:
            self._drag = ("pan", event.position())

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._drag is None:
            place = self.place_at(event.position())
            self._show_cursor(event.position())
            if self._tool is not None:
                self._tool.hover(place)
            if 0 <= place.x() < 1 and 0 <= place.y() < 1:
                self.hovered.emit(place)
            return
        kind, last = self._drag
        rect = self.frame_rect()
        if kind == "tool" and self._tool is not None:
            self._tool.move(self.place_at(event.position()))
        elif kind == "wipe":
            self._wipe = min(max((event.position().x() - rect.left()) / rect.width(), 0.0), 1.0)
            self.wiped.emit(self._wipe)
        else:
            moved = event.position() - last
            self._centre -= QPointF(moved.x() / rect.width(), moved.y() / rect.height())
            self._zoom = self.zoom
        self._drag = (kind, event.position())
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        drag, self._drag = self._drag, None
        if drag is not None and drag[0] == "tool":
            if self._tool is not None:
                self._tool.release(self.place_at(event.position()))
            return
        moved = event.position() - (self._pressed or event.position())
        place = self.place_at(event.position())
        if moved.manhattanLength() < 4 and 0 <= place.x() < 1 and 0 <= place.y() < 1:
            self.clicked.emit(place)

    def tabletEvent(self, event: QTabletEvent) -> None:
        """Note a pen's pressure; the mouse event that follows draws."""
        if self._tool is not None:
            released = event.type() == QEvent.Type.TabletRelease
            self._tool.pressure = None if released else event.pressure()
        event.ignore()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Space:
            self._space = True
        elif self.has_wipe and event.key() in (Qt.Key.Key_Left, Qt.Key.Key_Right):
            step = 0.02 if event.key() == Qt.Key.Key_Right else -0.02
            self._wipe = min(max(self._wipe + step, 0.0), 1.0)
            self.update()
        else:
            super().keyPressEvent(event)

    def keyReleaseEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Space:
            self._space = False
        super().keyReleaseEvent(event)

    def enterEvent(self, event: QEnterEvent) -> None:
        self.setMouseTracking(True)
        super().enterEvent(event)

    def _uses_tool(self, event: QMouseEvent) -> bool:
        left = event.button() == Qt.MouseButton.LeftButton
        return self._tool is not None and left and not self._space

    def _show_cursor(self, place: QPointF) -> None:
        shape = Qt.CursorShape.ArrowCursor if self._tool is None else self._tool.cursor
        self.setCursor(Qt.CursorShape.SplitHCursor if self._takes_wipe(place) else shape)

    def _takes_wipe(self, place: QPointF | QPoint) -> bool:
        return self._tool is None and self.near_wipe(place)
