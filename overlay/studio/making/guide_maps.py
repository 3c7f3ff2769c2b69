"""From a guide's cue to its map: made once, corrected by hand, shown, and handed to the engine."""

from dataclasses import dataclass
from typing import Any

import numpy as np

from overlay.document.cues import BLANK, GuideCue
from overlay.document.strokes import MapStroke
from overlay.document.text.json_text import RecipeError
from overlay.engine.kept import keep
from overlay.guides.blocks import BlockOptions, extract_blocks, show_blocks
from overlay.guides.depth import (
    DepthOptions,
    DepthStroke,
    correct_depth,
    estimate_depth,
    even_depth,
    occlusion_edges,
)
from overlay.guides.edges import EdgeOptions, contour_reach, extract_edges, lightness_of, widen
from overlay.guides.lines import LineOptions, extract_lines, recognise_drawing
from overlay.guides.outline import OutlineOptions, extract_outline, outline_lightness
from overlay.guides.pose import bend
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.resample import cover
from overlay.regions.strokes import Cover, cover_line, cover_outline
from overlay.studio.inputs.digests import picture_stamp
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.canvas import Canvas, fit_picture

_LINE = 0.35  # of a map, from which a pixel belongs to a line
_INK = 0.55  # contrast of a drawn line against what is beside it, working space


@dataclass(frozen=True)
class GuideParts:
    """What the engine takes of a guide, see `engine.request.GuideCue`."""

    strength: FloatImage
    lightness: FloatImage
    sigma: float
    masses: FloatImage | None = None
    hard: bool = False
    coloured: bool = False
    depth: FloatImage | None = None
    agreement: float = 0.0
    receding: float = 0.0


def guide_picture(cue: GuideCue, store: PictureStore, canvas: Canvas) -> ByteImage | None:
    """The picture a guide's map is made from, on the canvas, bent where it is a pose.

    None for a ready map, for one to draw on, and for a source that is not there.
    """
    if cue.map is not None or cue.of == BLANK:
        return None
    picture = canvas.picture
    if cue.of != "source":
        picture = fit_picture(store.picture(cue.of), canvas.width, canvas.height)
    if picture is None or cue.guide != "pose":
        return picture
    return bend_picture(picture, cue.settings)


def bend_picture(picture: ByteImage, settings: Any) -> ByteImage:
    """A picture bent by a pose's joints; locked ones stay where they are."""
    joints = np.array([joint.at for joint in settings.joints], float).reshape(-1, 2)
    targets = np.array([j.at if j.locked else j.to for j in settings.joints], float)
    return bend(picture, joints, targets.reshape(-1, 2))


def make_map(cue: GuideCue, store: PictureStore, canvas: Canvas) -> FloatImage | ByteImage:
    """A guide's map as it is shown and exported; kept, so that it is never made twice.

    Returns
    -------
    (H, W) float32 in 0..1, 1 on lines or near; for blocks (H, W, 3) uint8 sRGB.

    Raises
    ------
    RecipeError, PictureError
        If there is nothing to make it from.
    """
    return store.made(("map", *map_key(cue, canvas)), lambda: _make_map(cue, store, canvas))


def make_parts(cue: GuideCue, store: PictureStore, canvas: Canvas) -> GuideParts:
    """What the engine takes of a guide; kept while map, options and source stay the same."""
    key = ("parts", map_key(cue, canvas), cue.settings.model_dump_json(), canvas.stamp)
    return keep(key, lambda: _make_parts(cue, store, canvas))


def _make_parts(cue: GuideCue, store: PictureStore, canvas: Canvas) -> GuideParts:
    picture = guide_picture(cue, store, canvas)
    if cue.guide == "blocks":
        blocks = _blocks(cue, store, canvas)
        empty = np.zeros((canvas.height, canvas.width), np.float32)
        s = cue.settings
        return GuideParts(empty, empty, 1.0, blocks, s.hard, s.colour)
    shown = np.asarray(make_map(cue, store, canvas), np.float32)
    if cue.guide == "depth":
        steps = occlusion_edges(shown)
        lightness = shown - 0.5 if picture is None else lightness_of(picture)
        return GuideParts(
            widen(steps > 0.12, 1.5),
            lightness,
            1.5,
            depth=even_depth(shown),
            agreement=cue.settings.agreement,
            receding=cue.settings.receding,
        )
    if cue.guide == "outline" and picture is not None and not cue.strokes:
        return GuideParts(shown, outline_lightness(picture), 2.0)
    return _line_parts(cue, shown, picture, canvas)


# Maps ----------------------------------------------------------------------------------------


def map_key(cue: GuideCue, canvas: Canvas) -> tuple[str, ...]:
    """Everything a map depends on."""
    stamps: tuple[str, ...] = ()
    if cue.map is not None:
        stamps = tuple(picture_stamp(cue.map))
    elif cue.of != BLANK:
        stamps = canvas.stamp if cue.of == "source" else tuple(picture_stamp(cue.of))
    strokes = "".join(stroke.model_dump_json() for stroke in cue.strokes)
    made_of = cue.of if cue.map is None else "map"
    size = f"{canvas.width}x{canvas.height}"
    settings = cue.settings.model_dump_json(exclude={"agreement", "receding"})  # they act in runs
    return (cue.guide, made_of, size, settings, strokes, *stamps)


