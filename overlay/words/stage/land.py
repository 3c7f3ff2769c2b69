"""Ground, water, hills and walls: where a ray meets them, and what they look like."""

import numpy as np

from overlay.imaging.kernel import STEADY, kernel
from overlay.scenery.grain import lattice, layered_noise, value_noise
from overlay.scenery.surfaces import surface_tone

FAR = 420.0
SKY, GROUND, WATER, HILLS, WALL, WINDOW, ROAD, RAILS = -1, -2, -3, -4, -5, -6, -7, -8
_FIRST_RIDGE, _RIDGE_STEP = 80.0, 75.0
_DEEP = 10.0  # metres, of gullies, over the 1.5 in which their slope is found
_BALLAST, _SLEEPERS = 1.9, 0.66  # metres: half of what rails lie on, from sleeper to sleeper
_TOLD_APART = 30.0  # metres, up to which rails are
CALM, SWELL, _STEPS = 2.0, 0.36, 24  # waves up to which water is flat, metres for each beyond that
_NARROW, _WIDE = 1.4, 2.8  # metres, of a window at the side and in the back wall


@kernel(fastmath=STEADY)
def over_water(stage, x, z):
    """Whether water lies at a place on the ground."""
    w = stage.water
    if w[0] > 1e5:
        return False
    along = w[2] * z + w[3] * x + 0.12 * w[0] * (value_noise(0.09 * x, 2.0, 0.09 * z) - 0.5)
    return w[0] < along < w[1]


@kernel(fastmath=STEADY)
def swell(stage, x, z):
    """Height of a rough water's face, metres: crests that run at the eye, pointed and broken."""
    high = SWELL * (stage.water[4] - CALM)
    if high <= 0:
        return 0.0
    bent = 9.0 * (value_noise(0.06 * x, 1.0, 0.06 * z) - 0.5)
    crest = 1.0 - abs(np.sin(0.5 * (0.62 * z + 0.2 * x + bent)))
    chop = value_noise(0.45 * x, 2.0, 0.8 * z) - 0.5
    return high * (0.4 + value_noise(0.05 * x, 5.0, 0.09 * z)) * (1.5 * crest - 0.75 + chop)


@kernel(fastmath=STEADY)
def _meet_swell(stage, way, ox, oy, oz, dx, dy, dz):
    """Distance to a rough water's face on a ray that meets the plain one at `way`."""
    high = 1.8 * SWELL * (stage.water[4] - CALM)
    begin = max((oy - high) / -dy, 0.0)
    step = (min((oy + high) / -dy, FAR) - begin) / _STEPS
    for k in range(1, _STEPS + 1):
        there = begin + k * step
        above = oy + there * dy - swell(stage, ox + there * dx, oz + there * dz)
        if above < 0:
            for _ in range(5):
                step *= 0.5
                there += step if above > 0 else -step
                above = oy + there * dy - swell(stage, ox + there * dx, oz + there * dz)
            return there
    return way


@kernel(fastmath=STEADY)
def ridge_height(stage, k, x):
    """Height of a line of hills at x, metres."""
    seed = stage.air[3]
    rise = stage.land[3] * (7.0 + 9.0 * k)
    wide = 0.016 / (1.0 + 0.6 * k)
    shape = layered_noise(wide * x + 9.7 * k, 0.37 * seed, 3.1 * k, 4)
    if stage.land[4] > 0:  # snow lies on mountains, which have peaks
        peaks = _creased(0.7 * wide * x + 9.7 * k, 0.37 * seed, 3.1 * k, 5)
        shape = (0.62 + 0.26 * k) * (0.4 * shape + 0.6 * (1.35 * peaks - 0.1))
    return max(rise * 2.4 * (shape - 0.22), 0.3)


@kernel(fastmath=STEADY)
def _creased(x, y, z, octaves):
    """Octaves of noise folded at its middle, the finer ones along the creases; in 0..1."""
    total, strength, norm, along = 0.0, 1.0, 0.0, 1.0
    for i in range(octaves):
        fold = 1.0 - abs(2.0 * value_noise(x + 13.7 * i, y - 5.1 * i, z) - 1.0)
        total += strength * along * fold
        along = min(1.4 * fold, 1.0)
        norm += strength
        strength *= 0.5
        x, y = 2.07 * x, 2.07 * y
    return total / norm


