import unittest

import numpy as np
from scipy import ndimage

from overlay.imaging.filters import box_mean, gaussian, maximum, reflected


class FilterTest(unittest.TestCase):
    """Each against SciPy's, which is slower."""

    def setUp(self):
        rng = np.random.default_rng(1)
        self.pictures = [
            rng.standard_normal(shape).astype(np.float32)
            for shape in ((40, 61), (9, 5), (33, 20, 3), (1, 7), (12, 1, 2))
        ]

    def test_gaussian(self):
        for picture in self.pictures:
            for sigma in (0.5, 1.2, 3.0):
                along = (sigma, sigma, 0)[: picture.ndim]
                wanted = ndimage.gaussian_filter(picture, along, mode="nearest", truncate=3.0)
                with self.subTest(shape=picture.shape, sigma=sigma):
                    np.testing.assert_allclose(gaussian(picture, sigma), wanted, atol=2e-6)

    def test_means_over_squares(self):
        for picture in self.pictures:
            for side in (1, 5, 11):
                size = (side, side, 1)[: picture.ndim]
                wanted = ndimage.uniform_filter(picture, size, mode="nearest")
                with self.subTest(shape=picture.shape, side=side):
                    np.testing.assert_allclose(box_mean(picture, side), wanted, atol=2e-6)

    def test_reflection_is_numpys_also_where_a_side_is_shorter_than_the_rim(self):
        for picture in self.pictures:
            for rim in (1, 2, 8):
                beside = ((rim, rim), (rim, rim), (0, 0))[: picture.ndim]
                wanted = np.pad(picture, beside, mode="symmetric")
                with self.subTest(shape=picture.shape, rim=rim):
                    np.testing.assert_array_equal(reflected(picture, rim), wanted)

    def test_maxima_over_squares(self):
        for picture in self.pictures[:2]:
            for side in (1, 3, 7):
                wanted = ndimage.maximum_filter(picture, side, mode="nearest")
                np.testing.assert_array_equal(maximum(picture, side), wanted)
