"""Swatch cards: colours that lie in the tray beside pictures, each a palette file."""

from pathlib import Path

import numpy as np

from overlay.imaging.colour import ByteImage, hex_to_srgb
from overlay.imaging.formats.palette_files import ENDING, read_palette, write_palette
from overlay.studio.inputs.own_files import keep_own

MOST_SWATCHES = 64  # of a cue


def is_card(path: Path) -> bool:
    """Whether a file of the tray is a swatch card."""
    return path.suffix.lower() == ENDING


def card_swatches(path: Path) -> list[str]:
    """The colours of a card for a cue; of a long palette, as many as a cue takes, evenly."""
    colours = read_palette(path)
    step = -(-len(colours) // MOST_SWATCHES)
    return list(colours[::step])


def card_picture(path: Path) -> ByteImage:
    """A card to look at: its colours as fields, (H, W, 3) uint8 sRGB."""
    colours = np.array([hex_to_srgb(c) for c in read_palette(path)], np.uint8)
    columns = min(len(colours), max(3, round(len(colours) ** 0.5 * 1.3)))
    rows = -(-len(colours) // columns)
    filled = np.concatenate([colours, colours[-1:].repeat(rows * columns - len(colours), axis=0)])
    side = max(480 // columns, 1)
    cells = filled.reshape(rows, columns, 3)
    return cells.repeat(max(320 // rows, 1), axis=0).repeat(side, axis=1)


def keep_card(colours: tuple[str, ...], name: str) -> Path:
    """Write a card for the tray; the same colours under the same name give the same file."""
    return keep_own(
        "cards",
        name,
        ENDING,
        content=repr(colours).encode(),
        write=lambda path: write_palette(path, colours, name),
    )
