"""OpenRaster files read: the merged picture, or one layer. They may come from anyone."""

import zipfile
from collections.abc import Iterator
from contextlib import contextmanager
from pathlib import Path
from xml.etree import ElementTree

from overlay.imaging.intake import PictureError, open_regular, reason

ENDING = ".ora"
MIME, MERGED, STACK = b"image/openraster", "mergedimage.png", "stack.xml"
ZIP_MARK = b"PK\3\4"
_MOST_STACK, _MOST_LAYERS, _MOST_PICTURE = 1 << 20, 512, 512 << 20
_DECLARED = (b"<!DOCTYPE", b"<!ENTITY")


def layer_names(path: Path) -> list[str]:
    """The names of a file's layers, from the top down; raises `PictureError`."""
    with _archive(path) as archive:
        return [name for name, _ in _layers(archive, path)]


def picture_data(path: Path, layer: str | None = None) -> bytes:
    """The bytes of a file's merged picture, or of one of its layers.

    Raises
    ------
    PictureError
        If it is no such file, is damaged or too large, or has no such layer.
    """
    with _archive(path) as archive:
        name = MERGED
        if layer is not None:
            layers = _layers(archive, path)
            found = dict(reversed(layers))  # of several with one name the topmost
            if layer not in found:
                names = ", ".join(name for name, _ in layers[:8]) or "none"
                raise PictureError(f"{path}: must have a layer {layer!r} (there are: {names})")
            name = found[layer]
        return _read(archive, name, _MOST_PICTURE, path)


@contextmanager
def _archive(path: Path) -> Iterator[zipfile.ZipFile]:
    with open_regular(path, _MOST_PICTURE) as file:
        try:
            archive = zipfile.ZipFile(file)
        except Exception as error:  # zipfile raises many kinds for damaged files
            raise PictureError(
                f"{path}: the OpenRaster file is damaged: {reason(error)}"
            ) from error
        with archive:
            if _read(archive, "mimetype", 64, path).strip() != MIME:
                raise PictureError(f"{path}: must be an OpenRaster file, got another kind of ZIP")
            yield archive


def _read(archive: zipfile.ZipFile, name: str, most: int, path: Path) -> bytes:
    try:
        entry = archive.getinfo(name)
    except KeyError:
        raise PictureError(f"{path}: must hold {name}, got none") from None
    if entry.file_size > most:
        raise PictureError(f"{path}: {name} may have {most} bytes, got {entry.file_size}")
    try:
        with archive.open(entry) as file:
            return file.read(most + 1)[:most]
    except Exception as error:  # zipfile and zlib raise many kinds for damaged entries
        raise PictureError(f"{path}: {name} is damaged: {reason(error)}") from error


def _layers(archive: zipfile.ZipFile, path: Path) -> list[tuple[str, str]]:
    """Name and entry of every layer, also within stacks, from the top down."""
    text = _read(archive, STACK, _MOST_STACK, path)
    if any(mark in text.upper() for mark in _DECLARED):
        raise PictureError(f"{path}: stack.xml must declare nothing of its own, got a DOCTYPE")
    try:
        found = list(ElementTree.fromstring(text).iter("layer"))
    except ElementTree.ParseError as error:
        raise PictureError(f"{path}: stack.xml is damaged: {error}") from error
    if len(found) > _MOST_LAYERS:
        raise PictureError(f"{path}: may have {_MOST_LAYERS} layers, got {len(found)}")
    return [
        (layer.get("name") or f"layer {i + 1}", layer.get("src", ""))
        for i, layer in enumerate(found)
    ]
