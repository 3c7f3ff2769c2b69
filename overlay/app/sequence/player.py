"""Frames that play: the picture, a strip with how steady each is, and a place on it."""

from PySide6.QtCore import QPointF, QRectF, Qt, QTimer, Signal
from PySide6.QtGui import QImage, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QFrame, QHBoxLayout, QVBoxLayout, QWidget

from overlay.app.parts.buttons import text_button
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.theme import tone

_STRIP, _HEAD = 56, 12  # pixels: of the strip, and above its bars
_MOST = 3.0  # flicker at which a bar is full


class FrameView(QWidget):
    """One frame, whole."""

    def __init__(self) -> None:
        super().__init__()
        self.setAccessibleName(tr("Frame"))
        self.image: QImage | None = None
        self.empty = ""

    def show_image(self, image: QImage | None) -> None:
        """Show a frame."""
        self.image = image
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.fillRect(self.rect(), tone("surround"))
        if self.image is None:
            painter.setPen(tone("ink"))
            flags = Qt.AlignmentFlag.AlignCenter | Qt.TextFlag.TextWordWrap
            painter.drawText(self.rect().adjusted(60, 20, -60, -20), flags, tr(self.empty))
            return
        size = self.image.size().scaled(self.size(), Qt.AspectRatioMode.KeepAspectRatio)
        lies = QRectF(QPointF(0, 0), size.toSizeF())
        lies.moveCenter(QRectF(self.rect()).center())
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        painter.drawImage(lies, self.image)


