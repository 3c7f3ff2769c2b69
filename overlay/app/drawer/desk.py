"""Keeps the drawer in step with the shelf, and does what is asked of its proofs."""

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject
from PySide6.QtGui import QImage

from overlay.app.parts.images import to_image
from overlay.document.reading import recipe_json
from overlay.imaging.files import read_picture, writable_kind, write_picture
from overlay.studio.inputs.paths import relative_recipe
from overlay.studio.keeping.drawer import started_from
from overlay.studio.keeping.shelf import Kept

if TYPE_CHECKING:
    from overlay.app.shell.window import MainWindow


class DrawerDesk(QObject):
    """Reads files for the drawer off the GUI thread."""

    def __init__(self, window: "MainWindow") -> None:
        super().__init__(window)
        self.window, self.bench, self.room = window, window.bench, window.drawer
        self.room.list.thumb_asked.connect(self._ask_thumb)
        self.room.preview_asked.connect(self._ask_preview)
        self.room.deed_asked.connect(self._do)
        self.bench.pulled.connect(self.refresh)
        self.bench.opened.connect(self._opened)

    def _opened(self) -> None:
        self.room.list.forget()
        self.room.show_kept([])
        self.refresh()

    def refresh(self) -> None:
        """Read what is on the shelf, if the drawer is in sight."""
        if self.window.room != "drawer":
            return
        shelf = self.bench.shelf
        self.window.desk.loader.ask(shelf.all_kept, self.room.show_kept, newest="drawer")

    def _ask_thumb(self, recipe_hash: str) -> None:
        shelf = self.bench.shelf

        def read() -> QImage:
            return to_image(read_picture(shelf.small_picture(recipe_hash)))

        self.window.desk.loader.ask(
            read,
            lambda i: self.room.list.show_thumb(recipe_hash, i),
            newest=f"small {recipe_hash}",
        )

    def _ask_preview(self, recipe_hash: str) -> None:
        shelf = self.bench.shelf

        def read() -> QImage:
            large = shelf.folder / f"{recipe_hash}.png"
            return to_image(
                read_picture(large if large.exists() else shelf.small_picture(recipe_hash))
            )

        self.window.desk.loader.ask(
            read, lambda i: self.room.show_preview(recipe_hash, i), newest="preview"
        )

    # Deeds ----------------------------------------------------------------------------------

    def _do(self, deed: str, proofs: list[Kept]) -> None:
        deeds = {
            "restore": self.restore, "source": self.start_from,
            "export": self.export, "compare": self.compare,
        }  # fmt: skip
        self.window.guarded(lambda: deeds[deed](proofs))

    def restore(self, proofs: list[Kept]) -> None:
        """Bring a proof's recipe to the bench and hang the proof there."""
        self.bench.restore(proofs[0])
        self.window.show_room("bench")
        self.window.desk.ask_kept_proof()
        self.window.stage.status.say(f"The bench has the recipe of proof {proofs[0].number}.")

    def start_from(self, proofs: list[Kept]) -> None:
        """Make a proof the source."""
        shelf, kept = self.bench.shelf, proofs[0]

        def done(path: Path) -> None:
            self.window.guarded(lambda: self.bench.use_proof_as_source(kept, path))
            self.window.show_room("bench")

        self.window.desk.loader.ask(lambda: started_from(kept, shelf), done)

    def compare(self, proofs: list[Kept]) -> None:
        """Hang one proof beside the bench's, or two beside each other."""
        shelf, stage = self.bench.shelf, self.window.stage

        def read() -> list[QImage]:
            paths = [shelf.folder / f"{k.recipe_hash}.png" for k in proofs]
            return [to_image(read_picture(path)) for path in paths]

        def done(images: list[QImage]) -> None:
            self.window.show_room("bench")
            stage.set_mode("proof")
            stage.set_image("chosen", images[0])
            if len(images) == 2:
                stage.set_image("chosen2", images[1])
            two = len(images) == 2
            stage.compare_with("chosen2" if two else "chosen", "chosen" if two else "proof")
            if stage.compare.way is None:
                stage.compare.ways["beside"].setChecked(True)
            named = " and ".join(str(k.number) for k in proofs)
            stage.status.say(f"Comparing with proof {named}." if not two else f"Proofs {named}.")

        self.window.desk.loader.ask(read, done, newest="compare")

    def export(self, proofs: list[Kept]) -> None:
        """Write a proof to a file that is asked for."""
        path = self.window.dialogs.ask_export(f"proof-{proofs[0].number}.png")
        if path is not None:
            self.export_to(proofs[0], path)

    def export_to(self, kept: Kept, path: Path) -> None:
        """Write a proof to a file, the recipe inside where the format can."""
        writable_kind(path)
        shelf = self.bench.shelf
        text = recipe_json(relative_recipe(kept.recipe, path.parent))

        def write() -> None:
            picture = read_picture(shelf.folder / f"{kept.recipe_hash}.png")
            write_picture(path, picture, recipe=text)

        self.window.desk.loader.ask(
            write,
            lambda _: self.window.say(f"Exported proof {kept.number} to {path}"),
            outlives=True,
        )
