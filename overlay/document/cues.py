"""Cues of a recipe: one influence each, what it takes and when it counts.

Their kinds are types, told apart by the key that each has of its own.
"""

from collections.abc import Iterable
from typing import Annotated, Any, ClassVar, Literal, TypeVar

from pydantic import (
    BeforeValidator,
    Discriminator,
    FailFast,
    Field,
    Tag,
    field_validator,
    model_validator,
)

from overlay.document.guide_options import GUIDE_OPTIONS, options_fault
from overlay.document.part import Double, FilePath, Name, Part, Unit, default_of, tuples
from overlay.document.strokes import MOST_STROKES, MapStroke, Stroke
from overlay.imaging.colour import hex_to_srgb

C = TypeVar("C", bound="Influence")
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


class Influence(Part):
    """What all cues have: a name, a weight, a span of the run, a region."""

    kind: ClassVar[str]

    name: Name
    weight: Double = 1.0
    enter: Unit = 0.0
    leave: Unit = 1.0
    fade_in: Unit = 0.0
    fade_out: Unit = 0.0
    region: str | None = None
    invert_region: bool = False
    muted: bool = False

    @model_validator(mode="after")
    def _enters_first(self) -> "Influence":
        if self.enter >= self.leave:
            raise ValueError(f"enter must be less than leave ({self.leave}), got {self.enter}")
        return self


class StyleInfluence(Influence):
    """What references and swatches have: facets, and a size of marks."""

    facets: Facets | None = None
    # Swatches had it from the start; it says nothing there.
    scale: Annotated[float, Field(ge=0.25, le=4)] = 1.0

    @property
    def active_facets(self) -> Facets:
        """The facets, or the balance that stands for none given."""
        return BALANCES["manner"] if self.facets is None else self.facets


class ReferenceCue(StyleInfluence):
    """A picture, for its manner, its arrangement, its likeness."""

    kind: ClassVar[str] = "reference"

    reference: FilePath
    take: tuple[Unit, Unit, Unit, Unit] = (0.0, 0.0, 1.0, 1.0)
    keep_out: Annotated[tuple[Stroke, ...], FailFast(), Field(max_length=MOST_STROKES)] = ()
    mirror: bool = True
    turns: bool = False
    sharpen: Double = 0.0
    levels: tuple[Unit, Unit] = (0.0, 1.0)
    place: Place = Place()

    @field_validator("take", "keep_out", "levels", mode="before")
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


class SwatchesCue(StyleInfluence):
    """Colours, for a palette."""

    kind: ClassVar[str] = "swatches"

    swatches: Annotated[tuple[str, ...], Field(min_length=1, max_length=64)]

    @field_validator("swatches", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)

    @field_validator("swatches")
    @classmethod
    def _hex(cls, value: tuple[str, ...]) -> tuple[str, ...]:
        for colour in value:
            hex_to_srgb(colour)
        return value


class GuideCue(Influence):
    """A structure map that is held."""

    kind: ClassVar[str] = "guide"

    guide: GuideKind
    of: FilePath = "source"
    map: FilePath | None = None
    options: dict[str, Any] = Field(default_factory=dict)
    strokes: Annotated[tuple[MapStroke, ...], FailFast(), Field(max_length=MOST_STROKES)] = ()

    @field_validator("strokes", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)

    @model_validator(mode="after")
    def _knows_its_options(self) -> "GuideCue":
        fault = options_fault(self.guide, self.options)
        if fault is not None:
            raise ValueError(fault)
        return self

    @property
    def settings(self) -> Any:
        """Its options, whole."""
        return GUIDE_OPTIONS[self.guide].model_validate(self.options)

    @property
    def holds_contours(self) -> bool:
        """Whether a region may heed it: blocks alone have no lines."""
        return self.guide != "blocks"


class AvoidedCue(Influence):
    """A picture whose like is kept away."""

    kind: ClassVar[str] = "avoided"

    avoided: FilePath
    blur: Annotated[float, Field(ge=0, le=64)] = 0.0


CUE_TYPES: tuple[type[Influence], ...] = (ReferenceCue, SwatchesCue, GuideCue, AvoidedCue)
KINDS = tuple(made.kind for made in CUE_TYPES)


def _told_apart(value: Any) -> Any:
    """Plain data of exactly one kind, without keys of others that say nothing there."""
    if not isinstance(value, dict):
        return value
    kinds = [kind for kind in KINDS if value.get(kind) is not None]
    if len(kinds) != 1:
        found = " and ".join(kinds) or "none"
        raise ValueError(f"must be exactly one of {', '.join(KINDS)}, got {found}")
    own = next(made for made in CUE_TYPES if made.kind == kinds[0]).model_fields
    return {k: v for k, v in value.items() if k in own or not _is_silent(k, v, kinds[0])}


def _is_silent(key: str, value: Any, kind: str) -> bool:
    """Whether a key of another kind says nothing; raises `ValueError` where it does."""
    owners = [made for made in CUE_TYPES if key in made.model_fields]
    if not owners:
        return False  # of no kind: refused as unknown
    if key not in KINDS and tuples(value) != default_of(owners[0], key):
        names = " and ".join(owner.kind for owner in owners)
        raise ValueError(f"{key} belongs to {names} cues, got it in a {kind} cue")
    return True


def _kind_of(value: Any) -> str | None:
    if isinstance(value, dict):
        return next((kind for kind in KINDS if value.get(kind) is not None), None)
    return getattr(value, "kind", None)


Cue = ReferenceCue | SwatchesCue | GuideCue | AvoidedCue

# A cue as plain data: its kind goes by the key that is its own.
AnyCue = Annotated[
    Annotated[ReferenceCue, Tag("reference")]
    | Annotated[SwatchesCue, Tag("swatches")]
    | Annotated[GuideCue, Tag("guide")]
    | Annotated[AvoidedCue, Tag("avoided")],
    Discriminator(_kind_of),
    BeforeValidator(_told_apart),
]


def cues_of(cues: Iterable[Cue], kind: type[C], *, heard: bool = True) -> list[C]:
    """Those of a kind, in order; muted ones left out unless `heard` is False."""
    return [cue for cue in cues if isinstance(cue, kind) and not (heard and cue.muted)]
