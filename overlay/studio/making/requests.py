"""From a recipe and its files to a request that the engine can work on."""

import numpy as np

from overlay.document.cues import Cue
from overlay.document.json_text import RecipeError
from overlay.document.recipe import Recipe
from overlay.engine.request import (
    AvoidCue,
    BoolMask,
    Facets,
    GuideCue,
    Placement,
    Request,
    StyleCue,
)
from overlay.engine.schedule import Envelope
from overlay.guides.depth import estimate_depth, even_depth
from overlay.imaging.colour import (
    ByteImage,
    FloatImage,
    hex_to_srgb,
)
from overlay.imaging.prepare import prepare
from overlay.regions.strokes import draw_strokes
from overlay.studio.inputs.digests import picture_stamp
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.canvas import Canvas
from overlay.studio.making.guide_maps import bend_picture, make_parts


def build_request(
    recipe: Recipe, store: PictureStore, canvas: Canvas, masks: dict[str, FloatImage]
) -> Request:
    """Read what the recipe names and lay it on the canvas.

    Parameters
    ----------
    recipe : with absolute paths.
    masks : its regions by name, on the canvas.

    Raises
    ------
    RecipeError, PictureError
        In one line that names the key or file.
    """
    if canvas.picture is None and recipe.departure < 1:
        raise RecipeError(f"departure: without a source it must be 1, got {recipe.departure}")
    heard = [cue for cue in recipe.cues if not cue.muted]
    request = Request(
        width=canvas.width,
        height=canvas.height,
        seed=recipe.seed,
        steps=recipe.steps,
        departure=recipe.departure,
        source=canvas.picture,
        styles=tuple(
            _style(cue, masks, store, _bends(cue, heard), _agrees(heard))
            for cue in heard
            if cue.kind in ("reference", "swatches")
        ),
        guides=tuple(_guide(cue, masks, store, canvas) for cue in heard if cue.guide is not None),
        avoided=tuple(_avoided(cue, masks, store) for cue in heard if cue.avoided is not None),
        within=None if recipe.within is None else masks[recipe.within],
        blend=recipe.blend,
    )
    if canvas.picture is None and not any(_shapes(s) for s in request.styles):
        raise RecipeError(
            "cues: without a source one reference must give its surface, layout or likeness, "
            "got none that does"
        )
    return request


def _shapes(cue: StyleCue) -> bool:
    f = cue.facets
    return cue.weight * max(f.surface, f.layout, f.likeness) > 0


def _envelope(cue: Cue) -> Envelope:
    return Envelope(cue.enter, cue.leave, cue.fade_in, cue.fade_out)


def _cue_region(cue: Cue, masks: dict[str, FloatImage]) -> FloatImage | None:
    if cue.region is None:
        return None
    mask = masks[cue.region]
    return 1 - mask if cue.invert_region else mask


def reference_picture(cue: Cue, store: PictureStore) -> tuple[ByteImage, tuple[int, int]]:
    """A reference as its cue takes it: cut to the take area and prepared.

    Returns
    -------
    The picture, and where its first pixel (x, y) lies in the file.
    """
    assert cue.reference is not None
    whole = store.picture(cue.reference)
    left, top, right, bottom = _take_box(cue, *whole.shape[:2])
    picture = whole[top:bottom, left:right]
    if picture.shape[0] < 2:
        # One row would be taken for swatches.
        picture = np.repeat(picture, 2, axis=0)
    return prepare(picture, sharpen=cue.sharpen, levels=cue.levels), (left, top)


def _take_box(cue: Cue, height: int, width: int) -> tuple[int, int, int, int]:
    left, top, right, bottom = cue.take
    x, y = min(int(left * width), width - 1), min(int(top * height), height - 1)
    return x, y, max(x + 1, round(right * width)), max(y + 1, round(bottom * height))


