"""Keeps the cue card in step with the selected cue: its state, its picture, what was found."""

from pathlib import Path
from typing import Any

from PySide6.QtCore import QObject, QSize, Qt, Signal
from PySide6.QtGui import QImage

from overlay.app.card.cue_card import CueCard
from overlay.app.floor.floor import Floor
from overlay.app.parts.file_dialogs import MASKS, ask_open, ask_save
from overlay.app.parts.images import to_image
from overlay.document.changes import Changes
from overlay.document.cues import AvoidedCue, Cue, ReferenceCue, SwatchesCue
from overlay.imaging.formats.palette_files import write_palette
from overlay.studio.inputs.checks import Finding

_PREVIEW = QSize(560, 280)  # pixels, twice what the cue card shows, for sharp displays
_SMOOTH = Qt.TransformationMode.SmoothTransformation


class CardDesk(QObject):
    """Edits the selected cue, and reads its picture.

    Signals
    -------
    picture_read : the selected cue's picture in full, or None.
    """

    picture_read = Signal(object)

    def __init__(self, floor: Floor, card: CueCard) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.card = floor, floor.bench, card
        self._seen: Cue | None = None  # what the card shows
        card.changed.connect(self._change)
        card.remove_asked.connect(self._remove)
        card.region_asked.connect(self.add_region)
        card.swatches.write_asked.connect(lambda: floor.guarded(self._write_palette))

    def _change(self, what: str, keys: dict[str, Any]) -> None:
        index = self.bench.selected_index
        if index is None:
            return
        if not self.floor.guarded(lambda: self.bench.change_cue(index, what, **keys)):
            self.card.refresh()

    def _remove(self) -> None:
        index = self.bench.selected_index
        if index is not None:
            self.floor.guarded(lambda: self.bench.remove_cues([index]))

    # Showing --------------------------------------------------------------------------------

    def refresh(self, what: Changes) -> None:
        """Cues, regions or the tray differ: show the selected cue, if it does."""
        others = what.rows is not None and self.bench.selected_index not in what.rows
        if others and not what.touches("regions", "tray"):
            return
        self._refresh_card()
        if what.rows is None or what.touches("cue.reference", "cue.avoided"):
            self._show_picture()

    def show_selected(self) -> None:
        """Another cue is selected, and not seen yet by an edit that came with it."""
        if self.bench.selected_cue is not self._seen or self._seen is None:
            self._refresh_card()
            self._show_picture()

    def _refresh_card(self) -> None:
        self._seen = self.bench.selected_cue
        self.card.refresh()

    def _show_picture(self) -> None:
        cue, store, checks = self.bench.selected_cue, self.bench.store, self.bench.checks
        path = _picture_of(cue)
        if path is None:
            self.picture_read.emit(None)
            return

        def read() -> tuple[QImage, QImage, tuple[Finding, ...]]:
            image = to_image(store.picture(path))
            keep = Qt.AspectRatioMode.KeepAspectRatio
            return image, image.scaled(_PREVIEW, keep, _SMOOTH), checks.of(path)

        self.floor.loader.ask(read, self._got_picture, newest="reference", failed=self._no_picture)

    def _got_picture(self, read: tuple[QImage, QImage, tuple[Finding, ...]]) -> None:
        image, preview, findings = read
        cue = self.bench.selected_cue
        if _picture_of(cue) is not None:
            self.card.show_picture(preview, image.size())
            self.card.show_findings(findings)
        self.picture_read.emit(image)

    def _no_picture(self, error: Exception) -> None:
        """Show no picture rather than the one before, and say why."""
        self.forget()
        self.picture_read.emit(None)
        self.floor.could_not(error)

    def forget(self) -> None:
        """Nothing is known of the selected cue's picture."""
        self.card.show_picture(None)
        self.card.show_findings(())

    # Files ----------------------------------------------------------------------------------

    def add_region(self) -> None:
        """Tie the selected cue to a region whose mask is a picture that is asked for."""
        floor, index = self.floor, self.bench.selected_index
        path = ask_open(floor.host, "Mask: white is inside", floor.settings.pictures_folder, MASKS)
        if path is None or index is None:
            self.card.refresh()
            return
        name = path.stem.replace("-", " ")
        floor.with_pictures([path], lambda: self.bench.add_region(name, path, index), grey=True)

    def _write_palette(self) -> None:
        """Write the selected swatches to a palette file."""
        cue = self.bench.selected_cue
        if not isinstance(cue, SwatchesCue):
            return
        chosen = ask_save(
            self.floor.host, "Write palette", f"{cue.name}.gpl", "GIMP palette (*.gpl)"
        )
        if chosen is not None:
            path = Path(chosen).with_suffix(".gpl")
            write_palette(path, cue.swatches, cue.name)
            self.floor.say(f"Wrote {len(cue.swatches)} colours to {path}")


def _picture_of(cue: Cue | None) -> str | None:
    """The picture that a cue is about, if it is about one."""
    if isinstance(cue, ReferenceCue):
        return cue.reference
    return cue.avoided if isinstance(cue, AvoidedCue) else None
