"""Rows handed out to a cluster: one run of the queue, whose rows come as they are done."""

from collections.abc import Callable
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from overlay.app.floor.floor import Floor
from overlay.engine.control import Control
from overlay.studio.editions.cluster import Cluster
from overlay.studio.editions.job import Row
from overlay.studio.editions.tasks import Pulled, Task
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.making.proofs import Proof
from overlay.studio.runs.queue import Purpose, Run

Came = Callable[[Row, Pulled, int], object]


class HandingOut(QObject):
    """Has a cluster do rows, and keeps what comes on the shelf.

    Signals
    -------
    came : whom to tell, a row, what came of it, and its proof's number.
    """

    came = Signal(object, object, object, int)

    def __init__(self, floor: Floor) -> None:
        super().__init__(floor)
        self.floor, self.bench = floor, floor.bench
        # Emitted where rows are received, answered on this thread.
        self.came.connect(lambda then, row, done, number: then(row, done, number))

    def run(self, rows: list[Row], group: str, then: Came) -> Run:
        """A run that does rows; `then` hears of each. Not yet in the queue."""
        shelf = ProofShelf(Path(self.bench.shelf.folder))
        address, engines = self.floor.settings.cluster, tuple(self.floor.settings.engines)
        by_place = {row.index: row for row in rows}
        tasks = [Task.of(r.index, r.recipe, engines) for r in rows if r.recipe is not None]

        def work(control: Control) -> None:
            for done in Cluster(address, len(tasks)).work(tasks, control):
                row = by_place[done.index]
                self.came.emit(then, row, done, _kept(row, done, shelf))

        return Run(
            name=f"{group}, {len(tasks)} rows by {address}",
            work=work,
            purpose=Purpose.ROW,
            group=group,
        )


def _kept(row: Row, done: Pulled, shelf: ProofShelf) -> int:
    """The number of a row's proof, which is kept as any other row's is; 0 where there is none."""
    if done.picture is None or row.recipe is None:
        return 0
    number = shelf.take_number(done.recipe_hash)
    proof = Proof(row.recipe, done.recipe_hash, done.picture, measures=done.measures, number=number)
    shelf.keep(proof, light=True)
    return number
