"""Picks in the prompt's words: of a drawn scene exactly, of another picture by their looks."""

from collections.abc import Callable, Mapping

import numpy as np

from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.resample import cover
from overlay.regions.likeness import find_alike
from overlay.regions.pick_words import read_pick
from overlay.regions.picks import Clues, PickStroke, pick_area
from overlay.studio.inputs.drawn_parts import find_part, part_names
from overlay.studio.making.taught import TaughtLooks
from overlay.words.areas import Area, read_areas

Look = Callable[[str], Clues | None]  # what a plain pick needs besides the picture


def is_worded(pick: str) -> bool:
    """Whether a pick is said in words rather than in one of the plain forms."""
    try:
        read_pick(pick)
    except ValueError:
        return True
    return False


def pick_words(
    picture: ByteImage,
    text: str,
    *,
    known: Mapping[str, FloatImage] | None = None,
    source: str | None = None,
    clues: Look = lambda _: None,
    strokes: list[PickStroke] | None = None,
    taught: TaughtLooks | None = None,
) -> FloatImage:
    """Find what words mean, (H, W) float32 in 0..1; nothing where it is not there.

    Parameters
    ----------
    known : masks of what words have drawn, or set into the source, by name.
    source : the file of the picture, beside which a map of its parts may lie.
    taught : what taught words look like.

    Raises
    ------
    ValueError, PictureError
        For words that are not known, and pictures of taught ones that cannot be read.
    """
    mask = np.zeros(picture.shape[:2], np.float32)
    lexicon = None if taught is None else taught.lexicon
    for area in read_areas(text, lexicon):
        found = _known(area, picture, known or {}, source)
        alike = None if taught is None or found is not None else taught.find(area.names)
        if alike is not None:
            found = find_alike(picture, alike, strokes or [])
        if found is None:
            found = _by_looks(area, picture, clues, strokes or [])
        elif area.colour:
            found = found * pick_area(picture, area.colour)
        mask = np.maximum(mask, found * _side(area.side, picture.shape[1]))
    return mask


def _known(
    area: Area, picture: ByteImage, known: Mapping[str, FloatImage], source: str | None
) -> FloatImage | None:
    """The mask of what is known by name, none if nothing is called so."""
    for name in area.names:
        if name in known:
            return known[name]
        if source is not None and name in part_names(source):
            part = find_part(source, name)
            return part if part.shape == picture.shape[:2] else _fitted(part, picture)
    return None


def _fitted(part: FloatImage, picture: ByteImage) -> FloatImage:
    return np.asarray(cover(part, *picture.shape[:2]), np.float32).clip(0, 1)


def _by_looks(area: Area, picture: ByteImage, clues: Look, strokes: list[PickStroke]) -> FloatImage:
    """What the picture alone can tell; nothing of a thing that only its name would find."""
    plain = area.plain or (area.colour if not area.names else "")
    if not plain:
        return np.zeros(picture.shape[:2], np.float32)
    found = pick_area(picture, plain, clues=clues(plain), strokes=strokes)
    return found * pick_area(picture, area.colour) if area.plain and area.colour else found


def _side(side: str, width: int) -> FloatImage:
    """(1, W): the half or the middle that was said, everything if none was."""
    x = (np.arange(width, dtype=np.float32) + 0.5) / width
    inside = {"left": x < 0.5, "right": x >= 0.5, "centre": np.abs(x - 0.5) < 0.25}
    return np.asarray(inside.get(side, np.ones(width)), np.float32)[None]
