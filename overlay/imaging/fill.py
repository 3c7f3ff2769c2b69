"""Filling a hole from what lies around it, so that a blemish is gone without a trace."""

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import FloatImage
from overlay.imaging.numbers.products import product

BoolMask = npt.NDArray[np.bool_]

_LEAST, _MOST = 9, 25  # sides of a patch, pixels
_STEPS = 7  # patches across a hole, about
_CANDIDATES = 6_000
_MARGIN = 1.5  # of the hole's size, what is looked at around it


def fill_hole(image: FloatImage, hole: BoolMask) -> FloatImage:
    """Fill a hole from its border inwards with patches from around it.

    The patch that is best known and lies on the strongest contour goes first, and takes what it
    lacks from the known patch that agrees best with the rest of it (Criminisi et al. 2004,
    doi:10.1109/TIP.2004.833105). Nothing is averaged, so that texture stays crisp.

    Parameters
    ----------
    image : (H, W, 3) float32, working space.
    hole : (H, W) bool; what is to be filled.

    Returns
    -------
    (H, W, 3) float32; a new array, untouched outside the hole. A hole that leaves no whole patch
    beside it is filled smoothly.
    """
    filled = image.copy()
    labels, count = scipy.ndimage.label(scipy.ndimage.binary_dilation(hole, iterations=_LEAST))
    for rows, columns in scipy.ndimage.find_objects(labels, max_label=count):
        part = _around(rows, columns, hole.shape)
        filled[part] = _fill_part(filled[part], hole[part] & (labels[part] > 0))
    return filled


def _around(rows: slice, columns: slice, shape: tuple[int, ...]) -> tuple[slice, slice]:
    out = []
    reach = int(_MARGIN * min(rows.stop - rows.start, columns.stop - columns.start)) + 3 * _MOST
    for span, most in ((rows, shape[0]), (columns, shape[1])):
        out.append(slice(max(span.start - reach, 0), min(span.stop + reach, most)))
    return out[0], out[1]


def _fill_part(image: FloatImage, hole: BoolMask) -> FloatImage:
    if not hole.any():
        return image.copy()
    depth = float(scipy.ndimage.distance_transform_edt(hole).max())
    half = int(min(max(2 * depth / _STEPS, _LEAST // 2), _MOST // 2))
    centres = _known_centres(hole, half)
    if not len(centres):
        return _smooth_fill(image, hole)
    return _Filling(image, hole, half).run(_patches(image, centres, half), centres)


def _known_centres(hole: BoolMask, half: int) -> npt.NDArray[np.int64]:
    """Where a whole known patch lies, evenly thinned to a number that can be searched."""
    touched = scipy.ndimage.maximum_filter(hole, 2 * half + 1)
    touched[:half] = touched[-half:] = True
    touched[:, :half] = touched[:, -half:] = True
    centres = np.argwhere(~touched)
    return centres[:: max(1, -(-len(centres) // _CANDIDATES))]


def _patches(image: FloatImage, centres: npt.NDArray[np.int64], half: int) -> FloatImage:
    """The patches about places, (N, side * side, 3)."""
    side = 2 * half + 1
    windows = np.lib.stride_tricks.sliding_window_view(image, (side, side), axis=(0, 1))
    found = windows[centres[:, 0] - half, centres[:, 1] - half]
    return np.ascontiguousarray(found.transpose(0, 2, 3, 1).reshape(len(centres), -1, 3))


class _Filling:
    """The state of a hole that is being filled; the picture has a rim of half a patch."""

    def __init__(self, image: FloatImage, hole: BoolMask, half: int) -> None:
        self.half = half
        rim = ((half, half), (half, half))
        self.image = np.pad(np.where(hole[..., None], 0, image), (*rim, (0, 0)), mode="edge")
        self.missing = np.pad(hole, rim)
        self.known = np.pad((~hole).astype(np.float32), rim)  # how well; 0 beyond the frame
        self.beyond = np.pad(np.zeros(hole.shape, bool), rim, constant_values=True)

    def run(self, patches: FloatImage, centres: npt.NDArray[np.int64]) -> FloatImage:
        """Fill until nothing is missing."""
        flat = patches.reshape(len(patches), -1)
        by_value = np.ascontiguousarray(flat.T)
        squares = by_value * by_value
        while self.missing.any():
            y, x = self._next()
            rows = slice(y - self.half, y + self.half + 1)
            columns = slice(x - self.half, x + self.half + 1)
            gone = self.missing[rows, columns]
            usable = ~(gone | self.beyond[rows, columns])
            weight = np.repeat(usable.ravel(), 3).astype(np.float32)
            query = self.image[rows, columns].reshape(-1) * weight
            # Squared distance over what is known, the query's own square left out; what lies
            # near is preferred among equals.
            distance = product(weight[None], squares)[0] - 2 * product(query[None], by_value)[0]
            away = np.hypot(centres[:, 0] + self.half - y, centres[:, 1] + self.half - x)
            best = patches[int((distance + 2e-5 * weight.sum() * away / self.half).argmin())]
            self._take(rows, columns, gone, best)
        inner = slice(self.half, -self.half)
        return self.image[inner, inner]

    def _next(self) -> tuple[int, int]:
        """The place on the border that is best known and where contours run into the hole."""
        border = np.argwhere(self.missing & ~scipy.ndimage.binary_erosion(self.missing))
        side = 2 * self.half + 1
        top, left = np.maximum(border.min(axis=0) - side, 0)
        bottom, right = border.max(axis=0) + side + 1
        part = (slice(top, bottom), slice(left, right))
        places = border - (top, left)
        sure = scipy.ndimage.uniform_filter(self.known[part], side)[places[:, 0], places[:, 1]]
        light = self.image[part][..., 0]
        steep = np.hypot(*np.gradient(light))
        solid = ~scipy.ndimage.binary_dilation(self.missing[part], iterations=2)
        contour = scipy.ndimage.maximum_filter(steep * solid, side)[places[:, 0], places[:, 1]]
        y, x = border[int((sure * (contour + 0.02)).argmax())]
        return int(y), int(x)

    def _take(self, rows: slice, columns: slice, gone: BoolMask, patch: FloatImage) -> None:
        self.image[rows, columns][gone] = patch.reshape(*gone.shape, 3)[gone]
        sure = self.known[rows, columns]
        sure[gone] = 0.98 * sure.mean()
        self.missing[rows, columns] = False


def _smooth_fill(image: FloatImage, hole: BoolMask) -> FloatImage:
    """What lies around, spread into the hole."""
    if hole.all():
        return image.copy()
    known = (~hole).astype(np.float32)
    out, missing = image.copy(), hole.copy()
    sigma = 1.0
    while missing.any():
        weight = scipy.ndimage.gaussian_filter(known, sigma)
        reached = missing & (weight > 1e-3)
        for c in range(image.shape[2]):
            blurred = scipy.ndimage.gaussian_filter(image[..., c] * known, sigma)
            out[..., c][reached] = blurred[reached] / weight[reached]
        missing &= ~reached
        sigma *= 2
    return out
