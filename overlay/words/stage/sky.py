"""The sky: its fall from zenith to horizon, sun and moon with their glow, clouds, stars."""

import numpy as np

from overlay.imaging.kernel import STEADY, kernel
from overlay.scenery.grain import lattice, layered_noise, value_noise


@kernel(fastmath=STEADY)
def _clouds(stage, dx, dy, dz):
    """How much cloud a ray meets, and how bright it is."""
    u, v, seed = dx / (dy + 0.12), dz / (dy + 0.12), stage.air[3]
    body = layered_noise(0.9 * u + 3.0, 1.1 * v, seed, 5)
    lit = layered_noise(0.9 * u + 3.0 + 0.25 * stage.sun[0], 1.1 * v + 0.2, seed, 5)
    begin = 0.62 - 0.19 * stage.air[1]
    cover = min(max((body - begin) * 4.5, 0.0), 1.0) * min(dy * 9.0, 1.0)
    return cover, 1.0 - 1.3 * max(lit - body + 0.02, 0.0) - 0.45 * max(body - 0.6, 0.0)


@kernel(fastmath=STEADY)
def _star(stage, dx, dy, dz):
    """Light of a star on a ray."""
    u, v = 90.0 * np.arctan2(dx, dz), 90.0 * np.arcsin(min(dy, 1.0))
    i, j = int(np.floor(u)), int(np.floor(v))
    chance = lattice(i, j, int(stage.air[3]))
    if chance < 0.985 - 0.03 * stage.air[2]:
        return 0.0
    a = u - i - 0.2 - 0.6 * lattice(i, j, 11)
    b = v - j - 0.2 - 0.6 * lattice(i, j, 12)
    size = 0.05 + 0.13 * lattice(i, j, 13) ** 3
    return (0.25 + 0.75 * lattice(i, j, 14)) * max(1.0 - (a * a + b * b) / (size * size), 0.0)


@kernel(fastmath=STEADY)
def _curtain(stage, dx, dy, dz):
    """Light of the aurora on a ray, and how much of it is the upper, red edge.

    Curtains are folded bands, bright at their lower hem, that fade upwards.
    """
    light, high = 0.0, 0.0
    across = np.arctan2(dx, max(dz, 1e-3))
    for k in range(3):
        fold = value_noise(2.4 * across + 7.0 * k, stage.air[3], 1.7 * k) - 0.5
        wave = value_noise(9.0 * across + 3.0 * k, 4.0, stage.air[3]) - 0.5
        hem = 0.13 + 0.11 * k + 0.3 * fold + 0.05 * wave
        up = (dy - hem) / (0.2 + 0.06 * k)
        if up <= -0.08:
            continue
        fall = np.exp(-2.6 * up) if up > 0 else 1.0 + up / 0.08
        ray = 0.45 + 1.1 * value_noise(60.0 * across + 11.0 * fold, 8.0, 2.0 * k)
        strength = fall * ray * (0.5 + value_noise(1.6 * across, 2.0, 5.0 * k + stage.air[3]))
        light += strength * (1.0 - 0.22 * k)
        high += strength * min(max(1.4 * up, 0.0), 1.0)
    return light, high


@kernel(fastmath=STEADY)
def sky_light(stage, dx, dy, dz, out):
    """Light of the sky on a ray into `out`, linear."""
    up = min(max(dy, 0.0), 1.0)
    fade = (1.0 - up) ** 4
    towards = max(dx * stage.sun[0] + dy * stage.sun[1] + dz * stage.sun[2], 0.0)
    shine = towards**8 + 0.25 * towards**90
    star = _star(stage, dx, dy, dz) * min(6 * up, 1.0) if stage.air[2] > 0 else 0.0
    face, ring = 0.0, 0.0
    if stage.moon[3] > 0:
        near = max(dx * stage.moon[0] + dy * stage.moon[1] + dz * stage.moon[2], 0.0)
        face, ring = min(max((near - 0.9990) * 4000.0, 0.0), 1.0), 0.35 * near**300
        mottle = layered_noise(24 * dx, 24 * dy, 24 * dz, 3)
        face *= 0.75 + 0.4 * mottle
    disc = stage.air[0] * min(max((towards - 0.9986) * 3000.0, 0.0), 1.0)
    for c in range(3):
        light = stage.zenith[c] + fade * (stage.horizon[c] - stage.zenith[c])
        out[c] = light + shine * stage.glow[c] + ring * 0.5 * (0.4 + light)
        out[c] += star * (1 - face) + disc * (2.0 + stage.glow[c])
        out[c] += face * ((0.95 - 0.1 * c) - out[c])
    if stage.air[8] > 0 and dy > 0.0:
        light, high = _curtain(stage, dx, dy, dz)
        out[0] += stage.air[8] * (0.03 * light + 0.16 * high)
        out[1] += stage.air[8] * (0.34 * light - 0.2 * high)
        out[2] += stage.air[8] * (0.14 * light + 0.06 * high)
    if stage.air[1] > 0 and dy > 0.01:
        cover, bright = _clouds(stage, dx, dy, dz)
        for c in range(3):
            day = 0.35 * stage.skylight[c] + 0.3 * stage.sunlight[c]
            cloud = (day + 0.35 * stage.horizon[c]) * bright * 0.85 + shine * stage.glow[c]
            out[c] += cover * (cloud - out[c])
