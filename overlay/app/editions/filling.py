"""Fills an edition: first what its rows share, then its rows, as runs of the queue."""

import time
from collections import deque
from collections.abc import Callable
from dataclasses import dataclass, field
from functools import partial
from pathlib import Path

import numpy as np
from PySide6.QtCore import QObject, Signal
from PySide6.QtGui import QImage

from overlay.app.editions.shown import ShownEdition, Stage
from overlay.app.floor.floor import Floor
from overlay.app.floor.handing_out import HandingOut
from overlay.app.parts.images import to_image
from overlay.document.sets.editions import Edition
from overlay.engine.control import Control
from overlay.imaging.colour import ByteImage
from overlay.imaging.files import read_picture, thumbnail
from overlay.imaging.rows import use_threads
from overlay.studio.editions.figures import RowTraits, SetFigures, row_traits, set_figures
from overlay.studio.editions.job import EditionJob, Row, rows_of
from overlay.studio.editions.rows import check_edition
from overlay.studio.editions.sharing import find_colours
from overlay.studio.editions.tasks import Pulled
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.making.laying import lay_canvas
from overlay.studio.making.proofs import Proof
from overlay.studio.runs.queue import Purpose, Run

LEAD = "Edition "  # of the names under which the queue knows its rows
_SMALL = 360  # pixels of the longer side of what is seen here
_MANY = 200  # rows beyond which looking for what is kept is a run of its own
_AHEAD = 40  # runs of one edition that wait at a time

Found = list[tuple[Row, "Seen | None"]]


@dataclass(frozen=True)
class Seen:
    """A row that is there: its hash and number, small, and measured."""

    recipe_hash: str
    number: int
    small: QImage
    traits: RowTraits


@dataclass
class _Filling:
    """An edition in work: who does it, what shows it, and rows still to be asked for."""

    job: EditionJob
    shown: ShownEdition
    left: deque[Row] = field(default_factory=deque)
    asked: int = 0


