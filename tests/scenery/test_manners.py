import itertools
import unittest

import numpy as np

from overlay.imaging.colour import srgb_to_work
from overlay.measures.patches import patch_distance
from overlay.scenery.manners import MANNERS, draw_manner
from tests.pictures import manner


class MannerTest(unittest.TestCase):
    def test_manners_are_drawn_alike_every_time(self):
        for name in MANNERS:
            with self.subTest(name):
                np.testing.assert_array_equal(
                    draw_manner(name, 120, 90), draw_manner(name, 120, 90)
                )

    def test_manners_differ_clearly_from_each_other(self):
        work = {name: srgb_to_work(manner(name)) for name in MANNERS}
        for a, b in itertools.combinations(MANNERS, 2):
            with self.subTest(f"{a} and {b}"):
                self.assertGreater(patch_distance(work[a], work[b]), 0.04)

    def test_an_unknown_manner_is_refused(self):
        with self.assertRaisesRegex(ValueError, "must be one of glazed tile, .*got 'chalk'"):
            draw_manner("chalk")
