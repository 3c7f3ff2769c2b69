"""Making a picture ready: straightened, retouched, painted over, cropped, sized, sharpened."""

import hashlib
import json
from pathlib import Path

import numpy as np

from overlay.document.preparation import Preparation, read_preparation
from overlay.document.reading import RecipeError
from overlay.document.recipe import DEFAULT_PIXELS
from overlay.engine.control import Control
from overlay.imaging.colour import ByteImage, hex_to_srgb, srgb_to_work, work_to_srgb
from overlay.imaging.files import PictureError, read_text_chunk, thumbnail, write_picture
from overlay.imaging.fill import fill_hole
from overlay.imaging.prepare import prepare
from overlay.imaging.resample import resize
from overlay.imaging.turn import straighten, turn_quarters
from overlay.regions.strokes import draw_strokes
from overlay.studio.folders import data_folder

_CHUNK = "overlay:prepared"
_PREVIEW = 1280  # pixels of the longer side


def prepare_picture(
    picture: ByteImage, steps: Preparation, control: Control | None = None
) -> ByteImage:
    """Carry the steps out, whole.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB.
    """
    control = Control() if control is None else control
    clean = clean_picture(picture, steps, control)
    return finish_picture(clean, steps)


def clean_picture(picture: ByteImage, steps: Preparation, control: Control) -> ByteImage:
    """Turned, straightened, retouched and painted over; the ground that crops are drawn on."""
    turned = straighten(turn_quarters(picture, steps.turns), steps.straighten)
    height, width = turned.shape[:2]
    control.check()
    if steps.retouch:
        hole = draw_strokes([(s.points, s.size) for s in steps.retouch], height, width) > 0.2
        filled = work_to_srgb(fill_hole(srgb_to_work(turned), hole))
        turned = np.where(hole[..., None], filled, turned)
    control.check()
    for stroke in steps.paint:
        cover = draw_strokes([(stroke.points, stroke.size)], height, width)[..., None]
        colour = np.array(hex_to_srgb(stroke.colour), np.float32)
        turned = (turned * (1 - cover) + colour * cover + 0.5).astype(np.uint8)
    return turned


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
    digest = hashlib.sha256(note.encode() + picture.tobytes()).hexdigest()[:8]
    folder = data_folder() / "prepared"
    folder.mkdir(parents=True, exist_ok=True)
    target = folder / f"{path.stem.removesuffix(' prepared')[:60]} {digest}.png"
    if not target.exists():
        write_picture(target, picture, texts={_CHUNK: note})
    return target


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
