"""The measures of the proof in human terms: a short bar and a word each, the figure on resting."""

from dataclasses import dataclass
from typing import Any

from PySide6.QtCore import QEvent, QRectF, QSize, Qt
from PySide6.QtGui import QHelpEvent, QPainter, QPaintEvent
from PySide6.QtWidgets import QSizePolicy, QToolTip, QWidget

from overlay.app.parts.language import tr
from overlay.app.parts.plain import plain, plain_tip
from overlay.app.parts.theme import tone

_BAR, _THICK, _WORD = 28, 6, 36  # pixels
# From which figure a word is said, the highest first.
_STRUCTURE = ((60.0, "held"), (30.0, "loose"), (0.0, "lost"))
_STYLE = ((60.0, "full"), (30.0, "part"), (0.0, "faint"))


@dataclass(frozen=True)
class Measured:
    """A measure as it is shown: never below 0, never above 100."""

    name: str
    figure: float
    word: str
    said: str

    @property
    def share(self) -> float:
        """How much of its bar is full, 0..1."""
        return min(max(self.figure / 100, 0.0), 1.0)


def styles_measured(measures: dict[str, Any]) -> list[Measured]:
    """How far each cue's style is met."""
    return [
        Measured(name, value, _word(value, _STYLE), f"style match of {name}: {value:.0f} of 100")
        for name, value in measures.get("style_match", {}).items()
    ]


def structure_measured(measures: dict[str, Any]) -> list[Measured]:
    """How far the source's contours are kept; nothing without a source."""
    kept = measures.get("structure_kept")
    if kept is None:
        return []
    said = f"structure kept: {max(kept, 0):.0f} of 100"
    return [Measured("structure", kept, _word(kept, _STRUCTURE), said)]


def _word(figure: float, words: tuple[tuple[float, str], ...]) -> str:
    return next((word for least, word in words if figure >= least), words[-1][1])


class MeasureBars(QWidget):
    """Some measures beside each other; resting on one says its figure.

    Parameters
    ----------
    slots : how many have room; resting beside them says those that have none.
    """

    def __init__(self, name: str, slots: int) -> None:
        super().__init__()
        self.setSizePolicy(QSizePolicy.Policy.Expanding, QSizePolicy.Policy.Fixed)
        self.setAccessibleName(tr(name))
        self._slots = slots
        self._all: list[Measured] = []

    @property
    def shown(self) -> list[Measured]:
        """Those that have room."""
        return self._all[: self._slots]

    def sizeHint(self) -> QSize:
        return QSize(130 * self._slots, 17)

    def show_measures(self, found: list[Measured]) -> None:
        """Show these."""
        self._all = found
        self.setAccessibleDescription(plain(", ".join(f"{m.name} {m.word}" for m in found)))
        self.update()

    def _slot(self, number: int) -> QRectF:
        width = self.width() / self._slots
        return QRectF(number * width, 0, width - 8, self.height())

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        left = Qt.AlignmentFlag.AlignLeft | Qt.AlignmentFlag.AlignVCenter
        for number, one in enumerate(self.shown):
            slot = self._slot(number)
            room_for_word = max(_WORD, painter.fontMetrics().horizontalAdvance(tr(one.word)) + 6)
            bar = QRectF(slot.right() - room_for_word - _BAR, 0, _BAR, _THICK)
            bar.moveTop((self.height() - _THICK) / 2)
            room = QRectF(slot.left(), 0, bar.left() - slot.left() - 4, self.height())
            painter.setPen(tone("faint"))
            elided = painter.fontMetrics().elidedText(
                plain(tr(one.name)), Qt.TextElideMode.ElideRight, int(room.width())
            )
            painter.drawText(room, left, elided)
            painter.fillRect(bar, tone("hairline"))
            painter.fillRect(QRectF(bar.left(), bar.top(), one.share * _BAR, _THICK), tone("ink"))
            painter.setPen(tone("ink"))
            word = QRectF(bar.right() + 4, 0, room_for_word - 4, self.height())
            painter.drawText(word, left, tr(one.word))

    def event(self, event: QEvent) -> bool:
        """Resting on a bar says its figure; beside them, those of all."""
        if event.type() == QEvent.Type.ToolTip and isinstance(event, QHelpEvent):
            QToolTip.showText(event.globalPos(), plain_tip(self.text_at(event.x())), self)
            return True
        return super().event(event)

    def text_at(self, x: float) -> str:
        """What is said of the measure at a pixel; of all where there is none."""
        for number, one in enumerate(self.shown):
            if self._slot(number).left() <= x <= self._slot(number).right():
                return tr(one.said)
        return "\n".join(tr(one.said) for one in self._all)
