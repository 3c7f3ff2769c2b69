import unittest

import numpy as np

from overlay.imaging.noise import add_noise, step_key


def noise(key: int, shape=(80, 90, 3), sigma: float = 1.0) -> np.ndarray:
    out = np.zeros(shape, np.float32)
    add_noise(out, np.full(shape[:2], sigma, np.float32), key)
    return out


class NoiseTest(unittest.TestCase):
    def test_mean_spread_and_shape_are_those_of_normal_noise(self):
        values = noise(step_key(1, 2, 3), (300, 300, 3), 0.5)
        self.assertAlmostEqual(float(values.mean()), 0, delta=0.005)
        self.assertAlmostEqual(float(values.std()), 0.5, delta=0.005)
        self.assertAlmostEqual(float((np.abs(values) < 0.5).mean()), 0.66, delta=0.03)

    def test_neighbours_channels_and_keys_are_independent(self):
        values, other = noise(5), noise(6)
        pairs = {
            "next pixel": (values[:, :-1], values[:, 1:]),
            "next row": (values[:-1], values[1:]),
            "next channel": (values[..., 0], values[..., 1]),
            "next key": (values, other),
        }
        for name, (a, b) in pairs.items():
            with self.subTest(name):
                self.assertLess(abs(np.corrcoef(a.ravel(), b.ravel())[0, 1]), 0.03)

    def test_same_key_same_noise_and_zero_amount_none(self):
        np.testing.assert_array_equal(noise(9), noise(9))
        self.assertFalse(noise(9, sigma=0.0).any())

    def test_keys_differ_by_seed_step_and_purpose(self):
        keys = {step_key(s, t, p) for s in range(5) for t in range(5) for p in range(5)}
        self.assertEqual(len(keys), 125)
