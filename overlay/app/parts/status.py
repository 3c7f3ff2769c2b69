"""The line under the picture: what is going on, what went wrong, what could be done."""

import time
from collections import deque
from collections.abc import Callable

from PySide6.QtCore import Qt, QTimer
from PySide6.QtGui import QResizeEvent
from PySide6.QtWidgets import QFrame, QHBoxLayout, QSizePolicy, QToolButton, QWidget

from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain, plain_tip

_STAYS = 12_000  # milliseconds that a refusal is seen, unless it was dealt with before
_LINGERS = 8_000  # and anything that lies over a picture
# What was said of late in any room: when, and what.
_SAID: deque[tuple[str, str]] = deque(maxlen=80)


def said_before() -> list[tuple[str, str]]:
    """What was said of late, the newest first: the time of day, and what."""
    return list(reversed(_SAID))


def _remember(text: str) -> None:
    """Keep what is said; of a run that tells how far it is, the last."""
    if _SAID and text.partition(":")[0] == _SAID[-1][1].partition(":")[0]:
        _SAID.pop()
    _SAID.append((time.strftime("%H:%M:%S"), text))


class StatusLine(QFrame):
    """One calm line, with an action as a link where there is one.

    Parameters
    ----------
    floating : it lies over a picture: seen while there is something to say, and for a while after;
        its figures are put elsewhere by whoever has it.
    """

    def __init__(self, parent: QWidget | None = None, *, floating: bool = False) -> None:
        super().__init__(parent)
        self._floating = floating
        self.setProperty("panel", "true")
        self.setFixedHeight(28)
        row = QHBoxLayout(self)
        row.setContentsMargins(12, 0, 12, 0)
        self.label = PlainLabel()
        self.label.setTextInteractionFlags(Qt.TextInteractionFlag.TextSelectableByMouse)
        self.label.setAccessibleName(tr("Status"))
        # A long line is cut at its end rather than widening the window; its tooltip has it whole.
        wide = QSizePolicy.Policy.Preferred if floating else QSizePolicy.Policy.Ignored
        self.label.setSizePolicy(wide, QSizePolicy.Policy.Preferred)
        self.label.setMinimumWidth(1)
        self.action = QToolButton()
        self.action.setProperty("wide", "true")
        self.action.hide()
        self.action.clicked.connect(self._act)
        self._do: Callable[[], object] | None = None
        self._fading = QTimer(self, singleShot=True, interval=_STAYS)
        self._fading.timeout.connect(self._fade)
        self.facts = PlainLabel(role="faint")
        row.addWidget(self.label, 1)
        row.addWidget(self.action)
        if floating:
            self.hide()
        else:
            row.addWidget(self.facts)

    def say(self, text: str, action: str = "", do: Callable[[], object] | None = None) -> None:
        """Say something; `action` is a button that does `do`."""
        self._show(text, "")
        self.action.setVisible(bool(action))
        self.action.setText(tr(action))
        self._do = do

    def refuse(self, text: str, action: str = "", do: Callable[[], object] | None = None) -> None:
        """Say what went wrong, to which file or cue, and what is allowed."""
        self.say(text, action, do)
        self._show(text, "error")
        self._fading.start(_STAYS)

    def forgive(self) -> None:
        """Something was done since: a refusal is seen no more."""
        if self.label.property("role") == "error":
            self.say("")

    def unsay(self, text: str) -> None:
        """What was said no longer holds; nothing happens if something else was said since."""
        if self.label.text() == plain(tr(text)):
            self.say("")

    def _fade(self) -> None:
        """What was said has stood long enough, unless the pointer rests on it."""
        if self.underMouse():
            self._fading.start()
            return
        self.forgive()
        if self._floating and not self.action.isVisible():
            self.hide()

    def show_facts(self, text: str, all_of_them: str) -> None:
        """Figures at the right end; resting on them shows all there are."""
        self.facts.setText(tr(text))
        self.facts.setToolTip(plain_tip(all_of_them))
        self._make_room()

    def resizeEvent(self, event: QResizeEvent) -> None:
        self._make_room()
        super().resizeEvent(event)

    def _make_room(self) -> None:
        """What is said goes before the figures where both do not fit."""
        if self._floating:
            return
        said = self.label.fontMetrics().horizontalAdvance(self.label.text())
        action = self.action.sizeHint().width() if self.action.isVisible() else 0
        needed = said + action + self.facts.sizeHint().width() + 60
        self.facts.setVisible(needed <= self.width())

    def _show(self, text: str, role: str) -> None:
        text = tr(text)
        if text:
            _remember(text)
        self.label.setText(plain(text))
        self.label.setToolTip(plain_tip(text))
        if self.label.property("role") != role:
            self.label.setProperty("role", role)
            self.label.style().unpolish(self.label)
            self.label.style().polish(self.label)
        if self._floating:
            self.setVisible(bool(text))
            self._fading.start(_LINGERS)
        self._make_room()

    def _act(self) -> None:
        do, self._do = self._do, None
        self.action.hide()
        if do is not None:
            do()
