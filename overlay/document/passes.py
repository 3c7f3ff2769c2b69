"""Passes: what goes on after the base run, as validated data."""

from math import prod
from typing import Annotated, Any, ClassVar, Literal

from pydantic import Field, field_validator

from overlay.document.part import Name, Part, Unit, tuples

Seed = Annotated[int, Field(ge=0, le=2**53)]

MOST_PASSES = 16
MOST_ENLARGED = 67_108_864  # pixels of a picture that was enlarged
# Departure beyond which enlarging is a run of its own on top of the octave.
RUN_FROM = 0.3


class Pass(Part):
    """What all passes have in common.

    Attributes
    ----------
    seed : its own; None follows the recipe's.
    cues : names of those that take part, None for all.
    off : kept, but not run.
    """

    title: ClassVar[str]

    seed: Seed | None = None
    cues: Annotated[tuple[Name, ...], Field(max_length=256)] | None = None
    off: bool = False

    @field_validator("cues", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)

    @property
    def growth(self) -> float:
        """How many times as high and wide the picture becomes."""
        return 1.0

    @property
    def runs(self) -> bool:
        """Whether it is a run of its own, which has its limit of pixels."""
        return True

    def hears(self, name: str) -> bool:
        """Whether a cue takes part."""
        return self.cues is None or name in self.cues


class Settle(Pass):
    """The whole with little freedom, or a band along a region's rim, so that rims disappear."""

    title = "Settle"

    kind: Literal["settle"]
    departure: Unit = 0.2
    rim_of: str | None = None


class Refine(Pass):
    """The whole once more with little departure: artefacts go, marks come out."""

    title = "Refine"

    kind: Literal["refine"]
    departure: Annotated[float, Field(ge=0.05, le=0.5)] = 0.2


class Enlarge(Pass):
    """The picture larger, with the references' own finer detail."""

    title = "Enlarge"

    kind: Literal["enlarge"]
    factor: Annotated[float, Field(ge=1.25, le=4)] = 2.0
    departure: Annotated[float, Field(ge=0, le=0.5)] = 0.3
    marks: Literal["grow", "stay"] = "grow"

    @property
    def growth(self) -> float:
        """Its factor."""
        return self.factor

    @property
    def runs(self) -> bool:
        """Only where marks stay as fine, or depart further than the octave goes."""
        return self.departure > (0 if self.marks == "stay" else RUN_FROM)


AnyPass = Annotated[Settle | Refine | Enlarge, Field(discriminator="kind")]
PASS_TYPES: tuple[type[Pass], ...] = (Settle, Refine, Enlarge)
PASSES = tuple(kind.model_fields["kind"].annotation.__args__[0] for kind in PASS_TYPES)  # type: ignore[union-attr]


def active(passes: tuple[AnyPass, ...]) -> tuple[AnyPass, ...]:
    """Those that are run."""
    return tuple(later for later in passes if not later.off)


def check_growth(passes: tuple[AnyPass, ...], pixels: int, most_run: int) -> None:
    """Refuse passes that would make too much, by name.

    Parameters
    ----------
    pixels : of the base. most_run : pixels that a run can have.

    Raises
    ------
    ValueError
    """
    for i, later in enumerate(passes):
        if later.off:
            continue
        grown = pixels * prod(p.growth for p in active(passes[: i + 1])) ** 2
        megapixels = f"{grown / 1e6:.0f} million pixels"
        if grown > MOST_ENLARGED * 1.01:
            raise ValueError(f"passes.{i}.factor may lead to 64 megapixels, got {megapixels}")
        if later.runs and grown > most_run * 1.01:
            raise ValueError(
                f"passes.{i}: a run may have 16 megapixels, got {megapixels}; beyond, only enlarge "
                f"with marks that grow and a departure up to {RUN_FROM}"
            )
