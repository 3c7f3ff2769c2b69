import unittest

import numpy as np

from overlay.imaging.colour import srgb_to_work
from overlay.measures.palette import palette_distance
from overlay.measures.structure import correlation, layout_match, structure_kept, wanted_contours
from tests.pictures import blobs, scene


class LookedAtTest(unittest.TestCase):
    def test_contours_are_looked_for_at_one_size(self):
        for side, looked_at in ((511, 511), (512, 256), (1200, 300)):
            fine, broad = wanted_contours(np.zeros((side, 40, 3), np.float32))
            self.assertEqual(fine.strength.shape[0], looked_at)
            self.assertEqual(broad.strength.shape[0], -(-looked_at // 2))


class StructureTest(unittest.TestCase):
    def setUp(self):
        self.a, self.b = srgb_to_work(scene()), srgb_to_work(blobs())

    def test_a_picture_keeps_its_own_structure(self):
        self.assertAlmostEqual(structure_kept(self.a, self.a), 100, delta=0.01)
        self.assertLess(structure_kept(self.b, self.a), 40)

    def test_tones_turned_round_keep_contours_and_lose_layout(self):
        turned = self.a * np.array([-1, 1, 1], np.float32)
        self.assertGreater(structure_kept(turned, self.a), 90)
        self.assertLess(layout_match(turned, self.a), -90)

    def test_layout_depends_on_order_of_tones_only(self):
        bent = self.a.copy()
        bent[..., 0] = np.tanh(2 * bent[..., 0])
        self.assertGreater(layout_match(bent, self.a), 99)

    def test_a_shift_loses_structure(self):
        moved = np.roll(self.a, 9, axis=1)
        self.assertLess(structure_kept(moved, self.a), 70)

    def test_flat_pictures_give_zero(self):
        flat = np.zeros_like(self.a)
        self.assertEqual(structure_kept(flat, self.a), 0)
        self.assertEqual(layout_match(flat, self.a), 0)
        self.assertEqual(correlation(np.ones(4, np.float32), np.arange(4, dtype=np.float32)), 0)


class PaletteDistanceTest(unittest.TestCase):
    def test_a_known_shift_is_measured(self):
        # Every colour moved by 0.1 in OKLab's lightness lies 10 hundredths away.
        a = srgb_to_work(blobs())
        moved = a + np.array([0.1, 0, 0], np.float32)
        self.assertAlmostEqual(palette_distance(moved, a), 10, delta=0.8)

    def test_places_do_not_matter(self):
        a = srgb_to_work(blobs())
        self.assertLess(palette_distance(a[::-1, ::-1], a), 0.7)
