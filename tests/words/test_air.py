"""What falls through the air and the tone of the whole; cameras; things parted in tone."""

import unittest

import numpy as np

from overlay.imaging.colour import srgb_to_work
from overlay.words.air import through_air
from overlay.words.stage.drawing import aim, level
from overlay.words.tone import CONTRAST, part_tones
from overlay.words.wishing.wished import Wish

GREY = np.full((90, 135, 3), 110, np.uint8)
FAR = np.full((90, 135), 100.0, np.float32)


def aired(picture=GREY, depth=FAR, indoors=False, **said):
    return through_air(picture, depth, Wish(**said), 3, indoors=indoors).astype(float)


class FallingTest(unittest.TestCase):
    def test_nothing_said_changes_nothing_of_a_plain_picture(self):
        self.assertLess(np.abs(aired() - GREY).max(), 1.01)

    def test_rain_streaks_and_more_with_emphasis(self):
        spreads = [aired(weather=(("rain", e),)).std() for e in (0.3, 1.0, 2.0)]
        self.assertEqual(spreads, sorted(spreads))
        self.assertGreater(spreads[0], 0.1)

    def test_none_of_it_falls_indoors(self):
        for word in ("rain", "storm", "snow", "rainbow"):
            with self.subTest(word):
                dry = aired(weather=((word, 1.0),), indoors=True)
                np.testing.assert_array_equal(dry, aired())
                self.assertGreater(np.abs(aired(weather=((word, 1.0),)) - dry).max(), 5)

    def test_flakes_fall_behind_what_is_near(self):
        near = FAR.copy()
        near[:, :60] = 1.0
        snowed = aired(depth=near, weather=(("snow", 1.0),)) - aired()
        self.assertEqual(np.abs(snowed[:, :60]).max(), 0)
        self.assertGreater(snowed[:, 60:].max(), 20)
        self.assertGreaterEqual(snowed[:, 60:].min(), 0)  # flakes are light

    def test_a_rainbow_is_before_the_far_alone_red_outside(self):
        bow = aired(weather=(("rainbow", 1.0),)) - aired()
        self.assertGreater(np.abs(bow).max(), 15)
        close = aired(depth=np.full_like(FAR, 30.0), weather=(("rainbow", 1.0),))
        np.testing.assert_array_equal(close, aired())
        column = bow[:, 67]
        red, blue = (int(np.argmax(column[:, c] - column[:, 2 - c])) for c in (0, 2))
        self.assertGreater(red, blue)  # of this bow the inner rim is red: lower in the picture

    def test_the_same_seed_gives_the_same_flakes(self):
        first, again = (aired(weather=(("snow", 1.0),)) for _ in range(2))
        np.testing.assert_array_equal(first, again)


class ToneTest(unittest.TestCase):
    def test_light_contrast_warmth_and_colour_go_where_they_are_said_to(self):
        ramp = np.repeat(np.linspace(40, 200, 135), 3).reshape(1, 135, 3).repeat(90, 0)
        ramp = ramp.astype(np.uint8)
        plain = aired(ramp)
        self.assertGreater(aired(ramp, light=1.5).mean(), plain.mean() + 10)
        self.assertGreater(aired(ramp, contrast=1.4).std(), 1.3 * plain.std())
        warm = aired(ramp, warmth=1.0).mean(axis=(0, 1)) - plain.mean(axis=(0, 1))
        self.assertTrue(warm[0] > 5 > -5 > warm[2])

    def test_mute_takes_colour_away_and_less_gives_more(self):
        red = np.zeros_like(GREY) + np.array([180, 70, 60], np.uint8)

        def spread(**said):
            return np.ptp(aired(red, **said)[45, 60])

        self.assertLess(spread(mute=0.8), 0.3 * spread())
        self.assertGreater(spread(mute=-0.5), 1.2 * spread())

    def test_tints_keep_the_light(self):
        tinted, plain = aired(tints=(("#2040c0", 1.0),)), aired()
        luma = np.array([0.2126, 0.7152, 0.0722])
        self.assertAlmostEqual(float((tinted @ luma).mean()), float((plain @ luma).mean()), delta=2)
        self.assertGreater(tinted[..., 2].mean(), tinted[..., 0].mean() + 20)
        turned_from = aired(tints=(("#2040c0", -1.0),))
        self.assertLess(turned_from[..., 2].mean(), turned_from[..., 0].mean() - 10)

    def test_what_is_bright_shines_past_its_edge(self):
        lamp = np.full_like(GREY, 20)
        lamp[40:50, 60:70] = 255
        self.assertGreater(aired(lamp)[38, 65, 0], 22)
        self.assertLess(aired(lamp)[5, 5, 0], 21.5)


class PartedTest(unittest.TestCase):
    def setUp(self):
        self.mask = np.zeros((90, 135), np.float32)
        self.mask[30:60, 50:85] = 1

    def apart(self, picture):
        light = srgb_to_work(picture)[..., 0]
        ring = np.zeros_like(self.mask, bool)
        ring[25:65, 45:90] = True
        ring &= self.mask == 0
        return abs(float(light[self.mask > 0].mean() - light[ring].mean()))

    def test_what_does_not_stand_out_is_parted(self):
        self.assertLess(self.apart(GREY), 0.01)
        self.assertGreater(self.apart(part_tones(GREY, [self.mask])), 0.7 * CONTRAST)

    def test_what_stands_out_already_is_left(self):
        clear = GREY.copy()
        clear[self.mask > 0] = 250
        found = part_tones(clear, [self.mask]).astype(int)
        self.assertLess(np.abs(found - clear).max(), 3)

    def test_none_of_it_changes_nothing(self):
        self.assertIs(part_tones(GREY, [self.mask], 0.0), GREY)
        self.assertIs(part_tones(GREY, []), GREY)

    def test_less_goes_part_of_the_way(self):
        amounts = [self.apart(part_tones(GREY, [self.mask], a)) for a in (0.25, 0.5, 1.0)]
        self.assertEqual(amounts, sorted(amounts))


class CameraTest(unittest.TestCase):
    def test_it_looks_where_it_is_aimed(self):
        eye, right, up, forward = aim((0, 2, -6), (0, 2, 0), 90.0)
        np.testing.assert_allclose(eye, (0, 2, -6))
        np.testing.assert_allclose(forward, (0, 0, 1), atol=1e-12)
        np.testing.assert_allclose(right, (1, 0, 0), atol=1e-12)  # half of 90 degrees: tan is 1
        np.testing.assert_allclose(up, (0, 1, 0), atol=1e-12)

    def test_a_level_eye_shifts_its_picture_and_keeps_what_is_upright(self):
        camera = level(1.5, 5.0, -0.4, 38.0)
        self.assertEqual(camera[1, 1], 0.0)
        self.assertEqual(camera[2, 2], 0.0)
        # Straight ahead lies where the horizon is said to.
        ahead = camera[3] + -0.4 * camera[2]
        np.testing.assert_allclose(ahead / np.linalg.norm(ahead), (0, 0, 1), atol=1e-12)


if __name__ == "__main__":
    unittest.main()
