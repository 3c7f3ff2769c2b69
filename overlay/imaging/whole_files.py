"""Files that appear whole or not at all.

What is written lies beside its place under a name of ours until it is finished, and is then moved
there. A link stays a link: what it points to is replaced. Permissions stay as they were.

A writer holds a lock on its unfinished file, which ends with its process, so that what a killed one
left can be told from what is in work and swept away.
"""

import fcntl
import os
import secrets
import stat
from collections.abc import Callable
from contextlib import suppress
from pathlib import Path
from typing import BinaryIO

from overlay.imaging.intake import PictureError

_LEAD, _END = ".overlay-", ".part"


def write_whole(path: Path, fill: Callable[[BinaryIO], object]) -> None:
    """Write a file by `fill`, whole or not at all.

    Raises
    ------
    PictureError
        If there is something else than a regular file at its place.
    OSError
        If it cannot be written; what was there stays.
    """
    target = Path(os.path.realpath(path))
    before = _status_of(path, target)
    unfinished, file = _begin(target.parent, private=before is not None)
    try:
        with file:
            fill(file)
            file.flush()
            if before is not None:
                _keep_access(file.fileno(), before)
            os.fsync(file.fileno())
            unfinished.replace(target)
    except BaseException:
        unfinished.unlink(missing_ok=True)
        raise
    _sync_folder(target.parent)


def write_bytes(path: Path, data: bytes | memoryview) -> None:
    """Write a file whole or not at all; raises as `write_whole`."""
    write_whole(path, lambda file: file.write(data))


def sweep_unfinished(folder: Path) -> int:
    """Remove what killed writers left in a folder; what is being written stays.

    Returns
    -------
    How many files went.
    """
    try:
        left = [p for p in folder.iterdir() if _is_ours(p.name)]
    except OSError:
        return 0
    return sum(_sweep(path) for path in left)


def _status_of(path: Path, target: Path) -> os.stat_result | None:
    """What is known of the file to be replaced, None for a new one."""
    try:
        status = target.stat()
    except FileNotFoundError:
        return None
    if not stat.S_ISREG(status.st_mode):
        raise PictureError(f"{path}: must be a regular file to be written over, got something else")
    return status


def _keep_access(handle: int, before: os.stat_result) -> None:
    """Give a file the owner, where that is allowed, and the permissions of the one before."""
    with suppress(OSError):
        os.fchown(handle, before.st_uid, before.st_gid)
    os.fchmod(handle, stat.S_IMODE(before.st_mode))


def _begin(folder: Path, *, private: bool) -> tuple[Path, BinaryIO]:
    """A new file of ours, open and locked; `private` until the old one's permissions are known."""
    flags = os.O_RDWR | os.O_CREAT | os.O_EXCL | os.O_CLOEXEC
    while True:
        path = folder / f"{_LEAD}{secrets.token_hex(6)}{_END}"
        # The umask takes its part of this, as of any new file.
        handle = os.open(path, flags, 0o600 if private else 0o666)
        with suppress(OSError):  # some network folders know no locks; then nothing is swept
            fcntl.flock(handle, fcntl.LOCK_EX)
        # A sweeper may have come between the two lines above.
        if path.exists():
            return path, os.fdopen(handle, "wb")
        os.close(handle)


def _is_ours(name: str) -> bool:
    return name.startswith(_LEAD) and name.endswith(_END)


def _sweep(path: Path) -> bool:
    try:
        if path.is_symlink() or not path.is_file():
            return False
        handle = os.open(path, os.O_RDONLY | os.O_NOFOLLOW | os.O_NONBLOCK | os.O_CLOEXEC)
    except OSError:
        return False
    try:
        fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
        path.unlink(missing_ok=True)
    except OSError:
        return False
    finally:
        os.close(handle)
    return True


def _sync_folder(folder: Path) -> None:
    """Have the move itself survive a loss of power, where the file system can."""
    with suppress(OSError):
        handle = os.open(folder, os.O_RDONLY | os.O_DIRECTORY | os.O_CLOEXEC)
        try:
            os.fsync(handle)
        finally:
            os.close(handle)
