"""How far a point is from a thing: one small kernel a shape, melted together.

(Sphere tracing: Hart 1996, doi:10.1007/s003710050084; the soft union is the quadratic one of Barthe
et al. 2004 in its usual polynomial form.)
"""

import numpy as np
from numba import njit

from overlay.scenery.grain import layered_noise, value_noise
from overlay.words.things.cut_kernels import cutout_distance, is_cutout

# Columns of a part's row of numbers.
BLEND = 11  # after three points and two radii
COLUMNS = 12
SAMPLES = 49  # rows of a turned part's curve
_LEAFY = 6  # the shape with leaves
_ROUND = (0, 1, 6)  # shapes that a ball holds well enough


@njit(cache=True, fastmath=True, error_model="numpy")
def _limb(p, x, y, z):
    bx, by, bz = p[3] - p[0], p[4] - p[1], p[5] - p[2]
    px, py, pz = x - p[0], y - p[1], z - p[2]
    share = (px * bx + py * by + pz * bz) / (bx * bx + by * by + bz * bz + 1e-12)
    share = min(max(share, 0.0), 1.0)
    qx, qy, qz = px - share * bx, py - share * by, pz - share * bz
    return np.sqrt(qx * qx + qy * qy + qz * qz) - (p[9] + share * (p[10] - p[9]))


@njit(cache=True, fastmath=True, error_model="numpy")
def _ball(a, b, c, lx, ly, lz):
    near = np.sqrt((lx / a) ** 2 + (ly / b) ** 2 + (lz / c) ** 2)
    slope = np.sqrt((lx / (a * a)) ** 2 + (ly / (b * b)) ** 2 + (lz / (c * c)) ** 2) + 1e-9
    return near * (near - 1.0) / slope


@njit(cache=True, fastmath=True, error_model="numpy")
def _leafy(d, a, x, y, z):
    """A ball's distance with clumps and leaves."""
    if d > 0.5 * a:
        return d
    fine = 1.17 / max(a, 0.05)
    clump = layered_noise(fine * x + 3.1, fine * y, fine * z, 2)
    leaf = value_noise(5 * fine * x, 5 * fine * y, 5 * fine * z)
    return 0.72 * (d + a * 0.9 * (0.42 - 0.84 * clump) - 0.12 * a * leaf)


@njit(cache=True, fastmath=True, error_model="numpy")
def _box(a, b, c, r, lx, ly, lz):
    qx, qy, qz = abs(lx) - a + r, abs(ly) - b + r, abs(lz) - c + r
    out = np.sqrt(max(qx, 0.0) ** 2 + max(qy, 0.0) ** 2 + max(qz, 0.0) ** 2)
    return out + min(max(qx, max(qy, qz)), 0.0) - r


@njit(cache=True, fastmath=True, error_model="numpy")
def _cone(a, b, c, lx, ly, lz):
    share = min(max((ly + b) / (2 * b), 0.0), 1.0)
    slope = np.sqrt(1.0 + ((a - c) / (2 * b)) ** 2)
    side = (np.sqrt(lx * lx + lz * lz) - (a + (c - a) * share)) / slope
    cap = abs(ly) - b
    return min(max(side, cap), 0.0) + np.sqrt(max(side, 0.0) ** 2 + max(cap, 0.0) ** 2)


@njit(cache=True, fastmath=True, error_model="numpy")
def _gable(a, b, c, lx, ly, lz):
    roof = (2 * b * abs(lx) + a * (ly - b)) / np.sqrt(a * a + 4 * b * b)
    return max(max(roof, -ly - b), abs(lz) - c)


@njit(cache=True, fastmath=True, error_model="numpy")
def _edge(px, py, pz, ex, ey, ez):
    """Squared distance to a stretch from the origin to e."""
    share = (px * ex + py * ey + pz * ez) / (ex * ex + ey * ey + ez * ez + 1e-12)
    share = min(max(share, 0.0), 1.0)
    qx, qy, qz = px - share * ex, py - share * ey, pz - share * ez
    return qx * qx + qy * qy + qz * qz


