"""How a proof is written: format, depth, resolution, colours, and who made it."""

from dataclasses import dataclass

from PySide6.QtCore import Qt, Signal
from PySide6.QtWidgets import (
    QComboBox,
    QDialog,
    QFormLayout,
    QHBoxLayout,
    QLineEdit,
    QSpinBox,
    QWidget,
)

from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import calm_wheel
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.theme import dress


@dataclass(frozen=True)
class Kind:
    """A kind of file: what it is called, its ending, and what it can hold."""

    text: str
    ending: str
    depth: int = 8
    profiled: bool = True
    says: str = ""


KINDS = (
    Kind("PNG", ".png", says="Exact, with the recipe inside"),
    Kind("PNG, 16 bit", ".png", 16, profiled=False, says="Room for grading elsewhere"),
    Kind("TIFF", ".tif", says="Exact, for layout programs"),
    Kind("TIFF, 16 bit", ".tif", 16, profiled=False, says="Room for grading elsewhere"),
    Kind("JPEG", ".jpg", says="Small, to be posted or sent"),
    Kind("WebP", ".webp", says="Smaller still, for the web"),
    Kind(
        "OpenRaster, layers", ".ora", profiled=False,
        says="Regions as layers, stages, maps and source hidden beneath, for painting programs",
    ),
    Kind("Recipe card", ".png", profiled=False, says="One page: proof, references, envelopes"),
    Kind("Recipe card, PDF", ".pdf", profiled=False, says="The same, to be printed"),
)  # fmt: skip
CARDS = ("Recipe card", "Recipe card, PDF")


@dataclass(frozen=True)
class Wanted:
    """What was chosen."""

    kind: Kind
    dpi: float | None
    own_profile: bool
    creator: str
    title: str


class ExportDialog(QDialog):
    """Asks how a proof is to be written; `chosen` carries a `Wanted`."""

    chosen = Signal(object)

    def __init__(self, creator: str, *, has_profile: bool, parent: QWidget) -> None:
        super().__init__(parent)
        dress(self)
        self.setWindowTitle(tr("Export with options"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self._has_profile = has_profile
        self._make_fields(creator)
        form = QFormLayout(self)
        form.setContentsMargins(18, 16, 18, 16)
        form.setHorizontalSpacing(18)
        for name, field in (
            ("Format", self.kind), ("", self.says), ("Resolution", self.dpi),
            ("Colours", self.colours), ("Title", self.title), ("Made by", self.creator),
        ):  # fmt: skip
            form.addRow(name, field)
            field.setAccessibleName(tr(name))
        for field in (self.kind, self.colours, self.dpi):
            calm_wheel(field)
        self.kind.currentIndexChanged.connect(lambda _: self._fit())
        form.addRow(self._buttons())
        self._fit()

    def _make_fields(self, creator: str) -> None:
        self.kind = QComboBox()
        self.kind.addItems([kind.text for kind in KINDS])
        self.says = PlainLabel(role="faint", wraps=True)
        self.says.setMinimumWidth(320)
        self.dpi = QSpinBox()
        self.dpi.setRange(0, 4800)
        self.dpi.setValue(300)
        self.dpi.setSpecialValueText(tr("not said"))
        self.dpi.setSuffix(" dots per inch")
        self.colours = QComboBox()
        self.colours.addItems(["sRGB", "As the source's profile"])
        self.colours.setToolTip(
            tr(
                "The source has a colour profile of its own"
                if self._has_profile
                else "The source has no colour profile of its own"
            )
        )
        self.title = QLineEdit()
        self.title.setMaxLength(200)
        self.creator = QLineEdit(creator)
        self.creator.setMaxLength(200)
        self.creator.setToolTip(tr("Said in the picture, and remembered"))

    def _buttons(self) -> QHBoxLayout:
        row = QHBoxLayout()
        row.addStretch()
        cancel = text_button("Cancel", "Write nothing (Esc)")
        cancel.clicked.connect(self.reject)
        self.go = text_button("Choose a place…", "Where the file is to be, then it is written")
        self.go.clicked.connect(self._choose)
        row.addWidget(cancel)
        row.addWidget(self.go)
        return row

    @property
    def _kind(self) -> Kind:
        return KINDS[self.kind.currentIndex()]

    def _fit(self) -> None:
        """Offer what the kind can hold."""
        kind = self._kind
        self.says.setText(kind.says)
        card = kind.text in CARDS
        self.colours.setEnabled(kind.profiled and self._has_profile)
        self.dpi.setEnabled(not card and kind.ending != ".webp")
        self.creator.setEnabled(not card and kind.ending != ".ora")

    def _choose(self) -> None:
        kind = self._kind
        own = self.colours.isEnabled() and self.colours.currentIndex() == 1
        dpi = float(self.dpi.value()) if self.dpi.isEnabled() and self.dpi.value() else None
        wanted = Wanted(kind, dpi, own, self.creator.text().strip(), self.title.text().strip())
        self.accept()
        self.chosen.emit(wanted)
