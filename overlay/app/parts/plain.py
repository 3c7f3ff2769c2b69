"""Words in the window: what comes from files and people is shown as it is, never as markup."""

import html
import time

from PySide6.QtCore import Qt
from PySide6.QtGui import QPainter, QPaintEvent
from PySide6.QtWidgets import QLabel, QSizePolicy, QWidget

from overlay.imaging.one_line import one_line


class PlainLabel(QLabel):
    """A label that shows its text and follows no markup in it.

    A plain QLabel guesses: a file named `<img src=...>` would have it read that file.
    """

    def __init__(
        self, text: str = "", parent: QWidget | None = None, *, role: str = "", wraps: bool = False
    ) -> None:
        super().__init__(parent)
        self.setTextFormat(Qt.TextFormat.PlainText)
        self.setWordWrap(wraps)
        if role:
            self.setProperty("role", role)
        self.setText(text)


class ElidedLabel(PlainLabel):
    """A label that ends in an ellipsis where its text does not fit, and asks for no width."""

    def __init__(self, text: str = "", parent: QWidget | None = None) -> None:
        super().__init__(text, parent)
        self.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)

    def paintEvent(self, event: QPaintEvent) -> None:
        painter = QPainter(self)
        shown = self.fontMetrics().elidedText(
            self.text(), Qt.TextElideMode.ElideRight, self.width()
        )
        painter.setPen(self.palette().color(self.foregroundRole()))
        painter.drawText(self.rect(), self.alignment(), shown)


def plain(text: str) -> str:
    """A text for a line, a menu or a title: on one line, control characters shown."""
    return one_line(text)


def plain_tip(text: str) -> str:
    """A text for a tooltip, whose lines stay; tooltips have no other way to switch markup off."""
    lines = [one_line(line, 400) for line in text.split("\n")]
    shown = "\n".join(lines)
    if "<" not in shown and "&" not in shown:
        return shown
    return "<qt>" + html.escape(shown).replace("\n", "<br>") + "</qt>"


def about(seconds: float) -> str:
    """A length of time as people say it: `about 40 s`, `about 5 min`, `about 1.5 h`."""
    if seconds < 90:
        return f"about {max(seconds, 1):.0f} s"
    return f"about {seconds / 60:.0f} min" if seconds < 5400 else f"about {seconds / 3600:.1f} h"


def ago(when: float) -> str:
    """A moment as people say it: `today 9:05`, `yesterday 21:40`, `3 November`."""
    then, now = time.localtime(when), time.localtime()
    clock = f"{then.tm_hour}:{then.tm_min:02d}"
    yesterday = time.localtime(time.time() - 24 * 3600)
    if then[:3] == now[:3]:
        return f"today {clock}"
    if then[:3] == yesterday[:3]:
        return f"yesterday {clock}"
    return f"{then.tm_mday} {time.strftime('%B', then)}"
