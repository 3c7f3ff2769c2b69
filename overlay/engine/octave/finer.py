"""References at a finer size than a run used them: from the artist's picture where it has more."""

from functools import partial
from math import ceil

import numpy as np

from overlay.engine.kept import content_key, keep
from overlay.engine.library import barred_patches, work_at_most
from overlay.engine.matching.atlas import Atlas, Leaf, build_atlas
from overlay.engine.matching.keys import PATCH
from overlay.engine.matching.ways import Way
from overlay.engine.record import Trace
from overlay.engine.request import StyleCue
from overlay.enlarging.faithful import MOST_FACTOR, enlarge
from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work
from overlay.imaging.resample import resize

# Pixels of all pages together: beyond, there is no room for them beside a large proof.
MOST_PAGES = 48_000_000


def used_size(cue: StyleCue, trace: Trace, place: int) -> tuple[int, int]:
    """(height, width) of a reference as the run used it."""
    scale = trace.scales[place]
    height, width = (round(side / scale) for side in cue.picture.shape[:2])
    return max(height, PATCH), max(width, PATCH)


def fits(ways: list[Way], sizes: dict[int, tuple[int, int]], factor: float) -> bool:
    """Whether there is room for all pages at `factor` times the size they were used at."""
    area = sum(sizes[way.cue][0] * sizes[way.cue][1] for way in ways)
    return area * factor**2 <= MOST_PAGES


def finer_atlas(
    styles: tuple[StyleCue, ...], ways: list[Way], sizes: dict[int, tuple[int, int]], factor: float
) -> Atlas:
    """Pages of the references that were used, `factor` times as large."""
    leaves = []
    for place in dict.fromkeys(way.cue for way in ways):
        original, size = styles[place].picture, sizes[place]
        key = ("finer", content_key(original), size, factor)
        picture = keep(key, partial(_finer, original, size, factor))
        turns = tuple((way.turn, way.mirrored) for way in ways if way.cue == place)
        traits = np.zeros((*picture.shape[:2], 0), np.float32)
        barred = barred_patches(styles[place], picture.shape)
        leaves.append(Leaf(picture, turns, barred, traits))
    return build_atlas(tuple(leaves))


def _finer(picture: ByteImage, size: tuple[int, int], factor: float) -> FloatImage:
    """A reference in the working space, `factor` times as large as it was used."""
    height, width = (ceil(side * factor) for side in size)
    larger = max(height / picture.shape[0], width / picture.shape[1])
    if larger > 1:
        least = min(larger, MOST_FACTOR)
        tall, wide = (ceil(side * least) for side in picture.shape[:2])
        picture = enlarge(picture, tall, wide)
    if picture.shape[:2] == (height, width):
        return srgb_to_work(picture)
    return resize(work_at_most(picture, height * width), height, width)
