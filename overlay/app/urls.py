"""Files that come by drag and drop or from the clipboard."""

from pathlib import Path

from PySide6.QtCore import QMimeData


def dropped_pictures(data: QMimeData) -> list[Path]:
    """The local files among what was dropped."""
    return [Path(url.toLocalFile()) for url in data.urls() if url.isLocalFile()]
