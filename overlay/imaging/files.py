"""Picture files in and out: PNG, JPEG, TIFF, WebP.

Everything read becomes 8 bit sRGB, upright, without transparency; everything written appears
whole or not at all. Files are taken as hostile: size is checked before pixels are decoded.
"""

import logging
import os
import tempfile
import warnings
from collections.abc import Callable, Mapping
from io import BytesIO
from pathlib import Path
from typing import BinaryIO

import numpy as np
import tifffile
from PIL import Image, ImageCms, ImageOps, PngImagePlugin

from overlay.imaging.colour import ByteImage, FloatImage

MAX_PIXELS = 64_000_000
MAX_FILE_BYTES = 1 << 30
MAX_TEXT_BYTES = 4 << 20
READABLE = ("PNG", "JPEG", "WEBP", "TIFF")
WRITABLE = {
    ".png": "PNG",
    ".jpg": "JPEG",
    ".jpeg": "JPEG",
    ".tif": "TIFF",
    ".tiff": "TIFF",
    ".webp": "WEBP",
}

# Our own check comes first and names the file.
Image.MAX_IMAGE_PIXELS = None
# What is wrong with a file is said once, in the refusal.
logging.getLogger("tifffile").setLevel(logging.CRITICAL)

_ALGORITHMIC = (
    '<?xpacket begin="\ufeff" id="W5M0MpCehiHzreSzNTczkc9d"?>'
    '<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF '
    'xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"><rdf:Description rdf:about="" '
    'xmlns:Iptc4xmpExt="http://iptc.org/std/Iptc4xmpExt/2008-02-29/" '
    "Iptc4xmpExt:DigitalSourceType="
    '"http://cv.iptc.org/newscodes/digitalsourcetype/algorithmicMedia"/>'
    '</rdf:RDF></x:xmpmeta><?xpacket end="r"?>'
)


class PictureError(ValueError):
    """A picture file that cannot be read or written, in one line that names it."""


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
        If the file is missing, unreadable, of another format, damaged, or over 64 megapixels.
    """
    image = _decode(path)
    if isinstance(image, np.ndarray):
        return _deep_to_rgb(image)
    return np.asarray(_flatten(_to_srgb(image)), np.uint8).copy()


def read_grey(path: Path) -> FloatImage:
    """Read a mask or map as `(H, W)` float32 in 0..1, black to white, keeping 16 bits."""
    image = _decode(path)
    if isinstance(image, np.ndarray):
        return (_deep_to_grey(image) / 65535).astype(np.float32)
    if image.mode.startswith("I"):
        return (np.asarray(image, np.float64) / 65535).clip(0, 1).astype(np.float32)
    return (np.asarray(_flatten(image).convert("L"), np.float32) / 255).astype(np.float32)


def write_picture(
    path: Path,
    rgb: ByteImage,
    *,
    recipe: str | None = None,
    texts: Mapping[str, str] | None = None,
) -> None:
    """Write 8 bit sRGB to PNG, JPEG, TIFF or WebP by the file's ending, whole or not at all.

    Parameters
    ----------
    path : where to; an existing file is replaced only by a finished one.
    rgb : (H, W, 3) uint8, sRGB.
    recipe : JSON text for a PNG's `overlay:recipe` chunk; the picture is then also marked as
        algorithmic media in XMP.
    texts : further text chunks of a PNG, by keyword.

    Raises
    ------
    PictureError
        If the ending is unknown or the place cannot be written.
    """
    kind = writable_kind(path)
    options: dict[str, object] = {"quality": 95} if kind in ("JPEG", "WEBP") else {}
    if kind == "PNG":
        options = {"pnginfo": _png_chunks(recipe, texts or {}), "compress_level": 6}
    elif kind == "TIFF":
        options = {"compression": "tiff_deflate"}
    image = Image.fromarray(np.ascontiguousarray(rgb))
    buffer = BytesIO()
    image.save(buffer, kind, **options)
    try:
        write_bytes(path, buffer.getbuffer())
    except OSError as error:
        raise PictureError(f"{path}: cannot be written: {reason(error)}") from error


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
    buffer = BytesIO()
    Image.fromarray(values).save(buffer, "PNG")
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


def write_whole(path: Path, fill: Callable[[BinaryIO], object]) -> None:
    """Write a file beside its place, then move it there, so that no half of it is ever seen."""
    handle, name = tempfile.mkstemp(prefix=".overlay-", dir=path.parent)
    try:
        with os.fdopen(handle, "wb") as file:
            fill(file)
            file.flush()
            os.fsync(file.fileno())
        umask = os.umask(0)
        os.umask(umask)
        Path(name).chmod(0o666 & ~umask)
        Path(name).replace(path)
    except BaseException:
        Path(name).unlink(missing_ok=True)
        raise


def write_bytes(path: Path, data: bytes | memoryview) -> None:
    """Write a file whole or not at all."""
    write_whole(path, lambda file: file.write(data))


def read_recipe_text(path: Path) -> str | None:
    """The recipe a PNG carries in its `overlay:recipe` chunk, or None when there is none."""
    return read_text_chunk(path, "overlay:recipe")


def read_text_chunk(path: Path, keyword: str) -> str | None:
    """A PNG's text chunk of ours, or None; raises `PictureError`."""
    with _open(path) as image:
        if not isinstance(image, PngImagePlugin.PngImageFile):
            return None
        # Ours stands before the pixels, which then need not be decoded.
        text = image.info.get(keyword)
        if text is None:
            try:
                image.load()
            except Exception as error:  # Pillow raises many kinds for damaged files
                raise PictureError(f"{path}: the picture is damaged: {reason(error)}") from error
            text = image.text.get(keyword)
    if text is not None and len(text) > MAX_TEXT_BYTES:
        raise PictureError(f"{path}: {keyword} may have {MAX_TEXT_BYTES} bytes, got {len(text)}")
    return text


