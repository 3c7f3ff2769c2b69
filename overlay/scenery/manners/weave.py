"""Weave: a tapestry of dyed weft over linen warp, its tones made by how often the warp shows."""

import numpy as np
import scipy

from overlay.imaging.colour import ByteImage
from overlay.scenery.manners.cartoon import Field, draw_cartoon, paint, to_bytes
from overlay.scenery.solids import linear_light

COLOURS = [
    ("#24416b", "#5b86a8"),
    ("#c25a2e", "#eab04a"),
    ("#2f6a72", "#6fa8a0"),
    ("#a8442e", "#d98a52"),
    ("#1f3552", "#3f6488"),
    ("#7a2a2e", "#b8503c"),
    ("#c9932e", "#ecca72"),
]
_LINEN = "#dccba4"
_WARP, _WEFT = 8, 5  # pixels a thread, across and down
_REPEAT = 5  # threads after which the binding begins again


def _round(along: Field, thread: int, worn: float) -> Field:
    """Light across a round thread, `along` in pixels: bright at its middle, dark at its sides."""
    offset = along % thread / thread
    return np.asarray(worn + (1 - worn) * np.sqrt(np.sin(np.pi * offset).clip(0)))


def draw_weave(width: int, height: int) -> ByteImage:
    """Draw the manner: (height, width, 3) uint8 sRGB."""
    cartoon = draw_cartoon(width, height, 31)
    rng = np.random.default_rng(6)
    y, x = np.mgrid[0:height, 0:width].astype(float)
    # Threads are never quite straight.
    slack = scipy.ndimage.gaussian_filter(rng.standard_normal((2, height, width)), (0, 12, 12)) * 16
    wavy_x, wavy_y = x + slack[0], y + slack[1]
    row, column = (wavy_y // _WEFT).astype(int), (wavy_x // _WARP).astype(int)
    middle_y = np.clip(row * _WEFT + _WEFT // 2, 0, height - 1)
    middle_x = np.clip(column * _WARP + _WARP // 2, 0, width - 1)
    dyed = paint(cartoon, COLOURS)[middle_y, middle_x]
    tone = cartoon.tone[middle_y, middle_x]
    step = (column + 2 * row) % _REPEAT
    warp = step < np.clip(np.round(2.6 * tone - 0.7), 0, 2)
    thread = rng.normal(1, 0.09, (2, max(height, width) + 16))
    linen = linear_light(_LINEN) * thread[0, column % thread.shape[1]][..., None]
    wool = dyed * thread[1, row % thread.shape[1]][..., None]
    over = _round(wavy_x, _WARP, 0.12) * (0.82 + 0.18 * _round(wavy_y, _WEFT, 0.0))
    under = _round(wavy_y, _WEFT, 0.12) * (0.85 + 0.15 * _round(wavy_x, _WARP, 0.0))
    light = np.where(warp[..., None], (0.35 * wool + 0.65 * linen) * over[..., None],
                     wool * under[..., None])  # fmt: skip
    fluff = scipy.ndimage.gaussian_filter(rng.standard_normal((height, width)), 0.8)
    return to_bytes(1.12 * light * (1 + 0.12 * fluff)[..., None])
