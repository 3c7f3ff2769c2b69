import os
from pathlib import Path
from unittest.mock import patch

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from overlay.app.words.chip import DRAWN, UNKNOWN
from overlay.imaging.files import cut_out_png
from overlay.studio.bench.region_edits import add_region
from overlay.studio.keeping.files.lexicon import read_lexicon
from tests.app.test_words import LEFT, WordsTest
from tests.words.test_cutouts import disc


class TeachingTest(WordsTest):
    def setUp(self):
        super().setUp()
        home = patch.dict(os.environ, {"XDG_DATA_HOME": str(self.folder / "home")})
        home.start()
        self.addCleanup(home.stop)
        self.teaching = self.window.house.teaching
        self.panel, self.listing = self.teaching.panel, self.teaching.listing
        self.disc = self.folder / "tollgig.png"
        self.disc.write_bytes(cut_out_png(disc()))
        self.bench.add_pictures([self.disc])
        self.settle()

    def select(self, path):
        tray = self.window.house.tray
        for i in range(tray.pictures.count()):
            item = tray.pictures.item(i)
            item.setSelected(item.text() == path.stem)

    def fill(self, word=None, **keys):
        self.assertTrue(self.panel.isVisible())
        if word is not None:
            self.panel.word.selectAll()
            QTest.keyClicks(self.panel.word, word)
        if "height" in keys:
            self.panel.height_field.setValue(keys["height"])
        self.panel.everywhere.setChecked(keys.get("everywhere", False))
        QTest.mouseClick(self.panel.teach, LEFT)
        self.settle()

    @property
    def taught(self):
        return {one.word: one for one in self.bench.project.recipe.taught}


class ThingTest(TeachingTest):
    def test_a_tray_picture_is_taught_said_and_seen(self):
        self.without_source()
        self.select(self.disc)
        menu = self.window.house.tray.menu_of(self.disc)
        next(a for a in menu.actions() if a.text() == "Teach as a word…").trigger()
        self.settle()
        self.assertEqual(self.panel.word.text(), "tollgig")
        self.fill(height=1.5)
        self.assertEqual(self.taught["tollgig"].height, 1.5)
        self.assertIn("“tollgig” is known now", self.status)
        QTest.mouseClick(self.stage.status.action, LEFT)
        self.settle()
        self.assertEqual((self.prompt, self.line.chips[0].state), ("tollgig", DRAWN))
        self.assertIn("tollgig", self.desk._scene.masks)
        self.assertEqual(self.bench.project.undo_name, "Words")
        self.bench.project.undo()
        self.bench.project.undo()
        self.assertEqual(self.taught, {})

    def test_it_asks_for_a_kind_only_where_there_is_a_choice(self):
        for kinds, shown in ((("surface", "area"), {"surface", "area"}), (("look",), set())):
            self.panel.open_for("x", kinds, {})
            seen = {kind for kind, button in self.panel.kinds.items() if button.isVisible()}
            self.assertEqual(seen, shown)
        self.panel.hide()

    def test_an_unknown_chip_offers_to_be_taught_and_turns_to_ink(self):
        self.without_source()
        self.say("tollgig at left")
        (chip,) = self.line.chips
        self.assertEqual(chip.state, UNKNOWN)
        self.select(self.disc)
        next(a for a in chip.menu().actions() if a.text() == "Teach “tollgig”…").trigger()
        self.settle()
        self.fill()
        self.assertEqual(self.line.chips[0].state, DRAWN)
        self.assertEqual(self.bench.project.recipe.unknown, "refuse")

    def test_a_second_cutout_joins_the_first(self):
        other = self.folder / "blue.png"
        other.write_bytes(cut_out_png(disc(colour=(30, 60, 200))))
        for path, kept in ((self.disc, 1), (other, 2), (self.disc, 2)):
            self.teaching.teach_picture(path)
            self.settle()
            self.fill("tollgig")
            self.assertEqual(len(self.taught["tollgig"].pictures), kept)

    def test_what_cannot_be_taught_is_said_and_changes_nothing(self):
        before = self.bench.project.recipe
        self.teaching.teach_picture(self.disc)
        self.settle()
        self.fill("two of them")
        self.assertIn("one to four plain words", self.status)
        self.assertEqual(self.bench.project.recipe, before)
        self.teaching.teach_picture(self.disc)
        self.settle()
        self.panel.word.clear()
        self.assertFalse(self.panel.teach.isEnabled())
        QTest.keyClick(self.panel, Qt.Key.Key_Escape)
        self.assertFalse(self.panel.isVisible())


