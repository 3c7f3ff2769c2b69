"""Two pictures in one frame: a wipe between them, both beside each other, or their difference."""

from typing import Literal

from PySide6.QtCore import QPoint, QPointF, QRectF, Qt
from PySide6.QtGui import QImage, QPainter, QPen
from PySide6.QtWidgets import QWidget

from overlay.app.parts import mips
from overlay.app.parts.language import tr
from overlay.app.parts.theme import tone
from overlay.app.picture.framing import FramedView
from overlay.app.picture.marks import paint_caption

Compare = Literal["wipe", "beside", "difference"]

_GRAB = 8  # pixels around the wipe's line that take hold of it
_EDGE = 8  # pixels from a caption to the edge or line beside it


class ComparedView(FramedView):
    """Holds a picture and another one, and paints how they compare."""

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self._image: QImage | None = None
        self._other: QImage | None = None
        self._wipe = 0.5
        self._captions = ("", "")
        self._compare: Compare = "wipe"
        self._difference: tuple[object, QImage] | None = None  # of what, and as it was painted

    def show_other(
        self,
        image: QImage | None,
        captions: tuple[str, str] = ("", ""),
        how: Compare = "wipe",
    ) -> None:
        """Compare with another picture: right of the wipe's line, beside, or as a difference."""
        self._other, self._captions, self._compare = image, captions, how
        if image is None or how != "difference":
            self._difference = None
        self.update()

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
            self.update()

    def _panes(self) -> list[QRectF]:
        """The parts of the widget that show a picture each."""
        whole = QRectF(self.rect())
        if self._other is None or self._compare != "beside":
            return [whole]
        half = QRectF(0, 0, whole.width() / 2 - 1, whole.height())
        return [half, half.translated(whole.width() / 2 + 1, 0)]

    # Painting -------------------------------------------------------------------------------

    def _paint_beside(self, painter: QPainter) -> None:
        """Both pictures with one zoom."""
        for i, (image, pane) in enumerate(
            zip((self._image, self._other), self._panes(), strict=True)
        ):
            assert image is not None
            painter.save()
            painter.setClipRect(pane)
            rect = self.frame_rect(i)
            self._paint_image(painter, image, rect)
            painter.restore()
            right = min(rect.right(), pane.right()) - _EDGE  # the legend is at the left
            paint_caption(painter, QPointF(right, self._caption_top(rect)), self._captions[i], -1)

    def _paint_difference(self, painter: QPainter, rect: QRectF) -> None:
        """Where both differ, four times as strong; black where they agree."""
        assert self._image is not None and self._other is not None
        keys = self._image.cacheKey(), self._other.cacheKey(), self.size(), rect
        if self._difference is None or self._difference[0] != keys:
            self._difference = keys, self._made_difference(rect)
        painter.save()
        painter.setClipRect(rect)
        painter.drawImage(QPointF(), self._difference[1])
        painter.restore()
        text = tr(f"{self._captions[0]} against {self._captions[1]}, four times as strong")
        at = QPointF(max(rect.left(), 0.0) + _EDGE, self._caption_top(rect))
        paint_caption(painter, at, text, 1)

    def _caption_top(self, rect: QRectF) -> float:
        """At the picture's upper edge, or the view's where it goes beyond: lines lie over the
        lower one."""
        return max(rect.top(), 0.0) + _EDGE

    def _made_difference(self, rect: QRectF) -> QImage:
        assert self._image is not None and self._other is not None
        shown, other = self._drawn(self._image, rect), self._drawn(self._other, rect)
        painter = QPainter(shown)
        painter.setCompositionMode(QPainter.CompositionMode.CompositionMode_Difference)
        painter.drawImage(QPointF(), other)
        painter.setCompositionMode(QPainter.CompositionMode.CompositionMode_Plus)
        for _ in range(2):
            painter.drawImage(QPointF(), shown.copy())
        painter.end()
        return shown

    def _drawn(self, image: QImage, rect: QRectF) -> QImage:
        """A picture as it lies in the widget, on black; all are sampled alike."""
        ratio = self.devicePixelRatioF()
        shown = QImage(self.size() * ratio, QImage.Format.Format_ARGB32_Premultiplied)
        shown.setDevicePixelRatio(ratio)
        shown.fill(Qt.GlobalColor.black)
        painter = QPainter(shown)
        self._paint_image(painter, image, rect)
        painter.end()
        return shown

    def _paint_image(self, painter: QPainter, image: QImage, rect: QRectF) -> None:
        wide = rect.width() * self.devicePixelRatioF()
        if wide < image.width():
            # Reducing needs real averaging, which was done when the picture came.
            painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
            painter.drawImage(rect, mips.level(image, wide))
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
        top = self._caption_top(rect)
        paint_caption(painter, QPointF(line - _EDGE, top), self._captions[0], -1)
        paint_caption(painter, QPointF(line + _EDGE, top), self._captions[1], 1)

    def near_wipe(self, place: QPointF | QPoint) -> bool:
        """Whether a place of the widget takes hold of the wipe's line."""
        if self._other is None or self._compare != "wipe":
            return False
        rect = self.frame_rect()
        line = rect.left() + self._wipe * rect.width()
        return abs(place.x() - line) <= _GRAB and rect.top() <= place.y() <= rect.bottom()
