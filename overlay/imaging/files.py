"""Picture files in and out: PNG, JPEG, TIFF, WebP.

Everything read becomes 8 bit sRGB, upright, without transparency; everything written appears
whole or not at all and says that it is sRGB. Files are taken as hostile: see `intake`, `decode`.
"""

from collections.abc import Mapping
from io import BytesIO
from pathlib import Path
from typing import Any

import numpy as np
from PIL import Image, PngImagePlugin, TiffImagePlugin

from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.decode import MAX_TEXT_BYTES, decode, open_picture
from overlay.imaging.formats.profiles import grey_curve, srgb_profile, to_srgb
from overlay.imaging.formats.tiff import Deep
from overlay.imaging.formats.xmp import Credit, recipe_in, xmp_packet
from overlay.imaging.intake import PictureError, reason
from overlay.imaging.whole_files import write_bytes

WRITABLE = {
    ".png": "PNG",
    ".jpg": "JPEG",
    ".jpeg": "JPEG",
    ".tif": "TIFF",
    ".tiff": "TIFF",
    ".webp": "WEBP",
}
# Bytes of one text chunk that any reader takes; a longer recipe goes on in further ones.
_CHUNK_BYTES = 1_000_000
_XMP_TAG = 700  # of TIFF
_RECIPE, _ENGINE = "overlay:recipe", "overlay:engine"


def read_picture(path: Path) -> ByteImage:
    """Read a picture file as 8 bit sRGB.

    EXIF orientation is applied, an ICC profile is converted to sRGB, transparency lies on white,
    16 bit samples are rounded to 8.

    Returns
    -------
    (H, W, 3) uint8, sRGB.

    Raises
    ------
    PictureError
        If the file is missing, no regular file, of another format, damaged, over 64 megapixels, or
        if its colours are not certain.
    """
    return as_srgb(decode(path), path)


def as_srgb(image: Image.Image | Deep, path: Path) -> ByteImage:
    """What was decoded from a file, on white: (H, W, 3) uint8 sRGB; raises `PictureError`."""
    if isinstance(image, Deep):
        image = _shallow(image, path)
    rgb = to_srgb(image, image.info.get("icc_profile"), path)
    return np.asarray(_on_white(rgb), np.uint8).copy()


def read_cut_out(path: Path) -> ByteImage:
    """Read a picture with its transparency: (H, W, 4) uint8, sRGB and alpha.

    What has none is opaque throughout. Raises `PictureError` as `read_picture` does.
    """
    image = decode(path)
    if isinstance(image, Deep):
        image = _shallow(image, path)
    rgb = to_srgb(image, image.info.get("icc_profile"), path)
    return np.asarray(rgb.convert("RGBA"), np.uint8).copy()


def read_grey(path: Path) -> FloatImage:
    """Read a mask or map as `(H, W)` float32 in 0..1, black to white, keeping 16 bits.

    Its numbers are taken as they are: a profile says how a tone looks, not what it means here.
    Raises `PictureError`.
    """
    image = decode(path)
    if isinstance(image, Deep):
        grey = np.asarray(image.samples.mean(axis=2), np.float32)
        return grey if image.alpha is None else grey * image.alpha + (1 - image.alpha)
    plain = _on_white(image.convert("RGBA") if image.mode in ("LA", "RGBA") else image)
    return (np.asarray(plain.convert("L"), np.float32) / 255).astype(np.float32)


def _shallow(deep: Deep, path: Path) -> Image.Image:
    """Deep samples as 8 bit RGB or RGBA, their profile still to be applied to colours."""
    profile = deep.profile
    if deep.samples.shape[2] == 1 and profile:
        # A profile of grey is one curve, which is followed at the full depth.
        curve, steps = grey_curve(profile, path), np.linspace(0, 1, 256, dtype=np.float32)
        grey = deep.samples[..., 0]
        colour = np.stack([np.interp(grey, steps, curve[:, c]) for c in range(3)], axis=2)
        profile = None
    else:
        colour = np.broadcast_to(deep.samples, (*deep.samples.shape[:2], 3))
    planes = colour if deep.alpha is None else np.dstack([colour, deep.alpha])
    image = Image.fromarray((planes * 255 + 0.5).astype(np.uint8))
    image.info = {} if profile is None else {"icc_profile": profile}
    return image


