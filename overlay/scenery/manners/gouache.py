"""Gouache: opaque strokes laid over each other along the form, bristle streaks, matt paper."""

import numpy as np
import scipy

from overlay.imaging.colour import ByteImage
from overlay.imaging.kernel import compiled
from overlay.scenery.manners.cartoon import Field, cloudy, draw_cartoon, paint, to_bytes

COLOURS = [
    ("#7fa6b8", "#f3e6cf"),
    ("#f2a65e", "#fbd9a0"),
    ("#6d7fa3", "#b9bfd0"),
    ("#47725f", "#93b07a"),
    ("#b7843a", "#ecc873"),
    ("#2f4f4a", "#6f8f5c"),
    ("#8c3b3a", "#e08a6b"),
]


@compiled(cache=True)
def _stroke(canvas, y, x, angle, length, half, colour, bend, grain):
    """Lay one curved stroke on the canvas; bristles leave streaks, the end runs dry."""
    height, width = canvas.shape[:2]
    reach = int(length + half) + 2
    c, s = np.cos(angle), np.sin(angle)
    for py in range(max(int(y) - reach, 0), min(int(y) + reach, height)):
        for px in range(max(int(x) - reach, 0), min(int(x) + reach, width)):
            u = (px - x) * c + (py - y) * s
            v = -(px - x) * s + (py - y) * c - bend * u * u
            if abs(u) > length or abs(v) > half:
                continue
            bristle = grain[
                int(v * 1.6 + 500 + y) % grain.shape[0], int(u * 0.12 + 500 + x) % grain.shape[1]
            ]
            body = min((half - abs(v)) / 1.2, 1.0) * min((length - abs(u)) / 2.0, 1.0)
            dry = 0.75 + 0.6 * bristle - 0.9 * max(u / length - 0.35, 0.0)
            cover = max(min(body * dry * 1.6, 1.0), 0.0)
            for k in range(3):
                tint = colour[k] * (1.0 + 0.16 * bristle)
                canvas[py, px, k] += cover * (tint - canvas[py, px, k])


def _lay(canvas: Field, colour: Field, flow: Field, half: float, count: int, seed: int) -> None:
    rng = np.random.default_rng(seed)
    grain = rng.uniform(-1, 1, (997, 61))
    height, width = flow.shape
    for _ in range(count):
        y, x = rng.uniform(0, height), rng.uniform(0, width)
        at = int(y), int(x)
        tint = colour[at] * rng.normal(1, 0.09) * (1 + rng.normal(0, 0.04, 3))
        angle = flow[at] + rng.normal(0, 0.22)
        length = half * rng.uniform(1.8, 3.6)
        _stroke(canvas, y, x, angle, length, half, tint, rng.normal(0, 0.006), grain)


def draw_gouache(width: int, height: int) -> ByteImage:
    """Draw the manner: (height, width, 3) uint8 sRGB."""
    cartoon = draw_cartoon(width, height, 31)
    colour = paint(cartoon, COLOURS)
    canvas = scipy.ndimage.gaussian_filter(colour, (8, 8, 0)) * 0.9
    area = width * height
    for half, strokes, seed in (
        (13.0, area // 240, 1),
        (7.0, area // 110, 2),
        (4.0, area // 95, 3),
    ):
        _lay(canvas, colour, cartoon.flow, half, strokes, seed)
    tooth = 1 + 0.035 * cloudy((height, width), 2.2, 14)
    return to_bytes(canvas * tooth[..., None])
