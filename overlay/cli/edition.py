"""`overlay edition`: a set of pictures from one recipe, into a folder."""

import argparse
import json
from functools import partial
from pathlib import Path

from overlay.cli.crew import add_crew, crew_of
from overlay.cli.parts.ends import DONE, FAILED, SOME_FAILED, complain
from overlay.cli.parts.progress import Progress
from overlay.cli.parts.targets import check_target
from overlay.cli.render import set_threads
from overlay.document.sets.editions import Edition
from overlay.engine.control import Control
from overlay.imaging.intake import PictureError
from overlay.imaging.whole_files import write_bytes
from overlay.studio.editions.archive import write_archive
from overlay.studio.editions.contact import Printed, write_contact
from overlay.studio.editions.figures import set_figures
from overlay.studio.editions.folder import EDITION, EditionFolder
from overlay.studio.editions.job import rows_of
from overlay.studio.editions.pulling import Outcome, pull_edition
from overlay.studio.editions.reading import read_edition
from overlay.studio.editions.sharing import find_colours
from overlay.studio.inputs.edition_paths import edition_paths
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.sheets.leaf import check_page


def add_arguments(parser: argparse.ArgumentParser) -> None:
    """What the command takes."""
    parser.add_argument("edition", type=Path, metavar="EDITION.json")
    parser.add_argument("--out", type=Path, required=True, metavar="DIR")
    add_crew(parser)
    parser.add_argument("--report", type=Path, metavar="REPORT.json")
    parser.add_argument("--contact", type=Path, metavar="SHEET.png|.pdf")
    parser.add_argument("--zip", type=Path, metavar="FILE.zip", dest="archive")
    parser.add_argument(
        "--anew", action="store_true", help="find the colours of the set again, for all its rows"
    )
    parser.add_argument("--engine", action="append", default=[], metavar="NAME", dest="engines")
    parser.add_argument("--threads", type=int, metavar="N")
    parser.add_argument("--quiet", action="store_true")
    parser.set_defaults(run=run)


def run(options: argparse.Namespace) -> int:
    """Check all, pull what is missing, then write sheet, archive and report."""
    edition = read_edition(options.edition)
    store = PictureStore()
    folder = EditionFolder(options.out, store)
    _check_places(edition, folder, options)
    set_threads(options.threads)
    crew = crew_of(options)
    with Progress(quiet=options.quiet) as progress:
        work = partial(_evened, edition, folder, store, anew=options.anew)
        edition = progress.done("Colours", work)
        folder.write_edition(edition)
        engines = tuple(options.engines)
        outcome = progress.done(
            "Edition", lambda control: pull_edition(edition, folder, crew, control, engines=engines)
        )
    _write(outcome, folder, options)
    for index in sorted(outcome.faults):
        complain(f"row {index + 1}: {outcome.faults[index]}")
    if not outcome.faults:
        return DONE
    return FAILED if len(outcome.faults) == edition.count else SOME_FAILED


def _evened(
    edition: Edition, folder: EditionFolder, store: PictureStore, control: Control, *, anew: bool
) -> Edition:
    """The edition with the colours of its set: its own, those of what lies there, or new ones."""
    if not edition.even:
        return edition
    colours = None if anew else edition.colours or folder.known_colours()
    return edition.model_copy(update={"colours": colours or find_colours(edition, store, control)})


def _check_places(edition: Edition, folder: EditionFolder, options: argparse.Namespace) -> None:
    """Refuse where nothing can be written before anything is pulled."""
    inputs = [options.edition, *map(Path, edition_paths([edition]))]
    out = folder.folder
    if out.exists() and not out.is_dir():
        raise PictureError(f"{out}: must be a folder, got a file")
    if out.is_dir():
        taken = {path.resolve() for path in inputs} - {(out / EDITION).resolve()}
        for row in rows_of(edition):
            file = folder.file(row)
            if file.resolve() in taken:
                raise PictureError(f"--out: must not hold the edition's files, got {file}")
    elif not out.parent.is_dir():
        raise PictureError(f"{out}: its folder must exist, got none at {out.parent}")
    if options.contact is not None:
        check_page(options.contact)
    for name in ("report", "contact", "archive"):
        path = getattr(options, name)
        if path is not None:
            check_target("--zip" if name == "archive" else f"--{name}", path, inputs)


def _write(outcome: Outcome, folder: EditionFolder, options: argparse.Namespace) -> None:
    if options.contact is not None:
        sets = set_figures(outcome.edition, outcome.measured)
        printed = Printed(
            edition=outcome.edition, pictures=outcome.small, faults=outcome.faults, sets=sets
        )
        write_contact(options.contact, printed)
    if options.archive is not None:
        names = [line["file"] for _, line in sorted(outcome.lines.items()) if line["file"]]
        write_archive(options.archive, [folder.folder / n for n in (*names, EDITION)])
    if options.report is not None:
        text = json.dumps(outcome.report(), indent=2, ensure_ascii=False) + "\n"
        write_bytes(options.report, text.encode())
