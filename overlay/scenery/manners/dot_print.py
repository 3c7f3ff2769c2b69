"""Dot print: three inks in turned dot screens on warm paper, slightly out of register."""

import numpy as np
import scipy

from overlay.imaging.colour import ByteImage
from overlay.scenery.manners.cartoon import Field, cloudy, draw_cartoon, paint, to_bytes
from overlay.scenery.solids import linear_light

PITCH = 9.0
COLOURS = [
    ("#58b0b4", "#f6ecd6"),
    ("#e8503a", "#f58a5a"),
    ("#3f6f9a", "#9fc3c0"),
    ("#2d6a72", "#e7c65c"),
    ("#e0862f", "#f6d878"),
    ("#23364f", "#3f7d80"),
    ("#a5273a", "#ef7a54"),
]
INKS = [
    ("#1f9aa6", 18.0, (0, 0)),
    ("#e4412f", 63.0, (1, 1)),
    ("#f4c22b", 0.0, (-1, 1)),
    ("#20242c", 41.0, (0, 0)),
]


def _screen(amount: Field, degrees: float) -> Field:
    """Dots whose area follows `amount` (0..1), with edges one pixel wide."""
    height, width = amount.shape
    y, x = np.mgrid[0:height, 0:width].astype(float)
    c, s = np.cos(np.radians(degrees)), np.sin(np.radians(degrees))
    u, v = (x * c + y * s) / PITCH, (-x * s + y * c) / PITCH
    near = np.hypot(u - np.floor(u) - 0.5, v - np.floor(v) - 0.5) * PITCH
    radius = PITCH * np.sqrt(amount.clip(0, 1) / np.pi) * 1.08
    return np.asarray(np.clip(radius - near + 0.5, 0, 1))


def draw_dot_print(width: int, height: int) -> ByteImage:
    """Draw the manner: (height, width, 3) uint8 sRGB."""
    cartoon = draw_cartoon(width, height, 47)
    colour = scipy.ndimage.gaussian_filter(paint(cartoon, COLOURS), (0.8, 0.8, 0)) ** 0.6
    dark = np.clip(0.62 - colour.max(axis=2), 0, 1) * 1.5
    outline = scipy.ndimage.gaussian_gradient_magnitude(cartoon.zone.astype(float), 1.2) > 0.15
    light = np.ones((height, width, 3)) * linear_light("#f7efdd")
    for k, (ink, degrees, (dy, dx)) in enumerate(INKS):
        amount = dark if k == 3 else np.clip(1.04 - colour[..., k], 0, 1) ** 1.15
        cover = _screen(amount, degrees)
        if k == 3:
            cover = np.maximum(cover, scipy.ndimage.gaussian_filter(outline.astype(float), 0.6))
        cover = scipy.ndimage.shift(cover, (dy, dx), order=1, mode="nearest")
        cover *= 0.93 - 0.1 * np.clip(cloudy((height, width), 3, 5 + k), 0, 1)
        light = light * (1 - cover[..., None] * (1 - linear_light(ink)))
    return to_bytes(light)
