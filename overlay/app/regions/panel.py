"""The regions of the project: a list, and how the selected one is painted, shaped and used."""

from PySide6.QtCore import QSize, Qt, Signal
from PySide6.QtGui import QImage, QPixmap
from PySide6.QtWidgets import (
    QFrame,
    QGridLayout,
    QHBoxLayout,
    QLineEdit,
    QListWidget,
    QListWidgetItem,
    QScrollBar,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.parts.buttons import (
    adding_button,
    picture_icon,
    scrolled_column,
    tab_button,
    text_button,
)
from overlay.app.parts.fields import SliderField
from overlay.app.parts.icons import set_icon
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.theme import PANEL
from overlay.app.regions.deeds import RegionDeeds
from overlay.app.regions.shapes import RegionShapes
from overlay.app.regions.sources import SourceMenu
from overlay.studio.bench.bench import Bench

_TOOLS = (
    ("brush", "Brush", "Paint what belongs to the region (B)"),
    ("erase", "Erase", "Paint what does not (E)"),
    ("lasso", "Lasso", "Draw around what belongs to it"),
    ("polygon", "Polygon", "Click corner after corner; a double click closes it"),
    ("box", "Box", "Drag a box; with Shift an ellipse"),
    ("ramp", "Ramp", "Drag from all to nothing; with Shift around the place"),
)
_TABS = {
    "Paint": "Add to the region by hand, and take away",
    "Shape": "How it is found, and how its rim runs",
    "Use": "Combine it, tie a cue to it, redo it, settle its rim",
}
_SHOWN = "Also shown while another region is selected"


class RegionPanel(QFrame):
    """Edits regions; `changed` carries keys of the selected one."""

    chosen = Signal(str)
    seen_changed = Signal()
    changed = Signal(str, dict)  # what is changed, the keys
    renamed = Signal(str)
    remove_asked = Signal()
    tool_asked = Signal(str)

    def __init__(self, bench: Bench, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setAutoFillBackground(True)
        self.setBackgroundRole(PANEL)
        self.bench = bench
        self._name: str | None = None
        self._parts: list[str] = []
        column = scrolled_column(self)
        column.setContentsMargins(14, 10, 14, 10)
        column.setSpacing(5)
        title = self._title()
        column.addWidget(title)
        self.list, self.name = self._make_list(), self._make_name()
        column.addWidget(self.list)
        column.addWidget(self.name)
        self.details = QWidget()
        inside = QVBoxLayout(self.details)
        inside.setContentsMargins(0, 0, 0, 0)
        inside.setSpacing(5)
        self.shapes, self.deeds = RegionShapes(), RegionDeeds(bench)
        for part in (self.shapes, self.deeds):
            part.changed.connect(self.changed)
        pages = (self._painting(), self.shapes, self.deeds)
        tabs = self._add_pages(inside, pages)
        column.addWidget(self.details)
        self.hint = PlainLabel(
            tr(
                "No region yet.\n\nAdd one: painted, picked from the source, from what came from a "
                "cue, or from a mask picture."
            ),
            role="faint",
            wraps=True,
        )
        column.addWidget(self.hint)
        column.addStretch()
        # Each wears the theme by itself, as those of the card do.
        self.parts = (
            title, self.list, self.name, tabs, *pages, self.hint, *self.findChildren(QScrollBar),
        )  # fmt: skip

    def _make_list(self) -> QListWidget:
        regions = QListWidget()
        regions.setFixedHeight(112)
        regions.setIconSize(QSize(48, 32))
        regions.setAccessibleName(tr("Regions"))
        regions.currentItemChanged.connect(self._choose)
        regions.itemChanged.connect(lambda _: self.seen_changed.emit())
        return regions

    def _make_name(self) -> QLineEdit:
        name = QLineEdit()
        name.setToolTip(tr("The region's name"))
        name.setAccessibleName(tr("Name of the region"))
        name.editingFinished.connect(lambda: self.renamed.emit(name.text().strip()))
        return name

    def _title(self) -> QWidget:
        whole = QWidget()
        row = QHBoxLayout(whole)
        row.setContentsMargins(0, 0, 0, 0)
        title = PlainLabel(tr("Regions"), role="title")
        tip = "Add a region: empty to paint on, or picked from the source"
        self.add = adding_button("Region", tip)
        self.menu = SourceMenu(self._traced, lambda: self._parts, self.add)
        self.add.setMenu(self.menu)
        self.remove = QToolButton()
        set_icon(self.remove, "remove")
        self.remove.setToolTip(tr("Remove this region; cues tied to it act everywhere"))
        self.remove.setAccessibleName(tr("Remove region"))
        self.remove.clicked.connect(self.remove_asked)
        row.addWidget(title, 1)
        row.addWidget(self.add)
        row.addWidget(self.remove)
        return whole

    def _traced(self) -> list[str]:
        """Cues that decided some of the proof."""
        proof = self.bench.proof
        if proof is None or proof.trace is None:
            return []
        return [name for name in proof.trace.names if proof.trace.share(name) > 0]

    def _add_pages(self, column: QVBoxLayout, pages: tuple[QWidget, ...]) -> QWidget:
        """Painting, shaping and using, of which one is in sight; returns the tabs above them."""
        tabs = QWidget()
        row = QHBoxLayout(tabs)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(0)
        self.tabs: dict[str, QToolButton] = {}
        self._pages = dict(zip(_TABS, pages, strict=True))
        for name, tip in _TABS.items():
            tab = tab_button(name, tip)
            tab.clicked.connect(lambda _=False, n=name: self.turn_to(n))
            self.tabs[name] = tab
            row.addWidget(tab, 1)
        column.addWidget(tabs)
        for page in pages:
            column.addWidget(page)
        self.turn_to("Paint")
        return tabs

    def turn_to(self, name: str) -> None:
        """Show one of the pages: Paint, Shape or Use."""
        for other, page in self._pages.items():
            page.setVisible(other == name)
            self.tabs[other].setChecked(other == name)

    def _painting(self) -> QWidget:
        page = QWidget()
        column = QVBoxLayout(page)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(5)
        grid = QGridLayout()
        grid.setSpacing(4)
        self.tools: dict[str, QToolButton] = {}
        for i, (tool, text, tip) in enumerate(_TOOLS):
            button = text_button(text, tip, checkable=True, stretched=True)
            button.clicked.connect(lambda on, t=tool: self.use_tool(t if on else ""))
            self.tools[tool] = button
            grid.addWidget(button, i // 3, i % 3)
        column.addLayout(grid)
        self.brush = SliderField(
            "Brush", "Width, in percent of the longer side (comma, period)", 0.5, 30, 0.5
        )
        self.brush.set_value(5)
        self.soft = SliderField(
            "Softness", "Share of the brush's width over which it fades", 0, 100, 5
        )
        column.addWidget(self.brush)
        column.addWidget(self.soft)
        return page

    # Showing --------------------------------------------------------------------------------

    @property
    def selected(self) -> str | None:
        """The name of the region that is edited."""
        return self._name

    @property
    def seen(self) -> list[str]:
        """The regions that are shown: those that are ticked, and last the selected one."""
        items = (self.list.item(i) for i in range(self.list.count()))
        ticked = [i.text() for i in items if i.checkState() == Qt.CheckState.Checked]
        others = [name for name in ticked if name != self._name]
        return others if self._name is None else [*others, self._name]

    def refresh(self) -> None:
        """Show the present regions."""
        regions = self.bench.project.recipe.regions
        if self._name not in regions:
            self._name = next(iter(regions), None)
        shown = [self.list.item(i).text() for i in range(self.list.count())]
        blocked = self.list.blockSignals(True)
        if shown != list(regions):
            ticked = self.seen
            self.list.clear()
            for name in regions:
                self.list.addItem(_item(name, ticked=name in ticked and name != self._name))
        if self._name is not None:
            self.list.setCurrentRow(list(regions).index(self._name))
            self.list.scrollToItem(self.list.currentItem())
        self.list.blockSignals(blocked)
        there = self._name is not None
        for part in (self.name, self.details, self.list):
            part.setVisible(there)
        self.hint.setVisible(not there)
        self.remove.setEnabled(there)
        if self._name is not None:
            self.name.setText(self._name)
            self.shapes.show_region(regions[self._name])
            self.deeds.show_region(self._name)

    def show_parts(self, names: list[str]) -> None:
        """What the source is drawn of, if that is known."""
        self._parts = names

    def show_thumb(self, name: str, image: QImage) -> None:
        """A region's mask, small."""
        blocked = self.list.blockSignals(True)
        for i in range(self.list.count()):
            if self.list.item(i).text() == name:
                self.list.item(i).setIcon(picture_icon(QPixmap.fromImage(image)))
        self.list.blockSignals(blocked)

    def choose(self, name: str) -> None:
        """Select a region."""
        self._name = name
        self.refresh()
        self.chosen.emit(name)

    def expect(self, name: str) -> None:
        """The selected region is about to have another name."""
        self._name = name

    def _choose(self, item: QListWidgetItem | None) -> None:
        if item is not None:
            self.choose(item.text())

    def use_tool(self, tool: str) -> None:
        """Take a tool in hand, or with an empty name put it down."""
        for name, button in self.tools.items():
            button.setChecked(name == tool)
        self.tool_asked.emit(tool)

    def change_brush(self, by: float) -> None:
        """Make the brush larger or smaller, in percent of the longer side."""
        self.brush.set_value(min(max(self.brush.value + by, 0.5), 30.0))
        self.brush.moved.emit(self.brush.value)


def _item(name: str, *, ticked: bool) -> QListWidgetItem:
    item = QListWidgetItem(name)
    item.setFlags(item.flags() | Qt.ItemFlag.ItemIsUserCheckable)
    item.setCheckState(Qt.CheckState.Checked if ticked else Qt.CheckState.Unchecked)
    item.setToolTip(_SHOWN)
    return item
