"""Pictures and swatch cards that come in: to the tray, as cues, as the source."""

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject

from overlay.imaging.main_colours import main_colours
from overlay.imaging.palette_files import read_palette
from overlay.studio.inputs.cards import card_swatches, is_card, keep_card
from overlay.studio.inputs.paths import plain_path

if TYPE_CHECKING:
    from overlay.app.shell.window import MainWindow


class Gathering(QObject):
    """Reads what comes in off the GUI thread, then edits; what is bad edits nothing."""

    def __init__(self, window: "MainWindow") -> None:
        super().__init__(window)
        self.window, self.bench, self.loader = window, window.bench, window.desk.loader
        w = window
        w.sheet.dropped.connect(self.add_styles)
        w.sheet.map_dropped.connect(self.make_map_of)
        w.tray.dropped.connect(self.add_to_tray)
        w.stage.view.dropped.connect(self.use_as_source)
        w.tray.source_asked.connect(lambda path: self.use_as_source([path]))
        w.tray.style_asked.connect(lambda path: self.add_styles([path]))
        w.tray.avoid_asked.connect(self.add_avoided)
        w.tray.card_asked.connect(self.add_card_of)
        w.card.swatches.keep_asked.connect(self.keep_card)
        w.card.swatches.colours_asked.connect(self.take_colours)

    def with_pictures(
        self, paths: list[Path], then: Callable[[], object], *, grey: bool = False
    ) -> None:
        """Read pictures off this thread and edit afterwards; one that is bad edits nothing."""
        store = self.bench.store

        def read() -> None:
            for path in map(plain_path, paths):
                if is_card(path) and not grey:
                    read_palette(path)
                elif grey:
                    store.grey(str(path))
                else:
                    store.picture(str(path))

        self.loader.ask(read, lambda _: self.window.guarded(then))

    def add_to_tray(self, paths: list[Path]) -> None:
        """Put pictures in the tray."""
        self.with_pictures(paths, lambda: self.bench.add_pictures(paths))

    def add_styles(self, paths: list[Path]) -> None:
        """Make a style cue of each picture, and a cue of swatches of each card."""

        def add() -> None:
            for path in paths:
                if is_card(path):
                    self.bench.add_card_cue(path)
                else:
                    self.bench.add_cue(path.stem.replace("-", " "), reference=str(path))

        self.with_pictures(paths, add)

    def make_map_of(self, index: int, paths: list[Path]) -> None:
        """Have a guide's map made from a picture."""

        def use() -> None:
            self.bench.add_pictures(paths[:1])
            self.bench.change_cue(index, "Map", of=str(paths[0]), map=None)

        if paths and is_card(paths[0]):
            self.window.refuse(f"{paths[0].name}: a map is made from a picture, got a swatch card")
        elif paths:
            self.with_pictures(paths[:1], use)

    def add_avoided(self, path: Path) -> None:
        """Make an avoided picture's cue."""
        name = f"not {path.stem.replace('-', ' ')}"
        self.with_pictures([path], lambda: self.bench.add_cue(name, avoided=str(path)))

    def use_as_source(self, paths: list[Path]) -> None:
        """Make the first picture the source."""

        def use() -> None:
            self.bench.add_pictures(paths[:1])
            self.bench.set_source(paths[0])

        if paths and is_card(paths[0]):
            self.window.refuse(f"{paths[0].name}: the source must be a picture, got a swatch card")
        elif paths:
            self.with_pictures(paths[:1], use)

    # Swatch cards ---------------------------------------------------------------------------

    def add_card_of(self, path: Path) -> None:
        """Make a swatch card of a picture's main colours."""
        store = self.bench.store

        def make() -> Path:
            return keep_card(main_colours(store.picture(str(path))), path.stem)

        self.loader.ask(make, lambda card: self.add_to_tray([card]))

    def keep_card(self) -> None:
        """Put the selected swatches into the tray as a card."""
        cue = self.bench.selected_cue
        if cue is not None and cue.swatches is not None:
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
                self.window.guarded(lambda: self.bench.change_cue(index, what, swatches=colours))

        self.loader.ask(find, take)
