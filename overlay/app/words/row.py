"""The words' row on the cue sheet: mute, where, weight, span, and their contours' weight."""

from collections.abc import Callable
from typing import Any

from PySide6.QtCore import QPoint, Qt, Signal
from PySide6.QtGui import QAction
from PySide6.QtWidgets import QHBoxLayout, QMenu, QToolButton, QWidget

from overlay.app.parts.buttons import pop_up
from overlay.app.parts.fields import show_quietly
from overlay.app.parts.icons import glyph, set_icon
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.theme import ROW, tone
from overlay.app.sheet.axis import BAR, HEAD, TAIL, TimeAxis
from overlay.app.sheet.cue_row import letter, weight_box
from overlay.app.sheet.envelope import Envelope, Shape
from overlay.document.recipe import Recipe

_REGION = 62  # pixels


class WordsRow(QWidget):
    """The words as a cue among the others; `change` gets what an edit is called, and keys of
    `words`. It is seen while there are words."""

    hearing_asked = Signal(QPoint)

    def __init__(self, change: Callable[[str, dict[str, Any]], object], axis: TimeAxis) -> None:
        super().__init__()
        self.setFixedHeight(ROW)
        self._change = change
        self._regions: tuple[str, ...] = ()
        self.envelope = Envelope(Recipe().words, tone("ink"), axis)
        self.envelope.setAccessibleName(tr("Envelope of the words"))
        self.envelope.changed.connect(self._shaped)
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(0)
        row.addWidget(self._head())
        row.addWidget(self.envelope, 1)
        self._row = row
        self.contours = QToolButton()
        self.contours.setProperty("chip", "true")
        self.contours.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextBesideIcon)
        self.contours.setAccessibleName(tr("Contours of the words"))
        set_icon(self.contours, "guide")
        self.contours.setToolTip(
            tr("How firmly the drawn contours hold; opens how the words are heard")
        )
        self.contours.clicked.connect(self._ask_hearing)
        row.addSpacing(4)
        row.addWidget(self.contours)
        self.contours.setFixedWidth(TAIL - BAR - 8)
        row.addSpacing(4 + BAR)
        self.hide()

    def put_past(self, lane: QWidget) -> None:
        """Have a lane go on past the axis."""
        self._row.insertWidget(2, lane)

    def _head(self) -> QWidget:
        head = QWidget()
        head.setFixedWidth(HEAD)
        row = QHBoxLayout(head)
        row.setContentsMargins(12, 0, 8, 0)
        row.setSpacing(6)
        self._glyph = PlainLabel()
        self.region = QToolButton()
        self.region.setProperty("chip", "true")
        self.region.setFixedWidth(_REGION)
        self.region.setAccessibleName(tr("Region of the words"))
        self.region.setToolTip(tr("Where contours and colours of the words act"))
        self.region.clicked.connect(self._offer_regions)
        self.mute = letter("M", "Mute: as if there were no words")
        self.mute.setAccessibleName(tr("Mute the words"))
        self.mute.clicked.connect(lambda on: self._change("Mute words", {"muted": on}))
        self.weight = weight_box("Weight: how much the words count beside the cues")
        self.weight.setAccessibleName(tr("Weight of the words"))
        self.weight.valueChanged.connect(lambda v: self._change("Weight", {"weight": v / 100}))
        row.addWidget(self._glyph)
        row.addWidget(PlainLabel(tr("words")), 1)
        row.addWidget(self.region)
        row.addWidget(self.mute)
        row.addSpacing(24 + 6)  # words have no solo
        row.addWidget(self.weight)
        return head

    def show_recipe(self, recipe: Recipe) -> None:
        """Show how a recipe's words are heard."""
        words = recipe.words
        self.setVisible(bool(recipe.prompt.strip()))
        self._glyph.setPixmap(glyph("words", tone("ink").name(), 18))
        self._regions = tuple(recipe.regions)
        where = words.region or tr("whole")
        elided = self.region.fontMetrics().elidedText(
            where, Qt.TextElideMode.ElideRight, _REGION - 12
        )
        self.region.setText(elided)
        self.mute.setChecked(words.muted)
        show_quietly(self.weight, round(100 * words.weight))
        self.envelope.set_cue(words, tone("ink"))
        self.contours.setText(f"{100 * words.contours:.0f} %")

    def region_menu(self) -> QMenu:
        """What the region chip offers."""
        menu = QMenu(self)
        for text, name in (("Whole picture", None), *((name, name) for name in self._regions)):
            action = QAction(tr(text), menu)
            action.triggered.connect(
                lambda _=False, n=name: self._change("Words: where", {"region": n})
            )
            menu.addAction(action)
        return menu

    def _offer_regions(self) -> None:
        pop_up(self.region_menu(), self.region.mapToGlobal(QPoint(0, self.region.height())))

    def _shaped(self, handle: str, shape: Shape) -> None:
        self._change(f"Words: {handle.replace('_', ' ')}", vars(shape))

    def _ask_hearing(self) -> None:
        self.hearing_asked.emit(self.contours.mapToGlobal(QPoint(0, 0)))
