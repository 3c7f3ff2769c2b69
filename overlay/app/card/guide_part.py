"""The cue card's part for a guide: its kind, what its map is made of, its options, its tools."""

from collections.abc import Callable
from pathlib import Path
from typing import Any

from PySide6.QtCore import QRectF, QSize, Qt, Signal
from PySide6.QtGui import QIcon, QImage, QPainter, QPaintEvent, QPen, QPixmap
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QGridLayout,
    QHBoxLayout,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import SliderField, keep_narrow
from overlay.app.parts.language import tr
from overlay.app.parts.theme import tone
from overlay.document.cues import BLANK, GUIDES, GuideCue
from overlay.document.guide_options import GUIDE_OPTIONS
from overlay.studio.inputs.cards import is_card

_KINDS = {
    "edges": "Thin contours",
    "outline": "Soft outlines of what is large",
    "lines": "Clean line art, also from sketches and drawings",
    "depth": "Near and far: what hides what",
    "blocks": "A coarse field of tones or colours",
    "pose": "Contours bent by joints that you set",
}
# Sliders by kind: key, name, tip, least, most, step.
_SLIDERS: dict[str, tuple[tuple[str, str, str, float, float, float], ...]] = {
    "edges": (
        ("low", "Low", "Weaker contours are dropped", 0, 1, 0.01),
        ("high", "High", "A contour needs one place this strong", 0, 1, 0.01),
        ("sigma", "Smooth", "Smoothing before edges are sought, in pixels", 0.5, 8, 0.1),
    ),
    "outline": (
        ("detail", "Detail", "How much that is small is kept", 0, 1, 0.05),
        ("softness", "Softness", "Blur of the outline, in pixels", 0, 8, 0.1),
    ),
    "lines": (
        ("strength", "Finds", "More finds fainter lines", 0, 1, 0.02),
        ("thickness", "Thick", "Scale and width of lines, in pixels", 0.5, 6, 0.1),
        ("cleaning", "Cleaning", "Specks with fewer pixels are dropped", 0, 200, 1),
    ),
    "depth": (
        ("ground", "Horizon", "Its height from the top; below 0 it is found", -1, 1, 0.01),
        ("haze", "Haze", "How much paleness counts as distance", 0, 1, 0.05),
        ("agreement", "Agrees", "How far near takes what is near in references", 0, 1, 0.05),
        ("receding", "Recedes", "How much smaller marks become with distance", 0, 1, 0.05),
    ),
    "blocks": (("cells", "Cells", "Blocks over the height", 4, 64, 1),),
}
_SLIDERS["pose"] = _SLIDERS["edges"]
_CHECKS = {
    "edges": ("invert",), "outline": ("invert",), "lines": ("invert",), "pose": (),
    "depth": ("flat_sky", "invert"), "blocks": ("hard", "colour"),
}  # fmt: skip
_CHECK_TEXTS = {
    "invert": ("Invert", "Exchange lines and ground, or near and far"),
    "flat_sky": ("Flat sky", "Bring the whole sky to the farthest"),
    "hard": ("Hard borders", "Blocks with borders rather than running into each other"),
    "colour": ("Colours", "Hold colours, not tones alone"),
}
_TOOLS = {
    "pen": ("Pen", "Draw on the map; a pen's pressure counts"),
    "eraser": ("Eraser", "Take lines away"),
    "line": ("Line", "Draw a straight line"),
    "fill": ("Fill", "Draw an outline that is filled"),
    "near": ("Near", "Paint over what is nearest; it spreads to its own edges"),
    "far": ("Far", "Paint over what is farthest"),
    "joints": ("Joints", "Click to set a joint, drag it; Shift+click locks, Ctrl+click removes"),
}
_TOOLS_OF = {
    "edges": ("pen", "eraser", "line", "fill"), "outline": ("pen", "eraser", "line", "fill"),
    "lines": ("pen", "eraser", "line", "fill"), "depth": ("near", "far"), "blocks": (),
    "pose": ("joints",),
}  # fmt: skip
_THUMB = QSize(64, 40)


class Histogram(QWidget):
    """How many places have how strong a gradient, with both thresholds."""

    def __init__(self) -> None:
        super().__init__()
        self.setFixedHeight(40)
        self.setToolTip(tr("Gradient strengths of this picture, with the low and high threshold"))
        self.setAccessibleName(tr("Histogram of gradient strength"))
        self._counts: list[float] = []
        self._marks: tuple[float, ...] = ()

    def show_counts(self, counts: list[float]) -> None:
        """Show heights between 0 and 1, of strengths from 0 to 1."""
        self._counts = counts
        self.update()

    def show_marks(self, *marks: float) -> None:
        """Show the thresholds."""
        self._marks = marks
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        painter.fillRect(self.rect(), tone("well"))
        wide = self.width() / max(len(self._counts), 1)
        for i, count in enumerate(self._counts):
            high = count * (self.height() - 2)
            painter.fillRect(QRectF(i * wide, self.height() - high, wide, high), tone("faint"))
        painter.setPen(QPen(tone("register"), 2))
        for mark in self._marks:
            painter.drawLine(round(mark * self.width()), 0, round(mark * self.width()), 40)


