from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from overlay.app.floor.commands import Command
from overlay.app.shell.finding.deeds import DEEDS
from tests.app.harness import WindowTest

CONTROL = Qt.KeyboardModifier.ControlModifier


class FindingTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.panel = self.window.house.finding.panel
        QTest.keyClick(self.window, Qt.Key.Key_K, CONTROL)

    def type(self, text):
        QTest.keyClicks(self.panel.field, text)

    def press(self, key):
        QTest.keyClick(self.panel.field, key)
        self.settle()

    def test_a_command_is_found_by_its_name_and_done(self):
        self.type("full scr")
        self.assertEqual(self.panel.shown[0], "Full screen")
        self.press(Qt.Key.Key_Return)
        self.assertFalse(self.panel.isVisible())
        self.assertTrue(self.window.isFullScreen())
        self.window.showNormal()

    def test_or_by_what_it_does_in_other_words(self):
        for said, found in (
            ("clipboard", "Paste picture"), ("favourite", "Keep with a star"),
            ("bleed", "Print…"), ("queue", "Stop all that wait"), ("mask", "Region"),
        ):  # fmt: skip
            self.panel.field.clear()
            self.type(said)
            with self.subTest(said):
                self.assertIn(found, self.panel.shown[:3])
        self.panel.hide()

    def test_another_form_of_the_word_finds_it_and_where_nothing_does_that_is_said(self):
        self.type("enlarge")
        self.assertEqual(self.panel.shown[0], "Add an enlarging pass")
        self.assertFalse(self.panel.none.isVisible())
        self.type("xqz")
        self.assertEqual(self.panel.shown, [])
        self.assertTrue(self.panel.none.isVisible())
        self.panel.hide()

    def test_every_command_says_what_it_does(self):
        entries = self.window.house.finding.listed()
        names = {e.text for e in entries if isinstance(e, Command)}
        self.assertEqual(sorted(n for n in names if n not in DEEDS), [])
        self.assertEqual(sorted(n for n in DEEDS if n not in names), [])
        self.panel.hide()

    def test_a_setting_is_found_and_takes_another_value_as_one_step(self):
        self.type("departure")
        self.press(Qt.Key.Key_Return)
        self.assertTrue(self.panel.isVisible())
        self.assertEqual(self.panel.title.text(), "departure, now 70 %")
        self.type("40")
        self.press(Qt.Key.Key_Return)
        self.assertEqual(self.bench.project.recipe.departure, 0.4)
        self.assertEqual(self.bench.project.undo_name, "Departure")
        self.assertIn("Departure: 40 %", self.status)

    def test_a_choice_is_offered_and_esc_goes_back_to_the_list(self):
        self.type("paint: mirror")
        self.press(Qt.Key.Key_Return)
        self.assertEqual(self.panel.shown, ["yes", "no"])
        self.press(Qt.Key.Key_Escape)
        self.assertGreater(len(self.panel.shown), 40)
        self.type("paint: mirror")
        self.press(Qt.Key.Key_Return)
        self.press(Qt.Key.Key_Down)
        self.press(Qt.Key.Key_Down)
        self.press(Qt.Key.Key_Return)
        self.assertFalse(self.bench.project.recipe.cues[0].mirror)

    def test_what_is_not_allowed_is_said_and_changes_nothing(self):
        before = self.bench.project.recipe
        for typed, said in (("180", "must be 0 to 1"), ("much", "must be a number")):
            QTest.keyClick(self.window, Qt.Key.Key_K, CONTROL)
            self.type("departure")
            self.press(Qt.Key.Key_Return)
            self.type(typed)
            self.press(Qt.Key.Key_Return)
            self.assertIn(said, self.status)
        self.assertEqual(self.bench.project.recipe, before)

    def test_what_nothing_answers_to_does_nothing(self):
        self.type("qwrtz")
        self.assertEqual(self.panel.shown, [])
        self.press(Qt.Key.Key_Return)
        self.assertTrue(self.panel.isVisible())
        self.press(Qt.Key.Key_Escape)
        self.assertFalse(self.panel.isVisible())

    def test_words_take_other_words(self):
        self.panel.hide()
        self.bench.write_prompt("Words", ["heron", "dawn"])
        self.settle()
        self.choose("Find a command")
        self.type("words: heron")
        self.press(Qt.Key.Key_Return)
        self.type("swan at left")
        self.press(Qt.Key.Key_Return)
        self.assertEqual(self.bench.project.recipe.prompt, "swan at left, dawn")
