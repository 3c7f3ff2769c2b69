"""Keeps a guide's map in step with its cue: made, shown, drawn on, compared with the proof."""

from pathlib import Path
from typing import Any

import numpy as np
from PySide6.QtCore import QObject
from PySide6.QtGui import QGuiApplication, QImage

from overlay.app.card.guide_part import GuidePart
from overlay.app.card.map_tools import JointTool, MapTool
from overlay.app.floor.floor import Floor
from overlay.app.parts.file_dialogs import MASKS, ask_open, ask_save
from overlay.app.parts.images import grey_to_image, to_image
from overlay.app.picture.stage import PictureStage
from overlay.document.changes import Changes
from overlay.document.cues import BLANK, GUIDES, GuideCue
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.files import write_grey16, write_picture
from overlay.imaging.intake import PictureError
from overlay.studio.advising.map_looks import map_against, strength_histogram
from overlay.studio.making.canvas import Canvas
from overlay.studio.making.guide_maps import guide_picture, make_map
from overlay.studio.making.laying import lay_canvas

_THUMB_PIXELS = 30_000
_DRAGGED_PIXELS = 200_000  # while a slider is dragged
_MADE_OF = ("guide", "of", "map", "options", "strokes")  # keys of a cue


class MapDesk(QObject):
    """Between the cue card's guide part, the picture and the core that makes maps."""

    def __init__(self, floor: Floor, part: GuidePart, stage: PictureStage) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.part, self.stage = floor, floor.bench, part, stage
        self._against = False
        self._tool = ""
        self.part.map_moved.connect(self.show)
        self.part.tool_asked.connect(self.use_tool)
        self.part.against_asked.connect(self._set_against)
        self.part.brush.moved.connect(lambda _: self._size_tool())
        self.part.mirrored.toggled.connect(lambda _: self._size_tool())
        self.part.map_asked.connect(self.choose_map)
        self.part.export_asked.connect(self._export)

    def refresh(self) -> None:
        """Show the selected guide's map, or none."""
        cue = self.bench.selected_cue
        stage = self.stage
        if not isinstance(cue, GuideCue):
            self.part.leave()
            if stage.images.get("map") is not None:
                stage.set_image("map", None)
            if stage.mode == "map":
                stage.set_mode("proof")
            return
        self.show(None)
        self._make_thumbs(cue)
        if self._tool and not self.part.offers(self._tool, cue.guide):
            self.part.use_tool("")
        elif self._tool == "joints":
            self.use_tool("joints")

    def heed(self, what: Changes) -> None:
        """Cues, source or size differ: make the map again where it is made of what does."""
        index = self.bench.selected_index
        here = what.rows is None or index in what.rows
        if what.touches("source", "size") or (
            here and what.touches(*(f"cue.{key}" for key in _MADE_OF))
        ):
            self.refresh()

    def heed_proof(self) -> None:
        """Another proof hangs, which the map may be compared with."""
        if self._against:
            self.show(None)

    # Maps -----------------------------------------------------------------------------------

    def show(self, options: dict[str, Any] | None) -> None:
        """Make the selected guide's map; with `options` while a slider is being dragged."""
        cue, recipe, store = self.bench.selected_cue, self.bench.project.recipe, self.bench.store
        stage, proof = self.stage, self.bench.proof
        if not isinstance(cue, GuideCue):
            return
        wanted = cue if options is None else cue.model_copy(update={"options": options})
        of_proof = proof.picture if self._against and proof is not None else None
        dragged = options is not None
        if dragged and stage.mode != "map":
            stage.set_mode("map")

        def make() -> tuple[QImage | None, list[float]]:
            canvas = lay_canvas(recipe, store)
            if not _possible(wanted, canvas):
                return None, []
            shown = wanted
            if dragged and of_proof is None:
                shown, canvas = _coarse(wanted, canvas)
            made = make_map(shown, store, canvas)
            picture = guide_picture(shown, store, canvas)
            counts = [] if picture is None else strength_histogram(picture)
            if of_proof is not None and made.ndim == 2:
                return to_image(map_against(np.asarray(made, np.float32), wanted, of_proof)), counts
            return _map_image(made), counts

        self.floor.loader.ask(make, self._got, newest="map")

    def _got(self, found: tuple[QImage | None, list[float]]) -> None:
        image, counts = found
        self.part.histogram.show_counts(counts)
        self.stage.set_image("map", image)

    def _set_against(self, on: bool) -> None:
        self._against = on
        if on and self.bench.proof is None:
            self.floor.say("There is no proof to compare the map with yet.")
        if on:
            self.stage.set_mode("map")
        self.show(None)

    def _make_thumbs(self, cue: GuideCue) -> None:
        """This picture's own map of every kind, small."""
        recipe, store = self.bench.project.recipe, self.bench.store
        of = "source" if cue.of == BLANK else cue.of  # an empty map looks like nothing
        bare: dict[str, Any] = {"of": of, "map": None, "options": {}, "strokes": ()}
        kinds = [cue.model_copy(update=bare | {"guide": kind}) for kind in GUIDES]

        def make() -> list[tuple[str, QImage]]:
            canvas = lay_canvas(recipe, store)
            scale = min((_THUMB_PIXELS / (canvas.width * canvas.height)) ** 0.5, 1.0)
            small = canvas.scaled(scale)
            return [
                (str(k.guide), _map_image(make_map(k, store, small)))
                for k in kinds
                if _possible(k, small)
            ]

        def show(found: list[tuple[str, QImage]]) -> None:
            for kind, image in found:
                self.part.show_kind(kind, image)

        self.floor.loader.ask(make, show, newest="kinds", failed=_said_already)

    def choose_map(self) -> None:
        """Give the selected guide a ready map."""
        floor, index = self.floor, self.bench.selected_index
        folder = floor.settings.pictures_folder
        path = ask_open(floor.host, "Map: lines or near are white", folder, MASKS)
        cue = self.bench.selected_cue
        if path is None or index is None:
            if isinstance(cue, GuideCue):
                self.part.show_cue(cue, self.bench.project.state.tray)
            return
        floor.with_pictures(
            [path], lambda: self.bench.change_cue(index, "Map", map=str(path)), grey=True
        )

    def _export(self) -> None:
        cue = self.bench.selected_cue
        if not isinstance(cue, GuideCue):
            return
        name = f"{cue.name}-{cue.guide}.png"
        path = ask_save(self.floor.host, "Export map", name, "PNG (*.png)")
        if path is not None:
            self.floor.guarded(lambda: self.export_to(path.with_suffix(".png")))

    def export_to(self, path: Path) -> None:
        """Write the selected guide's map to a file."""
        cue, recipe, store = self.bench.selected_cue, self.bench.project.recipe, self.bench.store
        if not isinstance(cue, GuideCue):
            return
        if path.suffix.lower() != ".png":
            raise PictureError(f"{path}: the ending must be .png, got {path.suffix!r}")

        def write() -> None:
            made = make_map(cue, store, lay_canvas(recipe, store))
            if made.ndim == 3:
                write_picture(path, np.asarray(made, np.uint8))
            else:
                write_grey16(path, np.asarray(made, np.float32))

        self.floor.loader.ask(
            write, lambda _: self.floor.say(f"Exported the map to {path}"), outlives=True
        )

    # Tools ----------------------------------------------------------------------------------

    def use_tool(self, name: str) -> None:
        """Give the picture a tool to draw on the map with, or take it away."""
        view, cue = self.stage.view, self.bench.selected_cue
        if isinstance(cue, GuideCue) and name and not self.part.offers(name, cue.guide):
            name = ""  # the card still shows the guide that was there before
        self._tool = name
        if not name or not isinstance(cue, GuideCue):
            if isinstance(view.tool, MapTool | JointTool):
                view.set_tool(None)
            return
        self.stage.use_tool("")
        if self.stage.mode != "map":
            self.stage.set_mode("map")
        if name == "joints":
            joints = JointTool(cue.settings.joints, self)
            joints.keys = QGuiApplication.keyboardModifiers
            joints.changed_joints.connect(self._set_joints)
            view.set_tool(joints)
        else:
            tool = MapTool(name, 0.01, self)
            tool.drawn.connect(self._add_strokes)
            view.set_tool(tool)
        self._tool = name
        self._size_tool()

    @property
    def tool(self) -> str:
        """The tool in hand, or nothing."""
        return self._tool

    def _size_tool(self) -> None:
        tool = self.stage.view.tool
        if isinstance(tool, MapTool):
            tool.size = self.part.brush.value / 100
        if isinstance(tool, MapTool | JointTool):
            tool.mirrored = self.part.mirrored.isChecked()

    def _add_strokes(self, strokes: list[dict[str, Any]]) -> None:
        cue, index = self.bench.selected_cue, self.bench.selected_index
        if index is None or not isinstance(cue, GuideCue):
            return
        new = [*cue.strokes, *strokes]
        what = self._tool.capitalize() or "Stroke"
        self.floor.guarded(lambda: self.bench.change_cue(index, what, strokes=new))

    def _set_joints(self, joints: list[dict[str, Any]]) -> None:
        cue, index = self.bench.selected_cue, self.bench.selected_index
        if index is None or not isinstance(cue, GuideCue) or cue.guide != "pose":
            return
        options = cue.options | {"joints": joints}
        self.floor.guarded(lambda: self.bench.change_cue(index, "Joints", options=options))


def _said_already(error: Exception) -> None:
    """The map itself has said why there is none."""


def _coarse(cue: GuideCue, canvas: Canvas) -> tuple[GuideCue, Canvas]:
    """A guide and its frame at a size whose map follows a slider at once.

    Options in pixels are brought to that size, as far as they may be.
    """
    scale = (_DRAGGED_PIXELS / (canvas.width * canvas.height)) ** 0.5
    if scale >= 1:
        return cue, canvas
    options = dict(cue.options)
    for key, least in (("sigma", 0.5), ("thickness", 0.5), ("softness", 0.0)):
        if key in options:
            options[key] = max(options[key] * scale, least)
    if "cleaning" in options:
        options["cleaning"] = round(options["cleaning"] * scale * scale)
    return cue.model_copy(update={"options": options}), canvas.scaled(scale)


def _possible(cue: GuideCue, canvas: Canvas) -> bool:
    """Whether there is anything to make the map from."""
    return cue.map is not None or cue.of != "source" or canvas.picture is not None


def _map_image(made: FloatImage | ByteImage) -> QImage:
    if made.ndim == 3:
        return to_image(np.asarray(made, np.uint8))
    return grey_to_image(np.asarray(made, np.float32))
