import unittest

import numpy as np

from overlay.imaging.colour import srgb_to_work
from overlay.measures.evenness import evenness, traits_of
from overlay.measures.sameness import sameness, turned
from tests.pictures import manner, scene


def texture(size: int, *, seed: int = 1, contrast: int = 60, mean=(120, 130, 140)) -> np.ndarray:
    """Squares of random greys, so many pixels wide."""
    grey = np.random.default_rng(seed).integers(-contrast, contrast, (192 // size, 288 // size))
    blown = np.repeat(np.repeat(grey, size, axis=0), size, axis=1)
    return np.clip(np.array(mean) + blown[..., None], 0, 255).astype(np.uint8)


def even(*pictures: np.ndarray):
    return evenness([traits_of(srgb_to_work(p)) for p in pictures])


class EvennessTest(unittest.TestCase):
    def test_equal_pictures_are_wholly_even_and_stand_out_nowhere(self):
        found = even(*[texture(4)] * 3)
        self.assertAlmostEqual(found.value, 100, places=6)
        self.assertIsNone(found.outlier)

    def test_each_part_alone_lowers_it_and_the_one_that_differs_is_named(self):
        usual = [texture(4, seed=i) for i in range(4)]
        for other, part, says in (
            (texture(4, mean=(190, 90, 80)), 0, "redder"),
            (texture(4, mean=(80, 90, 190)), 0, "bluer"),
            (texture(16), 2, "larger marks"),
            (texture(2), 2, "smaller marks"),
            (texture(4, contrast=6), 3, "less texture"),
        ):
            with self.subTest(says):
                found = even(*usual, other)
                self.assertLess(found.value, even(*usual).value - 3)
                self.assertEqual(found.outlier, 4)
                self.assertEqual(int(found.apart[4].argmax()), part)
                self.assertEqual(found.says(4), says)

    def test_the_other_side_is_said_where_it_is_the_other_way(self):
        dark = [texture(4, seed=i, mean=(70, 70, 70)) for i in range(4)]
        found = even(*dark, texture(4, mean=(190, 190, 190)))
        self.assertEqual(found.says(4), "lighter")
        light = [texture(4, seed=i, mean=(190, 190, 190)) for i in range(4)]
        self.assertEqual(even(*light, texture(4, mean=(70, 70, 70))).says(4), "darker")

    def test_one_manner_is_more_even_than_several(self):
        names = ("gouache", "felt", "weave", "glazed tile")
        several = even(*[manner(name) for name in names])
        one = even(*[np.roll(manner("gouache"), 40 * i, axis=1) for i in range(4)])
        self.assertGreater(one.value, several.value + 15)

    def test_more_sky_is_no_other_palette(self):
        """Two colours in other proportions are nearer than another colour in the same ones."""
        blue, green, red = (60, 90, 160), (80, 130, 70), (170, 60, 60)

        def halves(upper, lower, rows):
            picture = texture(4, mean=upper)
            picture[rows:] = texture(4, mean=lower)[rows:]
            return picture

        usual = halves(blue, green, 96)
        more = even(usual, halves(blue, green, 150)).value
        other = even(usual, halves(blue, red, 96)).value
        self.assertGreater(more, other + 10)

    def test_in_a_very_even_set_none_stands_out(self):
        usual = [texture(4, seed=i) for i in range(4)]
        self.assertIsNone(even(*usual, texture(4, mean=(123, 130, 140))).outlier)

    def test_none_is_refused_and_two_have_no_outlier(self):
        with self.assertRaisesRegex(ValueError, "traits must be"):
            evenness([])
        self.assertIsNone(even(texture(4), texture(16)).outlier)


class SamenessTest(unittest.TestCase):
    def halves(self, left, right) -> np.ndarray:
        picture = np.empty((40, 60, 3), np.uint8)
        picture[:, :30], picture[:, 30:] = left, right
        return picture

    def of(self, *pairs) -> float | None:
        return sameness([turned(*map(srgb_to_work, pair)) for pair in pairs])

    def test_it_is_the_deviation_of_what_one_colour_became(self):
        grey, red, blue = (128,) * 3, (200, 40, 40), (40, 40, 200)
        first, second = self.halves(grey, red), self.halves(grey, blue)
        self.assertEqual(self.of((first, first), (second, second)), 0.0)
        light, dark = self.halves((160,) * 3, red), self.halves((96,) * 3, blue)
        a, b = (srgb_to_work(np.full((1, 1, 3), v, np.uint8))[0, 0, 0] for v in (160, 96))
        self.assertAlmostEqual(self.of((first, light), (second, dark)), (a - b) / 2, places=5)

    def test_colours_that_one_picture_alone_has_say_nothing(self):
        red, blue = (
            np.full((8, 8, 3), (200, 40, 40), np.uint8),
            np.full((8, 8, 3), (40, 40, 200), np.uint8),
        )
        self.assertIsNone(self.of((red, blue), (blue, red)))
        self.assertIsNone(sameness([]))

    def test_own_scenes_as_they_are_have_the_same_colours(self):
        pictures = [scene("windmill"), scene("lock")]
        self.assertLess(self.of(*[(p, p) for p in pictures]), 0.02)
