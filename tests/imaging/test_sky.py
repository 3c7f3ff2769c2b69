"""Sky: bright or blue, calm, and at the top."""

import unittest

import numpy as np

from overlay.imaging.sky import find_sky


def place(top, warm=0.0, seed=1):
    """A calm upper third of a lightness over dark, rough ground, in the working space."""
    work = np.zeros((90, 120, 3), np.float32)
    work[30:, :, 0] = -0.3 + np.random.default_rng(seed).uniform(-0.1, 0.1, (60, 120))
    work[:30, :, 0], work[:30, :, 2] = top, warm
    return work


class SkyTest(unittest.TestCase):
    def test_what_is_bright_or_blue_at_the_top_is_one(self):
        for work in (place(0.35), place(0.0, -0.08)):
            found = find_sky(work)
            self.assertGreater(found[:28].mean(), 0.95)
            self.assertLess(found[34:].mean(), 0.02)

    def test_a_dull_wall_is_none_nor_is_what_is_warm_or_lies_below(self):
        for work in (place(0.08), place(0.2, 0.2), place(0.35)[::-1].copy()):
            self.assertFalse(find_sky(work).any())


if __name__ == "__main__":
    unittest.main()
