"""How even an edition is: its pictures measured one by one, and each of its sets as a whole.

Where a manner is crossed with the rows, every manner makes a set of its own: six plates as tiles
and the same six as lino cuts are two sets, and no fault of each other.
"""

from collections.abc import Mapping
from dataclasses import dataclass
from typing import Any, NamedTuple

from overlay.document.sets.editions import Edition
from overlay.imaging.colour import ByteImage, srgb_to_work
from overlay.measures.evenness import Evenness, Traits, evenness, traits_of
from overlay.measures.sameness import Turned, sameness, turned
from overlay.studio.sheets.axes import say
from overlay.studio.sheets.settings import Setting, find_setting


class RowTraits(NamedTuple):
    """What is compared of one picture; `turned` is None without a source."""

    traits: Traits
    turned: Turned | None


def row_traits(picture: ByteImage, source: ByteImage | None) -> RowTraits:
    """A picture measured, (h, w, 3) uint8 sRGB; its source if that has the same size."""
    work = srgb_to_work(picture)
    if source is None or source.shape != picture.shape:
        return RowTraits(traits_of(work), None)
    return RowTraits(traits_of(work), turned(srgb_to_work(source), work))


@dataclass(frozen=True)
class SetFigures:
    """One set of an edition.

    Attributes
    ----------
    title : what it has of its own; empty where there is but one. rows : their places from 0.
    sameness : OKLab, 0 is always the same; None where no colour is in two of its sources.
    """

    title: str
    rows: tuple[int, ...]
    evenness: Evenness
    sameness: float | None

    @property
    def outlier(self) -> int | None:
        """The row that stands out, or None."""
        place = self.evenness.outlier
        return None if place is None else self.rows[place]

    @property
    def outlier_says(self) -> str:
        """What sets it apart."""
        place = self.evenness.outlier
        return "" if place is None else self.evenness.says(place)

    def report(self) -> dict[str, Any]:
        """As the report has it; rows are counted from 1."""
        outlier = self.outlier
        return {
            "set": self.title,
            "rows": [row + 1 for row in self.rows],
            "evenness": round(self.evenness.value, 1),
            "sameness": None if self.sameness is None else round(self.sameness, 4),
            "outlier": None if outlier is None else {"row": outlier + 1, "is": self.outlier_says},
        }


def set_figures(edition: Edition, measured: Mapping[int, RowTraits]) -> list[SetFigures]:
    """The figures of every set of which two pictures are there."""
    found = []
    for title, places in _sets(edition).items():
        rows = [i for i in places if i in measured]
        if len(rows) < 2:
            continue
        apart = [t for i in rows if (t := measured[i].turned) is not None]
        even = evenness([measured[i].traits for i in rows])
        found.append(SetFigures(title, tuple(rows), even, sameness(apart)))
    return found


def mean_evenness(sets: list[SetFigures]) -> float | None:
    """That of the edition: the mean over its sets; None where there are none."""
    return sum(s.evenness.value for s in sets) / len(sets) if sets else None


def mean_sameness(sets: list[SetFigures]) -> float | None:
    """The mean sameness of those sets that have one."""
    known = [s.sameness for s in sets if s.sameness is not None]
    return sum(known) / len(known) if known else None


def _sets(edition: Edition) -> dict[str, list[int]]:
    """Places of rows by what their set has of its own: the values of crossed cues."""
    manners = [axis.key for axis in edition.cross if axis.key.startswith("cues.")]
    found: dict[str, list[int]] = {}
    for index in range(edition.count):
        values = edition.values(index)
        title = ", ".join(value_said(edition, key, values[key]) for key in manners)
        found.setdefault(title, []).append(index)
    return found


def value_said(edition: Edition, key: str, value: Any) -> str:
    """A row's value as people say it."""
    setting = find_setting(edition.recipe, key) or Setting(key, "", key, "words", None)
    said = say(value, setting)
    return said.rpartition(".")[0] or said if setting.kind == "picture" else said
