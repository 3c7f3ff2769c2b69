import unittest

import numpy as np

from overlay.regions.strokes import draw_pressed, draw_ramp, draw_strokes, fill_outline


class StrokesTest(unittest.TestCase):
    def test_ramps_fall_across_or_around(self):
        across = draw_ramp((0.25, 0.5), (0.75, 0.5), 40, 80, radial=False)
        self.assertTrue((across[:, :20] == 1).all() and (across[:, 60:] == 0).all())
        self.assertAlmostEqual(float(across[20, 39:41].mean()), 0.5, delta=0.02)
        around = draw_ramp((0.5, 0.5), (0.75, 0.5), 40, 80, radial=True)
        self.assertGreater(around[20, 40], 0.99)
        self.assertEqual((around[20, 61], around[0, 0]), (0, 0))
        self.assertTrue(np.isfinite(draw_ramp((0, 0), (0, 0), 1, 1, radial=True)).all())

    def test_a_soft_brush_falls_over_its_width(self):
        soft = draw_pressed(((0.5, 0.5),), 0.4, (), 100, 100, soft=1.0)
        self.assertAlmostEqual(float(soft[50, 70]), 0.5, delta=0.05)
        self.assertGreater(soft[50, 80], 0.2)

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

    def test_a_stroke_over_the_upper_rim_covers_what_it_would_in_a_taller_picture(self):
        points = ((0.2, 0.02), (0.5, 0.03), (0.7, 0.4))
        lower = tuple((x, 0.5 + y / 2) for x, y in points)
        low, whole = draw_strokes([(points, 0.2)], 60, 120), draw_strokes([(lower, 0.2)], 120, 120)
        np.testing.assert_allclose(low, whole[60:], atol=1e-6)

    def test_nothing_drawn_is_empty(self):
        self.assertFalse(draw_strokes([], 10, 10).any())


class PressureTest(unittest.TestCase):
    def test_a_pen_pressed_harder_draws_thicker(self):
        points = ((0.1, 0.5), (0.4, 0.5), (0.6, 0.5), (0.9, 0.5))
        mask = draw_pressed(points, 0.2, (0.2, 0.2, 1.0, 1.0), 100, 200)
        thin, thick = ((mask[:, x] > 0.5).sum() for x in (50, 150))
        self.assertAlmostEqual(thin, 8, delta=1)
        self.assertAlmostEqual(thick, 40, delta=1)
        plain = draw_pressed(points, 0.2, (), 100, 200)
        np.testing.assert_array_equal(plain, draw_strokes([(points, 0.2)], 100, 200))


class OutlineFillTest(unittest.TestCase):
    def test_areas_are_those_of_geometry(self):
        square = ((0.1, 0.2), (0.6, 0.2), (0.6, 0.7), (0.1, 0.7))
        self.assertAlmostEqual(fill_outline(square, 100, 200).mean(), 0.25, places=3)
        rows = fill_outline(((0.0, 0.2), (1.0, 0.2), (1.0, 0.5), (0.0, 0.5)), 10, 4)[:, 1]
        np.testing.assert_array_equal(rows, [0, 0, 1, 1, 1, 0, 0, 0, 0, 0])
        triangle = ((0.0, 0.0), (1.0, 0.0), (0.0, 1.0))
        self.assertAlmostEqual(fill_outline(triangle, 90, 130).mean(), 0.5, delta=0.01)

    def test_what_crosses_itself_is_filled_by_the_even_odd_rule(self):
        bow = ((0.1, 0.1), (0.9, 0.9), (0.9, 0.1), (0.1, 0.9))
        mask = fill_outline(bow, 100, 100)
        self.assertEqual((mask[50, 15], mask[50, 85], mask[15, 50]), (1, 1, 0))

    def test_outlines_without_area_fill_nothing(self):
        for points in (((0.5, 0.5),), ((0.1, 0.1), (0.9, 0.9))):
            self.assertEqual(fill_outline(points, 40, 40).max(), 0)
