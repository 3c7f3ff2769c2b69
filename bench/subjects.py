"""What is measured: requests over the demo's own drawings, at any size."""

from functools import cache

import numpy as np

from overlay.engine.request import Facets, GuideCue, Request, StyleCue
from overlay.guides.edges import EdgeOptions, contour_reach, lightness_of
from overlay.imaging.colour import ByteImage
from overlay.scenery.manners import draw_manner
from overlay.scenery.scenes import draw_scene
from overlay.studio.making.canvas import fit_picture


@cache
def source(width: int, height: int) -> ByteImage:
    """The windmill at a size."""
    return fit_picture(_drawn(), width, height)


@cache
def _drawn() -> ByteImage:
    return draw_scene("windmill", 768, 512, smooth=False).picture


@cache
def reference(name: str) -> ByteImage:
    """A manner at 640x480."""
    return draw_manner(name)


def standard(
    width: int = 768,
    height: int = 512,
    manners: tuple[str, ...] = ("felt",),
    departure: float = 0.75,
) -> Request:
    """The design's yardstick: 16 steps, edges at 0.5, and as many references as are named."""
    picture, options = source(width, height), EdgeOptions()
    guide = GuideCue(
        "edges", contour_reach(picture, options), lightness_of(picture), options.sigma, 0.5
    )
    styles = tuple(StyleCue(m, reference(m), Facets(1, 1, 1)) for m in manners)
    return Request(width, height, 7, 16, departure, picture, styles, (guide,))


def pixels(request: Request) -> int:
    """Area of a request."""
    return int(np.prod([request.width, request.height]))
