"""The cue card's part for a guide: what its map is made of, and its thresholds."""

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QComboBox, QVBoxLayout, QWidget

from overlay.app.fields import SliderField, keep_narrow
from overlay.document.recipe import Cue, EdgeSettings


class GuidePart(QWidget):
    """Edits an edge guide; `map_moved` follows the sliders while they are dragged."""

    map_moved = Signal(object)  # EdgeSettings

    def __init__(self, change: Callable[..., None]) -> None:
        super().__init__()
        self._change = change
        box = QVBoxLayout(self)
        box.setContentsMargins(0, 0, 0, 0)
        self.made_from = QComboBox()
        self.made_from.setToolTip("The picture whose edges are held")
        self.made_from.setAccessibleName("Edges of")
        keep_narrow(self.made_from)
        self.made_from.activated.connect(self._chosen)
        box.addWidget(self.made_from)
        self.low = SliderField("Low", "Weaker contours are dropped", 0, 1, 0.01)
        self.high = SliderField("High", "A contour needs one place this strong", 0, 1, 0.01)
        self.sigma = SliderField(
            "Smooth", "Smoothing before edges are sought, in pixels", 0.5, 8, 0.1
        )
        for slider in (self.low, self.high, self.sigma):
            slider.moved.connect(lambda _: self.map_moved.emit(self._settings()))
            slider.settled.connect(
                lambda _: self._change("Edges", options=self._settings().model_dump())
            )
            box.addWidget(slider)

    def show_cue(self, cue: Cue, tray: tuple[Path, ...]) -> None:
        """Show a guide; its map may be made of the source or of a picture in the tray."""
        settings = EdgeSettings.model_validate(cue.options)
        self.low.set_value(settings.low)
        self.high.set_value(settings.high)
        self.sigma.set_value(settings.sigma)
        self.made_from.clear()
        self.made_from.addItem("Edges of the source", "source")
        for path in tray:
            self.made_from.addItem(f"Edges of {path.name}", str(path))
        if cue.map is not None:
            self.made_from.addItem(f"Ready map {Path(cue.map).name}", None)
            self.made_from.setCurrentIndex(self.made_from.count() - 1)
        else:
            self.made_from.setCurrentIndex(max(self.made_from.findData(cue.of), 0))

    def _settings(self) -> EdgeSettings:
        """What the sliders say; low and high push each other along."""
        low, high = self.low.value, self.high.value
        if low > high:
            if self.high.slider.isSliderDown():
                low = high
                self.low.set_value(low)
            else:
                high = low
                self.high.set_value(high)
        return EdgeSettings(
            low=round(low, 4), high=round(high, 4), sigma=round(self.sigma.value, 4)
        )

    def _chosen(self, place: int) -> None:
        chosen = self.made_from.itemData(place)
        if chosen is not None:
            self._change("Edges", of=chosen, map=None)
