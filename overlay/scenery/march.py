"""Light and shade: sphere tracing of solids, ground and water.

(Hart 1996, doi:10.1007/s003710050084.)

Each pixel's ray is followed to what it meets; sun with soft shadow, light from the sky, occlusion
and haze are added up in linear light; water shows what its ripples reflect.
"""

import numpy as np

from overlay.imaging.kernel import kernel
from overlay.imaging.rows import by_rows
from overlay.scenery.grain import layered_noise, value_noise
from overlay.scenery.surfaces import surface_tone
from overlay.scenery.terrain import (
    CLOUD,
    PATH_X,
    SUN_X,
    SUN_Y,
    SUN_Z,
    WATER_Y,
    ground_height,
)

FAR = 240.0
SKY, GROUND, WATER = -1, -2, -3


@kernel()
def _on_the_way(t, ox, oy, oz, dx, dy, dz, limit, margin, chosen):
    """List the solids whose ball comes within `margin` of a ray; a ray of length 0 is a point."""
    count = 0
    for i in range(t.kind.shape[0]):
        px, py, pz = t.at[i, 0] - ox, t.at[i, 1] - oy, t.at[i, 2] - oz
        along = min(max(px * dx + py * dy + pz * dz, 0.0), limit)
        qx, qy, qz = px - along * dx, py - along * dy, pz - along * dz
        reach = t.reach[i] + margin
        if qx * qx + qy * qy + qz * qz < reach * reach:
            chosen[count] = i
            count += 1
    return count


@kernel()
def _solid_distance(t, i, x, y, z):
    px, py, pz = x - t.at[i, 0], y - t.at[i, 1], z - t.at[i, 2]
    r = np.sqrt(px * px + py * py + pz * pz) - t.reach[i]
    if r > 1.0:
        return r
    m = t.to_local[i]
    lx = m[0, 0] * px + m[0, 1] * py + m[0, 2] * pz
    ly = m[1, 0] * px + m[1, 1] * py + m[1, 2] * pz
    lz = m[2, 0] * px + m[2, 1] * py + m[2, 2] * pz
    a, b, c = t.size[i, 0], t.size[i, 1], t.size[i, 2]
    kind = t.kind[i]
    if kind == 0:
        qx, qy, qz = abs(lx) - a, abs(ly) - b, abs(lz) - c
        out = np.sqrt(max(qx, 0.0) ** 2 + max(qy, 0.0) ** 2 + max(qz, 0.0) ** 2)
        return out + min(max(qx, max(qy, qz)), 0.0)
    if kind == 1:
        share = min(max((ly + b) / (2 * b), 0.0), 1.0)
        slope = np.sqrt(1.0 + ((a - c) / (2 * b)) ** 2)
        side = (np.sqrt(lx * lx + lz * lz) - (a + (c - a) * share)) / slope
        cap = abs(ly) - b
        return min(max(side, cap), 0.0) + np.sqrt(max(side, 0.0) ** 2 + max(cap, 0.0) ** 2)
    if kind == 3:
        lean = np.sqrt(a * a + 4 * b * b)
        roof = (2 * b * abs(lx) + a * (ly - b)) / lean
        return max(max(roof, -ly - b), abs(lz) - c)
    k0 = np.sqrt((lx / a) ** 2 + (ly / b) ** 2 + (lz / c) ** 2)
    d = (k0 - 1.0) * min(a, min(b, c))
    if kind == 4 and d < 0.8:
        d += 0.55 - 1.1 * layered_noise(1.3 * x, 1.3 * y, 1.3 * z, 3)
        d -= 0.2 * value_noise(6 * x, 6 * y, 6 * z)
        d *= 0.6
    return d


@kernel()
def _nearest(t, land, relief, chosen, count, x, y, z):
    """Distance to the nearest of the chosen solids or the ground, and which it is."""
    best, which = y - 4.0, GROUND  # high up and near by, the ground's bumps do not matter
    if y < 12.0 or z > 52.0:
        best = 0.75 * (y - ground_height(land, relief, x, z))
    for k in range(count):
        i = chosen[k]
        d = _solid_distance(t, i, x, y, z)
        if d < best:
            best, which = d, i
    return best, which


