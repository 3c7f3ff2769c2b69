"""The shelf: proofs kept on disk, so that the same recipe is never rendered twice.

A proof is a `.png` with its recipe, a `.run` with filmstrip, trace and influence, a `.jpg` to be
seen small, and a `.json` that makes it count. Where room is short the first two go: the recipe is
still there, and the same recipe gives the same proof again.
"""

import json
import re
import time
from dataclasses import dataclass, replace
from pathlib import Path
from typing import Any

from overlay.document.json_text import parse_json
from overlay.document.project import ProofMark
from overlay.document.reading import make_recipe, recipe_json
from overlay.document.recipe import Recipe
from overlay.engine.control import Control
from overlay.imaging.files import read_picture, thumbnail, write_picture
from overlay.imaging.intake import PictureError
from overlay.imaging.whole_files import write_bytes
from overlay.studio.marks import made_marks, plain_marks
from overlay.studio.measuring import Notice
from overlay.studio.pictures import PictureStore
from overlay.studio.proofs import Proof, hash_recipe, make_proof
from overlay.studio.runs import pack_run, unpack_run

_HASH = re.compile(r"[0-9a-f]{64}")
_THUMB = 320  # pixels of the longer side
_MARKS = "marks.json"


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
        folder.mkdir(parents=True, exist_ok=True)

    def find(self, recipe_hash: str) -> Proof | None:
        """The kept proof, or None; what is damaged counts as not kept."""
        base = self.folder / recipe_hash
        try:
            data = parse_json(base.with_suffix(".json").read_text("utf-8"), str(base))
            run = base.with_suffix(".run").read_bytes()
            film, trace, influence = unpack_run(run)
            return Proof(
                recipe=make_recipe(data["recipe"], str(base)),
                recipe_hash=recipe_hash,
                picture=read_picture(base.with_suffix(".png")),
                filmstrip=film,
                trace=trace,
                influence=influence,
                measures=data["report"]["measures"],
                seconds=data["report"]["seconds"],
                warnings=tuple(Notice(**w) for w in data["report"]["warnings"]),
                number=int(data["number"]),
            )
        except (OSError, ValueError, KeyError, TypeError):
            return None

    def keep(self, proof: Proof) -> None:
        """Write a proof to the folder; the `.json` comes last and makes it count."""
        base = self.folder / proof.recipe_hash
        write_picture(base.with_suffix(".png"), proof.picture, recipe=recipe_json(proof.recipe))
        write_picture(base.with_suffix(".jpg"), thumbnail(proof.picture, _THUMB))
        run = pack_run(proof.filmstrip, proof.trace, proof.influence)
        data = {
            "number": proof.number,
            "when": round(time.time(), 3),
            "recipe": json.loads(recipe_json(proof.recipe)),
            "report": proof.report(),
        }
        text = json.dumps(data, ensure_ascii=False).encode()
        try:
            write_bytes(base.with_suffix(".run"), run)
            write_bytes(base.with_suffix(".json"), text)
        except OSError as error:
            raise PictureError(f"{base}: the proof cannot be kept: {error.strerror}") from error

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
        found = {}
        for path in self.folder.glob("*.json"):
            try:
                found[path.stem] = int(json.loads(path.read_text("utf-8"))["number"])
            except (OSError, ValueError, KeyError, TypeError):
                continue
        return found

    def all_kept(self) -> list[Kept]:
        """Every proof on the shelf, newest first; damaged ones are passed over."""
        found = [self._kept(path) for path in self.folder.glob("*.json")]
        return sorted((k for k in found if k is not None), key=lambda k: -k.number)

    def _kept(self, path: Path) -> Kept | None:
        if not _HASH.fullmatch(path.stem):
            return None
        try:
            data = parse_json(path.read_text("utf-8"), str(path))
            width, height = data["report"]["size"]
            return Kept(
                path.stem,
                int(data["number"]),
                make_recipe(data["recipe"], str(path)),
                dict(data["report"]["measures"]),
                (int(width), int(height)),
                float(data.get("when", path.stat().st_mtime)),
                path.with_suffix(".png").exists() and path.with_suffix(".run").exists(),
            )
        except (OSError, ValueError, KeyError, TypeError):
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
            text = (self.folder / _MARKS).read_text("utf-8")
            return made_marks(parse_json(text, _MARKS))
        except (OSError, ValueError, AttributeError):
            return {}

    def write_marks(self, marks: dict[str, ProofMark]) -> None:
        """Keep the marks beside the proofs."""
        text = json.dumps(plain_marks(marks), ensure_ascii=False).encode()
        write_bytes(self.folder / _MARKS, text)


def pull_proof(
    recipe: Recipe, shelf: ProofShelf, store: PictureStore, control: Control | None = None
) -> Proof:
    """The proof of a recipe: a kept one, else rendered, numbered and kept."""
    known = shelf.find(hash_recipe(recipe))
    if known is not None:
        return replace(known, recipe=recipe)
    proof = make_proof(recipe, store, control)
    numbers = shelf.numbers()
    number = numbers.get(proof.recipe_hash, 1 + max(numbers.values(), default=0))
    proof = replace(proof, number=number)
    shelf.keep(proof)
    return proof


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
            files = [run, run.with_suffix(".png")]
            size = sum(f.stat().st_size for f in files if f.exists())
            total += size
            if run.stem not in spare and run.stem not in marks:
                heavy.append((run.stat().st_mtime, size, run))
    dropped = 0
    for _, size, run in sorted(heavy):
        if total <= most_bytes:
            break
        run.unlink(missing_ok=True)
        run.with_suffix(".png").unlink(missing_ok=True)
        total -= size
        dropped += 1
    return dropped
