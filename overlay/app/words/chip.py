"""A phrase as a chip: drawn in ink, only read in grey, stand-ins dotted, unknown underlined."""

from PySide6.QtCore import QPoint, QSize, Qt, Signal
from PySide6.QtGui import QContextMenuEvent, QKeyEvent, QMouseEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QMenu, QWidget

from overlay.app.parts.language import tr
from overlay.app.parts.offers import add_offers, offer
from overlay.app.parts.plain import plain, plain_tip
from overlay.app.parts.theme import tone
from overlay.words.language.phrases import LEAD
from overlay.words.language.reading import Phrase, Word
from overlay.words.language.writing import without_emphasis

DRAWN, READ, STAND_IN, UNKNOWN = "drawn", "read", "stand-in", "unknown"
_HEIGHT, _PAD, _GAP = 24, 8, 5
_PER_PIXEL, _STEP = 0.01, 0.05  # of emphasis, while it is dragged; what it snaps to
_FAR = 6  # pixels from which a drag is one


def state_of(phrase: Phrase) -> str:
    """How a phrase is shown: by its worst word, or in ink if one of them acts."""
    if any(w.entry is None and not w.is_blank for w in phrase.words) or not phrase.words:
        return UNKNOWN
    if any(w.kin is not None for w in phrase.words):
        return STAND_IN
    return DRAWN if any(w.acts for w in phrase.words) else READ


def told(word: Word) -> str:
    """What a word was understood as, in a line."""
    if word.is_blank:
        return f"{word.text}: a blank, which an edition fills; nothing is drawn for it"
    if word.entry is None:
        near = f"; near are {', '.join(word.near)}" if word.near else ""
        return f"{word.text}: not known, skipped{near}"
    if word.kin is not None:
        how = "drawn" if word.kind == "subject" else "read"
        return f"{word.text}: {how} as {word.kin} ({word.kind})"
    return f"{word.text}: {word.kind}" + ("" if word.acts else ", read but not drawn")


