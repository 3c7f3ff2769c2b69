"""What is said of a proof: its measures, and what in its request could not have its effect."""

from dataclasses import dataclass
from typing import Any

from overlay.engine.control import Control
from overlay.engine.kept import content_key, keep
from overlay.engine.request import Cue, Render, Request, StyleCue
from overlay.guides.depth import estimate_depth
from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work
from overlay.measures.depth import depth_kept
from overlay.measures.palette import colour_profile, colours_apart
from overlay.measures.patches import Profile, match_of, patch_profile, shuffled
from overlay.measures.repeats import LONG, rash, repeats
from overlay.measures.rim import rim
from overlay.measures.softness import SOFT, softness
from overlay.measures.structure import (
    contour_correlation,
    layout_match,
    structure_kept,
    wanted_contours,
)
from overlay.studio.inputs.checks import SMALL
from overlay.studio.making.hearing import unheard


@dataclass(frozen=True)
class Notice:
    """Something an artist should know about a proof."""

    code: str
    cue: str | None
    text: str


def measure(
    request: Request,
    done: Render,
    masks: dict[str, FloatImage],
    opens: dict[str, FloatImage],
    control: Control,
    *,
    depth: FloatImage | None = None,
    longest: float = LONG,
) -> dict[str, Any]:
    """The measures of a proof, keyed as in the report.

    Parameters
    ----------
    masks : the regions by name, (H, W) float32 in 0..1, for the rims.
    opens : where their borders lie on no contour of the source; none without one.
    depth : of the first depth guide, (H, W) float32, 1 is near; None without one.
    longest : patches that a copy may span before it counts as a repeat.
    """
    picture = srgb_to_work(done.picture)
    source = None if request.source is None else srgb_to_work(request.source)
    measures: dict[str, Any] = {"style_match": {}, "palette_distance": {}, "share": {}}
    profile, colours = patch_profile(picture), colour_profile(picture)
    start = patch_profile(shuffled(picture)) if request.source is None else _profile(request.source)
    for cue in request.styles:
        control.check()
        if not cue.is_swatches:
            measures["style_match"][cue.name] = match_of(profile, start, _profile(cue.picture))
        measures["palette_distance"][cue.name] = colours_apart(colours, _colours(cue.picture))
        if done.trace is not None:
            measures["share"][cue.name] = 100.0 * done.trace.share(cue.name)
    control.check()
    if source is not None:
        key = ("contours", content_key(request.source))
        contours = keep(key, lambda: wanted_contours(source))
        measures["structure_kept"] = structure_kept(picture, source, contours)
        # What structure kept was before, for one version: figures in notes can be compared.
        measures["contour_correlation"] = contour_correlation(picture, source)
        measures["layout_match"] = layout_match(picture, source)
    if depth is not None:
        measures["depth_kept"] = depth_kept(estimate_depth(done.picture), depth)
    if done.trace is not None:
        t = done.trace
        measures["repeats"] = repeats(t.cue, t.y, t.x, t.turn, t.mirrored, t.stride, longest)
        measures["rash"] = rash(t.cue, t.y, t.x, t.turn, t.mirrored)
    rims = {name: rim(picture, mask, opens.get(name)) for name, mask in masks.items()}
    measures["rim"] = {name: value for name, value in rims.items() if value is not None}
    measures["softness"] = softness(picture)
    return _rounded(measures)


def _profile(picture: ByteImage) -> Profile:
    """The patches of a picture that many proofs are compared with."""
    key = ("patches", content_key(picture))
    return keep(key, lambda: patch_profile(srgb_to_work(picture)))


def _colours(picture: ByteImage) -> FloatImage:
    key = ("colours", content_key(picture))
    return keep(key, lambda: colour_profile(srgb_to_work(picture)))


def _softness(picture: ByteImage) -> float:
    key = ("softness", content_key(picture))
    return keep(key, lambda: softness(srgb_to_work(picture)))


def _rounded(measures: dict[str, Any]) -> dict[str, Any]:
    return {
        key: _rounded(value) if isinstance(value, dict) else round(float(value), 2)
        for key, value in measures.items()
    }


def find_warnings(request: Request) -> list[Notice]:
    """What in a request cannot have the effect it asks for, or will spoil it."""
    found = []
    cues: tuple[Cue, ...] = (*request.styles, *request.guides, *request.avoided)
    for cue in cues:
        found += _unheard(cue, request.departure)
    for style in request.styles:
        found += _poor_picture(style)
    if not request.styles:
        found.append(Notice("nothing_speaks", None, "No reference speaks; this is the source."))
    return found


def _unheard(cue: Cue, departure: float) -> list[Notice]:
    found = []
    why = unheard(cue.name, weight=cue.weight, leave=cue.span.leave, departure=departure)
    if why is not None:
        found.append(Notice(why[0], cue.name, why[1]))
    if cue.region is not None and not (cue.region > 0).any():
        text = f"{cue.name} is tied to an empty region and changes nothing."
        found.append(Notice("empty_region", cue.name, text))
    return found


def _poor_picture(style: StyleCue) -> list[Notice]:
    """A reference whose smallness or softness would be copied as style."""
    height, width = style.picture.shape[:2]
    if style.is_swatches or style.facets.surface <= 0:
        return []
    if min(height, width) < SMALL:
        text = f"The picture of {style.name} is small ({width}x{height}); its marks will be few."
        return [Notice("small_reference", style.name, text)]
    level = _softness(style.picture)
    if 0 < level < SOFT:
        text = (
            f"The picture of {style.name} is soft ({level:.2f}, sharp is {SOFT} and up); "
            "the proof will be as soft."
        )
        return [Notice("soft_reference", style.name, text)]
    return []
