"""The whole demo as files: scenes in every manner, plates from words, each with its report."""

import json
from collections.abc import Callable, Iterator
from pathlib import Path
from typing import Any

from overlay.document.reading import recipe_json
from overlay.document.recipe import Recipe
from overlay.document.sets.sequences import Sequence
from overlay.engine.control import Control
from overlay.imaging.colour import ByteImage
from overlay.imaging.files import write_picture
from overlay.imaging.whole_files import write_bytes
from overlay.scenery.manners import MANNERS
from overlay.scenery.scenes import SCENES
from overlay.studio.demo.almanac import EDITION_FILE, PLATES, plate_recipe
from overlay.studio.demo.demo import RIDE, demo_recipe, three_manners_recipe
from overlay.studio.editions.contact import Printed, write_contact
from overlay.studio.editions.crews import Alone
from overlay.studio.editions.figures import set_figures
from overlay.studio.editions.folder import EditionFolder
from overlay.studio.editions.pulling import pull_edition
from overlay.studio.editions.reading import read_edition
from overlay.studio.editions.sharing import find_colours
from overlay.studio.inputs.paths import absolute_recipe, relative_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.making.proofs import make_proof
from overlay.studio.sequences.making import Outcome, check_sequence, make_sequence
from overlay.studio.sequences.writing import write_all


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
    written.append(_render_edition(folder, say))
    written.append(_render_ride(folder, say))
    return written


def _render_edition(folder: Path, say: Callable[[str], None]) -> Path:
    """The almanac by one hand, in three manners, with its contact sheet."""
    store, control = PictureStore(), Control()
    edition = read_edition(folder / EDITION_FILE)
    colours = find_colours(edition, store, control)
    edition = edition.model_copy(update={"colours": colours})
    outcome = pull_edition(edition, EditionFolder(folder / "edition", store), Alone, control)
    sets = set_figures(edition, outcome.measured)
    path = folder / "edition.png"
    write_contact(path, Printed(edition=edition, pictures=outcome.small, sets=sets))
    for one in sets:
        say(f"almanac in {one.title}: evenness {one.evenness.value:.0f}")
    return path


def _render_ride(folder: Path, say: Callable[[str], None]) -> Path:
    """The ride past the kilns, held, as an animation."""
    recipe = absolute_recipe(demo_recipe("bottle kiln", (("felt", 1.0),), size=(384, 256)), folder)
    sequence = Sequence(title="ride", recipe=recipe, frames=str((folder / RIDE).absolute()))
    frames, outcome = check_sequence(sequence), Outcome()

    def pictures() -> Iterator[ByteImage]:
        for made in make_sequence(sequence, frames, Control()):
            outcome.take(made)
            yield made.picture

    path = folder / "ride.webp"
    write_all(path, pictures(), frames.rate)
    say(f"ride in felt: flicker {outcome.report()['flicker']}")
    return path


def _render(relative: Recipe, path: Path, store: PictureStore) -> dict[str, Any]:
    """Render a recipe beside the demo's pictures, with its report; returns its measures."""
    recipe = absolute_recipe(relative, path.parent)
    proof = make_proof(recipe, store)
    carried = recipe_json(relative_recipe(recipe, path.parent))
    write_picture(path, proof.picture, recipe=carried, engine=proof.engine)
    write_bytes(path.with_suffix(".json"), json.dumps(proof.report(), indent=2).encode())
    return proof.measures
