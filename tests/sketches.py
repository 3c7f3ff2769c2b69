"""Drawings that tests make maps of: line art, a rough pencil sketch, a technical drawing."""

from itertools import pairwise

import numpy as np
from PIL import Image, ImageDraw
from scipy import ndimage

SIZE = (360, 240)

HOUSE = (
    ((80, 200), (80, 110), (180, 60), (280, 110), (280, 200), (80, 200)),
    ((120, 200), (120, 150), (150, 150), (150, 200)),
    ((200, 140), (240, 140), (240, 170), (200, 170), (200, 140)),
    ((20, 200), (340, 200)),
)


def line_art(*, light: bool = False, width: int = 2) -> np.ndarray:
    """Clean lines, dark on light or light on dark: (H, W, 3) uint8."""
    paper, ink = ((24, 26, 30), (240, 240, 235)) if light else ((250, 249, 245), (20, 20, 25))
    image = Image.new("RGB", SIZE, paper)
    draw = ImageDraw.Draw(image)
    for path in HOUSE:
        draw.line(path, ink, width)
    return np.asarray(image)


def true_lines() -> np.ndarray:
    """Where the house's lines are, (H, W) bool."""
    return line_art(width=1)[..., 0] < 128


def rough_sketch() -> np.ndarray:
    """The same house in pencil: wobbling double strokes, grain and smudges."""
    rng = np.random.default_rng(5)
    image = Image.new("L", SIZE, 238)
    draw = ImageDraw.Draw(image)
    for path in HOUSE:
        for _ in range(3):
            points = [
                (x0 + t * (x1 - x0), y0 + t * (y1 - y0))
                for (x0, y0), (x1, y1) in pairwise(path)
                for t in np.linspace(0, 1, 12)
            ]
            wobble = ndimage.gaussian_filter1d(rng.normal(0, 6, (len(points), 2)), 3, axis=0)
            draw.line([tuple(p + w) for p, w in zip(points, wobble, strict=True)], 120, 1)
    pencil = np.asarray(image, float)
    smudge = ndimage.gaussian_filter(rng.random(pencil.shape), 14)
    pencil -= 260 * np.maximum(smudge - smudge.mean(), 0)
    grain = rng.normal(0, 5, pencil.shape)
    return np.repeat((pencil + grain).clip(0, 255).astype(np.uint8)[..., None], 3, axis=2)


def technical_drawing() -> np.ndarray:
    """The same house with dimension lines, arrows and figures."""
    image = Image.fromarray(line_art(width=2))
    draw = ImageDraw.Draw(image)
    draw.line(((80, 216), (280, 216)), (20, 20, 25), 1)
    for x in (80, 280):
        draw.line(((x, 204), (x, 222)), (20, 20, 25), 1)
        draw.polygon(
            ((x, 216), (x + 6 - 12 * (x > 100), 213), (x + 6 - 12 * (x > 100), 219)), (20, 20, 25)
        )
    draw.text((168, 220), "8400", (20, 20, 25))
    return np.asarray(image)
