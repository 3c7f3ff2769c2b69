"""A project: tray, recipe and marks on proofs, changed only by named edits that can be undone."""

import secrets
from collections.abc import Mapping
from dataclasses import dataclass, field, replace
from pathlib import Path
from typing import Literal

from overlay.document.changes import SAVED, Changes, changes_between
from overlay.document.history import History
from overlay.document.observer import Announcement
from overlay.document.recipe import Recipe
from overlay.document.sets.editions import Edition
from overlay.document.sets.sequences import Sequence
from overlay.document.sets.sheets import ProofSheet

SeedRule = Literal["same", "new"]
FileStamp = tuple[int, int, int]  # time of change in nanoseconds, size, inode


@dataclass(frozen=True)
class ProofMark:
    """What the artist says of a proof."""

    star: bool = False
    note: str = ""
    deleted: bool = False  # out of the drawer; its files go when the project is put away


@dataclass(frozen=True)
class State:
    """All that undo restores. Paths in the recipe are absolute; marks go by the proof's hash.

    Attributes
    ----------
    seed_rule : whether each pull has the same seed or takes a new one.
    sheets, editions : in the order they were made; their recipes' paths are absolute.
    sequence : frames in order, if any were chosen. names : of pictures that were renamed.
    """

    recipe: Recipe = field(default_factory=Recipe)
    tray: tuple[Path, ...] = ()
    marks: Mapping[str, ProofMark] = field(default_factory=dict)
    seed_rule: SeedRule = "same"
    sheets: tuple[ProofSheet, ...] = ()
    editions: tuple[Edition, ...] = ()
    sequence: Sequence | None = None
    names: Mapping[Path, str] = field(default_factory=dict)

    def name_of(self, picture: Path) -> str:
        """What a picture is called: by the artist, else as its file."""
        return self.names.get(picture, picture.stem)

    def mark(self, recipe_hash: str) -> ProofMark:
        """What is said of a proof."""
        return self.marks.get(recipe_hash, ProofMark())


class Project:
    """Holds the present state and its history.

    `changed` says what differs after every change of the state, by edit, undo or redo, and after
    it was taken as saved.

    Attributes
    ----------
    key : its own, also while it has no file; 16 hexadecimal digits.
    stamp : of its file as it was last read or written, None where there is none.
    """

    def __init__(
        self,
        state: State | None = None,
        path: Path | None = None,
        *,
        key: str | None = None,
        stamp: FileStamp | None = None,
    ) -> None:
        self.changed: Announcement[[Changes]] = Announcement()
        self.key = secrets.token_hex(8) if key is None else key
        self.path = path
        self.stamp = stamp
        self._state = State() if state is None else state
        self._history: History[State] = History()
        self._saved: State | None = self._state

    @property
    def state(self) -> State:
        """The present state."""
        return self._state

    @property
    def recipe(self) -> Recipe:
        """The present recipe."""
        return self._state.recipe

    @property
    def modified(self) -> bool:
        """Whether anything differs from what was last saved or opened."""
        return self._state != self._saved

    @property
    def undo_name(self) -> str | None:
        """Name of the edit that undo would take back, or None."""
        return self._history.undo_name

    @property
    def redo_name(self) -> str | None:
        """Name of the edit that redo would make again, or None."""
        return self._history.redo_name

    def edit(
        self,
        name: str,
        recipe: Recipe | None = None,
        *,
        tray: tuple[Path, ...] | None = None,
        marks: Mapping[str, ProofMark] | None = None,
        seed_rule: SeedRule | None = None,
        sheets: tuple[ProofSheet, ...] | None = None,
        editions: tuple[Edition, ...] | None = None,
        sequence: Sequence | None = None,
        names: Mapping[Path, str] | None = None,
    ) -> None:
        """Change the state as one named step; nothing happens when nothing differs."""
        wished = {
            "recipe": recipe,
            "tray": tray,
            "marks": marks,
            "seed_rule": seed_rule,
            "sheets": sheets,
            "editions": editions,
            "sequence": sequence,
            "names": names,
        }
        new = replace(self._state, **{k: v for k, v in wished.items() if v is not None})  # type: ignore[arg-type]
        if new == self._state:
            return
        self._history.left(name, self._state)
        self._become(new)

    def undo(self) -> None:
        """Take the last edit back."""
        self._become(self._history.undo(self._state))

    def redo(self) -> None:
        """Make the last undone edit again."""
        self._become(self._history.redo(self._state))

    def mark_saved(
        self, path: Path | None = None, state: State | None = None, stamp: FileStamp | None = None
    ) -> None:
        """Take a state as saved, the present one unless it is given."""
        self.path, self.stamp = path or self.path, stamp
        self._saved = self._state if state is None else state
        self.changed.emit(Changes(frozenset({SAVED})))

    def mark_unsaved(self) -> None:
        """Take the state as one that lies in no file, as work that was brought back."""
        self._saved = None

    def _become(self, state: State) -> None:
        if state is self._state:
            return  # there was nothing to be undone
        what = changes_between(self._state, state)
        self._state = state
        self.changed.emit(what)
