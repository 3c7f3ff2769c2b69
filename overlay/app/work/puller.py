"""Pulling proofs: one job at a time, the picture developing in place."""

import time
from collections.abc import Callable
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject
from PySide6.QtGui import QImage

from overlay.app.parts.asking import ask_choice
from overlay.app.parts.images import to_image
from overlay.app.work.jobs import JobRunner
from overlay.engine.control import Control
from overlay.imaging.colour import ByteImage
from overlay.studio.keeping.settings import use_threads
from overlay.studio.keeping.shelf import pull_proof
from overlay.studio.making.engines import engine_package
from overlay.studio.making.proofs import Proof
from overlay.studio.making.warming import warm_kernels
from overlay.studio.runs.effect import Effect, find_effect

if TYPE_CHECKING:
    from overlay.app.shell.window import MainWindow


class Puller(QObject):
    """Runs pulls and shows how they go."""

    def __init__(self, window: "MainWindow") -> None:
        super().__init__(window)
        self.window = window
        self.runner = JobRunner(self)
        self.warmer = JobRunner(self)
        self._began = 0.0
        self._developed = False
        self._project = window.bench.project
        self.runner.progress.connect(self._progress)
        self.runner.shown.connect(self._shown)
        self.runner.done.connect(self._done)
        self.runner.failed.connect(self._failed)
        self.runner.stopped.connect(self._stopped)
        window.top.pull_asked.connect(self.pull)
        window.top.stop_asked.connect(self.stop)
        window.card.effect_asked.connect(self.ask_effect)

    def warm(self) -> None:
        """Compile the kernels in the background."""
        self.warmer.start(warm_kernels)

    def pull(self) -> None:
        """Render the present recipe; while it runs the window stays usable."""
        if self.runner.busy or not self._may_run():
            return
        self.window.show_room("bench")
        self.window.top.next_seed()
        bench, recipe = self.window.bench, self.window.bench.project.recipe
        shelf, store, engines = bench.shelf, bench.store, self.window.settings.engines

        threads = self.window.settings.threads

        def work(control: Control) -> tuple[Proof, QImage]:
            use_threads(threads)
            proof = pull_proof(recipe, shelf, store, control, engines=engines)
            return proof, to_image(proof.picture)

        self._start(work)

    def ask_effect(self) -> None:
        """Pull with and without the selected cue, and flip between the two."""
        bench, index = self.window.bench, self.window.bench.selected_index
        if self.runner.busy or index is None or not self._may_run():
            return
        recipe, shelf, store = bench.project.recipe, bench.shelf, bench.store
        engines = self.window.settings.engines

        threads = self.window.settings.threads

        def work(control: Control) -> tuple[Effect, QImage, QImage]:
            use_threads(threads)
            effect = find_effect(recipe, index, shelf, store, control, engines=engines)
            return effect, to_image(effect.with_cue.picture), to_image(effect.without.picture)

        self._start(work)

    def _may_run(self) -> bool:
        """Whether the recipe's engine may run: ours always, another package's once allowed."""
        name, settings = self.window.bench.project.recipe.engine, self.window.settings
        package = engine_package(name)
        if package is None or name in settings.engines:
            return True
        choice = ask_choice(
            self.window,
            "Engine of another package",
            f"This recipe asks for the engine {name}, which the package {package} brings. "
            "Pulling runs that package's code on this computer.",
            ("Allow it from now on",),
        )
        if choice is None:
            self.window.refuse(f"No proof: the engine {name} of {package} was not allowed.")
            return False
        engines = (*settings.engines, name)
        self.window.change_settings(settings.model_copy(update={"engines": engines}))
        return True

    def _start(self, work: Callable[[Control], object]) -> None:
        self._began = time.monotonic()
        self._developed = False
        self._project = self.window.bench.project
        self.window.stage.stop_flipping()
        self.window.top.set_running(running=True)
        self.window.stage.status.say("Pulling…")
        self.runner.start(work)

    def stop(self) -> None:
        """Ask the run to stop."""
        if self.runner.busy:
            self.window.stage.status.say("Stopping…")
            self.runner.stop()

    def close(self) -> None:
        """Stop and wait."""
        self.runner.close()
        self.warmer.close()

    def _progress(self, job: int, fraction: float, stage: str) -> None:
        spent = time.monotonic() - self._began
        left = ""
        if fraction > 0.15:
            left = f", {max(spent / fraction - spent, 0.1):.1f} s left"
        self.window.stage.status.say(f"Pulling: {stage}, {fraction * 100:.0f} %{left}")

    def _shown(self, job: int, step: int, progress: float, picture: ByteImage) -> None:
        if job != self.runner.newest or self._project is not self.window.bench.project:
            return
        film, stage = self.window.sheet.filmstrip, self.window.stage
        if not self._developed:
            self._developed = True
            film.clear()
            self.window.sheet.chart.set_influence(None, 16, [])
            if stage.mode != "proof":
                stage.set_mode("proof")
        image = to_image(picture)
        film.add_frame(progress, image)
        self.window.sheet.set_moment(1.0 - self.window.bench.project.recipe.departure, progress)
        stage.set_moment(image)

    def _done(self, job: int, result: tuple[Proof, QImage] | tuple[Effect, QImage, QImage]) -> None:
        if isinstance(result[0], Effect):
            self._effect_found(*result)
        else:
            self._proof_found(*result)

    def _effect_found(self, effect: Effect, image: QImage, without: QImage) -> None:
        self._end()
        if self._project is not self.window.bench.project:
            return
        stage = self.window.stage
        if not self.window.desk.hang(effect.with_cue, image):
            self._restore()
        stage.set_mode("proof")
        stage.set_image("without", without)
        stage.compare_with("without")
        stage.start_flipping()
        stage.status.say(effect.sentence(), "Stop flipping", stage.stop_flipping)

    def _proof_found(self, proof: Proof, image: QImage) -> None:
        self._end()
        if self._project is not self.window.bench.project:
            return  # kept on its own project's shelf
        fresh = self._developed
        status = self.window.stage.status
        if not self.window.desk.hang(proof, image):
            status.say(f"Same as proof {proof.number}: nothing has changed since.")
            return
        if proof.unkept is not None:
            status.refuse(f"Proof {proof.number} is there, but could not be kept: {proof.unkept}")
        elif fresh:
            status.say(f"Proof {proof.number} is there.")
        else:
            status.say(f"Same as proof {proof.number}, pulled before.")

    def _failed(self, job: int, error: Exception) -> None:
        self._end()
        self.window.stage.status.refuse(f"No proof: {error}")
        self._restore()

    def _stopped(self, job: int) -> None:
        if job != self.runner.newest:
            return
        self._end()
        self.window.stage.status.say("Stopped; the last proof is as it was.")
        self._restore()

    def _end(self) -> None:
        self.window.top.set_running(running=False)
        self.window.stage.set_moment(None)

    def _restore(self) -> None:
        """Show the proof that hung before the run again."""
        proof = self.window.bench.proof
        film = self.window.sheet.filmstrip
        if proof is None:
            film.clear()
        else:
            film.set_frames(proof.filmstrip, proof.recipe.steps)
        self.window.sheet.show_shares()
        self.window.desk.scrub(1.0)
