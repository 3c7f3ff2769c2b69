"""Recovery copies: the present state of every project in work, kept after every change.

Each project has a copy of its own, by its key, with a lock beside it that its window holds. A copy
whose lock nobody holds was left: by a crash, by closing with unsaved changes, or by putting unsaved
work away. It stays until it is taken up again, or its project is saved or unchanged.
"""

import json
import re
from contextlib import suppress
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Any

from overlay.document.project import FileStamp, Project, State
from overlay.document.reading import make_recipe, recipe_json
from overlay.document.text.json_text import decode_text, parse_json, read_json
from overlay.imaging.decode import MAX_TEXT_BYTES
from overlay.imaging.intake import open_regular
from overlay.imaging.whole_files import sweep_unfinished, write_bytes
from overlay.studio.inputs.folders import state_folder
from overlay.studio.keeping.files.edition_data import (
    made_editions,
    made_sequence,
    plain_editions,
    plain_sequence,
)
from overlay.studio.keeping.files.sheet_data import made_sheets, plain_sheets
from overlay.studio.keeping.holding import Hold, is_held
from overlay.studio.keeping.marks import made_marks, plain_marks
from overlay.studio.keeping.unreadable import UNREADABLE

_MOST_BYTES = 4 * MAX_TEXT_BYTES
_HEAD_BYTES = 16 << 10  # a path, and little else
_MOST_LEFT = 50  # copies of unsaved work; beyond, those left longest ago go
_KEY = re.compile(r"[0-9a-f]{16}")
_OLD_NAMES = ("recovery.json", "recovery-earlier.json")  # of versions before 0.5


@dataclass(frozen=True)
class Snapshot:
    """A project at a moment: never changes, so any thread may write it."""

    key: str
    path: Path | None
    stamp: FileStamp | None
    state: State
    modified: bool
    put_away: bool = False

    def project(self) -> Project:
        """The project, to be worked on again."""
        made = Project(self.state, self.path, key=self.key, stamp=self.stamp)
        if self.modified:
            made.mark_unsaved()
        return made

    @classmethod
    def of(cls, project: Project) -> "Snapshot":
        """What a project is now."""
        return cls(project.key, project.path, project.stamp, project.state, project.modified)


@dataclass(frozen=True)
class Left:
    """Work that was left: which project, when, whether it held unsaved changes."""

    key: str
    when: float  # seconds since 1970
    path: Path | None
    modified: bool
    put_away: bool  # by the artist, who was asked

    @property
    def name(self) -> str:
        """What to call it."""
        return "Unnamed" if self.path is None else self.path.name


def recovery_bytes(snapshot: Snapshot) -> bytes:
    """The copy as it is written. Work for another thread than the window's."""
    data = {
        "path": None if snapshot.path is None else str(snapshot.path),
        "stamp": snapshot.stamp,
        "modified": snapshot.modified,
        "put_away": snapshot.put_away,
        "tray": [str(p) for p in snapshot.state.tray],
        "marks": plain_marks(snapshot.state.marks, deleted=True),
        "seed_rule": snapshot.state.seed_rule,
        "sheets": plain_sheets(snapshot.state.sheets),
        "editions": plain_editions(snapshot.state.editions),
        "names": {str(path): name for path, name in snapshot.state.names.items()},
        "sequence": None
        if snapshot.state.sequence is None
        else plain_sequence(snapshot.state.sequence, str),
        "recipe": json.loads(recipe_json(snapshot.state.recipe)),
    }
    return json.dumps(data, ensure_ascii=False).encode()


def load_recovery(path: Path) -> Snapshot | None:
    """A copy that was written; a damaged one counts as none."""
    try:
        data = read_json(path, _MOST_BYTES)
        state = State(
            make_recipe(data["recipe"], str(path)),
            tuple(Path(str(p)) for p in data["tray"]),
            made_marks(data.get("marks", {})),
            "new" if data.get("seed_rule") == "new" else "same",
            made_sheets(data.get("sheets")),
            made_editions(data.get("editions")),
            made_sequence(data.get("sequence")),
            {Path(str(p)): str(name) for p, name in dict(data.get("names", {})).items()},
        )
        where = None if data["path"] is None else Path(str(data["path"]))
        stamp = data.get("stamp")
        return Snapshot(
            path.stem,
            where,
            None if stamp is None else (int(stamp[0]), int(stamp[1]), int(stamp[2])),
            state,
            bool(data["modified"]),
            bool(data.get("put_away")),
        )
    except UNREADABLE:
        return None


class Recoveries:
    """The folder of all copies."""

    def __init__(self, folder: Path | None = None) -> None:
        self.folder = state_folder() / "recovery" if folder is None else folder

    def hold(self, key: str) -> Hold:
        """Take a project's copy as one's own while it is in work."""
        return Hold(self._lock(key))

    def write(self, snapshot: Snapshot) -> None:
        """Write a project's copy; raises `OSError` where that is not possible."""
        self.folder.mkdir(parents=True, exist_ok=True)
        write_bytes(self._copy(snapshot.key), recovery_bytes(snapshot))

    def put_away(self, snapshot: Snapshot) -> None:
        """Keep unsaved work that was put away; it is listed, but does not come back by itself."""
        self.write(replace(snapshot, put_away=True))

    def forget(self, key: str) -> None:
        """Remove a copy that holds nothing that is not saved."""
        with suppress(OSError):
            self._copy(key).unlink(missing_ok=True)

    def load(self, key: str) -> Snapshot | None:
        """A copy by its key, or None."""
        return load_recovery(self._copy(key)) if _KEY.fullmatch(key) else None

    def left(self) -> list[Left]:
        """What was left and is in no window, newest first."""
        found = []
        for path in self._copies():
            with suppress(*UNREADABLE):
                if not is_held(self._lock(path.stem)):
                    found.append(_left(path))
        return sorted(found, key=lambda one: -one.when)

    def tidy(self) -> None:
        """Sweep unfinished files, take in copies of older versions, drop what is too old."""
        sweep_unfinished(self.folder)
        for i, name in enumerate(_OLD_NAMES):
            old = self.folder.parent / name
            with suppress(OSError):
                self.folder.mkdir(parents=True, exist_ok=True)
                old.rename(self._copy(f"{i:016x}"))
        for lock in self.folder.glob("*.lock"):
            if not is_held(lock):
                with suppress(OSError):
                    lock.unlink()
        for one in self.left()[_MOST_LEFT:]:
            self.forget(one.key)

    def keys(self) -> set[str]:
        """The keys of all projects that have a copy, in work or left."""
        return {path.stem for path in self._copies()}

    def _copies(self) -> list[Path]:
        return [p for p in self.folder.glob("*.json") if _KEY.fullmatch(p.stem)]

    def _copy(self, key: str) -> Path:
        return self.folder / f"{key}.json"

    def _lock(self, key: str) -> Path:
        return self.folder / f"{key}.lock"


def _left(path: Path) -> Left:
    data = _head(path)
    where = None if data["path"] is None else Path(str(data["path"]))
    modified, away = bool(data["modified"]), bool(data.get("put_away"))
    return Left(path.stem, path.stat().st_mtime, where, modified, away)


def _head(path: Path) -> Any:
    """What stands before the tray in a copy: a menu lists many, and need not read them whole."""
    with open_regular(path, _MOST_BYTES) as file:
        begun = file.read(_HEAD_BYTES)
    # Within text a quotation mark never stands alone, so this is the key itself.
    head, key, _ = begun.partition(b', "tray": ')
    if not key:
        return read_json(path, _MOST_BYTES)
    return parse_json(decode_text(head + b"}", str(path)), str(path))