class TimeStrip(QWidget):
    """A bar a frame, as high as it flickers; a line where it is as steady as its source.

    Signals
    -------
    moved : the number of the frame that was gone to, from 1.
    """

    moved = Signal(int)

    def __init__(self) -> None:
        super().__init__()
        self.setFixedHeight(_STRIP)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("Frames"))
        self.setToolTip(tr("Flicker frame by frame; the line is as steady as the source (← →)"))
        self.count, self.now = 0, 1
        self.flickers: dict[int, float | None] = {}
        self.keys: set[int] = set()

    def show_frames(self, count: int, flickers: dict[int, float | None], keys: set[int]) -> None:
        """Show so many frames, what is known of each, and which have key frames."""
        self.count, self.flickers, self.keys = count, flickers, keys
        self.now = min(max(self.now, 1), max(count, 1))
        self.update()

    def go_to(self, frame: int) -> None:
        """Go to a frame."""
        frame = min(max(frame, 1), max(self.count, 1))
        if frame != self.now:
            self.now = frame
            self.update()
            self.moved.emit(frame)

    def bar(self, frame: int) -> QRectF:
        """Where a frame lies on the strip."""
        wide = (self.width() - 16) / max(self.count, 1)
        return QRectF(8 + (frame - 1) * wide, _HEAD, wide, self.height() - _HEAD - 6)

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.fillRect(self.rect(), tone("panel"))
        for frame in range(1, self.count + 1):
            bar, known = self.bar(frame), frame in self.flickers
            value = self.flickers.get(frame)
            high = bar.height() * (0.06 if value is None else min(value / _MOST, 1.0))
            own = QRectF(bar.left() + 0.5, bar.bottom() - high, max(bar.width() - 1, 1), high)
            painter.fillRect(own, tone("faint" if known else "hairline"))
            if frame in self.keys:
                painter.setBrush(tone("ink"))
                painter.setPen(Qt.PenStyle.NoPen)
                middle = bar.center().x()
                painter.drawPolygon(
                    [QPointF(middle - 4, 3), QPointF(middle + 4, 3), QPointF(middle, 9)]
                )
        if self.count:
            self._paint_steady(painter)
            painter.setPen(QPen(tone("register"), 2))
            middle = self.bar(self.now).center().x()
            painter.drawLine(QPointF(middle, 2), QPointF(middle, self.height() - 2))
        if self.hasFocus():
            painter.setPen(QPen(tone("ink"), 1))
            painter.setBrush(Qt.BrushStyle.NoBrush)
            painter.drawRect(self.rect().adjusted(0, 0, -1, -1))

    def _paint_steady(self, painter: QPainter) -> None:
        """The line that bars would reach if frames flickered as much as their source, named."""
        steady = self.height() - 6 - (self.height() - _HEAD - 6) / _MOST
        painter.setPen(QPen(tone("edge"), 1, Qt.PenStyle.DashLine))
        painter.drawLine(QPointF(8, steady), QPointF(self.width() - 8, steady))
        name, metrics = tr("flicker of the source"), self.fontMetrics()
        wide = metrics.horizontalAdvance(name) + 8
        plate = QRectF(8, steady - metrics.height() - 2, wide, metrics.height())
        painter.fillRect(plate, tone("panel"))  # bars may stand there, too
        painter.setPen(tone("faint"))
        painter.drawText(plate, Qt.AlignmentFlag.AlignCenter, name)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._go(event)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if event.buttons() & Qt.MouseButton.LeftButton:
            self._go(event)

    def _go(self, event: QMouseEvent) -> None:
        if self.count:
            wide = (self.width() - 16) / self.count
            self.go_to(int((event.position().x() - 8) // wide) + 1)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        steps = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1}
        ends = {Qt.Key.Key_Home: 1, Qt.Key.Key_End: self.count}
        key = Qt.Key(event.key())
        if key in steps:
            self.go_to(self.now + steps[key])
        elif key in ends:
            self.go_to(ends[key])
        else:
            super().keyPressEvent(event)


class Player(QFrame):
    """Shows frames one at a time, by hand or as they play.

    Signals
    -------
    wanted : the number of a frame, and whether its source is meant: it is shown by `show_image`.
    """

    wanted = Signal(int, bool)

    def __init__(self) -> None:
        super().__init__()
        self.setProperty("panel", "true")
        self.view, self.strip = FrameView(), TimeStrip()
        self._timer = QTimer(self)
        self._timer.timeout.connect(self._step)
        self.play = text_button("Play", "Play the frames that are there (Space)", checkable=True)
        self.play.toggled.connect(self._played)
        self.source = text_button("Source", "See the frames as they came", checkable=True)
        self.source.toggled.connect(lambda _: self._want())
        self.says = PlainLabel(role="faint")
        self.strip.moved.connect(lambda _: self._want())
        row = QHBoxLayout()
        row.setContentsMargins(8, 2, 8, 2)
        row.setSpacing(10)
        row.addWidget(self.play)
        row.addWidget(self.source)
        row.addWidget(self.says, 1)
        box = QVBoxLayout(self)
        box.setContentsMargins(0, 0, 0, 0)
        box.setSpacing(0)
        box.addWidget(self.view, 1)
        box.addWidget(self.strip)
        box.addLayout(row)

    def set_rate(self, rate: float) -> None:
        """Play so many frames a second."""
        self._timer.setInterval(max(round(1000 / rate), 15))

    def show_frames(self, count: int, flickers: dict[int, float | None], keys: set[int]) -> None:
        """Show so many frames and what is known of each."""
        self.strip.show_frames(count, flickers, keys)
        self._want()

    def show_image(self, image: QImage | None, says: str) -> None:
        """Show the frame that was wanted."""
        self.view.show_image(image)
        self.says.setText(tr(says))

    def stop(self) -> None:
        """Stop playing."""
        self.play.setChecked(False)

    def _played(self, on: bool) -> None:
        self.play.setText(tr("Pause" if on else "Play"))
        if on:
            self._timer.start()
        else:
            self._timer.stop()

    def _step(self) -> None:
        """The next frame that is there, and from the last one the first."""
        every = range(1, self.strip.count + 1)
        there = list(every if self.source.isChecked() else self.strip.flickers)
        later = [n for n in there if n > self.strip.now]
        if there:
            self.strip.go_to(min(later) if later else min(there))

    def _want(self) -> None:
        self.wanted.emit(self.strip.now, self.source.isChecked())
