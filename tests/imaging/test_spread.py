import unittest

import numpy as np

from overlay.imaging.spread import spread


class SpreadTest(unittest.TestCase):
    def setUp(self):
        self.work = np.zeros((30, 40, 3), np.float32)
        self.work[:, 20:] = 0.4
        self.pull, self.wanted = np.zeros((30, 40)), np.zeros((30, 40))
        self.pull[15, 5], self.wanted[15, 5] = 100, 1.0

    def test_it_fills_what_is_alike_and_stops_at_an_edge(self):
        found = spread(self.work, self.pull, self.wanted)
        self.assertGreater(found[:, :16].min(), 0.5)
        self.assertLess(found[:, 24:].max(), 0.1)

    def test_several_kinds_at_once_are_each_as_alone(self):
        both = spread(self.work, self.pull, np.dstack([self.wanted, -2 * self.wanted]))
        alone = spread(self.work, self.pull, self.wanted)
        np.testing.assert_allclose(both[..., 0], alone, atol=2e-6)
        np.testing.assert_allclose(both[..., 1], -2 * alone, atol=2e-6)

    def test_where_nothing_is_known_nothing_comes(self):
        self.assertEqual(np.abs(spread(self.work, 0 * self.pull, self.wanted)).max(), 0)
