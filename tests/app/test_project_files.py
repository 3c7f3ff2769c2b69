"""Projects saved, packed and opened again in the window."""

import json
from pathlib import Path
from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QFileDialog

from overlay.app.parts.theme import tone
from overlay.app.shell import project_files
from overlay.app.shell.window import MainWindow
from overlay.studio.bench.bench import Bench
from overlay.studio.keeping.recovery import Recoveries
from tests.app.harness import WindowTest


class ProjectFileTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.path = self.folder / "almanac.overlay"

    def save(self, path: Path) -> None:
        answer = mock.patch.object(
            QFileDialog, "getSaveFileName", return_value=(str(path), "Project (*.overlay)")
        )
        with answer:
            self.choose("Save as")
        self.settle()

    def test_a_project_is_saved_with_its_pictures_and_opens_without_them(self):
        self.bench.change_cue(0, "Weight", weight=0.65)
        self.pull()
        number = self.bench.proof.number
        self.save(self.path)
        self.assertEqual(self.status, "Saved almanac.overlay")
        self.assertFalse(self.bench.project.modified)
        for name in ("mill.png", "paint.png"):
            (self.folder / name).unlink()
        self.window.open_path(self.path)
        self.settle()
        self.assertEqual(self.bench.project.recipe.cues[0].weight, 0.65)
        self.assertEqual(self.bench.project.path, self.path)
        self.assertEqual(self.bench.proof.number, number)
        self.assertIsNotNone(self.window.house.stage.images["source"])
        self.pull()
        self.assertIn(f"Same as proof {number}", self.status)

    def test_the_ending_is_added_and_saving_again_asks_nothing(self):
        self.save(self.folder / "bare")
        self.assertTrue((self.folder / "bare.overlay").exists())
        self.bench.change_cue(0, "Weight", weight=0.3)
        self.choose("Save")
        self.settle()
        self.assertFalse(self.bench.project.modified)

    def test_a_change_made_while_saving_stays_unsaved(self):
        self.window.house.files.save_to(self.path)
        self.bench.change_cue(0, "Weight", weight=0.3)
        self.settle()
        self.assertTrue(self.bench.project.modified)

    def test_a_damaged_file_is_refused_and_changes_nothing(self):
        self.path.write_bytes(b"not a container")
        before = self.bench.project
        self.window.open_path(self.path)
        self.settle()
        self.assertIn("almanac.overlay: must be a project file (ZIP)", self.status)
        self.assertIs(self.bench.project, before)

    def test_packed_proofs_hang_where_the_file_is_opened(self):
        self.pull()
        self.window.house.files.pack_to(self.path)
        self.settle()
        self.assertEqual(self.status, "Packed almanac.overlay with its proofs")
        self.assertNotEqual(self.bench.project.path, self.path)
        self.window.open_path(self.path)
        self.settle()
        self.pull()
        self.assertIn("nothing has changed since", self.status)


class ElsewhereTest(WindowTest):
    """The same project in another window, or written by another program."""

    def setUp(self):
        super().setUp()
        self.path = self.folder / "recipe.json"
        self.bench.change_recipe("Seed", seed=41)
        self.theirs = self.recipe(seed=77)
        self.path.write_text(json.dumps(self.theirs) + "  ")

    def save(self, choice):
        with mock.patch.object(project_files, "ask_choice", return_value=choice) as asked:
            self.choose("Save")
            self.settle()
        asked.assert_called_once()
        self.assertEqual(asked.call_args.args[3], ("Save as…", "Take theirs", "Overwrite"))

    def written_seed(self):
        return json.loads(self.path.read_text())["seed"]

    def test_nothing_is_overwritten_without_asking(self):
        self.save(None)
        self.assertEqual(self.written_seed(), 77)
        self.assertTrue(self.bench.project.modified)
        self.assertIn("Not saved: ", self.status)

    def test_overwrite_and_then_saving_asks_no_more(self):
        self.save("Overwrite")
        self.assertEqual(self.written_seed(), 41)
        self.bench.change_recipe("Seed", seed=42)
        with mock.patch.object(project_files, "ask_choice") as asked:
            self.choose("Save")
            self.settle()
        asked.assert_not_called()
        self.assertEqual(self.written_seed(), 42)

    def test_saving_twice_in_a_row_is_nobody_elses_change(self):
        self.save("Overwrite")
        with mock.patch.object(project_files, "ask_choice") as asked:
            for seed in (42, 43, 44):
                self.bench.change_recipe("Seed", seed=seed)
                self.choose("Save")
            self.settle()
        asked.assert_not_called()
        self.assertEqual(self.written_seed(), 44)
        self.assertFalse(self.bench.project.modified)

    def test_a_save_that_is_answered_late_does_not_hide_a_later_one(self):
        self.save("Overwrite")
        files, asked = self.window.house.files, []
        with mock.patch.object(files.loader, "ask", lambda *ask, **_: asked.append(ask)):
            for seed in (42, 43, 44):
                self.bench.change_recipe("Seed", seed=seed)
                files.save()
        saves = [ask for ask in asked if "save_to" in ask[0].__qualname__]
        (first, done), (second, _), (third, ended) = saves
        answer = first()
        second()
        done(answer)
        ended(third())
        self.assertEqual(self.written_seed(), 44)
        self.assertFalse(self.bench.project.modified)

    def test_take_theirs_leaves_ours_under_unsaved_work(self):
        self.window.house.keeping.save()
        self.save("Take theirs")
        self.assertEqual(self.bench.project.recipe.seed, 77)
        left = self.window.house.keeping.left()
        self.assertEqual([one.name for one in left][:1], ["recipe.json"])
        self.assertEqual(Recoveries().load(left[0].key).state.recipe.seed, 41)

    def test_save_as_leaves_theirs(self):
        other = self.folder / "other.json"
        with mock.patch.object(
            QFileDialog, "getSaveFileName", return_value=(str(other), "Recipe (*.json)")
        ):
            self.save("Save as…")
        self.assertEqual(self.written_seed(), 77)
        self.assertEqual(json.loads(other.read_text())["seed"], 41)

    def test_a_second_window_says_so_and_copies_do_not_meet(self):
        second = MainWindow(Bench())
        self.addCleanup(second.deleteLater)
        self.addCleanup(second.close)
        second.open_path(self.path)
        self.wait(lambda: second.house.idle)
        self.assertIn(
            "recipe.json is open in another window too", second.house.stage.status.label.text()
        )
        second.bench.change_recipe("Seed", seed=5)
        for window in (self.window, second):
            window.house.keeping.save()
        self.wait(lambda: second.floor.loader.idle and self.window.floor.loader.idle)
        seeds = [
            Recoveries().load(w.bench.project.key).state.recipe.seed for w in (self.window, second)
        ]
        self.assertEqual(seeds, [41, 5])


class MissingTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.away = self.folder / "away.png"
        (self.folder / "mill.png").rename(self.away)

    def find(self, path):
        with mock.patch.object(QFileDialog, "getOpenFileName", return_value=(str(path), "")):
            QTest.mouseClick(self.window.house.stage.status.action, Qt.MouseButton.LeftButton)
            self.settle()

    def test_what_is_not_there_is_named_and_can_be_found(self):
        self.window.open_path(self.folder / "recipe.json")
        self.settle()
        self.assertIn("recipe.json: not there: mill.png", self.status)
        self.assertEqual(self.window.house.stage.status.action.text(), "Find it…")
        self.find(self.away)
        self.assertEqual(self.bench.project.recipe.source, str(self.away))
        self.assertIn(self.away, self.bench.project.state.tray)
        self.assertEqual(self.status, "mill.png is away.png from now on.")
        self.choose("Undo")
        self.assertEqual(self.bench.project.recipe.source, str(self.folder / "mill.png"))

    def test_what_is_no_picture_is_not_taken_for_it(self):
        self.window.open_path(self.folder / "recipe.json")
        self.settle()
        self.find(self.write_text("no.png", "hello"))
        self.assertIn("must be a PNG", self.status)
        self.assertEqual(self.bench.project.recipe.source, str(self.folder / "mill.png"))

    def test_a_project_is_saved_without_it_and_opens_without_it(self):
        path = self.folder / "almanac.overlay"
        self.window.house.files.save_to(path)
        self.settle()
        self.assertIn("Saved almanac.overlay without what is not there", self.status)
        self.assertIn("mill.png", self.status)
        self.assertFalse(self.bench.project.modified)
        self.window.open_path(path)
        self.settle()
        self.assertIn("almanac.overlay: not there: mill.png", self.status)
        self.find(self.away)
        self.assertEqual(self.bench.project.recipe.source, str(self.away))
        self.window.house.files.save_to(path)
        self.settle()
        self.assertEqual(self.status, "Saved almanac.overlay")

    def red(self, icon):
        """Pixels in the colour of refusals."""
        image, alarm = icon.pixmap(104, 70).toImage(), tone("alarm")
        places = ((x, y) for x in range(image.width()) for y in range(image.height()))
        return sum(image.pixelColor(*place).rgb() == alarm.rgb() for place in places)

    def test_nothing_of_the_project_before_is_shown_in_its_place(self):
        self.pull()
        (self.folder / "paint.png").unlink()
        self.window.open_path(self.folder / "recipe.json")
        self.settle()
        self.assertIsNone(self.window.house.card.picture._image)
        self.assertIsNone(self.window.house.stage.images.get("reference"))
        self.assertIsNone(self.window.house.stage.images.get("source"))

    def test_figures_of_another_projects_proof_go_with_it(self):
        self.away.rename(self.folder / "mill.png")
        self.pull()
        self.assertIn("Proof", self.window.house.stage.status.facts.text())
        self.window.open_path(self.write_recipe("other.json", seed=99))
        self.settle()
        self.assertEqual(self.window.house.stage.status.facts.text(), "")

    def test_the_tray_says_it_and_offers_to_find_it(self):
        self.window.open_path(self.folder / "recipe.json")
        self.settle()
        item, there = (self.window.house.tray.pictures.item(i) for i in (0, 1))
        self.assertEqual((item.text(), there.text()), ("mill", "paint"))
        self.assertIn("mill.png: no such file", item.toolTip())
        reds = [self.red(entry.icon()) for entry in (item, there)]
        self.assertGreater(reds[0], 100)  # framed, with words in it
        self.assertLess(reds[1], reds[0])
        menu = self.window.house.tray.menu_of(self.folder / "mill.png")
        self.assertEqual(
            [a.text() for a in menu.actions()][:4],
            ["Find it…", "Rename", "Remove from the tray", ""],
        )
