"""Shows the source as it lies under the proof."""

from PySide6.QtCore import QObject, Signal
from PySide6.QtGui import QImage

from overlay.app.floor.floor import Floor
from overlay.app.parts.images import to_image
from overlay.app.parts.language import tr
from overlay.app.picture.stage import PictureStage
from overlay.studio.making.laying import lay_canvas


class SourceDesk(QObject):
    """Reads the source off the GUI thread; `shape_known` is its width over its height."""

    shape_known = Signal(float)

    def __init__(self, floor: Floor, stage: PictureStage) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.stage = floor, floor.bench, stage

    def refresh(self) -> None:
        """Source or size differ: show it, or that there is none."""
        recipe, store = self.bench.project.recipe, self.bench.store
        if recipe.source is None:
            if not recipe.prompt:  # else what words have drawn lies under the proof
                self.stage.set_image("source", None)
            self.stage.view.show_hint(
                tr("Drop a picture here to make it the source, or say what is seen")
            )
            return

        def read() -> tuple[QImage, float]:
            picture = store.picture(str(recipe.source))
            framed = lay_canvas(recipe, store).picture
            assert framed is not None
            return to_image(framed), picture.shape[1] / picture.shape[0]

        self.floor.loader.ask(read, self._got, newest="source", failed=self._none)

    def _got(self, found: tuple[QImage, float]) -> None:
        image, aspect = found
        self.stage.set_image("source", image)
        self.shape_known.emit(aspect)

    def _none(self, error: Exception) -> None:
        self.stage.set_image("source", None)
        self.floor.could_not(error)
