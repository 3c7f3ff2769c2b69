"""The library that plots are drawn with, loaded when it is first needed, and plots of our kind."""

from importlib import import_module
from types import ModuleType
from typing import Any

from overlay.app.parts.language import tr
from overlay.app.parts.theme import tone


def load_plotting() -> ModuleType:
    """pyqtgraph; takes a third of a second the first time, so work for another thread."""
    return import_module("pyqtgraph")


def made_plot(plotting: ModuleType, name: str) -> Any:
    """An empty plot without the library's own menu; `name` is what screen readers say."""
    plot = plotting.PlotWidget()
    plot.setAccessibleName(tr(name))
    plot.setMenuEnabled(False)
    plot.hideButtons()
    plot.getPlotItem().layout.setContentsMargins(0, 10, 10, 4)  # the highest figure is whole
    return plot


def dress_plot(plot: Any) -> None:
    """Put the theme's colours on."""
    plot.setBackground(tone("panel"))
    for side in ("left", "bottom"):
        axis = plot.getAxis(side)
        axis.setPen(tone("hairline"))
        axis.setTextPen(tone("ink"))
        axis.enableAutoSIPrefix(False)  # a share is said as it is, not in thousandths
