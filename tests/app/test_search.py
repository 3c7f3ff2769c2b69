import threading
import time
from unittest.mock import patch

from PySide6.QtCore import QPointF, Qt
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QLabel

from overlay.app.queue.list import EntryRow, entries
from overlay.studio.keeping.waiting import Waiting, WaitingFile
from overlay.studio.runs.queue import Run
from tests.app.harness import WindowTest

LEFT = Qt.MouseButton.LeftButton


class HuntTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.hunt = self.window.house.search.hunt
        self.strip = self.hunt.strip

    def key(self, key):
        QTest.keyClick(self.strip, key)
        QApplication.processEvents()

    def test_arrows_walk_and_return_takes_a_seed(self):
        self.hunt.begin(4)
        self.settle()
        self.assertTrue(self.strip.isVisible())
        seeds = self.hunt._shown.sheet.across.values
        self.assertEqual(seeds[0], self.bench.project.recipe.seed)
        self.key(Qt.Key.Key_Right)
        self.key(Qt.Key.Key_Right)
        self.key(Qt.Key.Key_Left)
        shown = self.window.house.stage.shown
        self.assertEqual(shown.cacheKey(), self.hunt._shown.cells[0, 1].image.cacheKey())
        self.key(Qt.Key.Key_Return)
        self.settle()
        self.assertEqual(self.bench.project.recipe.seed, seeds[1])
        self.assertFalse(self.strip.isVisible())
        self.bench.project.undo()
        self.assertEqual(self.bench.project.recipe.seed, seeds[0])

    def test_a_walk_ends_at_the_last_and_before_there_is_any(self):
        self.strip.walk_to(0)  # nothing to walk over yet
        self.hunt.begin(4)
        self.settle()
        for place in (3, 4, -1):
            self.strip.walk_to(place)
            self.assertEqual(self.strip.place, 3)
        self.key(Qt.Key.Key_Escape)

    def test_escape_leaves_everything_as_it_was(self):
        self.pull()
        before, proof = self.bench.project.recipe, self.window.house.stage.shown.cacheKey()
        self.hunt.begin(8)
        self.wait(lambda: self.hunt._shown.done >= 1)
        QTest.keyClick(self.window, Qt.Key.Key_Escape)
        self.settle()
        self.assertEqual(self.bench.project.recipe, before)
        self.assertEqual(self.window.house.stage.shown.cacheKey(), proof)
        self.assertEqual(self.window.floor.runner.queue.waiting, ())
        self.assertFalse(self.hunt.active)

    def test_near_relatives_stray_from_the_seed(self):
        self.hunt.begin(4, 0.25)
        self.settle()
        self.key(Qt.Key.Key_Right)
        self.key(Qt.Key.Key_Return)
        self.settle()
        recipe = self.bench.project.recipe
        self.assertEqual((recipe.seed, recipe.stray.seed, recipe.stray.amount), (0, 101, 0.25))
        top = self.window.house.top
        self.assertEqual(top.hunt.text(), "25 %")
        self.assertIn("seed 101", top.hunt.toolTip())
        top.stray.field.setValue(0)
        self.assertIsNone(self.bench.project.recipe.stray)
        self.assertEqual(top.hunt.text(), "Hunt")


class MeetTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.meet = self.window.house.search.meet
        self.panel = self.meet.panel

    def test_without_a_proof_there_is_nothing_to_set_a_target_in(self):
        self.meet.open("departure")
        self.assertFalse(self.panel.isVisible())
        self.assertIn("pull a proof first", self.status)

    def test_a_target_is_found_and_taken_as_one_step(self):
        self.pull()
        self.meet.open("departure")
        self.panel.measure.setCurrentIndex(self.panel.measure.findData("structure_kept"))
        self.panel.sense.setCurrentText("at least")
        self.panel.value.setValue(self.bench.proof.measures["structure_kept"] + 5)
        QTest.mouseClick(self.panel.seek, LEFT)
        self.settle()
        meeting = self.meet.meeting
        self.assertTrue(meeting.met)
        self.assertLessEqual(len(meeting.trials), 7)
        self.assertIn(f"{100 * meeting.best.value:.4g} %", self.panel.take.text())
        QTest.mouseClick(self.panel.take, LEFT)
        self.assertEqual(self.bench.project.recipe.departure, meeting.best.value)
        self.assertFalse(self.panel.isVisible())
        self.bench.project.undo()
        self.assertEqual(self.bench.project.recipe.departure, 0.7)

    def test_closing_stops_the_trials_and_changes_nothing(self):
        self.pull()
        before = self.bench.project.recipe
        self.meet.open("departure")
        QTest.mouseClick(self.panel.seek, LEFT)
        QTest.keyClick(self.window, Qt.Key.Key_Escape)
        self.settle()
        self.assertFalse(self.panel.isVisible())
        self.assertEqual(self.bench.project.recipe, before)
        self.assertIsNone(self.meet.meeting)

    def test_what_is_no_number_is_refused(self):
        self.pull()
        self.meet.open("blend")
        self.assertFalse(self.panel.isVisible())
        self.assertIn("must name a setting that is a number", self.status)


