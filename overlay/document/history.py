"""Undo and redo: states that were left, by the names of the edits that left them."""

from typing import Generic, TypeVar

T = TypeVar("T")


class History(Generic[T]):
    """Two stacks of states; whoever owns the present state hands it in and takes another out."""

    def __init__(self) -> None:
        self._undo: list[tuple[str, T]] = []
        self._redo: list[tuple[str, T]] = []

    @property
    def undo_name(self) -> str | None:
        """Name of the edit that undo would take back, or None."""
        return self._undo[-1][0] if self._undo else None

    @property
    def redo_name(self) -> str | None:
        """Name of the edit that redo would make again, or None."""
        return self._redo[-1][0] if self._redo else None

    def left(self, name: str, state: T) -> None:
        """An edit of this name has left a state; what was undone before is gone."""
        self._undo.append((name, state))
        self._redo.clear()

    def undo(self, now: T) -> T:
        """The state before the last edit; `now` where there is none."""
        return _moved(self._undo, self._redo, now)

    def redo(self, now: T) -> T:
        """The state after the last undone edit; `now` where there is none."""
        return _moved(self._redo, self._undo, now)


def _moved(source: list[tuple[str, T]], target: list[tuple[str, T]], now: T) -> T:
    if not source:
        return now
    name, state = source.pop()
    target.append((name, now))
    return state
