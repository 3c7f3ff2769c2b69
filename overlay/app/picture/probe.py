"""Reading the picture: the colour of a place, and how calm a frame of it is."""

from PySide6.QtCore import QObject, QPointF, QRectF
from PySide6.QtGui import QColor, QGuiApplication

from overlay.app.floor.commands import Command, Entries
from overlay.app.floor.floor import Floor
from overlay.app.parts.images import from_image
from overlay.app.picture.stage import PictureStage
from overlay.app.picture.tools import FrameTool, PickTool
from overlay.document.cues import SwatchesCue
from overlay.imaging.colour import hex_to_oklch
from overlay.measures.clear_space import ClearSpace, clear_space


class Probe(QObject):
    """Gives the picture its tools and says what they find."""

    def __init__(self, floor: Floor, stage: PictureStage) -> None:
        super().__init__(floor)
        self.floor, self.stage = floor, stage
        self._tool = ""
        self.stage.tool_asked.connect(self.use)

    def commands(self) -> Entries:
        """The tools by their keys."""
        tools = self.stage.tools
        return (
            Command("View", "Read a colour", "C", tools["pick"].click),
            Command("View", "Clear space", "Shift+C", tools["clear"].click),
        )

    @property
    def tool(self) -> str:
        """The tool in hand: pick, clear, or nothing."""
        return self._tool

    def use(self, tool: str) -> None:
        """Take a tool in hand, or put it down."""
        self._tool = tool
        view, status = self.stage.view, self.stage.status
        view.show_legend([])
        if tool == "pick":
            pick = PickTool()
            pick.setParent(self)
            pick.seen.connect(self._see)
            pick.picked.connect(self._pick)
            view.set_tool(pick)
            status.say("Point at a colour; a click copies it. Esc puts the tool down.")
        elif tool == "clear":
            frame = FrameTool(parent=self)
            frame.framed.connect(self._look)
            view.set_tool(frame)
            status.say("Drag a frame where text is to go. Esc puts the tool down.")
        else:
            view.set_tool(None)

    def _colour(self, place: QPointF) -> str | None:
        image = self.stage.shown
        if image is None or not (0 <= place.x() < 1 and 0 <= place.y() < 1):
            return None
        x, y = int(place.x() * image.width()), int(place.y() * image.height())
        return image.pixelColor(x, y).name()

    def _see(self, place: QPointF) -> None:
        colour = self._colour(place)
        if colour is not None:
            light, chroma, hue = hex_to_oklch(colour)
            text = f"{colour}   L {light:.0%}  C {chroma:.3f}  h {hue:.0f}°"
            self.stage.view.show_legend([(QColor(colour), text)])

    def _pick(self, place: QPointF) -> None:
        colour = self._colour(place)
        if colour is None:
            return
        self._see(place)
        QGuiApplication.clipboard().setText(colour)
        self.stage.status.say(
            f"{colour} is in the clipboard.", "Make it a swatch", lambda: self._swatch(colour)
        )

    def _swatch(self, colour: str) -> None:
        """Add a colour to the selected swatches, or begin a cue with it."""
        bench = self.floor.bench
        cue, index = bench.selected_cue, bench.selected_index
        if index is not None and isinstance(cue, SwatchesCue):
            swatches = [*cue.swatches, colour]
            self.floor.guarded(lambda: bench.change_cue(index, "Swatches", swatches=swatches))
        else:
            self.floor.guarded(
                lambda: bench.add_cue("colours", swatches=[colour], facets={"palette": 1.0})
            )

    def _look(self, box: QRectF) -> None:
        image = self.stage.shown
        if image is None:
            return
        edges = (box.left(), box.top(), box.right(), box.bottom())
        self.floor.loader.ask(
            lambda: clear_space(from_image(image), edges), self._say_clear, newest="clear"
        )

    def _say_clear(self, found: ClearSpace) -> None:
        verdict = "Calm enough for text" if found.calm else "Restless for text"
        self.stage.status.say(
            f"{verdict}: busy {found.busy:.0f}, the rest {found.rest:.0f}; "
            f"{found.ink} reads best, {found.contrast:.1f}:1 at its worst."
        )
