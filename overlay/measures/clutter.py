"""Clutter: small sharp signs along a picture's sides, as captions and interface remains are."""

import numpy as np
import scipy

from overlay.imaging.colour import FloatImage

_BAND = 0.14  # of the side, the deepest band that is looked at
_STEPS = 7
_GROUND = 0.55  # share of a band that must have one colour
_NEAR = 0.05  # colour difference that still counts as that colour
_INK = (0.004, 0.4)  # share of a band that stands out from it
_SIGNS = 6  # at the least
_LEADING = 2.5  # heights of a mark from one line of them to the next
_IN_LINES = 0.7  # share of the marks that must stand in such lines
_ALIKE = 0.6  # share of the signs that must be about as high as the rest


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
        if depth >= 8 and _has_signs(lines[:depth]):
            # Marks that go on further in are the picture's own.
            return 0 if _has_signs(lines[depth : 2 * depth], reaching=True) else depth
    return 0


def _has_signs(band: FloatImage, *, reaching: bool = False) -> bool:
    ground = np.median(band.reshape(-1, 3), axis=0)
    ink = np.abs(band - ground).sum(axis=2) > _NEAR
    if ink[-1].mean() > 0.05 and not reaching:  # something larger reaches into the band
        return False
    strong = np.abs(band[..., 0] - ground[0]) > 0.18
    if 1 - ink.mean() < _GROUND or not _INK[0] <= strong.mean() <= _INK[1]:
        return False
    labels, count = scipy.ndimage.label(strong, np.ones((3, 3), int))
    if count < _SIGNS:
        return False
    boxes = scipy.ndimage.find_objects(labels)
    sizes = np.array([[b.stop - b.start for b in box] for box in boxes], float)
    sizes = sizes[(sizes > 1).any(axis=1)]
    if len(sizes) < _SIGNS or (sizes > 0.9 * len(band)).any(axis=1).mean() > 0.2:
        return False
    heights = sizes.max(axis=1)
    middle = np.median(heights)
    alike = (heights > 0.5 * middle) & (heights < 2 * middle)
    return bool(alike.mean() >= _ALIKE) and _in_lines(boxes, len(band), reaching=reaching)


def _in_lines(boxes: list[tuple[slice, ...]], depth: int, *, reaching: bool) -> bool:
    """Whether marks stand in lines, as letters and buttons do, not strewn over the band."""
    if reaching:
        return True
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
