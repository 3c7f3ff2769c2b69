"""Keeps the regions' masks in step with the recipe: made, shown, changed, redone, settled."""

from collections.abc import Callable
from pathlib import Path
from typing import Any

import numpy as np
from PySide6.QtCore import QObject, Signal
from PySide6.QtGui import QImage

from overlay.app.floor.floor import Floor
from overlay.app.parts.file_dialogs import MASKS, ask_open, ask_save
from overlay.app.parts.images import grey_to_image
from overlay.app.picture.stage import PictureStage
from overlay.app.regions.hand import RegionHand
from overlay.app.regions.panel import RegionPanel
from overlay.document.changes import Changes
from overlay.document.cues import GuideCue
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.files import write_grey8
from overlay.imaging.intake import PictureError
from overlay.imaging.resample import cover
from overlay.regions.tint import masks_overlay
from overlay.studio.bench.region_edits import (
    add_region,
    change_region,
    copy_region,
    redo_in,
    remove_region,
    rename_region,
    settle_with,
)
from overlay.studio.inputs.drawn_parts import find_part, part_names
from overlay.studio.inputs.kept_masks import keep_mask, traced_mask
from overlay.studio.keeping.drawer import started_from
from overlay.studio.making.laying import lay_canvas
from overlay.studio.making.region_masks import region_masks

_THUMB = (32, 48)
_MADE_OF = ("name", "guide", "of", "map", "options", "strokes")  # keys of guides


# The picture with its masks, each mask small, and the names of those whose pick found nothing.
_Made = tuple[QImage, dict[str, QImage], set[str]]


