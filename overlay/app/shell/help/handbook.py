"""The handbook in a window of its own, installed or in the checkout."""

from pathlib import Path

from PySide6.QtCore import Qt, QUrl
from PySide6.QtGui import (
    QFont,
    QImage,
    QResizeEvent,
    QTextBlockFormat,
    QTextCharFormat,
    QTextCursor,
    QTextDocument,
    QTextFormat,
)
from PySide6.QtWidgets import (
    QApplication,
    QDialog,
    QHBoxLayout,
    QLineEdit,
    QListWidget,
    QTextBrowser,
    QTextEdit,
    QVBoxLayout,
    QWidget,
)

import overlay
from overlay.app.parts.language import tr
from overlay.app.parts.theme import dress, tone

# A wheel has it inside the package; a checkout in its docs.
_PACKAGE = Path(overlay.__file__).parent
_FOLDERS = (_PACKAGE / "docs" / "handbook", _PACKAGE.parent / "docs" / "handbook")
_FIRST = "README.md"
_LINE = "A line of a book has about as many characters as stand in this one here."
_PICTURE = "\N{OBJECT REPLACEMENT CHARACTER}"
_MARGIN = 24  # pixels beside it at least
_LINES = 138  # percent of a line's height
_BEFORE, _SIZES = {1: 4, 2: 22, 3: 16}, {1: 1.7, 2: 1.3, 3: 1.1}  # headings by their level


def handbook_folder() -> Path | None:
    """Where the handbook lies, None where it was not installed."""
    return next((folder for folder in _FOLDERS if (folder / _FIRST).is_file()), None)


class _Pages(QTextBrowser):
    """Shows pages set like a book's, and nothing from outside the handbook's folders."""

    def __init__(self, folder: Path) -> None:
        super().__init__()
        self._root = folder.parent.resolve()
        self.setSearchPaths([str(folder)])
        self.setOpenLinks(False)
        self.setFrameShape(QTextBrowser.Shape.NoFrame)
        self.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        font = self.font()
        font.setPixelSize(QApplication.font().pixelSize() + 2)
        self.setFont(font)

    @property
    def column(self) -> int:
        """Pixels of width that text and pictures have: some seventy characters, if they fit."""
        wide = self.fontMetrics().horizontalAdvance(_LINE)
        return max(min(wide, self.viewport().width() - 2 * _MARGIN), 200)

    def show_page(self, text: str, sought: str) -> None:
        """Set a page; what is sought in it is marked, and its first place shown."""
        self.setMarkdown(text)
        self._set()
        self._mark(sought)

    def resizeEvent(self, event: QResizeEvent) -> None:
        super().resizeEvent(event)
        self._set_margins()

    def _set_margins(self) -> None:
        frame = self.document().rootFrame()
        shape = frame.frameFormat()
        spare = (self.viewport().width() - self.column) / 2
        shape.setLeftMargin(max(spare, _MARGIN))
        shape.setRightMargin(max(spare, _MARGIN))
        shape.setTopMargin(_MARGIN)
        shape.setBottomMargin(2 * _MARGIN)
        frame.setFrameFormat(shape)

    def _set(self) -> None:
        """Line height, room before headings and after paragraphs."""
        block = self.document().begin()
        while block.isValid():
            level = block.blockFormat().headingLevel()
            shape = QTextBlockFormat()
            if _PICTURE not in block.text():
                lines = QTextBlockFormat.LineHeightTypes.ProportionalHeight
                shape.setLineHeight(_LINES, lines.value)
            listed = block.textList() is not None
            shape.setTopMargin(_BEFORE.get(level, 0))
            shape.setBottomMargin(4 if level or listed else 9)
            cursor = QTextCursor(block)
            cursor.mergeBlockFormat(shape)
            if level:
                cursor.select(QTextCursor.SelectionType.BlockUnderCursor)
                head = QTextCharFormat()
                pixels = round(self.font().pixelSize() * _SIZES.get(level, 1.0))
                head.setProperty(QTextFormat.Property.FontPixelSize.value, pixels)
                head.setFontWeight(QFont.Weight.DemiBold)
                cursor.mergeCharFormat(head)
            block = block.next()
        self._set_margins()

    def _mark(self, sought: str) -> None:
        """Mark every place of what is sought, and go to the first."""
        marks: list[QTextEdit.ExtraSelection] = []
        place = QTextCursor(self.document())
        while sought:
            place = self.document().find(sought, place)
            if place.isNull():
                break
            mark = QTextEdit.ExtraSelection()
            mark.cursor = place
            mark.format.setBackground(tone("hairline"))
            marks.append(mark)
        self.setExtraSelections(marks)
        first = QTextCursor(self.document())
        if marks:
            first.setPosition(marks[0].cursor.selectionStart())
        self.setTextCursor(first)
        self.ensureCursorVisible()

    def loadResource(self, kind: int, name: QUrl | str) -> object:
        url = QUrl(name)
        path = Path(self.searchPaths()[0], url.toLocalFile() or url.path()).resolve()
        if not path.is_relative_to(self._root) or not path.is_file():
            return None
        if kind == QTextDocument.ResourceType.ImageResource.value:
            image = QImage(str(path))
            smooth = Qt.TransformationMode.SmoothTransformation
            return image.scaledToWidth(min(self.column, image.width()), smooth)
        return path.read_text("utf-8")


