"""The command line (see `docs/recipe.md`): render, map, mask, schema, demo, open, window."""

import argparse
import json
import os
import sys
from pathlib import Path
from typing import TYPE_CHECKING

from overlay import __version__
from overlay.cli.progress import Progress

if TYPE_CHECKING:
    from overlay.imaging.colour import FloatImage

DONE, FAILED, WRONG, STOPPED = 0, 1, 2, 3


def main(arguments: list[str] | None = None) -> int:
    """Run a command and return its exit code."""
    parser = _parser()
    options = parser.parse_args(arguments)
    if arguments is None:
        _hush_libraries()
    try:
        code = options.run(options)
        sys.stdout.flush()
    except KeyboardInterrupt:
        print("stopped", file=sys.stderr)
        code = STOPPED
    except BrokenPipeError:
        # Who reads has read enough; what Python flushes at its end must not complain.
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())
        code = DONE
    except Exception as error:
        code = _explain(error)
    return int(code)


def _hush_libraries() -> None:
    """Keep what C libraries write to standard error (libtiff does) from standing beside our line.

    Ours goes there by a handle of its own.
    """
    if sys.stderr is sys.__stderr__ and sys.stderr is not None:
        own = os.fdopen(os.dup(2), "w", buffering=1, errors="backslashreplace")
        os.dup2(os.open(os.devnull, os.O_WRONLY), 2)
        sys.stderr = own


def _parser() -> argparse.ArgumentParser:
    parser = argparse.ArgumentParser(
        prog="overlay", description="Conditioned pictures from references, guides and regions."
    )
    parser.add_argument("--version", action="version", version=f"overlay {__version__}")
    parser.set_defaults(run=_window)
    commands = parser.add_subparsers(title="commands", metavar="COMMAND")
    _add_render(commands)
    _add_demo(commands)
    _add_map(commands)
    mask = commands.add_parser("mask", help="write a mask of a part of a picture as PNG")
    mask.add_argument("picture", type=Path, metavar="PICTURE")
    mask.add_argument("--pick", required=True, metavar="WHAT")
    mask.add_argument("--out", type=Path, required=True, metavar="MASK")
    mask.set_defaults(run=_mask)
    open_ = commands.add_parser("open", help="open the window on a project, recipe or proof")
    open_.add_argument("file", type=Path, nargs="?", metavar="FILE")
    open_.set_defaults(run=_window)
    schema = commands.add_parser("schema", help="print the JSON Schema of recipes or projects")
    schema.add_argument("of", nargs="?", choices=("recipe", "project"), default="recipe")
    schema.set_defaults(run=_schema)
    return parser


def _add_render(commands: "argparse._SubParsersAction[argparse.ArgumentParser]") -> None:
    render = commands.add_parser("render", help="render a recipe, or a PNG that carries one")
    render.add_argument("recipe", type=Path, metavar="RECIPE")
    render.add_argument("--out", type=Path, required=True, metavar="PICTURE")
    render.add_argument("--report", type=Path, metavar="REPORT.json")
    render.add_argument("--set", action="append", default=[], metavar="KEY=VALUE", dest="changes")
    render.add_argument("--engine", action="append", default=[], metavar="NAME", dest="engines")
    render.add_argument("--threads", type=int, metavar="N")
    render.add_argument("--quiet", action="store_true")
    render.set_defaults(run=_render)


def _add_demo(commands: "argparse._SubParsersAction[argparse.ArgumentParser]") -> None:
    demo = commands.add_parser("demo", help="open the demo project, or render it into a folder")
    demo.add_argument("--out", type=Path, metavar="DIR")
    demo.set_defaults(run=_demo)


def _add_map(commands: "argparse._SubParsersAction[argparse.ArgumentParser]") -> None:
    map_ = commands.add_parser("map", help="write a structure map of a picture as PNG")
    map_.add_argument("kind", metavar="KIND")
    map_.add_argument("picture", type=Path, metavar="PICTURE")
    map_.add_argument("--out", type=Path, required=True, metavar="MAP")
    map_.add_argument("--set", action="append", default=[], metavar="OPTION=VALUE", dest="changes")
    map_.set_defaults(run=_map)


