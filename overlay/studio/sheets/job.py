"""A sheet in work: its cells pulled one by one, what they share made once."""

from collections.abc import Collection
from contextlib import suppress
from dataclasses import dataclass

from overlay.document.recipe import OWN_ENGINE, Recipe
from overlay.document.sets.sheets import ProofSheet
from overlay.engine.control import Control
from overlay.engine.request import Render, Request
from overlay.engine.steps.parting import Beginnings
from overlay.imaging.colour import ByteImage
from overlay.imaging.intake import PictureError
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.making.groundwork import Groundwork
from overlay.studio.making.hashing import hash_recipe
from overlay.studio.making.proofs import Proof
from overlay.studio.runs.pull import pull_proof
from overlay.studio.sheets.cells import Cell, make_cells
from overlay.studio.sheets.figures import CellPlace


@dataclass(frozen=True)
class Prepared:
    """A cell that is ready: its proof where it is kept already, else what it wants."""

    cell: Cell
    known: Proof | None = None


class SheetJob:
    """The cells of one sheet. Every method is for the one thread that works the queue off.

    Parameters
    ----------
    sheet : its recipe's paths are absolute.
    shelf : where cells are found and kept, without the record of their runs.
    engines : those of other packages that may run.
    """

    def __init__(
        self,
        sheet: ProofSheet,
        store: PictureStore,
        shelf: ProofShelf,
        *,
        engines: Collection[str] = (),
    ) -> None:
        self.sheet, self.store, self.shelf = sheet, store, shelf
        self._engines = engines
        self._beginnings = Beginnings(recorded=False)

    def prepare(self, control: Control) -> list[Prepared]:
        """All cells, each found on the shelf or made ready to share its beginning with others."""
        cells = make_cells(self.sheet, self.store)
        found = []
        for i, cell in enumerate(cells):
            control.step(i / len(cells), "preparing the sheet")
            found.append(self._prepared(cell))
        return found

    def find(self) -> list[Prepared]:
        """All cells, those that are kept with their proofs; nothing is made ready."""
        return [self._known(cell) for cell in make_cells(self.sheet, self.store)]

    def _known(self, cell: Cell) -> Prepared:
        if cell.recipe is None:
            return Prepared(cell)
        try:
            return Prepared(cell, self.shelf.find_light(hash_recipe(cell.recipe)))
        except (ValueError, OSError) as error:
            return Prepared(Cell(cell.row, cell.column, None, str(error)))

    def _prepared(self, cell: Cell) -> Prepared:
        one = self._known(cell)
        if one.cell.recipe is None or one.known is not None:
            return one
        try:
            if cell.recipe is not None and cell.recipe.engine == OWN_ENGINE:
                request = Groundwork(cell.recipe, self.store).request
                self._beginnings.expect((cell.row, cell.column), request)
        except (ValueError, OSError) as error:
            return Prepared(Cell(cell.row, cell.column, None, str(error)))
        return one

    def look(self, cell: Cell, control: Control) -> ByteImage | None:
        """A cell's first look, its masses and forms; None where its engine gives none."""
        recipe = _recipe(cell)
        if recipe.engine != OWN_ENGINE:
            return None
        request = Groundwork(recipe, self.store).request
        return self._beginnings.look((cell.row, cell.column), request, control).picture

    def pull(self, cell: Cell, control: Control) -> Proof:
        """A cell's proof, kept without the record of its run."""
        place = (cell.row, cell.column)

        def own(request: Request, control: Control | None) -> Render:
            return self._beginnings.render(place, request, control)

        try:
            return pull_proof(
                _recipe(cell), self.shelf, self.store, control,
                engines=self._engines, light=True, own=own,
            )  # fmt: skip
        finally:
            self._beginnings.drop(place)

    def drop(self, place: CellPlace) -> None:
        """A cell is not wanted any more."""
        self._beginnings.drop(place)


def cell_hashes(sheet: ProofSheet, store: PictureStore) -> frozenset[str]:
    """The hashes of all cells that can be; reads files, so work for a worker thread."""
    found = set()
    for cell in make_cells(sheet, store):
        with suppress(ValueError, OSError):
            if cell.recipe is not None:
                found.add(hash_recipe(cell.recipe))
    return frozenset(found)


def _recipe(cell: Cell) -> Recipe:
    if cell.recipe is None:
        raise PictureError(cell.fault)
    return cell.recipe