class Handbook(QDialog):
    """Pages at the left, with a field to search them all; the chosen one at the right."""

    def __init__(self, folder: Path, parent: QWidget, page: str = "") -> None:
        super().__init__(parent)
        dress(self)
        self.setWindowTitle(tr("Handbook"))
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(1000, 720)
        self._folder = folder
        self._paths = sorted(folder.glob("*.md"), key=_place)
        self._texts = [path.read_text("utf-8") for path in self._paths]
        self.sought = QLineEdit()
        self.sought.setPlaceholderText(tr("Search all pages"))
        self.sought.setClearButtonEnabled(True)
        self.sought.setAccessibleName(tr("Search the handbook"))
        self.sought.textChanged.connect(self._search)
        self.pages = QListWidget()
        self.pages.setWordWrap(True)
        self.pages.setHorizontalScrollBarPolicy(Qt.ScrollBarPolicy.ScrollBarAlwaysOff)
        self.pages.setAccessibleName(tr("Pages"))
        self.browser = _Pages(folder)
        self.browser.setAccessibleName(tr("Page"))
        left = QVBoxLayout()
        left.addWidget(self.sought)
        left.addWidget(self.pages, 1)
        row = QHBoxLayout(self)
        row.setContentsMargins(8, 8, 8, 8)
        row.addLayout(left)
        row.addWidget(self.browser, 1)
        for widget in (self.sought, self.pages):
            widget.setFixedWidth(200)
        for text in self._texts:
            self.pages.addItem(text.splitlines()[0].lstrip("# "))
        self.pages.currentRowChanged.connect(self._show)
        self.browser.anchorClicked.connect(self._follow)
        names = [path.stem for path in self._paths]
        self.pages.setCurrentRow(names.index(page) if page in names else 0)

    def _show(self, row: int) -> None:
        if row >= 0:
            self.browser.show_page(self._texts[row], self.sought.text().strip())

    def _search(self, text: str) -> None:
        """Only pages that say it are listed; the first of them is shown where this one does not."""
        words = text.strip().lower()
        found = [words in page.lower() for page in self._texts]
        for row, there in enumerate(found):
            self.pages.item(row).setHidden(not there)
        row = self.pages.currentRow()
        if any(found) and not found[row]:
            self.pages.setCurrentRow(found.index(True))
        else:
            self._show(row)

    def _follow(self, url: QUrl) -> None:
        names = [path.name for path in self._paths]
        if url.path() in names:
            self.pages.setCurrentRow(names.index(url.path()))


def _place(path: Path) -> tuple[bool, int]:
    """The first page, then by the number that a name begins with."""
    number = path.name.partition("-")[0]
    return path.name != _FIRST, int(number) if number.isdigit() else 0
