"""One calm line of advice under the picture, with what helps as a button."""

from PySide6.QtCore import Signal
from PySide6.QtWidgets import QFrame, QHBoxLayout, QSizePolicy, QWidget

from overlay.app.parts.buttons import text_button
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain_tip
from overlay.studio.advising.advice import Advice


class AdviceLine(QFrame):
    """Shows the most important advice; out of sight when there is none."""

    followed = Signal(object)
    put_aside = Signal(object)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setProperty("panel", "true")
        self.setFixedHeight(30)
        self._advice: list[Advice] = []
        self._place = 0
        row = QHBoxLayout(self)
        row.setContentsMargins(12, 0, 12, 0)
        row.setSpacing(6)
        self.label = PlainLabel()
        self.label.setAccessibleName(tr("Advice"))
        self.label.setSizePolicy(QSizePolicy.Policy.Ignored, QSizePolicy.Policy.Preferred)
        self.action = text_button("", "Do what the advice says; it can be undone")
        self.action.clicked.connect(lambda: self.followed.emit(self.advice))
        self.more = text_button("", "Show the next advice")
        self.more.clicked.connect(self._next)
        self.aside = text_button("Not now", "Do not say this again in this session")
        self.aside.clicked.connect(lambda: self.put_aside.emit(self.advice))
        row.addWidget(self.label, 1)
        for button in (self.action, self.more, self.aside):
            row.addWidget(button)
        self.hide()

    @property
    def advice(self) -> Advice | None:
        """The advice that is shown."""
        return self._advice[self._place] if self._advice else None

    def show_advice(self, advice: list[Advice]) -> None:
        """Show the first of these; the others wait behind it."""
        if [a.key for a in advice] != [a.key for a in self._advice]:
            self._place = 0
        self._advice = advice
        self._show()

    def _next(self) -> None:
        self._place = (self._place + 1) % len(self._advice)
        self._show()

    def _show(self) -> None:
        advice = self.advice
        self.setVisible(advice is not None)
        if advice is None:
            return
        self.label.setText(tr(advice.text))
        self.label.setToolTip(plain_tip(tr(advice.text)))
        self.action.setText(tr(advice.action))
        self.action.setVisible(bool(advice.action))
        self.more.setText(tr(f"{self._place + 1} of {len(self._advice)}"))
        self.more.setVisible(len(self._advice) > 1)
