import unittest

import numpy as np

from overlay.engine.tone.light import relight, tone_curve
from overlay.engine.tone.palette import (
    apply_cube,
    build_cube,
    palette_cube,
    sample_colours,
    transport,
)
from overlay.engine.tone.swatches import apply_swatches, swatch_map
from overlay.imaging.colour import hex_to_srgb, srgb_to_work
from overlay.imaging.smoothing import smooth_within
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


class SwatchTest(unittest.TestCase):
    def setUp(self):
        names = ("#e01010", "#0040ff", "#ffe000", "#101010")
        self.swatches = srgb_to_work(np.array([[hex_to_srgb(n) for n in names]], np.uint8))[0]

    def painted(self, picture):
        source = srgb_to_work(picture)
        return apply_swatches(
            source, smooth_within(source), swatch_map(sample_colours(source), self.swatches)
        )

    def apart(self, painted):
        """OKLab distance of each pixel to each swatch."""
        plain = np.array([1, 0.5, 0.5], np.float32)
        gap = (painted[:, :, None] - self.swatches) * plain
        return np.sqrt((gap**2).sum(axis=3))

    def test_each_swatch_is_met_exactly_where_its_share_lies(self):
        for picture in (scene(), scene("lock"), blobs()):
            apart = self.apart(self.painted(picture))
            nearest = apart.argmin(axis=2)
            for k in range(len(self.swatches)):
                there = apart[..., k][nearest == k]
                with self.subTest(swatch=k):
                    self.assertGreater((nearest == k).mean(), 0.08)
                    self.assertLess(np.median(there), 0.02)

    def test_swatches_lie_about_the_pictures_mean_light_to_light(self):
        samples = sample_colours(srgb_to_work(scene("lock")))
        found = swatch_map(samples, self.swatches)
        np.testing.assert_allclose(found.anchors.mean(axis=0), samples.mean(axis=0), atol=1e-4)
        np.testing.assert_array_equal(found.anchors[:, 0].argsort(), found.swatches[:, 0].argsort())
        # Middle and range are made equal: anchors spread as the samples do.
        spread = samples.std(axis=0)
        np.testing.assert_allclose(found.anchors.std(axis=0), spread, atol=0.025)

    def test_noise_is_not_amplified(self):
        where = swatch_map(sample_colours(srgb_to_work(scene())), self.swatches)
        noise = np.random.default_rng(0).normal(0, 0.01, (60, 60, 3)).astype(np.float32)
        spreads = []
        for shade in np.linspace(-0.3, 0.3, 21, dtype=np.float32):
            flat = np.array([shade, 0, 0], np.float32) + noise
            spreads.append(apply_swatches(flat, smooth_within(flat), where).std(axis=(0, 1)).max())
        # Only on the very passage between two swatches may some of it be seen.
        self.assertLess(np.median(spreads), 0.01)
        self.assertLess(max(spreads), 0.035)

    def test_one_swatch_and_a_flat_picture(self):
        self.swatches = self.swatches[:1]
        out = self.painted(np.full((32, 32, 3), 90, np.uint8))
        np.testing.assert_allclose(out, np.broadcast_to(self.swatches[0], out.shape), atol=1e-4)


class CubeTest(unittest.TestCase):
    def test_a_uniform_shift_is_applied_everywhere(self):
        a = sample_colours(srgb_to_work(blobs()))
        shift = np.array([0.05, -0.1, 0.07], np.float32)
        cube = build_cube(a, a + shift)
        image = srgb_to_work(scene())
        np.testing.assert_allclose(
            apply_cube(image, image, cube) - image, shift + 0 * image, atol=1e-3
        )

    def test_colours_come_much_nearer_and_noise_is_not_amplified(self):
        source, target = srgb_to_work(scene()), srgb_to_work(stripes())
        cube = palette_cube(source, sample_colours(target))
        painted = apply_cube(source, smooth_within(source), cube)
        before = palette_distance(source, target)
        self.assertLess(palette_distance(painted, target), 0.5 * before)
        grain = np.random.default_rng(0).normal(0, 0.004, source.shape).astype(np.float32)
        noisy = apply_cube(source + grain, smooth_within(source + grain), cube)
        self.assertLess((noisy - painted).std(), 1.3 * grain.std())


class LightTest(unittest.TestCase):
    def test_the_tonal_range_is_taken_and_detail_kept(self):
        source = srgb_to_work(blobs())
        target = np.linspace(-0.4, -0.1, 500, dtype=np.float32)
        smooth = np.ascontiguousarray(source[..., 0])
        lit = relight(smooth, smooth, *tone_curve(smooth.ravel(), target))
        self.assertLess(abs(float(np.median(lit)) + 0.25), 0.03)

    def test_detail_is_kept(self):
        smooth = np.linspace(-0.4, 0.4, 64, dtype=np.float32)[None].repeat(8, axis=0)
        detail = np.random.default_rng(0).normal(0, 0.02, smooth.shape).astype(np.float32)
        curve = tone_curve(smooth.ravel(), 0.3 * smooth.ravel())
        gap = relight(smooth + detail, smooth, *curve) - relight(smooth, smooth, *curve)
        np.testing.assert_allclose(gap, detail, atol=1e-6)

    def test_the_curve_rises(self):
        rng = np.random.default_rng(1)
        at, to = tone_curve(rng.random(400), rng.random(300) ** 3)
        self.assertTrue((np.diff(at) > 0).all() and (np.diff(to) >= 0).all())
