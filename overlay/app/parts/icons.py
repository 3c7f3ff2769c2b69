"""Icons drawn for this product, one stroke weight, tinted to the ink they stand on."""

from functools import cache
from pathlib import Path

from PySide6.QtCore import QByteArray, Qt
from PySide6.QtGui import QIcon, QPainter, QPixmap
from PySide6.QtSvg import QSvgRenderer
from PySide6.QtWidgets import QAbstractButton, QWidget

from overlay.app.parts.theme import tones

_FOLDER = Path(__file__).parents[1] / "icons"


def set_icon(button: QAbstractButton, name: str, ink: str = "ink") -> None:
    """Give a button an icon by its file's name, in one of the theme's colours.

    The button remembers both, for `retint`.
    """
    t = tones()
    made = QIcon(glyph(name, getattr(t, ink), 20))
    made.addPixmap(glyph(name, t.panel, 20), QIcon.Mode.Normal, QIcon.State.On)
    button.setIcon(made)
    button.setProperty("icon_name", name)
    button.setProperty("icon_ink", ink)


def retint(window: QWidget) -> None:
    """Draw all icons of a window in the colours now in use."""
    for button in window.findChildren(QAbstractButton):
        name = button.property("icon_name")
        if name:
            set_icon(button, name, button.property("icon_ink"))


@cache
def glyph(name: str, colour: str, side: int) -> QPixmap:
    """An icon as a picture of `side` pixels in one colour, twice as dense for sharp displays."""
    text = (_FOLDER / f"{name}.svg").read_text("utf-8").replace("#23221f", colour)
    pixmap = QPixmap(2 * side, 2 * side)
    pixmap.fill(Qt.GlobalColor.transparent)
    painter = QPainter(pixmap)
    QSvgRenderer(QByteArray(text.encode())).render(painter)
    painter.end()
    pixmap.setDevicePixelRatio(2)
    return pixmap
