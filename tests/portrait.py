"""A face and a rail of thin lines, drawn small: what must survive little departure."""

from functools import cache

import numpy as np
from PIL import Image, ImageDraw

from overlay.imaging.colour import ByteImage

_OVER = 4  # drawn larger and reduced, for smooth lines


@cache
def portrait(width: int = 240, height: int = 160) -> ByteImage:
    """A keeper with a cap and whiskers before railings, (height, width, 3) uint8."""
    w, h = width * _OVER, height * _OVER
    picture = Image.new("RGB", (w, h), (168, 190, 205))
    draw = ImageDraw.Draw(picture)

    def box(x: float, y: float, rx: float, ry: float) -> list[float]:
        return [(x - rx) * h, (y - ry) * h, (x + rx) * h, (y + ry) * h]

    for i in range(24):  # railings, about a pixel and a half wide
        x = i / 23 * w
        draw.line([x, 0.3 * h, x, h], fill=(60, 70, 80), width=round(1.5 * _OVER))
    draw.line([0, 0.32 * h, w, 0.32 * h], fill=(60, 70, 80), width=2 * _OVER)
    draw.ellipse(box(0.75, 1.1, 0.5, 0.4), fill=(52, 66, 96))  # coat
    draw.ellipse(box(0.75, 0.5, 0.24, 0.32), fill=(226, 178, 148))
    draw.ellipse(box(0.83, 0.55, 0.14, 0.22), fill=(236, 192, 162))
    draw.pieslice(box(0.75, 0.33, 0.26, 0.2), 180, 360, fill=(40, 48, 66))  # cap
    draw.rectangle(box(0.75, 0.32, 0.3, 0.02), fill=(30, 36, 52))
    for x in (0.66, 0.84):
        draw.ellipse(box(x, 0.46, 0.045, 0.025), fill=(250, 246, 240))
        draw.ellipse(box(x, 0.46, 0.02, 0.022), fill=(50, 60, 50))
        draw.arc(box(x, 0.42, 0.06, 0.03), 190, 350, fill=(96, 62, 44), width=2 * _OVER)
    draw.line([0.75 * h, 0.46 * h, 0.73 * h, 0.58 * h, 0.76 * h, 0.59 * h], (176, 124, 98), 6)
    draw.arc(box(0.75, 0.63, 0.08, 0.05), 20, 160, fill=(150, 70, 62), width=2 * _OVER)
    for side in (-1, 1):
        for k in range(4):  # whiskers, one pixel wide
            y = 0.6 + 0.015 * k
            x = 0.75 + side * 0.05
            draw.line(
                [x * h, y * h, (x + side * 0.2) * h, (y - 0.06 + 0.05 * k) * h], (70, 56, 48), _OVER
            )
    return np.asarray(picture.resize((width, height), Image.Resampling.LANCZOS))
