"""The exact search that the engine's is compared with: every patch against all of a reference's.

Nearest neighbours by matrix product, over the reference's patches (and mirror images) on a grid
of 4 pixels; denser grids take hours. It replaces `overlay.engine.matching.search.refine`.
"""

from typing import Any

import numpy as np
import numpy.typing as npt

from overlay.engine.matching import distance, search
from overlay.engine.matching.atlas import Atlas
from overlay.engine.matching.field import PAD, Field, Grid
from overlay.engine.matching.keys import COLOUR_STEPS, GUIDE_STEPS, PATCH, from_bytes
from overlay.imaging.colour import FloatImage

_BLOCK = 1024
_STRIDE = 4


def _patches(flat: FloatImage, atlas: Atlas, page: int) -> tuple[FloatImage, npt.NDArray[np.int32]]:
    """Patches of a page, one a row, and their places (page, y, x)."""
    height, width = int(atlas.height[page]), int(atlas.width[page])
    first = int(atlas.start[page]) * 3
    picture = flat[first : first + height * width * 3].reshape(height, width, 3)
    windows = np.lib.stride_tricks.sliding_window_view(picture, (PATCH, PATCH), axis=(0, 1))
    chosen = windows[::_STRIDE, ::_STRIDE].transpose(0, 1, 3, 4, 2)
    rows, columns = chosen.shape[:2]
    y, x = np.mgrid[0:rows, 0:columns] * _STRIDE
    places = np.stack([np.full_like(y, page), y, x], -1).reshape(-1, 3)
    return np.ascontiguousarray(chosen.reshape(rows * columns, -1)), places.astype(np.int32)


def _squared(queries: FloatImage, keys: FloatImage) -> FloatImage:
    out = -2.0 * (queries @ keys.T)
    out += (queries**2).sum(axis=1)[:, None]
    out += (keys**2).sum(axis=1)[None, :]
    return out


def exact_refine(
    query: search.Query,
    atlas: Atlas,
    grid: Grid,
    field: Field,
    *,
    soft: bool,
    **_: Any,
) -> tuple[Field, FloatImage, FloatImage]:
    """The nearest patch for every patch of the canvas; same arguments and result as `refine`."""
    means = np.empty((grid.rows, grid.columns, 3), np.float32)
    distance.patch_means(grid.rows, query.canvas, grid.top, grid.left, means)
    cost = np.zeros((grid.rows, grid.columns), np.float32)
    i, j = np.mgrid[0 : grid.rows, 0 : grid.columns]
    y, x = 4 * i + PAD - grid.top, 4 * j + PAD - grid.left
    dy, dx = np.mgrid[0:PATCH, 0:PATCH]
    colours = from_bytes(atlas.soft_keys[0] if soft else atlas.colours, COLOUR_STEPS)
    guide_keys = from_bytes(atlas.guides, GUIDE_STEPS)
    for r in np.unique(query.label[query.label >= 0]):
        which = range(atlas.first[r], atlas.first[r] + atlas.count[r])
        pages = [_patches(colours, atlas, p) for p in which]
        keys = np.concatenate([p for p, _ in pages])
        places = np.concatenate([q for _, q in pages])
        guides = np.concatenate([_patches(guide_keys, atlas, p)[0] for p in which])
        chosen = np.flatnonzero(query.label.ravel() == r)
        for block in np.array_split(chosen, max(1, len(chosen) // _BLOCK)):
            at = (y.ravel()[block, None, None] + dy, x.ravel()[block, None, None] + dx)
            apart = _squared(query.canvas[at].reshape(len(block), -1), keys)
            weight = query.guide_weight.ravel()[block]
            if weight.any():
                apart += weight[:, None] * _squared(query.guide[at].reshape(len(block), -1), guides)
            best = apart.argmin(axis=1)
            field.reshape(-1, 3)[block] = places[best]
            cost.ravel()[block] = apart[np.arange(len(block)), best]
    return field, cost, means
