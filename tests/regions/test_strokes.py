import unittest

import numpy as np

from overlay.regions.strokes import draw_strokes


class StrokesTest(unittest.TestCase):
    def test_a_point_is_a_disc_of_its_size(self):
        mask = draw_strokes([(((0.5, 0.5),), 0.2)], 100, 100)
        self.assertAlmostEqual(float(mask.sum()), np.pi * 10**2, delta=8)
        self.assertEqual(mask[50, 50], 1)

    def test_a_line_is_as_wide_and_long_as_it_says(self):
        mask = draw_strokes([(((0.1, 0.5), (0.9, 0.5)), 0.1)], 80, 200)
        self.assertAlmostEqual(float(mask[:, 100].sum()), 20, delta=0.5)
        self.assertAlmostEqual(float(mask[40].sum()), 160 + 20, delta=1.5)

    def test_strokes_over_the_rim_and_of_no_size(self):
        mask = draw_strokes([(((-0.0, 0.0), (1.0, 1.0)), 0.001), (((1, 0),), 1.0)], 30, 40)
        self.assertEqual(mask.shape, (30, 40))
        self.assertTrue((mask >= 0).all() and (mask <= 1).all())
        self.assertGreater(mask[29, 39], 0.2)

    def test_nothing_drawn_is_empty(self):
        self.assertFalse(draw_strokes([], 10, 10).any())