class GuidePart(QWidget):
    """Edits a guide; `map_moved` follows the sliders while they are dragged."""

    map_moved = Signal(object)  # options as plain data
    tool_asked = Signal(str)  # a tool's name, or nothing
    against_asked = Signal(bool)  # whether the map is shown against the proof's own
    map_asked = Signal()  # a ready map's file is wanted
    export_asked = Signal()

    def __init__(self, change: Callable[..., None]) -> None:
        super().__init__()
        self._change = change
        self._cue: GuideCue | None = None
        self._fields: dict[str, SliderField | QCheckBox] = {}  # of the kind that is shown
        self._made: dict[str, dict[str, SliderField | QCheckBox]] = {}  # of all that were
        self.field_made: Callable[[str, SliderField], object] = lambda *_: None
        box = QVBoxLayout(self)
        box.setContentsMargins(0, 0, 0, 0)
        box.setSpacing(5)
        box.addLayout(self._kinds())
        self.made_from = QComboBox()
        self.made_from.setToolTip(tr("What the map is made from"))
        self.made_from.setAccessibleName(tr("Made from"))
        keep_narrow(self.made_from)
        self.made_from.activated.connect(self._chosen)
        box.addWidget(self.made_from)
        self.histogram = Histogram()
        box.addWidget(self.histogram)
        self._options = QVBoxLayout()
        self._options.setSpacing(4)
        box.addLayout(self._options)
        box.addLayout(self._tool_rows())

    def _kinds(self) -> QGridLayout:
        grid = QGridLayout()
        grid.setSpacing(4)
        self.kinds: dict[str, QToolButton] = {}
        for i, kind in enumerate(GUIDES):
            button = QToolButton()
            button.setText(tr(kind.capitalize()))
            button.setToolTip(tr(_KINDS[kind]))
            button.setCheckable(True)
            button.setIconSize(_THUMB)
            button.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextUnderIcon)
            button.setProperty("kind", "true")
            button.setFixedWidth(84)
            button.clicked.connect(lambda _=False, k=kind: self._choose_kind(k))
            self.kinds[kind] = button
            grid.addWidget(button, i // 3, i % 3)
        return grid

    def _tool_rows(self) -> QVBoxLayout:
        column = QVBoxLayout()
        column.setSpacing(4)
        self.tools: dict[str, QToolButton] = {}
        row = QHBoxLayout()
        row.setSpacing(4)
        for name, (text, tip) in _TOOLS.items():
            button = text_button(text, tip, checkable=True, stretched=True)
            button.clicked.connect(lambda on, n=name: self.use_tool(n if on else ""))
            self.tools[name] = button
            row.addWidget(button, 1)
        column.addLayout(row)
        self.brush = SliderField("Brush", "Width, in percent of the longer side", 0.2, 20, 0.1)
        self.brush.set_value(0.8)
        column.addWidget(self.brush)
        more = QHBoxLayout()
        more.setSpacing(4)
        self.mirrored = QCheckBox(tr("Mirrored"))
        self.mirrored.setToolTip(tr("Draw on both sides, or move mirrored limbs together"))
        self.clear = text_button("Clear", "Take all strokes or joints away again")
        self.clear.clicked.connect(self._clear)
        self.against = text_button(
            "Against proof", "Contours kept (blue) and lost (orange)", checkable=True
        )
        self.against.clicked.connect(self.against_asked)
        self.export = text_button("Export…", "Write the map to a picture file")
        self.export.clicked.connect(self.export_asked)
        for part in (self.clear, self.against, self.export):
            more.addWidget(part, 1)
        column.addWidget(self.mirrored)
        column.addLayout(more)
        return column

    # Showing --------------------------------------------------------------------------------

    def show_cue(self, cue: GuideCue, tray: tuple[Path, ...]) -> None:
        """Show a guide; its map may be made of the source or of a picture in the tray."""
        if self._cue is None or self._cue.guide != cue.guide:
            self._show_options(cue.guide)
        self._cue = cue
        for kind, button in self.kinds.items():
            button.setChecked(kind == cue.guide)
        settings = cue.settings
        for key, field in self._fields.items():
            if isinstance(field, QCheckBox):
                field.setChecked(getattr(settings, key))
            else:
                field.set_value(getattr(settings, key))
        self.histogram.setVisible(cue.guide in ("edges", "pose"))
        if cue.guide in ("edges", "pose"):
            self.histogram.show_marks(settings.low, settings.high)
        self._show_sources(cue, tray)
        offered = _TOOLS_OF[cue.guide]
        for name, button in self.tools.items():
            button.setVisible(name in offered)
        self.brush.setVisible(bool(offered) and cue.guide != "pose")
        self.mirrored.setVisible(bool(offered) and cue.guide != "depth")
        self.clear.setVisible(bool(offered))
        self.clear.setEnabled(bool(cue.strokes) or bool(getattr(settings, "joints", ())))
        self.against.setVisible(cue.guide in ("edges", "outline", "lines", "pose"))

    def _show_sources(self, cue: GuideCue, tray: tuple[Path, ...]) -> None:
        self.made_from.clear()
        self.made_from.addItem(tr("Made from the source"), "source")
        for path in tray:
            if not is_card(path):
                self.made_from.addItem(tr(f"Made from {path.name}"), str(path))
        if cue.guide in ("edges", "outline", "lines"):
            self.made_from.addItem(tr("An empty map to draw on"), BLANK)
        self.made_from.addItem(tr("A ready map…"), None)
        if cue.map is not None:
            self.made_from.insertItem(0, f"Ready map {Path(cue.map).name}", "")
            self.made_from.setCurrentIndex(0)
        else:
            self.made_from.setCurrentIndex(max(self.made_from.findData(cue.of), 0))

    def show_kind(self, kind: str, image: QImage) -> None:
        """This picture's own map of a kind, small."""
        self.kinds[kind].setIcon(QIcon(QPixmap.fromImage(image)))

    @staticmethod
    def offers(tool: str, guide: str) -> bool:
        """Whether a kind of guide has a tool."""
        return tool in _TOOLS_OF[guide]

    def use_tool(self, name: str) -> None:
        """Take a tool in hand, or with an empty name put it down."""
        for other, button in self.tools.items():
            button.setChecked(other == name)
        self.tool_asked.emit(name)

    def leave(self) -> None:
        """Put the tools down, for another cue."""
        if any(button.isChecked() for button in self.tools.values()):
            self.use_tool("")
        if self.against.isChecked():
            self.against.setChecked(False)
            self.against_asked.emit(False)

    # Options --------------------------------------------------------------------------------

    def _show_options(self, kind: str) -> None:
        """Sliders and boxes of a kind, in place of those that were there."""
        for field in self._fields.values():
            field.hide()
        if kind not in self._made:
            self._make_options(kind)
        self._fields = self._made[kind]
        for field in self._fields.values():
            field.show()

    def _make_options(self, kind: str) -> None:
        fields = self._made[kind] = {}
        for key, name, tip, least, most, step in _SLIDERS[kind]:
            field = SliderField(name, tip, least, most, step)
            field.moved.connect(lambda _: self.map_moved.emit(self._settings()))
            field.settled.connect(lambda _: self._settle())
            fields[key] = field
            self._options.addWidget(field)
            self.field_made(key, field)
        for key in _CHECKS[kind]:
            text, tip = _CHECK_TEXTS[key]
            check = QCheckBox(tr(text))
            check.setToolTip(tr(tip))
            check.clicked.connect(lambda _: self._settle())
            fields[key] = check
            self._options.addWidget(check)

    def field(self, key: str) -> Any:
        """The control of an option."""
        return self._fields[key]

    def _settings(self) -> dict[str, Any]:
        """What the controls say; low and high push each other along."""
        assert self._cue is not None
        model = GUIDE_OPTIONS[self._cue.guide]
        found: dict[str, Any] = dict(self._cue.options)
        for key, field in self._fields.items():
            if isinstance(field, QCheckBox):
                found[key] = field.isChecked()
            else:
                whole = model.model_fields[key].annotation is int
                found[key] = int(field.value) if whole else round(field.value, 4)
        if found.get("low", 0) > found.get("high", 1):
            pushed = "low" if self._fields["high"].slider.isSliderDown() else "high"  # type: ignore[union-attr]
            found[pushed] = found["high" if pushed == "low" else "low"]
            self._fields[pushed].set_value(found[pushed])  # type: ignore[union-attr]
        if "low" in found:
            self.histogram.show_marks(found["low"], found["high"])
        return found

    def _settle(self) -> None:
        assert self._cue is not None
        self._change(self._cue.guide.capitalize(), options=self._settings())

    def _choose_kind(self, kind: str) -> None:
        if self._cue is None or kind == self._cue.guide:
            self.kinds[kind].setChecked(True)
            return
        self.leave()
        changes: dict[str, Any] = {"guide": kind, "options": {}, "strokes": ()}
        if kind not in ("edges", "outline", "lines") and self._cue.of == BLANK:
            changes["of"] = "source"
        self._change(f"Kind {kind}", **changes)

    def _chosen(self, place: int) -> None:
        chosen = self.made_from.itemData(place)
        if chosen is None:
            self.map_asked.emit()
        elif chosen:
            self._change("Map", of=chosen, map=None)

    def _clear(self) -> None:
        if self._cue is None:
            return
        options = {k: v for k, v in self._cue.options.items() if k != "joints"}
        self._change("Clear the map", strokes=(), options=options)
