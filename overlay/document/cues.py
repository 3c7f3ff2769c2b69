"""Cues of a recipe: one influence each, what it takes and when it counts."""

from typing import Annotated, Any, Literal

from pydantic import FailFast, Field, field_validator, model_validator

from overlay.document.guide_options import GUIDE_OPTIONS, options_fault
from overlay.document.part import Double, FilePath, Name, Part, Unit, tuples
from overlay.document.strokes import MOST_STROKES, MapStroke, Stroke
from overlay.imaging.colour import hex_to_srgb

Shift = Annotated[float, Field(ge=-2, le=2)]

GUIDES = ("edges", "outline", "lines", "depth", "blocks", "pose")
GuideKind = Literal["edges", "outline", "lines", "depth", "blocks", "pose"]

BLANK = "blank"  # what a map to draw on is made of


def check_levels(value: tuple[float, float]) -> tuple[float, float]:
    """Levels if dark comes before light; raises `ValueError`."""
    if value[1] - value[0] < 0.01:
        raise ValueError(f"must be dark, then light, at least 0.01 more, got {list(value)}")
    return value


class Facets(Part):
    """How much of a reference a cue takes."""

    palette: Double = 0.0
    surface: Double = 0.0
    light: Double = 0.0
    layout: Double = 0.0
    likeness: Double = 0.0


# The ready balances: style, composition, everything.
BALANCES = {
    "manner": Facets(palette=1.0, surface=1.0, light=1.0),
    "arrangement": Facets(layout=1.0),
    "whole": Facets(palette=1.0, surface=1.0, light=1.0, layout=1.0, likeness=1.0),
}


class Place(Part):
    """Where a picture lies on the frame, for Layout and Likeness."""

    fit: Literal["fill", "inside", "stretch"] = "fill"
    shift: tuple[Shift, Shift] = (0.0, 0.0)
    scale: Annotated[float, Field(ge=0.05, le=8)] = 1.0

    @field_validator("shift", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)


# What a cue may be, and the keys that belong to one kind alone.
KINDS = ("reference", "swatches", "guide", "avoided")
_OWN_KEYS = {
    "reference": (
        "take", "keep_out", "mirror", "turns", "sharpen", "levels", "place", "scale",
    ),
    "guide": ("of", "map", "options", "strokes"),
    "avoided": ("blur",),
}  # fmt: skip


class Cue(Part):
    """One influence: exactly one of a reference, swatches, a guide or an avoided picture."""

    name: Name
    reference: FilePath | None = None
    swatches: Annotated[tuple[str, ...], Field(min_length=1, max_length=64)] | None = None
    guide: GuideKind | None = None
    avoided: FilePath | None = None
    of: FilePath = "source"
    map: FilePath | None = None
    options: dict[str, Any] = Field(default_factory=dict)
    strokes: Annotated[tuple[MapStroke, ...], FailFast(), Field(max_length=MOST_STROKES)] = ()
    facets: Facets | None = None
    weight: Double = 1.0
    enter: Unit = 0.0
    leave: Unit = 1.0
    fade_in: Unit = 0.0
    fade_out: Unit = 0.0
    region: str | None = None
    invert_region: bool = False
    scale: Annotated[float, Field(ge=0.25, le=4)] = 1.0
    take: tuple[Unit, Unit, Unit, Unit] = (0.0, 0.0, 1.0, 1.0)
    keep_out: Annotated[tuple[Stroke, ...], FailFast(), Field(max_length=MOST_STROKES)] = ()
    mirror: bool = True
    turns: bool = False
    sharpen: Double = 0.0
    levels: tuple[Unit, Unit] = (0.0, 1.0)
    place: Place = Place()
    blur: Annotated[float, Field(ge=0, le=64)] = 0.0
    muted: bool = False

    @field_validator("swatches", "take", "keep_out", "levels", "strokes", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)

    @field_validator("take")
    @classmethod
    def _some_room(
        cls, value: tuple[float, float, float, float]
    ) -> tuple[float, float, float, float]:
        left, top, right, bottom = value
        if left >= right or top >= bottom:
            raise ValueError(
                f"must be left, top, right, bottom with left < right and top < bottom, "
                f"got {list(value)}"
            )
        return value

    @field_validator("levels")
    @classmethod
    def _dark_before_light(cls, value: tuple[float, float]) -> tuple[float, float]:
        return check_levels(value)

    @field_validator("swatches")
    @classmethod
    def _hex(cls, value: tuple[str, ...] | None) -> tuple[str, ...] | None:
        for colour in value or ():
            hex_to_srgb(colour)
        return value

    @model_validator(mode="after")
    def _one_kind(self) -> "Cue":
        kinds = [k for k in KINDS if getattr(self, k) is not None]
        if len(kinds) != 1:
            found = " and ".join(kinds) or "none"
            raise ValueError(f"must be exactly one of {', '.join(KINDS)}, got {found}")
        if self.enter >= self.leave:
            raise ValueError(f"enter must be less than leave ({self.leave}), got {self.enter}")
        for owner, keys in _OWN_KEYS.items():
            for key in keys:
                # Swatches had a size of marks from the start; it says nothing there.
                unset = type(self).model_fields[key].get_default(call_default_factory=True)
                if owner == kinds[0] or (key == "scale" and kinds[0] == "swatches"):
                    continue
                if getattr(self, key) != unset:
                    raise ValueError(f"{key} belongs to {owner} cues, got it in a {kinds[0]} cue")
        if self.guide is not None:
            fault = options_fault(self.guide, self.options)
            if fault is not None:
                raise ValueError(fault)
        if kinds[0] in ("guide", "avoided") and self.facets is not None:
            raise ValueError(
                f"facets belong to reference and swatches cues, got them in a {kinds[0]} cue"
            )
        return self

    @property
    def settings(self) -> Any:
        """A guide's options, whole."""
        assert self.guide is not None
        return GUIDE_OPTIONS[self.guide].model_validate(self.options)

    @property
    def kind(self) -> str:
        """`reference`, `swatches`, `guide` or `avoided`."""
        return next(k for k in KINDS if getattr(self, k) is not None)

    @property
    def active_facets(self) -> Facets:
        """The facets, or the balance that stands for none given."""
        if self.facets is not None:
            return self.facets
        return BALANCES["manner"]
