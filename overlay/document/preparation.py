"""How a picture is made ready: steps that can be taken back and changed at any time."""

from typing import Annotated, Any

from pydantic import Field, ValidationError, field_validator

from overlay.document.cues import check_levels
from overlay.document.part import Part, Unit, tuples
from overlay.document.reading import first_fault
from overlay.document.strokes import Stroke
from overlay.document.text.json_text import RecipeError, parse_json
from overlay.imaging.colour import hex_to_srgb

ASPECTS = {"Free": None, "1:1": 1.0, "4:3": 4 / 3, "3:2": 1.5, "16:9": 16 / 9, "2:3": 2 / 3}


class Paint(Stroke):
    """A stroke in a colour."""

    colour: str

    @field_validator("colour")
    @classmethod
    def _hex(cls, value: str) -> str:
        hex_to_srgb(value)
        return value


class Preparation(Part):
    """What is done to a picture, in this order; strokes lie on the straightened picture.

    Attributes
    ----------
    turns : quarters, clockwise. straighten : degrees, clockwise.
    retouch : strokes that are filled from around them. paint : strokes laid over that.
    crop : left, top, right, bottom as shares of the straightened picture.
    working_size : brought to about 0.8 megapixels, proportions kept.
    """

    turns: Annotated[int, Field(ge=0, le=3)] = 0
    straighten: Annotated[float, Field(ge=-45, le=45)] = 0.0
    retouch: Annotated[tuple[Stroke, ...], Field(max_length=1024)] = ()
    paint: Annotated[tuple[Paint, ...], Field(max_length=4096)] = ()
    crop: tuple[Unit, Unit, Unit, Unit] = (0.0, 0.0, 1.0, 1.0)
    working_size: bool = False
    levels: tuple[Unit, Unit] = (0.0, 1.0)
    sharpen: Annotated[float, Field(ge=0, le=2)] = 0.0

    @field_validator("retouch", "paint", "crop", "levels", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)

    @field_validator("crop")
    @classmethod
    def _some_room(
        cls, value: tuple[float, float, float, float]
    ) -> tuple[float, float, float, float]:
        if value[0] >= value[2] or value[1] >= value[3]:
            raise ValueError(f"must be left, top, right, bottom in order, got {list(value)}")
        return value

    @field_validator("levels")
    @classmethod
    def _dark_before_light(cls, value: tuple[float, float]) -> tuple[float, float]:
        return check_levels(value)


def read_preparation(text: str, where: str) -> tuple[str, Preparation]:
    """The file a prepared picture was made from, and how.

    Raises
    ------
    RecipeError
        In one line.
    """
    data = parse_json(text, where)
    if not isinstance(data, dict) or not isinstance(data.get("of"), str):
        raise RecipeError(f"{where}: of: must name a picture, got nothing")
    try:
        return data["of"], Preparation.model_validate(data.get("steps"))
    except ValidationError as error:
        raise RecipeError(f"{where}: {first_fault(error)}") from error
