"""A facet's fader: a vertical well with a glyph, filled to its amount."""

from PySide6.QtCore import QPointF, QRectF, Qt, Signal
from PySide6.QtGui import QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen, QWheelEvent
from PySide6.QtWidgets import QWidget

from overlay.app.parts.fields import calm_wheel
from overlay.app.parts.icons import glyph
from overlay.app.parts.language import tr
from overlay.app.parts.theme import tone, tones

_SNAP = 0.05
_MOST = 2.0
_NARROWEST = 70  # percent of a letter's width


class Fader(QWidget):
    """Amount 0 to 2 with 1 marked; one drag is one `changed`."""

    changed = Signal(float)
    moving = Signal(float)  # while it is dragged

    def __init__(self, name: str, tip: str, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setFixedSize(52, 122)
        self.setToolTip(tr(tip))
        self.setAccessibleName(tr(f"Facet {name}"))
        self._name, self._value, self._before = name, 0.0, 0.0
        self._dragging = False
        calm_wheel(self)

    @property
    def value(self) -> float:
        """The amount, 0 to 2."""
        return self._value

    def set_value(self, value: float) -> None:
        """Show an amount."""
        if not self._dragging:
            self._value = value
            self.update()

    def well(self) -> QRectF:
        """Where the well lies."""
        return QRectF(self.width() / 2 - 12, 24, 24, self.height() - 58)

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        well = self.well()
        painter.drawPixmap(QPointF(self.width() / 2 - 9, 3), glyph(self._name, tones().ink, 18))
        painter.fillRect(well, tone("well"))
        level = well.bottom() - well.height() * self._value / _MOST
        painter.fillRect(
            QRectF(well.left(), level, well.width(), well.bottom() - level), tone("faint")
        )
        painter.setPen(QPen(tone("edge"), 1))
        painter.drawRect(well)
        middle = well.center().y()
        painter.drawLine(QPointF(well.left() - 5, middle), QPointF(well.left() - 1, middle))
        painter.drawLine(QPointF(well.right() + 1, middle), QPointF(well.right() + 5, middle))
        painter.setPen(QPen(tone("register" if self.hasFocus() else "ink"), 3))
        painter.drawLine(QPointF(well.left() - 2, level), QPointF(well.right() + 2, level))
        painter.setPen(tone("ink"))
        text = QRectF(0, well.bottom() + 4, self.width(), 15)
        painter.drawText(text, Qt.AlignmentFlag.AlignCenter, f"{self._value * 100:.0f} %")
        painter.setPen(tone("faint"))
        self._paint_name(painter, text.translated(0, 15))

    def _paint_name(self, painter: QPainter, place: QRectF) -> None:
        """Its name, condensed where a long word would be cut off."""
        name, font = tr(self._name.capitalize()), self.font()
        wide = self.fontMetrics().horizontalAdvance(name)
        if wide > place.width():
            font.setStretch(max(int(100 * place.width() / wide) - 1, _NARROWEST))
            painter.setFont(font)
        painter.drawText(place, Qt.AlignmentFlag.AlignCenter, name)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        self._before, self._dragging = self._value, True
        self.mouseMoveEvent(event)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if not self._dragging:
            return
        well = self.well()
        value = _MOST * (well.bottom() - event.position().y()) / well.height()
        free = bool(event.modifiers() & Qt.KeyboardModifier.AltModifier)
        before, self._value = (
            self._value, _limited(value if free else round(value / _SNAP) * _SNAP)
        )  # fmt: skip
        self.update()
        if self._value != before:
            self.moving.emit(self._value)

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        self._dragging = False
        if self._value != self._before:
            self.changed.emit(self._value)

    def wheelEvent(self, event: QWheelEvent) -> None:
        self._step(1 if event.angleDelta().y() > 0 else -1)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        steps = {Qt.Key.Key_Up: 1, Qt.Key.Key_Right: 1, Qt.Key.Key_Down: -1, Qt.Key.Key_Left: -1}
        if event.key() in steps:
            self._step(steps[Qt.Key(event.key())])
        else:
            super().keyPressEvent(event)

    def _step(self, direction: int) -> None:
        value = _limited(self._value + direction * _SNAP)
        if value != self._value:
            self._value = value
            self.update()
            self.changed.emit(value)


def _limited(value: float) -> float:
    return round(min(max(value, 0.0), _MOST), 4)
