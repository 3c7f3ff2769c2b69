"""The line of words above the picture: chips, a field that types on, what is avoided."""

from PySide6.QtCore import QEvent, QObject, QPoint, Qt, Signal
from PySide6.QtGui import QKeyEvent
from PySide6.QtWidgets import (
    QApplication,
    QFrame,
    QHBoxLayout,
    QLineEdit,
    QScrollArea,
    QWidget,
)

from overlay.app.parts.buttons import text_button
from overlay.app.parts.flow import Flow
from overlay.app.parts.language import tr
from overlay.app.words.chip import PhraseChip
from overlay.app.words.waiting import Waiting
from overlay.words.language.grammar import LONGEST
from overlay.words.language.reading import Reading
from overlay.words.language.writing import phrases_of

_MARGIN = 4
_SHORT, _LONG = 72, 360  # pixels of the field: empty, and as long as it grows with what is typed
_MOST = 96  # pixels of lines of chips: three; more are scrolled to
_HINT = "Say what is to be seen: heron at left, old boathouse, mist, dawn"


class WordsLine(QFrame):
    """Shows the words; edits are wishes, as signals."""

    typed = Signal(list)  # phrases to stand at the end
    rewritten = Signal(int, list)  # a phrase's number, and what is to stand in its place
    emphasised = Signal(int, float)
    moved = Signal(int, int)
    teach_asked = Signal(str)
    avoided = Signal(str)
    hearing_asked = Signal(QPoint)

    def __init__(self, parent: QWidget | None = None) -> None:
        super().__init__(parent)
        self.setProperty("panel", "true")
        self.chips: list[PhraseChip] = []
        self._wanted = False  # whether it was asked for while there are no words
        self._editing: int | None = None
        self._settled: list[str] = []  # joined the words, and have no chips yet
        self.field = QLineEdit()
        self.field.setPlaceholderText(tr(_HINT))
        self.field.setMaxLength(LONGEST)
        self.field.textChanged.connect(self._make_room)
        self.field.setAccessibleName(tr("Words"))
        self.field.setToolTip(tr("Phrases parted by commas; Return draws them (/)"))
        self.field.returnPressed.connect(self._done)
        self.field.textEdited.connect(self._comma)
        self.avoid = QLineEdit()
        self.avoid.setPlaceholderText(tr("avoid"))
        self.avoid.setMaxLength(LONGEST)
        self.avoid.setFixedWidth(110)
        self.avoid.setAccessibleName(tr("Avoid"))
        self.avoid.setToolTip(
            tr("Words to stay away from: things are not drawn, colours turned from")
        )
        self.avoid.editingFinished.connect(lambda: self.avoided.emit(self.avoid.text()))
        self.hearing = text_button("100 %", "How far, when and where the words are heard")
        self.hearing.setAccessibleName(tr("How the words are heard"))
        self.hearing.clicked.connect(self._ask_hearing)
        self.hearing.hide()
        row = QHBoxLayout(self)
        row.setContentsMargins(12, _MARGIN, 10, _MARGIN)
        row.setSpacing(6)
        row.addWidget(self._chip_area(), 1)
        row.addWidget(self.avoid, 0, Qt.AlignmentFlag.AlignTop)
        row.addWidget(self.hearing, 0, Qt.AlignmentFlag.AlignTop)

    def _chip_area(self) -> QScrollArea:
        """Chips and the field after them, in lines."""
        self._area = QScrollArea()
        self._area.setWidgetResizable(True)
        self._area.setFrameShape(QFrame.Shape.NoFrame)
        self._area.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self._area.setVerticalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        inside = self._inside = QWidget()
        inside.setObjectName("chips")
        self._area.viewport().setObjectName("chipsview")
        self._area.setStyleSheet("#chips, #chipsview { background: transparent; }")
        self._row = Flow(inside, 4)
        self._make_room()
        self._row.addWidget(self.field)
        self.waiting = Waiting(self._row)
        self._area.setWidget(inside)
        for watched in (self.field, self._area, inside):
            watched.installEventFilter(self)
        return self._area

    def show_words(self, reading: Reading, avoid: str, heard: float) -> None:
        """Show what a prompt says, what is avoided, and how far both are heard (1 is 100 %)."""
        focused = next((i for i, c in enumerate(self.chips) if c.hasFocus()), None)
        for chip in self.chips:
            self._row.removeWidget(chip)
            chip.hide()
            chip.deleteLater()
        self.chips = [self._made(i, phrase) for i, phrase in enumerate(reading.phrases)]
        self.waiting.settle(self._settled)
        self._settled = []
        if focused is not None and self.chips:
            self.chips[min(focused, len(self.chips) - 1)].setFocus()
        if not self.avoid.hasFocus() or not self.avoid.isModified():
            self.avoid.setText(avoid)
        self.hearing.setText(f"{round(100 * heard)} %")
        self.hearing.setVisible(bool(reading.phrases))  # without words, nothing is heard
        self.field.setPlaceholderText("" if self.chips else tr(_HINT))
        self._show_where_needed()

    def wait_for(self, phrases: list[str]) -> None:
        """Show phrases that are about to join the words, until they do."""
        self.waiting.add(phrases)
        self._show_where_needed()

    def settle(self, phrases: list[str], *, joined: bool) -> None:
        """Phrases joined the words, and wait for their chips no longer; or were refused."""
        if joined:
            self._settled += phrases  # until the chips are there
        else:
            self.waiting.settle(phrases)
            self._show_where_needed()

    def forget(self) -> None:
        """Wait for nothing any more: another project is open."""
        self.waiting.clear()
        self._settled = []

    def _make_room(self) -> None:
        """The field is as long as what is typed; it goes to the next line where there is room."""
        typed = self.field.fontMetrics().horizontalAdvance(self.field.text()) + 24
        self.field.setMinimumWidth(min(max(typed, _SHORT), _LONG))

    def _fit(self) -> None:
        """As high as its lines of chips, up to three."""
        lines = self._row.heightForWidth(max(1, self._area.width()))
        self.setFixedHeight(min(lines, _MOST) + 2 * _MARGIN)

    def _show_where_needed(self) -> None:
        """Without words the picture has the room, until it is asked for."""
        said = bool(self.chips or self.waiting.chips or self.avoid.text() or self.field.text())
        self.setVisible(self._wanted or said)
        self._fit()

    def _made(self, number: int, phrase: object) -> PhraseChip:
        chip = PhraseChip(phrase, number)  # type: ignore[arg-type]
        chip.setFixedSize(chip.sizeHint())
        self._row.insert(number, chip)
        chip.emphasised.connect(lambda e: self.emphasised.emit(number, e))
        chip.removed.connect(lambda: self.rewritten.emit(number, []))
        chip.edit_asked.connect(lambda: self.edit(number))
        chip.teach_asked.connect(self.teach_asked)
        chip.dragged.connect(lambda place: self._dropped(number, place))
        chip.replaced.connect(lambda old, new: self._replace(number, old, new))
        return chip

    @property
    def chip_in_hand(self) -> PhraseChip | None:
        """The chip that has the keys, if one has."""
        return next((chip for chip in self.chips if chip.hasFocus()), None)

    def remove_chip(self) -> None:
        """Take the phrase away whose chip has the keys."""
        chip = self.chip_in_hand
        if chip is not None:
            chip.removed.emit()

    def edit(self, number: int) -> None:
        """Take a phrase into the field; Return puts it back where it stood."""
        self._editing = number
        self.field.setText(tr(self.chips[number].phrase.text))
        self.field.selectAll()
        self.field.setFocus()
        self._area.ensureWidgetVisible(self.field)

    def begin(self) -> None:
        """Have the keys go to the words."""
        self._wanted = True
        self._show_where_needed()
        self.field.setFocus(Qt.FocusReason.ShortcutFocusReason)
        self._area.ensureWidgetVisible(self.field)

    def eventFilter(self, watched: QObject, event: QEvent) -> bool:
        """Backspace in an empty field takes the last phrase back into it, Esc leaves an edit."""
        if event.type() in {QEvent.Type.Resize, QEvent.Type.LayoutRequest}:
            self._fit()  # another width, or chips that are there now
        if watched is self.field and event.type() == QEvent.Type.FocusOut:
            leaving = QApplication.focusWidget()
            if leaving is None or not self.isAncestorOf(leaving):
                self._wanted = False
                self._show_where_needed()
        if watched is self.field and isinstance(event, QKeyEvent):
            pressed = event.type() == QEvent.Type.KeyPress
            if pressed and event.key() == Qt.Key.Key_Backspace and not self.field.text():
                if self.chips and self._editing is None:
                    self.edit(len(self.chips) - 1)
                    return True
            elif pressed and event.key() == Qt.Key.Key_Escape and self.field.text():
                self._editing = None
                self.field.clear()
                return True
        return super().eventFilter(watched, event)

    def _comma(self, text: str) -> None:
        """A comma at the end is the end of a phrase."""
        if text.rstrip().endswith(",") and self._editing is None:
            self._done()

    def _done(self) -> None:
        phrases, number = phrases_of(self.field.text()), self._editing
        self._editing = None
        self.field.clear()
        if number is not None and number < len(self.chips):
            self.rewritten.emit(number, phrases)
        elif phrases:
            self.typed.emit(phrases)

    def _replace(self, number: int, old: str, new: str) -> None:
        text = self.chips[number].phrase.text
        place = text.lower().find(old)
        if place >= 0:
            text = text[:place] + new + text[place + len(old) :]
        self.rewritten.emit(number, [text])

    def _dropped(self, number: int, place: QPoint) -> None:
        """A chip let go: before the first one whose middle lies to the right, or a line below."""
        at = self._inside.mapFromGlobal(place)
        places = [chip.geometry() for chip in self.chips]
        to = next(
            (
                place_of
                for place_of, there in enumerate(places)
                if at.y() < there.top()
                or (at.y() <= there.bottom() and at.x() < there.center().x())
            ),
            len(places),
        )
        self.moved.emit(number, to)

    def _ask_hearing(self) -> None:
        self.hearing_asked.emit(self.hearing.mapToGlobal(QPoint(0, self.hearing.height())))
