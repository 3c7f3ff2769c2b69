"""Digests of files, made once while a file stays as it is."""

from functools import lru_cache

from overlay.imaging.intake import file_digest, regular_status

_KEPT = 4096  # files


def picture_stamp(path: str) -> tuple[str, ...]:
    """A file with its time and size: another one as soon as it changes. Raises `PictureError`."""
    status = regular_status(path)
    return path, str(status.st_mtime_ns), str(status.st_size)


def digest_of(path: str) -> str:
    """SHA-256 of a file's bytes, hexadecimal; read again only where the file may have changed.

    The time of its last change of any kind counts, which no program can set.

    Raises
    ------
    PictureError
        If it is not there, not a regular file, or cannot be read.
    """
    status = regular_status(path)
    return _digest(path, status.st_ctime_ns, status.st_mtime_ns, status.st_size, status.st_ino)


@lru_cache(maxsize=_KEPT)
def _digest(path: str, *_stamp: int) -> str:
    return file_digest(path)
