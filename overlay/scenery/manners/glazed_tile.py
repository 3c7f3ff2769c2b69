"""Glazed tile: small hand-cut pieces, each of one glaze, bright at one edge, set in pale grout."""

import numpy as np
import scipy

from overlay.imaging.colour import ByteImage
from overlay.scenery.manners.cartoon import cloudy, draw_cartoon, paint, to_bytes

PIECE = 15.0
COLOURS = [
    ("#2f6fa8", "#e8f1f2"),
    ("#f2b632", "#f7d774"),
    ("#1f4e8c", "#5fa3c7"),
    ("#12376e", "#3f86ad"),
    ("#0f5f6b", "#58b7a6"),
    ("#0b2a5b", "#2d6f9c"),
    ("#b8791c", "#f0c95a"),
]


def draw_glazed_tile(width: int, height: int) -> ByteImage:
    """Draw the manner: (height, width, 3) uint8 sRGB."""
    rng = np.random.default_rng(11)
    colour = paint(draw_cartoon(width, height, 5), COLOURS)
    rows, columns = int(height / PIECE) + 2, int(width / PIECE) + 2
    gy, gx = np.mgrid[0:rows, 0:columns].astype(float)
    gx += 0.5 * (gy % 2)
    centres = np.stack([gy, gx], -1).reshape(-1, 2) * PIECE
    centres += rng.uniform(-0.26, 0.26, centres.shape) * PIECE
    y, x = np.mgrid[0:height, 0:width]
    found = scipy.spatial.cKDTree(centres).query(np.stack([y, x], -1), k=2, workers=-1)
    distance, which = np.asarray(found[0]), np.asarray(found[1])
    piece = which[..., 0]
    joint = distance[..., 1] - distance[..., 0]
    cy = centres[:, 0].clip(0, height - 1).astype(int)
    cx = centres[:, 1].clip(0, width - 1).astype(int)
    glaze = colour[cy, cx] * rng.uniform(0.78, 1.22, (len(centres), 1))
    light = glaze[piece]
    tilt = rng.normal(0, 0.25, (len(centres), 2))[piece]
    across = (
        (y - centres[piece, 0]) * (0.7 + tilt[..., 0])
        + (x - centres[piece, 1]) * (0.7 + tilt[..., 1])
    ) / PIECE
    light = light * (1.05 - 0.45 * across)[..., None]
    edge = np.clip(1 - np.abs(joint - 3.6) / 1.6, 0, 1) * np.clip(-across * 2.4, 0, 1)
    light = light + 0.75 * edge[..., None]
    pool = np.clip(cloudy((height, width), 5, 3), 0, 1)[..., None]
    light = light * (1 + 0.1 * pool)
    grout = np.clip((2.4 - joint) / 1.2, 0, 1)[..., None]
    sand = 0.58 + 0.06 * rng.standard_normal((height, width, 1))
    light = light * (1 - grout) + grout * sand * np.array([1.0, 0.95, 0.86])
    return to_bytes(scipy.ndimage.gaussian_filter(light, (0.45, 0.45, 0)))
