"""Pictures out: PNG and TIFF of 8 or 16 bit, JPEG, WebP, with profile, resolution and credit."""

from dataclasses import dataclass, field
from io import BytesIO
from pathlib import Path
from typing import Any, Literal

import numpy as np
import png
import tifffile
from PIL import Image, PngImagePlugin

from overlay.imaging.colour import ByteImage
from overlay.imaging.files import png_chunks, writable_kind
from overlay.imaging.formats.profiles import from_srgb, srgb_profile
from overlay.imaging.formats.xmp import Credit, xmp_packet
from overlay.imaging.intake import PictureError, reason
from overlay.imaging.whole_files import write_bytes

_DEEP = ("PNG", "TIFF")
_MOST_JPEG_XMP = 65_000  # bytes: one segment holds no more
_INCH = 0.0254  # metres
_XMP_TAG = 700
LEAST_DPI, MOST_DPI = 1.0, 9600.0


@dataclass(frozen=True)
class Output:
    """How a picture is written.

    Attributes
    ----------
    depth : bits a channel; 16 in PNG and TIFF alone.
    dpi : dots per inch, None to say nothing.
    profile : ICC, to which colours are converted; None for sRGB. 8 bit alone.
    quality : of JPEG and WebP, 1..100.
    """

    depth: Literal[8, 16] = 8
    dpi: float | None = None
    profile: bytes | None = None
    quality: int = 95
    credit: Credit = field(default_factory=Credit)


@dataclass(frozen=True)
class _Said:
    """What a file says beside its pixels: an XMP packet, the recipe, what made it."""

    packet: str
    recipe: str | None
    engine: str | None


def check_output(path: Path, output: Output) -> None:
    """Refuse what a file of this ending cannot hold; raises `PictureError`."""
    kind = writable_kind(path)
    if output.depth not in (8, 16):
        raise PictureError(f"{path}: depth must be 8 or 16 bits, got {output.depth}")
    if output.depth == 16 and kind not in _DEEP:
        raise PictureError(f"{path}: 16 bits need PNG or TIFF, got {kind}")
    if output.depth == 16 and output.profile is not None:
        raise PictureError(f"{path}: another profile than sRGB needs 8 bits, got 16")
    if output.dpi is not None and not LEAST_DPI <= output.dpi <= MOST_DPI:
        raise PictureError(
            f"{path}: dots per inch must be {LEAST_DPI:.0f} to {MOST_DPI:.0f}, got {output.dpi:g}"
        )
    if not 1 <= output.quality <= 100:
        raise PictureError(f"{path}: quality must be 1 to 100, got {output.quality}")


def hand_out(
    path: Path,
    rgb: ByteImage,
    output: Output,
    *,
    recipe: str | None = None,
    engine: str | None = None,
) -> None:
    """Write a picture with all that is said of it, whole or not at all.

    Parameters
    ----------
    rgb : (H, W, 3) uint8, sRGB.
    recipe : JSON text that is carried in XMP, and in a PNG's own chunk. Where a JPEG has no room
        for it, it is left out.
    engine : what made it, for a PNG.

    Raises
    ------
    PictureError
        If the format cannot hold what is asked for, or the place cannot be written.
    """
    check_output(path, output)
    kind = writable_kind(path)
    # A PNG has a chunk of its own for it.
    packet = xmp_packet(output.credit, None if kind == "PNG" else recipe)
    if kind == "JPEG" and len(packet.encode()) > _MOST_JPEG_XMP:
        packet = xmp_packet(output.credit)
    said = _Said(packet, recipe, engine)
    if output.depth == 16:
        written = (_deep_png if kind == "PNG" else _deep_tiff)(rgb, output, said)
    else:
        written = _shallow(rgb, output, kind, said)
    try:
        write_bytes(path, written)
    except OSError as error:
        raise PictureError(f"{path}: cannot be written: {reason(error)}") from error


def _shallow(rgb: ByteImage, output: Output, kind: str, said: _Said) -> bytes:
    """By Pillow."""
    image = Image.fromarray(np.ascontiguousarray(rgb))
    profile = srgb_profile()
    if output.profile is not None:
        image, profile = from_srgb(image, output.profile), output.profile
    options: dict[str, Any] = {"icc_profile": profile}
    if output.dpi is not None:
        options["dpi"] = (output.dpi, output.dpi)
    if kind == "PNG":
        plain = output.profile is None
        if plain:
            del options["icc_profile"]
        options["pnginfo"] = _chunks(said, srgb=plain)
    elif kind == "TIFF":
        options |= {"compression": "tiff_deflate", "tiffinfo": {_XMP_TAG: said.packet.encode()}}
    else:
        options |= {"quality": output.quality, "xmp": said.packet.encode()}
        if kind == "JPEG":
            options["subsampling"] = 0
    buffer = BytesIO()
    image.save(buffer, kind, **options)
    return buffer.getvalue()


def _chunks(said: _Said, *, srgb: bool) -> PngImagePlugin.PngInfo:
    return png_chunks(said.recipe, engine=said.engine, xmp=said.packet, srgb=srgb)


def _deep(rgb: ByteImage) -> np.ndarray:
    """Of 16 bits: 255 becomes 65535."""
    return rgb.astype(np.uint16) * np.uint16(257)


def _deep_png(rgb: ByteImage, output: Output, said: _Said) -> bytes:
    """Pillow writes no colours of 16 bits; its text chunks are put before the pixels."""
    height, width = rgb.shape[:2]
    body, plain = BytesIO(), BytesIO()
    png.Writer(width, height, greyscale=False, bitdepth=16, compression=6).write(
        body, _deep(rgb).reshape(height, -1)
    )
    texts = _chunks(said, srgb=True)
    Image.new("RGB", (1, 1)).save(plain, "PNG", pnginfo=texts)
    chunks = list(png.Reader(bytes=body.getvalue()).chunks())
    said_chunks = png.Reader(bytes=plain.getvalue()).chunks()
    beside = [(kind, data) for kind, data in said_chunks if kind in (b"sRGB", b"iTXt")]
    if output.dpi is not None:
        per_metre = round(output.dpi / _INCH).to_bytes(4, "big")
        beside.append((b"pHYs", per_metre * 2 + b"\1"))
    out = BytesIO()
    png.write_chunks(out, [chunks[0], *beside, *chunks[1:]])
    return out.getvalue()


def _deep_tiff(rgb: ByteImage, output: Output, said: _Said) -> bytes:
    buffer, packet = BytesIO(), said.packet.encode()
    resolution: dict[str, Any] = (
        {} if output.dpi is None else {"resolution": (output.dpi, output.dpi)}
    )
    tifffile.imwrite(
        buffer, _deep(rgb), photometric="rgb", compression="adobe_deflate", metadata=None,
        iccprofile=srgb_profile(), extratags=[(_XMP_TAG, 7, len(packet), packet, True)],
        software="overlay", resolutionunit="INCH", **resolution,
    )  # fmt: skip
    return buffer.getvalue()
