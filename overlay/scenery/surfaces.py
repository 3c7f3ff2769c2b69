"""What surfaces look like close up: a factor on the base colour at a point of a solid."""

import numpy as np

from overlay.imaging.kernel import kernel
from overlay.scenery.grain import lattice, layered_noise, value_noise


@kernel()
def _courses(u, v, wide, high, gap):
    """Bricks or tiles in staggered rows: shade of this one, and whether the point is in a joint."""
    row = np.floor(v / high)
    u = u / wide + 0.5 * (row % 2)
    column = np.floor(u)
    in_joint = (u - column) * wide < gap or v - row * high < gap
    return lattice(int(column), int(row), 7), in_joint


@kernel()
def _masonry(texture, u, v, fine):
    wide, high = (0.42, 0.16) if texture == 1 else (0.9, 0.42)
    shade, joint = _courses(u, v, wide, high, 0.035)
    if joint:
        return (1.15, -0.4) if texture == 1 else (0.5, 0.0)
    return (0.72 + 0.5 * shade) * (0.8 + 0.4 * fine), 0.5 * (shade - 0.5)


@kernel()
def _planks(u, v):
    board = np.floor(u / 0.22)
    streak = value_noise(40 * u, 1.4 * v + 9 * board, 3.0)
    tone = (0.75 + 0.35 * lattice(int(board), 3, 1)) * (0.8 + 0.35 * streak)
    return tone * 0.45 if u / 0.22 - board < 0.1 else tone


@kernel()
def surface_tone(texture, u, v, x, y, z):
    """Brightness factor (about 0.4 to 1.4) and warmth (-1 to 1) at a point.

    `u`, `v` run along the surface in metres; `x, y, z` is the place in the world.
    """
    fine = layered_noise(7 * x, 7 * y, 7 * z, 3)
    stain = layered_noise(0.9 * x, 0.6 * y, 0.9 * z, 3)
    tone, warmth = 0.9 + 0.2 * fine, 0.0
    if texture == 1 or texture == 5:  # brick, stone
        tone, warmth = _masonry(texture, u, v, fine)
    elif texture == 2:  # planks
        tone = _planks(u, v)
    elif texture == 3:  # roof tiles
        shade, joint = _courses(u, v, 0.3, 0.26, 0.03)
        tone = (0.75 + 0.45 * shade) * (0.85 + 0.3 * fine)
        warmth = 0.4 * (shade - 0.5)
        if joint:
            tone *= 0.5
    elif texture == 4:  # leaves
        clump = layered_noise(3.1 * x, 3.1 * y, 3.1 * z, 4)
        leaf = value_noise(13 * x, 13 * y, 13 * z)
        tone, warmth = (0.3 + 1.2 * clump) * (0.55 + 0.9 * leaf), 0.9 * (clump - 0.5)
    elif texture == 6:  # plaster
        tone = (0.88 + 0.14 * fine) * (0.8 + 0.3 * stain)
    elif texture == 7:  # grass
        blade = layered_noise(9 * x, 2, 3.5 * z, 3)
        patch = layered_noise(0.35 * x, 5, 0.35 * z, 3)
        tone, warmth = (0.5 + 0.8 * blade) * (0.7 + 0.6 * patch), 1.4 * (patch - 0.45)
    elif texture == 8:  # path
        tone = 0.7 + 0.35 * fine + 0.2 * (stain - 0.5)
    elif texture == 9:  # glass
        bar = (
            abs(u / 0.4 - np.floor(u / 0.4) - 0.5) > 0.44
            or abs(v / 0.5 - np.floor(v / 0.5) - 0.5) > 0.45
        )
        tone = 4.0 if bar else 0.8 + 0.4 * stain
    elif texture == 10:  # sail lattice
        bar = abs(u / 0.5 - np.floor(u / 0.5) - 0.5) > 0.38
        tone = 0.45 if bar else 0.9 + 0.2 * value_noise(2 * u, 2 * v, 1.0)
    if texture == 1 or texture == 5 or texture == 2:
        tone *= 0.8 + 0.35 * stain
    return tone, warmth
