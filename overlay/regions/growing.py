"""Areas that grow from a place: what is like it and hangs together, what contours close in."""

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import FloatImage

_SEED = 0.012  # radius of what counts as the place, of the picture's height
_ROUNDS = 6
_TEXTURE = 1.5  # how much roughness counts beside colour
_WIDEST = 0.5  # how far an area's own variety may widen the tolerance
_BARRIER = 0.3  # of the tolerance, a step from pixel to pixel that growth does not cross
_LINE = 0.35  # of a map, from which a pixel belongs to a contour
_GAP = 2  # pixels by which contours are widened, so that small gaps are closed

Inside = npt.NDArray[np.bool_]


def grow_alike(work: FloatImage, place: tuple[float, float], tolerance: float) -> Inside:
    """What resembles a place in colour and roughness and hangs together with it.

    Seeded region growing with statistics of the region (after Adams and Bischof 1994,
    doi:10.1109/34.295913), in rounds instead of pixel by pixel.

    Parameters
    ----------
    work : (H, W, 3) float32, working space.
    place : shares of width and height.
    tolerance : in OKLab, above 0.

    Returns
    -------
    (H, W) bool; the place belongs to it.
    """
    features = _features(work)
    start = inside = _disc(work.shape[:2], place)
    smooth = _steps(features) < _BARRIER * tolerance
    for _ in range(_ROUNDS):
        found = features[inside]
        middle, variety = np.median(found, axis=0), found.std(axis=0)
        allowed = tolerance + np.minimum(variety, _WIDEST * tolerance)
        away = np.sqrt((((features - middle) / allowed) ** 2).sum(axis=2))
        core = touching((away < 1) & smooth, inside) | start
        # Barriers are as wide as their slope; what is alike on it belongs to the area.
        rim = scipy.ndimage.binary_dilation(core, iterations=2) & (away < 1.3)
        grown = scipy.ndimage.binary_fill_holes(core | rim)
        grown |= scipy.ndimage.binary_closing(grown)
        if (grown == inside).all():
            break
        inside = grown
    return np.asarray(inside, bool)


def _features(work: FloatImage) -> FloatImage:
    """Colour in OKLab units, and roughness: (H, W, 4) float32."""
    smooth = scipy.ndimage.gaussian_filter(work, (1.0, 1.0, 0), mode="nearest")
    smooth[..., 1:] /= 2
    rough = np.abs(work[..., 0] - scipy.ndimage.gaussian_filter(work[..., 0], 2.0, mode="nearest"))
    rough = _TEXTURE * scipy.ndimage.gaussian_filter(rough, 2.0, mode="nearest")
    return np.dstack([smooth, rough]).astype(np.float32)


def _steps(features: FloatImage) -> FloatImage:
    """How much colour changes from pixel to pixel, (H, W) float32 in OKLab."""
    colour = scipy.ndimage.gaussian_filter(features[..., :3], (1.0, 1.0, 0), mode="nearest")
    square = sum(scipy.ndimage.sobel(colour, axis) ** 2 for axis in (0, 1))
    return np.asarray(np.sqrt(np.sum(square, axis=2)) / 8, np.float32)


def touching(mask: Inside, seed: Inside) -> Inside:
    """The connected pieces of a mask that a seed touches."""
    labels, _ = scipy.ndimage.label(mask)
    wanted = np.unique(labels[seed & mask])
    return np.asarray(np.isin(labels, wanted[wanted > 0]))


def connected_at(mask: Inside, place: tuple[float, float]) -> Inside:
    """The connected piece of a mask that lies at a place, or nearest to it."""
    if not mask.any():
        return mask.copy()
    labels, _ = scipy.ndimage.label(mask)
    y, x = _pixel(mask.shape, place)
    rows, columns = np.nonzero(mask)
    nearest = int(np.argmin((rows - y) ** 2 + (columns - x) ** 2))
    return np.asarray(labels == labels[rows[nearest], columns[nearest]])


def enclosed(lines: FloatImage, place: tuple[float, float]) -> FloatImage:
    """What closed contours, and the frame, surround at a place.

    Parameters
    ----------
    lines : (H, W) float32 in 0..1, 1 on contours.

    Returns
    -------
    (H, W) float32, 0 or 1; it reaches to the middle of the contours.
    """
    barred = scipy.ndimage.binary_dilation(lines > _LINE, iterations=_GAP)
    if barred.all():
        return np.zeros(lines.shape, np.float32)
    inside = connected_at(~barred, place)
    back = scipy.ndimage.binary_dilation(inside, iterations=_GAP + 1)
    return (inside | (back & barred)).astype(np.float32)


def _pixel(shape: tuple[int, ...], place: tuple[float, float]) -> tuple[int, int]:
    height, width = shape[:2]
    return min(int(place[1] * height), height - 1), min(int(place[0] * width), width - 1)


def _disc(shape: tuple[int, ...], place: tuple[float, float]) -> Inside:
    row, column = _pixel(shape, place)
    y, x = np.mgrid[0 : shape[0], 0 : shape[1]]
    radius = max(_SEED * shape[0], 1.0)
    return np.asarray((y - row) ** 2 + (x - column) ** 2 <= radius**2)
