"""Words on a picture that is there: light, air and weather by its depth, things set into it."""

from typing import NamedTuple

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import ByteImage, FloatImage, decode_srgb, encode_srgb
from overlay.scenery.solids import linear_light
from overlay.words.air import through_air
from overlay.words.composing.scene import compose
from overlay.words.stage.drawing import Drawn, draw_scene
from overlay.words.stage.setting import Setting, pushed
from overlay.words.tone import part_tones
from overlay.words.wishing.wished import Wish

Light = npt.NDArray[np.float64]
_PLAIN = Setting()
_NEAREST = 0.05  # of depth; what is farther counts as that far
_AIR = 0.9  # how soon the far fades for a haze of 1
_SMALLEST = 16  # pixels of a region's shorter side, in which things can be stood
_LUMA = np.array([0.2126, 0.7152, 0.0722])


class OnPicture(NamedTuple):
    """A picture with what words did to it, and masks of the things set into it."""

    picture: ByteImage
    masks: dict[str, FloatImage]


def set_on_picture(
    picture: ByteImage,
    depth: FloatImage,
    wish: Wish,
    seed: int,
    *,
    amount: float = 1.0,
    region: FloatImage | None = None,
) -> OnPicture:
    """Do to a picture what words wish for.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    depth : (H, W) float32, 1 near to 0 far.
    amount : 0 changes nothing, 1 is as drawn.
    region : (H, W) float32 in 0..1, where light and air change and what things stand within.
    """
    light = decode_srgb(picture.astype(np.float64) / 255)
    masks: dict[str, FloatImage] = {}
    if wish.things or wish.fills:
        frame = _frame(region)
        light[frame], masks = _with_things(light[frame], wish, seed)
        masks = {name: _laid(mask, frame, depth.shape) for name, mask in masks.items()}
        depth = _stood_in(depth, masks)
    light = _relit(light, depth, wish)
    out = (encode_srgb(light.clip(0, 1)) * 255 + 0.5).astype(np.uint8)
    metres = (2 / np.maximum(depth, 0.01)).astype(np.float32)
    out = through_air(out, metres, wish, seed, indoors=False)
    out = part_tones(out, list(masks.values()))  # so that no manner loses what was set in
    if amount < 1 or region is not None:
        cover = (
            np.ones(depth.shape) if region is None else np.maximum.reduce([region, *masks.values()])
        )
        mixed = picture + amount * cover[..., None] * (out.astype(np.float64) - picture)
        out = (mixed + 0.5).astype(np.uint8)
    return OnPicture(out, masks)


def _frame(region: FloatImage | None) -> tuple[slice, slice]:
    """The rows and columns of a region, the whole picture without one or where it is too small."""
    whole = slice(None), slice(None)
    if region is None or not (region > 0.5).any():
        return whole
    rows, columns = (np.flatnonzero((region > 0.5).any(axis=axis)) for axis in (1, 0))
    sides = slice(int(rows[0]), int(rows[-1]) + 1), slice(int(columns[0]), int(columns[-1]) + 1)
    return whole if min(region[sides].shape) < _SMALLEST else sides


def _laid(mask: FloatImage, frame: tuple[slice, slice], shape: tuple[int, ...]) -> FloatImage:
    out = np.zeros(shape, np.float32)
    out[frame] = mask
    return out


def _stood_in(depth: FloatImage, masks: dict[str, FloatImage]) -> FloatImage:
    """Depth with things in it, each as near as the ground at its foot."""
    out = depth.copy()
    for mask in masks.values():
        rows, columns = mask.nonzero()
        foot = rows >= np.percentile(rows, 92)
        near = float(np.median(depth[rows[foot], columns[foot]]))
        out[mask > 0] = np.maximum(out[mask > 0], near)
    return out


