"""A small log of what the window said, to be read again."""

from PySide6.QtCore import Qt
from PySide6.QtWidgets import QDialog, QPlainTextEdit, QVBoxLayout, QWidget

from overlay.app.parts.language import tr
from overlay.app.parts.plain import plain
from overlay.app.parts.theme import dress

_WIDE, _HIGH = 560, 300


class SaidDialog(QDialog):
    """Lines with the time of day, the newest first; they can be copied."""

    def __init__(self, said: list[tuple[str, str]], parent: QWidget) -> None:
        super().__init__(parent)
        dress(self)
        self.setWindowTitle(tr("What was said"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(_WIDE, _HIGH)
        self.text = QPlainTextEdit()
        self.text.setReadOnly(True)
        self.text.setAccessibleName(tr("What was said"))
        lines = [plain(f"{when}  {what}") for when, what in said]
        self.text.setPlainText("\n".join(lines) or "Nothing yet")
        box = QVBoxLayout(self)
        box.setContentsMargins(16, 14, 16, 14)
        box.addWidget(self.text)
