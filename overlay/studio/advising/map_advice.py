"""What is to be said of guides' maps: empty or overfull, inverted, without ground, at odds."""

from collections.abc import Iterator

import numpy as np
import numpy.typing as npt
import scipy

from overlay.document.cues import GuideCue, cues_of
from overlay.document.recipe import Recipe
from overlay.guides.edges import EdgeOptions, extract_edges
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.measures.structure import correlation
from overlay.studio.advising.advice import Advice
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.canvas import fit_picture
from overlay.studio.making.guide_maps import make_map
from overlay.studio.making.laying import lay_canvas

BoolMask = npt.NDArray[np.bool_]

_LINE_KINDS = ("edges", "outline", "lines", "pose")
_EMPTY, _OVERFULL, _INVERTED = 0.002, 0.3, 0.55  # shares of the map that are lines
_NEAR = 3  # pixels within which a proof's contour counts as the map's
_APART = 0.02  # correlation of two maps below which they contradict each other


def map_advice(recipe: Recipe, store: PictureStore) -> list[Advice]:
    """Look at the maps of all guides that are heard."""
    found: list[Advice] = []
    maps: list[tuple[GuideCue, FloatImage]] = []
    canvas = lay_canvas(recipe, store)
    for cue in cues_of(recipe.cues, GuideCue):
        if not cue.holds_contours:
            continue
        if cue.map is None and cue.of == "source" and canvas.picture is None:
            continue
        made = np.asarray(make_map(cue, store, canvas), np.float32)
        maps.append((cue, made))
        found += list(_depth(cue, made) if cue.guide == "depth" else _lines(cue, made))
    return found + list(_at_odds(maps))


def _lines(cue: GuideCue, made: FloatImage) -> Iterator[Advice]:
    share = float((made > 0.5).mean())
    if share > _INVERTED:
        changes = {"options": cue.options | {"invert": not cue.settings.invert}}
        text = f"The map of {cue.name} is nearly all line; a drawing that needs inverting?"
        yield Advice("inverted_map", cue.name, 78, text, "Invert it", changes)
    elif share > _OVERFULL:
        text = f"The map of {cue.name} is overfull ({100 * share:.0f} %); marks have no room."
        yield Advice("full_map", cue.name, 48, text, *_fewer(cue))
    elif share < _EMPTY:
        text = f"The map of {cue.name} is empty and holds nothing."
        yield Advice("empty_map", cue.name, 79, text, *_more(cue))


def _fewer(cue: GuideCue) -> tuple[str, dict[str, object]]:
    s = cue.settings
    if cue.map is not None:
        return "", {}
    if cue.guide == "lines":
        return "Find less", {"options": cue.options | {"strength": max(s.strength - 0.25, 0.0)}}
    if cue.guide == "outline":
        return "Less detail", {"options": cue.options | {"detail": max(s.detail - 0.3, 0.0)}}
    options = {"low": min(s.low * 2, 1.0), "high": min(s.high * 2, 1.0)}
    return "Raise the thresholds", {"options": cue.options | options}


def _more(cue: GuideCue) -> tuple[str, dict[str, object]]:
    s = cue.settings
    if cue.map is not None or cue.of == "blank":
        return "", {}
    if cue.guide == "lines":
        return "Find more", {"options": cue.options | {"strength": min(s.strength + 0.25, 1.0)}}
    if cue.guide == "outline":
        return "More detail", {"options": cue.options | {"detail": min(s.detail + 0.3, 1.0)}}
    return "Lower the thresholds", {"options": cue.options | {"low": s.low / 3, "high": s.high / 3}}


def _depth(cue: GuideCue, made: FloatImage) -> Iterator[Advice]:
    rows = len(made)
    low, middle = made[-max(rows // 6, 1) :].mean(), made[rows // 3 : max(rows // 2, rows // 3 + 1)]
    if made.std() < 0.02:
        text = f"The depth map of {cue.name} is flat and says nothing."
        yield Advice("empty_map", cue.name, 79, text)
    elif low < middle.mean() - 0.02:
        text = f"The depth map of {cue.name} has no ground: what is below is far."
        changes = {"options": cue.options | {"invert": not cue.settings.invert}}
        yield Advice("no_ground", cue.name, 72, text, "Exchange near and far", changes)


def _at_odds(maps: list[tuple[GuideCue, FloatImage]]) -> Iterator[Advice]:
    """Two line maps in the same place that have nothing in common."""
    lined = [(c, m) for c, m in maps if c.guide in _LINE_KINDS and c.weight >= 0.4]
    for i, (one, a) in enumerate(lined):
        for other, b in lined[i + 1 :]:
            same_place = (one.region, one.invert_region) == (other.region, other.invert_region)
            together = min(one.leave, other.leave) > max(one.enter, other.enter)
            if not (same_place and together and a.any() and b.any()):
                continue
            soft = [np.asarray(scipy.ndimage.gaussian_filter(m, 4.0)[::4, ::4]) for m in (a, b)]
            if correlation(soft[0], soft[1]) < _APART:
                text = f"{one.name} and {other.name} hold different contours in the same place."
                yield Advice(
                    "at_odds", other.name, 55, text, f"Weigh {other.name} 20 %", {"weight": 0.2}
                )


def kept_and_lost(lines: FloatImage, cue: GuideCue, proof: ByteImage) -> tuple[BoolMask, BoolMask]:
    """Which of a map's lines the proof has a contour beside, and which not: two (H, W) bool."""
    height, width = lines.shape
    options = EdgeOptions()
    if cue.guide in ("edges", "pose"):
        s = cue.settings
        options = EdgeOptions(s.low, s.high, s.sigma)
    own = extract_edges(fit_picture(proof, width, height), options) > 0.2
    near = scipy.ndimage.binary_dilation(own, iterations=_NEAR)
    line = lines > 0.35
    return np.asarray(line & near), np.asarray(line & ~near)
