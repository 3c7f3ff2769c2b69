"""The handbook in a window of its own, installed or in the checkout."""

from pathlib import Path

from PySide6.QtCore import Qt, QUrl
from PySide6.QtGui import QImage, QTextDocument
from PySide6.QtWidgets import QDialog, QHBoxLayout, QListWidget, QTextBrowser, QWidget

import overlay
from overlay.app.parts.theme import dress

# A wheel has it inside the package; a checkout in its docs.
_PACKAGE = Path(overlay.__file__).parent
_FOLDERS = (_PACKAGE / "docs" / "handbook", _PACKAGE.parent / "docs" / "handbook")
_FIRST = "README.md"


def handbook_folder() -> Path | None:
    """Where the handbook lies, None where it was not installed."""
    return next((folder for folder in _FOLDERS if (folder / _FIRST).is_file()), None)


class _Pages(QTextBrowser):
    """Shows pages and their pictures, and nothing from outside the handbook's folders."""

    def __init__(self, folder: Path) -> None:
        super().__init__()
        self._root = folder.parent.resolve()
        self.setSearchPaths([str(folder)])
        self.setOpenExternalLinks(False)

    def loadResource(self, kind: int, name: QUrl | str) -> object:
        url = QUrl(name)
        path = Path(self.searchPaths()[0], url.toLocalFile() or url.path()).resolve()
        if not path.is_relative_to(self._root) or not path.is_file():
            return None
        if kind == QTextDocument.ResourceType.ImageResource.value:
            image = QImage(str(path))
            smooth = Qt.TransformationMode.SmoothTransformation
            return image.scaledToWidth(min(640, image.width()), smooth)
        return path.read_text("utf-8")


class Handbook(QDialog):
    """Pages at the left, the chosen one at the right."""

    def __init__(self, folder: Path, parent: QWidget) -> None:
        super().__init__(parent)
        dress(self)
        self.setWindowTitle("Handbook")
        self.setAttribute(Qt.WidgetAttribute.WA_DeleteOnClose)
        self.resize(960, 680)
        self._folder = folder
        row = QHBoxLayout(self)
        row.setContentsMargins(8, 8, 8, 8)
        self.pages = QListWidget()
        self.pages.setFixedWidth(200)
        self.pages.setAccessibleName("Pages")
        self.browser = _Pages(folder)
        self.browser.setAccessibleName("Page")
        row.addWidget(self.pages)
        row.addWidget(self.browser, 1)
        paths = sorted(folder.glob("*.md"), key=_place)
        self._paths = paths
        for path in paths:
            heading = path.read_text("utf-8").splitlines()[0].lstrip("# ")
            self.pages.addItem(heading)
        self.pages.currentRowChanged.connect(self._show)
        self.browser.anchorClicked.connect(self._follow)
        self.browser.setOpenLinks(False)
        self.pages.setCurrentRow(0)

    def _show(self, row: int) -> None:
        text = self._paths[row].read_text("utf-8")
        self.browser.setMarkdown(text)

    def _follow(self, url: QUrl) -> None:
        names = [path.name for path in self._paths]
        if url.path() in names:
            self.pages.setCurrentRow(names.index(url.path()))


def _place(path: Path) -> tuple[bool, int]:
    """The first page, then by the number that a name begins with."""
    number = path.name.partition("-")[0]
    return path.name != _FIRST, int(number) if number.isdigit() else 0
