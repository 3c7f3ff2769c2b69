"""A mask of a part of one picture, for the command line and for Python."""

from pathlib import Path

from overlay.document.text.json_text import RecipeError
from overlay.imaging.colour import ByteImage, FloatImage
from overlay.imaging.intake import PictureError
from overlay.regions.pick_words import read_pick
from overlay.regions.picks import Clues, pick_area
from overlay.studio.inputs.drawn_parts import PART, find_part
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.files.lexicon import read_lexicon
from overlay.studio.making.region_masks import picture_clues
from overlay.studio.making.taught import TaughtLooks
from overlay.studio.making.word_picks import is_worded, pick_words
from overlay.words.areas import read_areas


def pick_mask(picture: ByteImage, path: str, what: str) -> FloatImage:
    """A mask, (H, W) float32 in 0..1.

    Parameters
    ----------
    picture : (H, W, 3) uint8 sRGB. path : its file, for parts that were drawn; may be empty.
    what : as a region's `pick`.

    Raises
    ------
    RecipeError, PictureError
    """
    try:
        if what.startswith(PART):
            return find_part(Path(path), what.removeprefix(PART))
        if is_worded(what):
            own = TaughtLooks(read_lexicon(), PictureStore())
            _check_words(what, own)

            def clues(pick: str) -> Clues | None:
                return picture_clues(picture, read_pick(pick))

            return pick_words(picture, what, source=path, clues=clues, taught=own)
        return pick_area(picture, what, clues=picture_clues(picture, read_pick(what)))
    except PictureError:
        raise
    except ValueError as error:
        raise RecipeError(f"pick: {error}") from error


def _check_words(what: str, own: TaughtLooks) -> None:
    """Words that are neither a plain form nor known are refused with both."""
    try:
        read_areas(what, own.lexicon)
    except ValueError as error:
        try:
            read_pick(what)
        except ValueError as plain:
            raise ValueError(f"{plain}; or {error}") from error
