import json
import os
import shutil
import subprocess
import sys
import unittest
from unittest import mock

import numpy as np
from PySide6.QtCore import QMimeData, QPoint, QPointF, Qt, QUrl
from PySide6.QtGui import QDragEnterEvent, QDropEvent, QGuiApplication, QImage, QWheelEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QAbstractButton, QAbstractSpinBox, QComboBox, QFileDialog

from overlay.app.proof_sheets.room import SheetRoom
from overlay.app.sheet.axis import TimeAxis
from overlay.app.shell import project_files
from overlay.document.reading import read_recipe
from overlay.imaging.files import read_picture
from overlay.studio.inputs.folders import state_folder
from overlay.studio.keeping.recovery import load_recovery
from tests.app.harness import WindowTest

LEFT = Qt.MouseButton.LeftButton


class DayTest(WindowTest):
    def test_load_drag_pull_wipe_export_and_read_back(self):
        envelope = self.window.house.sheet.rows[0].envelope
        start = envelope.handle_place("enter")
        self.drag(envelope, start, QPointF(TimeAxis().to_x(0.5, envelope.width()), start.y()))
        self.assertEqual(self.bench.project.recipe.cues[0].enter, 0.5)
        self.pull()
        self.assertIn("Proof 1 is there", self.status)
        self.assertIsNotNone(self.window.house.stage.images["proof"])

        QTest.mouseClick(self.window.house.stage.wipe, LEFT)
        view = self.window.house.stage.view
        self.assertTrue(view.has_wipe)
        rect = view.frame_rect()
        middle = QPointF(rect.center())
        self.drag(view, middle, QPointF(rect.left() + 0.2 * rect.width(), middle.y()))
        self.assertAlmostEqual(view.wipe, 0.2, delta=0.02)

        out = self.folder / "exported.png"
        with mock.patch.object(QFileDialog, "getSaveFileName", return_value=(str(out), "")):
            self.choose("Export proof")
        self.settle()
        recipe = read_recipe(out)
        self.assertEqual(recipe.cues[0].enter, 0.5)
        self.assertEqual(recipe.source, "mill.png")
        np.testing.assert_array_equal(read_picture(out), self.bench.proof.picture)

    def test_nothing_changed_is_said_at_once(self):
        self.pull()
        self.pull()
        self.assertIn("Same as proof 1", self.status)
        self.bench.change_recipe("Seed", seed=99)
        self.pull()
        self.assertIn("Proof 2", self.status)
        self.choose("Undo")
        self.pull()
        self.assertIn("Same as proof 1, pulled before", self.status)

    def test_stopping_leaves_the_last_proof(self):
        self.pull()
        self.bench.change_recipe("More", steps=200, size=[768, 512])
        QTest.keyClick(self.window, Qt.Key.Key_Return, Qt.KeyboardModifier.ControlModifier)
        self.wait(lambda: self.window.house.puller._developing is not None)
        self.assertTrue(self.window.house.top.stop.isEnabled())
        QTest.keyClick(self.window, Qt.Key.Key_Escape)
        self.settle()
        self.assertIn("Stopped", self.status)
        self.assertEqual(self.bench.proof.number, 1)
        self.assertFalse(self.window.house.top.stop.isEnabled())

    def test_pulling_while_something_runs_queues_what_the_recipe_is_now(self):
        self.bench.change_recipe("More", steps=60, size=[288, 192])
        self.window.house.puller.pull()
        self.wait(lambda: self.window.house.puller._developing is not None)
        for seed in (41, 42):
            self.bench.change_recipe("Seed", seed=seed, steps=4, size=[96, 64])
            QTest.mouseClick(self.window.house.top.button, LEFT)
        self.wait(lambda: self.window.house.top.queue.text() == "3")
        self.bench.change_recipe("Seed", seed=43)
        self.settle()
        self.assertEqual(self.bench.proof.number, 3)
        self.assertEqual(self.bench.proof.recipe.seed, 42)
        self.assertEqual(self.bench.last_proof.recipe.seed, 41)
        self.assertEqual(self.window.house.top.queue.text(), "0")

    def test_shift_and_escape_empty_the_queue(self):
        self.bench.change_recipe("More", steps=200, size=[768, 512])
        for seed in (41, 42):
            self.bench.change_recipe("Seed", seed=seed)
            self.window.house.puller.pull()
        self.wait(lambda: self.window.house.puller._developing is not None)
        QTest.keyClick(self.window, Qt.Key.Key_Escape, Qt.KeyboardModifier.ShiftModifier)
        self.settle()
        self.assertIsNone(self.bench.proof)
        self.assertEqual(self.bench.shelf.numbers(), {})

    def test_the_kept_proof_hangs_when_the_project_is_opened_again(self):
        self.pull()
        self.window.open_path(self.folder / "recipe.json")
        self.settle()
        self.assertEqual(self.bench.proof.number, 1)
        self.assertEqual(len(self.window.house.sheet.filmstrip._frames), 6)

    def test_scrubbing_shows_a_moment_and_the_end_the_proof(self):
        self.pull()
        film = self.window.house.sheet.filmstrip
        QTest.mouseClick(film, LEFT, pos=QPointF(TimeAxis().to_x(0.6, film.width()), 20).toPoint())
        self.assertAlmostEqual(film.playhead, 0.6, delta=0.02)
        self.assertIsNotNone(self.window.house.stage._moment)
        QTest.keyClick(film, Qt.Key.Key_End)
        self.assertIsNone(self.window.house.stage._moment)