def _relit(light: Light, depth: FloatImage, wish: Wish) -> Light:
    """Another hour's light, snow on what faces up, and air that thickens with distance."""
    setting = _PLAIN
    for effects, emphasis in wish.effects:
        setting = pushed(setting, effects, emphasis)
    if setting == _PLAIN:
        return light
    now = np.asarray(setting.sunlight) * 0.6 + np.asarray(setting.skylight)
    before = np.asarray(_PLAIN.sunlight) * 0.6 + np.asarray(_PLAIN.skylight)
    sky = scipy.ndimage.gaussian_filter((depth < _NEAREST).astype(np.float64), 1.0)[..., None]
    above = np.linspace(1, 0, depth.shape[0])[:, None, None]
    ratio = linear_light(setting.zenith) * above + linear_light(setting.horizon) * (1 - above)
    plain = linear_light(_PLAIN.zenith) * above + linear_light(_PLAIN.horizon) * (1 - above)
    ratio = np.minimum(ratio / plain, 1.15)
    lit = light * ((1 - sky) * (now / before) + sky * ratio)
    if setting.snow > 0:
        lit = _snowed(lit, depth, setting.snow)
    far = 1 / np.maximum(depth.astype(np.float64), _NEAREST) - 1
    haze = 1 - np.exp(-_AIR * max(setting.haze - _PLAIN.haze, 0.0) * far / 12)
    fade = linear_light(setting.fade or setting.horizon)
    return np.asarray(lit + haze[..., None] * (fade - lit))


def _snowed(light: Light, depth: FloatImage, amount: float) -> Light:
    """White where a surface faces up: where depth falls off upwards, its light and dark kept."""
    smooth = scipy.ndimage.gaussian_filter(depth.astype(np.float64), 0.004 * depth.shape[0] + 0.5)
    near = 1 / np.maximum(smooth, _NEAREST)
    rise = -np.gradient(near, axis=0) / near  # farther above: a floor
    across = np.abs(np.gradient(near, axis=1)) / near
    up = np.clip((rise - 0.5 * across) * depth.shape[0] / 2.2, 0, 1) * (depth >= _NEAREST)
    tone = (light @ _LUMA)[..., None]
    usual = max(float(np.percentile(tone, 80)), 0.05)
    white = (
        (0.42 + 0.36 * np.clip(tone / usual, 0, 1))
        * np.array([0.95, 0.98, 1.03])
        * min(usual / 0.45, 1.1)
    )
    cover = amount * scipy.ndimage.gaussian_filter(up, 0.8)[..., None]
    return np.asarray(light + cover * (white - light))


def _with_things(light: Light, wish: Wish, seed: int) -> tuple[Light, dict[str, FloatImage]]:
    """Things stood in the picture: lit to fit, their shadows on the ground, their rims settled."""
    height, width = light.shape[:2]
    bare = Wish(wish.things, "heath", furnishing=0.0, camera=wish.camera, fills=wish.fills)
    scene = compose(bare, seed=seed, aspect=width / height)
    drawn = draw_scene(scene.things, scene.setting, scene.eye.camera(), (width, height), seed)
    things = drawn.labels >= _LANDS
    out = light * _shadow(drawn, things)[..., None]
    colour = decode_srgb(drawn.picture.astype(np.float64) / 255)
    around = scipy.ndimage.binary_dilation(things, iterations=max(height // 20, 2)) & ~things
    if things.any() and around.any():
        gain = float((light[around] @ _LUMA).mean()) / max(
            float((colour[around] @ _LUMA).mean()), 0.02
        )
        colour *= float(np.clip(gain, 0.55, 1.5))
    soft = scipy.ndimage.gaussian_filter(things.astype(np.float64), 0.6)[..., None]
    soft = np.where(things[..., None], np.maximum(soft, 0.6), soft * 0.4)
    names = [n for n in dict.fromkeys(t.name for t in scene.things) if n in drawn.names]
    masks = {n: np.asarray(drawn.labels == drawn.names.index(n), np.float32) for n in names}
    return out + soft * (colour - out), {n: m for n, m in masks.items() if m.any()}


_LANDS = 6  # names of land come first among the labels


def _shadow(drawn: Drawn, things: npt.NDArray[np.bool_]) -> Light:
    """What the ground loses of its light near things, 1 for nothing."""
    ground = np.isin(drawn.labels, [drawn.names.index(n) for n in ("ground", "road", "rails")])
    tone = scipy.ndimage.gaussian_filter(drawn.picture.astype(np.float64).mean(2), 1.0) / 255
    usual = float(np.median(tone[ground])) if ground.any() else 1.0
    lost = np.where(ground, np.clip(tone / max(usual, 0.05), 0.35, 1.0), 1.0)
    reach = scipy.ndimage.distance_transform_edt(~things) / (0.5 * things.shape[0])
    near = np.clip(1.2 - reach, 0, 1)
    return np.asarray(1 - near * (1 - np.where(lost < 0.8, lost, 1.0)))
