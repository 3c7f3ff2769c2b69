"""The whole demo as files: every scene in every manner, each with its report."""

import json
from collections.abc import Callable
from functools import partial
from pathlib import Path
from typing import BinaryIO

from overlay.document.reading import recipe_json
from overlay.imaging.files import write_picture, write_whole
from overlay.scenery.manners import MANNERS
from overlay.scenery.scenes import SCENES
from overlay.studio.demo import demo_recipe
from overlay.studio.paths import absolute_recipe, relative_recipe
from overlay.studio.pictures import PictureStore
from overlay.studio.proofs import make_proof


def render_plates(folder: Path, say: Callable[[str], None]) -> list[Path]:
    """Render every scene in every manner into `folder`, where the demo's pictures lie."""
    store = PictureStore()
    written = []
    for scene in SCENES:
        for manner in MANNERS:
            recipe = absolute_recipe(demo_recipe(scene, ((manner, 1.0),)), folder)
            proof = make_proof(recipe, store)
            path = folder / f"proof-{scene}-{manner}.png".replace(" ", "-")
            carried = recipe_json(relative_recipe(recipe, folder))
            write_picture(path, proof.picture, recipe=carried)
            text = json.dumps(proof.report(), indent=2).encode()
            write_whole(path.with_suffix(".json"), partial(_fill, text=text))
            match = next(iter(proof.measures["style_match"].values()))
            kept = proof.measures["structure_kept"]
            say(f"{scene} in {manner}: style match {match:.0f}, structure kept {kept:.0f}")
            written.append(path)
    return written


def _fill(file: BinaryIO, text: bytes) -> None:
    file.write(text)