@kernel(fastmath=STEADY)
def _crag(k, x, y):
    """How far a mountain's face stands out at a place on it, 0..1: spurs with gullies between."""
    bent = 30.0 * (value_noise(0.03 * x, 0.03 * y, 5.0 + k) - 0.5)
    return _creased(0.03 * (x + bent) + 7.3 * k, 0.022 * (y + 0.6 * bent), 2.0 + k, 5)


@kernel(fastmath=STEADY)
def _meet_ridges(stage, ox, oy, oz, dx, dy, dz):
    """Distance to the first line of hills on a ray, and which it is."""
    if dz <= 1e-4 or stage.land[2] < 0.5:
        return FAR, -1
    for k in range(int(stage.land[2])):
        way = (_FIRST_RIDGE + _RIDGE_STEP * k - oz) / dz
        if 0.0 < way < FAR and oy + way * dy < ridge_height(stage, k, ox + way * dx):
            return way, k
    return FAR, -1


@kernel(fastmath=STEADY)
def _road_or_ground(stage, x, z):
    """What a place on the ground belongs to: the path there, its rails, or neither."""
    if _on_path(stage, x, z) < 0.5:
        return GROUND
    near = stage.land[7] > 0 and z + stage.land[6] < _TOLD_APART
    return RAILS if near and _iron(stage, x, z) > 0.5 else ROAD


@kernel(fastmath=STEADY)
def meet_land(stage, ox, oy, oz, dx, dy, dz):
    """Distance to ground, water, hills or a wall on a ray, and which it is."""
    way, which = _meet_ridges(stage, ox, oy, oz, dx, dy, dz)
    which = HILLS if which >= 0 else SKY
    if dy < -1e-6 and -oy / dy < way:
        way = -oy / dy
        which = WATER if over_water(stage, ox + way * dx, oz + way * dz) else GROUND
    if which == WATER and stage.water[4] > CALM:
        way = _meet_swell(stage, way, ox, oy, oz, dx, dy, dz)
    if which == GROUND and stage.land[6] > 0:
        which = _road_or_ground(stage, ox + way * dx, oz + way * dz)
    wall, side = stage.room[0], stage.room[1]
    if dz > 1e-6 and (wall - oz) / dz < way:
        way, which = (wall - oz) / dz, WALL
    if dx < -1e-6 and (-side - ox) / dx < way:
        way, which = (-side - ox) / dx, WALL
    if dx > 1e-6 and (side - ox) / dx < way:
        way, which = (side - ox) / dx, WALL
    if which == WALL and stage.room[2] > 0:
        which = _wall_or_window(stage, ox + way * dx, oy + way * dy, oz + way * dz)
    return way, which


@kernel(fastmath=STEADY)
def _wall_or_window(stage, x, y, z):
    """What a place on a wall belongs to: the wall, or a window in it."""
    wall, side, kind = stage.room[0], stage.room[1], stage.room[2]
    at_back = z > wall - 0.01
    if kind > 2.5:  # all of glass
        glass = _in_glazing(x if at_back else z, y)
    elif kind > 1.5:
        glass = at_back and _in_pane(x + 0.5 * _WIDE, y, _WIDE)
    else:
        glass = x < 0.01 - side and _in_pane(z - (wall - 2.3), y, _NARROW)
    return WINDOW if glass else WALL


@kernel(fastmath=STEADY)
def _in_pane(along, y, wide):
    """Whether a place on a wall lies in a pane of its window, whose side is where `along` is 0."""
    up = y - 0.95
    if along < 0.0 or along > wide or up < 0.0 or up > 1.5:
        return False
    upright = along / 0.7 - np.floor(along / 0.7)
    return 0.04 < upright < 0.96 and abs(up - 0.75) > 0.03


@kernel(fastmath=STEADY)
def _in_glazing(along, y):
    """Whether a place on a glasshouse's wall lies in one of its panes."""
    across, up = along / 1.15 - np.floor(along / 1.15), (y - 0.6) / 1.5
    return up > 0.03 and 0.035 < across < 0.965 and 0.03 < up - np.floor(up) < 0.97


