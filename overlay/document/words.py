"""How the words of a recipe are heard, and things of theirs that a hand has moved."""

from typing import Annotated, Any, Literal

from pydantic import Field, field_validator, model_validator

from overlay.document.part import Double, Part, Unit, tuples
from overlay.words.language.grammar import read_prompt

Unknown = Literal["refuse", "skip"]
_Place = Annotated[float, Field(ge=-1, le=2)]
MOST_PLACED = 64


class Words(Part):
    """The words as a cue: how much and when they are heard, and where.

    Muted words are as if there were none. `contours` is the weight of the drawn scene's true
    contours as a guide.
    """

    weight: Double = 1.0
    muted: bool = False
    enter: Unit = 0.0
    leave: Unit = 1.0
    fade_in: Unit = 0.0
    fade_out: Unit = 0.0
    contours: Double = 0.5
    region: str | None = None

    @model_validator(mode="after")
    def _enters_first(self) -> "Words":
        if self.enter >= self.leave:
            raise ValueError(f"enter must be less than leave ({self.leave}), got {self.enter}")
        return self


class PlacedThing(Part):
    """A thing set by hand: its foot as shares of the picture's width and height, its height as a
    share of the picture's, and degrees it is turned by."""

    thing: Annotated[str, Field(min_length=1, max_length=60)]
    at: tuple[_Place, _Place]
    size: Annotated[float, Field(ge=0.01, le=4)]
    turn: Annotated[float, Field(ge=-180, le=180)] = 0.0

    @field_validator("at", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)


def check_prompt(text: str) -> str:
    """`text` if it can be a prompt; raises `ValueError` in one line."""
    read_prompt(text)
    return text
