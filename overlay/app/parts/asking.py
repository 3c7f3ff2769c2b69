"""Questions that must be answered before anything goes on: destructive choices, foreign code."""

from PySide6.QtCore import Qt
from PySide6.QtGui import QIcon
from PySide6.QtWidgets import QMessageBox, QWidget

from overlay.app.parts.language import tr
from overlay.app.parts.theme import dress


def ask_choice(parent: QWidget, title: str, text: str, choices: tuple[str, ...]) -> str | None:
    """Ask for one of several ways to go on, or none.

    Parameters
    ----------
    text : shown as it is, never as markup.
    choices : what the buttons say, beside Cancel, which is what Return and Esc mean.
    """
    box = QMessageBox(parent)
    dress(box)
    box.setWindowTitle(tr(title))
    box.setTextFormat(Qt.TextFormat.PlainText)
    box.setText(tr(text))
    buttons = {box.addButton(tr(c), QMessageBox.ButtonRole.AcceptRole): c for c in choices}
    cancel = box.addButton(QMessageBox.StandardButton.Cancel)
    cancel.setIcon(QIcon())  # as none of our buttons has the toolkit's
    box.setDefaultButton(cancel)
    box.exec()
    clicked = box.clickedButton()
    box.deleteLater()
    return next((choice for button, choice in buttons.items() if button is clicked), None)
