"""The cue card: everything about the selected cue."""

from functools import partial
from pathlib import Path

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QColor, QImage, QPainter, QPixmap
from PySide6.QtWidgets import (
    QComboBox,
    QFrame,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QScrollArea,
    QSizePolicy,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.fader import Fader
from overlay.app.fields import SliderField, calm_wheel, percent_field, show_quietly
from overlay.app.icons import set_icon
from overlay.document.recipe import Cue, EdgeSettings
from overlay.studio.bench import Bench

_FACETS = (
    ("palette", "Palette: how much of the picture's colours is taken"),
    ("surface", "Surface: how much of its marks and texture is taken"),
    ("light", "Light: how much of its tonal range is taken"),
)
_WHOLE = "Everywhere"


class CueCard(QFrame):
    """Shows and edits the selected cue; edits go to the bench as named steps."""

    refused = Signal(str)
    map_moved = Signal(object)  # EdgeSettings while a slider is dragged
    region_asked = Signal()

    def __init__(self, bench: Bench, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setProperty("panel", "true")
        self.setFixedWidth(288)
        self.bench = bench
        layout = self._scrolled()
        layout.setContentsMargins(14, 10, 14, 10)
        layout.setSpacing(6)
        layout.addLayout(self._title_row())
        self.picture = QLabel()
        self.picture.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.picture.setFixedHeight(104)
        self.picture.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Fixed)
        self.from_file = QLabel()
        self.from_file.setProperty("role", "faint")
        self.reference = self._reference_part()
        self.swatches = self._swatch_part()
        self.guide = self._guide_part()
        layout.addWidget(self.picture)
        layout.addWidget(self.from_file)
        for part in (self.reference, self.swatches, self.guide):
            layout.addWidget(part)
        self.common = self._common_part()
        layout.addWidget(self.common)
        self.empty = QLabel("No cue yet.\n\nDrop a picture on the cue sheet\nto take its manner.")
        self.empty.setProperty("role", "faint")
        self.empty.setAlignment(Qt.AlignmentFlag.AlignCenter)
        layout.addWidget(self.empty)
        layout.addStretch()

    def _scrolled(self) -> QVBoxLayout:
        """A layout that scrolls when the window is too low for all of it."""
        area = QScrollArea()
        area.setWidgetResizable(True)
        area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        inside = QWidget()
        inside.setObjectName("inside")
        inside.setStyleSheet("#inside { background: transparent; }")
        area.viewport().setStyleSheet("background: transparent;")
        area.setWidget(inside)
        outer = QVBoxLayout(self)
        outer.setContentsMargins(0, 0, 0, 0)
        outer.addWidget(area)
        return QVBoxLayout(inside)

    # Parts ----------------------------------------------------------------------------------

    def _title_row(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.name = QLineEdit()
        self.name.setToolTip("The cue's name")
        self.name.setAccessibleName("Name of the cue")
        self.name.editingFinished.connect(self._rename)
        self.remove = QToolButton()
        set_icon(self.remove, "remove")
        self.remove.setToolTip("Remove this cue (Del)")
        self.remove.setAccessibleName("Remove cue")
        self.remove.clicked.connect(self._remove)
        row.addWidget(self.name, 1)
        row.addWidget(self.remove)
        return row

    def _reference_part(self) -> QWidget:
        part = QWidget()
        box = QVBoxLayout(part)
        box.setContentsMargins(0, 0, 0, 0)
        row = QHBoxLayout()
        row.setSpacing(4)
        self.faders = {name: Fader(name, tip) for name, tip in _FACETS}
        for name, fader in self.faders.items():
            fader.changed.connect(lambda value, n=name: self._facet(n, value))
            row.addWidget(fader)
        box.addLayout(row)
        self.mark_size = SliderField(
            "Mark size", "Size of the reference's marks: 2 doubles them", 0.25, 4.0, 0.05
        )
        self.mark_size.settled.connect(lambda value: self._change("Mark size", scale=value))
        box.addWidget(self.mark_size)
        return part

    def _swatch_part(self) -> QWidget:
        part = QWidget()
        box = QVBoxLayout(part)
        box.setContentsMargins(0, 0, 0, 0)
        box.addWidget(QLabel("Hex colours, separated by spaces"))
        self.hex = QLineEdit()
        self.hex.setToolTip("The colours the picture should have, as #rrggbb")
        self.hex.setAccessibleName("Hex colours")
        self.hex.editingFinished.connect(self._swatches_typed)
        box.addWidget(self.hex)
        return part

    def _guide_part(self) -> QWidget:
        part = QWidget()
        box = QVBoxLayout(part)
        box.setContentsMargins(0, 0, 0, 0)
        self.made_from = QComboBox()
        self.made_from.setToolTip("The picture whose edges are held")
        self.made_from.setAccessibleName("Edges of")
        _keep_narrow(self.made_from)
        self.made_from.activated.connect(self._made_from_chosen)
        box.addWidget(self.made_from)
        self.low = SliderField("Low", "Weaker contours are dropped", 0, 1, 0.01)
        self.high = SliderField("High", "A contour needs one place this strong", 0, 1, 0.01)
        self.sigma = SliderField(
            "Smooth", "Smoothing before edges are sought, in pixels", 0.5, 8, 0.1
        )
        for slider in (self.low, self.high, self.sigma):
            slider.moved.connect(lambda _: self.map_moved.emit(self._settings()))
            slider.settled.connect(lambda _: self._options())
            box.addWidget(slider)
        return part

    def _common_part(self) -> QWidget:
        part = QWidget()
        grid = QGridLayout(part)
        grid.setContentsMargins(0, 4, 0, 0)
        grid.setHorizontalSpacing(8)
        grid.setVerticalSpacing(6)
        fields = (
            ("weight", "Weight", "How much this cue counts against the others", 200),
            ("enter", "Enter", "When the cue begins to act", 100),
            ("leave", "Leave", "When the cue stops acting", 100),
            ("fade_in", "Fade in", "How long it takes to reach its weight", 100),
            ("fade_out", "Fade out", "How long it takes to let go", 100),
        )
        self.fields = {}
        for place, (key, label, tip, most) in enumerate(fields):
            field = percent_field(label, tip, most, partial(self._set_field, key, label))
            field.setFixedWidth(66)
            self.fields[key] = field
            row, column = divmod(place + (place > 0), 2)
            grid.addWidget(QLabel(label), row, 2 * column)
            grid.addWidget(field, row, 2 * column + 1)
        self.where = QComboBox()
        self.where.setToolTip("Where in the picture the cue acts")
        self.where.setAccessibleName("Region")
        _keep_narrow(self.where)
        self.where.activated.connect(self._where_chosen)
        grid.addWidget(QLabel("Where"), 3, 0)
        grid.addWidget(self.where, 3, 1, 1, 3)
        return part

    # Showing --------------------------------------------------------------------------------

    def refresh(self) -> None:
        """Show the selected cue's present state."""
        cue = self.bench.selected_cue
        kind = None if cue is None else cue.kind
        self.empty.setVisible(cue is None)
        for widget in (self.name, self.remove, self.common):
            widget.setVisible(cue is not None)
        self.picture.setVisible(kind in ("reference", "swatches"))
        self.from_file.setVisible(kind == "reference")
        self.reference.setVisible(kind == "reference")
        self.swatches.setVisible(kind == "swatches")
        self.guide.setVisible(kind == "guide")
        if cue is None:
            return
        self.name.setText(cue.name)
        for key, field in self.fields.items():
            show_quietly(field, round(getattr(cue, key) * 100))
        self._show_where(cue)
        if kind == "reference":
            self._show_reference(cue)
        elif kind == "swatches":
            self._show_swatches(cue)
        else:
            self._show_guide(cue)

    def show_picture(self, image: QImage | None) -> None:
        """The reference's picture, from whoever reads files."""
        if image is None:
            self.picture.clear()
            return
        self.picture.setPixmap(
            QPixmap.fromImage(image).scaled(
                260,
                104,
                Qt.AspectRatioMode.KeepAspectRatio,
                Qt.TransformationMode.SmoothTransformation,
            )
        )

    def _show_reference(self, cue: Cue) -> None:
        self.from_file.setText(f"Style from {Path(cue.reference or '').name}")
        facets = cue.active_facets
        for name, fader in self.faders.items():
            fader.set_value(getattr(facets, name))
        self.mark_size.set_value(cue.scale)

    def _show_swatches(self, cue: Cue) -> None:
        colours = cue.swatches or ()
        if not self.hex.hasFocus():
            self.hex.setText(" ".join(colours))
        image = QImage(260, 104, QImage.Format.Format_RGB32)
        painter = QPainter(image)
        width = 260 / len(colours)
        for i, colour in enumerate(colours):
            painter.fillRect(round(i * width), 0, round(width) + 1, 104, QColor(colour))
        painter.end()
        self.show_picture(image)

    def _show_guide(self, cue: Cue) -> None:
        settings = EdgeSettings.model_validate(cue.options)
        for slider, value in (
            (self.low, settings.low),
            (self.high, settings.high),
            (self.sigma, settings.sigma),
        ):
            slider.set_value(value)
        self.made_from.clear()
        self.made_from.addItem("Edges of the source", "source")
        for path in self.bench.project.state.tray:
            self.made_from.addItem(f"Edges of {path.name}", str(path))
        if cue.map is not None:
            self.made_from.addItem(f"Ready map {Path(cue.map).name}", None)
            self.made_from.setCurrentIndex(self.made_from.count() - 1)
        else:
            self.made_from.setCurrentIndex(max(self.made_from.findData(cue.of), 0))

    def _show_where(self, cue: Cue) -> None:
        self.where.clear()
        self.where.addItem(_WHOLE, (None, False))
        for name in self.bench.project.recipe.regions:
            self.where.addItem(name.capitalize(), (name, False))
            self.where.addItem(f"All but {name}", (name, True))
        self.where.insertSeparator(self.where.count())
        self.where.addItem("Mask from a picture…", "ask")
        wanted = (cue.region, cue.invert_region)
        for i in range(self.where.count()):
            data = self.where.itemData(i)
            if data is not None and data != "ask" and tuple(data) == wanted:
                self.where.setCurrentIndex(i)

    # Edits ----------------------------------------------------------------------------------

    def _change(self, what: str, **changes: object) -> None:
        index = self.bench.selected_index
        if index is None:
            return
        try:
            self.bench.change_cue(index, what, **changes)
        except ValueError as error:
            self.refused.emit(str(error))
            self.refresh()

    def _set_field(self, key: str, what: str, value: float) -> None:
        self._change(what, **{key: value})

    def _rename(self) -> None:
        cue = self.bench.selected_cue
        if cue is not None and self.name.text() != cue.name:
            self._change("Name", name=self.name.text().strip())

    def _remove(self) -> None:
        index = self.bench.selected_index
        if index is not None:
            self.bench.remove_cue(index)

    def _facet(self, name: str, value: float) -> None:
        cue = self.bench.selected_cue
        if cue is not None:
            facets = cue.active_facets.model_dump() | {name: value}
            self._change(name.capitalize(), facets=facets)

    def _swatches_typed(self) -> None:
        self._change("Swatches", swatches=self.hex.text().replace(",", " ").split())

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

    def _options(self) -> None:
        self._change("Edges", options=self._settings().model_dump())

    def _made_from_chosen(self, place: int) -> None:
        chosen = self.made_from.itemData(place)
        if chosen is not None:
            self._change("Edges", of=chosen, map=None)

    def _where_chosen(self, place: int) -> None:
        chosen = self.where.itemData(place)
        if chosen == "ask":
            self.refresh()
            self.region_asked.emit()
        elif chosen is not None:
            region, inverted = chosen
            self._change("Region", region=region, invert_region=inverted)


def _keep_narrow(box: QComboBox) -> None:
    """Have a long entry cut off rather than widen the card; its list shows it whole."""
    calm_wheel(box)
    box.setSizeAdjustPolicy(QComboBox.SizeAdjustPolicy.AdjustToMinimumContentsLengthWithIcon)
    box.setMinimumContentsLength(8)
