"""Overlay from Python: recipes rendered, maps and masks made, pictures enlarged and handed on.

    import overlay

    proof = overlay.render("almanac.json", changes={"departure": 0.4})
    proof.save("plate.png")
    proof.measures["structure_kept"]

These names stay what they are from version to version; what lies beneath may change.
"""

from __future__ import annotations

import json
import os
from collections.abc import Callable, Collection, Mapping
from dataclasses import dataclass, field
from io import BytesIO
from pathlib import Path
from typing import Any, Literal

import numpy as np
from PIL import Image

from overlay.document.cues import GUIDES, GuideCue
from overlay.document.guide_options import options_fault
from overlay.document.keys import lay_value
from overlay.document.passes import active
from overlay.document.reading import make_recipe, read_recipe, recipe_json
from overlay.document.recipe import Recipe
from overlay.document.text.json_text import RecipeError
from overlay.engine.control import Control
from overlay.engine.record import Trace
from overlay.engine.request import Render
from overlay.enlarging.faithful import enlarge as _enlarge
from overlay.handing.pictures import Output
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.files import read_picture
from overlay.imaging.formats.xmp import Credit
from overlay.imaging.intake import PictureError
from overlay.imaging.whole_files import write_bytes
from overlay.studio.handing.card import Made, write_card
from overlay.studio.handing.hand_over import Handed, check_hand_over, hand_over
from overlay.studio.handing.picking import pick_mask
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.inputs.stages import Stage
from overlay.studio.keeping.files.own_words import in_place
from overlay.studio.making.canvas import Canvas
from overlay.studio.making.groundwork import Groundwork
from overlay.studio.making.guide_maps import make_map
from overlay.studio.making.hashing import hash_recipe, up_to
from overlay.studio.making.measuring import measure
from overlay.studio.making.proofs import make_proof

__all__ = ["PictureError", "Proof", "RecipeError", "enlarge", "map", "mask", "open", "render"]

AnyPath = str | os.PathLike[str]


@dataclass(frozen=True, repr=False)
class Proof:
    """A picture with the recipe that made it.

    Attributes
    ----------
    picture : (H, W, 3) uint8 sRGB.
    recipe : what made it; its paths are absolute.
    trace : where each patch came from; None for a proof that was opened from a file.
    stages : the base run and each pass with its measures, where there are passes.
    report : what `overlay render --report` writes.
    """

    picture: ByteImage
    recipe: Recipe
    trace: Trace | None = None
    stages: tuple[Stage, ...] = ()
    report: dict[str, Any] = field(default_factory=dict)
    _store: PictureStore = field(default_factory=PictureStore, compare=False)

    @property
    def image(self) -> Image.Image:
        """The picture for Pillow; a copy."""
        return Image.fromarray(self.picture.copy())

    @property
    def measures(self) -> dict[str, Any]:
        """The measures by name (`docs/engine.md`); of an opened proof they are taken now."""
        if "measures" not in self.report:
            self.report["measures"] = self._measured()
        found: dict[str, Any] = self.report["measures"]
        return found

    @property
    def size(self) -> tuple[int, int]:
        """(width, height), pixels."""
        return self.picture.shape[1], self.picture.shape[0]

    def stage_picture(self, number: int, *, control: Control | None = None) -> ByteImage:
        """The picture after the base run (0) or after so many passes; run again if need be."""
        found = self._store.stages.find(hash_recipe(up_to(self.recipe, number)))
        if found is not None:
            return found.done.picture
        return make_proof(up_to(self.recipe, number), self._store, control).picture

    def save(
        self,
        path: AnyPath,
        *,
        depth: Literal[8, 16] = 8,
        dpi: float | None = None,
        profile: bytes | None = None,
        creator: str = "",
        title: str = "",
    ) -> None:
        """Write the picture, with its recipe in it, whole or not at all.

        Parameters
        ----------
        path : ends in .png, .tif, .tiff, .jpg, .jpeg, .webp, or .ora for layers.
        depth : bits a channel; 16 for PNG and TIFF.
        dpi : dots per inch. profile : ICC to convert to, None for sRGB.
        creator, title : said in XMP.

        Raises
        ------
        PictureError
            If the format cannot hold it, or it cannot be written.
        """
        to = Path(path)
        output = Output(depth, dpi, profile, credit=Credit(creator, title))
        check_hand_over(to, output)
        handed = Handed(self.recipe, self.picture, self.report.get("engine"))
        hand_over(to, handed, output, self._store, self.stage_picture)

    def save_report(self, path: AnyPath) -> None:
        """Write the report as JSON."""
        text = json.dumps(self.report, indent=2, ensure_ascii=False).encode() + b"\n"
        write_bytes(Path(path), text)

    def save_card(self, path: AnyPath, *, title: str = "") -> None:
        """Write the recipe card, one page as .png or .pdf."""
        made = Made(self.recipe, self.picture, self.measures, hash_recipe(self.recipe))
        write_card(Path(path), made, self._store, title=title)

    def _measured(self) -> dict[str, Any]:
        work = Groundwork(self.recipe, self._store)
        request, picture = work.request, self.picture
        if picture.shape[:2] != (request.height, request.width):
            small = Image.fromarray(picture).resize((request.width, request.height))
            picture = np.asarray(small, np.uint8)
        return measure(
            request, Render(picture), work.masks, work.open_borders, Control(), depth=work.depth
        )

    def _repr_png_(self) -> bytes:
        """Shown as a picture in notebooks."""
        buffer = BytesIO()
        self.image.save(buffer, "PNG")
        return buffer.getvalue()

    def __repr__(self) -> str:
        width, height = self.size
        return f"Proof({width}x{height}, seed {self.recipe.seed}, {len(self.recipe.cues)} cues)"


