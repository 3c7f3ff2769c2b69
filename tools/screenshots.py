"""Take the pictures of every main view from the demo data: `python tools/screenshots.py FOLDER`.

Also writes sheets of proofs into `figures` beside that folder. Uses the present display, or runs
offscreen.
"""

import os
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

sys.path.insert(0, str(Path(__file__).parents[1]))
_HOME = tempfile.TemporaryDirectory(prefix="overlay-shots-")
for _name in ("DATA", "STATE", "CACHE", "CONFIG"):
    os.environ[f"XDG_{_name}_HOME"] = str(Path(_HOME.name) / _name.lower())

from PySide6.QtCore import QPoint, QPointF  # noqa: E402
from PySide6.QtGui import QPainter, QPixmap  # noqa: E402
from PySide6.QtWidgets import QApplication, QWidget  # noqa: E402

from overlay.app.handing.print_dialog import PrintDialog  # noqa: E402
from overlay.app.main import make_application  # noqa: E402
from overlay.app.shell.window import MainWindow  # noqa: E402
from overlay.imaging.files import read_picture  # noqa: E402
from overlay.studio.bench.bench import Bench  # noqa: E402
from overlay.studio.demo.almanac import EDITION_FILE, plate_file  # noqa: E402
from overlay.studio.demo.demo import (  # noqa: E402
    RECIPE_NAME,
    REGIONS_NAME,
    RIDE,
    demo_recipe,
    ensure_ride,
    prepare_demo,
)
from overlay.studio.inputs.folders import data_folder  # noqa: E402
from overlay.studio.inputs.paths import absolute_recipe  # noqa: E402
from tools import sheets  # noqa: E402


def _wait(until: Callable[[], bool]) -> None:
    end = time.monotonic() + 120
    while not until() and time.monotonic() < end:
        QApplication.processEvents()
        time.sleep(0.01)
    for _ in range(20):
        QApplication.processEvents()
        time.sleep(0.01)


def shoot_window(recipe: Path, folder: Path) -> None:
    """The bench in its states."""
    window = MainWindow(Bench())
    window.setProperty("folder", str(folder))
    window.show()

    def settle() -> None:
        _wait(lambda: window.house.idle and window.updatesEnabled())

    def shoot(name: str) -> None:
        settle()
        window.grab().save(str(folder / f"{name}.png"))

    window.bench.set_source(recipe.parent / "lock.png")
    settle()
    shoot("start")
    window.open_path(recipe)
    settle()
    window.house.puller.pull()
    shoot("bench")
    window.bench.change_recipe("Departure", departure=0.8)
    window.house.puller.pull()
    settle()
    window.bench.project.undo()
    window.house.puller.pull()
    settle()
    window.bench.select(2)
    window.house.stage.set_mode("map")
    shoot("map")
    shoot_regions(window, settle, shoot)
    window.house.stage.set_mode("influence")
    shoot("influence")
    window.bench.select(0)
    settle()
    window.house.stage.set_mode("trace")
    window.house.stage.view.clicked.emit(QPointF(0.63, 0.5))
    window.house.card.tabs["Picture"].click()
    shoot("trace")
    window.house.card.tabs["Facets"].click()
    window.house.stage.set_mode("proof")
    window.bench.change_cue(0, "Enter", enter=0.5, fade_in=0.2)
    window.house.card.span.fields["leave"].setValue(30)
    dark, light = (window.floor.settings.model_copy(update={"theme": t}) for t in ("dark", "light"))
    window.floor.change_settings(dark)
    window.resize(1024, 700)
    shoot("dark-small")
    window.floor.change_settings(light)
    window.resize(1280, 800)
    shoot_rooms(window, settle, shoot)
    settle_regions(window, settle)
    shoot_search(window, settle, shoot)
    shoot_sets(window, settle, shoot)
    shoot_finish(window, settle, shoot)
    shoot_words(window, settle, shoot)
    grab_described(window, settle).save(str(folder / "described.png"))
    grab_teaching(window, settle).save(str(folder / "teaching.png"))
    window.close()


