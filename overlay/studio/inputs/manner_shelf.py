"""The manners that ship, as reference pictures: drawn by our own code when first wanted."""

from pathlib import Path

from overlay.imaging.files import write_picture
from overlay.scenery.manners import MANNERS, draw_manner
from overlay.studio.inputs.folders import data_folder

NAMES = tuple(MANNERS)
_SIZE = (720, 540)
_DRAWN = "manners-1"  # raised when the drawings change


def manner_file(name: str) -> Path:
    """The picture of a manner, drawn if it is not there yet. Work for another thread.

    Raises `ValueError` for a manner that there is none of.
    """
    path = data_folder() / _DRAWN / f"{name.replace(' ', '-')}.png"
    if not path.exists():
        picture = draw_manner(name, *_SIZE)
        path.parent.mkdir(parents=True, exist_ok=True)
        write_picture(path, picture)
    return path
