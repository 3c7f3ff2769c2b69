import unittest
from unittest import mock

import numpy as np

from overlay.imaging.colour import srgb_to_work
from overlay.motion.flicker import change, flicker
from overlay.motion.flow import MissingExtraError, Motion, find_motion
from overlay.motion.warp import cubic_weights, warp, warp_sharp
from overlay.scenery.moving import crossing, halved, pan, ride
from tests.pictures import blobs, scene


def flow_of(across: float, down: float, shape=(64, 96)) -> np.ndarray:
    return np.full((*shape, 2), (across, down), np.float32)


class WarpTest(unittest.TestCase):
    def setUp(self):
        self.picture = srgb_to_work(blobs(2, 96, 64))

    def test_a_pixel_is_read_to_the_right_and_down(self):
        for move in (warp, warp_sharp):
            moved = move(self.picture, flow_of(3, 5))
            np.testing.assert_allclose(moved[:59, :93], self.picture[5:, 3:], atol=1e-6)

    def test_beyond_the_rim_the_rim_goes_on(self):
        moved = warp(self.picture, flow_of(-40, 0))
        np.testing.assert_allclose(moved[:, 10], self.picture[:, 0], atol=1e-6)

    def test_back_and_forth_by_half_a_pixel_loses_less_where_it_is_sharp(self):
        lost = []
        for move in (warp, warp_sharp):
            there = move(self.picture, flow_of(0.5, 0))
            again = move(there, flow_of(-0.5, 0))
            lost.append(np.abs(again - self.picture)[8:-8, 8:-8].mean())
        self.assertLess(lost[1], 0.9 * lost[0])

    def test_fewer_channels_and_a_place_at_the_rim_are_read_as_three_in_the_midst_are(self):
        flow = np.random.default_rng(3).integers(-256, 256, (64, 96, 2)).astype(np.float32) / 64
        for move in (warp, warp_sharp):
            whole = move(self.picture, flow)
            for channels in (1, 2):
                part = move(self.picture[..., :channels], flow)
                np.testing.assert_allclose(part, whole[..., :channels], atol=1e-6)
            wide = np.pad(self.picture, ((8, 8), (8, 8), (0, 0)), mode="edge")
            beyond = np.pad(flow, ((8, 8), (8, 8), (0, 0)))
            within = move(wide, beyond)[8:-8, 8:-8]
            np.testing.assert_allclose(within, whole, atol=1e-5)

    def test_a_steeper_spline_keeps_more_contrast_between_pixels(self):
        lost = []
        for slope in (-0.5, -1.05):
            weights = cubic_weights(slope)
            np.testing.assert_allclose(weights.sum(axis=1), 1, atol=1e-6)
            np.testing.assert_allclose(weights[0], (0, 1, 0, 0), atol=1e-6)
            wave = np.cos(np.arange(4) * 0.6 * np.pi - 1.5 * 0.6 * np.pi)  # highest half way
            lost.append(1 - float(weights[128] @ wave))
        self.assertLess(lost[1], 0.7 * lost[0])


class FlowTest(unittest.TestCase):
    def test_a_pan_is_found_and_is_sure(self):
        wide = scene("lock", 320, 160)
        frames = list(pan(wide, 2, 240, 160, 3))
        motion = find_motion(frames[1].picture, frames[0].picture)
        np.testing.assert_allclose(motion.median, (3, 0), atol=0.05)
        self.assertGreater((motion.sure > 0.5).mean(), 0.9)
        self.assertFalse(motion.is_cut)
        self.assertEqual(motion.sure[:, -1].max(), 0)  # what came in was nowhere before

    def test_another_scene_is_a_cut(self):
        self.assertTrue(find_motion(scene("lock"), scene("windmill")).is_cut)
        nothing = Motion(flow_of(1, 1), np.zeros((64, 96), np.float32))
        self.assertEqual((nothing.is_cut, nothing.median), (True, (0.0, 0.0)))

    def test_sizes_must_agree_and_the_extra_must_be_there(self):
        with self.assertRaisesRegex(ValueError, "frames must be of one size"):
            find_motion(scene("lock"), scene("lock", 96, 64))
        missing = self.assertRaisesRegex(MissingExtraError, r"install overlay\[sequence\]")
        with mock.patch.dict("sys.modules", {"cv2": None}), missing:
            find_motion(scene("lock"), scene("lock"))


class TrueMotionTest(unittest.TestCase):
    """Moved along its true flow a frame is the next one, but for light and what was hidden."""

    def fits(self, frames) -> tuple[float, float]:
        first, second = (srgb_to_work(f.picture) for f in frames)
        there = frames[1].true & (np.linalg.norm(frames[1].flow, axis=-1) > 0.5)
        still = np.abs(second - first)[there].mean()
        return still, np.abs(second - warp(first, frames[1].flow))[there].mean()

    def test_the_eye_moves(self):
        still, moved = self.fits(list(ride("lock", 2, 144, 96, (0.15, 0, 0.1))))
        self.assertLess(moved, 0.5 * still)

    def test_a_thing_moves_and_all_else_stays(self):
        frames = list(crossing("windmill", 2, 144, 96, (0.5, 0, 0)))
        np.testing.assert_allclose(frames[1].flow[5, 70], 0, atol=1e-6)
        still, moved = self.fits(frames)
        self.assertLess(moved, 0.6 * still)

    def test_half_the_size_is_half_the_way(self):
        frames = list(halved(pan(blobs(), 2, 160, 96, 3)))
        self.assertEqual(frames[1].flow[0, 0, 0], 1.5)
        self.assertEqual(frames[1].picture.shape, (48, 80, 3))


class FlickerTest(unittest.TestCase):
    def test_it_is_the_change_beside_the_sources_own(self):
        self.assertEqual(flicker([(0.02, 0.01), (0.04, 0.01)]), 3.0)
        self.assertAlmostEqual(flicker([(0.006, 0.0)]), 2.0)
        self.assertIsNone(flicker([]))

    def test_change_is_measured_where_the_flow_is_sure(self):
        a, b = (srgb_to_work(blobs(i, 96, 64)) for i in (1, 2))
        sure = np.zeros((64, 96), bool)
        self.assertIsNone(change(a, b, flow_of(0, 0), sure))
        sure[:, :48] = True
        left = a.copy()
        left[:, 48:] = b[:, 48:]
        self.assertAlmostEqual(change(a, left, flow_of(0, 0), sure), 0.0, places=5)
        self.assertGreater(change(a, left, flow_of(0, 0), ~sure), 0.05)
