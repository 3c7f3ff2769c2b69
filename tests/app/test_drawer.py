from unittest import mock

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QFileDialog

from overlay.document.reading import read_recipe
from overlay.engine.version import ENGINE_VERSION
from tests.app.harness import WindowTest

LEFT = Qt.MouseButton.LeftButton


class DrawerTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.pull()
        self.bench.change_recipe("Seed", seed=5)
        self.pull()
        self.key(Qt.Key.Key_4, Qt.KeyboardModifier.ControlModifier)
        self.settle()
        self.room = self.window.house.drawer

    def key(self, key, modifier=Qt.KeyboardModifier.NoModifier):
        QTest.keyClick(self.window, key, modifier)
        self.settle()

    def click(self, deed):
        QTest.mouseClick(self.room.deeds[deed], LEFT)
        self.settle()

    def choose_rows(self, *rows):
        self.room.list.clearSelection()
        for row in rows:
            self.room.list.item(row).setSelected(True)
        self.settle()

    def test_proofs_are_there_with_pictures_facts_and_differences(self):
        self.assertEqual(self.window.floor.room, "drawer")
        texts = [self.room.list.item(i).text() for i in range(2)]
        self.assertEqual(texts, ["Proof 2", "Proof 1"])
        self.assertFalse(self.room.list.item(0).icon().isNull())
        self.assertFalse(self.room.picture.pixmap().isNull())
        self.assertIn("bench has this proof's recipe", self.room.different.text())
        self.choose_rows(1)
        self.assertIn("seed 5 → 0", self.room.different.text())

    def test_a_proof_of_an_older_engine_says_that_it_will_differ(self):
        self.assertNotIn("engine", self.room.facts.text())
        record = self.bench.shelf.folder / f"{self.room.kept[0].recipe_hash}.json"
        said = f'"engine": "patches {ENGINE_VERSION}"'
        record.write_text(record.read_text("utf-8").replace(said, '"engine": "patches 1"'), "utf-8")
        self.window.floor.go_to("bench")
        self.window.floor.go_to("drawer")
        self.settle()
        self.choose_rows(0)
        self.assertIn("made by engine 1; pulled again", self.room.facts.text())
        self.click("restore")
        self.assertIn("pulled again it will differ", self.window.house.stage.status.label.text())

    def test_star_note_and_delete_can_be_undone_here(self):
        self.room.list.setFocus()
        QTest.keyClick(self.room.list, Qt.Key.Key_K)
        self.room.note.setFocus()
        QTest.keyClicks(self.room.note, "good sky")
        self.room.list.setFocus()
        self.settle()
        mark = self.bench.project.state.mark(self.room.kept[0].recipe_hash)
        self.assertEqual((mark.star, mark.note), (True, "good sky"))
        QTest.mouseClick(self.room.starred, LEFT, pos=self.room.starred.rect().center())
        self.room.starred.setChecked(True)
        self.assertEqual(self.room.list.count(), 1)
        self.room.starred.setChecked(False)
        self.click("remove")
        self.assertEqual(self.room.list.count(), 1)
        self.key(Qt.Key.Key_Z, Qt.KeyboardModifier.ControlModifier)
        self.assertEqual(self.room.list.count(), 2)
        self.assertEqual(self.window.actions_by_name["Redo"].text(), "Redo: Delete proof 2")

    def test_search_and_cue_filter(self):
        QTest.keyClicks(self.room.search, "1")
        self.assertEqual(self.room.list.item(0).text(), "Proof 1")
        self.room.search.setText("nothing like it")
        self.assertEqual(
            (self.room.list.count(), self.room.empty.text()), (0, "No proof is like that.")
        )
        self.room.search.clear()
        self.room.cue.setCurrentIndex(self.room.cue.findData("paint"))
        self.room.cue.activated.emit(0)
        self.assertEqual(self.room.list.count(), 2)

    def test_restoring_brings_recipe_and_proof_back_without_rendering(self):
        self.choose_rows(1)
        self.click("restore")
        self.assertEqual(self.window.floor.room, "bench")
        self.assertEqual((self.bench.project.recipe.seed, self.bench.proof.number), (0, 1))
        self.pull()
        self.assertIn("Same as proof 1", self.status)

    def test_two_are_compared_side_by_side(self):
        self.choose_rows(0, 1)
        self.assertFalse(self.room.deeds["restore"].isEnabled())
        self.click("compare")
        stage = self.window.house.stage
        self.assertEqual((self.window.floor.room, stage.compare.way), ("bench", "beside"))
        self.assertNotEqual(stage.images["chosen"], stage.images["chosen2"])
        self.assertEqual(stage.shown, stage.images["chosen"])

    def test_starting_from_a_proof_makes_it_the_source_and_its_child_is_told(self):
        self.click("source")
        self.assertRegex(self.bench.project.recipe.source, r"proof-2-[0-9a-f]{12}\.png$")
        self.pull()
        self.key(Qt.Key.Key_4, Qt.KeyboardModifier.ControlModifier)
        self.choose_rows(0)
        self.assertIn("started from proof 2", self.room.facts.text())
        self.assertEqual(len(self.room.list.lineage()), 1)

    def test_exporting_writes_picture_and_recipe(self):
        target = self.folder / "out.png"
        with mock.patch.object(QFileDialog, "getSaveFileName", return_value=(str(target), "")):
            self.click("export")
        self.assertEqual(read_recipe(target).seed, 5)
        self.assertIn("Exported proof 2", self.window.house.line.label.text())
