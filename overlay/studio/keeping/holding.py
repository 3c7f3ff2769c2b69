"""Holding a name: a lock that ends with its holder, however that ends."""

import fcntl
import os
from contextlib import suppress
from pathlib import Path


class Hold:
    """A lock file that is held, or was found held by another window or process.

    Attributes
    ----------
    ours : whether this one holds it. Where no lock can be written nobody else can hold one
        either: then it is ours.
    """

    def __init__(self, path: Path) -> None:
        self.path = path
        self._handle: int | None = None
        self.ours = self._take()

    def _take(self) -> bool:
        try:
            self.path.parent.mkdir(parents=True, exist_ok=True)
            while True:
                handle = os.open(self.path, os.O_RDWR | os.O_CREAT | os.O_CLOEXEC, 0o600)
                try:
                    fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
                except OSError:
                    os.close(handle)
                    return False
                # Whoever held it before may have taken the file away between these lines.
                if self.path.exists() and os.path.samestat(self.path.stat(), os.fstat(handle)):
                    self._handle = handle
                    return True
                os.close(handle)
        except OSError:
            return True

    def release(self) -> None:
        """Let go, and leave no file behind."""
        if self._handle is not None:
            with suppress(OSError):
                self.path.unlink(missing_ok=True)
            os.close(self._handle)
            self._handle = None


def is_held(path: Path) -> bool:
    """Whether somebody holds a lock file; asking does not take it."""
    try:
        handle = os.open(path, os.O_RDWR | os.O_CLOEXEC)
    except OSError:
        return False
    try:
        fcntl.flock(handle, fcntl.LOCK_EX | fcntl.LOCK_NB)
    except OSError:
        return True
    finally:
        os.close(handle)
    return False
