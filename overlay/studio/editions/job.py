"""An edition in work: rows found on the shelf or pulled, one by one or by several processes."""

from collections.abc import Collection, Iterator
from dataclasses import dataclass

from overlay.document.recipe import Recipe
from overlay.document.sets.editions import Edition
from overlay.engine.control import Control
from overlay.studio.editions.naming import file_names
from overlay.studio.editions.rows import row_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.making.hashing import hash_recipe
from overlay.studio.making.proofs import Proof
from overlay.studio.runs.pull import pull_proof


@dataclass(frozen=True)
class Row:
    """One picture of an edition.

    Attributes
    ----------
    index : from 0. name : of its file, without ending. recipe : None where there can be none.
    fault : why not.
    """

    index: int
    name: str
    recipe: Recipe | None
    fault: str = ""


def rows_of(edition: Edition) -> Iterator[Row]:
    """All rows, each made when it is asked for."""
    values = (edition.values(i) for i in range(edition.count))
    for index, name in enumerate(file_names(edition.name, values)):
        try:
            yield Row(index, name, row_recipe(edition, index))
        except ValueError as error:
            yield Row(index, name, None, str(error))


class EditionJob:
    """Pulls rows. Every method is for the one thread that works the queue off.

    Parameters
    ----------
    shelf : where rows are found and kept, without the record of their runs.
    engines : those of other packages that may run.
    """

    def __init__(
        self,
        edition: Edition,
        store: PictureStore,
        shelf: ProofShelf,
        *,
        engines: Collection[str] = (),
    ) -> None:
        self.edition, self.store, self.shelf = edition, store, shelf
        self._engines = engines

    def find(self, row: Row) -> tuple[Row, Proof | None]:
        """A row, with its proof where that is kept; with its fault where it can have none."""
        if row.recipe is None:
            return row, None
        try:
            return row, self.shelf.find_light(hash_recipe(row.recipe))
        except (ValueError, OSError) as error:
            return Row(row.index, row.name, None, str(error)), None

    def pull(self, row: Row, control: Control) -> Proof:
        """A row's proof, kept without the record of its run."""
        assert row.recipe is not None
        return pull_proof(
            row.recipe, self.shelf, self.store, control, engines=self._engines, light=True
        )
