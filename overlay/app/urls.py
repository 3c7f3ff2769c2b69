"""Files that come by drag and drop or from the clipboard."""

from pathlib import Path

from PySide6.QtCore import QMimeData


def dropped_pictures(data: QMimeData | None) -> list[Path]:
    """The local files among what was dropped; an empty clipboard has no data at all."""
    if data is None:
        return []
    return [Path(url.toLocalFile()) for url in data.urls() if url.isLocalFile()]
