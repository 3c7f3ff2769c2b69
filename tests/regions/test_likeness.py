import unittest

import numpy as np

from overlay.regions.likeness import Sample, find_alike, learn_likeness
from overlay.regions.picks import PickStroke

SHAPE = (120, 180)


def field(seed=1, *, rough=True):
    """Left third: rough straw; the rest: calm blue, or the same straw colour without its roughness."""
    rng = np.random.default_rng(seed)
    picture = np.empty((*SHAPE, 3), np.float64)
    picture[:] = (70, 110, 170) if rough else (190, 160, 80)
    picture += rng.normal(0, 2, (*SHAPE, 1))
    straw = np.array([190, 160, 80]) + 45 * rng.standard_normal((*SHAPE, 1))
    picture[:, :60] = straw[:, :60]
    return picture.clip(0, 255).astype(np.uint8)


def left(columns=60):
    inside = np.zeros(SHAPE, bool)
    inside[:, :columns] = True
    return inside


class LikenessTest(unittest.TestCase):
    @classmethod
    def setUpClass(cls):
        cls.area = learn_likeness([Sample(field(1), left())])
        cls.surface = learn_likeness([Sample(field(1)[:, :60], np.ones((120, 60), bool))])

    def test_is_found_again_in_another_picture_by_area_or_surface(self):
        other = np.ascontiguousarray(field(7)[:, ::-1])
        truth = left()[:, ::-1]
        for known in (self.area, self.surface):
            found = find_alike(other, known) > 0.5
            shared = (found & truth).sum() / (found | truth).sum()
            self.assertGreater(shared, 0.85)

    def test_is_told_apart_by_roughness_where_colours_are_alike(self):
        found = find_alike(field(3, rough=False), self.surface)
        self.assertGreater(found[:, :50].mean(), found[:, 80:].mean() + 0.5)

    def test_what_is_not_there_is_not_found(self):
        grey = np.full((*SHAPE, 3), 120, np.uint8)
        self.assertEqual(find_alike(grey, self.area).max(), 0)
        self.assertEqual(find_alike(grey, self.surface).max(), 0)

    def test_strokes_correct_it(self):
        taken = np.zeros(SHAPE, bool)
        taken[50:70, 10:50] = True
        found = find_alike(field(5), self.area, [PickStroke(taken, inside=False)])
        self.assertLess(found[55:65, 20:40].mean(), 0.2)

    def test_the_same_samples_give_the_same_likeness(self):
        again = learn_likeness([Sample(field(1), left())])
        self.assertEqual(again.inside.tobytes(), self.area.inside.tobytes())

    def test_refuses_samples_of_nothing(self):
        with self.assertRaisesRegex(ValueError, "8 pixels at least, got 0"):
            learn_likeness([Sample(field(), left(0))])


if __name__ == "__main__":
    unittest.main()
