"""Pictures at halved sizes, so that large ones can be zoomed and panned without waiting."""

import threading

from cachetools import LRUCache
from PySide6.QtCore import Qt
from PySide6.QtGui import QImage

# Of all full-size pictures together: twice the largest proof, in 170 MB with their smaller sizes.
_KEPT_PIXELS = 32_000_000
_SMALL = 200  # pixels; nothing smaller is needed


def _weight(levels: list[QImage]) -> int:
    """Pixels of a picture; the largest alone fills the room, so that it is kept as well."""
    return min(levels[0].width() * levels[0].height(), _KEPT_PIXELS)


_lock = threading.Lock()
_kept: LRUCache[int, list[QImage]] = LRUCache(_KEPT_PIXELS, _weight)


def prepare(image: QImage) -> QImage:
    """Make a picture's smaller sizes; on a worker's thread where the picture is large."""
    _levels(image)
    return image


def level(image: QImage, width: float) -> QImage:
    """The smallest of a picture's sizes that is at least so wide, the picture itself at most."""
    return next((small for small in reversed(_levels(image)) if small.width() >= width), image)


def _levels(image: QImage) -> list[QImage]:
    key = image.cacheKey()
    with _lock:
        if key in _kept:
            return _kept[key]
    levels = [image]
    while min(levels[-1].width(), levels[-1].height()) > 2 * _SMALL:
        last = levels[-1]
        levels.append(
            last.scaled(
                last.width() // 2, last.height() // 2,
                Qt.AspectRatioMode.IgnoreAspectRatio,
                Qt.TransformationMode.SmoothTransformation,
            )
        )  # fmt: skip
    with _lock:
        _kept[key] = levels
    return levels