@kernel(fastmath=STEADY)
def _path_middle(stage, away):
    """Where the middle of the path lies, so many metres from the eye; rails wind less."""
    if stage.land[7] > 0:
        return 0.16 * away * np.sin(0.9 * np.log(away / stage.land[6]) + 0.5)
    return 0.3 * away * np.sin(2.1 * np.log(away / stage.land[6]) + 0.7)


@kernel(fastmath=STEADY)
def _iron(stage, x, z):
    """How far a place lies on one of two rails, which are no thinner than can be seen."""
    away = max(z + stage.land[6], 0.3)
    wide = max(0.045, 0.0022 * away)
    aside = abs(abs(x - _path_middle(stage, away)) - 0.72)
    return min(max((wide - aside) / (0.3 * wide), 0.0), 1.0)


@kernel(fastmath=STEADY)
def _lay_track(stage, x, z, out):
    """Sleepers and two rails over the gravel of a path, as far away as they can be told apart."""
    away = z + stage.land[6]
    if away < 0.3:
        return
    side = abs(x - _path_middle(stage, away))
    seen = min(max(1.6 - 0.04 * away, 0.0), 1.0)
    iron = _iron(stage, x, z)
    step = z / _SLEEPERS - np.floor(z / _SLEEPERS)
    wood = (seen if step < 0.42 else 0.0) + 0.42 * (1.0 - seen) if side < 1.25 else 0.0
    for c in range(3):
        out[c] += wood * ((0.07 - 0.012 * c) - out[c])
        out[c] += iron * ((0.34 - 0.03 * c) - out[c])


@kernel(fastmath=STEADY)
def _on_path(stage, x, z):
    """How far a place lies on the path: 1 in its midst, 0 beside it."""
    away = z + stage.land[6]
    if away < 0.3:
        return 0.0
    middle = _path_middle(stage, away)
    if stage.land[7] > 0:
        return min(max((_BALLAST - abs(x - middle)) * 3.0, 0.0), 1.0)
    half = max(0.085 * stage.land[6], 0.03 * away, 0.25) + 0.5 * (
        value_noise(1.3 * x, 5.0, 1.3 * z) - 0.5
    )
    return min(max((half - abs(x - middle)) * 4.0, 0.0), 1.0)


@kernel(fastmath=STEADY)
def _pattern(kind, x, z):
    """Brightness of the ground's first colour, and how much of the second lies there."""
    if kind == 3:
        return surface_tone(2, x, z, x, 0.0, z)[0], 0.0
    if kind in (4, 8):
        wide = 0.9 if kind == 4 else 0.5
        u, v = x / wide, z / wide
        if kind == 4:
            u += 0.5 * (np.floor(v) % 2)
        joint = min(u - np.floor(u), v - np.floor(v)) * wide < 0.025
        shade = lattice(int(np.floor(u)), int(np.floor(v)), 3)
        chess = (int(np.floor(u)) + int(np.floor(v))) % 2 if kind == 8 else 0
        return (0.55 if joint else 0.8 + 0.35 * shade), 1.0 * chess
    if kind == 7:
        u, v = x / 0.17, z / 0.17
        u += 0.5 * (np.floor(v) % 2)
        a, b = u - np.floor(u) - 0.5, v - np.floor(v) - 0.5
        shade = lattice(int(np.floor(u)), int(np.floor(v)), 5)
        return (0.7 + 0.5 * shade) * (1.0 - 0.9 * min(a * a + b * b, 0.4)), 0.4 * shade
    if kind == 1:
        ripple = 0.5 + 0.5 * np.sin(9 * z + 5 * value_noise(0.7 * x, 0.0, 0.7 * z))
        return 0.9 + 0.12 * ripple + 0.1 * value_noise(30 * x, 0.0, 30 * z), 0.3 * ripple
    if kind == 5:
        leaf = value_noise(9 * x, 1.0, 9 * z)
        return 0.6 + 0.8 * leaf, min(max((leaf - 0.5) * 4, 0.0), 1.0)
    if kind == 6:
        return 0.97 + 0.06 * value_noise(90 * x, 0.0, 90 * z), 0.0
    broad = layered_noise(0.35 * x, 4.0, 0.35 * z, 3)
    if kind == 2:
        return 0.94 + 0.12 * broad, 0.4 * (1 - broad)
    blade = value_noise(14 * x, 0.0, 5 * z) * 0.5 + value_noise(3 * x, 7.0, 2 * z) * 0.5
    return 0.62 + 0.75 * blade, min(max(2.4 * (broad - 0.3), 0.0), 1.0)


