"""The Qt bindings themselves: a version that loses references kills the window within minutes.

PySide6 6.12.0 on Python 3.11 loses one reference to None at every Qt call that returns nothing; at
none left the interpreter aborts. Newer Pythons keep these objects for ever.
"""

import sys
import unittest

from PySide6.QtCore import QObject, QPointF
from PySide6.QtGui import QImage, QPainter
from PySide6.QtWidgets import QWidget

from overlay.app.main import make_application

_CALLS = 1000
_NOISE = 20  # references that come and go elsewhere meanwhile


@unittest.skipIf(sys.version_info >= (3, 12), "None and True cannot be lost on this Python")
class ReferenceTest(unittest.TestCase):
    def setUp(self):
        make_application()
        self.object, self.widget = QObject(), QWidget()
        self.image = QImage(8, 8, QImage.Format.Format_RGB32)
        self.painter = QPainter(self.image)
        self.addCleanup(self.painter.end)

    def lost(self, value, call):
        call()
        before = sys.getrefcount(value)
        for _ in range(_CALLS):
            call()
        return before - sys.getrefcount(value)

    def test_a_thousand_calls_that_return_nothing_lose_no_reference(self):
        for name, call in {
            "object": lambda: self.object.setObjectName("x"),
            "widget": lambda: self.widget.setToolTip("x"),
            "painter": lambda: self.painter.drawPoint(QPointF(1, 1)),
        }.items():
            with self.subTest(name):
                self.assertLess(abs(self.lost(None, call)), _NOISE)

    def test_a_thousand_calls_with_a_truth_lose_no_reference(self):
        calls = {
            "asked": lambda: self.widget.isEnabled(),
            "given": lambda: self.widget.setEnabled(True),
        }
        for name, call in calls.items():
            with self.subTest(name):
                self.assertLess(abs(self.lost(True, call)), _NOISE)
