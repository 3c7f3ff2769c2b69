"""ZIP files that may come from anyone: what must hold before an entry of theirs is read."""

import os
import zipfile
from pathlib import Path
from typing import BinaryIO

from overlay.document.text.json_text import RecipeError

MOST_ENTRIES = 4096
MOST_BYTES = 4 << 30  # bytes, of all entries
MOST_RATIO = 400  # of packed to unpacked bytes; pictures come nowhere near
_MOST_ENDING, _MOST_LISTED = 22 + (1 << 16), 4 << 20  # bytes of a ZIP's end, and of its list


def refuse_directory(file: BinaryIO, path: Path) -> None:
    """Refuse a list of entries that would not fit into memory, before it is read."""
    file.seek(0, os.SEEK_END)
    file.seek(max(file.tell() - _MOST_ENDING, 0))
    ending = file.read()
    at = ending.rfind(b"PK\5\6")
    listed = int.from_bytes(ending[at + 12 : at + 16], "little")
    if at >= 0 and listed > _MOST_LISTED:
        raise RecipeError(f"{path}: may have {MOST_ENTRIES} entries, got a list of {listed} bytes")
    file.seek(0)


def checked_entries(container: zipfile.ZipFile, path: Path) -> dict[str, zipfile.ZipInfo]:
    """The entries by name, if they are not too many, too large or a bomb; else `RecipeError`."""
    listed = container.infolist()
    if len(listed) > MOST_ENTRIES:
        raise RecipeError(f"{path}: may have {MOST_ENTRIES} entries, got {len(listed)}")
    total = sum(entry.file_size for entry in listed)
    if total > MOST_BYTES:
        raise RecipeError(f"{path}: may unpack to 4 GiB, got {total} bytes")
    for entry in listed:
        if entry.file_size > MOST_RATIO * max(entry.compress_size, 64):
            raise RecipeError(f"{path}: {entry.filename!r} is packed beyond belief")
    return {entry.filename: entry for entry in listed}


def read_entry(
    container: zipfile.ZipFile,
    entries: dict[str, zipfile.ZipInfo],
    name: str,
    most: int,
    path: Path,
) -> bytes:
    """One entry's bytes; raises `RecipeError` where it is not there or larger than `most`."""
    if name not in entries:
        raise RecipeError(f"{path}: must hold {name}, got none")
    if entries[name].file_size > most:
        raise RecipeError(f"{path}: {name} may have {most} bytes, got {entries[name].file_size}")
    with container.open(entries[name]) as file:
        return file.read(most + 1)[:most]
