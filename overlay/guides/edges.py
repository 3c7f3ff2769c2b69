"""Edges: thin contours with hysteresis (Canny 1986, doi:10.1109/TPAMI.1986.4767851).

The gradient is normalised by its local mean first, so that the thresholds mean the same in bright
and dull parts of a picture: they are shares of a clear contour's strength.
"""

from dataclasses import dataclass

import numpy as np
import numpy.typing as npt
import scipy

from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work
from overlay.imaging.gradients import Gradient, normalised_gradient
from overlay.imaging.rows import by_rows


@dataclass(frozen=True)
class EdgeOptions:
    """Settings of the extractor.

    Attributes
    ----------
    low : 0..1, contours weaker than this are dropped.
    high : 0..1, at least `low`; a contour needs one place this strong to be kept.
    sigma : 0.5..8 pixels, smoothing before the gradient is taken.
    """

    low: float = 0.08
    high: float = 0.2
    sigma: float = 1.2

    def __post_init__(self) -> None:
        if not 0 <= self.low <= 1:
            raise ValueError(f"low must be 0 to 1, got {self.low}")
        if not self.low <= self.high <= 1:
            raise ValueError(f"high must be from low ({self.low}) to 1, got {self.high}")
        if not 0.5 <= self.sigma <= 8:
            raise ValueError(f"sigma must be 0.5 to 8 pixels, got {self.sigma}")


def extract_edges(picture: ByteImage, options: EdgeOptions) -> FloatImage:
    """The edge map as it is shown: soft thin lines.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.

    Returns
    -------
    (H, W) float32 in 0..1, 1 on the strongest contours, 0 where there is none.
    """
    gradient = normalised_gradient(lightness_of(picture), options.sigma)
    kept = trace_contours(gradient, options.low, options.high)
    drawn = np.zeros(kept.shape, np.float32)
    drawn[kept] = 0.4 + 0.6 * gradient.strength[kept]
    line = scipy.ndimage.gaussian_filter(drawn, 0.6)
    return np.asarray(np.minimum(line * 2.2, 1.0), np.float32)


def contour_reach(picture: ByteImage, options: EdgeOptions) -> FloatImage:
    """How far the map's contours reach: 1 on and beside them, falling to 0 within a few pixels.

    Returns
    -------
    (H, W) float32 in 0..1.
    """
    gradient = normalised_gradient(lightness_of(picture), options.sigma)
    return widen(trace_contours(gradient, options.low, options.high), options.sigma)


def widen(lines: npt.NDArray[np.bool_], sigma: float) -> FloatImage:
    """Thin lines as soft bands that cover the gradient they stand for."""
    if not lines.any():
        return np.zeros(lines.shape, np.float32)
    away = scipy.ndimage.distance_transform_edt(~lines)
    return np.clip(1.8 - away / (1.6 * sigma), 0, 1).astype(np.float32)


def lightness_of(picture: ByteImage) -> FloatImage:
    """Lightness of an sRGB picture, (H, W) float32, working space."""
    return np.ascontiguousarray(srgb_to_work(picture)[..., 0])


def trace_contours(gradient: Gradient, low: float, high: float) -> npt.NDArray[np.bool_]:
    """Thin ridges of the gradient that are above `low` and joined to a place above `high`."""
    thin = _ridges(gradient)
    weak = thin & (gradient.strength > low)
    labels, count = scipy.ndimage.label(weak, np.ones((3, 3)))
    line, strength = labels[weak], gradient.strength[weak]  # of the few that lie on one
    strong = np.zeros(count + 1, bool)
    strong[line[strength >= high]] = True
    weak[weak] = strong[line]
    return weak


def _ridges(gradient: Gradient) -> npt.NDArray[np.bool_]:
    """Pixels not weaker than both neighbours across the contour (non-maximum suppression)."""
    out = np.zeros(gradient.strength.shape, np.bool_)
    _thin(len(out), gradient, out)
    return out


@by_rows(error_model="numpy")
def _thin(from_row: int, to_row: int, gradient: Gradient, out: npt.NDArray[np.bool_]) -> None:
    strength, cos2, sin2 = gradient
    height, width = strength.shape
    steep = np.float32(0.7071)
    for y in range(from_row, to_row):
        for x in range(width):
            here = strength[y, x]
            if here <= 0:
                continue
            # The four directions of the gradient, by the octant of twice its angle.
            if cos2[y, x] > steep:
                dy, dx = 0, 1
            elif cos2[y, x] < -steep:
                dy, dx = 1, 0
            else:
                dy, dx = 1, 1 if sin2[y, x] > 0 else -1
            ahead, behind = np.float32(0), np.float32(0)  # beyond the picture there is none
            if y + dy < height and 0 <= x + dx < width:
                ahead = strength[y + dy, x + dx]
            if y >= dy and 0 <= x - dx < width:
                behind = strength[y - dy, x - dx]
            out[y, x] = here >= ahead and here > behind