@njit(cache=True, fastmath=True, error_model="numpy")
def _sheet(p, x, y, z):
    """Distance to a triangle, less half its thickness."""
    ux, uy, uz = p[3] - p[0], p[4] - p[1], p[5] - p[2]
    vx, vy, vz = p[6] - p[3], p[7] - p[4], p[8] - p[5]
    wx, wy, wz = p[0] - p[6], p[1] - p[7], p[2] - p[8]
    nx, ny, nz = uy * -wz + uz * wy, uz * -wx + ux * wz, ux * -wy + uy * wx
    ax, ay, az = x - p[0], y - p[1], z - p[2]
    bx, by, bz = x - p[3], y - p[4], z - p[5]
    cx, cy, cz = x - p[6], y - p[7], z - p[8]
    sides = 0
    sides += (uy * nz - uz * ny) * ax + (uz * nx - ux * nz) * ay + (ux * ny - uy * nx) * az > 0
    sides += (vy * nz - vz * ny) * bx + (vz * nx - vx * nz) * by + (vx * ny - vy * nx) * bz > 0
    sides += (wy * nz - wz * ny) * cx + (wz * nx - wx * nz) * cy + (wx * ny - wy * nx) * cz > 0
    if sides == 0 or sides == 3:
        flat = nx * ax + ny * ay + nz * az
        return abs(flat) / np.sqrt(nx * nx + ny * ny + nz * nz + 1e-18) - p[9]
    near = _edge(ax, ay, az, ux, uy, uz)
    near = min(near, _edge(bx, by, bz, vx, vy, vz))
    return np.sqrt(min(near, _edge(cx, cy, cz, wx, wy, wz))) - p[9]


@njit(cache=True, fastmath=True, error_model="numpy")
def _lathe(p, curves, lx, ly, lz):
    """Distance to a turned part; `p` has its widest radius, height, curve and steepest slope."""
    tall = p[4]
    place = min(max(ly / tall, 0.0), 1.0) * (SAMPLES - 1)
    k = min(int(place), SAMPLES - 2)
    first, share = int(p[5]) + k, place - k
    radius = curves[first, 0] + share * (curves[first + 1, 0] - curves[first, 0])
    side = (np.sqrt(lx * lx + lz * lz) - radius) / np.sqrt(1.0 + p[6] * p[6])
    cap = abs(ly - 0.5 * tall) - 0.5 * tall
    return min(max(side, cap), 0.0) + np.sqrt(max(side, 0.0) ** 2 + max(cap, 0.0) ** 2)


@njit(cache=True, fastmath=True, error_model="numpy")
def _made_of_rows(shape, p, curves, texels, lx, ly, lz):
    """Distance to a part that has more numbers than fit into a row."""
    if is_cutout(shape):
        return cutout_distance(p, texels, lx, ly, lz)
    return _lathe(p, curves, lx, ly, lz)


@njit(cache=True, fastmath=True, error_model="numpy")
def to_own(p, m, x, y, z):
    """A point in a part's own axes."""
    px, py, pz = x - p[0], y - p[1], z - p[2]
    return (
        m[0, 0] * px + m[0, 1] * py + m[0, 2] * pz,
        m[1, 0] * px + m[1, 1] * py + m[1, 2] * pz,
        m[2, 0] * px + m[2, 1] * py + m[2, 2] * pz,
    )


@njit(cache=True, fastmath=True, error_model="numpy")
def part_distance(shape, p, m, curves, texels, x, y, z):
    """Distance of a point to one part, below 0 inside."""
    if shape == 0:
        return _limb(p, x, y, z)
    if shape == 8:
        return _sheet(p, x, y, z)
    lx, ly, lz = to_own(p, m, x, y, z)
    a, b, c = p[3], p[4], p[5]
    if shape in (9, 10):
        return _made_of_rows(shape, p, curves, texels, lx, ly, lz)
    if shape == 1:
        return _ball(a, b, c, lx, ly, lz)
    if shape == _LEAFY:
        return _leafy(_ball(a, b, c, lx, ly, lz), a, x, y, z)
    if shape == 2:
        return _box(a, b, c, p[9], lx, ly, lz)
    if shape == 3:
        return _cone(a, b, c, lx, ly, lz)
    if shape == 4:
        return _gable(a, b, c, lx, ly, lz)
    if shape == 5:
        out = np.sqrt(lx * lx + lz * lz) - a
        return np.sqrt(out * out + ly * ly) - b
    return max(abs(_ball(a, b, c, lx, ly, lz) + 0.03 * a) - 0.05 * a, ly)


