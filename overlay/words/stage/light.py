"""What is seen on a ray: own colour under sun, sky and lamps, the water's mirror, the air."""

import numpy as np

from overlay.imaging.kernel import STEADY, compiled, kernel
from overlay.scenery.grain import value_noise
from overlay.words.stage.land import (
    CALM,
    FAR,
    SKY,
    SWELL,
    WATER,
    WINDOW,
    land_colour,
    land_normal,
    meet_land,
    swell,
)
from overlay.words.stage.rays import (
    close_parts,
    follow,
    openness,
    sunlit,
    thing_colour,
    thing_normal,
)
from overlay.words.stage.setting import Numbers, Stage
from overlay.words.stage.sky import sky_light
from overlay.words.things.distance import parts_on_way
from overlay.words.things.table import Table


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def _meet(t, stage, chosen, ways, ray):
    """Distance and kind of what a ray meets first; `ray` is its origin and its direction."""
    way, which = meet_land(stage, ray[0], ray[1], ray[2], ray[3], ray[4], ray[5])
    limit, thing = follow(t, chosen, ways, ray[0], ray[1], ray[2], ray[3], ray[4], ray[5], way)
    return (limit, thing) if thing >= 0 else (way, which)


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def _surface(t, stage, chosen, ways, which, x, y, z, way, out, normal):
    """Light that a surface sends into `out`; its normal into `normal`."""
    reach = 0.4 if which < 0 else 0.12 * t.balls[which, 3] + 0.01
    count = parts_on_way(t, x, y, z, 0.0, 0.0, 0.0, 0.0, 1.1 * reach, 0.0, chosen, ways)
    panes, e = 0.0, 0.002 + 0.0005 * way
    if which >= 0:
        e = 0.0008 * max(way, t.balls[which, 3])
        last = close_parts(t, chosen, ways, count, which, x, y, z)
        nx, ny, nz = thing_normal(t, chosen, count, last, x, y, z, e)
        panes = thing_colour(t, chosen, ways, count, last, which, x, y, z, nx, ny, nz, out)
    else:
        nx, ny, nz = land_normal(stage, which, x, y, z)
        land_colour(stage, which, x, y, z, out)
    normal[0], normal[1], normal[2] = nx, ny, nz
    free = openness(t, chosen, count, reach, x, y, z, nx, ny, nz) if way < 75.0 else 1.0
    snow = stage.air[6] * min(max((ny - 0.35) * 3.0, 0.0), 1.0) * (free > 0.3)
    facing, sun = max(nx * stage.sun[0] + ny * stage.sun[1] + nz * stage.sun[2], 0.0), 0.0
    if facing > 0:
        lift = 4 * e
        sun = facing * sunlit(
            t, chosen, ways, stage.air[5], x + nx * lift, y + ny * lift, z + nz * lift, stage.sun
        )
    sky = (0.62 + 0.38 * ny) * free + 0.08 + 0.12 * max(-ny, 0.0)
    lamp = panes * stage.air[7]
    for c in range(3):
        own = out[c] + snow * (0.7 + 0.02 * c - out[c])
        lit = own * (stage.sunlight[c] * sun + stage.skylight[c] * sky)
        out[c] = lit + lamp * ((1.35 - 0.55 * c) - lit)


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def _bounce(stage, ray, way):
    """Turn a ray into its mirror on the water's ripples; share that is mirrored."""
    x, z = ray[0] + way * ray[3], ray[2] + way * ray[5]
    calm = stage.water[4] / (1.0 + 0.03 * way)
    wx = (value_noise(2.2 * x, 0.0, 5.5 * z) - 0.5) * 0.045 * calm
    wz = (value_noise(1.5 * x + 9, 4.0, 6.5 * z) - 0.5) * 0.13 * calm
    high = swell(stage, x, z)
    if high != 0:
        wx -= (swell(stage, x + 0.15, z) - high) / 0.15
        wz -= (swell(stage, x, z + 0.15) - high) / 0.15
    n = np.sqrt(wx * wx + wz * wz + 1.0)
    dot = (ray[3] * wx + ray[4] + ray[5] * wz) / n
    ray[0], ray[1], ray[2] = x, max(high, 0.0) + 0.01, z
    ray[3], ray[4], ray[5] = (
        ray[3] - 2 * dot * wx / n,
        abs(ray[4] - 2 * dot / n),
        ray[5] - 2 * dot * wz / n,
    )
    return 0.22 + 0.7 * (1.0 - abs(dot)) ** 3


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def _foam(stage, x, z):
    """Share of foam on a rough water's face: on its crests, in shreds."""
    high = swell(stage, x, z)
    if high <= 0.05:
        return 0.0
    shreds = 0.5 * value_noise(1.1 * x, 8.0, 2.6 * z) + 0.5 * value_noise(4.0 * x, 3.0, 9.0 * z)
    steep = high / (SWELL * (stage.water[4] - CALM))
    return min(max(2.2 * (0.75 * steep + shreds - 1.12), 0.0), 0.85)


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def _air(stage, way, out):
    """The far fades."""
    haze = 1.0 - np.exp(-way * stage.air[4])
    for c in range(3):
        out[c] += haze * (stage.fade[c] - out[c])


