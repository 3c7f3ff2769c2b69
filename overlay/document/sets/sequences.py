"""Sequences: one recipe over frames in order, each held to the one before."""

from typing import Annotated, Any

from pydantic import FailFast, Field, field_validator

from overlay.document.part import FilePath, Name, Part, Unit, shown, tuples
from overlay.document.recipe import Recipe
from overlay.document.sets.sheets import Key, is_plain

MOST_KEY_FRAMES = 1000
MOST_FRAMES = 10_000
MOST_SEQUENCES = 20
USUAL_HELD = 1.0


class KeyFrame(Part):
    """A setting's value at a frame, counted from 1; between two of them numbers change evenly."""

    frame: Annotated[int, Field(ge=1, le=MOST_FRAMES)]
    key: Key
    value: Any

    @field_validator("value")
    @classmethod
    def _plain(cls, value: Any) -> Any:
        value = tuples(value)
        if not is_plain(value):
            raise ValueError(f"must be a number, words, yes or no, got {shown(value)}")
        return value


class Sequence(Part):
    """A sequence of a project.

    Attributes
    ----------
    frames : a folder of numbered pictures, an animation or a video.
    held : 0 each frame on its own, up to 1 carried from the one before.
    """

    title: Name
    recipe: Recipe
    frames: FilePath
    held: Unit = USUAL_HELD
    keys: Annotated[tuple[KeyFrame, ...], FailFast(), Field(max_length=MOST_KEY_FRAMES)] = ()

    @field_validator("keys", mode="before")
    @classmethod
    def _listed(cls, value: Any) -> Any:
        return tuples(value)
