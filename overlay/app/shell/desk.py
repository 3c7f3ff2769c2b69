"""Keeps panels and model in step: what changed in the one is shown in the other."""

from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QSize, Qt
from PySide6.QtGui import QImage

from overlay.app.parts.icons import retint
from overlay.app.parts.images import to_image
from overlay.app.work.loader import Loader
from overlay.imaging.intake import MissingFileError
from overlay.studio.advising.advice import Advice, find_advice
from overlay.studio.advising.map_advice import map_advice
from overlay.studio.inputs.cards import card_picture, is_card
from overlay.studio.inputs.checks import Finding
from overlay.studio.making.proofs import Proof
from overlay.studio.making.requests import guide_frame

if TYPE_CHECKING:
    from overlay.app.shell.window import MainWindow

_PREVIEW = QSize(560, 280)  # pixels, twice what the cue card shows, for sharp displays
_SMOOTH = Qt.TransformationMode.SmoothTransformation


class Desk(QObject):
    """Connects the bench's signals to the panels, and reads pictures for them."""

    def __init__(self, window: "MainWindow") -> None:
        super().__init__(window)
        self.window = window
        self.bench = window.bench
        self.loader = Loader(self)
        self.loader.failed.connect(self.could_not)
        self._shown: dict[str, object] = {}
        self._connect_bench()
        self._connect_panels()

    def _connect_bench(self) -> None:
        self.bench.opened.connect(self._opened)
        self.bench.selected.connect(self._selected)
        self.bench.pulled.connect(self._pulled)
        self.bench.project.changed.connect(self.refresh)

    def _connect_panels(self) -> None:
        w = self.window
        status = w.stage.status
        for panel in (w.top, w.sheet, w.card):
            panel.refused.connect(status.refuse)
        w.sheet.filmstrip.scrubbed.connect(self.scrub)
        w.tray.thumb_asked.connect(self._ask_thumb)
        w.stage.advice.followed.connect(self.follow)
        w.stage.advice.put_aside.connect(self.put_aside)

    # Changes of the model -------------------------------------------------------------------

    def refresh(self) -> None:
        """Show the present state everywhere."""
        w = self.window
        w.top.refresh()
        w.tray.refresh()
        w.sheet.refresh()
        w.card.refresh()
        w.show_history()
        self.show_moment()
        self._show_source()
        self._show_reference()
        self.window.maps.refresh()
        self.window.region_desk.refresh()
        self._advise()
        if w.room == "drawer":
            w.drawer.refresh()
        w.keeping.note()

    def _opened(self) -> None:
        self.loader.leave_project()
        self.bench.project.changed.connect(self.refresh)
        self.window.puller.stop()
        self._shown.clear()
        self.window.maps.forget()
        self.window.region_desk.forget()
        self.window.tray.forget()
        self.window.stage.images.clear()
        self.window.stage.set_moment(None)
        self.window.stage.set_mode("proof")
        self.window.sheet.filmstrip.clear()
        self.window.card.show_picture(None)
        self.show_facts()
        self.scrub(1.0)
        self.window.keeping.take_over()
        self.refresh()
        self.ask_kept_proof()
        path = self.bench.project.path
        self.window.stage.status.say("" if path is None else f"Opened {path.name}")
        self.window.files.watch()

    def ask_kept_proof(self) -> None:
        """Hang the kept proof of the present recipe, if there is one."""

        def find() -> tuple[Proof, QImage] | None:
            proof = self.bench.kept_proof()
            return None if proof is None else (proof, to_image(proof.picture))

        self.loader.ask(
            find,
            lambda found: found and self.hang(*found),
            newest="kept",
            failed=lambda _: None,  # nobody asked for it
        )

    def hang(self, proof: Proof, image: QImage) -> bool:
        """Hang a proof; False when it hangs already."""
        before = self.window.stage.images.get("proof")
        if not self.bench.take_proof(proof):
            return False
        self.window.stage.images["last"] = before
        self.window.stage.set_image("proof", image)
        return True

    def _pulled(self) -> None:
        proof = self.bench.proof
        if proof is None:
            return
        self.window.sheet.filmstrip.set_frames(proof.filmstrip, proof.recipe.steps)
        self.window.sheet.show_shares()
        self.scrub(1.0)
        self.window.inspector.refresh()
        self.show_facts()
        self.window.regions.refresh()
        self.window.maps.refresh()
        self._advise()
        self.window.keeping.trim()

    def show_facts(self) -> None:
        """Number, time and measures of the proof that hangs."""
        proof = self.bench.proof
        if proof is None:
            self.window.stage.status.show_facts("", "")
            return
        facts = [f"Proof {proof.number}", f"{proof.seconds.get('total', 0):.1f} s"]
        matches = proof.measures.get("style_match", {})
        if matches:
            facts.append("style match " + " / ".join(f"{v:.0f}" for v in matches.values()))
        if "structure_kept" in proof.measures:
            facts.append(f"structure kept {proof.measures['structure_kept']:.0f}")
        self.window.stage.status.show_facts("  ·  ".join(facts), "\n".join(_all_measures(proof)))

    def _selected(self) -> None:
        self.window.sheet.mark_selected()
        self.window.card.refresh()
        self._show_reference()
        self.window.maps.refresh()

    # Moments --------------------------------------------------------------------------------

    def scrub(self, progress: float) -> None:
        """Look at a moment of the run."""
        if progress > 0.995:
            progress = 1.0
        film = self.window.sheet.filmstrip
        film.set_moment(self._start(), progress)
        self.show_moment()
        self.window.stage.set_moment(film.frame_at(progress))

    def show_moment(self) -> None:
        """Draw the playhead and the start of the run on every row."""
        sheet = self.window.sheet
        sheet.set_moment(self._start(), sheet.filmstrip.playhead)

    def _start(self) -> float:
        return 1.0 - self.bench.project.recipe.departure

    # Pictures for the panels ----------------------------------------------------------------

    def _show_source(self) -> None:
        recipe, store = self.bench.project.recipe, self.bench.store
        key = (recipe.source, recipe.size)
        if self._shown.get("source") == key:
            return
        self._shown["source"] = key
        stage = self.window.stage
        if recipe.source is None:
            stage.set_image("source", None)
            stage.view.show_hint("Drop a picture here to make it the source")
            return

        def read() -> tuple[QImage, float]:
            picture = store.picture(str(recipe.source))
            framed = guide_frame(recipe, store).picture
            assert framed is not None
            return to_image(framed), picture.shape[1] / picture.shape[0]

        self.loader.ask(read, self._got_source, newest="source", failed=self._no_source)

    def _got_source(self, found: tuple[QImage, float]) -> None:
        image, aspect = found
        self.window.stage.set_image("source", image)
        self.window.top.set_source_aspect(aspect)

    def _show_reference(self) -> None:
        cue = self.bench.selected_cue
        path = None if cue is None else cue.reference or cue.avoided
        if path is None:
            self.window.stage.set_image("reference", None)
            return
        store = self.bench.store

        checks = self.bench.checks

        def read() -> tuple[QImage, QImage, tuple[Finding, ...]]:
            image = to_image(store.picture(path))
            keep, smooth = Qt.AspectRatioMode.KeepAspectRatio, _SMOOTH
            return image, image.scaled(_PREVIEW, keep, smooth), checks.of(path)

        self.loader.ask(read, self._got_reference, newest="reference", failed=self._no_reference)

    def _no_reference(self, error: Exception) -> None:
        """Show no picture rather than the one before, and say why."""
        self.window.card.show_picture(None)
        self.window.card.show_findings(())
        self.window.stage.set_image("reference", None)
        self.could_not(error)

    def _got_reference(self, read: tuple[QImage, QImage, tuple[Finding, ...]]) -> None:
        image, preview, findings = read
        cue = self.bench.selected_cue
        if cue is not None and cue.kind in ("reference", "avoided"):
            self.window.card.show_picture(preview, image.size())
            self.window.card.show_findings(findings)
        self.window.stage.set_image("reference", image)

    def _ask_thumb(self, path: Path) -> None:
        store, checks, tray = self.bench.store, self.bench.checks, self.window.tray

        def read() -> tuple[QImage, tuple[Finding, ...]]:
            if is_card(path):
                return to_image(card_picture(path)), ()
            picture = store.picture(str(path))
            step = max(1, max(picture.shape[:2]) // 640)
            return to_image(picture[::step, ::step]), checks.of(str(path))

        self.loader.ask(
            read,
            lambda found: tray.show_thumb(path, *found),
            newest=f"thumb {path}",
            failed=lambda error: tray.show_missing(path, str(error)),
        )

    # Advice ---------------------------------------------------------------------------------

    def _advise(self) -> None:
        """Look for troubles in what is there now."""
        recipe, proof, checks = self.bench.project.recipe, self.bench.proof, self.bench.checks
        store = self.bench.store
        used = {c.reference for c in recipe.cues if c.reference} | {recipe.source} - {None}

        def look() -> list[Advice]:
            findings = {path: checks.of(path) for path in used if path is not None}
            found = find_advice(recipe, findings, proof) + map_advice(recipe, store)
            return sorted(found, key=lambda advice: -advice.weight)

        self.loader.ask(look, self._show_advice, newest="advice", failed=lambda _: None)

    def _show_advice(self, advice: list[Advice]) -> None:
        put_aside = self.bench.dismissed
        self.window.stage.advice.show_advice([a for a in advice if a.key not in put_aside])

    def follow(self, advice: Advice | None) -> None:
        """Do what an advice says."""
        if advice is None:
            return
        source = self.bench.project.recipe.source
        if advice.deed == "hold":
            self.window.guarded(self.bench.hold_structure)
        elif advice.deed == "trace":
            self.window.stage.set_mode("trace")
        elif advice.deed == "prepare" and source is not None:
            self.window.prepare_desk.open(Path(source))
        else:
            self.window.guarded(lambda: self.bench.follow(advice))

    def put_aside(self, advice: Advice | None) -> None:
        """Do not say it again while this project is open."""
        if advice is None:
            return  # it went while its button was held
        self.bench.dismissed.add(advice.key)
        self._advise()

    # What could not be done -----------------------------------------------------------------

    def _no_source(self, error: Exception) -> None:
        """Say why, and have it tried again after the next change."""
        self._shown.pop("source", None)
        self.window.stage.set_image("source", None)
        self.could_not(error)

    def could_not(self, error: Exception) -> None:
        """Say what went wrong; where a file is not there, offer once to look for it."""
        if isinstance(error, MissingFileError):
            self.window.files.offer_to_find([error.path], str(error))
        else:
            self.window.refuse(str(error))

    def repaint_all(self) -> None:
        """Paint everything anew after the theme changed."""
        retint(self.window)
        self.refresh()
        self.window.update()


def _all_measures(proof: Proof) -> list[str]:
    """Every measure of a proof as a line of text."""
    lines = []
    for key, value in proof.measures.items():
        name = key.replace("_", " ").capitalize()
        if isinstance(value, dict):
            lines += [f"{name}, {of}: {number:g}" for of, number in value.items()]
        else:
            lines.append(f"{name}: {value:g}")
    return lines