class PhraseChip(QWidget):
    """Dragged up and down for emphasis, sideways for order; double-clicked, or Return, to edit."""

    emphasised = Signal(float)  # when the hand lets go
    dragged = Signal(QPoint)  # over a place on the screen, to be put there
    edit_asked = Signal()
    removed = Signal()
    replaced = Signal(str, str)  # a word, and what is to stand in its place
    teach_asked = Signal(str)  # a word that is not known

    def __init__(self, phrase: Phrase, number: int = 0, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.number = number
        offer(self, self.settings, own_menu=True)
        self.phrase, self.state = phrase, state_of(phrase)
        self._emphasis = phrase.emphasis
        self._from: QPoint | None = None
        self._way = ""  # of the drag: up or aside
        self.setFocusPolicy(Qt.FocusPolicy.StrongFocus)
        self.setCursor(Qt.CursorShape.PointingHandCursor)
        words = "\n".join(tr(told(w)) for w in phrase.words) or tr("no word of it is known")
        how = "Drag up or down: emphasis. Sideways: order. Double click: edit. Del: remove."
        self.setToolTip(plain_tip(f"{words}\n{tr(how)}"))
        self.setAccessibleName(plain(f"{phrase.text}, {self.state}"))

    @property
    def text(self) -> str:
        """What it says, with its emphasis where that is not the plain one."""
        percent = round(100 * self._emphasis)
        plain_text = plain(without_emphasis(self.phrase.text))
        return plain_text if percent == 100 else f"{plain_text} {percent} %"

    def sizeHint(self) -> QSize:
        self.ensurePolished()
        wide = self.fontMetrics().horizontalAdvance(self.text)
        return QSize(min(wide + 2 * _PAD + 4, 320), _HEIGHT)

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        box = self.rect().adjusted(0, 0, -1, -1)
        painter.fillRect(box, tone("well"))
        painter.setPen(tone("register" if self.hasFocus() else "edge"))
        painter.drawRect(box)
        inside = self.rect().adjusted(_PAD, 0, -_PAD, 0)
        colour = {UNKNOWN: "alarm", READ: "faint"}.get(self.state, "ink")
        painter.setPen(tone(colour))
        shown = self.fontMetrics().elidedText(
            self.text, Qt.TextElideMode.ElideRight, inside.width()
        )
        painter.drawText(inside, Qt.AlignmentFlag.AlignVCenter, shown)
        if self.state in {STAND_IN, UNKNOWN}:
            self._underline(painter, shown)

    def _underline(self, painter: QPainter, shown: str) -> None:
        """Dots beneath a stand-in, a line beneath what is not known: never colour alone."""
        dotted = self.state == STAND_IN
        pen = QPen(tone("ink" if dotted else "alarm"), 1.4)
        pen.setStyle(Qt.PenStyle.DotLine if dotted else Qt.PenStyle.SolidLine)
        painter.setPen(pen)
        y = self.height() - _GAP
        painter.drawLine(_PAD, y, _PAD + self.fontMetrics().horizontalAdvance(shown), y)

    def mousePressEvent(self, event: QMouseEvent) -> None:
        if event.button() == Qt.MouseButton.LeftButton:
            self._from, self._way = event.position().toPoint(), ""
            self.setFocus()

    def mouseMoveEvent(self, event: QMouseEvent) -> None:
        if self._from is None:
            return
        by = event.position().toPoint() - self._from
        if not self._way and by.manhattanLength() > _FAR:
            self._way = "up" if abs(by.y()) > abs(by.x()) else "aside"
        if self._way == "up":
            self._show_emphasis(self.phrase.emphasis - _PER_PIXEL * by.y())

    def mouseReleaseEvent(self, event: QMouseEvent) -> None:
        way, self._from, self._way = self._way, None, ""
        if way == "up" and self._emphasis != self.phrase.emphasis:
            self.emphasised.emit(self._emphasis)
        elif way == "aside":
            self.dragged.emit(event.globalPosition().toPoint())

    def mouseDoubleClickEvent(self, event: QMouseEvent) -> None:
        self._from = None
        self.edit_asked.emit()

    def keyPressEvent(self, event: QKeyEvent) -> None:
        steps = {Qt.Key.Key_Up: _STEP, Qt.Key.Key_Down: -_STEP}
        key = Qt.Key(event.key())
        if key in steps:
            self.emphasised.emit(_snapped(self.phrase.emphasis + steps[key]))
        elif key in {Qt.Key.Key_Return, Qt.Key.Key_Enter, Qt.Key.Key_F2}:
            self.edit_asked.emit()
        elif key == Qt.Key.Key_Backspace:  # Del is the room's, which asks who has the keys
            self.removed.emit()
        else:
            super().keyPressEvent(event)

    def contextMenuEvent(self, event: QContextMenuEvent) -> None:
        self.menu().exec(event.globalPos())

    def settings(self) -> list[tuple[str, str]]:
        """Its settings by their keys, with what they are called."""
        key = f"{LEAD}{self.number}"
        return [(key, "The words"), (f"{key}.emphasis", "Emphasis")]

    def menu(self) -> QMenu:
        """What can be done with it: offers for what is not known, edit, remove."""
        menu = QMenu(self)
        for word in self.phrase.words:
            for known in word.near if word.entry is None else ():
                action = menu.addAction(plain(f"{word.text} → {known}"))
                action.triggered.connect(
                    lambda _=False, w=word.text, o=known: self.replaced.emit(w, o)
                )
            if word.entry is None and not word.is_blank:
                action = menu.addAction(plain(tr(f"Teach “{word.text}”…")))
                action.triggered.connect(lambda _=False, w=word.text: self.teach_asked.emit(w))
        if menu.actions():
            menu.addSeparator()
        menu.addAction(tr("Edit"), self.edit_asked.emit)
        menu.addAction(tr("Plain emphasis"), lambda: self.emphasised.emit(1.0))
        menu.addAction(tr("Remove"), self.removed.emit)
        add_offers(menu, self.settings(), self)
        return menu

    def _show_emphasis(self, emphasis: float) -> None:
        self._emphasis = _snapped(emphasis)
        self.setFixedSize(self.sizeHint())
        self.update()


def _snapped(emphasis: float) -> float:
    return round(min(max(round(emphasis / _STEP) * _STEP, 0.0), 2.0), 2)
