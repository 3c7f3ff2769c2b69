"""The picture: zoom about the pointer, pan, fit, and a wipe between two states."""

from PySide6.QtCore import QPoint, QPointF, QRectF, QSize, Qt, Signal
from PySide6.QtGui import (
    QColor,
    QEnterEvent,
    QImage,
    QKeyEvent,
    QMouseEvent,
    QPainter,
    QPaintEvent,
    QPen,
    QResizeEvent,
    QWheelEvent,
)
from PySide6.QtWidgets import QWidget

from overlay.app.drops import TakesPictures
from overlay.app.theme import tone

_MOST_ZOOM = 32.0
_GRAB = 8  # pixels around the wipe's line that take hold of it


class PictureView(TakesPictures, QWidget):
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
        self.setAccessibleName("Picture")
        self.setToolTip(
            "Wheel zooms, dragging with Space or the middle button pans, double click fits"
        )
        self._image: QImage | None = None
        self._other: QImage | None = None
        self._over: QImage | None = None
        self._over_strength = 0.0
        self._frame = QSize(768, 512)
        self._zoom: float | None = None  # None fits the frame to the view
        self._centre = QPointF(0.5, 0.5)  # place of the frame at the middle of the view
        self._wipe = 0.5
        self._captions = ("", "")
        self._hint = ""
        self._boxes: list[QRectF] = []
        self._legend: list[tuple[QColor, str]] = []
        self._pressed: QPointF | None = None
        self._drag: tuple[str, QPointF] | None = None
        self._space = False
        self._scaled: dict[tuple[int, int, int], QImage] = {}

    # What is shown --------------------------------------------------------------------------

    def show_image(self, image: QImage | None, frame: QSize | None = None) -> None:
        """Show a picture; `frame` is its finished size when it is a coarse state."""
        self._image = image
        if frame is not None:
            self._frame = frame
        elif image is not None:
            self._frame = image.size()
        self._scaled.clear()
        self.update()

    def show_other(self, image: QImage | None, captions: tuple[str, str] = ("", "")) -> None:
        """Show another picture right of the wipe's line, or none."""
        self._other, self._captions = image, captions
        self._scaled.clear()
        self.update()

    def show_over(self, image: QImage | None, strength: float = 1.0) -> None:
        """Lay a map over the picture."""
        self._over, self._over_strength = image, strength
        self._scaled.clear()
        self.update()

    def show_boxes(self, boxes: list[QRectF]) -> None:
        """Outline places of the frame, given as shares of it."""
        self._boxes = boxes
        self.update()

    def show_legend(self, entries: list[tuple[QColor, str]]) -> None:
        """Say in the corner what colours mean."""
        self._legend = entries
        self.update()

    def show_hint(self, text: str) -> None:
        """What to do when there is nothing to show."""
        self._hint = text
        self.update()

    @property
    def image(self) -> QImage | None:
        """The picture that is shown."""
        return self._image

    @property
    def has_wipe(self) -> bool:
        """Whether two pictures are compared."""
        return self._other is not None

    @property
    def wipe(self) -> float:
        """Place of the wipe's line, 0 to 1 of the frame's width."""
        return self._wipe

    def swap_sides(self) -> None:
        """Exchange what is left and right of the line."""
        if self._other is not None:
            self._image, self._other = self._other, self._image
            self._captions = (self._captions[1], self._captions[0])
            self._scaled.clear()
            self.update()

    # Zoom -----------------------------------------------------------------------------------

    @property
    def zoom(self) -> float:
        """Screen pixels per pixel of the frame."""
        if self._zoom is not None:
            return self._zoom
        room = self.size() - QSize(32, 32)
        return max(
            min(room.width() / self._frame.width(), room.height() / self._frame.height()), 0.01
        )

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
        before = self._to_frame(place)
        self._zoom = min(max(self.zoom * factor, 0.05), _MOST_ZOOM)
        after = self._to_frame(place)
        self._centre += before - after
        self.update()

    def frame_rect(self) -> QRectF:
        """Where the frame lies in the widget."""
        width, height = self._frame.width() * self.zoom, self._frame.height() * self.zoom
        left = self.width() / 2 - self._centre.x() * width
        top = self.height() / 2 - self._centre.y() * height
        return QRectF(left, top, width, height)

    def _to_frame(self, place: QPointF) -> QPointF:
        rect = self.frame_rect()
        return QPointF(
            (place.x() - rect.left()) / rect.width(), (place.y() - rect.top()) / rect.height()
        )

    # Painting -------------------------------------------------------------------------------

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.fillRect(self.rect(), tone("surround"))
        if self._image is None:
            self._paint_hint(painter)
            return
        rect = self.frame_rect()
        self._paint_image(painter, self._image, rect)
        if self._over is not None:
            painter.setOpacity(self._over_strength)
            self._paint_image(painter, self._over, rect)
            painter.setOpacity(1.0)
        if self._other is not None:
            self._paint_wipe(painter, rect)
        for box in self._boxes:
            self._paint_box(painter, rect, box)
        self._paint_legend(painter, rect)

    def _paint_box(self, painter: QPainter, rect: QRectF, box: QRectF) -> None:
        """An outline that stands out from any picture: light within dark."""
        shown = QRectF(
            rect.left() + box.left() * rect.width(), rect.top() + box.top() * rect.height(),
            box.width() * rect.width(), box.height() * rect.height(),
        )  # fmt: skip
        painter.setBrush(Qt.BrushStyle.NoBrush)
        for colour, width in ((QColor(0, 0, 0, 200), 4), (QColor("white"), 2)):
            painter.setPen(QPen(colour, width))
            painter.drawRect(shown.adjusted(-2, -2, 2, 2))

    def _paint_legend(self, painter: QPainter, rect: QRectF) -> None:
        if not self._legend:
            return
        metrics = painter.fontMetrics()
        width = max(metrics.horizontalAdvance(text) for _, text in self._legend) + 36
        left, top = max(rect.left(), 0) + 8, max(rect.top(), 0) + 8
        painter.fillRect(QRectF(left, top, width, 20 * len(self._legend) + 8), tone("panel"))
        for i, (colour, text) in enumerate(self._legend):
            y = top + 4 + 20 * i
            painter.fillRect(QRectF(left + 8, y + 4, 12, 12), colour)
            painter.setPen(tone("ink"))
            box = QRectF(left + 28, y, width - 30, 20)
            painter.drawText(box, Qt.AlignmentFlag.AlignVCenter, text)

    def _paint_image(self, painter: QPainter, image: QImage, rect: QRectF) -> None:
        ratio = self.devicePixelRatioF()
        wide, high = round(rect.width() * ratio), round(rect.height() * ratio)
        if wide < image.width() and wide * high < 12_000_000:
            # Reducing needs real averaging; the result is kept until zoom or picture change.
            key = (image.cacheKey(), wide, high)
            if key not in self._scaled:
                if len(self._scaled) > 6:
                    self._scaled.clear()
                self._scaled[key] = image.scaled(
                    max(wide, 1), max(high, 1),
                    Qt.AspectRatioMode.IgnoreAspectRatio,
                    Qt.TransformationMode.SmoothTransformation,
                )  # fmt: skip
            painter.drawImage(rect, self._scaled[key])
            return
        coarse = rect.width() / image.width()
        smooth = image.size() != self._frame or coarse < 3
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform, smooth)
        painter.drawImage(rect, image)

    def _paint_wipe(self, painter: QPainter, rect: QRectF) -> None:
        assert self._other is not None
        line = rect.left() + self._wipe * rect.width()
        painter.save()
        painter.setClipRect(QRectF(line, rect.top(), rect.right() - line, rect.height()))
        self._paint_image(painter, self._other, rect)
        painter.restore()
        painter.setPen(QPen(tone("register"), 2))
        painter.drawLine(QPointF(line, rect.top()), QPointF(line, rect.bottom()))
        painter.setBrush(tone("register"))
        painter.setPen(Qt.PenStyle.NoPen)
        painter.drawRect(QRectF(line - 3, rect.center().y() - 14, 6, 28))
        self._paint_caption(painter, QPointF(line - 8, rect.bottom() - 8), self._captions[0], -1)
        self._paint_caption(painter, QPointF(line + 8, rect.bottom() - 8), self._captions[1], 1)

    def _paint_caption(self, painter: QPainter, at: QPointF, text: str, side: int) -> None:
        if not text:
            return
        width = painter.fontMetrics().horizontalAdvance(text) + 12
        left = at.x() if side > 0 else at.x() - width
        box = QRectF(left, at.y() - 20, width, 20)
        painter.fillRect(box, QColor(0, 0, 0, 190))
        painter.setPen(QColor("white"))
        painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)

    def _paint_hint(self, painter: QPainter) -> None:
        painter.setPen(QColor("#161615"))
        painter.drawText(self.rect(), Qt.AlignmentFlag.AlignCenter, self._hint)

    # Hand and keys --------------------------------------------------------------------------

    def wheelEvent(self, event: QWheelEvent) -> None:
        self.zoom_about(event.position(), 1.0015 ** event.angleDelta().y())
        event.accept()

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        self.fit()

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._pressed = event.position()
        pans = event.button() == Qt.MouseButton.MiddleButton or self._space
        if self._near_wipe(event.position()) and not pans:
            self._drag = ("wipe", event.position())
        elif pans or event.button() == Qt.MouseButton.LeftButton:
            self._drag = ("pan", event.position())

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._drag is None:
            near = self._near_wipe(event.position())
            shape = Qt.CursorShape.SplitHCursor if near else Qt.CursorShape.ArrowCursor
            self.setCursor(shape)
            place = self._to_frame(event.position())
            if 0 <= place.x() < 1 and 0 <= place.y() < 1:
                self.hovered.emit(place)
            return
        kind, last = self._drag
        rect = self.frame_rect()
        if kind == "wipe":
            self._wipe = min(max((event.position().x() - rect.left()) / rect.width(), 0.0), 1.0)
            self.wiped.emit(self._wipe)
        else:
            moved = event.position() - last
            self._centre -= QPointF(moved.x() / rect.width(), moved.y() / rect.height())
            self._zoom = self.zoom
        self._drag = (kind, event.position())
        self.update()

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self._drag = None
        moved = event.position() - (self._pressed or event.position())
        place = self._to_frame(event.position())
        if moved.manhattanLength() < 4 and 0 <= place.x() < 1 and 0 <= place.y() < 1:
            self.clicked.emit(place)

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

    def resizeEvent(self, event: QResizeEvent) -> None:
        self._scaled.clear()

    def _near_wipe(self, place: QPointF | QPoint) -> bool:
        if self._other is None:
            return False
        rect = self.frame_rect()
        line = rect.left() + self._wipe * rect.width()
        return abs(place.x() - line) <= _GRAB and rect.top() <= place.y() <= rect.bottom()
