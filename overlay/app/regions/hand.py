"""What the hand does with regions on the picture: paints, clicks places, puts cues on areas."""

from PySide6.QtCore import QObject, QPoint, QPointF, Qt, Signal
from PySide6.QtGui import QGuiApplication

from overlay.app.floor.floor import Floor
from overlay.app.picture.stage import PictureStage
from overlay.app.picture.tools import PickTool, PictureTool
from overlay.app.regions.panel import RegionPanel
from overlay.app.regions.sources import PLACES
from overlay.app.regions.tools import BoxTool, PolygonTool, RampTool, RegionBrush
from overlay.studio.advising.map_looks import smallest_at
from overlay.studio.making.laying import lay_canvas
from overlay.studio.making.region_masks import region_masks

_TOOLS = (RegionBrush, BoxTool, PolygonTool, RampTool, PickTool)
_BRUSHES = ("brush", "erase", "lasso")


class RegionHand(QObject):
    """Gives the picture its tools while regions are edited."""

    drawn = Signal(str, dict)  # the tool, the stroke
    picked = Signal(str)  # what a click says is to be picked

    def __init__(self, floor: Floor, panel: RegionPanel, stage: PictureStage) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.panel, self.stage = floor, floor.bench, panel, stage
        self.tool = ""  # the one in hand, or nothing
        self.panel.tool_asked.connect(self.use_tool)
        self.panel.menu.place_asked.connect(self.ask_place)
        for field in (self.panel.brush, self.panel.soft):
            field.moved.connect(lambda _: self._shape_brush())

    # Tools ----------------------------------------------------------------------------------

    def use_tool(self, tool: str) -> None:
        """Give the picture a tool to paint the region with, or take it away."""
        view = self.stage.view
        if not tool:
            self.tool = ""
            if isinstance(view.tool, _TOOLS):
                view.set_tool(None)
            return
        self.stage.use_tool("")
        self.tool = tool
        made = self._made(tool)
        made.drawn.connect(lambda stroke: self.drawn.emit(self.tool, stroke))  # type: ignore[attr-defined]
        view.set_tool(made)

    def _made(self, tool: str) -> PictureTool:
        keys = QGuiApplication.keyboardModifiers
        if tool == "polygon":
            return PolygonTool(self)
        if tool in _BRUSHES:
            return RegionBrush(tool, *self._brush(), self)
        return BoxTool(keys, self) if tool == "box" else RampTool(keys, self)

    def _brush(self) -> tuple[float, float]:
        return self.panel.brush.value / 100, self.panel.soft.value / 100

    def _shape_brush(self) -> None:
        tool = self.stage.view.tool
        if isinstance(tool, RegionBrush) and tool.kind != "lasso":
            tool.size, tool.soft = self._brush()

    def heed_key(self, key: int) -> bool:
        """Brush, eraser and their size by keys while regions are in sight; whether it was one."""
        tools = {Qt.Key.Key_B: "brush", Qt.Key.Key_E: "erase"}
        sizes = {Qt.Key.Key_Comma: -1.0, Qt.Key.Key_Period: 1.0}
        if self.stage.mode != "region" or self.panel.selected is None:
            return False
        if key in tools:
            self.panel.use_tool(tools[Qt.Key(key)])
        elif key in sizes:
            self.panel.change_brush(sizes[Qt.Key(key)])
        return key in tools or key in sizes

    # Places ---------------------------------------------------------------------------------

    def ask_place(self, kind: str) -> None:
        """Have a place of the picture clicked that tells what is to be picked."""
        self.panel.use_tool("")
        self.tool = kind
        click = PickTool()
        click.setParent(self)
        click.picked.connect(self._take_place)
        self.stage.view.set_tool(click)
        self.floor.say(next(tip for k, _, tip in PLACES if k == kind))

    def _take_place(self, place: QPointF) -> None:
        kind, stage = self.tool, self.stage
        self.use_tool("")
        if not (0 <= place.x() < 1 and 0 <= place.y() < 1):
            return
        at = f"@{place.x():.4f},{place.y():.4f}"
        if kind in ("like", "inside"):
            self.picked.emit(f"{kind}{at}")
            return
        image = stage.images.get("source") or stage.images.get("proof")
        if image is not None:
            x, y = int(place.x() * image.width()), int(place.y() * image.height())
            colour = image.pixelColor(x, y).name()
            self.picked.emit(f"{colour}~12" + (at if kind == "patch" else ""))

    # Cues on areas --------------------------------------------------------------------------

    def carry(self, rows: list[int], screen: QPoint) -> None:
        """While cues are dragged over the picture, say what letting go does."""
        if self._place_on(screen) is None:
            return
        names = " and ".join(self.bench.project.recipe.cues[i].name for i in rows)
        self.floor.say(f"Let go over a region to tie {names} to it")

    def _place_on(self, screen: QPoint) -> QPointF | None:
        """A place of the screen as one of the picture, None beside it."""
        view = self.stage.view
        local = view.mapFromGlobal(screen)
        place = view.place_at(QPointF(local))
        inside = 0 <= place.x() < 1 and 0 <= place.y() < 1
        return place if inside and view.rect().contains(local) else None

    def put_on(self, rows: list[int], screen: QPoint) -> None:
        """Tie cues to the region that lies where they were let go."""
        place = self._place_on(screen)
        recipe, store = self.bench.project.recipe, self.bench.store
        if place is None:
            return

        def find() -> str | None:
            masks = region_masks(recipe, store, lay_canvas(recipe, store))
            return smallest_at(masks, place.x(), place.y())

        def tie(name: str | None) -> None:
            if name is None:
                self.floor.refuse("There is no region at this place; R shows and makes them")
                return
            self.floor.guarded(
                lambda: self.bench.change_cues(rows, "Region", region=name, invert_region=False)
            )
            self.floor.say(f"Tied to {name}")

        self.floor.loader.ask(find, tie)
