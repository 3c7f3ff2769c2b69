"""A picture in phrases that the prompt understands back, by focus."""

from collections.abc import Callable, Collection

import numpy as np

from overlay.imaging.colour import ByteImage, srgb_to_work
from overlay.imaging.resample import resize
from overlay.words.describing.arrangement import arrangement_of
from overlay.words.describing.colours import palette_of
from overlay.words.describing.light import light_of
from overlay.words.describing.places import place_of
from overlay.words.describing.surface import surface_of
from overlay.words.describing.views import View

_ROWS = 192
FOCUSES: dict[str, Callable[[View], list[str]]] = {
    "manner": surface_of,
    "palette": palette_of,
    "light": light_of,
    "composition": arrangement_of,
    "place": place_of,
}


def describe(picture: ByteImage, focus: Collection[str] = tuple(FOCUSES)) -> dict[str, list[str]]:
    """Say in phrases what a picture is like.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    focus : of `FOCUSES`; others raise `ValueError`.
    """
    for wanted in focus:
        if wanted not in FOCUSES:
            raise ValueError(f"focus must be one of {', '.join(FOCUSES)}, got {wanted!r}")
    view = _view(picture)
    return {name: FOCUSES[name](view) for name in FOCUSES if name in focus}


def _view(picture: ByteImage) -> View:
    height, width = picture.shape[:2]
    rows = min(_ROWS, height)
    small = resize(srgb_to_work(picture), rows, max(round(width * rows / height), 8))
    lab = np.asarray(small, np.float64) * [1, 0.5, 0.5]
    lab[..., 0] += 0.5
    return View(lab, np.asarray(small, np.float32), picture)
