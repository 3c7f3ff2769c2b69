"""The axis that scale, filmstrip and envelopes share: progress of the run against pixels."""

from PySide6.QtCore import QObject, QRectF, Qt, Signal
from PySide6.QtGui import QBrush, QPainter, QPen
from PySide6.QtWidgets import QWidget

from overlay.app.parts.theme import tone

HEAD, TAIL = 310, 92  # widths of what stands left and right of the axis
BAR = 8  # width of the sheet's scroll bar
MARGIN = 8  # pixels left and right within the axis
_LEAST_SPAN = 0.1


class TimeAxis(QObject):
    """Which part of the run is shown; all of it unless it is zoomed into."""

    changed = Signal()

    def __init__(self, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.begin, self.end = 0.0, 1.0

    @property
    def zoomed(self) -> bool:
        """Whether a part is out of sight."""
        return (self.begin, self.end) != (0.0, 1.0)

    def show_span(self, begin: float, end: float) -> None:
        """Show a part of the run, moved so that it lies within it."""
        span = min(max(end - begin, _LEAST_SPAN), 1.0)
        begin = min(max(begin, 0.0), 1.0 - span)
        if (begin, begin + span) != (self.begin, self.end):
            self.begin, self.end = begin, begin + span
            self.changed.emit()

    def zoom_about(self, progress: float, factor: float) -> None:
        """Show less (factor above 1) or more around a moment, which stays where it is."""
        span = min(max((self.end - self.begin) / factor, _LEAST_SPAN), 1.0)
        place = (progress - self.begin) / (self.end - self.begin)
        self.show_span(progress - place * span, progress + (1 - place) * span)

    def scroll(self, by: float) -> None:
        """Move along by a share of what is shown."""
        span = self.end - self.begin
        begin = min(max(self.begin + by * span, 0.0), 1.0 - span)
        self.show_span(begin, begin + span)

    def to_x(self, progress: float, width: int) -> float:
        """Pixel of a moment."""
        place = (progress - self.begin) / (self.end - self.begin)
        return MARGIN + place * (width - 2 * MARGIN)

    def to_progress(self, x: float, width: int) -> float:
        """Moment at a pixel, 0 to 1."""
        place = (x - MARGIN) / max(width - 2 * MARGIN, 1)
        return min(max(self.begin + place * (self.end - self.begin), 0.0), 1.0)

    def clip(self, painter: QPainter, widget: QWidget) -> None:
        """Keep what is out of sight from being painted beside the axis."""
        if self.zoomed:
            painter.setClipRect(
                QRectF(MARGIN - 1, 0, widget.width() - 2 * MARGIN + 2, widget.height())
            )

    def paint_background(self, painter: QPainter, widget: QWidget, start: float) -> None:
        """The well of a row: stage lines, and hatching over what this run leaves out."""
        width = widget.width()
        area = QRectF(MARGIN, 1, width - 2 * MARGIN, widget.height() - 2)
        painter.fillRect(area, tone("well"))
        skipped = self.to_x(start, width) - area.left()
        if skipped > 0:
            hatched = QRectF(area.left(), area.top(), min(skipped, area.width()), area.height())
            painter.fillRect(hatched, QBrush(tone("hairline"), Qt.BrushStyle.BDiagPattern))
        painter.setPen(QPen(tone("hairline"), 1))
        for quarter in (0.25, 0.5, 0.75):
            if self.begin < quarter < self.end:
                x = round(self.to_x(quarter, width))
                painter.drawLine(x, 1, x, widget.height() - 2)

    def paint_coming(self, painter: QPainter, widget: QWidget, start: float, coming: float) -> None:
        """A dashed line where the next run begins, if it is elsewhere than the last one did."""
        if abs(start - coming) > 1e-6 and self.begin <= coming <= self.end:
            x = round(self.to_x(coming, widget.width()))
            painter.setPen(QPen(tone("ink"), 1.5, Qt.PenStyle.DashLine))
            painter.drawLine(x, 0, x, widget.height())

    def paint_playhead(self, painter: QPainter, widget: QWidget, progress: float) -> None:
        """The vertical line of the moment that is looked at."""
        if self.begin - 1e-9 <= progress <= self.end + 1e-9:
            x = round(self.to_x(progress, widget.width()))
            painter.setPen(QPen(tone("register"), 2))
            painter.drawLine(x, 0, x, widget.height())