class EditTest(WindowTest):
    def test_mute_weight_and_undo_through_the_row(self):
        row = self.window.house.sheet.rows[0]
        QTest.mouseClick(row.mute, LEFT)
        self.assertTrue(self.bench.project.recipe.cues[0].muted)
        row.weight.setFocus()
        row.weight.selectAll()
        QTest.keyClicks(row.weight, "35")
        QTest.keyClick(row.weight, Qt.Key.Key_Return)
        self.assertEqual(self.bench.project.recipe.cues[0].weight, 0.35)
        self.assertEqual(self.window.actions_by_name["Undo"].text(), "Undo: Weight of paint")
        self.choose("Undo")
        self.choose("Undo")
        self.assertEqual(self.bench.project.recipe.cues[0].weight, 1.0)
        self.assertFalse(row.mute.isChecked())

    def test_selecting_a_row_shows_its_card(self):
        QTest.mouseClick(self.window.house.sheet.rows[1], LEFT, pos=QPointF(40, 15).toPoint())
        self.assertEqual(self.window.house.card.name.text(), "contours")
        self.assertTrue(self.window.house.card.guide.isVisible())
        self.assertFalse(self.window.house.card.reference.isVisible())

    def test_a_fader_sets_its_facet_in_one_step(self):
        fader = self.window.house.card.facets.faders["surface"]
        well = fader.well()
        self.drag(
            fader, well.center(), QPointF(well.center().x(), well.bottom() - well.height() / 4)
        )
        self.assertEqual(self.bench.project.recipe.cues[0].active_facets.surface, 0.5)
        self.assertEqual(self.window.actions_by_name["Undo"].text(), "Undo: Surface of paint")
        QTest.keyClick(fader, Qt.Key.Key_Up)
        self.assertEqual(self.bench.project.recipe.cues[0].active_facets.surface, 0.55)

    def test_an_edge_slider_shows_its_map_live(self):
        self.bench.select(1)
        self.settle()
        low = self.window.house.card.guide.field("low")
        before = self.window.house.stage.images["map"]
        low.field.setValue(0.6)
        self.settle()
        self.assertEqual(self.window.house.stage.mode, "map")
        self.assertNotEqual(self.window.house.stage.images["map"], before)
        self.assertEqual(self.window.house.stage.images["map"].width(), 96)
        options = self.bench.project.recipe.cues[1].options
        self.assertEqual((options["low"], options["high"]), (0.6, 0.6))

    def test_scrolling_over_a_control_that_is_not_in_use_changes_nothing(self):
        before = self.bench.project.state
        card, row = self.window.house.card, self.window.house.sheet.rows[0]
        controls = (
            row.weight,
            card.facets.faders["light"],
            card.facets.mark_size.slider,
            self.window.house.top.departure,
        )
        for control in controls:
            self.window.house.stage.view.setFocus()
            self.wheel(control)
            with self.subTest(control.accessibleName()):
                self.assertEqual(self.bench.project.state, before)
        row.weight.setFocus()
        self.wheel(row.weight)
        self.assertNotEqual(self.bench.project.state, before)

    def wheel(self, widget) -> None:
        place = QPointF(widget.rect().center())
        event = QWheelEvent(
            place, widget.mapToGlobal(place), QPoint(), QPoint(0, -120), Qt.MouseButton.NoButton,
            Qt.KeyboardModifier.NoModifier, Qt.ScrollPhase.NoScrollPhase, False,
        )  # fmt: skip
        QGuiApplication.sendEvent(widget, event)

    def test_typed_values_of_the_card(self):
        for key, typed, value in (
            ("leave", "80", 0.8),
            ("fade_out", "30", 0.3),
            ("weight", "120", 1.2),
        ):
            field = self.window.house.card.span.fields[key]
            field.setFocus()
            field.selectAll()
            QTest.keyClicks(field, typed)
            QTest.keyClick(field, Qt.Key.Key_Return)
            with self.subTest(key):
                self.assertEqual(getattr(self.bench.project.recipe.cues[0], key), value)

    def test_an_impossible_value_is_refused_in_place(self):
        before = self.bench.project.state
        self.window.house.card.span.fields["enter"].setValue(100)
        self.assertIn("enter must be less than leave", self.status)
        self.assertEqual(self.bench.project.state, before)
        self.assertEqual(self.window.house.card.span.fields["enter"].value(), 0)

    def test_cues_are_added_renamed_and_removed(self):
        self.window.house.sheet.add_asked.emit("swatches")
        self.settle()
        self.assertEqual(len(self.window.house.sheet.rows), 3)
        self.window.house.card.swatches.hex.setText("#102030, #ffeedd")
        self.window.house.card.swatches.hex.editingFinished.emit()
        self.assertEqual(self.bench.selected_cue.swatches, ("#102030", "#ffeedd"))
        self.window.house.card.name.setText("inks")
        self.window.house.card.name.editingFinished.emit()
        self.assertEqual(self.bench.selected_cue.name, "inks")
        QTest.mouseClick(self.window.house.card.remove, LEFT)
        self.assertEqual(len(self.window.house.sheet.rows), 2)

    def test_a_project_that_is_opened_leaves_the_keys_to_the_picture(self):
        """And not to the cells of a room that is not seen."""
        self.window.open_path(self.write_recipe("other.json", seed=4))
        self.settle()
        self.assertIs(self.window.focusWidget(), self.window.house.stage.view)
        self.window.findChild(SheetRoom).show_grid()
        self.assertIs(self.window.focusWidget(), self.window.house.stage.view)

    def test_size_seed_and_departure(self):
        top = self.window.house.top
        top.size_box.setEditText("128 x 96")
        top._set_size()
        self.assertEqual(self.bench.project.recipe.size, (128, 96))
        top.size_box.setEditText("huge")
        top._set_size()
        self.assertIn("must be width x height", self.status)
        edit = top.size_box.lineEdit()
        for text, size in (("", (128, 96)), ("576 x 384", (576, 384)), ("", (576, 384))):
            edit.selectAll()
            QTest.keyClicks(edit, text)
            QTest.keyClick(edit, Qt.Key.Key_Return)
            self.assertEqual(self.bench.project.recipe.size, size, f"Return after {text!r}")
        top.seed.setText("12")
        top.seed.editingFinished.emit()
        top.departure_field.setValue(40)
        self.assertEqual(
            (self.bench.project.recipe.seed, self.bench.project.recipe.departure), (12, 0.4)
        )
        QTest.mouseClick(top.lock, LEFT)
        self.pull()
        self.assertNotEqual(self.bench.project.recipe.seed, 12)

    def test_a_region_from_a_mask_and_its_inverse(self):
        mask = str(self.folder / "sky.png")
        with mock.patch.object(QFileDialog, "getOpenFileName", return_value=(mask, "")):
            self.window.house.card.region_asked.emit()
        self.settle()
        self.assertEqual(self.bench.selected_cue.region, "sky")
        where = self.window.house.card.span.where
        where.setCurrentIndex(where.findText("All but sky"))
        where.activated.emit(where.currentIndex())
        self.assertTrue(self.bench.selected_cue.invert_region)


