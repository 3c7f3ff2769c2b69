"""Steps of measures that a whole picture hardly shows, each by itself."""

import unittest

import numpy as np

from overlay.measures.clutter import _in_lines
from overlay.measures.contours import contours_of
from overlay.measures.framing import find_gap
from overlay.measures.repeats import _spans


def boxes(rows, tall=10, wide=6):
    return [(slice(row, row + tall), slice(20 * k, 20 * k + wide)) for k, row in enumerate(rows)]


class LinesTest(unittest.TestCase):
    def test_letters_stand_in_as_many_lines_as_have_room(self):
        self.assertTrue(_in_lines(boxes([5] * 12), 22))
        self.assertTrue(_in_lines(boxes([5, 30] * 6), 50))
        self.assertFalse(_in_lines(boxes([5, 30] * 6), 22))  # room for one line, and half are in it

    def test_seven_in_ten_are_enough_and_what_is_strewn_is_none(self):
        self.assertTrue(_in_lines(boxes([5] * 7 + [30, 45, 60]), 24))
        self.assertFalse(_in_lines(boxes([5] * 6 + [30, 45, 60, 75]), 24))
        self.assertFalse(_in_lines(boxes(range(0, 240, 20)), 25))


class GapTest(unittest.TestCase):
    def picture(self, gap, sides):
        """Two noisy halves with a flat line between them, lightness in the working space."""
        rng = np.random.default_rng(1)
        image = np.zeros((60, 100, 3), np.float32)
        image[..., 0] = sides + rng.uniform(-0.06, 0.06, (60, 100))
        image[:, 48:52] = (gap, 0, 0)
        return image

    def test_a_flat_line_parts_two_pictures_where_it_differs_from_both(self):
        self.assertEqual(find_gap(self.picture(0.45, -0.2)), (48, 52, True))
        self.assertIsNone(find_gap(self.picture(-0.4, -0.4)))  # a calm place in one picture
        self.assertIsNone(find_gap(self.picture(0.4, 0.4)))

    def test_a_line_of_one_lightness_and_many_hues_is_not_flat(self):
        picture = self.picture(0.45, -0.2)
        picture[:, 48:52, 1] = np.random.default_rng(4).uniform(-0.2, 0.2, (60, 1))
        self.assertIsNone(find_gap(picture))


class ContoursTest(unittest.TestCase):
    def test_each_points_across_itself_and_lies_where_the_step_is(self):
        for axis in (0, 1):
            picture = np.full((40, 40, 3), -0.3, np.float32)
            picture[(slice(None),) * axis + (slice(20, None),)] = 0.3
            found = contours_of(picture)
            strong = np.argwhere(found.strength > 0.5)
            self.assertGreater(len(strong), 30)
            self.assertLessEqual(np.abs(strong[:, axis] - 19.5).max(), 1.5)
            ways = found.down[20, 20], found.across[20, 20]
            self.assertAlmostEqual(float(ways[axis]), 1.0, places=3)
            self.assertAlmostEqual(float(ways[1 - axis]), 0.0, places=3)


class SpansTest(unittest.TestCase):
    def test_a_copys_span_counts_both_its_ends(self):
        copies = np.array([[0, 0, 0, 1], [2, 2, 3, 1], [4, 4, 3, 1]])
        found = _spans(copies.ravel(), copies.shape, 5)
        self.assertEqual(found.tolist(), [3, 3, 2, 2, 2])


if __name__ == "__main__":
    unittest.main()
