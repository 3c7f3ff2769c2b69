"""Near and far: near parts of a reference go to near places, and marks are smaller in the distance.

What a match costs rises with the square of the difference of both depths. Written out,
(g - r)^2 = g^2 - 2 g r + r^2, it is three traits of the reference's patch, each charged by what the
guide says at the place. The same holds for the size of marks that is wanted there.
"""

import numpy as np

from overlay.engine.guidance import firmness
from overlay.engine.library import Library
from overlay.engine.matching.field import Grid, grid_samples
from overlay.engine.request import GuideCue, StyleCue
from overlay.engine.steps.schedule import Step
from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import pyramid, resize

# What near in the place of far costs at full weight, in contrasts of unrelated patches; and what
# marks of full size cost where the smallest are wanted.
_PRICE, _SIZE_PRICE = 1.0, 4.0
_SMALLEST = 0.6  # by how much the farthest marks are smaller at full strength


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
        self._guides = [g for g in guides if known and _speaks(g)]
        self._depths = [pyramid(g.depth, levels) for g in self._guides if g.depth is not None]
        self._regions = [
            None if g.region is None else pyramid(g.region, levels) for g in self._guides
        ]
        self._unit = self._smaller = 0.0
        if library is not None and self._guides:
            parts = zip(styles, library.pictures, strict=True)
            library.add_traits([_traits(cue, *picture.shape[:2]) for cue, picture in parts])
            self._unit = library.contrast()
            self._smaller = _SMALLEST * max(g.receding for g in self._guides)
            if self._smaller > 0:
                library.sizes = (1.0, 1 - self._smaller / 2, 1 - self._smaller)

    def price(self, step: Step, level: int, grid: Grid) -> FloatImage:
        """What each trait costs every patch of the canvas: (rows, columns, traits) float32."""
        traits = (5 if self._smaller > 0 else 3) if self._guides else 0
        out = np.zeros((grid.rows, grid.columns, traits), np.float32)
        for guide, depths, regions in zip(self._guides, self._depths, self._regions, strict=True):
            near = grid_samples(depths[level], grid)
            firm = firmness(guide.weight * guide.span.at(step.progress))
            charge = np.full_like(near, self._unit * firm)
            if regions is not None:
                charge *= grid_samples(regions[level], grid)
            out[..., :3] += _apart(near, _PRICE * guide.agreement * charge)
            if guide.receding > 0:
                size = 1 - _SMALLEST * guide.receding * (1 - near)
                constant, linear, square = np.moveaxis(
                    _apart(size, _SIZE_PRICE / self._smaller**2 * charge), 2, 0
                )
                out[..., 0] += constant
                out[..., 3] += linear
                out[..., 4] += square
        return out


def _speaks(guide: GuideCue) -> bool:
    return guide.depth is not None and max(guide.agreement, guide.receding) > 0


def _apart(wanted: FloatImage, charge: FloatImage) -> FloatImage:
    """Charges of 1, r and r^2 that come to charge * (wanted - r)^2, (rows, columns, 3)."""
    return charge[..., None] * np.stack([wanted**2, -2 * wanted, np.ones_like(wanted)], axis=-1)


def _traits(cue: StyleCue, height: int, width: int) -> FloatImage:
    """1, r and r^2 of a reference's depth r: (height, width, 3) float32."""
    if cue.depth is None:
        near = np.full((height, width), 0.5, np.float32)
    else:
        near = resize(cue.depth, height, width).clip(0, 1)
    return np.stack([np.ones_like(near), near, near**2], axis=-1)
