"""A sheet on one page: its cells with title, axes, values and measures, and the trade-off plot."""

from collections.abc import Mapping
from dataclasses import dataclass, field
from pathlib import Path
from typing import Any

import numpy as np

from overlay.document.sets.sheets import Axis, ProofSheet
from overlay.imaging.colour import ByteImage
from overlay.imaging.one_line import one_line
from overlay.studio.sheets.axes import say
from overlay.studio.sheets.figures import (
    CellPlace,
    Figures,
    measure_keys,
    measure_title,
    ranks,
    unbeaten,
)
from overlay.studio.sheets.leaf import ACCENT, FAINT, INK, Leaf, check_extent, check_page, cut
from overlay.studio.sheets.settings import Setting, find_setting
from overlay.version import __version__

CELL_WIDTH = 240  # pixels
_MARGIN, _GAP, _LINE, _SIDE = 36, 14, 20, 130  # pixels
_PLOT = 300  # pixels of its height


@dataclass(frozen=True, kw_only=True)
class Filled:
    """A sheet with what came out.

    Attributes
    ----------
    pictures, figures : of the cells that are there, by row and column from 0.
    faults : why others are not. hashes : of the cells' recipes.
    """

    sheet: ProofSheet
    pictures: Mapping[CellPlace, ByteImage]
    figures: Mapping[CellPlace, Figures]
    faults: Mapping[CellPlace, str] = field(default_factory=dict)
    hashes: Mapping[CellPlace, str] = field(default_factory=dict)

    @property
    def title(self) -> str:
        """What is varied."""
        return " × ".join(_axis_title(self.sheet, a) for a in _axes(self.sheet))


def write_page(
    path: Path,
    filled: Filled,
    *,
    measure: str = "",
    plotted: tuple[str, str] | None = None,
    width: int = CELL_WIDTH,
) -> None:
    """Write a sheet as PNG or PDF, by the file's ending; whole or not at all.

    Parameters
    ----------
    measure : whose figure stands under each cell; empty for the first there is.
    plotted : the measures of the plot, across and up; None for style match and structure kept.
    width : of a cell, pixels.

    Raises
    ------
    PictureError
        If the ending is another, the page would be too large, or it cannot be written.
    """
    check_page(path)
    page = _Page(filled, measure, plotted, width)
    check_extent(path, page.width, page.height)
    page.drawn().write(path)


def default_pair(keys: list[str]) -> tuple[str, str] | None:
    """What artists balance most: style match against structure kept, or the first two there are."""
    matches = [key for key in keys if key.startswith("style_match.")]
    if matches and "structure_kept" in keys:
        return matches[0], "structure_kept"
    return (keys[0], keys[1]) if len(keys) > 1 else None


def axis_labels(sheet: ProofSheet, axis: Axis) -> list[str]:
    """Every value of an axis as people say it."""
    setting = find_setting(sheet.recipe, axis.key) or _unknown(axis.key)
    return [one_line(say(value, setting)) for value in axis.values]


def _axis_title(sheet: ProofSheet, axis: Axis) -> str:
    setting = find_setting(sheet.recipe, axis.key)
    return one_line(axis.key if setting is None else setting.title)


def _unknown(key: str) -> Setting:
    """A setting that the recipe has no more."""
    return Setting(key, "", key, "choice", None)


def _axes(sheet: ProofSheet) -> list[Axis]:
    return [axis for axis in (sheet.across, sheet.down) if axis is not None]