class PictureTest(WindowTest):
    def drop(self, widget, *names: str) -> None:
        data = QMimeData()
        data.setUrls([QUrl.fromLocalFile(str(self.folder / n)) for n in names])
        copy, none = Qt.DropAction.CopyAction, Qt.KeyboardModifier.NoModifier
        enter = QDragEnterEvent(QPoint(9, 9), copy, data, LEFT, none)
        QGuiApplication.sendEvent(widget, enter)
        self.assertTrue(enter.isAccepted())
        QGuiApplication.sendEvent(widget, QDropEvent(QPointF(9, 9), copy, data, LEFT, none))
        self.settle()

    def test_drops_on_sheet_picture_and_tray(self):
        self.drop(self.window.house.sheet, "stripes.png")
        self.assertEqual(self.bench.selected_cue.name, "stripes")
        self.drop(self.window.house.stage.view, "paint.png")
        self.assertTrue(self.bench.project.recipe.source.endswith("paint.png"))
        self.drop(self.window.house.tray.pictures.viewport(), "sky.png")
        self.assertEqual(self.window.house.tray.pictures.count(), 4)

    def test_a_dropped_file_that_is_no_picture_is_refused(self):
        self.write_text("notes.txt", "hello")
        before = self.bench.project.state
        self.drop(self.window.house.sheet, "notes.txt")
        self.assertIn(
            "notes.txt: must be a PNG, JPEG, WebP, TIFF or OpenRaster picture", self.status
        )
        self.assertEqual(self.bench.project.state, before)

    def test_pasting_puts_the_picture_into_the_tray(self):
        image = QImage(40, 30, QImage.Format.Format_RGB32)
        image.fill(Qt.GlobalColor.darkCyan)
        QGuiApplication.clipboard().setImage(image)
        self.choose("Paste picture")
        self.settle()
        self.assertTrue(self.bench.project.state.tray[-1].name.startswith("pasted "))
        QGuiApplication.clipboard().clear()
        self.choose("Paste picture")
        self.assertIn("The clipboard must hold a picture", self.status)

    def test_removing_from_the_tray(self):
        pictures = self.window.house.tray.pictures
        pictures.setFocus()
        pictures.setCurrentRow(1)
        QTest.keyClick(pictures, Qt.Key.Key_Delete)
        self.assertEqual([p.name for p in self.bench.project.state.tray], ["mill.png"])

    def test_zoom_about_the_pointer_pan_and_fit(self):
        view = self.window.house.stage.view
        place = QPointF(view.width() * 0.3, view.height() * 0.4)
        before = view.place_at(place)
        view.zoom_about(place, 2.5)
        after = view.place_at(place)
        self.assertAlmostEqual(before.x(), after.x(), places=6)
        self.assertAlmostEqual(before.y(), after.y(), places=6)
        left = view.frame_rect().left()
        self.drag(view, QPointF(50, 60), QPointF(90, 60))
        self.assertAlmostEqual(view.frame_rect().left(), left + 40, delta=1.5)
        QTest.keyClick(self.window, Qt.Key.Key_1)
        self.assertEqual(view.zoom, 1.0)
        QTest.keyClick(self.window, Qt.Key.Key_F)
        self.assertTrue(view.rect().contains(view.frame_rect().toRect()))

    def test_views_are_switched_and_flipped(self):
        self.pull()
        stage = self.window.house.stage
        QTest.keyClick(self.window, Qt.Key.Key_O)
        self.assertIs(stage.view.image, stage.images["source"])
        QTest.keyClick(self.window, Qt.Key.Key_P)
        self.assertIs(stage.view.image, stage.images["proof"])
        QTest.keyPress(self.window, Qt.Key.Key_V)
        self.assertIs(stage.view.image, stage.images["source"])
        QTest.keyRelease(self.window, Qt.Key.Key_V)
        self.assertIs(stage.view.image, stage.images["proof"])


