"""Words as cues of the engine: true contours as a guide, and colours held where they were said."""

import numpy as np

from overlay.document.recipe import Recipe
from overlay.engine.request import Facets, GuideCue, StyleCue
from overlay.engine.steps.schedule import Span
from overlay.guides.edges import lightness_of, widen
from overlay.imaging.colour import FloatImage
from overlay.studio.making.words_scene import WordsScene, strength_of

WORDS = "words"
_SIGMA = 1.5
_HOLD = 0.7  # of the palette where a colour word stands, at a guidance of 1


def words_cues(
    recipe: Recipe, scene: WordsScene, masks: dict[str, FloatImage]
) -> tuple[list[StyleCue], list[GuideCue]]:
    """What the engine hears of words besides the picture they have drawn."""
    words, push = recipe.words, strength_of(recipe)
    span = Span(words.enter, words.leave, words.fade_in, words.fade_out)
    region = None if words.region is None else masks[words.region]
    taken = {cue.name for cue in recipe.cues}
    guides = []
    weight = min(words.contours * push, 2.0)
    if weight > 0:
        name = _free(WORDS, taken)
        strength = widen(scene.contours > 0.5, _SIGMA)
        light = lightness_of(scene.picture)
        guides.append(GuideCue(name, strength, light, _SIGMA, weight, span, region))
    styles = [
        StyleCue(
            name=_free(f"{WORDS}: {held.name}", taken),
            picture=held.swatches,
            facets=Facets(palette=_HOLD),
            weight=min(push, 2.0),
            span=span,
            region=held.mask if region is None else np.minimum(held.mask, region),
        )
        for held in scene.colours
    ]
    return styles, guides


def _free(name: str, taken: set[str]) -> str:
    """A name that no cue has."""
    while name in taken:
        name = f"{name} "
    return name
