"""Marks over the picture: lit places, the legend, captions."""

from PySide6.QtCore import QPointF, QRectF, Qt
from PySide6.QtGui import QColor, QPainter, QPen

from overlay.app.parts.theme import tone


def paint_box(painter: QPainter, rect: QRectF, box: QRectF) -> None:
    """An outline that stands out from any picture: light within dark."""
    shown = QRectF(
        rect.left() + box.left() * rect.width(), rect.top() + box.top() * rect.height(),
        box.width() * rect.width(), box.height() * rect.height(),
    )  # fmt: skip
    painter.setBrush(Qt.BrushStyle.NoBrush)
    for colour, width in ((QColor(0, 0, 0, 200), 4), (QColor("white"), 2)):
        painter.setPen(QPen(colour, width))
        painter.drawRect(shown.adjusted(-2, -2, 2, 2))


def paint_legend(painter: QPainter, rect: QRectF, entries: list[tuple[QColor, str]]) -> None:
    """Say in the corner what colours mean."""
    if not entries:
        return
    metrics = painter.fontMetrics()
    width = max(metrics.horizontalAdvance(text) for _, text in entries) + 36
    left, top = max(rect.left(), 0) + 8, max(rect.top(), 0) + 8
    painter.fillRect(QRectF(left, top, width, 20 * len(entries) + 8), tone("panel"))
    for i, (colour, text) in enumerate(entries):
        y = top + 4 + 20 * i
        painter.fillRect(QRectF(left + 8, y + 4, 12, 12), colour)
        painter.setPen(tone("ink"))
        box = QRectF(left + 28, y, width - 30, 20)
        painter.drawText(box, Qt.AlignmentFlag.AlignVCenter, text)


def paint_caption(painter: QPainter, at: QPointF, text: str, side: int) -> None:
    """Name a picture, below a place and right (1) or left (-1) of it."""
    if not text:
        return
    width = painter.fontMetrics().horizontalAdvance(text) + 12
    left = at.x() if side > 0 else at.x() - width
    box = QRectF(left, at.y(), width, 20)
    painter.fillRect(box, QColor(0, 0, 0, 190))
    painter.setPen(QColor("white"))
    painter.drawText(box, Qt.AlignmentFlag.AlignCenter, text)
