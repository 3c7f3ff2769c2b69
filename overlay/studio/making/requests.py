"""From a recipe and its files to a request that the engine can work on.

Each kind of cue has a maker of its own in `_MAKERS`.
"""

from collections.abc import Callable
from dataclasses import dataclass
from typing import Any

import numpy as np

from overlay.document.cues import (
    AvoidedCue,
    Cue,
    GuideCue,
    Influence,
    ReferenceCue,
    SwatchesCue,
)
from overlay.document.recipe import Recipe
from overlay.document.text.json_text import RecipeError
from overlay.document.text.packed import unpack_colours
from overlay.engine import request as engine
from overlay.engine.request import Facets, Placement, Request, Stray, StyleCue
from overlay.engine.steps.schedule import Span
from overlay.imaging.colour import FloatImage, hex_to_srgb
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.canvas import Canvas
from overlay.studio.making.guide_maps import bend_picture, make_parts
from overlay.studio.making.references import (
    allowed_part,
    bending_pose,
    reference_depth,
    reference_picture,
    wants_depth,
)
from overlay.studio.making.words_cues import WORDS, outline_cues, words_cues
from overlay.studio.making.words_marks import marks_wishes
from overlay.studio.making.words_scene import strength_of


@dataclass(frozen=True)
class _Making:
    """What makers need besides their cue."""

    store: PictureStore
    canvas: Canvas
    masks: dict[str, FloatImage]
    heard: list[Cue]


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
        raise RecipeError(
            f"departure: without a source or words it must be 1, got {recipe.departure}"
        )
    heard = [cue for cue in recipe.cues if not cue.muted]
    making = _Making(store, canvas, masks, heard)
    made: dict[str, list[Any]] = {"styles": [], "guides": [], "avoided": []}
    for cue in heard:
        group, make = _MAKERS[type(cue)]
        made[group].append(make(cue, making))
    if canvas.words is not None:
        styles, guides = words_cues(recipe, canvas.words, masks)
        made["styles"] += styles
        made["guides"] += guides
    elif canvas.picture is not None:
        made["guides"] += outline_cues(recipe, canvas.picture, canvas.set_in, masks)
    request = Request(
        width=canvas.width,
        height=canvas.height,
        seed=recipe.seed,
        stray=None if recipe.stray is None else Stray(recipe.stray.seed, recipe.stray.amount),
        steps=recipe.steps,
        departure=_departure(recipe, canvas),
        source=canvas.picture,
        ground=WORDS if canvas.words is not None else "source",
        even=_even(recipe),
        within=None if recipe.within is None else masks[recipe.within],
        blend=recipe.blend,
        styles=tuple(made["styles"]),
        guides=tuple(made["guides"]),
        avoided=tuple(made["avoided"]),
        marks=marks_wishes(recipe, store),
    )
    if canvas.picture is None and not any(_shapes(s) for s in request.styles):
        raise RecipeError(
            "cues: without a source one reference must give its surface, layout or likeness, "
            "got none that does"
        )
    return request


def _even(recipe: Recipe) -> engine.Even | None:
    if recipe.even is None:
        return None
    return engine.Even(recipe.even.amount, unpack_colours(recipe.even.colours)[None])


def _departure(recipe: Recipe, canvas: Canvas) -> float:
    """Words that are heard but little leave the run freer of what they have drawn."""
    if canvas.words is None:
        return recipe.departure
    return 1 - (1 - recipe.departure) * min(strength_of(recipe), 1.0)


def _shapes(cue: StyleCue) -> bool:
    f = cue.facets
    return cue.weight * max(f.surface, f.layout, f.likeness) > 0


# Makers --------------------------------------------------------------------------------------


def _span(cue: Cue) -> Span:
    return Span(cue.enter, cue.leave, cue.fade_in, cue.fade_out)


def _cue_region(cue: Cue, masks: dict[str, FloatImage]) -> FloatImage | None:
    if cue.region is None:
        return None
    mask = masks[cue.region]
    return 1 - mask if cue.invert_region else mask


def _reference(cue: ReferenceCue, making: _Making) -> StyleCue:
    picture, origin = reference_picture(cue, making.store)
    depth = None
    if wants_depth(cue, making.heard):
        depth = reference_depth(cue, picture, making.store)
    pose = bending_pose(cue, making.heard)
    return StyleCue(
        name=cue.name,
        picture=picture if pose is None else bend_picture(picture, pose.settings),
        facets=Facets(**cue.active_facets.model_dump()),
        weight=cue.weight,
        span=_span(cue),
        region=_cue_region(cue, making.masks),
        scale=cue.scale,
        allowed=allowed_part(cue, picture, making.store),
        mirror=cue.mirror,
        turns=cue.turns,
        placement=Placement(cue.place.fit, cue.place.shift, cue.place.scale),
        origin=origin,
        depth=depth,
    )


def _swatches(cue: SwatchesCue, making: _Making) -> StyleCue:
    facets = cue.active_facets
    return StyleCue(
        name=cue.name,
        picture=np.array([[hex_to_srgb(colour) for colour in cue.swatches]], np.uint8),
        # Flat colours have no marks to give, and nothing in them has a place.
        facets=Facets(palette=facets.palette, light=facets.light),
        weight=cue.weight,
        span=_span(cue),
        region=_cue_region(cue, making.masks),
        scale=cue.scale,
    )


def _avoided(cue: AvoidedCue, making: _Making) -> engine.AvoidCue:
    return engine.AvoidCue(
        cue.name,
        making.store.picture(cue.avoided),
        cue.blur,
        cue.weight,
        _span(cue),
        _cue_region(cue, making.masks),
    )


def _guide(cue: GuideCue, making: _Making) -> engine.GuideCue:
    parts = make_parts(cue, making.store, making.canvas)
    return engine.GuideCue(
        name=cue.name,
        strength=parts.strength,
        lightness=parts.lightness,
        sigma=parts.sigma,
        weight=cue.weight,
        span=_span(cue),
        region=_cue_region(cue, making.masks),
        masses=parts.masses,
        hard=parts.hard,
        coloured=parts.coloured,
        depth=parts.depth,
        agreement=parts.agreement,
        receding=parts.receding,
    )


_MAKERS: dict[type[Influence], tuple[str, Callable[[Any, _Making], engine.Cue]]] = {
    ReferenceCue: ("styles", _reference),
    SwatchesCue: ("styles", _swatches),
    GuideCue: ("guides", _guide),
    AvoidedCue: ("avoided", _avoided),
}