class LiveLookTest(WindowTest):
    LIVE = True

    def setUp(self):
        super().setUp()
        self.live = self.window.house.search.live
        self.pull()
        self.proof = self.window.house.stage.shown.cacheKey()

    def test_the_picture_answers_while_the_hand_is_on_the_slider(self):
        slider = self.window.house.top.departure
        slider.setSliderDown(True)
        slider.setValue(40)
        self.settle()
        self.assertIsNotNone(self.live.shown)
        self.assertEqual(self.bench.project.recipe.departure, 0.7)
        look = self.window.house.stage.shown.cacheKey()
        self.assertNotEqual(look, self.proof)
        QTest.keyPress(self.window, Qt.Key.Key_Period)
        self.assertEqual(self.window.house.stage.shown.cacheKey(), self.proof)
        QTest.keyRelease(self.window, Qt.Key.Key_Period)
        self.assertEqual(self.window.house.stage.shown.cacheKey(), look)
        slider.setSliderDown(False)
        self.settle()
        self.assertEqual(self.bench.project.recipe.departure, 0.4)
        self.assertEqual(self.window.house.stage.shown.cacheKey(), look)  # of the same value
        self.pull()
        self.assertIsNone(self.live.shown)
        self.assertNotEqual(self.window.house.stage.shown.cacheKey(), look)

    def test_an_edit_has_a_look_unless_it_changes_nothing_of_the_picture(self):
        asked = []
        self.enterContext(patch.object(self.live, "_ask", asked.append))
        self.bench.change_recipe("Departure", departure=0.4)
        self.settle()
        self.assertEqual([recipe.departure for recipe in asked], [0.4])
        self.bench.set_seed_rule("new")
        self.bench.add_pictures([self.folder / "paint.png"])
        self.settle()
        self.assertEqual(len(asked), 1)

    def test_envelopes_facets_and_options_have_looks(self):
        house = self.window.house
        asked = []
        self.enterContext(patch.object(house.search.live, "_ask", asked.append))
        envelope = house.sheet.rows[0].envelope
        start = envelope.handle_place("leave")
        self.drag(envelope, start, start - QPointF(120, 0))
        self.assertLess(asked[0].cues[0].leave, 1.0)
        fader = house.card.facets.faders["light"]
        well = fader.well()
        self.drag(fader, QPointF(26, well.center().y()), QPointF(26, well.bottom() - 10))
        self.assertLess(asked[-1].cues[0].facets.light, 0.5)
        self.bench.select(1)
        field = house.card.guide.field("low")
        field.slider.setSliderDown(True)
        field.slider.setValue(3)
        self.assertEqual(asked[-1].cues[1].options["low"], 0.03)

    def test_the_newest_value_wins_and_nothing_is_kept(self):
        before = sorted(self.bench.shelf.folder.glob("*.png"))
        for value in (0.3, 0.4, 0.5, 0.6):
            self.live.move({"departure": value})
        waiting = self.window.floor.runner.queue.waiting
        self.assertLessEqual(len(waiting), 1)
        self.settle()
        self.assertEqual(self.live._asked.departure, 0.6)
        self.assertEqual(sorted(self.bench.shelf.folder.glob("*.png")), before)

    def test_a_look_says_who_comes_later(self):
        self.bench.change_cue(0, "Enter", enter=0.8)
        self.settle()
        self.assertEqual(self.live.shown.later, ("paint",))
        legend = self.window.house.stage.view._legend[0][1]
        self.assertIn("; paint comes later", legend)

    def test_undo_to_the_proofs_recipe_shows_the_proof(self):
        self.bench.change_cue(0, "Weight", weight=0.4)
        self.settle()
        self.assertIsNotNone(self.live.shown)
        self.bench.project.undo()
        self.settle()
        self.assertIsNone(self.live.shown)
        self.assertEqual(self.window.house.stage.shown.cacheKey(), self.proof)

    def test_it_is_off_where_the_settings_say_so(self):
        settings = self.window.floor.settings.model_copy(update={"live_looks": False})
        self.window.floor.settings = settings
        self.live.move({"departure": 0.3})
        self.bench.change_cue(0, "Weight", weight=0.4)
        self.settle()
        self.assertIsNone(self.live.shown)


class QueueListTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.queue = self.window.floor.runner.queue
        self.desk = self.window.house.search.queue_desk
        self.gate = threading.Event()
        self.addCleanup(self.gate.set)

    def hold(self, name: str, group: str = "") -> Run:
        def work(control):
            while not self.gate.is_set():
                control.step(0.4, "holding")
                time.sleep(0.002)

        return self.window.floor.runner.add(Run(name=name, work=work, group=group))

    def test_the_list_shows_moves_and_takes_out(self):
        self.hold("first")
        second, third = self.hold("second"), self.hold("third")
        self.wait(lambda: self.queue.running is not None)
        QTest.mouseClick(self.window.house.top.queue, LEFT)
        self.wait(lambda: len(self.desk.list.rows) == 3)
        self.assertEqual(self.window.house.top.queue.text(), "3")
        self.assertIn("holding", self.desk.list.rows[0].entry.says)
        QTest.mouseClick(self.desk.list.rows[2].up, LEFT)
        self.assertEqual(self.queue.waiting, (third, second))
        QTest.mouseClick(self.desk.list.rows[2].stop, LEFT)
        self.wait(lambda: len(self.desk.list.rows) == 2)
        self.assertEqual(self.queue.waiting, (third,))
        QTest.mouseClick(self.desk.list.empty, LEFT)
        self.settle()
        self.assertEqual(self.queue.waiting, ())
        self.assertFalse(self.window.house.top.queue.isEnabled())
        QTest.keyClick(self.desk.list, Qt.Key.Key_Escape)
        self.assertFalse(self.desk.list.isVisible())

    def test_a_row_that_was_given_to_another_entry_takes_out_the_one_it_was_pressed_for(self):
        self.hold("first")
        second, third = self.hold("second"), self.hold("third")
        self.wait(lambda: self.queue.running is not None)
        QTest.mouseClick(self.window.house.top.queue, LEFT)
        stop = self.desk.list.rows[1].stop
        QTest.mousePress(stop, LEFT)
        self.queue.stop(second)
        self.wait(lambda: self.desk.list.rows[1].entry.runs == (third,))
        QTest.mouseRelease(stop, LEFT)
        self.assertEqual(self.queue.waiting, (third,))

    def test_of_many_entries_the_first_are_shown_and_the_others_counted(self):
        names = [self.hold(f"run {i}").name for i in range(20)]
        self.wait(lambda: self.queue.running is not None)
        queued = self.desk.list
        QTest.mouseClick(self.window.house.top.queue, LEFT)
        self.wait(lambda: len(queued.rows) == 16 and queued.rows[15].isVisible())
        self.assertEqual([row.entry.name for row in queued.rows], names[:16])
        self.assertIn("and 4 more", [label.text() for label in queued.findChildren(QLabel)])
        self.queue.stop_many(self.queue.waiting[2:])
        self.wait(lambda: len(queued.rows) == 3)
        self.assertFalse(any(row.isVisible() for row in queued.findChildren(EntryRow)[3:]))

    def test_the_cells_of_a_sheet_are_one_entry(self):
        self.hold("first")
        for i in range(5):
            self.hold(f"cell {i}", "Sheet")
        self.wait(lambda: self.queue.running is not None)
        listed = entries(self.queue)
        self.assertEqual([(e.name, len(e.runs)) for e in listed], [("first", 1), ("Sheet", 5)])
        self.queue.stop_many(listed[1].runs)
        self.assertEqual(self.queue.waiting, ())
        self.gate.set()
        self.settle()

    def test_what_waited_when_the_program_died_is_offered_again(self):
        path = self.write_recipe("again.json", seed=4)
        from overlay.document.reading import read_recipe
        from overlay.studio.inputs.paths import absolute_recipe

        recipe = absolute_recipe(read_recipe(path), self.folder)
        file = WaitingFile(path, "")
        file.write(Waiting((recipe,), ()))
        file.close()
        self.window.open_path(path)
        self.settle()
        self.assertIn("1 proof waited to be pulled", self.status)
        QTest.mouseClick(self.window.house.stage.status.action, LEFT)
        self.settle()
        self.assertEqual(self.bench.proof.recipe, recipe)
        self.wait(lambda: not file.path.exists())

    def test_what_waits_is_written_down_and_goes_when_it_is_done(self):
        self.hold("first")
        self.window.house.puller.pull()
        file = self.desk._file
        self.wait(file.path.exists)
        self.assertEqual(WaitingFile(self.bench.project.path, "").left(), Waiting())  # held
        self.gate.set()
        self.settle()
        self.wait(lambda: not file.path.exists())
