"""Choosing what is compared with what, and how."""

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import QComboBox, QFrame, QHBoxLayout, QToolButton, QWidget

from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import calm_wheel
from overlay.app.parts.icons import set_icon
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.picture.comparing import Compare
from overlay.app.picture.look import VIEW

_LEFT = (
    (VIEW, "This view"), ("proof", "Proof"), ("source", "Source"), ("drawn", "Drawn"),
    ("last", "Last proof"), ("chosen", "Chosen proof"), ("stage", "Stage before"),
    ("reference", "Reference"),
)  # fmt: skip
_RIGHT = (
    *_LEFT[1:],
    ("chosen2", "Other chosen proof"),
    ("stage2", "Stage after"),
    ("without", "Without the cue"),
)
_WAYS: tuple[tuple[Compare, str, str], ...] = (
    ("wipe", "Wipe", "Compare along a draggable line (W)"),
    ("beside", "Beside", "Compare side by side, with one zoom (Shift+W)"),
    ("difference", "Difference", "See where both differ, four times as strong (D)"),
)


class CompareButtons(QWidget):
    """Wipe, beside, difference, or none of them."""

    changed = Signal()

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(4)
        self.ways: dict[str, QToolButton] = {}
        for way, text, tip in _WAYS:
            button = text_button(text, tip, checkable=True)
            set_icon(button, way)
            button.toggled.connect(lambda on, w=way: self._toggled(w, on=on))
            self.ways[way] = button
            row.addWidget(button)

    @property
    def way(self) -> Compare | None:
        """How pictures are compared, None when they are not."""
        return next((way for way, _, _ in _WAYS if self.ways[way].isChecked()), None)

    def _toggled(self, way: str, *, on: bool) -> None:
        for other, button in self.ways.items():
            if on and other != way and button.isChecked():
                blocked = button.blockSignals(True)
                button.setChecked(False)
                button.blockSignals(blocked)
        self.changed.emit()


class CompareBar(QFrame):
    """Any two of view, proof, source, last proof, chosen proof and reference."""

    changed = Signal()
    swapped = Signal()

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setProperty("panel", "true")
        self.setFixedHeight(32)
        row = QHBoxLayout(self)
        row.setContentsMargins(12, 0, 12, 0)
        row.setSpacing(6)
        self.left = _choices(_LEFT, "What lies left")
        self.right = _choices(_RIGHT, "What lies right")
        self.right.setCurrentIndex(self.right.findData("source"))
        swap = text_button("Swap", "Exchange both sides (X)")
        swap.clicked.connect(self.swapped)
        self.missing = PlainLabel(role="faint")
        row.addStretch()
        row.addWidget(self.left)
        row.addWidget(swap)
        row.addWidget(self.right)
        row.addWidget(self.missing)
        row.addStretch()
        for box in (self.left, self.right):
            box.activated.connect(lambda _: self.changed.emit())

    def choose(self, right: str, left: str = VIEW) -> None:
        """Compare two pictures by their names."""
        self.left.setCurrentIndex(self.left.findData(left))
        self.right.setCurrentIndex(self.right.findData(right))
        self.changed.emit()

    def show_available(self, names: set[str]) -> None:
        """Say when what is chosen is not there, for instance a last proof before the second."""
        gone = [box.currentText() for box in (self.left, self.right)
                if box.currentData() not in names]  # fmt: skip
        self.missing.setText(tr(f"no {gone[0].lower()} yet" if gone else ""))
        for box in (self.left, self.right):
            for i in range(box.count()):
                item = box.model().item(i)  # type: ignore[attr-defined]
                item.setEnabled(box.itemData(i) in names)


def _choices(entries: tuple[tuple[str, str], ...], name: str) -> QComboBox:
    box = QComboBox()
    for key, text in entries:
        box.addItem(tr(text), key)
    box.setAccessibleName(tr(name))
    box.setToolTip(tr(f"{name} in the comparison"))
    box.setMinimumWidth(120)
    box.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
    calm_wheel(box)
    return box
