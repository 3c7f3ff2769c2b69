"""Blocks: a picture as a coarse field of colours or tones."""

from dataclasses import dataclass

import numpy as np

from overlay.imaging.colour import ByteImage, FloatImage, srgb_to_work, work_to_srgb
from overlay.imaging.resample import resize


@dataclass(frozen=True)
class BlockOptions:
    """Settings of the extractor.

    Attributes
    ----------
    cells : 4..64, blocks over the picture's height.
    hard : whether blocks have hard borders or run into each other.
    colour : whether they hold colours, or tones alone.
    """

    cells: int = 16
    hard: bool = False
    colour: bool = False

    def __post_init__(self) -> None:
        if not 4 <= self.cells <= 64:
            raise ValueError(f"cells must be 4 to 64, got {self.cells}")


def extract_blocks(picture: ByteImage, options: BlockOptions) -> FloatImage:
    """The mean of each block.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.

    Returns
    -------
    (rows, columns, 3) float32, working space; colours are 0 where only tones are held.
    """
    height, width = picture.shape[:2]
    rows = min(options.cells, height)
    columns = max(1, min(width, round(rows * width / height)))
    blocks = resize(srgb_to_work(picture), rows, columns)
    if not options.colour:
        blocks[..., 1:] = 0
    return blocks


def show_blocks(blocks: FloatImage, height: int, width: int, *, hard: bool) -> ByteImage:
    """The field at a picture's size, (height, width, 3) uint8 sRGB."""
    return work_to_srgb(spread_blocks(blocks, height, width, hard=hard))


def spread_blocks(blocks: FloatImage, height: int, width: int, *, hard: bool) -> FloatImage:
    """The field at any size, its blocks with borders or running into each other."""
    if not hard:
        return resize(blocks, height, width)
    rows = np.arange(height) * blocks.shape[0] // height
    columns = np.arange(width) * blocks.shape[1] // width
    return np.ascontiguousarray(blocks[rows[:, None], columns[None, :]])