def _allowed(cue: Cue, height: int, width: int) -> BoolMask | None:
    """Where a reference may be used, on its whole picture; None for everywhere."""
    if not cue.keep_out:
        return None
    strokes = [(stroke.points, stroke.size) for stroke in cue.keep_out]
    return np.asarray(draw_strokes(strokes, height, width) < 0.5)


def _bends(cue: Cue, heard: list[Cue]) -> Cue | None:
    """The pose that bends a cue's likeness: one that is made of the same picture."""
    if cue.reference is None or cue.active_facets.likeness == 0:
        return None
    return next((c for c in heard if c.guide == "pose" and c.of == cue.reference), None)


def _agrees(heard: list[Cue]) -> bool:
    """Whether a guide wants near parts of the references in near places, or smaller marks far."""
    depths = [cue.settings for cue in heard if cue.guide == "depth"]
    return any(max(s.agreement, s.receding) > 0 for s in depths)


def _reference_depth(cue: Cue, picture: ByteImage, store: PictureStore) -> FloatImage:
    """How near the parts of a reference lie, as its cue takes it."""
    key = ("nearness", *picture_stamp(str(cue.reference)), str(cue.take), str(cue.levels))
    made = store.made(key, lambda: even_depth(estimate_depth(picture)))
    return np.asarray(made, np.float32)


def _style(
    cue: Cue,
    masks: dict[str, FloatImage],
    store: PictureStore,
    pose: Cue | None = None,
    agrees: bool = False,
) -> StyleCue:
    facets = cue.active_facets.model_dump()
    allowed, origin, depth = None, (0, 0), None
    if cue.swatches is not None:
        picture = np.array([[hex_to_srgb(colour) for colour in cue.swatches]], np.uint8)
        # Flat colours have no marks to give, and nothing in them has a place.
        facets |= {"surface": 0.0, "layout": 0.0, "likeness": 0.0}
    else:
        assert cue.reference is not None
        picture, origin = reference_picture(cue, store)
        if agrees and facets["surface"] > 0:
            depth = _reference_depth(cue, picture, store)
        if pose is not None:
            picture = bend_picture(picture, pose.settings)
        whole = store.picture(cue.reference).shape[:2]
        allowed = _allowed(cue, *whole)
        if allowed is not None:
            left, top, right, bottom = _take_box(cue, *whole)
            allowed = allowed[top:bottom, left:right]
            if len(allowed) < len(picture):
                allowed = np.repeat(allowed, 2, axis=0)
            if not allowed.any():
                raise RecipeError(
                    f"cue {cue.name!r}: keep_out: must leave some of the picture, got none left"
                )
    return StyleCue(
        name=cue.name,
        picture=picture,
        facets=Facets(**facets),
        weight=cue.weight,
        envelope=_envelope(cue),
        region=_cue_region(cue, masks),
        scale=cue.scale,
        allowed=allowed,
        mirror=cue.mirror,
        turns=cue.turns,
        placement=Placement(cue.place.fit, cue.place.shift, cue.place.scale),
        origin=origin,
        depth=depth,
    )


def _avoided(cue: Cue, masks: dict[str, FloatImage], store: PictureStore) -> AvoidCue:
    assert cue.avoided is not None
    picture = store.picture(cue.avoided)
    region = _cue_region(cue, masks)
    return AvoidCue(cue.name, picture, cue.blur, cue.weight, _envelope(cue), region)


def _guide(cue: Cue, masks: dict[str, FloatImage], store: PictureStore, canvas: Canvas) -> GuideCue:
    parts = make_parts(cue, store, canvas)
    return GuideCue(
        name=cue.name,
        strength=parts.strength,
        lightness=parts.lightness,
        sigma=parts.sigma,
        weight=cue.weight,
        envelope=_envelope(cue),
        region=_cue_region(cue, masks),
        masses=parts.masses,
        hard=parts.hard,
        coloured=parts.coloured,
        depth=parts.depth,
        agreement=parts.agreement,
        receding=parts.receding,
    )
