"""The setting of a scene: land, water, walls, sky and light, as plain figures a table can give."""

from collections.abc import Mapping
from dataclasses import dataclass, fields, replace
from enum import IntEnum
from typing import Any, NamedTuple

import numpy as np
import numpy.typing as npt

from overlay.imaging.colour import encode_srgb
from overlay.scenery.solids import linear_light

Numbers = npt.NDArray[np.float64]
NOWHERE = 1e6  # farther than anything seen


class Floor(IntEnum):
    """What the ground is made of; the pattern of its two colours."""

    grass = 0
    sand = 1
    snow = 2
    boards = 3
    slabs = 4
    leaves = 5
    cloth = 6
    cobbles = 7
    tiles = 8


@dataclass(frozen=True)
class Setting:
    """A setting; a clear morning in a meadow unless said.

    Colours are `#rrggbb`, lights three numbers of linear light, lengths metres.

    Attributes
    ----------
    sun : where it stands. glow : light around it. disc : 1 where it is seen. moon : where it
    stands, none with a length of 0. cloud, stars : how many, 0 and up.
    floor, first, second : the ground and its colours; grain : metres of its pattern.
    ridges, rise, ridge, cap : how many lines of hills, how high, of what colour, 1 with snow.
    near, far, slant : between which distances water lies, and by how many degrees it runs across.
    waves, deep : of the water. wall, side, wall_colour, window : of a room; `window` is 1
    with one at the left, 2 in the back wall, 3 where all walls are of glass.
    haze : how soon the far fades, per hundred metres. fade : what it fades to, if not the horizon.
    snow, lamps : 0..1. soft : how sharp shadows are. bump : of the ground.
    path : metres from the eye to the middle of the scene where a path winds into the distance, 0
    where none does; `path_colour`. track : 1 where rails lie on the path. aurora : how bright
    curtains of light hang in the sky.
    """

    sun: tuple[float, float, float] = (-0.55, 0.55, -0.5)
    sunlight: tuple[float, float, float] = (2.4, 2.1, 1.65)
    skylight: tuple[float, float, float] = (0.42, 0.52, 0.72)
    zenith: str = "#4f86c0"
    horizon: str = "#c3d7e2"
    glow: float = 0.3
    glow_colour: str = "#ffe6b0"
    disc: float = 0.0
    moon: tuple[float, float, float] = (0.0, 0.0, 0.0)
    cloud: float = 0.8
    stars: float = 0.0
    floor: Floor = Floor.grass
    first: str = "#6f8a3c"
    second: str = "#8f9a4e"
    grain: float = 1.0
    ridges: int = 3
    rise: float = 1.0
    ridge: str = "#5d7245"
    cap: float = 0.0
    near: float = NOWHERE
    far: float = NOWHERE
    slant: float = 0.0
    waves: float = 1.0
    deep: str = "#20484f"
    wall: float = NOWHERE
    side: float = NOWHERE
    wall_colour: str = "#c9bda6"
    window: float = 0.0
    haze: float = 0.45
    fade: str = ""
    snow: float = 0.0
    lamps: float = 0.0
    soft: float = 13.0
    bump: float = 0.25
    path: float = 0.0
    path_colour: str = "#b09a78"
    track: float = 0.0
    aurora: float = 0.0


class Stage(NamedTuple):
    """A setting as numbers for the kernels; colours and light linear, see `Setting`."""

    sun: Numbers
    sunlight: Numbers
    skylight: Numbers
    zenith: Numbers
    horizon: Numbers
    glow: Numbers  # its light
    moon: Numbers  # direction and strength
    fade: Numbers
    first: Numbers
    second: Numbers
    ridge: Numbers
    deep: Numbers
    wall_colour: Numbers
    path_colour: Numbers
    air: Numbers  # disc, cloud, stars, seed, haze per metre, soft, snow, lamps, aurora
    land: Numbers  # floor, grain, ridges, rise, cap, bump, path, track
    water: Numbers  # near, far, cosine and sine of the slant, waves
    room: Numbers  # wall, side, window


