"""The shelf's index: what its records say, in one SQLite file, so that none is read twice.

The records themselves stay the truth: whoever asks has the folder looked at first, and only files
that are new or have changed are read. A damaged index is done without.
"""

import re
import sqlite3
from collections.abc import Iterator
from contextlib import closing, contextmanager, suppress
from pathlib import Path

from overlay.studio.keeping.records import Record, read_record
from overlay.studio.keeping.unreadable import UNREADABLE

NAME = "index.sqlite"
_RECORD = re.compile(r"[0-9a-f]{64}\.json")
_WAIT = 5.0  # seconds for another program that is at it
_TABLES = """
CREATE TABLE IF NOT EXISTS records (
    hash TEXT PRIMARY KEY, number INTEGER NOT NULL, stamp TEXT NOT NULL, record TEXT NOT NULL
);
CREATE TABLE IF NOT EXISTS numbers (last INTEGER NOT NULL);
"""


class ShelfIndex:
    """The records of one folder; for any thread, each call by itself.

    Parameters
    ----------
    folder : where `HASH.json` files lie; it need not be there yet.
    """

    def __init__(self, folder: Path) -> None:
        self._folder = folder

    def numbers(self) -> dict[str, int]:
        """The number of every record that can be read, by the hash of its recipe."""
        try:
            with self._synced() as database:
                return dict(database.execute("SELECT hash, number FROM records"))
        except (sqlite3.Error, OSError):
            return {key: record.number for key, record in self._read_all()}

    def records(self) -> dict[str, Record]:
        """Every record that can be read, by the hash of its recipe."""
        try:
            with self._synced() as database:
                found = database.execute("SELECT hash, record FROM records").fetchall()
            return {key: Record.model_validate_json(text) for key, text in found}
        except (sqlite3.Error, OSError, ValueError):
            return dict(self._read_all())

    def take_number(self, recipe_hash: str) -> int:
        """The number of a kept proof, else the next one, which is given to nobody else."""
        try:
            with self._synced() as database:
                return _taken(database, recipe_hash)
        except (sqlite3.Error, OSError):
            known = {key: record.number for key, record in self._read_all()}
            return known.get(recipe_hash, 1 + max(known.values(), default=0))

    @contextmanager
    def _synced(self) -> Iterator[sqlite3.Connection]:
        """The index as the folder is now, for one task, whole or not at all."""
        if not self._folder.is_dir():
            raise NotADirectoryError(self._folder)
        path = self._folder / NAME
        with closing(sqlite3.connect(path, timeout=_WAIT, isolation_level=None)) as database:
            try:
                database.executescript(_TABLES)
            except sqlite3.OperationalError:
                raise  # another program is at it, or there is no room
            except sqlite3.DatabaseError:
                path.unlink(missing_ok=True)  # damaged: made anew the next time
                raise
            with database:  # commits, or rolls back
                database.execute("BEGIN IMMEDIATE")
                self._sync(database)
                yield database

    def _sync(self, database: sqlite3.Connection) -> None:
        """Have a row for every record that can be read, as its file is now."""
        known = dict(database.execute("SELECT hash, stamp FROM records"))
        there = dict(self._stamps())
        for key in known.keys() - there.keys():
            database.execute("DELETE FROM records WHERE hash = ?", (key,))
        for key, stamp in there.items():
            if known.get(key) == stamp:
                continue
            database.execute("DELETE FROM records WHERE hash = ?", (key,))
            with suppress(*UNREADABLE):
                record = read_record(self._folder / f"{key}.json")
                row = key, record.number, stamp, record.model_dump_json()
                database.execute("INSERT INTO records VALUES (?, ?, ?, ?)", row)

    def _stamps(self) -> Iterator[tuple[str, str]]:
        """What each record's file is now: another stamp as soon as it changes."""
        for path in self._folder.glob("*.json"):
            if _RECORD.fullmatch(path.name):
                with suppress(OSError):
                    status = path.stat()
                    yield path.stem, f"{status.st_mtime_ns} {status.st_size} {status.st_ino}"

    def _read_all(self) -> Iterator[tuple[str, Record]]:
        """The records themselves, where there is no index."""
        for path in self._folder.glob("*.json"):
            if _RECORD.fullmatch(path.name):
                with suppress(*UNREADABLE):
                    yield path.stem, read_record(path)


def _taken(database: sqlite3.Connection, recipe_hash: str) -> int:
    known = database.execute("SELECT number FROM records WHERE hash = ?", (recipe_hash,)).fetchone()
    if known is not None:
        return int(known[0])
    [most] = database.execute(
        "SELECT max(coalesce((SELECT max(number) FROM records), 0),"
        " coalesce((SELECT last FROM numbers), 0))"
    ).fetchone()
    database.execute("DELETE FROM numbers")
    database.execute("INSERT INTO numbers VALUES (?)", (most + 1,))
    return int(most) + 1
