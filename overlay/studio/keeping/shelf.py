"""The shelf: proofs kept on disk, so that the same recipe is never rendered twice.

A proof is a `.png` with its recipe, a `.run` with filmstrip, trace and influence, a `.jpg` to be
seen small, and a `.json` that makes it count. Where room is short the first two go: the recipe is
still there, and the same recipe gives the same proof again.
"""

import json
import re
import shutil
from collections.abc import Collection, Iterator
from contextlib import suppress
from dataclasses import dataclass
from pathlib import Path
from typing import Any

from overlay.document.json_text import read_json
from overlay.document.project import ProofMark
from overlay.document.reading import recipe_json
from overlay.document.recipe import Recipe
from overlay.imaging.decode import MAX_TEXT_BYTES
from overlay.imaging.files import read_picture, thumbnail, write_picture
from overlay.imaging.intake import PictureError, read_regular, reason
from overlay.imaging.whole_files import write_bytes
from overlay.studio.keeping.marks import made_marks, plain_marks
from overlay.studio.keeping.packed_run import pack_run, unpack_run
from overlay.studio.keeping.records import Record, read_record, record_bytes
from overlay.studio.keeping.unreadable import UNREADABLE
from overlay.studio.making.proofs import Proof

_HASH = re.compile(r"[0-9a-f]{64}")
_THUMB = 320  # pixels of the longer side
_FORGOTTEN = 30 * 24 * 3600  # seconds
_MARKS = "marks.json"
_MOST_RUN = 256 << 20  # bytes, packed


@dataclass(frozen=True)
class Kept:
    """What the drawer shows of a kept proof, without its pixels.

    Attributes
    ----------
    when : seconds since 1970. whole : False where only the recipe and a small picture are left.
    """

    recipe_hash: str
    number: int
    recipe: Recipe
    measures: dict[str, Any]
    size: tuple[int, int]
    when: float
    whole: bool


class ProofShelf:
    """A folder of kept proofs, found again by the hash of their recipe."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder

    def find(self, recipe_hash: str) -> Proof | None:
        """The kept proof, or None; what is damaged counts as not kept."""
        base = self.folder / recipe_hash
        try:
            record = read_record(base.with_suffix(".json"))
            film, trace, influence = unpack_run(read_regular(base.with_suffix(".run"), _MOST_RUN))
            return Proof(
                recipe=record.made_recipe(str(base)),
                recipe_hash=recipe_hash,
                picture=read_picture(base.with_suffix(".png")),
                filmstrip=film,
                trace=trace,
                influence=influence,
                measures=record.report.measures,
                seconds=record.report.seconds,
                warnings=record.notices,
                number=record.number,
            )
        except UNREADABLE:
            return None

    def keep(self, proof: Proof) -> None:
        """Write a proof to the folder; the `.json` comes last and makes it count.

        Raises
        ------
        PictureError
            If there is no room, or the folder cannot be written.
        """
        base = self.folder / proof.recipe_hash
        run = pack_run(proof.filmstrip, proof.trace, proof.influence)
        try:
            self.folder.mkdir(parents=True, exist_ok=True)
            write_picture(base.with_suffix(".png"), proof.picture, recipe=recipe_json(proof.recipe))
            write_picture(base.with_suffix(".jpg"), thumbnail(proof.picture, _THUMB))
            write_bytes(base.with_suffix(".run"), run)
            write_bytes(base.with_suffix(".json"), record_bytes(proof))
        except OSError as error:
            raise PictureError(f"{self.folder}: {reason(error)}") from error

    def newest(self, without: frozenset[str] = frozenset()) -> Proof | None:
        """The kept proof with the highest number that is whole, or None."""
        numbers = {k: n for k, n in self.numbers().items() if k not in without}
        for recipe_hash in sorted(numbers, key=numbers.__getitem__, reverse=True):
            found = self.find(recipe_hash)
            if found is not None:
                return found
        return None

    def numbers(self) -> dict[str, int]:
        """The number of every kept proof, by hash."""
        return {key: record.number for key, record in self._records()}

    def all_kept(self) -> list[Kept]:
        """Every proof on the shelf, newest first; damaged ones are passed over."""
        found = [self._kept(key, record) for key, record in self._records()]
        return sorted((k for k in found if k is not None), key=lambda k: -k.number)

    def _records(self) -> Iterator[tuple[str, Record]]:
        """The records that can be read, by the hash of their recipe."""
        for path in self.folder.glob("*.json"):
            if _HASH.fullmatch(path.stem):
                with suppress(*UNREADABLE):
                    yield path.stem, read_record(path)

    def _kept(self, recipe_hash: str, record: Record) -> Kept | None:
        path = self.folder / f"{recipe_hash}.json"
        try:
            return Kept(
                recipe_hash,
                record.number,
                record.made_recipe(str(path)),
                dict(record.report.measures),
                record.report.size,
                record.when or path.stat().st_mtime,
                path.with_suffix(".png").exists() and path.with_suffix(".run").exists(),
            )
        except UNREADABLE:
            return None

    def small_picture(self, recipe_hash: str) -> Path:
        """The file of a proof's small picture, made from the large one if it is not there."""
        path = self.folder / f"{recipe_hash}.jpg"
        if not path.exists():
            picture = read_picture(path.with_suffix(".png"))
            write_picture(path, thumbnail(picture, _THUMB))
        return path

    def remove(self, recipe_hash: str) -> None:
        """Delete a proof's files for good; the `.json` goes first."""
        for ending in (".json", ".run", ".png", ".jpg"):
            (self.folder / f"{recipe_hash}{ending}").unlink(missing_ok=True)

    # Marks ---------------------------------------------------------------------------------

    def read_marks(self) -> dict[str, ProofMark]:
        """The marks written last; damaged ones count as none."""
        try:
            return made_marks(read_json(self.folder / _MARKS, MAX_TEXT_BYTES))
        except UNREADABLE:
            return {}

    def write_marks(self, marks: dict[str, ProofMark]) -> None:
        """Keep the marks beside the proofs; raises `OSError`."""
        text = json.dumps(plain_marks(marks), ensure_ascii=False).encode()
        self.folder.mkdir(parents=True, exist_ok=True)
        write_bytes(self.folder / _MARKS, text)