@kernel()
def _follow(t, land, relief, chosen, ox, oy, oz, dx, dy, dz, limit):
    """Distance along a ray to what it meets, and what that is; the water's surface counts."""
    to_water = FAR * 2
    if dy < -1e-6:
        to_water = (land[WATER_Y] - oy) / dy
        if to_water < 0.0:
            to_water = FAR * 2
    count = _on_the_way(t, ox, oy, oz, dx, dy, dz, limit, 0.3, chosen)
    travelled = 0.02
    for _ in range(140):
        x, y, z = ox + dx * travelled, oy + dy * travelled, oz + dz * travelled
        d, which = _nearest(t, land, relief, chosen, count, x, y, z)
        if travelled > to_water:
            return to_water, WATER
        if d < 0.0006 * travelled + 0.002:
            return travelled, which
        travelled += d
        if travelled > limit or (dy > 0.0 and y > 40.0):
            break
    if to_water < limit:
        return to_water, WATER
    return limit, SKY


@kernel()
def _sunlight(t, land, relief, chosen, x, y, z):
    """Share of the sun that reaches a point, with soft edges (penumbra by closest approach)."""
    sx, sy, sz = land[SUN_X], land[SUN_Y], land[SUN_Z]
    count = _on_the_way(t, x, y, z, sx, sy, sz, 40.0, 1.0, chosen)
    light, travelled = 1.0, 0.06
    for _ in range(48):
        d, _which = _nearest(
            t,
            land,
            relief,
            chosen,
            count,
            x + sx * travelled,
            y + sy * travelled,
            z + sz * travelled,
        )
        light = min(light, 14.0 * d / travelled)
        travelled += max(d, 0.04)
        if light < 0.01 or travelled > 40.0:
            break
    light = min(max(light, 0.0), 1.0)
    return light * light * (3 - 2 * light)


@kernel()
def _sky(land, dx, dy, dz):
    up = max(dy, 0.0)
    fade = (1 - up) ** 4
    r, g, b = 0.16 + 0.62 * fade, 0.34 + 0.44 * fade, 0.66 + 0.16 * fade
    sun = max(dx * land[SUN_X] + dy * land[SUN_Y] + dz * land[SUN_Z], 0.0)
    glow = 0.35 * sun**8
    r, g, b = r + glow, g + 0.75 * glow, b + 0.4 * glow
    if dy > 0.01:
        u, v = dx / (dy + 0.12), dz / (dy + 0.12)
        body = layered_noise(0.9 * u + 3.0, 1.1 * v, land[CLOUD], 5)
        lit = layered_noise(0.9 * u + 3.0 + 0.25 * land[SUN_X], 1.1 * v + 0.2, land[CLOUD], 5)
        cover = min(max((body - 0.47) * 5.0, 0.0), 1.0) * min(dy * 9.0, 1.0)
        bright = 0.92 - 1.1 * max(lit - body + 0.02, 0.0) - 0.35 * max(body - 0.62, 0.0)
        r = r + cover * (bright * 1.02 - r)
        g = g + cover * (bright * 0.98 - g)
        b = b + cover * (bright * 0.96 - b)
    return r, g, b


@kernel()
def _normal(t, land, relief, chosen, count, x, y, z, e):
    """Gradient of the distance, from four points (tetrahedron)."""
    a, _ = _nearest(t, land, relief, chosen, count, x + e, y - e, z - e)
    b, _ = _nearest(t, land, relief, chosen, count, x - e, y - e, z + e)
    c, _ = _nearest(t, land, relief, chosen, count, x - e, y + e, z - e)
    d, _ = _nearest(t, land, relief, chosen, count, x + e, y + e, z + e)
    nx, ny, nz = a - b - c + d, -a - b + c + d, -a + b - c + d
    n = np.sqrt(nx * nx + ny * ny + nz * nz) + 1e-9
    return nx / n, ny / n, nz / n