def shoot_words(
    window: MainWindow, settle: Callable[[], None], shoot: Callable[[str], None]
) -> None:
    """A plate's words and the scene they draw."""
    window.house.stage.compare.ways["wipe"].setChecked(False)
    window.floor.go_to("bench")
    window.open_path(data_folder() / "demo" / plate_file("barge"))
    settle()
    words = ["red barge 140%", "horse at left", "pinnace far", "reeds", "canal", "evening"]
    words += ["beautiful", "windmil"]
    window.bench.write_prompt("Words", words)
    window.house.stage.set_mode("drawn")
    shoot("words")
    window.bench.project.undo()


def grab_described(window: MainWindow, settle: Callable[[], None]) -> QPixmap:
    """The window with the panel that says its proof in phrases."""
    window.house.puller.pull()
    settle()
    window.house.stage.set_mode("proof")
    window.house.words_desk.describe_shown()
    settle()
    return _with_panel(window, window.house.words_desk.described)


def grab_teaching(window: MainWindow, settle: Callable[[], None]) -> QPixmap:
    """The window while a word that is not known is taught."""
    path = sheets.toll_gig(data_folder() / "demo")
    window.bench.write_prompt("Words", ["tollgig at right", "old boathouse", "canal", "dawn"])
    window.bench.add_pictures([path])
    window.house.stage.set_mode("drawn")
    settle()
    window.house.teaching.teach_picture(path, "tollgig")
    settle()
    return _with_panel(window, window.house.teaching.panel)


def _with_panel(window: MainWindow, panel: QWidget) -> QPixmap:
    """The window with a panel that floats over it, which is closed."""
    shown = window.grab()
    painter = QPainter(shown)
    painter.drawPixmap(window.mapFromGlobal(panel.mapToGlobal(QPoint())), panel.grab())
    painter.end()
    panel.close()
    return shown


def shoot_search(
    window: MainWindow, settle: Callable[[], None], shoot: Callable[[str], None]
) -> None:
    """A hunt, a target that is met, and a sheet with two cells picked."""
    window.house.stage.compare.ways["wipe"].setChecked(False)
    search = window.house.search
    search.hunt.begin(8)
    settle()
    search.hunt.strip.walk_to(2)
    shoot("hunt")
    search.hunt.leave()
    search.meet.open("cues.dot print.weight")
    panel = search.meet.panel
    panel.measure.setCurrentIndex(panel.measure.findData("style_match.dot print"))
    panel.value.setValue(26)
    search.meet.find()
    shoot("meet")
    search.meet.close()
    search.sheets.vary("departure", "across")
    search.sheets.vary("cues.dot print.weight", "down")
    search.sheet_room.down.typed.setText("20 50 80 100")
    search.sheets.fill()
    settle()
    search.sheet_room.grid.pick((1, 1))
    search.sheet_room.grid.pick((2, 3), beside=True)
    shoot("sheet")


def shoot_finish(
    window: MainWindow, settle: Callable[[], None], shoot: Callable[[str], None]
) -> None:
    """Passes past the end of the run, and the proof on paper."""
    window.floor.go_to("bench")
    window.open_path(data_folder() / "demo" / RECIPE_NAME)
    settle()
    window.house.stage.compare.ways["wipe"].setChecked(False)
    window.house.pass_desk.add("refine")
    window.house.pass_desk.add("enlarge")
    window.house.puller.pull()
    settle()
    window.house.pass_desk.choose(1)
    shoot("passes")
    window.house.pass_desk.choose(None)
    window.house.handing.ask_print()
    settle()
    dialog = next(d for d in window.findChildren(PrintDialog) if d.isVisible())
    dialog.bleed.setValue(3)
    dialog.resize(900, 560)
    settle()
    shown = window.grab()
    painter = QPainter(shown)
    painter.drawPixmap(190, 120, dialog.grab())
    painter.end()
    shown.save(str(window.property("folder") + "/print.png"))
    dialog.reject()


