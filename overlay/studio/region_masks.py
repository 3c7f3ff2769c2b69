"""From a recipe's regions to masks on the proof's frame, each made once."""

import numpy as np

from overlay.document.reading import RecipeError
from overlay.document.recipe import Recipe, Region
from overlay.guides.depth import estimate_depth
from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work
from overlay.imaging.resample import cover
from overlay.regions.mask import shape_mask
from overlay.regions.picks import PickStroke, follow_edges, pick_area
from overlay.regions.shaping import drop_specks, fill_holes, smooth_contour
from overlay.studio.guide_maps import Frame, stroke_mask
from overlay.studio.pictures import PictureStore, picture_stamp


def region_masks(recipe: Recipe, store: PictureStore, frame: Frame) -> dict[str, FloatImage]:
    """Every region on the proof's frame, shaped: (H, W) float32 in 0..1.

    Raises
    ------
    RecipeError, PictureError
        If a region is picked where there is no source, or a mask cannot be read.
    """
    masks: dict[str, FloatImage] = {}
    keys: dict[str, tuple[str, ...]] = {}
    for name, region in recipe.regions.items():
        keys[name] = _key(region, frame, keys)

        def make(name: str = name, region: Region = region) -> FloatImage:
            return _shaped(name, region, masks, store, frame)

        masks[name] = np.asarray(store.made(("region", *keys[name]), make), np.float32)
    return masks


def _key(region: Region, frame: Frame, keys: dict[str, tuple[str, ...]]) -> tuple[str, ...]:
    """Everything a mask depends on, those it is combined with included."""
    stamps: list[str] = []
    if region.mask is not None:
        stamps += picture_stamp(region.mask)
    if (region.pick is not None or region.refine) and frame.source is not None:
        stamps += picture_stamp(frame.source)
    others = [part for other in region.others for part in keys[other]]
    return (region.model_dump_json(), f"{frame.width}x{frame.height}", *stamps, *others)


def _shaped(
    name: str, region: Region, masks: dict[str, FloatImage], store: PictureStore, frame: Frame
) -> FloatImage:
    mask = _ground(name, region, store, frame)
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
    if region.refine and frame.picture is not None:
        mask = follow_edges(mask, srgb_to_work(frame.picture), soft=True)
    return shape_mask(mask, grow=region.grow, feather=region.feather, invert=region.invert)


def _ground(name: str, region: Region, store: PictureStore, frame: Frame) -> FloatImage:
    """What a region is made of, with its strokes."""
    shape = (frame.height, frame.width)
    strokes = [(stroke_mask(s, *shape), s.value) for s in region.strokes]
    if region.pick is not None:
        if frame.picture is None:
            raise RecipeError(f"regions.{name}.pick: there is no source to pick from")
        said = [PickStroke(mask > 0.5, value >= 0.5) for mask, value in strokes]
        return pick(frame.picture, region.pick, said)
    mask = np.zeros(shape, np.float32)
    if region.mask is not None:
        mask = cover(store.grey(region.mask), *shape).clip(0, 1)
    for stroke, value in strokes:
        mask = mask + stroke * (np.float32(value) - mask)
    return np.asarray(mask, np.float32)


def pick(picture: ByteImage, what: str, strokes: list[PickStroke] | None = None) -> FloatImage:
    """Pick an area of a picture, its depth estimated where that is asked for."""
    depth = estimate_depth(picture) if what in ("near", "far") else None
    return pick_area(picture, what, depth=depth, strokes=strokes)