@kernel()
def _base_colour(t, land, which, x, y, z, nx, ny, nz):
    """Colour of a surface in linear light, with its texture."""
    if which == GROUND:
        texture, r, g, b = 7, 0.17, 0.22, 0.055
        if abs(x - land[PATH_X] - 0.3 * np.sin(0.35 * z)) < 0.85:
            texture, r, g, b = 8, 0.45, 0.36, 0.25
        elif y < land[WATER_Y] + 0.22:
            texture, r, g, b = 8, 0.16, 0.13, 0.08
        u, v = x, z
    else:
        m = t.to_local[which]
        px, py, pz = x - t.at[which, 0], y - t.at[which, 1], z - t.at[which, 2]
        lx = m[0, 0] * px + m[0, 1] * py + m[0, 2] * pz
        ly = m[1, 0] * px + m[1, 1] * py + m[1, 2] * pz
        lz = m[2, 0] * px + m[2, 1] * py + m[2, 2] * pz
        along = abs(m[0, 0] * nx + m[0, 1] * ny + m[0, 2] * nz)
        texture = t.texture[which]
        r, g, b = t.colour[which, 0], t.colour[which, 1], t.colour[which, 2]
        if t.kind[which] == 1:
            u, v = np.arctan2(lx, lz) * t.size[which, 0], ly
        elif t.kind[which] == 3:
            u, v = (lz, ly * 1.2) if along > 0.1 else (lx, ly)
        else:
            u, v = (lz, ly) if along > 0.7 else (lx, ly)
            if abs(m[1, 0] * nx + m[1, 1] * ny + m[1, 2] * nz) > 0.7:
                v = lz
    tone, warmth = surface_tone(texture, u, v, x, y, z)
    return (
        r * tone * (1 + 0.35 * warmth),
        g * tone * (1 + 0.08 * warmth),
        b * tone * (1 - 0.3 * warmth),
    )


@kernel()
def _lit(t, land, relief, chosen, which, x, y, z, dx, dz, way):
    """Colour of a met surface under sun, sky and haze."""
    count = _on_the_way(t, x, y, z, 0.0, 0.0, 0.0, 0.0, 0.8, chosen)
    nx, ny, nz = _normal(t, land, relief, chosen, count, x, y, z, 0.002 + 0.0008 * way)
    r, g, b = _base_colour(t, land, which, x, y, z, nx, ny, nz)
    open_sky = 0.0
    for k in range(1, 5):
        h = 0.16 * k
        d, _ = _nearest(t, land, relief, chosen, count, x + nx * h, y + ny * h, z + nz * h)
        open_sky += (h - d) / h * 0.25
    open_sky = max(1.0 - open_sky, 0.0) * (0.55 + 0.45 * ny)
    facing = max(nx * land[SUN_X] + ny * land[SUN_Y] + nz * land[SUN_Z], 0.0)
    sun = 0.0
    if facing > 0.0:
        sun = facing * _sunlight(
            t, land, relief, chosen, x + 0.02 * nx, y + 0.02 * ny, z + 0.02 * nz
        )
    bounce = max(-ny, 0.0) * 0.12 + 0.05
    r *= 2.5 * sun + 0.42 * open_sky + 1.3 * bounce
    g *= 2.15 * sun + 0.52 * open_sky + bounce
    b *= 1.6 * sun + 0.74 * open_sky + 0.8 * bounce
    haze = 1.0 - np.exp(-way / 150.0)
    sr, sg, sb = _sky(land, dx, 0.02, dz)
    return r + haze * (0.9 * sr - r), g + haze * (0.92 * sg - g), b + haze * (0.95 * sb - b)


