"""Borders of regions in a picture: where they follow its contours, and letting them disappear."""

import numpy as np
import scipy

from overlay.imaging.colour import FloatImage

_ALONG = 2.0  # pixels from the border in which a contour counts as lying on it
_EVEN = 5.0  # pixels of border over which that is averaged
_FIRM = 0.35  # strength of contour that is a border of its own
_SIGMA = 1.5
_AROUND, _FLOOR = 31, 0.35  # pixels over which contrast is evened out, share of the strongest


def rim_band(mask: FloatImage, width: float) -> FloatImage:
    """A soft band along a mask's border, 1 on it and 0 beyond `width` pixels: (H, W) float32."""
    inside = mask >= 0.5
    if inside.all() or not inside.any():
        return np.zeros_like(mask)
    return np.asarray(np.clip(1.5 - 1.5 * _away(inside) / width, 0, 1), np.float32)


def open_border(mask: FloatImage, picture: FloatImage) -> FloatImage:
    """How far a mask's border lies where the picture has no contour of its own.

    Parameters
    ----------
    mask : (H, W) float32 in 0..1; the border lies where it is a half.
    picture : (H, W, 3) float32, working space, without what the region did to it.

    Returns
    -------
    (H, W) float32 in 0..1; off the border the value of the nearest place on it.
    """
    inside = mask >= 0.5
    if inside.all() or not inside.any():
        return np.ones_like(mask)
    along = _away(inside) <= _ALONG
    crossing, usual = _crossing(picture, inside)
    total = scipy.ndimage.gaussian_filter(along.astype(np.float32), _EVEN)
    # With their signs, so that a texture's gradients cancel and those of a contour add up.
    mean = scipy.ndimage.gaussian_filter(crossing * along[..., None], (_EVEN, _EVEN, 0))
    strength = np.sqrt((mean**2).sum(axis=2)) / np.maximum(total * usual, 1e-6)
    # A contour on the border is a ridge: about half of what lies within `_ALONG` is its flanks.
    free = np.clip(1.5 - strength / _FIRM, 0, 1).astype(np.float32)
    rows, columns = scipy.ndimage.distance_transform_edt(
        ~along, return_distances=False, return_indices=True
    )
    return np.asarray(free[rows, columns], np.float32)


def _crossing(picture: FloatImage, inside: np.ndarray) -> tuple[FloatImage, FloatImage]:
    """A picture's gradient across a border, (H, W, 3), and how strong one usually is around."""
    soft = scipy.ndimage.gaussian_filter(inside.astype(np.float32), 2.0, mode="nearest")
    ny, nx = np.gradient(soft)
    length = np.maximum(np.hypot(ny, nx), 1e-6)
    smooth = scipy.ndimage.gaussian_filter(picture, (_SIGMA, _SIGMA, 0), mode="nearest")
    gy, gx = np.gradient(smooth, axis=(0, 1))
    whole = np.sqrt((gy**2 + gx**2).sum(axis=2))
    local = scipy.ndimage.uniform_filter(whole, _AROUND) + _FLOOR * np.percentile(
        whole[::2, ::2], 99
    )
    return gy * (ny / length)[..., None] + gx * (nx / length)[..., None], local


def meet_tints(
    picture: FloatImage, source: FloatImage | None, mask: FloatImage, width: float
) -> FloatImage:
    """Let the tints of both sides of a border meet half way, over a band of `width` pixels.

    What counts is what each side did to the source, averaged beside the border; the source's own
    forms, and the marks of both sides, stay.

    Parameters
    ----------
    picture, source : (H, W, 3) float32, working space.
    mask : (H, W) float32 in 0..1.

    Returns
    -------
    (H, W, 3) float32, a new array.
    """
    inside = (mask >= 0.5).astype(np.float32)
    if inside.min() == inside.max():
        return picture.copy()
    tint = picture if source is None else picture - source
    within, outside = (_mean_of(tint, side, 0.35 * width) for side in (inside, 1 - inside))
    ramp = scipy.ndimage.gaussian_filter(inside, 0.4 * width, mode="nearest")
    return picture + (ramp - inside)[..., None] * (within - outside)


def _mean_of(values: FloatImage, weight: FloatImage, sigma: float) -> FloatImage:
    """Local mean of what a weight leaves of a picture, reaching a few sigma beyond it."""
    total = scipy.ndimage.gaussian_filter(weight, sigma, mode="nearest")
    sums = scipy.ndimage.gaussian_filter(
        values * weight[..., None], (sigma, sigma, 0), mode="nearest"
    )
    return np.asarray(sums / np.maximum(total, 1e-4)[..., None], np.float32)


def _away(inside: np.ndarray) -> FloatImage:
    """Distance from the border, in pixels, 1 beside it."""
    away = np.where(
        inside,
        scipy.ndimage.distance_transform_edt(inside),
        scipy.ndimage.distance_transform_edt(~inside),
    )
    return np.asarray(away, np.float32)
