"""An edition pulled into a folder: what lies there stays, the rest is done by a crew."""

from collections.abc import Callable, Iterator
from dataclasses import dataclass, field
from typing import Any

from overlay.document.recipe import Recipe
from overlay.document.sets.editions import Edition
from overlay.engine.control import Control
from overlay.imaging.colour import ByteImage
from overlay.imaging.files import thumbnail
from overlay.studio.editions.contact import MOST_ON_PAGE
from overlay.studio.editions.crews import Crew
from overlay.studio.editions.figures import (
    RowTraits,
    mean_evenness,
    mean_sameness,
    set_figures,
)
from overlay.studio.editions.folder import EditionFolder
from overlay.studio.editions.job import Row, rows_of
from overlay.studio.editions.tasks import Pulled, Task

_SMALL = 320  # pixels of the longer side, of pictures that are kept for the contact sheet


@dataclass
class Outcome:
    """How an edition went, by rows from 0; rows themselves are not held.

    Attributes
    ----------
    lines : of the report. small : pictures for the contact sheet. faults : one line a row.
    """

    edition: Edition
    lines: dict[int, dict[str, Any]] = field(default_factory=dict)
    small: dict[int, ByteImage] = field(default_factory=dict)
    faults: dict[int, str] = field(default_factory=dict)
    measured: dict[int, RowTraits] = field(default_factory=dict)

    def take(self, row: Row, done: Pulled, file: str) -> None:
        """Note what came of a row."""
        line = {"row": row.index + 1, "file": file, "recipe_hash": done.recipe_hash}
        self.lines[row.index] = line | {"seconds": round(done.seconds, 3), "error": None}
        if done.picture is None:
            self.faults[row.index] = done.fault
            self.lines[row.index] |= {"file": None, "recipe_hash": None, "error": done.fault}
        elif row.index < MOST_ON_PAGE:
            self.small[row.index] = thumbnail(done.picture, _SMALL)
        if done.traits is not None:
            self.measured[row.index] = done.traits

    def report(self) -> dict[str, Any]:
        """The report as plain data, see `docs/recipe.md`."""
        sets = set_figures(self.edition, self.measured)
        even, same = mean_evenness(sets), mean_sameness(sets)
        return {
            "rows": [self.lines[i] for i in sorted(self.lines)],
            "evenness": None if even is None else round(even, 1),
            "sameness": None if same is None else round(same, 4),
            "sets": [s.report() for s in sets],
        }


def pull_edition(
    edition: Edition,
    folder: EditionFolder,
    crew: Callable[[int], Crew],
    control: Control,
    *,
    engines: tuple[str, ...] = (),
) -> Outcome:
    """Pull every row that does not lie in the folder as its recipe says; write each as it comes.

    Parameters
    ----------
    crew : gives who does so many rows.

    Raises
    ------
    CancelledError
        If the control says so; what was written stays, and is found the next time.
    PictureError
        If a picture cannot be written, as where the disk is full.
    """
    outcome = Outcome(edition)
    missing: list[int] = []
    for row in rows_of(edition):
        control.step(0.05 * row.index / edition.count, "looking what is there")
        there = folder.find(row)
        if there is not None:
            outcome.take(row, there, folder.file(row).name)
        elif row.recipe is None:
            outcome.take(row, Pulled(row.index, fault=row.fault), "")
        else:
            missing.append(row.index)
    wanted = _Wanted(edition, set(missing), engines)
    for done in crew(len(missing)).work(wanted.tasks(), control.part(0.05, 1.0)):
        row = wanted.rows.pop(done.index)
        if done.picture is not None:
            folder.write(row, done)
        outcome.take(row, done, folder.file(row).name)
    return outcome


class _Wanted:
    """Rows that are wanted, made as they are handed out and held while they are in work."""

    def __init__(self, edition: Edition, places: set[int], engines: tuple[str, ...]) -> None:
        self._edition, self._places, self._engines = edition, places, engines
        self.rows: dict[int, Row] = {}

    def tasks(self) -> Iterator[Task]:
        """The tasks, in the order of the rows."""
        for row in rows_of(self._edition):
            recipe: Recipe | None = row.recipe
            if row.index in self._places and recipe is not None:
                self.rows[row.index] = row
                yield Task.of(row.index, recipe, self._engines)
