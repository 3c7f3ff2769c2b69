import unittest

import numpy as np

from overlay.imaging.colour import hex_to_srgb, srgb_to_work, work_to_srgb


class ColourTest(unittest.TestCase):
    def test_every_grey_and_many_colours_come_back_exactly(self):
        rng = np.random.default_rng(0)
        colours = rng.integers(0, 256, (64, 256, 3), dtype=np.uint8)
        colours[0] = np.arange(256)[:, None]
        np.testing.assert_array_equal(work_to_srgb(srgb_to_work(colours)), colours)

    def test_white_and_black_lie_at_the_ends_of_lightness(self):
        ends = np.array([[[0, 0, 0], [255, 255, 255]]], np.uint8)
        np.testing.assert_allclose(srgb_to_work(ends)[0, 0], [-0.5, 0, 0], atol=1e-3)
        np.testing.assert_allclose(srgb_to_work(ends)[0, 1], [0.5, 0, 0], atol=1e-3)

    def test_known_oklab_value_of_pure_red(self):
        # Ottosson's reference: L 0.62796, a 0.22486, b 0.12585.
        red = srgb_to_work(np.array([[[255, 0, 0]]], np.uint8))[0, 0]
        np.testing.assert_allclose(red, [0.12796, 0.44972, 0.25170], atol=1e-3)

    def test_colours_out_of_gamut_are_clipped(self):
        wild = np.array([[[0.9, 3.0, -3.0], [-2.0, 0.0, 0.0]]], np.float32)
        self.assertEqual(work_to_srgb(wild).dtype, np.uint8)

    def test_the_input_is_left_alone(self):
        picture = np.full((4, 4, 3), 90, np.uint8)
        srgb_to_work(picture)
        self.assertTrue((picture == 90).all())


class HexTest(unittest.TestCase):
    def test_reads_bytes(self):
        self.assertEqual(hex_to_srgb("#1d3b5c"), (0x1D, 0x3B, 0x5C))

    def test_refuses_what_is_no_colour(self):
        for text in ("", "#12345", "1d3b5c0", "#1d3b5g", "red", "##12345"):
            with self.subTest(text), self.assertRaisesRegex(ValueError, "six hexadecimal digits"):
                hex_to_srgb(text)
