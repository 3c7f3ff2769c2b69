"""Colour profiles (ICC.1:2022): pictures with one of their own become sRGB, by littleCMS."""

from functools import cache
from io import BytesIO
from pathlib import Path

import numpy as np
from PIL import Image, ImageCms

from overlay.imaging.colour import FloatImage
from overlay.imaging.intake import PictureError, reason

_COLOUR_SPACES = {"RGB": "RGB", "GRAY": "L", "CMYK": "CMYK"}
_DATE = slice(24, 36)  # of a profile's header (ICC.1:2022, 7.2.1)


@cache
def srgb_profile() -> bytes:
    """The sRGB profile that exported pictures carry; always the same bytes."""
    profile = bytearray(ImageCms.ImageCmsProfile(ImageCms.createProfile("sRGB")).tobytes())
    # littleCMS writes the present moment here.
    profile[_DATE] = bytes(len(profile[_DATE]))
    return bytes(profile)


def to_srgb(image: Image.Image, profile: bytes | None, path: Path) -> Image.Image:
    """A picture as sRGB, transparency kept.

    Parameters
    ----------
    image : of mode L, LA, RGB, RGBA or CMYK, 8 bit.
    profile : what its numbers mean; None for sRGB (CMYK is then plain ink on paper).

    Returns
    -------
    An image of mode RGB or RGBA.

    Raises
    ------
    PictureError
        If the profile is damaged or of another kind than the picture; nothing is guessed.
    """
    if not profile or profile == srgb_profile():
        return image if image.mode in ("RGB", "RGBA") else _plain(image)
    alpha = image.getchannel("A") if image.mode in ("LA", "RGBA") else None
    colour = image.convert(image.mode.removesuffix("A")) if alpha is not None else image
    converted = _through(colour, profile, path)
    if alpha is not None:
        converted.putalpha(alpha)
    return converted


def from_srgb(image: Image.Image, profile: bytes) -> Image.Image:
    """An RGB picture with its colours in another RGB profile; raises `PictureError`."""
    try:
        target = ImageCms.ImageCmsProfile(BytesIO(profile))
        space = target.profile.xcolor_space.strip()
        if space != "RGB":
            raise PictureError(f"profile: must be of RGB, got {space!r}")
        converted = ImageCms.profileToProfile(image, ImageCms.createProfile("sRGB"), target)
    except (ImageCms.PyCMSError, OSError, TypeError) as error:
        raise PictureError(f"profile: is damaged: {reason(error)}") from error
    assert converted is not None
    return converted


def grey_curve(profile: bytes, path: Path) -> FloatImage:
    """What 256 even steps from black to white are in sRGB: (256, 3) float32 in 0..1."""
    ramp = Image.fromarray(np.arange(256, dtype=np.uint8)[None])
    shown = np.asarray(_through(ramp, profile, path), np.float32)[0]
    return np.asarray(shown / 255, np.float32)


def _plain(image: Image.Image) -> Image.Image:
    return image.convert("RGBA" if image.mode == "LA" else "RGB")


def _through(colour: Image.Image, profile: bytes, path: Path) -> Image.Image:
    try:
        source = ImageCms.ImageCmsProfile(BytesIO(profile))
        space = source.profile.xcolor_space.strip()
        mode = _COLOUR_SPACES.get(space)
        if mode == "RGB" and colour.mode == "L":
            colour = colour.convert("RGB")
        if mode != colour.mode:
            raise PictureError(
                f"{path}: the colour profile must fit the picture ({colour.mode}), got {space!r}"
            )
        target = ImageCms.createProfile("sRGB")
        converted = ImageCms.profileToProfile(colour, source, target, outputMode="RGB")
    except (ImageCms.PyCMSError, OSError, TypeError) as error:
        raise PictureError(f"{path}: the colour profile is damaged: {reason(error)}") from error
    assert converted is not None  # it is when not asked to work in place
    return converted
