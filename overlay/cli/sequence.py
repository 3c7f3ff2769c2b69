"""`overlay sequence`: frames in order, each held to the one before, into a folder or a file."""

import argparse
import json
from collections.abc import Iterator
from functools import partial
from pathlib import Path

from overlay.cli.parts.ends import DONE
from overlay.cli.parts.progress import Progress
from overlay.cli.parts.targets import check_target
from overlay.cli.render import set_threads
from overlay.document.reading import read_recipe
from overlay.document.sets.sequences import USUAL_HELD, Sequence
from overlay.document.text.json_text import RecipeError
from overlay.engine.control import Control
from overlay.imaging.colour import ByteImage
from overlay.imaging.intake import PictureError
from overlay.imaging.whole_files import write_bytes
from overlay.studio.inputs.paths import input_paths
from overlay.studio.keeping.files.own_words import in_place
from overlay.studio.sequences.frames import Frames
from overlay.studio.sequences.keys import read_key
from overlay.studio.sequences.making import Made, Outcome, check_sequence, make_sequence
from overlay.studio.sequences.writing import (
    check_out,
    frame_file,
    is_folder,
    write_all,
    write_frame,
)

_USUAL_PIXELS = 786_432


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("recipe", type=Path, metavar="RECIPE")
    parser.add_argument("frames", type=Path, metavar="FRAMES", help="a folder, animation or video")
    parser.add_argument("--out", type=Path, required=True, metavar="DIR|FILE")
    parser.add_argument("--held", type=float, default=USUAL_HELD, metavar="0..1")
    parser.add_argument(
        "--key", action="append", default=[], metavar="FRAME:KEY=VALUE", dest="keys",
        help="a setting at a frame; between two of them it changes evenly",
    )  # fmt: skip
    parser.add_argument("--set", action="append", default=[], metavar="KEY=VALUE", dest="changes")
    parser.add_argument("--rate", type=float, metavar="FRAMES", help="a second, for what plays")
    parser.add_argument("--report", type=Path, metavar="REPORT.json")
    parser.add_argument("--threads", type=int, metavar="N")
    parser.add_argument("--quiet", action="store_true")
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Check all, then render frame by frame, writing each as it comes."""
    sequence = _sequence(options)
    frames = check_sequence(sequence)
    _check_places(sequence, frames, options)
    set_threads(options.threads)
    outcome = Outcome()
    with Progress(quiet=options.quiet) as progress:
        progress.done("Sequence", partial(_make, sequence, frames, outcome, options))
    if options.report is not None:
        text = json.dumps(outcome.report(), indent=2, ensure_ascii=False) + "\n"
        write_bytes(options.report, text.encode())
    return DONE


def _sequence(options: argparse.Namespace) -> Sequence:
    recipe = read_recipe(options.recipe, options.changes)
    located = in_place(recipe, options.recipe.parent)
    if not 0 <= options.held <= 1:
        raise RecipeError(f"--held: must be 0 to 1, got {options.held}")
    if options.rate is not None and not 0.1 <= options.rate <= 240:
        raise RecipeError(f"--rate: must be 0.1 to 240, got {options.rate}")
    return Sequence(
        title=options.recipe.stem[:80] or "sequence",
        recipe=located.model_copy(update={"source": None}),
        frames=str(options.frames.absolute()),
        held=options.held,
        keys=tuple(read_key(text, located) for text in options.keys),
    )


def _check_places(sequence: Sequence, frames: Frames, options: argparse.Namespace) -> None:
    size = sequence.recipe.size
    check_out(options.out, frames.count, _USUAL_PIXELS if size is None else size[0] * size[1])
    inputs = [options.recipe, options.frames, *map(Path, input_paths(sequence.recipe))]
    if is_folder(options.out):
        if options.out.resolve() == options.frames.resolve():
            raise PictureError(f"--out: must not be the frames' own folder, got {options.out}")
        if not options.out.is_dir() and not options.out.absolute().parent.is_dir():
            where = options.out.absolute().parent
            raise PictureError(f"{options.out}: its folder must exist, got none at {where}")
    else:
        check_target("--out", options.out, inputs)
    if options.report is not None:
        check_target("--report", options.report, [*inputs, options.out])


def _make(
    sequence: Sequence,
    frames: Frames,
    outcome: Outcome,
    options: argparse.Namespace,
    control: Control,
) -> None:
    made = make_sequence(sequence, frames, control)
    if is_folder(options.out):
        for one in made:
            write_frame(options.out, one, sequence, frames.file(one.number))
            outcome.take(one, frame_file(options.out, one.number).name)
    else:
        write_all(options.out, _noted(made, outcome), options.rate or frames.rate)


def _noted(made: Iterator[Made], outcome: Outcome) -> Iterator[ByteImage]:
    for one in made:
        outcome.take(one)
        yield one.picture
