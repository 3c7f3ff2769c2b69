"""Keeps the tray in step with the project: its pictures, small, with what was found about them."""

from pathlib import Path

from PySide6.QtCore import QObject
from PySide6.QtGui import QImage

from overlay.app.floor.floor import Floor
from overlay.app.parts.images import to_image
from overlay.app.tray.tray import Tray
from overlay.studio.inputs.cards import card_picture, is_card
from overlay.studio.inputs.checks import Finding


class TrayDesk(QObject):
    """Reads what lies in the tray off the GUI thread."""

    def __init__(self, floor: Floor, tray: Tray) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.tray = floor, floor.bench, tray
        tray.thumb_asked.connect(self._read_thumb)
        tray.remove_asked.connect(self.bench.remove_picture)
        tray.renamed.connect(
            lambda path, name: floor.guarded(lambda: self.bench.name_picture(path, name))
        )

    def _read_thumb(self, path: Path) -> None:
        store, checks, tray = self.bench.store, self.bench.checks, self.tray

        def read() -> tuple[QImage, tuple[Finding, ...]]:
            if is_card(path):
                return to_image(card_picture(path)), ()
            picture = store.picture(str(path))
            step = max(1, max(picture.shape[:2]) // 640)
            return to_image(picture[::step, ::step]), checks.of(str(path))

        self.floor.loader.ask(
            read,
            lambda found: tray.show_thumb(path, *found),
            newest=f"thumb {path}",
            failed=lambda error: tray.show_missing(path, str(error)),
        )
