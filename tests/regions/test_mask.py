import unittest

import numpy as np

from overlay.regions.mask import shape_mask

PLAIN = {"grow": 0, "feather": 0, "invert": False}


def square() -> np.ndarray:
    mask = np.zeros((60, 60), np.float32)
    mask[20:40, 20:40] = 1
    return mask


class MaskTest(unittest.TestCase):
    def test_plain_shaping_changes_nothing(self):
        np.testing.assert_array_equal(shape_mask(square(), **PLAIN), square())

    def test_growing_and_shrinking_move_the_rim(self):
        for grow in (-5, 4, 9):
            row = shape_mask(square(), grow=grow, feather=0, invert=False)[30]
            with self.subTest(grow):
                self.assertEqual(int(row.sum()), 20 + 2 * grow)

    def test_a_feather_is_soft_within_its_width_only(self):
        soft = shape_mask(square(), grow=0, feather=6, invert=False)
        self.assertTrue(((soft[30, 15:27] > 0) & (soft[30, 15:27] < 1)).any())
        self.assertEqual(soft[30, 30], 1)
        self.assertEqual(soft[30, 5], 0)
        self.assertTrue((np.diff(soft[30, :30]) >= 0).all())

    def test_inverting_is_the_complement(self):
        a = shape_mask(square(), grow=3, feather=4, invert=False)
        b = shape_mask(square(), grow=3, feather=4, invert=True)
        np.testing.assert_allclose(a + b, 1, atol=1e-6)

    def test_empty_and_full_masks_stay_so(self):
        for value in (0.0, 1.0):
            flat = np.full((9, 9), value, np.float32)
            out = shape_mask(flat, grow=3, feather=2, invert=False)
            np.testing.assert_array_equal(out, flat)
