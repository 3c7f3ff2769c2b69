"""A page of pictures and lines of type, in pixels from its top left; written as PNG or PDF."""

from io import BytesIO
from pathlib import Path
from typing import TYPE_CHECKING, Any

from overlay.imaging.colour import ByteImage, srgb_to_work, work_to_srgb
from overlay.imaging.intake import PictureError, reason
from overlay.imaging.one_line import one_line
from overlay.imaging.resample import resize
from overlay.imaging.whole_files import write_bytes

if TYPE_CHECKING:
    pass

ENDINGS = (".png", ".pdf")
INK, FAINT, PAPER, ACCENT = "#23221f", "#5d5b55", "#f6f5f1", "#c23f2d"
_DOTS = 120  # per inch: sizes of type, and of a page on paper
_MOST = 64_000_000  # pixels of a page


def check_page(path: Path) -> None:
    """Refuse a file of another kind; raises `PictureError`."""
    if path.suffix.lower() not in ENDINGS:
        raise PictureError(f"{path}: the ending must be .png or .pdf, got {path.suffix!r}")


class Leaf:
    """One page of so many pixels."""

    def __init__(self, width: int, height: int) -> None:
        from matplotlib.figure import Figure  # takes half a second to load

        self.width, self.height = width, height
        self.figure: Figure = Figure((width / _DOTS, height / _DOTS), _DOTS, facecolor=PAPER)

    def text(self, x: float, y: float, text: str, *, colour: str = INK, size: float = 9) -> None:
        """A line of type; dollar signs in the names of people's files begin no formula."""
        self.figure.text(
            x / self.width, 1 - y / self.height, text, color=colour, fontsize=size,
            parse_math=False,
        )  # fmt: skip

    def picture(self, x: int, y: int, picture: ByteImage, width: int) -> None:
        """A picture, as wide as is said."""
        height = round(width * picture.shape[0] / picture.shape[1])
        small = work_to_srgb(resize(srgb_to_work(picture), height, width))
        self.figure.figimage(small, x, self.height - y - height, origin="upper")

    def fault(self, x: int, y: int, fault: str, width: int) -> None:
        """Why a picture is not there, in its place."""
        for i, line in enumerate(_folded(one_line(fault), width // 6)[:6]):
            self.text(x, y + 14 + 14 * i, line, colour=ACCENT, size=7)

    def axes(self, x: float, y: float, width: float, height: float) -> Any:
        """Axes of a plot in a part of the page."""
        box = (
            x / self.width,
            1 - (y + height) / self.height,
            width / self.width,
            height / self.height,
        )
        made = self.figure.add_axes(box, facecolor=PAPER)
        made.tick_params(labelsize=7)
        return made

    def write(self, path: Path) -> None:
        """Write the page by the file's ending, whole or not at all; the same page, the same bytes.

        Raises `PictureError` where it cannot be written.
        """
        out, kind = BytesIO(), path.suffix.lower()[1:]
        metadata = {"Software": None} if kind == "png" else {"CreationDate": None}
        self.figure.savefig(out, format=kind, dpi=_DOTS, metadata=metadata)
        try:
            write_bytes(path, out.getvalue())
        except OSError as error:
            raise PictureError(f"{path}: cannot be written: {reason(error)}") from error


def check_extent(path: Path, width: int, height: int) -> None:
    """Refuse a page that no one could open; raises `PictureError`."""
    if width * height > _MOST:
        raise PictureError(
            f"{path}: a page may have {_MOST // 1_000_000} megapixels, "
            f"got {width}x{height}; choose smaller cells"
        )


def cut(text: str, most: int) -> str:
    """A text of at most so many characters."""
    return text if len(text) <= most else text[: most - 1] + "…"


def _folded(text: str, most: int) -> list[str]:
    """A text in lines."""
    return [text[i : i + most] for i in range(0, len(text), most)]
