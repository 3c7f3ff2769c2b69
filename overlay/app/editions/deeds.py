"""What is done with the pictures of an edition: brought to the bench, starred, written to files."""

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject, Signal
from PySide6.QtWidgets import QFileDialog

from overlay.app.editions.room import EditionRoom
from overlay.app.editions.shown import ShownEdition
from overlay.app.floor.floor import Floor
from overlay.app.parts.file_dialogs import ask_save
from overlay.app.parts.images import from_image
from overlay.app.parts.language import tr
from overlay.imaging.intake import PictureError
from overlay.imaging.whole_files import write_bytes
from overlay.studio.editions.archive import write_archive
from overlay.studio.editions.contact import Printed, write_contact
from overlay.studio.editions.folder import EDITION, EditionFolder
from overlay.studio.editions.job import EditionJob, rows_of
from overlay.studio.editions.reading import edition_text
from overlay.studio.editions.rows import row_recipe
from overlay.studio.editions.tasks import Pulled
from overlay.studio.keeping.drawer import star_proof
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.sheets.leaf import check_page

_EXPORTS = ("A folder…", "A contact sheet…", "A ZIP…", "The edition itself…")


class EditionDeeds(QObject):
    """Acts on what is picked, and on the set.

    Signals
    -------
    taken : a picture's hash and small image come to the bench, which has its recipe.
    """

    taken = Signal(str, object)

    def __init__(self, floor: Floor, room: EditionRoom) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.room = floor, floor.bench, room
        deeds: tuple[Callable[[], object], ...] = (
            self.ask_folder, self.ask_contact, self.ask_archive, self.ask_edition
        )  # fmt: skip
        for text, do in zip(_EXPORTS, deeds, strict=True):
            room.export_menu.addAction(tr(text), do)
        room.contact.taken.connect(self.use)

    @property
    def shown(self) -> ShownEdition | None:
        """The edition that is seen."""
        return self.room.model.shown

    def use(self) -> None:
        """Bring the picked picture's recipe to the bench as one step, and hang its proof there."""
        shown, picked = self.shown, self.room.chosen()
        if shown is None or not picked:
            return
        place = picked[0]
        what = f"Picture {place + 1} of {shown.edition.title}"

        def change() -> None:
            self.bench.project.edit(what, row_recipe(shown.edition, place))

        if self.floor.guarded(change):
            row = shown.row(place)
            self.floor.go_to("bench")
            if row.recipe_hash and not row.earlier:
                self.taken.emit(row.recipe_hash, shown.images.get(place))
            self.floor.say(f"The bench has the recipe of {what[0].lower()}{what[1:]}.")

    def star(self) -> None:
        """Keep the picked pictures' proofs in mind."""
        shown = self.shown
        for place in self.room.chosen() if shown is not None else []:
            assert shown is not None
            row = shown.row(place)
            if row.recipe_hash:
                star_proof(self.bench.project, row.number, row.recipe_hash)

    # Export ---------------------------------------------------------------------------------

    def ask_folder(self) -> None:
        """Write every picture that is there into a folder."""
        folder = QFileDialog.getExistingDirectory(
            self.floor.host, "Write the edition into a folder", self._begin()
        )
        if folder:
            self.write_folder(Path(folder))

    def ask_contact(self) -> None:
        """Write the contact sheet."""
        path = self._ask("Contact sheet", "contact.pdf", "Sheets (*.pdf *.png)")
        if path is not None:
            self.floor.guarded(lambda: self.write_contact(path))

    def ask_archive(self) -> None:
        """Write all in one file."""
        path = self._ask("Edition as ZIP", "edition.zip", "ZIP (*.zip)")
        if path is not None:
            self.write_archive(path)

    def ask_edition(self) -> None:
        """Write the edition itself, for the command line."""
        path = self._ask("Edition", EDITION, "Editions (*.json)")
        if path is not None:
            self.floor.guarded(lambda: self.write_edition(path))

    def _ask(self, title: str, name: str, kinds: str) -> Path | None:
        if self.shown is None or not self.shown.there:
            self.floor.refuse("There is nothing to export yet; pull the edition first.")
            return None
        return ask_save(self.floor.host, title, str(Path(self._begin(), name)), kinds)

    def _begin(self) -> str:
        return self.floor.settings.pictures_folder

    def write_folder(self, folder: Path) -> None:
        """Write every picture that is there, with its recipe, and the edition beside them."""
        shown = self.shown
        assert shown is not None
        self.floor.loader.ask(
            lambda: self._written(shown, folder),
            lambda files: self._say_written(len(files) - 1, shown, folder),
            outlives=True,
        )

    def _written(self, shown: ShownEdition, folder: Path) -> list[Path]:
        """Files that were written, the edition last; for a worker thread."""
        target = EditionFolder(folder, self.bench.store)
        shelf = ProofShelf(Path(self.bench.shelf.folder))
        job = EditionJob(shown.edition, self.bench.store, shelf)
        files = []
        for row in rows_of(shown.edition):
            found, proof = job.find(row)
            if proof is not None:
                target.write(
                    found, Pulled(row.index, proof.picture, proof.recipe_hash, proof.engine)
                )
                files.append(target.file(found))
        if not files:
            raise PictureError(f"{folder}: no picture of the edition is kept; pull it first")
        target.write_edition(shown.edition)
        return [*files, folder / EDITION]

    def _say_written(self, count: int, shown: ShownEdition, where: Path) -> None:
        missing = shown.edition.count - count
        rest = f"; {missing} are not pulled yet" if missing else ""
        self.floor.say(f"Wrote {count} pictures to {where}{rest}")

    def write_contact(self, path: Path) -> None:
        """Write the contact sheet as PNG or PDF."""
        check_page(path)
        shown = self.shown
        assert shown is not None
        images = dict(shown.images)
        faults = {place: row.fault for place, row in shown.rows.items() if row.fault}
        edition, sets = shown.edition, list(shown.sets)

        def write() -> None:
            pictures = {place: from_image(image) for place, image in images.items()}
            printed = Printed(edition=edition, pictures=pictures, faults=faults, sets=sets)
            write_contact(path, printed)

        self.floor.loader.ask(
            write, lambda _: self.floor.say(f"Wrote the contact sheet to {path}"), outlives=True
        )

    def write_archive(self, path: Path) -> None:
        """Write all pictures that are there, and the edition, in one ZIP."""
        shown = self.shown
        assert shown is not None

        def write() -> int:
            import tempfile

            with tempfile.TemporaryDirectory(prefix="overlay-") as folder:
                files = self._written(shown, Path(folder))
                write_archive(path, files)
            return len(files) - 1

        self.floor.loader.ask(
            write, lambda count: self._say_written(count, shown, path), outlives=True
        )

    def write_edition(self, path: Path) -> None:
        """Write the edition as a file that `overlay edition` takes."""
        shown = self.shown
        assert shown is not None
        text = edition_text(shown.edition, path.parent)
        write_bytes(path, text.encode())
        self.floor.say(f"Wrote the edition to {path}")
