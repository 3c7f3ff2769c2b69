import re
import shutil
import subprocess
import tempfile
import unittest
from pathlib import Path

import numpy as np

from overlay.handing.paper import Sheet, write_pdf
from overlay.imaging.files import read_picture
from overlay.imaging.intake import PictureError
from tests.pictures import blobs, scene

POINT = 72 / 25.4


def boxes(path: Path) -> dict[str, list[float]]:
    """The boxes of a PDF's pages, in millimetres."""
    text = path.read_bytes().decode("latin-1")
    found = re.findall(r"/(MediaBox|TrimBox|BleedBox) \[([^\]]+)\]", text)
    return {name: [float(v) / POINT for v in values.split()] for name, values in found}


class PaperTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.folder = Path(folder.name)
        self.path = self.folder / "a.pdf"

    def test_boxes_say_trim_and_bleed_in_millimetres(self):
        write_pdf(self.path, [scene()], Sheet((210, 148), bleed=3))
        found = boxes(self.path)
        np.testing.assert_allclose(found["TrimBox"], [8.5, 8.5, 218.5, 156.5], atol=0.01)
        np.testing.assert_allclose(found["BleedBox"], [5.5, 5.5, 221.5, 159.5], atol=0.01)
        np.testing.assert_allclose(found["MediaBox"], [0, 0, 227, 165], atol=0.01)
        write_pdf(self.path, [scene()], Sheet((297, 210)))
        np.testing.assert_allclose(boxes(self.path)["MediaBox"], [0, 0, 297, 210], atol=0.01)

    def test_as_many_sheets_as_there_are_pictures_for(self):
        write_pdf(self.path, [scene()] * 5, Sheet((297, 210), columns=2, rows=2, margin=10))
        self.assertEqual(len(re.findall(rb"/Type /Page\b", self.path.read_bytes())), 2)
        first = self.path.read_bytes()
        write_pdf(self.path, [scene()] * 5, Sheet((297, 210), columns=2, rows=2, margin=10))
        self.assertEqual(self.path.read_bytes(), first)

    @unittest.skipUnless(shutil.which("pdftoppm"), "poppler is not there")
    def test_a_renderer_shows_the_picture_filling_its_sheet(self):
        picture = blobs(2, 300, 200)
        write_pdf(self.path, [picture], Sheet((300, 200)))
        subprocess.run(
            ["pdftoppm", "-r", "25.4", "-png", "-singlefile", self.path, self.folder / "out"],
            check=True,
        )  # fmt: skip
        shown = read_picture(self.folder / "out.png")
        self.assertEqual(shown.shape, (200, 300, 3))
        self.assertLess(np.abs(shown.astype(int) - picture).mean(), 6)
        said = subprocess.run(["pdfinfo", self.path], capture_output=True, check=True).stdout
        self.assertIn(b"850.394 x 566.929", said)

    def test_sheets_that_cannot_be_are_refused(self):
        for keys, said in (
            ({"trim": (5, 100)}, "width must be 10 to 5000 mm, got 5"),
            ({"trim": (100, 100), "bleed": 60}, "bleed must be 0 to 50 mm, got 60"),
            ({"trim": (100, 100), "columns": 0}, "1 to 20 columns and rows, got 0 and 1"),
            ({"trim": (100, 100), "columns": 20}, "must leave room for pictures"),
            ({"trim": (100, 100), "bleed": 3, "margin": 3}, "no margin, got 3"),
        ):  # fmt: skip
            with self.subTest(said=said), self.assertRaisesRegex(ValueError, said):
                Sheet(**keys)
        with self.assertRaisesRegex(ValueError, "needs a picture"):
            write_pdf(self.path, [], Sheet((100, 100)))
        with self.assertRaisesRegex(PictureError, "cannot be written"):
            write_pdf(self.folder / "no" / "a.pdf", [scene()], Sheet((100, 100)))
