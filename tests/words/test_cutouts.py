import unittest

import numpy as np

from overlay.document.taught import Taught, entry_of
from overlay.words.language.grammar import read_prompt
from overlay.words.language.lexicon import Lexicon
from overlay.words.picture import draw_words
from overlay.words.things.cutouts import OUTLINE, RELIEF, cutout_of


def disc(side=64, colour=(200, 40, 40)):
    """A disc of one colour on nothing; its left half is darker."""
    y, x = np.mgrid[0:side, 0:side] + 0.5 - side / 2
    inside = np.hypot(x, y) < side / 2 - 4
    picture = np.zeros((side, side, 4), np.uint8)
    picture[..., :3] = np.where((x < 0)[..., None], np.array(colour) // 2, colour)
    picture[..., 3] = 255 * inside
    return picture


def lexicon(word="tin barrow", *cutouts, **keys):
    one = Taught(word=word, pictures=("a.png",), **keys)
    return Lexicon({word: (entry_of(one, tuple(cutouts)),)})


def drawn(prompt, *cutouts, size=(144, 96), **keys):
    known = lexicon("tin barrow", *(cutouts or (cutout_of(disc()),)), **keys)
    return draw_words(read_prompt(prompt, known), size, 4)


class CutoutTest(unittest.TestCase):
    def test_is_trimmed_to_what_is_covered_and_measured_in_its_height(self):
        cut = cutout_of(disc())
        self.assertEqual(cut.numbers.shape, (56, 56, 5))
        self.assertAlmostEqual(cut.aspect, 1.0)
        self.assertAlmostEqual(cut.numbers[28, 28, OUTLINE], -0.5, delta=0.03)
        self.assertGreater(cut.numbers[0, 0, OUTLINE], 0.15)

    def test_swells_towards_the_middle_like_a_cushion(self):
        relief = cutout_of(disc()).numbers[28, :, RELIEF]
        self.assertTrue((np.diff(relief[2:28]) > -1e-9).all())
        self.assertGreater(relief[28], 0.12)
        self.assertLess(relief[28], 0.3)
        self.assertLess(relief[1], 0.08)

    def test_colours_go_on_beyond_the_outline_and_broad_shade_is_lessened(self):
        light = cutout_of(disc()).numbers[..., 2:]
        self.assertGreater(light[0, 50, 0], 0.2)  # the corner would be black
        was = (100 / 200) ** 2.2
        ratio = light[28, 14, 0] / light[28, 42, 0]
        self.assertGreater(ratio, 1.1 * was)
        self.assertLess(ratio, 1.0)

    def test_refuses_what_shows_nothing(self):
        small = disc()
        small[..., 3] = 0
        small[:5, :5, 3] = 255
        with self.assertRaisesRegex(ValueError, "8 pixels across and down, got 5x5"):
            cutout_of(small)
        with self.assertRaisesRegex(ValueError, r"\(H, W, 4\)"):
            cutout_of(disc()[..., :3])


class DrawnTest(unittest.TestCase):
    def test_stands_at_its_height_with_its_colours_mask_and_depth(self):
        made = drawn("tin barrow at left, meadow", height=1.4)
        self.assertEqual(made.wished, ["tin barrow"])
        mask = made.mask("tin barrow") > 0
        rows = np.flatnonzero(mask.any(axis=1))
        self.assertGreater(mask.mean(), 0.05)
        self.assertLess(np.flatnonzero(mask.any(axis=0)).mean(), 72)
        red, green, _ = made.drawn.picture[mask].mean(axis=0)
        self.assertGreater(red, green + 40)
        self.assertLess(np.ptp(made.drawn.depth[mask]), 1.4)  # a body, no wall
        self.assertEqual(made.drawn.labels[rows[-1] + 2, mask.argmax(axis=1).max()], 1)

    def test_its_body_turns_its_normals(self):
        made = drawn("tin barrow close, meadow")
        mask = made.mask("tin barrow") > 0
        columns = np.flatnonzero(mask.any(axis=0))
        middle = (columns[0] + columns[-1]) // 2
        x = made.drawn.normals[..., 0]
        left, right = mask.copy(), mask.copy()
        left[:, middle - 5 :], right[:, : middle + 5] = False, False
        self.assertLess(x[left].mean(), -0.12)
        self.assertGreater(x[right].mean(), 0.12)

    def test_a_colour_word_paints_it_and_several_cutouts_take_turns(self):
        blue = drawn("blue tin barrow, meadow")
        red, _, strong = blue.drawn.picture[blue.mask("tin barrow") > 0].mean(axis=0)
        self.assertGreater(strong, red + 15)
        two = (cutout_of(disc()), cutout_of(disc(colour=(40, 60, 200))))
        several = drawn("six tin barrows, meadow", *two)
        seen = several.drawn.picture[several.mask("tin barrow") > 0].astype(int)
        self.assertGreater((seen[:, 0] > seen[:, 2] + 30).mean(), 0.1)
        self.assertGreater((seen[:, 2] > seen[:, 0] + 30).mean(), 0.1)

    def test_is_seen_in_the_water_and_throws_a_shadow(self):
        near = drawn("tin barrow close, snowfield")
        self.assertIn("tin barrow", near.seen)
        ground = near.drawn.picture[near.drawn.labels == 1].mean(axis=1)
        self.assertLess(np.percentile(ground, 2), 0.8 * np.median(ground))

    def test_another_word_in_its_place_leaves_the_rest(self):
        first, other = drawn("tin barrow at right, meadow"), drawn("haystack at right, meadow")
        beside = np.s_[:30, :40]
        a, b = (m.drawn.picture[beside].astype(float).ravel() for m in (first, other))
        self.assertGreater(np.corrcoef(a, b)[0, 1], 0.75)


if __name__ == "__main__":
    unittest.main()
