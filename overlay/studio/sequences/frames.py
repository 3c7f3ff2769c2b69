"""Frames in order: numbered pictures of a folder, an animation, a video."""

from collections.abc import Iterator
from contextlib import contextmanager
from dataclasses import dataclass
from pathlib import Path
from types import ModuleType
from typing import Any, Protocol

import numpy as np
from PIL import Image, ImageSequence

from overlay.document.sets.sequences import MOST_FRAMES
from overlay.imaging.colour import ByteImage
from overlay.imaging.decode import open_picture
from overlay.imaging.files import as_srgb, read_picture
from overlay.imaging.formats.tiff import MAX_PIXELS
from overlay.imaging.intake import PictureError, open_regular, reason
from overlay.motion.flow import MissingExtraError
from overlay.studio.editions.tables import pictures_in

ANIMATED = {".gif": "GIF", ".apng": "PNG", ".png": "PNG", ".webp": "WEBP"}
# The demuxers that may read them: named, for some of them would open other files.
VIDEOS = {".mp4": "mp4", ".mov": "mov", ".mkv": "matroska", ".webm": "matroska", ".avi": "avi"}
USUAL_RATE = 12.0  # frames a second, where nothing says so
_MOST_BYTES = 4 << 30
_SLOWEST, _FASTEST = 0.1, 240.0  # frames a second


class Frames(Protocol):
    """Frames that can be gone through from the first.

    Attributes
    ----------
    count : how many there are, None where only going through them tells. rate : frames a second.
    """

    count: int | None
    rate: float

    def file(self, number: int) -> Path | None:
        """The file of a frame, counted from 1; None where it has none of its own."""
        ...

    def __iter__(self) -> Iterator[ByteImage]:
        """The frames, (H, W, 3) uint8 sRGB each; raises `PictureError` for one that is damaged."""
        ...


def open_frames(path: Path) -> Frames:
    """The frames of a folder, an animation or a video.

    Raises
    ------
    PictureError
        In one line that names the file, also where a frame's size is another one.
    """
    if path.is_dir():
        return _Folder(pictures_in(path))
    ending = path.suffix.lower()
    if ending in ANIMATED:
        return _Animation(path)
    if ending in VIDEOS:
        return _Video(path)
    allowed = ", ".join(sorted({*ANIMATED, *VIDEOS}))
    raise PictureError(f"{path}: frames must be a folder or one of {allowed}, got {ending!r}")


def _checked(number: int, frame: ByteImage, first: tuple[int, ...] | None, where: str) -> None:
    """Refuse what is too much, or of another size than the first."""
    if number > MOST_FRAMES:
        raise PictureError(f"{where}: may have {MOST_FRAMES} frames, got more")
    if first is not None and frame.shape != first:
        sizes = (f"{s[1]}x{s[0]}" for s in (first, frame.shape))
        raise PictureError(f"{where}: frames must be {next(sizes)} as the first, got {next(sizes)}")


@dataclass
class _Folder:
    paths: list[Path]
    rate: float = USUAL_RATE

    def __post_init__(self) -> None:
        if len(self.paths) > MOST_FRAMES:
            where = self.paths[0].parent
            raise PictureError(f"{where}: may have {MOST_FRAMES} frames, got {len(self.paths)}")
        self.count: int | None = len(self.paths)
        first = None
        for path in self.paths:  # before anything runs
            with open_picture(path) as image:
                first = first or image.size
                if image.size != first:
                    want, got = (f"{w}x{h}" for w, h in (first, image.size))
                    raise PictureError(f"{path}: frames must be {want} as the first, got {got}")

    def file(self, number: int) -> Path | None:
        return self.paths[number - 1]

    def __iter__(self) -> Iterator[ByteImage]:
        first = None
        for number, path in enumerate(self.paths, 1):
            frame = read_picture(path)
            _checked(number, frame, first, str(path))
            first = first or frame.shape
            yield frame


class _Animation:
    """GIF, APNG or WebP; transparency is laid on white."""

    def __init__(self, path: Path) -> None:
        self._path = path
        with self._opened() as image:
            if image.width * image.height > MAX_PIXELS:
                raise PictureError(
                    f"{path}: must be at most {MAX_PIXELS} pixels, got {image.width}x{image.height}"
                )
            self.count: int | None = getattr(image, "n_frames", 1)
            image.load()  # some say how long it is seen only then
            self.rate = _rate(1000 / max(float(image.info.get("duration", 0) or 0), 1e-3))
        if self.count is not None and self.count > MOST_FRAMES:
            raise PictureError(f"{path}: may have {MOST_FRAMES} frames, got {self.count}")

    @contextmanager
    def _opened(self) -> Iterator[Image.Image]:
        with open_regular(self._path, _MOST_BYTES) as file:
            try:
                with Image.open(file, formats=(ANIMATED[self._path.suffix.lower()],)) as image:
                    yield image
            except PictureError:
                raise
            except Exception as error:  # Pillow raises many kinds for damaged files
                raise PictureError(f"{self._path}: cannot be read: {reason(error)}") from error

    def file(self, _number: int) -> Path | None:
        return None

    def __iter__(self) -> Iterator[ByteImage]:
        with self._opened() as image:
            first = None
            for number, frame in enumerate(ImageSequence.Iterator(image), 1):
                made = as_srgb(frame.convert("RGBA"), self._path)
                _checked(number, made, first, f"{self._path}: frame {number}")
                first = first or made.shape
                yield made


class _Video:
    """Whatever PyAV decodes of a few containers."""

    def __init__(self, path: Path) -> None:
        self._path = path
        with self._opened() as (stream, _):
            self.count: int | None = stream.frames or None
            self.rate = _rate(float(stream.average_rate or 0))

    @contextmanager
    def _opened(self) -> Iterator[tuple[Any, Any]]:
        av = pyav()
        with open_regular(self._path, _MOST_BYTES) as file:
            try:
                with av.open(file, format=VIDEOS[self._path.suffix.lower()]) as container:
                    if not container.streams.video:
                        raise PictureError(f"{self._path}: must have a video stream, got none")
                    yield container.streams.video[0], container
            except PictureError:
                raise
            except (av.error.FFmpegError, ValueError, OSError) as error:
                raise PictureError(f"{self._path}: cannot be read: {reason(error)}") from error

    def file(self, _number: int) -> Path | None:
        return None

    def __iter__(self) -> Iterator[ByteImage]:
        with self._opened() as (stream, container):
            first = None
            for number, frame in enumerate(container.decode(stream), 1):
                if frame.width * frame.height > MAX_PIXELS:
                    raise PictureError(f"{self._path}: must be at most {MAX_PIXELS} pixels a frame")
                made = np.asarray(frame.to_ndarray(format="rgb24"), np.uint8)
                _checked(number, made, first, f"{self._path}: frame {number}")
                first = first or made.shape
                yield made


def _rate(found: float) -> float:
    return found if _SLOWEST <= found <= _FASTEST else USUAL_RATE


def pyav() -> ModuleType:
    """PyAV; raises `MissingExtraError` where it is not installed."""
    try:
        import av
    except ImportError as error:
        raise MissingExtraError("videos need PyAV: install overlay[sequence] (av)") from error
    found: ModuleType = av
    return found
