"""What a new region may be made of, as a menu."""

from collections.abc import Callable
from functools import partial

from PySide6.QtCore import Signal
from PySide6.QtGui import QAction
from PySide6.QtWidgets import QLineEdit, QMenu, QWidget, QWidgetAction

from overlay.app.parts.language import tr
from overlay.regions.pick_words import PLAIN, TONES

# Made by clicking a place of the picture; the words are what the click is to tell.
PLACES = (
    ("colour", "A colour, everywhere…", "Click a colour of the picture; all that is like it."),
    ("patch", "A colour, where it hangs together…", "Click a colour; what touches the place."),
    ("like", "Like a place…", "Click a place; what resembles it grows from there."),
    ("inside", "Inside contours…", "Click between contours; what they close in."),
)


class SourceMenu(QMenu):
    """Offers to paint, to pick, to click a place, a part of a drawing or of the proof, a file."""

    asked = Signal(object)  # what to pick, or None for an empty one
    place_asked = Signal(str)
    traced = Signal(str)  # the cue
    drawn = Signal(str)  # the part
    file_asked = Signal()

    def __init__(
        self,
        traced: Callable[[], list[str]],
        parts: Callable[[], list[str]],
        parent: QWidget | None = None,
    ) -> None:
        super().__init__(parent)
        self._add(self, "Painted", lambda: self.asked.emit(None))
        self.addSeparator()
        for what in (*PLAIN, *TONES):
            self._add(self, what.capitalize(), partial(self.asked.emit, what))
        self._add(self, "A band of depth", lambda: self.asked.emit("depth~30-70"))
        self._add_words()
        self.addSeparator()
        for kind, text, tip in PLACES:
            self._add(self, text, partial(self.place_asked.emit, kind)).setToolTip(tr(tip))
        self.addSeparator()
        self.cues = self._below("What came from", traced, self.traced.emit, "Pull a proof first")
        self.parts = self._below(
            "Drawn part", parts, self.drawn.emit, "The source is not drawn here"
        )
        self._add(self, "A mask picture…", self.file_asked.emit)
        self.setToolTipsVisible(True)

    def _add_words(self) -> None:
        """A field for what is to be picked, in the prompt's words."""
        self.words = QLineEdit()
        self.words.setPlaceholderText(tr("In words: red roof, water at left"))
        self.words.setAccessibleName(tr("Pick in words"))
        self.words.setMinimumWidth(220)
        self.words.returnPressed.connect(self._said)
        held = QWidgetAction(self)
        held.setDefaultWidget(self.words)
        self.addAction(held)

    def _said(self) -> None:
        text = self.words.text().strip()
        self.words.clear()
        self.close()
        if text:
            self.asked.emit(text)

    def _add(self, menu: QMenu, text: str, do: Callable[[], object]) -> QAction:
        action = QAction(tr(text), menu)
        action.triggered.connect(lambda _=False: do())
        menu.addAction(action)
        return action

    def _below(
        self,
        text: str,
        names: Callable[[], list[str]],
        chosen: Callable[[str], object],
        nothing: str,
    ) -> QMenu:
        """A menu whose names are looked up when it opens."""
        below = QMenu(tr(text), self)

        def fill() -> None:
            below.clear()
            for name in names():
                self._add(below, name, partial(chosen, name))
            if below.isEmpty():
                self._add(below, nothing, lambda: None).setEnabled(False)

        below.aboutToShow.connect(fill)
        self.addMenu(below)
        return below
