"""`overlay map`: a structure map of a picture as PNG, as guides make it."""

import argparse
from pathlib import Path

from overlay.cli.ends import DONE
from overlay.cli.targets import check_png
from overlay.document.cues import GUIDES, GuideCue
from overlay.document.guide_options import options_fault
from overlay.document.text.json_text import RecipeError
from overlay.document.keys import apply_setting
from overlay.imaging.files import read_picture, write_grey16, write_picture
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.canvas import Canvas
from overlay.studio.making.guide_maps import make_map


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
    settings = _settings(options.kind, options.changes)
    check_png("--out", options.out, [options.picture])
    cue = GuideCue(name="map", guide=options.kind, options=settings)
    picture = read_picture(options.picture)
    height, width = picture.shape[:2]
    made = make_map(cue, PictureStore(), Canvas(width, height, str(options.picture), picture))
    if made.ndim == 3:
        write_picture(options.out, made.astype("uint8"))
    else:
        write_grey16(options.out, made.astype("float32"))
    return DONE


def _settings(kind: str, changes: list[str]) -> dict[str, object]:
    """A guide's options as they were said, checked."""
    if kind not in GUIDES:
        raise RecipeError(f"map: must be one of {', '.join(GUIDES)}, got {kind!r}")
    settings: dict[str, object] = {}
    for change in changes:
        apply_setting(settings, change)
    fault = options_fault(kind, settings)
    if fault is not None:
        raise RecipeError(f"map {kind}: {fault}")
    return settings