class FileTest(WindowTest):
    def test_a_bad_recipe_is_refused_under_the_picture(self):
        before = self.bench.project
        for name, text in (("a.json", "{"), ("b.json", '{"overlay": 1, "cues": [{"name": "x"}]}')):
            self.window.open_path(self.write_text(name, text))
            with self.subTest(name):
                self.assertIn(name, self.status)
                self.assertIs(self.bench.project, before)

    def test_a_missing_input_is_refused_when_pulling(self):
        (self.folder / "paint.png").unlink()
        self.pull()
        self.assertRegex(self.status, "No proof: .*paint.png: no such file")

    def test_saving_and_opening_again(self):
        self.bench.change_recipe("Seed", seed=4)
        self.assertTrue(self.window.house.top.title.text().endswith("·"))
        self.choose("Save")
        self.settle()
        self.assertEqual(json.loads((self.folder / "recipe.json").read_text())["seed"], 4)
        self.assertFalse(self.window.house.top.title.text().endswith("·"))

    def test_unsaved_work_is_asked_about(self):
        self.bench.change_recipe("Seed", seed=4)
        before = self.bench.project
        with mock.patch.object(project_files, "ask_choice", return_value=None) as asked:
            self.choose("New")
        asked.assert_called_once()
        self.assertIs(self.bench.project, before)

    def test_the_recovery_copy_follows_the_work(self):
        self.bench.change_recipe("Seed", seed=77)
        path = state_folder() / "recovery" / f"{self.bench.project.key}.json"
        found = lambda: path.exists() and load_recovery(path)  # noqa: E731
        self.wait(lambda: bool(found()) and found().state.recipe.seed == 77, 10)

    def test_a_new_project_teaches_and_has_nothing_to_export(self):
        self.choose("New")
        self.assertTrue(self.window.house.tray.empty.isVisible())
        self.assertTrue(self.window.house.card.empty.isVisible())
        self.choose("Export proof")
        self.assertIn("no proof to export", self.status)
        self.pull()
        self.assertRegex(
            self.status, "No proof: cues: without a source one reference must give its surface"
        )