class RegionDesk(QObject):
    """Between the region panel, the picture and the core that makes masks.

    Signals
    -------
    pull_asked : the recipe has been made one that is to be pulled now.
    in_sight : whether the panel is to be seen.
    """

    pull_asked = Signal()
    in_sight = Signal(bool)

    def __init__(self, floor: Floor, panel: RegionPanel, stage: PictureStage) -> None:
        super().__init__(floor)
        self.floor, self.bench, self.panel, self.stage = floor, floor.bench, panel, stage
        self.hand = RegionHand(floor, panel, stage)
        p = self.panel
        p.chosen.connect(lambda _: self.refresh())
        p.seen_changed.connect(self.refresh)
        p.changed.connect(self._change)
        p.renamed.connect(self._rename)
        p.remove_asked.connect(self._remove)
        p.menu.asked.connect(self.add)
        p.menu.traced.connect(self.add_traced)
        p.menu.drawn.connect(self.add_drawn)
        p.deeds.copy_asked.connect(self._copy)
        p.deeds.use_asked.connect(self._tie)
        p.deeds.redo_asked.connect(self.redo)
        p.deeds.settle_asked.connect(self.settle)
        p.deeds.export_asked.connect(self._export)
        p.menu.file_asked.connect(self._add_mask)
        self.hand.drawn.connect(self._draw)
        self.hand.picked.connect(self.add)
        stage.view_changed.connect(self._view_changed)

    def refresh(self) -> None:
        """Show the masks that are to be seen over the picture, if regions are in sight."""
        self.panel.refresh()
        stage, seen = self.stage, self.panel.seen
        if stage.mode != "region":
            return
        recipe, store = self.bench.project.recipe, self.bench.store
        if not seen:
            stage.set_image("region", None)
            return

        def make() -> _Made:
            canvas = lay_canvas(recipe, store)
            masks = region_masks(recipe, store, canvas)
            beneath = canvas.picture
            if beneath is None:
                beneath = np.full((canvas.height, canvas.width, 3), 128, np.uint8)
            thumbs = {n: grey_to_image(cover(m, *_THUMB)) for n, m in masks.items()}
            empty = {n for n, m in masks.items() if recipe.regions[n].pick and not m.any()}
            return _overlay_image(masks_overlay([masks[n] for n in seen], beneath)), thumbs, empty

        self.floor.loader.ask(make, self._got, newest="region")

    def heed(self, what: Changes) -> None:
        """Regions differ, or what their masks are made of."""
        if what.touches("source", "prompt"):
            self._find_parts()
        if what.touches(
            "regions",
            "source",
            "size",
            "prompt",
            "placed",
            "seed",
            *(f"cue.{key}" for key in _MADE_OF),
        ):
            self.refresh()

    def _find_parts(self) -> None:
        """Look up what the source is drawn of, while regions are in sight."""
        recipe, store = self.bench.project.recipe, self.bench.store
        self.panel.show_parts([])
        if self.stage.mode != "region":
            return

        def names() -> list[str]:
            if recipe.source is not None:
                return part_names(recipe.source)
            drawn = lay_canvas(recipe, store).words
            return [] if drawn is None else list(drawn.masks)

        self.floor.loader.ask(names, self.panel.show_parts, newest="parts")

    def _got(self, found: _Made) -> None:
        image, thumbs, empty = found
        self.stage.set_image("region", image)
        if self.panel.selected in empty:
            self.floor.say(f"Nothing of the kind was found: {self.panel.selected} is empty.")
        for name, thumb in thumbs.items():
            self.panel.show_thumb(name, thumb)

    def _view_changed(self, mode: str) -> None:
        """The panel takes the cue card's place while regions are in sight."""
        self.in_sight.emit(mode == "region")
        if mode != "region" and self.hand.tool:
            self.panel.use_tool("")
        if mode == "region":
            self._find_parts()
            self.refresh()

    # Edits ----------------------------------------------------------------------------------

    def add(self, pick: str | None) -> None:
        """Add a region: picked, or empty with the brush in hand."""

        def do() -> None:
            keys = {} if pick is None else {"pick": pick}
            guide = self.bench.selected_cue
            inside = pick is not None and pick.startswith("inside")
            if inside and isinstance(guide, GuideCue) and guide.holds_contours:
                keys |= {"guide": guide.name}
            self.panel.choose(add_region(self.bench.project, _plain_name(pick), **keys))
            self.panel.turn_to("Paint" if pick is None else "Shape")
            if pick is None:
                self.panel.use_tool("brush")

        self.floor.guarded(do)

    def add_traced(self, cue: str) -> None:
        """Add everything of the proof that came from a cue."""
        proof = self.bench.proof
        if proof is not None and proof.trace is not None:
            trace, shape = proof.trace, proof.picture.shape[:2]
            self._add_kept(cue, lambda: traced_mask(trace, cue, *shape))

    def add_drawn(self, part: str) -> None:
        """Add a part of a drawn scene by its name."""
        source = self.bench.project.recipe.source
        if source is not None:
            self._add_kept(part, lambda: find_part(source, part))
        else:  # what words have drawn is known by its name, wherever it stands next
            self.add(part)

    def _add_kept(self, name: str, make: Callable[[], FloatImage]) -> None:
        """Make a mask, keep it as a picture of the project, and add a region of it."""

        def add(path: Path) -> None:
            self.floor.guarded(
                lambda: self.panel.choose(add_region(self.bench.project, name, mask=str(path)))
            )

        self.floor.loader.ask(lambda: keep_mask(make(), name), add)

    def _add_mask(self) -> None:
        folder = self.floor.settings.pictures_folder
        path = ask_open(self.floor.host, "Mask: white is inside", folder, MASKS)
        if path is not None:
            self.add_file(path)

    def add_file(self, path: Path) -> None:
        """Add a region whose mask is a picture."""
        name = path.stem.replace("-", " ")
        self.floor.with_pictures(
            [path],
            lambda: self.panel.choose(add_region(self.bench.project, name, mask=str(path))),
            grey=True,
        )

    def _copy(self) -> None:
        name = self.panel.selected
        if name is not None:
            self.floor.guarded(lambda: self.panel.choose(copy_region(self.bench.project, name)))

    def _draw(self, tool: str, stroke: dict[str, Any]) -> None:
        name = self.panel.selected
        if name is not None:
            region = self.bench.project.recipe.regions[name]
            self._change(tool.capitalize(), {"strokes": [*region.strokes, stroke]})

    def _change(self, what: str, changes: dict[str, Any]) -> None:
        name = self.panel.selected
        if name is not None:
            self.floor.guarded(lambda: change_region(self.bench.project, name, what, **changes))
            self.panel.refresh()

    def _rename(self, new: str) -> None:
        old = self.panel.selected
        if old is None or not new or new == old:
            return
        if new in self.bench.project.recipe.regions:
            self.floor.refuse(f"Regions must have different names, got {new!r} twice")
            self.panel.refresh()
            return
        self.panel.expect(new)
        self.floor.guarded(lambda: rename_region(self.bench.project, old, new))

    def _remove(self) -> None:
        name = self.panel.selected
        if name is not None:
            self.floor.guarded(lambda: remove_region(self.bench.project, name))

    def _tie(self, outside: bool) -> None:
        name, index = self.panel.selected, self.bench.selected_index
        if name is not None and index is not None:
            self.floor.guarded(
                lambda: self.bench.change_cue(index, "Region", region=name, invert_region=outside)
            )

    def _export(self) -> None:
        name = f"{self.panel.selected}.png"
        path = ask_save(self.floor.host, "Export mask", name, "PNG (*.png)")
        if path is not None:
            self.floor.guarded(lambda: self.export_to(path.with_suffix(".png")))

    def export_to(self, path: Path) -> None:
        """Write the selected region's mask as 8 bit PNG."""
        name, recipe, store = self.panel.selected, self.bench.project.recipe, self.bench.store
        if name is None:
            return
        if path.suffix.lower() != ".png":
            raise PictureError(f"{path}: the ending must be .png, got {path.suffix!r}")

        def write() -> None:
            write_grey8(path, region_masks(recipe, store, lay_canvas(recipe, store))[name])

        self.floor.loader.ask(
            write, lambda _: self.floor.say(f"Exported the mask to {path}"), outlives=True
        )

    # Running --------------------------------------------------------------------------------

    def redo(self) -> None:
        """Run the region of the proof that hangs again, the rest untouched."""
        name, proof, shelf = self.panel.selected, self.bench.proof, self.bench.shelf
        if name is None or proof is None:
            return

        def find() -> tuple[Any, Path]:
            return proof, started_from(proof, shelf)

        def begin(found: tuple[Any, Path]) -> None:
            self.floor.guarded(lambda: redo_in(self.bench.project, name, *found))
            self.pull_asked.emit()

        self.floor.loader.ask(find, begin)

    def settle(self, departure: float, rim: bool) -> None:
        """Settle the proof, and wipe between before and after."""
        stage, name = self.stage, self.panel.selected
        self.floor.guarded(
            lambda: settle_with(self.bench.project, departure, name if rim else None)
        )
        stage.set_mode("proof")
        stage.compare_with("last")
        stage.compare.ways["wipe"].setChecked(True)
        self.pull_asked.emit()


def _plain_name(pick: str | None) -> str:
    """What a new region is called: `sky`, `like`, `a03020`."""
    return (pick or "painted").split("~")[0].split("@")[0].strip("#")


def _overlay_image(rgba: ByteImage) -> QImage:
    height, width = rgba.shape[:2]
    plain = np.ascontiguousarray(rgba)
    image = QImage(plain.data, width, height, 4 * width, QImage.Format.Format_RGBA8888)
    return image.convertToFormat(QImage.Format.Format_ARGB32_Premultiplied)