class EditionFiller(QObject):
    """Asks for the runs of editions and hands on what comes.

    Signals
    -------
    came : an edition has more rows, or knows more of them. evened : the colours of an edition, with
    what was shown of it.
    """

    came = Signal(object)
    evened = Signal(object, str)

    def __init__(self, floor: Floor) -> None:
        super().__init__(floor)
        self.floor, self.bench = floor, floor.bench
        self._fillings: dict[str, _Filling] = {}  # by the title
        floor.runner.progressed.connect(self._progressed)
        self._rows: dict[Run, tuple[ShownEdition, int]] = {}
        self._handing = HandingOut(floor)

    # Asking ---------------------------------------------------------------------------------

    def find(self, shown: ShownEdition) -> None:
        """Show what is kept of an edition, without pulling anything."""
        job = self._job(shown.edition)
        if shown.edition.count > _MANY:  # where others must not wait for it
            look = partial(_look_if_sound, job)
            self._add(shown, "looking", look, lambda found: self._show_found(shown, found))
            return

        def work() -> Found:
            return _look_if_sound(job, Control())

        self.floor.loader.ask(work, lambda found: self._show_found(shown, found), newest="edition")

    def share(self, shown: ShownEdition) -> None:
        """Find the colours of an edition's sources."""
        store, edition = self.bench.store, shown.edition

        def work(control: Control) -> str | None:
            self._begin()
            return find_colours(edition, store, control)

        def found(colours: str | None) -> None:
            self.evened.emit(shown, colours or "")

        self._add(shown, "what it shares", work, found)

    def fill(self, shown: ShownEdition) -> None:
        """Pull every row that is not kept."""
        shown.fault = ""
        filling = _Filling(self._job(shown.edition), shown)
        self._fillings[shown.edition.title] = filling

        def go_on(found: Found) -> None:
            self._show_found(shown, found)
            for row, seen in found:
                if seen is None and row.recipe is not None:
                    shown.row(row.index).stage = Stage.WAITING
                    filling.left.append(row)
            if self.floor.settings.cluster:
                self._hand_out(filling)
            else:
                self._ask_more(filling)
            self.came.emit(shown)

        self._add(shown, "looking", partial(_look, filling.job), go_on)

    def _hand_out(self, filling: _Filling) -> None:
        """Have the cluster of the settings do all rows."""
        shown, rows = filling.shown, list(filling.left)
        filling.left.clear()
        if not rows:
            return

        by_place = {row.index: row for row in rows}

        def came(found: tuple[int, Seen | str]) -> None:
            place, seen = found
            if isinstance(seen, Seen):
                self._show_seen(shown, by_place[place], seen)
            else:
                shown.row(place).stage, shown.row(place).fault = Stage.FAILED, seen
            self._measure(shown)

        def over() -> None:
            for row in rows:
                if shown.row(row.index).stage is Stage.WAITING:
                    shown.row(row.index).stage = Stage.MISSING
            self.came.emit(shown)

        recipes = {row.index: row.recipe for row in rows if row.recipe is not None}
        group = LEAD + shown.edition.title
        run = self._handing.run(recipes, group, Purpose.ROW, _received, came)
        run.then = lambda _: over()
        run.stopped = over

        def failed(error: Exception) -> None:
            over()
            self._not_begun(shown, error)

        run.failed = failed
        self.floor.runner.add(run)

    def _ask_more(self, filling: _Filling) -> None:
        """Have so many rows wait that the queue has work, and stays short."""
        while filling.left and filling.asked < _AHEAD:
            filling.asked += 1
            self._ask_row(filling, filling.left.popleft())

    def _ask_row(self, filling: _Filling, row: Row) -> None:
        shown, store = filling.shown, self.bench.store

        def pull(control: Control) -> tuple[Seen, float]:
            self._begin()
            began = time.monotonic()
            proof = filling.job.pull(row, control)
            return _measured(
                proof, lay_canvas(proof.recipe, store).picture
            ), time.monotonic() - began

        def show(came: tuple[Seen, float]) -> None:
            shown.seconds.append(came[1])
            self._show_seen(shown, row, came[0])
            over()

        def over() -> None:
            filling.asked -= 1
            if self._fillings.get(shown.edition.title) is filling:
                self._ask_more(filling)
            self._measure(shown)

        def failed(error: Exception) -> None:
            shown.row(row.index).stage, shown.row(row.index).fault = Stage.FAILED, str(error)
            over()

        run = self._add(shown, f"row {row.index + 1}", pull, show)
        run.failed = failed
        run.stopped = lambda: self._stopped(shown, row.index)
        run.recipe = None
        self._rows[run] = (shown, row.index)

    def _stopped(self, shown: ShownEdition, place: int) -> None:
        shown.row(place).stage = Stage.MISSING
        self.came.emit(shown)

    def _add(
        self,
        shown: ShownEdition,
        what: str,
        work: Callable[[Control], object],
        then: Callable[..., object],
    ) -> Run:
        title = shown.edition.title
        run = Run(name=f"{title}, {what}", work=work, purpose=Purpose.ROW, group=LEAD + title)
        run.then = then
        run.failed = lambda error: self._not_begun(shown, error)
        run.stopped = lambda: self.came.emit(shown)
        return self.floor.runner.add(run)

    def _not_begun(self, shown: ShownEdition, error: Exception) -> None:
        shown.fault = f"{shown.edition.title}: {error}"
        self.floor.refuse(shown.fault)
        self.came.emit(shown)

    def _job(self, edition: Edition) -> EditionJob:
        shelf = ProofShelf(Path(self.bench.shelf.folder))
        return EditionJob(edition, self.bench.store, shelf, engines=self.floor.settings.engines)

    def _begin(self) -> None:
        use_threads(self.floor.settings.threads)

    # What comes -----------------------------------------------------------------------------

    def _progressed(self, run: Run) -> None:
        known = self._rows.get(run)
        if known is not None:
            row = known[0].row(known[1])
            row.stage, row.fraction = Stage.RUNNING, run.fraction
            self.came.emit(known[0])

    def _show_found(self, shown: ShownEdition, found: Found) -> None:
        for row, seen in found:
            if seen is not None:
                self._show_seen(shown, row, seen)
            elif row.fault:
                shown.row(row.index).stage = Stage.FAILED
                shown.row(row.index).fault = row.fault
        self._measure(shown)

    def _show_seen(self, shown: ShownEdition, row: Row, seen: Seen) -> None:
        known = shown.row(row.index)
        known.stage, known.fault, known.earlier = Stage.THERE, "", False
        known.name, known.recipe_hash, known.number = row.name, seen.recipe_hash, seen.number
        shown.images[row.index] = seen.small
        shown.measured[row.index] = seen.traits

    def _measure(self, shown: ShownEdition) -> None:
        """Figures of the sets, off this thread: of ten thousand rows they take a while."""
        measured, edition = dict(shown.measured), shown.edition

        def show(sets: list[SetFigures]) -> None:
            shown.sets = sets
            self.came.emit(shown)

        self.floor.loader.ask(lambda: set_figures(edition, measured), show, newest="evenness")
        self.came.emit(shown)

    def read_image(self, shown: ShownEdition, place: int) -> None:
        """Read a small picture again that is not held any more."""
        shelf, recipe_hash = self.bench.shelf, shown.row(place).recipe_hash

        def show(image: QImage) -> None:
            shown.images[place] = image
            self.came.emit(shown)

        self.floor.loader.ask(
            lambda: to_image(read_picture(shelf.small_picture(recipe_hash))), show,
            newest=f"row {recipe_hash}", failed=lambda _: None,
        )  # fmt: skip

    # Stopping -------------------------------------------------------------------------------

    def left(self, title: str) -> int:
        """How many rows of an edition are still to come."""
        filling = self._fillings.get(title)
        # What has ended and is still to be answered counts: it may have more rows come.
        open_runs = self.floor.runner.unanswered(LEAD + title)
        return open_runs + (0 if filling is None else len(filling.left))

    def stop(self, title: str) -> bool:
        """Leave the rows of an edition that are still to come; whether there were any."""
        filling = self._fillings.pop(title, None)
        if filling is not None:
            for row in filling.left:
                filling.shown.row(row.index).stage = Stage.MISSING
            filling.left.clear()
        return self.floor.runner.queue.stop_group(LEAD + title)


