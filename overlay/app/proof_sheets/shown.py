"""What the room shows of a sheet: its cells as they come, and what they measure."""

from dataclasses import dataclass, field, replace

from PySide6.QtGui import QImage

from overlay.document.sets.sheets import ProofSheet
from overlay.studio.sheets.figures import CellPlace, Figures, decimals, ranks


@dataclass(frozen=True)
class ShownCell:
    """One cell.

    Attributes
    ----------
    image : a look, or the proof. look : whether it is but a look. large : whether at full size.
    recipe_hash : of its proof, once there is one. fault : why there is none.
    """

    image: QImage | None = None
    look: bool = False
    large: bool = False
    recipe_hash: str = ""
    number: int = 0
    figures: Figures = field(default_factory=dict)
    fault: str = ""


@dataclass
class ShownSheet:
    """A sheet with what is known of it.

    Attributes
    ----------
    labels : of columns and rows. seconds : the time that cells took so far. fault : why no cell
    comes, where that is so.
    """

    sheet: ProofSheet
    labels: tuple[list[str], list[str]]
    cells: dict[CellPlace, ShownCell] = field(default_factory=dict)
    seconds: list[float] = field(default_factory=list)
    fault: str = ""

    def change(self, place: CellPlace, cell: ShownCell) -> None:
        """Take what is known of a cell now; a look never takes a proof's place."""
        before = self.cells.get(place)
        if cell.look and before is not None and before.recipe_hash:
            return
        self.cells[place] = cell

    def enlarge(self, place: CellPlace, image: QImage) -> None:
        """Show a cell at full size; its figures stay those of the trial."""
        self.cells[place] = replace(self.cells[place], image=image, large=True)

    @property
    def figures(self) -> dict[CellPlace, Figures]:
        """What the cells that are there measure."""
        return {place: cell.figures for place, cell in self.cells.items() if cell.figures}

    @property
    def done(self) -> int:
        """How many cells are there, or cannot be."""
        return sum(bool(cell.recipe_hash or cell.fault) for cell in self.cells.values())

    def decimals(self, measure: str) -> int:
        """How many decimals tell the cells apart in a measure."""
        return decimals(self.figures, measure)

    def ranks(self, measure: str) -> dict[CellPlace, float]:
        """Where each cell stands in a measure."""
        return ranks(self.figures, measure)
