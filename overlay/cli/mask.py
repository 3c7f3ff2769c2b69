"""`overlay mask`: a mask of a part of a picture as PNG, as regions pick it."""

import argparse
import sys
from pathlib import Path

from overlay import api
from overlay.cli.parts.ends import DONE
from overlay.cli.parts.targets import check_png
from overlay.document.text.json_text import RecipeError
from overlay.imaging.files import write_grey8


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
        found = api.mask(options.picture, options.pick)
    except RecipeError as error:
        raise RecipeError(f"--{error}") from error
    write_grey8(options.out, found)
    if not found.any():
        what = options.pick.partition(":")[0]
        print(f"{options.picture}: no {what} found; the mask is empty", file=sys.stderr)
    return DONE
