"""Editions of a project: one recipe over many rows of sources, words, references or settings."""

from math import prod
from typing import Annotated, Any

from pydantic import FailFast, Field, field_validator, model_validator

from overlay.document.part import Name, Part, Unit, shown, tuples
from overlay.document.recipe import Recipe
from overlay.document.sets.even import USUAL_EVEN, check_colours
from overlay.document.sets.sheets import Axis, Key, is_plain

MOST_ROWS = 10_000
MOST_COLUMNS = 32
MOST_EDITIONS = 50
MOST_CROSSED = 6
USUAL_NAME = "{n:02}"

Values = Annotated[dict[Key, Any], Field(max_length=MOST_COLUMNS)]
NamePattern = Annotated[str, Field(min_length=1, max_length=200)]


class Edition(Part):
    """A set of pictures from one recipe.

    Attributes
    ----------
    title : what it is called in its project.
    rows : what each lays over the recipe: settings by their dotted keys, words for blanks by their
        names. One that lacks a column that others have keeps the recipe's own.
    cross : columns whose every value goes with every row, the first changing slowest.
    even : 0 each picture's own tints, 1 those found over the whole set.
    name : how files are called, see `studio.editions.naming`.
    colours : of all its sources, once they were found; see `even.Even`.
    """

    title: Name
    recipe: Recipe
    rows: Annotated[tuple[Values, ...], FailFast(), Field(max_length=MOST_ROWS)] = ()
    cross: Annotated[tuple[Axis, ...], FailFast(), Field(max_length=MOST_CROSSED)] = ()
    even: Unit = USUAL_EVEN
    name: NamePattern = USUAL_NAME
    colours: str | None = None

    @field_validator("rows", "cross", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)

    @field_validator("rows")
    @classmethod
    def _plain(cls, rows: tuple[Values, ...]) -> tuple[Values, ...]:
        for number, row in enumerate(rows, 1):
            for key, value in row.items():
                if not is_plain(value):
                    raise ValueError(
                        f"{number}.{key} must be a number, words, yes or no, got {shown(value)}"
                    )
        return tuple({key: tuples(value) for key, value in row.items()} for row in rows)

    @field_validator("colours")
    @classmethod
    def _readable(cls, value: str | None) -> str | None:
        return None if value is None else check_colours(value)

    @model_validator(mode="after")
    def _fits(self) -> "Edition":
        crossed = [axis.key for axis in self.cross]
        for i, key in enumerate(crossed):
            if key in crossed[:i]:
                raise ValueError(f"cross may have a column once, got {key} twice")
        twice = next((key for row in self.rows for key in row if key in crossed), None)
        if twice is not None:
            raise ValueError(f"cross must have other columns than rows, got {twice} in both")
        if self.count > MOST_ROWS:
            raise ValueError(f"an edition may have {MOST_ROWS} rows, got {self.count}")
        return self

    @property
    def count(self) -> int:
        """How many pictures it has."""
        if not self.rows and not self.cross:
            return 0
        return max(len(self.rows), 1) * prod(len(axis.values) for axis in self.cross)

    @property
    def columns(self) -> tuple[str, ...]:
        """Everything that changes from row to row, in the order it first stands there."""
        found = {key: None for row in self.rows for key in row}
        return (*found, *(axis.key for axis in self.cross))

    def values(self, index: int) -> dict[str, Any]:
        """What a picture lays over the recipe, by its place from 0."""
        chosen: dict[str, Any] = {}
        for axis in reversed(self.cross):
            index, place = divmod(index, len(axis.values))
            chosen[axis.key] = axis.values[place]
        own = self.rows[index] if self.rows else {}
        return own | dict(reversed(chosen.items()))

    def written_out(self) -> "Edition":
        """The same pictures with a row for each, so that each can have something of its own."""
        rows = tuple(self.values(i) for i in range(self.count))
        return self.model_copy(update={"rows": rows, "cross": ()})
