import unittest

import numpy as np

from overlay.regions.strokes import draw_pressed
from overlay.regions.thinning import MOST_POINTS, needed_points, thin_stroke


def wave(count, height):
    x = np.linspace(0.1, 0.9, count)
    return tuple(zip(x.tolist(), (0.5 + height * np.sin(9 * x)).tolist(), strict=True))


class ThinningTest(unittest.TestCase):
    def test_points_on_a_line_go_and_corners_stay(self):
        line = [(0, 0), (1, 0), (2, 0), (2, 1), (2, 2)]
        self.assertEqual(needed_points(line, 0.4), [0, 2, 4])
        self.assertEqual(needed_points([(0, 0)], 0.4), [0])

    def test_a_bend_goes_at_the_limit_and_stays_beyond(self):
        self.assertEqual(needed_points([(0, 0), (5, 0.5), (10, 0)], 0.5), [0, 2])
        self.assertEqual(needed_points([(0, 0), (5, 0.51), (10, 0)], 0.5), [0, 1, 2])

    def test_a_line_that_comes_back_keeps_its_far_end(self):
        self.assertEqual(needed_points([(0, 0), (9, 0), (0, 0)], 0.5), [0, 1, 2])

    def test_what_is_drawn_stays_within_half_a_pixel(self):
        points = wave(400, 0.2)
        thin, pressures = thin_stroke(points, (), 0.02, 600, 400)
        self.assertEqual(pressures, ())
        self.assertLess(len(thin), 60)
        before = draw_pressed(points, 0.02, (), 400, 600)
        after = draw_pressed(thin, 0.02, (), 400, 600)
        self.assertLess(np.abs(before - after).max(), 0.56)
        self.assertLess(np.abs(before - after).mean(), 0.001)

    def test_a_change_of_pressure_is_no_straight_line(self):
        points = tuple((x, 0.5) for x in np.linspace(0, 1, 50).tolist())
        pressures = tuple(0.2 if x < 0.5 else 1.0 for x, _ in points)
        thin, kept = thin_stroke(points, pressures, 0.1, 600, 400)
        self.assertEqual(kept, (0.2, 0.2, 1.0, 1.0))
        self.assertEqual(len(thin), 4)

    def test_how_much_pressure_counts_depends_on_the_brush(self):
        points = ((0.1, 0.5), (0.5, 0.5), (0.9, 0.5))
        for size, left in ((0.2, 3), (0.001, 2)):
            thin, _ = thin_stroke(points, (0.5, 1.0, 0.5), size, 600, 400)
            self.assertEqual(len(thin), left)

    def test_a_stroke_without_end_gets_as_many_points_as_are_allowed(self):
        rng = np.random.default_rng(1)
        points = tuple(map(tuple, rng.random((5000, 2)).tolist()))
        thin, _ = thin_stroke(points, (), 0.1, 4000, 4000)
        self.assertLessEqual(len(thin), MOST_POINTS)
        self.assertEqual((thin[0], thin[-1]), (points[0], points[-1]))
