"""How far a point is from a thing: one small kernel a shape, melted together.

(Sphere tracing: Hart 1996, doi:10.1007/s003710050084; the soft union is the quadratic one of Barthe
et al. 2004 in its usual polynomial form.)
"""

import numpy as np

from overlay.imaging.kernel import STEADY, compiled, kernel
from overlay.scenery.grain import layered_noise, value_noise
from overlay.words.things.cut_kernels import cutout_distance, is_cutout

# Columns of a part's row of numbers.
BLEND = 11  # after three points and two radii
COLUMNS = 12
SAMPLES = 49  # rows of a turned part's curve
_LEAFY = 6  # the shape with leaves
_ROUND = (0, 1, 6)  # shapes that a ball holds well enough


@kernel(fastmath=STEADY)
def _limb(p, i, x, y, z):
    bx, by, bz = p[i, 3] - p[i, 0], p[i, 4] - p[i, 1], p[i, 5] - p[i, 2]
    px, py, pz = x - p[i, 0], y - p[i, 1], z - p[i, 2]
    share = (px * bx + py * by + pz * bz) / (bx * bx + by * by + bz * bz + 1e-12)
    share = min(max(share, 0.0), 1.0)
    qx, qy, qz = px - share * bx, py - share * by, pz - share * bz
    return np.sqrt(qx * qx + qy * qy + qz * qz) - (p[i, 9] + share * (p[i, 10] - p[i, 9]))


@kernel(fastmath=STEADY)
def _ball(a, b, c, lx, ly, lz):
    near = np.sqrt((lx / a) ** 2 + (ly / b) ** 2 + (lz / c) ** 2)
    slope = np.sqrt((lx / (a * a)) ** 2 + (ly / (b * b)) ** 2 + (lz / (c * c)) ** 2) + 1e-9
    return near * (near - 1.0) / slope


@kernel(fastmath=STEADY)
def _leafy(d, a, x, y, z):
    """A ball's distance with clumps and leaves."""
    if d > 0.5 * a:
        return d
    fine = 1.17 / max(a, 0.05)
    clump = layered_noise(fine * x + 3.1, fine * y, fine * z, 2)
    leaf = value_noise(5 * fine * x, 5 * fine * y, 5 * fine * z)
    return 0.72 * (d + a * 0.9 * (0.42 - 0.84 * clump) - 0.12 * a * leaf)


@kernel(fastmath=STEADY)
def _box(a, b, c, r, lx, ly, lz):
    qx, qy, qz = abs(lx) - a + r, abs(ly) - b + r, abs(lz) - c + r
    out = np.sqrt(max(qx, 0.0) ** 2 + max(qy, 0.0) ** 2 + max(qz, 0.0) ** 2)
    return out + min(max(qx, max(qy, qz)), 0.0) - r


@kernel(fastmath=STEADY)
def _cone(a, b, c, lx, ly, lz):
    share = min(max((ly + b) / (2 * b), 0.0), 1.0)
    slope = np.sqrt(1.0 + ((a - c) / (2 * b)) ** 2)
    side = (np.sqrt(lx * lx + lz * lz) - (a + (c - a) * share)) / slope
    cap = abs(ly) - b
    return min(max(side, cap), 0.0) + np.sqrt(max(side, 0.0) ** 2 + max(cap, 0.0) ** 2)


@kernel(fastmath=STEADY)
def _gable(a, b, c, lx, ly, lz):
    roof = (2 * b * abs(lx) + a * (ly - b)) / np.sqrt(a * a + 4 * b * b)
    return max(max(roof, -ly - b), abs(lz) - c)


@kernel(fastmath=STEADY)
def _edge(px, py, pz, ex, ey, ez):
    """Squared distance to a stretch from the origin to e."""
    share = (px * ex + py * ey + pz * ez) / (ex * ex + ey * ey + ez * ez + 1e-12)
    share = min(max(share, 0.0), 1.0)
    qx, qy, qz = px - share * ex, py - share * ey, pz - share * ez
    return qx * qx + qy * qy + qz * qz


