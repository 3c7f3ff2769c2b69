"""How far a point is from a cut-out, and what colour it has there.

A part's row holds: foot, half width, half height, half depth, its first row among all texels,
columns, rows, and how much of a distance across its body is sure.
"""

import numpy as np

from overlay.imaging.kernel import STEADY, compiled, kernel

_SHAPE = 10
_OUTLINE, _RELIEF, _COLOUR = 0, 1, 2


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def is_cutout(shape):
    """Whether a part is one."""
    return shape == _SHAPE


@kernel(fastmath=STEADY)
def _texel(p, i, texels, lx, ly, column):
    """A column of the texels of part `i` between four of them, held at the rim."""
    wide, tall = int(p[i, 7]), int(p[i, 8])
    u = min(max((lx / (2 * p[i, 3]) + 0.5) * wide - 0.5, 0.0), wide - 1.0)
    v = min(max((1.0 - ly / (2 * p[i, 4])) * tall - 0.5, 0.0), tall - 1.0)
    row, j = min(int(v), max(tall - 2, 0)), min(int(u), max(wide - 2, 0))
    s, t = v - row, u - j
    below, beside = min(row + 1, tall - 1), min(j + 1, wide - 1)
    first, second = int(p[i, 6]) + row * wide, int(p[i, 6]) + below * wide
    top = texels[first + j, column] * (1 - t) + texels[first + beside, column] * t
    low = texels[second + j, column] * (1 - t) + texels[second + beside, column] * t
    return top * (1 - s) + low * s


@kernel(fastmath=STEADY)
def cutout_distance(p, i, texels, lx, ly, lz):
    """Distance of a point, in the part's own axes, to its body; below 0 inside."""
    tall = 2 * p[i, 4]
    ex, ey = max(abs(lx) - p[i, 3], 0.0), max(max(-ly, ly - tall), 0.0)
    out = np.sqrt(ex * ex + ey * ey)
    away = tall * _texel(p, i, texels, lx, ly, _OUTLINE)
    if out > 0.0:
        away = max(out, away - out)
    if away > 0.0:
        return p[i, 9] * np.sqrt(away * away + lz * lz)
    over = p[i, 9] * (abs(lz) - tall * _texel(p, i, texels, lx, ly, _RELIEF))
    return over if over > 0.0 else max(over, away)


@kernel(fastmath=STEADY)
def cutout_colour(p, i, texels, lx, ly, channel):
    """Linear light of a channel at a place on it."""
    return _texel(p, i, texels, lx, ly, _COLOUR + channel)
