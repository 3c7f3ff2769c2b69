"""Pictures and swatch cards that come in: to the tray, as cues, as the source."""

from pathlib import Path

from PySide6.QtCore import QObject
from PySide6.QtGui import QCursor, QGuiApplication, QImage
from PySide6.QtWidgets import QFileDialog, QMenu

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.parts.buttons import pop_up
from overlay.app.parts.drops import dropped_pictures
from overlay.app.parts.file_dialogs import PICTURES, TRAY, ask_open
from overlay.app.parts.images import from_image
from overlay.app.parts.plain import plain
from overlay.app.tray.tray import Tray
from overlay.document.cues import GUIDES, SwatchesCue
from overlay.handing.openraster import read_layer
from overlay.imaging.files import write_picture
from overlay.imaging.formats.openraster import layer_names
from overlay.imaging.main_colours import main_colours
from overlay.studio.inputs.cards import card_swatches, is_card, keep_card
from overlay.studio.inputs.own_files import keep_own


class Gathering(QObject):
    """Reads what comes in off the GUI thread, then edits; what is bad edits nothing."""

    def __init__(self, floor: Floor, tray: Tray) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.loader = floor, floor.bench, floor.loader
        self.tray = tray
        tray.add_asked.connect(lambda: floor.guarded(self.ask_pictures))
        tray.dropped.connect(self.add_to_tray)
        tray.source_asked.connect(lambda path: self.use_as_source([path]))
        tray.style_asked.connect(lambda path: self.add_styles([path]))
        tray.avoid_asked.connect(self.add_avoided)
        tray.card_asked.connect(self.add_card_of)
        tray.layer_asked.connect(self.offer_layers)

    def commands(self) -> Entries:
        """Pictures that come in, and cues that are made of them."""

        def adding(text: str, keys: str, kind: str) -> Command:
            return Command("Cue", text, keys, lambda: self.add_cue(kind))

        return (
            Command("File", "Add pictures…", "Ctrl+Shift+A", self.ask_pictures),
            Command("Edit", "Paste picture", "Ctrl+V", self.paste),
            Command("Edit", "Find a picture in the tray", "Ctrl+F", self.tray.begin_find),
            Command("Edit", "Rename the selected picture", "", self.tray.rename_selected),
            Command("Edit", "Remove source", "", lambda: self.bench.set_source(None)),
            adding("Add reference…", "Ctrl+R", "reference"),
            adding("Add swatches", "Ctrl+Shift+R", "swatches"),
            adding("Add edges", "Ctrl+G", "edges"),
            adding("Add outline", "", "outline"),
            adding("Add lines", "", "lines"),
            adding("Add depth", "", "depth"),
            adding("Add blocks", "", "blocks"),
            adding("Add pose", "", "pose"),
            adding("Add avoided picture…", "Ctrl+Shift+G", "avoided"),
        )

    # What comes in --------------------------------------------------------------------------

    def ask_pictures(self) -> None:
        """Add picture files to the tray."""
        floor = self.floor
        names, _ = QFileDialog.getOpenFileNames(
            floor.host, "Add pictures", floor.settings.pictures_folder, TRAY
        )
        if names:
            self.add_to_tray([Path(name) for name in names])

    def paste(self) -> None:
        """Put the clipboard's picture, or picture files, into the tray."""
        data = QGuiApplication.clipboard().mimeData()
        paths = dropped_pictures(data)
        if not paths and data is not None and data.hasImage():
            image = QGuiApplication.clipboard().image()
            self.loader.ask(lambda: _keep_pasted(image), lambda path: self.add_to_tray([path]))
        elif paths:
            self.add_to_tray(paths)
        else:
            self.floor.refuse("The clipboard must hold a picture, got none.")

    def add_cue(self, kind: str) -> None:
        """Add a cue of a kind: reference, swatches, avoided, or a guide's."""
        if kind == "swatches":
            self.bench.add_cue(
                "colours", swatches=["#1d3b5c", "#e6b34a", "#f4efe2"], facets={"palette": 1.0}
            )
        elif kind in GUIDES:
            self.bench.hold_structure(kind)
        else:
            title = "Avoided picture" if kind == "avoided" else "Reference picture"
            folder = self.floor.settings.pictures_folder
            path = ask_open(self.floor.host, title, folder, PICTURES)
            if path is not None and kind == "avoided":
                self.add_avoided(path)
            elif path is not None:
                self.add_styles([path])

    def _called(self, path: Path) -> str:
        """What a cue is called that is made of a picture."""
        return self.bench.project.state.name_of(path).replace("-", " ")

    def add_to_tray(self, paths: list[Path]) -> None:
        """Put pictures in the tray."""
        self.floor.with_pictures(paths, lambda: self.bench.add_pictures(paths))

    def take_prepared(self, path: Path, as_source: bool) -> None:
        """Put a picture that was made ready where it is wanted."""
        if as_source:
            self.use_as_source([path])
        else:
            self.add_to_tray([path])

    def add_styles(self, paths: list[Path]) -> None:
        """Make a style cue of each picture, and a cue of swatches of each card."""

        def add() -> None:
            for path in paths:
                if is_card(path):
                    self.bench.add_card_cue(path)
                else:
                    self.bench.add_cue(self._called(path), reference=str(path))

        self.floor.with_pictures(paths, add)

    def make_map_of(self, index: int, paths: list[Path]) -> None:
        """Have a guide's map made from a picture."""

        def use() -> None:
            self.bench.add_pictures(paths[:1])
            self.bench.change_cue(index, "Map", of=str(paths[0]), map=None)

        if paths and is_card(paths[0]):
            self.floor.refuse(f"{paths[0].name}: a map is made from a picture, got a swatch card")
        elif paths:
            self.floor.with_pictures(paths[:1], use)

    def add_avoided(self, path: Path) -> None:
        """Make an avoided picture's cue."""
        name = f"not {self._called(path)}"
        self.floor.with_pictures([path], lambda: self.bench.add_cue(name, avoided=str(path)))

    def use_as_source(self, paths: list[Path]) -> None:
        """Make the first picture the source."""

        def use() -> None:
            self.bench.add_pictures(paths[:1])
            self.bench.set_source(paths[0])

        if paths and is_card(paths[0]):
            self.floor.refuse(f"{paths[0].name}: the source must be a picture, got a swatch card")
        elif paths:
            self.floor.with_pictures(paths[:1], use)

    # Swatch cards ---------------------------------------------------------------------------

    def add_card_of(self, path: Path) -> None:
        """Make a swatch card of a picture's main colours."""
        store = self.bench.store

        def make() -> Path:
            return keep_card(main_colours(store.picture(str(path))), path.stem)

        self.loader.ask(make, lambda card: self.add_to_tray([card]))

    def offer_layers(self, path: Path) -> None:
        """Offer the layers of a picture, to be put into the tray by themselves."""

        def offer(names: list[str]) -> None:
            pop_up(self.layer_menu(path, names), QCursor.pos())

        self.loader.ask(lambda: layer_names(path), offer, newest="layers")

    def layer_menu(self, path: Path, names: list[str]) -> QMenu:
        """What a picture with layers offers."""
        menu = QMenu(self.floor.host)
        for name in names:
            action = menu.addAction(plain(name).replace("&", "&&"))
            action.triggered.connect(lambda _=False, n=name: self.add_layer(path, n))
        return menu

    def add_layer(self, path: Path, name: str) -> None:
        """Put one layer of a picture into the tray, as a picture of its own."""

        def take() -> Path:
            picture = read_layer(path, name)
            return keep_own(
                "layers", f"{path.stem} {name}", ".png", content=picture.tobytes(),
                write=lambda to: write_picture(to, picture),
            )  # fmt: skip

        self.loader.ask(take, lambda layer: self.add_to_tray([layer]))

    def keep_card(self) -> None:
        """Put the selected swatches into the tray as a card."""
        cue = self.bench.selected_cue
        if isinstance(cue, SwatchesCue):
            colours, name = cue.swatches, cue.name
            self.loader.ask(lambda: keep_card(colours, name), lambda card: self.add_to_tray([card]))

    def take_colours(self, path: Path) -> None:
        """Give the selected swatches the colours of a card, or the main ones of a picture."""
        store, index = self.bench.store, self.bench.selected_index

        def find() -> list[str]:
            if is_card(path):
                return card_swatches(path)
            return list(main_colours(store.picture(str(path))))

        def take(colours: list[str]) -> None:
            if index is not None and index == self.bench.selected_index:
                what = f"Colours of {path.stem}"
                self.floor.guarded(lambda: self.bench.change_cue(index, what, swatches=colours))

        self.loader.ask(find, take)


def _keep_pasted(image: QImage) -> Path:
    """Write a pasted picture to a file of its own; the same picture gets the same file."""
    pixels = from_image(image)
    return keep_own(
        "pasted",
        "pasted",
        ".png",
        content=pixels.tobytes(),
        write=lambda path: write_picture(path, pixels),
    )
