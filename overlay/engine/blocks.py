"""Blocks as a guide: the large forms of the canvas drawn to those of a coarse field."""

import numpy as np

from overlay.engine.request import GuideCue
from overlay.imaging.colour import FloatImage
from overlay.imaging.resample import pyramid, resize

_FULL = 1.25  # of a weight; from 0.8 on the forms are met wholly
_LATE = 0.85  # of that is let go by the end, for marks to be themselves


class BlockField:
    """All guides that hold masses, at the scale that is asked for."""

    def __init__(self, guides: list[GuideCue], levels: int) -> None:
        self._guides = guides
        self._regions = [None if g.region is None else pyramid(g.region, levels) for g in guides]

    def __bool__(self) -> bool:
        return bool(self._guides)

    def draw(self, canvas: FloatImage, level: int, progress: float) -> FloatImage:
        """The canvas with its large forms drawn to the blocks; a new array where any speaks.

        Parameters
        ----------
        canvas : (h, w, 3) float32, working space.
        """
        for guide, regions in zip(self._guides, self._regions, strict=True):
            amount = min(_FULL * guide.weight * guide.span.at(progress), 1.0)
            amount *= 1.0 - _LATE * progress**2
            if amount <= 0 or guide.masses is None:
                continue
            where = np.float32(amount)
            weight = where if regions is None else where * regions[level][..., None]
            canvas = canvas + weight * _lack(canvas, guide)
        return canvas


def _lack(canvas: FloatImage, guide: GuideCue) -> FloatImage:
    """What the canvas's own blocks lack of the guide's, at its size."""
    assert guide.masses is not None
    height, width = canvas.shape[:2]
    rows, columns = (
        min(a, b) for a, b in zip(guide.masses.shape[:2], (height, width), strict=True)
    )
    own = resize(canvas, rows, columns)
    wanted = guide.masses
    if wanted.shape[:2] != (rows, columns):
        wanted = resize(wanted, rows, columns)
    lack = wanted - own
    if not guide.coloured:
        lack[..., 1:] = 0
    if not guide.hard:
        return resize(lack, height, width)
    y = np.arange(height) * rows // height
    x = np.arange(width) * columns // width
    return np.ascontiguousarray(lack[y[:, None], x[None, :]])
