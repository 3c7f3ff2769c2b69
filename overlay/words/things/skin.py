"""What the surfaces of things look like close up: coats, bark, windows, beside those of scenes."""

import numpy as np

from overlay.imaging.kernel import STEADY, kernel
from overlay.scenery.grain import layered_noise, value_noise
from overlay.scenery.surfaces import surface_tone

FIRST_OWN = 20  # skins below are the scenery's textures


@kernel(fastmath=STEADY)
def _coat(skin, x, y, z):
    """Fur, spots, stripes: brightness, and how much of the second colour."""
    if skin == 20:
        return 0.8 + 0.4 * layered_noise(9 * x, 30 * y, 9 * z, 2), 0.0
    if skin == 21:
        spot = min(max((value_noise(7 * x, 7 * y, 7 * z) - 0.58) * 9, 0.0), 1.0)
        return 0.92 + 0.16 * value_noise(30 * x, 30 * y, 30 * z), spot
    wave = np.sin(26 * x + 3 * y + 4 * value_noise(3 * x, 3 * y, 3 * z))
    return 1.0, min(max((wave - 0.15) * 4, 0.0), 1.0)


@kernel(fastmath=STEADY)
def _grown(skin, x, y, z, s):
    """Bark and birch in metres, feathers and scales in shares of the thing."""
    if skin == 23:
        return 0.6 + 0.7 * layered_noise(10 * x, 1.5 * y, 10 * z, 3), 0.0
    if skin == 26:
        mark = 1.0 if value_noise(3 * x, 9 * y, 3 * z) > 0.74 else 0.0
        return 0.95 + 0.1 * value_noise(20 * x, 20 * y, 20 * z), mark
    row = np.floor((11 if skin == 24 else 15) * s * y)
    rise = (11 if skin == 24 else 15) * s * y - row
    along = (9 if skin == 24 else 15) * s * (x + z) + 0.5 * (row % 2)
    share = along - np.floor(along) - 0.5
    if skin == 24:
        return 0.8 + 0.25 * rise - 0.5 * share * share, 0.0
    return 0.7 + 0.4 * np.sqrt(max(0.0, 1 - 1.6 * (share * share + 0.6 * rise * rise))), 0.0


@kernel(fastmath=STEADY)
def skin_tone(skin, u, v, lx, ly, lz, x, y, z, size):
    """Brightness, warmth, and share of the second colour at a point of a part.

    `u`, `v` run along the surface in metres, `lx, ly, lz` are the part's own axes, `x, y, z` the
    world's; `size` is that of the thing.
    """
    if skin < FIRST_OWN:
        tone, warmth = surface_tone(skin, u, v, x, y, z)
        return tone, warmth, 0.0
    if skin == 27:
        across, up = u / 1.4 - np.floor(u / 1.4), v / 1.7 - np.floor(v / 1.7)
        pane = 1.0 if abs(across - 0.5) < 0.27 and abs(up - 0.5) < 0.3 else 0.0
        return 0.93 + 0.1 * value_noise(3 * x, 3 * y, 3 * z), 0.0, pane
    s = 1.0 / size
    if skin <= 22:
        tone, second = _coat(skin, s * lx, s * ly, s * lz)
    else:
        metres = skin == 23 or skin == 26
        k = 1.0 if metres else s
        tone, second = _grown(skin, k * lx, ly, k * lz, s)
    return tone, 0.0, second
