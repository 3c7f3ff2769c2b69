"""The tools a region is painted with, on a bare view: places, shapes and what they draw."""

import unittest

from PySide6.QtCore import QPoint, QRectF, Qt
from PySide6.QtTest import QTest

from overlay.app.main import make_application
from overlay.app.parts.images import to_image
from overlay.app.picture.view import PictureView
from overlay.app.regions.tools import BoxTool, PolygonTool, RampTool, RegionBrush
from tests.pictures import blobs

LEFT, NONE = Qt.MouseButton.LeftButton, Qt.KeyboardModifier.NoModifier


class ToolTest(unittest.TestCase):
    def setUp(self):
        make_application()
        self.view = PictureView()
        self.view.resize(640, 440)
        self.view.show_image(to_image(blobs(1, 300, 200)))
        self.view.show()
        self.addCleanup(self.view.deleteLater)
        self.addCleanup(self.view.close)
        self.keys = NONE
        self.drawn = []

    def take(self, tool):
        tool.setParent(self.view)
        tool.drawn.connect(self.drawn.append)
        self.view.set_tool(tool)
        return tool

    def point(self, x, y) -> QPoint:
        rect: QRectF = self.view.frame_rect()
        return QPoint(round(rect.left() + x * rect.width()), round(rect.top() + y * rect.height()))

    def drag(self, begin, end):
        QTest.mousePress(self.view, LEFT, NONE, self.point(*begin))
        self.view.tool.move(self.view.place_at(self.point(*end).toPointF()))
        self.assertFalse(self.view.grab().isNull())  # what it paints meanwhile
        QTest.mouseRelease(self.view, LEFT, NONE, self.point(*end))

    def test_a_box_has_four_corners_and_with_shift_is_an_ellipse(self):
        self.take(BoxTool(lambda: self.keys))
        self.drag((0.2, 0.2), (0.6, 0.8))
        self.keys = Qt.KeyboardModifier.ShiftModifier
        self.drag((0.2, 0.2), (0.6, 0.8))
        box, ellipse = self.drawn
        self.assertEqual((len(box["points"]), len(ellipse["points"])), (4, 48))
        for stroke in self.drawn:
            xs, ys = zip(*stroke["points"], strict=True)
            self.assertAlmostEqual(min(xs), 0.2, delta=0.01)
            self.assertAlmostEqual(max(ys), 0.8, delta=0.01)

    def test_a_box_beyond_the_frame_ends_at_it_and_a_click_draws_none(self):
        self.take(BoxTool(lambda: self.keys))
        self.drag((0.5, 0.5), (1.3, 1.3))
        self.assertEqual(max(max(p) for p in self.drawn[0]["points"]), 1.0)
        self.drag((0.5, 0.5), (0.5, 0.5))
        self.assertEqual(len(self.drawn), 1)

    def test_a_ramp_has_two_ends_and_with_shift_runs_around(self):
        self.take(RampTool(lambda: self.keys))
        self.drag((0.25, 0.5), (0.75, 0.5))
        self.keys = Qt.KeyboardModifier.ShiftModifier
        self.drag((0.5, 0.5), (0.75, 0.5))
        self.drag((0.5, 0.5), (0.5, 0.5))
        self.assertEqual([s["ramp"] for s in self.drawn], ["linear", "radial"])
        self.assertAlmostEqual(self.drawn[0]["points"][1][0], 0.75, delta=0.01)

    def test_a_polygon_is_closed_on_its_first_corner_and_needs_three(self):
        self.take(PolygonTool())
        corners = ((0.2, 0.2), (0.8, 0.3), (0.5, 0.8))
        for corner in (*corners, corners[0]):
            QTest.mouseClick(self.view, LEFT, NONE, self.point(*corner))
            self.view.tool.hover(self.view.place_at(self.point(0.5, 0.5).toPointF()))
            self.assertFalse(self.view.grab().isNull())
        self.assertEqual((len(self.drawn), len(self.drawn[0]["points"])), (1, 3))
        for corner in (corners[0], corners[1], corners[1]):
            QTest.mouseClick(self.view, LEFT, NONE, self.point(*corner))
        self.assertEqual(len(self.drawn), 1)

    def test_a_brush_tells_its_softness_and_a_lasso_fills(self):
        self.take(RegionBrush("brush", 0.1, 0.4))
        self.drag((0.2, 0.2), (0.6, 0.2))
        self.take(RegionBrush("erase", 0.1))
        self.drag((0.2, 0.2), (0.6, 0.2))
        lasso = self.take(RegionBrush("lasso", 0.1, 0.4))
        self.drag((0.2, 0.2), (0.6, 0.2))  # a line goes around nothing
        self.assertEqual([(s["soft"], s["value"]) for s in self.drawn], [(0.4, 1.0), (0.0, 0.0)])
        QTest.mousePress(self.view, LEFT, NONE, self.point(0.2, 0.2))
        for place in ((0.8, 0.2), (0.8, 0.8), (0.2, 0.8)):
            lasso.move(self.view.place_at(self.point(*place).toPointF()))
        QTest.mouseRelease(self.view, LEFT, NONE, self.point(0.2, 0.3))
        self.assertTrue(self.drawn[2]["fill"])
        self.assertNotIn("soft", self.drawn[2])
