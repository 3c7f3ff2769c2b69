"""From a recipe's regions to masks on the proof's frame, each made once."""

import hashlib
from functools import partial

import numpy as np

from overlay.document.cues import GuideCue, cues_of
from overlay.document.recipe import Recipe
from overlay.document.regions import Region
from overlay.document.strokes import RegionStroke
from overlay.document.text.json_text import RecipeError
from overlay.guides.depth import estimate_depth
from overlay.guides.edges import EdgeOptions, extract_edges
from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work
from overlay.imaging.resample import cover
from overlay.regions.mask import shape_mask
from overlay.regions.pick_words import Pick, read_pick
from overlay.regions.picks import Clues, PickStroke, follow_edges, pick_area
from overlay.regions.rims import open_border
from overlay.regions.shaping import drop_specks, fill_holes, smooth_contour
from overlay.regions.strokes import Cover, draw_ramp
from overlay.studio.inputs.digests import picture_stamp
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.canvas import Canvas
from overlay.studio.making.guide_maps import make_map, map_key, stroke_cover
from overlay.studio.making.taught import TaughtLooks, pick_stamp
from overlay.studio.making.word_picks import is_worded, pick_words
from overlay.studio.making.words_scene import BlankError
from overlay.words.language.writing import blanks_of


def region_masks(recipe: Recipe, store: PictureStore, canvas: Canvas) -> dict[str, FloatImage]:
    """Every region on the proof's frame, shaped: (H, W) float32 in 0..1.

    Raises
    ------
    RecipeError, PictureError
        If a region is picked where there is no source, or a mask cannot be read.
    """
    masks: dict[str, FloatImage] = {}
    keys = region_keys(recipe, canvas)
    for name, region in recipe.regions.items():
        guide = _guide_of(recipe, region)

        def make(
            name: str = name, region: Region = region, guide: GuideCue | None = guide
        ) -> FloatImage:
            return _shaped(name, region, guide, masks=masks, store=store, canvas=canvas)

        masks[name] = np.asarray(store.made(("region", keys[name]), make), np.float32)
    return masks


def open_borders(
    recipe: Recipe, masks: dict[str, FloatImage], store: PictureStore, canvas: Canvas
) -> dict[str, FloatImage]:
    """Where each region's border lies on no contour of the source, see `rims.open_border`.

    Kept like the masks, since neither depends on a run; empty without a source.
    """
    if canvas.picture is None:
        return {}
    picture, stamp = canvas.picture, canvas.stamp
    return {
        name: np.asarray(
            store.made(
                ("open", key, *stamp),
                partial(lambda mask: open_border(mask, srgb_to_work(picture)), masks[name]),
            ),
            np.float32,
        )
        for name, key in region_keys(recipe, canvas).items()
    }


def region_keys(recipe: Recipe, canvas: Canvas) -> dict[str, str]:
    """Everything that each mask depends on."""
    keys: dict[str, str] = {}
    for name, region in recipe.regions.items():
        keys[name] = _key(region, _guide_of(recipe, region), canvas, keys)
    return keys


def _guide_of(recipe: Recipe, region: Region) -> GuideCue | None:
    guides = cues_of(recipe.cues, GuideCue, heard=False)
    return next((cue for cue in guides if cue.name == region.guide), None)


def _key(region: Region, guide: GuideCue | None, canvas: Canvas, keys: dict[str, str]) -> str:
    """Everything a mask depends on, those it is combined with included."""
    stamps: list[str] = []
    if region.mask is not None:
        stamps += picture_stamp(region.mask)
    if region.pick is not None or region.refine:
        stamps += canvas.stamp
    if region.pick is not None and canvas.taught:
        stamps += pick_stamp(region.pick, canvas.taught)
    if guide is not None:
        stamps += map_key(guide, canvas)
    # Each region's key is brought to one digest, for those it is combined with may go on for long.
    parts = [region.model_dump_json(), f"{canvas.width}x{canvas.height}", *stamps]
    parts += [keys[other] for other in region.others]
    return hashlib.sha256("\0".join(parts).encode()).hexdigest()


