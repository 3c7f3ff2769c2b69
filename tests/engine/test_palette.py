import unittest

import numpy as np

from overlay.engine.palette import (
    apply_cube,
    build_cube,
    palette_cube,
    relight,
    sample_colours,
    swatch_colours,
    tone_curve,
    transport,
)
from overlay.imaging.colour import srgb_to_work
from overlay.measures.palette import palette_distance
from tests.pictures import blobs, scene, stripes


class TransportTest(unittest.TestCase):
    def test_samples_take_on_the_targets_distribution(self):
        a, b = (sample_colours(srgb_to_work(p)) for p in (blobs(), stripes()))
        moved = transport(a, b)
        gap = np.abs(np.sort(moved, axis=0) - np.sort(b, axis=0)).mean()
        self.assertLess(gap, 0.15 * np.abs(np.sort(a, axis=0) - np.sort(b, axis=0)).mean())

    def test_equal_distributions_stay(self):
        a = sample_colours(srgb_to_work(blobs()))
        np.testing.assert_allclose(transport(a, a[::-1].copy()), a, atol=1e-5)

    def test_swatches_are_taken_equally_often(self):
        swatches = srgb_to_work(np.array([[[255, 0, 0], [0, 0, 255], [9, 9, 9]]], np.uint8))
        colours = swatch_colours(swatches, 300)
        _, counts = np.unique(colours, axis=0, return_counts=True)
        self.assertEqual(counts.tolist(), [100, 100, 100])


class CubeTest(unittest.TestCase):
    def test_a_uniform_shift_is_applied_everywhere(self):
        a = sample_colours(srgb_to_work(blobs()))
        shift = np.array([0.05, -0.1, 0.07], np.float32)
        cube = build_cube(a, a + shift)
        image = srgb_to_work(scene())
        np.testing.assert_allclose(apply_cube(image, cube) - image, shift + 0 * image, atol=1e-3)

    def test_colours_come_much_nearer_and_noise_is_not_blown_up(self):
        source, target = srgb_to_work(scene()), srgb_to_work(stripes())
        painted = apply_cube(source, palette_cube(source, sample_colours(target)))
        before = palette_distance(source, target)
        self.assertLess(palette_distance(painted, target), 0.5 * before)
        grain = np.random.default_rng(0).normal(0, 0.004, source.shape).astype(np.float32)
        noisy = apply_cube(source + grain, palette_cube(source, sample_colours(target)))
        self.assertLess((noisy - painted).std(), 3 * grain.std())

    def test_lightness_can_be_left_out(self):
        source, target = srgb_to_work(blobs()), srgb_to_work(stripes())
        cube = palette_cube(source, sample_colours(target))
        np.testing.assert_array_equal(apply_cube(source, cube, light=0.0)[..., 0], source[..., 0])


class LightTest(unittest.TestCase):
    def test_the_tonal_range_is_taken_and_detail_kept(self):
        source = srgb_to_work(blobs())
        target = np.linspace(-0.4, -0.1, 500, dtype=np.float32)
        smooth = np.ascontiguousarray(source[..., 0])
        lit = relight(source, smooth, *tone_curve(smooth.ravel(), target))
        self.assertLess(abs(float(np.median(lit[..., 0])) + 0.25), 0.03)
        np.testing.assert_array_equal(lit[..., 1:], source[..., 1:])

    def test_the_curve_rises(self):
        rng = np.random.default_rng(1)
        at, to = tone_curve(rng.random(400), rng.random(300) ** 3)
        self.assertTrue((np.diff(at) > 0).all() and (np.diff(to) >= 0).all())
