"""The drawer: all proofs of the project, what is said of them, and what can be done with them."""

from collections.abc import Mapping
from datetime import datetime

from PySide6.QtCore import QSize, Qt, Signal
from PySide6.QtGui import QImage, QPixmap
from PySide6.QtWidgets import (
    QCheckBox,
    QComboBox,
    QFrame,
    QHBoxLayout,
    QLineEdit,
    QPlainTextEdit,
    QScrollArea,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.drawer.list import DrawerList
from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import keep_narrow
from overlay.app.parts.icons import set_icon
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain
from overlay.engine.version import ENGINE_VERSION
from overlay.studio.bench.bench import Bench
from overlay.studio.inputs.stages import Stage
from overlay.studio.keeping.differences import differences
from overlay.studio.keeping.drawer import Filter, lineage, parent_of
from overlay.studio.keeping.shelf import Kept

_SIDE = 320
_KINDS = (("Any proof", None), ("Pulled on the bench", False), ("Cells and trials", True))
_PREVIEW = QSize(292, 220)
_DEEDS = (
    ("restore", "Restore its recipe", "Bring all its settings back to the bench (Return)"),
    ("source", "Start from it", "Make this proof the source of the next"),
    ("compare", "Compare", "See it on the bench beside the present proof; with two, both"),
    ("export", "Export…", "Write it to a picture file, the recipe inside"),
    ("remove", "Delete", "Take it out of the drawer; undo brings it back (Del)"),
)


class DrawerRoom(QWidget):
    """Shows what the shelf keeps; what is to be done with it are signals."""

    deed_asked = Signal(str, list)  # restore, source, compare, export, remove or star; the proofs
    noted = Signal(object, str)  # a proof, and what was written of it
    preview_asked = Signal(str)

    def __init__(self, bench: Bench, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.bench = bench
        self.kept: list[Kept] = []
        row = QHBoxLayout(self)
        row.setContentsMargins(0, 0, 0, 0)
        row.setSpacing(1)
        left = QFrame()
        left.setProperty("panel", "true")
        column = QVBoxLayout(left)
        column.setContentsMargins(10, 8, 10, 8)
        column.addLayout(self._filters())
        self.list = DrawerList()
        self.list.lineage = self._lines
        self.list.itemSelectionChanged.connect(self._show_chosen)
        self.list.star_asked.connect(lambda: self._do("star"))
        self.list.remove_asked.connect(lambda: self._do("remove"))
        self.list.itemActivated.connect(lambda _: self._do("restore"))
        self.empty = PlainLabel(
            tr("No proof yet. Pull one on the bench; every proof stays here."), role="faint"
        )
        self.empty.setAlignment(Qt.AlignmentFlag.AlignCenter)
        column.addWidget(self.empty, 1)
        column.addWidget(self.list, 1)
        row.addWidget(left, 1)
        row.addWidget(self._side())
        self._show_chosen()

    def _filters(self) -> QHBoxLayout:
        row = QHBoxLayout()
        self.starred = QCheckBox(tr("Starred"))
        self.starred.setToolTip(tr("Only proofs with a star"))
        self.starred.toggled.connect(lambda _: self.refresh())
        self.cue = QComboBox()
        self.cue.setToolTip(tr("Only proofs in which a cue is heard"))
        self.cue.setAccessibleName(tr("Cue"))
        keep_narrow(self.cue)
        self.cue.setMinimumWidth(150)
        self.cue.activated.connect(lambda _: self.refresh())
        self.search = QLineEdit()
        self.search.setPlaceholderText(tr("Find in notes, names and numbers"))
        self.search.setToolTip(tr("Only proofs whose note, cues or number have this in them"))
        self.search.setAccessibleName(tr("Find"))
        self.search.textChanged.connect(lambda _: self.refresh())
        self.count = PlainLabel(role="faint")
        self.kind = QComboBox()
        self.kind.setToolTip(tr("All proofs, those of the bench, cells and trials, or a sheet's"))
        self.kind.setAccessibleName(tr("Kind of proofs"))
        keep_narrow(self.kind)
        self.kind.setMinimumWidth(150)
        self.kind.activated.connect(lambda _: self.refresh())
        self.show_sheets({})
        row.addWidget(self.starred)
        row.addWidget(self.kind)
        row.addWidget(self.cue)
        row.addWidget(self.search, 1)
        row.addWidget(self.count)
        return row

    def _side(self) -> QFrame:
        side = QFrame()
        side.setProperty("panel", "true")
        side.setFixedWidth(_SIDE)
        column = QVBoxLayout(side)
        column.setContentsMargins(14, 10, 14, 10)
        self.picture = PlainLabel()
        self.picture.setAlignment(Qt.AlignmentFlag.AlignCenter)
        self.picture.setFixedHeight(_PREVIEW.height())
        title = QHBoxLayout()
        self.title = PlainLabel(role="title")
        self.star_button = QToolButton()
        self.star_button.setCheckable(True)
        set_icon(self.star_button, "star")
        self.star_button.setToolTip(tr("Keep this proof in mind with a star (K)"))
        self.star_button.setAccessibleName(tr("Star"))
        self.star_button.clicked.connect(lambda _: self._do("star"))
        title.addWidget(self.title, 1)
        title.addWidget(self.star_button)
        self.facts = PlainLabel(role="faint", wraps=True)
        self.note = QPlainTextEdit()
        self.note.setPlaceholderText(tr("A note"))
        self.note.setAccessibleName(tr("Note"))
        self.note.setToolTip(tr("What you want to remember of this proof"))
        self.note.setFixedHeight(52)
        self.note.setTabChangesFocus(True)
        self.note.focusOutEvent = self._note_left  # type: ignore[method-assign]
        column.addWidget(self.picture)
        column.addLayout(title)
        column.addWidget(self.facts)
        column.addWidget(self.note)
        column.addWidget(self._differences(), 1)
        column.addLayout(self._deeds())
        return side

    def _differences(self) -> QScrollArea:
        self.different = PlainLabel(wraps=True)
        self.different.setAlignment(Qt.AlignmentFlag.AlignTop)
        self.different.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
        area = QScrollArea()
        area.setWidgetResizable(True)
        area.viewport().setObjectName("viewport")
        area.viewport().setStyleSheet("#viewport { background: transparent; }")
        self.different.setStyleSheet("background: transparent;")
        area.setWidget(self.different)
        return area

    def _deeds(self) -> QVBoxLayout:
        column = QVBoxLayout()
        column.setSpacing(4)
        self.deeds: dict[str, QToolButton] = {}
        line = QHBoxLayout()
        for i, (deed, text, tip) in enumerate(_DEEDS):
            button = text_button(text, tip, stretched=True)
            button.clicked.connect(lambda _=False, d=deed: self._do(d))
            self.deeds[deed] = button
            line.addWidget(button)
            if i == 1:
                column.addLayout(line)
                line = QHBoxLayout()
        column.addLayout(line)
        return column

    # Showing --------------------------------------------------------------------------------

    def show_sheets(self, sheets: Mapping[str, frozenset[str]]) -> None:
        """Offer each sheet's cells, by the sheet's name and their hashes."""
        chosen = self.kind.currentText()
        self.kind.clear()
        for text, light in _KINDS:
            self.kind.addItem(tr(text), (light, None))
        for name, hashes in sheets.items():
            self.kind.addItem(plain(tr(f"Sheet {name}")), (None, hashes))
        self.kind.setCurrentIndex(max(self.kind.findText(chosen), 0))

    def show_kept(self, kept: list[Kept]) -> None:
        """Show what is on the shelf."""
        self.kept = kept
        cues = sorted({cue.name for k in kept for cue in k.recipe.cues})
        chosen = self.cue.currentData()
        self.cue.clear()
        self.cue.addItem(tr("Any cue"), None)
        for name in cues:
            self.cue.addItem(tr(f"With {name}"), name)
        self.cue.setCurrentIndex(max(self.cue.findData(chosen), 0))
        self.refresh()

    def refresh(self) -> None:
        """Show the proofs that the filter admits, in their present state."""
        light, among = self.kind.currentData()
        wanted = Filter(
            self.starred.isChecked(), self.cue.currentData(), self.search.text(), light, among
        )
        state = self.bench.project.state
        shown = [k for k in self.kept if wanted.admits(k, state.mark(k.recipe_hash))]
        there = [k for k in self.kept if not state.mark(k.recipe_hash).deleted]
        stars = {k.recipe_hash for k in shown if state.mark(k.recipe_hash).star}
        self.list.show_proofs(shown, stars)
        self.list.setVisible(bool(shown))
        self.empty.setVisible(not shown)
        none = "No proof yet. Pull one on the bench; every proof stays here."
        self.empty.setText(tr("No proof is like that." if there else none))
        self.count.setText(tr(f"{len(shown)} of {len(there)}" if there else ""))

    def chosen(self) -> list[Kept]:
        """The selected proofs."""
        by_hash = {k.recipe_hash: k for k in self.kept}
        return [by_hash[h] for h in self.list.chosen() if h in by_hash]

    def _show_chosen(self) -> None:
        chosen = self.chosen()
        one = chosen[0] if chosen else None
        for deed, button in self.deeds.items():
            only_one = deed in ("restore", "source", "export")
            whole = deed in ("restore", "remove") or all(k.whole for k in chosen)
            most = 1 if only_one else 2 if deed == "compare" else len(chosen)
            button.setEnabled(1 <= len(chosen) <= most and whole)
        for part in (self.star_button, self.note):
            part.setEnabled(one is not None)
        if one is None:
            self.title.setText("")
            self.facts.setText("")
            self.different.setText("")
            self.note.setPlainText("")
            self.picture.clear()
            return
        mark = self.bench.project.state.mark(one.recipe_hash)
        more = f" and {len(chosen) - 1} more" if len(chosen) > 1 else ""
        self.title.setText(tr(f"Proof {one.number}{more}"))
        self.star_button.setChecked(mark.star)
        if not self.note.hasFocus():
            self.note.setPlainText(mark.note)
        self.facts.setText(self._facts(one))
        self.different.setText(self._difference_text(one))
        self.preview_asked.emit(one.recipe_hash)
        self.list.viewport().update()

    def _facts(self, kept: Kept) -> str:
        when = datetime.fromtimestamp(kept.when).strftime("%d %b %Y, %H:%M")
        facts = [f"{when}  ·  {kept.size[0]} x {kept.size[1]}  ·  seed {kept.recipe.seed}"]
        matches = kept.measures.get("style_match", {})
        if matches:
            said = ", ".join(f"{name} {max(value, 0):.0f}" for name, value in matches.items())
            facts.append(f"style match {said}")
        if "structure_kept" in kept.measures:
            facts.append(f"structure kept {max(kept.measures['structure_kept'], 0):.0f}")
        if kept.would_differ:
            facts.append(
                f"made by engine {kept.engine_version}; pulled again, by engine {ENGINE_VERSION}, "
                "it will differ"
            )
        if len(kept.stages) > 1:
            said = ", ".join(tr(_said(stage)) for stage in kept.stages)
            facts.append(f"stages: {said}")
        parent = parent_of(kept, self.kept)
        if parent is not None:
            facts.append(f"started from proof {parent.number}")
        children = [k.number for k in self.kept if parent_of(k, self.kept) is kept]
        if children:
            facts.append(f"led to {', '.join(map(str, sorted(children)))}")
        if not kept.whole:
            facts.append("picture dropped to save room: restore and pull to have it again")
        return "\n".join(map(tr, facts))

    def _difference_text(self, kept: Kept) -> str:
        lines = differences(self.bench.project.recipe, kept.recipe)
        if not lines:
            return tr("The bench has this proof's recipe.")
        return tr("Against the bench:\n") + "\n".join(map(tr, lines))

    def show_preview(self, recipe_hash: str, image: QImage) -> None:
        """The selected proof's picture."""
        chosen = self.chosen()
        if chosen and chosen[0].recipe_hash == recipe_hash:
            ratio = self.devicePixelRatioF()
            keep = Qt.AspectRatioMode.KeepAspectRatio
            smooth = Qt.TransformationMode.SmoothTransformation
            pixmap = QPixmap.fromImage(image.scaled(_PREVIEW * ratio, keep, smooth))
            pixmap.setDevicePixelRatio(ratio)
            self.picture.setPixmap(pixmap)

    def _lines(self) -> list[tuple[str, str]]:
        chosen = self.chosen()
        if not chosen:
            return []
        pairs = lineage(chosen[0], self.kept)
        return [(parent.recipe_hash, child.recipe_hash) for parent, child in pairs]

    # Deeds ----------------------------------------------------------------------------------

    def _do(self, deed: str) -> None:
        chosen = self.chosen()
        if chosen and (deed == "star" or self.deeds[deed].isEnabled()):
            self.deed_asked.emit(deed, chosen)

    def _note_left(self, event: object) -> None:
        QPlainTextEdit.focusOutEvent(self.note, event)  # type: ignore[arg-type]
        self.keep_note()

    def keep_note(self) -> None:
        """Have what was written kept as the selected proof's note."""
        chosen = self.chosen()
        text = self.note.toPlainText().strip()
        if chosen and text != self.bench.project.state.mark(chosen[0].recipe_hash).note:
            self.noted.emit(chosen[0], text)


def _said(stage: Stage) -> str:
    """A stage and its size."""
    return f"{stage.kind} {stage.size[0]} x {stage.size[1]}"
