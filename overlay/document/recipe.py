"""The recipe: everything a proof needs, as validated data (see `docs/recipe.md`)."""

from typing import Annotated, Any, Literal

from pydantic import BaseModel, ConfigDict, Field, field_validator, model_validator

from overlay.imaging.colour import hex_to_srgb

Unit = Annotated[float, Field(ge=0, le=1)]
Double = Annotated[float, Field(ge=0, le=2)]

GUIDES = ("edges", "outline", "lines", "depth", "blocks", "pose")
GuideKind = Literal["edges", "outline", "lines", "depth", "blocks", "pose"]

SMALLEST_SIDE, MOST_PIXELS, LONGEST_ASPECT = 64, 16_777_216, 8.0
DEFAULT_PIXELS = 786_432


class _Part(BaseModel):
    """Strict data: unknown keys are refused, values are never bent to fit, nothing changes."""

    model_config = ConfigDict(extra="forbid", frozen=True, strict=True, allow_inf_nan=False)


class Facets(_Part):
    """How much of a reference a cue takes."""

    palette: Double = 0.0
    surface: Double = 0.0
    light: Double = 0.0
    layout: Double = 0.0
    likeness: Double = 0.0


class Region(_Part):
    """A named soft mask."""

    mask: Annotated[str, Field(min_length=1)]
    grow: Annotated[float, Field(ge=-512, le=512)] = 0
    feather: Annotated[float, Field(ge=0, le=512)] = 0
    invert: bool = False


class EdgeSettings(_Part):
    """Options of the guide `edges`."""

    low: Unit = 0.08
    high: Unit = 0.2
    sigma: Annotated[float, Field(ge=0.5, le=8)] = 1.2

    @model_validator(mode="after")
    def _ordered(self) -> "EdgeSettings":
        if self.low > self.high:
            raise ValueError(f"low must be at most high ({self.high}), got {self.low}")
        return self


class Cue(_Part):
    """One influence: exactly one of a reference, swatches or a guide, and how it acts."""

    name: Annotated[str, Field(min_length=1, max_length=80)]
    reference: Annotated[str, Field(min_length=1)] | None = None
    swatches: Annotated[tuple[str, ...], Field(min_length=1, max_length=64)] | None = None
    guide: GuideKind | None = None
    of: Annotated[str, Field(min_length=1)] = "source"
    map: Annotated[str, Field(min_length=1)] | None = None
    options: dict[str, Any] = Field(default_factory=dict)
    facets: Facets | None = None
    weight: Double = 1.0
    enter: Unit = 0.0
    leave: Unit = 1.0
    fade_in: Unit = 0.0
    fade_out: Unit = 0.0
    region: str | None = None
    invert_region: bool = False
    scale: Annotated[float, Field(ge=0.25, le=4)] = 1.0
    muted: bool = False

    @field_validator("swatches", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuple(value) if isinstance(value, list) else value

    @field_validator("swatches")
    @classmethod
    def _hex(cls, value: tuple[str, ...] | None) -> tuple[str, ...] | None:
        for colour in value or ():
            hex_to_srgb(colour)
        return value

    @model_validator(mode="after")
    def _one_kind(self) -> "Cue":
        kinds = [k for k in ("reference", "swatches", "guide") if getattr(self, k) is not None]
        if len(kinds) != 1:
            found = " and ".join(kinds) or "none"
            raise ValueError(f"must be exactly one of reference, swatches, guide, got {found}")
        if self.enter >= self.leave:
            raise ValueError(f"enter must be less than leave ({self.leave}), got {self.enter}")
        if self.guide is None:
            unset: dict[str, Any] = {"map": None, "of": "source", "options": {}}
            for key, default in unset.items():
                if getattr(self, key) != default:
                    raise ValueError(f"{key} belongs to guides, got it in a {kinds[0]} cue")
        elif self.facets is not None:
            raise ValueError("facets belong to references and swatches, got them in a guide cue")
        return self

    @property
    def kind(self) -> str:
        """`reference`, `swatches` or `guide`."""
        return next(k for k in ("reference", "swatches", "guide") if getattr(self, k) is not None)

    @property
    def active_facets(self) -> Facets:
        """The facets, or the balance that stands for none given."""
        if self.facets is not None:
            return self.facets
        return Facets(palette=1.0, surface=1.0, light=1.0)


class Pass(_Part):
    """A stage after the base pass."""

    kind: Literal["settle"]
    departure: Unit = 0.2
    rim_of: str | None = None


class Recipe(_Part):
    """Everything a proof needs."""

    overlay: Literal[1] = 1
    size: tuple[int, int] | None = None
    seed: Annotated[int, Field(ge=0, le=2**53)] = 0
    steps: Annotated[int, Field(ge=1, le=200)] = 16
    departure: Unit = 0.75
    guidance: Annotated[float, Field(ge=0, le=10)] = 1.0
    source: Annotated[str, Field(min_length=1)] | None = None
    prompt: str = ""
    avoid: str = ""
    regions: dict[str, Region] = Field(default_factory=dict)
    cues: tuple[Cue, ...] = ()
    blend: Literal["share", "mix"] = "share"
    within: str | None = None
    passes: tuple[Pass, ...] = ()

    @field_validator("size", "cues", "passes", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuple(value) if isinstance(value, list) else value

    @field_validator("size")
    @classmethod
    def _possible(cls, value: tuple[int, int] | None) -> tuple[int, int] | None:
        if value is None:
            return value
        width, height = value
        if min(value) < SMALLEST_SIDE or width * height > MOST_PIXELS:
            raise ValueError(
                f"sides must be at least {SMALLEST_SIDE} and the area at most 16 megapixels, "
                f"got {width}x{height}"
            )
        if max(width / height, height / width) > LONGEST_ASPECT:
            raise ValueError(f"the aspect ratio must be 1:8 to 8:1, got {width}x{height}")
        return value

    @model_validator(mode="after")
    def _names_meet(self) -> "Recipe":
        names = [cue.name for cue in self.cues]
        for name in names:
            if names.count(name) > 1:
                raise ValueError(f"cue names must differ, got {name!r} {names.count(name)} times")
        wanted: list[tuple[str, str | None]] = [
            (f"cues.{i}.region", cue.region) for i, cue in enumerate(self.cues)
        ]
        wanted += [("within", self.within)]
        wanted += [(f"passes.{i}.rim_of", p.rim_of) for i, p in enumerate(self.passes)]
        for key, region in wanted:
            if region is not None and region not in self.regions:
                known = ", ".join(self.regions) or "none"
                raise ValueError(f"{key} must name a region (there are: {known}), got {region!r}")
        return self
