"""The influence chart: who decided how much at each moment of the last proof, stacked."""

import numpy as np
from PySide6.QtCore import QEvent, QRectF
from PySide6.QtGui import QColor, QHelpEvent, QPainter, QPaintEvent
from PySide6.QtWidgets import QToolTip, QWidget

from overlay.app.parts.language import tr
from overlay.app.picture.deciders import decider_colours, step_at
from overlay.app.sheet.axis import TimeAxis
from overlay.engine.record import Influence


class InfluenceChart(QWidget):
    """A thin band under the filmstrip, one stacked bar a step."""

    def __init__(self, axis: TimeAxis, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.axis = axis
        axis.changed.connect(self.update)
        self.setFixedHeight(16)
        self.setAccessibleName(tr("Influence chart"))
        self.setToolTip(tr("Who decided how much at each moment of the last proof"))
        self._influence: Influence | None = None
        self._shares = np.zeros((0, 0), np.float32)
        self._colours: list[QColor] = []
        self._steps = 16
        self._start, self._playhead, self._coming = 0.0, 1.0, 0.0

    def set_influence(self, influence: Influence | None, steps: int, cues: list[str]) -> None:
        """Show the record of a proof of so many steps."""
        self._influence, self._steps = influence, steps
        if influence is not None:
            self._shares = influence.chart()
            self._colours = decider_colours(influence.names, cues)
        self.update()

    def set_moment(self, start: float, playhead: float, coming: float) -> None:
        """Where the run started, which moment is looked at, and where the next run starts."""
        self._start, self._playhead, self._coming = start, playhead, coming
        self.update()

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        self.axis.paint_background(painter, self, self._start)
        self.axis.clip(painter, self)
        if self._influence is not None:
            for step in range(len(self._influence.progress)):
                self._paint_step(painter, step)
        self.axis.paint_coming(painter, self, self._start, self._coming)
        self.axis.paint_playhead(painter, self, self._playhead)

    def _paint_step(self, painter: QPainter, step: int) -> None:
        assert self._influence is not None
        end = self._influence.progress[step]
        left = self.axis.to_x(max(end - 1 / self._steps, self._start), self.width())
        right = self.axis.to_x(end, self.width())
        bottom = float(self.height() - 1)
        for share, colour in zip(self._shares[step], self._colours, strict=True):
            height = float(share) * (self.height() - 2)
            painter.fillRect(QRectF(left, bottom - height, right - left - 0.5, height), colour)
            bottom -= height

    def event(self, event: QEvent) -> bool:
        """Resting on a step names the shares there."""
        if event.type() == QEvent.Type.ToolTip and isinstance(event, QHelpEvent):
            text = self.text_at(self.axis.to_progress(event.x(), self.width()))
            QToolTip.showText(event.globalPos(), text or self.toolTip(), self)
            return True
        return super().event(event)

    def text_at(self, progress: float) -> str:
        """The shares at a moment, in words."""
        if self._influence is None or not self._influence.progress:
            return ""
        step = step_at(self._influence, progress)
        parts = zip(self._influence.names, self._shares[step], strict=True)
        said = [f"{name} {share:.0%}" for name, share in parts if share >= 0.005]
        return f"At {self._influence.progress[step]:.0%}: " + ", ".join(said)
