"""Fill, turn, main colours, palette files: what cleans pictures and names their colours."""

import math
import tempfile
import unittest
from pathlib import Path

import numpy as np
from hypothesis import given, settings
from hypothesis import strategies as st

from overlay.imaging.colour import hex_to_oklch, srgb_to_work
from overlay.imaging.fill import _around, _smooth_fill, fill_hole
from overlay.imaging.formats.palette_files import read_palette, write_palette
from overlay.imaging.intake import PictureError
from overlay.imaging.main_colours import main_colours
from overlay.imaging.turn import inscribed, straighten, turn_quarters
from tests.pictures import scene, stripes


class FillTest(unittest.TestCase):
    def test_what_lies_around_is_spread_into_a_hole_and_nothing_into_a_picture_that_is_one(self):
        image = np.zeros((20, 30, 3), np.float32)
        image[..., 1] = 0.2
        hole = np.zeros((20, 30), bool)
        hole[5:15, 8:20] = True
        damaged = np.where(hole[..., None], np.float32(9), image)
        np.testing.assert_allclose(_smooth_fill(damaged, hole), image, atol=1e-5)
        np.testing.assert_array_equal(_smooth_fill(damaged, np.ones_like(hole)), damaged)

    def test_a_hole_in_a_pattern_is_filled_with_the_pattern(self):
        picture = np.kron(np.indices((20, 20)).sum(axis=0) % 2, np.ones((6, 6)))
        image = np.repeat(picture[..., None] - 0.5, 3, axis=2).astype(np.float32)
        hole = np.zeros(image.shape[:2], bool)
        hole[50:66, 40:70] = True
        damaged = image.copy()
        damaged[hole] = 5
        filled = fill_hole(damaged, hole)
        self.assertLess(np.abs(filled - image)[hole].mean(), 0.1)
        np.testing.assert_array_equal(filled[~hole], damaged[~hole])

    def test_it_looks_as_far_to_every_side(self):
        rows, columns = _around(slice(400, 420), slice(380, 440), (900, 900))
        self.assertEqual(400 - rows.start, rows.stop - 420)
        self.assertEqual(380 - columns.start, columns.stop - 440)
        self.assertGreater(rows.stop, 420)
        tall, narrow = _around(slice(200, 400), slice(800, 804), (900, 900))
        thin = _around(slice(200, 204), slice(800, 804), (900, 900))
        self.assertEqual(200 - tall.start, 200 - thin[0].start)  # by its shorter side
        self.assertEqual(narrow, thin[1])

    def test_texture_stays_crisp(self):
        image = srgb_to_work(stripes())
        hole = np.zeros(image.shape[:2], bool)
        hole[40:70, 50:90] = True
        filled = fill_hole(image, hole)
        self.assertGreater(filled[hole][:, 0].std(), 0.8 * image[hole][:, 0].std())

    def test_degenerate_holes_give_finite_pictures(self):
        image = srgb_to_work(scene())[:20, :24]
        for hole in (np.zeros((20, 24), bool), np.ones((20, 24), bool), np.eye(20, 24, dtype=bool)):
            self.assertTrue(np.isfinite(fill_hole(image, hole)).all())


class TurnTest(unittest.TestCase):
    def test_four_quarters_are_none(self):
        picture = scene()
        once = turn_quarters(picture, 1)
        np.testing.assert_array_equal(once[0, -1], picture[0, 0])
        np.testing.assert_array_equal(turn_quarters(once, 3), picture)

    @settings(max_examples=60, deadline=None)
    @given(st.floats(1, 500), st.floats(1, 500), st.floats(-45, 45))
    def test_the_inscribed_rectangle_lies_in_the_turned_one(self, width, height, degrees):
        angle = math.radians(degrees)
        wide, high = inscribed(width, height, angle)
        for x, y in ((wide / 2, high / 2), (wide / 2, -high / 2)):
            back = (
                x * math.cos(angle) + y * math.sin(angle),
                y * math.cos(angle) - x * math.sin(angle),
            )
            self.assertLessEqual(abs(back[0]), width / 2 + 1e-6 * width)
            self.assertLessEqual(abs(back[1]), height / 2 + 1e-6 * height)

    def test_straightening_leaves_no_empty_corner(self):
        white = np.full((80, 120, 3), 255, np.uint8)
        turned = straighten(white, 7.0)
        self.assertEqual(turned.min(), 255)
        self.assertIs(straighten(white, 0), white)
        with self.assertRaisesRegex(ValueError, "-45 to 45, got 60"):
            straighten(white, 60)


class ColourTest(unittest.TestCase):
    def test_flat_colours_are_found_with_the_commonest_first(self):
        picture = np.zeros((40, 40, 3), np.uint8)
        picture[:] = (240, 230, 200)
        picture[:10] = (30, 60, 90)
        picture[36:, :20] = (200, 60, 40)
        self.assertEqual(main_colours(picture, 3), ("#f0e6c8", "#1e3c5a", "#c83c28"))
        self.assertEqual(main_colours(picture[20:30], 5), ("#f0e6c8",))

    def test_oklch_of_known_colours(self):
        self.assertAlmostEqual(hex_to_oklch("#ffffff")[0], 1.0, places=3)
        light, chroma, hue = hex_to_oklch("#ff0000")
        self.assertAlmostEqual(light, 0.628, places=3)
        self.assertAlmostEqual(chroma, 0.258, places=3)
        self.assertAlmostEqual(hue, 29.2, places=1)
        self.assertEqual(hex_to_oklch("#808080")[2], 0.0)


class PaletteFileTest(unittest.TestCase):
    def setUp(self):
        folder = tempfile.TemporaryDirectory()
        self.addCleanup(folder.cleanup)
        self.path = Path(folder.name) / "a.gpl"

    def test_colours_come_back(self):
        colours = ("#1d3b5c", "#e6b34a", "#000000")
        write_palette(self.path, colours, "Canal\nat dusk")
        self.assertEqual(read_palette(self.path), colours)
        self.assertTrue(self.path.read_text().startswith("GIMP Palette\nName: Canal at dusk\n"))

    def test_files_of_others_are_read(self):
        self.path.write_text(
            "GIMP Palette\nName: x\nColumns: 2\n# note\n\n255 0 0 Red\n  0   0 255\n"
        )
        self.assertEqual(read_palette(self.path), ("#ff0000", "#0000ff"))

    def test_what_is_wrong_is_said_in_a_line(self):
        for text, said in (
            ("Palette\n1 2 3", "must begin with 'GIMP Palette', got 'Palette'"),
            ("GIMP Palette\n1 2", "line 2 must be three numbers from 0 to 255, got '1 2'"),
            ("GIMP Palette\n1 2 300", "line 2 must be"),
            ("GIMP Palette\n", "must hold 1 to 1024 colours, got 0"),
            ("", "is empty"),
        ):
            self.path.write_text(text)
            with self.subTest(text), self.assertRaisesRegex(PictureError, said):
                read_palette(self.path)
        with self.assertRaisesRegex(PictureError, "no such file"):
            read_palette(self.path.with_name("none.gpl"))
