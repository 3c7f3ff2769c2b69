"""What base runs and passes left behind, so that a later pass begins where a proof ended."""

import threading
from dataclasses import dataclass, field
from typing import Any, Protocol

from cachetools import LRUCache

from overlay.engine.request import Render

BASE = "base"
_KEPT_BYTES = 256 << 20


@dataclass(frozen=True)
class Stage:
    """What is told of a stage.

    Attributes
    ----------
    kind : `base`, or the kind of the pass. recipe_hash : of the recipe up to here.
    size : (width, height).
    """

    kind: str
    recipe_hash: str
    size: tuple[int, int]
    seconds: float = 0.0
    measures: dict[str, Any] = field(default_factory=dict)

    def report(self) -> dict[str, Any]:
        """As a proof's report has it."""
        return {
            "kind": self.kind,
            "recipe_hash": self.recipe_hash,
            "size": list(self.size),
            "seconds": round(self.seconds, 3),
            "measures": self.measures,
        }


@dataclass(frozen=True)
class Staged:
    """A picture after the base run or a pass, with its record.

    Attributes
    ----------
    done : its filmstrip has a frame for each pass as well, whose progress lies beyond 1.
    stages : the base and every pass up to this one.
    """

    done: Render
    stages: tuple[Stage, ...]


class StageStore(Protocol):
    """Where stages are kept, by the hash of the recipe that leads to them."""

    def find(self, key: str) -> Staged | None:
        """What was kept, or None."""

    def keep(self, key: str, staged: Staged) -> None:
        """Keep a stage, where there is room."""


def _bytes_of(staged: Staged) -> int:
    film = sum(frame.picture.nbytes for frame in staged.done.filmstrip)
    return min(int(staged.done.picture.nbytes) + film, _KEPT_BYTES)


class Stages:
    """The stages that were made last, in memory; safe to use from several threads."""

    def __init__(self) -> None:
        self._lock = threading.Lock()
        self._kept: LRUCache[str, Staged] = LRUCache(_KEPT_BYTES, _bytes_of)

    def find(self, key: str) -> Staged | None:
        """What was kept under a recipe's hash, or None."""
        with self._lock:
            found: Staged | None = self._kept.get(key)
            return found

    def keep(self, key: str, staged: Staged) -> None:
        """Keep a stage; the oldest ones go where room is short."""
        with self._lock:
            self._kept[key] = staged
