"""What a picture is like, as phrases to tick: those that are ticked join the words."""

from PySide6.QtCore import QPoint, Qt, Signal
from PySide6.QtWidgets import QFrame, QGridLayout, QHBoxLayout, QPushButton, QVBoxLayout, QWidget

from overlay.app.parts.buttons import text_button
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain
from overlay.app.parts.theme import dress

_NAMES = {
    "manner": "Marks", "palette": "Colours", "light": "Light", "composition": "Arrangement",
    "place": "Place",
}  # fmt: skip
_COLUMNS = 3


class Described(QFrame):
    """A panel of phrases by focus; `joined` carries those that were ticked."""

    joined = Signal(list)

    def __init__(self) -> None:
        super().__init__(None, Qt.WindowType.Popup)
        self.setProperty("panel", "true")
        self._column = QVBoxLayout(self)
        self._column.setContentsMargins(12, 10, 12, 10)
        self.title = PlainLabel(role="title")
        self._column.addWidget(self.title)
        self._body = QWidget()
        self._column.addWidget(self._body)
        row = QHBoxLayout()
        row.addStretch()
        self.join = QPushButton(tr("Add to the words"))
        self.join.setEnabled(False)
        self.join.clicked.connect(self._join)
        row.addWidget(self.join)
        self._column.addLayout(row)
        self.phrases: dict[str, QWidget] = {}

    def show_phrases(self, name: str, found: dict[str, list[str]], at: QPoint) -> None:
        """Show what was found of a picture, at a place on the screen."""
        self.title.setText(plain(tr(f"{name}, in words")))
        fresh = QWidget()
        grid = QGridLayout(fresh)
        grid.setContentsMargins(0, 4, 0, 4)
        self.phrases = {}
        line = 0
        for focus, phrases in found.items():
            if not phrases:
                continue
            grid.addWidget(PlainLabel(_NAMES[focus]), line, 0, Qt.AlignmentFlag.AlignTop)
            for k, phrase in enumerate(phrases):
                button = text_button(phrase, "Tick it to have it join the words", checkable=True)
                button.toggled.connect(self._ticked)
                self.phrases[phrase] = button
                grid.addWidget(button, line + k // _COLUMNS, 1 + k % _COLUMNS)
            line += -(-len(phrases) // _COLUMNS)
        self._column.replaceWidget(self._body, fresh)
        self._body.deleteLater()
        self._body = fresh
        self.join.setEnabled(False)
        dress(self)
        self.adjustSize()
        self.move(at)
        self.show()

    @property
    def ticked(self) -> list[str]:
        """Phrases that are ticked, in the order they stand."""
        return [p for p, b in self.phrases.items() if b.isChecked()]  # type: ignore[attr-defined]

    def _ticked(self, _on: bool) -> None:
        self.join.setEnabled(bool(self.ticked))

    def _join(self) -> None:
        ticked = self.ticked
        self.hide()
        self.joined.emit(ticked)
