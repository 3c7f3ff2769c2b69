"""What lies between the eye and things, and the tone of the whole: rain, snow, bloom, tints."""

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import ByteImage, FloatImage
from overlay.words.blown import blown
from overlay.words.composing.chance import stream
from overlay.words.wishing.wished import Wish

Picture = npt.NDArray[np.float64]
_RAIN, _SNOW, _BEAMS = 11, 12, 14  # slots of chance
_LUMA = np.array([0.2126, 0.7152, 0.0722])


def through_air(
    picture: ByteImage, depth: FloatImage, wish: Wish, seed: int, *, indoors: bool
) -> ByteImage:
    """A drawn picture with what falls in it and the tone that was said; `depth` in metres."""
    v = picture.astype(np.float64) / 255
    for word, emphasis in wish.weather:
        if word == "sunbeam":
            v = _beams(v, depth, seed, emphasis, indoors=indoors)
        if indoors:
            continue
        if word.startswith("flying "):
            v = blown(v, depth, word, seed, emphasis)
        elif word in {"rain", "storm"}:
            v = _rain(v, depth, seed, emphasis)
        elif word == "snow":
            v = _falling_snow(v, depth, seed, emphasis)
        elif word == "rainbow":
            v = _rainbow(v, depth, seed)
    v = _bloom(v)
    v = _toned(v, wish)
    return (v.clip(0, 1) * 255 + 0.5).astype(np.uint8)


def _rain(v: Picture, depth: FloatImage, seed: int, emphasis: float) -> Picture:
    """Slanting streaks in three distances, the near ones longer."""
    height, width = depth.shape
    chance = stream(seed, _RAIN)
    fallen = np.zeros((height, width))
    for near in (1, 2, 3):
        drops = (chance.random((height, width)) > 0.9975).astype(np.float64)
        long = max(3, int(height * (0.012 + 0.012 * near)))
        streak = sum(np.roll(drops, (k, -k // 4), (0, 1)) for k in range(long))
        fallen += np.minimum(scipy.ndimage.gaussian_filter(streak, 0.35 * near), 1) * (
            0.07 + 0.04 * near
        )
    light = v.mean()
    return np.asarray(
        v + emphasis * fallen[..., None].clip(0, 0.4) * (0.5 * light + 0.3 - 0.5 * v + 0.2)
    )


def _falling_snow(v: Picture, depth: FloatImage, seed: int, emphasis: float) -> Picture:
    """Flakes in three distances, none where something near stands before them."""
    height, width = depth.shape
    chance = stream(seed, _SNOW)
    for radius, many, strength, away in (
        (0.0012, 900, 0.5, 30.0),
        (0.0022, 300, 0.7, 8.0),
        (0.004, 70, 0.8, 2.0),
    ):
        flakes = np.zeros((height, width))
        rows = chance.integers(0, height, many)
        flakes[rows, chance.integers(0, width, many)] = chance.uniform(0.5, 1.0, many)
        soft = scipy.ndimage.gaussian_filter(flakes, max(radius * height, 0.5))
        soft *= strength * emphasis / max(float(soft.max()), 1e-9) * (depth > away)
        v = v + (0.97 - v) * np.minimum(1.4 * soft, 1)[..., None]
    return v


def _rainbow(v: Picture, depth: FloatImage, seed: int) -> Picture:
    """A bow before what is far."""
    height, width = depth.shape
    y, x = np.mgrid[0:height, 0:width] / height
    side = 0.35 + 0.3 * float(stream(seed, 13).random())
    r = np.hypot(x - side * width / height, 0.95 - y)
    band = (r - 0.62) / 0.07
    hue = np.stack([1 - band, 1 - np.abs(2 * band - 0.9), band], -1).clip(0, 1)
    held = np.exp(-(((band - 0.5) / 0.42) ** 4)) * (depth > 60) * (y < 0.75)
    return np.asarray(v + 0.4 * held[..., None] * (hue - 0.35 * v))


def _beams(v: Picture, depth: FloatImage, seed: int, emphasis: float, *, indoors: bool) -> Picture:
    """Shafts of light from the sun above the picture, within from the side of the window."""
    height, width = depth.shape
    chance = stream(seed, _BEAMS)
    x, y = (-0.25, 0.05) if indoors else (float(chance.choice([0.22, 0.78])), -0.4)
    down, across = np.mgrid[0:height, 0:width] / height
    down, across = down - y, across - x * width / height
    angle, away = np.arctan2(across, down), np.hypot(across, down)
    shafts = np.zeros((height, width))
    for many in (9.0, 17.0, 31.0, 53.0):
        shafts += np.cos(many * angle + float(chance.uniform(0, 2 * np.pi)))
    lit = (0.55 * shafts - 0.15).clip(0, 1) ** 1.3 * np.exp(-0.8 * (away - 0.3).clip(0, None))
    lit *= 1 - np.exp(-depth / (2.0 if indoors else 9.0))
    light = min(1.0, 1.25 * float(np.quantile(v, 0.9)) + 0.2) * np.array([1.0, 0.95, 0.8])
    return np.asarray(v + min(0.62 * emphasis, 0.9) * lit[..., None] * (light - v).clip(0, None))


def _bloom(v: Picture) -> Picture:
    """Bright lights shine past their edges."""
    bright = (v - 0.8).clip(0, None)
    return v + 0.7 * scipy.ndimage.gaussian_filter(bright, (v.shape[0] / 60, v.shape[0] / 60, 0))


def _toned(v: Picture, wish: Wish) -> Picture:
    """Light, contrast, warmth, strength of colours, and tints, as said of the whole picture."""
    for colour, amount in wish.tints:
        rgb = np.array([int(colour[i : i + 2], 16) / 255 for i in (1, 3, 5)])
        grey = v @ _LUMA
        tinted = grey[..., None] * rgb / max(float(rgb @ _LUMA), 0.05)
        v = v + 0.3 * float(np.clip(amount, -1, 1)) * (tinted - v)
    if wish.light != 1:
        v = v.clip(0, 1) ** (1 / wish.light)
    if wish.contrast != 1:
        v = 0.5 + (v - 0.5) * wish.contrast
    if wish.warmth:
        w = float(np.clip(wish.warmth, -1, 1))
        v = v * np.array([1 + 0.11 * w, 1.0, 1 - 0.14 * w])
    if wish.mute:
        grey = (v @ _LUMA)[..., None]
        v = grey + (v - grey) * (1 - float(np.clip(wish.mute, -0.8, 0.9)))
    return v
