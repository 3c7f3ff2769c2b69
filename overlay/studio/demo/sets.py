"""The demo's sets as files: the almanac in three manners by one hand, a ride that is held."""

from collections.abc import Callable, Iterator
from pathlib import Path

from overlay.document.sets.sequences import Sequence
from overlay.engine.control import Control
from overlay.imaging.colour import ByteImage
from overlay.studio.demo.almanac import EDITION_FILE
from overlay.studio.demo.demo import RIDE, demo_recipe
from overlay.studio.editions.contact import Printed, write_contact
from overlay.studio.editions.crews import Alone
from overlay.studio.editions.figures import set_figures
from overlay.studio.editions.folder import EditionFolder
from overlay.studio.editions.pulling import pull_edition
from overlay.studio.editions.reading import read_edition
from overlay.studio.editions.sharing import find_colours
from overlay.studio.inputs.paths import absolute_recipe
from overlay.studio.inputs.pictures import PictureStore
from overlay.studio.sequences.making import Outcome, check_sequence, make_sequence
from overlay.studio.sequences.writing import write_all


def render_sets(folder: Path, say: Callable[[str], None]) -> list[Path]:
    """Render the demo's edition and its sequence into `folder`, where its pictures lie."""
    return [_render_edition(folder, say), _render_ride(folder, say)]


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
