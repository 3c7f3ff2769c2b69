import threading
from unittest import mock

from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QImage
from PySide6.QtTest import QTest

from overlay.app.words.chip import DRAWN, READ, STAND_IN, UNKNOWN
from overlay.studio.bench.region_edits import add_region
from overlay.studio.making.laying import lay_canvas
from tests.app.harness import WindowTest

LEFT = Qt.MouseButton.LeftButton


class WordsTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.line, self.desk = self.window.house.words, self.window.house.words_desk
        self.stage = self.window.house.stage

    def say(self, text, key=Qt.Key.Key_Return):
        self.line.field.setFocus()
        QTest.keyClicks(self.line.field, text)
        QTest.keyClick(self.line.field, key)
        self.settle()

    @property
    def prompt(self):
        return self.bench.project.recipe.prompt

    def chips(self):
        return [chip.text for chip in self.line.chips]

    def without_source(self):
        self.bench.set_source(None)
        self.settle()


class ChipsTest(WordsTest):
    def test_typed_phrases_become_chips_in_four_states(self):
        self.say("heron at left 140%, beautiful, pinnaces, windmil")
        self.assertEqual(self.prompt, "heron at left 140%, beautiful, pinnaces, windmil")
        self.assertEqual(self.chips(), ["heron at left 140 %", "beautiful", "pinnaces", "windmil"])
        self.assertEqual([c.state for c in self.line.chips], [DRAWN, READ, STAND_IN, UNKNOWN])
        self.assertIn("drawn as rowing boat", self.line.chips[2].toolTip())
        self.assertIn("near are windmill", self.line.chips[3].toolTip())
        self.assertEqual(self.bench.project.recipe.unknown, "skip")

    def test_chips_show_their_whole_text(self):
        self.say("old boathouse by the lake, dawn")
        for chip in self.line.chips:
            with self.subTest(chip.text):
                self.assertGreaterEqual(
                    chip.width(), chip.fontMetrics().horizontalAdvance(chip.text) + 16
                )

    def test_more_chips_than_fit_wrap_and_the_field_stays_in_sight(self):
        low = self.line.height()
        for phrase in ("red barge 140%", "horse at left", "pinnace far", "reeds", "canal", "dusk"):
            self.say(phrase)
        one_line = self.line.height()
        self.say("old boathouse in the distance, lantern on a table, three pears, mist")
        self.assertGreater(self.line.height(), one_line)
        self.assertGreaterEqual(one_line, low)
        inside = self.line._area.viewport().rect()
        for part in (*self.line.chips, self.line.field):
            corner = part.mapTo(self.line._area.viewport(), part.rect().bottomRight())
            self.assertTrue(inside.contains(corner), (part.geometry(), inside))
        self.assertGreaterEqual(self.line.field.width(), 72)
        self.assertGreater(self.line.chips[-1].y(), self.line.chips[0].y())

    def test_the_field_shares_a_line_with_chips_and_grows_with_what_is_typed(self):
        for phrase in ("red barge 140%", "horse at left", "bridge far", "reeds", "canal"):
            self.say(phrase)
        field, chips = self.line.field, self.line.chips
        free = self.line._area.width() - chips[-1].geometry().right()
        low = self.line.height()
        QTest.keyClicks(field, "an old boathouse with a green door" * 2)
        self.settle()
        self.assertGreaterEqual(field.width(), min(360, self.line._area.width()))
        field.clear()
        self.settle()
        self.assertEqual(self.line.height(), low)
        same_line = field.geometry().center().y() == chips[-1].geometry().center().y()
        self.assertEqual(same_line, free >= 72 + 4)

    def test_a_comma_ends_a_phrase_and_undo_takes_it_back(self):
        self.say("heron", Qt.Key.Key_Comma)
        self.assertEqual((self.prompt, self.line.field.text()), ("heron", ""))
        self.say("mist")
        self.bench.project.undo()
        self.settle()
        self.assertEqual((self.prompt, self.chips()), ("heron", ["heron"]))

    def test_what_is_typed_faster_than_it_is_read_is_seen_meanwhile(self):
        self.line.field.setFocus()
        QTest.keyClicks(self.line.field, "two cows, a mill,")
        self.assertEqual([c.phrase for c in self.line.waiting.chips], ["two cows", "a mill"])
        self.assertEqual(self.line.field.text(), "")
        self.settle()
        self.assertEqual((self.chips(), self.line.waiting.chips), (["two cows", "a mill"], []))

    def test_what_is_refused_or_belongs_to_another_project_waits_no_longer(self):
        self.desk.add_phrases(["heron " * 2000])
        self.settle()
        self.assertEqual((self.prompt, self.line.waiting.chips), ("", []))
        self.desk.add_phrases(["heron"])
        self.line.forget()
        self.assertEqual(self.line.waiting.chips, [])

    def test_pictures_that_give_a_drawn_scene_its_size_are_read_on_another_thread(self):
        self.bench.change_recipe("Size", size=None)
        self.without_source()
        threads = []

        def noted(*args):
            threads.append(threading.current_thread() is threading.main_thread())
            return lay_canvas(*args)

        with mock.patch("overlay.app.words.desk.lay_canvas", noted):
            self.say("heron")
        self.assertTrue(threads)
        self.assertFalse(any(threads))

    def test_emphasis_by_keys_and_by_dragging_up(self):
        self.say("heron, mist")
        QTest.keyClick(self.line.chips[0], Qt.Key.Key_Up)
        self.settle()
        self.assertEqual(self.prompt, "heron 105%, mist")
        chip = self.line.chips[1]
        middle = QPointF(chip.rect().center())
        self.drag(chip, middle, middle + QPointF(0, 30))
        self.settle()
        self.assertEqual(self.prompt, "heron 105%, mist 70%")
        self.bench.project.undo()
        self.assertEqual(self.prompt, "heron 105%, mist")

    def test_dragging_aside_changes_the_order(self):
        self.say("heron, mist, dawn")
        chip = self.line.chips[2]
        self.drag(chip, QPointF(chip.rect().center()), QPointF(-260, chip.height() / 2))
        self.settle()
        self.assertEqual(self.prompt, "dawn, heron, mist")

    def test_a_double_click_edits_in_place_and_del_removes(self):
        self.say("heron, mist, dawn")
        QTest.mouseDClick(self.line.chips[1], LEFT)
        self.assertEqual(self.line.field.text(), "mist")
        self.line.field.selectAll()
        self.say("fog 60%")
        self.assertEqual(self.prompt, "heron, fog 60%, dawn")
        self.line.chips[0].setFocus()
        QTest.keyClick(self.line.chips[0], Qt.Key.Key_Delete)
        self.settle()
        self.assertEqual(self.prompt, "fog 60%, dawn")

    def test_an_offer_takes_the_place_of_what_is_not_known(self):
        self.say("red windmil")
        offers = {a.text(): a for a in self.line.chips[0].menu().actions()}
        offers["windmil → windmill"].trigger()
        self.settle()
        self.assertEqual(
            (self.prompt, self.bench.project.recipe.unknown), ("red windmill", "refuse")
        )

    def test_the_slash_goes_to_the_words(self):
        self.choose("To the words")
        self.assertTrue(self.line.field.hasFocus())

    def test_what_cannot_be_a_prompt_is_said_and_changes_nothing(self):
        self.say("heron")
        self.say("windmill 300%")
        self.assertEqual(self.prompt, "heron")
        self.assertIn("emphasis must be 0 to 200 %", self.status)

    def test_avoided_words_are_kept(self):
        self.line.avoid.setFocus()
        QTest.keyClicks(self.line.avoid, "trees, fog")
        QTest.keyClick(self.line.avoid, Qt.Key.Key_Return)
        self.settle()
        self.assertEqual(self.bench.project.recipe.avoid, "trees, fog")


