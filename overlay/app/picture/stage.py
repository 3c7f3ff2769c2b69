"""The middle of the bench: the picture with its view switch, comparisons, tools and lines."""

from PySide6.QtCore import QSize, Qt, QTimer, Signal
from PySide6.QtGui import QImage
from PySide6.QtWidgets import (
    QButtonGroup,
    QComboBox,
    QFrame,
    QHBoxLayout,
    QSlider,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.floor.commands import Command, Entries
from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import calm_wheel
from overlay.app.parts.icons import set_icon
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.status import StatusLine
from overlay.app.parts.theme import tone
from overlay.app.picture.advice_line import AdviceLine
from overlay.app.picture.compare_bar import VIEW, CompareBar, CompareButtons
from overlay.app.picture.view import PictureView

_VIEWS = (
    ("proof", "Proof", "The last proof, or the run in progress (P)"),
    ("source", "Source", "The source as it lies under the proof (O)"),
    ("map", "Map", "The selected guide's map over the source (G)"),
    ("region", "Region", "The regions: paint, pick, redo, settle (R)"),
    ("influence", "Influence", "Who decided where, at the playhead's moment (I)"),
    ("trace", "Trace", "Which place of a reference each mark came from (T)"),
)
_VIEW_KEYS = (
    ("proof", "Proof", "P"), ("source", "Source", "O"), ("map", "Map", "G"),
    ("region", "Region", "R"), ("influence", "Influence", "I"), ("trace", "Trace", "T"),
)  # fmt: skip
_ASPECTS = (
    ("All together", ""), ("Masses", "masses"), ("Marks", "marks"), ("Colour", "colour"),
)  # fmt: skip
_TINTS = 0.72  # how strongly the tints of influence cover the picture
_OF_PROOF = ("proof", "influence", "trace")
_OVERS = ("map", "region", "influence", "trace")
_FLIP = 800  # milliseconds that each of two pictures is shown


class PictureStage(QWidget):
    """Decides which of the known images the view shows.

    They are called proof, last, chosen, source, map, reference and without.
    """

    view_changed = Signal(str)
    tool_asked = Signal(str)  # pick, clear, or nothing when a tool is put down

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.view = PictureView()
        self.status = StatusLine()
        self.advice = AdviceLine()
        self.images: dict[str, QImage | None] = {}
        self._mode = "proof"
        self._moment: QImage | None = None
        self._flipped = False
        self._flips = QTimer(self)
        self._flips.setInterval(_FLIP)
        self._flips.timeout.connect(lambda: self.flip(on=not self._flipped))
        self.compare = CompareButtons()
        self.sides = CompareBar()
        self.wipe = self.compare.ways["wipe"]
        self.other = self.sides.right
        self.compare.changed.connect(self.refresh)
        self.sides.changed.connect(self.refresh)
        self.sides.swapped.connect(self.view.swap_sides)
        layout = QVBoxLayout(self)
        layout.setContentsMargins(0, 0, 0, 0)
        layout.setSpacing(0)
        layout.addWidget(self.view, 1)
        for line in (self.sides, self._bar(), self.advice, self.status):
            layout.addWidget(line)
        self.sides.hide()

    def _bar(self) -> QFrame:
        bar = QFrame()
        bar.setProperty("panel", "true")
        bar.setFixedHeight(36)
        row = QHBoxLayout(bar)
        row.setContentsMargins(12, 0, 12, 0)
        row.setSpacing(4)
        self._add_views(row)
        row.addStretch()
        self.tools: dict[str, QToolButton] = {}
        for tool, tip in (
            ("pick", "Read a colour: point for hex and OKLCH, click to copy (C)"),
            ("clear", "Clear space: drag a frame to see how calm it is for text (Shift+C)"),
        ):
            button = text_button("", tip, checkable=True)
            button.setAccessibleName(tip.split(":", 1)[0])
            set_icon(button, tool)
            button.clicked.connect(lambda on, t=tool: self.use_tool(t if on else ""))
            self.tools[tool] = button
            row.addWidget(button)
        row.addSpacing(6)
        row.addWidget(self.compare)
        row.addStretch()
        self.zoom = PlainLabel()
        self.zoom.setProperty("role", "faint")
        fit = text_button("", "Show the whole picture (F)")
        fit.setAccessibleName("Fit")
        set_icon(fit, "fit")
        fit.clicked.connect(self.view.fit)
        actual = text_button("1:1", "Actual pixels (1)")
        actual.clicked.connect(self.view.actual_pixels)
        for part in (self.zoom, fit, actual):
            row.addWidget(part)
        self.buttons["proof"].setChecked(True)
        return bar

    def _add_views(self, row: QHBoxLayout) -> None:
        self.buttons: dict[str, QToolButton] = {}
        group = QButtonGroup(self)
        for mode, text, tip in _VIEWS:
            button = text_button(text, tip, checkable=True)
            button.clicked.connect(lambda _=False, m=mode: self.set_mode(m))
            group.addButton(button)
            self.buttons[mode] = button
            row.addWidget(button)
        self.strength = QSlider(Qt.Orientation.Horizontal)
        self.strength.setRange(0, 100)
        self.strength.setValue(75)
        self.strength.setFixedWidth(90)
        self.strength.setToolTip("How strongly the map covers the picture")
        self.strength.setAccessibleName("Strength of the map")
        self.strength.valueChanged.connect(lambda _: self.refresh())
        self.aspect = QComboBox()
        for text, key in _ASPECTS:
            self.aspect.addItem(text, key)
        self.aspect.setToolTip("Which part of the decision is shown: large forms, marks, or colour")
        self.aspect.setAccessibleName("Aspect of influence")
        calm_wheel(self.aspect)
        self.aspect.activated.connect(lambda _: self.view_changed.emit(self._mode))
        row.addSpacing(6)
        row.addWidget(self.strength)
        row.addWidget(self.aspect)

    @property
    def mode(self) -> str:
        """Which view is chosen, a key of the buttons."""
        return self._mode

    def set_mode(self, mode: str) -> None:
        """Choose a view."""
        self.stop_flipping()
        self._mode = mode
        self.buttons[mode].setChecked(True)
        self.refresh()
        self.view_changed.emit(mode)

    def use_tool(self, tool: str) -> None:
        """Take a tool in hand, or with an empty name put it down."""
        for name, button in self.tools.items():
            button.setChecked(name == tool)
        self.tool_asked.emit(tool)

    def set_image(self, name: str, image: QImage | None) -> None:
        """Make an image known by its name."""
        self.images[name] = image
        self.refresh()

    def set_moment(self, image: QImage | None) -> None:
        """Show a state of the run in place of the proof, or none."""
        self._moment = image
        self.refresh()

    @property
    def shown(self) -> QImage | None:
        """The picture that the view shows, without what lies over it."""
        return self._left_image()[0]

    def flip(self, *, on: bool) -> None:
        """While held, show what the picture is compared with, and name it."""
        self._flipped = on
        if self._mode != "influence":
            other, caption = self._right_image()
            named = on and other is not None
            self.view.show_legend([(tone("register"), caption)] if named else [])
        self.refresh()

    def compare_with(self, right: str, left: str = VIEW) -> None:
        """Choose what is compared with what."""
        self.sides.choose(right, left)
        self.refresh()

    @property
    def flipping(self) -> bool:
        """Whether two pictures take turns by themselves."""
        return self._flips.isActive()

    def start_flipping(self) -> None:
        """Let the picture and what it is compared with take turns."""
        self._flips.start()

    def stop_flipping(self) -> None:
        """Show the picture itself again."""
        self._flips.stop()
        if self._flipped:
            self.flip(on=False)

    def show_compared(self, numbers: list[int], images: list[QImage]) -> None:
        """Hang one proof beside the one that hangs, or two beside each other."""
        two = len(images) == 2
        self.set_mode("proof")
        self.set_image("chosen", images[0])
        if two:
            self.set_image("chosen2", images[1])
        self.compare_with("chosen2" if two else "chosen", "chosen" if two else "proof")
        if self.compare.way is None:
            self.compare.ways["beside"].setChecked(True)
        named = " and ".join(map(str, numbers))
        self.status.say(f"Proofs {named}." if two else f"Comparing with proof {named}.")

    def commands(self) -> Entries:
        """Views, ways of comparing, zoom."""
        ways = self.compare.ways
        views = (
            Command("View", text, keys, lambda m=mode: self.set_mode(m))  # type: ignore[misc]
            for mode, text, keys in _VIEW_KEYS
        )
        return (
            *views,
            None,
            Command("View", "Wipe", "W", ways["wipe"].toggle),
            Command("View", "Side by side", "Shift+W", ways["beside"].toggle),
            Command("View", "Difference", "D", ways["difference"].toggle),
            Command("View", "Swap sides", "X", self.view.swap_sides),
            None,
            Command("View", "Fit", "F", self.view.fit),
            Command("View", "Actual pixels", "1", self.view.actual_pixels),
        )

    def refresh(self) -> None:
        """Show what mode, moment and comparison ask for."""
        proof, source = self.images.get("proof"), self.images.get("source")
        image, caption = self._left_image()
        other, other_caption = self._right_image()
        if self._flipped and other is not None:
            image, other = other, None
        way = self.compare.way
        shows_other = way is not None and other is not None and not self._flipped
        frame = self._frame(image, proof, source)
        self.view.show_image(image, frame)
        over = self.images.get(self._mode) if self._mode in _OVERS else None
        strength = {"map": self.strength.value() / 100, "influence": _TINTS}
        self.view.show_over(over, strength.get(self._mode, 1.0))
        self.view.show_other(
            other if shows_other else None, (caption, other_caption), way or "wipe"
        )
        self.strength.setVisible(self._mode == "map")
        self.aspect.setVisible(self._mode == "influence")
        self._show_choices(proof, source)

    def _frame(self, image: QImage | None, proof: QImage | None, source: QImage | None) -> QSize:
        """The finished size of what is shown; a coarse state of a run is smaller."""
        if self.sides.left.currentData() != VIEW and self.compare.way and image is not None:
            return image.size()
        if proof is not None and self._mode in _OF_PROOF:
            return proof.size()
        if source is not None:
            return source.size()
        return QSize(768, 512) if image is None else image.size()

    def _show_choices(self, proof: QImage | None, source: QImage | None) -> None:
        """Only what is there can be chosen."""
        known = {name for name, image in self.images.items() if image is not None}
        self.sides.setVisible(self.compare.way is not None)
        self.sides.show_available(known | {VIEW})
        there = {
            "proof": proof is not None or self._moment is not None,
            "source": source is not None,
            "map": self.images.get("map") is not None,
            "region": source is not None or proof is not None,
            "influence": proof is not None,
            "trace": proof is not None,
        }
        for mode, button in self.buttons.items():
            button.setEnabled(there[mode] or mode == self._mode)
        for button in (*self.tools.values(), *self.compare.ways.values()):
            button.setEnabled(bool(known & {"proof", "source"}))

    def _main(self) -> tuple[QImage | None, str]:
        proof, source = self.images.get("proof"), self.images.get("source")
        if self._mode == "trace" and proof is not None:
            return proof, "Proof"
        if self._mode in _OF_PROOF and (proof is not None or self._moment is not None):
            return self._moment or proof, "Proof"
        return source, "Source"

    def _left_image(self) -> tuple[QImage | None, str]:
        key = self.sides.left.currentData()
        if key == VIEW or self.compare.way is None or self.images.get(key) is None:
            return self._main()
        return self.images.get(key), self.sides.left.currentText()

    def _right_image(self) -> tuple[QImage | None, str]:
        return self.images.get(self.other.currentData()), self.other.currentText()