def _look_if_sound(job: EditionJob, control: Control) -> Found:
    """As `_look`; of an edition that is still being written, nothing."""
    try:
        check_edition(job.edition, job.edition.title)
    except ValueError:
        return []
    return _look(job, control)


def _look(job: EditionJob, control: Control) -> Found:
    """All rows, with what is kept of them."""
    found = []
    for row in rows_of(job.edition):
        control.step(row.index / job.edition.count, "looking what is kept")
        found.append(_seen(job, row))
    return found


def _seen(job: EditionJob, row: Row) -> tuple[Row, Seen | None]:
    """A row with what is kept of it; one that is wrong with its fault."""
    row, proof = job.find(row)
    if proof is None or row.recipe is None:
        return row, None
    return row, _measured(proof, lay_canvas(row.recipe, job.store).picture)


def _received(place: int, done: Pulled, number: int) -> tuple[int, Seen | str]:
    """What a cluster made of a row, or its fault."""
    if done.picture is None or done.traits is None:
        return place, done.fault
    return place, Seen(done.recipe_hash, number, _small(done.picture), done.traits)


def _measured(proof: Proof, source: ByteImage | None) -> Seen:
    traits = row_traits(proof.picture, source)
    return Seen(proof.recipe_hash, proof.number, _small(proof.picture), traits)


def _small(picture: ByteImage) -> QImage:
    return to_image(np.ascontiguousarray(thumbnail(picture, _SMALL)))
