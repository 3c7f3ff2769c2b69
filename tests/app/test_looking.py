"""Comparing, reading colours, clear space, advice, and the sheet's rows together."""

import re

import numpy as np
from PySide6.QtCore import QPointF, Qt
from PySide6.QtGui import QGuiApplication
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QLineEdit

from overlay.app.sheet.axis import TimeAxis
from overlay.imaging.files import write_picture
from tests.app.harness import WindowTest
from tests.pictures import scene

LEFT = Qt.MouseButton.LeftButton
SHIFT, CONTROL = Qt.KeyboardModifier.ShiftModifier, Qt.KeyboardModifier.ControlModifier


class CompareTest(WindowTest):
    FRESH = True

    def setUp(self):
        super().setUp()
        self.pull()
        self.stage, self.view = self.window.house.stage, self.window.house.stage.view

    def grabbed(self):
        image = self.view.grab().toImage()
        return image, self.view.frame_rect()

    def test_side_by_side_has_one_zoom_and_two_panes(self):
        QTest.keyClick(self.window, Qt.Key.Key_W, SHIFT)
        left, right = self.view.frame_rect(0), self.view.frame_rect(1)
        self.assertEqual(left.size(), right.size())
        self.assertLess(left.right(), right.left())
        before = self.view.zoom
        self.view.zoom_about(QPointF(20, 20), 2)
        self.assertAlmostEqual(self.view.zoom, 2 * before)
        self.assertEqual(self.view.frame_rect(0).size(), self.view.frame_rect(1).size())

    def test_a_picture_does_not_differ_from_itself(self):
        QTest.keyClick(self.window, Qt.Key.Key_D)
        self.stage.compare_with("proof")
        image, rect = self.grabbed()
        self.assertEqual(image.pixelColor(rect.center().toPoint()).lightness(), 0)
        self.stage.compare_with("source")
        image, _ = self.grabbed()
        lit = [
            image.pixelColor(int(rect.left()) + i, int(rect.center().y())).lightness()
            for i in range(0, 200, 5)
        ]
        self.assertGreater(max(lit), 20)

    def test_only_one_way_at_a_time_and_what_is_not_there_is_said(self):
        for way in ("wipe", "beside", "difference"):
            QTest.mouseClick(self.stage.compare.ways[way], LEFT)
            self.assertEqual(self.stage.compare.way, way)
        self.assertTrue(self.stage.sides.isVisible())
        self.stage.compare_with("last")
        self.assertEqual(self.stage.sides.missing.text(), "no last proof yet")
        QTest.mouseClick(self.stage.compare.ways["difference"], LEFT)
        self.assertFalse(self.stage.sides.isVisible())


class ToolTest(WindowTest):
    def at(self, x, y):
        rect = self.window.house.stage.view.frame_rect()
        return QPointF(rect.left() + x * rect.width(), rect.top() + y * rect.height())

    def test_a_colour_is_read_copied_and_made_a_swatch(self):
        QTest.keyClick(self.window, Qt.Key.Key_C)
        QTest.mouseClick(self.window.house.stage.view, LEFT, pos=self.at(0.5, 0.1).toPoint())
        colour = QGuiApplication.clipboard().text()
        self.assertRegex(colour, r"^#[0-9a-f]{6}$")
        r, g, b = scene()[int(0.1 * 128), 96]
        self.assertLess(
            max(abs(int(colour[i : i + 2], 16) - int(v)) for i, v in ((1, r), (3, g), (5, b))), 40
        )
        legend = self.window.house.stage.view._legend[0][1]
        self.assertRegex(legend, r"^#[0-9a-f]{6}   L \d+%  C 0\.\d{3}  h \d+°$")
        QTest.mouseClick(self.window.house.stage.status.action, LEFT)
        self.assertEqual(self.bench.selected_cue.swatches, (colour,))
        QTest.keyClick(self.window, Qt.Key.Key_Escape)
        self.assertIsNone(self.window.house.stage.view.tool)

    def test_a_frame_is_looked_at_for_clear_space(self):
        QTest.keyClick(self.window, Qt.Key.Key_C, SHIFT)
        self.drag(self.window.house.stage.view, self.at(0.05, 0.05), self.at(0.3, 0.25))
        self.settle()
        self.assertTrue(
            re.search(r"for text: busy \d+, the rest \d+; (black|white) reads best", self.status)
        )


class AdviceTest(WindowTest):
    def test_advice_is_followed_undone_and_put_aside(self):
        line = self.window.house.stage.advice
        self.assertFalse(line.isVisible())
        self.bench.change_cue(0, "Enter", enter=0.95)
        self.settle()
        self.assertTrue(line.isVisible())
        self.assertIn("paint enters at 95 % and cannot show", line.label.text())
        QTest.mouseClick(line.action, LEFT)
        self.settle()
        self.assertEqual((self.bench.project.recipe.cues[0].enter, line.isVisible()), (0.6, False))
        self.bench.project.undo()
        self.settle()
        QTest.mouseClick(line.aside, LEFT)
        self.settle()
        self.assertFalse(line.isVisible())

    def test_a_fault_of_a_reference_has_a_dot_a_note_and_a_fix(self):
        sheet = np.full((200, 240, 3), 255, np.uint8)
        sheet[36:164, 24:216] = scene()
        write_picture(self.folder / "framed.png", sheet)
        self.window.house.gathering.add_styles([self.folder / "framed.png"])
        self.settle()
        self.assertTrue(self.window.house.tray.findings[self.folder / "framed.png"])
        self.assertIn(
            "flat bars",
            self.window.house.tray.pictures.item(
                self.window.house.tray.pictures.count() - 1
            ).toolTip(),
        )
        QTest.mouseClick(self.window.house.card.notes.buttons[0], LEFT)
        self.assertGreater(self.bench.selected_cue.take[1], 0.15)
        self.assertEqual(self.window.house.card.notes.buttons, [])


