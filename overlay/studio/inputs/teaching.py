"""Pictures made ready to be taught: cut out, reduced, and kept among Overlay's own files."""

from collections.abc import Sequence
from functools import partial
from pathlib import Path

import numpy as np
from pydantic import ValidationError

from overlay.document.cues import ReferenceCue
from overlay.document.reading import first_fault
from overlay.document.taught import Belongs, Taught, TaughtKind, check_word
from overlay.document.text.json_text import RecipeError
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.files import cut_out_png, read_cut_out, read_grey, thumbnail
from overlay.imaging.intake import PictureError
from overlay.imaging.resample import resize
from overlay.imaging.whole_files import write_bytes
from overlay.regions.picks import pick_area
from overlay.studio.inputs.own_files import keep_own
from overlay.words.things.cutouts import cutout_of

_LONGEST = 1024  # pixels of what is kept
_CLEAR = 250  # alpha below which a picture counts as cut out


def taught_from_files(
    word: str,
    paths: Sequence[Path],
    *,
    kind: TaughtKind = "subject",
    mask: Path | None = None,
    height: float = 1.0,
    belongs: Belongs = "ground",
) -> Taught:
    """A word taught from picture files.

    Parameters
    ----------
    mask : white where the thing or area is, for a single picture; over its own transparency.

    Raises
    ------
    RecipeError, PictureError
        For a word that cannot be taught, or pictures that show nothing of it.
    """
    if mask is not None and len(paths) != 1:
        raise RecipeError(f"mask: one mask goes with one picture, got {len(paths)} pictures")
    cuts = []
    for path in paths:
        cut = read_cut_out(path)
        if mask is not None:
            cut = _masked(cut, read_grey(mask), mask)
        cuts.append(_made_clear(cut, kind, path))
    return taught_from_pictures(word, cuts, kind=kind, height=height, belongs=belongs)


def taught_from_pictures(
    word: str,
    cuts: Sequence[ByteImage],
    *,
    kind: TaughtKind = "subject",
    height: float = 1.0,
    belongs: Belongs = "ground",
) -> Taught:
    """A word taught from pictures with transparency, (H, W, 4) uint8, which are kept as files.

    Raises `RecipeError` as `taught_from_files` does.
    """
    try:
        word = check_word(word)
    except ValueError as error:
        raise RecipeError(f"word: {error}") from error
    paths = []
    for cut in cuts:
        _check_shown(cut, kind, word)
        data = cut_out_png(thumbnail(cut, _LONGEST) if max(cut.shape[:2]) > _LONGEST else cut)
        path = keep_own("taught", word, ".png", content=data, write=partial(_write, data))
        paths.append(str(path))
    try:
        return Taught(word=word, kind=kind, pictures=tuple(paths), height=height, belongs=belongs)
    except ValidationError as error:
        raise RecipeError(f"{word}: {first_fault(error)}") from error


def taught_look(word: str, cues: Sequence[ReferenceCue]) -> Taught:
    """A word that brings cues in, tied to no region; raises `RecipeError`."""
    free = tuple(c.model_copy(update={"region": None, "invert_region": False}) for c in cues)
    try:
        return Taught(word=word, kind="look", cues=free)
    except ValidationError as error:
        raise RecipeError(f"{word}: {first_fault(error)}") from error


def _write(data: bytes, path: Path) -> None:
    write_bytes(path, data)


def _check_shown(cut: ByteImage, kind: TaughtKind, word: str) -> None:
    try:
        if kind == "subject":
            cutout_of(cut)
        elif int((cut[..., 3] > 127).sum()) < 64:
            raise ValueError("must show it on 64 pixels at least")
    except ValueError as error:
        raise RecipeError(f"{word}: {error}") from error


def _masked(cut: ByteImage, mask: FloatImage, path: Path) -> ByteImage:
    height, width = cut.shape[:2]
    if mask.shape != (height, width):
        aspects = mask.shape[1] / mask.shape[0], width / height
        if abs(aspects[0] / aspects[1] - 1) > 0.02:
            raise PictureError(
                f"{path}: a mask must have its picture's proportions, {width}x{height}, "
                f"got {mask.shape[1]}x{mask.shape[0]}"
            )
        mask = resize(mask, height, width).clip(0, 1)
    return with_alpha(cut, mask)


def with_alpha(cut: ByteImage, mask: FloatImage) -> ByteImage:
    """(H, W, 3 or 4) uint8 with a mask in 0..1 as its transparency, over the one it may have."""
    own = cut[..., 3] if cut.shape[2] == 4 else np.full(cut.shape[:2], 255, np.uint8)
    return np.dstack([cut[..., :3], (own * mask + 0.5).astype(np.uint8)])


def _made_clear(cut: ByteImage, kind: TaughtKind, path: Path) -> ByteImage:
    """A picture that says where its thing or area is; of a thing, what stands out otherwise."""
    if kind == "surface" or int(cut[..., 3].min()) < _CLEAR:
        return cut
    if kind == "area":
        raise PictureError(
            f"{path}: an area must be told from the rest by transparency or a mask, got neither"
        )
    found = pick_area(np.ascontiguousarray(cut[..., :3]), "subject")
    if float(found.mean()) < 0.002:
        raise PictureError(
            f"{path}: nothing stands out in it; a thing needs transparency or a mask"
        )
    return with_alpha(cut, found)
