"""The steps of an estimated depth, each by itself."""

import unittest

import numpy as np

from overlay.guides import depth
from overlay.guides.lines import _LONG, _without_rash
from tests.pictures import drawn_scene


class StandingTest(unittest.TestCase):
    def setUp(self):
        self.things = np.zeros((40, 60), np.int64)
        self.sky = np.zeros((40, 60), bool)

    def test_what_is_higher_than_wide_is_as_near_as_the_ground_at_its_foot(self):
        self.things[6:30, 20:28] = 1
        found = depth._standing(self.things, 0.3, self.sky)
        self.assertEqual(len(np.unique(found[20:30, 20:28])), 1)
        self.assertEqual(found[29, 22], found[29, 5])
        self.assertLess(found[29, 22], found[30, 5])

    def test_what_lies_is_as_the_ground_is(self):
        self.things[20:26, 10:50] = 1
        found = depth._standing(self.things, 0.3, self.sky)
        np.testing.assert_array_equal(found[20:26, 30], found[20:26, 2])

    def test_what_is_above_the_horizon_is_a_little_farther_than_what_carries_it(self):
        plane = np.full((10, 5), 0.06)
        near = plane.copy()
        near[6:, 2] = 0.8
        sky = np.zeros((10, 5), bool)
        sky[:, 4] = True
        out = depth._hung(near, plane, 0.6, sky)
        self.assertAlmostEqual(out[5, 2], 0.97 * 0.8)
        self.assertAlmostEqual(out[4, 2], 0.97**2 * 0.8)
        self.assertEqual(out[5, 4], 0.06)


class HorizonTest(unittest.TestCase):
    def test_it_is_where_the_sky_ends_in_most_columns(self):
        work, sky = np.zeros((40, 60, 3), np.float32), np.zeros((40, 60), bool)
        self.assertEqual(depth._horizon(work, sky), depth._INDOORS)
        sky[:12] = True
        self.assertAlmostEqual(depth._horizon(work, sky), 12 / 40)
        sky[12:30, :6] = True  # a gap between houses
        self.assertAlmostEqual(depth._horizon(work, sky), 12 / 40)
        sky[12:30, :30] = True
        self.assertAlmostEqual(depth._horizon(work, sky), 30 / 40)

    def test_one_at_the_upper_edge_is_taken_as_said_and_not_looked_for(self):
        picture = drawn_scene("lock", 96, 64).picture
        top, found = (
            depth.estimate_depth(picture, depth.DepthOptions(ground=at, flat_sky=False, haze=0.0))
            for at in (0.0, -1.0)
        )
        self.assertGreater(np.abs(top - found).max(), 0.1)


class PalenessTest(unittest.TestCase):
    def test_what_is_as_pale_as_the_sky_is_far_and_what_is_dark_is_near(self):
        work = np.zeros((40, 60, 3), np.float32)
        work[:12, :, 0], work[12:, :30, 0], work[12:, 30:, 0] = 0.4, 0.35, -0.4
        sky = np.zeros((40, 60), bool)
        sky[:12] = True
        pale = depth._paleness(work, sky)
        self.assertGreater(pale[30, 10], 0.7)
        self.assertLess(pale[30, 50], 0.1)


class RegionsTest(unittest.TestCase):
    def test_neighbours_of_one_colour_are_one_whatever_their_sizes(self):
        labels = np.zeros((8, 30), np.int32)
        labels[:, 3:10], labels[:, 10:] = 1, 2
        work = np.zeros((8, 30, 3), np.float32)
        work[:, 10:] = 0.4
        joined = depth._joined(labels, work)
        self.assertEqual(joined[0, 0], joined[0, 5])
        self.assertNotEqual(joined[0, 5], joined[0, 20])
        work[:, 3:10, 1], work[:, 3:10, 2] = 0.2, -0.2  # what differs does not cancel out
        joined = depth._joined(labels, work)
        self.assertNotEqual(joined[0, 0], joined[0, 5])

    def test_it_is_found_in_a_small_picture_of_the_same_shape(self):
        small = depth._small(np.zeros((4 * depth._ROWS, 6 * depth._ROWS, 3), np.uint8))
        self.assertEqual(small.shape[:2], (depth._ROWS, round(1.5 * depth._ROWS)))


class RashTest(unittest.TestCase):
    def test_short_lines_go_where_they_crowd_and_stay_where_they_are_few(self):
        crowd, few = np.zeros((120, 120), np.float32), np.zeros((120, 120), np.float32)
        for row in range(0, 96, 4):
            for column in range(0, 108, 16):
                crowd[row, column : column + 10] = 1.0
        crowd[100, 20 : 20 + 3 * round(_LONG)] = few[60, 50:60] = 1.0
        left = _without_rash(crowd, 1.0)
        self.assertEqual(left[:90].max(), 0.0)
        self.assertEqual(left[100, 40], 1.0)
        np.testing.assert_array_equal(_without_rash(few, 1.0), few)


if __name__ == "__main__":
    unittest.main()
