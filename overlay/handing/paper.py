"""Pictures on paper: a PDF with trim and bleed, one picture or several on a sheet.

Boxes as in ISO 32000-1, 14.11.2; lengths are millimetres.
"""

from __future__ import annotations

from dataclasses import dataclass
from io import BytesIO
from pathlib import Path
from typing import TYPE_CHECKING

import numpy as np
from PIL import Image

from overlay.imaging.colour import ByteImage
from overlay.imaging.intake import PictureError, reason
from overlay.imaging.one_line import one_line
from overlay.imaging.whole_files import write_bytes

if TYPE_CHECKING:  # loaded when a PDF is written: the window would wait for it when it starts
    from reportlab.pdfgen.canvas import Canvas

PAPERS = {"A6": (105, 148), "A5": (148, 210), "A4": (210, 297), "A3": (297, 420), "A2": (420, 594)}
_POINT = 72 / 25.4  # points in a millimetre
_MARK, _AWAY = 4.0, 1.5  # length of a cutting mark, and its distance from the corner
LEAST_SIDE, MOST_SIDE, MOST_BLEED = 10.0, 5000.0, 50.0


@dataclass(frozen=True)
class Sheet:
    """How pictures lie on paper.

    Attributes
    ----------
    trim : (width, height) of what is left when the sheet is cut.
    bleed : how far pictures go on beyond it.
    columns, rows : how many pictures lie on one sheet, with `gap` between them.
    margin : of the sheet's edge that stays white; 0 where pictures are to bleed.
    """

    trim: tuple[float, float]
    bleed: float = 0.0
    columns: int = 1
    rows: int = 1
    gap: float = 6.0
    margin: float = 0.0
    title: str = ""

    def __post_init__(self) -> None:
        for name, side in zip(("width", "height"), self.trim, strict=True):
            if not LEAST_SIDE <= side <= MOST_SIDE:
                raise ValueError(
                    f"{name} must be {LEAST_SIDE:.0f} to {MOST_SIDE:.0f} mm, got {side:g}"
                )
        if not 0 <= self.bleed <= MOST_BLEED:
            raise ValueError(f"bleed must be 0 to {MOST_BLEED:.0f} mm, got {self.bleed:g}")
        if self.margin and self.bleed:
            raise ValueError(f"a sheet with bleed has no margin, got {self.margin:g} mm")
        if not (1 <= self.columns <= 20 and 1 <= self.rows <= 20):
            raise ValueError(f"1 to 20 columns and rows, got {self.columns} and {self.rows}")
        if min(self.cell) < 1:
            raise ValueError("margins and gaps must leave room for pictures, got none")

    @property
    def cell(self) -> tuple[float, float]:
        """(width, height) of one picture's place."""
        width, height = self.trim
        across = width - 2 * self.margin - self.gap * (self.columns - 1)
        down = height - 2 * self.margin - self.gap * (self.rows - 1)
        return across / self.columns, down / self.rows


def write_pdf(path: Path, pictures: list[ByteImage], sheet: Sheet) -> None:
    """Write pictures on as many sheets as they need, whole or not at all.

    Alone on its sheet a picture fills it, bleed and all, what is over cut evenly; beside others it
    lies whole in its place.

    Parameters
    ----------
    pictures : (H, W, 3) uint8 sRGB, at least one.

    Raises
    ------
    PictureError
        If the place cannot be written.
    ValueError
        If there is no picture.
    """
    if not pictures:
        raise ValueError("a page needs a picture, got none")
    buffer = BytesIO()
    width, height = sheet.trim
    room = sheet.bleed + _MARK + _AWAY if sheet.bleed else 0.0
    full = ((width + 2 * room) * _POINT, (height + 2 * room) * _POINT)
    from reportlab.pdfgen.canvas import Canvas

    canvas = Canvas(buffer, pagesize=full, invariant=1, pageCompression=1)
    canvas.setCreator("overlay")
    canvas.setTitle(one_line(sheet.title))
    each = sheet.columns * sheet.rows
    for first in range(0, len(pictures), each):
        canvas.setTrimBox(_box(room, room, width, height))
        beyond = room - sheet.bleed
        canvas.setBleedBox(_box(beyond, beyond, width + 2 * sheet.bleed, height + 2 * sheet.bleed))
        for place, picture in enumerate(pictures[first : first + each]):
            _lay(canvas, picture, sheet, place, room)
        if sheet.bleed:
            _cutting_marks(canvas, sheet, room)
        canvas.showPage()
    canvas.save()
    try:
        write_bytes(path, buffer.getbuffer())
    except OSError as error:
        raise PictureError(f"{path}: cannot be written: {reason(error)}") from error


def _box(left: float, bottom: float, width: float, height: float) -> tuple[float, ...]:
    corners = (left, bottom, left + width, bottom + height)
    return tuple(round(v * _POINT, 4) for v in corners)


def _lay(canvas: Canvas, picture: ByteImage, sheet: Sheet, place: int, room: float) -> None:
    """Draw one picture in its place, counted by rows from the top."""
    width, height = sheet.cell
    row, column = divmod(place, sheet.columns)
    left = room + sheet.margin + column * (width + sheet.gap)
    bottom = room + sheet.trim[1] - sheet.margin - height - row * (height + sheet.gap)
    alone = sheet.columns * sheet.rows == 1
    if alone:
        left, bottom = left - sheet.bleed, bottom - sheet.bleed
        width, height = width + 2 * sheet.bleed, height + 2 * sheet.bleed
    tall, wide = picture.shape[:2]
    fit = max if alone and not sheet.margin else min
    scale = fit(width / wide, height / tall)
    shown = (wide * scale, tall * scale)
    at = (left + (width - shown[0]) / 2, bottom + (height - shown[1]) / 2)
    canvas.saveState()
    frame = canvas.beginPath()
    frame.rect(left * _POINT, bottom * _POINT, width * _POINT, height * _POINT)
    canvas.clipPath(frame, stroke=0, fill=0)
    from reportlab.lib.utils import ImageReader

    image = ImageReader(Image.fromarray(np.ascontiguousarray(picture)))
    canvas.drawImage(image, *(v * _POINT for v in (*at, *shown)))
    canvas.restoreState()


def _cutting_marks(canvas: Canvas, sheet: Sheet, room: float) -> None:
    """Short lines at the corners, outside the bleed."""
    canvas.setLineWidth(0.25)
    far = sheet.bleed + _AWAY
    for x, out_x in ((room, -1), (room + sheet.trim[0], 1)):
        for y, out_y in ((room, -1), (room + sheet.trim[1], 1)):
            lines = (
                (x + out_x * far, y, x + out_x * (far + _MARK), y),
                (x, y + out_y * far, x, y + out_y * (far + _MARK)),
            )
            for line in lines:
                canvas.line(*(v * _POINT for v in line))
