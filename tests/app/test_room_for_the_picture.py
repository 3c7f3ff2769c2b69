from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from overlay.app.parts import status as status_line
from overlay.app.sheet.measure_bars import structure_measured, styles_measured
from overlay.studio.advising.advice import Advice
from tests.app.harness import WindowTest


class RoomTest(WindowTest):
    """The picture first: what stands around it leaves it most of the window."""

    FRESH = True

    def setUp(self):
        super().setUp()
        self.house = self.window.house
        self.window.resize(1280, 800)
        self.settle()

    def share(self) -> float:
        """Of the window's area that the picture has."""
        rect = self.house.stage.view.frame_rect()
        return rect.width() * rect.height() / (self.window.width() * self.window.height())

    def test_with_three_cues_it_has_more_than_a_third_of_a_small_window(self):
        self.bench.add_cue("colours", swatches=["#aa3322", "#223344"])
        self.settle()
        self.assertEqual(len(self.house.sheet.rows), 3)
        self.assertGreaterEqual(self.share(), 0.36)

    def test_the_sheet_is_as_high_as_its_rows_need_until_a_hand_says_otherwise(self):
        low = self.house.sheet.height()
        for i in range(3):
            self.bench.add_cue(f"c{i}", swatches=["#aa3322"])
        self.settle()
        high = self.house.sheet.height()
        self.assertGreater(high, low + 60)
        for _ in range(3):
            self.bench.project.undo()
        self.settle()
        self.assertEqual(self.house.sheet.height(), low)
        split = self.house.bench_room._split
        split.setSizes([400, 350])
        split.splitterMoved.emit(400, 1)
        chosen = self.house.sheet.height()
        self.bench.add_cue("more", swatches=["#aa3322"])
        self.settle()
        self.assertEqual(self.house.sheet.height(), chosen)

    def test_few_rows_press_neither_the_sheets_head_nor_the_row_of_words(self):
        self.bench.change_recipe("Prompt", prompt="heron, canal")
        self.bench.remove_cues([1])
        self.settle()
        head = self.house.sheet.parts[0]
        self.assertEqual(len(self.house.sheet.rows), 1)
        self.assertEqual(head.height(), head.sizeHint().height())
        words = self.house.words_desk.row
        self.assertTrue(words.isVisible())
        self.assertGreaterEqual(words.height(), words.sizeHint().height())

    def test_what_comes_and_goes_never_changes_its_size(self):
        before = self.house.stage.view.frame_rect()
        stage = self.house.stage
        stage.advice.show_advice(
            [Advice("rim", None, 50, "A border can be seen.", "Settle it", {})]
        )
        stage.compare.ways["wipe"].setChecked(True)
        stage.set_image("last", stage.images["source"])
        stage.status.say("Something is said.")
        self.settle()
        self.assertTrue(stage.advice.isVisible() and stage.status.isVisible())
        self.assertEqual(stage.view.frame_rect(), before)

    def test_what_is_said_covers_no_more_than_its_words_and_the_hand_reaches_the_rest(self):
        stage, view = self.house.stage, self.house.stage.view
        low = stage.mapFromGlobal(view.mapToGlobal(view.rect().bottomLeft()))
        for text in ("Short.", "long " * 200):
            stage.status.say(text)
            self.settle()
            end = stage.status.geometry().right()
            self.assertIs(stage.childAt(low.x() + 20, low.y() - 8), stage.status.label)
            if text == "Short.":
                self.assertLess(end, 120)
                self.assertIs(stage.childAt(low.x() + end + 20, low.y() - 8), view)
        self.assertEqual(stage.status.width(), view.width())
        self.assertEqual(self.window.width(), 1280)
        stage.status.say("")
        self.settle()
        self.assertIs(stage.childAt(low.x() + 20, low.y() - 8), view)

    def test_a_panel_over_the_picture_stays_above_the_lines_at_its_edge(self):
        stage, panel = self.house.stage, self.house.search.hunt.strip
        stage.status.say("")
        panel.appear()
        self.settle()
        low = panel.geometry().bottom()
        stage.status.say("Something is said.")
        stage.compare.ways["wipe"].setChecked(True)
        self.settle()
        covered = stage.sides.height() + stage.status.height()
        self.assertEqual(panel.geometry().bottom(), low - covered)
        panel.hide()

    def test_f9_gives_it_all_the_room_and_esc_or_f9_puts_the_panels_back(self):
        before = self.share()
        for back in (Qt.Key.Key_F9, Qt.Key.Key_Escape):
            QTest.keyClick(self.window, Qt.Key.Key_F9)
            self.settle()
            self.assertGreater(self.share(), 0.8)
            for panel in (self.house.sheet, self.house.tray, self.house.card, self.house.top):
                self.assertFalse(panel.isVisible())
            QTest.keyClick(self.window, back)
            self.settle()
            self.assertAlmostEqual(self.share(), before, delta=0.005)
            self.assertTrue(self.house.top.isVisible())
        QTest.keyClick(self.window, Qt.Key.Key_F9)
        self.window.floor.go_to("drawer")
        self.assertTrue(self.house.top.isVisible())

    def test_f11_fills_the_screen_and_back(self):
        QTest.keyClick(self.window, Qt.Key.Key_F11)
        self.assertTrue(self.window.isFullScreen())
        QTest.keyClick(self.window, Qt.Key.Key_F11)
        self.assertFalse(self.window.isFullScreen())

    def test_what_is_said_goes_after_a_while_and_figures_stay_beside_the_film(self):
        line = self.house.stage.status
        self.assertEqual(status_line._LINGERS, 8000)
        line.say("Proof 1 is there.")
        self.assertTrue(line.isVisible())
        line._fade()
        self.assertFalse(line.isVisible())
        line.say("Choose.", "Do it", lambda: None)
        line._fade()
        self.assertTrue(line.isVisible())  # an offer stays
        line.say("")
        self.assertFalse(line.isVisible())
        self.house.puller.pull()
        self.settle()
        facts = line.facts
        self.assertIn("Proof 1", facts.text())
        self.assertTrue(self.house.sheet.isAncestorOf(facts))
        self.assertTrue(facts.isVisible())

    def test_measures_are_bars_with_a_word_never_below_nothing(self):
        found = structure_measured({"structure_kept": -21.0}) + styles_measured(
            {"style_match": {"paint": 61.0, "felt": 12.0, "tile": 140.0}}
        )
        said = [(m.name, m.word, m.share) for m in found]
        wanted = [("structure", "lost", 0.0), ("paint", "full", 0.61), ("felt", "faint", 0.12)]
        self.assertEqual(said, [*wanted, ("tile", "full", 1.0)])
        self.assertEqual(found[0].said, "structure kept: 0 of 100")
        self.assertEqual(structure_measured({"style_match": {}}), [])
        self.house.puller.pull()
        self.settle()
        sheet = self.house.sheet.facts
        [kept] = sheet.kept.shown
        figure = self.bench.proof.measures["structure_kept"]
        self.assertEqual(sheet.kept.text_at(10), f"structure kept: {figure:.0f} of 100")
        self.assertEqual([m.name for m in sheet.styles.shown], ["paint"])
        self.assertEqual(
            sheet.styles.accessibleDescription(), f"paint {sheet.styles.shown[0].word}"
        )
        self.assertGreater(kept.share, 0)

    def test_film_and_chart_stay_the_proofs_with_a_mark_where_the_next_run_begins(self):
        self.house.puller.pull()
        self.settle()
        film, chart, row = (
            self.house.sheet.filmstrip,
            self.house.sheet.chart,
            self.house.sheet.rows[0],
        )
        self.assertAlmostEqual(film._start, 0.3)
        self.bench.change_recipe("Departure", departure=0.4)
        self.settle()
        for part in (film, chart):
            self.assertAlmostEqual(part._start, 0.3)
            self.assertAlmostEqual(part._coming, 0.6)
        self.assertAlmostEqual(row.envelope._start, 0.6)
        self.house.puller.pull()
        self.settle()
        self.assertAlmostEqual(film._start, 0.6)

    def test_the_line_of_words_is_there_for_words_and_when_asked_for(self):
        words = self.house.words
        self.assertFalse(words.isVisible())
        QTest.mouseClick(self.house.stage.say, Qt.MouseButton.LeftButton)
        self.assertTrue(words.isVisible())
        self.assertTrue(words.field.hasFocus())
        self.house.stage.view.setFocus()
        self.assertFalse(words.isVisible())
        QTest.keyClick(self.window, Qt.Key.Key_Slash)
        QTest.keyClicks(words.field, "windmill")
        QTest.keyClick(words.field, Qt.Key.Key_Return)
        self.settle()
        self.house.stage.view.setFocus()
        self.assertTrue(words.isVisible())
