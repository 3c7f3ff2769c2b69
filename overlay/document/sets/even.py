"""What a proof has in common with the others of its edition."""

from typing import Annotated

from pydantic import Field, field_validator

from overlay.document.part import Part, Unit
from overlay.document.text.packed import unpack_colours

# Shared wholly, the colours of things stay the same but the set parts into differently tinted
# pictures; own ones are the most alike but let a blue sky turn cream in one of them.
USUAL_EVEN = 0.35
FEWEST_COLOURS, MOST_COLOURS = 16, 8192


class Even(Part):
    """How far what a set makes uneven is decided for the whole set, and by which colours.

    Attributes
    ----------
    amount : 0 each picture's own tints, 1 those found over all sources of the set.
    colours : of all these sources in equal parts, see `text.packed`.
    """

    amount: Unit
    colours: Annotated[str, Field(max_length=4 * MOST_COLOURS)]

    @field_validator("colours")
    @classmethod
    def _readable(cls, value: str) -> str:
        return check_colours(value)


def check_colours(text: str) -> str:
    """`text` if it holds the colours of a set; raises `ValueError`."""
    count = len(unpack_colours(text))
    if not FEWEST_COLOURS <= count <= MOST_COLOURS:
        raise ValueError(f"must be {FEWEST_COLOURS} to {MOST_COLOURS} colours, got {count}")
    return text
