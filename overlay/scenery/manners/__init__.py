"""Manners: ways of making a picture, each shown on an invented land, to serve as references."""

from collections.abc import Callable

from overlay.imaging.colour import ByteImage
from overlay.scenery.manners.dot_print import draw_dot_print
from overlay.scenery.manners.felt import draw_felt
from overlay.scenery.manners.glazed_tile import draw_glazed_tile
from overlay.scenery.manners.gouache import draw_gouache
from overlay.scenery.manners.lino_cut import draw_lino_cut
from overlay.scenery.manners.weave import draw_weave

MANNERS: dict[str, Callable[[int, int], ByteImage]] = {
    "glazed tile": draw_glazed_tile,
    "lino cut": draw_lino_cut,
    "felt": draw_felt,
    "gouache": draw_gouache,
    "dot print": draw_dot_print,
    "weave": draw_weave,
}


def draw_manner(name: str, width: int = 640, height: int = 480) -> ByteImage:
    """Draw the sample picture of a manner: (height, width, 3) uint8 sRGB.

    Raises
    ------
    ValueError
        If `name` is not one of `MANNERS`.
    """
    if name not in MANNERS:
        raise ValueError(f"a manner must be one of {', '.join(MANNERS)}, got {name!r}")
    return MANNERS[name](width, height)