class _Page:
    """Where everything lies, in pixels from the top left."""

    def __init__(
        self, filled: Filled, measure: str, plotted: tuple[str, str] | None, width: int
    ) -> None:
        self.filled, self.sheet, self.cell = filled, filled.sheet, width
        keys = measure_keys(filled.figures)
        self.measure = measure or next(iter(keys), "")
        self.pair = plotted or default_pair(keys)
        aspects = [p.shape[0] / p.shape[1] for p in filled.pictures.values()] or [2 / 3]
        self.tall = round(width * max(aspects))
        self.left = _MARGIN + (_SIDE if self.sheet.down is not None else 0)
        self.top = _MARGIN + 3 * _LINE
        below = self.top + self.sheet.rows * (self.tall + _LINE + _GAP)
        self.plot_top = below + _LINE
        plot = _PLOT + 4 * _LINE if self.pair else 0
        self.height = below + plot + _MARGIN + _LINE
        self.width = max(self.left + self.sheet.columns * (width + _GAP) + _MARGIN, 560)

    def drawn(self) -> Leaf:
        """The page, drawn."""
        made = Leaf(self.width, self.height)
        self._head(made)
        for row in range(self.sheet.rows):
            for column in range(self.sheet.columns):
                self._draw_cell(made, (row, column))
        if self.pair:
            self._plot(made, *self.pair)
        foot = f"Overlay {__version__}"
        if self.filled.hashes:
            first = min(self.filled.hashes)
            foot += f"  ·  recipe of cell 1-1: {self.filled.hashes[first][:16]}"
        made.text(self.left, self.height - _MARGIN / 2, foot, colour=FAINT, size=7)
        return made

    def _head(self, made: Leaf) -> None:
        sheet = self.sheet
        made.text(self.left, _MARGIN, f"{sheet.name}: {self.filled.title}", size=12)
        said = f"across: {_axis_title(sheet, sheet.across)}"
        if sheet.down is not None:
            said += f"   down: {_axis_title(sheet, sheet.down)}"
        if self.measure:
            said += f"   under each cell: {measure_title(self.measure)}"
        made.text(self.left, _MARGIN + _LINE, said, colour=FAINT)
        for column, label in enumerate(axis_labels(sheet, sheet.across)):
            x = self.left + column * (self.cell + _GAP)
            made.text(x, self.top - 6, cut(label, self.cell // 8))
        if sheet.down is not None:
            for row, label in enumerate(axis_labels(sheet, sheet.down)):
                y = self.top + row * (self.tall + _LINE + _GAP) + 14
                made.text(_MARGIN, y, cut(label, _SIDE // 8))

    def _draw_cell(self, made: Leaf, place: CellPlace) -> None:
        x = self.left + place[1] * (self.cell + _GAP)
        y = self.top + place[0] * (self.tall + _LINE + _GAP)
        picture = self.filled.pictures.get(place)
        if picture is None:
            made.fault(x, y, self.filled.faults.get(place, "not pulled"), self.cell)
            return
        made.picture(x, y, picture, self.cell)
        figure = self.filled.figures.get(place, {}).get(self.measure)
        if figure is not None:
            made.text(x, y + self.tall + 14, f"{figure:.4g}", colour=FAINT, size=8)

    def _plot(self, made: Leaf, across: str, up: str) -> None:
        wide = min(self.width - self.left - _MARGIN, 480)
        axes = made.axes(self.left, self.plot_top, wide, _PLOT)
        figures = self.filled.figures
        if self.sheet.down is None and _numbers(self.sheet.across):
            for key, colour in ((across, ACCENT), (up, INK)):
                points = [
                    (value, figures[0, i][key])
                    for i, value in enumerate(self.sheet.across.values)
                    if key in figures.get((0, i), {})
                ]
                axes.plot(*_columns(points), "o-", color=colour, label=measure_title(key))
            axes.set_xlabel(_axis_title(self.sheet, self.sheet.across), parse_math=False)
            axes.legend(fontsize=7)
        else:
            self._dots(axes, across, up)

    def _dots(self, axes: Any, across: str, up: str) -> None:
        figures = self.filled.figures
        there = {p: f for p, f in figures.items() if across in f and up in f}
        best = unbeaten(figures, across, up)
        axes.plot(*_columns([(figures[p][across], figures[p][up]) for p in best]), color=ACCENT)
        order = ranks(figures, self.measure)
        for place, found in there.items():
            shade = str(0.75 - 0.6 * order.get(place, 0.5))
            axes.plot(found[across], found[up], "o", color=shade, markersize=5)
            axes.annotate(
                f"{place[0] + 1}-{place[1] + 1}", (found[across], found[up]), fontsize=6,
                xytext=(4, 3), textcoords="offset points",
            )  # fmt: skip
        axes.set_xlabel(measure_title(across), fontsize=8, parse_math=False)
        axes.set_ylabel(measure_title(up), fontsize=8, parse_math=False)


def _numbers(axis: Axis) -> bool:
    return all(isinstance(v, int | float) and not isinstance(v, bool) for v in axis.values)


def _columns(points: list[tuple[float, float]]) -> tuple[list[float], list[float]]:
    table = np.array(points, float).reshape(-1, 2)
    return table[:, 0].tolist(), table[:, 1].tolist()
