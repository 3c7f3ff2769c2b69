"""Looks for troubles in what is there, says the gravest, and does what helps."""

from pathlib import Path

from PySide6.QtCore import QObject, QTimer, Signal

from overlay.app.floor.floor import Floor
from overlay.app.picture.stage import PictureStage
from overlay.document.cues import ReferenceCue, cues_of
from overlay.studio.advising.advice import Advice, find_advice
from overlay.studio.advising.map_advice import map_advice

_DELAY = 120  # milliseconds after the last change


class AdviceDesk(QObject):
    """Looks off the GUI thread, a moment after the last change; `prepare_asked` is of a picture."""

    prepare_asked = Signal(object)
    # Names, places of the rows and the tray say nothing that advice could be about.
    CONCERNED = ("source", "size", "departure", "cues", "regions", "passes", "blend", "steps")

    def __init__(self, floor: Floor, stage: PictureStage) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.stage = floor, floor.bench, stage
        stage.advice.followed.connect(self.follow)
        stage.advice.put_aside.connect(self.put_aside)
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(_DELAY)
        self._timer.timeout.connect(self._look)

    @property
    def waiting(self) -> bool:
        """Whether it will look soon."""
        return self._timer.isActive()

    def refresh(self) -> None:
        """Something differs that there may be something to say of."""
        self._timer.start()

    def _look(self) -> None:
        recipe, proof, checks = self.bench.project.recipe, self.bench.proof, self.bench.checks
        store = self.bench.store
        references = cues_of(recipe.cues, ReferenceCue, heard=False)
        used = {cue.reference for cue in references} | {recipe.source} - {None}

        def look() -> list[Advice]:
            findings = {path: checks.of(path) for path in used if path is not None}
            found = find_advice(recipe, findings, proof) + map_advice(recipe, store)
            return sorted(found, key=lambda advice: -advice.weight)

        self.floor.loader.ask(look, self._show, newest="advice", failed=lambda _: None)

    def _show(self, advice: list[Advice]) -> None:
        put_aside = self.bench.dismissed
        self.stage.advice.show_advice([a for a in advice if a.key not in put_aside])

    def follow(self, advice: Advice | None) -> None:
        """Do what an advice says."""
        if advice is None:
            return
        source = self.bench.project.recipe.source
        if advice.deed == "hold":
            self.floor.guarded(self.bench.hold_structure)
        elif advice.deed == "trace":
            self.stage.set_mode("trace")
        elif advice.deed == "prepare" and source is not None:
            self.prepare_asked.emit(Path(source))
        else:
            self.floor.guarded(lambda: self.bench.follow(advice))

    def put_aside(self, advice: Advice | None) -> None:
        """Do not say it again while this project is open."""
        if advice is None:
            return  # it went while its button was held
        self.bench.dismissed.add(advice.key)
        self._look()
