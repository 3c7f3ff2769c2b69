"""Proofs: rendered, measured, and kept so that the same recipe is never rendered twice."""

import hashlib
import io
import json
from dataclasses import dataclass, field, replace
from pathlib import Path
from typing import Any

import numpy as np

from overlay import __version__
from overlay.document.reading import make_recipe, parse_json, recipe_json
from overlay.document.recipe import Recipe
from overlay.engine.control import Control
from overlay.engine.request import Frame, GuideCue, Render, Request, StyleCue
from overlay.engine.sampler import render
from overlay.imaging.colour import ByteImage, srgb_to_work
from overlay.imaging.files import PictureError, read_picture, write_picture, write_whole
from overlay.measures.palette import palette_distance
from overlay.measures.patches import style_match
from overlay.measures.structure import layout_match, structure_kept
from overlay.studio.paths import input_paths
from overlay.studio.pictures import PictureStore, file_digest
from overlay.studio.requests import build_request


@dataclass(frozen=True)
class Notice:
    """Something an artist should know about a proof."""

    code: str
    cue: str | None
    text: str


@dataclass(frozen=True)
class Proof:
    """One result with all that belongs to it."""

    recipe: Recipe
    recipe_hash: str
    picture: ByteImage
    filmstrip: tuple[Frame, ...] = ()
    measures: dict[str, Any] = field(default_factory=dict)
    seconds: dict[str, float] = field(default_factory=dict)
    warnings: tuple[Notice, ...] = ()
    number: int = 0

    def report(self) -> dict[str, Any]:
        """The report as plain data, see `docs/recipe.md`."""
        height, width = self.picture.shape[:2]
        return {
            "overlay": __version__,
            "recipe_hash": self.recipe_hash,
            "seconds": {key: round(value, 3) for key, value in self.seconds.items()},
            "size": [width, height],
            "measures": self.measures,
            "warnings": [{"code": w.code, "cue": w.cue, "text": w.text} for w in self.warnings],
        }


def hash_recipe(recipe: Recipe) -> str:
    """SHA-256 over the resolved recipe and the bytes of its inputs, hexadecimal.

    Where files lie does not count, only what is in them.
    """
    digests = {path: file_digest(path) for path in input_paths(recipe)}
    text = json.dumps(recipe.model_dump(mode="json"), sort_keys=True, ensure_ascii=False)
    for path, digest in sorted(digests.items(), key=lambda item: -len(item[0])):
        text = text.replace(json.dumps(path, ensure_ascii=False), json.dumps(digest))
    return hashlib.sha256(f"{__version__}\n{text}".encode()).hexdigest()


def make_proof(recipe: Recipe, store: PictureStore, control: Control | None = None) -> Proof:
    """Render and measure a recipe with absolute paths.

    Raises
    ------
    RecipeError, PictureError
        If the recipe or an input is wrong.
    CancelledError
        If the control says so.
    """
    control = Control() if control is None else control
    recipe_hash = hash_recipe(recipe)
    request = build_request(recipe, store)
    control.check()
    done = render(request, control.part(0.0, 0.95))
    control.step(0.95, "measuring")
    return Proof(
        recipe,
        recipe_hash,
        done.picture,
        done.filmstrip,
        measure(request, done, control),
        done.seconds,
        tuple(find_warnings(request)),
    )


def measure(request: Request, done: Render, control: Control) -> dict[str, Any]:
    """The measures of a proof, keyed as in the report."""
    picture = srgb_to_work(done.picture)
    source = None if request.source is None else srgb_to_work(request.source)
    measures: dict[str, Any] = {"style_match": {}, "palette_distance": {}, "share": {}}
    for index, cue in enumerate(request.styles):
        control.check()
        reference = srgb_to_work(cue.picture)
        if not cue.is_swatches:
            measures["style_match"][cue.name] = _rounded(style_match(picture, source, reference))
        measures["palette_distance"][cue.name] = _rounded(palette_distance(picture, reference))
        if done.trace is not None:
            measures["share"][cue.name] = _rounded(100.0 * float((done.trace.cue == index).mean()))
    if source is not None:
        measures["structure_kept"] = _rounded(structure_kept(picture, source))
        measures["layout_match"] = _rounded(layout_match(picture, source))
    return measures


def _rounded(value: float) -> float:
    return round(value, 2)


def find_warnings(request: Request) -> list[Notice]:
    """What in a request cannot have the effect it asks for."""
    found = []
    begin = 1 - request.departure
    cues: tuple[StyleCue | GuideCue, ...] = (*request.styles, *request.guides)
    for cue in cues:
        if cue.weight <= 0:
            text = f"{cue.name} has weight 0 and changes nothing."
            found.append(Notice("weightless", cue.name, text))
        elif cue.envelope.leave <= begin and request.departure > 0:
            text = (
                f"{cue.name} leaves at {cue.envelope.leave:.0%}, before the run starts at "
                f"{begin:.0%}, and cannot show."
            )
            found.append(Notice("left_before_start", cue.name, text))
        if cue.region is not None and not (cue.region > 0).any():
            text = f"{cue.name} is tied to an empty region and changes nothing."
            found.append(Notice("empty_region", cue.name, text))
    for style in request.styles:
        height, width = style.picture.shape[:2]
        if not style.is_swatches and min(height, width) < 128:
            text = (
                f"The picture of {style.name} is small ({width}x{height}); its marks will be few."
            )
            found.append(Notice("small_reference", style.name, text))
    if not request.styles:
        found.append(Notice("nothing_speaks", None, "No reference speaks; this is the source."))
    return found


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
            film = base.with_suffix(".film").read_bytes()
            return Proof(
                recipe=make_recipe(data["recipe"], str(base)),
                recipe_hash=recipe_hash,
                picture=read_picture(base.with_suffix(".png")),
                filmstrip=_unpack_film(film),
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
        film = _pack_film(proof.filmstrip)
        data = {
            "number": proof.number,
            "recipe": json.loads(recipe_json(proof.recipe)),
            "report": proof.report(),
        }
        text = json.dumps(data, ensure_ascii=False).encode()
        try:
            write_whole(base.with_suffix(".film"), lambda file: file.write(film))
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


def _pack_film(film: tuple[Frame, ...]) -> bytes:
    buffer = io.BytesIO()
    steps = np.array([f.step for f in film], np.int64)
    progress = np.array([f.progress for f in film])
    pictures: dict[str, Any] = {f"picture{i}": f.picture for i, f in enumerate(film)}
    np.savez_compressed(buffer, steps=steps, progress=progress, **pictures)
    return buffer.getvalue()


def _unpack_film(data: bytes) -> tuple[Frame, ...]:
    with np.load(io.BytesIO(data), allow_pickle=False) as arrays:
        steps, progress = arrays["steps"], arrays["progress"]
        return tuple(
            Frame(int(steps[i]), float(progress[i]), arrays[f"picture{i}"])
            for i in range(len(steps))
        )
