"""Regions of a recipe: named soft masks that cues can be tied to."""

from typing import Annotated, Any

from pydantic import FailFast, Field, field_validator, model_validator

from overlay.document.part import FilePath, Name, Part, tuples
from overlay.document.strokes import MOST_STROKES, RegionStroke
from overlay.regions.pick_words import check_pick
from overlay.words.areas import read_areas
from overlay.words.language.lexicon import Lexicon
from overlay.words.language.writing import blanks_of

Others = Annotated[tuple[Name, ...], Field(max_length=64)]


class Region(Part):
    """A named soft mask, made of a picture, a pick or nothing, and shaped in this order.

    Attributes
    ----------
    mask : a picture, white is inside.
    pick : what is found in the source, see `regions.pick_words`; it may have `$blanks`.
    guide : the guide cue whose closed contours `inside` heeds; None for the source's own edges.
    strokes : what is added (value 1) and taken away (0); with a pick they spread like it.
    unite, subtract, intersect : regions before this one.
    fill_holes : whether what is surrounded belongs to it.
    drop_specks : pixels; smaller islands go. smooth : pixels of contour that are evened out.
    refine : whether the rim follows hair and leaves.
    grow, feather : pixels. invert : inside out.
    """

    mask: FilePath | None = None
    pick: str | None = None
    guide: str | None = None
    strokes: Annotated[tuple[RegionStroke, ...], FailFast(), Field(max_length=MOST_STROKES)] = ()
    unite: Others = ()
    subtract: Others = ()
    intersect: Others = ()
    fill_holes: bool = False
    drop_specks: Annotated[int, Field(ge=0, le=1_000_000)] = 0
    smooth: Annotated[float, Field(ge=0, le=64)] = 0
    refine: bool = False
    grow: Annotated[float, Field(ge=-512, le=512)] = 0
    feather: Annotated[float, Field(ge=0, le=512)] = 0
    invert: bool = False

    @field_validator("strokes", "unite", "subtract", "intersect", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)

    @field_validator("pick")
    @classmethod
    def _can_be_picked(cls, value: str | None) -> str | None:
        return None if value is None else _checked(value)

    @model_validator(mode="after")
    def _one_ground(self) -> "Region":
        if self.mask is not None and self.pick is not None:
            raise ValueError("must have a mask or a pick, got both")
        return self

    @property
    def others(self) -> tuple[str, ...]:
        """The regions it is combined with."""
        return (*self.unite, *self.subtract, *self.intersect)


def _checked(pick: str) -> str:
    """A pick in one of the plain forms, with a blank to be filled, or in words (`check_worded`)."""
    if not blanks_of(pick):
        try:
            return check_pick(pick)
        except ValueError:
            if any(sign in pick for sign in "#~@"):
                raise
    return pick


def check_worded(key: str, pick: str | None, lexicon: Lexicon | None) -> None:
    """Raise `ValueError` for a pick in words that are not known, taught ones in `lexicon`."""
    if pick is None or blanks_of(pick):
        return
    try:
        check_pick(pick)
    except ValueError as plain:
        try:
            read_areas(pick, lexicon)
        except ValueError as error:
            raise ValueError(f"{key}: {plain}; or {error}") from error
