"""What waits to be pulled, kept beside the recovery copies, so that a crash does not lose it."""

import json
from dataclasses import dataclass
from pathlib import Path
from typing import Any

from overlay.document.reading import make_recipe, recipe_json
from overlay.document.recipe import Recipe
from overlay.document.text.json_text import read_json
from overlay.imaging.decode import MAX_TEXT_BYTES
from overlay.imaging.whole_files import write_bytes
from overlay.studio.inputs.folders import path_digest, state_folder
from overlay.studio.keeping.holding import Hold, is_held
from overlay.studio.keeping.unreadable import UNREADABLE

_MOST = 64  # recipes; a sheet is one entry, however many cells it has
_MOST_BYTES = 4 * MAX_TEXT_BYTES


@dataclass(frozen=True)
class Waiting:
    """What was to be pulled: recipes as they were then, and sheets by their names."""

    recipes: tuple[Recipe, ...] = ()
    sheets: tuple[str, ...] = ()

    def __bool__(self) -> bool:
        return bool(self.recipes or self.sheets)

    @property
    def words(self) -> str:
        """How much it is."""
        proofs, sheets = len(self.recipes), len(self.sheets)
        parts = [f"{proofs} proof{'s' * (proofs != 1)}"] if proofs else []
        parts += [f"{sheets} sheet{'s' * (sheets != 1)}"] if sheets else []
        return " and ".join(parts)


class WaitingFile:
    """The list of one project; work for another thread than the window's, but for `close`.

    Parameters
    ----------
    path : of the project, or None where it has no file; then its `key` names the list.
    """

    def __init__(self, path: Path | None, key: str) -> None:
        name = key if path is None else path_digest(path.resolve())
        self.path = state_folder() / "waiting" / f"{name}.json"
        self._lock = self.path.with_suffix(".lock")
        self._hold: Hold | None = None

    def write(self, waiting: Waiting) -> None:
        """Keep a list, or none where nothing waits; raises `OSError`."""
        if not waiting:
            self.path.unlink(missing_ok=True)
            return
        if self._hold is None:
            self._hold = Hold(self._lock)
        recipes = [json.loads(recipe_json(recipe)) for recipe in waiting.recipes[:_MOST]]
        data = {"recipes": recipes, "sheets": list(waiting.sheets)}
        self.path.parent.mkdir(parents=True, exist_ok=True)
        write_bytes(self.path, json.dumps(data, ensure_ascii=False).encode())

    def left(self) -> Waiting:
        """What a window that died has left; nothing while one that lives holds the list."""
        if not self.path.exists() or (self._hold is None and is_held(self._lock)):
            return Waiting()
        try:
            return _made(read_json(self.path, _MOST_BYTES), str(self.path))
        except UNREADABLE:
            return Waiting()

    def close(self) -> None:
        """Let go; what is written stays."""
        if self._hold is not None:
            self._hold.release()
            self._hold = None


def _made(data: Any, where: str) -> Waiting:
    recipes = tuple(make_recipe(recipe, where) for recipe in data["recipes"][:_MOST])
    return Waiting(recipes, tuple(str(name)[:200] for name in data["sheets"][:_MOST]))
