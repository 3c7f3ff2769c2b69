"""Three ways in while there is nothing, then the manners that ship, until one is taken."""

from collections.abc import Sequence

from PySide6.QtCore import QSize, Qt, QTimer, Signal
from PySide6.QtGui import QIcon, QImage, QPixmap
from PySide6.QtWidgets import (
    QFrame,
    QGridLayout,
    QHBoxLayout,
    QProgressBar,
    QPushButton,
    QToolButton,
    QVBoxLayout,
    QWidget,
)

from overlay.app.parts.buttons import text_button
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel

_WAYS = (
    (
        "photo", "A picture of yours", "Choose a photograph or drawing as the source. Then take a "
        "manner from the shelf, or another picture's.", "Choose a picture…",
    ),
    (
        "words", "Words alone", "Say what is to be seen: heron at left, old boathouse, mist, dawn. "
        "It is drawn; a manner gives it life.", "Say it",
    ),
    (
        "demo", "The Mallow Canal", "A project that is worth changing: an almanac's plates in "
        "several manners. Pull, then move one thing.", "Open the demo",
    ),
)  # fmt: skip
_COLUMN, _THUMB = 212, QSize(84, 58)
_TICK, _CREEP = 400, 0.003  # milliseconds, and the share of what is left that each goes on


class WaysPanel(QFrame):
    """In the middle of an empty picture; `asked` says which way is taken: photo, words or demo."""

    asked = Signal(str)

    def __init__(self) -> None:
        super().__init__()
        self.setProperty("panel", "true")
        grid = QGridLayout(self)
        grid.setContentsMargins(18, 16, 18, 16)
        grid.setHorizontalSpacing(22)
        self.buttons: dict[str, QPushButton] = {}
        for column, (way, title, text, deed) in enumerate(_WAYS):
            head = PlainLabel(tr(title), role="title")
            body = PlainLabel(tr(text), role="faint", wraps=True)
            body.setAlignment(Qt.AlignmentFlag.AlignTop)
            button = QPushButton(tr(deed))
            button.setToolTip(tr(text))
            button.clicked.connect(lambda _=False, w=way: self.asked.emit(w))
            self.buttons[way] = button
            grid.addWidget(head, 0, column)
            grid.addWidget(body, 1, column)
            grid.addWidget(button, 2, column, Qt.AlignmentFlag.AlignLeft)
            grid.setColumnMinimumWidth(column, _COLUMN)
            grid.setColumnStretch(column, 1)
        grid.setRowMinimumHeight(1, 64)
        self.drawing = DrawingBar()
        self.drawing.hide()
        grid.addWidget(self.drawing, 2, len(_WAYS) - 1)

    def show_drawing(self, share: float, now: str) -> None:
        """How much of the demo is drawn; in place of its button until it is there."""
        going = share < 1
        self.buttons["demo"].setVisible(not going)
        self.drawing.setVisible(going)
        self.drawing.show_share(share, now)


class DrawingBar(QWidget):
    """A bar, and above it what is drawn now.

    Between two pictures it goes on a little, ever slower: compiling cannot be counted, and what
    stands still looks stuck.
    """

    def __init__(self) -> None:
        super().__init__()
        column = QVBoxLayout(self)
        column.setContentsMargins(0, 0, 0, 0)
        column.setSpacing(3)
        self.now, self.bar = PlainLabel(role="faint"), QProgressBar()
        self.bar.setRange(0, 1000)
        self.bar.setTextVisible(False)
        self.bar.setFixedHeight(4)
        self.bar.setAccessibleName(tr("How much of the demo is drawn"))
        self._value = 0.0
        self._going = QTimer(self, interval=_TICK)
        self._going.timeout.connect(lambda: self._show(self._value + _CREEP * (1 - self._value)))
        column.addWidget(self.now)
        column.addWidget(self.bar)

    def show_share(self, share: float, now: str) -> None:
        """A share from 0 to 1; at 1 it is over."""
        self.now.setText(tr(f"Drawing {now}…"))
        self._show(max(share, self._value))
        if share < 1:
            self._going.start()
        else:
            self._going.stop()
            self._value = 0.0

    def _show(self, value: float) -> None:
        self._value = value
        self.bar.setValue(round(1000 * value))


class ShelfStrip(QFrame):
    """Over the picture's lower edge: manners that ship; `taken` carries a name."""

    taken = Signal(str)
    left = Signal()

    def __init__(self, names: Sequence[str]) -> None:
        super().__init__()
        self.setProperty("panel", "true")
        row = QHBoxLayout(self)
        row.setContentsMargins(12, 8, 8, 8)
        row.setSpacing(6)
        said = PlainLabel(tr("Take a\nmanner,\nor drop\na picture"), role="faint")
        row.addWidget(said)
        self.buttons: dict[str, QToolButton] = {}
        for name in names:
            button = QToolButton()
            button.setText(tr(name.capitalize()))
            button.setToolButtonStyle(Qt.ToolButtonStyle.ToolButtonTextUnderIcon)
            button.setIconSize(_THUMB)
            button.setIcon(QIcon(_empty()))
            button.setToolTip(tr(f"Make proofs in the manner of {name}"))
            button.setAccessibleName(tr(f"Manner: {name}"))
            button.clicked.connect(lambda _=False, n=name: self.taken.emit(n))
            self.buttons[name] = button
            row.addWidget(button)
        row.addStretch()
        away = text_button("Later", "Put the shelf away; Cue › Manners that ship… shows it again")
        away.clicked.connect(self.left)
        row.addWidget(away, 0, Qt.AlignmentFlag.AlignTop)

    def show_thumb(self, name: str, image: QImage) -> None:
        """What a manner looks like."""
        size = Qt.AspectRatioMode.KeepAspectRatioByExpanding
        smooth = Qt.TransformationMode.SmoothTransformation
        pixmap = QPixmap.fromImage(image.scaled(_THUMB * 2, size, smooth))
        pixmap.setDevicePixelRatio(2)
        self.buttons[name].setIcon(QIcon(pixmap))


def _empty() -> QPixmap:
    """Room for a thumbnail that is still to come."""
    pixmap = QPixmap(_THUMB)
    pixmap.fill(Qt.GlobalColor.transparent)
    return pixmap


def centred(widget: QWidget) -> QWidget:
    """A widget in the middle of the room it is given, which lets the mouse through elsewhere."""
    host = QWidget()
    grid = QGridLayout(host)
    grid.addWidget(widget, 0, 0, Qt.AlignmentFlag.AlignCenter)
    return host
