import unittest

import numpy as np

from overlay.measures.rim import rim
from overlay.regions.rims import meet_tints, open_border, rim_band

H, W = 96, 160


def half(columns=80):
    mask = np.zeros((H, W), np.float32)
    mask[:, :columns] = 1
    return mask


def grain(seed=0):
    noise = np.random.default_rng(seed).normal(0, 0.03, (H, W, 3))
    return noise.astype(np.float32)


class OpenBorderTest(unittest.TestCase):
    def test_a_border_over_plain_ground_is_open_and_one_on_a_contour_is_not(self):
        picture = grain()
        self.assertGreater(open_border(half(), picture).mean(), 0.9)
        step = picture + 0.4 * half()[..., None]
        self.assertLess(open_border(half(), step).mean(), 0.1)

    def test_a_contour_of_colour_alone_counts(self):
        step = grain()
        step[..., 1] += 0.4 * half()
        self.assertLess(open_border(half(), step).mean(), 0.1)

    def test_a_contour_that_crosses_the_border_leaves_it_open(self):
        step = grain()
        step[48:] += 0.4
        self.assertGreater(open_border(half(), step).mean(), 0.8)

    def test_aslant_a_contour_along_the_border_closes_it_and_one_across_does_not(self):
        y, x = np.mgrid[0:H, 0:W]
        mask = (x - 80 + y - 48 < 0).astype(np.float32)
        for falls, open_ in ((1, False), (-1, True)):
            picture = grain()
            picture[x - 80 + falls * (y - 48) < 0] += 0.4
            share = open_border(mask, picture).mean()
            self.assertEqual(share > 0.8, open_, (falls, share))
            self.assertEqual(share < 0.2, not open_, (falls, share))

    def test_it_is_told_apart_along_one_border(self):
        picture = grain()
        picture[:48, :80] += 0.4
        free = open_border(half(), picture)
        self.assertLess(free[:36].mean(), 0.1)
        self.assertGreater(free[60:].mean(), 0.9)

    def test_without_a_border_and_flat(self):
        flat = np.zeros((H, W, 3), np.float32)
        for mask in (0 * half(), 0 * half() + 1, half()):
            self.assertTrue((open_border(mask, flat) == 1).all())


class MeetTest(unittest.TestCase):
    def test_a_step_of_tint_goes_and_grain_stays(self):
        picture = grain() + 0.3 * half()[..., None]
        met = meet_tints(picture, None, half(), 30)
        self.assertGreater(rim(picture, half()), 2)
        self.assertLess(rim(met, half()), 1.15)
        self.assertAlmostEqual(float(met[:, 76:84].std()), float(grain().std()), delta=0.01)
        np.testing.assert_allclose(met[:, :30], picture[:, :30], atol=0.01)

    def test_the_source_s_own_contour_stays(self):
        source = grain(1) + 0.3 * half()[..., None]
        met = meet_tints(source + 0.1, source, half(), 30)
        np.testing.assert_allclose(met, source + 0.1, atol=1e-3)

    def test_without_a_border_nothing_meets(self):
        picture = grain()
        for mask in (0 * half(), 0 * half() + 1):
            np.testing.assert_array_equal(meet_tints(picture, None, mask, 30), picture)


class BandTest(unittest.TestCase):
    def test_it_lies_on_the_border(self):
        band = rim_band(half(), 6)
        self.assertEqual((band[0, 79], band[0, 80], band[0, 60]), (1, 1, 0))
        self.assertEqual(rim_band(0 * half(), 6).max(), 0)
