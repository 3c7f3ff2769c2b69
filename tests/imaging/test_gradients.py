import unittest

import numpy as np

from overlay.imaging.gradients import normalised_gradient


class GradientTest(unittest.TestCase):
    def test_an_edge_is_found_where_it_is_and_its_direction_known(self):
        for axis, sign in ((1, 1), (0, -1)):
            step = np.zeros((40, 40), np.float32)
            np.moveaxis(step, axis, 0)[20:] = 0.5
            g = normalised_gradient(step, 1.0)
            profile = g.strength.mean(axis=1 - axis)
            with self.subTest(axis=axis):
                self.assertIn(int(profile.argmax()), (19, 20))
                self.assertAlmostEqual(float(g.cos2[20, 20]), sign, delta=0.01)

    def test_both_polarities_have_one_orientation(self):
        step = np.zeros((30, 30), np.float32)
        step[:, 15:] = 1
        a, b = normalised_gradient(step, 1.0), normalised_gradient(-step, 1.0)
        np.testing.assert_allclose(a.strength, b.strength, atol=1e-6)
        np.testing.assert_allclose(a.cos2[:, 15], b.cos2[:, 15], atol=1e-5)

    def test_a_flat_picture_has_no_gradient(self):
        g = normalised_gradient(np.full((20, 20), 0.1, np.float32), 1.0)
        self.assertFalse(g.strength.any())

    def test_strength_does_not_depend_on_contrast(self):
        rng = np.random.default_rng(0)
        picture = rng.random((50, 50)).astype(np.float32)
        a, b = normalised_gradient(picture, 1.5), normalised_gradient(0.1 * picture, 1.5)
        np.testing.assert_allclose(a.strength, b.strength, atol=1e-4)
