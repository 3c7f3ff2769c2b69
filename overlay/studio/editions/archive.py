"""An edition as one ZIP: its pictures, and the edition itself."""

import zipfile
from collections.abc import Sequence
from pathlib import Path
from typing import BinaryIO

from overlay.imaging.intake import PictureError, read_regular, reason
from overlay.imaging.whole_files import write_whole

_MOST = 512 << 20  # bytes of one file
_LONG_AGO = (1980, 1, 1, 0, 0, 0)  # the same pictures give the same bytes


def write_archive(path: Path, files: Sequence[Path]) -> None:
    """Pack files by their names, whole or not at all.

    Raises
    ------
    PictureError
        If one cannot be read, or the archive cannot be written.
    """

    def pack(file: BinaryIO) -> None:
        with zipfile.ZipFile(file, "w") as archive:
            for source in files:
                # Pictures are packed already.
                archive.writestr(
                    zipfile.ZipInfo(source.name, _LONG_AGO), read_regular(source, _MOST)
                )

    try:
        write_whole(path, pack)
    except OSError as error:
        raise PictureError(f"{path}: cannot be written: {reason(error)}") from error
