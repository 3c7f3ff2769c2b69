"""What an edit changed, by name, so that only those concerned need look."""

from __future__ import annotations

from dataclasses import dataclass
from typing import TYPE_CHECKING

from overlay.document.cues import CUE_TYPES, Cue
from overlay.document.part import Part
from overlay.document.recipe import Recipe

if TYPE_CHECKING:
    from overlay.document.project import State

BESIDE = ("tray", "marks", "seed_rule", "sheets", "editions", "sequence", "names")
SAVED = "saved"
_CUE_KEYS = frozenset(key for kind in CUE_TYPES for key in kind.model_fields)


@dataclass(frozen=True)
class Changes:
    """Names of what differs now.

    Attributes
    ----------
    keys : keys of the recipe; `cue.KEY` for what differs in cues; `tray`, `marks`, `seed_rule`,
        `sheets`, `editions`, `sequence`, `names`; `saved` when the state was taken as saved.
    rows : places of the cues that differ; None where cues came, went, moved or changed kind.
    """

    keys: frozenset[str]
    rows: frozenset[int] | None = frozenset()

    def touches(self, *keys: str) -> bool:
        """Whether any of these differs."""
        return not self.keys.isdisjoint(keys)


EVERYTHING = Changes(
    frozenset(
        {
            *Recipe.model_fields,
            *(f"cue.{key}" for key in _CUE_KEYS),
            *BESIDE,
            SAVED,
        }
    ),
    None,
)


def changes_between(old: State, new: State) -> Changes:
    """What differs between two states of a project."""
    keys = _different(old.recipe, new.recipe)
    keys |= {name for name in BESIDE if getattr(old, name) != getattr(new, name)}
    rows: frozenset[int] | None = frozenset()
    if "cues" in keys:
        inside, rows = _between_cues(old.recipe.cues, new.recipe.cues)
        keys |= {f"cue.{key}" for key in inside}
    return Changes(frozenset(keys), rows)


def _between_cues(
    old: tuple[Cue, ...], new: tuple[Cue, ...]
) -> tuple[set[str], frozenset[int] | None]:
    """Keys in which cues differ, and where; all of them and None where places differ."""
    if len(old) != len(new) or any(a.kind != b.kind for a, b in zip(old, new, strict=True)):
        return set(_CUE_KEYS), None
    differ = {i: _different(a, b) for i, (a, b) in enumerate(zip(old, new, strict=True))}
    rows = frozenset(i for i, keys in differ.items() if keys)
    return set().union(*differ.values()), rows


def _different(old: Part, new: Part) -> set[str]:
    if old is new:
        return set()
    return {
        key
        for key in type(new).model_fields
        if getattr(old, key) is not getattr(new, key) and getattr(old, key) != getattr(new, key)
    }
