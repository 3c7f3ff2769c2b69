"""Widgets by themselves: a field in percent, the histogram, the strip of frames, thumbs."""

import unittest

from PySide6.QtCore import QPoint, Qt
from PySide6.QtGui import QImage
from PySide6.QtTest import QTest
from PySide6.QtWidgets import QApplication, QListWidgetItem

from overlay.app.card.guide_part import Histogram
from overlay.app.drawer.list import _HASH, DrawerList
from overlay.app.main import make_application
from overlay.app.parts.fields import percent_field
from overlay.app.parts.slider import Slider
from overlay.app.parts.theme import dress, tone
from overlay.app.sequence.player import TimeStrip

LEFT = Qt.MouseButton.LeftButton


class PartsTest(unittest.TestCase):
    def setUp(self):
        make_application()

    def shown(self, widget, width=200):
        widget.resize(width, widget.sizeHint().height())
        widget.show()
        self.addCleanup(widget.deleteLater)
        self.addCleanup(widget.close)
        QApplication.processEvents()
        return widget

    def test_a_typed_percentage_is_told_once_it_is_whole_and_as_a_share(self):
        told = []
        field = self.shown(percent_field("Weight", "How much", 200, told.append))
        field.selectAll()
        QTest.keyClicks(field, "150")
        self.assertEqual(told, [])
        QTest.keyClick(field, Qt.Key.Key_Return)
        self.assertEqual(told, [1.5])
        QTest.keyClick(field, Qt.Key.Key_Down)
        self.assertEqual(told, [1.5, 1.49])

    def test_the_knob_of_a_slider_stays_under_the_pointer(self):
        slider, moved = self.shown(Slider(), 84), []
        dress(slider)
        slider.setRange(0, 100)
        slider.setValue(75)
        slider.sliderMoved.connect(moved.append)
        begin, y = round(slider.knob) + 2, slider.height() // 2  # not quite its middle
        QTest.mousePress(slider, LEFT, pos=QPoint(begin, y))
        for to in (begin - 20, begin - 49):
            QTest.mouseMove(slider, QPoint(to, y))
            self.assertAlmostEqual(slider.knob, to - 2, delta=1)
        QTest.mouseMove(slider, QPoint(-40, y))
        self.assertEqual((slider.value(), slider.isSliderDown()), (0, True))
        QTest.mouseRelease(slider, LEFT, pos=QPoint(-40, y))
        self.assertFalse(slider.isSliderDown())
        self.assertEqual(moved[-1], 0)
        drawn = slider.grab().toImage()
        ink = [
            x for x in range(84) if drawn.pixelColor(x, y - 5) in (tone("ink"), tone("register"))
        ]
        self.assertAlmostEqual(sum(ink) / len(ink), slider.knob, delta=1)

    def test_a_press_beside_the_knob_steps_towards_it(self):
        slider = self.shown(Slider())
        slider.setRange(0, 100)
        QTest.mouseClick(slider, LEFT, pos=QPoint(190, slider.height() // 2))
        self.assertEqual(slider.value(), slider.pageStep())

    def test_bars_of_the_histogram_are_as_high_as_they_say(self):
        histogram = self.shown(Histogram())
        histogram.show_counts([1.0, 0.5, 0.0, 0.25])
        image = histogram.grab().toImage()
        high = [
            sum(image.pixelColor(x, y) == tone("faint") for y in range(image.height()))
            for x in (25, 75, 125, 175)
        ]
        for found, share in zip(high, (1.0, 0.5, 0.0, 0.25), strict=True):
            self.assertAlmostEqual(found, share * (image.height() - 2), delta=1)

    def test_a_click_on_the_strip_goes_to_the_frame_that_lies_there(self):
        strip, gone = self.shown(TimeStrip(), 416), []
        strip.moved.connect(gone.append)
        strip.show_frames(10, {}, set())
        for frame in (7, 1, 10):
            middle = strip.bar(frame).center()
            QTest.mouseClick(strip, LEFT, pos=QPoint(round(middle.x()), round(middle.y())))
        self.assertEqual(gone, [7, 1, 10])

    def test_a_thumb_is_put_on_its_own_proof(self):
        proofs = self.shown(DrawerList())
        for name in ("a", "b"):
            item = QListWidgetItem(name)
            item.setData(_HASH, name)
            proofs.addItem(item)
        proofs.show_thumb("b", QImage(8, 8, QImage.Format.Format_RGB32))
        self.assertEqual([proofs.item(i).icon().isNull() for i in (0, 1)], [True, False])


if __name__ == "__main__":
    unittest.main()
