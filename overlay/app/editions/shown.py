"""What the room shows of an edition: its rows as they come, and how even they are."""

from dataclasses import dataclass, field
from enum import Enum

from cachetools import LRUCache
from PySide6.QtGui import QImage

from overlay.document.sets.editions import Edition
from overlay.studio.editions.edits import all_columns
from overlay.studio.editions.figures import RowTraits, SetFigures, mean_evenness, mean_sameness

MOST_IMAGES = 1000  # small pictures that are held; others are read again from the shelf


class Stage(Enum):
    """How far a row has come."""

    MISSING = "not pulled"
    WAITING = "waits"
    RUNNING = "running"
    THERE = "there"
    FAILED = "failed"


@dataclass
class ShownRow:
    """One picture.

    Attributes
    ----------
    name : of its file. fraction : how much of its run is done. earlier : whether the picture that
    is seen is of the row as it was before.
    """

    stage: Stage = Stage.MISSING
    name: str = ""
    recipe_hash: str = ""
    number: int = 0
    fraction: float = 0.0
    fault: str = ""
    earlier: bool = False


@dataclass
class ShownEdition:
    """An edition with what is known of it; `fault` is why no picture comes, where that is so."""

    edition: Edition
    rows: dict[int, ShownRow] = field(default_factory=dict)
    measured: dict[int, RowTraits] = field(default_factory=dict)
    sets: list[SetFigures] = field(default_factory=list)
    seconds: list[float] = field(default_factory=list)
    fault: str = ""
    images: "LRUCache[int, QImage]" = field(default_factory=lambda: LRUCache(MOST_IMAGES))

    def __post_init__(self) -> None:
        self.columns = all_columns(self.edition)
        self.count = self.edition.count
        self.crossed = frozenset(axis.key for axis in self.edition.cross)

    def row(self, place: int) -> ShownRow:
        """What is known of a picture."""
        return self.rows.setdefault(place, ShownRow())

    def take_over(self, before: "ShownEdition") -> None:
        """Show the pictures of the edition as it was until there are new ones."""
        for place in range(min(self.edition.count, before.edition.count)):
            image = before.images.get(place)
            if image is not None:
                self.images[place] = image
                self.row(place).earlier = True

    @property
    def done(self) -> int:
        """How many pictures are there, or cannot be."""
        return sum(row.stage in (Stage.THERE, Stage.FAILED) for row in self.rows.values())

    @property
    def there(self) -> int:
        """How many pictures are there."""
        return sum(row.stage is Stage.THERE for row in self.rows.values())

    @property
    def evenness(self) -> float | None:
        """The mean over its sets."""
        return mean_evenness(self.sets)

    @property
    def sameness(self) -> float | None:
        """The mean over its sets."""
        return mean_sameness(self.sets)

    def outliers(self) -> dict[int, str]:
        """Pictures that stand out, with what sets them apart."""
        return {s.outlier: s.outlier_says for s in self.sets if s.outlier is not None}
