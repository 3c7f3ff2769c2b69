"""What `project.json` in a project file says, as validated data (see `docs/project-file.md`)."""

from typing import Annotated, Any, Literal

from pydantic import Field, ValidationError, field_validator

from overlay.document.part import Name, Part, Version, tuples
from overlay.document.reading import first_fault, make_recipe
from overlay.document.recipe import Recipe
from overlay.document.sets.editions import MOST_EDITIONS, Edition
from overlay.document.sets.sequences import Sequence
from overlay.document.sets.sheets import MOST_SHEETS, ProofSheet
from overlay.document.text.json_text import RecipeError

PICTURES = "pictures/"
MOST_NOTE = 10_000  # characters

Entry = Annotated[str, Field(pattern=r"^pictures/[^/\\\x00-\x1f]{1,200}$")]


Hash = Annotated[str, Field(pattern=r"^[0-9a-f]{64}$")]


class Mark(Part):
    """What is said of a proof."""

    star: bool = False
    note: Annotated[str, Field(max_length=MOST_NOTE)] = ""


class ProjectFile(Part):
    """A project: its recipe, its tray, whose paths name entries of the file, and its marks."""

    overlay_project: Annotated[Literal[1], Version] = 1
    recipe: Recipe
    tray: tuple[Entry, ...] = ()
    marks: dict[Hash, Mark] = Field(default_factory=dict)
    seed_rule: Literal["same", "new"] = "same"
    sheets: Annotated[tuple[ProofSheet, ...], Field(max_length=MOST_SHEETS)] = ()
    editions: Annotated[tuple[Edition, ...], Field(max_length=MOST_EDITIONS)] = ()
    sequence: Sequence | None = None
    names: dict[Entry, Name] = Field(default_factory=dict)

    @field_validator("tray", "sheets", "editions", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)


def make_project_file(data: Any, where: str) -> ProjectFile:
    """Validate plain data.

    Raises
    ------
    RecipeError
        In one line; also for a file of a newer version, and for paths that name no entry.
    """
    if not isinstance(data, dict) or "overlay_project" not in data:
        raise RecipeError(f"{where}: overlay_project: must be 1, got nothing")
    version = data["overlay_project"]
    if type(version) is int and version > 1:
        raise RecipeError(
            f"{where}: overlay_project: must be 1, got {version}; the file is of a newer Overlay"
        )
    try:
        found = ProjectFile.model_validate(data)
    except ValidationError as error:
        raise RecipeError(f"{where}: {first_fault(error)}") from error
    make_recipe(data["recipe"], where)
    return found


def make_kept_edition(data: Any, where: str) -> Edition:
    """Validate an edition's plain data; raises `RecipeError` in one line."""
    try:
        return Edition.model_validate(data)
    except ValidationError as error:
        raise RecipeError(f"{where}: {first_fault(error)}") from error


def make_sheet(data: Any, where: str) -> ProofSheet:
    """Validate a proof sheet's plain data; raises `RecipeError` in one line."""
    try:
        return ProofSheet.model_validate(data)
    except ValidationError as error:
        raise RecipeError(f"{where}: {first_fault(error)}") from error