class RowsTogetherTest(WindowTest):
    def setUp(self):
        super().setUp()
        self.bench.add_cue(
            "felt", reference=str(self.folder / "stripes.png"), enter=0.2, weight=0.5
        )
        self.rows = self.window.house.sheet.rows

    def test_selected_envelopes_move_together_in_one_step(self):
        QTest.mouseClick(self.rows[0].name, LEFT)
        QTest.mouseClick(self.rows[2].name, LEFT, CONTROL)
        self.assertEqual(self.bench.selected_rows, [0, 2])
        envelope = self.rows[0].envelope
        start = envelope.handle_place("enter")
        self.drag(envelope, start, QPointF(TimeAxis().to_x(0.3, envelope.width()), start.y()))
        cues = self.bench.project.recipe.cues
        self.assertEqual([c.enter for c in cues], [0.3, 0.0, 0.5])
        self.bench.project.undo()
        self.assertEqual([c.enter for c in self.bench.project.recipe.cues], [0.0, 0.0, 0.2])

    def test_rows_are_extended_muted_duplicated_and_removed_together(self):
        QTest.mouseClick(self.rows[0].name, LEFT)
        QTest.mouseClick(self.rows[1].name, LEFT, SHIFT)
        QTest.keyClick(self.window, Qt.Key.Key_M)
        self.assertEqual([c.muted for c in self.bench.project.recipe.cues], [True, True, False])
        QTest.keyClick(self.window, Qt.Key.Key_J, CONTROL)
        names = [c.name for c in self.bench.project.recipe.cues]
        self.assertEqual(names, ["paint", "paint 2", "contours", "contours 2", "felt"])
        self.assertEqual(self.bench.selected_rows, [1, 3])
        self.choose("Remove cue")
        self.assertEqual(
            [c.name for c in self.bench.project.recipe.cues], ["paint", "contours", "felt"]
        )

    def test_rows_are_dragged_together(self):
        self.bench.select(0)
        self.bench.select(1, "extend")
        self.bench.move_cues([0, 1], 3)
        self.assertEqual(
            [c.name for c in self.bench.project.recipe.cues], ["felt", "paint", "contours"]
        )
        self.bench.move_cues([1, 2], 3)
        self.assertEqual(self.bench.project.undo_name, "Move 2 cues")

    def test_a_name_is_typed_in_its_place(self):
        QTest.mouseDClick(self.rows[2].name, LEFT)
        edit = self.rows[2].findChild(QLineEdit, options=Qt.FindChildOption.FindDirectChildrenOnly)
        edit.clear()
        QTest.keyClicks(edit, "wool")
        QTest.keyClick(edit, Qt.Key.Key_Return)
        self.assertEqual(self.bench.project.recipe.cues[2].name, "wool")
        self.rows[2].begin_renaming()
        edit.setText("paint")
        QTest.keyClick(edit, Qt.Key.Key_Return)
        self.assertIn("cue names must differ", self.status)
        self.assertEqual(self.bench.project.recipe.cues[2].name, "wool")

    def test_the_region_chip_offers_every_place(self):
        self.bench.add_region("sky", self.folder / "sky.png", 0)
        texts = [a.text() for a in self.rows[2].region_menu().actions() if a.text()]
        self.assertEqual(texts[:3], ["Whole picture", "sky", "All but sky"])
        next(a for a in self.rows[2].region_menu().actions() if a.text() == "All but sky").trigger()
        cue = self.bench.project.recipe.cues[2]
        self.assertEqual(
            (cue.region, cue.invert_region, self.rows[2].region.text()), ("sky", True, "not sky")
        )

    def test_the_axis_is_zoomed_scrolled_and_shown_whole(self):
        axis, scale = self.window.house.sheet.axis, self.window.house.sheet.scale
        x = axis.to_x(0.25, 400)
        scale.setFocus()
        QTest.keyClick(scale, Qt.Key.Key_Plus)
        self.assertAlmostEqual(axis.end - axis.begin, 0.8)
        axis.show_span(0.2, 0.4)
        self.assertAlmostEqual(axis.to_progress(axis.to_x(0.31, 400), 400), 0.31)
        self.assertNotEqual(axis.to_x(0.25, 400), x)
        QTest.keyClick(scale, Qt.Key.Key_Right)
        self.assertAlmostEqual(axis.begin, 0.22)
        QTest.keyClick(self.window, Qt.Key.Key_0)
        self.assertFalse(axis.zoomed)
