"""Words as cues of the engine: true contours as a guide, and colours held where they were said."""

import numpy as np

from overlay.document.recipe import Recipe
from overlay.engine.request import Facets, GuideCue, StyleCue
from overlay.engine.steps.schedule import Span
from overlay.guides.edges import lightness_of, widen
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.studio.making.words_scene import WordsScene, strength_of

WORDS = "words"
_SIGMA = 1.5
_HOLD = 0.7  # of the palette where a colour word stands, at a guidance of 1


def words_cues(
    recipe: Recipe, scene: WordsScene, masks: dict[str, FloatImage]
) -> tuple[list[StyleCue], list[GuideCue]]:
    """What the engine hears of words besides the picture they have drawn."""
    push, span, region = strength_of(recipe), _span(recipe), _region(recipe, masks)
    guides = _contour_guide(recipe, scene.contours, scene.picture, masks)
    styles = [
        StyleCue(
            name=_free(f"{WORDS}: {held.name}", recipe),
            picture=held.swatches,
            facets=Facets(palette=_HOLD),
            weight=min(push, 2.0),
            span=span,
            region=held.mask if region is None else np.minimum(held.mask, region),
        )
        for held in scene.colours
    ]
    return styles, guides


def outline_cues(
    recipe: Recipe, picture: ByteImage, set_in: dict[str, FloatImage], masks: dict[str, FloatImage]
) -> list[GuideCue]:
    """The outlines of things that words have set into a source, as a guide; none without things.

    `set_in` are the masks of those things, `masks` those of the recipe's regions.
    """
    if not set_in:
        return []
    edge = np.zeros(picture.shape[:2], np.float32)
    for mask in set_in.values():
        for axis in (0, 1):
            edge = np.maximum(edge, np.abs(np.diff(mask, axis=axis, append=mask.take([-1], axis))))
    return _contour_guide(recipe, edge, picture, masks)


def _contour_guide(
    recipe: Recipe, contours: FloatImage, picture: ByteImage, masks: dict[str, FloatImage]
) -> list[GuideCue]:
    weight = min(recipe.words.contours * strength_of(recipe), 2.0)
    if weight <= 0:
        return []
    strength, light = widen(contours > 0.5, _SIGMA), lightness_of(picture)
    region = _region(recipe, masks)
    return [GuideCue(_free(WORDS, recipe), strength, light, _SIGMA, weight, _span(recipe), region)]


def _span(recipe: Recipe) -> Span:
    words = recipe.words
    return Span(words.enter, words.leave, words.fade_in, words.fade_out)


def _region(recipe: Recipe, masks: dict[str, FloatImage]) -> FloatImage | None:
    return None if recipe.words.region is None else masks[recipe.words.region]


def _free(name: str, recipe: Recipe) -> str:
    """A name that no cue has."""
    taken = {cue.name for cue in recipe.cues}
    while name in taken:
        name = f"{name} "
    return name