@njit(cache=True, fastmath=True, error_model="numpy")
def _stretch(box, axes, spare, ox, oy, oz, dx, dy, dz):
    """Where a ray enters and leaves a turned box, larger by `spare`; not in order if it misses.

    (Kay and Kajiya 1986, doi:10.1145/15886.15916; a ray without a direction is a point.)
    """
    px, py, pz = ox - box[0], oy - box[1], oz - box[2]
    begin, end = -1e9, 1e9
    for k in range(3):
        along = axes[k, 0] * dx + axes[k, 1] * dy + axes[k, 2] * dz
        place = axes[k, 0] * px + axes[k, 1] * py + axes[k, 2] * pz
        half = box[3 + k] + spare
        if abs(along) < 1e-9:
            if abs(place) > half:
                return 1.0, 0.0
            continue
        near, far = (-half - place) / along, (half - place) / along
        if near > far:
            near, far = far, near
        begin, end = max(begin, near), min(end, far)
    return begin, end


@njit(cache=True, fastmath=True, error_model="numpy")
def parts_on_way(t, ox, oy, oz, dx, dy, dz, limit, margin, widens, chosen, ways):
    """List parts whose box comes within `margin` of a ray; a ray without a direction is a point.

    The margin widens by `widens` a metre. `ways` gets where each part's box begins and ends.

    Returns how many, and where along the ray the first box begins and the last one ends.
    """
    count, begin, end = 0, limit, 0.0
    for g in range(t.spans.shape[0]):
        ball = t.balls[g]
        px, py, pz = ball[0] - ox, ball[1] - oy, ball[2] - oz
        along = min(max(px * dx + py * dy + pz * dz, 0.0), limit)
        qx, qy, qz = px - along * dx, py - along * dy, pz - along * dz
        reach = ball[3] + margin + widens * along
        if qx * qx + qy * qy + qz * qz > reach * reach:
            continue
        for i in range(t.spans[g, 0], t.spans[g, 1]):
            hold = t.holds[i]
            px, py, pz = hold[0] - ox, hold[1] - oy, hold[2] - oz
            along = min(max(px * dx + py * dy + pz * dz, 0.0), limit)
            qx, qy, qz = px - along * dx, py - along * dy, pz - along * dz
            reach = hold[3] + margin + widens * along
            aside = qx * qx + qy * qy + qz * qz
            if aside > reach * reach:
                continue
            if t.shapes[i] in _ROUND:
                half = np.sqrt(reach * reach - aside)
                chosen[count] = i
                ways[count, 0], ways[count, 1] = along - half, along + half
                count += 1
                begin, end = min(begin, along - half), max(end, along + half)
                continue
            spare = margin + widens * (along + hold[3])
            first, last = _stretch(t.boxes[i], t.axes[i], spare, ox, oy, oz, dx, dy, dz)
            if first <= last and last >= 0.0 and first <= limit:
                chosen[count] = i
                ways[count, 0], ways[count, 1] = first, last
                count += 1
                begin, end = min(begin, first), max(end, last)
    return count, max(begin, 0.0), min(end, limit)


@njit(cache=True, fastmath=True, error_model="numpy")
def nearest_thing(t, chosen, ways, count, way, x, y, z):
    """Distance of a point to the nearest of the chosen parts' things, and which thing it is.

    The point lies at `way` on the ray that the parts were chosen for. The parts of one thing melt
    into those before them.
    """
    best, which = 1e9, -1
    d, owner = 1e9, -1
    for k in range(count):
        if ways[k, 1] < way or ways[k, 0] - way > min(d, best):
            continue  # passed, or farther off than what is nearest so far
        i = chosen[k]
        if t.owners[i] != owner:
            if d < best:
                best, which = d, owner
            d, owner = 1e9, t.owners[i]
        hold = t.holds[i]
        px, py, pz = x - hold[0], y - hold[1], z - hold[2]
        reach = min(d, best) + hold[3]
        if px * px + py * py + pz * pz > reach * reach:
            continue
        e = part_distance(t.shapes[i], t.parts[i], t.turns[i], t.curves, t.texels, x, y, z)
        blend = t.parts[i, BLEND]
        if blend > 0.0 and d < 1e8:
            h = max(blend - abs(d - e), 0.0) / blend
            d = min(d, e) - 0.25 * h * h * blend
        else:
            d = min(d, e)
    if d < best:
        best, which = d, owner
    return best, which
