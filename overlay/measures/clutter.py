"""Clutter: small sharp signs along a picture's sides, as captions and interface remains are."""

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import FloatImage

Heights = npt.NDArray[np.float64]
Box = tuple[slice, ...]

_BAND = 0.14  # of the side, the deepest band that is looked at
_STEPS = 7
_GROUND = 0.55  # share of a band that must have one colour
_NEAR = 0.05  # colour difference that still counts as that colour
_STRONG = 0.18  # difference of lightness that a sign has from it
_INK = (0.004, 0.4)  # share of a band that stands out from it
_SIGNS = 6  # at the least
_LEADING = 2.5  # heights of a mark from one line of them to the next
_IN_LINES = 0.7  # share of the marks that must stand in such lines
_ALIKE = 0.6  # share of the signs that must be about as high as the rest
_GO_ON = 0.5  # as many of them in the next band, and they are the picture's own


def cluttered_sides(image: FloatImage) -> dict[str, int]:
    """How many pixels to cut from each side to be rid of a band of signs; sides without have none.

    A band counts when most of it is one flat colour and the rest falls into many small marks of
    like height, as letters do.

    Parameters
    ----------
    image : (H, W, 3) float32, working space.

    Returns
    -------
    Pixels, by `left`, `top`, `right` and `bottom`.
    """
    across = image.transpose(1, 0, 2)
    views = {"top": image, "bottom": image[::-1], "left": across, "right": across[::-1]}
    found = {side: _signs_depth(view) for side, view in views.items()}
    return {side: depth for side, depth in found.items() if depth}


def _signs_depth(lines: FloatImage) -> int:
    """The depth of the shallowest band of signs at the beginning of the first axis, or 0."""
    deepest = int(_BAND * len(lines))
    for k in range(2, _STEPS + 1):
        depth = deepest * k // _STEPS
        if depth < 8:
            continue
        heights = _signs(lines[:depth])
        if heights is not None and not _go_on(lines[depth : 2 * depth], heights):
            return depth
    return 0


def _signs(band: FloatImage) -> Heights | None:
    """How high the marks of a band are that is one of signs."""
    ink, boxes = _marks(band)
    if ink[-1].mean() > 0.05:  # something larger reaches into the band
        return None
    sizes = _sizes(boxes)
    if len(sizes) < _SIGNS or (sizes > 0.9 * len(band)).any(axis=1).mean() > 0.2:
        return None
    heights: Heights = sizes.max(axis=1)
    if _alike(heights, heights).mean() < _ALIKE or not _in_lines(boxes, len(band)):
        return None
    return heights


def _go_on(band: FloatImage, heights: Heights) -> bool:
    """Whether marks so high go on further in: then they are the picture's own."""
    found = _sizes(_marks(band)[1]).max(axis=1, initial=0)
    return bool(_alike(found, heights).sum() >= _GO_ON * len(heights))


def _marks(band: FloatImage) -> tuple[npt.NDArray[np.bool_], list[Box]]:
    """What stands out from the ground of a band that is mostly one colour, and its marks."""
    # Lightness alone tells of most bands that they are none.
    away = _from_median(band[..., 0])
    strong = away > _STRONG
    ink = away > _NEAR
    if 1 - ink.mean() < _GROUND or not _INK[0] <= strong.mean() <= _INK[1]:
        return ink, []
    ink = away + _from_median(band[..., 1]) + _from_median(band[..., 2]) > _NEAR
    if 1 - ink.mean() < _GROUND:
        return ink, []
    labels, _ = scipy.ndimage.label(strong, np.ones((3, 3), int))
    return ink, scipy.ndimage.find_objects(labels)


def _sizes(boxes: list[Box]) -> npt.NDArray[np.float64]:
    """Lines and columns of marks that are more than a pixel."""
    sizes = np.array([[b.stop - b.start for b in box] for box in boxes], float).reshape(-1, 2)
    return sizes[(sizes > 1).any(axis=1)]


def _alike(found: Heights, heights: Heights) -> npt.NDArray[np.bool_]:
    middle = np.median(heights)
    return np.asarray((found > 0.5 * middle) & (found < 2 * middle))


def _from_median(band: FloatImage) -> FloatImage:
    return np.asarray(np.abs(band - np.median(np.ascontiguousarray(band))))


def _in_lines(boxes: list[Box], depth: int) -> bool:
    """Whether marks stand in lines, as letters and buttons do, not strewn over the band."""
    middles = np.array([(box[0].start + box[0].stop) / 2 for box in boxes])
    tall = float(np.median([box[0].stop - box[0].start for box in boxes]))
    lines = max(1, round(depth / (_LEADING * tall)))
    left, held = middles, 0
    for _ in range(lines):
        if not len(left):
            break
        near = np.abs(left[:, None] - left[None]) <= 0.5 * tall
        fullest = near[int(near.sum(axis=1).argmax())]
        held += int(fullest.sum())
        left = left[~fullest]
    return held >= _IN_LINES * len(middles)
