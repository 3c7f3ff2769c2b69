"""Felt: shapes cut from dyed wool, matted fibres, soft thick edges and a running stitch."""

import numpy as np
import scipy

from overlay.imaging.colour import ByteImage
from overlay.scenery.manners.cartoon import Field, draw_cartoon, paint, to_bytes
from overlay.scenery.solids import linear_light

COLOURS = [
    ("#c9b48b", "#ece0c2"),
    ("#b5502c", "#d9773f"),
    ("#7d6a79", "#a48ea0"),
    ("#6c7a4a", "#98a266"),
    ("#b98a2e", "#dcb558"),
    ("#5a3144", "#86506a"),
    ("#33503f", "#57795c"),
]


def _fibres(shape: tuple[int, int], seed: int) -> Field:
    """Matted hairs: noise drawn out along many directions, in about -1..1."""
    rng = np.random.default_rng(seed)
    total = np.zeros(shape)
    for angle in np.arange(8) * 22.5:
        kernel = np.zeros((17, 17))
        kernel[8, 1:16] = 1.0
        kernel = scipy.ndimage.rotate(kernel, angle + rng.uniform(-8, 8), reshape=False, order=1)
        strands = rng.standard_normal(shape) * (rng.random(shape) > 0.82)
        total = np.maximum(total, scipy.ndimage.convolve(strands, kernel / 4, mode="wrap"))
    return np.asarray((total - total.mean()) / (2 * total.std()))


def draw_felt(width: int, height: int) -> ByteImage:
    """Draw the manner: (height, width, 3) uint8 sRGB."""
    cartoon = draw_cartoon(width, height, 23)
    flat = cartoon._replace(tone=np.round(cartoon.tone * 2) / 2 * 0.7 + 0.15)
    fibres = _fibres((height, width), 2)
    y, x = np.mgrid[0:height, 0:width].astype(float)
    push = 2.2 * scipy.ndimage.gaussian_filter(fibres, 1.0)
    colour = scipy.ndimage.gaussian_filter(paint(flat, COLOURS), (1.0, 1.0, 0))
    frayed = np.stack(
        [
            scipy.ndimage.map_coordinates(
                colour[..., c], [y + push, x - push], order=1, mode="nearest"
            )
            for c in range(3)
        ],
        axis=-1,
    )
    border = scipy.ndimage.gaussian_gradient_magnitude(cartoon.zone.astype(float), 1.0) > 0.1
    away = scipy.ndimage.distance_transform_edt(~border)
    thickness = np.clip(away / 7, 0, 1)
    relief = scipy.ndimage.gaussian_filter(np.sqrt(thickness), 1.0)
    slope = scipy.ndimage.sobel(relief, axis=0) + 0.7 * scipy.ndimage.sobel(relief, axis=1)
    nap = 1 + 0.34 * fibres + 0.1 * scipy.ndimage.gaussian_filter(fibres, 4) * 3
    light = frayed * (nap * (0.8 + 0.2 * thickness) + 0.3 * slope)[..., None]
    hairs = np.clip(fibres - 1.1, 0, 1)[..., None]
    light = light + 0.5 * hairs * (linear_light("#f3ead6") - light)
    stitch = (np.abs(away - 11) < 1.3) & (np.sin(0.42 * (x + y)) > 0.05)
    thread = scipy.ndimage.gaussian_filter(stitch.astype(float), 0.7)[..., None]
    light = light * (1 - 0.4 * scipy.ndimage.shift(thread, (1.5, 1.5, 0), order=1))
    light = light + thread * (linear_light("#f4e7c8") - light)
    return to_bytes(light)
