"""The groundwork of a proof: all that is made once before it runs, and used by what follows."""

from dataclasses import dataclass
from functools import cached_property

import numpy as np

from overlay.document.cues import GuideCue, cues_of
from overlay.document.recipe import Recipe
from overlay.engine.request import Request
from overlay.imaging.colour import FloatImage
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.canvas import Canvas
from overlay.studio.making.guide_maps import make_map
from overlay.studio.making.laying import lay_canvas
from overlay.studio.making.region_masks import open_borders, region_masks
from overlay.studio.making.requests import build_request


@dataclass(frozen=True)
class Groundwork:
    """Canvas, masks, open borders, request: each is made when first asked for.

    For one thread; its arrays are shared and not to be written to. Asking for anything can raise
    `RecipeError` or `PictureError`.
    """

    recipe: Recipe
    store: PictureStore

    @cached_property
    def canvas(self) -> Canvas:
        """Size and framed source."""
        return lay_canvas(self.recipe, self.store)

    @cached_property
    def masks(self) -> dict[str, FloatImage]:
        """Every region by its name, (H, W) float32 in 0..1."""
        return region_masks(self.recipe, self.store, self.canvas)

    @cached_property
    def open_borders(self) -> dict[str, FloatImage]:
        """Where each region's border lies on no contour of the source; empty without one."""
        return open_borders(self.recipe, self.masks, self.store, self.canvas)

    @cached_property
    def request(self) -> Request:
        """What the engine is asked for."""
        return build_request(self.recipe, self.store, self.canvas, self.masks)

    @cached_property
    def depth(self) -> FloatImage | None:
        """The map of the first depth guide that is heard, or None."""
        guides = cues_of(self.recipe.cues, GuideCue)
        cue = next((c for c in guides if c.guide == "depth"), None)
        if cue is None:
            return None
        return np.asarray(make_map(cue, self.store, self.canvas), np.float32)
