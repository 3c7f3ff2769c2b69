"""The axis that scale, filmstrip and envelopes share: progress of the run against pixels."""

from PySide6.QtCore import QRectF, Qt
from PySide6.QtGui import QBrush, QPainter, QPen
from PySide6.QtWidgets import QWidget

from overlay.app.theme import tone

HEAD, TAIL = 286, 92  # widths of what stands left and right of the axis
MARGIN = 8  # pixels left and right within the axis


def to_x(progress: float, width: int) -> float:
    """Pixel of a moment."""
    return MARGIN + progress * (width - 2 * MARGIN)


def to_progress(x: float, width: int) -> float:
    """Moment at a pixel, 0 to 1."""
    return min(max((x - MARGIN) / max(width - 2 * MARGIN, 1), 0.0), 1.0)


def paint_background(painter: QPainter, widget: QWidget, start: float) -> None:
    """The well of a row: stage lines, and hatching over what this run leaves out."""
    area = QRectF(to_x(0, widget.width()), 1, to_x(1, widget.width()) - MARGIN, widget.height() - 2)
    painter.fillRect(area, tone("well"))
    if start > 0:
        skipped = QRectF(area.left(), area.top(), area.width() * start, area.height())
        painter.fillRect(skipped, QBrush(tone("hairline"), Qt.BrushStyle.BDiagPattern))
    painter.setPen(QPen(tone("hairline"), 1))
    for quarter in (0.25, 0.5, 0.75):
        x = round(to_x(quarter, widget.width()))
        painter.drawLine(x, 1, x, widget.height() - 2)


def paint_playhead(painter: QPainter, widget: QWidget, progress: float) -> None:
    """The vertical line of the moment that is looked at."""
    x = to_x(progress, widget.width())
    painter.setPen(QPen(tone("register"), 2))
    painter.drawLine(round(x), 0, round(x), widget.height())
