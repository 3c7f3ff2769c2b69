"""The shelf: proofs kept on disk, so that the same recipe is never rendered twice."""

import json
from dataclasses import replace
from pathlib import Path

from overlay.document.reading import make_recipe, parse_json, recipe_json
from overlay.document.recipe import Recipe
from overlay.engine.control import Control
from overlay.imaging.files import PictureError, read_picture, write_picture, write_whole
from overlay.studio.measuring import Notice
from overlay.studio.pictures import PictureStore
from overlay.studio.proofs import Proof, hash_recipe, make_proof
from overlay.studio.runs import pack_run, unpack_run


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
        run = pack_run(proof.filmstrip, proof.trace, proof.influence)
        data = {
            "number": proof.number,
            "recipe": json.loads(recipe_json(proof.recipe)),
            "report": proof.report(),
        }
        text = json.dumps(data, ensure_ascii=False).encode()
        try:
            write_whole(base.with_suffix(".run"), lambda file: file.write(run))
            write_whole(base.with_suffix(".json"), lambda file: file.write(text))
        except OSError as error:
            raise PictureError(f"{base}: the proof cannot be kept: {error.strerror}") from error

    def newest(self) -> Proof | None:
        """The kept proof with the highest number, or None."""
        numbers = self.numbers()
        return self.find(max(numbers, key=numbers.__getitem__)) if numbers else None

    def numbers(self) -> dict[str, int]:
        """The number of every kept proof, by hash."""
        found = {}
        for path in self.folder.glob("*.json"):
            try:
                found[path.stem] = int(json.loads(path.read_text("utf-8"))["number"])
            except (OSError, ValueError, KeyError, TypeError):
                continue
        return found


def pull_proof(
    recipe: Recipe, shelf: ProofShelf, store: PictureStore, control: Control | None = None
) -> Proof:
    """The proof of a recipe: a kept one, else rendered, numbered and kept."""
    known = shelf.find(hash_recipe(recipe))
    if known is not None:
        return replace(known, recipe=recipe)
    proof = make_proof(recipe, store, control)
    proof = replace(proof, number=1 + max(shelf.numbers().values(), default=0))
    shelf.keep(proof)
    return proof
