"""The command line (see `docs/recipe.md`): one file for each command."""

import argparse
import os
import sys
from contextlib import nullcontext
from importlib import import_module

from overlay.cli.parts.ends import DONE, STOPPED, explain
from overlay.cli.parts.loading import loading
from overlay.version import __version__

# Name, help, module. A module is imported for the command that is asked for alone, so that
# `overlay schema` does not wait for the engine.
_COMMANDS = (
    ("render", "render a recipe, or a PNG that carries one", "render"),
    ("enlarge", "write a picture larger, faithfully", "enlarge"),
    ("export", "hand a proof on: OpenRaster, PDF, recipe card, 16 bit", "export"),
    ("sheet", "pull a proof sheet over one or two settings", "sheet"),
    ("hunt", "pull several seeds beside each other", "hunt"),
    ("meet", "find the setting at which a measure meets a target", "meet"),
    ("edition", "pull a set of pictures from one recipe", "edition"),
    ("sequence", "render frames in order, each held to the one before", "sequence"),
    ("demo", "open the demo project, or render it into a folder", "demo"),
    ("map", "write a structure map of a picture as PNG", "maps"),
    ("mask", "write a mask of a part of a picture as PNG", "mask"),
    ("read", "print what a prompt is understood as, as JSON", "read"),
    ("draw", "draw the scene of a prompt, with depth and masks", "draw"),
    ("describe", "say a picture in phrases that a prompt understands", "describe"),
    ("teach", "teach a word from pictures, or hand taught words on", "teach"),
    ("open", "open the window on a project, recipe or proof", "window"),
    ("schema", "print the JSON Schema of recipes or projects", "schema"),
)


def main(arguments: list[str] | None = None) -> int:
    """Run a command and return its exit code."""
    said = sys.argv[1:] if arguments is None else arguments
    try:
        # Here as well, for the engine takes seconds to load where its kernels are new.
        with loading() if arguments is None else nullcontext():
            options = _parser(said).parse_args(said)
        if arguments is None:
            _hush_libraries()
        code = options.run(options)
        sys.stdout.flush()
    except BrokenPipeError:
        # Who reads has read enough; what Python flushes at its end must not complain.
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())
        code = DONE
    except KeyboardInterrupt:
        code = _stopped()
    except Exception as error:
        # What stops a class in the making comes as another error's cause.
        code = _stopped() if isinstance(error.__cause__, KeyboardInterrupt) else explain(error)
    return int(code)


def _stopped() -> int:
    """The end after Ctrl+C."""
    print("stopped", file=sys.stderr)
    # Stopped within an `exec` of a library, Python would end by the signal, not by this code,
    # unless code is run from text again.
    exec("")
    return STOPPED


def _parser(said: list[str]) -> argparse.ArgumentParser:
    """The parser of all commands; the one that is named knows its arguments."""
    parser = argparse.ArgumentParser(
        prog="overlay", description="Conditioned pictures from references, guides and regions."
    )
    parser.add_argument("--version", action="version", version=f"overlay {__version__}")
    parser.set_defaults(run=_window)
    commands = parser.add_subparsers(title="commands", metavar="COMMAND")
    for name, help_, module in _COMMANDS:
        command = commands.add_parser(name, help=help_)
        if name in said:
            import_module(f"overlay.cli.{module}").add_arguments(command)
    return parser


def _window(options: argparse.Namespace) -> int:
    """Without a command: the window, on what was open last."""
    from overlay.cli.window import run

    return run(options)


def _hush_libraries() -> None:
    """Keep what C libraries write to standard error (libtiff does) from standing beside our line.

    Ours goes there by a handle of its own.
    """
    if sys.stderr is sys.__stderr__ and sys.stderr is not None:
        own = os.fdopen(os.dup(2), "w", buffering=1, errors="backslashreplace")
        os.dup2(os.open(os.devnull, os.O_WRONLY), 2)
        sys.stderr = own
