"""What all parts of a document have in common: strict data that never changes."""

import json
from functools import cache
from itertools import islice
from typing import Annotated, Any

from pydantic import (
    AfterValidator,
    BaseModel,
    BeforeValidator,
    ConfigDict,
    Field,
    StringConstraints,
)


def without_null(name: str) -> str:
    """A file's name, if a file can have it; raises `ValueError`."""
    if "\0" in name:
        raise ValueError(f"must be a name that a file can have, without null, got {shown(name)}")
    return name


Unit = Annotated[float, Field(ge=0, le=1)]
Double = Annotated[float, Field(ge=0, le=2)]
Name = Annotated[str, StringConstraints(min_length=1, max_length=80)]
FilePath = Annotated[
    str, StringConstraints(min_length=1, max_length=4096), AfterValidator(without_null)
]


_SHOWN = 60  # characters of a value in a refusal


class Part(BaseModel):
    """Strict data: unknown keys are refused, values are never bent to fit, nothing changes."""

    model_config = ConfigDict(extra="forbid", frozen=True, strict=True, allow_inf_nan=False)


@cache
def default_of(kind: type[Part], key: str) -> Any:
    """What a key is when nothing is said."""
    return kind.model_fields[key].get_default(call_default_factory=True)


def tuples(value: Any) -> Any:
    """Lists, as JSON has them, as tuples."""
    return tuple(tuples(v) for v in value) if isinstance(value, list) else value


def exactly_one(value: Any) -> Any:
    """A version if it is the number 1, not something that equals it; raises `ValueError`."""
    if type(value) is not int or value != 1:
        raise ValueError(f"must be 1, got {shown(value)}")
    return value


# In JSON `true` and `1.0` are other values than `1`, though Python takes them for equal.
Version = BeforeValidator(exactly_one)


def shown(value: Any) -> str:
    """A value as JSON for a refusal, cut where it is long."""
    text = json.dumps(_beginning(value, 4), default=str, ensure_ascii=False)
    return text if len(text) <= _SHOWN else text[: _SHOWN - 3] + "..."


def _beginning(value: Any, depth: int) -> Any:
    if isinstance(value, str):
        return value[:_SHOWN]
    if isinstance(value, int) and abs(value) > 10**_SHOWN:
        return "a huge number"
    if isinstance(value, dict):
        pairs = islice(value.items(), _SHOWN if depth else 0)
        return {str(k)[:_SHOWN]: _beginning(v, depth - 1) for k, v in pairs}
    if isinstance(value, list | tuple):
        return [_beginning(v, depth - 1) for v in islice(value, _SHOWN if depth else 0)]
    return value
