"""A strip over the picture: several seeds, walked through with the arrows."""

from PySide6.QtCore import QRect, QSize, Qt, Signal
from PySide6.QtGui import QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QHBoxLayout, QVBoxLayout, QWidget

from overlay.app.parts import mips
from overlay.app.parts.buttons import text_button
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.theme import tone
from overlay.app.picture.over import OverPicture
from overlay.app.proof_sheets.shown import ShownCell, ShownSheet

_TALL = 84  # pixels of the pictures' height


class HuntStrip(OverPicture):
    """Arrows walk, Return takes, Esc leaves everything as it was."""

    walked = Signal(int)
    taken = Signal()
    left = Signal()

    def __init__(self, view: QWidget) -> None:
        super().__init__(view, most=900)
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setAccessibleName(tr("Hunt"))
        box = QVBoxLayout(self)
        box.setContentsMargins(10, 6, 10, 8)
        row = QHBoxLayout()
        self.title = PlainLabel()
        self.take = text_button("Take", "Have this one's seed on the bench (Return)")
        self.leave = text_button("Leave", "Leave everything as it was (Esc)")
        for button, signal in ((self.take, self.taken), (self.leave, self.left)):
            button.setFocusPolicy(Qt.FocusPolicy.NoFocus)
            button.clicked.connect(signal)
        row.addWidget(self.title, 1)
        row.addWidget(self.take)
        row.addWidget(self.leave)
        box.addLayout(row)
        self._pictures = _Pictures()
        self._pictures.pressed.connect(self.walk_to)
        box.addWidget(self._pictures)

    @property
    def place(self) -> int:
        """Which of them is looked at."""
        return self._pictures.place

    def show_sheet(self, shown: ShownSheet) -> None:
        """Show what has come so far."""
        self._pictures.show_sheet(shown)
        words = "seed" if shown.sheet.across.key == "seed" else "strayed towards"
        self.title.setText(tr(f"Hunt, {words} {shown.labels[0][self.place]}"))

    def walk_to(self, place: int) -> None:
        """Look at another one."""
        shown = self._pictures.shown
        if shown is not None and 0 <= place < shown.sheet.columns:
            self._pictures.place = place
            self.show_sheet(shown)
            self.walked.emit(place)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        steps = {Qt.Key.Key_Left: -1, Qt.Key.Key_Right: 1}
        if event.key() in steps:
            self.walk_to(self.place + steps[Qt.Key(event.key())])
        elif event.key() in (Qt.Key.Key_Return, Qt.Key.Key_Enter):
            self.taken.emit()
        elif event.key() == Qt.Key.Key_Escape:
            self.left.emit()
        else:
            super().keyPressEvent(event)


class _Pictures(QWidget):
    """The seeds beside each other."""

    pressed = Signal(int)

    def __init__(self) -> None:
        super().__init__()
        self.shown: ShownSheet | None = None
        self.place = 0
        self.setMinimumHeight(_TALL)

    def sizeHint(self) -> QSize:
        return QSize(600, _TALL)

    def show_sheet(self, shown: ShownSheet) -> None:
        if self.shown is None or self.shown.sheet != shown.sheet:
            self.place = 0
        self.shown = shown
        self.update()

    def _rect(self, place: int) -> QRect:
        assert self.shown is not None
        count = self.shown.sheet.columns
        wide = min(self.width() / count, _TALL * 1.6)
        left = (self.width() - count * wide) / 2
        return QRect(round(left + place * wide) + 2, 2, round(wide) - 4, self.height() - 4)

    def paintEvent(self, event: QPaintEvent) -> None:
        if self.shown is None:
            return
        painter = QPainter(self)
        painter.setRenderHint(QPainter.RenderHint.SmoothPixmapTransform)
        for place in range(self.shown.sheet.columns):
            rect = self._rect(place)
            cell = self.shown.cells.get((0, place), ShownCell())
            painter.fillRect(rect, tone("well"))
            if cell.image is not None:
                size = cell.image.size().scaled(rect.size(), Qt.AspectRatioMode.KeepAspectRatio)
                inner = QRect(rect.topLeft(), size)
                inner.moveCenter(rect.center())
                painter.drawImage(inner, mips.level(cell.image, 2 * size.width()))
            if place == self.place:
                painter.setPen(QPen(tone("register"), 2))
                painter.drawRect(rect)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if self.shown is None:
            return
        places = range(self.shown.sheet.columns)
        point = event.position().toPoint()
        found = next((p for p in places if self._rect(p).contains(point)), None)
        if found is not None:
            self.pressed.emit(found)
