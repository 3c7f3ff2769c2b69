import json
import threading
from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QMenu

from overlay.app.main import _begin
from overlay.app.shell import demo_drawing, project_files
from overlay.app.shell.help.tour import Tour
from overlay.document.project import Project
from overlay.studio.inputs.folders import proofs_folder, state_folder
from overlay.studio.keeping.recovery import Recoveries, Snapshot
from tests.app.harness import WindowTest


class BeginTest(WindowTest):
    """`left` holds a copy of unsaved work that a window which died has left."""

    def setUp(self):
        super().setUp()
        for one in Recoveries().left():
            Recoveries().forget(one.key)
        self.bench.change_recipe("Seed", seed=1234)
        self.left = Snapshot.of(Project(self.bench.project.state))
        self.left = Snapshot(self.left.key, None, None, self.left.state, modified=True)
        Recoveries().write(self.left)
        before = self.bench.project.key
        self.bench.take_project(Project())
        self.settle()
        Recoveries().forget(before)  # that was put away for the empty one

    def begin(self, file=None):
        _begin(self.window, file)
        self.settle()

    def entries(self):
        menu = next(m for m in self.window.findChildren(QMenu) if m.title() == "Unsaved work")
        menu.aboutToShow.emit()
        return {action.text().split(",")[0]: action for action in menu.actions()}

    def test_unsaved_work_comes_back(self):
        self.begin()
        self.assertEqual(self.bench.project.recipe.seed, 1234)
        self.assertTrue(self.bench.project.modified)
        self.assertEqual(self.bench.project.key, self.left.key)
        self.assertIn("unsaved work from last time is back", self.status)

    def test_beside_another_project_it_is_offered_and_stays_until_it_is_taken(self):
        self.begin(self.write_recipe("other.json", seed=5))
        self.assertEqual(self.bench.project.recipe.seed, 5)
        self.assertIn("There is unsaved work from last time: Unnamed", self.status)
        self.window.open_path(self.write_recipe("third.json", seed=6))
        self.settle()
        self.bench.change_recipe("Seed", seed=7)
        self.window.house.keeping.save()
        self.settle()
        self.assertEqual(list(self.entries()), ["Unnamed"])
        with mock.patch.object(project_files, "ask_choice", return_value="Put it away"):
            self.entries()["Unnamed"].trigger()
            self.settle()
        self.assertEqual(self.bench.project.recipe.seed, 1234)
        self.assertEqual(list(self.entries()), ["third.json"])  # what was put away for it

    def test_the_offer_brings_it_back(self):
        self.begin(self.write_recipe("other.json", seed=5))
        QTest.mouseClick(self.window.house.stage.status.action, Qt.MouseButton.LeftButton)
        self.settle()
        self.assertEqual(self.bench.project.recipe.seed, 1234)

    def test_what_was_put_away_is_listed_but_does_not_come_back_by_itself(self):
        Recoveries().put_away(self.left)
        self.begin()
        self.assertNotEqual(self.bench.project.recipe.seed, 1234)
        self.assertEqual(list(self.entries()), ["Unnamed"])

    def test_the_very_last_change_is_put_away_too(self):
        self.begin()
        with mock.patch.object(project_files, "ask_choice", return_value="Put it away"):
            self.bench.change_recipe("Seed", seed=4321)
            self.choose("New")
        self.settle()
        self.entries()["Unnamed"].trigger()
        self.settle()
        self.assertEqual(self.bench.project.recipe.seed, 4321)

    def test_copies_of_older_versions_are_taken_in(self):
        Recoveries().forget(self.left.key)
        recipe = self.recipe(seed=99)
        old = {"path": None, "modified": True, "tray": [], "marks": {}, "recipe": recipe}
        (state_folder() / "recovery.json").write_text(json.dumps(old))
        self.begin()
        self.assertEqual(self.bench.project.recipe.seed, 99)
        self.assertFalse((state_folder() / "recovery.json").exists())

    def test_projects_without_a_file_have_shelves_of_their_own(self):
        self.begin()
        self.pull()
        self.assertEqual(self.bench.shelf.folder, proofs_folder() / f"unnamed-{self.left.key}")
        star = self.bench.proof.recipe_hash
        QTest.keyClick(self.window, Qt.Key.Key_K)
        self.window.house.keeping.save()
        with mock.patch.object(project_files, "ask_choice", return_value="Put it away"):
            self.choose("New")
            self.settle()
        self.assertIsNone(self.bench.proof)
        self.assertEqual(self.bench.shelf.all_kept(), [])
        self.window.house.keeping.save()
        self.settle()
        self.entries()["Unnamed"].trigger()
        self.settle()
        self.assertEqual(self.bench.proof.recipe_hash, star)
        self.assertTrue(self.bench.project.state.mark(star).star)
        self.assertIn(star, self.bench.shelf.read_marks())


class RunTest(WindowTest):
    def test_opening_another_project_ends_the_run_of_the_first(self):
        self.bench.change_recipe("Long", steps=200, size=[384, 256])
        self.window.house.puller.pull()
        self.wait(lambda: self.window.house.puller._developing)
        self.window.open_path(self.write_recipe("other.json", seed=5))
        self.settle()
        self.assertIsNone(self.bench.proof)
        self.assertEqual(self.window.house.top.button.text().strip(), "Pull")


class DemoTest(WindowTest):
    FRESH = True

    def setUp(self):
        super().setUp()
        self.going, path = threading.Event(), self.write_recipe("almanac.json", seed=9)

        def prepare(folder, report):
            report(0.4, "the lock")
            self.going.wait(20)
            return path

        for patch in (
            mock.patch.object(demo_drawing, "prepare_demo", prepare),
            mock.patch.object(project_files, "RECIPE_NAME", path.name),
        ):
            patch.start()
            self.addCleanup(patch.stop)
        self.addCleanup(self.going.set)  # before the window is closed

    @property
    def seed(self):
        return self.bench.project.recipe.seed

    def test_the_demo_is_drawn_while_the_window_is_up_and_then_shown_round_once(self):
        floor = self.window.floor
        floor.change_settings(floor.settings.model_copy(update={"toured": False}))
        _begin(self.window, None, demo=True)
        self.wait(lambda: "the lock, 40 %" in self.status)
        ways = self.window.house.start.ways
        self.assertEqual(
            (ways.drawing.now.text(), ways.drawing.bar.value()), ("Drawing the lock…", 400)
        )
        self.assertTrue(ways.buttons["demo"].isHidden())
        self.assertTrue(self.window.isVisible())
        self.assertNotEqual(self.seed, 9)
        self.going.set()
        self.wait(lambda: self.seed == 9)
        self.assertFalse(ways.buttons["demo"].isHidden())
        self.assertTrue(ways.drawing.isHidden())
        (tour,) = self.window.findChildren(Tour)
        self.assertTrue(tour.isVisible())
        tour.close()
        self.window.house.files.demo_opened.emit()
        self.assertFalse([t for t in self.window.findChildren(Tour) if t.isVisible()])

    def test_it_does_not_take_the_place_of_what_was_begun_meanwhile(self):
        _begin(self.window, None, demo=True)
        self.window.open_path(self.write_recipe("mine.json", seed=3))
        self.wait(lambda: self.seed == 3)
        self.going.set()
        self.wait(lambda: "The demo is drawn" in self.status)
        self.assertEqual(self.seed, 3)
        QTest.mouseClick(self.window.house.stage.status.action, Qt.MouseButton.LeftButton)
        self.wait(lambda: self.seed == 9)
