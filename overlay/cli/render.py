"""`overlay render`: a recipe, or a PNG that carries one, to a picture with its report."""

import argparse
from functools import partial
from pathlib import Path

from overlay import api
from overlay.cli.parts.ends import DONE
from overlay.cli.parts.progress import Progress
from overlay.cli.parts.targets import check_target
from overlay.document.reading import read_recipe
from overlay.document.recipe import Recipe
from overlay.document.text.json_text import RecipeError
from overlay.engine.control import Control
from overlay.imaging.files import writable_kind
from overlay.imaging.rows import use_threads
from overlay.studio.inputs.paths import input_paths
from overlay.studio.keeping.files.own_words import in_place


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("recipe", type=Path, metavar="RECIPE")
    parser.add_argument("--out", type=Path, required=True, metavar="PICTURE")
    parser.add_argument("--report", type=Path, metavar="REPORT.json")
    parser.add_argument(
        "--stage", type=int, metavar="N", help="0 for the base, else after so many passes"
    )
    parser.add_argument("--set", action="append", default=[], metavar="KEY=VALUE", dest="changes")
    parser.add_argument("--engine", action="append", default=[], metavar="NAME", dest="engines")
    parser.add_argument("--threads", type=int, metavar="N")
    parser.add_argument("--quiet", action="store_true")
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Check all places, then render, then write."""
    recipe = read_recipe(options.recipe, options.changes)
    writable_kind(options.out)
    located = in_place(recipe, options.recipe.parent)
    inputs = [options.recipe, *map(Path, input_paths(located))]
    check_target("--out", options.out, inputs)
    if options.report is not None:
        check_target("--report", options.report, [*inputs, options.out])
    set_threads(options.threads)
    with Progress(quiet=options.quiet) as progress:
        proof = progress.done("Proof", partial(_rendered, located, options))
    proof.save(options.out)
    if options.report is not None:
        proof.save_report(options.report)
    return DONE


def _rendered(recipe: Recipe, options: argparse.Namespace, control: Control) -> api.Proof:
    return api.render(recipe, stage=options.stage, engines=options.engines, control=control)


def set_threads(threads: int | None) -> None:
    """Use no more threads than these, all there are for None."""
    if threads is None:
        return
    if threads < 1:
        raise RecipeError(f"--threads: must be at least 1, got {threads}")
    use_threads(threads)
