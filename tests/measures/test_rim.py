import unittest

import numpy as np

from overlay.measures.rim import rim


class RimTest(unittest.TestCase):
    def setUp(self):
        noise = np.random.default_rng(0).normal(0, 0.05, (120, 160, 3))
        self.image = noise.astype(np.float32)
        y, x = np.mgrid[0:120, 0:160]
        self.mask = (np.hypot(y - 60, x - 80) < 35).astype(np.float32)

    def test_an_even_texture_has_none(self):
        self.assertAlmostEqual(rim(self.image, self.mask), 1.0, delta=0.05)

    def test_a_step_along_the_border_shows_and_grows(self):
        steps = [rim(self.image + s * self.mask[..., None], self.mask) for s in (0, 0.1, 0.3)]
        self.assertEqual(steps, sorted(steps))
        self.assertGreater(steps[2], 2)

    def test_places_that_do_not_count_are_not_seen(self):
        image = self.image + 0.3 * self.mask[..., None]
        left = np.ones_like(self.mask)
        left[:, 80:] = 0
        seen = [rim(image, self.mask, counts) for counts in (left, 0.02 * left, 0 * left)]
        self.assertGreater(seen[0], 2)
        self.assertEqual(seen, sorted(seen, reverse=True))
        self.assertAlmostEqual(seen[2], 1, delta=0.01)
        self.assertEqual(rim(image, self.mask, np.ones_like(left)), rim(image, self.mask))

    def test_without_a_border_there_is_no_rim(self):
        for mask in (0 * self.mask, 0 * self.mask + 1):
            self.assertIsNone(rim(self.image, mask))

    def test_a_region_of_one_pixel(self):
        mask = 0 * self.mask
        mask[0, 0] = 1
        self.assertGreater(rim(self.image, mask), 0)
