"""Rim: whether the border of a region can be seen in a picture."""

import numpy as np
from scipy import ndimage

from overlay.imaging.colour import FloatImage

_ALONG = 2.0  # pixels from the border that belong to it
_BESIDE = (4.0, 12.0)  # pixels from the border that it is compared with
_LEAST = 0.002  # that any place counts, so that every border has a rim


def rim(image: FloatImage, mask: FloatImage, counts: FloatImage | None = None) -> float | None:
    """Mean gradient along a region's border over that beside it; 1.0 is invisible.

    Parameters
    ----------
    image : (H, W, 3) float32, working space.
    mask : (H, W) float32 in 0..1; the border lies where it is a half.
    counts : (H, W) float32 in 0..1, how much each place counts, or None for all alike. An object
        stands out from what is behind it whether it is a region or not; such places should not
        count (`regions.rims.open_border`).

    Returns
    -------
    0 up, or None for a mask without a border in the picture.
    """
    inside = mask >= 0.5
    if inside.all() or not inside.any():
        return None
    rows, columns = _near(inside)
    inside, image = inside[rows, columns], image[rows, columns]
    distance = ndimage.distance_transform_edt(inside) + ndimage.distance_transform_edt(~inside)
    along = distance <= _ALONG
    beside = (distance >= _BESIDE[0]) & (distance <= _BESIDE[1])
    if not beside.any():
        return None
    weight = np.ones_like(image[..., 0])
    if counts is not None:
        weight = np.maximum(counts[rows, columns], np.float32(_LEAST))
    gradient = _gradient(image)
    ours, theirs = (np.average(gradient[at], weights=weight[at]) for at in (along, beside))
    return float(ours / max(float(theirs), 1e-5))


def _near(inside: np.ndarray) -> tuple[slice, slice]:
    """The part of the frame that a border and what is beside it can lie in."""
    reach = int(_BESIDE[1]) + 2
    edge = np.zeros_like(inside)
    edge[:, 1:] |= inside[:, 1:] != inside[:, :-1]
    edge[1:] |= inside[1:] != inside[:-1]
    out = []
    for axis in (1, 0):
        hit = np.flatnonzero(edge.any(axis=axis))
        out.append(slice(max(int(hit[0]) - reach, 0), int(hit[-1]) + reach))
    return out[0], out[1]


def _gradient(image: FloatImage) -> FloatImage:
    gy = ndimage.sobel(image, axis=0, mode="nearest")
    gx = ndimage.sobel(image, axis=1, mode="nearest")
    return np.asarray(np.sqrt((gy**2 + gx**2).sum(axis=2)), np.float32)