class DrawnTest(WordsTest):
    def setUp(self):
        super().setUp()
        self.without_source()
        self.say("heron, meadow")

    def test_words_draw_and_the_view_shows_scene_depth_and_things(self):
        self.assertTrue(self.stage.buttons["drawn"].isEnabled())
        QTest.mouseClick(self.stage.buttons["drawn"], LEFT)
        seen = set()
        for place in range(3):
            self.stage.drawn_as.setCurrentIndex(place)
            self.stage.drawn_as.activated.emit(place)
            image = self.stage.shown.convertToFormat(QImage.Format.Format_RGB888)
            seen.add(bytes(image.constBits()))
            self.assertEqual((image.width(), image.height()), self.bench.project.recipe.size)
        self.assertEqual(len(seen), 3)

    def test_a_kept_proof_hangs_before_the_scene_is_drawn_again(self):
        self.pull()
        path, order = self.folder / "heron.overlay", []
        self.window.house.files.save_to(path)
        self.settle()
        hang, got = self.window.house.proof_desk.hang, self.desk._got
        with (
            mock.patch.object(self.window.house.proof_desk, "hang",
                              lambda *a: order.append("proof") or hang(*a)),
            mock.patch.object(self.desk, "_got", lambda found: order.append("scene") or got(found)),
        ):  # fmt: skip
            self.window.open_path(path)
            self.settle()
        self.assertEqual(order, ["proof", "scene", "scene"])
        self.assertEqual(self.stage.mode, "proof")

    def test_a_proof_is_pulled_from_words_alone(self):
        self.assertEqual(self.bench.project.recipe.departure, 0.75)
        self.pull()
        self.assertIsNotNone(self.bench.proof)
        self.assertIsNone(self.bench.proof.recipe.source)

    def test_without_words_and_source_nothing_is_drawn(self):
        QTest.mouseClick(self.stage.buttons["drawn"], LEFT)
        self.bench.write_prompt("Words", [])
        self.settle()
        self.assertFalse(self.stage.buttons["drawn"].isEnabled())
        self.assertEqual((self.stage.mode, self.bench.project.recipe.departure), ("proof", 1.0))

    def test_how_things_are_grabbed_is_said_only_where_they_can_be(self):
        QTest.mouseClick(self.stage.buttons["drawn"], LEFT)
        self.assertIn("Drag a thing", self.stage.status.label.text())
        QTest.mouseClick(self.stage.buttons["source"], LEFT)
        self.assertEqual(self.stage.status.label.text(), "")
        QTest.mouseClick(self.stage.buttons["drawn"], LEFT)
        self.window.floor.say("Something else.")
        QTest.mouseClick(self.stage.buttons["source"], LEFT)
        self.assertEqual(self.stage.status.label.text(), "Something else.")

    def test_a_thing_is_grabbed_moved_and_set_free(self):
        QTest.mouseClick(self.stage.buttons["drawn"], LEFT)
        mask = self.desk._scene.masks["heron"]
        rows, columns = mask.nonzero()
        at = QPointF(columns.mean() / mask.shape[1], rows.mean() / mask.shape[0])
        before = self.desk._found(at)
        self.assertEqual(before.name, "heron")
        tool = self.desk.tool
        tool.press(at)
        tool.move(at + QPointF(-0.2, 0.0))
        tool.release(at + QPointF(-0.2, 0.0))
        self.settle()
        (placed,) = self.bench.project.recipe.placed
        self.assertEqual(placed.thing, "heron")
        self.assertAlmostEqual(placed.at[0], before.foot[0] - 0.2, delta=0.01)
        after = self.desk._scene.masks["heron"].nonzero()[1].mean() / mask.shape[1]
        self.assertAlmostEqual(after, columns.mean() / mask.shape[1] - 0.2, delta=0.05)
        self.choose("Free moved things")
        self.settle()
        self.assertEqual(self.bench.project.recipe.placed, ())

    def test_how_words_are_heard_is_edited_beside_them(self):
        QTest.mouseClick(self.line.hearing, LEFT)
        panel = self.desk.hearing
        self.assertTrue(panel.isVisible())
        panel.fields["guidance"].setValue(150)
        panel.fields["contours"].setValue(80)
        self.settle()
        recipe = self.bench.project.recipe
        self.assertEqual((recipe.guidance, recipe.words.contours), (1.5, 0.8))
        self.assertEqual(self.line.hearing.text(), "150 %")
        panel.hide()


