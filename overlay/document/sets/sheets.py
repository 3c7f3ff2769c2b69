"""Proof sheets of a project: which settings are varied, over which values."""

from typing import Annotated, Any

from pydantic import Field, field_validator, model_validator

from overlay.document.part import Name, Part, shown, tuples
from overlay.document.recipe import Recipe

MOST_CELLS = 400
MOST_SHEETS = 200
TRIAL_PIXELS = 262_144  # a quarter of a megapixel
# Not a key of a recipe: which of the cues is left out. Its values are their names, and null.
WITHOUT = "without"

Key = Annotated[str, Field(min_length=1, max_length=400)]


class Axis(Part):
    """One setting, by its dotted key, and the values it goes through."""

    key: Key
    values: Annotated[tuple[Any, ...], Field(min_length=1, max_length=MOST_CELLS)]

    @field_validator("values", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)

    @field_validator("values")
    @classmethod
    def _plain(cls, value: tuple[Any, ...]) -> tuple[Any, ...]:
        for one in value:
            if not is_plain(one):
                raise ValueError(f"values must be numbers, words, yes or no, got {shown(one)}")
        for i, one in enumerate(value):
            if any(_same(one, other) for other in value[:i]):
                raise ValueError(f"{shown(one)} may stand once, got it twice")
        return value


class ProofSheet(Part):
    """A grid of proofs: everything as in its recipe, but for what is varied.

    Attributes
    ----------
    recipe : as the sheet was pulled last; with a project its paths are absolute.
    pixels : how large cells are, or None for the recipe's own size.
    """

    name: Name
    across: Axis
    down: Axis | None = None
    pixels: Annotated[int, Field(ge=4096, le=16_777_216)] | None = TRIAL_PIXELS
    recipe: Recipe

    @property
    def columns(self) -> int:
        """How many cells lie beside each other."""
        return len(self.across.values)

    @property
    def rows(self) -> int:
        """How many cells lie below each other."""
        return 1 if self.down is None else len(self.down.values)

    @model_validator(mode="after")
    def _fits(self) -> "ProofSheet":
        if self.down is not None and self.down.key == self.across.key:
            raise ValueError(f"down must be another setting than across, got {self.down.key} twice")
        if self.rows * self.columns > MOST_CELLS:
            raise ValueError(
                f"a sheet may have {MOST_CELLS} cells, "
                f"got {self.columns}x{self.rows} = {self.rows * self.columns}"
            )
        return self


def is_plain(value: Any) -> bool:
    """Whether a value can be one of a setting: none, yes or no, a number, words, a few of them."""
    if isinstance(value, tuple):
        return len(value) <= 8 and all(is_plain(one) for one in value)
    return value is None or isinstance(value, bool | int | float | str)


def _same(one: Any, other: Any) -> bool:
    """Whether two values are one; yes is not the number 1."""
    return bool(one == other) and isinstance(one, bool) == isinstance(other, bool)
