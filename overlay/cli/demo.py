"""`overlay demo`: the demo project in the window, or all of it as files in a folder."""

import argparse
import sys
from pathlib import Path

from overlay.cli.parts.ends import DONE
from overlay.cli.parts.progress import Progress
from overlay.cli.window import has_display, open_window
from overlay.imaging.intake import PictureError
from overlay.studio.demo.demo import ensure_demo
from overlay.studio.demo.plates import render_plates
from overlay.studio.demo.sets import render_sets


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("--out", type=Path, metavar="DIR", help="render all of it there")
    parser.add_argument(
        "--pictures", action="store_true", help="with --out: draw its pictures and recipes alone"
    )
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Open it; with a folder, or without a display, render it."""
    if options.out is not None or not has_display():
        return _render(options.out, proofs=not options.pictures)
    return open_window(None, demo=True)


def _render(wanted: Path | None, *, proofs: bool) -> int:
    folder = wanted or Path("demo-out")
    if folder.exists() and not folder.is_dir():
        raise PictureError(f"--out: must be a folder, got a file at {folder}")
    with Progress(quiet=False) as progress:
        progress.done("Demo", lambda control: ensure_demo(folder, control.report))
    if proofs:

        def say(line: str) -> None:
            print(line, file=sys.stderr)

        render_plates(folder, say)
        render_sets(folder, say)
    reason = "" if has_display() or wanted else " (no display for the window)"
    print(f"The demo lies in {folder.absolute()}{reason}")
    return DONE
