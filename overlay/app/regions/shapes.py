"""How a region is found and shaped: the numbers of its pick, its rim, what is filled or dropped."""

from dataclasses import replace
from typing import Any

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QCheckBox, QGridLayout, QVBoxLayout, QWidget

from overlay.app.parts.fields import SliderField
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain
from overlay.document.regions import Region
from overlay.regions.pick_words import TONES, Pick, read_pick, write_pick
from overlay.studio.making.word_picks import is_worded

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
_WORDS = {
    "colour": "everything of a colour", "like": "what is like a place",
    "inside": "what contours close in", "depth": "a band of depth",
}  # fmt: skip
_USUAL = {"colour": 12, "like": 8, "light": 60, "dark": 40}  # shown where a pick leaves it open


class RegionShapes(QWidget):
    """Edits the selected region's keys; `changed` carries them."""

    changed = Signal(str, dict)

    def __init__(self) -> None:
        super().__init__()
        self._pick: Pick | None = None
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(5)
        self.made_of = PlainLabel(role="faint", wraps=True)
        column.addWidget(self.made_of)
        self.amount = SliderField("Tolerance", "How unlike what belongs to it may be", 0, 100, 1)
        self.amount.settled.connect(self._change_amount)
        self.low = SliderField("From", "Where the band begins; 0 is far, 100 near", 0, 99, 1)
        self.high = SliderField("To", "Where the band ends; 0 is far, 100 near", 1, 100, 1)
        for field in (self.low, self.high):
            field.settled.connect(lambda _: self._change_band())
        for field in (self.amount, self.low, self.high):
            column.addWidget(field)
        self._add_fields(column)
        self._add_checks(column)

    def _add_fields(self, column: QVBoxLayout) -> None:
        self.fields: dict[str, SliderField] = {}
        for key, text, tip, least, most, step in _SHAPES:
            field = SliderField(text, tip, least, most, step)
            whole = key == "drop_specks"
            field.settled.connect(
                lambda v, k=key, w=whole, t=text: self.changed.emit(t, {k: int(v) if w else v})
            )
            self.fields[key] = field
            column.addWidget(field)

    def _add_checks(self, column: QVBoxLayout) -> None:
        grid = QGridLayout()
        self.checks: dict[str, QCheckBox] = {}
        for i, (key, text, tip) in enumerate(_CHECKS):
            check = QCheckBox(tr(text))
            check.setToolTip(tr(tip))
            check.clicked.connect(lambda on, k=key, t=text: self.changed.emit(t, {k: on}))
            self.checks[key] = check
            grid.addWidget(check, i // 2, i % 2)
        column.addLayout(grid)

    def show_region(self, region: Region) -> None:
        """Show a region's present keys."""
        worded = region.pick is not None and is_worded(region.pick)
        self._pick = None if region.pick is None or worded else read_pick(region.pick)
        self.made_of.setText(_made_of(region, self._pick))
        kind = "" if self._pick is None else self._pick.kind
        self.amount.setVisible(kind in _USUAL)
        for field in (self.low, self.high):
            field.setVisible(kind == "depth")
        if self._pick is not None and kind in _USUAL:
            self.amount.label.setText(tr("Lightness" if kind in TONES else "Tolerance"))
            amount = self._pick.amount
            self.amount.set_value(_USUAL[kind] if amount is None else amount)
        if self._pick is not None and kind == "depth":
            self.low.set_value(round(100 * self._pick.band[0]))
            self.high.set_value(round(100 * self._pick.band[1]))
        for key, shape in self.fields.items():
            shape.set_value(getattr(region, key))
        for key, check in self.checks.items():
            check.setChecked(getattr(region, key))

    def _change_amount(self, value: float) -> None:
        if self._pick is not None:
            self._change_pick(self.amount.label.text(), amount=round(value))

    def _change_band(self) -> None:
        low, high = self.low.value, self.high.value
        if self._pick is not None:
            self._change_pick("Band", band=(min(low, high - 1) / 100, high / 100))

    def _change_pick(self, what: str, **parts: Any) -> None:
        assert self._pick is not None
        self.changed.emit(what, {"pick": write_pick(replace(self._pick, **parts))})


def _made_of(region: Region, pick: Pick | None) -> str:
    """What a region is made of, in a few words."""
    strokes = len(region.strokes)
    count = f"{strokes} stroke{'s' if strokes != 1 else ''}"
    if region.pick is not None:
        kind = region.pick if pick is None else _WORDS.get(pick.kind, pick.kind)
        text = f"Picked: {plain(kind)}"
        if region.guide is not None:
            text += f" of {region.guide}"
    elif region.mask is not None:
        text = "From a mask picture"
    else:
        return "Painted" if strokes else "Empty: paint what belongs to it"
    return f"{text}, {count}" if strokes else text
