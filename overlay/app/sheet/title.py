"""The title of the cue sheet: how references meet, and what adds a cue."""

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QComboBox, QHBoxLayout, QMenu, QWidget

from overlay.app.parts.buttons import adding_button
from overlay.app.parts.fields import calm_wheel
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel

_KINDS = (
    ("Reference picture…", "reference"),
    ("Swatches", "swatches"),
    ("Guide: edges", "edges"),
    ("Guide: outline", "outline"),
    ("Guide: lines", "lines"),
    ("Guide: depth", "depth"),
    ("Guide: blocks", "blocks"),
    ("Guide: pose", "pose"),
    ("Avoided picture…", "avoided"),
)


class SheetTitle(QWidget):
    """Name, how references meet, and the button that adds."""

    add_asked = Signal(str)  # reference, swatches, edges or avoided
    blend_chosen = Signal(str)

    def __init__(self) -> None:
        super().__init__()
        row = QHBoxLayout(self)
        row.setContentsMargins(12, 0, 8, 0)
        label = PlainLabel(tr("Cue sheet"), role="title")
        tip = "Add a cue: a reference, swatches, a guide, a picture to avoid"
        self.add = adding_button("Cue", tip)
        menu = QMenu(self.add)
        for text, kind in _KINDS:
            action = menu.addAction(tr(text))
            action.triggered.connect(lambda _=False, k=kind: self.add_asked.emit(k))
        self.add.setMenu(menu)
        self.blend = QComboBox()
        for text in ("Share", "Mix"):
            self.blend.addItem(tr(text), text)
        self.blend.setToolTip(
            tr(
                "How several references meet. Share: each mark comes from one of them, areas "
                "follow their weights. Mix: they are averaged and made crisp again."
            )
        )
        self.blend.setAccessibleName(tr("How references meet"))
        calm_wheel(self.blend)
        self.blend.activated.connect(lambda i: self.blend_chosen.emit(self.blend.itemData(i)))
        row.addWidget(label)
        row.addStretch()
        row.addWidget(self.blend)
        row.addWidget(self.add)
