"""Making a picture ready: straightened, retouched, painted over, cropped, sized, sharpened."""

import json
import math
from pathlib import Path
from typing import Any

import numpy as np
from pydantic import ValidationError

from overlay.document.history import History
from overlay.document.preparation import Paint, Preparation, read_preparation
from overlay.document.reading import first_fault
from overlay.document.recipe import DEFAULT_PIXELS
from overlay.document.strokes import Stroke
from overlay.document.text.json_text import RecipeError
from overlay.engine.control import Control
from overlay.imaging.colour import ByteImage, hex_to_srgb, srgb_to_work, work_to_srgb
from overlay.imaging.files import read_text_chunk, thumbnail, write_picture
from overlay.imaging.fill import fill_hole
from overlay.imaging.intake import PictureError
from overlay.imaging.prepare import prepare
from overlay.imaging.resample import resize
from overlay.imaging.turn import inscribed, straighten, turn_quarters
from overlay.regions.strokes import draw_strokes
from overlay.studio.inputs.own_files import keep_own

_CHUNK = "overlay:prepared"
_PREVIEW = 1536  # pixels of the longer side


class Cleaner:
    """Turns, straightens, retouches and paints over; what was done already is not done again."""

    def __init__(self, picture: ByteImage) -> None:
        self._picture = picture
        self._ground: tuple[int, float] | None = None
        self._done: tuple[Stroke, ...] = ()
        self._clean = picture

    def clean(self, steps: Preparation, control: Control | None = None) -> ByteImage:
        """The ground that crops are drawn on: (H, W, 3) uint8 sRGB."""
        control = Control() if control is None else control
        ground = (steps.turns, steps.straighten)
        if ground != self._ground or steps.retouch[: len(self._done)] != self._done:
            turned = turn_quarters(self._picture, steps.turns)
            self._clean = straighten(turned, steps.straighten)
            self._ground, self._done = ground, ()
        for stroke in steps.retouch[len(self._done) :]:
            control.check()
            self._clean = _retouched(self._clean, stroke)
            self._done = (*self._done, stroke)
        return _painted(self._clean, steps.paint)


def prepare_picture(
    picture: ByteImage, steps: Preparation, control: Control | None = None
) -> ByteImage:
    """Carry the steps out, whole.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    """
    return finish_picture(Cleaner(picture).clean(steps, control), steps)


def _retouched(picture: ByteImage, stroke: Stroke) -> ByteImage:
    height, width = picture.shape[:2]
    hole = draw_strokes([(stroke.points, stroke.size)], height, width) > 0.2
    filled = work_to_srgb(fill_hole(srgb_to_work(picture), hole))
    return np.where(hole[..., None], filled, picture)


def _painted(picture: ByteImage, strokes: tuple[Paint, ...]) -> ByteImage:
    height, width = picture.shape[:2]
    for stroke in strokes:
        cover = draw_strokes([(stroke.points, stroke.size)], height, width)[..., None]
        colour = np.array(hex_to_srgb(stroke.colour), np.float32)
        picture = (picture * (1 - cover) + colour * cover + 0.5).astype(np.uint8)
    return picture


def finish_picture(clean: ByteImage, steps: Preparation) -> ByteImage:
    """Cropped, brought to its size, its tones set, sharpened."""
    height, width = clean.shape[:2]
    left, top, right, bottom = steps.crop
    x, y = min(int(left * width), width - 1), min(int(top * height), height - 1)
    cut = clean[y : max(round(bottom * height), y + 1), x : max(round(right * width), x + 1)]
    if steps.working_size:
        high, wide = working_size(*cut.shape[:2])
        if (high, wide) != cut.shape[:2]:
            cut = work_to_srgb(resize(srgb_to_work(np.ascontiguousarray(cut)), high, wide))
    return prepare(np.ascontiguousarray(cut), sharpen=steps.sharpen, levels=steps.levels)


def working_size(height: int, width: int) -> tuple[int, int]:
    """Height and width of about 0.8 megapixels with the same proportions."""
    scale = (DEFAULT_PIXELS / (height * width)) ** 0.5
    return max(round(height * scale), 1), max(round(width * scale), 1)


def finished_size(width: int, height: int, steps: Preparation) -> tuple[int, int]:
    """Width and height that the steps give a picture of this size."""
    if steps.turns % 2:
        width, height = height, width
    if steps.straighten:
        wide, high = inscribed(width, height, math.radians(steps.straighten))
        width, height = max(int(wide), 1), max(int(high), 1)
    left, top, right, bottom = steps.crop
    width = max(round(right * width), int(left * width) + 1) - int(left * width)
    height = max(round(bottom * height), int(top * height) + 1) - int(top * height)
    return working_size(height, width)[::-1] if steps.working_size else (width, height)


def preview_picture(picture: ByteImage) -> ByteImage:
    """A picture reduced to what is worked on while it is being prepared."""
    return thumbnail(picture, _PREVIEW)


def save_prepared(path: Path, picture: ByteImage, steps: Preparation) -> Path:
    """Write a prepared picture to a file of its own that knows how it was made.

    Parameters
    ----------
    path : of the picture it was made from.
    picture : the finished one.

    Returns
    -------
    The new file; the same steps give the same file.
    """
    note = json.dumps({"of": str(path.absolute()), "steps": steps.model_dump(mode="json")})
    return keep_own(
        "prepared",
        path.stem,
        ".png",
        content=note.encode() + picture.tobytes(),
        write=lambda target: write_picture(target, picture, texts={_CHUNK: note}),
    )


def begun_preparation(path: Path) -> tuple[Path, Preparation]:
    """Where preparing a file begins: at what it was made from, if that is still there."""
    try:
        text = read_text_chunk(path, _CHUNK)
        if text is None:
            return path, Preparation()
        of, steps = read_preparation(text, str(path))
    except (RecipeError, PictureError):
        return path, Preparation()
    return (Path(of), steps) if Path(of).is_file() else (path, Preparation())


class Preparing:
    """The steps of a picture that is being made ready, with their own undo."""

    def __init__(self, path: Path, steps: Preparation | None = None) -> None:
        self.path = path
        self.steps = Preparation() if steps is None else steps
        self._history: History[Preparation] = History()

    @property
    def undo_name(self) -> str | None:
        """Name of the step that undo would take back."""
        return self._history.undo_name

    @property
    def redo_name(self) -> str | None:
        """Name of the step that redo would make again."""
        return self._history.redo_name

    def change(self, what: str, **changes: Any) -> None:
        """Set steps as one that can be undone; raises `ValueError` for what is not allowed."""
        data = {key: getattr(self.steps, key) for key in Preparation.model_fields} | changes
        try:
            new = Preparation.model_validate(data)
        except ValidationError as error:
            raise RecipeError(f"{what}: {first_fault(error)}") from error
        if new != self.steps:
            self._history.left(what, self.steps)
            self.steps = new

    def undo(self) -> None:
        """Take the last step back."""
        self.steps = self._history.undo(self.steps)

    def redo(self) -> None:
        """Make it again."""
        self.steps = self._history.redo(self.steps)
