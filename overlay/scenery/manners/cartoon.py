"""The drawing beneath every manner: an invented land of sky, sun, hills, fields and leaves.

It gives each pixel a zone (what it belongs to), a tone and a direction for strokes to follow.
"""

from typing import NamedTuple

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import encode_srgb
from overlay.scenery.solids import linear_light

Field = npt.NDArray[np.float64]

SKY, SUN, FAR_HILL, HILL, FIELD, NEAR, LEAF = range(7)
_LEAF_REACH = 0.065  # of the height, from its middle


class Cartoon(NamedTuple):
    """The drawing, all `(H, W)`."""

    zone: npt.NDArray[np.int64]
    tone: Field  # 0 dark to 1 light
    flow: Field  # direction of strokes, radians


def cloudy(shape: tuple[int, int], size: float, seed: int) -> Field:
    """Soft noise in about -1..1 with features of `size` pixels."""
    raw = np.random.default_rng(seed).standard_normal(shape)
    smooth = scipy.ndimage.gaussian_filter(raw, size / 2.5, mode="wrap")
    return np.asarray(smooth / (2.0 * smooth.std() + 1e-12))


def draw_cartoon(width: int, height: int, seed: int) -> Cartoon:
    """Compose the land; another seed moves its hills, sun and leaves."""
    rng = np.random.default_rng(seed)
    y, x = np.mgrid[0:height, 0:width] / height
    warp = 0.02 * cloudy((height, width), height / 8, seed + 1)
    zone = np.full((height, width), SKY)
    tone = 0.95 - 0.55 * y + 0.12 * cloudy((height, width), height / 5, seed + 2)
    flow = 0.25 * np.sin(5 * x + 4 * y)
    sun_x, sun_y = rng.uniform(0.3, 1.0), rng.uniform(0.14, 0.22)
    zone[np.hypot(x - sun_x, y - sun_y) + 0.3 * warp < 0.09] = SUN
    for band, base in ((FAR_HILL, 0.4), (HILL, 0.52), (FIELD, 0.68), (NEAR, 0.84)):
        phase, beat = rng.uniform(0, 6.28), rng.uniform(3, 5.5)
        crest = base + 0.06 * np.sin(beat * x + phase) + 0.025 * np.sin(2.7 * beat * x) + warp
        inside = y > crest
        zone[inside] = band
        shade = 0.85 - 1.9 * (y - crest) + 0.22 * np.sin(14 * x + 22 * (y - crest) * band)
        tone = np.where(inside, shade, tone)
        slope = np.arctan(0.06 * beat * np.cos(beat * x + phase))
        flow = np.where(inside, slope + 0.5 * (band - 2) * (y - crest), flow)
    tone[zone == SUN] = 1.0
    drawn = Cartoon(zone, tone, flow)
    _add_leaves(drawn, rng, x, y)
    return drawn._replace(tone=tone.clip(0, 1))


def _add_leaves(drawn: Cartoon, rng: np.random.Generator, x: Field, y: Field) -> None:
    """Sprays of pointed leaves on curved stems from the lower rim, in place."""
    for _ in range(5):
        root, lean = rng.uniform(0.0, x.max()), rng.uniform(-0.35, 0.35)
        tall = rng.uniform(0.3, 0.55)
        stem = np.abs(x - root - lean * (1 - y) ** 2) < 0.006
        drawn.zone[stem & (y > 1 - tall)] = LEAF
        for k in range(9):
            at = 1 - tall * (k + 1) / 9
            side = 1 if k % 2 else -1
            angle = -0.6 * side + lean
            cx = root + lean * (1 - at) ** 2 + side * 0.05
            near = np.s_[_around(at, len(y)), _around(cx, len(y))]
            part = Cartoon(drawn.zone[near], drawn.tone[near], drawn.flow[near])
            _add_leaf(part, x[near] - cx, y[near] - at, angle, side)


def _around(place: float, height: int) -> slice:
    """The rows or columns of pixels that a leaf there can reach."""
    begin, end = ((place + reach) * height for reach in (-_LEAF_REACH, _LEAF_REACH))
    return slice(max(int(begin), 0), max(int(end) + 2, 0))


def _add_leaf(drawn: Cartoon, x: Field, y: Field, angle: float, side: int) -> None:
    u = x * np.cos(angle) + y * np.sin(angle)
    v = -x * np.sin(angle) + y * np.cos(angle)
    leaf = np.abs(v) < 0.022 * (1 - (u / 0.06) ** 2)
    drawn.zone[leaf] = LEAF
    drawn.tone[leaf] = np.clip(0.55 + 9 * v[leaf] * side, 0.05, 0.95)
    drawn.flow[leaf] = angle


def paint(cartoon: Cartoon, colours: list[tuple[str, str]]) -> Field:
    """Colour each zone from its dark to its light colour by tone; (H, W, 3) linear light."""
    dark = np.array([linear_light(d) for d, _ in colours])[cartoon.zone]
    light = np.array([linear_light(c) for _, c in colours])[cartoon.zone]
    return np.asarray(dark + (light - dark) * cartoon.tone[..., None])


def to_bytes(light: Field) -> npt.NDArray[np.uint8]:
    """Linear light to sRGB bytes."""
    return (encode_srgb(light.clip(0, 1)) * 255 + 0.5).astype(np.uint8)
