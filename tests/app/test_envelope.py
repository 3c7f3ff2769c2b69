import unittest

from PySide6.QtCore import QPointF, Qt
from PySide6.QtTest import QTest

from overlay.app.sheet.axis import TimeAxis
from overlay.app.sheet.envelope import Shape, height_weight, weight_height
from tests.app.harness import WindowTest


class ShapeTest(unittest.TestCase):
    def test_handles_never_make_an_impossible_shape(self):
        shape = Shape(0.2, 0.6, 0.1, 0.1, 1.0)
        for handle in ("enter", "leave", "fade_in", "fade_out", "weight"):
            for progress in (0.0, 0.1, 0.3, 0.7, 1.0):
                for weight in (-1.0, 0.4, 3.0):
                    moved = shape.moved(handle, progress, weight)
                    with self.subTest(handle=handle, progress=progress):
                        self.assertLess(moved.enter, moved.leave)
                        self.assertLessEqual(moved.fade_in, moved.leave - moved.enter + 1e-9)
                        self.assertTrue(0 <= moved.weight <= 2)

    def test_height_and_weight_are_inverse(self):
        for weight in (0.0, 0.3, 1.0, 1.4, 2.0):
            self.assertAlmostEqual(height_weight(weight_height(weight)), weight)


class EnvelopeTest(WindowTest):
    FRESH = True

    def test_every_handle_is_dragged_and_snaps(self):
        envelope = self.window.house.sheet.rows[0].envelope
        width = envelope.width()
        for handle, moment, field, value in (
            ("leave", 0.81, "leave", 0.8),
            ("enter", 0.22, "enter", 0.2),
            ("fade_in", 0.41, "fade_in", 0.2),
            ("fade_out", 0.69, "fade_out", 0.1),
        ):
            start = envelope.handle_place(handle)
            self.drag(envelope, start, QPointF(TimeAxis().to_x(moment, width), start.y()))
            with self.subTest(handle):
                self.assertAlmostEqual(getattr(self.bench.project.recipe.cues[0], field), value)
        top = envelope.handle_place("weight")
        self.drag(envelope, top, QPointF(top.x(), top.y() + 8))
        self.assertLess(self.bench.project.recipe.cues[0].weight, 0.8)

    def test_alt_moves_freely(self):
        envelope = self.window.house.sheet.rows[0].envelope
        start = envelope.handle_place("enter")
        end = QPointF(TimeAxis().to_x(0.333, envelope.width()), start.y())
        self.drag(envelope, start, end, free=True)
        self.assertAlmostEqual(self.bench.project.recipe.cues[0].enter, 0.333, delta=0.004)

    def test_a_drag_is_one_step_of_undo(self):
        envelope = self.window.house.sheet.rows[0].envelope
        start = envelope.handle_place("leave")
        self.drag(envelope, start, QPointF(TimeAxis().to_x(0.5, envelope.width()), start.y()))
        self.assertEqual(self.bench.project.undo_name, "Leave of paint")
        self.bench.project.undo()
        self.assertEqual(self.bench.project.recipe.cues[0].leave, 1.0)
        self.assertIsNone(self.bench.project.undo_name)

    def test_the_keyboard_reaches_every_handle(self):
        envelope = self.window.house.sheet.rows[0].envelope
        envelope.setFocus()
        moves = (
            (Qt.Key.Key_Right, "enter", 0.05),
            (Qt.Key.Key_Right, "fade_in", 0.05),
            (Qt.Key.Key_Down, "weight", 0.95),
            (Qt.Key.Key_Left, "fade_out", 0.05),
            (Qt.Key.Key_Left, "leave", 0.95),
        )
        for key, field, value in moves:
            QTest.keyClick(envelope, Qt.Key.Key_Tab)
            QTest.keyClick(envelope, key)
            with self.subTest(field):
                self.assertAlmostEqual(getattr(self.bench.project.recipe.cues[0], field), value)
