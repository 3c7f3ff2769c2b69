"""`overlay hunt`: several seeds beside each other, or near relatives of a recipe's picture."""

import argparse
from pathlib import Path

from overlay.cli.sheet import add_outputs, pull_sheet, sized
from overlay.document.reading import read_recipe
from overlay.document.text.json_text import RecipeError
from overlay.studio.keeping.files.own_words import in_place
from overlay.studio.sheets.hunt import hunt_sheet

_MOST = 64


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("recipe", type=Path, metavar="RECIPE")
    parser.add_argument("--seeds", type=int, required=True, metavar="N")
    parser.add_argument("--stray", type=float, default=0.0, metavar="AMOUNT", help="0 to 1")
    add_outputs(parser)
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Pull N seeds; with a stray, N ways from the recipe's seed, the first of them itself."""
    if not 2 <= options.seeds <= _MOST:
        raise RecipeError(f"--seeds: must be 2 to {_MOST}, got {options.seeds}")
    if not 0 <= options.stray <= 1:
        raise RecipeError(f"--stray: must be 0 to 1, got {options.stray:g}")
    recipe = read_recipe(options.recipe, options.changes)
    located = in_place(recipe, options.recipe.parent)
    sheet = hunt_sheet(located, options.seeds, options.stray)
    return pull_sheet(sized(sheet, options.size), options)
