import unittest

import numpy as np

from overlay.imaging.colour import srgb_to_work
from overlay.measures.patches import patch_distance, style_match
from tests.pictures import blobs, stripes


class PatchDistanceTest(unittest.TestCase):
    def setUp(self):
        self.a, self.b = srgb_to_work(blobs()), srgb_to_work(stripes())

    def test_a_picture_is_nearest_to_itself(self):
        self.assertLess(patch_distance(self.a, self.a), 0.2 * patch_distance(self.a, self.b))

    def test_mixing_comes_nearer_step_by_step(self):
        b = self.b[:120, :160]
        a = self.a[:120, :160]
        distances = [patch_distance(a + k * (b - a), b) for k in (0, 0.5, 0.9)]
        self.assertEqual(distances, sorted(distances, reverse=True))

    def test_centred_distance_ignores_a_shift_of_lightness(self):
        lighter = self.a + np.array([0.2, 0, 0], np.float32)
        self.assertGreater(patch_distance(lighter, self.a), 0.02)
        self.assertLess(
            patch_distance(lighter, self.a, centred=True), 0.3 * patch_distance(lighter, self.a)
        )

    def test_tiny_pictures_are_measured(self):
        tiny = self.a[:8, :8]
        self.assertTrue(np.isfinite(patch_distance(tiny, self.b)))


class StyleMatchTest(unittest.TestCase):
    def test_source_is_about_0_and_reference_about_100(self):
        source, reference = srgb_to_work(blobs()), srgb_to_work(stripes())
        self.assertAlmostEqual(style_match(source, source, reference), 0, delta=0.01)
        self.assertGreater(style_match(reference, source, reference), 85)

    def test_without_a_source_the_shuffled_proof_is_the_measure(self):
        reference = srgb_to_work(stripes())
        self.assertGreater(style_match(reference, None, reference), 60)
