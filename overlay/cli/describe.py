"""`overlay describe`: a picture in phrases that a prompt understands back."""

import argparse
import json
from pathlib import Path

from overlay.cli.parts.ends import DONE
from overlay.document.text.json_text import RecipeError
from overlay.imaging.files import read_picture
from overlay.words.describing import FOCUSES, describe
from overlay.words.language.writing import joined


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("picture", type=Path, metavar="PICTURE")
    parser.add_argument("--focus", default=",".join(FOCUSES), metavar="FOCUS,…")
    parser.add_argument("--json", action="store_true")
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Print the phrases, in a line or as JSON by focus."""
    focus = [f.strip() for f in options.focus.split(",") if f.strip()]
    for wanted in focus:
        if wanted not in FOCUSES:
            raise RecipeError(f"--focus: must be of {', '.join(FOCUSES)}, got {wanted!r}")
    found = describe(read_picture(options.picture), focus)
    if options.json:
        print(json.dumps(found, indent=2, ensure_ascii=False))
    else:
        print(joined([phrase for phrases in found.values() for phrase in phrases]))
    return DONE
