"""A slider whose knob stays under the pointer; the style counts its wide border as the knob."""

from PySide6.QtCore import Qt
from PySide6.QtGui import QMouseEvent
from PySide6.QtWidgets import QSlider, QStyle

_KNOB, _REACH = 8, 12  # pixels: how wide it is drawn, and from its middle where it is held


class Slider(QSlider):
    """A horizontal slider; a press beside the knob steps towards it, as usual."""

    def __init__(self) -> None:
        super().__init__(Qt.Orientation.Horizontal)
        self._grip: float | None = None  # from the knob's middle, while it is held

    @property
    def knob(self) -> float:
        """Where the knob's middle is, in pixels from the left."""
        room = self.width() - _KNOB
        low, high = self.minimum(), self.maximum()
        return _KNOB / 2 + QStyle.sliderPositionFromValue(low, high, self.sliderPosition(), room)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        away = event.position().x() - self.knob
        if event.button() != Qt.MouseButton.LeftButton or abs(away) > _REACH:
            super().mousePressEvent(event)
            return
        self._grip = away
        self.setSliderDown(True)

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._grip is None:
            super().mouseMoveEvent(event)
            return
        place = round(event.position().x() - self._grip - _KNOB / 2)
        low, high, room = self.minimum(), self.maximum(), self.width() - _KNOB
        self.setSliderPosition(QStyle.sliderValueFromPosition(low, high, place, room))

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        if self._grip is None:
            super().mouseReleaseEvent(event)
            return
        self._grip = None
        self.setSliderDown(False)
