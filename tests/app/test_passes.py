from PySide6.QtCore import QPoint, Qt
from PySide6.QtTest import QTest

from overlay.app.passes.card import how_enlarged
from overlay.app.passes.lanes import PassMarks
from overlay.app.passes.track import STRETCH
from overlay.document.passes import RUN_FROM, Enlarge, Settle
from tests.app.harness import WindowTest

REFINE, ENLARGE = {"kind": "refine"}, {"kind": "enlarge"}


class PassesTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.desk = self.window.house.pass_desk

    @property
    def kinds(self) -> list[str]:
        return [later.kind for later in self.bench.project.recipe.passes]

    def add(self, text: str) -> None:
        """By the menu of the button past the axis."""
        menu = self.desk.names.menu()
        next(a for a in menu.actions() if a.text().startswith(text)).trigger()
        self.settle()

    def press(self, lane, index: int) -> None:
        place = QPoint(index * STRETCH + STRETCH // 2, lane.height() // 2)
        QTest.mouseClick(lane, Qt.MouseButton.LeftButton, pos=place)
        self.settle()

    def pull(self) -> None:
        self.window.house.puller.pull()
        self.settle()

    def test_a_pass_is_added_set_switched_off_and_undone(self):
        self.add("Enlarge")
        card = self.desk.card
        self.assertEqual(self.kinds, ["enlarge"])
        self.assertTrue(card.isVisible())
        self.assertFalse(self.window.house.card.isVisible())
        self.assertIn("192 x 128 pixels", card.result.text())
        card.factor.field.setValue(1.5)
        self.settle()
        self.assertEqual(self.bench.project.recipe.passes[0].factor, 1.5)
        self.assertIn("144 x 96 pixels", card.result.text())
        card.departure.field.setValue(0)
        self.settle()
        self.assertIn("faithful", card.result.text())
        self.assertFalse(card.own_seed.isEnabled())  # there is no chance in it
        QTest.mouseClick(card.on, Qt.MouseButton.LeftButton, pos=QPoint(8, card.on.height() // 2))
        self.settle()
        self.assertTrue(self.bench.project.recipe.passes[0].off)
        for _ in range(4):
            self.bench.project.undo()
        self.settle()
        self.assertEqual(self.kinds, [])
        self.assertTrue(self.window.house.card.isVisible())

    def test_pulled_it_shows_its_frame_and_its_stage(self):
        self.bench.change_recipe("Passes", passes=[REFINE, ENLARGE])
        self.pull()
        self.assertEqual(set(self.desk.film._frames), {0, 1})
        stage = self.window.house.stage
        self.press(self.desk.film, 0)
        self.assertEqual((stage.shown.width(), stage.shown.height()), (96, 64))
        self.press(self.desk.film, 1)
        self.assertEqual(stage.shown.width(), 192)
        self.desk.card.compare.click()
        self.settle()
        self.assertEqual((stage.images["stage"].width(), stage.images["stage2"].width()), (96, 192))
        self.assertTrue(stage.wipe.isChecked())
        self.assertEqual(self.status, "Before and after enlarge 2x.")
        self.bench.change_recipe("Passes", passes=[REFINE | {"departure": 0.4}, ENLARGE])
        self.settle()
        self.assertEqual(set(self.desk.film._frames), set())  # they are of another recipe
        self.desk.compare()
        self.assertIn("has not run yet", self.status)

    def test_marks_on_the_rows_say_which_cues_take_part(self):
        self.bench.change_recipe("Passes", passes=[REFINE])
        self.settle()
        paint, contours = (row.findChild(PassMarks) for row in self.window.house.sheet.rows)
        self.assertTrue(paint.isEnabled())
        self.assertFalse(contours.isEnabled())
        self.press(paint, 0)
        self.assertEqual(self.bench.project.recipe.passes[0].cues, ("contours",))
        self.press(paint, 0)
        self.assertIsNone(self.bench.project.recipe.passes[0].cues)
        self.press(contours, 0)
        self.assertIsNone(self.bench.project.recipe.passes[0].cues)

    def test_dragging_orders_them_and_del_removes_the_selected_one(self):
        self.bench.change_recipe("Passes", passes=[REFINE, ENLARGE])
        self.settle()
        names = self.desk.names
        QTest.mousePress(names, Qt.MouseButton.LeftButton, pos=QPoint(STRETCH + 30, 8))
        QTest.mouseMove(names, QPoint(20, 8))
        QTest.mouseRelease(names, Qt.MouseButton.LeftButton, pos=QPoint(20, 8))
        self.settle()
        self.assertEqual(self.kinds, ["enlarge", "refine"])
        self.press(names, 0)
        self.window.house.bench_room.remove()
        self.settle()
        self.assertEqual(self.kinds, ["refine"])
        self.assertEqual(len(self.bench.project.recipe.cues), 2)
        self.press(names, 0)
        self.assertTrue(self.window.house.bench_room.escape())
        self.assertTrue(self.window.house.card.isVisible())

    def test_a_row_that_is_clicked_brings_its_cues_card_back(self):
        self.add("Refine")
        row = self.window.house.sheet.rows[0]
        QTest.mouseClick(row, Qt.MouseButton.LeftButton, pos=QPoint(30, row.height() // 2))
        self.settle()
        self.assertFalse(self.desk.card.isVisible())
        self.assertIsNone(self.desk.track.selected)

    def test_what_cannot_be_is_refused_and_shown_as_it_is(self):
        self.bench.change_recipe("Size", size=[2048, 2048])
        self.bench.change_recipe("Passes", passes=[ENLARGE | {"factor": 4}])
        self.settle()
        self.press(self.desk.names, 0)
        self.desk.card.departure.field.setValue(45)
        self.settle()
        self.assertIn("a run may have 16 megapixels", self.status)
        self.assertEqual(self.desk.card.departure.value, 30)
        self.assertEqual(self.bench.project.recipe.passes[0].departure, 0.3)

    def test_an_enlarging_pass_says_what_it_does_at_every_departure(self):
        said = {0.0: ", faithful", RUN_FROM / 2: ", marks 50 % drawn again",
                RUN_FROM: ", marks drawn again", 0.5: ", drawn again, then run again"}  # fmt: skip
        for departure, words in said.items():
            self.assertEqual(how_enlarged(Enlarge(kind="enlarge", departure=departure)), words)
        self.assertEqual(how_enlarged(Settle(kind="settle")), "")

    def test_the_drawer_tells_of_stages(self):
        self.bench.change_recipe("Passes", passes=[ENLARGE])
        self.pull()
        self.window.floor.go_to("drawer")
        self.settle()
        facts = self.window.house.drawer.facts.text()
        self.assertIn("stages: base 96 x 64, enlarge 192 x 128", facts)