def write_picture(
    path: Path,
    rgb: ByteImage,
    *,
    recipe: str | None = None,
    engine: str | None = None,
    texts: Mapping[str, str] | None = None,
) -> None:
    """Write 8 bit sRGB to PNG, JPEG, TIFF or WebP by the file's ending, whole or not at all.

    Parameters
    ----------
    path : where to; an existing file is replaced only by a finished one.
    rgb : (H, W, 3) uint8, sRGB.
    recipe : JSON text for a PNG's `overlay:recipe` chunk; the picture is then also marked as
        algorithmic media in XMP.
    engine : what made it, for a PNG's `overlay:engine` chunk.
    texts : further text chunks of a PNG, by keyword.

    Raises
    ------
    PictureError
        If the ending is unknown or the place cannot be written.
    """
    kind = writable_kind(path)
    options: dict[str, object] = {"icc_profile": srgb_profile()}
    if kind == "PNG":
        chunks = png_chunks(recipe, engine=engine, xmp=_packet(recipe), texts=texts or {})
        options = {"pnginfo": chunks, "compress_level": 6}
    elif kind == "TIFF":
        options["compression"] = "tiff_deflate"
    else:
        options["quality"] = 95
    image = Image.fromarray(np.ascontiguousarray(rgb))
    _write(path, image, kind, options)


def cut_out_png(picture: ByteImage) -> bytes:
    """(H, W, 4) uint8, sRGB and alpha, as the bytes of a PNG."""
    buffer = BytesIO()
    image = Image.fromarray(np.ascontiguousarray(picture))
    image.save(buffer, "PNG", icc_profile=srgb_profile(), compress_level=6)
    return buffer.getvalue()


def thumbnail(rgb: ByteImage, side: int) -> ByteImage:
    """A picture reduced until its longer side is at most `side` pixels: (h, w, 3) uint8."""
    image = Image.fromarray(np.ascontiguousarray(rgb))
    image.thumbnail((side, side), Image.Resampling.BOX, reducing_gap=2.0)
    return np.asarray(image, np.uint8)


def write_grey16(path: Path, values: FloatImage) -> None:
    """Write a map in 0..1 as 16 bit grey PNG, whole or not at all."""
    _write_grey(path, (values.clip(0, 1) * 65535 + 0.5).astype(np.uint16))


def write_grey8(path: Path, values: FloatImage) -> None:
    """Write a mask in 0..1 as 8 bit grey PNG, whole or not at all."""
    _write_grey(path, (values.clip(0, 1) * 255 + 0.5).astype(np.uint8))


def _write_grey(path: Path, values: np.ndarray) -> None:
    _write(path, Image.fromarray(values), "PNG", {})


def _write(path: Path, image: Image.Image, kind: str, options: dict[str, object]) -> None:
    buffer = BytesIO()
    image.save(buffer, kind, **options)
    try:
        write_bytes(path, buffer.getbuffer())
    except OSError as error:
        raise PictureError(f"{path}: cannot be written: {reason(error)}") from error


def writable_kind(path: Path) -> str:
    """The format for a file's ending, or a refusal that lists what is allowed."""
    kind = WRITABLE.get(path.suffix.lower())
    if kind is None:
        allowed = ", ".join(sorted(WRITABLE))
        raise PictureError(f"{path}: the ending must be one of {allowed}, got {path.suffix!r}")
    return kind


