"""Files from outside: regular ones only, their size known before a byte of them is read.

Devices, pipes, sockets and links to such are told from their status, for opening or reading one may
never end. A file that grows while it is read counts as damaged: no more is read than was announced.
"""

import hashlib
import os
import stat
from pathlib import Path
from typing import BinaryIO

MAX_FILE_BYTES = 1 << 30
_BLOCK = 1 << 20

_KINDS = (
    (stat.S_ISDIR, "a folder"),
    (stat.S_ISCHR, "a device"),
    (stat.S_ISBLK, "a device"),
    (stat.S_ISFIFO, "a pipe"),
    (stat.S_ISSOCK, "a socket"),
)


class PictureError(ValueError):
    """A file that cannot be read or written, in one line that names it."""


class MissingFileError(PictureError):
    """A file that is not there; `path` says where it was looked for."""

    def __init__(self, path: Path | str) -> None:
        super().__init__(f"{path}: no such file")
        self.path = Path(path)


def reason(error: BaseException) -> str:
    """The cause of an error in a few words, without the path it may repeat."""
    if isinstance(error, OSError) and error.strerror:
        return error.strerror.lower()
    return str(error).splitlines()[0] if str(error) else type(error).__name__


def regular_status(path: Path | str) -> os.stat_result:
    """The status of a regular file, links followed.

    Raises
    ------
    PictureError
        If there is none, or it is a folder, device, pipe or socket.
    """
    try:
        status = os.stat(path)  # noqa: PTH116 (takes text with null bytes, which Path.stat does not)
    except FileNotFoundError as error:
        raise MissingFileError(path) from error
    except OSError as error:
        raise PictureError(f"{path}: cannot be read: {reason(error)}") from error
    except ValueError as error:
        raise PictureError(f"{path}: no file can have this name: {reason(error)}") from error
    _refuse_irregular(path, status.st_mode)
    return status


def file_stamp(path: Path | str) -> tuple[int, int, int] | None:
    """Time, size and inode of a file: other ones as soon as it is written anew; None for none."""
    try:
        status = os.stat(path)  # noqa: PTH116 (as above)
    except (OSError, ValueError):
        return None
    return status.st_mtime_ns, status.st_size, status.st_ino


def open_regular(path: Path | str, most_bytes: int = MAX_FILE_BYTES) -> BinaryIO:
    """Open a regular file that is not empty for reading.

    Raises
    ------
    PictureError
        In one line, if it is missing, no regular file, empty, larger than `most_bytes`, or locked
        away.
    """
    _refuse_size(path, regular_status(path).st_size, most_bytes)
    try:
        file = open(path, "rb", opener=_open_at_once)  # noqa: SIM115 (the caller closes it)
    except OSError as error:
        raise PictureError(f"{path}: cannot be read: {reason(error)}") from error
    try:
        status = os.fstat(file.fileno())
        _refuse_irregular(path, status.st_mode)
        _refuse_size(path, status.st_size, most_bytes)
    except PictureError:
        file.close()
        raise
    return file


def _open_at_once(path: str, flags: int) -> int:
    """Should the file have become a pipe meanwhile, opening it must not wait for a writer."""
    return os.open(path, flags | os.O_NONBLOCK)


def read_regular(path: Path | str, most_bytes: int) -> bytes:
    """All bytes of a regular file.

    Raises
    ------
    PictureError
        As `open_regular`, and if the file grows while it is read.
    """
    with open_regular(path, most_bytes) as file:
        size = os.fstat(file.fileno()).st_size
        try:
            data = file.read(size + 1)
        except OSError as error:
            raise PictureError(f"{path}: cannot be read: {reason(error)}") from error
    if len(data) > size:
        raise PictureError(f"{path}: must stay as it is while it is read, it grew")
    return data


def file_digest(path: Path | str) -> str:
    """SHA-256 of a regular file's bytes, hexadecimal; raises `PictureError`."""
    digest = hashlib.sha256()
    with open_regular(path) as file:
        left = os.fstat(file.fileno()).st_size
        try:
            while block := file.read(min(_BLOCK, left + 1)):
                left -= len(block)
                if left < 0:
                    raise PictureError(f"{path}: must stay as it is while it is read, it grew")
                digest.update(block)
        except OSError as error:
            raise PictureError(f"{path}: cannot be read: {reason(error)}") from error
    return digest.hexdigest()


def _refuse_irregular(path: Path | str, mode: int) -> None:
    for is_kind, name in _KINDS:
        if is_kind(mode):
            raise PictureError(f"{path}: must be a regular file, got {name}")


def _refuse_size(path: Path | str, size: int, most_bytes: int) -> None:
    if size == 0:
        raise PictureError(f"{path}: the file is empty")
    if size > most_bytes:
        raise PictureError(f"{path}: may have {_plain_size(most_bytes)}, got {size} bytes")


def _plain_size(size: int) -> str:
    for unit, name in ((1 << 30, "GiB"), (1 << 20, "MiB")):
        if size >= unit and size % unit == 0:
            return f"{size // unit} {name}"
    return f"{size} bytes"
