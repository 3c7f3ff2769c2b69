"""What needs a file or says something: pictures, masks, maps, palettes, exports, settings, help."""

import hashlib
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, Qt
from PySide6.QtGui import QGuiApplication, QImage
from PySide6.QtWidgets import QDialog, QFileDialog, QGridLayout

from overlay import __version__
from overlay.app.parts.drops import dropped_pictures
from overlay.app.parts.images import from_image
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.theme import dress
from overlay.app.shell.handbook import Handbook, handbook_folder
from overlay.app.shell.settings_dialog import SettingsDialog
from overlay.app.shell.shortcuts import SHORTCUTS
from overlay.app.shell.tour import Tour
from overlay.document.cues import GUIDES
from overlay.document.reading import recipe_json
from overlay.imaging.files import writable_kind, write_picture
from overlay.imaging.palette_files import write_palette
from overlay.studio.inputs.folders import data_folder
from overlay.studio.inputs.paths import relative_recipe

if TYPE_CHECKING:
    from overlay.app.shell.window import MainWindow

_PICTURES = "Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff)"
_TRAY = "Pictures and palettes (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.gpl)"


class Dialogs(QObject):
    """The menu entries that need a file or say something."""

    def __init__(self, window: "MainWindow") -> None:
        super().__init__(window)
        self.window = window
        self.bench = window.bench
        window.sheet.add_asked.connect(lambda kind: window.guarded(lambda: self.add_cue(kind)))
        window.tray.add_asked.connect(lambda: window.guarded(self.add_pictures))
        window.card.region_asked.connect(lambda: window.guarded(self.add_region))
        window.sheet.region_asked.connect(lambda: window.guarded(self.add_region))
        window.card.guide.map_asked.connect(lambda: window.guarded(self.choose_map))
        window.card.guide.export_asked.connect(lambda: window.guarded(self.export_map))
        window.regions.deeds.export_asked.connect(lambda: window.guarded(self.export_mask))
        window.regions.menu.file_asked.connect(lambda: window.guarded(self.add_mask))
        window.card.swatches.write_asked.connect(lambda: window.guarded(self.write_palette))

    # Pictures -------------------------------------------------------------------------------

    def add_pictures(self) -> None:
        """Add picture files to the tray."""
        names, _ = QFileDialog.getOpenFileNames(self.window, "Add pictures", self._begin(), _TRAY)
        if names:
            self.window.gather.add_to_tray([Path(name) for name in names])

    def paste(self) -> None:
        """Put the clipboard's picture, or picture files, into the tray."""
        data = QGuiApplication.clipboard().mimeData()
        paths = dropped_pictures(data)
        if not paths and data is not None and data.hasImage():
            image = QGuiApplication.clipboard().image()
            desk, gather = self.window.desk, self.window.gather
            desk.loader.ask(lambda: _keep_pasted(image), lambda p: gather.add_to_tray([p]))
        elif paths:
            self.window.gather.add_to_tray(paths)
        else:
            self.window.stage.status.refuse("The clipboard must hold a picture, got none.")

    def add_cue(self, kind: str) -> None:
        """Add a cue of a kind."""
        if kind == "swatches":
            self.bench.add_cue(
                "colours", swatches=["#1d3b5c", "#e6b34a", "#f4efe2"], facets={"palette": 1.0}
            )
        elif kind in GUIDES:
            self.bench.hold_structure(kind)
        else:
            avoided = kind == "avoided"
            path = self._ask_open("Avoided picture" if avoided else "Reference picture", _PICTURES)
            if path is not None and avoided:
                self.window.gather.add_avoided(path)
            elif path is not None:
                self.window.gather.add_styles([path])

    def add_region(self) -> None:
        """Tie the selected cue to a region whose mask is a picture."""
        path = self._ask_open("Mask: white is inside", _PICTURES)
        index = self.bench.selected_index
        if path is None or index is None:
            return
        name = path.stem.replace("-", " ")
        self.window.gather.with_pictures(
            [path], lambda: self.bench.add_region(name, path, index), grey=True
        )

    def add_mask(self) -> None:
        """Add a region whose mask is a picture."""
        path = self._ask_open("Mask: white is inside", _PICTURES)
        if path is not None:
            self.window.region_desk.add_file(path)

    def export(self) -> None:
        """Write the proof that hangs to a picture file, the recipe inside where the format can."""
        if self.bench.proof is None:
            self.window.stage.status.refuse("There is no proof to export yet; pull one first.")
            return
        path = self.ask_export(f"proof-{self.bench.proof.number}.png")
        if path is not None:
            self.export_to(path)

    def ask_export(self, name: str) -> Path | None:
        """Where a proof is to be written."""
        place = str(Path(self._begin(), name)) if self._begin() else name
        chosen, _ = QFileDialog.getSaveFileName(self.window, "Export proof", place, _PICTURES)
        return Path(chosen) if chosen else None

    def choose_map(self) -> None:
        """Give the selected guide a ready map."""
        path, index = (
            self._ask_open("Map: lines or near are white", _PICTURES),
            self.bench.selected_index,
        )
        if path is None or index is None:
            self.window.card.refresh()
            return
        self.window.gather.with_pictures(
            [path], lambda: self.bench.change_cue(index, "Map", map=str(path)), grey=True
        )

    def export_map(self) -> None:
        """Write the selected guide's map to a file."""
        cue = self.bench.selected_cue
        if cue is None or cue.guide is None:
            return
        name, _ = QFileDialog.getSaveFileName(
            self.window, "Export map", f"{cue.name}-{cue.guide}.png", "PNG (*.png)"
        )
        if name:
            self.window.maps.export_to(Path(name).with_suffix(".png"))

    def export_mask(self) -> None:
        """Write the selected region's mask to a file."""
        name, _ = QFileDialog.getSaveFileName(
            self.window, "Export mask", f"{self.window.regions.selected}.png", "PNG (*.png)"
        )
        if name:
            self.window.region_desk.export_to(Path(name).with_suffix(".png"))

    def write_palette(self) -> None:
        """Write the selected swatches to a palette file."""
        cue = self.bench.selected_cue
        if cue is None or cue.swatches is None:
            return
        name, _ = QFileDialog.getSaveFileName(
            self.window, "Write palette", f"{cue.name}.gpl", "GIMP palette (*.gpl)"
        )
        if name:
            path = Path(name).with_suffix(".gpl")
            write_palette(path, cue.swatches, cue.name)
            self.window.say(f"Wrote {len(cue.swatches)} colours to {path}")

    def export_to(self, path: Path) -> None:
        """Write the proof that hangs to a file."""
        proof = self.bench.proof
        assert proof is not None
        writable_kind(path)
        text = recipe_json(relative_recipe(proof.recipe, path.parent))
        self.window.desk.loader.ask(
            lambda: write_picture(path, proof.picture, recipe=text),
            lambda _: self.window.stage.status.say(f"Exported proof {proof.number} to {path}"),
            outlives=True,
        )

    def _ask_open(self, title: str, kinds: str) -> Path | None:
        name, _ = QFileDialog.getOpenFileName(self.window, title, self._begin(), kinds)
        return Path(name) if name else None

    def _begin(self) -> str:
        """The folder in which dialogs for pictures begin."""
        return self.window.settings.pictures_folder

    def settings(self) -> None:
        """Show the settings."""
        SettingsDialog(self.window.settings, self.window.change_settings, self.window).open()

    # Help -----------------------------------------------------------------------------------

    def shortcuts(self) -> None:
        """List the keys."""
        dialog = QDialog(self.window)
        dress(dialog)
        dialog.setWindowTitle("Shortcuts")
        grid = QGridLayout(dialog)
        grid.setHorizontalSpacing(24)
        for row, (keys, does) in enumerate(SHORTCUTS):
            label = PlainLabel(keys)
            label.setProperty("role", "title")
            grid.addWidget(label, row, 0)
            grid.addWidget(PlainLabel(does), row, 1)
        dialog.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        dialog.open()

    def handbook(self) -> None:
        """Open the handbook."""
        folder = handbook_folder()
        if folder is None:
            self.window.refuse("The handbook must lie in docs/handbook, got none; see the README.")
        else:
            Handbook(folder, self.window).show()

    def tour(self) -> None:
        """Show the window round."""
        self.window.show_room("bench")
        Tour(self.window)
        self.window.change_settings(self.window.settings.model_copy(update={"toured": True}))

    def about(self) -> None:
        """Name and version."""
        self.window.stage.status.say(
            f"Overlay {__version__}: conditioned pictures, made on this computer. MIT licence."
        )


def _keep_pasted(image: QImage) -> Path:
    """Write a pasted picture to a file of its own; the same picture gets the same file."""
    pixels = from_image(image)
    folder = data_folder() / "pasted"
    folder.mkdir(parents=True, exist_ok=True)
    path = folder / f"pasted-{hashlib.sha256(pixels.tobytes()).hexdigest()[:10]}.png"
    if not path.exists():
        write_picture(path, pixels)
    return path
