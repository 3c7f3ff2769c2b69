import os
from unittest.mock import patch

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from overlay.studio.bench.bench import empty_project
from tests.app.harness import WindowTest

LEFT = Qt.MouseButton.LeftButton


class StartTest(WindowTest):
    def setUp(self):
        super().setUp()
        home = patch.dict(os.environ, {"XDG_DATA_HOME": str(self.folder / "home")})
        home.start()
        self.addCleanup(home.stop)
        self.start = self.window.house.start
        self.bench.take_project(empty_project())
        self.bench.change_recipe("Small", size=[96, 64], steps=4)
        self.settle()

    def seen(self):
        return self.start.ways.isVisible(), self.start.shelf.isVisible()

    def click(self, button):
        QTest.mouseClick(button, LEFT)
        self.settle()

    def test_an_empty_project_offers_three_ways_and_nothing_else(self):
        self.assertEqual(self.seen(), (True, False))
        self.assertEqual(list(self.start.ways.buttons), ["photo", "words", "demo"])

    def test_a_picture_and_a_manner_from_the_shelf_lead_to_a_proof(self):
        with patch("overlay.app.start.desk.ask_open", return_value=self.folder / "mill.png"):
            self.click(self.start.ways.buttons["photo"])
        self.assertEqual(self.bench.project.recipe.source, str(self.folder / "mill.png"))
        self.assertEqual(self.seen(), (False, True))
        self.assertFalse(self.start.shelf.buttons["gouache"].icon().isNull())
        self.click(self.start.shelf.buttons["gouache"])
        recipe = self.bench.project.recipe
        self.assertEqual([cue.name for cue in recipe.cues], ["gouache", "contours"])
        self.assertEqual(self.seen(), (False, False))
        self.assertIsNotNone(self.bench.proof)
        self.bench.project.undo()
        self.settle()
        self.assertEqual(self.bench.project.recipe.cues, ())
        self.assertEqual(self.seen(), (False, True))

    def test_keys_go_to_the_picture_when_the_button_they_were_on_is_gone(self):
        """Not to the next field, where Return would be an edit."""
        button = self.start.ways.buttons["demo"]
        button.setFocus()
        self.start.ways.show_drawing(0.1, "the windmill")
        self.assertTrue(self.window.house.stage.view.hasFocus())
        self.start.ways.show_drawing(1.0, "")
        button.setFocus()
        button.setEnabled(False)
        self.assertTrue(self.window.house.stage.view.hasFocus())

    def test_words_alone_lead_there_too_without_a_guide_for_a_source(self):
        self.click(self.start.ways.buttons["words"])
        field = self.window.house.words.field
        self.assertTrue(field.hasFocus())
        QTest.keyClicks(field, "heron at left, canal")
        QTest.keyClick(field, Qt.Key.Key_Return)
        self.settle()
        self.assertEqual(self.seen(), (False, True))
        self.click(self.start.shelf.buttons["felt"])
        self.assertEqual([cue.name for cue in self.bench.project.recipe.cues], ["felt"])
        self.assertIsNotNone(self.bench.proof)

    def test_the_first_words_do_not_wait_until_the_shelf_is_drawn(self):
        order, line = [], self.window.house.words
        drawn, shown = self.start.shelf.show_thumb, line.show_words
        with (
            patch.object(
                self.start.shelf, "show_thumb", lambda *a: order.append("thumb") or drawn(*a)
            ),
            patch.object(line, "show_words", lambda *a: order.append("words") or shown(*a)),
        ):
            self.start._drawn.clear()  # as in a home that is new
            self.assertFalse(line.hearing.isVisible())
            self.bench.write_prompt("Words", ["heron", "canal"])
            self.settle()
        self.assertTrue(line.hearing.isVisible())
        self.assertEqual(order.count("thumb"), 6)
        self.assertLess(order.index("words"), 2)

    def test_the_shelf_can_be_put_away_and_had_again(self):
        self.bench.set_source(self.folder / "mill.png")
        self.settle()
        away = next(b for b in self.start.shelf.findChildren(type(self.start.shelf.buttons["felt"]))
                    if b.text() == "Later")  # fmt: skip
        self.click(away)
        self.assertEqual(self.seen(), (False, False))
        self.bench.change_recipe("Seed", seed=9)
        self.settle()
        self.assertEqual(self.seen(), (False, False))
        self.choose("Manners that ship")
        self.assertEqual(self.seen(), (False, True))
        self.assertTrue(self.start.shelf.buttons["glazed tile"].hasFocus())

    def test_a_picture_in_the_tray_or_an_opened_recipe_needs_no_ways(self):
        self.bench.add_pictures([self.folder / "mill.png"])
        self.settle()
        self.assertEqual(self.seen(), (False, False))
        self.window.open_path(self.write_recipe())
        self.settle()
        self.assertEqual(self.seen(), (False, False))

    def test_the_picture_keeps_its_size_when_the_shelf_goes(self):
        self.bench.set_source(self.folder / "mill.png")
        self.settle()
        before = self.window.house.stage.view.frame_rect()
        self.start.put_away()
        self.settle()
        self.assertEqual(self.window.house.stage.view.frame_rect(), before)
