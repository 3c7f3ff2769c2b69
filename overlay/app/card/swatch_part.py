"""The cue card's part for swatches: typed, taken from pictures, kept as cards."""

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import Signal
from PySide6.QtGui import QAction, QColor, QImage, QPainter
from PySide6.QtWidgets import (
    QHBoxLayout,
    QLineEdit,
    QMenu,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.parts.buttons import text_button
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.document.cues import SwatchesCue
from overlay.studio.inputs.cards import is_card


class SwatchPart(QWidget):
    """Edits the colours of a swatches cue."""

    colours_asked = Signal(object)  # a picture or card of the tray whose colours are wanted
    keep_asked = Signal()
    write_asked = Signal()

    def __init__(self, change: Callable[..., None]) -> None:
        super().__init__()
        self._change = change
        self._tray: tuple[Path, ...] = ()
        box = QVBoxLayout(self)
        box.setContentsMargins(0, 0, 0, 0)
        box.addWidget(PlainLabel(tr("Hex colours, separated by spaces")))
        self.hex = QLineEdit()
        self.hex.setToolTip(tr("The colours the picture should have, in hexadecimal"))
        self.hex.setAccessibleName(tr("Hex colours"))
        self.hex.editingFinished.connect(self._typed)
        box.addWidget(self.hex)
        row = QHBoxLayout()
        row.setSpacing(4)
        self.take = text_button(
            "Colours of", "Take the main colours of a picture in the tray", stretched=True
        )
        self.menu = QMenu(self.take)
        self.menu.aboutToShow.connect(self._fill_menu)
        self.take.setMenu(self.menu)
        self.take.setPopupMode(QToolButton.ToolButtonPopupMode.InstantPopup)
        self.keep = text_button(
            "As a card", "Put these colours into the tray as a swatch card", stretched=True
        )
        self.keep.clicked.connect(self.keep_asked)
        self.write = text_button(
            "Write…", "Write these colours to a GIMP palette file (.gpl)", stretched=True
        )
        self.write.clicked.connect(self.write_asked)
        for button in (self.take, self.keep, self.write):
            row.addWidget(button, 1)
        box.addLayout(row)

    def show_cue(self, cue: SwatchesCue, tray: tuple[Path, ...]) -> QImage:
        """Show a cue's colours; returns a picture of them."""
        self._tray = tray
        self.take.setEnabled(bool(tray))
        colours = cue.swatches
        if not self.hex.hasFocus():
            self.hex.setText(" ".join(colours))
        return colour_bars(colours)

    def _fill_menu(self) -> None:
        self.menu.clear()
        for path in self._tray:
            action = QAction(f"{path.name}{' (card)' if is_card(path) else ''}", self.menu)
            action.triggered.connect(lambda _=False, p=path: self.colours_asked.emit(p))
            self.menu.addAction(action)

    def _typed(self) -> None:
        self._change("Swatches", swatches=self.hex.text().replace(",", " ").split())


def colour_bars(colours: tuple[str, ...]) -> QImage:
    """Colours side by side."""
    image = QImage(520, 208, QImage.Format.Format_RGB32)
    painter = QPainter(image)
    width = 520 / max(len(colours), 1)
    for i, colour in enumerate(colours):
        painter.fillRect(round(i * width), 0, round(width) + 1, 208, QColor(colour))
    painter.end()
    return image
