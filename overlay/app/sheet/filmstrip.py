"""The scale of the run and the filmstrip of the last proof, on the cue sheet's self.axis."""

from PySide6.QtCore import QRectF, Qt, Signal
from PySide6.QtGui import QImage, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QWheelEvent
from PySide6.QtWidgets import QWidget

from overlay.app.parts.images import paint_filling, to_image
from overlay.app.parts.language import tr
from overlay.app.parts.theme import tone
from overlay.app.sheet.axis import MARGIN, TimeAxis
from overlay.engine.request import Frame
from overlay.engine.steps.schedule import STAGES


class Scale(QWidget):
    """Names what is decided when: masses, forms, marks, grain."""

    def __init__(self, axis: TimeAxis, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.axis = axis
        axis.changed.connect(self.update)
        self.setFixedHeight(20)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setToolTip(
            tr(
                "What is decided when, from the large to the small. The wheel zooms into the run, "
                "Shift and wheel move along, double click shows all. Keys: + - arrows Home"
            )
        )
        self.setAccessibleName(tr("Stages of the run: masses, forms, marks, grain"))

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        width = self.width()
        left, right = MARGIN, width - MARGIN
        painter.setPen(tone("hairline"))
        painter.drawLine(left, 17, right, 17)
        for i in range(5):
            x = round(self.axis.to_x(i / 4, width))
            if left - 1 <= x <= right + 1:
                painter.drawLine(x, 13, x, 19)
        painter.setPen(tone("faint"))
        for i, stage in enumerate(STAGES):
            begin = max(self.axis.to_x(i / 4, width), left)
            end = min(self.axis.to_x((i + 1) / 4, width), right)
            if end - begin > 40:
                box = QRectF(begin, 0, end - begin, 16)
                painter.drawText(box, Qt.AlignmentFlag.AlignCenter, tr(stage))
        ends = Qt.AlignmentFlag.AlignVCenter
        painter.drawText(QRectF(left, 0, 60, 16), ends, f"{self.axis.begin:.0%}")
        last = QRectF(right - 60, 0, 60, 16)
        painter.drawText(last, ends | Qt.AlignmentFlag.AlignRight, f"{self.axis.end:.0%}")

    def wheelEvent(self, event: QWheelEvent) -> None:
        turn = event.angleDelta().y() or event.angleDelta().x()
        if event.modifiers() & Qt.KeyboardModifier.ShiftModifier:
            self.axis.scroll(-turn / 1200)
        else:
            at = self.axis.to_progress(event.position().x(), self.width())
            self.axis.zoom_about(at, 1.0015**turn)
        event.accept()

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        self.axis.show_span(0.0, 1.0)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        zooms = {Qt.Key.Key_Plus: 1.25, Qt.Key.Key_Minus: 0.8}
        scrolls = {Qt.Key.Key_Left: -0.1, Qt.Key.Key_Right: 0.1}
        if event.key() in zooms:
            middle = (self.axis.begin + self.axis.end) / 2
            self.axis.zoom_about(middle, zooms[Qt.Key(event.key())])
        elif event.key() in scrolls:
            self.axis.scroll(scrolls[Qt.Key(event.key())])
        elif event.key() == Qt.Key.Key_Home:
            self.axis.show_span(0.0, 1.0)
        else:
            super().keyPressEvent(event)


class Filmstrip(QWidget):
    """The state of the picture after each step; the playhead chooses which is shown large."""

    scrubbed = Signal(float)  # progress; 1 is the finished proof

    def __init__(self, axis: TimeAxis, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.axis = axis
        axis.changed.connect(self.update)
        self.setFixedHeight(38)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setToolTip(
            tr("How the last proof came about: drag to look at a moment, double click for the end")
        )
        self.setAccessibleName(tr("Filmstrip"))
        self._frames: list[tuple[float, QImage]] = []
        self._steps = 16
        self._start = self._coming = 0.0
        self._playhead = 1.0

    @property
    def playhead(self) -> float:
        """The moment that is looked at."""
        return self._playhead

    def set_frames(self, frames: tuple[Frame, ...], steps: int) -> None:
        """Show the filmstrip of a proof."""
        # What passes left lies past the axis.
        self._frames = [(f.progress, to_image(f.picture)) for f in frames if f.progress <= 1]
        self._steps = steps
        self.update()

    def add_frame(self, progress: float, image: QImage) -> None:
        """Show one more state of a run that is going on."""
        if self._frames and progress <= self._frames[-1][0]:
            self._frames = []
        self._frames.append((progress, image.scaledToHeight(min(image.height(), 88))))
        self.update()

    def clear(self) -> None:
        """Show no states."""
        self._frames = []
        self.update()

    def frame_at(self, progress: float) -> QImage | None:
        """The state at a moment, None at the very end and before the first."""
        if progress >= 1.0:
            return None
        for end, image in self._frames:
            if progress < end + 1e-9:
                return image
        return None

    def set_moment(self, start: float, playhead: float, coming: float) -> None:
        """Where the run started, which moment is looked at, and where the next run starts."""
        self._start, self._playhead, self._coming = start, playhead, coming
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        self.axis.paint_background(painter, self, self._start)
        self.axis.clip(painter, self)
        if not self._frames:
            self._paint_nothing_yet(painter)
        for progress, image in self._frames:
            right = self.axis.to_x(progress, self.width())
            left = self.axis.to_x(max(progress - 1 / self._steps, self._start), self.width())
            paint_filling(
                painter, image, QRectF(left + 0.5, 1, right - left - 1, self.height() - 2)
            )
        self.axis.paint_coming(painter, self, self._start, self._coming)
        self.axis.paint_playhead(painter, self, self._playhead)

    def _paint_nothing_yet(self, painter: QPainter) -> None:
        """Say what is going to be here, on a ground of its own among the lines of the axis."""
        words, middle = tr("The steps of a proof appear here"), Qt.AlignmentFlag.AlignCenter
        plate = painter.boundingRect(self.rect(), middle, words).adjusted(-6, -2, 6, 2)
        painter.fillRect(plate, tone("well"))
        painter.setPen(tone("faint"))
        painter.drawText(plate, middle, words)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self.scrubbed.emit(self.axis.to_progress(event.position().x(), self.width()))

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if event.buttons() & Qt.MouseButton.LeftButton:
            self.scrubbed.emit(self.axis.to_progress(event.position().x(), self.width()))

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        self.scrubbed.emit(1.0)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        steps = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1, Qt.Key.Key_Home: -99, Qt.Key.Key_End: 99}
        if event.key() in steps:
            moved = self._playhead + steps[Qt.Key(event.key())] / self._steps
            self.scrubbed.emit(min(max(moved, 0.0), 1.0))
        else:
            super().keyPressEvent(event)
