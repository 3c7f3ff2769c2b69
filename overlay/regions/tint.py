"""Showing a mask: a tint and an outline that stand out from any picture beneath."""

import numpy as np
import scipy

from overlay.imaging.colour import ByteImage, FloatImage

# Tried in this order; the first whose hue is far from the picture's under the mask is taken.
_TINTS = ((0, 114, 178), (230, 120, 0), (204, 60, 160), (0, 158, 115))
_HATCH = 12  # pixels between the hatching's lines, on 512 rows


def masks_overlay(masks: list[FloatImage], picture: ByteImage) -> ByteImage:
    """Several masks over each other, each in a tint of its own, the last on top.

    Returns
    -------
    (H, W, 4) uint8, as of `mask_overlay`.
    """
    out = np.zeros((*picture.shape[:2], 4), np.uint8)
    taken: list[tuple[int, int, int]] = []
    for mask in masks:
        tint = choose_tint(mask, picture, taken)
        taken.append(tint)
        over = mask_overlay(mask, picture, tint)
        # Where both are thin the upper one's tint stands; outlines stay.
        higher = over[..., 3] >= out[..., 3]
        out[higher] = over[higher]
    return out


def mask_overlay(
    mask: FloatImage, picture: ByteImage, tint: tuple[int, int, int] | None = None
) -> ByteImage:
    """The tint, hatching and outline of a mask, with their transparency.

    The outline is white within black, so that one of both has at least 4.5:1 against any colour
    (the geometric mean of black's and white's luminance is the worst case: sqrt(21) = 4.58).

    Parameters
    ----------
    mask : (H, W) float32 in 0..1. picture : (H, W, 3) uint8 sRGB, what lies beneath.
    tint : of its area, or None for one that stands out.

    Returns
    -------
    (H, W, 4) uint8, red, green, blue and alpha, not premultiplied.
    """
    height, width = mask.shape
    out = np.zeros((height, width, 4), np.uint8)
    out[..., :3] = choose_tint(mask, picture) if tint is None else tint
    out[..., 3] = (mask.clip(0, 1) * 90).astype(np.uint8)
    pitch = max(round(_HATCH * height / 512), 4)
    y, x = np.mgrid[0:height, 0:width]
    line = ((x + y) % pitch < max(pitch // 6, 1)) & (mask > 0.5)
    out[line] = (*((255, 255, 255) if _dark(mask, picture) else (0, 0, 0)), 130)
    white, black = outline(mask)
    out[black] = (0, 0, 0, 255)
    out[white] = (255, 255, 255, 255)
    return out


def outline(mask: FloatImage) -> tuple[np.ndarray, np.ndarray]:
    """The white line on a mask's contour and the black ones beside it: two (H, W) bool."""
    inside = mask >= 0.5
    edge = inside & ~scipy.ndimage.binary_erosion(inside, border_value=1)
    wide = max(round(mask.shape[0] / 700), 1)
    white = scipy.ndimage.binary_dilation(edge, iterations=wide) if wide > 1 else edge
    black = scipy.ndimage.binary_dilation(white, iterations=wide) & ~white
    return white, black


def choose_tint(
    mask: FloatImage, picture: ByteImage, taken: list[tuple[int, int, int]] | None = None
) -> tuple[int, int, int]:
    """The tint that differs most from what lies under a mask; one that is not taken if there is."""
    beneath = picture[mask > 0.5]
    free = [t for t in _TINTS if t not in (taken or ())] or list(_TINTS)
    if not len(beneath):
        return free[0]
    mean = beneath[:: max(len(beneath) // 4096, 1)].astype(float).mean(axis=0)
    return max(free, key=lambda tint: float(np.abs(np.array(tint) - mean).sum()))


def _dark(mask: FloatImage, picture: ByteImage) -> bool:
    beneath = picture[mask > 0.5]
    return bool(len(beneath) and beneath[:: max(len(beneath) // 4096, 1)].mean() < 128)
