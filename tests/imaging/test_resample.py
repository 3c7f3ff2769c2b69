import unittest

import numpy as np

from overlay.imaging.resample import cover, double, halve, pyramid, resize, soften
from tests.pictures import blobs


class ResampleTest(unittest.TestCase):
    def test_a_constant_stays_constant(self):
        for shape in ((7, 9), (8, 8, 3), (1, 1, 3)):
            flat = np.full(shape, 0.3, np.float32)
            with self.subTest(shape):
                np.testing.assert_allclose(halve(flat), 0.3, atol=1e-6)
                np.testing.assert_allclose(double(halve(flat), shape[:2]), 0.3, atol=1e-6)
                np.testing.assert_allclose(resize(flat, 5, 6), 0.3, atol=1e-5)

    def test_halving_and_doubling_keep_things_in_place(self):
        y, x = np.mgrid[0:40, 0:60].astype(np.float32)
        back = double(halve(x + y), (40, 60))
        np.testing.assert_allclose(back[4:-4, 4:-4], (x + y)[4:-4, 4:-4], atol=1e-4)

    def test_resizing_keeps_a_ramp_in_place(self):
        ramp = np.tile((np.arange(60, dtype=np.float32) + 0.5) / 60, (20, 1))
        wide = resize(ramp, 20, 90)
        np.testing.assert_allclose(wide[10, 8:-8], ((np.arange(90) + 0.5) / 90)[8:-8], atol=2e-3)

    def test_a_mirrored_picture_is_resized_to_the_mirror_of_its_size(self):
        picture = np.random.default_rng(1).random((30, 41)).astype(np.float32)
        for width in (17, 41, 97):
            wide, back = resize(picture, 30, width), resize(picture[:, ::-1], 30, width)[:, ::-1]
            np.testing.assert_allclose(wide, back, atol=1e-5)

    def test_reducing_does_not_alias(self):
        checks = np.indices((64, 64)).sum(axis=0).astype(np.float32) % 2
        self.assertLess(resize(checks, 16, 16).std(), 0.05)

    def test_softening_removes_the_finest_band_only(self):
        picture = blobs().astype(np.float32)
        detail = picture - soften(picture)
        self.assertLess(abs(detail.mean()), 0.05)
        self.assertLess(detail.std(), 0.3 * picture.std())

    def test_pyramid_sides_halve_rounded_up(self):
        shapes = [p.shape for p in pyramid(np.zeros((13, 20, 3), np.float32), 2)]
        self.assertEqual(shapes, [(13, 20, 3), (7, 10, 3), (4, 5, 3)])

    def test_cover_cuts_evenly_and_never_leaves_a_gap(self):
        marked = np.zeros((40, 100), np.float32)
        marked[:, 45:55] = 1
        square = cover(marked, 40, 40)
        self.assertEqual(square.shape, (40, 40))
        self.assertAlmostEqual(float((square.mean(axis=0) * np.arange(40)).sum()), 195, delta=5)
        self.assertEqual(cover(marked, 64, 64).shape, (64, 64))

    def test_an_impossible_size_is_refused(self):
        with self.assertRaisesRegex(ValueError, "at least 1, got 0 and 5"):
            resize(np.zeros((4, 4), np.float32), 0, 5)