class AreaTest(TeachingTest):
    def test_a_region_is_taught_as_an_area_by_the_button_in_its_panel(self):
        add_region(self.bench.project, "crown", pick="sky")
        self.settle()
        regions = self.window.house.regions
        regions.choose("crown")
        QTest.mouseClick(regions.deeds.teach, LEFT)
        self.settle()
        self.assertEqual(self.panel.kind, "area")
        self.fill("mill haze")
        self.assertEqual(self.taught["mill haze"].kind, "area")
        add_region(self.bench.project, "found", pick="mill haze")
        self.pull()
        self.assertIn("found", self.bench.project.recipe.regions)
        self.assertIsNotNone(self.bench.proof)


class LookTest(TeachingTest):
    def test_cues_are_taught_as_a_look_and_come_in_when_it_is_said(self):
        self.choose("Teach the cues as a look")
        self.assertEqual(list(self.panel.cue_boxes), ["paint"])
        self.panel.cue_boxes["paint"].setChecked(False)
        self.panel.word.setText("mallowish")
        self.assertFalse(self.panel.teach.isEnabled())
        self.panel.cue_boxes["paint"].setChecked(True)
        self.fill()
        self.bench.select(0)
        self.bench.remove_cues([0])
        self.say("mallowish")
        self.assertEqual([c.name for c in self.bench.project.recipe.cues], ["contours", "paint"])
        self.assertEqual(self.line.chips[0].state, DRAWN)


class ListTest(TeachingTest):
    def open_list(self):
        self.choose("Taught words")
        self.settle()

    def wish(self, deed):
        QTest.mouseClick(self.listing.deeds[deed], LEFT)
        self.settle()

    def test_an_empty_list_teaches_how_to_begin(self):
        self.open_list()
        self.assertTrue(self.listing.hint.isVisible())
        self.assertFalse(self.listing.deeds["say"].isEnabled())
        self.listing.hide()

    def test_words_are_shared_said_in_another_project_and_forgotten(self):
        self.teaching.teach_picture(self.disc)
        self.settle()
        self.fill("tollgig")
        self.open_list()
        self.assertIn("Thing, 1 m; this project", self.listing.words.item(0).text())
        self.wish("share")
        self.assertEqual([one.word for one in read_lexicon()], ["tollgig"])
        self.bench.forget("tollgig")
        self.open_list()
        self.assertIn("all projects", self.listing.words.item(0).text())
        self.wish("say")
        self.assertEqual((self.prompt, list(self.taught)), ("tollgig", ["tollgig"]))
        self.open_list()
        with patch("overlay.app.teaching.desk.ask_choice", return_value=None):
            self.wish("forget")
        self.assertEqual(list(self.taught), ["tollgig"])
        self.open_list()
        with patch(
            "overlay.app.teaching.desk.ask_choice", return_value="Forget it in all projects"
        ):
            self.wish("forget")
        self.assertEqual((read_lexicon(), self.taught), ((), {}))

    def test_words_go_out_and_come_in_as_one_file(self):
        self.teaching.teach_picture(self.disc)
        self.settle()
        self.fill("tollgig", everywhere=True)
        self.open_list()
        out = self.folder / "words.zip"
        with patch("overlay.app.teaching.desk.ask_save", return_value=out):
            self.wish("export")
        self.assertIn("1 words are in words.zip", self.status)
        elsewhere = patch.dict(os.environ, {"XDG_DATA_HOME": str(self.folder / "other")})
        with elsewhere, patch("overlay.app.teaching.desk.ask_open", return_value=out):
            self.open_list()
            self.wish("import")
            self.assertEqual([one.word for one in read_lexicon()], ["tollgig"])
        with patch("overlay.app.teaching.desk.ask_open", return_value=Path(self.disc)):
            self.open_list()
            self.wish("import")
        self.assertIn("must be a lexicon", self.status)
