"""`overlay meet`: the value of a setting at which a measure meets a target, as a recipe."""

import argparse
import json
import sys
from pathlib import Path

from overlay.cli.parts.ends import DONE, complain
from overlay.cli.parts.progress import Progress
from overlay.cli.parts.targets import check_target
from overlay.cli.render import set_threads
from overlay.document.reading import read_recipe, recipe_json
from overlay.document.sets.sheets import TRIAL_PIXELS
from overlay.document.text.json_text import RecipeError
from overlay.imaging.whole_files import write_bytes
from overlay.studio.inputs.paths import input_paths, relative_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.files.own_words import in_place
from overlay.studio.keeping.scratch import scratch_shelf
from overlay.studio.sheets.meet import Meeting, read_target
from overlay.studio.sheets.trials import meet_target, numeric_setting, with_setting

OUT_OF_REACH = 1


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("recipe", type=Path, metavar="RECIPE")
    parser.add_argument("--set", required=True, metavar="KEY", dest="key")
    parser.add_argument("--target", required=True, metavar="MEASURE=VALUE")
    parser.add_argument("--out", type=Path, required=True, metavar="RECIPE.json")
    parser.add_argument("--size", choices=("trial", "whole"), default="trial")
    parser.add_argument("--engine", action="append", default=[], metavar="NAME", dest="engines")
    parser.add_argument("--threads", type=int, metavar="N")
    parser.add_argument("--quiet", action="store_true")
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Find the value, say what it costs, and write the recipe with it.

    Returns
    -------
    0 when the target is met; 1, and no recipe written, when the setting alone cannot reach it.
    """
    recipe = read_recipe(options.recipe)
    located = in_place(recipe, options.recipe.parent)
    setting = numeric_setting(located, options.key, "--set")
    target = read_target(options.target, "--target")
    if options.out.suffix.lower() != ".json":
        raise RecipeError(f"{options.out}: the ending must be .json, got {options.out.suffix!r}")
    check_target("--out", options.out, [options.recipe, *map(Path, input_paths(located))])
    set_threads(options.threads)
    pixels = TRIAL_PIXELS if options.size == "trial" else None
    with Progress(quiet=options.quiet) as progress, scratch_shelf() as shelf:
        meeting = progress.done(
            "Meet",
            lambda control: meet_target(
                located, setting, target, shelf, PictureStore(), control=control,
                engines=options.engines, pixels=pixels,
            ),
        )  # fmt: skip
    if not options.quiet:
        _report(meeting)
    if not meeting.met:
        complain(meeting.sentences())
        return OUT_OF_REACH
    if not options.quiet:
        print(meeting.sentences(), file=sys.stderr)
    made = with_setting(located, setting.key, meeting.best.value)
    text = recipe_json(relative_recipe(made, options.out.parent)).encode() + b"\n"
    write_bytes(options.out, text)
    return DONE


def _report(meeting: Meeting) -> None:
    """The trials as lines of JSON on standard output."""
    for trial in meeting.trials:
        measured = {"value": trial.value, "measures": trial.figures}
        print(json.dumps(measured, ensure_ascii=False))
