"""The card of a pass: what it does, how far, by whom, and what comes out."""

from typing import Any

from PySide6.QtCore import Signal
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QFrame,
    QHBoxLayout,
    QSpinBox,
    QToolButton,
    QWidget,
)

from overlay.app.parts.buttons import scrolled_column, text_button
from overlay.app.parts.fields import SliderField, calm_wheel, keep_narrow, show_quietly
from overlay.app.parts.icons import set_icon
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.document.passes import RUN_FROM, AnyPass, Enlarge, Settle

_SAYS = {
    "settle": "The whole once more with little freedom, so that rims of regions disappear.",
    "refine": "The whole once more with little departure: artefacts go, marks come out.",
    "enlarge": (
        "The picture larger. At departure 0 faithful, nothing added; above, marks are drawn again "
        "from the references' own finer detail; beyond 30 % it is run again at its new size."
    ),
}
_EVERYWHERE = "Everywhere, most along rims"
_MARKS = (("Marks grow with it", "grow"), ("Marks stay as fine", "stay"))


class PassCard(QFrame):
    """Shows the selected pass; `changed` carries what it is called, and keys of the pass."""

    changed = Signal(str, dict)
    heard = Signal(str, bool)
    moved = Signal(int)  # by so many places
    remove_asked = Signal()
    compare_asked = Signal()
    left = Signal()

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setProperty("panel", "true")
        self._showing = False
        layout = scrolled_column(self)
        layout.setContentsMargins(14, 10, 14, 10)
        layout.setSpacing(8)
        layout.addLayout(self._title_row())
        self.says = PlainLabel(role="faint", wraps=True)
        self.on = QCheckBox(tr("Runs with the next pull"))
        self.on.setToolTip(tr("Without the tick the pass is kept, but not run"))
        self.on.clicked.connect(lambda on: self._change("On" if on else "Off", off=not on))
        self._make_fields()
        self.result = PlainLabel(wraps=True)
        self.cues = PlainLabel(tr("Cues that take part"), role="faint")
        self._boxes: list[QCheckBox] = []
        for part in (self.says, self.on, self.departure, self.factor, self.marks, self.rim):
            layout.addWidget(part)
        layout.addLayout(self._seed_row())
        layout.addWidget(self.result)
        layout.addWidget(self.cues)
        self._column = layout
        self.compare = text_button(
            "Compare with before", "Wipe between this stage and the one before", stretched=True
        )
        self.compare.clicked.connect(self.compare_asked)
        layout.addWidget(self.compare)
        layout.addLayout(self._order_row())
        layout.addStretch()

    def _make_fields(self) -> None:
        """What is set, by what a kind of pass has."""
        self.departure = SliderField("Departure", "How far the pass may go, in percent", 0, 50, 1)
        self.departure.settled.connect(lambda v: self._change("Departure", departure=v / 100))
        self.factor = SliderField("Factor", "How many times as high and wide", 1.25, 4, 0.05)
        self.factor.settled.connect(lambda v: self._change("Factor", factor=round(v, 2)))
        self.marks = _choice("Marks", "Whether marks become larger with the picture")
        for text, key in _MARKS:
            self.marks.addItem(tr(text), key)
        self.marks.activated.connect(
            lambda _: self._change("Marks", marks=self.marks.currentData())
        )
        self.rim = _choice("Where it settles", "Along the rim of one region, or the whole")
        self.rim.activated.connect(lambda _: self._change("Rim", rim_of=self.rim.currentData()))

    def _title_row(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.title = PlainLabel(role="title")
        remove = QToolButton()
        set_icon(remove, "remove")
        remove.setToolTip(tr("Remove this pass (Del)"))
        remove.setAccessibleName(tr("Remove pass"))
        remove.clicked.connect(self.remove_asked)
        self.remove = remove
        self.back = text_button("Cue", "Back to the selected cue (Esc)")
        self.back.clicked.connect(self.left)
        row.addWidget(self.title, 1)
        row.addWidget(self.back)
        row.addWidget(remove)
        return row

    def _seed_row(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.seed = QSpinBox()
        self.seed.setRange(0, 2**31 - 1)
        self.seed.setKeyboardTracking(False)
        self.seed.setAccessibleName(tr("Seed of the pass"))
        self.seed.setToolTip(tr("Another seed runs this pass again; what came before stays"))
        self.seed.valueChanged.connect(lambda v: self._change("Seed", seed=v))
        calm_wheel(self.seed)
        self.own_seed = QCheckBox(tr("Seed of its own"))
        self.own_seed.setToolTip(tr("Without the tick it follows the run's seed"))
        self.own_seed.clicked.connect(
            lambda on: self._change("Seed", seed=self.seed.value() if on else None)
        )
        row.addWidget(self.own_seed, 1)
        row.addWidget(self.seed)
        return row

    def _order_row(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.earlier = text_button("Earlier", "Run it before the pass before it", stretched=True)
        self.later = text_button("Later", "Run it after the pass after it", stretched=True)
        self.earlier.clicked.connect(lambda: self.moved.emit(-1))
        self.later.clicked.connect(lambda: self.moved.emit(1))
        row.addWidget(self.earlier)
        row.addWidget(self.later)
        return row

    def show_pass(
        self,
        later: AnyPass,
        place: tuple[int, int],
        *,
        cues: list[str],
        regions: list[str],
        size: tuple[int, int],
    ) -> None:
        """Show a pass.

        Parameters
        ----------
        place : which one it is, and how many there are.
        cues : names of those that can take part. size : (width, height) that comes out.
        """
        self._showing = True
        self.title.setText(tr(f"{later.title}, pass {place[0] + 1}"))
        self.says.setText(tr(_SAYS[later.kind]))
        self.on.setChecked(not later.off)
        self.departure.set_value(round(100 * later.departure))
        enlarging, settling = isinstance(later, Enlarge), isinstance(later, Settle)
        for part in (self.factor, self.marks):
            part.setVisible(enlarging)
        self.rim.setVisible(settling)
        if isinstance(later, Enlarge):
            self.factor.set_value(later.factor)
            self.marks.setCurrentIndex(self.marks.findData(later.marks))
        if isinstance(later, Settle):
            self._show_rims(later, regions)
        self.own_seed.setChecked(later.seed is not None)
        # Faithful enlarging and the octave have no chance in them.
        self.own_seed.setEnabled(later.runs)
        self.seed.setEnabled(later.runs and later.seed is not None)
        show_quietly(self.seed, later.seed or 0)
        self.result.setText(tr(f"{size[0]} x {size[1]} pixels{how_enlarged(later)}"))
        self._show_cues(later, cues)
        self.earlier.setEnabled(place[0] > 0)
        self.later.setEnabled(place[0] < place[1] - 1)
        self._showing = False

    def _show_rims(self, later: Settle, regions: list[str]) -> None:
        self.rim.clear()
        self.rim.addItem(tr(_EVERYWHERE), None)
        for name in regions:
            self.rim.addItem(tr(f"Rim of {name}"), name)
        self.rim.setCurrentIndex(max(self.rim.findData(later.rim_of), 0))

    def _show_cues(self, later: AnyPass, names: list[str]) -> None:
        """A tick for every cue that can take part."""
        while len(self._boxes) < len(names):
            box = QCheckBox()
            box.clicked.connect(lambda on, b=box: self.heard.emit(b.text().replace("&&", "&"), on))
            self._column.insertWidget(self._column.indexOf(self.cues) + 1 + len(self._boxes), box)
            self._boxes.append(box)
        for i, box in enumerate(self._boxes):
            box.setVisible(i < len(names))
            if i < len(names):
                box.setText(names[i].replace("&", "&&"))
                box.setAccessibleName(tr(f"{names[i]} takes part"))
                box.setChecked(later.hears(names[i]))

    def _change(self, what: str, **changes: Any) -> None:
        if not self._showing:
            self.changed.emit(what, changes)


def _choice(name: str, tip: str) -> QComboBox:
    box = QComboBox()
    box.setAccessibleName(tr(name))
    box.setToolTip(tr(tip))
    keep_narrow(box)
    return box


def how_enlarged(later: AnyPass) -> str:
    """What an enlarging pass will do, in words."""
    if not isinstance(later, Enlarge):
        return ""
    if later.departure == 0:
        return ", faithful"
    if later.marks == "stay":
        return ", run again with finer marks"
    if later.departure <= RUN_FROM:
        share = later.departure / RUN_FROM
        return ", marks drawn again" if share == 1 else f", marks {100 * share:.0f} % drawn again"
    return ", drawn again, then run again"
