"""Fills a sheet: its cells become runs of the queue, first their looks, then their proofs."""

import time
from collections.abc import Callable, Iterable
from dataclasses import dataclass
from functools import partial
from pathlib import Path

from PySide6.QtCore import QObject, Signal
from PySide6.QtGui import QImage

from overlay.app.floor.floor import Floor
from overlay.app.floor.handing_out import HandingOut
from overlay.app.parts.images import to_image
from overlay.app.proof_sheets.shown import ShownCell, ShownSheet
from overlay.document.sets.sheets import ProofSheet
from overlay.engine.control import Control
from overlay.imaging.rows import use_threads
from overlay.studio.editions.tasks import Pulled
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.making.proofs import Proof
from overlay.studio.runs.pull import pull_proof
from overlay.studio.runs.queue import Purpose, Run
from overlay.studio.sheets.cells import Cell, cell_recipe, spread_order
from overlay.studio.sheets.figures import CellPlace, flat_measures
from overlay.studio.sheets.job import Prepared, SheetJob

_Timed = tuple[Proof, QImage, float]  # with the seconds it took


@dataclass
class _Filling:
    """A sheet in work: who does it, and what shows it."""

    job: SheetJob
    shown: ShownSheet


class SheetFiller(QObject):
    """Asks for the runs of sheets and hands on what comes.

    Signals
    -------
    came : a sheet has more cells, or knows more of them. ended : a cell, or all, will not come.
    """

    came = Signal(object)

    def __init__(self, floor: Floor) -> None:
        super().__init__(floor)
        self.floor, self.bench = floor, floor.bench
        self._handing = HandingOut(floor)

    # Cells ----------------------------------------------------------------------------------

    def find(self, sheet: ProofSheet, shown: ShownSheet, then: Callable[[], object]) -> None:
        """Show what is kept of a sheet, without pulling anything."""
        job = self._job(sheet)

        def work() -> list[tuple[Prepared, QImage | None]]:
            return [(one, _image(one)) for one in job.find()]

        def done(found: list[tuple[Prepared, QImage | None]]) -> None:
            for one, image in found:
                _show_prepared(shown, one, image)
            then()

        self.floor.loader.ask(work, done, newest="sheet")

    def fill(self, sheet: ProofSheet, shown: ShownSheet) -> None:
        """Pull every cell that is not kept: looks first, then proofs in a spreading order."""
        shown.fault = ""
        filling, handed_out = _Filling(self._job(sheet), shown), bool(self.floor.settings.cluster)

        def prepare(control: Control) -> list[tuple[Prepared, QImage | None]]:
            self._begin()
            job = filling.job  # what cells share is made ready where they are pulled
            ready = job.find() if handed_out else job.prepare(control)
            return [(one, _image(one)) for one in ready]

        self._add(filling, "preparing", prepare, lambda found: self._go_on(filling, found))

    def _go_on(self, filling: _Filling, found: list[tuple[Prepared, QImage | None]]) -> None:
        missing: dict[CellPlace, Cell] = {}
        for one, image in found:
            _show_prepared(filling.shown, one, image)
            if one.known is None and one.cell.recipe is not None:
                missing[one.cell.row, one.cell.column] = one.cell
        sheet = filling.job.sheet
        if self.floor.settings.cluster and missing:
            self._hand_out(filling, missing)
            missing = {}
        order = [p for p in spread_order(sheet.rows, sheet.columns) if p in missing]
        for place in order:
            self._add_look(filling, missing[place])
        for place in order:
            self._add_proof(filling, missing[place])
        self.came.emit(filling.shown)

    def _hand_out(self, filling: _Filling, missing: dict[CellPlace, Cell]) -> None:
        """Have the cluster of the settings pull cells; they come without looks before them."""
        sheet, shown = filling.job.sheet, filling.shown
        order = [p for p in spread_order(sheet.rows, sheet.columns) if p in missing]
        wanted = {n: (p, missing[p].recipe) for n, p in enumerate(order)}
        recipes = {n: recipe for n, (_, recipe) in wanted.items() if recipe is not None}

        def came(found: tuple[int, ShownCell]) -> None:
            shown.change(wanted[found[0]][0], found[1])
            self.came.emit(shown)

        run = self._handing.run(recipes, sheet.name, Purpose.CELL, _received, came)
        run.then = lambda _: self.came.emit(shown)
        run.stopped = partial(self.came.emit, shown)
        run.failed = partial(self._not_done, shown)
        self.floor.runner.add(run)

    def _add_look(self, filling: _Filling, cell: Cell) -> None:
        def look(control: Control) -> QImage | None:
            self._begin()
            picture = filling.job.look(cell, control)
            return None if picture is None else to_image(picture)

        def show(image: QImage | None) -> None:
            if image is not None:
                filling.shown.change((cell.row, cell.column), ShownCell(image, look=True))
                self.came.emit(filling.shown)

        self._add(filling, "look", look, show, cell)

    def _add_proof(self, filling: _Filling, cell: Cell) -> None:
        def pull(control: Control) -> _Timed:
            self._begin()
            began = time.monotonic()
            proof = filling.job.pull(cell, control)
            return proof, to_image(proof.picture), time.monotonic() - began

        def show(found: _Timed) -> None:
            proof, image, seconds = found
            filling.shown.seconds.append(seconds)
            filling.shown.change((cell.row, cell.column), shown_proof(proof, image))
            self.came.emit(filling.shown)

        self._add(filling, "cell", pull, show, cell)

    def _add(
        self,
        filling: _Filling,
        what: str,
        work: Callable[[Control], object],
        then: Callable[..., object],
        cell: Cell | None = None,
    ) -> None:
        """Have one piece of a sheet done; what fails is said in its cell, and the others go on."""
        name = filling.job.sheet.name

        def failed(error: Exception) -> None:
            if cell is None:
                self._not_done(filling.shown, error)
                return
            place = (cell.row, cell.column)
            filling.job.drop(place)
            filling.shown.change(place, ShownCell(fault=str(error)))
            self.came.emit(filling.shown)

        def stopped() -> None:
            if cell is not None:
                filling.job.drop((cell.row, cell.column))
            self.came.emit(filling.shown)

        run = Run(name=f"{name}, {what}", work=work, purpose=Purpose.CELL, group=name)
        run.then, run.failed, run.stopped = then, failed, stopped
        self.floor.runner.add(run)

    def _not_done(self, shown: ShownSheet, error: Exception) -> None:
        """Say why no cell comes, and go on saying it."""
        shown.fault = f"{shown.sheet.name}: {error}"
        self.floor.refuse(shown.fault)
        self.came.emit(shown)

    def _job(self, sheet: ProofSheet) -> SheetJob:
        shelf = ProofShelf(Path(self.bench.shelf.folder))
        return SheetJob(sheet, self.bench.store, shelf, engines=self.floor.settings.engines)

    def _begin(self) -> None:
        use_threads(self.floor.settings.threads)

    # Full size ------------------------------------------------------------------------------

    def enlarge(self, shown: ShownSheet, places: Iterable[CellPlace]) -> None:
        """Pull cells again at their recipe's own size."""
        for place in places:
            self._enlarge(shown, place)

    def _enlarge(self, shown: ShownSheet, place: CellPlace) -> None:
        shelf, store = self.bench.shelf, self.bench.store
        engines, recipe = self.floor.settings.engines, cell_recipe(shown.sheet, *place)

        def work(control: Control) -> QImage:
            self._begin()
            return to_image(pull_proof(recipe, shelf, store, control, engines=engines).picture)

        def show(image: QImage) -> None:
            shown.enlarge(place, image)
            self.came.emit(shown)

        name = f"{shown.sheet.name} {place[0] + 1}-{place[1] + 1} at full size"
        run = Run(name=name, work=work, purpose=Purpose.HAND, recipe=recipe)
        run.then = show
        run.failed = lambda error: self.floor.refuse(f"No proof: {error}")
        self.floor.runner.add(run)

    # Stopping -------------------------------------------------------------------------------

    def left(self, name: str) -> int:
        """How many runs of a sheet are still to come, or have ended and are still to be shown."""
        return self.floor.runner.unanswered(name)

    def stop(self, name: str) -> bool:
        """Leave the cells of a sheet that are still to come; whether there were any."""
        return self.floor.runner.queue.stop_group(name)


def shown_proof(proof: Proof, image: QImage) -> ShownCell:
    """A cell that is there."""
    return ShownCell(
        image, recipe_hash=proof.recipe_hash, number=proof.number,
        figures=flat_measures(proof.measures),
    )  # fmt: skip


def _received(place: int, done: Pulled, number: int) -> tuple[int, ShownCell]:
    """What a cluster made of a cell, or its fault."""
    if done.picture is None:
        return place, ShownCell(fault=done.fault)
    cell = ShownCell(
        to_image(done.picture), recipe_hash=done.recipe_hash, number=number,
        figures=flat_measures(done.measures),
    )  # fmt: skip
    return place, cell


def _image(one: Prepared) -> QImage | None:
    return None if one.known is None else to_image(one.known.picture)


def _show_prepared(shown: ShownSheet, one: Prepared, image: QImage | None) -> None:
    place = (one.cell.row, one.cell.column)
    if one.known is not None and image is not None:
        shown.change(place, shown_proof(one.known, image))
    elif one.cell.fault:
        shown.change(place, ShownCell(fault=one.cell.fault))