def _explain(error: Exception) -> int:
    """One line on standard error, and the exit code that fits."""
    from overlay.document.json_text import RecipeError
    from overlay.engine.control import CancelledError
    from overlay.imaging.intake import PictureError, reason

    if isinstance(error, CancelledError):
        print("stopped", file=sys.stderr)
        return STOPPED
    if isinstance(error, RecipeError | PictureError):
        _complain(str(error))
        return WRONG
    if isinstance(error, OSError) and error.filename is not None:
        _complain(f"{error.filename}: {reason(error)}")
        return WRONG
    _complain(f"{type(error).__name__}: {error}" if str(error) else type(error).__name__)
    return FAILED


def _complain(text: str) -> None:
    from overlay.imaging.one_line import one_line

    print(f"overlay: {one_line(text)}", file=sys.stderr)


def _render(options: argparse.Namespace) -> int:
    from overlay.document.reading import read_recipe, recipe_json
    from overlay.imaging.files import writable_kind, write_picture
    from overlay.imaging.whole_files import write_bytes
    from overlay.studio.inputs.paths import absolute_recipe, input_paths, relative_recipe
    from overlay.studio.inputs.pictures import PictureStore
    from overlay.studio.making.proofs import make_proof

    recipe = read_recipe(options.recipe, options.changes)
    writable_kind(options.out)
    located = absolute_recipe(recipe, options.recipe.parent)
    inputs = [options.recipe, *map(Path, input_paths(located))]
    _check_target("--out", options.out, inputs)
    if options.report is not None:
        _check_target("--report", options.report, [*inputs, options.out])
    _set_threads(options.threads)
    with Progress(quiet=options.quiet) as progress:
        proof = make_proof(located, PictureStore(), progress.control(), engines=options.engines)
    carried = relative_recipe(located, options.out.parent)
    write_picture(options.out, proof.picture, recipe=recipe_json(carried))
    if options.report is not None:
        text = json.dumps(proof.report(), indent=2, ensure_ascii=False).encode() + b"\n"
        write_bytes(options.report, text)
    return DONE


def _check_target(option: str, path: Path, inputs: list[Path]) -> None:
    """Refuse a place that cannot or must not be written, before any work is done."""
    from overlay.imaging.intake import PictureError
    from overlay.studio.inputs.paths import plain_path

    plain_path(path.absolute())
    if path.is_dir():
        raise PictureError(f"{path}: must be a file, got a folder")
    if path.exists() and not path.is_file():
        raise PictureError(f"{path}: must be a regular file, got a device or pipe")
    if not path.parent.is_dir():
        raise PictureError(f"{path}: its folder must exist, got none at {path.parent}")
    if not os.access(path.parent, os.W_OK):
        raise PictureError(f"{path}: cannot be written: permission denied")
    for other in inputs:
        if path.resolve() == other.resolve():
            raise PictureError(f"{option}: must not be the recipe or one of its files, got {path}")


def _set_threads(threads: int | None) -> None:
    from overlay.document.json_text import RecipeError

    if threads is None:
        return
    import numba

    most = numba.get_num_threads()
    if threads < 1:
        raise RecipeError(f"--threads: must be at least 1, got {threads}")
    numba.set_num_threads(min(threads, most))


def _schema(options: argparse.Namespace) -> int:
    from overlay.document.project_file import ProjectFile
    from overlay.document.recipe import Recipe

    model = Recipe if options.of == "recipe" else ProjectFile
    schema = {"$schema": "https://json-schema.org/draft/2020-12/schema"} | model.model_json_schema()
    print(json.dumps(schema, indent=2))
    return DONE


