"""Strokes: what the hand draws on pictures, maps and regions.

Points lie on a grid far finer than pixels. In JSON the points of a short stroke are pairs of
numbers, those of a long one are packed (`packed`), so that what is drawn all day can be read again.
"""

from functools import cached_property
from typing import Annotated, Any, Literal

import numpy as np
from pydantic import FailFast, Field, field_serializer, field_validator, model_validator

from overlay.document.part import Part, Unit, tuples
from overlay.document.text.packed import on_grid, pack_shares, unpack_shares
from overlay.regions.thinning import MOST_POINTS

MOST_STROKES = 1024  # of a map or a region
_PLAIN = 16  # points up to which they are written as numbers

Point = tuple[Unit, Unit]
Points = Annotated[tuple[Point, ...], FailFast(), Field(min_length=1, max_length=MOST_POINTS)]
Pressures = Annotated[tuple[Unit, ...], FailFast(), Field(max_length=MOST_POINTS)]


class Stroke(Part):
    """A stroke over a picture: a line through points, as wide as `size`.

    Points are shares of the picture's width and height, the size one of its longer side.
    """

    points: Points
    size: Annotated[float, Field(gt=0, le=1)] = 0.05

    @field_validator("points", mode="before", json_schema_input_type=list[Point] | str)
    @classmethod
    def _points_listed(cls, value: Any) -> Any:
        if isinstance(value, str):
            shares = unpack_shares(value, 2)
            return tuple(zip(shares[::2], shares[1::2], strict=True))
        if isinstance(value, list) and all(type(point) is list for point in value):
            return tuple(map(tuple, value))
        return value

    @field_validator("points")
    @classmethod
    def _points_on_grid(cls, value: tuple[Point, ...]) -> tuple[Point, ...]:
        shares = on_grid(share for point in value for share in point)
        return tuple(zip(shares[::2], shares[1::2], strict=True))

    @field_serializer("points", when_used="json")
    def _points_written(self, value: tuple[Point, ...]) -> Any:
        return self.packed if len(value) > _PLAIN else value

    @cached_property
    def packed(self) -> str:
        """The points packed; found once, since a stroke never changes."""
        return pack_shares(share for point in self.points for share in point)

    @property
    def room(self) -> int:
        """How many points it counts for where their number is limited."""
        return len(self.points)

    @property
    def work(self) -> float:
        """How many times drawing it goes over the whole picture."""
        return self.cover

    @cached_property
    def cover(self) -> float:
        """How many times it covers the whole picture, each piece of its line by itself."""
        points = np.array(self.points)
        lengths = np.hypot(*np.diff(points, axis=0).T) if len(points) > 1 else np.zeros(1)
        return float(np.minimum(2 * self.size * (lengths + self.size), 1).sum())


class MapStroke(Stroke):
    """A stroke on a guide's map.

    Attributes
    ----------
    value : what the map is to be there; for lines 1 draws and 0 erases, for depth 1 is near.
    fill : whether the outline that the points draw is filled.
    pressures : share of the size at each point, where a pen told it.
    """

    value: Unit = 1.0
    fill: bool = False
    pressures: Pressures = ()

    @field_validator("pressures", mode="before", json_schema_input_type=list[Unit] | str)
    @classmethod
    def _pressures_listed(cls, value: Any) -> Any:
        return tuple(unpack_shares(value, 1)) if isinstance(value, str) else tuples(value)

    @field_validator("pressures")
    @classmethod
    def _pressures_on_grid(cls, value: tuple[float, ...]) -> tuple[float, ...]:
        return tuple(on_grid(value))

    @field_serializer("pressures", when_used="json")
    def _pressures_written(self, value: tuple[float, ...]) -> Any:
        return pack_shares(value) if len(value) > _PLAIN else value

    @model_validator(mode="after")
    def _one_each(self) -> "MapStroke":
        if self.pressures and len(self.pressures) != len(self.points):
            raise ValueError(
                f"pressures must be one for each of {len(self.points)} points, "
                f"got {len(self.pressures)}"
            )
        return self

    @property
    def room(self) -> int:
        """As of any stroke; a pressure takes half the room of a point."""
        return len(self.points) + (len(self.pressures) + 1) // 2

    @property
    def work(self) -> float:
        """As of any stroke; an outline is filled at once."""
        return 1.0 if self.fill else self.cover


class RegionStroke(MapStroke):
    """A stroke that adds to a region (value 1) or takes away (0).

    Attributes
    ----------
    soft : share of the brush over which its rim falls.
    ramp : instead of a line, a transition from all at the first point to nothing at the second:
        across the picture, or around the first.
    """

    soft: Unit = 0.0
    ramp: Literal["linear", "radial"] | None = None

    @model_validator(mode="after")
    def _two_ends(self) -> "RegionStroke":
        if self.ramp is not None and len(self.points) != 2:
            raise ValueError(f"points of a ramp must be two, got {len(self.points)}")
        return self
