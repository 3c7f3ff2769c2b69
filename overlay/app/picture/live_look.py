"""Live looks: while a control is moved, the picture answers at once with a small trial."""

from typing import Any

from PySide6.QtCore import QObject
from PySide6.QtGui import QImage

from overlay.app.floor.floor import Floor
from overlay.app.parts.images import to_image
from overlay.app.parts.language import tr
from overlay.app.parts.plain import plain
from overlay.app.parts.theme import tone
from overlay.app.picture.look import OF_PROOF
from overlay.app.picture.stage import PictureStage
from overlay.document.changes import SAVED, Changes
from overlay.document.recipe import Recipe
from overlay.document.text.json_text import RecipeError
from overlay.engine.control import Control
from overlay.imaging.rows import use_threads
from overlay.studio.runs.live import LiveLook, LiveLooks
from overlay.studio.runs.queue import Purpose, Run
from overlay.studio.sheets.trials import with_values

_KEYS = tuple(key for key in Recipe.model_fields if key not in ("overlay", "passes", "engine"))


class LiveLookDesk(QObject):
    """Asks for looks, the newest alone, and lays them in the picture's place.

    Attributes
    ----------
    shown : the look that is seen, or None.
    """

    def __init__(self, floor: Floor, stage: PictureStage) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.stage = floor, floor.bench, stage
        self._looks = LiveLooks(floor.bench.store)
        self._run: Run | None = None
        self._asked: Recipe | None = None
        self.shown: LiveLook | None = None
        self._image: QImage | None = None
        stage.view_changed.connect(lambda _: self._say())

    def move(self, values: dict[str, Any]) -> None:
        """A hand is on a control: look at what settings would come to, by their keys."""
        if not self._wanted():
            return
        try:
            self._ask(with_values(self.bench.project.recipe, values))
        except RecipeError:
            return  # what cannot be is refused when the hand lets go

    def heed(self, what: Changes) -> None:
        """An edit was made: its look, unless the proof that hangs is of this recipe."""
        if what.touches(SAVED) or not what.touches(*_KEYS):
            return
        recipe, proof = self.bench.project.recipe, self.bench.proof
        if proof is not None and proof.recipe == recipe:
            self.clear()
        elif self._wanted():
            self._ask(recipe)
        else:
            self.clear()

    def clear(self) -> None:
        """Show the proof again, and look no more."""
        self._stop()
        self._asked = None
        if self.shown is not None:
            self.shown = self._image = None
            self.stage.view.show_legend([])
            self.stage.set_moment(None)

    def hold(self, *, on: bool) -> None:
        """While held, show the last proof in place of the look."""
        if self._image is not None:
            self.stage.set_moment(None if on else self._image)

    def _wanted(self) -> bool:
        recipe = self.bench.project.recipe
        heard = any(not cue.muted for cue in recipe.cues)
        return self.floor.settings.live_looks and heard and self.floor.room == "bench"

    def _ask(self, recipe: Recipe) -> None:
        if recipe == self._asked:
            return
        self._stop()
        self._asked, looks, threads = recipe, self._looks, self.floor.settings.threads

        def work(control: Control) -> tuple[LiveLook, QImage] | None:
            use_threads(threads)
            look = looks.look(recipe, control)
            return None if look is None else (look, to_image(look.picture))

        run = self._run = Run(name="Look", work=work, purpose=Purpose.LOOK)
        run.then = lambda found: self._show(run, found)
        self.floor.runner.add(run)

    def _stop(self) -> None:
        if self._run is not None:
            self.floor.runner.queue.stop(self._run)
            self._run = None

    def _show(self, run: Run, found: tuple[LiveLook, QImage] | None) -> None:
        if run is not self._run or found is None:
            return
        self._run = None
        self.shown, self._image = found
        self.stage.set_moment(self._image)
        self._say()

    def _say(self) -> None:
        """What the look foretells, over the picture while that is the proof's place."""
        if self.shown is None or self.stage.mode == "influence":
            return
        if self.stage.mode not in OF_PROOF:
            self.stage.view.show_legend([])
            return
        foretold = "".join(
            f", {key.replace('_', ' ')} {value:.0f}" for key, value in self.shown.figures.items()
        )
        later = self.shown.later
        hidden = f"; {', '.join(later)} come{'s' * (len(later) == 1)} later" if later else ""
        words = plain(tr(f"A look, not a proof{foretold}{hidden}"))
        self.stage.view.show_legend([(tone("register"), words)])
