"""Options of guides, one model a kind, and what is drawn on their maps."""

from typing import Annotated, Any, Literal

from pydantic import Field, ValidationError, field_validator, model_validator

from overlay.document.part import Part, Unit, shown


class EdgeSettings(Part):
    """Options of the guide `edges`."""

    low: Unit = 0.08
    high: Unit = 0.2
    sigma: Annotated[float, Field(ge=0.5, le=8)] = 1.2
    invert: bool = False

    @model_validator(mode="after")
    def _ordered(self) -> "EdgeSettings":
        if self.low > self.high:
            raise ValueError(f"low must be at most high ({self.high}), got {self.low}")
        return self


class OutlineSettings(Part):
    """Options of the guide `outline`."""

    detail: Unit = 0.3
    softness: Annotated[float, Field(ge=0, le=8)] = 1.5
    invert: bool = False


class LineSettings(Part):
    """Options of the guide `lines`."""

    thickness: Annotated[float, Field(ge=0.5, le=6)] = 1.4
    cleaning: Annotated[int, Field(ge=0, le=200)] = 24
    strength: Unit = 0.5
    polarity: Literal["auto", "dark", "light"] = "auto"  # of the lines against what is beside them
    invert: bool = False


class DepthSettings(Part):
    """Options of the guide `depth`."""

    ground: Annotated[float, Field(ge=-1, le=1)] = -1.0
    haze: Unit = 0.25
    flat_sky: bool = True
    agreement: Unit = 0.5  # how far near places take near parts of the references
    receding: Unit = 0.0  # how much smaller marks become with distance
    invert: bool = False


class BlockSettings(Part):
    """Options of the guide `blocks`."""

    cells: Annotated[int, Field(ge=4, le=64)] = 16
    hard: bool = False
    colour: bool = False


class Joint(Part):
    """A joint: where it is on the picture, where it should be, and whether it stays there."""

    at: tuple[Unit, Unit]
    to: tuple[Unit, Unit]
    locked: bool = False

    @field_validator("at", "to", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuple(value) if isinstance(value, list) else value


class PoseSettings(EdgeSettings):
    """Options of the guide `pose`: those of edges, and the joints that bend the picture."""

    joints: Annotated[tuple[Joint, ...], Field(max_length=64)] = ()

    @field_validator("joints", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuple(value) if isinstance(value, list) else value


GUIDE_OPTIONS: dict[str, type[Part]] = {
    "edges": EdgeSettings,
    "outline": OutlineSettings,
    "lines": LineSettings,
    "depth": DepthSettings,
    "blocks": BlockSettings,
    "pose": PoseSettings,
}


def options_fault(kind: str, options: dict[str, Any]) -> str | None:
    """What is wrong with a guide's options, in a line that names the key; None if nothing is."""
    model = GUIDE_OPTIONS[kind]
    try:
        model.model_validate(options)
    except ValidationError as error:
        fault = error.errors()[0]
        key = ".".join(["options", *map(str, fault["loc"])])
        if fault["type"] == "extra_forbidden":
            return f"{key}: unknown key; allowed are {', '.join(model.model_fields)}"
        if fault["type"] == "value_error":
            return f"{key}: {fault['ctx']['error']}"
        said = fault["msg"].replace("Input should be", "must be")
        return f"{key}: {said[0].lower()}{said[1:]}, got {shown(fault['input'])}"
    return None
