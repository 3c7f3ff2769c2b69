"""Reads, shows and saves the picture that is being made ready, off the GUI thread."""

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject, QPointF, QSize, Signal
from PySide6.QtGui import QImage

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.floor.rooms import History, Room, Tab
from overlay.app.parts.images import to_image
from overlay.app.parts.status import StatusLine
from overlay.app.prepare.room import PrepareRoom
from overlay.imaging.colour import ByteImage
from overlay.imaging.prepare import prepare
from overlay.studio.inputs.preparing import (
    Cleaner,
    Preparing,
    begun_preparation,
    finished_size,
    prepare_picture,
    preview_picture,
    save_prepared,
)


class PrepareDesk(QObject, Room):
    """Between the prepare room, the files and the tray.

    Signals
    -------
    saved : a picture, and whether it is to be the source.
    history_changed : undo and redo mean something else now.
    """

    name = "prepare"
    tab = Tab("Prepare", "", "Make a picture ready before it is used", stays=False)
    saved = Signal(object, bool)
    history_changed = Signal()

    def __init__(self, floor: Floor, room: PrepareRoom, line: StatusLine) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.room = floor, floor.bench, room
        self.widget, self.focus, self.line = room, room.view, line
        self._cleaner: Cleaner | None = None
        self._full = (1, 1)
        self._shown: ByteImage | None = None
        self.room.changed.connect(self._show)
        self.room.pick_asked.connect(self._pick)
        self.room.save_asked.connect(self._save)
        self.room.left.connect(self.escape)
        self.room.refused.connect(floor.refuse)

    @property
    def history(self) -> History | None:
        """The steps of the picture that is being made ready."""
        return self.room.model and _Steps(self.room)

    def escape(self) -> bool:
        """Leave the room."""
        self.floor.go_to("bench")
        return True

    def remove(self) -> None:
        """Take the selected stroke away."""
        self.room.remove_stroke()

    def commands(self, picture: Callable[[], Path | None]) -> Entries:
        """How the room is entered; `picture` is the one that is selected."""

        def prepare() -> None:
            path, source = picture(), self.bench.project.recipe.source
            if path is None and source is not None:
                path = Path(source)
            if path is None:
                self.floor.refuse("Select a picture in the tray first; there is no source either.")
            else:
                self.open(path)

        return (Command("Edit", "Prepare the selected picture…", "Ctrl+P", prepare),)

    def open(self, path: Path) -> None:
        """Begin to prepare a picture; one prepared before begins where it was left."""
        store = self.bench.store

        def read() -> tuple[Preparing, Cleaner, tuple[int, int]]:
            origin, steps = begun_preparation(path)
            picture = store.picture(str(origin))
            size = (picture.shape[1], picture.shape[0])
            return Preparing(origin, steps), Cleaner(preview_picture(picture)), size

        def begin(found: tuple[Preparing, Cleaner, tuple[int, int]]) -> None:
            model, self._cleaner, self._full = found
            self.floor.go_to("prepare")
            self.room.open(model)

        self.floor.loader.ask(read, begin, newest="prepare")

    def _show(self) -> None:
        model, cleaner = self.room.model, self._cleaner
        self.history_changed.emit()
        if model is None or cleaner is None:
            return
        steps, size = model.steps, self._full

        def work() -> tuple[QImage, ByteImage, QSize]:
            clean = cleaner.clean(steps)
            toned = prepare(clean, sharpen=steps.sharpen, levels=steps.levels)
            return to_image(toned), toned, QSize(*finished_size(*size, steps))

        def show(found: tuple[QImage, ByteImage, QSize]) -> None:
            image, self._shown, finished = found
            self.room.show_picture(image, finished)

        self.floor.loader.ask(work, show, newest="prepared")

    def _pick(self, place: QPointF) -> None:
        if self._shown is None or not (0 <= place.x() < 1 and 0 <= place.y() < 1):
            return
        height, width = self._shown.shape[:2]
        r, g, b = self._shown[int(place.y() * height), int(place.x() * width)]
        self.room.set_colour(f"#{r:02x}{g:02x}{b:02x}")
        self.room.use_tool("brush")

    def _save(self, as_source: bool) -> None:
        model, store = self.room.model, self.bench.store
        if model is None:
            return
        path, steps = model.path, model.steps
        self.room.save.setEnabled(False)

        def work() -> Path:
            return save_prepared(path, prepare_picture(store.picture(str(path)), steps), steps)

        def failed(error: Exception) -> None:
            self.room.save.setEnabled(True)
            self.floor.refuse(str(error))

        def done(saved: Path) -> None:
            self.room.save.setEnabled(True)
            self.floor.go_to("bench")
            self.saved.emit(saved, as_source)
            self.floor.say(f"Saved as {saved.name}; the tray has it.")

        self.floor.loader.ask(work, done, failed=failed)


class _Steps:
    """The history of the picture that is being made ready, as the window knows histories."""

    def __init__(self, room: PrepareRoom) -> None:
        self._room = room

    @property
    def undo_name(self) -> str | None:
        """Name of the step that undo would take back."""
        return self._room.model.undo_name if self._room.model else None

    @property
    def redo_name(self) -> str | None:
        """Name of the step that redo would make again."""
        return self._room.model.redo_name if self._room.model else None

    def undo(self) -> None:
        """Take the last step back."""
        self._room.undo()

    def redo(self) -> None:
        """Make it again."""
        self._room.redo()
