"""The words that were taught, here and for all projects, and what can be done with them."""

from collections.abc import Sequence
from dataclasses import dataclass

from PySide6.QtCore import QPoint, QSize, Qt, Signal
from PySide6.QtGui import QImage, QPixmap
from PySide6.QtWidgets import (
    QFrame,
    QGridLayout,
    QLineEdit,
    QListWidget,
    QListWidgetItem,
    QToolButton,
    QVBoxLayout,
)

from overlay.app.parts.buttons import picture_icon, text_button
from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain, plain_tip
from overlay.app.parts.theme import dress
from overlay.app.teaching.panel import KINDS
from overlay.document.taught import Taught

_WORD = Qt.ItemDataRole.UserRole
_SIZE, _THUMB = (380, 420), QSize(54, 36)
_FIND = 8  # words, beyond which they can be sought

_DEEDS = (
    ("say", "Say it", "Put the word into the words line"),
    ("share", "For all projects", "Other projects know the word too"),
    ("forget", "Forget", "The word is no longer known; cues that a look brought in stay"),
    ("export", "Export…", "Write all words of this list, with their pictures, as one file"),
    ("import", "Import…", "Take the words of such a file in, for all projects"),
)


@dataclass(frozen=True)
class Listed:
    """A word of the list: taught here, for all projects, or both."""

    taught: Taught
    here: bool
    everywhere: bool

    @property
    def said(self) -> str:
        """Kind and whereabouts, in a line."""
        kind = KINDS[self.taught.kind][0]
        tall = f", {self.taught.height:g} m" if self.taught.kind == "subject" else ""
        where = {
            (True, False): "this project", (False, True): "all projects", (True, True): "both",
        }  # fmt: skip
        return f"{tr(kind)}{tall}; {tr(where[self.here, self.everywhere])}"


class TaughtPanel(QFrame):
    """Over the window; `wished` carries a deed and a word."""

    wished = Signal(str, str)

    def __init__(self) -> None:
        super().__init__(None, Qt.WindowType.Popup)
        self.setProperty("panel", "true")
        self.setFixedSize(*_SIZE)
        self.listed: dict[str, Listed] = {}
        column = QVBoxLayout(self)
        column.setContentsMargins(14, 12, 14, 12)
        title = PlainLabel(tr("Taught words"), role="title")
        column.addWidget(title)
        self.sought = QLineEdit()
        self.sought.setPlaceholderText(tr("Find"))
        self.sought.setAccessibleName(tr("Find a taught word"))
        self.sought.textChanged.connect(self._filter)
        column.addWidget(self.sought)
        self.words = QListWidget()
        self.words.setIconSize(_THUMB)
        self.words.setAccessibleName(tr("Taught words"))
        self.words.currentItemChanged.connect(lambda *_: self._look())
        self.words.itemActivated.connect(lambda _: self._wish("say"))
        column.addWidget(self.words, 1)
        self.hint = PlainLabel(
            tr(
                "No word has been taught yet.\n\nA picture in the tray can be taught as a thing or "
                "a surface, a region as an area, cues as a look: each has “Teach…” in its menu."
            ),
            role="faint",
            wraps=True,
        )
        self.hint.setAlignment(Qt.AlignmentFlag.AlignTop)
        column.addWidget(self.hint, 1)
        column.addLayout(self._deed_grid())

    def _deed_grid(self) -> QGridLayout:
        grid = QGridLayout()
        grid.setSpacing(4)
        self.deeds: dict[str, QToolButton] = {}
        for place, (deed, text, tip) in enumerate(_DEEDS):
            button = text_button(text, tip, stretched=True)
            button.clicked.connect(lambda _=False, d=deed: self._wish(d))
            self.deeds[deed] = button
            grid.addWidget(button, place // 3, place % 3)
        return grid

    def open_with(self, listed: Sequence[Listed], at: QPoint) -> None:
        """List these, at a place on the screen."""
        self.listed = {one.taught.word: one for one in listed}
        self.words.clear()
        for one in listed:
            item = QListWidgetItem(f"{plain(one.taught.word)}\n{one.said}")
            item.setData(_WORD, one.taught.word)
            item.setToolTip(plain_tip("\n".join(one.taught.pictures)))
            item.setSizeHint(QSize(0, 44))
            self.words.addItem(item)
        self.words.setVisible(bool(listed))
        self.hint.setVisible(not listed)
        self.sought.setVisible(len(listed) > _FIND)
        self.sought.clear()
        if listed:
            self.words.setCurrentRow(0)
        self._look()
        dress(self)
        self.move(at)
        self.show()
        self.words.setFocus()

    def show_thumb(self, word: str, image: QImage) -> None:
        """What a word was taught from, small."""
        size = Qt.AspectRatioMode.KeepAspectRatio, Qt.TransformationMode.SmoothTransformation
        for i in range(self.words.count()):
            if self.words.item(i).data(_WORD) == word:
                pixmap = QPixmap.fromImage(image.scaled(_THUMB * 2, *size))
                self.words.item(i).setIcon(picture_icon(pixmap))

    @property
    def chosen(self) -> Listed | None:
        """The word that is selected."""
        item = self.words.currentItem()
        return None if item is None else self.listed.get(item.data(_WORD))

    def _filter(self, text: str) -> None:
        for i in range(self.words.count()):
            item = self.words.item(i)
            item.setHidden(text.lower().strip() not in item.text().lower())

    def _look(self) -> None:
        one = self.chosen
        self.deeds["say"].setEnabled(one is not None)
        self.deeds["forget"].setEnabled(one is not None)
        self.deeds["share"].setEnabled(one is not None and not one.everywhere)
        self.deeds["export"].setEnabled(bool(self.listed))

    def _wish(self, deed: str) -> None:
        one = self.chosen
        if self.deeds[deed].isEnabled():
            self.hide()
            self.wished.emit(deed, "" if one is None else one.taught.word)
