"""What was seen on photographs and had no figure: blotches, foreign hues, things that merge."""

import unittest

from overlay.engine.request import Facets
from overlay.engine.sampler import render
from overlay.imaging.colour import srgb_to_work
from tests.engine.eye import calm_gain, evening, hue_spread, least_distance
from tests.pictures import manner, request, style


class TintTest(unittest.TestCase):
    """A dark picture under the colours and light of references."""

    def setUp(self):
        source, self.things = evening()
        self.before = srgb_to_work(source)
        self.after = {}
        for name in ("lino cut", "dot print", "gouache", "felt"):
            cue = style(manner(name, 320, 240), facets=Facets(palette=1, light=1))
            done = render(request(source, departure=1.0, styles=(cue,)))
            self.after[name] = srgb_to_work(done.picture)

    def test_calm_grounds_do_not_become_clouds(self):
        for name, after in self.after.items():
            with self.subTest(name):
                self.assertLess(calm_gain(after, self.before), 2.5)

    def test_a_thing_keeps_one_hue_from_light_to_shade(self):
        for name, after in self.after.items():
            with self.subTest(name):
                self.assertLess(hue_spread(after, self.before, self.things), 1.5)

    def test_unlike_things_stay_unlike(self):
        for name, after in self.after.items():
            with self.subTest(name):
                self.assertGreater(least_distance(after, self.before, self.things), 0.5)
