"""Files that come by drag and drop or from the clipboard."""

from pathlib import Path

from PySide6.QtCore import QMimeData, SignalInstance
from PySide6.QtGui import QDragEnterEvent, QDropEvent


def dropped_pictures(data: QMimeData | None) -> list[Path]:
    """The local files among what was dropped; an empty clipboard has no data at all."""
    if data is None:
        return []
    return [Path(url.toLocalFile()) for url in data.urls() if url.isLocalFile()]


class TakesPictures:
    """Mixed into a widget with a signal `dropped`, which then tells what files were dropped."""

    dropped: SignalInstance

    def dragEnterEvent(self, event: QDragEnterEvent) -> None:
        """Welcome files, from anywhere but the widget itself."""
        source: object = event.source()
        if source is not self and dropped_pictures(event.mimeData()):
            event.acceptProposedAction()

    def dropEvent(self, event: QDropEvent) -> None:
        """Tell what was dropped."""
        event.acceptProposedAction()
        self.dropped.emit(dropped_pictures(event.mimeData()))
