"""A tour of four calm steps over the demo: each points at a place and says one thing."""

from dataclasses import dataclass

from PySide6.QtCore import QEvent, QObject, QPoint, QRect, Qt
from PySide6.QtGui import QColor, QKeyEvent, QPainter, QPaintEvent, QPen
from PySide6.QtWidgets import QApplication, QFrame, QHBoxLayout, QVBoxLayout, QWidget

from overlay.app.parts.buttons import text_button
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel
from overlay.app.parts.theme import dress, tone

_WIDTH = 340
_ON = (Qt.Key.Key_Return, Qt.Key.Key_Enter)


@dataclass(frozen=True)
class Stop:
    """A place of the window and what is to be said of it."""

    place: QWidget
    title: str
    text: str


def bench_stops(tray: QWidget, sheet: QWidget, pull: QWidget, picture: QWidget) -> tuple[Stop, ...]:
    """The tour's four places on the bench."""
    return (
        Stop(
            tray,
            "1 of 4: gather",
            "The tray holds the pictures of this project. Drop your own here. Drag one onto the "
            "picture to start from it, or onto the cue sheet to take its manner.",
        ),
        Stop(
            sheet,
            "2 of 4: compose in time",
            "Each row is a cue: one influence on the picture. Its shape says when it counts and "
            "how much. Drag the edges, the corners, the top. Left the masses are decided, right "
            "the grain.",
        ),
        Stop(
            pull,
            "3 of 4: pull a proof",
            "Pull renders the picture here, on this computer. The same settings always give the "
            "same proof. Change one thing, pull again, and wipe between the two.",
        ),
        Stop(
            picture,
            "4 of 4: see why",
            "Influence shows who decided where. Trace shows which place of a reference each mark "
            "came from. The line below says what could be better, and does it if you like.",
        ),
    )


class Tour(QWidget):
    """Lies over the window, outlines a place and says what it is for; `after` gets the keys."""

    def __init__(self, window: QWidget, stops: tuple[Stop, ...], after: QWidget) -> None:
        super().__init__(window)
        self._window, self._stops, self._after = window, stops, after
        self.place = 0
        dress(self)
        self.setAccessibleName(tr("Tour"))
        self._card = QFrame(self)
        self._card.setProperty("panel", "true")
        self._card.setFixedWidth(_WIDTH)
        column = QVBoxLayout(self._card)
        column.setContentsMargins(16, 14, 16, 12)
        self.title = PlainLabel(role="title")
        self.text = PlainLabel(wraps=True)
        row = QHBoxLayout()
        self.skip = text_button("Leave the tour", "The tour is also found under Help")
        self.skip.clicked.connect(self.leave)
        self.next = text_button("Next", "Go on (Return)")
        self.next.clicked.connect(self.go_on)
        row.addWidget(self.skip)
        row.addStretch()
        row.addWidget(self.next)
        column.addWidget(self.title)
        column.addWidget(self.text)
        column.addLayout(row)
        window.installEventFilter(self)
        application = QApplication.instance()
        assert isinstance(application, QApplication)
        self._focus_changed = application.focusChanged
        self._focus_changed.connect(self._keep_keys)
        self._show_stop()
        self.show()
        self.raise_()

    def go_on(self) -> None:
        """Show the next place, or end."""
        self.place += 1
        if self.place == len(self._stops):
            self.leave()
        else:
            self._show_stop()

    def leave(self) -> None:
        """End the tour."""
        self._window.removeEventFilter(self)
        self._focus_changed.disconnect(self._keep_keys)
        self._after.setFocus()
        self.hide()
        self.deleteLater()

    def _keep_keys(self, _before: QWidget | None, now: QWidget | None) -> None:
        """A project that opens under the tour, as the demo does, would take them."""
        if now is not None and now.window() is self._window and not self.isAncestorOf(now):
            self.next.setFocus()

    def _show_stop(self) -> None:
        stop = self._stops[self.place]
        self.title.setText(tr(stop.title))
        self.text.setText(tr(stop.text))
        self.next.setText(tr("Done" if self.place == len(self._stops) - 1 else "Next"))
        self.setGeometry(self._window.rect())
        self._put_card()
        self.update()
        self.next.setFocus()

    def _lit(self) -> QRect:
        """The place that is spoken of, in this widget."""
        widget = self._stops[self.place].place
        return QRect(widget.mapTo(self._window, QPoint(0, 0)), widget.size())

    def _put_card(self) -> None:
        """Beside the lit place, wherever there is room."""
        lit, room = self._lit(), self.rect().adjusted(12, 12, -12, -12)
        self._card.setFixedHeight(self._card.layout().heightForWidth(_WIDTH))  # type: ignore[union-attr]
        high = self._card.height()
        below = QPoint(min(lit.right() - _WIDTH, room.right() - _WIDTH - 2), lit.bottom() + 14)
        for at in (
            QPoint(lit.right() + 14, lit.top() + 40),
            QPoint(lit.left() + 40, lit.top() - high - 14),
            below,
            QPoint(lit.center().x() - _WIDTH // 2, lit.center().y() - high // 2),
        ):
            box = QRect(at.x(), at.y(), _WIDTH, high)
            if room.contains(box):
                break
        self._card.move(box.topLeft())

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        lit = self._lit()
        veil = QColor(20, 20, 20, 110)
        whole = self.rect()
        for part in (
            QRect(0, 0, whole.width(), lit.top()),
            QRect(0, lit.bottom() + 1, whole.width(), whole.height()),
            QRect(0, lit.top(), lit.left(), lit.height()),
            QRect(lit.right() + 1, lit.top(), whole.width(), lit.height()),
        ):
            painter.fillRect(part, veil)
        painter.setPen(QPen(tone("register"), 2))
        painter.drawRect(lit.adjusted(0, 0, -1, -1))

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        if event.type() == QEvent.Type.Resize:
            self._show_stop()
        return False

    def event(self, event: QEvent) -> bool:
        own = event.type() == QEvent.Type.ShortcutOverride
        if own and event.key() in (*_ON, Qt.Key.Key_Escape):  # type: ignore[attr-defined]
            event.accept()  # what they do in the window waits until the tour is over
            return True
        return super().event(event)

    def keyPressEvent(self, event: QKeyEvent) -> None:
        if event.key() == Qt.Key.Key_Escape:
            self.leave()
        elif event.key() in _ON:
            (self.leave if self.skip.hasFocus() else self.go_on)()
        else:
            super().keyPressEvent(event)

    def focusNextPrevChild(self, forward: bool) -> bool:
        """Stay on the card: what lies under the tour cannot be reached."""
        (self.skip if self.next.hasFocus() else self.next).setFocus(Qt.FocusReason.TabFocusReason)
        return True