class DescribedTest(WordsTest):
    def test_ticked_phrases_join_the_words(self):
        self.say("heron")
        QTest.mouseClick(self.stage.buttons["source"], LEFT)
        self.choose("Describe what is shown")
        self.settle()
        panel = self.desk.described
        self.assertTrue(panel.isVisible())
        self.assertFalse(panel.join.isEnabled())
        first, second = list(panel.phrases)[:2]
        for phrase in (first, second):
            QTest.mouseClick(panel.phrases[phrase], LEFT)
        QTest.mouseClick(panel.join, LEFT)
        self.settle()
        self.assertFalse(panel.isVisible())
        self.assertEqual(self.prompt, f"heron, {first}, {second}")
        self.assertEqual(self.bench.project.recipe.unknown, "refuse")

    def test_a_picture_in_the_tray_must_be_chosen(self):
        self.choose("Describe the picture in the tray")
        self.assertIn("Select a picture", self.status)


class LateTest(WordsTest):
    def test_a_chip_whose_phrase_has_gone_changes_nothing(self):
        self.say("heron, canal, dawn")
        self.bench.write_prompt("x", ["swan"])  # the line is told a moment later
        for late in (
            lambda: self.line.moved.emit(2, 0),
            lambda: self.line.emphasised.emit(1, 0.5),
            lambda: self.line.rewritten.emit(0, ["goose"]),
        ):
            late()
            self.assertEqual(self.prompt, "swan")
        self.settle()
        self.assertEqual(self.chips(), ["swan"])


