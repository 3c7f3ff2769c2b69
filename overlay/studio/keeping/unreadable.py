"""What reading files of ours can raise when they are damaged: they then count as not there."""

import zipfile
import zlib

UNREADABLE = (
    OSError,
    ValueError,
    TypeError,
    AttributeError,
    LookupError,
    ArithmeticError,
    EOFError,
    MemoryError,
    RuntimeError,  # NotImplementedError and RecursionError among them
    zipfile.BadZipFile,
    zlib.error,
)
