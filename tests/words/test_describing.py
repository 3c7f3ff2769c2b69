import itertools
import unittest

import numpy as np

from overlay.imaging.colour import hex_to_srgb, srgb_to_work
from overlay.scenery.manners import MANNERS, draw_manner
from overlay.words.describing import FOCUSES, describe
from overlay.words.describing.colours import _table, colour_name
from overlay.words.describing.views import View
from overlay.words.language.grammar import read_prompt


def flat(colour, shape=(96, 144)):
    return np.broadcast_to(np.array(hex_to_srgb(colour), np.uint8), (*shape, 3)).copy()


class DescribingTest(unittest.TestCase):
    def test_every_phrase_is_understood_by_the_prompt(self):
        said = set(_table()[0])
        for name in MANNERS:
            found = describe(draw_manner(name, 192, 128))
            self.assertEqual(set(found), set(FOCUSES))
            said |= set(itertools.chain(*found.values()))
        self.assertGreater(len(said), 60)
        for phrase in said:
            with self.subTest(phrase):
                reading = read_prompt(phrase)
                self.assertEqual(reading.unknown, ())
                self.assertTrue(reading.phrases[0].words)

    def test_light_is_said_from_the_side_it_falls(self):
        ramp = (
            np.repeat(np.linspace(40, 220, 144)[None, :, None], 96, 0).repeat(3, 2).astype(np.uint8)
        )
        self.assertIn("light from the right", describe(ramp, ["light"])["light"])
        self.assertIn("light from the left", describe(ramp[:, ::-1], ["light"])["light"])
        self.assertIn("high-key", describe(flat("#f2f2ee"), ["light"])["light"])
        self.assertIn("low-key", describe(flat("#1d1d22"), ["light"])["light"])

    def test_mass_horizon_and_clear_space(self):
        picture = flat("#d8d8d4")
        picture[30:80, 10:45] = 30
        found = describe(picture, ["composition"])["composition"]
        self.assertIn("mass at left", found)
        self.assertIn("mass at right", describe(picture[:, ::-1], ["composition"])["composition"])
        land = flat("#9cc4e8")
        land[72:] = (60, 110, 50)
        self.assertIn("low horizon", describe(land, ["composition"])["composition"])
        self.assertIn("symmetrical", describe(land, ["composition"])["composition"])

    def test_colours_go_by_their_names(self):
        for colour, name in (
            ("#b8312a", "red"),
            ("#1f2d50", "navy"),
            ("#f2efe8", "white"),
            ("#8a8a88", "grey"),
        ):
            lab = srgb_to_work(flat(colour, (1, 1)))[0, 0] * [1, 0.5, 0.5] + [0.5, 0, 0]
            with self.subTest(colour):
                self.assertEqual(colour_name(lab), name)
        self.assertEqual(describe(flat("#b8312a"), ["palette"])["palette"], ["red", "saturated"])

    def test_marks_by_size_and_run(self):
        y, _ = np.mgrid[0:200, 0:300]
        across = np.repeat((128 + 90 * np.sin(2 * np.pi * y / 8))[..., None], 3, 2).astype(np.uint8)
        self.assertIn("strokes running across", describe(across, ["manner"])["manner"])
        self.assertIn("upright strokes", describe(across.transpose(1, 0, 2), ["manner"])["manner"])
        fine = (
            np.random.default_rng(1).integers(60, 200, (200, 300, 1)).repeat(3, 2).astype(np.uint8)
        )
        self.assertIn("fine marks", describe(fine, ["manner"])["manner"])
        self.assertIn("smooth", describe(flat("#808080"), ["manner"])["manner"])

    def test_other_focuses_are_refused(self):
        with self.assertRaisesRegex(ValueError, "focus must be one of manner, .* got 'mood'"):
            describe(flat("#808080"), ["mood"])

    def test_a_view_holds_the_picture_small_and_whole(self):
        self.assertEqual(View._fields, ("lab", "work", "picture"))
