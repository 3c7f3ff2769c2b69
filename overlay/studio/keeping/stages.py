"""Stages of proofs on disk, so that a later pass begins at once, in another session as well.

Beside the proofs of a shelf, which are stages too: those that were never a proof of their own, the
base of a proof with passes. They can be made again, so the oldest go when there are many.
"""

from contextlib import suppress
from pathlib import Path

from pydantic import TypeAdapter

from overlay.engine.request import Render
from overlay.imaging.files import read_picture, write_picture
from overlay.imaging.intake import PictureError, read_regular
from overlay.imaging.whole_files import write_bytes
from overlay.studio.inputs.stages import BASE, Stage, Staged, StageStore
from overlay.studio.keeping.packed_run import MOST_RUN, pack_run, unpack_run
from overlay.studio.keeping.shelf import ProofShelf
from overlay.studio.keeping.unreadable import UNREADABLE
from overlay.studio.making.proofs import Proof

FOLDER = "stages"
_MOST_BYTES = 512 << 20  # of all stages beside a shelf
_MOST_PIXELS = 20_000_000  # of one that is kept: writing more takes longer than it saves
_LIST: TypeAdapter[tuple[Stage, ...]] = TypeAdapter(tuple[Stage, ...])


class KeptStages:
    """Stages in memory, on the shelf as proofs, and beside it."""

    def __init__(self, shelf: ProofShelf, memory: StageStore) -> None:
        self._shelf, self._memory = shelf, memory
        self._folder = shelf.folder / FOLDER

    def find(self, key: str) -> Staged | None:
        """What was kept anywhere, or None; what is damaged counts as not kept."""
        found = self._memory.find(key)
        if found is None:
            proof = self._shelf.find(key)
            found = self._read(key) if proof is None else _as_stage(proof)
            if found is not None:
                self._memory.keep(key, found)
        return found

    def keep(self, key: str, staged: Staged) -> None:
        """Keep a stage in memory; on disk it is kept once a later one is begun from it."""
        self._memory.keep(key, staged)

    def keep_on_disk(self, keys: list[str]) -> None:
        """Keep those of a proof's stages that are in memory; without room, they are made again."""
        for key in keys:
            staged = self._memory.find(key)
            if staged is None or (self._shelf.folder / f"{key}.json").exists():
                continue
            if staged.done.picture.size <= 3 * _MOST_PIXELS and not self._path(key).exists():
                with suppress(OSError, PictureError):
                    self._write(key, staged)
        self._tidy()

    def _path(self, key: str) -> Path:
        return self._folder / f"{key}.json"

    def _write(self, key: str, staged: Staged) -> None:
        done, path = staged.done, self._path(key)
        self._folder.mkdir(parents=True, exist_ok=True)
        write_picture(path.with_suffix(".png"), done.picture)
        run = pack_run(done.filmstrip, done.trace, done.influence)
        write_bytes(path.with_suffix(".run"), run)
        write_bytes(path, _LIST.dump_json(staged.stages))

    def _read(self, key: str) -> Staged | None:
        path = self._path(key)
        try:
            stages = _LIST.validate_json(read_regular(path, 1 << 20))
            run = unpack_run(read_regular(path.with_suffix(".run"), MOST_RUN))
            picture = read_picture(path.with_suffix(".png"))
        except UNREADABLE:
            return None
        if not stages or stages[-1].recipe_hash != key:
            return None
        seconds = {"total": sum(stage.seconds for stage in stages)}
        return Staged(Render(picture, *run, seconds), stages)

    def _tidy(self) -> None:
        """The oldest go beyond the limit, each with all its files."""
        with suppress(OSError):
            files = [(p, p.stat()) for p in self._folder.glob("*.*")]
            files.sort(key=lambda item: -item[1].st_mtime)
            total, gone = 0, set()
            for path, status in files:
                total += status.st_size
                if total > _MOST_BYTES:
                    gone.add(path.stem)
            for stem in gone:
                for ending in (".json", ".run", ".png"):
                    (self._folder / f"{stem}{ending}").unlink(missing_ok=True)


def _as_stage(proof: Proof) -> Staged:
    """A proof of the shelf, which another pass goes on from."""
    height, width = proof.picture.shape[:2]
    stages = proof.stages or (
        Stage(
            BASE, proof.recipe_hash, (width, height), proof.seconds.get("total", 0.0),
            proof.measures,
        ),
    )  # fmt: skip
    done = Render(proof.picture, proof.filmstrip, proof.trace, proof.influence, dict(proof.seconds))
    return Staged(done, stages)
