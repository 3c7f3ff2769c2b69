"""Places that commands write to, refused before any work is done."""

import os
from pathlib import Path

from overlay.imaging.intake import PictureError
from overlay.studio.inputs.paths import plain_path


def check_target(option: str, path: Path, inputs: list[Path]) -> None:
    """Refuse a place that cannot or must not be written."""
    plain_path(path.absolute())
    if path.is_dir():
        raise PictureError(f"{path}: must be a file, got a folder")
    if path.exists() and not path.is_file():
        raise PictureError(f"{path}: must be a regular file, got a device or pipe")
    if not path.parent.is_dir():
        raise PictureError(f"{path}: its folder must exist, got none at {path.parent}")
    if not os.access(path.parent, os.W_OK):
        raise PictureError(f"{path}: cannot be written: permission denied")
    for other in inputs:
        if path.resolve() == other.resolve():
            raise PictureError(f"{option}: must not be the recipe or one of its files, got {path}")


def check_png(option: str, path: Path, inputs: list[Path]) -> None:
    """The same for what is written as PNG alone."""
    if path.suffix.lower() != ".png":
        raise PictureError(f"{path}: the ending must be .png, got {path.suffix!r}")
    check_target(option, path, inputs)
