"""How even the set is, and how even it shall be: the amount, its figures, a bar a picture."""

from types import ModuleType
from typing import Any

import numpy as np
from PySide6.QtCore import Signal
from PySide6.QtWidgets import QFrame, QHBoxLayout, QVBoxLayout

from overlay.app.editions.shown import ShownEdition
from overlay.app.parts.buttons import text_button
from overlay.app.parts.fields import SliderField
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain
from overlay.app.parts.plotting import dress_plot, made_plot
from overlay.app.parts.theme import tone
from overlay.measures.evenness import PARTS

_SHADES = (1.0, 0.7, 0.45, 0.25)  # of ink, for the parts of a bar
_MOST_BARS = 60


class EvenPanel(QFrame):
    """The fader and what is measured.

    Signals
    -------
    even_chosen : the amount, 0 to 1. anew_asked : the set's colours are to be found again.
    picked : the place of a picture whose bar was clicked.
    """

    even_chosen = Signal(float)
    anew_asked = Signal()
    picked = Signal(int)

    def __init__(self) -> None:
        super().__init__()
        self.setProperty("panel", "true")
        self._shown: ShownEdition | None = None
        self._plotting: Any = None
        self._plot: Any = None  # made when the room is first seen
        box = QVBoxLayout(self)
        box.setContentsMargins(0, 8, 0, 8)
        self.even = SliderField(
            "Even",
            "How far tints are the whole set's: 0 each picture's own, 100 all shared",
            0,
            100,
            1,
        )
        self.even.settled.connect(lambda value: self.even_chosen.emit(value / 100))
        self.figures = PlainLabel()
        self.figures.setAccessibleName(tr("Evenness and sameness"))
        self.figures.setWordWrap(True)
        self.legend = PlainLabel(
            tr(
                "How far each lies from its set, from below in "
                f"{', '.join(tr(part) for part in PARTS)}"
            ),
            role="faint",
            wraps=True,
        )
        self.anew = text_button(
            "Find its colours anew", "Find what the set shares over all its sources as they are now"
        )
        self.anew.clicked.connect(self.anew_asked)
        row = QHBoxLayout()
        row.addWidget(self.anew)
        row.addStretch(1)
        self._box = box
        box.addWidget(self.even)
        box.addLayout(row)
        box.addWidget(self.figures)
        box.addWidget(self.legend)
        box.addStretch(1)

    @property
    def is_made(self) -> bool:
        """Whether the plot itself is there."""
        return self._plot is not None

    def make(self, plotting: ModuleType) -> None:
        """Make the plot itself; `plotting` is pyqtgraph."""
        self._plotting = plotting
        self._plot = made_plot(plotting, "Evenness plot")
        self._plot.setMouseEnabled(x=False, y=False)
        self._plot.scene().sigMouseClicked.connect(self._clicked)
        self._box.insertWidget(self._box.count() - 1, self._plot, 1)
        self._plot.setFixedHeight(170)
        self.dress()

    def dress(self) -> None:
        """Put the theme's colours on."""
        if self._plot is None:
            return
        dress_plot(self._plot)
        self._draw()

    def show_edition(self, shown: ShownEdition | None) -> None:
        """Show an edition's amount and figures."""
        self._shown = shown
        self.setEnabled(shown is not None)
        self.even.set_value(0 if shown is None else round(100 * shown.edition.even))
        self.anew.setEnabled(shown is not None and shown.edition.colours is not None)
        self.figures.setText(self._said())
        self._draw()

    def _said(self) -> str:
        shown = self._shown
        if shown is None or shown.evenness is None:
            return tr("Evenness is measured once two pictures are there.")
        lines = [tr(f"Evenness {shown.evenness:.0f} of 100")]
        if shown.sameness is not None:
            lines.append(tr(f"Sameness {shown.sameness:.3f}: {_same_said(shown.sameness)}"))
        if len(shown.sets) > 1:
            lines += [f"    {plain(s.title)}: {s.evenness.value:.0f}" for s in shown.sets[:6]]
        for place, says in sorted(shown.outliers().items())[:4]:
            lines.append(tr(f"Picture {place + 1} stands out: {tr(says)}"))
        return "\n".join(lines)

    def _bars(self) -> tuple[list[int], np.ndarray]:
        """Places of pictures, and how far each lies from its set in every part."""
        assert self._shown is not None
        rows = [row for s in self._shown.sets for row in s.rows]
        apart = np.concatenate([s.evenness.apart for s in self._shown.sets])
        order = np.argsort(rows)[:_MOST_BARS]
        return [rows[i] for i in order], apart[order]

    def _draw(self) -> None:
        if self._plot is None:
            return
        self._plot.clear()
        measured = self._shown is not None and bool(self._shown.sets)
        self._plot.setVisible(measured)
        self.legend.setVisible(measured)
        if self._shown is None or not measured:
            return
        places, apart = self._bars()
        base, outliers = np.zeros(len(places)), self._shown.outliers()
        for part, shade in enumerate(_SHADES):
            brushes = []
            for place in places:
                colour = tone("register" if place in outliers else "ink")
                colour.setAlphaF(shade)
                brushes.append(colour)
            bars = self._plotting.BarGraphItem(
                x=np.arange(len(places)), y0=base, height=apart[:, part], width=0.7,
                brushes=brushes, pen=None,
            )  # fmt: skip
            self._plot.addItem(bars)
            base = base + apart[:, part]
        step = -(-len(places) // 9)  # as many numbers as have room
        ticks = [(i, str(place + 1)) for i, place in enumerate(places) if i % step == 0]
        self._plot.getAxis("bottom").setTicks([ticks])

    def _clicked(self, event: Any) -> None:
        if self._shown is None or not self._shown.sets:
            return
        places, _ = self._bars()
        at = self._plot.getPlotItem().vb.mapSceneToView(event.scenePos())
        bar = round(at.x())
        if 0 <= bar < len(places):
            self.picked.emit(places[bar])


def _same_said(sameness: float) -> str:
    """A figure of sameness in words."""
    if sameness < 0.02:
        return "a colour stays one colour all over the set"
    return "colours differ a little" if sameness < 0.045 else "one colour becomes different ones"
