"""Pictures at halved sizes, so that large ones can be zoomed and panned without waiting."""

import threading
from collections import OrderedDict

from PySide6.QtCore import Qt
from PySide6.QtGui import QImage

_KEPT_PIXELS = 150_000_000  # of all full-size pictures together
_SMALL = 200  # pixels; nothing smaller is needed

_lock = threading.Lock()
_kept: OrderedDict[int, list[QImage]] = OrderedDict()


def prepare(image: QImage) -> QImage:
    """Make a picture's smaller sizes; on a worker's thread where the picture is large."""
    key = image.cacheKey()
    with _lock:
        if key in _kept:
            _kept.move_to_end(key)
            return image
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
        while len(_kept) > 1 and sum(_area(v[0]) for v in _kept.values()) > _KEPT_PIXELS:
            _kept.popitem(last=False)
    return image


def level(image: QImage, width: float) -> QImage:
    """The smallest of a picture's sizes that is at least so wide, the picture itself at most."""
    prepare(image)
    with _lock:
        levels = _kept[image.cacheKey()]
    return next((smaller for smaller in reversed(levels) if smaller.width() >= width), image)


def _area(image: QImage) -> int:
    return image.width() * image.height()
