"""Swatches in GIMP palette files (`.gpl`), the open text format that most programs read."""

import re
from pathlib import Path

from overlay.imaging.colour import hex_to_srgb
from overlay.imaging.intake import PictureError, read_regular, reason
from overlay.imaging.whole_files import write_bytes

ENDING = ".gpl"
_HEAD = "GIMP Palette"
_MOST_BYTES = 1 << 20
_MOST_COLOURS = 1024
_COLOUR = re.compile(r"\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+.*)?")


def read_palette(path: Path) -> tuple[str, ...]:
    """The colours of a palette file as `#rrggbb`, each once, in their order.

    Raises
    ------
    PictureError
        In one line, if the file cannot be read or is no palette.
    """
    lines = read_regular(path, _MOST_BYTES).decode("utf-8", errors="replace").splitlines()
    if not lines or lines[0].strip().lstrip("\ufeff") != _HEAD:
        found = lines[0].strip()[:40] if lines else ""
        raise PictureError(f"{path}: must begin with {_HEAD!r}, got {found!r}")
    colours = [_colour(path, i, line) for i, line in enumerate(lines[1:], 2) if _says(line)]
    colours = list(dict.fromkeys(colours))
    if not 1 <= len(colours) <= _MOST_COLOURS:
        raise PictureError(f"{path}: must hold 1 to {_MOST_COLOURS} colours, got {len(colours)}")
    return tuple(colours)


def _says(line: str) -> bool:
    """Whether a line is neither empty, nor a comment, nor one of the header's."""
    text = line.strip()
    return bool(text) and not text.startswith("#") and not re.match(r"(Name|Columns)\s*:", text)


def _colour(path: Path, number: int, line: str) -> str:
    match = _COLOUR.fullmatch(line)
    values = [int(v) for v in match.groups()] if match else []
    if not values or max(values) > 255:
        raise PictureError(
            f"{path}: line {number} must be three numbers from 0 to 255, got {line.strip()[:40]!r}"
        )
    return "#{:02x}{:02x}{:02x}".format(*values)


def _row(colour: str) -> str:
    r, g, b = hex_to_srgb(colour)
    return f"{r:3d} {g:3d} {b:3d}\t{colour}"


def write_palette(path: Path, colours: tuple[str, ...], name: str) -> None:
    """Write colours given as `#rrggbb` to a palette file, whole or not at all."""
    plain = re.sub(r"[\x00-\x1f]", " ", name)
    rows = [_row(colour) for colour in colours]
    text = "\n".join([_HEAD, f"Name: {plain}", "Columns: 8", "#", *rows, ""])
    try:
        write_bytes(path, text.encode())
    except OSError as error:
        raise PictureError(f"{path}: cannot be written: {reason(error)}") from error
