"""Rim: whether the border of a region can be seen in a picture."""

import numpy as np
import scipy

from overlay.imaging.colour import FloatImage

_ALONG = 2.0  # pixels from the border that belong to it
_BESIDE = (4.0, 12.0)  # pixels from the border that it is compared with
_FEW = 0.05  # share of a border that counts, below which what is seen there tells little


def rim(image: FloatImage, mask: FloatImage, counts: FloatImage | None = None) -> float | None:
    """Mean gradient along a region's border over that beside it; 1.0 is invisible.

    Parameters
    ----------
    image : (H, W, 3) float32, working space.
    mask : (H, W) float32 in 0..1; the border lies where it is a half.
    counts : (H, W) float32 in 0..1, how much each place counts, or None for all alike. An object
        stands out from what is behind it whether it is a region or not; such places should not
        count (`regions.rims.open_border`), and a border all of such places is invisible.

    Returns
    -------
    0 up, or None for a mask without a border in the picture.
    """
    inside = mask >= 0.5
    if inside.all() or not inside.any():
        return None
    rows, columns = _near(inside)
    inside, image = inside[rows, columns], image[rows, columns]
    distance = scipy.ndimage.distance_transform_edt(inside) + scipy.ndimage.distance_transform_edt(
        ~inside
    )
    along = distance <= _ALONG
    beside = (distance >= _BESIDE[0]) & (distance <= _BESIDE[1])
    if not beside.any():
        return None
    gradient = _gradient(image)
    if counts is None:
        return float(gradient[along].mean() / max(float(gradient[beside].mean()), 1e-5))
    weight = np.maximum(counts[rows, columns], np.float32(1e-6))
    ours, theirs = (np.average(gradient[at], weights=weight[at]) for at in (along, beside))
    ratio, share = float(ours / max(float(theirs), 1e-5)), float(weight[along].mean())
    return (share * ratio + _FEW) / (share + _FEW) if share < 1 - 1e-6 else ratio


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
    gy = scipy.ndimage.sobel(image, axis=0, mode="nearest")
    gx = scipy.ndimage.sobel(image, axis=1, mode="nearest")
    return np.asarray(np.sqrt((gy**2 + gx**2).sum(axis=2)), np.float32)