def _map(options: argparse.Namespace) -> int:
    from overlay.document.cues import GUIDES, Cue
    from overlay.document.guide_options import options_fault
    from overlay.document.json_text import RecipeError
    from overlay.document.reading import apply_setting
    from overlay.imaging.files import read_picture, write_grey16, write_picture
    from overlay.imaging.intake import PictureError
    from overlay.studio.inputs.pictures import PictureStore
    from overlay.studio.making.canvas import Canvas
    from overlay.studio.making.guide_maps import make_map

    if options.kind not in GUIDES:
        raise RecipeError(f"map: must be one of {', '.join(GUIDES)}, got {options.kind!r}")
    settings: dict[str, object] = {}
    for change in options.changes:
        apply_setting(settings, change)
    fault = options_fault(options.kind, settings)
    if fault is not None:
        raise RecipeError(f"map {options.kind}: {fault}")
    if options.out.suffix.lower() != ".png":
        raise PictureError(f"{options.out}: the ending must be .png, got {options.out.suffix!r}")
    _check_target("--out", options.out, [options.picture])
    cue = Cue(name="map", guide=options.kind, options=settings)
    picture = read_picture(options.picture)
    height, width = picture.shape[:2]
    made = make_map(cue, PictureStore(), Canvas(width, height, str(options.picture), picture))
    if made.ndim == 3:
        write_picture(options.out, made.astype("uint8"))
    else:
        write_grey16(options.out, made.astype("float32"))
    return DONE


def _mask(options: argparse.Namespace) -> int:
    from overlay.document.json_text import RecipeError
    from overlay.imaging.files import write_grey8
    from overlay.imaging.intake import PictureError

    if options.out.suffix.lower() != ".png":
        raise PictureError(f"{options.out}: the ending must be .png, got {options.out.suffix!r}")
    _check_target("--out", options.out, [options.picture])
    try:
        found = _picked(options.picture, options.pick)
    except PictureError:
        raise
    except ValueError as error:
        raise RecipeError(f"--pick: {error}") from error
    write_grey8(options.out, found)
    return DONE


def _picked(path: Path, what: str) -> "FloatImage":
    from overlay.imaging.files import read_picture
    from overlay.regions.pick_words import read_pick
    from overlay.regions.picks import pick_area
    from overlay.studio.inputs.drawn_parts import PART, find_part
    from overlay.studio.making.region_masks import picture_clues

    if what.startswith(PART):
        return find_part(path, what.removeprefix(PART))
    pick = read_pick(what)
    picture = read_picture(path)
    return pick_area(picture, what, clues=picture_clues(picture, pick))


def _demo(options: argparse.Namespace) -> int:
    from overlay.imaging.intake import PictureError
    from overlay.studio.demo.demo import ensure_demo, prepare_demo
    from overlay.studio.inputs.folders import data_folder

    shown = _has_display()
    if options.out is not None or not shown:
        from overlay.studio.demo.plates import render_plates

        folder = options.out or Path("demo-out")
        if folder.exists() and not folder.is_dir():
            raise PictureError(f"--out: must be a folder, got a file at {folder}")
        with Progress(quiet=False) as progress:
            ensure_demo(folder, progress.report)
        render_plates(folder, lambda line: print(line, file=sys.stderr))
        reason = "" if shown or options.out else " (no display for the window)"
        print(f"The demo lies in {folder.absolute()}{reason}")
        return DONE
    with Progress(quiet=False) as progress:
        recipe = prepare_demo(data_folder() / "demo", progress.report)
    return _open_window(recipe)


def _window(options: argparse.Namespace) -> int:
    from overlay.imaging.intake import regular_status

    file: Path | None = getattr(options, "file", None)
    if file is not None:
        regular_status(file)
    if not _has_display():
        print(
            "overlay: DISPLAY or WAYLAND_DISPLAY must name a display for the window, got none; "
            "`overlay render` and `overlay demo --out DIR` work without",
            file=sys.stderr,
        )
        return WRONG
    return _open_window(file)


def _open_window(recipe: Path | None) -> int:
    try:
        from overlay.app.main import run_window
    except ImportError as error:
        print(
            f"overlay: the window needs PySide6 ({error}); install overlay[window]", file=sys.stderr
        )
        return FAILED
    return run_window(recipe)


def _has_display() -> bool:
    named = ("DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM")
    return any(os.environ.get(name) for name in named)
