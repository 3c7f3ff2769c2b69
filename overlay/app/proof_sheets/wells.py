"""A well takes one setting and the values that it goes through."""

import json
from collections.abc import Sequence
from pathlib import Path
from typing import Any

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QDragEnterEvent, QDropEvent
from PySide6.QtWidgets import (
    QBoxLayout,
    QFrame,
    QLineEdit,
    QListWidget,
    QListWidgetItem,
    QSizePolicy,
    QSpinBox,
    QWidget,
)

from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import calm_wheel
from overlay.app.parts.icons import set_icon
from overlay.app.parts.language import tr
from overlay.app.parts.offers import dragged_setting
from overlay.app.parts.plain import PlainLabel, plain, plain_tip
from overlay.app.parts.setting_chooser import SettingChooser
from overlay.app.parts.titles import setting_name, setting_value
from overlay.document.recipe import Recipe
from overlay.document.sets.sheets import Axis
from overlay.document.text.json_text import RecipeError
from overlay.studio.sheets.axes import make_axis, spread, typed_values
from overlay.studio.sheets.settings import Setting

_PLACEHOLDERS = {
    "number": "values: 30 50 90", "size": "sizes: 384x256 768x512",
    "words": "words: heron, swan, none",
}  # fmt: skip
TYPED = ("number", "size", "words")  # kinds of settings whose values are typed

_VALUE = Qt.ItemDataRole.UserRole


class Well(QFrame):
    """Where a setting is put; numbers are typed or spread, all else is ticked.

    Signals
    -------
    changed : another setting, or other values. asked : the list of settings is wanted.
    """

    changed = Signal()
    dropped = Signal(str)

    def __init__(self, name: str, *, upright: bool) -> None:
        super().__init__()
        self.setProperty("panel", "true")
        self.setAcceptDrops(True)
        self.setAccessibleName(tr(f"Well {name}"))
        self.name, self.setting = name, None
        self._upright = upright
        self.chip = text_button("", f"Choose which setting varies {name.lower()}")
        self.chip.setAccessibleName(tr(f"Setting {name.lower()}"))
        policy = QSizePolicy.Policy
        self.chip.setSizePolicy(policy.Expanding if upright else policy.Maximum, policy.Fixed)
        self.clear = text_button("", f"Vary nothing {name.lower()}")
        self.clear.setAccessibleName(tr(f"Empty the well {name.lower()}"))
        set_icon(self.clear, "remove")
        self.clear.clicked.connect(lambda: self.put(None))
        self.typed = QLineEdit()
        self.typed.setAccessibleName(tr(f"Values {name.lower()}"))
        self.typed.setPlaceholderText(tr(_PLACEHOLDERS["number"]))
        self.typed.textChanged.connect(lambda _: self.changed.emit())
        self.ticks = QListWidget()
        self.ticks.setAccessibleName(tr(f"Choices {name.lower()}"))
        self.ticks.itemChanged.connect(lambda _: self.changed.emit())
        self.ticks.setFlow(
            QListWidget.Flow.TopToBottom if upright else QListWidget.Flow.LeftToRight
        )
        self._lay_out()
        self.put(None)

    setting: Setting | None

    def _lay_out(self) -> None:
        direction = QBoxLayout.Direction
        box = QBoxLayout(direction.TopToBottom if self._upright else direction.LeftToRight, self)
        box.setContentsMargins(10, 6, 10, 6)
        box.setSpacing(6)
        title = PlainLabel(tr(self.name), role="faint")
        head = QBoxLayout(direction.LeftToRight)
        head.addWidget(title)
        head.addWidget(self.chip, int(self._upright))
        head.addWidget(self.clear)
        box.addLayout(head)
        box.addWidget(self.typed, 0 if self._upright else 1)
        box.addWidget(self._spreading())
        box.addWidget(self.ticks, 1)
        box.addStretch(int(not self._upright) or 1)
        if not self._upright:
            self.setFixedHeight(46)

    def _spreading(self) -> QWidget:
        """From, to and how many, which fill the values."""
        self.spreading = QWidget()
        row = QBoxLayout(QBoxLayout.Direction.LeftToRight, self.spreading)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(3)
        self.first, self.last = QLineEdit(), QLineEdit()
        self.count = QSpinBox()
        self.count.setRange(2, 400)
        self.count.setValue(4)
        self.count.setProperty("beside", "fields")  # as high as these
        calm_wheel(self.count)
        for field, word, wide in (
            (self.first, "from", 38), (self.last, "to", 38), (self.count, "in", 44),
        ):  # fmt: skip
            field.setFixedWidth(wide)
            field.setAccessibleName(f"{tr(word)} ({tr(self.name.lower())})")
            field.setToolTip(tr("Spread values evenly: from, to, how many"))
            label = PlainLabel(tr(word), role="faint")
            row.addWidget(label)
            row.addWidget(field)
        for field in (self.first, self.last):
            field.textEdited.connect(lambda _: self._spread())
        self.count.valueChanged.connect(lambda _: self._spread())
        row.addStretch()
        return self.spreading

    # Settings -------------------------------------------------------------------------------

    def put(
        self, setting: Setting | None, values: Sequence[Any] = (), pictures: Sequence[Path] = ()
    ) -> None:
        """Hold a setting, with values if they are known, and the pictures to choose from."""
        self.setting = setting
        number = setting is not None and setting.kind in TYPED
        spreads = setting is not None and setting.kind == "number"
        self.typed.setVisible(number)
        self.spreading.setVisible(spreads)
        self.ticks.setVisible(setting is not None and not number)
        self.clear.setVisible(setting is not None)
        text = tr("Choose a setting…") if setting is None else setting_name(setting)
        self.chip.setText(plain(text if len(text) < 30 else text[:29] + "…"))
        self.chip.setToolTip(plain_tip(text))
        if setting is not None and number:
            self._show_numbers(setting, values)
        elif setting is not None:
            self._show_ticks(setting, values, pictures)
        self.changed.emit()

    def _show_numbers(self, setting: Setting, values: Sequence[Any]) -> None:
        low, high = _usual_range(setting) if setting.kind == "number" else (0.0, 1.0)
        tried = [] if setting.kind != "number" else [round(v, 2) for v in spread(low, high, 4, "")]
        shown = list(values) or tried
        if setting.kind == "words":
            shown = list(values) or [setting.now]
        self.typed.setPlaceholderText(tr(_PLACEHOLDERS[setting.kind]))
        if setting.whole:
            shown = [round(v) for v in shown]
        self.typed.setText(_text_of(shown, setting))
        factor = 100 if setting.percent else 1
        self.first.setText(f"{low * factor:g}")
        self.last.setText(f"{high * factor:g}")
        self.count.blockSignals(True)
        self.count.setValue(max(len(shown), 2))
        self.count.blockSignals(False)

    def _show_ticks(
        self, setting: Setting, values: Sequence[Any], pictures: Sequence[Path]
    ) -> None:
        choices: list[Any] = list(setting.choices)
        if setting.kind == "picture":
            own = [] if setting.now is None else [setting.now]
            choices = list(dict.fromkeys([*own, *map(str, pictures), *values]))
            if setting.key == "source":
                choices.append(None)
        self.ticks.blockSignals(True)
        self.ticks.clear()
        for choice in choices:
            item = QListWidgetItem(setting_value(choice, setting))
            item.setData(_VALUE, (choice,))
            item.setFlags(item.flags() | Qt.ItemFlag.ItemIsUserCheckable)
            ticked = choice in values if values else setting.kind != "picture" or choice is not None
            item.setCheckState(Qt.CheckState.Checked if ticked else Qt.CheckState.Unchecked)
            item.setToolTip(plain_tip(str(choice)))
            self.ticks.addItem(item)
        self.ticks.blockSignals(False)

    def _spread(self) -> None:
        """Fill the values evenly, where both ends are numbers."""
        if self.setting is None:
            return
        try:
            ends = [typed_values(f.text(), self.setting)[0] for f in (self.first, self.last)]
            fine = spread(ends[0], ends[1], self.count.value(), self.name)
            values = [round(v, 2) for v in fine] if len(set(fine)) < 50 else fine
        except (RecipeError, IndexError):
            return
        if self.setting.whole:
            values = list(dict.fromkeys(float(round(v)) for v in values))
        self.typed.setText(_text_of(values, self.setting))

    def axis(self, recipe: Recipe) -> Axis | None:
        """The setting with its values; None where there is none; raises `RecipeError`."""
        if self.setting is None:
            return None
        if self.setting.kind in TYPED:
            values = typed_values(self.typed.text(), self.setting)
        else:
            items = [self.ticks.item(i) for i in range(self.ticks.count())]
            ticked = [i for i in items if i.checkState() == Qt.CheckState.Checked]
            values = [item.data(_VALUE)[0] for item in ticked]
        if not values:
            raise RecipeError(f"{self.setting.title}: at least one value must be given, got none")
        return make_axis(self.setting.key, values, recipe, self.name)

    # Drops ----------------------------------------------------------------------------------

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        if dragged_setting(event.mimeData()) is not None:
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        key = dragged_setting(event.mimeData())
        if key is not None:
            event.acceptProposedAction()
            self.dropped.emit(key)