@kernel(fastmath=STEADY)
def _sheet(p, i, x, y, z):
    """Distance to a triangle, less half its thickness."""
    ux, uy, uz = p[i, 3] - p[i, 0], p[i, 4] - p[i, 1], p[i, 5] - p[i, 2]
    vx, vy, vz = p[i, 6] - p[i, 3], p[i, 7] - p[i, 4], p[i, 8] - p[i, 5]
    wx, wy, wz = p[i, 0] - p[i, 6], p[i, 1] - p[i, 7], p[i, 2] - p[i, 8]
    nx, ny, nz = uy * -wz + uz * wy, uz * -wx + ux * wz, ux * -wy + uy * wx
    ax, ay, az = x - p[i, 0], y - p[i, 1], z - p[i, 2]
    bx, by, bz = x - p[i, 3], y - p[i, 4], z - p[i, 5]
    cx, cy, cz = x - p[i, 6], y - p[i, 7], z - p[i, 8]
    sides = 0
    sides += (uy * nz - uz * ny) * ax + (uz * nx - ux * nz) * ay + (ux * ny - uy * nx) * az > 0
    sides += (vy * nz - vz * ny) * bx + (vz * nx - vx * nz) * by + (vx * ny - vy * nx) * bz > 0
    sides += (wy * nz - wz * ny) * cx + (wz * nx - wx * nz) * cy + (wx * ny - wy * nx) * cz > 0
    if sides == 0 or sides == 3:
        flat = nx * ax + ny * ay + nz * az
        return abs(flat) / np.sqrt(nx * nx + ny * ny + nz * nz + 1e-18) - p[i, 9]
    near = _edge(ax, ay, az, ux, uy, uz)
    near = min(near, _edge(bx, by, bz, vx, vy, vz))
    return np.sqrt(min(near, _edge(cx, cy, cz, wx, wy, wz))) - p[i, 9]


@kernel(fastmath=STEADY)
def _lathe(p, i, curves, lx, ly, lz):
    """Distance to a turned part; its row: widest radius, height, curve and steepest slope."""
    tall = p[i, 4]
    place = min(max(ly / tall, 0.0), 1.0) * (SAMPLES - 1)
    k = min(int(place), SAMPLES - 2)
    first, share = int(p[i, 5]) + k, place - k
    radius = curves[first, 0] + share * (curves[first + 1, 0] - curves[first, 0])
    side = (np.sqrt(lx * lx + lz * lz) - radius) / np.sqrt(1.0 + p[i, 6] * p[i, 6])
    cap = abs(ly - 0.5 * tall) - 0.5 * tall
    return min(max(side, cap), 0.0) + np.sqrt(max(side, 0.0) ** 2 + max(cap, 0.0) ** 2)


@kernel(fastmath=STEADY)
def _made_of_rows(shape, p, i, curves, texels, lx, ly, lz):
    """Distance to a part that has more numbers than fit into a row."""
    if is_cutout(shape):
        return cutout_distance(p, i, texels, lx, ly, lz)
    return _lathe(p, i, curves, lx, ly, lz)


@kernel(fastmath=STEADY)
def to_own(p, m, i, x, y, z):
    """A point in the own axes of part `i`."""
    px, py, pz = x - p[i, 0], y - p[i, 1], z - p[i, 2]
    return (
        m[i, 0, 0] * px + m[i, 0, 1] * py + m[i, 0, 2] * pz,
        m[i, 1, 0] * px + m[i, 1, 1] * py + m[i, 1, 2] * pz,
        m[i, 2, 0] * px + m[i, 2, 1] * py + m[i, 2, 2] * pz,
    )


