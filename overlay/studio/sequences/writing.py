"""Frames written as they come: numbered pictures, an animation, a video."""

import json
from collections.abc import Callable, Iterator
from fractions import Fraction
from pathlib import Path
from typing import Any, BinaryIO

from PIL import Image

from overlay.document.reading import recipe_json
from overlay.document.sets.sequences import Sequence
from overlay.imaging.colour import ByteImage
from overlay.imaging.files import write_picture
from overlay.imaging.intake import PictureError, reason
from overlay.imaging.whole_files import write_whole
from overlay.studio.inputs.paths import relative_recipe
from overlay.studio.making.engines import engine_mark
from overlay.studio.sequences.frames import ANIMATED, VIDEOS, pyav
from overlay.studio.sequences.making import Made

_MOST_ANIMATED = 400_000_000  # pixels of all frames of an animation, which is held in memory
# Codecs by container, the first that is there; WebM takes those that are free.
_CODECS = {
    ".webm": ("libvpx-vp9", "libvpx"), ".mkv": ("libx264", "libvpx-vp9", "mpeg4"),
    ".mp4": ("libx264", "mpeg4"), ".mov": ("libx264", "mpeg4"), ".avi": ("mpeg4",),
}  # fmt: skip
_CONTAINERS = {**VIDEOS, ".webm": "webm"}
_QUALITY = "16"  # constant rate factor: marks are fine, and must not be smeared


def is_folder(out: Path) -> bool:
    """Whether frames go to a folder rather than into one file."""
    return out.suffix == "" or out.is_dir()


def check_out(out: Path, count: int | None, pixels: int) -> None:
    """Refuse a place that frames cannot be written to; raises `PictureError`."""
    ending = out.suffix.lower()
    if is_folder(out):
        if out.exists() and not out.is_dir():
            raise PictureError(f"{out}: must be a folder, got a file")
        return
    if ending in VIDEOS:
        pyav()
    elif ending not in ANIMATED:
        allowed = ", ".join(sorted({*ANIMATED, *VIDEOS}))
        raise PictureError(f"{out}: must be a folder or one of {allowed}, got {ending!r}")
    elif count is not None and count * pixels > _MOST_ANIMATED:
        raise PictureError(
            f"{out}: an animation may have {_MOST_ANIMATED // 1_000_000} megapixels in all its "
            f"frames, got {count * pixels // 1_000_000}; write a folder or a video"
        )


def frame_file(folder: Path, number: int) -> Path:
    """Where a frame lies in a folder, counted from 1."""
    return folder / f"{number:04}.png"


def write_frame(folder: Path, made: Made, sequence: Sequence, file: Path | None) -> None:
    """Write a frame as PNG, whole, with its recipe and where in which sequence it stands.

    Parameters
    ----------
    file : of its source, None where that came out of an animation or a video.
    """
    folder.mkdir(parents=True, exist_ok=True)
    source = None if file is None else str(file)
    recipe = made.recipe.model_copy(update={"source": source})
    stands = {"frames": Path(sequence.frames).name, "frame": made.number, "held": sequence.held}
    write_picture(
        frame_file(folder, made.number),
        made.picture,
        recipe=recipe_json(relative_recipe(recipe, folder)),
        engine=engine_mark(recipe.engine),
        texts={"overlay:sequence": json.dumps(stands)},
    )


def write_all(out: Path, frames: Iterator[ByteImage], rate: float) -> None:
    """Write an animation or a video, by the file's ending; whole or not at all.

    Raises
    ------
    PictureError
        If it cannot be written. Whatever going through the frames raises.
    """
    write = _write_video if out.suffix.lower() in VIDEOS else _write_animation
    try:
        write_whole(out, lambda file: write(file, out.suffix.lower(), frames, rate))
    except OSError as error:
        raise PictureError(f"{out}: cannot be written: {reason(error)}") from error


def _write_animation(file: BinaryIO, ending: str, frames: Iterator[ByteImage], rate: float) -> None:
    # A list, for some formats go through them twice.
    first, *pictures = [Image.fromarray(frame) for frame in frames]
    options: dict[str, Any] = {".webp": {"quality": 92, "method": 4}}.get(ending, {})
    first.save(
        file, format=ANIMATED[ending], save_all=True, append_images=pictures,
        duration=round(1000 / rate), loop=0, **options,
    )  # fmt: skip


def _write_video(file: BinaryIO, ending: str, frames: Iterator[ByteImage], rate: float) -> None:
    av = pyav()
    codec = next(name for name in _CODECS[ending] if name in av.codecs_available)
    first = next(frames)
    with av.open(file, "w", format=_CONTAINERS[ending]) as container:
        stream = container.add_stream(codec, rate=Fraction(rate).limit_denominator(1000))
        # Codecs want even sides.
        stream.width, stream.height = first.shape[1] // 2 * 2, first.shape[0] // 2 * 2
        stream.pix_fmt = "yuv420p"
        stream.options = {} if codec == "mpeg4" else {"crf": _QUALITY}
        _encode(container, stream, av.VideoFrame.from_ndarray, first, frames)


def _encode(
    container: Any,
    stream: Any,
    make: Callable[..., Any],
    first: ByteImage,
    frames: Iterator[ByteImage],
) -> None:
    def add(picture: ByteImage) -> None:
        even = picture[: stream.height, : stream.width]
        container.mux(stream.encode(make(even.copy(), format="rgb24")))

    add(first)
    for frame in frames:
        add(frame)
    container.mux(stream.encode())
