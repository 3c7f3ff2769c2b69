"""The canvas as it is laid for a run: the source framed, and what words draw or do to it."""

from dataclasses import replace

import numpy as np

from overlay.document.cues import GuideCue, cues_of
from overlay.document.recipe import Recipe
from overlay.imaging.colour import FloatImage
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.canvas import Canvas, framed_source
from overlay.studio.making.guide_maps import make_map, map_key
from overlay.studio.making.region_masks import region_keys, region_masks
from overlay.studio.making.words_scene import (
    Ground,
    strength_of,
    words_key,
    words_on_source,
    words_scene,
)


def lay_canvas(recipe: Recipe, store: PictureStore) -> Canvas:
    """A recipe's canvas.

    Raises `RecipeError` and `PictureError` for a source that cannot be one, and for words that are
    not known.
    """
    plain = framed_source(recipe, store)
    if not strength_of(recipe):
        return plain
    if plain.picture is None:
        scene = words_scene(recipe, plain.width, plain.height, store)
        return replace(plain, picture=scene.picture, stamp=scene.key, words=scene)
    ground = _ground(recipe, plain, store)
    changed = words_on_source(recipe, plain.picture, ground, store)
    stamp = (*ground.stamp, *words_key(recipe, plain.width, plain.height))
    return replace(plain, picture=changed.picture, stamp=stamp, set_in=changed.masks)


def _ground(recipe: Recipe, plain: Canvas, store: PictureStore) -> Ground:
    """What words need to know of a source: its depth, corrected by hand if it is, and where."""
    guides = cues_of(recipe.cues, GuideCue)
    cue = next((c for c in guides if c.guide == "depth"), None)
    stamp, name = list(plain.stamp), recipe.words.region
    depth: FloatImage | None = None
    if cue is not None:
        depth = np.asarray(make_map(cue, store, plain), np.float32)
        stamp += map_key(cue, plain)
    region: FloatImage | None = None
    if name is not None:
        region = region_masks(recipe, store, plain)[name]
        stamp.append(region_keys(recipe, plain)[name])
    return Ground(tuple(stamp), depth, region)
