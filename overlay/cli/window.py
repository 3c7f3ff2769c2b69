"""`overlay open`, and `overlay` by itself: the window."""

import argparse
import os
from pathlib import Path

from overlay.cli.parts.ends import FAILED, WRONG, complain
from overlay.cli.parts.loading import loading
from overlay.imaging.intake import regular_status


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("file", type=Path, nargs="?", metavar="FILE")
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Open the window on a file, or on what was open last."""
    file: Path | None = getattr(options, "file", None)
    if file is not None:
        regular_status(file)
    if not has_display():
        complain(
            "DISPLAY or WAYLAND_DISPLAY must name a display for the window, got none; "
            "`overlay render` and `overlay demo --out DIR` work without"
        )
        return WRONG
    return open_window(file)


def open_window(recipe: Path | None, *, demo: bool = False) -> int:
    """Open it, with `demo` on the demo project, and stay until it is closed."""
    try:
        with loading():
            from overlay.app.plain_imports import plain_imports

            with plain_imports():
                from overlay.app.main import run_window
    except ImportError as error:
        complain(f"the window needs PySide6 ({error}); install overlay[window]")
        return FAILED
    return run_window(recipe, demo=demo)


def has_display() -> bool:
    """Whether there is anything to open a window on."""
    named = ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM")
    return any(os.environ.get(name) for name in named)
