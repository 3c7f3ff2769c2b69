"""Small pictures that tests share, drawn here or by the scenery, each made once."""

import os
from collections.abc import Callable
from functools import cache, wraps
from inspect import signature
from pathlib import Path

import numpy as np
from scipy import ndimage

from overlay.engine.request import Facets, GuideCue, Request, StyleCue
from overlay.guides.edges import EdgeOptions, contour_reach, lightness_of
from overlay.imaging.whole_files import write_whole
from overlay.scenery.manners import draw_manner
from overlay.scenery.scenes import Drawn, draw_scene, label_names, stage_of

WIDTH, HEIGHT = 192, 128


@cache
def blobs(seed: int = 1, width: int = WIDTH, height: int = HEIGHT) -> np.ndarray:
    """Soft coloured blobs with some sharp edges, (height, width, 3) uint8."""
    rng = np.random.default_rng(seed)
    fields = ndimage.gaussian_filter(rng.standard_normal((height, width, 3)), (9, 9, 0))
    fields = (fields - fields.min()) / (fields.max() - fields.min())
    steps = np.round(fields[..., :1] * 4) / 4
    return ((0.5 * fields + 0.5 * steps) * 255).astype(np.uint8)


@cache
def stripes(period: int = 6, width: int = 160, height: int = 120) -> np.ndarray:
    """Slanting stripes in two warm colours with a little grain."""
    y, x = np.mgrid[0:height, 0:width]
    wave = (np.sin(2 * np.pi * (x + 0.5 * y) / period) > 0)[..., None]
    grain = np.random.default_rng(3).normal(0, 6, (height, width, 1))
    return np.clip(np.where(wave, (196, 84, 40), (246, 226, 180)) + grain, 0, 255).astype(np.uint8)


def _kept(draw: Callable[..., np.ndarray]) -> Callable[..., np.ndarray]:
    """Draws each picture once, for all processes and for the next run of all tests."""

    @cache
    def drawn(*how: str | int) -> np.ndarray:
        home = os.environ.get("OVERLAY_TEST_PICTURES")
        if home is None:
            return draw(*how)
        path = Path(home) / f"{draw.__name__} {' '.join(map(str, how))}.npy"
        if not path.exists():
            picture = draw(*how)
            write_whole(path, lambda file: np.save(file, picture))
        return np.load(path)

    @wraps(draw)
    def with_defaults(*args: str | int, **keys: str | int) -> np.ndarray:
        call = signature(draw).bind(*args, **keys)
        call.apply_defaults()
        return drawn(*call.args)

    return with_defaults


@_kept
def scene(name: str = "windmill", width: int = WIDTH, height: int = HEIGHT) -> np.ndarray:
    """A drawn scene, small."""
    return draw_scene(name, width, height, smooth=False).picture


@_kept
def _layers(name: str, width: int, height: int) -> np.ndarray:
    """A drawn scene's picture, depth and labels behind each other, (height, width, 5)."""
    drawn = draw_scene(name, width, height, smooth=False)
    return np.dstack((drawn.picture.astype(np.float64), drawn.depth, drawn.labels))


def drawn_scene(name: str, width: int, height: int) -> Drawn:
    """A drawn scene with its depth and labels."""
    layers = _layers(name, width, height)
    picture, depth = layers[..., :3].astype(np.uint8), layers[..., 3].astype(np.float32)
    return Drawn(picture, depth, layers[..., 4].astype(np.int64), label_names(stage_of(name)))


@_kept
def manner(name: str = "gouache", width: int = 240, height: int = 180) -> np.ndarray:
    """A drawn manner, small."""
    return draw_manner(name, width, height)


def style(picture: np.ndarray | None = None, name: str = "style", **keys) -> StyleCue:
    """A style cue of all facets, unless they are given."""
    keys.setdefault("facets", Facets(1, 1, 1))
    return StyleCue(name, manner() if picture is None else picture, **keys)


def edges(picture: np.ndarray, **keys) -> GuideCue:
    """An edge guide of a picture."""
    options = EdgeOptions()
    strength = contour_reach(picture, options)
    return GuideCue("contours", strength, lightness_of(picture), options.sigma, **keys)


def request(source: np.ndarray | None = None, **keys) -> Request:
    """A small request over a drawn scene with one style."""
    source = scene() if source is None else source
    keys.setdefault("styles", (style(),))
    keys.setdefault("seed", 7)
    return Request(source.shape[1], source.shape[0], source=source, **keys)
