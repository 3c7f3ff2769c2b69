"""The shelf: proofs kept on disk, so that the same recipe is never rendered twice.

A proof is a `.png` with its recipe, a `.run` with filmstrip, trace and influence, a `.jpg` to be
seen small, and a `.json` that makes it count. Where room is short the first two go: the recipe is
still there, and the same recipe gives the same proof again.
"""

import json
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Any

from overlay.document.project import ProofMark
from overlay.document.reading import recipe_json
from overlay.document.recipe import OWN_ENGINE, Recipe
from overlay.document.text.json_text import read_json
from overlay.engine.version import ENGINE_VERSION
from overlay.imaging.decode import MAX_TEXT_BYTES
from overlay.imaging.files import read_picture, thumbnail, write_picture
from overlay.imaging.intake import PictureError, read_regular, reason
from overlay.imaging.whole_files import write_bytes
from overlay.studio.inputs.stages import Stage
from overlay.studio.keeping.index import ShelfIndex
from overlay.studio.keeping.marks import made_marks, plain_marks
from overlay.studio.keeping.packed_run import MOST_RUN, pack_run, unpack_run
from overlay.studio.keeping.records import Record, read_record, record_bytes
from overlay.studio.keeping.unreadable import UNREADABLE
from overlay.studio.making.proofs import Proof

_THUMB = 320  # pixels of the longer side
_MARKS = "marks.json"


@dataclass(frozen=True)
class Kept:
    """What the drawer shows of a kept proof, without its pixels.

    Attributes
    ----------
    when : seconds since 1970. whole : False where only the recipe and a small picture are left.
    stages : the base and each pass, where there were passes.
    light : whether it was one of many, a cell or a trial, kept without the record of its run.
    engine_version : of ours, that made it.
    """

    recipe_hash: str
    number: int
    recipe: Recipe
    measures: dict[str, Any]
    size: tuple[int, int]
    when: float
    whole: bool
    engine_version: int
    light: bool = False
    stages: tuple[Stage, ...] = ()

    @property
    def would_differ(self) -> bool:
        """Whether the engine is another by now, so that the recipe gives another picture."""
        return self.recipe.engine == OWN_ENGINE and self.engine_version != ENGINE_VERSION


class ProofShelf:
    """A folder of kept proofs, found again by the hash of their recipe."""

    def __init__(self, folder: Path) -> None:
        self.folder = folder
        self._index = ShelfIndex(folder)

    def find(self, recipe_hash: str) -> Proof | None:
        """The kept proof with its run, or None; what is damaged counts as not kept."""
        try:
            run = read_regular(self.folder / f"{recipe_hash}.run", MOST_RUN)
            film, trace, influence = unpack_run(run)
            light = self._read_light(recipe_hash)
            return replace(light, filmstrip=film, trace=trace, influence=influence)
        except UNREADABLE:
            return None

    def find_light(self, recipe_hash: str) -> Proof | None:
        """The kept proof without its run: picture, report and recipe; or None."""
        try:
            return self._read_light(recipe_hash)
        except UNREADABLE:
            return None

    def _read_light(self, recipe_hash: str) -> Proof:
        base = self.folder / recipe_hash
        record = read_record(base.with_suffix(".json"))
        return Proof(
            recipe=record.made_recipe(str(base)),
            recipe_hash=recipe_hash,
            picture=read_picture(base.with_suffix(".png")),
            measures=record.report.measures,
            seconds=record.report.seconds,
            warnings=record.notices,
            number=record.number,
            engine_version=record.engine_version,
            stages=record.stages,
        )

    def keep(self, proof: Proof, *, light: bool = False) -> None:
        """Write a proof to the folder; the `.json` comes last and makes it count.

        Parameters
        ----------
        light : without the record of its run, as for the cells of a sheet; one that is there stays.

        Raises
        ------
        PictureError
            If there is no room, or the folder cannot be written.
        """
        base = self.folder / proof.recipe_hash
        run = None if light else pack_run(proof.filmstrip, proof.trace, proof.influence)
        try:
            self.folder.mkdir(parents=True, exist_ok=True)
            write_picture(
                base.with_suffix(".png"), proof.picture, recipe=recipe_json(proof.recipe),
                engine=proof.engine,
            )  # fmt: skip
            write_picture(base.with_suffix(".jpg"), thumbnail(proof.picture, _THUMB))
            if run is not None:
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
        return self._index.numbers()

    def take_number(self, recipe_hash: str) -> int:
        """The number of a kept proof, else the next one, which is given to nobody else."""
        return self._index.take_number(recipe_hash)

    def all_kept(self) -> list[Kept]:
        """Every proof on the shelf, newest first; damaged ones are passed over."""
        found = [self._kept(key, record) for key, record in self._index.records().items()]
        return sorted((k for k in found if k is not None), key=lambda k: -k.number)

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
                (whole := path.with_suffix(".png").exists()),
                record.engine_version,
                whole and not path.with_suffix(".run").exists(),
                record.stages,
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
