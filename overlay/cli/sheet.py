"""`overlay sheet`: a proof sheet over one or two settings, on one page, as pictures, as a table."""

import argparse
from collections.abc import Callable
from functools import partial
from pathlib import Path

from pydantic import ValidationError

from overlay.cli.crew import add_crew, crew_of
from overlay.cli.parts.ends import DONE, FAILED, complain
from overlay.cli.parts.progress import Progress
from overlay.cli.parts.targets import check_target
from overlay.cli.render import set_threads
from overlay.document.reading import first_fault, read_recipe, recipe_json
from overlay.document.recipe import Recipe
from overlay.document.sets.sheets import TRIAL_PIXELS, ProofSheet
from overlay.document.text.json_text import RecipeError
from overlay.engine.control import Control
from overlay.imaging.files import write_picture
from overlay.imaging.intake import PictureError
from overlay.imaging.whole_files import write_bytes
from overlay.studio.editions.crews import Crew
from overlay.studio.editions.tasks import Task
from overlay.studio.inputs.paths import input_paths, relative_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.files.own_words import in_place
from overlay.studio.keeping.scratch import scratch_shelf
from overlay.studio.making.proofs import Proof
from overlay.studio.sheets.axes import read_axis
from overlay.studio.sheets.cells import make_cells
from overlay.studio.sheets.figures import CellPlace, flat_measures, sheet_table
from overlay.studio.sheets.job import SheetJob
from overlay.studio.sheets.leaf import check_page
from overlay.studio.sheets.page import CELL_WIDTH, Filled, write_page


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("recipe", type=Path, metavar="RECIPE")
    parser.add_argument("--across", required=True, metavar="KEY=V,V,…")
    parser.add_argument("--down", metavar="KEY=V,V,…")
    add_outputs(parser)
    parser.set_defaults(run=run)


def add_outputs(parser: argparse.ArgumentParser) -> None:
    """Where things go, and how large they are."""
    parser.add_argument("--out", type=Path, required=True, metavar="SHEET.png|.pdf")
    parser.add_argument("--cells", type=Path, metavar="DIR")
    parser.add_argument("--csv", type=Path, metavar="FILE")
    parser.add_argument("--size", metavar="WxH", help="of a cell's proof; whole for the recipe's")
    parser.add_argument("--cell-width", type=int, default=CELL_WIDTH, metavar="PIXELS")
    parser.add_argument("--measure", default="", metavar="MEASURE", help="stands under each cell")
    parser.add_argument("--set", action="append", default=[], metavar="KEY=VALUE", dest="changes")
    add_crew(parser)
    parser.add_argument("--engine", action="append", default=[], metavar="NAME", dest="engines")
    parser.add_argument("--threads", type=int, metavar="N")
    parser.add_argument("--quiet", action="store_true")


def run(options: argparse.Namespace) -> int:
    """Check all, then pull all cells, then write."""
    recipe = read_recipe(options.recipe, options.changes)
    located = in_place(recipe, options.recipe.parent)
    axes = {
        name: read_axis(text, located, f"--{name}", folder=options.recipe.parent)
        for name, text in (("across", options.across), ("down", options.down))
        if text is not None
    }
    try:
        sheet = ProofSheet(name=options.recipe.stem, recipe=located, **axes, pixels=TRIAL_PIXELS)
    except ValidationError as error:
        raise RecipeError(first_fault(error)) from error
    return pull_sheet(sized(sheet, options.size), options)


def sized(sheet: ProofSheet, size: str | None) -> ProofSheet:
    """The sheet with cells of a size: `WxH`, `whole` for the recipe's own, None for trials."""
    if size is None:
        return sheet
    if size == "whole":
        return sheet.model_copy(update={"pixels": None})
    width, cross, height = size.partition("x")
    if not (
        cross and width.isascii() and width.isdigit() and height.isascii() and height.isdigit()
    ):
        raise RecipeError(f"--size: must be WIDTHxHEIGHT or whole, got {size!r}")
    recipe = Recipe.model_validate(
        sheet.recipe.model_dump() | {"size": (int(width[:6]), int(height[:6]))}
    )
    return sheet.model_copy(update={"pixels": None, "recipe": recipe})