def _make_map(cue: GuideCue, store: PictureStore, canvas: Canvas) -> FloatImage | ByteImage:
    s = cue.settings
    if cue.guide == "blocks":
        return show_blocks(_blocks(cue, store, canvas), canvas.height, canvas.width, hard=s.hard)
    picture = guide_picture(cue, store, canvas)
    if cue.map is not None:
        found = cover(store.grey(cue.map), canvas.height, canvas.width).clip(0, 1)
        found = 1 - found if s.invert else found
    elif cue.of == BLANK:
        found = np.zeros((canvas.height, canvas.width), np.float32)
    elif picture is None:
        raise RecipeError(f"cue {cue.name!r}: of: there is no source to make the map from")
    elif cue.guide == "depth" and cue.of == "source" and canvas.words is not None:
        found = canvas.words.depth  # of what words have drawn it is known
        found = 1 - found if s.invert else found
    else:
        found = _extracted(cue, picture)
    if cue.guide == "depth":
        beneath = _beneath(picture, canvas)
        return _near_and_far(found, beneath, cue.strokes)
    return _drawn_over(found, cue.strokes)


def _extracted(cue: GuideCue, picture: ByteImage) -> FloatImage:
    s = cue.settings
    if cue.guide == "depth":
        return estimate_depth(picture, DepthOptions(s.ground, s.haze, s.flat_sky, s.invert))
    if cue.guide == "lines":
        options = LineOptions(s.thickness, s.cleaning, s.strength, s.invert)
        return extract_lines(picture, options)
    if cue.guide == "outline":
        found = extract_outline(picture, OutlineOptions(s.detail, s.softness))
    else:
        found = extract_edges(picture, EdgeOptions(s.low, s.high, s.sigma))
    return 1 - found if s.invert else found


def _blocks(cue: GuideCue, store: PictureStore, canvas: Canvas) -> FloatImage:
    s = cue.settings
    if cue.map is not None:
        picture: ByteImage | None = fit_picture(store.picture(cue.map), canvas.width, canvas.height)
    else:
        picture = guide_picture(cue, store, canvas)
    if picture is None:
        raise RecipeError(f"cue {cue.name!r}: of: there is no picture to make the blocks from")
    return extract_blocks(picture, BlockOptions(s.cells, s.hard, s.colour))


# Strokes -------------------------------------------------------------------------------------


def stroke_cover(stroke: MapStroke, height: int, width: int, *, soft: float = 0.0) -> Cover:
    """What a stroke covers of a picture of this size."""
    if stroke.fill:
        return cover_outline(stroke.points, height, width)
    return cover_line(stroke.points, stroke.size, stroke.pressures, height, width, soft=soft)


def _drawn_over(found: FloatImage, strokes: tuple[MapStroke, ...]) -> FloatImage:
    out = np.array(found, np.float32)
    for stroke in strokes:
        stroke_cover(stroke, *found.shape).lay(out, stroke.value)
    return out


def _near_and_far(
    depth: FloatImage, picture: ByteImage, strokes: tuple[MapStroke, ...]
) -> FloatImage:
    shape = depth.shape
    # One at a time: a thousand masks of a large picture would not fit into memory.
    masks = (DepthStroke(stroke_cover(s, *shape).whole(*shape) > 0.5, s.value) for s in strokes)
    return correct_depth(depth, picture, masks)


def _beneath(picture: ByteImage | None, canvas: Canvas) -> ByteImage:
    """The picture whose edges strokes spread along; plain where there is none."""
    if picture is not None:
        return picture
    if canvas.picture is not None:
        return canvas.picture
    return np.full((canvas.height, canvas.width, 3), 128, np.uint8)


# Parts ---------------------------------------------------------------------------------------


def _line_parts(
    cue: GuideCue, shown: FloatImage, picture: ByteImage | None, canvas: Canvas
) -> GuideParts:
    s = cue.settings
    sigma = s.sigma if cue.guide in ("edges", "pose") else 1.5
    plain = not cue.strokes and not getattr(s, "invert", False)
    if cue.guide in ("edges", "pose") and picture is not None and plain:
        options = EdgeOptions(s.low, s.high, s.sigma)
        return GuideParts(contour_reach(picture, options), lightness_of(picture), sigma)
    strength = widen(shown > _LINE, sigma)
    if cue.map is not None and cue.guide != "lines" and not cue.strokes:
        return GuideParts(strength, shown, sigma)
    drawing = None if picture is None or cue.guide != "lines" else recognise_drawing(picture)
    if picture is not None and drawing is None:
        added = _drawn_over(np.zeros_like(shown), cue.strokes)
        ground = lightness_of(picture)
        lightness = ground + _ink(added, ground, "auto", None)
    else:
        beneath = None if canvas.picture is None else lightness_of(canvas.picture)
        lightness = _ink(shown, beneath, getattr(s, "polarity", "auto"), drawing)
    return GuideParts(strength, np.asarray(lightness, np.float32), sigma)


def _ink(
    lines: FloatImage, beneath: FloatImage | None, polarity: str, drawing: str | None
) -> FloatImage:
    """What drawn lines add to lightness: they have no tone beside them, so one is decided.

    As told, else as in the drawing they come from, else dark on what is light and the reverse.
    """
    if polarity == "auto" and drawing is not None:
        polarity = "light" if drawing == "light on dark" else "dark"
    if polarity == "auto":
        dark_ground = beneath is not None and float(np.median(beneath)) < -0.12
        polarity = "light" if dark_ground else "dark"
    return np.asarray((_INK if polarity == "light" else -_INK) * lines, np.float32)
