"""The floor: what a desk may stand on, and nothing else of the window."""

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject, Signal
from PySide6.QtWidgets import QWidget

from overlay.app.floor.rooms import Rooms
from overlay.app.work.loader import Loader
from overlay.app.work.runner import Runner
from overlay.imaging.formats.palette_files import read_palette
from overlay.imaging.intake import MissingFileError
from overlay.studio.bench.bench import Bench
from overlay.studio.inputs.cards import is_card
from overlay.studio.inputs.paths import plain_path
from overlay.studio.keeping.settings import Settings, load_settings, save_settings
from overlay.studio.making.words_scene import BlankError


class Floor(QObject):
    """The project in work, its settings, work off the GUI thread, and a voice.

    Signals
    -------
    settings_changed : with the settings before.
    not_there : files that are missing, and the sentence that says so.
    blank : the sentence that names a blank which must be filled.
    """

    settings_changed = Signal(object)
    not_there = Signal(list, str)
    blank = Signal(str)

    def __init__(self, host: QWidget, bench: Bench) -> None:
        super().__init__(host)
        self.host, self.bench = host, bench
        self.rooms = Rooms(self)
        self.loader = Loader(self)
        self.loader.failed.connect(self.could_not)
        self.runner = Runner(self)
        self.settings = load_settings()

    # Rooms and what is said -----------------------------------------------------------------

    @property
    def room(self) -> str:
        """The name of the room that is shown."""
        return self.rooms.shown.name

    def go_to(self, room: str) -> None:
        """Go to a room; in it, what is being typed elsewhere is done."""
        self.rooms.go_to(room)

    def say(self, text: str, action: str = "", do: Callable[[], object] | None = None) -> None:
        """Say something in the room that is shown; `action` is a button that does `do`."""
        self.rooms.shown.line.say(text, action, do)

    def refuse(self, text: str, action: str = "", do: Callable[[], object] | None = None) -> None:
        """Say what went wrong, to which file or cue, and what is allowed."""
        self.rooms.shown.line.refuse(text, action, do)

    def guarded(self, do: Callable[[], object]) -> bool:
        """Do something; what is refused is said, and False returned."""
        try:
            do()
        except (ValueError, OSError) as error:
            self.refuse(str(error))
            return False
        return True

    def could_not(self, error: Exception) -> None:
        """Say what went wrong; where a file is not there, others may offer to look for it."""
        if isinstance(error, MissingFileError):
            self.not_there.emit([error.path], str(error))
        elif isinstance(error, BlankError):
            self.blank.emit(str(error))
        else:
            self.refuse(str(error))

    # Settings -------------------------------------------------------------------------------

    def change_settings(self, settings: Settings) -> None:
        """Take other settings and keep them."""
        before, self.settings = self.settings, settings
        self.loader.ask(lambda: save_settings(settings), newest="settings", outlives=True)
        self.settings_changed.emit(before)

    # Pictures -------------------------------------------------------------------------------

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

        self.loader.ask(read, lambda _: self.guarded(then))
