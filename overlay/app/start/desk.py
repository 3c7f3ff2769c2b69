"""The start: which of the ways in is offered now, and what each of them does."""

from collections.abc import Callable
from functools import partial
from pathlib import Path

from PySide6.QtCore import QObject, Qt, Signal
from PySide6.QtGui import QImage

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.parts.file_dialogs import PICTURES, ask_open
from overlay.app.parts.images import to_image
from overlay.app.picture.stage import PictureStage
from overlay.app.start.panel import ShelfStrip, WaysPanel
from overlay.document.cues import StyleInfluence
from overlay.imaging.files import read_picture, thumbnail
from overlay.studio.inputs.manner_shelf import NAMES, manner_file

_SMALL = 240  # pixels of a thumbnail


class StartDesk(QObject):
    """Offers three ways in where there is nothing, and the shelf until there is a manner.

    Signals
    -------
    source_asked : pictures, of which the first is to be the source.
    words_asked, demo_asked : those ways. pull_asked : a first proof can be made.
    """

    source_asked = Signal(list)
    words_asked = Signal()
    demo_asked = Signal()
    pull_asked = Signal()

    def __init__(self, floor: Floor, stage: PictureStage) -> None:
        super().__init__(floor)
        self.floor, self.bench = floor, floor.bench
        self.ways, self.shelf = WaysPanel(), ShelfStrip(NAMES)
        self._wanted = False  # whether the shelf was asked for
        self._away = False  # whether it was put away in this project
        self._drawn: set[str] = set()
        middle, low = Qt.AlignmentFlag.AlignCenter, Qt.AlignmentFlag.AlignBottom
        stage.put_over(self.ways, middle)
        stage.put_over(self.shelf, low)
        self.ways.asked.connect(self._begin)
        self.shelf.taken.connect(self._take)
        self.shelf.left.connect(self.put_away)

    def commands(self) -> Entries:
        """The shelf can be had at any time."""
        return (Command("Cue", "Manners that ship…", "", self.show_shelf),)

    def refresh(self) -> None:
        """Something was begun, or all of it taken back."""
        state = self.bench.project.state
        recipe = state.recipe
        begun = bool(recipe.source or recipe.prompt)
        styled = any(isinstance(cue, StyleInfluence) for cue in recipe.cues)
        self.ways.setVisible(not (begun or recipe.cues or state.tray))
        self._show_shelf(shown=self._wanted or (begun and not styled and not self._away))

    def forget(self) -> None:
        """Another project is in place."""
        self._wanted = self._away = False
        self.refresh()

    def show_shelf(self) -> None:
        """Show the shelf, whatever there is."""
        self.floor.go_to("bench")
        self._wanted = True
        self.refresh()
        self.shelf.buttons[NAMES[0]].setFocus()

    def put_away(self) -> None:
        """No shelf in this project any more, unless it is asked for."""
        self._wanted, self._away = False, True
        self.refresh()

    def _show_shelf(self, *, shown: bool) -> None:
        self.shelf.setVisible(shown)
        for name in NAMES if shown else ():
            if name not in self._drawn:
                self._drawn.add(name)
                show = partial(self.shelf.show_thumb, name)
                # Drawing all of them takes seconds, for which the first words must not wait.
                self.floor.loader.ask(partial(_thumb, name), show, outlives=True, patient=True)

    def _begin(self, way: str) -> None:
        if way == "photo":
            folder = self.floor.settings.pictures_folder
            path = ask_open(self.floor.host, "The source", folder, PICTURES)
            if path is not None:
                self.source_asked.emit([path])
        elif way == "words":
            self.words_asked.emit()
        else:
            self.demo_asked.emit()

    def _take(self, name: str) -> None:
        """A manner from the shelf: its cue, and where there is a source a first proof."""
        self._wanted = False

        def then(path: Path) -> None:
            if self._edited(lambda: self.bench.take_manner(name, path)):
                recipe = self.bench.project.recipe
                if recipe.source or recipe.prompt:
                    self.pull_asked.emit()

        self.floor.loader.ask(partial(manner_file, name), then)

    def _edited(self, do: Callable[[], object]) -> bool:
        done = self.floor.guarded(do)
        self.refresh()
        return done


def _thumb(name: str) -> QImage:
    return to_image(thumbnail(read_picture(manner_file(name)), _SMALL))
