"""The list that is searched by typing; a setting that is chosen takes another value on the spot."""

from collections.abc import Callable, Sequence
from dataclasses import dataclass

from PySide6.QtCore import QEvent, QObject, Qt
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import (
    QFrame,
    QHeaderView,
    QLineEdit,
    QTreeWidget,
    QTreeWidgetItem,
    QVBoxLayout,
    QWidget,
)

from overlay.app.parts.language import tr
from overlay.app.parts.plain import PlainLabel, plain, plain_tip
from overlay.app.parts.theme import dress

_WIDTH, _HEIGHT, _TOP = 620, 420, 90
_MOST = 60  # rows that are listed
_UNQUOTED = str.maketrans("", "", "“”")
_ENDINGS = ("ing", "ung", "ern", "er", "en", "ed", "es", "e", "s", "n")  # of both languages
_LEAST = 4  # letters that are left of a word without its ending
_NONE = "Nothing is called so, or does that. Try another word, or a part of one."
_HINT = "What do you want to do, or to set? Type a part of it"


@dataclass(frozen=True)
class Found:
    """What can be found.

    Attributes
    ----------
    name, says : what it is called, and what it does or is now. keys : its shortcut.
    do : a command's deed. take : of a setting, has it take what was typed.
    offers : values that a setting may take, to choose from.
    """

    name: str
    says: str
    keys: str = ""
    do: Callable[[], object] | None = None
    take: Callable[[str], object] | None = None
    offers: tuple[str, ...] = ()

    def rank(self, words: Sequence[str]) -> int | None:
        """How well it answers to words, 0 best; None where it does not."""
        name, says = self.name.lower().translate(_UNQUOTED), self.says.lower()
        if not all(word in name or word in says for word in words):
            stems = [_stem(word) for word in words]  # `enlarge` finds an enlarging pass
            return 4 if all(stem in name or stem in says for stem in stems) else None
        if not all(word in name for word in words):
            return 3
        if not words or name.startswith(words[0]):
            return 0
        return 1 if any(part.startswith(words[0]) for part in name.split()) else 2


def _stem(word: str) -> str:
    """A word without its ending, where enough of it is left."""
    ending = next((e for e in _ENDINGS if word.endswith(e) and len(word) - len(e) >= _LEAST), "")
    return word.removesuffix(ending)