@kernel()
def _water(t, land, relief, chosen, x, z, dx, dy, dz, way):
    """What the water shows: a reflection bent by ripples, and its own depth."""
    calm = 1.0 / (1.0 + 0.03 * way)
    wx = (value_noise(2.2 * x, 0.0, 5.5 * z) - 0.5) * 0.045 * calm
    wz = (value_noise(1.5 * x + 9, 4.0, 6.5 * z) - 0.5) * 0.13 * calm
    n = np.sqrt(wx * wx + wz * wz + 1.0)
    nx, ny, nz = wx / n, 1.0 / n, wz / n
    dot = dx * nx + dy * ny + dz * nz
    rx, ry, rz = dx - 2 * dot * nx, abs(dy - 2 * dot * ny), dz - 2 * dot * nz
    hit, which = _follow(t, land, relief, chosen, x, land[WATER_Y] + 0.01, z, rx, ry, rz, 160.0)
    if which in (SKY, WATER):
        r, g, b = _sky(land, rx, ry, rz)
    else:
        y = land[WATER_Y] + 0.01
        r, g, b = _lit(
            t, land, relief, chosen, which, x + rx * hit, y + ry * hit, z + rz * hit, rx, rz, hit
        )  # fmt: skip
    mirror = 0.25 + 0.7 * (1.0 - abs(dot)) ** 3
    deep = 1.0 - mirror
    return (
        mirror * 0.92 * r + deep * 0.035,
        mirror * 0.95 * g + deep * 0.07,
        mirror * 0.95 * b + deep * 0.065,
    )


@kernel()
def _see(t, land, relief, chosen, eye, right, up, forward, u, v):
    """Colour, distance and kind of what is met through one point of the frame."""
    dx = forward[0] + u * right[0] + v * up[0]
    dy = forward[1] + u * right[1] + v * up[1]
    dz = forward[2] + u * right[2] + v * up[2]
    n = np.sqrt(dx * dx + dy * dy + dz * dz)
    dx, dy, dz = dx / n, dy / n, dz / n
    way, which = _follow(t, land, relief, chosen, eye[0], eye[1], eye[2], dx, dy, dz, FAR)
    x, y, z = eye[0] + dx * way, eye[1] + dy * way, eye[2] + dz * way
    if which == SKY:
        r, g, b = _sky(land, dx, dy, dz)
    elif which == WATER:
        r, g, b = _water(t, land, relief, chosen, x, z, dx, dy, dz, way)
    else:
        r, g, b = _lit(t, land, relief, chosen, which, x, y, z, dx, dz, way)
    return r, g, b, way, which


@by_rows()
def trace_picture(from_row, to_row, t, land, relief, camera, colour, depth, label):
    """Fill `colour` (linear light), `depth` (metres) and `label` from one ray a pixel."""
    height, width = depth.shape
    eye, right, up, forward = camera
    for py in range(from_row, to_row):
        chosen = np.empty(t.kind.shape[0], np.int64)
        for px in range(width):
            u = (2 * (px + 0.5) / width - 1) * width / height
            v = 1 - 2 * (py + 0.5) / height
            r, g, b, way, which = _see(t, land, relief, chosen, eye, right, up, forward, u, v)
            colour[py, px, 0], colour[py, px, 1], colour[py, px, 2] = r, g, b
            depth[py, px] = way
            if which >= 0:
                label[py, px] = t.label[which]
            else:
                label[py, px] = -1 - which


@by_rows()
def smooth_edges(from_row, to_row, t, land, relief, camera, rough, colour):
    """Trace the pixels marked in `rough` again with three more rays each, and average."""
    height, width = rough.shape
    eye, right, up, forward = camera
    for py in range(from_row, to_row):
        chosen = np.empty(t.kind.shape[0], np.int64)
        for px in range(width):
            if not rough[py, px]:
                continue
            for s in range(3):
                sx, sy = 0.5 + 0.35 * (s - 1), 0.5 + 0.35 * (1 if s == 1 else -0.7)
                u = (2 * (px + sx) / width - 1) * width / height
                v = 1 - 2 * (py + sy) / height
                r, g, b, _way, _which = _see(t, land, relief, chosen, eye, right, up, forward, u, v)
                colour[py, px, 0] += r
                colour[py, px, 1] += g
                colour[py, px, 2] += b
            for c in range(3):
                colour[py, px, c] *= 0.25
