"""The whole demo as files: scenes in every manner, plates from words, each with its report."""

import json
from collections.abc import Callable
from pathlib import Path
from typing import Any

from overlay.document.reading import recipe_json
from overlay.document.recipe import Recipe
from overlay.imaging.files import write_picture
from overlay.imaging.whole_files import write_bytes
from overlay.scenery.manners import MANNERS
from overlay.scenery.scenes import SCENES
from overlay.studio.demo.almanac import PLATES, plate_recipe
from overlay.studio.demo.demo import demo_recipe, three_manners_recipe
from overlay.studio.inputs.paths import absolute_recipe, relative_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.proofs import make_proof


def render_plates(folder: Path, say: Callable[[str], None]) -> list[Path]:
    """Render every scene in every manner into `folder`, where the demo's pictures lie."""
    store = PictureStore()
    written = []
    for scene in SCENES:
        for manner in MANNERS:
            path = folder / f"proof-{scene}-{manner}.png".replace(" ", "-")
            measures = _render(demo_recipe(scene, ((manner, 1.0),)), path, store)
            match = next(iter(measures["style_match"].values()))
            kept = measures["structure_kept"]
            say(f"{scene} in {manner}: style match {match:.0f}, structure kept {kept:.0f}")
            written.append(path)
    for name in PLATES:
        path = folder / f"proof-in-words-{name}.png".replace(" ", "-")
        measures = _render(plate_recipe(name), path, store)
        match = next(iter(measures["style_match"].values()))
        say(f"{name} from words in {PLATES[name].manner}: style match {match:.0f}")
        written.append(path)
    for settled in (0.0, 0.2, 0.4):
        path = folder / f"proof-three-manners-settled-{100 * settled:.0f}.png"
        rims = _render(three_manners_recipe(settled), path, store)["rim"]
        said = ", ".join(f"{name} {value:.2f}" for name, value in rims.items())
        say(f"lock in three manners, settled {settled:.0%}: rims {said}")
        written.append(path)
    return written


def _render(relative: Recipe, path: Path, store: PictureStore) -> dict[str, Any]:
    """Render a recipe beside the demo's pictures, with its report; returns its measures."""
    recipe = absolute_recipe(relative, path.parent)
    proof = make_proof(recipe, store)
    carried = recipe_json(relative_recipe(recipe, path.parent))
    write_picture(path, proof.picture, recipe=carried, engine=proof.engine)
    write_bytes(path.with_suffix(".json"), json.dumps(proof.report(), indent=2).encode())
    return proof.measures
