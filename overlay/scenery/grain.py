"""Smooth noise over space, for surfaces, clouds and hills.

(Perlin 1985, doi:10.1145/325165.325247.)
"""

import numpy as np

from overlay.imaging.kernel import compiled


@compiled(cache=True, inline="always")
def lattice(ix, iy, iz):
    """A fixed random number in 0..1 for a point with integer coordinates."""
    h = np.uint32(ix * 374761393 + iy * 668265263 + iz * 2147483647 + 1274126177)
    h = np.uint32((h ^ (h >> np.uint32(13))) * np.uint32(1274126177))
    h = np.uint32((h ^ (h >> np.uint32(15))) * np.uint32(2246822519))
    return np.float64(h ^ (h >> np.uint32(16))) / 4294967295.0


@compiled(cache=True)
def value_noise(x, y, z):
    """Smooth noise in 0..1 with features of size 1."""
    ix, iy, iz = int(np.floor(x)), int(np.floor(y)), int(np.floor(z))
    fx, fy, fz = x - ix, y - iy, z - iz
    ux, uy, uz = (fx * fx * (3 - 2 * fx), fy * fy * (3 - 2 * fy), fz * fz * (3 - 2 * fz))
    total = 0.0
    for k in range(2):
        wz = uz if k else 1 - uz
        for j in range(2):
            wy = uy if j else 1 - uy
            left = lattice(ix, iy + j, iz + k)
            total += wz * wy * (left + ux * (lattice(ix + 1, iy + j, iz + k) - left))
    return total


@compiled(cache=True)
def layered_noise(x, y, z, octaves):
    """Octaves of `value_noise`, each half as large and half as strong; in 0..1."""
    total, strength, norm = 0.0, 1.0, 0.0
    for i in range(octaves):
        total += strength * value_noise(x + 17.3 * i, y - 9.1 * i, z + 5.7 * i)
        norm += strength
        strength *= 0.5
        x, y, z = 2.03 * x, 2.03 * y, 2.03 * z
    return total / norm
