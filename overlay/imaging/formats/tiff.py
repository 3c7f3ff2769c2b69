"""TIFF pictures that Pillow would take for something else: 16 bit, planar, min-is-white.

What cannot be told from the file alone (the range of floats, of signed and of 32 bit samples, the
white of Lab) is refused by name, never guessed.
"""

import logging
from dataclasses import dataclass
from pathlib import Path
from typing import Any, BinaryIO

import numpy as np
import numpy.typing as npt
import tifffile

from overlay.imaging.colour import FloatImage
from overlay.imaging.intake import PictureError

MAX_PIXELS = 67_108_864  # 8192 by 8192, as large as pictures become
_MOST_SAMPLES = 8
_WHITE_IS_0, _BLACK_IS_0, _RGB = 0, 1, 2
_ASSOCIATED = 1  # alpha that colours are multiplied by (TIFF 6.0, ExtraSamples)
_WITH_ALPHA = (1, 2)
_PROFILE = 34675

# What is wrong with a file is said once, in the refusal.
logging.getLogger("tifffile").setLevel(logging.CRITICAL)


@dataclass(frozen=True)
class Deep:
    """Samples of up to 16 bits.

    Attributes
    ----------
    samples : (H, W, 1 or 3) float32 in 0..1, black to white, encoded as the profile says.
    alpha : (H, W) float32 in 0..1, or None. profile : ICC, or None for sRGB.
    """

    samples: FloatImage
    alpha: FloatImage | None
    profile: bytes | None


def read_tiff(file: BinaryIO, path: Path) -> Deep | None:
    """The first picture of a TIFF file where Pillow does not read it right, else None.

    Raises
    ------
    PictureError
        For samples whose meaning is not certain, and for pictures over 64 megapixels.
    """
    try:
        with tifffile.TiffFile(file) as tiff:
            page: Any = tiff.pages[0]
            _refuse_uncertain(page, path)
            if not _is_ours(page):
                return None
            array = np.asarray(page.asarray())
            return _upright(_deep(page, array), page)
    except PictureError:
        raise
    except Exception:  # tifffile raises many kinds; Pillow may still read it, or say why not
        return None


def _refuse_uncertain(page: Any, path: Path) -> None:
    bits, kind = int(page.bitspersample), int(page.sampleformat)
    if kind != 1 or bits not in (1, 2, 4, 8, 16):
        name = {1: "whole", 2: "signed", 3: "float"}.get(kind, "unknown")
        raise PictureError(
            f"{path}: samples must be whole numbers of up to 16 bits, got {bits} bit {name} ones"
        )
    named = getattr(page.photometric, "name", str(page.photometric))
    deep = (_WHITE_IS_0, _BLACK_IS_0, _RGB)
    shallow = (*deep, 3, 5, 6)  # palette, separated (CMYK), YCbCr
    if int(page.photometric) not in (deep if bits == 16 else shallow):
        raise PictureError(f"{path}: colours must be grey or RGB, got {bits} bit {named}")
    if page.imagewidth * page.imagelength > MAX_PIXELS:
        megapixels = page.imagewidth * page.imagelength / 1e6
        raise PictureError(f"{path}: pictures may have 64 megapixels, got {megapixels:.0f}")
    if int(page.samplesperpixel) > _MOST_SAMPLES:
        raise PictureError(
            f"{path}: may have {_MOST_SAMPLES} samples a pixel, got {page.samplesperpixel}"
        )


def _is_ours(page: Any) -> bool:
    colour = int(page.photometric) in (_WHITE_IS_0, _BLACK_IS_0, _RGB)
    planar = int(page.planarconfig) == 2 and int(page.samplesperpixel) > 1
    return colour and (int(page.bitspersample) == 16 or (planar and int(page.bitspersample) == 8))


def _deep(page: Any, array: npt.NDArray[Any]) -> Deep:
    height, width, count = page.imagelength, page.imagewidth, int(page.samplesperpixel)
    if int(page.planarconfig) == 2 and count > 1:
        array = np.moveaxis(array.reshape(count, height, width), 0, -1)
    values = (array.reshape(height, width, count) / np.iinfo(array.dtype).max).astype(np.float32)
    colours = 3 if int(page.photometric) == _RGB else 1
    samples, alpha = values[..., :colours], None
    extra = [int(v) for v in page.extrasamples]
    if extra and extra[0] in _WITH_ALPHA and count > colours:
        alpha = values[..., colours]
        if extra[0] == _ASSOCIATED:
            samples = (samples / np.maximum(alpha, 1e-6)[..., None]).clip(0, 1)
    if int(page.photometric) == _WHITE_IS_0:
        samples = 1 - samples
    tag = page.tags.get(_PROFILE)
    return Deep(samples, alpha, None if tag is None else bytes(tag.value))


def _upright(deep: Deep, page: Any) -> Deep:
    tag = page.tags.get("Orientation")
    turn = 1 if tag is None else int(tag.value)
    alpha = None if deep.alpha is None else turned(deep.alpha, turn)
    return Deep(turned(deep.samples, turn), alpha, deep.profile)


def turned(array: FloatImage, orientation: int) -> FloatImage:
    """An array as it is to be looked at, by the orientation of EXIF and TIFF (1 to 8)."""
    if orientation in (5, 6, 7, 8):
        array = array.swapaxes(0, 1)
    if orientation in (2, 3, 6, 7):
        array = array[:, ::-1]
    if orientation in (3, 4, 7, 8):
        array = array[::-1]
    return np.ascontiguousarray(array)