@kernel(fastmath=STEADY)
def part_distance(shapes, p, m, curves, texels, i, x, y, z):
    """Distance of a point to part `i`, below 0 inside.

    (Rows are read in place: a view of one costs more than the distance, and all threads wait for
    it to be counted.)
    """
    shape = shapes[i]
    if shape == 0:
        return _limb(p, i, x, y, z)
    if shape == 8:
        return _sheet(p, i, x, y, z)
    lx, ly, lz = to_own(p, m, i, x, y, z)
    a, b, c = p[i, 3], p[i, 4], p[i, 5]
    if shape in (9, 10):
        return _made_of_rows(shape, p, i, curves, texels, lx, ly, lz)
    if shape == 1:
        return _ball(a, b, c, lx, ly, lz)
    if shape == _LEAFY:
        return _leafy(_ball(a, b, c, lx, ly, lz), a, x, y, z)
    if shape == 2:
        return _box(a, b, c, p[i, 9], lx, ly, lz)
    if shape == 3:
        return _cone(a, b, c, lx, ly, lz)
    if shape == 4:
        return _gable(a, b, c, lx, ly, lz)
    if shape == 5:
        out = np.sqrt(lx * lx + lz * lz) - a
        return np.sqrt(out * out + ly * ly) - b
    return max(abs(_ball(a, b, c, lx, ly, lz) + 0.03 * a) - 0.05 * a, ly)


@kernel(fastmath=STEADY)
def _stretch(boxes, axes, i, spare, ox, oy, oz, dx, dy, dz):
    """Where a ray enters and leaves a turned box, larger by `spare`; not in order if it misses.

    (Kay and Kajiya 1986, doi:10.1145/15886.15916; a ray without a direction is a point.)
    """
    px, py, pz = ox - boxes[i, 0], oy - boxes[i, 1], oz - boxes[i, 2]
    begin, end = -1e9, 1e9
    for k in range(3):
        along = axes[i, k, 0] * dx + axes[i, k, 1] * dy + axes[i, k, 2] * dz
        place = axes[i, k, 0] * px + axes[i, k, 1] * py + axes[i, k, 2] * pz
        half = boxes[i, 3 + k] + spare
        if abs(along) < 1e-9:
            if abs(place) > half:
                return 1.0, 0.0
            continue
        near, far = (-half - place) / along, (half - place) / along
        if near > far:
            near, far = far, near
        begin, end = max(begin, near), min(end, far)
    return begin, end


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def _beside(balls, g, ox, oy, oz, dx, dy, dz, limit):
    """Where a ray is nearest to a ball's middle, and its squared distance from that."""
    px, py, pz = balls[g, 0] - ox, balls[g, 1] - oy, balls[g, 2] - oz
    along = min(max(px * dx + py * dy + pz * dz, 0.0), limit)
    qx, qy, qz = px - along * dx, py - along * dy, pz - along * dz
    return along, qx * qx + qy * qy + qz * qz


@kernel(fastmath=STEADY)
def parts_on_way(t, ox, oy, oz, dx, dy, dz, limit, margin, widens, chosen, ways):
    """List parts of all things whose box comes within `margin` of a ray; returns how many.

    A ray without a direction is a point. The margin widens by `widens` a metre. `ways` gets where
    each part's box begins and ends.
    """
    count = 0
    for g in range(t.spans.shape[0]):
        count = parts_of_thing(
            t, g, ox, oy, oz, dx, dy, dz, limit, margin, widens, chosen, ways, count
        )
    return count


@kernel(fastmath=STEADY)
def parts_of_thing(t, g, ox, oy, oz, dx, dy, dz, limit, margin, widens, chosen, ways, count):
    """List those of one thing, after `count` others; how many there are then.

    A thing whose ball is passed is left out at once, then clumps of its parts.
    """
    along, aside = _beside(t.balls, g, ox, oy, oz, dx, dy, dz, limit)
    reach = t.balls[g, 3] + margin + widens * along
    if aside > reach * reach:
        return count
    for c in range(t.spans[g, 0], t.spans[g, 1]):
        along, aside = _beside(t.clumps, c, ox, oy, oz, dx, dy, dz, limit)
        reach = t.clumps[c, 3] + margin + widens * (along + t.clumps[c, 3])
        if aside <= reach * reach:
            count = _parts_of_clump(
                t, c, ox, oy, oz, dx, dy, dz, limit, margin, widens, chosen, ways, count
            )
    return count


