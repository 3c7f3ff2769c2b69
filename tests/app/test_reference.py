"""What is done to a reference on its card, by mouse and keys, and what comes of it."""

import json

from PySide6.QtCore import QPointF, Qt
from PySide6.QtTest import QTest

from tests.app.harness import WindowTest

LEFT = Qt.MouseButton.LeftButton


class ReferenceTest(WindowTest):
    @property
    def cue(self):
        return self.bench.project.recipe.cues[0]

    def click(self, button) -> None:
        QTest.mouseClick(button, LEFT)
        self.settle()

    def at(self, x: float, y: float) -> QPointF:
        rect = self.window.house.card.picture.picture_rect()
        return QPointF(rect.left() + x * rect.width(), rect.top() + y * rect.height())

    def page(self, name: str) -> None:
        self.click(self.window.house.card.tabs[name])

    def test_balances_set_all_facets_and_show_which_they_are(self):
        balances = self.window.house.card.facets.balances
        self.assertTrue(balances["Manner"].isChecked())
        self.click(balances["Arrangement"])
        self.assertEqual(self.cue.active_facets.layout, 1)
        self.assertEqual(self.cue.active_facets.surface, 0)
        self.assertEqual(
            [name for name, button in balances.items() if button.isChecked()], ["Arrangement"]
        )
        self.choose("Undo")
        self.assertTrue(balances["Manner"].isChecked())

    def test_a_take_area_is_dragged_moved_by_keys_and_given_back(self):
        self.page("Picture")
        card = self.window.house.card
        self.click(card.use.take)
        self.drag(card.picture, self.at(0.25, 0.2), self.at(0.75, 0.8))
        for got, wanted in zip(self.cue.take, (0.25, 0.2, 0.75, 0.8), strict=True):
            self.assertAlmostEqual(got, wanted, delta=0.02)
        left = self.cue.take[0]
        QTest.keyClick(card.picture, Qt.Key.Key_Left)
        self.assertAlmostEqual(self.cue.take[0], left - 0.02, places=3)
        QTest.keyClick(card.picture, Qt.Key.Key_Right, Qt.KeyboardModifier.ShiftModifier)
        self.assertAlmostEqual(self.cue.take[2], 0.75, delta=0.03)
        self.pull()
        trace = self.bench.proof.trace
        self.assertGreater(trace.origins[0][0], 40)
        self.click(card.use.clear)
        self.assertEqual(self.cue.take, (0, 0, 1, 1))
        self.assertEqual(self.window.actions_by_name["Undo"].text(), "Undo: Use all of it of paint")

    def test_a_painted_keep_out_is_kept_out_of_the_proof(self):
        self.page("Picture")
        card = self.window.house.card
        self.click(card.use.keep_out)
        self.drag(card.picture, self.at(0.1, 0.5), self.at(0.9, 0.5))
        (stroke,) = self.cue.keep_out
        self.assertEqual(len(stroke.points), 2)  # the one between lies on their line
        self.pull()
        height, width = 180, 240
        used = self.bench.proof.trace.came_from(
            "paint", 0.15 * width, 0.47 * height, 0.85 * width, 0.53 * height
        )
        self.assertFalse(used.any())
        self.choose("Undo")
        self.assertEqual(self.cue.keep_out, ())

    def test_a_tool_is_put_down_when_the_page_is_left(self):
        self.page("Picture")
        self.click(self.window.house.card.use.take)
        self.page("Facets")
        self.drag(self.window.house.card.picture, self.at(0.2, 0.2), self.at(0.8, 0.8))
        self.assertEqual(self.cue.take, (0, 0, 1, 1))

    def test_turns_preparation_and_place_reach_the_recipe(self):
        self.page("Picture")
        use, place = self.window.house.card.use, self.window.house.card.place
        self.click(use.turns)
        use.sharpen.field.setValue(0.5)
        use.dark.field.setValue(0.1)
        self.page("Place")
        place.across.field.setValue(0.25)
        place.fit.setCurrentText("Whole inside")
        place.fit.activated.emit(1)
        self.assertEqual((self.cue.turns, self.cue.sharpen, self.cue.levels), (True, 0.5, (0.1, 1)))
        self.assertEqual((self.cue.place.fit, self.cue.place.shift), ("inside", (0.25, 0)))
        self.pull()
        self.assertGreater(len(set(self.bench.proof.trace.turn.ravel())), 2)

    def test_levels_that_cross_are_refused_and_taken_back(self):
        self.page("Picture")
        use = self.window.house.card.use
        use.light.field.setValue(0.3)
        use.dark.field.setValue(0.6)
        self.assertIn("levels: must be dark, then light", self.status)
        self.assertEqual(self.cue.levels, (0.0, 0.3))
        self.assertEqual(use.dark.value, 0.0)

    def test_asking_for_a_mask_leaves_the_region_as_it_is_shown(self):
        self.bench.add_region("sky", self.folder / "sky.png", 0)
        self.settle()
        where = self.window.house.card.span.where
        shown = where.currentText()
        self.assertEqual(shown, "sky")
        self.window.house.card.region_asked.disconnect()  # a file dialog that is closed again
        where.setCurrentIndex(where.count() - 1)
        where.activated.emit(where.count() - 1)
        self.assertEqual(where.currentText(), shown)
        self.assertEqual(self.cue.region, "sky")

    def test_the_span_is_on_its_own_page(self):
        self.assertFalse(self.window.house.card.span.isVisible())
        self.page("Span")
        self.assertTrue(self.window.house.card.span.isVisible())
        self.bench.select(1)
        self.settle()
        self.assertTrue(self.window.house.card.span.isVisible())


class CombiningTest(WindowTest):
    def test_an_avoided_picture_is_a_cue_with_a_blur(self):
        self.window.house.gathering.add_avoided(self.folder / "stripes.png")
        self.settle()
        cue = self.bench.project.recipe.cues[2]
        self.assertEqual((cue.kind, cue.name), ("avoided", "not stripes"))
        self.assertTrue(self.window.house.card.blur.isVisible())
        self.window.house.card.blur.field.setValue(8)
        self.assertEqual(self.bench.project.recipe.cues[2].blur, 8)
        before = self.bench.proof
        self.pull()
        self.assertIsNot(self.bench.proof, before)

    def test_mixing_needs_two_references_and_is_one_step(self):
        blend = self.window.house.sheet.blend
        self.assertFalse(blend.isEnabled())
        self.window.house.gathering.add_styles([self.folder / "stripes.png"])
        self.settle()
        self.assertTrue(blend.isEnabled())
        blend.setCurrentText("Mix")
        blend.activated.emit(1)
        self.assertEqual(self.bench.project.recipe.blend, "mix")
        self.pull()
        shares = self.bench.proof.measures["share"]
        self.assertAlmostEqual(sum(shares.values()), 100, delta=0.1)
        self.choose("Undo")
        self.assertEqual(blend.currentText(), "Share")

    def test_a_saved_project_keeps_it_all(self):
        self.bench.change_cue(0, "Take area", take=(0.1, 0.2, 0.9, 1.0))
        self.bench.change_cue(0, "Turns", turns=True)
        path = self.folder / "again.json"
        self.bench.save(path)
        saved = json.loads(path.read_text())["cues"][0]
        self.assertEqual((saved["take"], saved["turns"]), ([0.1, 0.2, 0.9, 1.0], True))
        before = self.bench.project.recipe
        self.bench.open(path)
        self.assertEqual(self.bench.project.recipe, before)
