"""The record that makes a proof on the shelf count: its number, recipe and report, as JSON."""

import json
import time
from pathlib import Path
from typing import Annotated, Any

from pydantic import BaseModel, ConfigDict, Field

from overlay.document.reading import make_recipe, recipe_json
from overlay.document.recipe import Recipe
from overlay.document.text.json_text import read_json
from overlay.imaging.decode import MAX_TEXT_BYTES
from overlay.studio.inputs.stages import Stage
from overlay.studio.making.measuring import Notice
from overlay.studio.making.proofs import Proof

_MOST_BYTES = 2 * MAX_TEXT_BYTES  # a recipe with its report


class _Warning(BaseModel):
    code: str
    cue: str | None = None
    text: str


class _Stage(BaseModel):
    kind: str
    recipe_hash: str
    size: Annotated[tuple[int, int], Field(strict=False)]
    seconds: float = 0.0
    measures: dict[str, float | dict[str, float]]


class _Report(BaseModel):
    engine: str = ""  # as it was not yet said up to 0.6
    size: Annotated[tuple[int, int], Field(strict=False)]
    measures: dict[str, float | dict[str, float]]
    seconds: dict[str, float] = Field(default_factory=dict)
    warnings: list[_Warning] = Field(default_factory=list)
    stages: list[_Stage] = Field(default_factory=list)


class Record(BaseModel):
    """What a record says, checked; a report of another version may say more."""

    model_config = ConfigDict(frozen=True, allow_inf_nan=False)

    number: Annotated[int, Field(ge=0, le=2**53)]
    when: float = 0.0
    recipe: dict[str, Any]
    report: _Report

    def made_recipe(self, where: str) -> Recipe:
        """The recipe, validated; raises `RecipeError`."""
        return make_recipe(self.recipe, where)

    @property
    def engine_version(self) -> int:
        """Of our engine; 1 where a report does not say."""
        number = self.report.engine.rpartition(" ")[2]
        return int(number) if number.isascii() and number.isdigit() and len(number) < 6 else 1

    @property
    def stages(self) -> tuple[Stage, ...]:
        """The base and each pass, where there were any."""
        return tuple(
            Stage(s.kind, s.recipe_hash, s.size, s.seconds, dict(s.measures))
            for s in self.report.stages
        )

    @property
    def notices(self) -> tuple[Notice, ...]:
        """The warnings of the run."""
        return tuple(Notice(w.code, w.cue, w.text) for w in self.report.warnings)


def read_record(path: Path) -> Record:
    """The record in a file; raises `ValueError` if it is none."""
    return Record.model_validate(read_json(path, _MOST_BYTES))


def record_bytes(proof: Proof) -> bytes:
    """A proof's record as it is kept."""
    data = {
        "number": proof.number,
        "when": round(time.time(), 3),
        "recipe": json.loads(recipe_json(proof.recipe)),
        "report": proof.report(),
    }
    return json.dumps(data, ensure_ascii=False).encode()
