"""Picture files decoded: hostile bytes in, upright samples out, or one line that says why not."""

import warnings
from collections.abc import Iterator
from contextlib import contextmanager
from io import BytesIO
from pathlib import Path
from typing import BinaryIO

import numpy as np
from PIL import Image, ImageOps, PngImagePlugin

from overlay.imaging.formats.openraster import ZIP_MARK, picture_data
from overlay.imaging.formats.tiff import MAX_PIXELS, Deep, read_tiff
from overlay.imaging.intake import PictureError, open_regular, reason

READABLE = ("PNG", "JPEG", "WEBP", "TIFF")
MAX_TEXT_BYTES = 4 << 20
_TIFF_MARKS = (b"II*\0", b"MM\0*", b"II+\0", b"MM\0+")
# What Pillow gives that is understood; everything else is refused by name.
_MODES = ("1", "L", "LA", "P", "PA", "RGB", "RGBA", "CMYK", "YCbCr", "I;16", "I;16B", "I;16L")

# Our own check comes first and names the file.
Image.MAX_IMAGE_PIXELS = None
# Recipes may be longer than what Pillow takes by itself.
PngImagePlugin.MAX_TEXT_CHUNK = MAX_TEXT_BYTES


def decode(path: Path) -> Image.Image | Deep:
    """The upright picture in a file.

    Returns
    -------
    A loaded image of mode L, LA, RGB, RGBA or CMYK with its profile in `info`, or deep samples.

    Raises
    ------
    PictureError
        If the file is missing, no regular file, of another format, damaged, over 64 megapixels, or
        of samples whose colours are not certain.
    """
    mark = _first_bytes(path)
    if mark == ZIP_MARK:
        return decode_data(picture_data(path), path)
    if mark in _TIFF_MARKS:
        with open_regular(path) as file:
            deep = read_tiff(file, path)
        if deep is not None:
            return deep
    with open_picture(path) as image:
        return _loaded(image, path)


@contextmanager
def open_picture(path: Path) -> Iterator[Image.Image]:
    """A picture file with its header read and its size checked; raises `PictureError`.

    What Pillow would warn of is either no harm or said in the refusal.
    """
    with open_regular(path) as file, _opened(file, path) as image:
        yield image


def decode_data(data: bytes, path: Path) -> Image.Image | Deep:
    """As `decode`, for a picture within a file; TIFF is not looked for."""
    with _opened(BytesIO(data), path) as image:
        return _loaded(image, path)


@contextmanager
def _opened(file: BinaryIO, path: Path) -> Iterator[Image.Image]:
    with warnings.catch_warnings():
        warnings.simplefilter("ignore")
        try:
            image = Image.open(file, formats=READABLE)
        except OSError as error:
            if error.errno is not None:
                raise PictureError(f"{path}: cannot be read: {reason(error)}") from error
            raise PictureError(
                f"{path}: must be a PNG, JPEG, WebP, TIFF or OpenRaster picture, got something else"
            ) from error
        except Exception as error:  # Pillow raises many kinds for damaged headers
            raise PictureError(f"{path}: the picture is damaged: {reason(error)}") from error
        with image:
            if image.width * image.height > MAX_PIXELS:
                megapixels = image.width * image.height / 1e6
                raise PictureError(f"{path}: pictures may have 64 megapixels, got {megapixels:.0f}")
            yield image


def _first_bytes(path: Path) -> bytes:
    with open_regular(path) as file:
        return file.read(4)


def _loaded(image: Image.Image, path: Path) -> Image.Image | Deep:
    if image.mode not in _MODES:
        raise PictureError(f"{path}: colours must be grey, RGB or CMYK, got {image.mode}")
    try:
        image.load()
        upright = ImageOps.exif_transpose(image)
    except Exception as error:  # Pillow raises many kinds for damaged files
        raise PictureError(f"{path}: the picture is damaged: {reason(error)}") from error
    profile = image.info.get("icc_profile")
    if upright.mode.startswith("I"):
        return _deep_grey(upright, image, profile)
    plain = _unpacked(upright)
    plain.info = {} if profile is None else {"icc_profile": profile}
    return plain


def _deep_grey(upright: Image.Image, image: Image.Image, profile: bytes | None) -> Deep:
    """16 bit grey, with the one tone that may be transparent."""
    values = np.asarray(upright, np.float32)
    tone = image.info.get("transparency")
    alpha = (values != tone).astype(np.float32) if isinstance(tone, int) else None
    samples = (values / 65535)[..., None].clip(0, 1)
    return Deep(np.asarray(samples, np.float32), alpha, profile)


def _unpacked(image: Image.Image) -> Image.Image:
    """Palettes, bits and transparent colours as plain channels, a copy of its own."""
    clear = image.info.get("transparency")
    if image.mode == "RGB" and isinstance(clear, tuple) and max(clear) > 255:
        image.info["transparency"] = tuple(v >> 8 for v in clear)  # the file has 16 bits
    if image.mode in ("P", "PA"):
        return image.convert("RGBA" if clear is not None or image.mode == "PA" else "RGB")
    if image.mode in ("1", "L"):
        grey = image.convert("L")
        return grey if clear is None else grey.convert("LA")
    if image.mode == "YCbCr":
        return image.convert("RGB")
    if image.mode == "RGB" and clear is not None:
        return image.convert("RGBA")
    return image.copy()
