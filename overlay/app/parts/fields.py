"""Small typed fields that several panels use."""

from collections.abc import Callable

from PySide6.QtCore import QEvent, QObject, Qt, Signal
from PySide6.QtWidgets import (
    QComboBox,
    QDoubleSpinBox,
    QHBoxLayout,
    QSlider,
    QSpinBox,
    QWidget,
)

from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.slider import Slider


class _CalmWheel(QObject):
    """Lets the wheel pass a control that is not in use, so that scrolling never changes a value."""

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if event.type() != QEvent.Type.Wheel or not isinstance(watched, QWidget):
            return False
        if watched.hasFocus():
            return False
        event.ignore()
        return True


def calm_wheel(widget: QWidget) -> None:
    """Have a control heed the wheel only while it has the focus."""
    widget.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
    widget.installEventFilter(_CalmWheel(widget))


def keep_narrow(box: QComboBox) -> None:
    """Have a long entry cut off rather than widen the card; its list shows it whole."""
    calm_wheel(box)
    box.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
    box.setMinimumContentsLength(8)


def choice_box(offered: tuple[tuple[str, str], ...], name: str, tip: str) -> QComboBox:
    """A choice among texts, each with the key that it stands for."""
    box = QComboBox()
    for text, key in offered:
        box.addItem(tr(text), key)
    box.setToolTip(tr(tip))
    box.setAccessibleName(tr(name))
    calm_wheel(box)
    return box


def percent_field(name: str, tip: str, most: int, changed: Callable[[float], object]) -> QSpinBox:
    """A field in percent that reports shares (0.4 for 40 %) once the value is typed or stepped."""
    field = QSpinBox()
    field.setRange(0, most)
    field.setSuffix(" %")
    field.setKeyboardTracking(False)
    field.setAlignment(Qt.AlignmentFlag.AlignRight)
    field.setToolTip(tr(tip))
    field.setAccessibleName(tr(name))
    field.valueChanged.connect(lambda value: changed(value / 100))
    calm_wheel(field)
    return field


def show_quietly(field: QSpinBox | QDoubleSpinBox | QSlider, value: float) -> None:
    """Show a value without reporting it as a change."""
    blocked = field.blockSignals(True)
    field.setValue(value)  # type: ignore[arg-type]
    field.blockSignals(blocked)


class SliderField(QWidget):
    """A named slider with a typed value; `moved` while dragging, `settled` at the end."""

    moved = Signal(float)
    settled = Signal(float)

    def __init__(self, name: str, tip: str, least: float, most: float, step: float) -> None:
        super().__init__()
        self._step = step
        self.slider = Slider()
        self.slider.setRange(round(least / step), round(most / step))
        self.field = QDoubleSpinBox()
        self.field.setRange(least, most)
        self.field.setSingleStep(step)
        self.field.setDecimals(0 if step >= 1 else 1 if round(10 * step, 6) >= 1 else 2)
        self.field.setFixedWidth(60)
        self.field.setAlignment(Qt.AlignmentFlag.AlignRight)
        self.field.setKeyboardTracking(False)
        for widget in (self.slider, self.field):
            widget.setToolTip(tr(tip))
            widget.setAccessibleName(tr(name))
            calm_wheel(widget)
        self.label = PlainLabel(tr(name))
        self.label.setMinimumWidth(64)
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.addWidget(self.label)
        row.addWidget(self.slider, 1)
        row.addWidget(self.field)
        self.slider.valueChanged.connect(self._slid)
        self.slider.sliderReleased.connect(lambda: self.settled.emit(self.value))
        self.field.valueChanged.connect(self._typed)

    @property
    def value(self) -> float:
        """The present value."""
        return float(self.field.value())

    def set_value(self, value: float) -> None:
        """Show a value."""
        if self.slider.isSliderDown():
            return
        show_quietly(self.slider, round(value / self._step))
        show_quietly(self.field, value)

    def _slid(self, place: int) -> None:
        show_quietly(self.field, place * self._step)
        self.moved.emit(self.value)
        if not self.slider.isSliderDown():
            self.settled.emit(self.value)

    def _typed(self, value: float) -> None:
        show_quietly(self.slider, round(value / self._step))
        self.moved.emit(value)
        self.settled.emit(value)