def as_stage(setting: Setting, seed: int) -> Stage:
    """Numbers of a setting; `seed` moves clouds, stars and hills."""
    s = setting
    slant, place = np.radians(s.slant), seed % 97 + 0.37  # of clouds and hills in their noise
    up = np.asarray(s.moon, np.float64)
    length = float(np.linalg.norm(up))
    moon = np.append(up / (length or 1.0), float(length > 0))
    return Stage(
        _direction(s.sun), np.array(s.sunlight), np.array(s.skylight),
        linear_light(s.zenith), linear_light(s.horizon), s.glow * linear_light(s.glow_colour), moon,
        linear_light(s.fade or s.horizon), linear_light(s.first), linear_light(s.second),
        linear_light(s.ridge), linear_light(s.deep), linear_light(s.wall_colour),
        linear_light(s.path_colour),
        np.array([s.disc, s.cloud, s.stars, place, s.haze / 100, s.soft, s.snow, s.lamps,
                  s.aurora]),
        np.array([s.floor, s.grain, s.ridges, s.rise, s.cap, s.bump, s.path,
                  s.track], np.float64),
        np.array([s.near, s.far, np.cos(slant), np.sin(slant), s.waves]),
        np.array([s.wall, s.side, s.window]),
    )  # fmt: skip


def _direction(towards: tuple[float, float, float]) -> Numbers:
    v = np.asarray(towards, np.float64)
    return v / np.linalg.norm(v)


_FARTHEST = 1.5  # how far beyond what it says an emphasis carries an effect
_KINDS: dict[str, type] = {field.name: type(field.default) for field in fields(Setting)}


def read_effects(text: str) -> dict[str, Any]:
    """Changes to a setting, by keys with signs: `key=value`, `key*factor`, `key~#colour:share`.

    Raises `ValueError` that names what is wrong.
    """
    found: dict[str, Any] = {}
    for pair in text.split():
        at = next((i for i, c in enumerate(pair) if c in "=*~"), 0)
        key, sign, value = pair[:at], pair[at : at + 1], pair[at + 1 :]
        if key not in _KINDS or not value:
            raise ValueError(f"effect: must be one of {', '.join(_KINDS)}, got {pair!r}")
        found[key + sign] = _value(key, sign, value)
    return found


def _value(key: str, sign: str, text: str) -> Any:
    if sign == "*":
        return float(text)
    if sign == "~":
        colour, _, share = text.partition(":")
        return colour, float(share)
    kind = _KINDS[key]
    if kind is tuple:
        return tuple(float(v) for v in text.split(";"))
    if kind is Floor:
        return Floor[text]
    return text if kind is str else int(text) if kind is int else float(text)


def changed(setting: Setting, effects: Mapping[str, Any]) -> Setting:
    """A setting with effects, in their order."""
    for signed, value in effects.items():
        key, sign = signed[:-1], signed[-1]
        old = getattr(setting, key)
        new = value
        if sign == "*":
            new = tuple(value * v for v in old) if isinstance(old, tuple) else value * old
        elif sign == "~":
            new = mixed(old, *value)
        setting = replace(setting, **{key: new})
    return setting


def pushed(setting: Setting, effects: Mapping[str, Any], emphasis: float) -> Setting:
    """A setting with effects, as far as they are emphasised: 0 is not at all, 1 as they say.

    Numbers and colours go part of the way, or a little beyond it; what is one or the other turns at
    the half.
    """
    whole = changed(setting, effects)
    if emphasis == 1:
        return whole
    share = min(emphasis, _FARTHEST)
    keys = {signed[:-1] for signed in effects}
    return replace(
        setting, **{k: _part_way(getattr(setting, k), getattr(whole, k), share) for k in keys}
    )


def _part_way(old: Any, new: Any, share: float) -> Any:
    if isinstance(new, tuple):
        return tuple(_part_way(o, n, share) for o, n in zip(old, new, strict=True))
    if isinstance(new, float):
        between = old + share * (new - old)
        return max(between, 0.0) if min(old, new) >= 0 else between
    if isinstance(new, str) and new.startswith("#") and old.startswith("#"):
        return mixed(old, new, min(share, 1.0))
    return new if share >= 0.5 else old


def mixed(colour: str, other: str, share: float) -> str:
    """A share of another colour of the same lightness range, mixed in linear light."""
    light = (1 - share) * linear_light(colour) + share * linear_light(other)
    r, g, b = (encode_srgb(light) * 255 + 0.5).astype(int)
    return f"#{r:02x}{g:02x}{b:02x}"
