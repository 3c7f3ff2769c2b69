"""Pictures read once and kept while they stay the same on disk."""

import threading
from collections.abc import Callable
from pathlib import Path

from cachetools import LRUCache

from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.files import read_cut_out, read_grey, read_picture
from overlay.studio.inputs.digests import picture_stamp
from overlay.studio.inputs.stages import Stages

# Sixteen megapixels as a picture and a few maps, or a day's work at ordinary sizes.
_KEPT_BYTES = 384 << 20


def _weight(array: ByteImage | FloatImage) -> int:
    """Bytes of an array; the largest alone fills the room, so that it is kept as well."""
    return min(array.nbytes, _KEPT_BYTES)


class PictureStore:
    """Reads pictures and masks; safe to use from several threads.

    Attributes
    ----------
    stages : base runs and passes that were rendered lately.

    Arrays given out are shared and must not be written to.
    """

    def __init__(self) -> None:
        self.stages = Stages()
        self._lock = threading.Lock()
        self._kept: LRUCache[tuple[str, ...], ByteImage | FloatImage] = LRUCache(
            _KEPT_BYTES, _weight
        )

    def picture(self, path: str) -> ByteImage:
        """(H, W, 3) uint8 sRGB; raises `PictureError`."""
        return self._get("picture", path)  # type: ignore[return-value]

    def cut_out(self, path: str) -> ByteImage:
        """(H, W, 4) uint8, sRGB and alpha; raises `PictureError`."""
        key = ("cut out", *picture_stamp(path))
        return self.made(key, lambda: read_cut_out(Path(path)))  # type: ignore[return-value]

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
                return self._kept[key]
        value = make()
        value.flags.writeable = False
        with self._lock:
            self._kept[key] = value
        return value
