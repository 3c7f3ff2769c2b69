"""The cue card: everything about the selected cue."""

from pathlib import Path

from PySide6.QtCore import QSize, Qt, Signal
from PySide6.QtGui import QImage, QResizeEvent
from PySide6.QtWidgets import (
    QFrame,
    QHBoxLayout,
    QLineEdit,
    QScrollBar,
    QStackedWidget,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.card.guide_part import GuidePart
from overlay.app.card.notes_part import NotesPart
from overlay.app.card.reference_part import FacetsPage, PicturePage, PlacePage
from overlay.app.card.reference_view import HIGH, LOW, ReferenceView
from overlay.app.card.span_part import SpanPart
from overlay.app.card.swatch_part import SwatchPart
from overlay.app.parts.buttons import scrolled_column, tab_button
from overlay.app.parts.fields import SliderField
from overlay.app.parts.icons import set_icon
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.theme import PANEL
from overlay.document.cues import AvoidedCue, GuideCue, ReferenceCue, SwatchesCue
from overlay.studio.bench.bench import Bench
from overlay.studio.inputs.checks import Finding

_ROOMY = 440  # pixels of height from which the reference is seen large
_TABS = {
    "Facets": "What is taken from the reference, and how much",
    "Picture": "Which part of it is used, and how it is prepared",
    "Place": "Where it lies on the frame",
    "Span": "How much, when and where the cue acts",
}


class CueCard(QFrame):
    """Shows the selected cue; `changed` carries what it is called, and keys of the cue."""

    changed = Signal(str, dict)
    remove_asked = Signal()
    region_asked = Signal()
    effect_asked = Signal()

    def __init__(self, bench: Bench, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setAutoFillBackground(True)
        self.setBackgroundRole(PANEL)
        self.bench = bench
        layout = scrolled_column(self)
        layout.setContentsMargins(14, 10, 14, 10)
        layout.setSpacing(6)
        title = self._title_row()
        layout.addWidget(title)
        self.picture = ReferenceView()
        self.from_file = PlainLabel(role="faint")
        self.span = SpanPart(self._change)
        self.span.region_asked.connect(self.region_asked)
        self.reference = self._reference_part()
        self.notes = NotesPart()
        self.notes.fixed.connect(lambda f: self._change(f.fix, **f.changes))
        self.findings: tuple[Finding, ...] = ()
        self.swatches = SwatchPart(self._change)
        self.guide = GuidePart(self._change)
        self.blur = SliderField(
            "Blur", "Pixels: with more, its manner may stay while its subject goes", 0, 64, 1
        )
        self.blur.settled.connect(lambda value: self._change("Blur", blur=value))
        self.empty = PlainLabel(
            tr("No cue yet.\n\nDrop a picture on the cue sheet\nto take its manner."), role="faint"
        )
        self.empty.setAlignment(Qt.AlignmentFlag.AlignCenter)
        for part in (
            self.picture, self.from_file, self.notes, self.reference, self.swatches, self.guide,
            self.blur, self.span, self.empty,
        ):  # fmt: skip
            layout.addWidget(part)
        layout.addStretch()
        # Each wears the theme by itself: all at once would keep the window from answering, and
        # most of them are out of sight.
        self.parts = (
            title, self.picture, self.from_file, self.notes, self._tab_row, self.facets, self.use,
            self.place, self.swatches, self.guide, self.blur, self.span, self.empty,
            *self.findChildren(QScrollBar),
        )  # fmt: skip

    # Parts ----------------------------------------------------------------------------------

    def _title_row(self) -> QWidget:
        title = QWidget()
        row = QHBoxLayout(title)
        row.setContentsMargins(0, 0, 0, 0)
        self.name = QLineEdit()
        self.name.setToolTip(tr("The cue's name"))
        self.name.setAccessibleName(tr("Name of the cue"))
        self.name.editingFinished.connect(self._rename)
        self.effect = QToolButton()
        set_icon(self.effect, "effect")
        self.effect.setToolTip(
            tr(
                "What does it do? Pulls the proof without this cue and flips between the two "
                "(Ctrl+Shift+Return)"
            )
        )
        self.effect.setAccessibleName(tr("What does it do?"))
        self.effect.clicked.connect(self.effect_asked)
        self.remove = QToolButton()
        set_icon(self.remove, "remove")
        self.remove.setToolTip(tr("Remove this cue (Del)"))
        self.remove.setAccessibleName(tr("Remove cue"))
        self.remove.clicked.connect(self.remove_asked)
        row.addWidget(self.name, 1)
        row.addWidget(self.effect)
        row.addWidget(self.remove)
        return title

    def _reference_part(self) -> QWidget:
        """Pages of a reference under a row that chooses among them."""
        part = QWidget()
        box = QVBoxLayout(part)
        box.setContentsMargins(0, 0, 0, 0)
        self.facets = FacetsPage(self._change)
        self.use = PicturePage(self._change, self.picture)
        self.place = PlacePage(self._change)
        self.pages = QStackedWidget()
        self.tabs: dict[str, QToolButton] = {}
        self._page_of: dict[str, QWidget] = {}
        self._tab_row = QWidget()
        row = QHBoxLayout(self._tab_row)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(0)
        pages = (
            ("Facets", self.facets),
            ("Picture", self.use),
            ("Place", self.place),
            ("Span", self.span),
        )
        for name, page in pages:
            if page is not self.span:
                self.pages.addWidget(page)
            tab = tab_button(name, _TABS[name])
            tab.clicked.connect(lambda _=False, p=page: self._turn_to(p))
            self.tabs[name] = tab
            self._page_of[name] = page
            row.addWidget(tab, 1)
        self.tabs["Facets"].setChecked(True)
        box.addWidget(self._tab_row)
        box.addWidget(self.pages)
        return part

    def _turn_to(self, page: QWidget) -> None:
        """Show a page; the span is one of them for a reference, and always there for the rest."""
        self.pages.setVisible(page is not self.span)
        self.span.setVisible(page is self.span)
        if page is not self.span:
            self.pages.setCurrentWidget(page)
        for name, tab in self.tabs.items():
            tab.setChecked(self._page_of[name] is page)
        self.use.leave()

    def resizeEvent(self, event: QResizeEvent) -> None:
        """The picture gives way where a window is low, so that all of Facets is in sight."""
        super().resizeEvent(event)
        self.picture.setFixedHeight(HIGH if self.height() >= _ROOMY else LOW)

    # Showing --------------------------------------------------------------------------------

    def refresh(self) -> None:
        """Show the selected cue's present state."""
        cue = self.bench.selected_cue
        kind = None if cue is None else cue.kind
        self.empty.setVisible(cue is None)
        for widget in (self.name, self.effect, self.remove):
            widget.setVisible(cue is not None)
        spans = kind == "reference" and self.tabs["Span"].isChecked()
        self.span.setVisible(spans or kind not in ("reference", None))
        self.picture.setVisible(kind in ("reference", "swatches", "avoided"))
        self.from_file.setVisible(kind in ("reference", "avoided"))
        self.reference.setVisible(kind == "reference")
        self.swatches.setVisible(kind == "swatches")
        self.guide.setVisible(kind == "guide")
        self.blur.setVisible(kind == "avoided")
        self.notes.show_findings(self.findings, cue if isinstance(cue, ReferenceCue) else None)
        if kind != "reference":
            self.use.leave()
        if cue is None:
            return
        self.name.setText(cue.name)
        self.span.show_cue(cue, list(self.bench.project.recipe.regions))
        self.picture.set_cue(cue)
        if isinstance(cue, ReferenceCue):
            self.from_file.setText(tr(f"From {Path(cue.reference).name}"))
            for page in (self.facets, self.use, self.place):
                page.show_cue(cue)
        elif isinstance(cue, AvoidedCue):
            self.from_file.setText(tr(f"Avoids what resembles {Path(cue.avoided).name}"))
            self.blur.set_value(cue.blur)
        elif isinstance(cue, SwatchesCue):
            self.show_picture(self.swatches.show_cue(cue, self.bench.project.state.tray))
        elif isinstance(cue, GuideCue):
            self.guide.show_cue(cue, self.bench.project.state.tray)

    def show_findings(self, findings: tuple[Finding, ...]) -> None:
        """What was found about the selected reference's picture."""
        self.findings = findings
        cue = self.bench.selected_cue
        self.notes.show_findings(findings, cue if isinstance(cue, ReferenceCue) else None)

    def show_picture(self, image: QImage | None, full: QSize | None = None) -> None:
        """The reference's picture, from whoever reads files; `full` is its size if reduced."""
        self.picture.set_image(image, full)

    # Edits ----------------------------------------------------------------------------------

    def _change(self, what: str, **changes: object) -> None:
        self.changed.emit(what, changes)

    def _rename(self) -> None:
        cue = self.bench.selected_cue
        if cue is not None and self.name.text() != cue.name:
            self._change("Name", name=self.name.text().strip())
