"""The recipe: everything a proof needs, as validated data (see `docs/recipe.md`)."""

from collections import Counter
from collections.abc import Iterable
from typing import Annotated, Any, Literal

from pydantic import FailFast, Field, field_validator, model_validator

from overlay.document.guide_options import GUIDE_OPTIONS, options_fault
from overlay.document.part import Double, FilePath, Name, Part, Unit, Version, tuples
from overlay.document.strokes import MOST_STROKES, MapStroke, RegionStroke, Stroke
from overlay.imaging.colour import hex_to_srgb
from overlay.regions.pick_words import check_pick

Shift = Annotated[float, Field(ge=-2, le=2)]

GUIDES = ("edges", "outline", "lines", "depth", "blocks", "pose")
GuideKind = Literal["edges", "outline", "lines", "depth", "blocks", "pose"]

BLANK = "blank"  # what a map to draw on is made of
OWN_ENGINE = "patches"
SMALLEST_SIDE, MOST_PIXELS, LONGEST_ASPECT = 64, 16_777_216, 8.0
DEFAULT_PIXELS = 786_432
MOST_CUES = MOST_REGIONS = 256
MOST_POINTS = 200_000  # of all strokes; they then still fit into what is read again
MOST_COVER = 4000  # times that strokes may go over the picture; more takes minutes to draw


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


Others = Annotated[tuple[Name, ...], Field(max_length=64)]


class Region(Part):
    """A named soft mask, made of a picture, a pick or nothing, and shaped in this order.

    Attributes
    ----------
    mask : a picture, white is inside.
    pick : what is found in the source, see `regions.pick_words`.
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
        return None if value is None else check_pick(value)

    @model_validator(mode="after")
    def _one_ground(self) -> "Region":
        if self.mask is not None and self.pick is not None:
            raise ValueError("must have a mask or a pick, got both")
        return self

    @property
    def others(self) -> tuple[str, ...]:
        """The regions it is combined with."""
        return (*self.unite, *self.subtract, *self.intersect)


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


class Pass(Part):
    """A stage after the base pass."""

    kind: Literal["settle"]
    departure: Unit = 0.2
    rim_of: str | None = None


class Recipe(Part):
    """Everything a proof needs."""

    overlay: Annotated[Literal[1], Version] = 1
    size: tuple[int, int] | None = None
    seed: Annotated[int, Field(ge=0, le=2**53)] = 0
    steps: Annotated[int, Field(ge=1, le=200)] = 16
    departure: Unit = 0.75
    guidance: Annotated[float, Field(ge=0, le=10)] = 1.0
    source: FilePath | None = None
    prompt: str = ""
    avoid: str = ""
    regions: Annotated[dict[Name, Region], Field(max_length=MOST_REGIONS)] = Field(
        default_factory=dict
    )
    cues: Annotated[tuple[Cue, ...], FailFast(), Field(max_length=MOST_CUES)] = ()
    blend: Literal["share", "mix"] = "share"
    engine: Name = OWN_ENGINE
    within: str | None = None
    passes: Annotated[tuple[Pass, ...], FailFast(), Field(max_length=16)] = ()

    @field_validator("size", "cues", "passes", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)

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
        name, times = (Counter(cue.name for cue in self.cues).most_common(1) or [("", 0)])[0]
        if times > 1:
            raise ValueError(f"cue names must differ, got {name!r} {times} times")
        wanted: list[tuple[str, str | None]] = [
            (f"cues.{i}.region", cue.region) for i, cue in enumerate(self.cues)
        ]
        wanted += [("within", self.within)]
        wanted += [(f"passes.{i}.rim_of", p.rim_of) for i, p in enumerate(self.passes)]
        for key, region in wanted:
            if region is not None and region not in self.regions:
                raise ValueError(
                    f"{key} must name a region (there are: {_listed(self.regions)}), got {region!r}"
                )
        return self

    @model_validator(mode="after")
    def _regions_follow(self) -> "Recipe":
        guides = [cue.name for cue in self.cues if cue.guide is not None and cue.guide != "blocks"]
        before: dict[str, None] = {}
        for name, made in self.regions.items():
            for other in made.others:
                if other not in before:
                    raise ValueError(
                        f"regions.{name} may be combined with regions before it "
                        f"({_listed(before)}), got {other!r}"
                    )
            before[name] = None
            if made.guide is not None and made.guide not in guides:
                raise ValueError(
                    f"regions.{name}.guide must name a guide with contours "
                    f"(there are: {_listed(guides)}), got {made.guide!r}"
                )
        return self

    @model_validator(mode="after")
    def _strokes_end(self) -> "Recipe":
        drawn: dict[str, tuple[Stroke, ...]] = {
            f"regions.{name}.strokes": region.strokes for name, region in self.regions.items()
        }
        for i, cue in enumerate(self.cues):
            drawn |= {f"cues.{i}.strokes": cue.strokes, f"cues.{i}.keep_out": cue.keep_out}
        points, cover = 0, 0.0
        for key, strokes in drawn.items():
            points += sum(stroke.room for stroke in strokes)
            cover += sum(stroke.work for stroke in strokes)
            if points > MOST_POINTS:
                raise ValueError(
                    f"{key}: all strokes together may have {MOST_POINTS} points, got {points}"
                )
            if cover > MOST_COVER:
                raise ValueError(
                    f"{key}: all strokes together may go over the picture {MOST_COVER} times, "
                    f"got {cover:.0f}"
                )
        return self


def _listed(names: Iterable[str]) -> str:
    """Names for a refusal, the first of them where there are many."""
    shown = list(names)
    more = f" and {len(shown) - 8} more" if len(shown) > 8 else ""
    return (", ".join(shown[:8]) or "none") + more