def render(
    recipe: AnyPath | Mapping[str, Any] | Recipe,
    *,
    changes: Mapping[str, Any] | None = None,
    folder: AnyPath | None = None,
    stage: int | None = None,
    engines: Collection[str] = (),
    control: Control | None = None,
    progress: Callable[[float, str], None] | None = None,
) -> Proof:
    """Render a recipe; the same recipe gives the same bytes.

    Parameters
    ----------
    recipe : a file (JSON, or a picture that carries one), or a recipe as data.
    changes : values laid over it by dotted keys, as `{"cues.tile.weight": 0.8}`.
    folder : that paths in data are relative to; the present one without. A file's are relative to
        its own folder.
    stage : how many passes are run, 0 for the base alone; None for all.
    engines : of other packages that may run.
    control : to be stopped, and to see the states of the run. progress : called with the share that
        is done, 0..1, and what is done.

    Raises
    ------
    RecipeError, PictureError
        In one line that names the file or key, what is allowed and what was found.
    """
    located = _located(recipe, dict(changes or {}), folder)
    if stage is not None:
        count = len(active(located.passes))
        if not 0 <= stage <= count:
            raise RecipeError(f"stage: must be 0 to {count}, got {stage}")
        located = up_to(located, stage)
    if control is None:
        control = Control() if progress is None else Control(report=progress)
    store = PictureStore()
    proof = make_proof(located, store, control, engines=engines)
    return Proof(proof.picture, located, proof.trace, proof.stages, proof.report(), store)


def _located(
    recipe: AnyPath | Mapping[str, Any] | Recipe, changes: dict[str, Any], folder: AnyPath | None
) -> Recipe:
    """The recipe with changes laid over it and absolute paths."""
    base = Path() if folder is None else Path(folder)
    where = "recipe"
    if isinstance(recipe, Recipe):
        data = json.loads(recipe_json(recipe))
    elif isinstance(recipe, Mapping):
        data = json.loads(json.dumps({"overlay": 1, **recipe}))
    else:
        path = Path(recipe)
        base, where = path.parent, str(path)
        data = json.loads(recipe_json(read_recipe(path)))
    for key, value in changes.items():
        lay_value(data, key, value, where=key)
    return in_place(make_recipe(data, where), base)


def open(path: AnyPath) -> Proof:
    """A proof from a picture that carries its recipe, as `Proof.save` writes it.

    Raises
    ------
    RecipeError, PictureError
    """
    file = Path(path)
    recipe = in_place(read_recipe(file), file.parent)
    return Proof(read_picture(file), recipe)


def map(kind: str, picture: AnyPath | ByteImage, **options: Any) -> FloatImage | ByteImage:
    """A structure map of a picture, as guides make it.

    Parameters
    ----------
    kind : `edges`, `outline`, `lines`, `depth`, `blocks` or `pose`.
    picture : a file, or (H, W, 3) uint8 sRGB.
    options : of that kind, see `docs/recipe.md`.

    Returns
    -------
    (H, W) float32 in 0..1, or (H, W, 3) uint8 sRGB for `blocks` with colours.
    """
    if kind not in GUIDES:
        raise RecipeError(f"map: must be one of {', '.join(GUIDES)}, got {kind!r}")
    fault = options_fault(kind, options)
    if fault is not None:
        raise RecipeError(f"map {kind}: {fault}")
    pixels, name = _pixels(picture)
    cue = GuideCue.model_validate({"name": "map", "guide": kind, "options": options})
    height, width = pixels.shape[:2]
    made = make_map(cue, PictureStore(), Canvas(width, height, name, pixels))
    return made.astype(np.uint8) if made.ndim == 3 else made.astype(np.float32)


def mask(picture: AnyPath | ByteImage, pick: str) -> FloatImage:
    """A mask of a part of a picture, as regions pick it: (H, W) float32 in 0..1.

    Parameters
    ----------
    pick : `sky`, `subject`, `"#hex~tolerance"`, or words such as `red roof`.
    """
    return pick_mask(*_pixels(picture), pick)


def enlarge(
    picture: AnyPath | ByteImage,
    factor: float = 2.0,
    *,
    progress: Callable[[float], object] | None = None,
) -> ByteImage:
    """A picture enlarged faithfully: lines stay crisp, nothing is added; (H, W, 3) uint8 sRGB.

    Parameters
    ----------
    picture : a file, or (H, W, 3) uint8 sRGB.
    factor : 1 to 4; at most 64 megapixels come out.
    progress : called with the share that is done, 0..1; may raise to stop.

    Raises
    ------
    RecipeError
        If the factor is out of range.
    """
    if not 1 <= factor <= 4:
        raise RecipeError(f"factor: must be 1 to 4, got {factor:g}")
    pixels, _ = _pixels(picture)
    height, width = (round(side * factor) for side in pixels.shape[:2])
    try:
        return _enlarge(pixels, height, width, report=progress)
    except ValueError as error:
        raise RecipeError(f"factor: {error}") from error


def _pixels(picture: AnyPath | ByteImage) -> tuple[ByteImage, str]:
    """A picture's pixels, and its file's name or an empty one."""
    if isinstance(picture, np.ndarray):
        if picture.dtype != np.uint8 or picture.ndim != 3 or picture.shape[2] != 3:
            raise PictureError(
                f"picture: must be (H, W, 3) uint8, got {picture.shape} {picture.dtype}"
            )
        return picture, ""
    return read_picture(Path(picture)), str(Path(picture).absolute())