@kernel(fastmath=STEADY)
def _see(t, stage, chosen, ways, ray, out, normal):
    """Light on a ray into `out`; distance and kind of what is met, its normal into `normal[0]`."""
    mirror, foam, first, kind = 1.0, 0.0, FAR, SKY
    deep_r, deep_g, deep_b = 0.0, 0.0, 0.0
    for bounce in range(2):
        way, which = _meet(t, stage, chosen, ways, ray)
        if bounce == 0:
            first, kind = way, which
            normal[0, 0], normal[0, 1], normal[0, 2] = 0.0, 1.0, 0.0
        if which == WATER and bounce == 0:
            foam = _foam(stage, ray[0] + way * ray[3], ray[2] + way * ray[5])
            mirror = _bounce(stage, ray, way)
            rest = 1.0 - mirror
            deep_r, deep_g, deep_b = (
                rest * stage.deep[0], rest * stage.deep[1], rest * stage.deep[2],
            )  # fmt: skip
            continue
        if which in (SKY, WINDOW, WATER):
            sky_light(stage, ray[3], max(ray[4], 0.0), ray[5], out)
            if which == WINDOW:
                for c in range(3):
                    out[c] = 0.4 * out[c] + 0.3 * stage.sunlight[c]
        else:
            x, y, z = ray[0] + way * ray[3], ray[1] + way * ray[4], ray[2] + way * ray[5]
            _surface(t, stage, chosen, ways, which, x, y, z, way, out, normal[bounce])
            _air(stage, way, out)
        break
    if kind == WATER:
        out[0], out[1], out[2] = (
            mirror * out[0] + deep_r, mirror * out[1] + deep_g, mirror * out[2] + deep_b,
        )  # fmt: skip
        for c in range(3):
            out[c] += foam * (0.8 * stage.skylight[c] + 0.3 * stage.sunlight[c] - out[c])
        _air(stage, first, out)
    return first, kind


@compiled(inline="always", fastmath=STEADY, error_model="numpy")
def _aim(camera, px, py, width, height, ray):
    """The ray through a place on the picture."""
    u = (2 * px / width - 1) * width / height
    v = 1 - 2 * py / height
    n = 0.0
    for c in range(3):
        ray[c] = camera[0, c]
        ray[3 + c] = camera[3, c] + u * camera[1, c] + v * camera[2, c]
        n += ray[3 + c] ** 2
    for c in range(3):
        ray[3 + c] /= np.sqrt(n)


def trace_rays(
    t: Table,
    stage: Stage,
    camera: Numbers,
    places: Numbers,
    size: Numbers,
    found: tuple[Numbers, Numbers, Numbers],
) -> None:
    """Follow one ray through each of `places`, (N, 2) pixels from the left and the top.

    `size` is the picture's (width, height). Fills `found`: linear light (N, 3); the distance in
    metres and what was met, a thing's number or a kind of `land` below 0, (N, 2); normals (N, 3).
    Runs beside others in threads; each ray is for itself.
    """
    rows = 2 * len(t.owners)
    chosen, ways = np.empty(rows, np.int64), np.empty((rows, 2))
    _trace(t, stage, camera, places, size, *found, chosen, ways, np.empty((4, 6)))


@kernel(nogil=True, fastmath=STEADY)
def _trace(t, stage, camera, places, size, colour, met, normal, chosen, ways, work):
    out, ray, facing = work[0], work[1], work[2:]
    for i in range(places.shape[0]):
        _aim(camera, places[i, 0], places[i, 1], size[0], size[1], ray)
        met[i, 0], met[i, 1] = _see(t, stage, chosen, ways, ray, out, facing)
        for c in range(3):
            colour[i, c], normal[i, c] = out[c], facing[0, c]