def reason(error: BaseException) -> str:
    """The cause of an error in a few words, without the path it may repeat."""
    if isinstance(error, OSError) and error.strerror:
        return error.strerror.lower()
    return str(error).splitlines()[0] if str(error) else type(error).__name__


def _open(path: Path) -> Image.Image:
    if not path.exists():
        raise PictureError(f"{path}: no such file")
    if not path.is_file():
        raise PictureError(f"{path}: must be a picture file, got a folder or device")
    if path.stat().st_size == 0:
        raise PictureError(f"{path}: the file is empty")
    if path.stat().st_size > MAX_FILE_BYTES:
        raise PictureError(f"{path}: files may have 1 GiB, got {path.stat().st_size} bytes")
    try:
        image = Image.open(path, formats=READABLE)
    except OSError as error:
        if error.errno is not None:
            raise PictureError(f"{path}: cannot be read: {reason(error)}") from error
        raise PictureError(
            f"{path}: must be a PNG, JPEG, WebP or TIFF picture, got something else"
        ) from error
    except Exception as error:  # Pillow raises many kinds for damaged headers
        raise PictureError(f"{path}: the picture is damaged: {reason(error)}") from error
    if image.width * image.height > MAX_PIXELS:
        megapixels = image.width * image.height / 1e6
        image.close()
        raise PictureError(f"{path}: pictures may have 64 megapixels, got {megapixels:.0f}")
    return image


def _decode(path: Path) -> Image.Image | np.ndarray:
    """The upright picture: a loaded Pillow image, or an array for 16 bit TIFF colour."""
    with warnings.catch_warnings():
        warnings.simplefilter("ignore")
        return _decode_loudly(path)


def _decode_loudly(path: Path) -> Image.Image | np.ndarray:
    try:
        image = _open(path)
    except PictureError:
        deep = _deep_tiff(path)
        if deep is None:
            raise
        return deep
    with image:
        try:
            image.load()
            turned = ImageOps.exif_transpose(image)
        except Exception as error:  # Pillow raises many kinds for damaged files
            raise PictureError(f"{path}: the picture is damaged: {reason(error)}") from error
        return turned.copy()


def _deep_tiff(path: Path) -> np.ndarray | None:
    """16 bit colour TIFF, which Pillow does not open; None for anything else."""
    if path.suffix.lower() not in (".tif", ".tiff") or not path.is_file():
        return None
    try:
        with tifffile.TiffFile(path) as file:
            page = file.pages[0]
            height, width = page.shape[:2]
            if page.dtype != np.uint16 or page.ndim != 3 or height * width > MAX_PIXELS:
                return None
            if page.shape[2] not in (2, 3, 4):
                return None
            return np.asarray(page.asarray())
    except Exception:  # tifffile raises many kinds; the first refusal stands
        return None


def _deep_to_rgb(deep: np.ndarray) -> ByteImage:
    values = deep.astype(np.float32) / 65535
    colour = values[..., :3] if deep.shape[2] >= 3 else values[..., :1].repeat(3, axis=2)
    if deep.shape[2] in (2, 4):
        alpha = values[..., -1:]
        colour = colour * alpha + (1 - alpha)
    return (colour * 255 + 0.5).astype(np.uint8)


def _deep_to_grey(deep: np.ndarray) -> FloatImage:
    colour = deep[..., :3] if deep.shape[2] >= 3 else deep[..., :1]
    return np.asarray(colour.astype(np.float32).mean(axis=2), np.float32)


def _to_srgb(image: Image.Image) -> Image.Image:
    """Convert by the embedded profile; a profile that cannot be used is passed over."""
    profile = image.info.get("icc_profile")
    if image.mode.startswith("I"):
        deep = np.asarray(image, np.float32) / 257
        return Image.fromarray(deep.clip(0, 255).astype(np.uint8))
    if not profile or image.mode not in ("RGB", "RGBA", "CMYK", "L"):
        return image
    alpha = image.getchannel("A") if image.mode == "RGBA" else None
    try:
        source = ImageCms.ImageCmsProfile(BytesIO(profile))
        plain = image.convert("RGB") if alpha else image
        converted = ImageCms.profileToProfile(
            plain, source, ImageCms.createProfile("sRGB"), outputMode="RGB"
        )
    except (ImageCms.PyCMSError, OSError, ValueError):
        return image
    if converted is None:
        return image
    if alpha:
        converted.putalpha(alpha)
    return converted


def _flatten(image: Image.Image) -> Image.Image:
    """Lay transparency on white and make the picture RGB."""
    if image.mode in ("RGBA", "LA", "PA") or "transparency" in image.info:
        rgba = image.convert("RGBA")
        paper = Image.new("RGBA", rgba.size, "white")
        return Image.alpha_composite(paper, rgba).convert("RGB")
    return image.convert("RGB")


def _png_chunks(recipe: str | None, texts: Mapping[str, str]) -> PngImagePlugin.PngInfo:
    chunks = PngImagePlugin.PngInfo()
    chunks.add(b"sRGB", b"\0")
    if recipe is not None:
        chunks.add_itxt("overlay:recipe", recipe, zip=len(recipe) > 2000)
        chunks.add_itxt("XML:com.adobe.xmp", _ALGORITHMIC)
    for keyword, text in texts.items():
        chunks.add_itxt(keyword, text, zip=len(text) > 2000)
    return chunks
