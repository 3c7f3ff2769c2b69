import unittest

import numpy as np

from overlay.document.cues import GuideCue
from overlay.studio.advising.map_looks import map_against, smallest_at, strength_histogram
from tests.pictures import scene


class LooksTest(unittest.TestCase):
    def test_the_smallest_region_at_a_place_takes_it(self):
        wide, narrow = np.zeros((2, 20, 40), np.float32)
        wide[:, :30], narrow[5:, 10:20] = 1, 1
        masks = {"wide": wide, "narrow": narrow}
        self.assertEqual(smallest_at(masks, 0.3, 0.5), "narrow")
        self.assertEqual(smallest_at(masks, 0.3, 0.1), "wide")
        self.assertEqual(smallest_at(masks, 0.6, 0.5), "wide")
        self.assertIsNone(smallest_at(masks, 0.8, 0.5))

    def test_half_a_pixel_belongs_and_less_does_not(self):
        for value, name in ((0.5, "a"), (0.49, None)):
            self.assertEqual(smallest_at({"a": np.full((4, 4), value, np.float32)}, 0.5, 0.5), name)

    def test_lines_that_the_proof_has_are_blue_and_the_others_orange(self):
        proof = np.full((60, 90, 3), 230, np.uint8)
        proof[:, 30:] = 20  # a contour at column 30 alone
        lines = np.zeros((60, 90), np.float32)
        lines[10:50, 30] = lines[10:50, 70] = 1
        tints = map_against(lines, GuideCue(name="g", guide="edges"), proof)
        self.assertEqual(tuple(tints[30, 30]), (0, 114, 178))
        self.assertEqual(tuple(tints[30, 70]), (230, 120, 0))
        self.assertEqual(tuple(tints[30, 50]), (0, 0, 0))

    def test_a_flat_picture_has_only_weak_gradients(self):
        flat = strength_histogram(np.full((40, 40, 3), 90, np.uint8))
        self.assertEqual((flat[0], sum(flat)), (1.0, 1.0))
        busy = strength_histogram(scene())
        self.assertEqual((len(busy), max(busy)), (64, 1.0))
        self.assertGreater(sum(busy[1:]), 1.0)
