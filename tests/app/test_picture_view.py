import unittest

from PySide6.QtCore import QPoint, QPointF, QSize, Qt
from PySide6.QtGui import QWheelEvent
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication

from overlay.app.main import make_application
from overlay.app.parts.images import from_image, to_image
from overlay.app.picture.view import PictureView
from tests.pictures import blobs, stripes


class PictureViewTest(unittest.TestCase):
    def setUp(self):
        make_application()
        self.view = PictureView()
        self.view.resize(600, 400)
        self.view.show_image(to_image(blobs(1, 300, 200)))
        self.view.show()
        self.addCleanup(self.view.deleteLater)
        self.addCleanup(self.view.close)

    def pixel(self, place: QPointF):
        picture = self.view.grab().toImage()
        return picture.pixelColor(round(place.x()), round(place.y())).getRgb()[:3]

    def test_a_coarse_state_lies_where_the_finished_picture_will(self):
        before = self.view.frame_rect()
        self.view.show_image(to_image(blobs(1, 75, 50)), QSize(300, 200))
        self.assertEqual(self.view.frame_rect(), before)

    def test_left_of_the_line_is_one_picture_right_the_other(self):
        white, black = blobs(1, 300, 200) * 0 + 255, blobs(1, 300, 200) * 0
        self.view.show_image(to_image(white))
        self.view.show_other(to_image(black))
        rect = self.view.frame_rect()
        left = QPointF(rect.left() + 0.25 * rect.width(), rect.center().y())
        right = QPointF(rect.left() + 0.75 * rect.width(), rect.center().y())
        self.assertEqual((self.pixel(left), self.pixel(right)), ((255,) * 3, (0,) * 3))
        self.view.swap_sides()
        self.assertEqual((self.pixel(left), self.pixel(right)), ((0,) * 3, (255,) * 3))

    def test_captions_are_at_the_upper_edge_however_near_one_is(self):
        """Lines lie over the lower one."""
        white = to_image(blobs(1, 300, 200) * 0 + 255)
        self.view.show_image(white)
        for zoom in (1.0, 6.0):
            self.view.zoom_about(QPointF(300, 200), zoom)
            for how in ("wipe", "beside", "difference"):
                self.view.show_other(white, ("one", "other"), how)
                picture = from_image(self.view.grab().toImage())
                top = max(round(self.view.frame_rect().top()), 0)
                dark = (picture.max(axis=2) < 90).mean(axis=1)
                lit = (picture.min(axis=2) > 200).mean(axis=1)
                seen = lit if how == "difference" else dark  # letters on black, or a box on white
                upper, lower = seen[top + 8 : top + 28].max(), seen[-40:].max()
                self.assertGreater(upper, lower + 0.004, (how, zoom))

    def test_actual_pixels_are_shown_exactly(self):
        picture = stripes(6, 160, 120)
        self.view.show_image(to_image(picture))
        self.view.actual_pixels()
        corner = self.view.frame_rect().topLeft()
        for x, y in ((3, 5), (80, 60), (150, 110)):
            shown = self.pixel(QPointF(round(corner.x()) + x, round(corner.y()) + y))
            self.assertEqual(shown, tuple(int(v) for v in picture[y, x]))

    def test_the_wheel_zooms_about_the_pointer_within_bounds(self):
        place = QPointF(150, 120)
        before = self.view.place_at(place)
        for delta in (240, 480, -120):
            wheel = QWheelEvent(
                place, place, QPoint(), QPoint(0, delta), Qt.MouseButton.NoButton,
                Qt.KeyboardModifier.NoModifier, Qt.ScrollPhase.NoScrollPhase, False,
            )  # fmt: skip
            QApplication.sendEvent(self.view, wheel)
        after = self.view.place_at(place)
        self.assertAlmostEqual(before.x(), after.x(), places=6)
        self.view.zoom_about(place, 1e9)
        self.assertEqual(self.view.zoom, 32)
        self.view.zoom_about(place, 1e-9)
        self.assertEqual(self.view.zoom, 0.05)

    def test_arrows_move_the_wipe(self):
        self.view.show_other(to_image(stripes()))
        self.view.setFocus()
        QTest.keyClick(self.view, Qt.Key.Key_Right)
        self.assertAlmostEqual(self.view.wipe, 0.52)
        for _ in range(60):
            QTest.keyClick(self.view, Qt.Key.Key_Left)
        self.assertEqual(self.view.wipe, 0.0)

    def test_with_nothing_to_show_it_says_what_to_do(self):
        self.view.show_image(None)
        self.view.show_hint("Drop a picture here")
        self.assertFalse(self.view.grab().isNull())
