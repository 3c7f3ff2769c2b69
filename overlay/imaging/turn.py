"""Turning pictures: by quarters, and by small angles to straighten them."""

import math

import numpy as np
from PIL import Image

from overlay.imaging.colour import ByteImage


def turn_quarters(picture: ByteImage, quarters: int) -> ByteImage:
    """The picture turned clockwise by so many quarters, (H, W, 3) or (W, H, 3) uint8."""
    return np.ascontiguousarray(np.rot90(picture, -quarters))


def straighten(picture: ByteImage, degrees: float) -> ByteImage:
    """The picture turned clockwise by -45 to 45 degrees and cut to what it fills.

    The cut is the largest upright rectangle of the picture's own proportions or nearer to a
    square that lies within the turned one.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    """
    if not -45 <= degrees <= 45:
        raise ValueError(f"degrees must be -45 to 45, got {degrees}")
    if degrees == 0:
        return picture
    height, width = picture.shape[:2]
    wide, high = inscribed(width, height, math.radians(degrees))
    turned = Image.fromarray(picture).rotate(-degrees, Image.Resampling.BICUBIC)
    left, top = round((width - wide) / 2), round((height - high) / 2)
    inner = turned.crop((left, top, left + max(int(wide), 1), top + max(int(high), 1)))
    return np.asarray(inner, np.uint8)


def inscribed(width: float, height: float, angle: float) -> tuple[float, float]:
    """Sides of the largest upright rectangle in a rectangle turned by `angle` radians.

    It touches either two corners of the short sides' middle line or all four sides; both cases
    follow from the turned rectangle's equations.
    """
    long, short = max(width, height), min(width, height)
    sine, cosine = abs(math.sin(angle)), abs(math.cos(angle))
    if short <= 2 * sine * cosine * long or abs(sine - cosine) < 1e-10:
        half = short / 2
        pair = (half / sine, half / cosine)
        wide, high = pair if width >= height else pair[::-1]
    else:
        double = cosine * cosine - sine * sine
        wide = (width * cosine - height * sine) / double
        high = (height * cosine - width * sine) / double
    # Never beyond the frame that is turned within.
    return min(wide, width), min(high, height)
