"""An edition on one page: its pictures in rows, what each has of its own, and how even they are."""

from collections.abc import Mapping, Sequence
from dataclasses import dataclass, field
from math import ceil, sqrt
from pathlib import Path

import numpy as np

from overlay.document.sets.editions import Edition
from overlay.imaging.colour import ByteImage
from overlay.imaging.one_line import one_line
from overlay.measures.evenness import PARTS
from overlay.studio.editions.figures import SetFigures, mean_evenness, mean_sameness, value_said
from overlay.studio.sheets.leaf import ACCENT, FAINT, INK, Leaf, check_extent, check_page, cut
from overlay.version import __version__

CELL_WIDTH = 300  # pixels
MOST_ON_PAGE = 400  # pictures
_MARGIN, _GAP, _LINE, _PLOT = 40, 18, 20, 150  # pixels
_SHADES = ("0.25", "0.45", "0.62", "0.8")


@dataclass(frozen=True, kw_only=True)
class Printed:
    """An edition with what came out.

    Attributes
    ----------
    pictures : of the rows that are there, by their place from 0; small ones will do.
    faults : why others are not. sets : its figures.
    """

    edition: Edition
    pictures: Mapping[int, ByteImage]
    faults: Mapping[int, str] = field(default_factory=dict)
    sets: Sequence[SetFigures] = ()


def write_contact(path: Path, printed: Printed, *, width: int = CELL_WIDTH) -> None:
    """Write the contact sheet as PNG or PDF, by the file's ending; whole or not at all.

    Rows that are crossed with one column stand in its order, a line for each; others fill a page
    about as wide as it is high. Beyond 400 pictures the first ones are shown.

    Raises
    ------
    PictureError
        If the ending is another, the page would be too large, or it cannot be written.
    """
    check_page(path)
    page = _Contact(printed, width)
    check_extent(path, page.width, page.height)
    page.drawn().write(path)


class _Contact:
    """Where everything lies, in pixels from the top left."""

    def __init__(self, printed: Printed, width: int) -> None:
        self.printed, self.edition, self.cell = printed, printed.edition, width
        self.count = min(self.edition.count, MOST_ON_PAGE)
        self.columns = self._columns()
        shapes = [p.shape for p in printed.pictures.values()]
        self.tall = round(width * max((s[0] / s[1] for s in shapes), default=2 / 3))
        self.step = self.tall + 2 * _LINE + _GAP
        self.top = _MARGIN + 3 * _LINE
        self.width = max(2 * _MARGIN + self.columns * (width + _GAP) - _GAP, 720)
        self.below = self.top + ceil(self.count / self.columns) * self.step
        self.height = self.below + (_PLOT + 4 * _LINE if printed.sets else 0) + _MARGIN

    def _columns(self) -> int:
        crossed = len(self.edition.cross[-1].values) if self.edition.cross else 0
        if 2 <= crossed <= 8:
            return crossed
        return min(max(ceil(sqrt(self.count)), 1), 8)

    def drawn(self) -> Leaf:
        """The page."""
        made = Leaf(self.width, self.height)
        made.text(_MARGIN, _MARGIN, one_line(self.edition.title), size=13)
        made.text(_MARGIN, _MARGIN + _LINE, self._head(), colour=FAINT)
        outliers = {s.outlier: s.outlier_says for s in self.printed.sets if s.outlier is not None}
        for index in range(self.count):
            self._draw(made, index, outliers.get(index, ""))
        if self.printed.sets:
            self._plot(made)
        foot = f"Overlay {__version__}"
        if self.count < self.edition.count:
            foot += f"  ·  the first {self.count} of {self.edition.count}"
        made.text(_MARGIN, self.height - _MARGIN / 2, foot, colour=FAINT, size=7)
        return made

    def _head(self) -> str:
        sets = list(self.printed.sets)
        even, same = mean_evenness(sets), mean_sameness(sets)
        said = [f"{self.edition.count} pictures", f"even {100 * self.edition.even:.0f} %"]
        said += [] if even is None else [f"evenness {even:.0f}"]
        said += [] if same is None else [f"sameness {same:.3f}"]
        return "   ".join(said)

    def _draw(self, made: Leaf, index: int, stands_out: str) -> None:
        x = _MARGIN + index % self.columns * (self.cell + _GAP)
        y = self.top + index // self.columns * self.step
        picture = self.printed.pictures.get(index)
        if picture is None:
            made.fault(x, y, self.printed.faults.get(index, "not pulled"), self.cell)
        else:
            made.picture(x, y, picture, self.cell)
        values = self.edition.values(index)
        said = ", ".join(value_said(self.edition, key, value) for key, value in values.items())
        made.text(
            x, y + self.tall + 15, cut(f"{index + 1}  {one_line(said)}", self.cell // 7), size=8
        )
        if stands_out:
            made.text(x, y + self.tall + 31, f"stands out: {stands_out}", colour=ACCENT, size=7)

    def _plot(self, made: Leaf) -> None:
        """How far each picture lies from its set, a bar a row, in what."""
        rows = [row for s in self.printed.sets for row in s.rows]
        apart = np.concatenate([s.evenness.apart for s in self.printed.sets])
        order = np.argsort(rows)
        names, bars = np.array(rows)[order], apart[order]
        wide = min(self.width - 2 * (_MARGIN + _LINE), 60 * len(rows) + 200)
        axes = made.axes(_MARGIN + 2 * _LINE, self.below + _LINE, wide, _PLOT)
        base = np.zeros(len(names))
        for part, shade in enumerate(_SHADES):
            axes.bar(range(len(names)), bars[:, part], 0.6, base, color=shade, label=PARTS[part])
            base += bars[:, part]
        axes.set_xticks(range(len(names)), [str(row + 1) for row in names])
        axes.set_title("how far each lies from its set", fontsize=8, color=INK, loc="left")
        axes.legend(fontsize=6, ncols=4, frameon=False, loc="lower right", bbox_to_anchor=(1, 1))
        axes.spines[["top", "right"]].set_visible(False)