def read_recipe_text(path: Path) -> str | None:
    """The recipe a picture carries, or None when there is none; raises `PictureError`.

    A PNG in its `overlay:recipe` chunk, others in their XMP packet.
    """
    with open_picture(path) as image:
        if isinstance(image, PngImagePlugin.PngImageFile):
            packet = None
        else:
            packet = image.info.get("xmp")
            if isinstance(image, TiffImagePlugin.TiffImageFile):
                packet = image.tag_v2.get(_XMP_TAG)
    if packet is None:
        return read_text_chunk(path, _RECIPE)
    if isinstance(packet, tuple):
        packet = packet[0]
    if not isinstance(packet, bytes) or len(packet) > 2 * MAX_TEXT_BYTES:
        return None
    return recipe_in(packet)


def read_text_chunk(path: Path, keyword: str) -> str | None:
    """A PNG's text chunk of ours, or None; raises `PictureError`."""
    with open_picture(path) as image:
        if not isinstance(image, PngImagePlugin.PngImageFile):
            return None
        # Ours stands before the pixels, which then need not be decoded.
        found: Mapping[Any, object] = image.info
        if keyword not in found:
            try:
                image.load()
            except Exception as error:  # Pillow raises many kinds for damaged files
                raise PictureError(f"{path}: the picture is damaged: {reason(error)}") from error
            found = image.text
        text = _joined(found, keyword)
    if text is not None and len(text) > MAX_TEXT_BYTES:
        raise PictureError(f"{path}: {keyword} may have {MAX_TEXT_BYTES} bytes, got {len(text)}")
    return text


def _joined(chunks: Mapping[Any, object], keyword: str) -> str | None:
    """A text from its chunk and those it goes on in."""
    parts: list[str] = []
    while isinstance(part := chunks.get(_part_name(keyword, len(parts))), str):
        parts.append(part)
    return "".join(parts) if parts else None


def _part_name(keyword: str, place: int) -> str:
    return keyword if place == 0 else f"{keyword}:{place + 1}"


def _on_white(image: Image.Image) -> Image.Image:
    """Lay transparency on white and make the picture RGB, or leave grey grey."""
    if image.mode != "RGBA":
        return image
    return Image.alpha_composite(Image.new("RGBA", image.size, "white"), image).convert("RGB")


def _packet(recipe: str | None) -> str | None:
    return None if recipe is None else xmp_packet(Credit())


def png_chunks(
    recipe: str | None,
    *,
    engine: str | None = None,
    xmp: str | None = None,
    srgb: bool = True,
    texts: Mapping[str, str] | None = None,
) -> PngImagePlugin.PngInfo:
    """The chunks of a PNG that say what it is.

    Parameters
    ----------
    recipe, engine : for `overlay:recipe` and `overlay:engine`. xmp : a packet.
    srgb : whether it is said that its colours are sRGB. texts : further ones, by keyword.
    """
    chunks = PngImagePlugin.PngInfo()
    if srgb:
        chunks.add(b"sRGB", b"\0")
    if recipe is not None:
        _add_text(chunks, _RECIPE, recipe)
    if xmp is not None:
        chunks.add_itxt("XML:com.adobe.xmp", xmp)
    made = {} if engine is None else {_ENGINE: engine}
    for keyword, text in (made | dict(texts or {})).items():
        _add_text(chunks, keyword, text)
    return chunks


def _add_text(chunks: PngImagePlugin.PngInfo, keyword: str, text: str) -> None:
    if len(text.encode()) > MAX_TEXT_BYTES:
        raise PictureError(f"{keyword} may have {MAX_TEXT_BYTES} bytes, got {len(text.encode())}")
    for place, part in enumerate(_parts(text)):
        chunks.add_itxt(_part_name(keyword, place), part, zip=len(part) > 2000)


def _parts(text: str) -> list[str]:
    """A text cut so that no part has more bytes than one chunk may have."""
    data, parts = text.encode(), []
    while len(data) > _CHUNK_BYTES:
        # The cut must not fall within a character.
        part = data[:_CHUNK_BYTES].decode(errors="ignore")
        parts.append(part)
        data = data[len(part.encode()) :]
    return [*parts, data.decode()]
