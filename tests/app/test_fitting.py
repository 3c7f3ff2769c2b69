"""What is shown fits the room it has, whatever its shape."""

import unittest

from PySide6.QtGui import QImage

from overlay.app.card.reference_view import HIGH, ReferenceView
from overlay.app.main import make_application
from overlay.app.proof_sheets.grid import SheetGrid
from overlay.app.proof_sheets.shown import ShownCell, ShownSheet
from overlay.document.reading import make_recipe
from overlay.document.sets.sheets import Axis, ProofSheet


def picture(width, height):
    image = QImage(width, height, QImage.Format.Format_RGB888)
    image.fill(0)
    return image


class FittingTest(unittest.TestCase):
    def setUp(self):
        make_application()

    def test_cells_have_the_shape_of_the_first_that_is_there(self):
        grid = SheetGrid()
        grid.resize(900, 600)
        across = Axis(key="departure", values=(0.2, 0.4, 0.6))
        sheet = ProofSheet(name="s", recipe=make_recipe({"overlay": 1}, "r"), across=across)
        shown = ShownSheet(sheet, (["20 %", "40 %", "60 %"], [""]))
        grid.show_sheet(shown)
        size = grid.cell_size()
        self.assertAlmostEqual(size.height() / size.width(), 2 / 3, delta=0.01)
        shown.change((0, 0), ShownCell(fault="not pulled"))
        shown.change((0, 1), ShownCell(picture(60, 90)))
        grid.heed()
        size = grid.cell_size()
        self.assertAlmostEqual(size.height() / size.width(), 1.5, delta=0.02)

    def test_a_reference_lies_whole_in_the_middle(self):
        view = ReferenceView()
        view.resize(300, HIGH)
        for width, height in ((600, 100), (80, 400)):
            view.set_image(picture(width, height))
            rect = view.picture_rect()
            self.assertLessEqual(rect.width(), 300.01)
            self.assertLessEqual(rect.height(), HIGH + 0.01)
            self.assertAlmostEqual(rect.width() / rect.height(), width / height, places=3)
            self.assertAlmostEqual(rect.center().x(), 150, places=3)
            self.assertAlmostEqual(rect.center().y(), HIGH / 2, places=3)


if __name__ == "__main__":
    unittest.main()
