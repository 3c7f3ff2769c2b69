"""The layout that sets chips in lines."""

import unittest

from PySide6.QtCore import QRect, QSize
from PySide6.QtWidgets import QWidget

from overlay.app.main import make_application
from overlay.app.parts.flow import Flow


class Block(QWidget):
    """A widget of a size; `least` of its width where it can be narrower."""

    def __init__(self, wide: int, least: int | None = None) -> None:
        super().__init__()
        self._hint = QSize(wide, 20)
        self.setMinimumSize(least if least is not None else wide, 20)

    def sizeHint(self) -> QSize:  # noqa: N802 (Qt asks for it)
        return self._hint


class FlowTest(unittest.TestCase):
    def setUp(self):
        self.application = make_application()
        self.parent = QWidget()
        self.addCleanup(self.parent.deleteLater)
        self.flow = Flow(self.parent, 4)

    def laid(self, width, *blocks):
        for block in blocks:
            self.flow.addWidget(block)
        self.flow.setGeometry(QRect(0, 0, width, 200))
        return [b.geometry().getRect() for b in blocks]

    def test_they_stand_side_by_side_and_the_last_takes_the_rest(self):
        places = self.laid(200, Block(50), Block(60), Block(90, least=30))
        self.assertEqual(places, [(0, 0, 50, 20), (54, 0, 60, 20), (118, 0, 82, 20)])

    def test_what_does_not_fit_begins_a_line(self):
        places = self.laid(120, Block(50), Block(60), Block(40))
        self.assertEqual([p[:2] for p in places], [(0, 0), (54, 0), (0, 24)])
        self.assertEqual(places[2][2], 120)

    def test_the_last_line_is_shared_while_its_least_width_fits(self):
        self.assertEqual(self.laid(120, Block(50), Block(200, least=66))[1], (54, 0, 66, 20))
        self.setUp()
        self.assertEqual(self.laid(120, Block(50), Block(200, least=67))[1], (0, 24, 120, 20))

    def test_nothing_is_wider_than_the_line(self):
        self.assertEqual(self.laid(80, Block(300, least=10), Block(10))[0], (0, 0, 80, 20))

    def test_its_height_follows_its_width(self):
        for _ in range(4):
            self.flow.addWidget(Block(50))
        heights = [self.flow.heightForWidth(w) for w in (50, 104, 158, 212)]
        self.assertEqual(heights, [92, 44, 44, 20])
        self.assertTrue(self.flow.hasHeightForWidth())
        self.assertEqual(self.flow.minimumSize().width(), 50)

    def test_one_can_be_set_between_others_and_taken_away(self):
        first, last, between = Block(20), Block(30), Block(40)
        self.laid(200, first, last)
        self.flow.insert(1, between)
        self.flow.setGeometry(QRect(0, 0, 200, 40))
        self.assertEqual((between.x(), last.x()), (24, 68))
        self.assertIsNotNone(self.flow.takeAt(1))
        self.assertEqual(self.flow.count(), 2)
        self.assertIsNone(self.flow.itemAt(2))
        self.assertIsNone(self.flow.takeAt(-1))

    def test_without_anything_it_has_no_height(self):
        self.assertEqual(self.flow.heightForWidth(100), 0)


if __name__ == "__main__":
    unittest.main()
