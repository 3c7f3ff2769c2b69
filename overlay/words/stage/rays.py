"""Rays among things: what they meet first, whether the sun reaches it, how open it lies."""

import numpy as np
from numba import njit

from overlay.words.stage.land import SKY
from overlay.words.things.cut_kernels import cutout_colour, is_cutout
from overlay.words.things.distance import (
    nearest_thing,
    part_distance,
    parts_on_way,
    to_own,
)
from overlay.words.things.skin import skin_tone


@njit(inline="always", fastmath=True, error_model="numpy")
def follow(t, chosen, ways, ox, oy, oz, dx, dy, dz, limit):
    """Distance along a ray to the nearest thing before `limit`, and which it is, `SKY` if none."""
    count, begin, end = parts_on_way(t, ox, oy, oz, dx, dy, dz, limit, 0.0, 0.0, chosen, ways)
    if count == 0:
        return limit, SKY
    way = max(begin, 0.01)
    for _ in range(110):
        d, which = nearest_thing(
            t, chosen, ways, count, way, ox + dx * way, oy + dy * way, oz + dz * way
        )
        if d < 0.0012 * way + 0.0002 * t.sizes[max(which, 0)]:
            return way, which
        way += 0.88 * d
        if way > end:
            break
    return limit, SKY


@njit(inline="always", fastmath=True, error_model="numpy")
def sunlit(t, chosen, ways, soft, x, y, z, sun):
    """Share of the sun that reaches a point; edges by how near a ray passed (Quilez's penumbra)."""
    count, begin, end = parts_on_way(
        t, x, y, z, sun[0], sun[1], sun[2], 60.0, 0.01, 1.0 / soft, chosen, ways
    )
    if count == 0:
        return 1.0
    light, way = 1.0, max(begin, 0.004)
    for _ in range(48):
        d, which = nearest_thing(
            t, chosen, ways, count, way, x + sun[0] * way, y + sun[1] * way, z + sun[2] * way
        )
        light = min(light, soft * d / way)
        way += max(0.8 * d, 0.009 * t.sizes[max(which, 0)])
        if light < 0.01 or way > end:
            break
    light = min(max(light, 0.0), 1.0)
    return light * light * (3 - 2 * light)


@njit(inline="always", fastmath=True, error_model="numpy")
def thing_normal(t, chosen, ways, count, x, y, z, e):
    """Gradient of the distance, from the corners of a tetrahedron."""
    nx, ny, nz = 0.0, 0.0, 0.0
    for k in range(4):
        sx = 1.0 if k in (0, 3) else -1.0
        sy = 1.0 if k >= 2 else -1.0
        sz = 1.0 if k in (1, 3) else -1.0
        d, _ = nearest_thing(t, chosen, ways, count, 0.0, x + sx * e, y + sy * e, z + sz * e)
        nx, ny, nz = nx + sx * d, ny + sy * d, nz + sz * d
    n = np.sqrt(nx * nx + ny * ny + nz * nz) + 1e-12
    return nx / n, ny / n, nz / n


@njit(inline="always", fastmath=True, error_model="numpy")
def openness(t, chosen, ways, count, reach, x, y, z, nx, ny, nz):
    """How open to the sky a point is, 0.12 to 1, from what lies close along its normal."""
    free = 1.0
    for k in range(1, 4):
        h = 0.33 * reach * k
        py = y + ny * h
        closed = min(max((h - py) / h, 0.0), 1.0)  # the ground
        if count > 0:
            d, _ = nearest_thing(t, chosen, ways, count, 0.0, x + nx * h, py, z + nz * h)
            closed = max(closed, (h - d) / h)
        free -= 0.27 * min(max(closed, 0.0), 1.0)
    return max(free, 0.12)


@njit(inline="always", fastmath=True, error_model="numpy")
def _along(shape, p, m, lx, ly, lz, nx, ny, nz):
    """Two coordinates along a part's surface, in metres."""
    if shape in (3, 9):
        return np.arctan2(lx, lz) * p[3], ly
    across = abs(m[0, 0] * nx + m[0, 1] * ny + m[0, 2] * nz)
    if shape == 4:
        return (lz, 1.2 * ly) if across > 0.1 else (lx, ly)
    up = abs(m[1, 0] * nx + m[1, 1] * ny + m[1, 2] * nz) > 0.7
    u = lz if across > 0.7 else lx
    return u, (lz if up else ly)


@njit(inline="always", fastmath=True, error_model="numpy")
def thing_colour(t, chosen, count, which, x, y, z, nx, ny, nz, out):
    """Own colour of a thing into `out`, blended where parts meet; share of lit panes."""
    out[0], out[1], out[2] = 0.0, 0.0, 0.0
    total, panes, size = 1e-9, 0.0, t.sizes[which]
    for k in range(count):
        i = chosen[k]
        if t.owners[i] != which:
            continue
        d = part_distance(t.shapes[i], t.parts[i], t.turns[i], t.curves, t.texels, x, y, z)
        near = max(0.35 * t.parts[i, 11], 0.004 * size)
        if d > 6 * near:
            continue
        weight = np.exp(-max(d, 0.0) / near) + max(-d, 0.0) / near
        lx, ly, lz = to_own(t.parts[i], t.turns[i], x, y, z)
        total += weight
        if is_cutout(t.shapes[i]):
            for c in range(3):
                own = cutout_colour(t.parts[i], t.texels, lx, ly, c)
                out[c] += weight * own * t.colours[i, c]
            continue
        u, v = _along(t.shapes[i], t.parts[i], t.turns[i], lx, ly, lz, nx, ny, nz)
        tone, warm, second = skin_tone(t.skins[i], u, v, lx, ly, lz, x, y, z, size)
        c = t.colours[i]
        out[0] += weight * (c[0] + second * (c[3] - c[0])) * tone * (1 + 0.35 * warm)
        out[1] += weight * (c[1] + second * (c[4] - c[1])) * tone * (1 + 0.08 * warm)
        out[2] += weight * (c[2] + second * (c[5] - c[2])) * tone * (1 - 0.3 * warm)
        if t.skins[i] in (9, 27):  # panes
            panes += weight * (second if t.skins[i] == 27 else 0.8)
    for c in range(3):
        out[c] /= total
    return panes / total