@kernel(fastmath=STEADY)
def _parts_of_clump(t, c, ox, oy, oz, dx, dy, dz, limit, margin, widens, chosen, ways, count):
    """List those of one clump, after `count` others; how many there are then."""
    for i in range(t.members[c, 0], t.members[c, 1]):
        along, aside = _beside(t.holds, i, ox, oy, oz, dx, dy, dz, limit)
        reach = t.holds[i, 3] + margin + widens * along
        if aside > reach * reach:
            continue
        if t.shapes[i] in _ROUND:
            half = np.sqrt(reach * reach - aside)
            chosen[count] = i
            ways[count, 0], ways[count, 1] = along - half, along + half
            count += 1
            continue
        spare = margin + widens * (along + t.holds[i, 3])
        first, last = _stretch(t.boxes, t.axes, i, spare, ox, oy, oz, dx, dy, dz)
        if first <= last and last >= 0.0 and first <= limit:
            chosen[count] = i
            ways[count, 0], ways[count, 1] = first, last
            count += 1
    return count


@kernel(fastmath=STEADY)
def their_way(ways, count):
    """Where the boxes of the first `count` parts begin and end on a ray."""
    begin, end = 1e9, -1e9
    for k in range(count):
        begin, end = min(begin, ways[k, 0]), max(end, ways[k, 1])
    return begin, end


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def _melt(d, e, blend):
    """Two distances, the second one's part melted into the first."""
    if blend > 0.0 and d < 1e8:
        h = max(blend - abs(d - e), 0.0) / blend
        return min(d, e) - 0.25 * h * h * blend
    return min(d, e)


@kernel(fastmath=STEADY)
def one_thing(t, chosen, ways, first, last, way, x, y, z):
    """Distance of a point at `way` on the ray to one thing, its chosen parts from first to last."""
    d = 1e9
    for k in range(first, last):
        if ways[k, 1] < way or ways[k, 0] - way > d:
            continue  # passed, or farther off than what is nearest so far
        i = chosen[k]
        px, py, pz = x - t.holds[i, 0], y - t.holds[i, 1], z - t.holds[i, 2]
        reach = d + t.holds[i, 3]
        if px * px + py * py + pz * pz > reach * reach:
            continue
        e = part_distance(t.shapes, t.parts, t.turns, t.curves, t.texels, i, x, y, z)
        d = _melt(d, e, t.parts[i, BLEND])
    return d


@kernel(fastmath=STEADY)
def melted(t, chosen, first, last, x, y, z):
    """Distance of a point to a few parts of one thing, each melted into those before it."""
    d = 1e9
    for k in range(first, last):
        i = chosen[k]
        e = part_distance(t.shapes, t.parts, t.turns, t.curves, t.texels, i, x, y, z)
        d = _melt(d, e, t.parts[i, BLEND])
    return d


@kernel(fastmath=STEADY)
def nearest_within(t, chosen, count, limit, x, y, z):
    """Distance of a point to the nearest of the chosen parts, `limit` if none is nearer."""
    d = limit
    for k in range(count):
        i = chosen[k]
        px, py, pz, reach = (
            x - t.holds[i, 0],
            y - t.holds[i, 1],
            z - t.holds[i, 2],
            d + t.holds[i, 3],
        )
        if px * px + py * py + pz * pz < reach * reach:
            e = part_distance(t.shapes, t.parts, t.turns, t.curves, t.texels, i, x, y, z)
            d = min(d, e)
    return d
