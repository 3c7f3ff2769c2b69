"""The proof that hangs: its picture, its facts, and what is done with it."""

from pathlib import Path

from PySide6.QtCore import QObject
from PySide6.QtGui import QImage

from overlay.app.floor.commands import Command, Deed, Entries
from overlay.app.floor.floor import Floor
from overlay.app.parts.file_dialogs import ask_export
from overlay.app.parts.images import to_image
from overlay.app.parts.titles import measure_name
from overlay.app.picture.stage import PictureStage
from overlay.handing.pictures import Output
from overlay.imaging.formats.xmp import Credit
from overlay.studio.handing.hand_over import Handed, check_hand_over, hand_over, kept_stage
from overlay.studio.keeping.drawer import star_proof
from overlay.studio.keeping.stages import KeptStages
from overlay.studio.making.engines import engine_names
from overlay.studio.making.proofs import Proof


class ProofDesk(QObject):
    """Hangs proofs on the stage."""

    def __init__(self, floor: Floor, stage: PictureStage) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.stage = floor, floor.bench, stage

    def hang(self, proof: Proof, image: QImage) -> bool:
        """Hang a proof; False when it hangs already."""
        before = self.stage.images.get("proof")
        if not self.bench.take_proof(proof):
            return False
        self.stage.images["last"] = before
        self.stage.set_image("proof", image)
        return True

    def hang_light(self, recipe_hash: str, image: QImage) -> None:
        """Hang a kept proof whose run may not be kept, as a cell of a sheet."""
        shelf = self.bench.shelf
        self.floor.loader.ask(
            lambda: shelf.find(recipe_hash) or shelf.find_light(recipe_hash),
            lambda proof: proof and self.hang(proof, image),
            newest="kept",
        )

    def hang_kept(self) -> None:
        """Hang the kept proof of the present recipe, if there is one."""

        def find() -> tuple[Proof, QImage] | None:
            proof = self.bench.kept_proof()
            return None if proof is None else (proof, to_image(proof.picture))

        self.floor.loader.ask(
            find,
            lambda found: found and self.hang(*found),
            newest="kept",
            failed=lambda _: None,  # nobody asked for it
        )

    def show_facts(self) -> None:
        """Number, time and measures of the proof that hangs."""
        proof = self.bench.proof
        if proof is None:
            self.stage.status.show_facts("", "")
            return
        spent = sum(proof.seconds.get(part, 0.0) for part in ("total", "enlarge"))
        facts = [f"Proof {proof.number}", f"{spent:.1f} s"]
        self.stage.status.show_facts("  ·  ".join(facts), "\n".join(_all_measures(proof)))

    # Deeds ----------------------------------------------------------------------------------

    def commands(self) -> Entries:
        """What is done with the proof, and who renders it."""
        return (
            Command("File", "Export proof…", "Ctrl+E", self._export),
            Command("Proof", "Restore its recipe", "", self._restore),
            None,
            *self._engines(),
        )

    def _engines(self) -> Entries:
        """Entries to choose an engine by, where other packages bring more than our own."""
        names = engine_names()
        if len(names) < 2:
            return ()

        def choose(name: str) -> Deed:
            return lambda: self.bench.change_recipe("Engine", engine=name)

        return tuple(Command("Proof", f"Render with {name}", "", choose(name)) for name in names)

    def star(self) -> None:
        """Give the proof that hangs a star, or take it away."""
        proof = self.bench.proof
        if proof is None:
            self.floor.refuse("There is no proof to keep yet; pull one first.")
            return
        star_proof(self.bench.project, proof.number, proof.recipe_hash)
        star = self.bench.project.state.mark(proof.recipe_hash).star
        self.floor.say(f"Proof {proof.number} {'has' if star else 'no longer has'} a star.")

    def _restore(self) -> None:
        if self.bench.proof is None:
            self.floor.refuse("There is no proof yet; pull one first.")
        else:
            self.bench.restore(self.bench.proof)

    def _export(self) -> None:
        proof, floor = self.bench.proof, self.floor
        if proof is None:
            floor.refuse("There is no proof to export yet; pull one first.")
            return
        folder = floor.settings.pictures_folder
        path = ask_export(floor.host, f"proof-{proof.number}.png", folder)
        if path is not None:
            self.export_to(path)

    def export_to(self, path: Path) -> None:
        """Write the proof that hangs to a picture file, the recipe inside where that can be."""
        proof = self.bench.proof
        assert proof is not None
        output = Output(credit=Credit(self.floor.settings.creator))
        check_hand_over(path, output)
        store, kept = self.bench.store, KeptStages(self.bench.shelf, self.bench.store.stages)
        handed = Handed(proof.recipe, proof.picture, proof.engine, proof.measures)
        stage = kept_stage(proof.recipe, kept)
        self.floor.loader.ask(
            lambda: hand_over(path, handed, output, store, stage),
            lambda _: self.floor.say(f"Exported proof {proof.number} to {path}"),
            outlives=True,
        )


def _all_measures(proof: Proof) -> list[str]:
    """Every measure of a proof as a line of text."""
    lines = []
    for key, value in proof.measures.items():
        name = measure_name(key)
        if isinstance(value, dict):
            lines += [f"{name}, {of}: {number:g}" for of, number in value.items()]
        else:
            lines.append(f"{name}: {value:g}")
    return lines
