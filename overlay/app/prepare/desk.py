"""Reads, shows and saves the picture that is being made ready, off the GUI thread."""

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QPointF, QSize
from PySide6.QtGui import QImage

from overlay.app.parts.images import to_image
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

if TYPE_CHECKING:
    from overlay.app.shell.window import MainWindow


class PrepareDesk(QObject):
    """Between the prepare room, the files and the tray."""

    def __init__(self, window: "MainWindow") -> None:
        super().__init__(window)
        self.window, self.room = window, window.prepare
        self._cleaner: Cleaner | None = None
        self._full = (1, 1)
        self._shown: ByteImage | None = None
        self.room.changed.connect(self._show)
        self.room.pick_asked.connect(self._pick)
        self.room.save_asked.connect(self._save)
        self.room.left.connect(lambda: window.show_room("bench"))
        self.room.refused.connect(window.stage.status.refuse)

    def open(self, path: Path) -> None:
        """Begin to prepare a picture; one prepared before begins where it was left."""
        store = self.window.bench.store

        def read() -> tuple[Preparing, Cleaner, tuple[int, int]]:
            origin, steps = begun_preparation(path)
            picture = store.picture(str(origin))
            size = (picture.shape[1], picture.shape[0])
            return Preparing(origin, steps), Cleaner(preview_picture(picture)), size

        def begin(found: tuple[Preparing, Cleaner, tuple[int, int]]) -> None:
            model, self._cleaner, self._full = found
            self.window.show_room("prepare")
            self.room.open(model)

        self.window.desk.loader.ask(read, begin, newest="prepare")

    def _show(self) -> None:
        model, cleaner = self.room.model, self._cleaner
        self.window.show_history()
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

        self.window.desk.loader.ask(work, show, newest="prepared")

    def _pick(self, place: QPointF) -> None:
        if self._shown is None or not (0 <= place.x() < 1 and 0 <= place.y() < 1):
            return
        height, width = self._shown.shape[:2]
        r, g, b = self._shown[int(place.y() * height), int(place.x() * width)]
        self.room.set_colour(f"#{r:02x}{g:02x}{b:02x}")
        self.room.use_tool("brush")

    def _save(self, as_source: bool) -> None:
        model, store = self.room.model, self.window.bench.store
        if model is None:
            return
        path, steps = model.path, model.steps
        desk, gather = self.window.desk, self.window.gather
        self.room.save.setEnabled(False)

        def work() -> Path:
            return save_prepared(path, prepare_picture(store.picture(str(path)), steps), steps)

        def failed(error: Exception) -> None:
            self.room.save.setEnabled(True)
            self.window.refuse(str(error))

        def done(saved: Path) -> None:
            self.room.save.setEnabled(True)
            self.window.show_room("bench")
            if as_source:
                gather.use_as_source([saved])
            else:
                gather.add_to_tray([saved])
            self.window.stage.status.say(f"Saved as {saved.name}; the tray has it.")

        desk.loader.ask(work, done, failed=failed)
