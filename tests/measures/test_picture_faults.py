"""Bars, gaps, signs and clear space, on drawn sheets."""

import unittest

import numpy as np
from PIL import Image, ImageDraw

from overlay.imaging.colour import srgb_to_work
from overlay.measures.clear_space import clear_space
from overlay.measures.clutter import cluttered_sides
from overlay.measures.framing import Bars, find_bars, find_gap
from overlay.scenery.manners import MANNERS
from tests.pictures import manner, scene


def framed(picture: np.ndarray, colour: int, left: int, top: int, right: int, bottom: int):
    height, width = picture.shape[:2]
    sheet = np.full((height + top + bottom, width + left + right, 3), colour, np.uint8)
    sheet[top : top + height, left : left + width] = picture
    return srgb_to_work(sheet)


def captioned(picture: np.ndarray, text: str, strip: int = 26) -> np.ndarray:
    height, width = picture.shape[:2]
    sheet = np.full((height + strip, width, 3), 244, np.uint8)
    sheet[:height] = picture
    image = Image.fromarray(sheet)
    ImageDraw.Draw(image).text((12, height + 7), text, fill=(20, 20, 20))
    return np.asarray(image)


class FramingTest(unittest.TestCase):
    def test_bars_are_found_to_the_pixel(self):
        self.assertEqual(find_bars(framed(scene(), 0, 0, 20, 0, 14)), Bars(0, 20, 0, 14))
        self.assertEqual(find_bars(framed(scene(), 255, 9, 12, 17, 5)), Bars(9, 12, 17, 5))

    def test_pictures_without_a_frame_have_none(self):
        for picture in (*(scene(n) for n in ("windmill", "lock")), *(manner(m) for m in MANNERS)):
            self.assertEqual(find_bars(srgb_to_work(picture)), Bars())
            self.assertIsNone(find_gap(srgb_to_work(picture)))
        self.assertEqual(find_bars(np.zeros((40, 60, 3), np.float32)), Bars())

    def test_what_takes_most_of_the_picture_is_no_bar(self):
        self.assertEqual(find_bars(framed(scene(), 0, 0, 30, 0, 0)).top, 30)
        self.assertEqual(find_bars(framed(scene(), 0, 0, 400, 0, 0)).top, 0)

    def test_two_pictures_are_parted_where_the_gap_is(self):
        left, right = scene("windmill"), scene("lock")
        sheet = np.full((left.shape[0], 2 * left.shape[1] + 12, 3), 255, np.uint8)
        sheet[:, : left.shape[1]], sheet[:, left.shape[1] + 12 :] = left, right
        begin, end, down = find_gap(srgb_to_work(sheet))
        self.assertTrue(down)
        self.assertLessEqual(abs(begin - left.shape[1]) + abs(end - left.shape[1] - 12), 2)
        self.assertFalse(find_gap(srgb_to_work(sheet.transpose(1, 0, 2).copy()))[2])


class ClutterTest(unittest.TestCase):
    def test_a_caption_is_found_on_its_side(self):
        picture = captioned(
            scene("windmill", 480, 320), "Fig. 12  A windmill on the canal, drawn in 1887"
        )
        sides = cluttered_sides(srgb_to_work(picture))
        self.assertEqual(list(sides), ["bottom"])
        self.assertGreaterEqual(sides["bottom"], 18)

    def test_a_caption_of_several_lines_is_found_whole(self):
        text = "Fig. 12  A windmill on the canal\nseen from the weigh-house\nin the early morning"
        sides = cluttered_sides(srgb_to_work(captioned(scene("windmill", 480, 320), text, 50)))
        self.assertEqual(list(sides), ["bottom"])
        self.assertGreaterEqual(sides["bottom"], 40)

    def test_a_few_marks_in_a_row_are_no_signs_and_a_few_more_are(self):
        for count, sides in ((4, []), (12, ["bottom"])):
            sheet = np.full((200, 300, 3), 244, np.uint8)
            for k in range(count):
                sheet[180:189, 20 + 10 * k : 25 + 10 * k] = 20
            self.assertEqual(list(cluttered_sides(srgb_to_work(sheet))), sides)

    def test_marks_of_a_manner_are_no_signs(self):
        sizes = dict.fromkeys(MANNERS, (720, 540))  # the shelf's
        for name, size in (sizes | {"lino cut": (900, 675)}).items():
            with self.subTest(name, size=size):
                self.assertEqual(cluttered_sides(srgb_to_work(manner(name, *size))), {})


class ClearSpaceTest(unittest.TestCase):
    def test_a_flat_sky_is_calm_and_leaves_are_not(self):
        picture = np.full((100, 200, 3), 230, np.uint8)
        picture[:, 100:] = np.random.default_rng(0).integers(0, 255, (100, 100, 3))
        calm = clear_space(picture, (0.05, 0.1, 0.45, 0.9))
        self.assertTrue(calm.calm)
        self.assertEqual((calm.ink, round(calm.busy)), ("black", 0))
        self.assertGreater(calm.contrast, 14)
        self.assertFalse(clear_space(picture, (0.6, 0.1, 0.9, 0.9)).calm)

    def test_ink_and_contrast_are_those_of_the_guideline(self):
        for colour, ink, contrast in (
            ((255, 0, 0), "black", 5.25), ((0, 0, 255), "white", 8.59), ((118, 118, 118), "black", 4.62),
        ):  # fmt: skip
            found = clear_space(np.full((20, 30, 3), colour, np.uint8), (0, 0, 1, 1))
            self.assertEqual((found.ink, round(found.contrast, 2)), (ink, contrast))

    def test_what_is_busy_inside_is_the_rest_for_what_is_outside(self):
        picture = np.full((40, 120, 3), 128, np.uint8)
        picture[:, 80::4] = 255
        calm, busy = (clear_space(picture, box) for box in ((0, 0, 2 / 3, 1), (2 / 3, 0, 1, 1)))
        self.assertLess(calm.busy, busy.busy)
        self.assertAlmostEqual(calm.rest, busy.busy, places=3)
        self.assertAlmostEqual(busy.rest, calm.busy, places=3)

    def test_any_frame_of_any_picture_is_measured(self):
        for box in ((0, 0, 1, 1), (0.999, 0.999, 1, 1)):
            found = clear_space(np.zeros((3, 2, 3), np.uint8), box)
            self.assertEqual(found.ink, "white")
