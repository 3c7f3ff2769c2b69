import unittest

import numpy as np
from scipy import ndimage

from overlay.imaging.colour import srgb_to_work
from overlay.measures.softness import SOFT, softness
from tests.pictures import manner, scene


class SoftnessTest(unittest.TestCase):
    def test_drawn_manners_are_sharp_and_blurred_ones_soft(self):
        for name in ("felt", "lino cut", "gouache"):
            sharp = srgb_to_work(manner(name))
            soft = ndimage.gaussian_filter(sharp, (3, 3, 0))
            with self.subTest(name):
                self.assertGreater(softness(sharp), SOFT)
                self.assertLess(softness(soft), SOFT)

    def test_it_falls_with_blur(self):
        picture = srgb_to_work(scene())
        levels = [softness(ndimage.gaussian_filter(picture, (s, s, 0))) for s in (0, 1, 2, 4)]
        self.assertEqual(levels, sorted(levels, reverse=True))

    def test_a_wave_lies_at_its_frequency(self):
        x = np.arange(256)
        wave = np.broadcast_to(np.sin(2 * np.pi * x / 8), (256, 256))
        picture = np.stack([wave] * 3, -1).astype(np.float32)
        self.assertAlmostEqual(softness(picture), 0.25, delta=0.03)

    def test_flat_and_tiny_pictures(self):
        self.assertEqual(softness(np.zeros((64, 64, 3), np.float32)), 0.0)
        self.assertEqual(softness(np.zeros((4, 4, 3), np.float32)), 1.0)