@kernel(fastmath=STEADY)
def _hill_colour(stage, x, y, z, out):
    """Own colour of hills into `out`: the land's, and snow from some height on."""
    tone = 0.72 + 0.56 * layered_noise(0.09 * x, 0.16 * y, 0.5, 4)
    if stage.land[4] > 0:  # snow lies longest in the gullies
        k = round((z - _FIRST_RIDGE) / _RIDGE_STEP)
        tone = 0.5 * tone + 0.5 * (1.25 - 0.6 * _crag(k, x, y))
    cap = stage.land[4] * min(max((y / (22.0 * stage.land[3]) - 0.45) * 5 + tone - 1, 0.0), 1.0)
    cap = max(cap, 0.75 * stage.air[6])
    for c in range(3):
        own = stage.ridge[c] * tone
        out[c] = own + cap * (0.72 - own)


@kernel(fastmath=STEADY)
def land_colour(stage, which, x, y, z, out):
    """Own colour of ground, hills or wall into `out`, linear."""
    if which == WALL:
        tone = 0.94 + 0.1 * layered_noise(1.3 * x, 1.3 * y, 1.3 * z, 3)
        if y < 0.14 and stage.room[1] < 1e5:
            tone *= 0.6  # skirting
        for c in range(3):
            out[c] = stage.wall_colour[c] * tone
        return
    if which == HILLS:
        _hill_colour(stage, x, y, z, out)
        return
    grain = stage.land[1]
    tone, share = _pattern(int(stage.land[0]), x / grain, z / grain)
    for c in range(3):
        out[c] = tone * (stage.first[c] + share * (stage.second[c] - stage.first[c]))
    if stage.land[6] > 0:
        trodden = _on_path(stage, x, z) * (1.0 - 0.8 * stage.air[6])
        gravel = 0.75 + 0.5 * value_noise(11 * x, 2.0, 6 * z)
        for c in range(3):
            out[c] += trodden * (gravel * stage.path_colour[c] - out[c])
        if stage.land[7] > 0 and trodden > 0:
            _lay_track(stage, x, z, out)


@kernel(fastmath=STEADY)
def land_normal(stage, which, x, y, z):
    """Normal of ground, hills or wall; the ground's bumps are in it, not in its height."""
    if which == WALL:
        if z > stage.room[0] - 0.01:
            return 0.0, 0.0, -1.0
        return (1.0, 0.0, 0.0) if x < 0 else (-1.0, 0.0, 0.0)
    if which == HILLS:
        k = round((z - _FIRST_RIDGE) / _RIDGE_STEP)
        slope = (ridge_height(stage, k, x + 3.0) - ridge_height(stage, k, x - 3.0)) / 6.0
        own = 0.8 * (layered_noise(0.05 * x, 0.09 * y, 7.0, 3) - 0.5)
        nx, ny, nz = -slope + own, 0.9, -0.75
        if stage.land[4] > 0:
            out = _crag(k, x, y)
            nx = -0.5 * slope + 0.3 * own - _DEEP * (_crag(k, x + 1.5, y) - out)
            ny = 0.55 + _DEEP * (_crag(k, x, y + 1.5) - out)
        n = np.sqrt(nx * nx + ny * ny + nz * nz)
        return nx / n, ny / n, nz / n
    bump = stage.land[5]
    nx = bump * (value_noise(1.7 * x, 3.0, 1.7 * z) - 0.5)
    nz = bump * (value_noise(1.7 * x + 40, 3.0, 1.7 * z) - 0.5)
    n = np.sqrt(nx * nx + nz * nz + 1.0)
    return nx / n, 1.0 / n, nz / n