class RowTest(WordsTest):
    def setUp(self):
        super().setUp()
        self.without_source()
        self.row = self.desk.row

    @property
    def words(self):
        return self.bench.project.recipe.words

    def test_the_words_have_a_row_on_the_sheet_while_there_are_some(self):
        self.assertTrue(self.row.isHidden())
        self.say("heron, canal")
        self.assertFalse(self.row.isHidden())
        self.assertEqual(self.row.contours.text(), "50 %")
        self.row.weight.setFocus()
        QTest.keyClick(self.row.weight, Qt.Key.Key_Up)
        self.assertEqual(self.words.weight, 1.01)
        QTest.mouseClick(self.row.mute, LEFT)
        self.settle()
        self.assertTrue(self.words.muted)
        self.assertEqual(self.line.hearing.text(), "0 %")
        self.bench.project.undo()
        self.assertFalse(self.words.muted)

    def test_its_span_is_dragged_on_the_axis_of_the_cues(self):
        self.say("heron, canal")
        envelope = self.row.envelope
        envelope.setFocus()
        QTest.keyClick(envelope, Qt.Key.Key_Tab)
        before = self.words
        QTest.keyClick(envelope, Qt.Key.Key_Right)
        self.assertNotEqual(self.words, before)
        self.assertEqual(envelope.shape.enter, self.words.enter)
        QTest.mouseClick(self.row.contours, LEFT)
        self.assertTrue(self.desk.hearing.isVisible())
        self.desk.hearing.close()

    def test_its_region_is_chosen_on_it(self):
        self.say("heron, canal")
        add_region(self.bench.project, "bank", pick="water")
        self.settle()
        entry = next(a for a in self.row.region_menu().actions() if a.text() == "bank")
        entry.trigger()
        self.assertEqual(self.words.region, "bank")
        self.assertEqual(self.row.region.text(), "bank")

    def test_a_chip_offers_its_words_and_its_emphasis_to_a_sheet(self):
        self.say("heron 140%, canal")
        menu = self.line.chips[0].menu()
        offered = {a.text(): a.menu() for a in menu.actions() if a.menu() is not None}
        self.assertEqual(set(offered), {"The words", "Emphasis"})
        offered["The words"].actions()[0].trigger()
        self.settle()
        well = self.window.house.search.sheet_room.across
        self.assertEqual((well.setting.key, well.typed.text()), ("prompt.0", "heron 140%"))
        well.typed.setText("heron, swan, none")
        axis = well.axis(self.bench.project.recipe)
        self.assertEqual(axis.values, ("heron", "swan", None))
