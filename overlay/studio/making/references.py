"""A reference as its cue takes it: cut, prepared, bent, kept out of, with its depth."""

import numpy as np

from overlay.document.cues import Cue, GuideCue, ReferenceCue, cues_of
from overlay.document.text.json_text import RecipeError
from overlay.engine.request import BoolMask
from overlay.guides.depth import estimate_depth, even_depth
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.prepare import prepare
from overlay.regions.strokes import draw_strokes
from overlay.studio.inputs.digests import picture_stamp
from overlay.studio.inputs.pictures import PictureStore


def reference_picture(cue: ReferenceCue, store: PictureStore) -> tuple[ByteImage, tuple[int, int]]:
    """A reference cut to the take area and prepared.

    Returns
    -------
    The picture, and where its first pixel (x, y) lies in the file.
    """
    whole = store.picture(cue.reference)
    left, top, right, bottom = _take_box(cue, *whole.shape[:2])
    picture = whole[top:bottom, left:right]
    if picture.shape[0] < 2:
        # One row would be taken for swatches.
        picture = np.repeat(picture, 2, axis=0)
    return prepare(picture, sharpen=cue.sharpen, levels=cue.levels), (left, top)


def _take_box(cue: ReferenceCue, height: int, width: int) -> tuple[int, int, int, int]:
    left, top, right, bottom = cue.take
    x, y = min(int(left * width), width - 1), min(int(top * height), height - 1)
    return x, y, max(x + 1, round(right * width)), max(y + 1, round(bottom * height))


def allowed_part(cue: ReferenceCue, picture: ByteImage, store: PictureStore) -> BoolMask | None:
    """Where a taken picture may be used; None for everywhere.

    Raises
    ------
    RecipeError
        If nothing of it is left.
    """
    if not cue.keep_out:
        return None
    height, width = store.picture(cue.reference).shape[:2]
    strokes = [(stroke.points, stroke.size) for stroke in cue.keep_out]
    left, top, right, bottom = _take_box(cue, height, width)
    allowed = np.asarray(draw_strokes(strokes, height, width) < 0.5)[top:bottom, left:right]
    if len(allowed) < len(picture):
        allowed = np.repeat(allowed, 2, axis=0)
    if not allowed.any():
        raise RecipeError(
            f"cue {cue.name!r}: keep_out: must leave some of the picture, got none left"
        )
    return allowed


def bending_pose(cue: ReferenceCue, heard: list[Cue]) -> GuideCue | None:
    """The pose that bends a cue's likeness: one that is made of the same picture."""
    if cue.active_facets.likeness == 0:
        return None
    poses = (guide for guide in cues_of(heard, GuideCue) if guide.guide == "pose")
    return next((pose for pose in poses if pose.of == cue.reference), None)


def wants_depth(cue: ReferenceCue, heard: list[Cue]) -> bool:
    """Whether a guide wants its near parts in near places, or smaller marks far."""
    depths = [guide.settings for guide in cues_of(heard, GuideCue) if guide.guide == "depth"]
    heeded = any(max(s.agreement, s.receding) > 0 for s in depths)
    return heeded and cue.active_facets.surface > 0


def reference_depth(cue: ReferenceCue, picture: ByteImage, store: PictureStore) -> FloatImage:
    """How near the parts of a taken picture lie, (H, W) float32, 1 is near."""
    key = ("nearness", *picture_stamp(cue.reference), str(cue.take), str(cue.levels))
    made = store.made(key, lambda: even_depth(estimate_depth(picture)))
    return np.asarray(made, np.float32)
