"""The recipe: everything a proof needs, as validated data (see `docs/recipe.md`)."""

from collections import Counter
from collections.abc import Iterable
from typing import Annotated, Any, Literal

from pydantic import FailFast, Field, field_validator, model_validator

from overlay.document.cues import AnyCue, GuideCue, ReferenceCue
from overlay.document.part import FilePath, Name, Part, Unit, Version, tuples
from overlay.document.passes import MOST_PASSES, AnyPass, Seed, Settle, check_growth
from overlay.document.regions import Region, check_worded
from overlay.document.sets.even import Even
from overlay.document.strokes import Stroke
from overlay.document.taught import MOST_TAUGHT, Taught, check_taught, lexicon_of
from overlay.document.words import MOST_PLACED, PlacedThing, Unknown, Words, check_prompt

OWN_ENGINE = "patches"
SMALLEST_SIDE, MOST_PIXELS, LONGEST_ASPECT = 64, 16_777_216, 8.0
DEFAULT_PIXELS = 786_432
MOST_CUES = MOST_REGIONS = 256
MOST_POINTS = 200_000  # of all strokes; they then still fit into what is read again
MOST_COVER = 4000  # times that strokes may go over the picture; more takes minutes to draw


class Stray(Part):
    """A small wandering from the recipe's seed towards another one: 0 none, 1 all the way."""

    seed: Seed
    amount: Unit


class Recipe(Part):
    """Everything a proof needs."""

    overlay: Annotated[Literal[1], Version] = 1
    size: tuple[int, int] | None = None
    seed: Seed = 0
    stray: Stray | None = None
    steps: Annotated[int, Field(ge=1, le=200)] = 16
    departure: Unit = 0.75
    guidance: Annotated[float, Field(ge=0, le=10)] = 1.0
    source: FilePath | None = None
    prompt: str = ""
    avoid: str = ""
    words: Words = Words()
    unknown: Unknown = "refuse"
    placed: Annotated[tuple[PlacedThing, ...], FailFast(), Field(max_length=MOST_PLACED)] = ()
    taught: Annotated[tuple[Taught, ...], FailFast(), Field(max_length=MOST_TAUGHT)] = ()
    regions: Annotated[dict[Name, Region], Field(max_length=MOST_REGIONS)] = Field(
        default_factory=dict
    )
    cues: Annotated[tuple[AnyCue, ...], FailFast(), Field(max_length=MOST_CUES)] = ()
    blend: Literal["share", "mix"] = "share"
    engine: Name = OWN_ENGINE
    within: str | None = None
    passes: Annotated[tuple[AnyPass, ...], FailFast(), Field(max_length=MOST_PASSES)] = ()
    even: Even | None = None

    @field_validator("size", "cues", "passes", "placed", "taught", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)

    @field_validator("prompt", "avoid")
    @classmethod
    def _readable(cls, value: str) -> str:
        return check_prompt(value)

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
    def _words_are_known(self) -> "Recipe":
        check_taught(self.taught)
        lexicon = lexicon_of(self.taught)
        for name, region in self.regions.items():
            check_worded(f"regions.{name}.pick", region.pick, lexicon)
        return self

    @model_validator(mode="after")
    def _names_meet(self) -> "Recipe":
        name, times = (Counter(cue.name for cue in self.cues).most_common(1) or [("", 0)])[0]
        if times > 1:
            raise ValueError(f"cue names must differ, got {name!r} {times} times")
        wanted: list[tuple[str, str | None]] = [
            (f"cues.{i}.region", cue.region) for i, cue in enumerate(self.cues)
        ]
        wanted += [("within", self.within), ("words.region", self.words.region)]
        wanted += [
            (f"passes.{i}.rim_of", p.rim_of)
            for i, p in enumerate(self.passes)
            if isinstance(p, Settle)
        ]
        for key, region in wanted:
            if region is not None and region not in self.regions:
                raise ValueError(
                    f"{key} must name a region (there are: {_listed(self.regions)}), got {region!r}"
                )
        return self

    @model_validator(mode="after")
    def _passes_end(self) -> "Recipe":
        names = [cue.name for cue in self.cues]
        for i, later in enumerate(self.passes):
            for name in later.cues or ():
                if name not in names:
                    raise ValueError(
                        f"passes.{i}.cues must name cues (there are: {_listed(names)}), "
                        f"got {name!r}"
                    )
        width, height = self.size or (DEFAULT_PIXELS, 1)
        check_growth(self.passes, width * height, MOST_PIXELS)
        return self

    @model_validator(mode="after")
    def _regions_follow(self) -> "Recipe":
        guides = [c.name for c in self.cues if isinstance(c, GuideCue) and c.holds_contours]
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
            if isinstance(cue, GuideCue):
                drawn[f"cues.{i}.strokes"] = cue.strokes
            elif isinstance(cue, ReferenceCue):
                drawn[f"cues.{i}.keep_out"] = cue.keep_out
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
