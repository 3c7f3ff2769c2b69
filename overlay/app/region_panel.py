"""The regions of the project: a list, what each is made of, how it is shaped, and redoing there."""

from PySide6.QtCore import QSize, Qt, Signal
from PySide6.QtGui import QAction, QImage, QPixmap
from PySide6.QtWidgets import (
    QCheckBox,
    QFrame,
    QGridLayout,
    QHBoxLayout,
    QLabel,
    QLineEdit,
    QListWidget,
    QListWidgetItem,
    QMenu,
    QSlider,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.fields import SliderField
from overlay.app.icons import set_icon
from overlay.app.parts import picture_icon, scrolled_column, text_button
from overlay.document.recipe import Region
from overlay.regions.pick_words import PICKS
from overlay.studio.bench import Bench

_TOOLS = (
    ("brush", "Brush", "Paint what belongs to the region (B)"),
    ("erase", "Erase", "Paint what does not (E)"),
    ("lasso", "Lasso", "Draw around what belongs to it"),
    ("box", "Box", "Drag a box; with Shift an ellipse"),
)
_SHAPES = (
    ("grow", "Grow", "Pixels outward; below 0 it shrinks", -64, 64, 1),
    ("feather", "Feather", "Width of the soft rim in pixels", 0, 64, 1),
    ("smooth", "Smooth", "Pixels of contour that are evened out", 0, 32, 0.5),
    ("drop_specks", "Specks", "Islands of fewer pixels go", 0, 2000, 10),
)
_CHECKS = (
    ("fill_holes", "Fill holes", "What is surrounded belongs to it"),
    ("refine", "Soft rim", "The rim follows hair and leaves"),
    ("invert", "Invert", "Inside out"),
)


class RegionPanel(QFrame):
    """Edits regions; `changed` carries keys of the selected one."""

    add_asked = Signal(object)  # what to pick, or None for an empty one
    colour_asked = Signal()
    chosen = Signal(str)
    changed = Signal(str, dict)  # what is changed, the keys
    renamed = Signal(str)
    remove_asked = Signal()
    tool_asked = Signal(str)
    use_asked = Signal(bool)  # tie the selected cue to it, or to all but it
    export_asked = Signal()
    redo_asked = Signal()
    settle_asked = Signal(float, bool)  # departure, whether just the rim

    def __init__(self, bench: Bench, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setProperty("panel", "true")
        self.setFixedWidth(288)
        self.bench = bench
        self._name: str | None = None
        column = scrolled_column(self)
        column.setContentsMargins(14, 10, 14, 10)
        column.setSpacing(5)
        column.addLayout(self._title())
        self.list = QListWidget()
        self.list.setFixedHeight(112)
        self.list.setIconSize(QSize(48, 32))
        self.list.setAccessibleName("Regions")
        self.list.currentItemChanged.connect(self._choose)
        column.addWidget(self.list)
        self.name = QLineEdit()
        self.name.setToolTip("The region's name")
        self.name.setAccessibleName("Name of the region")
        self.name.editingFinished.connect(lambda: self.renamed.emit(self.name.text().strip()))
        column.addWidget(self.name)
        self.details = QWidget()
        inside = QVBoxLayout(self.details)
        inside.setContentsMargins(0, 0, 0, 0)
        inside.setSpacing(5)
        self._add_tools(inside)
        self._add_shapes(inside)
        self._add_deeds(inside)
        column.addWidget(self.details)
        self.hint = QLabel("No region yet.\n\nAdd one: painted, or picked from the source.")
        self.hint.setProperty("role", "faint")
        self.hint.setWordWrap(True)
        column.addWidget(self.hint)
        column.addStretch()

    def _title(self) -> QHBoxLayout:
        row = QHBoxLayout()
        title = QLabel("Regions")
        title.setProperty("role", "title")
        self.add = QToolButton()
        set_icon(self.add, "add")
        self.add.setText("Region")
        self.add.setToolTip("Add a region: empty to paint on, or picked from the source")
        self.add.setProperty("wide", "true")
        self.add.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        self.add.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self.menu = QMenu(self.add)
        for text, what in (("Painted", None), *((p.capitalize(), p) for p in PICKS)):
            action = QAction(text, self.menu)
            action.triggered.connect(lambda _=False, w=what: self.add_asked.emit(w))
            self.menu.addAction(action)
        colour = QAction("A colour of the picture…", self.menu)
        colour.triggered.connect(self.colour_asked)
        self.menu.addAction(colour)
        self.add.setMenu(self.menu)
        self.remove = QToolButton()
        set_icon(self.remove, "remove")
        self.remove.setToolTip("Remove this region; cues tied to it act everywhere")
        self.remove.setAccessibleName("Remove region")
        self.remove.clicked.connect(self.remove_asked)
        row.addWidget(title, 1)
        row.addWidget(self.add)
        row.addWidget(self.remove)
        return row

    def _add_tools(self, column: QVBoxLayout) -> None:
        row = QHBoxLayout()
        row.setSpacing(4)
        self.tools: dict[str, QToolButton] = {}
        for tool, text, tip in _TOOLS:
            button = _deed(text, tip)
            button.clicked.connect(lambda on, t=tool: self.use_tool(t if on else ""))
            button.setCheckable(True)
            button.setMinimumWidth(40)
            self.tools[tool] = button
            row.addWidget(button, 1)
        column.addLayout(row)
        self.brush = SliderField(
            "Brush", "Width, in percent of the longer side (comma, period)", 0.5, 30, 0.5
        )
        self.brush.set_value(5)
        column.addWidget(self.brush)

    def _add_shapes(self, column: QVBoxLayout) -> None:
        self.shapes: dict[str, SliderField] = {}
        for key, text, tip, least, most, step in _SHAPES:
            field = SliderField(text, tip, least, most, step)
            whole = key == "drop_specks"
            field.settled.connect(
                lambda v, k=key, w=whole, t=text: self.changed.emit(t, {k: int(v) if w else v})
            )
            self.shapes[key] = field
            column.addWidget(field)
        grid = QGridLayout()
        self.checks: dict[str, QCheckBox] = {}
        for i, (key, text, tip) in enumerate(_CHECKS):
            check = QCheckBox(text)
            check.setToolTip(tip)
            check.clicked.connect(lambda on, k=key, t=text: self.changed.emit(t, {k: on}))
            self.checks[key] = check
            grid.addWidget(check, i // 2, i % 2)
        column.addLayout(grid)

    def _add_deeds(self, column: QVBoxLayout) -> None:
        self.combine = _deed("Combine", "Unite with another region, subtract or intersect it")
        self.combine.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self.combining = QMenu(self.combine)
        self.combining.aboutToShow.connect(self._fill_combining)
        self.combine.setMenu(self.combining)
        self.use = _deed("Tie the cue to it", "The selected cue acts here alone")
        self.use.clicked.connect(lambda _: self.use_asked.emit(False))
        self.use_outside = _deed("To all but it", "The selected cue acts everywhere but here")
        self.use_outside.clicked.connect(lambda _: self.use_asked.emit(True))
        self.export = _deed("Export…", "Write the mask to a picture file")
        self.export.clicked.connect(lambda _: self.export_asked.emit())
        for pair in ((self.combine, self.export), (self.use, self.use_outside)):
            row = QHBoxLayout()
            row.setSpacing(4)
            for button in pair:
                row.addWidget(button, 1)
            column.addLayout(row)
        tip = "Run this area of the proof again, with another seed; the rest stays"
        self.redo = _deed("Redo here", tip)
        self.redo.clicked.connect(lambda _: self.redo_asked.emit())
        column.addWidget(self.redo)
        self._add_settling(column)

    def _add_settling(self, column: QVBoxLayout) -> None:
        self.departure = QSlider(Qt.Orientation.Horizontal)
        self.departure.setRange(5, 60)
        self.departure.setValue(25)
        self.departure.setToolTip("How far settling may depart, 5 to 60 %")
        self.departure.setAccessibleName("Departure of settling")
        self.amount = QLabel("25 %")
        self.departure.valueChanged.connect(lambda v: self.amount.setText(f"{v} %"))
        line = QHBoxLayout()
        line.addWidget(QLabel("Settle"))
        line.addWidget(self.departure, 1)
        line.addWidget(self.amount)
        column.addLayout(line)
        tip = "Pull once more with little freedom, so that rims disappear"
        self.settle_whole = _deed("The whole", tip)
        self.settle_whole.clicked.connect(lambda _: self._settle(rim=False))
        self.settle_rim = _deed("Just the rim", "Only a band around this region's border")
        self.settle_rim.clicked.connect(lambda _: self._settle(rim=True))
        both = QHBoxLayout()
        both.setSpacing(4)
        both.addWidget(self.settle_whole, 1)
        both.addWidget(self.settle_rim, 1)
        column.addLayout(both)
        self.rim = QLabel()
        self.rim.setProperty("role", "faint")
        column.addWidget(self.rim)

    # Showing --------------------------------------------------------------------------------

    @property
    def selected(self) -> str | None:
        """The name of the region that is edited."""
        return self._name

    def refresh(self) -> None:
        """Show the present regions."""
        regions = self.bench.project.recipe.regions
        if self._name not in regions:
            self._name = next(iter(regions), None)
        shown = [self.list.item(i).text() for i in range(self.list.count())]
        blocked = self.list.blockSignals(True)
        if shown != list(regions):
            self.list.clear()
            for name in regions:
                self.list.addItem(QListWidgetItem(name))
        if self._name is not None:
            self.list.setCurrentRow(list(regions).index(self._name))
        self.list.blockSignals(blocked)
        self._show(None if self._name is None else regions[self._name])

    def _show(self, region: Region | None) -> None:
        for part in (self.name, self.details, self.list):
            part.setVisible(region is not None)
        self.hint.setVisible(region is None)
        self.remove.setEnabled(region is not None)
        if region is None or self._name is None:
            return
        self.name.setText(self._name)
        for key, field in self.shapes.items():
            field.set_value(getattr(region, key))
        for key, check in self.checks.items():
            check.setChecked(getattr(region, key))
        proof, cue = self.bench.proof, self.bench.selected_cue
        self.redo.setEnabled(proof is not None)
        for button in (self.use, self.use_outside):
            button.setEnabled(cue is not None)
        value = None if proof is None else proof.measures.get("rim", {}).get(self._name)
        said = "" if value is None else f"Rim in the proof: {value:.2f} (1 is invisible)"
        self.rim.setText(said)

    def show_thumb(self, name: str, image: QImage) -> None:
        """A region's mask, small."""
        for i in range(self.list.count()):
            if self.list.item(i).text() == name:
                self.list.item(i).setIcon(picture_icon(QPixmap.fromImage(image)))

    def choose(self, name: str) -> None:
        """Select a region."""
        self._name = name
        self.refresh()
        self.chosen.emit(name)

    def _choose(self, item: QListWidgetItem | None) -> None:
        if item is not None:
            self._name = item.text()
            self.refresh()
            self.chosen.emit(self._name)

    def use_tool(self, tool: str) -> None:
        """Take a tool in hand, or with an empty name put it down."""
        for name, button in self.tools.items():
            button.setChecked(name == tool)
        self.tool_asked.emit(tool)

    def change_brush(self, by: float) -> None:
        """Make the brush larger or smaller, in percent of the longer side."""
        self.brush.set_value(min(max(self.brush.value + by, 0.5), 30.0))
        self.brush.moved.emit(self.brush.value)

    def _settle(self, *, rim: bool) -> None:
        self.settle_asked.emit(self.departure.value() / 100, rim)

    def _fill_combining(self) -> None:
        """Regions before this one, in three ways; those in use are marked."""
        self.combining.clear()
        regions = self.bench.project.recipe.regions
        if self._name is None:
            return
        before = list(regions)[: list(regions).index(self._name)]
        region = regions[self._name]
        for key, verb in (
            ("unite", "Unite with"),
            ("subtract", "Subtract"),
            ("intersect", "Intersect with"),
        ):
            for other in before:
                action = QAction(f"{verb} {other}", self.combining)
                action.setCheckable(True)
                action.setChecked(other in getattr(region, key))
                action.triggered.connect(
                    lambda on, k=key, o=other, v=verb: self._combine(k, o, v, on=on)
                )
                self.combining.addAction(action)
        if not before:
            none = QAction("There is no region before this one", self.combining)
            none.setEnabled(False)
            self.combining.addAction(none)

    def _combine(self, key: str, other: str, verb: str, *, on: bool) -> None:
        assert self._name is not None
        old = [o for o in getattr(self.bench.project.recipe.regions[self._name], key) if o != other]
        self.changed.emit(f"{verb} {other}", {key: [*old, other] if on else old})


def _deed(text: str, tip: str) -> QToolButton:
    return text_button(text, tip, stretched=True)
