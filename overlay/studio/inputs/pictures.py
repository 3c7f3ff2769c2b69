"""Pictures read once and kept while they stay the same on disk."""

import threading
from collections import OrderedDict
from collections.abc import Callable
from pathlib import Path

from overlay.engine.request import Render
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.files import read_grey, read_picture
from overlay.imaging.intake import regular_status

_KEPT_BYTES = 768 << 20
_KEPT_STAGES = 3


class Stages:
    """The last base passes, so that a later pass begins where an earlier proof ended."""

    def __init__(self) -> None:
        self._lock = threading.Lock()
        self._kept: OrderedDict[str, Render] = OrderedDict()

    def base(self, key: str, make: Callable[[], Render]) -> Render:
        """What was kept under a recipe's hash, else what `make` gives."""
        with self._lock:
            if key in self._kept:
                self._kept.move_to_end(key)
                return self._kept[key]
        done = make()
        with self._lock:
            self._kept[key] = done
            while len(self._kept) > _KEPT_STAGES:
                self._kept.popitem(last=False)
        return done


class PictureStore:
    """Reads pictures and masks; safe to use from several threads.

    Attributes
    ----------
    stages : passes that were rendered lately.

    Arrays given out are shared and must not be written to.
    """

    def __init__(self) -> None:
        self.stages = Stages()
        self._lock = threading.Lock()
        self._kept: OrderedDict[tuple[str, ...], ByteImage | FloatImage] = OrderedDict()

    def picture(self, path: str) -> ByteImage:
        """(H, W, 3) uint8 sRGB; raises `PictureError`."""
        return self._get("picture", path)  # type: ignore[return-value]

    def _get(self, kind: str, path: str) -> ByteImage | FloatImage:
        read = read_picture if kind == "picture" else read_grey
        return self.made((kind, *picture_stamp(path)), lambda: read(Path(path)))

    def grey(self, path: str) -> FloatImage:
        """(H, W) float32 in 0..1; raises `PictureError`."""
        return self._get("grey", path)  # type: ignore[return-value]

    def made(
        self, key: tuple[str, ...], make: Callable[[], ByteImage | FloatImage]
    ) -> ByteImage | FloatImage:
        """What `make` gives, kept under a key that says all it depends on."""
        with self._lock:
            if key in self._kept:
                self._kept.move_to_end(key)
                return self._kept[key]
        value = make()
        value.flags.writeable = False
        with self._lock:
            self._kept[key] = value
            while sum(v.nbytes for v in self._kept.values()) > _KEPT_BYTES and len(self._kept) > 1:
                self._kept.popitem(last=False)
        return value


def picture_stamp(path: str) -> tuple[str, ...]:
    """A file with its time and size: another one as soon as it changes. Raises `PictureError`."""
    status = regular_status(path)
    return path, str(status.st_mtime_ns), str(status.st_size)
