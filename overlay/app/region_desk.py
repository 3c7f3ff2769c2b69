"""Keeps the regions' masks in step with the recipe: made, shown, painted, redone, settled."""

from pathlib import Path
from typing import TYPE_CHECKING, Any

import numpy as np
from PySide6.QtCore import QObject, QPointF, Qt
from PySide6.QtGui import QGuiApplication, QImage

from overlay.app.images import grey_to_image
from overlay.app.picture_tools import PickTool
from overlay.app.region_tools import BoxTool, RegionBrush
from overlay.imaging.colour import ByteImage
from overlay.imaging.files import PictureError, write_grey8
from overlay.imaging.resample import cover
from overlay.regions.tint import mask_overlay
from overlay.studio.drawer import started_from
from overlay.studio.region_edits import (
    add_region,
    change_region,
    redo_in,
    remove_region,
    rename_region,
    settle_with,
)
from overlay.studio.region_masks import region_masks
from overlay.studio.requests import guide_frame

if TYPE_CHECKING:
    from overlay.app.window import MainWindow

_THUMB = (32, 48)


class RegionDesk(QObject):
    """Between the region panel, the picture and the core that makes masks."""

    def __init__(self, window: "MainWindow") -> None:
        super().__init__(window)
        self.window, self.bench, self.panel = window, window.bench, window.regions
        self._shown: object = None
        self._tool = ""
        p = self.panel
        p.chosen.connect(lambda _: self.refresh())
        p.add_asked.connect(self.add)
        p.colour_asked.connect(self._ask_colour)
        p.changed.connect(self._change)
        p.renamed.connect(self._rename)
        p.remove_asked.connect(self._remove)
        p.tool_asked.connect(self.use_tool)
        p.use_asked.connect(self._tie)
        p.redo_asked.connect(self.redo)
        p.settle_asked.connect(self.settle)
        p.brush.moved.connect(lambda _: self._size_tool())
        window.stage.view_changed.connect(self._view_changed)

    @property
    def tool(self) -> str:
        """The tool in hand, or nothing."""
        return self._tool

    def refresh(self) -> None:
        """Show the selected region's mask over the picture, if regions are in sight."""
        self.panel.refresh()
        stage, name = self.window.stage, self.panel.selected
        if stage.mode != "region":
            return
        recipe, store = self.bench.project.recipe, self.bench.store
        if name is None:
            self._shown = None
            stage.set_image("region", None)
            return
        regions = {n: r.model_dump_json() for n, r in recipe.regions.items()}
        key = (name, str(regions), recipe.source, recipe.size)
        if key == self._shown:
            return
        self._shown = key

        def make() -> tuple[QImage, dict[str, QImage]]:
            frame = guide_frame(recipe, store)
            masks = region_masks(recipe, store, frame)
            beneath = frame.picture
            if beneath is None:
                beneath = np.full((frame.height, frame.width, 3), 128, np.uint8)
            thumbs = {n: grey_to_image(cover(m, *_THUMB)) for n, m in masks.items()}
            return _overlay_image(mask_overlay(masks[name], beneath)), thumbs

        self.window.desk.loader.ask("region", make, self._got)

    def _got(self, found: tuple[QImage, dict[str, QImage]]) -> None:
        image, thumbs = found
        self.window.stage.set_image("region", image)
        for name, thumb in thumbs.items():
            self.panel.show_thumb(name, thumb)

    def forget(self) -> None:
        """Another project is in place."""
        self._shown = None

    def _view_changed(self, mode: str) -> None:
        """The panel takes the cue card's place while regions are in sight."""
        self.window.show_regions(shown=mode == "region")
        if mode != "region" and self._tool:
            self.panel.use_tool("")
        if mode == "region":
            self._shown = None
            self.refresh()

    # Edits ----------------------------------------------------------------------------------

    def add(self, pick: str | None) -> None:
        """Add a region: picked, or empty with the brush in hand."""

        def do() -> None:
            keys = {} if pick is None else {"pick": pick}
            plain = (pick or "painted").split("~")[0].strip("#")
            self.panel.choose(add_region(self.bench.project, plain, **keys))
            if pick is None:
                self.panel.use_tool("brush")

        self.window.guarded(do)

    def _change(self, what: str, changes: dict[str, Any]) -> None:
        name = self.panel.selected
        if name is not None:
            self.window.guarded(lambda: change_region(self.bench.project, name, what, **changes))
            self.panel.refresh()

    def _rename(self, new: str) -> None:
        old = self.panel.selected
        if old is None or not new or new == old:
            return
        if new in self.bench.project.recipe.regions:
            self.window.refuse(f"Regions must have different names, got {new!r} twice")
            self.panel.refresh()
            return
        self.panel._name = new
        self.window.guarded(lambda: rename_region(self.bench.project, old, new))

    def _remove(self) -> None:
        name = self.panel.selected
        if name is not None:
            self.window.guarded(lambda: remove_region(self.bench.project, name))

    def _tie(self, outside: bool) -> None:
        name, index = self.panel.selected, self.bench.selected_index
        if name is not None and index is not None:
            self.window.guarded(
                lambda: self.bench.change_cue(index, "Region", region=name, invert_region=outside)
            )

    def export_to(self, path: Path) -> None:
        """Write the selected region's mask as 8 bit PNG."""
        name, recipe, store = self.panel.selected, self.bench.project.recipe, self.bench.store
        if name is None:
            return
        if path.suffix.lower() != ".png":
            raise PictureError(f"{path}: the ending must be .png, got {path.suffix!r}")

        def write() -> None:
            write_grey8(path, region_masks(recipe, store, guide_frame(recipe, store))[name])

        self.window.desk.loader.ask(
            f"export {path}", write, lambda _: self.window.say(f"Exported the mask to {path}")
        )

    # Running --------------------------------------------------------------------------------

    def redo(self) -> None:
        """Run the region of the proof that hangs again, the rest untouched."""
        name, proof, shelf = self.panel.selected, self.bench.proof, self.bench.shelf
        if name is None or proof is None:
            return

        def find() -> tuple[Any, Path]:
            kept = next(k for k in shelf.all_kept() if k.recipe_hash == proof.recipe_hash)
            return kept, started_from(kept, shelf)

        def begin(found: tuple[Any, Path]) -> None:
            self.window.guarded(lambda: redo_in(self.bench.project, name, *found))
            self.window.puller.pull()

        self.window.desk.loader.ask("start", find, begin)

    def settle(self, departure: float, rim: bool) -> None:
        """Settle the proof, and wipe between before and after."""
        stage, name = self.window.stage, self.panel.selected
        self.window.guarded(
            lambda: settle_with(self.bench.project, departure, name if rim else None)
        )
        stage.set_mode("proof")
        stage.compare_with("last")
        stage.compare.ways["wipe"].setChecked(True)
        self.window.puller.pull()

    # Tools ----------------------------------------------------------------------------------

    def use_tool(self, tool: str) -> None:
        """Give the picture a tool to paint the region with, or take it away."""
        view = self.window.stage.view
        self._tool = tool
        if not tool:
            if isinstance(view.tool, RegionBrush | BoxTool | PickTool):
                view.set_tool(None)
            return
        self.window.stage.use_tool("")
        self._tool = tool
        if tool == "box":
            box = BoxTool(QGuiApplication.keyboardModifiers, self)
            box.drawn.connect(self._draw)
            view.set_tool(box)
        else:
            brush = RegionBrush(tool, self.panel.brush.value / 100, self)
            brush.drawn.connect(self._draw)
            view.set_tool(brush)

    def heed_key(self, key: int) -> bool:
        """Brush, eraser and their size by keys while regions are in sight; whether it was one."""
        tools = {Qt.Key.Key_B: "brush", Qt.Key.Key_E: "erase"}
        sizes = {Qt.Key.Key_Comma: -1.0, Qt.Key.Key_Period: 1.0}
        if self.window.stage.mode != "region" or self.panel.selected is None:
            return False
        if key in tools:
            self.panel.use_tool(tools[Qt.Key(key)])
        elif key in sizes:
            self.panel.change_brush(sizes[Qt.Key(key)])
        return key in tools or key in sizes

    def _size_tool(self) -> None:
        tool = self.window.stage.view.tool
        if isinstance(tool, RegionBrush) and tool.kind != "lasso":
            tool.size = self.panel.brush.value / 100

    def _draw(self, stroke: dict[str, Any]) -> None:
        name = self.panel.selected
        if name is None:
            return
        region = self.bench.project.recipe.regions[name]
        old = [s.model_dump(mode="json") for s in region.strokes]
        self._change(self._tool.capitalize(), {"strokes": [*old, stroke]})

    def _ask_colour(self) -> None:
        """Pick everything that has the colour of the place that is clicked."""
        self.panel.use_tool("")
        self._tool = "colour"
        pick = PickTool()
        pick.setParent(self)
        pick.picked.connect(self._take_colour)
        self.window.stage.view.set_tool(pick)
        self.window.stage.status.say("Click a colour of the picture; all that is like it is taken.")

    def _take_colour(self, place: QPointF) -> None:
        stage = self.window.stage
        image = stage.images.get("source") or stage.images.get("proof")
        self.use_tool("")
        if image is None or not (0 <= place.x() < 1 and 0 <= place.y() < 1):
            return
        pixel = image.pixelColor(int(place.x() * image.width()), int(place.y() * image.height()))
        self.add(f"{pixel.name()}~12")


def _overlay_image(rgba: ByteImage) -> QImage:
    height, width = rgba.shape[:2]
    plain = np.ascontiguousarray(rgba)
    image = QImage(plain.data, width, height, 4 * width, QImage.Format.Format_RGBA8888)
    return image.convertToFormat(QImage.Format.Format_ARGB32_Premultiplied)
