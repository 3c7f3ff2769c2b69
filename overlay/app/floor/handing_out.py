"""Recipes handed out to a cluster: one run of the queue, whose proofs come as they are done."""

from collections.abc import Callable, Mapping
from pathlib import Path

from PySide6.QtCore import QObject, Signal

from overlay.app.floor.floor import Floor
from overlay.document.recipe import Recipe
from overlay.engine.control import Control
from overlay.studio.editions.cluster import Cluster
from overlay.studio.editions.tasks import Pulled, Task
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.making.proofs import Proof
from overlay.studio.runs.queue import Purpose, Run

# What is made of what came, where it is received: of its place, itself, its proof's number.
Made = Callable[[int, Pulled, int], object]


class HandingOut(QObject):
    """Has a cluster pull rows or cells, and keeps what comes on the shelf.

    Signals
    -------
    came : whom to tell, and what was made of what came.
    """

    came = Signal(object, object)

    def __init__(self, floor: Floor) -> None:
        super().__init__(floor)
        self.floor, self.bench = floor, floor.bench
        # Emitted where proofs are received, answered on this thread.
        self.came.connect(lambda then, made: then(made))

    def run(
        self,
        recipes: Mapping[int, Recipe],
        group: str,
        purpose: Purpose,
        made: Made,
        then: Callable[..., object],
    ) -> Run:
        """A run that pulls recipes, by their places. Not yet in the queue.

        Parameters
        ----------
        made : called where proofs are received, off the GUI thread. then : hears what it gave.
        """
        shelf = ProofShelf(Path(self.bench.shelf.folder))
        address, engines = self.floor.settings.cluster, tuple(self.floor.settings.engines)
        tasks = [Task.of(place, recipe, engines) for place, recipe in recipes.items()]

        def work(control: Control) -> None:
            for done in Cluster(address, len(tasks)).work(tasks, control):
                number = _kept(recipes[done.index], done, shelf)
                self.came.emit(then, made(done.index, done, number))

        name = f"{group}, {len(tasks)} by {address}"
        return Run(name=name, work=work, purpose=purpose, group=group)


def _kept(recipe: Recipe, done: Pulled, shelf: ProofShelf) -> int:
    """The number of a proof, which is kept as any other is; 0 where there is none."""
    if done.picture is None:
        return 0
    number = shelf.take_number(done.recipe_hash)
    proof = Proof(recipe, done.recipe_hash, done.picture, measures=done.measures, number=number)
    shelf.keep(proof, light=True)
    return number