def settle_regions(window: MainWindow, settle: Callable[[], None]) -> None:
    """Three manners in three regions, their rims settled."""
    window.open_path(data_folder() / "demo" / REGIONS_NAME)
    settle()
    window.house.puller.pull()
    settle()
    window.house.region_desk.settle(0.2, rim=False)
    settle()
    window.house.stage.set_mode("region")
    window.house.stage.set_mode("proof")
    window.house.stage.view._wipe = 0.5
    settle()


def shoot_sets(
    window: MainWindow, settle: Callable[[], None], shoot: Callable[[str], None]
) -> None:
    """The almanac as an edition, and a ride past the kilns as a sequence."""
    demo, desk = data_folder() / "demo", window.house.edition_desk
    window.floor.go_to("edition")
    desk.drafting.open_edition(demo / EDITION_FILE)
    settle()
    edition = desk.present()
    small = edition.recipe.model_copy(update={"size": (384, 256)})
    desk.change("Small", edition.model_copy(update={"recipe": small}))
    desk.pulling.fill()
    settle()
    desk.picking.pick([3])
    shoot("edition")
    window.floor.go_to("sequence")
    window.house.sequence_desk.take(demo / RIDE)
    recipe = absolute_recipe(demo_recipe("bottle kiln", (("felt", 1.0),), size=(384, 256)), demo)
    window.bench.project.edit("Felt", recipe)
    settle()
    sequence = window.house.sequence_desk
    sequence.room.player.strip.go_to(1)
    sequence._add_key("departure")
    sequence.room.player.strip.go_to(12)
    sequence._add_key("departure")
    settle()
    sequence.room.keys.item(1, 2).setText("75")
    sequence.fill()
    settle()
    sequence.room.player.strip.go_to(8)
    shoot("sequence")
    window.bench.project.undo()
    window.floor.go_to("bench")


def shoot_regions(
    window: MainWindow, settle: Callable[[], None], shoot: Callable[[str], None]
) -> None:
    """The picked sky with a painted region united."""
    panel = window.house.regions
    window.house.stage.set_mode("region")
    panel.menu.asked.emit(None)
    settle()
    window.house.region_desk._draw(
        "brush", {"points": ((0.3, 0.8), (0.45, 0.7), (0.6, 0.85)), "size": 0.12}
    )
    window.house.region_desk._change("Unite with sky", {"unite": ["sky"], "feather": 4})
    shoot("regions")
    for _ in range(3):
        window.bench.project.undo()
    window.house.stage.set_mode("proof")
    settle()


def shoot_rooms(
    window: MainWindow, settle: Callable[[], None], shoot: Callable[[str], None]
) -> None:
    """The drawer with a star and a child, and a picture that is being made ready."""
    kept = window.bench.shelf.all_kept()
    window.house.drawer_desk.start_from(kept[:1])
    settle()
    window.house.puller.pull()
    settle()
    window.floor.go_to("drawer")
    settle()
    window.house.drawer_desk.star()
    shoot("drawer")
    window.house.prepare_desk.open(window.bench.project.state.tray[0])
    settle()
    window.house.prepare._change("Crop", crop=(0.08, 0.1, 0.72, 0.86), straighten=1.5)
    shoot("prepare")
    window.floor.go_to("bench")


def main(folder: Path) -> None:
    """Take all pictures."""
    folder.mkdir(parents=True, exist_ok=True)
    make_application()
    demo = data_folder() / "demo"
    recipe = prepare_demo(demo)
    ensure_ride(demo)
    shoot_window(recipe, folder)
    sheets.make_all(demo, folder.parent / "figures")
    for path in sorted(folder.iterdir()):
        print(path, *read_picture(path).shape[1::-1])


if __name__ == "__main__":
    main(Path(sys.argv[1]))
