"""Rows of the cue sheet: solo, duplicate, another order, and what a cue does."""

from PySide6.QtCore import QPointF, Qt
from PySide6.QtTest import QTest

from overlay.app.parts.theme import ROW
from tests.app.harness import WindowTest

LEFT, ALT = Qt.MouseButton.LeftButton, Qt.KeyboardModifier.AltModifier


class RowsTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.window.house.gathering.add_styles([self.folder / "stripes.png"])
        self.settle()

    @property
    def cues(self):
        return self.bench.project.recipe.cues

    @property
    def names(self):
        return [cue.name for cue in self.cues]

    def row(self, name: str):
        return self.window.house.sheet.rows[self.names.index(name)]

    def test_solo_mutes_the_others_in_one_step_and_takes_it_back(self):
        QTest.mouseClick(self.row("stripes").solo, LEFT)
        self.assertEqual([cue.muted for cue in self.cues], [True, True, False])
        self.assertTrue(self.row("stripes").solo.isChecked())
        self.assertEqual(self.window.actions_by_name["Undo"].text(), "Undo: Solo stripes")
        QTest.mouseClick(self.row("stripes").solo, LEFT)
        self.assertFalse(any(cue.muted for cue in self.cues))
        self.choose("Undo")
        self.choose("Undo")
        self.assertFalse(self.row("stripes").solo.isChecked())

    def test_a_duplicate_stands_behind_its_model_under_its_own_name(self):
        self.bench.select(0)
        self.bench.change_cue(0, "Weight", weight=0.4)
        self.choose("Duplicate cue")
        self.assertEqual(self.names, ["paint", "paint 2", "contours", "stripes"])
        self.assertEqual(self.cues[1].weight, 0.4)
        self.assertEqual(self.bench.selected_cue.name, "paint 2")

    def test_keys_move_the_selected_cue_and_stop_at_the_ends(self):
        self.bench.select(0)
        self.settle()
        for expected in (["contours", "paint", "stripes"], ["contours", "stripes", "paint"]):
            QTest.keyClick(self.window, Qt.Key.Key_Down, ALT)
            self.assertEqual(self.names, expected)
        QTest.keyClick(self.window, Qt.Key.Key_Down, ALT)
        self.assertEqual(self.names, ["contours", "stripes", "paint"])
        self.assertEqual(self.bench.selected_cue.name, "paint")
        self.assertEqual(self.window.actions_by_name["Undo"].text(), "Undo: Move paint")

    def test_what_was_being_typed_of_a_cue_that_goes_reaches_no_other(self):
        weight = self.row("paint").weight
        weight.setFocus()
        weight.selectAll()
        QTest.keyClicks(weight, "35")
        before = self.cues[1:]
        self.bench.remove_cues([0])
        self.settle()
        self.assertEqual(self.cues, before)
        self.assertEqual(self.bench.project.undo_name, "Remove paint")

    def test_a_row_is_dragged_to_another_place(self):
        row = self.row("stripes")
        self.drag(row, QPointF(20, ROW / 2), QPointF(20, ROW / 2 - 2.2 * (ROW + 3)))
        self.assertEqual(self.names, ["stripes", "paint", "contours"])
        self.assertFalse(self.window.house.sheet._line.isVisible())
        row = self.row("stripes")
        self.drag(row, QPointF(20, 10), QPointF(20, 14))
        self.assertEqual(self.names, ["stripes", "paint", "contours"])

    def test_the_order_does_not_change_the_proof(self):
        self.pull()
        before = self.bench.proof.picture
        self.bench.select(1)
        self.choose("Move cue up")
        self.pull()
        self.assertEqual(self.names[0], "contours")
        self.assertTrue((self.bench.proof.picture == before).all())


class EffectTest(WindowTest):
    def ask(self):
        QTest.mouseClick(self.window.house.card.effect, LEFT)
        self.settle()

    def test_it_pulls_both_flips_and_says_how_measures_moved(self):
        self.bench.select(1)
        self.settle()
        self.ask()
        self.assertRegex(self.status, r"contours: structure kept \d+, without it \d+")
        stage = self.window.house.stage
        self.assertTrue(stage.flipping)
        first = stage.view.image
        self.wait(lambda: stage.view.image is not first, 5)
        self.assertEqual(stage.view.image, stage.images["without"])
        QTest.mouseClick(stage.status.action, LEFT)
        self.assertFalse(stage.flipping)
        self.assertEqual(stage.view.image, stage.images["proof"])

    def test_a_reference_is_measured_against_its_own_picture(self):
        self.ask()
        self.assertRegex(self.status, r"paint: style match \d+, without it -?\d+")
        self.assertFalse(any(cue.muted for cue in self.bench.project.recipe.cues))

    def test_asking_again_renders_nothing(self):
        self.ask()
        numbers = self.bench.shelf.numbers()
        self.ask()
        self.assertEqual(self.bench.shelf.numbers(), numbers)
        self.pull()
        self.assertFalse(self.window.house.stage.flipping)
