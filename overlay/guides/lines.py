"""Lines: clean line art from a photograph, a rough sketch or a scan."""

from dataclasses import dataclass
from typing import Literal

import numpy as np
import numpy.typing as npt
import scipy

from overlay.guides.edges import lightness_of
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.filters import box_mean
from overlay.imaging.numbers.curves import tanh

Drawing = Literal["dark on light", "light on dark"]

_P = 18.0  # how much the difference of Gaussians sharpens
_K = 1.6
_PHI = 12.0
_SEEN = 0.3  # of a line's strength
# Of short lines that crowd together, all in thicknesses: what is short, and how far around they are
# looked for; shares of the area that they cover there: none is dropped, all are.
_LONG, _AROUND = 14.0, 20.0
_SPARSE, _CROWDED = 0.035, 0.07

Ints = npt.NDArray[np.integer]


@dataclass(frozen=True)
class LineOptions:
    """Settings of the extractor.

    Attributes
    ----------
    thickness : 0.5..6 pixels, scale of the lines that are sought and their width.
    cleaning : 0..200 pixels, specks with fewer are dropped.
    strength : 0..1, how faint a line may be: more finds more.
    invert : take lines for ground and ground for lines, for drawings that are read wrongly.
    """

    thickness: float = 1.4
    cleaning: int = 24
    strength: float = 0.5
    invert: bool = False

    def __post_init__(self) -> None:
        if not 0.5 <= self.thickness <= 6:
            raise ValueError(f"thickness must be 0.5 to 6 pixels, got {self.thickness}")
        if not 0 <= self.cleaning <= 200:
            raise ValueError(f"cleaning must be 0 to 200 pixels, got {self.cleaning}")
        if not 0 <= self.strength <= 1:
            raise ValueError(f"strength must be 0 to 1, got {self.strength}")


def extract_lines(picture: ByteImage, options: LineOptions) -> FloatImage:
    """The line map: 1 on lines, 0 on the ground.

    What is a drawing already keeps its own lines; from anything else they are drawn by an extended
    difference of Gaussians (Winnemoeller, Kyprianidis and Olsen 2012,
    doi:10.1016/j.cag.2012.03.004, eq. 7).

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.

    Returns
    -------
    (H, W) float32 in 0..1.
    """
    lightness = lightness_of(picture)
    drawing = recognise_drawing(picture)
    if options.invert:
        lightness = -lightness
        drawing = None if drawing is None else _OTHER[drawing]
    if drawing is not None:
        lines = _own_lines(lightness, drawing, options)
    else:
        lines = _without_rash(_drawn_lines(lightness, options), options.thickness)
    return _without_specks(lines, options.cleaning)


_OTHER: dict[Drawing, Drawing] = {
    "dark on light": "light on dark",
    "light on dark": "dark on light",
}


def recognise_drawing(picture: ByteImage) -> Drawing | None:
    """Whether a picture is line art already: one ground, and thin strokes that stand out from it.

    Returns
    -------
    Its polarity, or None for anything else.
    """
    lightness = lightness_of(picture)
    ground = _ground(lightness)
    apart = lightness - ground
    ink = np.abs(apart) > 0.18
    share = float(ink.mean())
    if not 0.002 <= share <= 0.3 or (np.abs(apart) < 0.1).mean() < 0.6:
        return None
    dark = float((apart[ink] < 0).mean())
    if 0.15 < dark < 0.85:
        return None
    # Strokes are thin: little is left of them when they are shrunk by more than their width.
    width = max(3, round(0.012 * min(lightness.shape)))
    if scipy.ndimage.binary_erosion(ink, iterations=width).sum() > 0.12 * ink.sum():
        return None
    return "dark on light" if dark >= 0.85 else "light on dark"


def _ground(lightness: FloatImage) -> float:
    """The commonest tone."""
    counts, bounds = np.histogram(lightness, 64, (-0.55, 0.55))
    counts = np.convolve(counts, np.ones(5), "same")
    place = int(counts.argmax())
    return float((bounds[place] + bounds[place + 1]) / 2)


def _own_lines(lightness: FloatImage, drawing: Drawing, options: LineOptions) -> FloatImage:
    """The strokes of a drawing, evened out, so that a faint pencil counts like ink."""
    sign = -1.0 if drawing == "dark on light" else 1.0
    paper = scipy.ndimage.median_filter(lightness[::4, ::4], 15)
    even = scipy.ndimage.zoom(paper, 4, order=1)[: lightness.shape[0], : lightness.shape[1]]
    pad = [(0, a - b) for a, b in zip(lightness.shape, even.shape, strict=True)]
    stroke = np.maximum(sign * (lightness - np.pad(even, pad, mode="edge")), 0)
    stroke = scipy.ndimage.gaussian_filter(stroke, 0.4 * options.thickness)
    strong = max(
        float(np.percentile(stroke[stroke > 0.02], 90)) if (stroke > 0.02).any() else 1, 0.05
    )
    least = 0.55 - 0.5 * options.strength
    return np.asarray(np.clip((stroke / strong - least) / (0.5 * (1 - least)), 0, 1), np.float32)


def _drawn_lines(lightness: FloatImage, options: LineOptions) -> FloatImage:
    tone = lightness + 0.5
    fine = scipy.ndimage.gaussian_filter(tone, options.thickness, mode="nearest")
    broad = scipy.ndimage.gaussian_filter(tone, _K * options.thickness, mode="nearest")
    # Made comparable between bright and dull parts, or shadows would turn black as a whole.
    local = scipy.ndimage.gaussian_filter(
        np.abs(fine - broad), 12 * options.thickness, mode="nearest"
    )
    edge = _P * (broad - fine) / (local * _P * 2.5 + 0.35)
    level = 0.34 - 0.32 * options.strength
    return np.clip(tanh(_PHI * (edge - level) / 2), 0, 1)


def _without_rash(lines: FloatImage, thickness: float) -> FloatImage:
    """Lines without the short ones that crowd together: gravel, leaves and hair, not contours.

    The lower the share of short lines around, the shorter a line may be.
    """
    labels, count = scipy.ndimage.label(lines > _SEEN, np.ones((3, 3), int))
    if count == 0:
        return lines
    boxes = scipy.ndimage.find_objects(labels)
    spans = [0.0] + [max(s.stop - s.start for s in box) / thickness for box in boxes]
    span = np.asarray(spans, np.float32)
    side = 2 * round(_AROUND * thickness) + 1
    crowd = box_mean(((span < _LONG) & (span > 0))[labels].astype(np.float32), side)
    around = scipy.ndimage.mean(crowd, labels, np.arange(count + 1))
    wanted = _LONG * np.clip((np.nan_to_num(around) - _SPARSE) / (_CROWDED - _SPARSE), 0, 1)
    return _without(lines, labels, span < wanted)


def _without(lines: FloatImage, labels: Ints, dropped: npt.NDArray[np.bool_]) -> FloatImage:
    """Lines without some of the pieces; what surrounds a piece softly goes with it."""
    dropped[0] = False
    near = scipy.ndimage.grey_dilation(np.where(dropped[labels], 1, 0).astype(np.uint8), (3, 3))
    keep = ~((near > 0) & ((labels == 0) | dropped[labels]))
    return np.asarray(lines * keep, np.float32)


def _without_specks(lines: FloatImage, least: int) -> FloatImage:
    if least == 0:
        return lines
    labels, count = scipy.ndimage.label(lines > _SEEN, np.ones((3, 3), int))
    return _without(lines, labels, np.bincount(labels.ravel(), minlength=count + 1) < least)
