"""What is done with a region: combined, copied, written, tied to a cue, redone, settled."""

from PySide6.QtCore import Signal
from PySide6.QtGui import QAction
from PySide6.QtWidgets import QHBoxLayout, QMenu, QToolButton, QVBoxLayout, QWidget

from overlay.app.parts.buttons import text_button
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.slider import Slider
from overlay.studio.bench.bench import Bench

_WAYS = (("unite", "Unite with"), ("subtract", "Subtract"), ("intersect", "Intersect with"))


class RegionDeeds(QWidget):
    """Buttons under a region's shape."""

    changed = Signal(str, dict)
    copy_asked = Signal()
    export_asked = Signal()
    teach_asked = Signal(str)  # its name
    use_asked = Signal(bool)  # tie the selected cue to it, or to all but it
    redo_asked = Signal()
    settle_asked = Signal(float, bool)  # departure, whether just the rim

    def __init__(self, bench: Bench) -> None:
        super().__init__()
        self.bench = bench
        self._name: str | None = None
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(5)
        self.combine = _deed("Combine", "Unite with another region, subtract or intersect it")
        self.combine.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self.combining = QMenu(self.combine)
        self.combining.aboutToShow.connect(self._fill_combining)
        self.combine.setMenu(self.combining)
        self.copy = _deed("Copy", "Put a copy of this region at the end, as adjustable as it is")
        self.copy.clicked.connect(lambda _: self.copy_asked.emit())
        self.export = _deed("Export…", "Write the mask to a picture file")
        self.export.clicked.connect(lambda _: self.export_asked.emit())
        self.teach = _deed("Teach…", "Teach what lies in it as a word: an area, a thing, a surface")
        self.teach.clicked.connect(lambda _: self.teach_asked.emit(self._name or ""))
        self.use = _deed("Tie the cue to it", "The selected cue acts here alone")
        self.use.clicked.connect(lambda _: self.use_asked.emit(False))
        self.use_outside = _deed("To all but it", "The selected cue acts everywhere but here")
        self.use_outside.clicked.connect(lambda _: self.use_asked.emit(True))
        tip = "Run this area again with the present cues and another seed; the rest stays"
        self.redo = _deed("Redo here", tip)
        self.redo.clicked.connect(lambda _: self.redo_asked.emit())
        for parts in (
            (self.combine, self.copy, self.export),
            (self.use, self.use_outside),
            (self.redo, self.teach),
        ):
            column.addLayout(_line(*parts))
        self._add_settling(column)

    def _add_settling(self, column: QVBoxLayout) -> None:
        self.departure = Slider()
        self.departure.setRange(5, 60)
        self.departure.setValue(25)
        self.departure.setToolTip(tr("How far settling may depart, 5 to 60 %"))
        self.departure.setAccessibleName(tr("Departure of settling"))
        self.amount = PlainLabel("25 %")
        self.departure.valueChanged.connect(lambda v: self.amount.setText(f"{v} %"))
        line = QHBoxLayout()
        line.addWidget(PlainLabel(tr("Settle")))
        line.addWidget(self.departure, 1)
        line.addWidget(self.amount)
        column.addLayout(line)
        tip = "Pull once more with little freedom, so that rims disappear"
        self.settle_whole = _deed("The whole", tip)
        self.settle_whole.clicked.connect(lambda _: self._settle(rim=False))
        self.settle_rim = _deed("Just the rim", "Only a band around this region's rim")
        self.settle_rim.clicked.connect(lambda _: self._settle(rim=True))
        column.addLayout(_line(self.settle_whole, self.settle_rim))
        self.rim = PlainLabel(role="faint")
        column.addWidget(self.rim)

    def show_region(self, name: str) -> None:
        """Offer what can be done with a region."""
        self._name = name
        proof = self.bench.proof
        self.redo.setEnabled(proof is not None)
        for button in (self.use, self.use_outside):
            button.setEnabled(self.bench.selected_cue is not None)
        value = None if proof is None else proof.measures.get("rim", {}).get(name)
        said = "" if value is None else f"Rim in the proof: {value:.2f} (1 is invisible)"
        self.rim.setText(tr(said))

    def _settle(self, *, rim: bool) -> None:
        self.settle_asked.emit(self.departure.value() / 100, rim)

    def _fill_combining(self) -> None:
        """Regions before this one, in three ways; those in use are marked."""
        self.combining.clear()
        regions = self.bench.project.recipe.regions
        if self._name not in regions:
            return
        before = list(regions)[: list(regions).index(self._name)]
        for key, verb in _WAYS:
            for other in before:
                action = QAction(f"{verb} {other}", self.combining)
                action.setCheckable(True)
                action.setChecked(other in getattr(regions[self._name], key))
                action.triggered.connect(
                    lambda on, k=key, o=other, v=verb: self._combine(k, o, v, on=on)
                )
                self.combining.addAction(action)
        if not before:
            none = QAction(tr("There is no region before this one"), self.combining)
            none.setEnabled(False)
            self.combining.addAction(none)

    def _combine(self, key: str, other: str, verb: str, *, on: bool) -> None:
        assert self._name is not None
        old = [o for o in getattr(self.bench.project.recipe.regions[self._name], key) if o != other]
        self.changed.emit(f"{verb} {other}", {key: [*old, other] if on else old})


def _deed(text: str, tip: str) -> QToolButton:
    return text_button(text, tip, stretched=True)


def _line(*buttons: QToolButton) -> QHBoxLayout:
    row = QHBoxLayout()
    row.setSpacing(4)
    for button in buttons:
        row.addWidget(button, 1)
    return row
