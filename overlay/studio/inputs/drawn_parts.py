"""Parts of drawn scenes by name: a map of them lies beside the picture, `lock.parts.png`."""

import json
from pathlib import Path

import numpy as np
import numpy.typing as npt

from overlay.document.text.json_text import parse_json
from overlay.imaging.colour import FloatImage
from overlay.imaging.files import read_grey, read_text_chunk, write_picture
from overlay.imaging.intake import PictureError

_CHUNK = "overlay:parts"
_MOST = 200
PART = "part "  # before the name, where a part is asked for in words


def parts_path(picture: str | Path) -> Path:
    """Where the map of a picture's parts lies, if there is one."""
    return Path(picture).with_suffix(".parts.png")


def write_parts(picture: Path, labels: npt.NDArray[np.int64], names: list[str]) -> None:
    """Write the map beside its picture: one grey a part, the names as text in it."""
    grey = np.repeat(labels.astype(np.uint8)[..., None], 3, axis=2)
    write_picture(parts_path(picture), grey, texts={_CHUNK: json.dumps(names)})


def part_names(picture: str | Path) -> list[str]:
    """The parts a picture's map knows; none without a map, raises `PictureError` for a bad one."""
    path = parts_path(picture)
    if not path.is_file():
        return []
    text = read_text_chunk(path, _CHUNK)
    names = parse_json(text or "null", str(path))
    if (
        not isinstance(names, list)
        or len(names) > _MOST
        or not all(isinstance(n, str) for n in names)
    ):
        raise PictureError(f"{path}: {_CHUNK} must be a list of at most {_MOST} names")
    return names


def find_part(picture: str | Path, name: str) -> FloatImage:
    """A part's mask, (H, W) float32 0 or 1; raises `ValueError` if there is no such part."""
    names = part_names(picture)
    if name not in names:
        known = ", ".join(names) or "none"
        raise ValueError(f"part must be one of those drawn there ({known}), got {name!r}")
    labels = np.rint(read_grey(parts_path(picture)) * 255)
    return np.asarray(labels == names.index(name), np.float32)
