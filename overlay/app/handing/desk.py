"""Hands proofs on: exports with options, prints, the recipe card."""

from collections.abc import Callable
from contextlib import suppress
from dataclasses import replace
from pathlib import Path

from PySide6.QtCore import QObject
from PySide6.QtGui import QImage

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.handing.export_dialog import CARDS, ExportDialog, Wanted
from overlay.app.handing.print_dialog import PrintDialog
from overlay.app.parts.file_dialogs import ask_save
from overlay.app.parts.images import to_image
from overlay.handing.paper import Sheet, write_pdf
from overlay.handing.pictures import Output
from overlay.imaging.colour import ByteImage
from overlay.imaging.files import read_picture
from overlay.imaging.formats.xmp import Credit
from overlay.imaging.intake import PictureError
from overlay.studio.bench.pass_edits import add_pass
from overlay.studio.handing.card import Made, write_card
from overlay.studio.handing.hand_over import Handed, check_hand_over, hand_over, kept_stage
from overlay.studio.handing.profile import profile_of
from overlay.studio.keeping.shelf import Kept
from overlay.studio.keeping.stages import KeptStages
from overlay.studio.making.proofs import Proof


class HandingDesk(QObject):
    """Writes the proof that hangs, or those chosen in the drawer.

    Attributes
    ----------
    chosen : the proofs chosen in the drawer, none where it is not in sight.
    """

    def __init__(self, floor: Floor) -> None:
        super().__init__(floor)
        self.floor, self.bench = floor, floor.bench
        self.chosen: Callable[[], list[Kept]] = list

    def commands(self) -> Entries:
        """What is done with a finished proof."""
        return (
            Command("File", "Export with options…", "Ctrl+Alt+E", self.ask_export),
            Command("File", "Print…", "Ctrl+Alt+P", self.ask_print),
            None,
        )

    def _proof(self) -> Proof | None:
        proof = self.bench.proof
        if proof is None:
            self.floor.refuse("There is no proof to hand on yet; pull one first.")
        return proof

    # Export ---------------------------------------------------------------------------------

    def ask_export(self) -> None:
        """Ask how the proof that hangs is to be written."""
        proof = self._proof()
        if proof is None:
            return
        source = proof.recipe.source

        def look() -> bool:
            with suppress(PictureError):
                return source is not None and profile_of(Path(source)) is not None
            return False

        def ask(has_profile: bool) -> None:
            dialog = ExportDialog(
                self.floor.settings.creator, has_profile=has_profile, parent=self.floor.host
            )
            dialog.chosen.connect(lambda wanted: self._choose_place(proof, wanted))
            dialog.open()

        self.floor.loader.ask(look, ask, newest="profile")

    def _choose_place(self, proof: Proof, wanted: Wanted) -> None:
        settings, kind = self.floor.settings, wanted.kind
        if wanted.creator != settings.creator:
            self.floor.change_settings(settings.model_copy(update={"creator": wanted.creator}))
        card = " card" if kind.text in CARDS else ""
        name = f"proof-{proof.number}{card.replace(' ', '-')}{kind.ending}"
        place = str(Path(settings.pictures_folder, name)) if settings.pictures_folder else name
        path = ask_save(self.floor.host, "Export proof", place, f"{kind.text} (*{kind.ending})")
        if path is not None:
            path = path if path.suffix else path.with_suffix(kind.ending)
            self.floor.guarded(lambda: self.export_to(path, proof, wanted))

    def export_to(self, path: Path, proof: Proof, wanted: Wanted) -> None:
        """Write a proof as it was asked for."""
        store = self.bench.store
        made = Handed(proof.recipe, proof.picture, proof.engine, proof.measures)
        if wanted.kind.text in CARDS:
            card = Made(proof.recipe, proof.picture, proof.measures, proof.recipe_hash)
            self._write(path, lambda: write_card(path, card, store, title=wanted.title))
            return
        credit = Credit(wanted.creator, wanted.title)
        output = Output(16 if wanted.kind.depth == 16 else 8, wanted.dpi, credit=credit)
        check_hand_over(path, output)
        stage = kept_stage(proof.recipe, KeptStages(self.bench.shelf, store.stages))
        source = proof.recipe.source if wanted.own_profile else None

        def write() -> None:
            own = output if source is None else replace(output, profile=profile_of(Path(source)))
            hand_over(path, made, own, store, stage)

        self._write(path, write)

    def _write(self, path: Path, do: Callable[[], object]) -> None:
        self.floor.say(f"Writing {path.name}…")
        self.floor.loader.ask(do, lambda _: self.floor.say(f"Wrote {path}"), outlives=True)

    # Print ----------------------------------------------------------------------------------

    def ask_print(self) -> None:
        """Ask how the proof that hangs, or those chosen in the drawer, lie on paper."""
        kept, shelf = self.chosen(), self.bench.shelf
        proof = None if kept else self._proof()
        if not kept and proof is None:
            return

        def read() -> list[tuple[ByteImage, QImage]]:
            if proof is not None:
                pictures = [proof.picture]
            else:
                pictures = [read_picture(shelf.folder / f"{k.recipe_hash}.png") for k in kept]
            return [(picture, _small(picture)) for picture in pictures]

        self.floor.loader.ask(read, self._show_print, newest="print")

    def _show_print(self, read: list[tuple[ByteImage, QImage]]) -> None:
        pictures = [picture for picture, _ in read]
        height, width = pictures[0].shape[:2]
        dialog = PrintDialog((width, height), [image for _, image in read], self.floor.host)
        dialog.written.connect(lambda sheet: self._choose_pdf(pictures, sheet))
        dialog.pass_asked.connect(self.add_passes)
        dialog.open()

    def _choose_pdf(self, pictures: list[ByteImage], sheet: Sheet) -> None:
        folder = self.floor.settings.pictures_folder
        place = str(Path(folder, "proof.pdf")) if folder else "proof.pdf"
        path = ask_save(self.floor.host, "Print to PDF", place, "PDF (*.pdf)")
        if path is not None:
            path = path if path.suffix else path.with_suffix(".pdf")
            self._write(path, lambda: write_pdf(path, pictures, sheet))

    def add_passes(self, factors: tuple[float, ...]) -> None:
        """Have the next pull enlarge the proof so far."""

        def add() -> None:
            for factor in factors:
                add_pass(self.bench.project, "enlarge", factor=factor)

        if self.floor.guarded(add):
            self.floor.say("The next pull enlarges the proof so far.")


def _small(picture: ByteImage) -> QImage:
    step = max(1, max(picture.shape[:2]) // 800)
    return to_image(picture[::step, ::step])
