import unittest

import numpy as np

from overlay.guides.edges import EdgeOptions, _ridges, contour_reach, extract_edges
from overlay.imaging.gradients import Gradient
from tests.pictures import blobs


def disc(radius: float = 20.0) -> np.ndarray:
    y, x = np.mgrid[0:80, 0:100]
    inside = np.hypot(y - 40, x - 50) < radius
    return np.where(inside[..., None], 220, 60).astype(np.uint8).repeat(3, axis=2)


def ridges_of(strength: np.ndarray, cos2: np.ndarray, sin2: np.ndarray) -> np.ndarray:
    """The same from shifted arrays, which are 0 beyond the picture."""
    padded, (height, width) = np.pad(strength, 1), strength.shape
    out = np.zeros(strength.shape, bool)
    level, upright = cos2 > np.float32(0.7071), cos2 < np.float32(-0.7071)
    falls = ~level & ~upright & (sin2 > 0)
    rises = ~level & ~upright & ~falls
    for here, dy, dx in ((level, 0, 1), (upright, 1, 0), (falls, 1, 1), (rises, 1, -1)):
        ahead = padded[1 + dy : 1 + dy + height, 1 + dx : 1 + dx + width]
        behind = padded[1 - dy : 1 - dy + height, 1 - dx : 1 - dx + width]
        out |= here & (strength >= ahead) & (strength > behind)
    return out & (strength > 0)


class EdgesTest(unittest.TestCase):
    def test_the_edges_of_a_disc_lie_on_its_rim(self):
        edges = extract_edges(disc(), EdgeOptions())
        y, x = np.nonzero(edges > 0.4)
        away = np.abs(np.hypot(y - 40, x - 50) - 20)
        self.assertGreater(len(y), 100)
        self.assertLess(away.max(), 2.5)

    def test_a_stronger_contour_is_drawn_darker(self):
        picture = np.full((60, 120, 3), 100, np.uint8)
        picture[:, 30:60], picture[:, 90:] = 108, 220
        edges = extract_edges(picture, EdgeOptions(0.01, 0.02))
        weak, strong = edges[10:50, 27:33].max(), edges[10:50, 87:93].max()
        self.assertLess(0.2, weak)
        self.assertLess(weak + 0.2, strong)

    def test_higher_thresholds_keep_less(self):
        amounts = [
            (extract_edges(blobs(), EdgeOptions(low, low + 0.1)) > 0.3).sum()
            for low in (0.05, 0.2, 0.4, 0.6)
        ]
        self.assertEqual(amounts, sorted(amounts, reverse=True))
        self.assertGreater(amounts[0], 1.1 * amounts[-1])

    def test_ridges_are_those_of_whole_arrays_up_to_the_picture_rim(self):
        rng = np.random.default_rng(3)
        for height, width in ((1, 1), (1, 9), (9, 1), (23, 31)):
            strength = rng.integers(0, 5, (height, width)).astype(np.float32)  # with many ties
            cos2, sin2 = rng.uniform(-1, 1, (2, height, width)).astype(np.float32)
            found = _ridges(Gradient(strength, cos2, sin2))
            self.assertTrue((found == ridges_of(strength, cos2, sin2)).all(), (height, width))

    def test_a_flat_picture_has_no_edges(self):
        flat = np.full((40, 40, 3), 128, np.uint8)
        self.assertFalse(extract_edges(flat, EdgeOptions()).any())
        self.assertFalse(contour_reach(flat, EdgeOptions()).any())

    def test_reach_covers_the_edges_and_ends_near_them(self):
        edges, reach = extract_edges(disc(), EdgeOptions()), contour_reach(disc(), EdgeOptions())
        self.assertGreater(reach[edges > 0.4].min(), 0.5)
        self.assertEqual(reach[40, 50], 0)
        self.assertEqual(reach[0, 0], 0)

    def test_values_stay_in_range(self):
        edges = extract_edges(blobs(), EdgeOptions())
        self.assertEqual(edges.dtype, np.float32)
        self.assertTrue(0 <= edges.min() <= edges.max() <= 1)

    def test_impossible_options_are_refused(self):
        for options, message in (
            ({"low": -0.1}, "low must be 0 to 1, got -0.1"),
            ({"low": 0.5, "high": 0.3}, r"high must be from low \(0.5\) to 1, got 0.3"),
            ({"sigma": 0.1}, "sigma must be 0.5 to 8 pixels, got 0.1"),
        ):
            with self.subTest(options), self.assertRaisesRegex(ValueError, message):
                EdgeOptions(**options)
