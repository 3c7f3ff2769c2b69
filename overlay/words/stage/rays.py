"""Rays among things: what they meet first, whether the sun reaches it, how open it lies."""

import numpy as np

from overlay.imaging.kernel import STEADY, compiled
from overlay.words.stage.land import SKY
from overlay.words.things.cut_kernels import cutout_colour, is_cutout
from overlay.words.things.distance import (
    BLEND,
    melted,
    nearest_within,
    one_thing,
    part_distance,
    parts_of_thing,
    their_way,
    to_own,
)
from overlay.words.things.skin import skin_tone


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def follow(t, chosen, ways, ox, oy, oz, dx, dy, dz, limit):
    """Distance along a ray to the nearest thing before `limit`, and which it is, `SKY` if none.

    Thing by thing, so that none is measured where the ray passes another; what begins behind what
    was met is left out, which is most where the table has the near ones first.
    """
    met = SKY
    for g in range(t.spans.shape[0]):
        count = parts_of_thing(t, g, ox, oy, oz, dx, dy, dz, limit, 0.0, 0.0, chosen, ways, 0)
        if count == 0:
            continue
        begin, end = their_way(ways, count)
        way, end = max(begin, 0.01), min(end, limit)
        close = 0.0002 * t.sizes[g]
        for _ in range(110):
            if way > end:
                break
            d = one_thing(
                t, chosen, ways, 0, count, way, ox + dx * way, oy + dy * way, oz + dz * way
            )
            if d < 0.0012 * way + close:
                limit, met = way, g
                break
            way += 0.88 * d
    return limit, met


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def sunlit(t, chosen, ways, soft, x, y, z, sun):
    """Share of the sun that reaches a point; edges by how near a ray passed (Quilez's penumbra)."""
    light = 1.0
    for g in range(t.spans.shape[0]):
        if light < 0.01:
            break
        count = parts_of_thing(
            t, g, x, y, z, sun[0], sun[1], sun[2], 60.0, 0.01, 1.0 / soft, chosen, ways, 0
        )
        if count == 0:
            continue
        begin, end = their_way(ways, count)
        way, step = max(begin, 0.004), 0.009 * t.sizes[g]
        for _ in range(48):
            if way > min(end, 60.0):
                break
            d = one_thing(
                t, chosen, ways, 0, count, way, x + sun[0] * way, y + sun[1] * way, z + sun[2] * way
            )
            light = min(light, soft * d / way)
            way += max(0.8 * d, step)
            if light < 0.01:
                break
    light = min(max(light, 0.0), 1.0)
    return light * light * (3 - 2 * light)


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def close_parts(t, chosen, ways, count, which, x, y, z):
    """Keep of the chosen parts those that have a say at a point of a thing's surface.

    They are listed after the chosen ones; `ways` gets their distances and how far each melts.
    Returns where their list ends.
    """
    end, size = count, t.sizes[which]
    for k in range(count):
        i = chosen[k]
        if t.owners[i] != which:
            continue
        near = max(0.35 * t.parts[i, BLEND], 0.004 * size)
        px, py, pz, reach = (
            x - t.holds[i, 0],
            y - t.holds[i, 1],
            z - t.holds[i, 2],
            t.holds[i, 3] + 6 * near,
        )
        if px * px + py * py + pz * pz > reach * reach:
            continue
        d = part_distance(t.shapes, t.parts, t.turns, t.curves, t.texels, i, x, y, z)
        if d <= 6 * near:
            chosen[end], ways[end, 0], ways[end, 1] = i, d, near
            end += 1
    return end


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def thing_normal(t, chosen, first, last, x, y, z, e):
    """Gradient of the distance to the close parts, from the corners of a tetrahedron."""
    nx, ny, nz = 0.0, 0.0, 0.0
    for k in range(4):
        sx = 1.0 if k in (0, 3) else -1.0
        sy = 1.0 if k >= 2 else -1.0
        sz = 1.0 if k in (1, 3) else -1.0
        d = melted(t, chosen, first, last, x + sx * e, y + sy * e, z + sz * e)
        nx, ny, nz = nx + sx * d, ny + sy * d, nz + sz * d
    n = np.sqrt(nx * nx + ny * ny + nz * nz) + 1e-12
    return nx / n, ny / n, nz / n


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def openness(t, chosen, count, reach, x, y, z, nx, ny, nz):
    """How open to the sky a point is, 0.12 to 1, from what lies close along its normal."""
    free = 1.0
    for k in range(1, 4):
        h = 0.33 * reach * k
        py = y + ny * h
        closed = min(max((h - py) / h, 0.0), 1.0)  # the ground
        if count > 0:
            d = nearest_within(t, chosen, count, h, x + nx * h, py, z + nz * h)
            closed = max(closed, (h - d) / h)
        free -= 0.27 * min(max(closed, 0.0), 1.0)
    return max(free, 0.12)


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def _along(shape, p, m, i, lx, ly, lz, nx, ny, nz):
    """Two coordinates along a part's surface, in metres."""
    if shape in (3, 9):
        return np.arctan2(lx, lz) * p[i, 3], ly
    across = abs(m[i, 0, 0] * nx + m[i, 0, 1] * ny + m[i, 0, 2] * nz)
    if shape == 4:
        return (lz, 1.2 * ly) if across > 0.1 else (lx, ly)
    up = abs(m[i, 1, 0] * nx + m[i, 1, 1] * ny + m[i, 1, 2] * nz) > 0.7
    u = lz if across > 0.7 else lx
    return u, (lz if up else ly)


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def thing_colour(t, chosen, ways, first, last, which, x, y, z, nx, ny, nz, out):
    """Own colour of a thing into `out`, blended of its close parts; share of lit panes."""
    out[0], out[1], out[2] = 0.0, 0.0, 0.0
    total, panes, size = 1e-9, 0.0, t.sizes[which]
    for k in range(first, last):
        i, d, near = chosen[k], ways[k, 0], ways[k, 1]
        weight = np.exp(-max(d, 0.0) / near) + max(-d, 0.0) / near
        lx, ly, lz = to_own(t.parts, t.turns, i, x, y, z)
        total += weight
        if is_cutout(t.shapes[i]):
            for c in range(3):
                own = cutout_colour(t.parts, i, t.texels, lx, ly, c)
                out[c] += weight * own * t.colours[i, c]
            continue
        u, v = _along(t.shapes[i], t.parts, t.turns, i, lx, ly, lz, nx, ny, nz)
        tone, warm, second = skin_tone(t.skins[i], u, v, lx, ly, lz, x, y, z, size)
        out[0] += (
            weight
            * (t.colours[i, 0] + second * (t.colours[i, 3] - t.colours[i, 0]))
            * tone
            * (1 + 0.35 * warm)
        )
        out[1] += (
            weight
            * (t.colours[i, 1] + second * (t.colours[i, 4] - t.colours[i, 1]))
            * tone
            * (1 + 0.08 * warm)
        )
        out[2] += (
            weight
            * (t.colours[i, 2] + second * (t.colours[i, 5] - t.colours[i, 2]))
            * tone
            * (1 - 0.3 * warm)
        )
        if t.skins[i] in (9, 27):  # panes
            panes += weight * (second if t.skins[i] == 27 else 0.8)
    for c in range(3):
        out[c] /= total
    return panes / total