def pull_sheet(sheet: ProofSheet, options: argparse.Namespace) -> int:
    """Pull a sheet's cells and write what is asked for; a cell that fails says so and others go on.

    Returns
    -------
    The exit code: 1 when any cell failed, though all others are there.
    """
    _check_places(sheet, options)
    many = crew_of(options) if options.workers or options.cluster else None
    set_threads(options.threads)
    with Progress(quiet=options.quiet) as progress, scratch_shelf() as shelf:
        job = SheetJob(sheet, PictureStore(), shelf, engines=options.engines)
        work = partial(_pull_all, job) if many is None else partial(_hand_out, job, many)
        proofs, faults = progress.done("Sheet", work)
    if not proofs:
        raise PictureError(next(iter(faults.values())))
    filled = Filled(
        sheet=sheet,
        pictures={place: proof.picture for place, proof in proofs.items()},
        figures={place: flat_measures(proof.measures) for place, proof in proofs.items()},
        faults=faults,
        hashes={place: proof.recipe_hash for place, proof in proofs.items()},
    )
    if options.cells is not None:
        _write_cells(options.cells, proofs)
    if options.csv is not None:
        write_bytes(options.csv, sheet_table(sheet, filled.figures, faults).encode())
    write_page(options.out, filled, measure=options.measure, width=options.cell_width)
    for (row, column), fault in faults.items():
        complain(f"cell {row + 1}-{column + 1}: {fault}")
    return FAILED if faults else DONE


def _pull_all(
    job: SheetJob, control: Control
) -> tuple[dict[CellPlace, Proof], dict[CellPlace, str]]:
    proofs: dict[CellPlace, Proof] = {}
    faults: dict[CellPlace, str] = {}
    ready = job.prepare(control.part(0.0, 0.05))
    for i, one in enumerate(ready):
        place, part = (one.cell.row, one.cell.column), 0.95 / len(ready)
        if one.cell.recipe is None:
            faults[place] = one.cell.fault
            continue
        try:
            proofs[place] = job.pull(one.cell, control.part(0.05 + i * part, 0.05 + (i + 1) * part))
        except (RecipeError, PictureError) as error:
            faults[place] = str(error)
    return proofs, faults


def _hand_out(
    job: SheetJob, many: Callable[[int], Crew], control: Control
) -> tuple[dict[CellPlace, Proof], dict[CellPlace, str]]:
    """All cells by several processes, or a cluster: to the same bytes."""
    cells = make_cells(job.sheet, job.store)
    faults = {(c.row, c.column): c.fault for c in cells if c.recipe is None}
    tasks = [Task.of(i, c.recipe) for i, c in enumerate(cells) if c.recipe is not None]
    proofs: dict[CellPlace, Proof] = {}
    for done in many(len(tasks)).work(tasks, control):
        cell = cells[done.index]
        if done.picture is None or cell.recipe is None:
            faults[cell.row, cell.column] = done.fault
        else:
            proofs[cell.row, cell.column] = Proof(
                cell.recipe, done.recipe_hash, done.picture, measures=done.measures
            )
    return proofs, faults


def _check_places(sheet: ProofSheet, options: argparse.Namespace) -> None:
    """Refuse where nothing can be written before anything is pulled."""
    inputs = [options.recipe, *map(Path, input_paths(sheet.recipe))]
    check_page(options.out)
    check_target("--out", options.out, inputs)
    if options.csv is not None:
        check_target("--csv", options.csv, [*inputs, options.out])
    if not 48 <= options.cell_width <= 2048:
        raise RecipeError(f"--cell-width: must be 48 to 2048, got {options.cell_width}")
    if options.cells is not None:
        if options.cells.exists() and not options.cells.is_dir():
            raise PictureError(f"{options.cells}: must be a folder, got a file")
        for row in range(sheet.rows):
            for column in range(sheet.columns):
                target = options.cells / f"{row + 1}-{column + 1}.png"
                if options.cells.is_dir():
                    check_target("--cells", target, inputs)


def _write_cells(folder: Path, proofs: dict[CellPlace, Proof]) -> None:
    """Each cell as a whole proof with its recipe, `ROW-COLUMN.png` from 1-1."""
    folder.mkdir(parents=True, exist_ok=True)
    for (row, column), proof in proofs.items():
        text = recipe_json(relative_recipe(proof.recipe, folder))
        path = folder / f"{row + 1}-{column + 1}.png"
        write_picture(path, proof.picture, recipe=text, engine=proof.engine)
