"""The middle of the bench: the picture with its view switch, comparisons, tools and lines."""

from collections.abc import Callable
from dataclasses import replace

from PySide6.QtCore import QSize, Qt, QTimer, Signal
from PySide6.QtGui import QImage, QResizeEvent
from PySide6.QtWidgets import (
    QButtonGroup,
    QFrame,
    QHBoxLayout,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.floor.commands import Command, Entries
from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import choice_box
from overlay.app.parts.icons import set_icon
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.slider import Slider
from overlay.app.parts.status import StatusLine
from overlay.app.parts.theme import tone
from overlay.app.picture.advice_line import AdviceLine
from overlay.app.picture.compare_bar import CompareBar, CompareButtons
from overlay.app.picture.layered import LayeredPicture
from overlay.app.picture.look import MOMENT, VIEW, State, look, offered, seen_view
from overlay.app.picture.view import PictureView

_VIEWS = (
    ("proof", "Proof", "The last proof, or the run in progress (P)", "P"),
    ("source", "Source", "The source as it lies under the proof (O)", "O"),
    ("drawn", "Drawn", "What the words have drawn, before any reference (N)", "N"),
    ("map", "Map", "The selected guide's map over the source (G)", "G"),
    ("region", "Region", "The regions: paint, pick, redo, settle (R)", "R"),
    ("influence", "Influence", "Who decided where, at the playhead's moment (I)", "I"),
    ("trace", "Trace", "Which place of a reference each mark came from (T)", "T"),
)
_ASPECTS = (
    ("All together", ""), ("Masses", "masses"), ("Marks", "marks"), ("Colour", "colour"),
)  # fmt: skip
_DRAWN_AS = (("Picture", "picture"), ("Depth", "depth"), ("Things", "things"))
_ROOMY, _SPACIOUS = 800, 1080  # pixels of width, with lines of plain text
_TIGHT = 640  # below which only what is of use is in sight
_LINE = 14  # pixels of height of such a line
_FLIP = 800  # milliseconds that each of two pictures is shown


class PictureStage(QWidget):
    """Shows what `look` says of its state; the pictures are known by the names that stand there."""

    view_changed = Signal(str)
    words_asked = Signal()
    tool_asked = Signal(str)  # pick, clear, or nothing when a tool is put down

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.view = PictureView()
        self.status = StatusLine(floating=True)
        self.advice = AdviceLine()
        self.images: dict[str, QImage | None] = {}
        self._mode = "proof"
        self._moment: QImage | None = None
        self._flipped = self._tight = False
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
        self._over = LayeredPicture(self.view, self.sides, self.advice, said=self.status)
        layout.addWidget(self._over, 1)
        self.bar = self._bar()
        layout.addWidget(self.bar)
        # What wears the theme, one after another.
        self.parts: list[QWidget] = [self.view, self.sides, self.advice, self.status, self.bar]
        self.sides.hide()

    def _bar(self) -> QFrame:
        bar = QFrame()
        bar.setProperty("panel", "true")
        bar.setFixedHeight(30)
        row = QHBoxLayout(bar)
        row.setContentsMargins(10, 0, 10, 0)
        row.setSpacing(3)
        self._add_views(row)
        self.say = text_button("Say it", "Say in words what is to be seen (/)")
        set_icon(self.say, "words")
        self.say.clicked.connect(self.words_asked)
        row.addWidget(self.say)
        row.addSpacing(6)
        self._add_tools(row)
        row.addSpacing(6)
        row.addWidget(self.compare)
        row.addStretch()
        self.zoom = PlainLabel(role="faint")
        fit = text_button("", "Show the whole picture (F)")
        fit.setAccessibleName(tr("Fit"))
        set_icon(fit, "fit")
        fit.clicked.connect(self.view.fit)
        actual = text_button("1:1", "Actual pixels (1)")
        actual.clicked.connect(self.view.actual_pixels)
        for part in (self.zoom, fit, actual):
            row.addWidget(part)
        self.buttons["proof"].setChecked(True)
        return bar

    def _add_tools(self, row: QHBoxLayout) -> None:
        self.tools: dict[str, QToolButton] = {}
        space = "Clear space: drag a frame to see how calm it is for text (Shift+C)"
        for tool, text, tip in (
            ("pick", "Colour", "Read a colour: point for hex and OKLCH, click to copy (C)"),
            ("clear", "Space", space),
        ):
            button = text_button(text, tip, checkable=True)
            button.setAccessibleName(tr(tip.split(":", 1)[0]))
            set_icon(button, tool)
            button.clicked.connect(lambda on, t=tool: self.use_tool(t if on else ""))
            self.tools[tool] = button
            row.addWidget(button)

    def _add_views(self, row: QHBoxLayout) -> None:
        self.buttons: dict[str, QToolButton] = {}
        group = QButtonGroup(self)
        for mode, text, tip, _ in _VIEWS:
            button = text_button(text, tip, checkable=True)
            button.clicked.connect(lambda _=False, m=mode: self.set_mode(m))
            button.setProperty("tight", "true")
            group.addButton(button)
            self.buttons[mode] = button
            row.addWidget(button)
        self.strength = Slider()
        self.strength.setRange(0, 100)
        self.strength.setValue(75)
        self.strength.setFixedWidth(90)
        self.strength.setToolTip(tr("How strongly the map covers the picture"))
        self.strength.setAccessibleName(tr("Strength of the map"))
        self.strength.valueChanged.connect(lambda _: self.refresh())
        tip = "Which part of the decision is shown: large forms, marks, or colour"
        self.aspect = choice_box(_ASPECTS, "Aspect of influence", tip)
        self.aspect.activated.connect(lambda _: self.view_changed.emit(self._mode))
        row.addSpacing(6)
        row.addWidget(self.strength)
        row.addWidget(self.aspect)
        tip = "The drawn scene, how far each place is, or which thing it is"
        self.drawn_as = choice_box(_DRAWN_AS, "Drawn as", tip)
        row.addWidget(self.drawn_as)

    def resizeEvent(self, event: QResizeEvent) -> None:
        self._make_room()
        super().resizeEvent(event)

    def _make_room(self) -> None:
        """Buttons have names beside their icons where there is room, and icons alone where not."""
        wide = self.width() * _LINE / self.fontMetrics().height()  # as with text of plain size
        roomy, spacious = wide > _ROOMY, wide > _SPACIOUS
        style = Qt.ToolButtonStyle
        self.say.setToolButtonStyle(style.ToolButtonTextOnly if roomy else style.ToolButtonIconOnly)
        named = style.ToolButtonTextBesideIcon if spacious else style.ToolButtonIconOnly
        for button in (*self.tools.values(), *self.compare.ways.values()):
            button.setToolButtonStyle(named)
            button.setMinimumWidth(0 if spacious else 26)
        self._tight = wide < _TIGHT
        self._show_choices()
        self.strength.setFixedWidth(90 if roomy else 48)
        self.aspect.setFixedWidth(104 if roomy else 72)
        self.zoom.setVisible(roomy)
        if self.bar.minimumSizeHint().width() > self.width():  # in languages of longer words
            self.say.setToolButtonStyle(style.ToolButtonIconOnly)
            self.zoom.hide()

    def put_over(self, widget: QWidget, place: Qt.AlignmentFlag) -> None:
        """Have something over the picture, in its middle or at its lower edge."""
        self._over.put(widget, place)
        self.parts.append(widget)

    def put_above(self, line: QWidget) -> None:
        """Have a line above the picture."""
        self.layout().insertWidget(0, line)  # type: ignore[union-attr]
        self.parts.append(line)

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
        self._make_room()
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
        return self._picture(look(replace(self._state(), flipped=False)).main)

    def flip(self, *, on: bool) -> None:
        """While held, show what the picture is compared with, and name it."""
        self._flipped = on
        if self._mode != "influence":
            named = on and self.images.get(self.other.currentData()) is not None
            caption = self.other.currentText()
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

    def show_stages(self, before: QImage, after: QImage) -> None:
        """Compare two stages of a proof."""
        self.set_mode("proof")
        self.set_image("stage", before)
        self.set_image("stage2", after)
        self.compare_with("stage2", "stage")
        if self.compare.way is None:
            self.compare.ways["wipe"].setChecked(True)

    def commands(self, wipe: Callable[[], object], fit: Callable[[], object]) -> Entries:
        """Views, ways of comparing, zoom; `wipe` and `fit` are each room's own."""
        ways = self.compare.ways
        views = (
            Command("View", text, keys, lambda m=mode: self.set_mode(m))  # type: ignore[misc]
            for mode, text, _, keys in _VIEWS
        )
        return (
            *views,
            None,
            Command("View", "Wipe", "W", wipe),
            Command("View", "Side by side", "Shift+W", ways["beside"].toggle),
            Command("View", "Difference", "D", ways["difference"].toggle),
            Command("View", "Swap sides", "X", self.view.swap_sides),
            None,
            Command("View", "Fit", "F", fit),
            Command("View", "Actual pixels", "1", self.view.actual_pixels),
        )

    def refresh(self) -> None:
        """Show what mode, moment and comparison ask for."""
        seen = look(self._state())
        picture, size = self._picture(seen.main), self._picture(seen.sized)
        self.view.show_image(picture, QSize(768, 512) if size is None else size.size())
        self.view.show_over(self._picture(seen.over), seen.strength)
        captions = (self._caption(seen.named), self.other.currentText())
        self.view.show_other(self._picture(seen.other), captions, self.compare.way or "wipe")
        self.strength.setVisible(self._mode == "map")
        self.aspect.setVisible(self._mode == "influence")
        self.drawn_as.setVisible(self._mode == "drawn")
        self._show_choices()

    def _state(self) -> State:
        """What has been chosen, and which pictures there are."""
        known = {name for name, image in self.images.items() if image is not None}
        return State(
            known=frozenset(known if self._moment is None else known | {MOMENT}),
            mode=self._mode,
            way=self.compare.way,
            left=self.sides.left.currentData(),
            right=self.other.currentData(),
            flipped=self._flipped,
            strength=self.strength.value() / 100,
        )

    def _picture(self, name: str | None) -> QImage | None:
        if name is None:
            return None
        return self._moment if name == MOMENT else self.images.get(name)

    def _caption(self, name: str) -> str:
        """What a picture is called, as in the choice of the left side."""
        return self.sides.left.itemText(self.sides.left.findData(name))

    def _show_choices(self) -> None:
        """Only what is there can be chosen."""
        known = self._state().known
        self.sides.setVisible(self.compare.way is not None)
        self.sides.show_available({*known, VIEW})
        self.buttons[seen_view(self._state())].setChecked(True)
        there = offered(known)
        for mode, button in self.buttons.items():
            button.setEnabled(mode in there or mode == self._mode)
            button.setVisible(button.isEnabled() or not self._tight)
        for button in (*self.tools.values(), *self.compare.ways.values()):
            button.setEnabled(bool(known & {"proof", "source"}))
        for button in self.tools.values():  # their keys and the menu have them
            button.setVisible(not self._tight)
        self.say.setVisible(not self._tight or self._mode not in {"map", "influence", "drawn"})