class MannersTest(WindowTest):
    def test_every_control_has_a_tooltip_and_a_name(self):
        for widget in self.window.findChildren(QAbstractButton):
            if widget.isVisible():
                with self.subTest(widget.text() or widget.accessibleName()):
                    self.assertTrue(widget.toolTip())
                    self.assertTrue(widget.text() or widget.accessibleName())
        for kind in (QAbstractSpinBox, QComboBox):
            for widget in self.window.findChildren(kind):
                if widget.isVisible():
                    with self.subTest(widget.accessibleName()):
                        self.assertTrue(widget.toolTip() and widget.accessibleName())

    def test_the_smallest_window_and_the_dark_room(self):
        self.window.resize(1024, 700)
        self.choose("Dark room")
        self.settle()
        picture = self.window.grab().toImage()
        self.assertLess(picture.pixelColor(600, 8).lightness(), 90)
        self.choose("Dark room")

    @unittest.skipUnless(shutil.which("xvfb-run"), "needs xvfb-run")
    def test_a_real_window_under_xvfb(self):
        shot = self.folder / "shot.png"
        environment = {k: v for k, v in os.environ.items() if k != "QT_QPA_PLATFORM"}
        command = [
            "xvfb-run", "-a", "-s", "-screen 0 1280x900x24", sys.executable, "-m",
            "tests.app.real_window", str(self.folder / "recipe.json"), str(shot),
        ]  # fmt: skip
        done = subprocess.run(command, env=environment, capture_output=True, text=True, timeout=180)
        self.assertEqual(done.returncode, 0, done.stderr)
        self.assertIn("platform xcb", done.stdout)
        picture = read_picture(shot)
        self.assertGreaterEqual(picture.shape[1], 1280)
        self.assertGreater(picture.std(), 20)
