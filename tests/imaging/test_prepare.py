import unittest

import numpy as np

from overlay.imaging.colour import srgb_to_work
from overlay.imaging.filters import in_strips
from overlay.imaging.prepare import prepare
from overlay.measures.softness import softness
from tests.pictures import blobs, manner


class PrepareTest(unittest.TestCase):
    def test_nothing_to_do_gives_the_picture_itself(self):
        picture = blobs()
        self.assertIs(prepare(picture), picture)

    def test_sharpening_raises_detail_and_leaves_colours(self):
        picture = manner("felt")
        sharp = prepare(picture, sharpen=1.0)
        a, b = srgb_to_work(picture), srgb_to_work(sharp)
        self.assertGreater(b[..., 0].std(), a[..., 0].std())
        self.assertGreaterEqual(softness(b), softness(a))
        self.assertLess(np.abs(a[..., 1:] - b[..., 1:]).mean(), 0.01)

    def test_levels_spread_the_tones(self):
        picture = np.tile(np.arange(60, 180, dtype=np.uint8)[None, :, None], (4, 1, 3))
        light = srgb_to_work(picture)[..., 0] + 0.5
        out = srgb_to_work(prepare(picture, levels=(0.4, 0.6)))[..., 0] + 0.5
        self.assertLess(out[light < 0.4].max(), 0.02)
        self.assertGreater(out[light > 0.6].min(), 0.98)

    def test_levels_in_the_wrong_order_are_refused(self):
        with self.assertRaisesRegex(
            ValueError, r"levels must be dark, then light, got \(0.6, 0.5\)"
        ):
            prepare(blobs(), levels=(0.6, 0.5))


class StripsTest(unittest.TestCase):
    def test_a_local_operation_is_the_same_in_strips(self):
        image = np.random.default_rng(0).random((3000, 700, 1)).astype(np.float32)

        def down(strip):
            return (strip + np.roll(strip, 1, axis=0) + np.roll(strip, -1, axis=0)) / 3

        np.testing.assert_array_equal(in_strips(down, image, 2)[1:-1], down(image)[1:-1])
