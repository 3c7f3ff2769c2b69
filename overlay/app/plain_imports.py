"""Loading our own modules as Python does, without what Qt adds to every import.

Once Qt is loaded, each module that comes has its source read and searched for what may switch
Qt's names to other spellings. We do not switch them, and there are two hundred modules.
"""

import builtins
from collections.abc import Iterator
from contextlib import contextmanager

_plain = builtins.__import__  # before Qt puts its own there; where it was loaded already, that

from PySide6 import QtGui, QtSvg, QtWidgets  # noqa: E402, F401 (loaded here, so that the hook is there)


@contextmanager
def plain_imports() -> Iterator[None]:
    """Load modules within as if Qt were not there."""
    hooked = builtins.__import__
    builtins.__import__ = _plain
    try:
        yield
    finally:
        builtins.__import__ = hooked
