"""Near and far: patches from the near part of a reference go where the guide's depth is near.

What a match costs rises with the square of the difference of both depths. Written out,
(g - r)^2 = g^2 - 2 g r + r^2, it is three traits of the reference's patch, each charged by what the
guide says at the place.
"""

import numpy as np

from overlay.engine.field import Grid, grid_samples
from overlay.engine.guidance import firmness
from overlay.engine.library import Library
from overlay.engine.request import GuideCue, StyleCue
from overlay.engine.schedule import Step
from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import pyramid, resize

# What near in the place of far costs at full weight, in contrasts of unrelated patches.
_PRICE = 1.0


class Nearness:
    """The depth guides of a request against its references.

    Adds to the library's traits; `price` says what they cost at a moment. References whose depth
    is not known lie in the middle of everything.
    """

    def __init__(
        self,
        guides: tuple[GuideCue, ...],
        styles: tuple[StyleCue, ...],
        library: Library | None,
        levels: int,
    ) -> None:
        known = library is not None and any(cue.depth is not None for cue in styles)
        self._guides = [g for g in guides if g.depth is not None and g.agreement > 0 and known]
        self._depths = [pyramid(g.depth, levels) for g in self._guides if g.depth is not None]
        self._regions = [
            None if g.region is None else pyramid(g.region, levels) for g in self._guides
        ]
        self._unit = 0.0
        if library is not None and self._guides:
            parts = zip(styles, library.pictures, strict=True)
            library.add_traits([_traits(cue, *picture.shape[:2]) for cue, picture in parts])
            self._unit = _PRICE * library.contrast()

    def price(self, step: Step, level: int, grid: Grid) -> FloatImage:
        """What each trait costs every patch of the canvas: (rows, columns, 3 or 0) float32."""
        out = np.zeros((grid.rows, grid.columns, 3 if self._guides else 0), np.float32)
        for guide, depths, regions in zip(self._guides, self._depths, self._regions, strict=True):
            amount = firmness(guide.weight * guide.envelope.at(step.progress)) * guide.agreement
            wanted = grid_samples(depths[level], grid)
            charge = np.full_like(wanted, self._unit * amount)
            if regions is not None:
                charge *= grid_samples(regions[level], grid)
            out += charge[..., None] * np.stack(
                [wanted**2, -2 * wanted, np.ones_like(wanted)], axis=-1
            )
        return out


def _traits(cue: StyleCue, height: int, width: int) -> FloatImage:
    """1, r and r^2 of a reference's depth r: (height, width, 3) float32."""
    if cue.depth is None:
        near = np.full((height, width), 0.5, np.float32)
    else:
        near = resize(cue.depth, height, width).clip(0, 1)
    return np.stack([np.ones_like(near), near, near**2], axis=-1)
