"""The cue card's part for when and where a cue acts, and how much."""

from collections.abc import Callable
from functools import partial

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QComboBox, QGridLayout, QWidget

from overlay.app.parts.fields import keep_narrow, percent_field, show_quietly
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain
from overlay.document.cues import Cue

_WHOLE = "Everywhere"
_FIELDS = (
    ("weight", "Weight", "How much this cue counts against the others", 200),
    ("enter", "Enter", "When the cue begins to act", 100),
    ("leave", "Leave", "When the cue stops acting", 100),
    ("fade_in", "Fade in", "How long it takes to reach its weight", 100),
    ("fade_out", "Fade out", "How long it takes to let go", 100),
)


class SpanPart(QWidget):
    """Edits weight, span and region of any cue."""

    region_asked = Signal()

    def __init__(self, change: Callable[..., None]) -> None:
        super().__init__()
        self._change = change
        self._chosen = 0  # which entry of `where` is the cue's own
        grid = QGridLayout(self)
        grid.setContentsMargins(0, 4, 0, 0)
        grid.setHorizontalSpacing(8)
        grid.setVerticalSpacing(6)
        self.fields = {}
        for place, (key, label, tip, most) in enumerate(_FIELDS):
            field = percent_field(label, tip, most, partial(self._set_field, key, label))
            field.setFixedWidth(66)
            self.fields[key] = field
            row, column = divmod(place + (place > 0), 2)
            grid.addWidget(PlainLabel(tr(label)), row, 2 * column)
            grid.addWidget(field, row, 2 * column + 1)
        self.where = QComboBox()
        self.where.setToolTip(tr("Where in the picture the cue acts"))
        self.where.setAccessibleName(tr("Region"))
        keep_narrow(self.where)
        self.where.activated.connect(self._where_chosen)
        grid.addWidget(PlainLabel(tr("Where")), 3, 0)
        grid.addWidget(self.where, 3, 1, 1, 3)

    def show_cue(self, cue: Cue, regions: list[str]) -> None:
        """Show a cue's span and region among those there are."""
        for key, field in self.fields.items():
            show_quietly(field, round(getattr(cue, key) * 100))
        self.where.clear()
        self.where.addItem(tr(_WHOLE), (None, False))
        for name in regions:
            self.where.addItem(plain(name), (name, False))
            self.where.addItem(tr(f"All but {name}"), (name, True))
        self.where.insertSeparator(self.where.count())
        self.where.addItem(tr("Mask from a picture…"), "ask")
        self._chosen = 0
        wanted = (cue.region, cue.invert_region)
        for i in range(self.where.count()):
            data = self.where.itemData(i)
            if data is not None and data != "ask" and tuple(data) == wanted:
                self._chosen = i
        self.where.setCurrentIndex(self._chosen)

    def _set_field(self, key: str, what: str, value: float) -> None:
        self._change(what, **{key: value})

    def _where_chosen(self, place: int) -> None:
        chosen = self.where.itemData(place)
        if chosen == "ask":
            self.where.setCurrentIndex(self._chosen)  # until there is a region to choose
            self.region_asked.emit()
        elif chosen is not None:
            region, inverted = chosen
            self._change("Region", region=region, invert_region=inverted)
