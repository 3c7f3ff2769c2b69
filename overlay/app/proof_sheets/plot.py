"""The trade-off plot: a dot a cell, the line of those that nothing beats; or curves of one setting.

Drawn by pyqtgraph, in the theme's colours. It is loaded when the room is first opened.
"""

from html import escape
from types import ModuleType
from typing import Any

from PySide6.QtCore import Qt, Signal
from PySide6.QtGui import QPainter, QPen, QPixmap
from PySide6.QtWidgets import QComboBox, QFrame, QHBoxLayout, QVBoxLayout

from overlay.app.parts.fields import keep_narrow
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.plotting import dress_plot, made_plot
from overlay.app.parts.theme import tone
from overlay.app.parts.titles import measure_name, setting_name
from overlay.app.proof_sheets.shown import ShownSheet
from overlay.document.sets.sheets import Axis
from overlay.studio.sheets.figures import CellPlace, measure_keys, unbeaten
from overlay.studio.sheets.page import default_pair
from overlay.studio.sheets.settings import find_setting

_DOT = 9  # pixels
_LINES = ("register", "ink")  # colours of the measures' curves, of the one up and the one across
_TICKS = 6  # values of a setting that are said under its curves, at most


class TradeOffPlot(QFrame):
    """Two measures against each other; dots and cells are picked together."""

    picked = Signal(object, bool)  # the cell, and whether beside the one that is picked
    chosen = Signal()  # other measures

    def __init__(self) -> None:
        super().__init__()
        self.setProperty("panel", "true")
        self._shown: ShownSheet | None = None
        self._plotting: Any = None
        self._plot: Any = None  # made when the room is first seen
        self._places: list[CellPlace] = []
        box = QVBoxLayout(self)
        box.setContentsMargins(0, 8, 0, 8)
        self._box = box
        self._words: dict[str, PlainLabel] = {}  # before the measures' lists
        self.up, self.across = QComboBox(), QComboBox()
        for word, combo in (("up", self.up), ("across", self.across)):
            keep_narrow(combo)
            combo.setAccessibleName(tr(f"Measure {word}"))
            combo.setToolTip(tr(f"Which measure goes {word}"))
            combo.activated.connect(lambda _: self._chosen())
            row = QHBoxLayout()
            label = PlainLabel(tr(word), role="faint")
            label.setFixedWidth(42)
            self._words[word] = label
            row.addWidget(label)
            row.addWidget(combo, 1)
            box.addLayout(row)
        box.addStretch()  # takes the room of the plot until there is something to plot

    @property
    def is_made(self) -> bool:
        """Whether the plot itself is there."""
        return self._plot is not None

    def make(self, plotting: ModuleType) -> None:
        """Make the plot itself.

        Parameters
        ----------
        plotting : pyqtgraph, from `parts.plotting`.
        """
        self._plotting = plotting
        self._plot = made_plot(plotting, "Trade-off plot")
        self._box.insertWidget(2, self._plot, 1)
        self.dress()

    def dress(self) -> None:
        """Put the theme's colours on."""
        if self._plot is None:
            return
        dress_plot(self._plot)
        self.refresh()

    # What is shown --------------------------------------------------------------------------

    def show_sheet(self, shown: ShownSheet | None, picked: list[CellPlace]) -> None:
        """Show a sheet's cells, and which of them are picked."""
        self._shown, self._places = shown, picked
        self._offer()
        self.refresh()

    @property
    def pair(self) -> tuple[str, str] | None:
        """The measures across and up."""
        across, up = self.across.currentData(), self.up.currentData()
        return (across, up) if across and up else None

    def _offer(self) -> None:
        """The measures that any cell has; what is chosen stays where it can."""
        keys = [] if self._shown is None else measure_keys(self._shown.figures)
        if keys == [self.up.itemData(i) for i in range(self.up.count())]:
            return
        usual = default_pair(keys) or ("", "")
        for combo, first in ((self.across, usual[0]), (self.up, usual[1])):
            before = combo.currentData()
            combo.clear()
            for key in keys:
                combo.addItem(measure_name(key), key)
            combo.setCurrentIndex(combo.findData(before if before in keys else first))
        self.chosen.emit()

    def _chosen(self) -> None:
        self.refresh()
        self.chosen.emit()

    def refresh(self) -> None:
        """Draw what there is."""
        if self._plot is None:
            return
        self._plot.clear()
        shown, pair = self._shown, self.pair
        for part in (self._plot, self.up, self.across):
            part.setEnabled(pair is not None)
        self._plot.setVisible(shown is not None and pair is not None)
        if shown is None or pair is None:
            self._tell_roles(curves=False)
            return
        sheet = shown.sheet
        curves = sheet.down is None and _is_numeric(sheet.across)
        self._tell_roles(curves=curves)
        if curves:
            self._draw_curves(shown, pair)
        else:
            self._draw_dots(shown, pair)

    def _tell_roles(self, *, curves: bool) -> None:
        """Before each measure: the way it goes, or the line that is its."""
        for word, name in (("up", _LINES[0]), ("across", _LINES[1])):
            label = self._words[word]
            if curves:
                label.setPixmap(_line(name, self.devicePixelRatioF()))
            else:
                label.setText(tr(word))

    def _draw_dots(self, shown: ShownSheet, pair: tuple[str, str]) -> None:
        figures = shown.figures
        best = unbeaten(figures, *pair)
        self._plot.setLabel("bottom", "")
        self._plot.getAxis("bottom").setTicks(None)
        line = [[figures[p][key] for p in best] for key in pair]
        self._plot.plot(*line, pen={"color": tone("register"), "width": 2})
        there = [p for p, f in figures.items() if pair[0] in f and pair[1] in f]
        self._scatter(there, [[figures[p][key] for p in there] for key in pair])

    def _draw_curves(self, shown: ShownSheet, pair: tuple[str, str]) -> None:
        """The chosen measures over the setting's values, the one going up in the accent."""
        values, figures = shown.sheet.across.values, shown.figures
        for key, name in zip((pair[1], pair[0]), _LINES, strict=True):
            places = [(0, i) for i in range(len(values)) if key in figures.get((0, i), {})]
            points = [[values[p[1]] for p in places], [figures[p][key] for p in places]]
            self._plot.plot(*points, pen={"color": tone(name), "width": 2})
            self._scatter(places, points, name)
        key = shown.sheet.across.key
        setting = find_setting(shown.sheet.recipe, key)
        # An axis reads markup, and a cue's name may look like some.
        self._plot.setLabel("bottom", escape(key if setting is None else setting_name(setting)))
        said = list(zip(values, shown.labels[0], strict=True))
        self._plot.getAxis("bottom").setTicks([said[:: -(-len(said) // _TICKS)]])

    def _scatter(
        self, places: list[CellPlace], points: list[list[float]], name: str = "ink"
    ) -> None:
        dots = self._plotting.ScatterPlotItem(
            *points, size=[_DOT + 5 * (p in self._places) for p in places], data=places,
            brush=[tone("register" if p in self._places else name) for p in places],
            pen={"color": tone("panel"), "width": 1},
        )  # fmt: skip
        dots.sigClicked.connect(self._clicked)
        self._plot.addItem(dots)

    def _clicked(self, _: object, points: Any, event: Any) -> None:
        if len(points):
            control = bool(event.modifiers() & Qt.KeyboardModifier.ControlModifier)
            self.picked.emit(tuple(points[0].data()), control)


def _line(name: str, ratio: float) -> QPixmap:
    """A short line with a dot, as a curve has them; `ratio` is the screen's pixels to one."""
    drawn = QPixmap(round(28 * ratio), round(12 * ratio))
    drawn.setDevicePixelRatio(ratio)
    drawn.fill(Qt.GlobalColor.transparent)
    painter = QPainter(drawn)
    painter.setRenderHint(QPainter.RenderHint.Antialiasing)
    painter.setPen(QPen(tone(name), 2))
    painter.drawLine(2, 6, 26, 6)
    painter.setBrush(tone(name))
    painter.drawEllipse(11, 3, 6, 6)
    painter.end()
    return drawn


def _is_numeric(axis: Axis) -> bool:
    return all(isinstance(v, int | float) and not isinstance(v, bool) for v in axis.values)