def open_chooser(chooser: SettingChooser, well: Well, settings: Sequence[Setting]) -> None:
    """List settings under a well's chip."""
    chooser.show_settings(settings)
    chooser.open_under(well.chip)


def _usual_range(setting: Setting) -> tuple[float, float]:
    """Where values are worth trying, of settings whose bounds are wide."""
    last = setting.key.rpartition(".")[2]
    now = float(setting.now or 0)
    if last == "seed":
        return now, now + 3
    usual = {
        "departure": (0.3, 0.9), "weight": (0.2, 1.0), "leave": (0.4, 1.0), "enter": (0.0, 0.6),
        "steps": (8, 32), "scale": (0.5, 2.0), "grow": (-12, 12), "feather": (0, 24),
    }  # fmt: skip
    low, high = usual.get(last, (setting.low, setting.high))
    return max(low, setting.low), min(high, setting.high)


def _quoted(value: Any) -> str:
    """Words as they are typed in a well, where commas part values."""
    if value is None:
        return "none"
    return json.dumps(value, ensure_ascii=False) if "," in value else str(value)


def _text_of(values: Sequence[Any], setting: Setting) -> str:
    if setting.kind == "words":
        return ", ".join(_quoted(value) for value in values)
    if setting.kind == "size":
        return " ".join(
            "x".join(map(str, v)) if isinstance(v, list | tuple) else str(v) for v in values
        )
    factor = 100 if setting.percent else 1
    return " ".join(f"{value * factor:.10g}" for value in values)
