"""`overlay map`: a structure map of a picture as PNG, as guides make it."""

import argparse
from pathlib import Path
from typing import Any

import numpy as np

from overlay import api
from overlay.cli.parts.ends import DONE
from overlay.cli.parts.targets import check_png
from overlay.document.keys import apply_setting
from overlay.imaging.files import write_grey16, write_picture


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("kind", metavar="KIND")
    parser.add_argument("picture", type=Path, metavar="PICTURE")
    parser.add_argument("--out", type=Path, required=True, metavar="MAP")
    parser.add_argument(
        "--set", action="append", default=[], metavar="OPTION=VALUE", dest="changes"
    )
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Make the map at the picture's own size, and write it."""
    settings: dict[str, Any] = {}
    for change in options.changes:
        apply_setting(settings, change)
    check_png("--out", options.out, [options.picture])
    made = api.map(options.kind, options.picture, **settings)
    if made.ndim == 3:
        write_picture(options.out, made.astype(np.uint8))
    else:
        write_grey16(options.out, made.astype(np.float32))
    return DONE