def _shaped(
    name: str,
    region: Region,
    guide: GuideCue | None,
    *,
    masks: dict[str, FloatImage],
    store: PictureStore,
    canvas: Canvas,
) -> FloatImage:
    mask = _ground(name, region, guide, store, canvas)
    for other in region.unite:
        # Not the larger of both: between soft neighbours that would leave a gap.
        mask = mask + masks[other] - mask * masks[other]
    for other in region.subtract:
        mask = np.minimum(mask, 1 - masks[other])
    for other in region.intersect:
        mask = np.minimum(mask, masks[other])
    if region.fill_holes:
        mask = fill_holes(mask)
    mask = smooth_contour(drop_specks(mask, region.drop_specks), region.smooth)
    if region.refine and canvas.picture is not None:
        mask = follow_edges(mask, srgb_to_work(canvas.picture), soft=True)
    return shape_mask(mask, grow=region.grow, feather=region.feather, invert=region.invert)


def _ground(
    name: str, region: Region, guide: GuideCue | None, store: PictureStore, canvas: Canvas
) -> FloatImage:
    """What a region is made of, with its strokes; ramps lie over a pick, other strokes guide it."""
    shape = (canvas.height, canvas.width)
    painted = list(region.strokes)
    mask = np.zeros(shape, np.float32)
    if region.pick is not None:
        for blank in blanks_of(region.pick):
            raise BlankError(f"regions.{name}.pick: ${blank} must be filled, as an edition does")
        if canvas.picture is None:
            raise RecipeError(f"regions.{name}.pick: there is no source to pick from")
        painted = [s for s in painted if s.ramp is not None]
        strokes = _corrections([s for s in region.strokes if s.ramp is None], *shape)
        mask = _picked(region.pick, guide, store, canvas, strokes)
    elif region.mask is not None:
        mask = cover(store.grey(region.mask), *shape).clip(0, 1)
    if painted:
        mask = np.array(mask, np.float32)  # what was read may be shared
    for stroke in painted:
        _cover(stroke, *shape).lay(mask, stroke.value)
    return mask


def _picked(
    what: str,
    guide: GuideCue | None,
    store: PictureStore,
    canvas: Canvas,
    strokes: list[PickStroke],
) -> FloatImage:
    assert canvas.picture is not None

    def clues(pick: str) -> Clues | None:
        return _clues(read_pick(pick), guide, store, canvas)

    if not is_worded(what):
        return pick_area(canvas.picture, what, clues=clues(what), strokes=strokes)
    return pick_words(
        canvas.picture, what, known=canvas.known, source=canvas.source, clues=clues,
        strokes=strokes, taught=TaughtLooks(canvas.taught, store),
    )  # fmt: skip


def _corrections(strokes: list[RegionStroke], height: int, width: int) -> list[PickStroke]:
    """What strokes say of a pick, together: where it surely is, and where not; the later counts."""
    inside, outside = np.zeros((2, height, width), bool)
    for stroke in strokes:
        cover = _cover(stroke, height, width)
        firm, wanted = cover.values > 0.5, stroke.value >= 0.5
        inside[cover.rows, cover.columns][firm] = wanted
        outside[cover.rows, cover.columns][firm] = not wanted
    masks = (PickStroke(inside, inside=True), PickStroke(outside, inside=False))
    return [stroke for stroke in masks if stroke.mask.any()]


def _cover(stroke: RegionStroke, height: int, width: int) -> Cover:
    if stroke.ramp is not None:
        begin, end = stroke.points
        values = draw_ramp(begin, end, height, width, radial=stroke.ramp == "radial")
        return Cover(slice(0, height), slice(0, width), values)
    return stroke_cover(stroke, height, width, soft=stroke.soft)


def _clues(pick: Pick, guide: GuideCue | None, store: PictureStore, canvas: Canvas) -> Clues | None:
    """What a pick needs besides the picture."""
    assert canvas.picture is not None
    if pick.kind == "inside" and guide is not None:
        return Clues(lines=np.asarray(make_map(guide, store, canvas), np.float32))
    return picture_clues(canvas.picture, pick)


def picture_clues(picture: ByteImage, pick: Pick) -> Clues | None:
    """What a pick needs that a picture alone can tell: its depth, its contours."""
    if pick.kind in ("near", "far", "depth"):
        return Clues(depth=estimate_depth(picture))
    if pick.kind == "inside":
        return Clues(lines=extract_edges(picture, EdgeOptions()))
    return None
