"""How the words are heard: how far they push, when, where, and how firmly their contours hold."""

from collections.abc import Callable, Iterable
from functools import partial

from PySide6.QtCore import QPoint, Qt
from PySide6.QtWidgets import QComboBox, QFrame, QGridLayout

from overlay.app.parts.fields import keep_narrow, percent_field, show_quietly
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain
from overlay.app.parts.theme import dress
from overlay.document.recipe import Recipe

_GUIDANCE = (
    "guidance", "Guidance",
    "How far the words push beyond what references and source say; none is as if there were none",
    1000,
)  # fmt: skip
_FIELDS = (
    ("weight", "Weight", "How much the words count beside the cues", 200),
    ("contours", "Contours", "How firmly the drawn scene's contours hold the marks", 200),
    ("enter", "Enter", "When the contours begin to hold", 100),
    ("leave", "Leave", "When they let go", 100),
    ("fade_in", "Fade in", "How long they take to reach their weight", 100),
    ("fade_out", "Fade out", "How long they take to let go", 100),
)
_WHOLE = "Everywhere"


class Hearing(QFrame):
    """A small panel over the picture; `change` gets what it is called, and keys of the recipe."""

    def __init__(self, change: Callable[..., object]) -> None:
        super().__init__(None, Qt.WindowType.Popup)
        self._change = change
        self._words: dict[str, object] = {}
        self.setProperty("panel", "true")
        grid = QGridLayout(self)
        grid.setContentsMargins(12, 10, 12, 10)
        grid.setHorizontalSpacing(8)
        grid.setVerticalSpacing(6)
        key, label, tip, most = _GUIDANCE
        self.fields = {key: percent_field(label, tip, most, self._set_guidance)}
        for key, label, tip, most in _FIELDS:
            self.fields[key] = percent_field(label, tip, most, partial(self._set, key, label))
        names = (_GUIDANCE, *_FIELDS)
        for place, (key, label, _, _) in enumerate(names):
            row, column = divmod(place + (place > 0), 2)
            self.fields[key].setFixedWidth(72)
            grid.addWidget(PlainLabel(tr(label)), row, 2 * column)
            grid.addWidget(self.fields[key], row, 2 * column + 1)
        self.where = QComboBox()
        self.where.setAccessibleName(tr("Where the words act"))
        self.where.setToolTip(tr("Where contours and colours of the words act"))
        keep_narrow(self.where)
        self.where.activated.connect(self._where_chosen)
        grid.addWidget(PlainLabel(tr("Where")), 4, 0)
        grid.addWidget(self.where, 4, 1, 1, 3)

    def show_recipe(self, recipe: Recipe) -> None:
        """Show how the words of a recipe are heard."""
        self._words = recipe.words.model_dump(mode="json")
        show_quietly(self.fields["guidance"], round(100 * recipe.guidance))
        for key, _, _, _ in _FIELDS:
            show_quietly(self.fields[key], round(100 * getattr(recipe.words, key)))
        self._show_regions(recipe.regions, recipe.words.region)

    def open_at(self, place: QPoint) -> None:
        """Show itself under a place on the screen, its right edge there."""
        dress(self)
        self.adjustSize()
        self.move(place - QPoint(self.width() - 60, -4))
        self.show()
        self.fields["guidance"].setFocus()

    def _show_regions(self, regions: Iterable[str], chosen: str | None) -> None:
        self.where.clear()
        self.where.addItem(tr(_WHOLE), None)
        for name in regions:
            self.where.addItem(plain(name), name)
        self.where.setCurrentIndex(max(self.where.findData(chosen), 0))

    def _set_guidance(self, value: float) -> None:
        self._change("Guidance", guidance=round(value, 4))

    def _set(self, key: str, label: str, value: float) -> None:
        self._change(f"Words: {label.lower()}", words=self._words | {key: round(value, 4)})

    def _where_chosen(self, place: int) -> None:
        region = self.where.itemData(place)
        self._change("Words: where", words=self._words | {"region": region})
