"""Pulling proofs: recipes as they are now go into the queue, pictures develop in place."""

from collections.abc import Callable, Mapping

from PySide6.QtCore import QObject, Signal
from PySide6.QtGui import QImage

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.engines import may_run
from overlay.app.floor.floor import Floor
from overlay.app.parts.images import to_image
from overlay.app.picture.proof_desk import ProofDesk
from overlay.app.picture.stage import PictureStage
from overlay.app.work.runner import Runner
from overlay.document.recipe import Recipe
from overlay.engine.control import Control
from overlay.imaging.colour import ByteImage
from overlay.imaging.rows import use_threads
from overlay.studio.making.proofs import Proof
from overlay.studio.making.warming import warm_kernels
from overlay.studio.runs.effect import Effect, find_effect
from overlay.studio.runs.pull import pull_proof
from overlay.studio.runs.queue import Run


class Puller(QObject):
    """Asks for runs and shows how they go.

    Signals
    -------
    begun : a run shows its first state. developed : how far it is, and the state.
    over : nothing of a run is to be seen any more.
    """

    begun = Signal()
    developed = Signal(float, object)
    over = Signal()

    def __init__(self, floor: Floor, proofs: ProofDesk, stage: PictureStage) -> None:
        super().__init__(floor)
        self.floor, self.bench = floor, floor.bench
        self.proofs, self.stage = proofs, stage
        self.runner, self.warmer = floor.runner, Runner(self)
        self._of: dict[Run, object] = {}  # the project that each run belongs to
        self.runner.progressed.connect(self._progressed)
        self.runner.shown.connect(self._shown)
        self.runner.ended.connect(lambda run: self._of.pop(run, None))

    def commands(self, fills: Mapping[str, Callable[[], object]]) -> Entries:
        """What is run; `fills` pulls what is in sight in rooms that have more than one proof."""

        def pull() -> None:
            fills.get(self.floor.room, self.pull)()

        return (
            Command("Proof", "Pull", "Ctrl+Return", pull),
            Command("Proof", "Stop all that wait", "Shift+Esc", self.stop_all),
            Command("Proof", "What does this cue do?", "Ctrl+Shift+Return", self.ask_effect),
        )

    def warm(self) -> None:
        """Compile the kernels in the background."""
        self.warmer.add(Run(name="Compiling", work=warm_kernels))

    # Asking ---------------------------------------------------------------------------------

    def pull(self) -> None:
        """Have the present recipe rendered, after what is in work; the window stays usable."""
        if not may_run(self.floor, self.bench.project.recipe):
            return
        self.floor.go_to("bench")
        self.bench.take_seed()
        self.pull_recipe(self.bench.project.recipe)

    def pull_recipe(self, recipe: Recipe) -> None:
        """Have a recipe rendered as it is now."""
        shelf, store = self.bench.shelf, self.bench.store
        engines, threads = self.floor.settings.engines, self.floor.settings.threads

        def work(control: Control) -> tuple[Proof, QImage]:
            use_threads(threads)
            proof = pull_proof(recipe, shelf, store, control, engines=engines)
            return proof, to_image(proof.picture)

        self._ask("Proof", work, lambda run, found: self._proof_found(run, *found), recipe)

    def ask_effect(self) -> None:
        """Pull with and without the selected cue, and flip between the two."""
        index = self.bench.selected_index
        if index is None or not may_run(self.floor, self.bench.project.recipe):
            return
        recipe, shelf, store = self.bench.project.recipe, self.bench.shelf, self.bench.store
        engines, threads = self.floor.settings.engines, self.floor.settings.threads

        def work(control: Control) -> tuple[Effect, QImage, QImage]:
            use_threads(threads)
            effect = find_effect(recipe, index, shelf, store, control, engines=engines)
            return effect, to_image(effect.with_cue.picture), to_image(effect.without.picture)

        name = f"What {recipe.cues[index].name} does"
        self._ask(name, work, lambda run, found: self._effect_found(run, *found))

    def _ask(
        self,
        name: str,
        work: Callable[[Control], object],
        found: Callable[[Run, tuple], object],
        recipe: Recipe | None = None,
    ) -> None:
        run = Run(name=name, work=work, recipe=recipe)
        run.then = lambda result: found(run, result)
        run.failed, run.stopped = self._failed, lambda: self._stopped(run)
        self._of[run] = self.bench.project
        self.stage.stop_flipping()
        waits = self.runner.busy
        self.runner.add(run)
        self.stage.status.say(f"{name}: waits for its turn." if waits else "Pulling…")

    # Stopping -------------------------------------------------------------------------------

    def stop(self) -> None:
        """Ask what is in work to stop; the next one follows."""
        if self.runner.queue.running is not None:
            self.stage.status.say("Stopping…")
            self.runner.queue.stop_running()

    def stop_all(self) -> None:
        """Take out all that wait, and stop what is in work."""
        waited = len(self.runner.queue.waiting)
        if waited:
            self.stage.status.say(f"Taken out: {waited} that waited.")
        self.stop()
        self.runner.queue.stop_all()

    def close(self) -> None:
        """Stop and wait."""
        self.runner.close()
        self.warmer.close()

    # Showing --------------------------------------------------------------------------------

    def _progressed(self, run: Run) -> None:
        if run not in self._of:
            return  # another desk's, which shows it itself
        if run.seconds_left is None and not run.doing:
            self.stage.status.say("Pulling…")
            return
        left = "" if run.seconds_left is None else f", {run.seconds_left:.1f} s left"
        self.stage.status.say(f"Pulling: {run.doing}, {run.fraction * 100:.0f} %{left}")

    def _is_here(self, run: Run) -> bool:
        """Whether a run belongs to the project that is in place."""
        return self._of.get(run) is self.bench.project

    def _shown(self, run: Run, progress: float, picture: ByteImage) -> None:
        if not self._is_here(run) or self.runner.queue.running is not run:
            return
        if self._developing is not run:
            self._developing = run
            self.begun.emit()
            if self.stage.mode != "proof":
                self.stage.set_mode("proof")
        image = to_image(picture)
        self.stage.set_moment(image)
        self.developed.emit(progress, image)

    _developing: Run | None = None  # the run whose states are seen

    def _end(self) -> None:
        """Show what hangs, and nothing of a run."""
        self._developing = None
        self.stage.set_moment(None)

    def _effect_found(self, run: Run, effect: Effect, image: QImage, without: QImage) -> None:
        self._end()
        if not self._is_here(run):
            return
        stage = self.stage
        if not self.proofs.hang(effect.with_cue, image):
            self.over.emit()
        stage.set_mode("proof")
        stage.set_image("without", without)
        stage.compare_with("without")
        stage.start_flipping()
        stage.status.say(effect.sentence(), "Stop flipping", stage.stop_flipping)

    def _proof_found(self, run: Run, proof: Proof, image: QImage) -> None:
        self._end()
        if not self._is_here(run):
            return  # kept on its own project's shelf
        status = self.stage.status
        if not self.proofs.hang(proof, image):
            self.over.emit()
            status.say(f"Same as proof {proof.number}: nothing has changed since.")
        elif proof.unkept is not None:
            status.refuse(f"Proof {proof.number} is there, but could not be kept: {proof.unkept}")
        elif run.showed:
            status.say(f"Proof {proof.number} is there.")
        else:
            status.say(f"Same as proof {proof.number}, pulled before.")

    def _failed(self, error: Exception) -> None:
        self._end()
        self.stage.status.refuse(f"No proof: {error}")
        self.over.emit()

    def _stopped(self, run: Run) -> None:
        if not run.began:
            return  # it only waited: nothing was shown of it
        self._end()
        if self._is_here(run):
            self.stage.status.say("Stopped; the last proof is as it was.")
            self.over.emit()
