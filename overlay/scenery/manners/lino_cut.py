"""Lino cut: black and one colour on cream paper, tone made by gouge marks that follow the form."""

import numpy as np
import scipy

from overlay.imaging.colour import ByteImage
from overlay.scenery.manners.cartoon import FIELD, LEAF, SUN, Field, cloudy, draw_cartoon, to_bytes
from overlay.scenery.solids import linear_light

PITCH = 8.5


def _gouges(flow: Field, seed: int) -> Field:
    """Marks along `flow`, 0 in the middle of a mark to 1 between marks, broken along their way."""
    height, width = flow.shape
    y, x = np.mgrid[0:height, 0:width].astype(float)
    smooth = scipy.ndimage.gaussian_filter(flow, 12)
    wobble = 3.0 * cloudy(flow.shape, 34, seed) + 0.9 * cloudy(flow.shape, 7, seed + 1)
    across = -x * np.sin(smooth) + y * np.cos(smooth) + wobble
    along = x * np.cos(smooth) + y * np.sin(smooth)
    row = np.floor(across / PITCH)
    ridge = np.abs(across / PITCH - row - 0.5) * 2
    beat = 46 + 14 * np.sin(row * 12.9)
    taper = np.abs(((along + row * 31.7) / beat) % 1.0 - 0.5) * 2
    return np.asarray(ridge + 0.55 * taper**3)


def draw_lino_cut(width: int, height: int) -> ByteImage:
    """Draw the manner: (height, width, 3) uint8 sRGB."""
    rng = np.random.default_rng(4)
    cartoon = draw_cartoon(width, height, 9)
    marks = _gouges(cartoon.flow, 21)
    cut = marks < 0.1 + 1.2 * cartoon.tone
    outline = scipy.ndimage.gaussian_gradient_magnitude(cartoon.zone.astype(float), 1.3) > 0.12
    cut[cartoon.zone == SUN] = True
    cut &= ~outline
    ink = scipy.ndimage.gaussian_filter((~cut).astype(float), 0.8)
    ink = np.clip((ink - 0.5) * 4 + 0.5, 0, 1)
    speckle = cloudy((height, width), 2.6, 8) + 0.5 * cloudy((height, width), 40, 6)
    ink *= 1 - 0.75 * np.clip(speckle - 0.85, 0, 1)
    colour_block = np.isin(cartoon.zone, (SUN, FIELD, LEAF)).astype(float)
    colour_block = scipy.ndimage.shift(
        scipy.ndimage.gaussian_filter(colour_block, 0.7), (1.5, -2.0), mode="nearest"
    )
    colour_block *= 0.9 - 0.25 * np.clip(cloudy((height, width), 3, 12), 0, 1)
    paper = linear_light("#efe4cb") * (1 + 0.02 * rng.standard_normal((height, width, 1)))
    red, black = linear_light("#c8452b"), linear_light("#1d1b1a")
    light = paper + colour_block[..., None] * (red - paper)
    light = light + ink[..., None] * (black - light)
    return to_bytes(light)
