"""Keeps the drawer in step with the shelf, and does what is asked of its proofs."""

from dataclasses import replace
from pathlib import Path

from PySide6.QtCore import QObject, Signal
from PySide6.QtGui import QImage

from overlay.app.drawer.room import DrawerRoom
from overlay.app.floor.floor import Floor
from overlay.app.floor.rooms import History, Room, Tab
from overlay.app.parts.file_dialogs import ask_export
from overlay.app.parts.images import to_image
from overlay.app.parts.status import StatusLine
from overlay.document.sets.sheets import ProofSheet
from overlay.handing.pictures import Output
from overlay.imaging.files import read_picture
from overlay.imaging.formats.xmp import Credit
from overlay.studio.handing.hand_over import Handed, check_hand_over, hand_over, kept_stage
from overlay.studio.keeping.drawer import mark_proofs, star_proof, started_from
from overlay.studio.keeping.shelf import Kept
from overlay.studio.keeping.stages import KeptStages
from overlay.studio.making.engines import engine_mark
from overlay.studio.sheets.job import cell_hashes

_LONGEST_NOTE = 10_000  # characters

_Cells = dict[str, tuple[ProofSheet, frozenset[str]]]  # hashes of sheets' cells, by their names


class DrawerDesk(QObject, Room):
    """Reads files for the drawer off the GUI thread.

    Signals
    -------
    restored : the bench has a proof's recipe again. compared : numbers and pictures of one or two.
    """

    name = "drawer"
    tab = Tab("Drawer", "Ctrl+4", "All proofs of this project")
    restored = Signal()
    compared = Signal(list, list)

    def __init__(self, floor: Floor, room: DrawerRoom, line: StatusLine) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.room = floor, floor.bench, room
        self.widget, self.focus, self.line = room, room.list, line
        self._cells: _Cells = {}
        self.room.noted.connect(self._note)
        self.room.list.thumb_asked.connect(self._ask_thumb)
        self.room.preview_asked.connect(self._ask_preview)
        self.room.deed_asked.connect(self._do)
        self.bench.pulled.connect(self.refresh)

    @property
    def history(self) -> History | None:
        """That of the project."""
        return self.bench.project

    def keep_typed(self) -> None:
        """Keep the note that is being written."""
        self.room.keep_note()

    def entered(self) -> None:
        """Look at what is on the shelf now."""
        self.refresh()

    def remove(self) -> None:
        """Take the selected proofs out of the drawer."""
        self._remove(self.room.chosen())

    def star(self) -> None:
        """Give the selected proof a star, or take it away."""
        self._star(self.room.chosen())

    def show_other_project(self) -> None:
        """Another project has other proofs."""
        self.room.list.forget()
        self.room.show_kept([])
        self.refresh()

    def refresh(self) -> None:
        """Read what is on the shelf, if the drawer is in sight."""
        if self.floor.room != self.name:
            return
        shelf, store, sheets = self.bench.shelf, self.bench.store, self.bench.project.state.sheets
        known = self._cells

        def read() -> tuple[list[Kept], _Cells]:
            cells: _Cells = {}
            for sheet in sheets:
                before = known.get(sheet.name)
                if before is None or before[0] is not sheet:
                    before = (sheet, cell_hashes(sheet, store))
                cells[sheet.name] = before
            return shelf.all_kept(), cells

        self.floor.loader.ask(read, self._show, newest="drawer")

    def _show(self, found: tuple[list[Kept], _Cells]) -> None:
        kept, self._cells = found
        self.room.show_sheets({name: hashes for name, (_, hashes) in self._cells.items()})
        self.room.show_kept(kept)

    def _ask_thumb(self, recipe_hash: str) -> None:
        shelf = self.bench.shelf

        def read() -> QImage:
            return to_image(read_picture(shelf.small_picture(recipe_hash)))

        self.floor.loader.ask(
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

        self.floor.loader.ask(
            read, lambda i: self.room.show_preview(recipe_hash, i), newest="preview"
        )

    # Deeds ----------------------------------------------------------------------------------

    def _do(self, deed: str, proofs: list[Kept]) -> None:
        deeds = {
            "restore": self.restore, "source": self.start_from,
            "export": self.export, "compare": self.compare,
            "star": self._star, "remove": self._remove,
        }  # fmt: skip
        self.floor.guarded(lambda: deeds[deed](proofs))

    def _star(self, proofs: list[Kept]) -> None:
        if proofs:
            star_proof(self.bench.project, proofs[0].number, proofs[0].recipe_hash)

    def _remove(self, proofs: list[Kept]) -> None:
        """Take proofs out of the drawer, as one step that can be undone."""
        if not proofs:
            return
        what = f"proof {proofs[0].number}" if len(proofs) == 1 else f"{len(proofs)} proofs"
        hashes = [k.recipe_hash for k in proofs]
        mark_proofs(
            self.bench.project, f"Delete {what}", hashes, lambda m: replace(m, deleted=True)
        )

    def _note(self, kept: Kept, text: str) -> None:
        what, hashes = f"Note on proof {kept.number}", [kept.recipe_hash]
        mark_proofs(
            self.bench.project, what, hashes, lambda m: replace(m, note=text[:_LONGEST_NOTE])
        )

    def restore(self, proofs: list[Kept]) -> None:
        """Bring a proof's recipe to the bench and hang the proof there."""
        self.bench.restore(proofs[0])
        self.floor.go_to("bench")
        self.restored.emit()
        kept = proofs[0]
        said = f"The bench has the recipe of proof {kept.number}."
        if kept.would_differ:
            said += f" It was made by engine {kept.engine_version}: pulled again it will differ."
        self.floor.say(said)

    def start_from(self, proofs: list[Kept]) -> None:
        """Make a proof the source."""
        shelf, kept = self.bench.shelf, proofs[0]

        def done(path: Path) -> None:
            self.floor.guarded(lambda: self.bench.use_proof_as_source(kept, path))
            self.floor.go_to("bench")

        self.floor.loader.ask(lambda: started_from(kept, shelf), done)

    def compare(self, proofs: list[Kept]) -> None:
        """Hang one proof beside the bench's, or two beside each other."""
        shelf = self.bench.shelf

        def read() -> list[QImage]:
            paths = [shelf.folder / f"{k.recipe_hash}.png" for k in proofs]
            return [to_image(read_picture(path)) for path in paths]

        def done(images: list[QImage]) -> None:
            self.floor.go_to("bench")
            self.compared.emit([k.number for k in proofs], images)

        self.floor.loader.ask(read, done, newest="compare")

    def export(self, proofs: list[Kept]) -> None:
        """Write a proof to a file that is asked for."""
        folder = self.floor.settings.pictures_folder
        path = ask_export(self.floor.host, f"proof-{proofs[0].number}.png", folder)
        if path is not None:
            self.export_to(proofs[0], path)

    def export_to(self, kept: Kept, path: Path) -> None:
        """Write a proof to a file, the recipe inside where the format can."""
        output = Output(credit=Credit(self.floor.settings.creator))
        check_hand_over(path, output)
        shelf, store = self.bench.shelf, self.bench.store
        made_by = engine_mark(kept.recipe.engine, kept.engine_version)
        stage = kept_stage(kept.recipe, KeptStages(shelf, store.stages))

        def write() -> None:
            picture = read_picture(shelf.folder / f"{kept.recipe_hash}.png")
            hand_over(path, Handed(kept.recipe, picture, made_by), output, store, stage)

        self.floor.loader.ask(
            write,
            lambda _: self.floor.say(f"Exported proof {kept.number} to {path}"),
            outlives=True,
        )
