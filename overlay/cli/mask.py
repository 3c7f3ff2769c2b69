"""`overlay mask`: a mask of a part of a picture as PNG, as regions pick it."""

import argparse
import sys
from pathlib import Path

from overlay.cli.ends import DONE
from overlay.cli.targets import check_png
from overlay.document.text.json_text import RecipeError
from overlay.imaging.colour import FloatImage
from overlay.imaging.files import read_picture, write_grey8
from overlay.imaging.intake import PictureError
from overlay.regions.pick_words import read_pick
from overlay.regions.picks import Clues, pick_area
from overlay.studio.inputs.drawn_parts import PART, find_part
from overlay.studio.making.region_masks import picture_clues
from overlay.studio.making.word_picks import is_worded, pick_words
from overlay.words.areas import read_areas


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("picture", type=Path, metavar="PICTURE")
    parser.add_argument("--pick", required=True, metavar="WHAT")
    parser.add_argument("--out", type=Path, required=True, metavar="MASK")
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Pick at the picture's own size, and write the mask."""
    check_png("--out", options.out, [options.picture])
    try:
        found = _picked(options.picture, options.pick)
    except PictureError:
        raise
    except ValueError as error:
        raise RecipeError(f"--pick: {error}") from error
    write_grey8(options.out, found)
    if not found.any():
        what = options.pick.partition(":")[0]
        print(f"{options.picture}: no {what} found; the mask is empty", file=sys.stderr)
    return DONE


def _picked(path: Path, what: str) -> FloatImage:
    if what.startswith(PART):
        return find_part(path, what.removeprefix(PART))
    if is_worded(what):
        _check_words(what)
        picture = read_picture(path)

        def clues(pick: str) -> Clues | None:
            return picture_clues(picture, read_pick(pick))

        return pick_words(picture, what, source=str(path), clues=clues)
    pick = read_pick(what)
    picture = read_picture(path)
    return pick_area(picture, what, clues=picture_clues(picture, pick))


def _check_words(what: str) -> None:
    """Words that are neither a plain form nor known are refused with both."""
    try:
        read_areas(what)
    except ValueError as error:
        try:
            read_pick(what)
        except ValueError as plain:
            raise ValueError(f"{plain}; or {error}") from error