class FinderPanel(QFrame):
    """Over the window's upper middle; Return takes the first, arrows another one, Esc leaves."""

    def __init__(self, guarded: Callable[[Callable[[], object]], object]) -> None:
        super().__init__(None, Qt.WindowType.Popup)
        self.setProperty("panel", "true")
        self.setFixedSize(_WIDTH, _HEIGHT)
        self._guarded = guarded
        self._all: tuple[Found, ...] = ()
        self._setting: Found | None = None
        column = QVBoxLayout(self)
        column.setContentsMargins(12, 12, 12, 10)
        self.title = PlainLabel(role="title")
        self.field = QLineEdit()
        self.field.setAccessibleName(tr("Find a command or setting"))
        self.field.textEdited.connect(lambda _: self._list())
        self.field.returnPressed.connect(self._take)
        self.field.installEventFilter(self)
        self.list = QTreeWidget()
        self.list.setColumnCount(3)
        self.list.setHeaderHidden(True)
        self.list.setRootIsDecorated(False)
        self.list.setUniformRowHeights(True)
        self.list.setAccessibleName(tr("Commands and settings"))
        self.list.setFocusPolicy(Qt.FocusPolicy.NoFocus)
        header = self.list.header()
        header.setStretchLastSection(False)
        header.setSectionResizeMode(1, QHeaderView.ResizeMode.Stretch)
        self.list.itemClicked.connect(lambda *_: self._take())
        self.none = PlainLabel(tr(_NONE), role="faint")
        for part in (self.title, self.field, self.none):
            column.addWidget(part)
        column.addWidget(self.list, 1)

    def open_over(self, window: QWidget, found: Sequence[Found]) -> None:
        """Show all there is, with nothing typed yet."""
        self._all = tuple(found)
        self._ask(None)
        dress(self)
        place = window.mapToGlobal(window.rect().topLeft())
        self.move(place.x() + (window.width() - _WIDTH) // 2, place.y() + _TOP)
        self.show()
        self.field.setFocus()

    def _ask(self, setting: Found | None) -> None:
        """Ask for a command, or for the value of a setting."""
        self._setting = setting
        self.field.clear()
        self.title.setVisible(setting is not None)
        if setting is not None:
            self.title.setText(plain(tr(f"{setting.name}, now {setting.says}")))
        hint = "Another value; Return takes it, Esc goes back"
        self.field.setPlaceholderText(tr(_HINT if setting is None else hint))
        self._list()

    def _list(self) -> None:
        words = self.field.text().lower().split()
        self.list.clear()
        if self._setting is not None:
            for offer in self._setting.offers:
                if all(word in offer.lower() for word in words):
                    self.list.addTopLevelItem(QTreeWidgetItem([plain(offer)]))
        else:
            self._list_all(words)
        self.list.setColumnWidth(0, 250)
        self.list.setColumnWidth(2, 110)
        first = self.list.topLevelItem(0)
        self.none.setVisible(first is None and self._setting is None)
        if first is not None and (self._setting is None or words):
            self.list.setCurrentItem(first)

    def _list_all(self, words: Sequence[str]) -> None:
        ranked = [(one.rank(words), k, one) for k, one in enumerate(self._all)]
        answers = sorted((r, k, one) for r, k, one in ranked if r is not None)
        for _, place, one in answers[:_MOST]:
            item = QTreeWidgetItem([plain(one.name), plain(one.says), one.keys])
            item.setData(0, Qt.ItemDataRole.UserRole, place)
            item.setToolTip(1, plain_tip(one.says))
            item.setTextAlignment(2, Qt.AlignmentFlag.AlignRight | Qt.AlignmentFlag.AlignVCenter)
            self.list.addTopLevelItem(item)

    @property
    def shown(self) -> list[str]:
        """Names in the list, as they stand."""
        items = (self.list.topLevelItem(i) for i in range(self.list.topLevelItemCount()))
        return [item.text(0) for item in items if item is not None]

    def _take(self) -> None:
        item = self.list.currentItem()
        if self._setting is not None:
            typed = self.field.text().strip() if item is None else item.text(0)
            self._set(typed)
        elif item is not None:
            one = self._all[item.data(0, Qt.ItemDataRole.UserRole)]
            if one.take is not None:
                self._ask(one)
            elif one.do is not None:
                do = one.do
                self.hide()
                self._guarded(do)

    def _set(self, typed: str) -> None:
        take = self._setting.take if self._setting else None
        if typed and take is not None:
            self.hide()
            self._guarded(lambda: take(typed))

    def _step(self, by: int) -> None:
        now, last = self.list.currentItem(), self.list.topLevelItemCount() - 1
        at = -1 if now is None else self.list.indexOfTopLevelItem(now)
        item = self.list.topLevelItem(min(max(at + by, 0), last))
        if item is not None:
            self.list.setCurrentItem(item)

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        """Arrows go through the list while one types; Esc goes back from a value."""
        if not isinstance(event, QKeyEvent) or event.type() != QEvent.Type.KeyPress:
            return False
        steps = {Qt.Key.Key_Down: 1, Qt.Key.Key_Up: -1, Qt.Key.Key_PageDown: 10,
                 Qt.Key.Key_PageUp: -10}  # fmt: skip
        key = Qt.Key(event.key())
        if key in steps and self.list.topLevelItemCount():
            self._step(steps[key])
            return True
        if key == Qt.Key.Key_Escape and self._setting is not None:
            self._ask(None)
            return True
        return False
