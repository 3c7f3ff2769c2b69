import unittest

import numpy as np

from overlay.engine.matching.character import CHARACTERS
from overlay.engine.request import MarksWish
from overlay.engine.sampler import render
from overlay.engine.steps.parting import step_keys
from overlay.imaging.colour import srgb_to_work
from tests.pictures import manner, request, scene, style


def made(trait, amount, marks="lino cut"):
    wishes = (MarksWish(trait, amount),) if amount else ()
    source, reference = scene("windmill", 240, 160), manner(marks, 280, 210)
    return render(request(source, styles=(style(reference),), marks=wishes)).picture


def measured(trait, picture):
    light = srgb_to_work(picture)[..., 0].astype(np.float64)
    return float(CHARACTERS[trait](light).mean())


class CharacterTest(unittest.TestCase):
    def test_marks_follow_what_is_wished_and_stay_away_from_what_is_not(self):
        for trait, marks in (("busy", "lino cut"), ("lines", "lino cut"), ("blurred", "gouache")):
            found = [measured(trait, made(trait, a, marks)) for a in (-1.0, -0.5, 0, 0.5, 1.0)]
            with self.subTest(trait=trait, found=np.round(found, 5)):
                ranks = np.argsort(np.argsort(found))
                self.assertGreaterEqual(np.corrcoef(ranks, np.arange(5))[0, 1], 0.9)
                self.assertLess(found[0], found[2])
                self.assertGreater(found[4], found[2])

    def test_a_wish_of_nothing_changes_nothing(self):
        plain = made("busy", 0)
        source, reference = scene("windmill", 240, 160), manner("lino cut", 280, 210)
        none = request(source, styles=(style(reference),), marks=(MarksWish("busy", 0.0),))
        self.assertEqual(render(none).picture.tobytes(), plain.tobytes())

    def test_runs_with_other_wishes_part_from_the_first_step(self):
        one, other = (request(scene(), marks=(MarksWish("busy", a),)) for a in (0.2, 0.3))
        self.assertNotEqual(step_keys(one)[0], step_keys(other)[0])

    def test_directions_are_told_apart(self):
        bars = np.zeros((64, 64))
        bars[:, ::8] = bars[:, 1::8] = 1
        self.assertGreater(CHARACTERS["upright"](bars).mean(), 0.9)
        self.assertLess(CHARACTERS["upright"](bars.T).mean(), 0.1)


if __name__ == "__main__":
    unittest.main()
