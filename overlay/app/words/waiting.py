"""What was typed and is still being read: shown at once, so that nothing seems lost."""

from collections.abc import Iterable

from PySide6.QtCore import QSize, Qt
from PySide6.QtGui import QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QWidget

from overlay.app.parts.flow import Flow
from overlay.app.parts.language import tr
from overlay.app.parts.plain import plain
from overlay.app.parts.theme import tone

_HEIGHT, _PAD, _WIDEST = 24, 8, 320


class WaitingChip(QWidget):
    """A phrase in grey with a dashed edge, until a chip stands in its place."""

    def __init__(self, phrase: str) -> None:
        super().__init__()
        self.phrase = phrase
        self.setAccessibleName(plain(f"{phrase}, {tr('being read')}"))
        self.setToolTip(tr("being read"))
        self.ensurePolished()
        wide = self.fontMetrics().horizontalAdvance(plain(phrase))
        self.setFixedSize(QSize(min(wide + 2 * _PAD + 4, _WIDEST), _HEIGHT))

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        pen = QPen(tone("edge"))
        pen.setStyle(Qt.PenStyle.DashLine)
        painter.setPen(pen)
        painter.drawRect(self.rect().adjusted(0, 0, -1, -1))
        painter.setPen(tone("faint"))
        inside = self.rect().adjusted(_PAD, 0, -_PAD, 0)
        elide = Qt.TextElideMode.ElideRight
        shown = self.fontMetrics().elidedText(plain(self.phrase), elide, inside.width())
        painter.drawText(inside, Qt.AlignmentFlag.AlignVCenter, shown)


class Waiting:
    """The phrases of a line that wait, in the order they were typed, before its last widget."""

    def __init__(self, row: Flow) -> None:
        self._row = row
        self.chips: list[WaitingChip] = []

    def add(self, phrases: Iterable[str]) -> None:
        """Show phrases as waiting."""
        for phrase in phrases:
            chip = WaitingChip(phrase)
            self._row.insert(self._row.count() - 1, chip)
            self.chips.append(chip)

    def settle(self, phrases: Iterable[str]) -> None:
        """Take phrases away that were read, or refused; each once."""
        for phrase in phrases:
            chip = next((c for c in self.chips if c.phrase == phrase), None)
            if chip is not None:
                self.chips.remove(chip)
                self._row.removeWidget(chip)
                chip.hide()
                chip.deleteLater()

    def clear(self) -> None:
        """Wait for nothing any more."""
        self.settle([chip.phrase for chip in self.chips])
