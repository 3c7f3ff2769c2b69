"""`overlay enlarge`: any picture, faithfully larger."""

import argparse
from functools import partial
from pathlib import Path

from overlay import api
from overlay.cli.parts.ends import DONE
from overlay.cli.parts.progress import Progress
from overlay.cli.parts.targets import check_target
from overlay.cli.render import set_threads
from overlay.document.text.json_text import RecipeError
from overlay.engine.control import Control
from overlay.imaging.colour import ByteImage
from overlay.imaging.files import writable_kind, write_picture


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("picture", type=Path, metavar="PICTURE")
    parser.add_argument("--factor", type=float, default=2.0, metavar="1..4")
    parser.add_argument("--out", type=Path, required=True, metavar="PICTURE")
    parser.add_argument("--threads", type=int, metavar="N")
    parser.add_argument("--quiet", action="store_true")
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Check, enlarge, write."""
    if not 1 <= options.factor <= 4:
        raise RecipeError(f"--factor: must be 1 to 4, got {options.factor:g}")
    writable_kind(options.out)
    check_target("--out", options.out, [options.picture])
    set_threads(options.threads)
    with Progress(quiet=options.quiet) as progress:
        picture = progress.done("Enlarge", partial(_enlarged, options.picture, options.factor))
    write_picture(options.out, picture)
    return DONE


def _enlarged(path: Path, factor: float, control: Control) -> ByteImage:
    return api.enlarge(path, factor, progress=lambda share: control.step(share, "enlarging"))