def trim_proofs(root: Path, most_bytes: int, spare: frozenset[str] = frozenset()) -> int:
    """Bring all shelves under a size by dropping pictures and runs, the oldest first.

    Starred and noted proofs, those in `spare`, and every recipe stay.

    Returns
    -------
    How many proofs lost their picture; the same recipe gives it again.
    """
    heavy: list[tuple[float, int, Path]] = []
    total = 0
    for shelf in (ProofShelf(folder) for folder in root.glob("*/") if folder.is_dir()):
        marks = shelf.read_marks()
        for run in shelf.folder.glob("*.run"):
            size, when = _weight(run)
            total += size
            if run.stem not in spare and run.stem not in marks:
                heavy.append((when, size, run))
    dropped = 0
    for _, size, run in sorted(heavy):
        if total <= most_bytes:
            break
        run.unlink(missing_ok=True)
        run.with_suffix(".png").unlink(missing_ok=True)
        total -= size
        dropped += 1
    return dropped


def _weight(run: Path) -> tuple[int, float]:
    """Bytes of a proof's record of the run and its picture, and when it was written."""
    found = []
    for path in (run, run.with_suffix(".png")):
        with suppress(OSError):
            found.append(path.stat())
    return sum(s.st_size for s in found), max((s.st_mtime for s in found), default=0.0)


def drop_shelves(root: Path, keys: Collection[str], now: float) -> int:
    """Remove shelves of unnamed projects that nobody has worked on for a month.

    Parameters
    ----------
    keys : of projects that are in work or can be taken up again; their shelves stay.
    now : seconds since 1970.
    """
    dropped = 0
    for folder in root.glob("unnamed*/"):
        key = folder.name.removeprefix("unnamed").lstrip("-")
        with suppress(OSError):
            if key not in keys and now - folder.stat().st_mtime > _FORGOTTEN:
                shutil.rmtree(folder)
                dropped += 1
    return dropped
