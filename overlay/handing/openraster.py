"""OpenRaster: a picture with its layers, for painting programs (version 0.0.6 of the standard).

A ZIP: `mimetype` first and stored, `stack.xml` with the layers from the top down, their pictures,
the merged picture, and a thumbnail of at most 256 pixels.
"""

import zipfile
from dataclasses import dataclass
from io import BytesIO
from pathlib import Path
from xml.etree import ElementTree

import numpy as np
import numpy.typing as npt
from PIL import Image

from overlay.imaging.colour import ByteImage
from overlay.imaging.decode import decode_data
from overlay.imaging.files import as_srgb, thumbnail
from overlay.imaging.formats.openraster import MERGED, MIME, STACK, picture_data
from overlay.imaging.intake import PictureError, reason
from overlay.imaging.whole_files import write_bytes

_THUMB = 256
_LONG_AGO = (1980, 1, 1, 0, 0, 0)  # the same layers give the same bytes


@dataclass(frozen=True)
class Layer:
    """One layer.

    Attributes
    ----------
    pixels : (H, W, 3 or 4) uint8 sRGB, alpha not multiplied in; of the picture's size.
    shown : whether it is seen at first.
    """

    name: str
    pixels: npt.NDArray[np.uint8]
    shown: bool = True


def write_openraster(
    path: Path, merged: ByteImage, layers: list[Layer], *, dpi: float | None = None
) -> None:
    """Write a picture with its layers, whole or not at all.

    Parameters
    ----------
    merged : (H, W, 3) uint8 sRGB, what the layers that are shown add up to.
    layers : from the top down.

    Raises
    ------
    PictureError
        If the place cannot be written.
    """
    buffer = BytesIO()
    with zipfile.ZipFile(buffer, "w") as archive:
        _add(archive, "mimetype", MIME)
        for number, layer in enumerate(layers):
            _add(archive, _source(number), _png(layer.pixels))
        _add(archive, MERGED, _png(merged))
        _add(archive, "Thumbnails/thumbnail.png", _png(thumbnail(merged, _THUMB)))
        _add(archive, STACK, _stack(merged, layers, dpi), packed=True)
    try:
        write_bytes(path, buffer.getbuffer())
    except OSError as error:
        raise PictureError(f"{path}: cannot be written: {reason(error)}") from error


def _add(archive: zipfile.ZipFile, name: str, data: bytes, *, packed: bool = False) -> None:
    entry = zipfile.ZipInfo(name, _LONG_AGO)
    entry.compress_type = zipfile.ZIP_DEFLATED if packed else zipfile.ZIP_STORED
    archive.writestr(entry, data)


def _source(number: int) -> str:
    return f"data/layer{number:03d}.png"


def _png(pixels: npt.NDArray[np.uint8]) -> bytes:
    buffer = BytesIO()
    Image.fromarray(np.ascontiguousarray(pixels)).save(buffer, "PNG", compress_level=3)
    return buffer.getvalue()


def _stack(merged: ByteImage, layers: list[Layer], dpi: float | None) -> bytes:
    height, width = merged.shape[:2]
    size = {"w": str(width), "h": str(height)}
    if dpi is not None:
        size |= {"xres": str(round(dpi)), "yres": str(round(dpi))}
    image = ElementTree.Element("image", {"version": "0.0.6", **size})
    stack = ElementTree.SubElement(image, "stack")
    for number, layer in enumerate(layers):
        said = {
            "name": layer.name, "src": _source(number), "x": "0", "y": "0", "opacity": "1.0",
            "visibility": "visible" if layer.shown else "hidden", "composite-op": "svg:src-over",
        }  # fmt: skip
        ElementTree.SubElement(stack, "layer", said)
    return bytes(ElementTree.tostring(image, encoding="UTF-8", xml_declaration=True))


def read_layer(path: Path, layer: str | None = None) -> ByteImage:
    """The merged picture of a file, or one of its layers on white: (H, W, 3) uint8 sRGB.

    Raises
    ------
    PictureError
        If it is no such file, is damaged or too large, or has no such layer.
    """
    return as_srgb(decode_data(picture_data(path, layer), path), path)
